<script lang="ts">
	import { Select, SelectItem, TextInput } from 'carbon-components-svelte';
	import { dayInWords, echoSchema, plannedFor, type Echo, type Event } from '$lib/core';
	import { database } from '$lib/store/database';
	import { change } from '$lib/store/journal';
	import { live } from '$lib/store/live.svelte';
	import { formDraft } from '../../frame/form.svelte';
	import FormDialog from '../../frame/FormDialog.svelte';
	import { m } from '../../messages';

	let { open = $bindable(false), echo }: { open: boolean; echo: Echo } = $props();

	type Draft = Pick<Echo, 'rev' | 'title'> & { eventId: string };
	const draftOf = ({ rev, title, eventId }: Echo): Draft => ({ rev, title, eventId: eventId ?? '' });
	const form = formDraft<Draft>({
		key: () => `echo/${echo.id}`,
		begin: () => draftOf(echo),
		from: (record) => draftOf(record as unknown as Echo),
		label: (field) => (field === 'eventId' ? m.fitting.event : m.fitting.echoTitle),
		words: (field, value) =>
			field === 'eventId'
				? (events.value?.find(({ id }) => id === value)?.title ?? m.fitting.noEvent)
				: undefined
	});
	const draft = $derived(form.value);
	let tried = $state(false);
	const events = live(() => {
		const { clientId } = echo;
		return async () => database.events.where('clientId').equals(clientId).sortBy('date');
	});
	const named = $derived(echoSchema.shape.title.safeParse(draft.title.trim()));

	async function save() {
		tried = true;
		const { data } = named;
		if (data === undefined) return false;
		const { rev, eventId } = draft;
		await change(m.did.edited(data), (writer) =>
			writer.edit(
				'echoes',
				echo.id,
				(stored) => {
					stored.title = data;
					if (eventId === (stored.eventId ?? '')) return;
					const event = events.value?.find(({ id }) => id === eventId);
					if (event) {
						stored.eventId = event.id;
						stored.plannedFor = plannedFor($state.snapshot(event) as Event);
					} else {
						delete stored.eventId;
						delete stored.plannedFor;
					}
				},
				rev
			)
		);
		return true;
	}
</script>

<FormDialog
	bind:open
	title={m.fitting.editEcho}
	size="sm"
	draft={form}
	onopen={() => (tried = false)}
	onsave={save}
>
	<TextInput
		labelText={m.fitting.echoTitle}
		bind:value={draft.title}
		invalid={tried && !named.success}
		invalidText={m.fitting.echoTitleBad}
	/>
	<Select labelText={m.fitting.event} bind:selected={draft.eventId}>
		<SelectItem value="" text={m.fitting.noEvent} />
		{#each events.value ?? [] as event (event.id)}
			<SelectItem value={event.id} text="{event.title}, {dayInWords(event.date)}" />
		{/each}
	</Select>
</FormDialog>
