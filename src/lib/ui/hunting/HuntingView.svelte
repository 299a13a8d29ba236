<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import Printer from 'carbon-icons-svelte/lib/Printer.svelte';
	import { inOrder, isForSale, matchOf, spendOf } from '$lib/core';
	import type { OnTable } from '../fitting/table/table.svelte';
	import { m } from '../messages';
	import HuntingCard from './HuntingCard.svelte';

	/** Cards for the gaps of a look, or for one of its elements. */
	let { onTable, elementId }: { onTable: OnTable; elementId?: string } = $props();

	const { echo, reference, currency, rates } = $derived(onTable);
	const isHunted = (id: string) => {
		const match = matchOf(echo, id);
		return !match || echo.gapNotes.some((note) => note.elementId === id && note.reason === 'to-hunt');
	};
	const elements = $derived(
		inOrder(reference.elements).filter(
			(element) => isForSale(element) && (elementId ? element.id === elementId : isHunted(element.id))
		)
	);
	const leftMinor = $derived.by(() => {
		const { overLimitMinor } = spendOf(echo, currency, rates);
		return overLimitMinor === undefined ? undefined : Math.max(0, -overLimitMinor);
	});
</script>

<article class="page">
	<div class="row no-print">
		<a href="/fitting/{echo.id}">{m.hunting.back}</a>
		{#if elementId}<a href="/fitting/{echo.id}/hunting">{m.hunting.all}</a>{/if}
		<Button size="small" icon={Printer} on:click={() => window.print()}>{m.hunting.print}</Button>
	</div>
	<h1>{m.hunting.title}</h1>
	{#if elements.length === 0}<p class="panel">{m.hunting.none}</p>{/if}
	<div class="cards">
		{#each elements as element (element.id)}<HuntingCard {onTable} {element} {leftMinor} />{/each}
	</div>
</article>

<style>
	.row {
		gap: 1rem;
	}
	.cards {
		display: flex;
		flex-wrap: wrap;
		gap: 1rem;
		align-items: flex-start;
		margin-top: 1rem;
	}
</style>
