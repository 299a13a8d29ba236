<script lang="ts">
	import type { RecipeItem } from '$lib/core';
	import Swatches from '../garment/Swatches.svelte';

	interface Props {
		label: string;
		/** Level of its heading. */
		level: 2 | 3;
		items: readonly RecipeItem[];
		/** Ids of the items that the chosen degree takes; all where none are given. */
		taken?: ReadonlySet<string>;
		/** A short word on each: its share, what it stands in for. */
		aside?: (item: RecipeItem) => string;
		onlight?: (id: string | undefined) => void;
	}
	let { label, level, items, taken, aside, onlight }: Props = $props();
</script>

{#if items.length > 0}
	<div role="group" aria-label={label}>
		<svelte:element this={`h${level}`} class="heading">{label}</svelte:element>
		<ul>
			{#each items as item (item.id)}
				<li
					class:untaken={taken && !taken.has(item.id)}
					onmouseenter={() => onlight?.(item.id)}
					onmouseleave={() => onlight?.(undefined)}
				>
					<Swatches garment={item.garment} size={1.25} />
					<span class="what">
						{item.phrase}
						<span class="soft">{item.reason}</span>
					</span>
					{#if aside}<span class="soft aside figures">{aside(item)}</span>{/if}
				</li>
			{/each}
		</ul>
	</div>
{/if}

<style>
	ul {
		list-style: none;
		border-top: 1px solid var(--line);
	}
	li {
		display: flex;
		align-items: center;
		gap: 0.6rem;
		padding: 0.3rem 0;
		border-bottom: 1px solid var(--line);
		font-size: var(--step-0);
	}
	.untaken {
		color: var(--ink-soft);
	}
	.what {
		display: grid;
		flex: 1;
	}
	.what .soft,
	.aside {
		font-size: var(--step--1);
	}
	.heading {
		margin-bottom: 0.25rem;
		font-family: var(--text);
		font-size: var(--step-1);
		font-weight: 640;
	}
</style>
