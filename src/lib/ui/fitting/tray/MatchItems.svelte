<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import Close from 'carbon-icons-svelte/lib/Close.svelte';
	import { keyOfItem, type Element, type Match } from '$lib/core';
	import { m } from '../../messages';
	import type { FittingTable } from '../table/table.svelte';

	/** Several things that answer one element, in their order: each can be taken off. */
	let { table, element, match }: { table: FittingTable; element: Element; match: Match } = $props();
</script>

<ul aria-label={m.fitting.together}>
	{#each match.items as item (keyOfItem(item))}
		<li>
			<span>{table.titleOf(item)}</span>
			<Button
				kind="ghost"
				size="small"
				icon={Close}
				iconDescription={m.fitting.takeOff(table.titleOf(item))}
				tooltipPosition="left"
				on:click={() => void table.remove(element, item, table.titleOf(item))}
			/>
		</li>
	{/each}
</ul>

<style>
	ul {
		list-style: none;
	}
	li {
		display: flex;
		justify-content: space-between;
		align-items: center;
		border-top: 1px solid var(--line);
		font-size: var(--step-0);
	}
</style>
