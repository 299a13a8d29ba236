<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import { dayInWords, type Echo } from '$lib/core';
	import { clock, today } from '$lib/store/clock';
	import { database } from '$lib/store/database';
	import { live } from '$lib/store/live.svelte';
	import { backupIsDue } from '$lib/store/storage';
	import Pending from '../frame/Pending.svelte';
	import { m } from '../messages';
	import Welcome from './Welcome.svelte';

	/** As many echoes and events as the desk shows; the fitting table has the rest. */
	const most = 12;

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
	const coming = live(() => {
		const from = today();
		return () => database.events.where('date').aboveOrEqual(from).limit(most).toArray();
	});
	/** The clients, references and pieces of what is shown. */
	const around = live(() => {
		const echoes = [...(unfinished.value ?? []), ...(judged.value ?? [])];
		const clientIds = [...new Set([...echoes, ...(coming.value ?? [])].map(({ clientId }) => clientId))];
		const referenceIds = [...new Set(echoes.map(({ referenceId }) => referenceId))];
		const pieceIds = [
			...new Set(
				echoes.flatMap(({ matches, extras }) =>
					[...matches.flatMap(({ items }) => items), ...extras.map(({ item }) => item)].flatMap((item) =>
						item.source === 'piece' ? [item.pieceId] : []
					)
				)
			)
		];
		return async () => ({
			clients: (await database.clients.bulkGet(clientIds)).filter((client) => client !== undefined),
			references: (await database.references.bulkGet(referenceIds)).filter((one) => one !== undefined),
			pieces: (await database.pieces.bulkGet(pieceIds)).filter((piece) => piece !== undefined)
		});
	});
	const due = live(() => async () => ({ backup: await backupIsDue(clock.now()) }));
	const clientOf = (id: string) => around.value?.clients.find((client) => client.id === id);
	const isEmpty = $derived(counts.value && (counts.value.clients === 0 || counts.value.references === 0));
</script>

{#snippet cards(echoes: readonly Echo[])}
	<ul class="grid">
		{#each echoes as echo (echo.id)}
			{@const client = clientOf(echo.clientId)}
			{#if client && around.value}
				<li>
					<!-- Cards draw plates and work out scores: their code comes after the desk itself. -->
					{#await import('../fitting/echoes/EchoCard.svelte') then { default: EchoCard }}
						<EchoCard
							{echo}
							{client}
							pieces={around.value.pieces}
							reference={around.value.references.find(({ id }) => id === echo.referenceId)}
						/>
					{/await}
				</li>
			{/if}
		{/each}
	</ul>
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
			{#if isEmpty}
				<p class="panel">
					{m.desk.start} <a href="/clients">{m.places.clients}</a> ·
					<a href="/references">{m.places.references}</a>
				</p>
			{:else}
				<div class="desk">
					<div>
						<h2>{m.desk.unfinished}</h2>
						{#if unfinished.value?.length === 0}<p class="soft">{m.desk.unfinishedEmpty}</p>{/if}
						{@render cards(unfinished.value ?? [])}
						<h2>{m.desk.judged}</h2>
						{#if judged.value?.length === 0}<p class="soft">{m.desk.judgedEmpty}</p>{/if}
						{@render cards(judged.value ?? [])}
					</div>
					<aside>
						<h2>{m.desk.events}</h2>
						{#if coming.value?.length === 0}<p class="soft">{m.desk.eventsEmpty}</p>{/if}
						<ol>
							{#each coming.value ?? [] as event (event.id)}
								<li>
									<span class="soft">{dayInWords(event.date, 'with-weekday')}</span>
									<strong>{event.title}</strong>
									<a href="/clients/{event.clientId}">{clientOf(event.clientId)?.name}</a>
									<span class="soft">{[event.place, event.dressCode].filter(Boolean).join(' · ')}</span>
								</li>
							{/each}
						</ol>
					</aside>
				</div>
			{/if}
		</div>
	{/if}
</Pending>

<style>
	.note {
		margin-bottom: 1.25rem;
	}
	.desk {
		display: grid;
		grid-template-columns: 1fr 17rem;
		gap: 2rem;
	}
	h2 {
		margin-bottom: 0.75rem;
	}
	.grid {
		margin-bottom: 2rem;
		grid-template-columns: repeat(auto-fill, minmax(min(17rem, 100%), 1fr));
	}
	ol {
		list-style: none;
	}
	aside li {
		display: grid;
		padding: 0.6rem 0;
		border-top: 1px solid var(--line);
		font-size: var(--step-0);
	}
	@media (max-width: 60rem) {
		.desk {
			grid-template-columns: 1fr;
		}
	}
</style>
