<script lang="ts">
	import { tick } from 'svelte';
	import { database } from '$lib/store/database';
	import { live } from '$lib/store/live.svelte';
	import { studioSettings } from '$lib/store/settings.svelte';
	import Missing from '../frame/Missing.svelte';
	import Pending from '../frame/Pending.svelte';
	import Title from '../frame/Title.svelte';
	import { m } from '../messages';
	import { photoIntake } from './intake.svelte';
	import PhotoIntake from './PhotoIntake.svelte';
	import PhotoThumb from './PhotoThumb.svelte';
	import PictureToPiece from './PictureToPiece.svelte';

	/** Photographs of single pieces, worked through one after another until all of them hang on the rail. */
	let { clientId }: { clientId: string } = $props();

	const settings = studioSettings();
	const found = live(() => {
		const id = clientId;
		return async () => {
			const client = await database.clients.get(id);
			const photos = await database.photos.bulkGet(client?.waiting ?? []);
			return { client, photos: photos.filter((photo) => photo !== undefined) };
		};
	});
	const client = $derived(found.value?.client);
	const photos = $derived(found.value?.photos ?? []);
	let chosenId = $state<string | undefined>();
	const at = $derived(photos.find(({ id }) => id === chosenId) ?? photos[0]);

	const intake = photoIntake((writer, taken) =>
		writer.edit('clients', clientId, (draft) => {
			draft.waiting = [...(draft.waiting ?? []), ...taken.map(({ id }) => id)];
		})
	);
	/** The one behind the present one; the first after the last. The line has the focus again. */
	async function next() {
		const place = photos.findIndex((photo) => photo === at);
		chosenId = photos[place + 1]?.id ?? photos.find((photo) => photo !== at)?.id;
		await tick();
		focusLine();
	}
	let work = $state<HTMLElement>();
	const focusLine = () => work?.querySelector<HTMLInputElement>('aside input')?.focus();
</script>

<Title of={client && m.photos.picturesOf(client.name)} />
<div class="page">
	<Pending query={found}>
		{#if !client}
			<Missing back="/clients" label={m.places.clients} />
		{:else}
			<div class="page-head">
				<h1>{m.photos.picturesOf(client.name)}</h1>
				<a href="/clients/{client.id}">{client.name}</a>
			</div>
			{#if !at}
				<p class="soft">{m.photos.picturesHow}</p>
				<PhotoIntake {intake} />
				<p class="panel">{m.photos.picturesEmpty}</p>
			{:else}
				<div class="waiting">
					<p class="soft" aria-live="polite">{m.photos.waiting(photos.length)}</p>
					<ul>
						{#each photos as photo, i (photo.id)}
							<li>
								<button
									aria-current={photo === at ? 'true' : undefined}
									aria-label={m.photos.nthOf(i + 1)}
									onclick={() => (chosenId = photo.id)}
								>
									<PhotoThumb {photo} alt="" />
								</button>
							</li>
						{/each}
					</ul>
					<PhotoIntake {intake} />
				</div>
				<div bind:this={work} {@attach () => focusLine()}>
					{#key at.id}
						<PictureToPiece
							{client}
							photo={at}
							currency={settings.value?.currency ?? 'GBP'}
							onnext={() => void next()}
						/>
					{/key}
				</div>
			{/if}
		{/if}
	</Pending>
</div>

<style>
	.waiting {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.25rem 1rem;
		margin-bottom: 0.5rem;
	}
	ul {
		display: flex;
		flex: 1 1 12rem;
		gap: 0.4rem;
		min-width: 0;
		overflow-x: auto;
		list-style: none;
		padding: 0.25rem;
	}
	li button {
		width: 2.6rem;
		height: 3.4rem;
		padding: 0;
		border: 1px solid var(--line);
		cursor: pointer;
	}
	li button[aria-current] {
		outline: 2px solid var(--accent);
	}
	.panel {
		margin-top: 0.75rem;
	}
</style>
