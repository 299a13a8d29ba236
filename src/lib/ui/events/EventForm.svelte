<script lang="ts">
	import { NumberInput, Select, SelectItem, TextArea, TextInput } from 'carbon-components-svelte';
	import {
		amountInWords,
		askedBy,
		eventSchema,
		freshEvent,
		isTimeZone,
		readMoney,
		type Client,
		type Event
	} from '$lib/core';
	import { newId } from '$lib/store/clock';
	import { change } from '$lib/store/journal';
	import { studioSettings } from '$lib/store/settings.svelte';
	import { formDraft } from '../frame/form.svelte';
	import FormDialog from '../frame/FormDialog.svelte';
	import { putOver } from '../frame/put-over';
	import { m } from '../messages';
	import WeatherFields from './WeatherFields.svelte';

	interface Props {
		open: boolean;
		/** Whom it may be for. */
		clients: readonly Client[];
		/** The event to edit; a new one without. */
		event?: Event;
		/** What a new one begins with. */
		given?: { clientId?: string; date?: string };
	}
	let { open = $bindable(false), clients, event, given = {} }: Props = $props();

	const settings = studioSettings();
	const currency = $derived(settings.value?.currency ?? 'GBP');
	/** As it is typed: a day and a sum that may not be right yet. */
	type Draft = Omit<Event, 'budget' | 'time'> & { price: string; at: string };
	const draftOf = ({ budget, time, ...known }: Event): Draft => ({
		...known,
		price: budget ? amountInWords(budget, currency) : '',
		at: time ?? ''
	});
	const form = formDraft<Draft>({
		key: () => `event/${event?.id ?? 'new'}`,
		begin: () =>
			draftOf(
				event
					? ($state.snapshot(event) as Event)
					: freshEvent({
							id: newId(),
							clientId: given.clientId ?? clients[0]?.id ?? '',
							title: '',
							date: given.date ?? '',
							timeZone: settings.value?.timeZone ?? 'Europe/London'
						})
			),
		from: (record) => draftOf(record as unknown as Event),
		label: (field) => m.events.fields[field] ?? field,
		words: (field, value) => (field === 'clientId' ? clients.find(({ id }) => id === value)?.name : undefined)
	});
	const draft = $derived(form.value);
	let tried = $state(false);

	const { shape } = eventSchema;
	const bad = $derived({
		title: !shape.title.safeParse(draft.title).success,
		client: !clients.some(({ id }) => id === draft.clientId),
		date: !shape.date.safeParse(draft.date).success,
		time: draft.at !== '' && !shape.time.safeParse(draft.at).success,
		zone: !isTimeZone(draft.timeZone),
		price: draft.price.trim() !== '' && readMoney(draft.price, currency) === undefined,
		standing: !shape.standingHours.safeParse(draft.standingHours).success,
		walking: !shape.walkingKm.safeParse(draft.walkingKm).success,
		weather: !shape.weather.safeParse($state.snapshot(draft.weather)).success
	});
	const code = $derived(askedBy(draft.dressCode));

	async function save() {
		tried = true;
		if (Object.values(bad).some(Boolean)) return false;
		const { price, at, ...facts } = $state.snapshot(draft) as Draft;
		const budget = readMoney(price, currency);
		const next: Event = {
			...facts,
			title: facts.title.trim(),
			...(at && { time: at }),
			...(budget && { budget })
		};
		await change(event ? m.did.edited(next.title) : m.did.added(next.title), (writer) =>
			event
				? writer.edit('events', event.id, (stored) => putOver(stored, next), next.rev)
				: writer.create('events', next)
		);
		return true;
	}
	const typed = (field: 'standingHours' | 'walkingKm', value: number | null) =>
		Object.assign(draft, { [field]: value ?? undefined });
	const settingsOf = ['unknown', 'indoors', 'outdoors', 'both'] as const;
	const foods = ['unknown', 'none', 'standing', 'seated'] as const;
</script>

<FormDialog
	bind:open
	title={event ? m.events.edit : m.events.add}
	draft={form}
	focus="#event-title"
	onopen={() => (tried = false)}
	onsave={save}
>
	<div class="fields">
		<div class="wide">
			<TextInput
				id="event-title"
				labelText={m.events.name}
				bind:value={draft.title}
				invalid={tried && bad.title}
				invalidText={m.events.nameMissing}
				maxlength={120}
			/>
		</div>
		<Select
			size="sm"
			labelText={m.events.client}
			bind:selected={draft.clientId}
			invalid={tried && bad.client}
			invalidText={m.events.clientMissing}
		>
			{#each clients as { id, name } (id)}<SelectItem value={id} text={name} />{/each}
		</Select>
		<TextInput
			size="sm"
			type="date"
			max="9999-12-31"
			labelText={m.events.date}
			bind:value={draft.date}
			invalid={tried && bad.date}
			invalidText={m.events.dateBad}
		/>
		<TextInput
			size="sm"
			type="time"
			labelText={m.events.time}
			bind:value={draft.at}
			invalid={tried && bad.time}
			invalidText={m.events.timeBad}
		/>
		<div class="wide two">
			<TextInput size="sm" labelText={m.events.place} bind:value={draft.place} maxlength={200} />
			<TextInput
				size="sm"
				labelText={m.events.zone}
				bind:value={draft.timeZone}
				invalid={bad.zone}
				invalidText={m.events.zoneBad}
				maxlength={60}
			/>
		</div>
		<WeatherFields
			bind:weather={draft.weather}
			place={draft.place}
			date={bad.date ? '' : draft.date}
			invalid={bad.weather}
		/>
		<div class="wide">
			<TextInput
				labelText={m.events.dressCode}
				helperText={draft.dressCode.trim() === ''
					? m.events.dressCodeHint
					: code
						? m.events.codeRead(code.label, `${code.usual.womens}; ${code.usual.mens}`)
						: m.events.codeUnread}
				bind:value={draft.dressCode}
				maxlength={120}
			/>
		</div>
		<div class="wide">
			<TextInput size="sm" labelText={m.events.purpose} bind:value={draft.purpose} maxlength={200} />
		</div>
		<Select size="sm" labelText={m.events.setting} bind:selected={draft.setting}>
			{#each settingsOf as value (value)}<SelectItem {value} text={m.events.settings[value]} />{/each}
		</Select>
		<NumberInput
			size="sm"
			hideSteppers
			allowEmpty
			step={0.5}
			labelText={m.events.standing}
			value={draft.standingHours ?? null}
			invalid={bad.standing}
			invalidText={m.events.rangeBad(24)}
			on:change={({ detail }) => typed('standingHours', detail)}
		/>
		<NumberInput
			size="sm"
			hideSteppers
			allowEmpty
			step={0.5}
			labelText={m.events.walking}
			value={draft.walkingKm ?? null}
			invalid={bad.walking}
			invalidText={m.events.rangeBad(50)}
			on:change={({ detail }) => typed('walkingKm', detail)}
		/>
		<Select size="sm" labelText={m.events.food} bind:selected={draft.food}>
			{#each foods as value (value)}<SelectItem {value} text={m.events.foods[value]} />{/each}
		</Select>
		<TextInput
			size="sm"
			labelText={m.events.budget}
			bind:value={draft.price}
			invalid={bad.price}
			invalidText={m.events.budgetBad}
		/>
		<div class="wide">
			<TextArea rows={2} maxlength={4000} labelText={m.events.note} bind:value={draft.note} />
		</div>
	</div>
</FormDialog>

<style>
	.two {
		display: grid;
		grid-template-columns: 2fr 1fr;
		gap: 1rem;
	}
</style>
