<script lang="ts">
	import { WindowVirtualizer } from 'virtua/svelte';
	import {
		colourName,
		dayInWords,
		facetValue,
		moneyInWords,
		shownParts,
		traitOf,
		type Client,
		type OrderId,
		type Piece,
		type RailUse
	} from '$lib/core';
	import { m } from '../messages';
	import ChooseBox from './ChooseBox.svelte';
	import type { Selection } from './selection.svelte';
	import type { ShownRail } from './shown.svelte';

	interface Props {
		shown: ShownRail;
		client: Client;
		used: RailUse;
		selection: Selection;
		onedit: (piece: Piece) => void;
	}
	let { shown, client, used, selection, onedit }: Props = $props();

	const rowHeight = 41;
	const columns = Object.keys(m.wardrobe.columns) as (keyof typeof m.wardrobe.columns & OrderId)[];
	const sortOf = (id: OrderId) =>
		shown.order.by !== id ? 'none' : shown.order.falling ? 'descending' : 'ascending';
	const sort = (id: OrderId) =>
		(shown.order = { by: id, falling: shown.order.by === id && !shown.order.falling });

	function cell(piece: Piece, column: (typeof columns)[number]): string {
		const use = used.worn.get(piece.id);
		switch (column) {
			case 'dressiness': {
				const [level] = traitOf(piece, 'dressiness');
				return level === undefined ? '' : (facetValue('formality', level)?.label ?? level);
			}
			case 'size':
				return piece.sizeLabel;
			case 'price':
				return piece.acquired.price ? moneyInWords(piece.acquired.price) : '';
			case 'worn':
				return use ? String(use.times) : '–';
			case 'last-worn':
				return use ? dayInWords(use.last) : '';
			case 'state':
				return m.wardrobe.states[piece.state] ?? piece.state;
			case 'hangs':
				return piece.place;
			default:
				return '';
		}
	}
</script>

<div role="table" aria-rowcount={shown.found.length + 1} aria-label={m.wardrobe.title}>
	<div role="row" class="row head" aria-rowindex="1">
		<span role="columnheader"><span class="visually-hidden">{m.wardrobe.chooseColumn}</span></span>
		{#each columns as id (id)}
			<span role="columnheader" class={id} aria-sort={sortOf(id)}>
				<button onclick={() => sort(id)}
					>{m.wardrobe.columns[id]}
					<span aria-hidden="true">{sortOf(id) === 'none' ? '' : sortOf(id) === 'ascending' ? '↑' : '↓'}</span
					></button
				>
			</span>
		{/each}
	</div>
	<WindowVirtualizer data={shown.found} getKey={(piece) => piece.id} itemSize={rowHeight} bufferSize={600}>
		{#snippet children(piece, at)}
			<div role="row" class="row" aria-rowindex={at + 2} class:chosen={selection.has(piece.id)}>
				<span role="cell"><ChooseBox id={piece.id} name={piece.name} {selection} /></span>
				{#each columns as id (id)}
					<span role="cell" class={id} class:figures={id === 'price' || id === 'worn'}>
						{#if id === 'name'}
							<button data-piece={piece.id} onclick={() => onedit(piece)}
								><span class="visually-hidden">{m.edit}: </span>{piece.name}</button
							>
							<a
								href="/clients/{client.id}/pieces/{piece.id}"
								aria-label="{m.pieces.open}: {piece.name}"
								title={m.pieces.open}>→</a
							>
						{:else if id === 'colour'}
							{#each shownParts(piece)
								.flatMap(({ garment }) => garment.palette)
								.slice(0, 4) as { hex }, i (i)}
								<i style:background={hex} title={colourName(hex)}></i>
							{/each}
							<span class="visually-hidden"
								>{shownParts(piece)
									.flatMap(({ garment }) => garment.palette.map(({ hex }) => colourName(hex)))
									.join(', ')}</span
							>
						{:else}{cell(piece, id)}{/if}
					</span>
				{/each}
			</div>
		{/snippet}
	</WindowVirtualizer>
</div>

<style>
	[role='table'] {
		border: 1px solid var(--line);
		background: var(--panel);
		font-size: var(--step-0);
	}
	.row {
		display: grid;
		grid-template-columns: 2.25rem minmax(12rem, 3fr) 5rem 7rem 6rem 5rem 4rem 8rem 6rem minmax(4rem, 1fr);
		gap: 0 0.5rem;
		align-items: center;
		min-height: 2.5rem;
		border-bottom: 1px solid var(--line);
		/* The virtual rows take no press while they scroll; a hand that stops the wheel and presses at once means it. */
		pointer-events: auto;
	}
	.head {
		position: sticky;
		top: 0;
		z-index: 1;
		background: var(--panel-sunk);
	}
	.chosen {
		background: var(--panel-sunk);
	}
	[role='cell'] {
		padding-left: 0.25rem;
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	[role='cell'].name,
	[role='cell']:first-child {
		padding-left: 0;
	}
	.name {
		display: flex;
		gap: 0.25rem;
		justify-content: space-between;
	}
	button,
	a {
		min-height: 2rem;
		padding: 0 0.25rem;
		overflow: hidden;
		border: 0;
		background: none;
		color: inherit;
		font: inherit;
		text-align: left;
		text-overflow: ellipsis;
		cursor: pointer;
	}
	button:focus-visible,
	a:focus-visible {
		outline-offset: -2px;
	}
	a {
		flex: none;
		display: grid;
		place-items: center;
		min-width: 2rem;
		text-decoration: none;
	}
	button:hover,
	a:hover {
		text-decoration: underline;
	}
	i {
		display: inline-block;
		width: 0.9rem;
		height: 0.9rem;
		border: 1px solid var(--line);
		forced-color-adjust: none;
	}
	@media (max-width: 66rem) {
		.row {
			grid-template-columns: 2.25rem minmax(0, 3fr) 4.5rem 5rem 3rem;
		}
		.dressiness,
		.price,
		.last-worn,
		.state,
		.hangs {
			display: none;
		}
	}
</style>
