<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import { dayChanges } from '$lib/core';
	import { m } from '../../messages';
	import type { FittingTable } from '../table/table.svelte';

	/** What is different about the day since the look was planned for it; nothing while it is as it was. */
	let { table }: { table: FittingTable } = $props();
	const changes = $derived(dayChanges(table.echo.plannedFor, table.event));
</script>

{#if changes.length > 0}
	<section aria-label={m.fitting.wear.changed}>
		<h3>{m.fitting.wear.changed}</h3>
		<ul>
			{#each changes as { what, was, is } (what)}
				<li><strong>{what}</strong> {is} <span class="soft">{m.fitting.wear.was(was)}</span></li>
			{/each}
		</ul>
		<Button size="small" kind="tertiary" on:click={() => void table.sawDay()}>{m.fitting.wear.seen}</Button>
	</section>
{/if}

<style>
	section {
		display: grid;
		gap: 0.4rem;
		justify-items: start;
		padding: 0.75rem;
		border-left: 3px solid var(--warn);
		border-bottom: 1px solid var(--line);
		font-size: var(--step-0);
	}
	h3 {
		font-size: var(--step-0);
	}
	ul {
		list-style: none;
	}
	strong::first-letter {
		text-transform: uppercase;
	}
</style>
