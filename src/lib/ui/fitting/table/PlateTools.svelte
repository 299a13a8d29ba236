<script lang="ts">
	import type { LayerState } from '$lib/core';
	import { m } from '../../messages';
	import PlateToggle from '../../plate/PlateToggle.svelte';
	import PosturePlate from '../../plate/PosturePlate.svelte';
	import TurnPlate from '../../plate/TurnPlate.svelte';
	import type { PlateView } from './view.svelte';

	let { view, states }: { view: PlateView; states: readonly LayerState[] } = $props();
</script>

<div class="tools" role="group" aria-label={m.fitting.views.label}>
	<PlateToggle on={view.hems} hint={m.fitting.views.hemsHint} ontoggle={view.toggleHems}
		>{m.fitting.views.hems}</PlateToggle
	>
	<PlateToggle on={view.overlay} hint={m.fitting.views.overlayHint} ontoggle={view.toggleOverlay}
		>{m.fitting.views.overlay}</PlateToggle
	>
	<TurnPlate bind:from={view.from} />
	<PosturePlate bind:posture={view.posture} />
	{#if states.length > 1}
		<PlateToggle
			on={view.layers !== 'everything on'}
			hint={m.fitting.views.layersHint}
			ontoggle={() => view.nextLayers(states)}>{view.layers}</PlateToggle
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
</style>
