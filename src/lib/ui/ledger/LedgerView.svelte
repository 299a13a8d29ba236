<script lang="ts">
	import { Select, SelectItem } from 'carbon-components-svelte';
	import { doneOf, purchasesOf, shopsOf, spentOn, substitutionsOf } from '$lib/core';
	import { today } from '$lib/store/clock';
	import { database } from '$lib/store/database';
	import { live } from '$lib/store/live.svelte';
	import { studioSettings } from '$lib/store/settings.svelte';
	import { chosenIn } from '../frame/chosen';
	import Pending from '../frame/Pending.svelte';
	import Title from '../frame/Title.svelte';
	import { ledger as ledgerTexts } from '../messages/ledger';
	import DonePanel from './DonePanel.svelte';
	import PurchasesPanel from './PurchasesPanel.svelte';
	import WearsPanel from './WearsPanel.svelte';
	import WorkedPanel from './WorkedPanel.svelte';

	const settings = studioSettings();
	const currency = $derived(settings.value?.currency ?? 'GBP');
	const rates = $derived(settings.value?.rates ?? {});
	// A query each: a wear that is noted reads no rail anew.
	const clients = live(() => () => database.clients.toArray());
	const pieces = live(() => () => database.pieces.toArray());
	const echoes = live(() => () => database.echoes.toArray());
	const events = live(() => () => database.events.toArray());
	const wears = live(() => () => database.wears.toArray());
	const orders = live(() => () => database.orders.toArray());
	const fitNotes = live(() => () => database.fitNotes.toArray());
	const tryOns = live(() => () => database.tryOns.toArray());

	const byName = $derived([...(clients.value ?? [])].sort((a, b) => a.name.localeCompare(b.name)));
	let clientId = $state<string | undefined>();
	const own = <T extends { clientId: string }>(all: readonly T[] | undefined) =>
		(all ?? []).filter((one) => clientId === undefined || one.clientId === clientId);
	const ownWears = $derived(own(wears.value));
	const ownEchoes = $derived(own(echoes.value));
	const ownOrders = $derived(
		(orders.value ?? [])
			.map((order) => ({ ...order, lines: own(order.lines) }))
			.filter(({ lines }) => lines.length > 0)
	);
	const purchases = $derived(
		purchasesOf(
			{ pieces: own(pieces.value), wears: ownWears, orders: orders.value ?? [], echoes: echoes.value ?? [] },
			{ currency, rates, today: today() }
		)
	);
	const done = $derived(
		doneOf({
			orders: ownOrders,
			tryOns: tryOns.value ?? [],
			fitNotes: own(fitNotes.value),
			echoes: ownEchoes,
			pieces: own(pieces.value)
		})
	);
	const nameOf = (all: readonly { id: string; name: string }[] | undefined) => (id: string) =>
		all?.find((one) => one.id === id)?.name ?? ledgerTexts.gone;
	const titleOfEvent = (id: string) =>
		events.value?.find((event) => event.id === id)?.title ?? ledgerTexts.gone;
</script>

<Title of={ledgerTexts.title} />
<div class="page">
	<div class="page-head">
		<h1>{ledgerTexts.title}</h1>
		<Select
			size="sm"
			inline
			labelText={ledgerTexts.client}
			selected={clientId ?? ''}
			on:change={(event) => (clientId = chosenIn(event) || undefined)}
		>
			<SelectItem value="" text={ledgerTexts.everybody} />
			{#each byName as { id, name } (id)}<SelectItem value={id} text={name} />{/each}
		</Select>
	</div>
	<p class="soft lead">{ledgerTexts.lead}</p>
	<Pending query={wears}>
		{#if settings.value}
			<div class="parts">
				<div class="column">
					<WearsPanel
						settings={settings.value}
						clients={byName}
						{clientId}
						wears={ownWears}
						events={own(events.value)}
						echoes={echoes.value ?? []}
						pieces={pieces.value ?? []}
					/>
				</div>
				<div class="column">
					<DonePanel {done} nameOfClient={nameOf(clients.value)} />
					<WorkedPanel
						substitutions={substitutionsOf(ownEchoes)}
						shops={shopsOf(ownOrders, own(fitNotes.value))}
						spent={spentOn(ownOrders, echoes.value ?? [], currency, rates)}
						{currency}
						nameOfClient={nameOf(clients.value)}
						nameOfEvent={titleOfEvent}
					/>
				</div>
				<div class="wide">
					<PurchasesPanel
						{purchases}
						clients={byName}
						pieces={pieces.value ?? []}
						wears={ownWears}
						{currency}
						{rates}
					/>
				</div>
			</div>
		{/if}
	</Pending>
</div>

<style>
	.lead {
		margin: -0.75rem 0 1.25rem;
	}
	.parts {
		display: grid;
		grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
		gap: 1rem;
		align-items: start;
	}
	.column {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 1rem;
		min-width: 0;
	}
	.wide {
		min-width: 0;
		grid-column: 1 / -1;
	}
	@media (max-width: 60rem) {
		.parts {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
