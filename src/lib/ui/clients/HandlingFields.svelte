<script lang="ts">
	import { Checkbox, Select, SelectItem } from 'carbon-components-svelte';
	import { reaches, tightSpotIds, tightSpots, type Client } from '$lib/core';
	import { toggled } from '../frame/toggled';
	import { m } from '../messages';

	/** How the client gets dressed, and what they can carry. */
	let { draft = $bindable() }: { draft: Client } = $props();
</script>

<div class="fields">
	<Select size="sm" labelText={m.clients.reach} bind:selected={draft.handling.reach}>
		{#each reaches as value (value)}<SelectItem {value} text={m.clients.reaches[value]} />{/each}
	</Select>
	<fieldset class="wide">
		<legend class="visually-hidden">{m.clients.parts.handling}</legend>
		<div class="ticks">
			<Checkbox labelText={m.clients.overHead} bind:checked={draft.handling.overHead} />
			<Checkbox labelText={m.clients.pockets} bind:checked={draft.handling.pockets} />
			<Checkbox labelText={m.clients.light} bind:checked={draft.handling.light} />
			<Checkbox labelText={m.clients.softSeams} bind:checked={draft.handling.softSeams} />
		</div>
	</fieldset>
	<fieldset class="wide">
		<legend class="bx--label">{m.clients.tightSpots}</legend>
		<div class="ticks">
			{#each tightSpotIds as spot (spot)}
				<Checkbox
					labelText={tightSpots[spot]}
					checked={draft.handling.tightSpots.includes(spot)}
					on:check={({ detail }) =>
						(draft.handling.tightSpots = toggled(draft.handling.tightSpots, spot, detail))}
				/>
			{/each}
		</div>
	</fieldset>
</div>

<style>
	.ticks {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(13rem, 100%), 1fr));
		gap: 0.25rem 1rem;
	}
	.ticks :global(.bx--form-item) {
		margin: 0;
	}
</style>
