<script lang="ts">
	import { RadioButton, RadioButtonGroup } from 'carbon-components-svelte';
	import { degreeIds, degrees, type DegreeId } from '$lib/core';
	import { m } from '../messages';

	let { degree = $bindable() }: { degree: DegreeId } = $props();
</script>

<div>
	<RadioButtonGroup legendText={m.recipes.degree} bind:selected={degree}>
		{#each degreeIds as id (id)}<RadioButton labelText={degrees[id].label} value={id} />{/each}
	</RadioButtonGroup>
	<p class="soft">{degrees[degree].reason}</p>
</div>

<style>
	p {
		margin-top: 0.25rem;
		font-size: var(--step-0);
	}
</style>
