<script lang="ts">
	import { Select, SelectItem } from 'carbon-components-svelte';
	import { boldnesses, colourOfWord, effectIds, effects, metalIds, type Client } from '$lib/core';
	import Ticks from '../frame/Ticks.svelte';
	import { m } from '../messages';
	import WordsField from './WordsField.svelte';

	/** What the client loves, refuses and wishes for. */
	let { draft = $bindable() }: { draft: Client } = $props();

	/** Metals that are asked after; others are kept as they were. */
	const commonMetals = metalIds.filter((id) =>
		['gold', 'rose-gold', 'brass', 'copper', 'silver', 'steel', 'gunmetal'].includes(id)
	);
</script>

<div class="fields">
	<div class="wide">
		<WordsField
			label={m.clients.loved}
			bind:words={draft.coloursLoved}
			known={(word) => colourOfWord(word) !== undefined}
			unknownText={m.clients.unknownColours}
		/>
	</div>
	<div class="wide">
		<WordsField
			label={m.clients.refused}
			hint={m.clients.refusedHint}
			bind:words={draft.coloursRefused}
			known={(word) => colourOfWord(word) !== undefined}
			unknownText={m.clients.unknownColours}
		/>
	</div>
	<Select size="sm" labelText={m.clients.boldness} bind:selected={draft.boldness}>
		{#each boldnesses as value (value)}<SelectItem {value} text={m.clients.bold[value]} />{/each}
	</Select>
	<Ticks
		legend={m.clients.metals}
		options={commonMetals.map((id) => ({ id, label: id.replace('-', ' ') }))}
		chosen={draft.metals}
		onchange={(chosen) => (draft.metals = chosen)}
	/>
	<Ticks
		legend={m.clients.effects}
		options={effectIds.map((id) => ({ id, label: effects[id].label }))}
		chosen={draft.wishedEffects}
		onchange={(chosen) => (draft.wishedEffects = chosen)}
	/>
</div>
