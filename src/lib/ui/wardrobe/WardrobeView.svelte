<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import Add from 'carbon-icons-svelte/lib/Add.svelte';
	import Close from 'carbon-icons-svelte/lib/Close.svelte';
	import { type Client, type Piece, type RailUse } from '$lib/core';
	import { today } from '$lib/store/clock';
	import { studioSettings } from '$lib/store/settings.svelte';
	import { focusOn } from '../frame/focus';
	import { notices } from '../frame/notices.svelte';
	import { perform, performTold } from '../frame/perform';
	import { readyWhenIdle } from '../frame/ready';
	import { m } from '../messages';
	import PhotographedChoice from '../photos/PhotographedChoice.svelte';
	import { download } from '../studio/download';
	import ChosenBar from './ChosenBar.svelte';
	import PieceCard from './PieceCard.svelte';
	import PieceForm from './PieceForm.svelte';
	import Rail from './Rail.svelte';
	import RailBar from './RailBar.svelte';
	import RailTable from './RailTable.svelte';
	import RailTells from './RailTells.svelte';
	import SayPieces from './SayPieces.svelte';
	import { selection } from './selection.svelte';
	import { shownRail, type Only } from './shown.svelte';

	interface Props {
		client: Client;
		pieces: Piece[];
		currency: string;
		used: RailUse;
	}
	let { client, pieces, currency, used }: Props = $props();

	/** Gone from sight at once, and from the store a moment later; one that is brought back is another record. */
	let leaving = $state.raw<readonly Piece[]>([]);
	const shown = shownRail(() => ({ pieces, used, leaving }));
	const chosen = selection(
		() => pieces,
		() => shown.found
	);
	$effect(readyWhenIdle);
	let view = $state<'rail' | 'table'>('rail');
	const settings = studioSettings();
	const photographed = $derived(settings.value?.photographed ?? false);
	const anyPicture = $derived(pieces.some(({ picture }) => picture !== undefined));
	let telling = $state(false);
	let formOpen = $state(false);
	let saying = $state(false);
	async function sayPieces() {
		saying = !saying;
		if (saying) await focusOn('#say-pieces textarea, #say-pieces input');
	}
	let editing = $state<Piece | undefined>();
	let importing = $state(false);
	/** Stays once it was asked for: what was pasted and mended survives an Escape. */
	let tableWanted = $state(false);
	$effect(() => {
		if (importing) tableWanted = true;
	});

	function open(piece?: Piece) {
		editing = piece;
		formOpen = true;
	}
	async function lead(only: Only) {
		shown.clear();
		shown.only = only;
		await focusOn('#wardrobe-only');
	}
	const save = () =>
		perform(async () => {
			const { tableOf } = await import('$lib/core/table');
			const name = `${client.name.toLowerCase().replaceAll(/[^\p{L}\d]+/gu, '-')}-${today()}.csv`;
			// The mark tells spreadsheets that it is UTF-8.
			const marked = `\uFEFF${tableOf(pieces, currency)}`;
			download(new Blob([marked], { type: 'text/csv;charset=utf-8' }), name);
			notices.show({ kind: 'info', title: m.table.saved(name) });
		});
	async function remove(piece: Piece) {
		const at = shown.found.indexOf(piece);
		const next = shown.found[at + 1] ?? shown.found[at - 1];
		leaving = [...leaving, piece];
		await focusOn(next ? `[data-piece="${next.id}"]` : '#wardrobe-title');
		const gone = await performTold(m.did.deleted(piece.name), (writer) => writer.remove('pieces', piece.id));
		if (!gone) leaving = leaving.filter((one) => one !== piece);
	}
</script>

<section aria-labelledby="wardrobe-title">
	<div class="page-head">
		<h2 id="wardrobe-title" tabindex="-1">
			{m.wardrobe.title} <span class="soft figures">{pieces.length}</span>
		</h2>
		{#if pieces.length > 0}
			<Button kind="ghost" size="small" aria-expanded={telling} on:click={() => (telling = !telling)}>
				{m.wardrobe.tells.open}
			</Button>
		{/if}
		<Button kind="tertiary" size="small" aria-expanded={saying} on:click={sayPieces}>
			{m.wardrobe.say}
		</Button>
		<Button kind="ghost" size="small" href="/clients/{client.id}/pictures">{m.photos.pictures}</Button>
		<Button kind="ghost" size="small" on:click={() => (importing = true)}>{m.table.into}</Button>
		{#if pieces.length > 0}
			<Button kind="ghost" size="small" on:click={() => void save()}>{m.table.out}</Button>
		{/if}
		<Button size="small" icon={Add} on:click={() => open()}>{m.wardrobe.add}</Button>
	</div>
	{#if saying}<div class="panel say" id="say-pieces"><SayPieces {client} {currency} /></div>{/if}
	{#if pieces.length > 0}<RailBar {shown} {pieces} bind:view />{/if}
	{#if anyPicture && view === 'rail'}
		<PhotographedChoice {photographed} />
	{/if}
	{#if telling}<RailTells {pieces} {used} onlead={(only) => void lead(only)} />{/if}
	{#if shown.only}
		<p class="only" id="wardrobe-only" tabindex="-1">
			{m.wardrobe.only(shown.only.words, shown.found.length)}
			<Button kind="ghost" size="small" icon={Close} on:click={() => (shown.only = undefined)}
				>{m.wardrobe.showAll}</Button
			>
		</p>
	{/if}
	{#if pieces.length === 0}
		<p class="panel">{m.wardrobe.empty}</p>
	{:else if shown.found.length === 0}
		<p class="panel">{m.wardrobe.none}</p>
	{/if}
	{#if view === 'table'}
		<RailTable {shown} {client} {used} selection={chosen} onedit={open} />
	{:else}
		<Rail pieces={shown.found}>
			{#snippet card(piece)}
				<PieceCard
					{piece}
					{client}
					{photographed}
					selection={chosen}
					onedit={() => open(piece)}
					onremove={() => void remove(piece)}
				/>
			{/snippet}
		</Rail>
	{/if}
	{#if chosen.chosen.length > 0}<ChosenBar selection={chosen} shown={shown.found.length} />{/if}
</section>
<!-- Tables bring a parser of their own: it comes when one is wanted. -->
{#if tableWanted}
	{#await import('./TableImport.svelte') then { default: TableImport }}
		<TableImport bind:open={importing} {client} {pieces} {currency} />
	{/await}
{/if}
<PieceForm bind:open={formOpen} clientId={client.id} piece={editing} {currency} />

<style>
	h2 {
		margin-right: auto;
	}
	.say {
		margin-bottom: 1rem;
	}
	.only {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem;
		align-items: center;
		margin-bottom: 0.5rem;
	}
</style>
