<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import {
		dayInWords,
		moneyInWords,
		watchedIn,
		watchNews,
		type Echo,
		type Listing,
		type Order,
		type WatchNews
	} from '$lib/core';
	import { today } from '$lib/store/clock';
	import { askListings } from '$lib/store/market';
	import { m } from '../messages';
	import { watchDeeds } from './deeds';

	/** What is new in the shops of what these looks would buy. */
	let { echoes, orders }: { echoes: readonly Echo[]; orders: readonly Order[] } = $props();

	const watched = $derived(watchedIn(echoes, orders));
	/** As many are asked for at once as the shops answer. */
	const mostAsked = 400;
	const asked = $derived(
		JSON.stringify([...new Set(watched.map(({ item }) => item.listing.id))].slice(0, mostAsked))
	);
	let listings = $state.raw<readonly Listing[]>([]);
	$effect(() => {
		const ids = JSON.parse(asked) as string[];
		if (ids.length === 0) return;
		const stop = new AbortController();
		askListings({ ids, on: today() }, stop.signal)
			.then((result) => (listings = result.ok ? result.answer.listings : []))
			.catch(() => undefined);
		return () => stop.abort();
	});
	const news = $derived(watchNews(watched, listings));

	function inWords(one: WatchNews): string {
		const { title } = one.item.listing;
		if (one.kind === 'back') return m.orders.watch.back(title);
		if (one.kind === 'sold-out')
			return [
				m.orders.watch.soldOut(title, one.echo.title),
				one.again && m.orders.watch.again(dayInWords(one.again))
			]
				.filter(Boolean)
				.join(', ');
		const before = { ...one.now.price, amountMinor: one.beforeMinor };
		return m.orders.watch.price(title, moneyInWords(one.now.price), moneyInWords(before), one.echo.title);
	}
</script>

{#if news.length > 0}
	<section aria-labelledby="news-title">
		<h2 id="news-title">{m.orders.watch.title} <span class="soft">{m.fitting.simulated}</span></h2>
		<ul class="lines">
			{#each news as one (`${one.matchId} ${one.item.listing.id}`)}
				<li>
					<a href="/fitting/{one.echo.id}">{inWords(one)}</a>
					{#if one.kind === 'sold-out' && one.backup}
						<Button size="small" kind="ghost" on:click={() => void watchDeeds.takeBackup(one)}
							>{m.orders.watch.backup(one.backup.listing.title)}</Button
						>
					{:else if one.kind === 'price' || one.kind === 'back'}
						<Button
							size="small"
							kind="ghost"
							aria-label="{m.orders.watch.seen}: {one.item.listing.title}"
							on:click={() => void watchDeeds.seen(one)}>{m.orders.watch.seen}</Button
						>
					{/if}
				</li>
			{/each}
		</ul>
	</section>
{/if}

<style>
	h2 .soft {
		font-size: var(--step-0);
	}
	li {
		display: flex;
		flex-wrap: wrap;
		gap: 0 0.75rem;
		align-items: center;
		justify-content: space-between;
		padding: 0.1rem 0;
	}
</style>
