<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import Redo from 'carbon-icons-svelte/lib/Redo.svelte';
	import Undo from 'carbon-icons-svelte/lib/Undo.svelte';
	import ZoomIn from 'carbon-icons-svelte/lib/ZoomIn.svelte';
	import ZoomOut from 'carbon-icons-svelte/lib/ZoomOut.svelte';
	import { m } from '../messages';
	import { modes, tools, type Measuring, type Mode, type Tool } from './measuring.svelte';

	interface Props {
		state: Measuring;
		tool: Tool;
		mode: Mode;
		zoom: number;
	}
	let { state: measured, tool = $bindable(), mode = $bindable(), zoom = $bindable() }: Props = $props();

	const zooms = [1, 1.5, 2, 3, 4];
	const step = (by: -1 | 1) => (zoom = zooms[zooms.indexOf(zoom) + by] ?? zoom);
</script>

{#snippet choice<T extends string>(
	label: string,
	all: readonly T[],
	words: Record<T, string>,
	chosen: T,
	choose: (one: T) => void
)}
	<div role="group" aria-label={label}>
		{#each all as one (one)}
			<button type="button" aria-pressed={chosen === one} onclick={() => choose(one)}>{words[one]}</button>
		{/each}
	</div>
{/snippet}
<div class="tools">
	{@render choice(m.photos.toolsAre, tools, m.photos.tools, tool, (one) => (tool = one))}
	{@render choice(m.photos.modesAre, modes, m.photos.modes, mode, (one) => (mode = one))}
	<div class="row">
		<Button size="small" kind="ghost" disabled={!measured.level} on:click={() => void measured.takeLess()}
			>{m.photos.less}</Button
		>
		<Button size="small" kind="ghost" disabled={!measured.level} on:click={() => void measured.takeMore()}
			>{m.photos.more}</Button
		>
		<Button
			size="small"
			kind="ghost"
			icon={Undo}
			iconDescription={m.photos.back}
			disabled={!measured.canGoBack}
			on:click={measured.back}
		/>
		<Button
			size="small"
			kind="ghost"
			icon={Redo}
			iconDescription={m.photos.again}
			disabled={!measured.canGoAgain}
			on:click={measured.again}
		/>
		<Button size="small" kind="ghost" disabled={!measured.region} on:click={() => measured.mark(undefined)}
			>{m.photos.clear}</Button
		>
		<Button
			size="small"
			kind="ghost"
			icon={ZoomOut}
			iconDescription={m.photos.zoomOut}
			disabled={zoom === zooms[0]}
			on:click={() => step(-1)}
		/>
		<Button
			size="small"
			kind="ghost"
			icon={ZoomIn}
			iconDescription={m.photos.zoomIn}
			disabled={zoom === zooms.at(-1)}
			on:click={() => step(1)}
		/>
	</div>
</div>
<p class="soft" aria-live="polite">
	{m.photos.toolHints[tool]}
	{#if measured.level}{m.photos.level(measured.level.level, measured.level.levels)}{/if}
</p>

<style>
	.tools {
		display: flex;
		flex-wrap: wrap;
		gap: 0.25rem 1rem;
		align-items: center;
	}
	[role='group'] {
		display: flex;
	}
	button {
		min-height: 2rem;
		padding: 0 0.7rem;
		border: 1px solid var(--line-strong);
		border-left-width: 0;
		background: var(--panel);
		color: inherit;
		font: inherit;
		font-size: var(--step-0);
		cursor: pointer;
	}
	button:first-child {
		border-left-width: 1px;
	}
	button[aria-pressed='true'] {
		background: var(--ink);
		color: var(--panel);
	}
	.row {
		gap: 0;
	}
	.soft {
		min-height: 1.25rem;
		font-size: var(--step--1);
	}
</style>
