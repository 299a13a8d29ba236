<script lang="ts">
	import type { Order, ParcelsAnswer } from '$lib/core';
	import { today } from '$lib/store/clock';
	import { database } from '$lib/store/database';
	import { live } from '$lib/store/live.svelte';
	import { askParcels } from '$lib/store/market';
	import Pending from '../frame/Pending.svelte';
	import { m } from '../messages';
	import OrderCard from './OrderCard.svelte';

	const found = live(() => async () => {
		const [orders, clients, echoes] = await Promise.all([
			database.orders.orderBy('orderedOn').reverse().toArray(),
			database.clients.toArray(),
			database.echoes.toArray()
		]);
		return { orders: orders.filter(({ lines }) => lines.length > 0), clients, echoes };
	});

	const has = (order: Order, state: Order['lines'][number]['state']) =>
		order.lines.some((line) => line.state === state);
	/** Each order stands once, where the first thing is that is to be done with it. */
	const groups = $derived.by(() => {
		const placeOf = (order: Order) =>
			has(order, 'here')
				? 'here'
				: has(order, 'ordered')
					? 'coming'
					: has(order, 'sent-back')
						? 'back'
						: 'done';
		return (['here', 'coming', 'back', 'done'] as const)
			.map((place) => ({
				place,
				orders: (found.value?.orders ?? []).filter((order) => placeOf(order) === place)
			}))
			.filter(({ orders }) => orders.length > 0);
	});

	/** Where the parcels are that are still under way; nothing is told while the carriers do not answer. */
	let parcels = $state.raw<ParcelsAnswer['parcels']>([]);
	const underWay = $derived(
		JSON.stringify(
			(found.value?.orders ?? [])
				.filter((order) => order.shop.simulated && has(order, 'ordered'))
				.map(({ id, orderedOn, lines }) => ({
					id,
					orderedOn,
					arrivesInDays: Math.max(...lines.map(({ listing }) => listing.arrivesInDays))
				}))
		)
	);
	$effect(() => {
		const asked = JSON.parse(underWay) as Parameters<typeof askParcels>[0]['parcels'];
		if (asked.length === 0) return;
		const stop = new AbortController();
		askParcels({ parcels: asked, on: today() }, stop.signal)
			.then((result) => (parcels = result.ok ? result.answer.parcels : []))
			.catch(() => undefined);
		return () => stop.abort();
	});
</script>

<div class="page">
	<div class="page-head"><h1>{m.orders.title}</h1></div>
	<p class="soft">{m.orders.intro}</p>
	<Pending query={found}>
		{#if found.value && groups.length === 0}
			<p class="panel">{m.orders.empty} <a href="/plan">{m.places.plan}</a></p>
		{/if}
		{#each groups as { place, orders } (place)}
			<section aria-labelledby="orders-{place}">
				<h2 id="orders-{place}" tabindex="-1">
					{m.orders[place]} <span class="soft figures">{orders.length}</span>
				</h2>
				{#each orders as order (order.id)}
					<OrderCard
						{order}
						clients={found.value?.clients ?? []}
						echoes={found.value?.echoes ?? []}
						parcel={parcels.find(({ id }) => id === order.id)}
					/>
				{/each}
			</section>
		{/each}
	</Pending>
</div>

<style>
	section {
		max-width: 64rem;
		margin-top: 1.5rem;
	}
	h2 {
		margin-bottom: 0.5rem;
		font-size: var(--step-2);
	}
</style>
