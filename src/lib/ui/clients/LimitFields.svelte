<script lang="ts">
	import { NumberInput, Select, SelectItem } from 'carbon-components-svelte';
	import { ethicalMaterials, ethicalSteps, isKnownLimit, limitsIn, type Client } from '$lib/core';
	import { noted } from '../frame/noted';
	import { m } from '../messages';
	import WordsField from './WordsField.svelte';

	/** What the client never wears or shows, what their body must not have, and what they do not want made for them. */
	let { draft = $bindable(), heelBad }: { draft: Client; heelBad: boolean } = $props();
</script>

<div class="fields">
	<div class="wide">
		<WordsField
			label={m.clients.never}
			hint={m.clients.neverHint}
			bind:words={draft.limits.never}
			known={isKnownLimit}
			listed={limitsIn}
			unknownText={m.clients.unknownLimits}
		/>
	</div>
	<WordsField label={m.clients.avoid} bind:words={draft.avoidMaterials} />
	<WordsField label={m.clients.allergies} hint={m.clients.allergyNote} bind:words={draft.allergies} />
	<NumberInput
		size="sm"
		hideSteppers
		allowEmpty
		step={0.5}
		labelText={m.clients.maxHeel}
		value={draft.limits.maxHeelCm ?? null}
		invalid={heelBad}
		invalidText={m.clients.heelBad}
		on:change={({ detail }) => (draft.limits = noted(draft.limits, 'maxHeelCm', detail))}
	/>
	<fieldset class="wide">
		<legend class="bx--label">{m.clients.ethics}</legend>
		<div class="fields">
			{#each ethicalMaterials as material (material)}
				<Select size="sm" labelText={m.clients.ethical[material]} bind:selected={draft.ethics[material]}>
					{#each ethicalSteps as step (step)}<SelectItem
							value={step}
							text={m.clients.ethicalStep[step]}
						/>{/each}
				</Select>
			{/each}
		</div>
	</fieldset>
</div>
