<script lang="ts">
	import type { Client, Echo, Piece, Reference } from '$lib/core';
	import { database } from '$lib/store/database';
	import { live, liveAhead, type Live } from '$lib/store/live.svelte';
	import Missing from '../../frame/Missing.svelte';
	import Pending from '../../frame/Pending.svelte';
	import Title from '../../frame/Title.svelte';
	import { m } from '../../messages';
	import type { Snippet } from 'svelte';
	import type { OnTable } from '../table/table.svelte';

	/** Looks up an echo with all that lies on its table, and hands it to what is inside. */
	let { echoId, children }: { echoId: string; children: Snippet<[OnTable]> } = $props();

	// One query a table: a choice changes the echo alone, and what did not change is not read again.
	const echo = liveAhead(() => {
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

	const isThere = $derived(
		[echo.value?.found, client.value, reference.value, pieces.value, settings.value, wears.value].every(
			(one) => one !== undefined
		)
	);
	const studio = $derived(settings.value?.found);
	const noRates: OnTable['rates'] = {};
	const noNotes: OnTable['fitNotes'] = [];
	/**
	 * What lies on the table, read only once it is there. Each part follows its own query: what does not hang on the echo is not asked again
	 * whether it changed at every choice.
	 */
	const onTable: OnTable = {
		get echo() {
			return echo.value?.found as Echo;
		},
		ahead: echo,
		get client() {
			return client.value as Client;
		},
		get reference() {
			return reference.value as Reference;
		},
		get pieces() {
			return pieces.value as Piece[];
		},
		get currency() {
			return studio?.currency ?? 'GBP';
		},
		get rates() {
			return studio?.rates ?? noRates;
		},
		get letters() {
			return studio?.letters ?? true;
		},
		get units() {
			return studio?.units ?? 'cm';
		},
		get fitNotes() {
			return fitNotes.value ?? noNotes;
		},
		get wornIds() {
			return wornIds;
		},
		get event() {
			return event.value?.found;
		},
		get calibration() {
			return studio?.calibration;
		}
	};
	/** The echo, once all that lies on its table is there too; an echo that is gone is an answer as well. */
	const found: Live<unknown> = {
		get value() {
			if (isThere) return onTable;
			return echo.value && !echo.value.found ? 'gone' : undefined;
		},
		get error() {
			return [echo, client, pieces, reference, settings, event, fitNotes, wears].find(({ error }) => error)
				?.error;
		}
	};
</script>

<Title of={echo.value?.found?.title ?? m.fitting.title} />
<Pending query={found}>
	{#if isThere}
		{@render children(onTable)}
	{:else}
		<div class="page"><Missing back="/fitting" label={m.places.fitting} /></div>
	{/if}
</Pending>
