<script lang="ts">
	import { Checkbox, NumberInput, Select, SelectItem, TextArea, TextInput } from 'carbon-components-svelte';
	import {
		bodyMeasureIds,
		bodyMeasures,
		effectIds,
		effects,
		colourOfWord,
		isKnownLimit,
		type BodyMeasure,
		type Client
	} from '$lib/core';
	import { newId } from '$lib/store/clock';
	import { change } from '$lib/store/journal';
	import { noted } from '../frame/noted';
	import { perform } from '../frame/perform';
	import FormDialog from '../frame/FormDialog.svelte';
	import { m } from '../messages';
	import WordsField from './WordsField.svelte';

	interface Props {
		open: boolean;
		/** The client to edit; a new one without. */
		client?: Client;
		onsaved?: (id: string) => void;
	}
	let { open = $bindable(false), client, onsaved }: Props = $props();

	const fresh = (): Client => ({
		id: newId(),
		rev: 0,
		name: '',
		brief: '',
		wishedEffects: [],
		measurements: {},
		sizes: {},
		limits: { never: [] },
		avoidMaterials: [],
		allergies: [],
		ethics: { fur: true, leather: true },
		metals: [],
		coloursLoved: [],
		coloursRefused: [],
		schools: {},
		figure: { skin: 'medium', hair: 'dark-brown', hairShape: 'up' }
	});
	let draft = $state(fresh());
	let tried = $state(false);

	function begin() {
		const next = client ? $state.snapshot(client) : fresh();
		draft = next;
		tried = false;
	}

	const nameMissing = $derived(tried && draft.name.trim() === '');
	const outOfRange = (measure: BodyMeasure) => {
		const cm = draft.measurements[measure];
		const { min, max } = bodyMeasures[measure];
		return cm !== undefined && (cm < min || cm > max);
	};

	async function save() {
		tried = true;
		const next: Client = $state.snapshot(draft);
		// What the fields themselves show; anything else the store refuses with its place.
		if (nameMissing || bodyMeasureIds.some(outOfRange)) return;
		const saved = await perform(() =>
			change(client ? m.did.edited(next.name) : m.did.added(next.name), (writer) =>
				client
					? writer.edit(
							'clients',
							client.id,
							(stored) => void Object.assign(stored, next, { rev: stored.rev }),
							next.rev
						)
					: writer.create('clients', next)
			)
		);
		if (!saved) return;
		open = false;
		onsaved?.(next.id);
	}

	const figureChoices = {
		skin: ['porcelain', 'fair', 'medium', 'olive', 'brown', 'deep'],
		hair: ['black', 'dark-brown', 'brown', 'auburn', 'blonde', 'grey', 'white'],
		hairShape: ['cropped', 'bob', 'long', 'up']
	} as const;
</script>

<FormDialog
	bind:open
	title={client ? m.clients.edit : m.clients.add}
	focus="#client-name"
	onopen={begin}
	onsave={save}
>
	<div class="fields">
		<div class="wide">
			<TextInput
				id="client-name"
				labelText={m.clients.name}
				bind:value={draft.name}
				invalid={nameMissing}
				invalidText={m.clients.nameMissing}
				maxlength={120}
			/>
		</div>
		<div class="wide">
			<TextArea
				rows={2}
				maxlength={4000}
				labelText={m.clients.brief}
				helperText={m.clients.briefHint}
				bind:value={draft.brief}
			/>
		</div>
		{#each bodyMeasureIds as measure (measure)}
			{@const { label, min, max } = bodyMeasures[measure]}
			<NumberInput
				size="sm"
				hideSteppers
				allowEmpty
				step={0.5}
				labelText="{label}, {m.cm}"
				value={draft.measurements[measure] ?? null}
				invalid={outOfRange(measure)}
				invalidText="{min}–{max} {m.cm}"
				on:change={({ detail }) => (draft.measurements = noted(draft.measurements, measure, detail))}
			/>
		{/each}
		<NumberInput
			size="sm"
			hideSteppers
			allowEmpty
			step={0.5}
			min={0}
			max={20}
			labelText={m.clients.maxHeel}
			value={draft.limits.maxHeelCm ?? null}
			on:change={({ detail }) => (draft.limits = noted(draft.limits, 'maxHeelCm', detail))}
		/>
		<div class="wide">
			<WordsField
				label={m.clients.never}
				hint={m.clients.neverHint}
				bind:words={draft.limits.never}
				known={isKnownLimit}
				unknownText={m.clients.unknownLimits}
			/>
		</div>
		<WordsField label={m.clients.avoid} bind:words={draft.avoidMaterials} />
		<WordsField label={m.clients.allergies} hint={m.clients.allergyNote} bind:words={draft.allergies} />
		<div class="wide">
			<WordsField
				label={m.clients.refused}
				hint={m.clients.refusedHint}
				bind:words={draft.coloursRefused}
				known={(word) => colourOfWord(word) !== undefined}
				unknownText={m.clients.unknownColours}
			/>
		</div>
		<fieldset class="wide ethics">
			<legend class="bx--label">{m.clients.ethics}</legend>
			{#each ['fur', 'leather'] as const as material (material)}
				<Checkbox labelText={m.clients.wears[material]} bind:checked={draft.ethics[material]} />
			{/each}
		</fieldset>
		<fieldset class="wide effects">
			<legend class="bx--label">{m.clients.effects}</legend>
			{#each effectIds as effect (effect)}
				<Checkbox
					labelText={effects[effect].label}
					checked={draft.wishedEffects.includes(effect)}
					on:check={({ detail }) =>
						(draft.wishedEffects = detail
							? [...new Set([...draft.wishedEffects, effect])]
							: draft.wishedEffects.filter((other) => other !== effect))}
				/>
			{/each}
		</fieldset>
		<Select size="sm" labelText={m.clients.skin} bind:selected={draft.figure.skin}>
			{#each figureChoices.skin as value (value)}<SelectItem {value} text={value} />{/each}
		</Select>
		<Select size="sm" labelText={m.clients.hair} bind:selected={draft.figure.hair}>
			{#each figureChoices.hair as value (value)}<SelectItem {value} text={value.replace('-', ' ')} />{/each}
		</Select>
		<Select size="sm" labelText={m.clients.hairShape} bind:selected={draft.figure.hairShape}>
			{#each figureChoices.hairShape as value (value)}<SelectItem {value} text={value} />{/each}
		</Select>
	</div>
</FormDialog>

<style>
	.ethics {
		display: flex;
		gap: var(--cds-spacing-06);
	}
	.effects {
		columns: 3;
	}
</style>
