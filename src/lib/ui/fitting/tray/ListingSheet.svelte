<script lang="ts">
	import { Button, InlineLoading, Modal } from 'carbon-components-svelte';
	import {
		dayInWords,
		moneyInWords,
		nearerOrCheaper,
		neededWith,
		usualPrice,
		type BeforeBuying,
		type Candidate as Offered,
		type Element
	} from '$lib/core';
	import { database } from '$lib/store/database';
	import { beforeBuyingInWorker } from '$lib/workers/rail';
	import { m } from '../../messages';
	import type { FittingTable } from '../table/table.svelte';

	/** All that is to be known of a thing for sale before it is bought; the element that it would answer is chosen. */
	interface Props {
		table: FittingTable;
		element: Element;
		/** The key of its card; nothing is shown without it. */
		of: string | undefined;
		onclose: () => void;
	}
	let { table, element, of, onclose }: Props = $props();

	const words = m.fitting.sheet;
	const card = $derived(of === undefined ? undefined : table.tray.cardOf(of));
	const listing = $derived(card?.listing);

	let before = $state.raw<BeforeBuying | undefined>();
	let titles = $state.raw<ReadonlyMap<string, string>>(new Map());
	let failed = $state('');
	$effect(() => {
		const key = of;
		before = undefined;
		failed = '';
		const thing = key === undefined ? undefined : table.tray.cardOf(key);
		if (!thing) return;
		const stop = new AbortController();
		const { garment, title } = thing;
		const { client, pieces } = table;
		void (async () => {
			try {
				const references = await database.references.toArray();
				titles = new Map(references.map((one) => [one.id, one.title]));
				before = await beforeBuyingInWorker({ garment, title }, { client, pieces, references }, stop.signal);
			} catch (error) {
				if (!stop.signal.aborted) failed = error instanceof Error ? error.message : String(error);
			}
		})();
		return () => stop.abort();
	});

	const nameOf = (id: string) => table.pieces.find((piece) => piece.id === id)?.name ?? '';
	const closes = $derived([
		...new Set(before?.closes.map(({ referenceId }) => titles.get(referenceId) ?? ''))
	]);
	const needs = $derived(
		card
			? neededWith(card.garment).map((need) => ({
					...need,
					owned: table.pieces.find(({ parts }) =>
						parts.some(({ garment }) => need.serves.includes(garment.type))
					)?.name
				}))
			: []
	);
	const costOf = (one: Offered) => table.tray.card(one)?.landed?.total;
	/** What costs in another currency for which there is no rate is not comparable. */
	const others = $derived.by(() => {
		const own = card?.landed?.total;
		if (!card || !own) return [];
		const comparable = table.tray.listed.filter(
			(one) => one.key !== card.key && costOf(one)?.currency === own.currency
		);
		const valued = (one: Offered) => ({
			closeness: one.closeness.closeness,
			minor: costOf(one)?.amountMinor ?? 0
		});
		return nearerOrCheaper(comparable, valued, {
			closeness: card.closeness.closeness,
			minor: own.amountMinor
		});
	});
	async function choose(one: Offered) {
		onclose();
		await table.choose(element, one);
	}
</script>

<Modal
	passiveModal
	hasScrollingContent
	open={card !== undefined}
	modalHeading={card?.title ?? ''}
	on:close={onclose}
>
	{#if card && listing}
		<section>
			<h3>{words.novelty}</h3>
			{#if failed}<p role="alert" class="warn">{failed}</p>
			{:else if !before}<InlineLoading description={words.working} />
			{:else}
				<ul>
					<li>{words.outfits(before.outfits, before.lookedFor)}</li>
					{#if closes.length > 0}<li>{words.closes(before.closes.length, closes.join(', '))}</li>{/if}
					{#if before.doubles.length > 0}
						<li class="warn">{words.doubles(before.doubles.map(nameOf).join(', '))}</li>
					{/if}
				</ul>
			{/if}
		</section>
		{#if needs.length > 0}
			<section>
				<h3>{words.needs}</h3>
				<ul>
					{#each needs as { key, words: what, pack, priceMinor, owned } (key)}
						<li>
							{what}
							<span class="soft"
								>{owned
									? words.owned(owned)
									: priceMinor !== undefined && pack
										? words.costs(
												pack,
												moneyInWords(usualPrice(priceMinor, table.money.currency, table.money.rates))
											)
										: words.notOwned}</span
							>
						</li>
					{/each}
				</ul>
			</section>
		{/if}
		<section>
			<h3>{words.less}</h3>
			{#if others.length === 0}<p class="soft">{words.lessNone}</p>{/if}
			<ul>
				{#each others as one (one.key)}
					{@const cost = costOf(one)}
					<li class="other">
						<span>{one.title}</span>
						<span class="figures soft"
							>{Math.round(one.closeness.closeness * 100)} · {cost && moneyInWords(cost)}</span
						>
						<Button
							size="small"
							kind="ghost"
							aria-label="{words.choose}: {one.title}"
							on:click={() => void choose(one)}>{words.choose}</Button
						>
					</li>
				{/each}
			</ul>
		</section>
		<section>
			<h3>{words.stock}</h3>
			<ul class="stock">
				{#each listing.sizes as { label, inStock, again } (label)}
					<li class:soft={inStock === 0}>
						<strong>{label}</strong>
						{inStock > 0 ? words.inStock(inStock) : again ? words.again(dayInWords(again)) : words.soldOut}
					</li>
				{/each}
			</ul>
			{#if listing.soldWith}
				<p>{words.soldWith(listing.soldWith.map(({ title }) => title).join('; '))}</p>
			{/if}
			{#if listing.alsoIn}
				<p class="soft">
					{listing.alsoIn
						.map(({ colour, isInStock }) => (isInStock ? colour : words.colourSoldOut(colour)))
						.join(', ')}
				</p>
			{/if}
		</section>
	{/if}
</Modal>

<style>
	section {
		margin-bottom: 1.25rem;
	}
	h3 {
		margin-bottom: 0.25rem;
		font-size: var(--step-1);
	}
	ul {
		list-style: none;
	}
	li {
		padding: 0.15rem 0;
	}
	.other {
		display: grid;
		grid-template-columns: minmax(0, 1fr) auto auto;
		gap: 0.75rem;
		align-items: center;
		border-bottom: 1px solid var(--line);
	}
	.stock {
		display: flex;
		flex-wrap: wrap;
		gap: 0 1.25rem;
	}
	.warn {
		color: var(--warn);
		font-weight: 560;
	}
</style>
