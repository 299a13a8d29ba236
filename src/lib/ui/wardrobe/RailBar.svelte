<script lang="ts">
	import { Button, Search, Select, SelectItem } from 'carbon-components-svelte';
	import {
		orderIds,
		slots,
		useIds,
		valuesOf,
		type OrderId,
		type Piece,
		type SlotId,
		type UseId
	} from '$lib/core';
	import { chosenIn } from '../frame/chosen';
	import { m } from '../messages';
	import RailFilters from './RailFilters.svelte';
	import type { ShownRail } from './shown.svelte';

	interface Props {
		shown: ShownRail;
		pieces: readonly Piece[];
		view: 'rail' | 'table';
	}
	let { shown, pieces, view = $bindable() }: Props = $props();

	let filtering = $state(false);
	const places = $derived(valuesOf('slot', pieces));
	const filters = $derived(Object.keys(shown.traits).filter((id) => id !== 'slot').length);
	const isFiltered = $derived(
		filters > 0 || shown.traits.slot || shown.use || shown.only || shown.typed !== ''
	);
	const views = ['rail', 'table'] as const;
</script>

<div class="bar">
	<div class="search">
		<Search
			size="sm"
			labelText={m.wardrobe.search}
			placeholder={m.wardrobe.search}
			bind:value={shown.typed}
			on:focus={shown.look}
		/>
	</div>
	<Select
		size="sm"
		inline
		labelText={m.wardrobe.where}
		selected={shown.traits.slot ?? ''}
		on:change={(event) => shown.setTrait('slot', chosenIn(event))}
	>
		<SelectItem value="" text={m.wardrobe.everywhere} />
		{#each places as { value } (value)}<SelectItem {value} text={slots[value as SlotId].label} />{/each}
	</Select>
	<Select
		size="sm"
		inline
		labelText={m.wardrobe.show}
		selected={shown.use ?? ''}
		on:change={(event) => (shown.use = (chosenIn(event) || undefined) as UseId | undefined)}
	>
		<SelectItem value="" text={m.wardrobe.shows['']} />
		{#each useIds as id (id)}<SelectItem value={id} text={m.wardrobe.shows[id]} />{/each}
	</Select>
	<Select
		size="sm"
		inline
		labelText={m.wardrobe.order}
		selected={shown.order.by}
		on:change={(event) => (shown.order = { ...shown.order, by: chosenIn(event) as OrderId })}
	>
		{#each orderIds as id (id)}<SelectItem value={id} text={m.wardrobe.orders[id]} />{/each}
	</Select>
	<button
		class="flip"
		aria-pressed={shown.order.falling}
		aria-label={m.wardrobe.falling}
		title={m.wardrobe.falling}
		onclick={() => (shown.order = { ...shown.order, falling: !shown.order.falling })}
		>{shown.order.falling ? '↓' : '↑'}</button
	>
	<Button kind="ghost" size="small" aria-expanded={filtering} on:click={() => (filtering = !filtering)}>
		{filters > 0 ? m.wardrobe.filtersOn(filters) : m.wardrobe.filters}
	</Button>
	{#if isFiltered}<Button kind="ghost" size="small" on:click={shown.clear}>{m.wardrobe.clear}</Button>{/if}
	<div class="views" role="group" aria-label={m.wardrobe.view}>
		{#each views as one (one)}
			<button aria-pressed={view === one} onclick={() => (view = one)}>{m.wardrobe.views[one]}</button>
		{/each}
	</div>
</div>
{#if filtering}<RailFilters {shown} {pieces} />{/if}

<style>
	.bar {
		display: flex;
		flex-wrap: wrap;
		gap: 0.25rem 0.75rem;
		align-items: center;
		margin-bottom: 0.75rem;
	}
	.bar > :global(.bx--form-item) {
		flex: 0 1 auto;
		width: auto;
	}
	.search {
		flex: 0 1 14rem;
	}
	button {
		min-width: 2rem;
		min-height: 2rem;
		padding: 0 0.6rem;
		border: 1px solid var(--line);
		background: none;
		color: inherit;
		font: inherit;
		font-size: var(--step-0);
		cursor: pointer;
	}
	button:hover {
		background: var(--panel-sunk);
	}
	.views {
		display: flex;
		margin-left: auto;
	}
	.views button + button {
		border-left: 0;
	}
	.views button[aria-pressed='true'] {
		background: var(--ink);
		color: var(--panel);
	}
</style>
