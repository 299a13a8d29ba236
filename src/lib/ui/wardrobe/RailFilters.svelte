<script lang="ts">
	import { Select, SelectItem } from 'carbon-components-svelte';
	import { traitIds, traitLabel, valuesOf, type Piece } from '$lib/core';
	import { chosenIn } from '../frame/chosen';
	import { m } from '../messages';
	import type { ShownRail } from './shown.svelte';

	let { shown, pieces }: { shown: ShownRail; pieces: readonly Piece[] } = $props();

	/** The place has a field of its own; a trait with one value, or none, parts nothing. */
	const fields = $derived(
		traitIds
			.filter((id) => id !== 'slot')
			.map((id) => ({ id, values: valuesOf(id, pieces) }))
			.filter(({ id, values }) => values.length > 1 || shown.traits[id] !== undefined)
	);
</script>

<div class="panel filters" role="group" aria-label={m.wardrobe.filters}>
	{#each fields as { id, values } (id)}
		<Select
			size="sm"
			labelText={traitLabel(id)}
			selected={shown.traits[id] ?? ''}
			on:change={(event) => shown.setTrait(id, chosenIn(event))}
		>
			<SelectItem value="" text={m.wardrobe.any} />
			{#each values as { value, label, count } (value)}<SelectItem {value} text="{label} ({count})" />{/each}
		</Select>
	{/each}
</div>

<style>
	.filters {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(9rem, 1fr));
		gap: 0.75rem 1rem;
		margin-bottom: 0.75rem;
	}
	.filters :global(.bx--label) {
		text-transform: none;
	}
</style>
