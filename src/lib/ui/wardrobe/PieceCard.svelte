<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import Information from 'carbon-icons-svelte/lib/Information.svelte';
	import TrashCan from 'carbon-icons-svelte/lib/TrashCan.svelte';
	import { garmentType, moneyInWords, shownParts, type Client, type Piece } from '$lib/core';
	import { turn } from '../frame/turns.svelte';
	import CutOut from '../photos/CutOut.svelte';
	import PlateFigure from '../plate/PlateFigure.svelte';
	import { m } from '../messages';
	import ChooseBox from './ChooseBox.svelte';
	import type { Selection } from './selection.svelte';

	interface Props {
		piece: Piece;
		client: Client;
		/** Show it as it was photographed, where it was. */
		photographed: boolean;
		selection: Selection;
		onedit: () => void;
		onremove: () => void;
	}
	let { piece, client, photographed, selection, onedit, onremove }: Props = $props();

	/** Its words come first, however fast the rail is scrolled or searched. */
	const drawn = turn();
	const parts = $derived(shownParts(piece));
	const slot = $derived(parts[0] && parts.length === 1 ? garmentType(parts[0].garment.type).slot : undefined);
	const look = $derived({
		worn: parts.map(({ id, garment }) => ({ id, garment, moves: [] }))
	});
	const facts = $derived(
		[
			piece.sizeLabel,
			piece.acquired.price && moneyInWords(piece.acquired.price),
			piece.state !== 'ready' && m.wardrobe.states[piece.state]
		].filter(Boolean)
	);
</script>

<article class:chosen={selection.has(piece.id)} class:choosing={selection.chosen.length > 0}>
	<button class="open" data-piece={piece.id} onclick={onedit}>
		<span class="drawing"
			>{#if photographed && piece.picture}<CutOut
					picture={piece.picture}
					title=""
				/>{:else if drawn.come}<PlateFigure
					{look}
					body={{ measurements: client.measurements, figure: 'form' }}
					{slot}
					title=""
				/>{/if}</span
		>
		<span class="name"><span class="visually-hidden">{m.edit}: </span>{piece.name}</span>
		<span class="soft facts">{facts.join(' · ')}</span>
	</button>
	<span class="choose"><ChooseBox id={piece.id} name={piece.name} {selection} /></span>
	<span class="delete">
		{#if drawn.come}
			<a
				class="about"
				href="/clients/{client.id}/pieces/{piece.id}"
				aria-label="{m.pieces.open}: {piece.name}"
				title={m.pieces.open}><Information /></a
			>
			<Button
				kind="ghost"
				size="small"
				icon={TrashCan}
				iconDescription="{m.remove}: {piece.name}"
				tooltipPosition="left"
				on:click={onremove}
			/>
		{/if}
	</span>
</article>

<style>
	article {
		position: relative;
		height: 100%;
	}
	.open {
		display: grid;
		grid-template-rows: 9rem auto 1fr;
		align-content: start;
		width: 100%;
		height: 100%;
		padding: 0.5rem 0.75rem 0.75rem;
		border: 0;
		background: none;
		color: inherit;
		font: inherit;
		text-align: left;
		cursor: pointer;
	}
	.open:hover {
		background: var(--panel-sunk);
	}
	.open:focus-visible {
		outline-offset: -3px;
	}
	.drawing {
		min-height: 0;
	}
	.name {
		margin-top: 0.4rem;
		font-size: var(--step-0);
		font-weight: 560;
		line-height: 1.25;
	}
	.facts {
		font-size: var(--step--1);
	}
	.about {
		display: grid;
		place-items: center;
		width: 2rem;
		height: 2rem;
		color: inherit;
	}
	.about:hover {
		background: var(--panel-sunk);
	}
	.delete {
		display: flex;
		align-items: center;
		position: absolute;
		top: 0.25rem;
		right: 0.25rem;
		opacity: 0;
	}
	.choose {
		position: absolute;
		top: 0.25rem;
		left: 0.25rem;
		opacity: 0;
	}
	.chosen {
		box-shadow: inset 0 0 0 2px var(--ink);
	}
	.choosing .choose,
	article:hover .choose,
	article:focus-within .choose,
	article:hover .delete,
	article:focus-within .delete {
		opacity: 1;
	}
	/* Where nothing hovers, what deletes is seen before it is touched. */
	@media (hover: none) {
		.choose {
			opacity: 1;
		}
		.delete {
			position: static;
			display: flex;
			justify-content: flex-end;
			opacity: 1;
		}
		article {
			display: grid;
			grid-template-rows: 1fr auto;
		}
	}
</style>
