<script lang="ts">
	import { Checkbox, Select, SelectItem } from 'carbon-components-svelte';
	import { boldnesses, colourOfWord, effectIds, effects, metalIds, type Client } from '$lib/core';
	import { toggled } from '../frame/toggled';
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
	<fieldset class="wide">
		<legend class="bx--label">{m.clients.metals}</legend>
		<div class="ticks">
			{#each commonMetals as id (id)}
				<Checkbox
					labelText={id.replace('-', ' ')}
					checked={draft.metals.includes(id)}
					on:check={({ detail }) => (draft.metals = toggled(draft.metals, id, detail))}
				/>
			{/each}
		</div>
	</fieldset>
	<fieldset class="wide">
		<legend class="bx--label">{m.clients.effects}</legend>
		<div class="ticks">
			{#each effectIds as effect (effect)}
				<Checkbox
					labelText={effects[effect].label}
					checked={draft.wishedEffects.includes(effect)}
					on:check={({ detail }) => (draft.wishedEffects = toggled(draft.wishedEffects, effect, detail))}
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
