<script lang="ts">
	import Guarded from '../../frame/Guarded.svelte';
	import { m } from '../../messages';
	import CheckPanel from '../check/CheckPanel.svelte';
	import type { FittingTable } from './table.svelte';
	import Tray from '../tray/Tray.svelte';

	interface Props {
		table: FittingTable;
		checking: boolean;
		onwhy: () => void;
	}
	let { table, checking = $bindable(), onwhy }: Props = $props();
</script>

<div class="side">
	<div class="tabs" role="group" aria-label={m.fitting.check.tabs}>
		<button aria-pressed={!checking} onclick={() => (checking = false)}>{m.fitting.check.tray}</button>
		<button aria-pressed={checking} onclick={() => (checking = true)}
			>{m.fitting.check.title} <span class="figures">{table.check.faults || ''}</span></button
		>
	</div>
	<Guarded>
		{#if checking}
			<CheckPanel {table} />
		{:else if table.selected}
			<Tray {table} element={table.selected} {onwhy} />
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
