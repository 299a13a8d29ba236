<script lang="ts">
	import { Checkbox, NumberInput, Select, SelectItem, TextArea, TextInput } from 'carbon-components-svelte';
	import {
		bodyMeasureIds,
		bodyMeasures,
		boldnesses,
		colourOfWord,
		contrasts,
		effectIds,
		effects,
		ethicalMaterials,
		ethicalSteps,
		freshClient,
		isKnownLimit,
		metalIds,
		reaches,
		remeasured,
		skinIds,
		tightSpotIds,
		tightSpots,
		undertones,
		type Client
	} from '$lib/core';
	import { newId, today } from '$lib/store/clock';
	import { change } from '$lib/store/journal';
	import { studioSettings } from '$lib/store/settings.svelte';
	import { formDraft } from '../frame/form.svelte';
	import FormDialog from '../frame/FormDialog.svelte';
	import { noted } from '../frame/noted';
	import { putOver } from '../frame/put-over';
	import { m } from '../messages';
	import MeasureFields from './MeasureFields.svelte';
	import SizesFields from './SizesFields.svelte';
	import WordsField from './WordsField.svelte';

	interface Props {
		open: boolean;
		/** The client to edit; a new one without. */
		client?: Client;
		onsaved?: (id: string) => void;
	}
	let { open = $bindable(false), client, onsaved }: Props = $props();

	const settings = studioSettings();
	const form = formDraft<Client>({
		key: () => `client/${client?.id ?? 'new'}`,
		begin: () =>
			client
				? ($state.snapshot(client) as Client)
				: freshClient({ id: newId(), schools: $state.snapshot(settings.value?.schools) ?? {} }),
		label: (field) => m.clients.fields[field] ?? field
	});
	const draft = $derived(form.value);
	let tried = $state(false);

	const nameMissing = $derived(tried && draft.name.trim() === '');
	const measuresBad = $derived(
		bodyMeasureIds.some((measure) => {
			const cm = draft.measurements[measure];
			const { min, max } = bodyMeasures[measure];
			return cm !== undefined && (cm < min || cm > max);
		})
	);
	const heelBad = $derived.by(() => {
		const { maxHeelCm } = draft.limits;
		return maxHeelCm !== undefined && !(maxHeelCm >= 0 && maxHeelCm <= 20);
	});

	/** Measures that changed are of today; those before are kept with their day. */
	function dated(next: Client, before: Client): Client {
		const { measurements, measuredOn, earlierMeasurements } = remeasured(before, next.measurements, today());
		const { measuredOn: _given, ...others } = next;
		return { ...others, measurements, earlierMeasurements, ...(measuredOn !== undefined && { measuredOn }) };
	}

	async function save() {
		tried = true;
		const typed = $state.snapshot(draft) as Client;
		// A line of sizes that was begun and left empty is none.
		const next = { ...typed, sizes: typed.sizes.filter(({ label }) => label.trim() !== '') };
		// What the fields themselves show; anything else the store refuses with its place.
		if (nameMissing || heelBad || measuresBad) return false;
		await change(client ? m.did.edited(next.name) : m.did.added(next.name), (writer) =>
			client
				? writer.edit(
						'clients',
						client.id,
						(stored) => putOver(stored, dated(next, $state.snapshot(client) as Client)),
						next.rev
					)
				: writer.create('clients', dated(next, freshClient({ id: next.id })))
		);
		onsaved?.(next.id);
		return true;
	}

	const figureChoices = {
		hair: ['black', 'dark-brown', 'brown', 'auburn', 'blonde', 'grey', 'white'],
		hairShape: ['cropped', 'bob', 'long', 'up']
	} as const;
	/** Metals that are asked after; others are kept as they were. */
	const commonMetals = metalIds.filter((id) =>
		['gold', 'rose-gold', 'brass', 'copper', 'silver', 'steel', 'gunmetal'].includes(id)
	);
	const toggled = <T,>(list: readonly T[], one: T, on: boolean): T[] =>
		on ? [...new Set([...list, one])] : list.filter((other) => other !== one);
