<script lang="ts">
	import { Button, Search, Select, SelectItem } from 'carbon-components-svelte';
	import Add from 'carbon-icons-svelte/lib/Add.svelte';
	import {
		garmentType,
		searchOverSoon,
		slots,
		type Client,
		type Finder,
		type Piece,
		type SlotId
	} from '$lib/core';
	import { today } from '$lib/store/clock';
	import { focusOn } from '../frame/focus';
	import { notices } from '../frame/notices.svelte';
	import { perform, performTold } from '../frame/perform';
	import { m } from '../messages';
	import { download } from '../studio/download';
	import PieceCard from './PieceCard.svelte';
	import PieceForm from './PieceForm.svelte';
	import Rail from './Rail.svelte';
	import SayPieces from './SayPieces.svelte';

	interface Props {
		client: Client;
		pieces: Piece[];
		currency: string;
		/** Pieces that were worn, and those that are in an echo. */
		worn: ReadonlySet<string>;
		inEchoes: ReadonlySet<string>;
	}
	let { client, pieces, currency, worn, inEchoes }: Props = $props();

	let typed = $state('');
	let slot = $state<SlotId | ''>('');
	/** What is looked for besides a place and words. */
	const isShown = {
		all: () => true,
		unworn: ({ id }: Piece) => !worn.has(id),
		idle: ({ id }: Piece) => !inEchoes.has(id),
		care: ({ state }: Piece) => state === 'needs-care',
		gone: ({ state }: Piece) => state === 'away' || state === 'retired'
	};
	type Shown = keyof typeof isShown;
	const shownIds = Object.keys(isShown) as Shown[];
	let show = $state<Shown>('all');
	let formOpen = $state(false);
	let saying = $state(false);
	let editing = $state<Piece | undefined>();
	let importing = $state(false);
	/** Stays once it was asked for: what was pasted and mended survives an Escape. */
	let tableWanted = $state(false);
	$effect(() => {
		if (importing) tableWanted = true;
	});

	const byName = new Intl.Collator('en-GB');
	const slotsOf = (piece: Piece) => piece.parts.map(({ garment }) => garmentType(garment.type).slot);
	const slotOrder = Object.keys(slots) as SlotId[];
	const present = $derived(slotOrder.filter((id) => pieces.some((piece) => slotsOf(piece).includes(id))));
	/** Built when the field is gone to, and anew when pieces change; keys that are pressed meanwhile are not held up. */
	let looking = $state(false);
	let find = $state.raw<Finder | undefined>();
	$effect(() => {
		if (!looking) return;
		let dropped = false;
		void searchOverSoon(
			pieces.map(({ id, name, place, note, sizeLabel, acquired, state, parts }) => ({
				key: id,
				garments: parts.map(({ garment }) => garment),
				texts: [name, place, note, sizeLabel, acquired.how, m.wardrobe.states[state] ?? '']
			}))
		).then((made) => {
			if (!dropped) find = made;
		});
		return () => (dropped = true);
	});
	const answers = $derived(typed.trim() === '' ? undefined : find?.(typed));
	/** In the order in which a look is read, then by name; put in order once for many searches. */
	const inPlace = $derived.by(() => {
		const placeOf = new Map(pieces.map((piece) => [piece, slotOrder.indexOf(slotsOf(piece)[0] ?? 'top')]));
		return [...pieces].sort(
			(a, b) => (placeOf.get(a) ?? 0) - (placeOf.get(b) ?? 0) || byName.compare(a.name, b.name)
		);
	});
	const found = $derived(
		inPlace
			.filter((piece) => slot === '' || slotsOf(piece).includes(slot))
			.filter((piece) => isShown[show](piece))
			.filter(({ id }) => !answers || answers.has(id))
	);

	function open(piece?: Piece) {
		editing = piece;
		formOpen = true;
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
		const at = found.indexOf(piece);
		const next = found[at + 1] ?? found[at - 1];
		const gone = await performTold(m.did.deleted(piece.name), (writer) => writer.remove('pieces', piece.id));
		if (gone) await focusOn(next ? `[data-piece="${next.id}"]` : '#wardrobe-title');
	}
</script>

<section aria-labelledby="wardrobe-title">
	<div class="page-head">
		<h2 id="wardrobe-title" tabindex="-1">
			{m.wardrobe.title} <span class="soft figures">{pieces.length}</span>
		</h2>
		<div class="search">
			<Search
				size="sm"
				labelText={m.wardrobe.search}
				placeholder={m.wardrobe.search}
				bind:value={typed}
				on:focus={() => (looking = true)}
			/>
		</div>
		<Select size="sm" inline labelText={m.wardrobe.where} bind:selected={slot}>
			<SelectItem value="" text={m.wardrobe.everywhere} />
			{#each present as id (id)}<SelectItem value={id} text={slots[id].label} />{/each}
		</Select>
		<Select size="sm" inline labelText={m.wardrobe.show} bind:selected={show}>
			{#each shownIds as id (id)}<SelectItem value={id} text={m.wardrobe.shows[id]} />{/each}
		</Select>
		<Button kind="tertiary" size="small" aria-expanded={saying} on:click={() => (saying = !saying)}>
			{m.wardrobe.say}
		</Button>
		<Button kind="ghost" size="small" on:click={() => (importing = true)}>{m.table.into}</Button>
		{#if pieces.length > 0}
			<Button kind="ghost" size="small" on:click={() => void save()}>{m.table.out}</Button>
		{/if}
		<Button size="small" icon={Add} on:click={() => open()}>{m.wardrobe.add}</Button>
	</div>
	{#if saying}<div class="panel say"><SayPieces {client} {currency} /></div>{/if}
	{#if pieces.length === 0}
		<p class="panel">{m.wardrobe.empty}</p>
	{:else if found.length === 0}
		<p class="panel">{m.wardrobe.none}</p>
	{/if}
	<Rail pieces={found}>
		{#snippet card(piece)}
			<PieceCard {piece} {client} onedit={() => open(piece)} onremove={() => void remove(piece)} />
		{/snippet}
	</Rail>
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
	.search {
		width: 14rem;
	}
	.say {
		margin-bottom: 1rem;
	}
</style>
