<script lang="ts">
	import {
		hemLines,
		drawPlate,
		inState,
		lookInWords,
		type Client,
		type PlateLook,
		type Side
	} from '$lib/core';
	import { m } from '../../messages';
	import PlateFigure from '../../plate/PlateFigure.svelte';
	import { asPlace } from '../hand/dragging';
	import type { TableHand } from '../hand/hand.svelte';
	import type { FittingTable } from './table.svelte';
	import type { PlateView } from './view.svelte';

	interface Props {
		caption: string;
		title: string;
		look: PlateLook;
		/** The look on the other plate. */
		other: PlateLook;
		client: Client;
		table: FittingTable;
		view: PlateView;
		/** Lay the other look over this one when the overlay is asked for. */
		overlaid?: boolean;
		/** Cards are put down on this plate. */
		hand?: TableHand;
	}
	let { caption, title, look, other, client, table, view, overlaid = false, hand }: Props = $props();

	let over = $state(false);
	/** A card belongs to the chosen rung: put down on the plate it answers that one. */
	const place = $derived(
		hand &&
			asPlace({
				takes: (card) => table.selected !== undefined && hand.takes(table.selected, card),
				over: (on) => (over = on),
				put: (card) => table.selected && void hand.put(table.selected, card)
			})
	);
	/** What comes in pairs is put on a side as well: the sides of whoever wears it, as the plate shows them. */
	const onSides = $derived.by((): Side[] => {
		if (!hand?.held || !table.selected || !hand.takesOnSide(table.selected, hand.held)) return [];
		return view.from === 'behind' ? ['left', 'right'] : ['right', 'left'];
	});
	let overSide = $state<Side | undefined>();
	const placeOn = (side: Side) =>
		asPlace({
			takes: () => true,
			over: (on) => (overSide = on ? side : undefined),
			put: (card) => table.selected && void hand?.putOnSide(table.selected, card, side)
		});
	const shown = $derived({ worn: inState(look.worn, view.layers) });
	const beside = $derived({ worn: inState(other.worn, view.layers) });
	const hemsOf = (look: PlateLook) => hemLines(look, drawPlate(look, client, 'front', view.posture));
	const hems = $derived(
		view.hems
			? {
					own: hemsOf(shown),
					other: hemsOf(beside)
				}
			: undefined
	);
	/** The layer that stands for an element: its own in the reference, the first it shares a match with in the echo. */
	const layerOf = (element: typeof table.selected) =>
		element &&
		(look.worn.some(({ id }) => id === element.id) ? element.id : table.matchOf(element)?.elementIds[0]);
	const lit = $derived(
		[layerOf(table.selected), layerOf(table.pointed), ...table.lit].filter((id) => id !== undefined)
	);
</script>

<figure class:held={hand?.held !== undefined} class:over={over && !overSide} {@attach place}>
	<figcaption>{caption}</figcaption>
	<PlateFigure
		look={shown}
		body={client}
		title={[title, lookInWords(shown.worn.map(({ garment }) => garment))].filter(Boolean).join('. ')}
		{lit}
		over={overlaid && view.overlay ? beside : undefined}
		{hems}
		from={view.from}
		posture={view.posture}
		onpoint={(id) => table.point(id && table.elementOfLayer(id)?.id)}
		onpick={(id) => {
			const element = table.elementOfLayer(id);
			if (element) table.select(element.id);
		}}
	/>
	{#each onSides as side, i (side)}
		<div class="side" class:second={i === 1} class:over={overSide === side} {@attach placeOn(side)}>
			{m.fitting.hand.onlyOn[side]}
		</div>
	{/each}
</figure>

<style>
	figure {
		/* A layer of its own: what moves beside it does not paint it again. */
		contain: layout paint;
		will-change: transform;
		position: relative;
		min-height: 0;
		height: 100%;
		padding: 0 0.25rem 0.5rem;
	}
	.held {
		outline: 1px dashed var(--line-strong);
		outline-offset: -4px;
	}
	.over {
		outline: 2px solid var(--accent);
	}
	.side {
		position: absolute;
		bottom: 0.75rem;
		left: 0.5rem;
		display: grid;
		place-items: center;
		width: 27%;
		height: 6rem;
		background: var(--panel);
		border: 1px dashed var(--line-strong);
		padding: 0.25rem;
		font-size: var(--step--1);
		text-align: center;
	}
	.side.second {
		right: 0.5rem;
		left: auto;
	}
	figcaption {
		position: absolute;
		left: 1.25rem;
		top: 0.25rem;
		font-size: var(--step--1);
		color: var(--ink-soft);
	}
</style>
