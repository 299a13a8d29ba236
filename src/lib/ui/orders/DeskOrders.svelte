<script lang="ts">
	import { dayInWords, waitingIn, type Waiting } from '$lib/core';
	import { today } from '$lib/store/clock';
	import { database } from '$lib/store/database';
	import { live } from '$lib/store/live.svelte';
	import { m } from '../messages';

	/** The orders, and the looks that may still buy. */
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
</script>

<div class="orders">
	{#if waiting.length > 0}
		<section aria-labelledby="waiting-title">
			<h2 id="waiting-title">{m.orders.due.title}</h2>
			<ul class="lines">
				{#each waiting as one (one.lineId)}
					<li class:late={one.day !== undefined && one.day < today()}>
						<a href="/orders">{waitingInWords(one)}</a>
					</li>
				{/each}
			</ul>
		</section>
	{/if}
	{#if found.value}
		<!-- The shops are asked once the desk is there, and so is what their answer needs. -->
		{#await import('./ShopNews.svelte') then { default: ShopNews }}
			<ShopNews echoes={found.value.echoes} orders={found.value.orders} />
		{/await}
	{/if}
</div>

<style>
	.orders {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(min(24rem, 100%), 1fr));
		column-gap: 2rem;
	}
	.orders > :global(section) {
		margin-bottom: 2rem;
	}
	.orders :global(h2) {
		margin-bottom: 0.5rem;
	}
	.orders :global(a) {
		min-height: 1.75rem;
		padding: 0.2rem 0;
	}
	li {
		padding: 0.1rem 0;
	}
	.late a {
		color: var(--warn);
	}
</style>
