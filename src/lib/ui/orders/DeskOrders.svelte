<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import {
		dayInWords,
		moneyInWords,
		waitingIn,
		watchedIn,
		watchNews,
		type Listing,
		type Waiting,
		type WatchNews
	} from '$lib/core';
	import { today } from '$lib/store/clock';
	import { database } from '$lib/store/database';
	import { live } from '$lib/store/live.svelte';
	import { askListings } from '$lib/store/market';
	import { m } from '../messages';
	import { watchDeeds } from './deeds';

	/** What of orders waits for a hand, and what is new in the shops of what looks would buy. */
	const found = live(() => async () => ({
		orders: await database.orders.toArray(),
		echoes: await database.echoes.filter(({ judgements }) => judgements.length === 0).toArray()
	}));

	const waiting = $derived(waitingIn(found.value?.orders ?? []));
	function waitingInWords({ kind, title, day }: Waiting): string {
		const on = day && dayInWords(day);
		if (kind === 'owed') return m.orders.due.owed(title);
		if (kind === 'arrives') return m.orders.due.arrives(title, on ?? '');
		return on ? m.orders.due.try(title, on) : m.orders.due.tryOnly(title);
	}

	const watched = $derived(found.value ? watchedIn(found.value.echoes, found.value.orders) : []);
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

{#if waiting.length + news.length > 0}
	<section class="orders" aria-label={m.orders.title}>
		{#if waiting.length > 0}
			<div>
				<h2>{m.orders.due.title}</h2>
				<ul>
					{#each waiting as one (one.lineId)}
						<li class:late={one.day !== undefined && one.day < today()}>
							<a href="/orders">{waitingInWords(one)}</a>
						</li>
					{/each}
				</ul>
			</div>
		{/if}
		{#if news.length > 0}
			<div>
				<h2>{m.orders.watch.title} <span class="soft">{m.fitting.simulated}</span></h2>
				<ul>
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
			</div>
		{/if}
	</section>
{/if}

<style>
	.orders {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(min(24rem, 100%), 1fr));
		gap: 1rem 2rem;
		margin-bottom: 2rem;
	}
	h2 {
		margin-bottom: 0.5rem;
	}
	h2 .soft {
		font-size: var(--step-0);
	}
	ul {
		list-style: none;
	}
	li {
		display: flex;
		flex-wrap: wrap;
		gap: 0 0.75rem;
		align-items: center;
		justify-content: space-between;
		padding: 0.1rem 0;
		border-top: 1px solid var(--line);
		font-size: var(--step-0);
	}
	a {
		min-height: 1.75rem;
		padding: 0.2rem 0;
	}
	.late a {
		color: var(--warn);
	}
</style>
