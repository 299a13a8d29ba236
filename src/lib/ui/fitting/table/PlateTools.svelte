<script lang="ts">
	import type { LayerState } from '$lib/core';
	import { m } from '../../messages';
	import type { PlateView } from './view.svelte';

	let { view, states }: { view: PlateView; states: readonly LayerState[] } = $props();
</script>

<div class="tools" role="group" aria-label={m.fitting.views.label}>
	<button aria-pressed={view.hems} title={m.fitting.views.hemsHint} onclick={view.toggleHems}
		>{m.fitting.views.hems}</button
	>
	<button aria-pressed={view.overlay} title={m.fitting.views.overlayHint} onclick={view.toggleOverlay}
		>{m.fitting.views.overlay}</button
	>
	<button aria-pressed={view.from === 'behind'} title={m.fitting.views.behindHint} onclick={view.turn}
		>{m.fitting.views.behind}</button
	>
	{#if states.length > 1}
		<button
			aria-pressed={view.layers !== 'everything on'}
			title={m.fitting.views.layersHint}
			onclick={() => view.nextLayers(states)}>{view.layers}</button
		>
	{/if}
</div>

<style>
	.tools {
		display: flex;
		flex-wrap: wrap;
		justify-content: center;
		gap: 0.25rem;
		padding: 0.35rem 0;
	}
	button {
		min-height: 1.75rem;
		padding: 0 0.4rem;
		white-space: nowrap;
		border: 1px solid var(--line-strong);
		background: var(--panel);
		color: var(--ink);
		font: inherit;
		font-size: var(--step--1);
		cursor: pointer;
	}
	button::first-letter {
		text-transform: uppercase;
	}
	button[aria-pressed='true'] {
		border-color: var(--accent);
		background: var(--accent-wash);
		font-weight: 640;
	}
</style>
