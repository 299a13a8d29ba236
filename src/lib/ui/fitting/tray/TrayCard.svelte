<script lang="ts">
	import { garmentInWords, garmentType, reasonsOf, type Client, type Element } from '$lib/core';
	import Add from 'carbon-icons-svelte/lib/Add.svelte';
	import Compare from 'carbon-icons-svelte/lib/Compare.svelte';
	import Information from 'carbon-icons-svelte/lib/Information.svelte';
	import PlateFigure from '../../plate/PlateFigure.svelte';
	import { turn } from '../../frame/turns.svelte';
	import { m } from '../../messages';
	import BecomesNote from './BecomesNote.svelte';
	import ListingFacts from './ListingFacts.svelte';
	import { asCard } from '../hand/dragging';
	import type { Candidate } from './tray.svelte';

	interface Props {
		candidate: Candidate;
		element: Element;
		client: Client;
		/** Set beside another card. */
		compared: boolean;
		onchoose: () => void;
		/** Puts it on beside what is chosen; absent where nothing is, or no more can be. */
		onadd?: () => void;
		oncompare: () => void;
		/** Shows all that is to be known before it is bought; absent for what is owned. */
		onsheet?: () => void;
		/** The card is taken by hand, or let go. */
		onhold: (held: Candidate | undefined) => void;
	}
	let { candidate, element, client, compared, onchoose, onadd, oncompare, onsheet, onhold }: Props = $props();

	/** A rung's cards can be read before they are drawn. */
	const drawn = turn();
	// A choice makes new candidates of the same garments: what is drawn and said of them stays.
	const garment = $derived(candidate.garment);
	const closeness = $derived(candidate.closeness);
	const measurements = $derived(client.measurements);
	const look = $derived({ worn: [{ id: 'piece', garment, moves: [] }] });
	const body = $derived({ measurements, figure: 'form' as const });
	const reasons = $derived(reasonsOf(element.garment, garment, closeness));
</script>

<div class="row" {@attach asCard(() => candidate, onhold)}>
	<button class="card" data-card={candidate.key} aria-pressed={candidate.chosen} onclick={onchoose}>
		<span class="drawing">
			{#if drawn.come}<PlateFigure
					{look}
					{body}
					slot={garmentType(garment.type).slot}
					title={garmentInWords(garment)}
				/>{/if}
		</span>
		<span class="text">
			<strong>{candidate.title}</strong>
			{#if candidate.listing && candidate.shop}
				<ListingFacts {candidate} listing={candidate.listing} shop={candidate.shop} />
			{/if}
			{#if reasons.forIt.length > 0}
				<span
					><span class="sign" aria-label={m.fitting.forIt}>+</span>{reasons.forIt
						.map(({ words }) => words)
						.join(' · ')}</span
				>
			{/if}
			{#if reasons.against.length > 0}
				<span
					><span class="sign" aria-label={m.fitting.against}>−</span>{reasons.against
						.map(({ words }) => words)
						.join(' · ')}</span
				>
			{/if}
			{#if candidate.serves.length > 0}<span>{m.fitting.serves(candidate.serves.join(', '))}</span>{/if}
			{#if candidate.unworn}<span>{m.fitting.unworn}</span>{/if}
			{#if candidate.becoming}<BecomesNote becoming={candidate.becoming} />{/if}
			{#each candidate.cautions as caution, i (i)}<span class="caution">{caution}</span>{/each}
			{#if candidate.wornFor}<span class="soft">{m.fitting.alreadyFor(candidate.wornFor)}</span>{/if}
		</span>
		<span class="figure">
			<span class="closeness figures">{Math.round(closeness.closeness * 100)}</span>
			{#if candidate.chosen}<span class="chosen">{m.fitting.chosen}</span>{/if}
			{#if closeness.confidence < 0.995}
				<span class="soft sure figures">{m.fitting.sure(Math.round(closeness.confidence * 100))}</span>
			{/if}
		</span>
	</button>
	{#if onadd}
		<button
			class="beside add"
			data-add={candidate.key}
			title={m.fitting.addBeside(candidate.title)}
			aria-label={m.fitting.addBeside(candidate.title)}
			onclick={onadd}><Add /></button
		>
	{/if}
	{#if onsheet}
		<button
			class="beside sheet"
			title={m.fitting.sheet.open(candidate.title)}
			aria-label={m.fitting.sheet.open(candidate.title)}
			onclick={onsheet}><Information /></button
		>
	{/if}
	<button
		class="beside"
		aria-pressed={compared}
		title={m.fitting.compare.card(candidate.title)}
		aria-label={m.fitting.compare.card(candidate.title)}
		onclick={oncompare}><Compare /></button
	>
</div>

<style>
	.row {
		position: relative;
		border-bottom: 1px solid var(--line);
	}
	.beside {
		position: absolute;
		right: 0.6rem;
		bottom: 0.4rem;
		display: grid;
		place-items: center;
		width: 1.75rem;
		height: 1.75rem;
		border: 1px solid transparent;
		background: none;
		color: var(--ink-soft);
		cursor: pointer;
	}
	.add {
		right: 2.5rem;
	}
	.sheet {
		bottom: 2.3rem;
	}
	.beside:hover {
		color: var(--ink);
	}
	.beside[aria-pressed='true'] {
		border-color: var(--accent);
		color: var(--accent);
	}
	.card {
		display: grid;
		grid-template-columns: 4rem 1fr 4rem;
		gap: 0.75rem;
		width: 100%;
		min-height: 5.5rem;
		padding: 0.5rem 0.75rem 0.5rem 0.5rem;
		border: 0;
		border-left: 3px solid transparent;
		background: none;
		color: inherit;
		font: inherit;
		font-size: var(--step--1);
		line-height: 1.35;
		text-align: left;
		cursor: pointer;
	}
	.card:hover {
		background: var(--panel-sunk);
	}
	.card[aria-pressed='true'] {
		background: var(--accent-wash);
		border-left-color: var(--accent);
	}
	.card:focus-visible {
		outline-offset: -3px;
	}
	.drawing {
		height: 4.5rem;
	}
	.text {
		display: grid;
		align-content: start;
		gap: 0.1rem;
	}
	strong {
		font-size: var(--step-0);
		font-weight: 560;
	}
	.sign {
		display: inline-block;
		width: 0.9rem;
		font-weight: 700;
	}
	.caution {
		color: var(--warn);
		font-weight: 560;
	}
	.figure {
		display: grid;
		align-content: start;
		justify-items: end;
		text-align: right;
	}
	.closeness {
		font-family: var(--display);
		font-size: var(--step-2);
		line-height: 1;
	}
	.chosen {
		color: var(--accent);
		font-weight: 640;
	}
	.sure {
		font-size: 0.6875rem;
	}
</style>
