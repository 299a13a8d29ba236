<script lang="ts">
	import { referenceLook } from '$lib/core';
	import { goto } from '$app/navigation';
	import { Button } from 'carbon-components-svelte';
	import Add from 'carbon-icons-svelte/lib/Add.svelte';
	import { database } from '$lib/store/database';
	import { live } from '$lib/store/live.svelte';
	import { studioSettings } from '$lib/store/settings.svelte';
	import type { Reference } from '$lib/core';
	import Pending from '../frame/Pending.svelte';
	import { m } from '../messages';
	import { reachForClient } from '../reach/for-client.svelte';
	import ForClient from '../reach/ForClient.svelte';
	import ReachBadge from '../reach/ReachBadge.svelte';
	import PhotographedChoice from '../photos/PhotographedChoice.svelte';
	import PhotoThumb from '../photos/PhotoThumb.svelte';
	import PlateFigure from '../plate/PlateFigure.svelte';
	import ReferenceForm from './ReferenceForm.svelte';

	const references = live(
		() => async () => (await database.references.toArray()).sort((a, b) => a.title.localeCompare(b.title))
	);
	/** The first photograph of each reference that has any. */
	const photos = live(() => async () => {
		const all = await database.references.toArray();
		const first = await database.photos.bulkGet(all.flatMap(({ photos: [id] }) => id ?? []));
		return new Map(first.flatMap((photo) => (photo ? [[photo.id, photo]] : [])));
	});
	const settings = studioSettings();
	const photographed = $derived(settings.value?.photographed ?? false);
	const photoOf = ({ photos: [id] }: Reference) =>
		photographed && id !== undefined ? photos.value?.get(id) : undefined;
	let adding = $state(false);
	const reach = reachForClient(() => references.value ?? []);

	/** The board that is shown; undefined for all references. */
	let board = $state<string | undefined>();
	const boards = $derived(
		[...new Set((references.value ?? []).flatMap((reference) => reference.boards))].sort((a, b) =>
			a.localeCompare(b)
		)
	);
	const onBoard = (name: string | undefined) =>
		(references.value ?? []).filter((reference) => name === undefined || reference.boards.includes(name));
	/** A board that is gone shows all again. */
	const shown = $derived(onBoard(board !== undefined && boards.includes(board) ? board : undefined));
</script>

<div class="page">
	<div class="page-head">
		<h1>{m.references.title}</h1>
		{#if reach.clients.length > 0}<ForClient {reach} />{/if}
		<Button icon={Add} on:click={() => (adding = true)}>{m.references.add}</Button>
	</div>
	<Pending query={references}>
		{#if references.value?.length === 0}<p class="panel">{m.references.empty}</p>{/if}
		{#if boards.length > 0}
			<div class="boards" role="group" aria-label={m.references.boards}>
				{#each [undefined, ...boards] as name (name ?? '')}
					<button type="button" aria-pressed={board === name} onclick={() => (board = name)}>
						{name ?? m.references.all}
						<span class="soft figures">{onBoard(name).length}</span>
					</button>
				{/each}
			</div>
		{/if}
		{#if (photos.value?.size ?? 0) > 0}<PhotographedChoice {photographed} />{/if}
		<ul class="grid">
			{#each shown as reference (reference.id)}
				{@const photo = photoOf(reference)}
				<li>
					<a class="panel panel-link" href="/references/{reference.id}">
						<span class="plate">
							{#if photo}<PhotoThumb {photo} alt="" />{:else}<PlateFigure
									look={referenceLook(reference)}
									title=""
								/>{/if}
						</span>
						<span>
							<h2>{reference.title}</h2>
							<span class="soft">{m.references.kinds[reference.kind]}</span><br />
							<span class="soft">{m.counts.elements(reference.elements.length)}</span>
							{#if reference.boards.length > 0}
								<br /><span class="soft on">{reference.boards.join(', ')}</span>
							{/if}
							<ReachBadge reach={reach.of(reference.id)} />
						</span>
					</a>
				</li>
			{/each}
		</ul>
	</Pending>
</div>
<ReferenceForm bind:open={adding} onsaved={(id) => void goto(`/references/${id}`)} />

<style>
	.plate {
		width: 7.5rem;
		height: 15rem;
		flex: none;
	}
	.grid {
		grid-template-columns: repeat(auto-fill, minmax(min(18rem, 100%), 1fr));
	}
	.boards {
		display: flex;
		flex-wrap: wrap;
		gap: 0.35rem;
		margin-bottom: 1rem;
	}
	.boards button {
		min-height: 2rem;
		border: 1px solid var(--line);
		background: var(--panel);
		color: inherit;
		font: inherit;
		font-size: var(--step-0);
		padding: 0 0.75rem;
		cursor: pointer;
	}
	.boards button[aria-pressed='true'] {
		border-color: var(--ink);
		box-shadow: inset 0 -3px 0 var(--ink);
	}
	.on {
		font-size: var(--step--1);
	}
</style>
