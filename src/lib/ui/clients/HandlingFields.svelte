<script lang="ts">
	import { Select, SelectItem } from 'carbon-components-svelte';
	import { hands, reaches, tightSpotIds, tightSpots, type Client } from '$lib/core';
	import Ticks from '../frame/Ticks.svelte';
	import { m } from '../messages';

	/** How the client gets dressed, and what they can carry. */
	let { draft = $bindable() }: { draft: Client } = $props();

	const yesOrNo = ['overHead', 'pockets', 'light', 'softSeams'] as const;
</script>

<div class="fields">
	<Select size="sm" labelText={m.clients.reach} bind:selected={draft.handling.reach}>
		{#each reaches as value (value)}<SelectItem {value} text={m.clients.reaches[value]} />{/each}
	</Select>
	<Select size="sm" labelText={m.clients.hand} bind:selected={draft.handling.hand}>
		{#each hands as value (value)}<SelectItem {value} text={m.clients.hands[value]} />{/each}
	</Select>
	<Ticks
		legend={m.clients.itHolds}
		options={yesOrNo.map((id) => ({ id, label: m.clients[id] }))}
		chosen={yesOrNo.filter((id) => draft.handling[id])}
		onchange={(chosen) => {
			for (const id of yesOrNo) draft.handling[id] = chosen.includes(id);
		}}
	/>
	<Ticks
		legend={m.clients.tightSpots}
		options={tightSpotIds.map((id) => ({ id, label: tightSpots[id] }))}
		chosen={draft.handling.tightSpots}
		onchange={(chosen) => (draft.handling.tightSpots = chosen)}
	/>
</div>
