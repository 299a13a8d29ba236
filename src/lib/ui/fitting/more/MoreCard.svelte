<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import { canAnswer, garmentInWords, garmentType } from '$lib/core';
	import { m } from '../../messages';
	import PlateFigure from '../../plate/PlateFigure.svelte';
	import type { FittingTable } from '../table/table.svelte';
	import type { Offer } from './more.svelte';

	interface Props {
		table: FittingTable;
		offer: Offer;
		reasons: readonly string[];
		/** What is worn in its place. */
		taken: readonly { id: string; title: string }[];
	}
	let { table, offer, reasons, taken }: Props = $props();

	/** Where its place is taken, it is asked what is to become of that. */
	let asked = $state(false);
	/** The element whose thing it would stand for. */
	const element = $derived(
		table.elements.find(
			({ id, garment }) => id === taken[0]?.id && canAnswer(garment.type, offer.garment.type)
		)
	);
	const extra = $derived(table.echo.extras.find(({ id }) => id === taken[0]?.id));

	function press() {
		if (taken.length > 0) asked = !asked;
		else void table.putOn(offer);
	}
	function put(how: 'over' | 'beside') {
		asked = false;
		void table.putOn(offer, how);
	}
	async function instead() {
		asked = false;
		if (element) await table.choose(element, offer);
		else {
			if (extra) await table.takeOff({ id: extra.id, title: taken[0]?.title ?? '' });
			await table.putOn(offer);
		}
	}
</script>

<div class="card">
	<button data-more={offer.key} aria-expanded={taken.length > 0 ? asked : undefined} onclick={press}>
		<span class="drawing">
			<PlateFigure
				look={{ worn: [{ id: 'piece', garment: offer.garment, moves: [] }] }}
				body={{ measurements: table.client.measurements, figure: 'form' }}
				slot={garmentType(offer.garment.type).slot}
				title={garmentInWords(offer.garment)}
			/>
		</span>
		<span class="text">
			<strong>{offer.title}</strong>
			{#if offer.facts.length > 0}<span>{offer.facts.join(' · ')}</span>{/if}
			{#if reasons.length > 0}<span>+ {reasons.join(' · ')}</span>{/if}
			{#if taken.length > 0}<span class="soft"
					>{m.fitting.somethingMore.taken(taken.map(({ title }) => title).join(', '))}</span
				>{/if}
		</span>
	</button>
	{#if asked}
		<div class="row" role="group" aria-label={m.fitting.somethingMore.ways}>
			{#if element || extra}
				<Button size="small" kind="tertiary" on:click={() => void instead()}
					>{m.fitting.somethingMore.instead}</Button
				>
			{/if}
			<Button size="small" kind="tertiary" on:click={() => put('over')}>{m.fitting.somethingMore.over}</Button
			>
			<Button size="small" kind="tertiary" on:click={() => put('beside')}
				>{m.fitting.somethingMore.beside}</Button
			>
		</div>
	{/if}
</div>

<style>
	.card {
		border-top: 1px solid var(--line);
	}
	button {
		display: grid;
		grid-template-columns: 4rem 1fr;
		gap: 0.75rem;
		width: 100%;
		padding: 0.4rem 0;
		border: 0;
		background: none;
		color: inherit;
		font: inherit;
		font-size: var(--step--1);
		text-align: left;
		cursor: pointer;
	}
	button:hover {
		background: var(--panel-sunk);
	}
	.drawing {
		height: 4rem;
	}
	.text {
		display: grid;
		align-content: start;
	}
	strong {
		font-size: var(--step-0);
		font-weight: 560;
	}
	.row {
		padding-bottom: 0.5rem;
	}
</style>
