<script lang="ts">
	import { TextArea, TextInput } from 'carbon-components-svelte';
	import { bodyMeasureIds, bodyMeasures, freshClient, remeasured, type Client } from '$lib/core';
	import { newId, today } from '$lib/store/clock';
	import { change } from '$lib/store/journal';
	import { studioSettings } from '$lib/store/settings.svelte';
	import { formDraft } from '../frame/form.svelte';
	import FormDialog from '../frame/FormDialog.svelte';
	import { putOver } from '../frame/put-over';
	import { m } from '../messages';
	import ColouringFields from './ColouringFields.svelte';
	import HandlingFields from './HandlingFields.svelte';
	import LimitFields from './LimitFields.svelte';
	import MeasureFields from './MeasureFields.svelte';
	import SizesFields from './SizesFields.svelte';
	import TasteFields from './TasteFields.svelte';

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
		<LimitFields bind:draft={form.value} {heelBad} />
	</section>

	<section aria-labelledby="client-taste">
		<h3 id="client-taste">{m.clients.parts.taste}</h3>
		<TasteFields bind:draft={form.value} />
	</section>

	<section aria-labelledby="client-handling">
		<h3 id="client-handling">{m.clients.parts.handling}</h3>
		<HandlingFields bind:draft={form.value} />
	</section>

	<section aria-labelledby="client-colouring">
		<h3 id="client-colouring">{m.clients.parts.colouring}</h3>
		<ColouringFields bind:draft={form.value} />
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
</style>
