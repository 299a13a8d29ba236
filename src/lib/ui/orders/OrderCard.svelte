<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import {
		dayInWords,
		moneyInWords,
		orderMoney,
		returnBy,
		type Client,
		type Echo,
		type Order,
		type ParcelsAnswer
	} from '$lib/core';
	import { today } from '$lib/store/clock';
	import { focusOn } from '../frame/focus';
	import { m } from '../messages';
	import { orderDeeds } from './deeds';
	import OrderLine from './OrderLine.svelte';

	/** One order with its things and its money. */
	interface Props {
		order: Order;
		clients: readonly Client[];
		echoes: readonly Echo[];
		/** Where its parcel is, as far as it is known. */
		parcel?: ParcelsAnswer['parcels'][number];
	}
	let { order, clients, echoes, parcel }: Props = $props();

	/** The card moves among what is here: the focus goes with it. */
	async function came() {
		if (await orderDeeds.came(order)) await focusOn(`[data-order="${order.id}"]`);
	}
	const latest = $derived(returnBy(order));
	const isComing = $derived(order.lines.some(({ state }) => state === 'ordered'));
	const canGoBack = $derived(order.lines.some(({ state }) => state === 'here' || state === 'kept'));
	const facts = $derived(
		[
			order.arrivedOn && m.orders.cameOn(dayInWords(order.arrivedOn)),
			isComing &&
				parcel &&
				`${m.orders.parcel[parcel.state](dayInWords(parcel.arrives))} (${m.orders.simulated})`,
			order.shop.returns.days === 0 && m.orders.noReturns,
			canGoBack && latest && (latest >= today() ? m.orders.returnBy(dayInWords(latest)) : m.orders.overdue)
		].filter(Boolean)
	);
	const money = $derived(orderMoney(order));
	const sums = $derived(
		[
			m.orders.money(moneyInWords(money.goods), moneyInWords(money.postage)),
			money.returns.amountMinor > 0 && m.orders.returns(moneyInWords(money.returns)),
			money.refunds.amountMinor > 0 && m.orders.refunds(moneyInWords(money.refunds))
		].filter(Boolean)
	);
</script>

<article class="panel" aria-labelledby="order-{order.id}" data-order={order.id} tabindex="-1">
	<header>
		<h3 id="order-{order.id}">{m.orders.ordered(order.shop.name, dayInWords(order.orderedOn))}</h3>
		<span class="soft">{facts.join(' · ')}</span>
		{#if isComing}
			<Button
				size="small"
				kind="tertiary"
				aria-label={m.orders.cameFrom(order.shop.name)}
				on:click={() => void came()}>{m.orders.came}</Button
			>
		{/if}
	</header>
	<ul>
		{#each order.lines as line (line.id)}
			<OrderLine
				{order}
				{line}
				client={clients.find(({ id }) => id === line.clientId)}
				looks={echoes.filter(({ id }) => line.echoIds.includes(id))}
			/>
		{/each}
	</ul>
	<p class="money figures">
		<span class="soft">{sums.join(', ')}</span>
		<strong>{m.orders.net(moneyInWords(money.net))}</strong>
		{#if money.owed.amountMinor > 0}<span class="owed">{m.orders.owed(moneyInWords(money.owed))}</span>{/if}
	</p>
</article>

<style>
	article {
		margin-bottom: 1rem;
	}
	header {
		display: flex;
		flex-wrap: wrap;
		gap: 0.25rem 1rem;
		align-items: center;
		min-height: 2rem;
	}
	header .soft {
		flex: 1;
		min-width: 12rem;
		font-size: var(--step--1);
	}
	h3 {
		font-size: var(--step-1);
	}
	ul {
		list-style: none;
	}
	.money {
		display: flex;
		flex-wrap: wrap;
		gap: 0.25rem 1rem;
		justify-content: flex-end;
		padding-top: 0.5rem;
		font-size: var(--step-0);
	}
	.owed {
		color: var(--warn);
		font-weight: 560;
	}
</style>
