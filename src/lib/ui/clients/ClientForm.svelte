<script lang="ts">
	import { Checkbox, NumberInput, Select, SelectItem, TextArea, TextInput } from 'carbon-components-svelte';
	import {
		bodyMeasureIds,
		bodyMeasures,
		effectIds,
		effects,
		colourOfWord,
		freshClient,
		isKnownLimit,
		type BodyMeasure,
		type Client
	} from '$lib/core';
	import { newId } from '$lib/store/clock';
	import { change } from '$lib/store/journal';
	import { formDraft } from '../frame/form.svelte';
	import { noted } from '../frame/noted';
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

	const form = formDraft<Client>({
		key: () => `client/${client?.id ?? 'new'}`,
		begin: () => (client ? $state.snapshot(client) : freshClient({ id: newId() })),
		label: (field) => m.clients.fields[field] ?? field
	});
	const draft = $derived(form.value);
	let tried = $state(false);

	const nameMissing = $derived(tried && draft.name.trim() === '');
	const outOfRange = (measure: BodyMeasure) => {
		const cm = draft.measurements[measure];
		const { min, max } = bodyMeasures[measure];
		return cm !== undefined && (cm < min || cm > max);
	};

	const heelBad = $derived.by(() => {
		const { maxHeelCm } = draft.limits;
		return maxHeelCm !== undefined && !(maxHeelCm >= 0 && maxHeelCm <= 20);
	});

	async function save() {
		tried = true;
		const next = $state.snapshot(draft) as Client;
		// What the fields themselves show; anything else the store refuses with its place.
		if (nameMissing || heelBad || bodyMeasureIds.some(outOfRange)) return false;
		await change(client ? m.did.edited(next.name) : m.did.added(next.name), (writer) =>
			client
				? writer.edit(
						'clients',
						client.id,
						(stored) => void Object.assign(stored, next, { rev: stored.rev }),
						next.rev
					)
				: writer.create('clients', next)
		);
		onsaved?.(next.id);
		return true;
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
	draft={form}
	focus="#client-name"
	onopen={() => (tried = false)}
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
			labelText={m.clients.maxHeel}
			value={draft.limits.maxHeelCm ?? null}
			invalid={heelBad}
			invalidText={m.clients.heelBad}
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
		columns: 3 11rem;
	}
</style>
