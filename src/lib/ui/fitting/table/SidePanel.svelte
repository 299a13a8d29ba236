<script lang="ts" module>
	export type Side = 'tray' | 'more' | 'check' | 'wear';
</script>

<script lang="ts">
	import { dayChanges } from '$lib/core';
	import Guarded from '../../frame/Guarded.svelte';
	import { turn } from '../../frame/turns.svelte';
	import { m } from '../../messages';
	import CheckPanel from '../check/CheckPanel.svelte';
	import type { TableHand } from '../hand/hand.svelte';
	import type { FittingTable } from './table.svelte';
	import type { PlateView } from './view.svelte';
	import MorePanel from '../more/MorePanel.svelte';
	import WearPanel from '../wear/WearPanel.svelte';
	import Tray from '../tray/Tray.svelte';

	interface Props {
		table: FittingTable;
		hand: TableHand;
		view: PlateView;
		/** What is looked at: the cards of a rung, the eye's findings, or the day. */
		side: Side;
		onwhy: () => void;
	}
	let { table, hand, view, side = $bindable(), onwhy }: Props = $props();

	// Plates and rungs come first, then the cards, then what the eye finds: none waits for all of them.
	const cards = turn();
	const found = turn();
	const changed = $derived(dayChanges(table.echo.plannedFor, table.event).length);
</script>

<div class="side">
	<div class="tabs" role="group" aria-label={m.fitting.check.tabs}>
		<button aria-pressed={side === 'tray'} onclick={() => (side = 'tray')}>{m.fitting.check.tray}</button>
		<button aria-pressed={side === 'more'} onclick={() => (side = 'more')}
			>{m.fitting.somethingMore.tab}
			{#if table.echo.extras.length > 0}<span class="figures">{table.echo.extras.length}</span>{/if}</button
		>
		<button aria-pressed={side === 'check'} onclick={() => (side = 'check')}
			>{m.fitting.check.title} <span class="figures">{(found.come && table.check.faults) || ''}</span></button
		>
		<button aria-pressed={side === 'wear'} onclick={() => (side = 'wear')}
			>{m.fitting.wear.title}
			{#if changed > 0}<span class="figures">{changed}</span>{/if}</button
		>
	</div>
	<Guarded>
		{#if side === 'more'}
			<MorePanel {table} />
		{:else if side === 'check'}
			<CheckPanel {table} onsee={view.see} />
		{:else if side === 'wear'}
			<WearPanel {table} />
		{:else if table.selected && cards.come}
			<Tray {table} {hand} element={table.selected} {onwhy} />
		{/if}
	</Guarded>
</div>

<style>
	.side {
		display: grid;
		grid-template-rows: auto minmax(0, 1fr);
		height: 100%;
	}
	.tabs {
		display: flex;
		background: var(--panel);
		border-left: 1px solid var(--line);
		border-bottom: 1px solid var(--line);
	}
	button {
		min-height: 2rem;
		padding: 0 0.9rem;
		border: 0;
		border-bottom: 2px solid transparent;
		background: none;
		color: var(--ink-soft);
		font: inherit;
		font-size: var(--step-0);
		cursor: pointer;
	}
	button[aria-pressed='true'] {
		border-bottom-color: var(--ink);
		color: var(--ink);
		font-weight: 640;
	}
</style>
