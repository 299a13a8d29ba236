<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import { keyOfItem } from '$lib/core';
	import { m } from '../../messages';
	import type { FittingTable } from '../table/table.svelte';

	/** Underpinnings that the look asks for: worn, owned or missing. */
	let { table }: { table: FittingTable } = $props();
	/** As many owned ones as are offered. */
	const offered = 3;
</script>

<section aria-label={m.fitting.check.beneath}>
	<h3>{m.fitting.check.beneath}</h3>
	{#each table.check.beneath as { id, type, words, for: title, worn, owned } (id + type + title)}
		<div>
			<p><span class="soft">{title}:</span> {words}</p>
			{#if worn}
				<p class="row">
					<strong>{m.fitting.check.isWorn(worn.title)}</strong>
					<Button size="small" kind="ghost" on:click={() => void table.takeOff(worn)}
						>{m.fitting.check.takeOff}</Button
					>
				</p>
			{:else if owned.length > 0}
				<p class="row">
					{#each owned.slice(0, offered) as option (keyOfItem(option.item))}
						<Button size="small" kind="tertiary" on:click={() => void table.wearUnderneath(option)}
							>{m.fitting.check.wear(option.title)}</Button
						>
					{/each}
				</p>
			{:else}
				<p class="soft">{m.fitting.check.noneOwned}</p>
			{/if}
		</div>
	{/each}
</section>

<style>
	.row {
		margin-top: 0.25rem;
		gap: 0.5rem;
	}
</style>
