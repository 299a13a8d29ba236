<script lang="ts">
	import { database } from '$lib/store/database';
	import { live, type Live } from '$lib/store/live.svelte';
	import Missing from '../../frame/Missing.svelte';
	import Pending from '../../frame/Pending.svelte';
	import Title from '../../frame/Title.svelte';
	import { m } from '../../messages';
	import type { Snippet } from 'svelte';
	import type { OnTable } from '../table/table.svelte';

	/** Looks up an echo with all that lies on its table, and hands it to what is inside. */
	let { echoId, children }: { echoId: string; children: Snippet<[OnTable]> } = $props();

	// One query a table: a choice changes the echo alone, and what did not change is not read again.
	const echo = live(() => {
		const id = echoId;
		return async () => ({ found: await database.echoes.get(id) });
	});
	const clientId = $derived(echo.value?.found?.clientId);
	const referenceId = $derived(echo.value?.found?.referenceId);
	const client = live(() => {
		const id = clientId;
		return async () => (id ? database.clients.get(id) : undefined);
	});
	const pieces = live(() => {
		const id = clientId;
		return async () => (id ? database.pieces.where('clientId').equals(id).toArray() : undefined);
	});
	const fitNotes = live(() => {
		const id = clientId;
		return async () => (id ? database.fitNotes.where('clientId').equals(id).toArray() : undefined);
	});
	const wears = live(() => {
		const id = clientId;
		return async () => (id ? database.wears.where('clientId').equals(id).toArray() : undefined);
	});
	const wornIds = $derived(new Set(wears.value?.flatMap(({ pieceIds }) => pieceIds)));
	const reference = live(() => {
		const id = referenceId;
		return async () => (id ? database.references.get(id) : undefined);
	});
	const eventId = $derived(echo.value?.found?.eventId);
	const event = live(() => {
		const id = eventId;
		return async () => ({ found: id ? await database.events.get(id) : undefined });
	});
	const settings = live(() => async () => ({ found: await database.settings.toCollection().first() }));

	const onTable = $derived.by((): OnTable | undefined => {
		if (
			!echo.value?.found ||
			!client.value ||
			!reference.value ||
			!pieces.value ||
			!settings.value ||
			!wears.value
		)
			return undefined;
		return {
			echo: echo.value.found,
			client: client.value,
			reference: reference.value,
			pieces: pieces.value,
			currency: settings.value.found?.currency ?? 'GBP',
			rates: settings.value.found?.rates ?? {},
			letters: settings.value.found?.letters ?? true,
			units: settings.value.found?.units ?? 'cm',
			fitNotes: fitNotes.value ?? [],
			wornIds,
			event: event.value?.found,
			calibration: settings.value.found?.calibration
		};
	});
	/** The echo, once all that lies on its table is there too; an echo that is gone is an answer as well. */
	const found: Live<unknown> = {
		get value() {
			return onTable ?? (echo.value && !echo.value.found ? 'gone' : undefined);
		},
		get error() {
			return [echo, client, pieces, reference, settings, event, fitNotes, wears].find(({ error }) => error)
				?.error;
		}
	};
</script>

<Title of={onTable?.echo.title ?? m.fitting.title} />
<Pending query={found}>
	{#if onTable}
		{@render children(onTable)}
	{:else}
		<div class="page"><Missing back="/fitting" label={m.places.fitting} /></div>
	{/if}
</Pending>
