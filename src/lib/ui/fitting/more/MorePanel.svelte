<script lang="ts">
	import { Button, InlineLoading, Search } from 'carbon-components-svelte';
	import { onDestroy } from 'svelte';
	import { boughtIn, extrasOf, landedPriceOf, postageBeside, type More } from '$lib/core';
	import { m } from '../../messages';
	import type { FittingTable } from '../table/table.svelte';
	import { priceInWords } from '../tray/price-words';
	import ExtraRow from './ExtraRow.svelte';
	import MoreCard from './MoreCard.svelte';
	import { somethingMoreOn, type Offer } from './more.svelte';

	/** Something more: what is worn though no element asks for it, and what could be. */
	let { table }: { table: FittingTable } = $props();

	const more = somethingMoreOn(
		() => table,
		({ listing, shop }) =>
			listing && shop
				? [
						priceInWords(
							listing,
							landedPriceOf(
								listing,
								shop,
								postageBeside({ listing, shop }, boughtIn(table.echo)),
								table.money
							)
						),
						shop.name
					]
				: []
	);
	onDestroy(() => more.stop());
	const extras = $derived(extrasOf(table.echo, table.pieces));
	const few = 8;
	let all = $state(false);
</script>

{#snippet card({ thing, reasons, taken }: More<Offer>)}
	<MoreCard {table} offer={thing} {reasons} taken={taken.map((id) => ({ id, title: more.titleOf(id) }))} />
{/snippet}

<div class="more">
	<section aria-label={m.fitting.somethingMore.worn}>
		<h2>{m.fitting.somethingMore.worn}</h2>
		{#if extras.length === 0}<p class="soft">{m.fitting.somethingMore.none}</p>{/if}
		<ul>
			{#each extras as extra (extra.id)}<li><ExtraRow {table} {extra} /></li>{/each}
		</ul>
	</section>
	<section aria-label={m.fitting.somethingMore.title}>
		<h2>{m.fitting.somethingMore.title}</h2>
		<p class="soft">{m.fitting.somethingMore.note}</p>
		<div class="row find">
			<Search
				size="sm"
				labelText={m.fitting.somethingMore.find}
				placeholder={m.fitting.somethingMore.find}
				bind:value={more.typed}
			/>
			<Button
				size="small"
				kind="tertiary"
				disabled={more.typed.trim() === '' || more.asking}
				on:click={() => void more.ask()}>{m.fitting.somethingMore.ask}</Button
			>
		</div>
		{#if more.asking}<InlineLoading description={m.fitting.asking} />{/if}
		{#if more.failed}<p role="alert" class="warn">{more.failed}</p>{/if}
		{#if more.forSale}
			<h3>{m.fitting.substitutes} <span class="soft">{m.fitting.simulated}</span></h3>
			{#each more.forSale as one (one.thing.key)}{@render card(one)}
			{:else}<p class="soft">{m.fitting.substitutesEmpty}</p>{/each}
			{#if more.hasNext}
				<Button kind="ghost" size="small" disabled={more.asking} on:click={() => void more.askNext()}
					>{m.fitting.somethingMore.next}</Button
				>
			{/if}
		{/if}
		<h3>{m.fitting.wardrobe} <span class="soft figures">{more.found.length}</span></h3>
		{#each all ? more.found : more.found.slice(0, few) as one (one.thing.key)}{@render card(one)}
		{:else}<p class="soft">{m.fitting.nothingFound}</p>{/each}
		{#if !all && more.found.length > few}
			<Button kind="ghost" size="small" on:click={() => (all = true)}
				>{m.counts.showAll(more.found.length)}</Button
			>
		{/if}
	</section>
</div>

<style>
	.more {
		position: relative;
		height: 100%;
		padding: 0.6rem 0.75rem;
		overflow-y: auto;
		border-left: 1px solid var(--line);
		background: var(--panel);
		font-size: var(--step-0);
	}
	h2 {
		font-size: 1.2rem;
	}
	h3 {
		padding: 0.4rem 0;
		font-size: var(--step-0);
	}
	section + section {
		margin-top: 1rem;
	}
	ul {
		list-style: none;
	}
	.find {
		flex-wrap: nowrap;
		padding-block: 0.4rem;
	}
	.warn {
		color: var(--warn);
	}
</style>
