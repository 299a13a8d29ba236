<script lang="ts">
	import { occasionsFor, wornPieces } from '$lib/core';
	import { m } from '../../messages';
	import type { FittingTable } from '../table/table.svelte';

	let { table }: { table: FittingTable } = $props();

	/** As many spare pieces as are tried for a swap. */
	const tried = 6;
	let isOpen = $state(false);
	// Every occasion checks the whole look: it is worked out for whoever looks.
	const answers = $derived(
		isOpen
			? occasionsFor(
					wornPieces(table.echo, table.pieces),
					{ client: table.client, schools: table.echo.schools },
					{
						sparesFor: (id) =>
							table
								.sparesFor(id)
								.slice(0, tried)
								.map(({ key, title, garment }) => ({ key, title, garment }))
					}
				)
			: []
	);
</script>

<details bind:open={isOpen}>
	<summary>{m.fitting.wear.occasions}</summary>
	<ul>
		{#each answers as { id, label, suits, against, mend } (id)}
			<li class:suits>
				<strong>{label}</strong>
				{#if suits}<span>{m.fitting.wear.occasionSuits}</span>{:else}
					{#each against as one, i (i)}<span>{one}</span>{/each}
					{#if mend}<span class="soft">{m.fitting.wear.occasionMend(mend.words)}</span>{/if}
				{/if}
			</li>
		{/each}
	</ul>
	<p class="soft">{m.fitting.wear.occasionsNote}</p>
</details>

<style>
	details {
		padding: 0.75rem;
		font-size: var(--step-0);
	}
	summary {
		min-height: 1.5rem;
		font-weight: 640;
		cursor: pointer;
	}
	ul {
		list-style: none;
	}
	li {
		display: grid;
		padding: 0.3rem 0;
		border-top: 1px solid var(--line);
	}
	strong::first-letter {
		text-transform: uppercase;
	}
	.suits strong::after {
		content: ' ✓';
	}
	p {
		font-size: var(--step--1);
	}
</style>
