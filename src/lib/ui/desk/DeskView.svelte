<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import { monthOf, type Echo } from '$lib/core';
	import { clock, today } from '$lib/store/clock';
	import { database } from '$lib/store/database';
	import { live } from '$lib/store/live.svelte';
	import { backupIsDue } from '$lib/store/storage';
	import { piecesWornIn } from '$lib/store/worn';
	import Pending from '../frame/Pending.svelte';
	import { readyWhenIdle } from '../frame/ready';
	import { m } from '../messages';
	import Welcome from './Welcome.svelte';

	/** As many echoes as the desk shows; the fitting table has the rest. */
	const most = 12;

	// A card leads to the table, which reads the client's limits.
	$effect(readyWhenIdle);

	// Each part of the desk by a query of its own, of no more than it shows: a write elsewhere reads nothing anew.
	const settings = live(() => async () => ({ found: await database.settings.toCollection().first() }));
	const counts = live(() => async () => ({
		clients: await database.clients.count(),
		references: await database.references.count()
	}));
	const latest = (judged: boolean) => () =>
		database.echoes
			.orderBy('createdOn')
			.reverse()
			.filter(({ judgements }) => judgements.length > 0 === judged)
			.limit(most)
			.toArray();
	const unfinished = live(() => latest(false));
	const judged = live(() => latest(true));
	/** Put by until its weather comes: neither waiting on the table nor forgotten. */
	const held = live(() => async () => database.echoes.filter(({ hold }) => hold !== undefined).toArray());
	const month = monthOf(today());
	const inSeason = $derived(held.value?.filter(({ hold }) => hold?.months.includes(month)) ?? []);
	const waiting = $derived(unfinished.value?.filter(({ hold }) => hold === undefined));
	/** The clients, references and pieces of what is shown. */
	const around = live(() => {
		const echoes = [...(waiting ?? []), ...inSeason, ...(judged.value ?? [])];
		const clientIds = [...new Set(echoes.map(({ clientId }) => clientId))];
		const referenceIds = [...new Set(echoes.map(({ referenceId }) => referenceId))];
		return async () => ({
			clients: (await database.clients.bulkGet(clientIds)).filter((client) => client !== undefined),
			references: (await database.references.bulkGet(referenceIds)).filter((one) => one !== undefined),
			pieces: await piecesWornIn(echoes)
		});
	});
	const due = live(() => async () => ({ backup: await backupIsDue(clock.now()) }));
	const clientOf = (id: string) => around.value?.clients.find((client) => client.id === id);
	const isEmpty = $derived(counts.value && (counts.value.clients === 0 || counts.value.references === 0));
</script>

{#snippet cards(echoes: readonly Echo[])}
	<!-- Cards draw plates and work out scores: their code comes after the desk itself, beside what they show. -->
	{#await import('../fitting/echoes/EchoCard.svelte') then { default: EchoCard }}
		<ul class="grid">
			{#each echoes as echo (echo.id)}
				{@const client = clientOf(echo.clientId)}
				{#if client && around.value}
					<li>
						<EchoCard
							{echo}
							{client}
							pieces={around.value.pieces}
							reference={around.value.references.find(({ id }) => id === echo.referenceId)}
						/>
					</li>
				{/if}
			{/each}
		</ul>
	{/await}
{/snippet}

<Pending query={settings}>
	{#if !settings.value?.found}
		<Welcome />
	{:else if counts.value}
		<div class="page">
			<div class="page-head">
				<h1>{m.desk.title}</h1>
				{#if !isEmpty}
					<Button href="/fitting">{m.desk.begin}</Button>
				{/if}
			</div>
			{#if settings.value.found.demo}<p class="soft note">
					{m.desk.demoNote} <a href="/studio">{m.places.studio}</a>
				</p>{/if}
			{#if due.value?.backup}<p class="soft note">
					{m.studio.backupDue} <a href="/studio">{m.studio.makeBackup}</a>
				</p>{/if}
			{#if !settings.value.found.demo}
				{#await import('./FirstSteps.svelte') then { default: FirstSteps }}<FirstSteps />{/await}
			{/if}
			{#if counts.value.clients === 0}
				<p class="soft">{m.desk.start}</p>
			{:else}
				<!-- What is due hangs on events, preparation and the calendar: their code comes after the desk itself. -->
				{#await import('./DueView.svelte') then { default: DueView }}
					<DueView settings={settings.value.found} />
				{/await}
				{#await import('../orders/DeskOrders.svelte') then { default: DeskOrders }}
					<DeskOrders />
				{/await}
				{#if isEmpty}
					<p class="soft">{m.desk.start}</p>
				{:else}
					{#if inSeason.length > 0}
						<h2>{m.desk.inSeason}</h2>
						{@render cards(inSeason)}
					{/if}
					<h2>{m.desk.unfinished}</h2>
					{#if waiting?.length === 0}<p class="soft">{m.desk.unfinishedEmpty}</p>{/if}
					{@render cards(waiting ?? [])}
					<h2>{m.desk.judged}</h2>
					{#if judged.value?.length === 0}<p class="soft">{m.desk.judgedEmpty}</p>{/if}
					{@render cards(judged.value ?? [])}
				{/if}
			{/if}
		</div>
	{/if}
</Pending>

<style>
	.note {
		margin-bottom: 1.25rem;
	}
	h2 {
		margin-bottom: 0.75rem;
	}
	.grid {
		margin-bottom: 2rem;
		grid-template-columns: repeat(auto-fill, minmax(min(17rem, 100%), 1fr));
	}
</style>
