<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import { isOrdered, ordersFrom, type PlannedEcho, type ShopList } from '$lib/core';
	import { newId, today } from '$lib/store/clock';
	import { database } from '$lib/store/database';
	import { live } from '$lib/store/live.svelte';
	import { focusOn } from '../frame/focus';
	import { performTold } from '../frame/perform';
	import { m } from '../messages';

	/** Notes what a plan buys as ordered, but for what is under way already. */
	let { lists, echoes }: { lists: readonly ShopList[]; echoes: readonly PlannedEcho[] } = $props();

	const orders = live(() => async () => database.orders.toArray());
	const open = $derived(
		lists
			.map((list) => ({
				...list,
				things: list.things.filter(({ listingId }) => !isOrdered(orders.value ?? [], listingId))
			}))
			.filter(({ things }) => things.length > 0)
	);
	let placing = false;
	async function place() {
		if (placing) return;
		placing = true;
		const placed = ordersFrom(open, echoes, { today: today(), newId });
		const things = placed.reduce((sum, { lines }) => sum + lines.length, 0);
		const isDone = await performTold(m.orders.did.placed(things), async (writer) => {
			for (const order of placed) await writer.create('orders', order);
		});
		placing = false;
		if (isDone) await focusOn('[data-placed] a');
	}
</script>

{#if orders.value && lists.length > 0}
	<p class="place">
		{#if open.length > 0}
			<Button size="small" on:click={() => void place()}>{m.orders.place}</Button>
			<span class="soft">{m.orders.placeHint}</span>
		{:else}<span role="status" data-placed>{m.orders.placed} <a href="/orders">{m.orders.title}</a></span
			>{/if}
	</p>
{/if}

<style>
	.place {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem 0.75rem;
		align-items: center;
		margin-top: 0.5rem;
		font-size: var(--step-0);
	}
</style>
