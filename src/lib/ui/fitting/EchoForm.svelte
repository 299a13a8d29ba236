<script lang="ts">
	import { Select, SelectItem, TextInput } from 'carbon-components-svelte';
	import { echoSchema, type Echo } from '$lib/core';
	import { database } from '$lib/store/database';
	import { change } from '$lib/store/journal';
	import { live } from '$lib/store/live.svelte';
	import FormDialog from '../frame/FormDialog.svelte';
	import { perform } from '../frame/perform';
	import { m } from '../messages';

	let { open = $bindable(false), echo }: { open: boolean; echo: Echo } = $props();

	let title = $state('');
	let eventId = $state('');
	let tried = $state(false);
	const events = live(() => {
		const { clientId } = echo;
		return async () => database.events.where('clientId').equals(clientId).sortBy('date');
	});
	function begin() {
		title = echo.title;
		eventId = echo.eventId ?? '';
		tried = false;
	}
	const named = $derived(echoSchema.shape.title.safeParse(title.trim()));

	async function save() {
		tried = true;
		const { data } = named;
		if (data === undefined) return;
		const saved = await perform(() =>
			change(m.did.edited(data), (writer) =>
				writer.edit(
					'echoes',
					echo.id,
					(draft) => {
						draft.title = data;
						if (eventId) draft.eventId = eventId;
						else delete draft.eventId;
					},
					echo.rev
				)
			)
		);
		if (saved) open = false;
	}
</script>

<FormDialog bind:open title={m.fitting.editEcho} size="sm" onopen={begin} onsave={() => void save()}>
	<TextInput
		labelText={m.fitting.echoTitle}
		bind:value={title}
		invalid={tried && !named.success}
		invalidText={m.fitting.echoTitleBad}
	/>
	<Select labelText={m.fitting.event} bind:selected={eventId}>
		<SelectItem value="" text={m.fitting.noEvent} />
		{#each events.value ?? [] as event (event.id)}
			<SelectItem value={event.id} text="{event.title}, {event.date}" />
		{/each}
	</Select>
</FormDialog>
