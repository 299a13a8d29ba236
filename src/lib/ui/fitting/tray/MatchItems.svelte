<script lang="ts">
	import { Button, Select, SelectItem } from 'carbon-components-svelte';
	import Close from 'carbon-icons-svelte/lib/Close.svelte';
	import { comesInPairs, keyOfItem, sides, type Element, type Item, type Match } from '$lib/core';
	import { chosenIn } from '../../frame/chosen';
	import { m } from '../../messages';
	import type { FittingTable } from '../table/table.svelte';

	/** What answers an element, in its order: of several each can be taken off, and of a pair each worn on one side. */
	let { table, element, match }: { table: FittingTable; element: Element; match: Match } = $props();

	const isPair = (item: Item) => comesInPairs(table.garmentOf(item)?.type ?? element.garment.type);
	/** One thing that is no pair has nothing to be said of it here. */
	const shown = $derived(match.items.length > 1 || match.items.some(isPair));
</script>

{#if shown}
	<ul aria-label={m.fitting.together}>
		{#each match.items as item (keyOfItem(item))}
			{@const title = table.titleOf(item)}
			<li>
				<span>{title}</span>
				{#if isPair(item)}
					<Select
						size="sm"
						inline
						hideLabel
						labelText={m.fitting.sideOf(title)}
						selected={item.side ?? ''}
						on:change={(event) => {
							const chosen = chosenIn(event);
							void table.setSide(
								element,
								item,
								sides.find((side) => side === chosen),
								title
							);
						}}
					>
						<SelectItem value="" text={m.fitting.bothSides} />
						{#each sides as side (side)}<SelectItem value={side} text={m.fitting.sides[side]} />{/each}
					</Select>
				{/if}
				{#if match.items.length > 1}
					<Button
						kind="ghost"
						size="small"
						icon={Close}
						iconDescription={m.fitting.takeOff(title)}
						tooltipPosition="left"
						on:click={() => void table.remove(element, item, title)}
					/>
				{/if}
			</li>
		{/each}
	</ul>
{/if}

<style>
	ul {
		list-style: none;
	}
	li {
		display: flex;
		align-items: center;
		gap: 0.25rem 0.5rem;
		border-top: 1px solid var(--line);
		font-size: var(--step-0);
	}
	li span {
		flex: 1 1 auto;
		min-width: 0;
	}
</style>
