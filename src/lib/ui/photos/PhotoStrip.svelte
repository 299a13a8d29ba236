<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import TrashCan from 'carbon-icons-svelte/lib/TrashCan.svelte';
	import type { Id, Photo } from '$lib/core';
	import { database } from '$lib/store/database';
	import { live } from '$lib/store/live.svelte';
	import type { Writer } from '$lib/store/writer';
	import { m } from '../messages';
	import { focusOn } from '../frame/focus';
	import { performTold } from '../frame/perform';
	import { photoIntake } from './intake.svelte';
	import PhotoIntake from './PhotoIntake.svelte';
	import PhotoThumb from './PhotoThumb.svelte';

	interface Props {
		/** Ids of the photos, in order. */
		ids: readonly Id[];
		/** Where a photo is measured; without it, photos are shown only. */
		hrefOf?: (id: Id) => string;
		title?: string;
		/** Names new photos where they belong. */
		hang: (writer: Writer, photos: Photo[]) => Promise<void>;
	}
	let { ids, hrefOf, title = m.photos.title, hang }: Props = $props();

	const intake = photoIntake((writer, photos) => hang(writer, photos));
	const found = live(() => {
		const wanted = [...ids];
		return async () => (await database.photos.bulkGet(wanted)).filter((photo) => photo !== undefined);
	});
	async function remove(id: Id) {
		const gone = await performTold(m.photos.gone, (writer) => writer.remove('photos', id));
		if (gone) await focusOn('#photos-title');
	}
</script>

<section aria-labelledby="photos-title">
	<h2 id="photos-title" tabindex="-1">{title}</h2>
	{#if (found.value ?? []).length > 0}
		<ul>
			{#each found.value ?? [] as photo, i (photo.id)}
				<li>
					{#if hrefOf}
						<a href={hrefOf(photo.id)} aria-label={m.photos.open(i + 1)} title={m.photos.open(i + 1)}>
							<PhotoThumb {photo} alt={m.photos.nth(i + 1)} />
						</a>
					{:else}
						<div class="shown"><PhotoThumb {photo} alt={m.photos.nth(i + 1)} /></div>
					{/if}
					<Button
						kind="ghost"
						size="small"
						icon={TrashCan}
						iconDescription={m.photos.remove(i + 1)}
						tooltipPosition="left"
						on:click={() => void remove(photo.id)}
					/>
				</li>
			{/each}
		</ul>
	{/if}
	<PhotoIntake {intake} />
	<p class="soft">{m.photos.stripped}</p>
</section>

<style>
	section {
		display: grid;
		gap: 0.5rem;
	}
	ul {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem;
		list-style: none;
	}
	li {
		position: relative;
		width: 6.5rem;
	}
	a,
	.shown {
		display: block;
		height: 9rem;
		border: 1px solid var(--line);
	}
	a:hover {
		border-color: var(--ink);
	}
	.soft {
		font-size: var(--step--1);
	}
</style>
