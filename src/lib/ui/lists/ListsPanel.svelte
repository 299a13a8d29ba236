<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import { dayInWords, type StockList } from '$lib/core';
	import { database } from '$lib/store/database';
	import { live } from '$lib/store/live.svelte';
	import { focusOn } from '../frame/focus';
	import { performTold } from '../frame/perform';
	import { m } from '../messages';
	import { lists as listsTexts } from '../messages/lists';

	const lists = live(() => () => database.stockLists.toArray());
	const known = $derived(lists.value ?? []);
	let loading = $state(false);
	/** Once opened it stays: what is typed outlives a press beside it. */
	let opened = $state(false);
	function open() {
		opened = true;
		loading = true;
	}

	async function remove({ id, shop, listings }: StockList) {
		const name = listsTexts.loaded(shop.name, listings.length);
		const gone = await performTold(m.did.deleted(name), (writer) => writer.remove('stockLists', id));
		if (gone) await focusOn('#lists-title');
	}
</script>

<section class="panel" aria-labelledby="lists-title">
	<h2 id="lists-title" tabindex="-1">{listsTexts.title}</h2>
	<p>{listsTexts.text}</p>
	{#if lists.value && known.length === 0}<p class="soft">{listsTexts.none}</p>{/if}
	{#if known.length > 0}
		<ul class="lines">
			{#each known as list (list.id)}
				<li>
					<span
						>{listsTexts.holds(
							list.shop.name,
							listsTexts.things(list.listings.length),
							dayInWords(list.loadedOn)
						)}</span
					>
					<Button
						kind="ghost"
						size="small"
						aria-label={listsTexts.remove(list.shop.name)}
						on:click={() => void remove(list)}>{listsTexts.removeShort}</Button
					>
				</li>
			{/each}
		</ul>
	{/if}
	<Button size="small" kind="tertiary" on:click={open}>{listsTexts.load}</Button>
</section>
{#if opened}
	{#await import('./ListImport.svelte') then { default: ListImport }}
		<ListImport bind:open={loading} lists={known} />
	{/await}
{/if}

<style>
	ul {
		width: 100%;
	}
	li {
		display: flex;
		gap: 0.5rem;
		align-items: center;
		justify-content: space-between;
		overflow-wrap: anywhere;
	}
</style>