</script>

<FormDialog
	bind:open
	title={client ? m.clients.edit : m.clients.add}
	size="lg"
	draft={form}
	focus="#client-name"
	onopen={() => (tried = false)}
	onsave={save}
>
	<section aria-labelledby="client-who">
		<h3 id="client-who">{m.clients.parts.who}</h3>
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
			<TextInput size="sm" labelText={m.clients.pronouns} maxlength={40} bind:value={draft.pronouns} />
			<TextInput size="sm" labelText={m.clients.contact} maxlength={400} bind:value={draft.contact} />
			<div class="wide">
				<TextArea
					rows={2}
					maxlength={4000}
					labelText={m.clients.brief}
					helperText={m.clients.briefHint}
					bind:value={draft.brief}
				/>
			</div>
		</div>
	</section>

	<section aria-labelledby="client-measures">
		<h3 id="client-measures">{m.clients.parts.measures}</h3>
		<MeasureFields bind:measurements={draft.measurements} unit={settings.value?.units ?? 'cm'} />
	</section>

	<section aria-labelledby="client-sizes">
		<h3 id="client-sizes">{m.clients.parts.sizes}</h3>
		<SizesFields bind:sizes={draft.sizes} measurements={draft.measurements} />
	</section>

	<section aria-labelledby="client-limits">
		<h3 id="client-limits">{m.clients.parts.limits}</h3>
		<div class="fields">
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
	</section>

	<section aria-labelledby="client-taste">
		<h3 id="client-taste">{m.clients.parts.taste}</h3>
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
	</section>

	<section aria-labelledby="client-handling">
		<h3 id="client-handling">{m.clients.parts.handling}</h3>
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
	</section>

	<section aria-labelledby="client-colouring">
		<h3 id="client-colouring">{m.clients.parts.colouring}</h3>
		<div class="fields">
			<Select size="sm" labelText={m.clients.skin} bind:selected={draft.figure.skin}>
				{#each skinIds as value (value)}<SelectItem {value} text={value} />{/each}
			</Select>
			<Select
				size="sm"
				labelText={m.clients.undertone}
				selected={draft.colouring.undertone ?? ''}
				on:update={({ detail }) => {
					if (detail) draft.colouring.undertone = detail as (typeof undertones)[number];
					else delete draft.colouring.undertone;
				}}
			>
				<SelectItem value="" text={m.notNoted} />
				{#each undertones as value (value)}<SelectItem {value} text={value} />{/each}
			</Select>
			<Select
				size="sm"
				labelText={m.clients.contrast}
				selected={draft.colouring.contrast ?? ''}
				on:update={({ detail }) => {
					if (detail) draft.colouring.contrast = detail as (typeof contrasts)[number];
					else delete draft.colouring.contrast;
				}}
			>
				<SelectItem value="" text={m.notNoted} />
				{#each contrasts as value (value)}<SelectItem {value} text={value} />{/each}
			</Select>
			<Select size="sm" labelText={m.clients.hair} bind:selected={draft.figure.hair}>
				{#each figureChoices.hair as value (value)}<SelectItem
						{value}
						text={value.replace('-', ' ')}
					/>{/each}
			</Select>
			<Select size="sm" labelText={m.clients.hairShape} bind:selected={draft.figure.hairShape}>
				{#each figureChoices.hairShape as value (value)}<SelectItem {value} text={value} />{/each}
			</Select>
		</div>
	</section>
</FormDialog>

<style>
	section {
		display: grid;
		gap: 0.75rem;
	}
	section + section {
		padding-top: 1rem;
		border-top: 1px solid var(--line);
	}
	.ticks {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(13rem, 100%), 1fr));
		gap: 0.25rem 1rem;
	}
	.ticks :global(.bx--form-item) {
		margin: 0;
	}
</style>
