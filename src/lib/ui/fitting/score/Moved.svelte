<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import { m } from '../../messages';
	import type { FittingTable } from '../table/table.svelte';

	let { table }: { table: FittingTable } = $props();
	const shown = 3;
	const signed = (points: number) => `${points < 0 ? '−' : '+'}${Math.abs(points).toFixed(1)}`;
</script>

<div role="status">
	<h3>
		{m.schools.moved(signed(table.movedInAll))}
		<Button kind="ghost" size="small" on:click={table.putMovedAway}>{m.schools.putAway}</Button>
	</h3>
	{#if table.moved?.length === 0}<p class="soft">{m.schools.nothingMoved}</p>{/if}
	<ul>
		{#each (table.moved ?? []).slice(0, shown) as { elementId, name, points, words } (elementId)}
			<li>
				<button onclick={() => table.select(elementId)}>
					<span class="figures">{signed(points)}</span>
					{name}: {words}
				</button>
			</li>
		{/each}
	</ul>
</div>

<style>
	h3 {
		display: flex;
		align-items: center;
		justify-content: space-between;
		font-size: var(--step-0);
	}
	ul {
		list-style: none;
	}
	button {
		padding: 0.1rem 0;
		border: 0;
		background: none;
		color: inherit;
		font: inherit;
		font-size: var(--step--1);
		text-align: left;
		cursor: pointer;
	}
	button:hover {
		text-decoration: underline;
	}
	.figures {
		display: inline-block;
		min-width: 2.5rem;
		font-weight: 640;
	}
</style>
