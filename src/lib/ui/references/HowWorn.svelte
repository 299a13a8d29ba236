<script lang="ts">
	import { Select, SelectItem } from 'carbon-components-svelte';
	import { comesInPairs, garmentType, mostTogether, severalSlots, sides, type Element } from '$lib/core';
	import { chosenIn } from '../frame/chosen';
	import { m } from '../messages';

	interface Props {
		/** Type of the garment. */
		type: string;
		/** How many are worn together, and on which side one of a pair is. */
		count: Element['count'];
		side: Element['side'];
	}
	let { type, count = $bindable(), side = $bindable() }: Props = $props();
</script>

{#if severalSlots.has(garmentType(type).slot)}
	<Select
		size="sm"
		labelText={m.references.count}
		selected={String(count ?? 1)}
		on:change={(event) => {
			const number = Number(chosenIn(event));
			count = number > 1 ? number : undefined;
		}}
	>
		{#each { length: mostTogether }, i (i)}<SelectItem value={String(i + 1)} text={String(i + 1)} />{/each}
	</Select>
{/if}
{#if comesInPairs(type)}
	<Select
		size="sm"
		labelText={m.references.side}
		selected={side ?? ''}
		on:change={(event) => {
			const chosen = chosenIn(event);
			side = sides.find((one) => one === chosen);
		}}
	>
		<SelectItem value="" text={m.references.bothSides} />
		{#each sides as one (one)}<SelectItem value={one} text={m.references.sides[one]} />{/each}
	</Select>
{/if}
