<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { Button, Select, SelectItem } from 'carbon-components-svelte';
	import { dayInWords, type EchoSearch } from '$lib/core';
	import { today } from '$lib/store/clock';
	import { database } from '$lib/store/database';
	import { beginEcho } from '$lib/store/echoes';
	import { live } from '$lib/store/live.svelte';
	import { piecesWornIn } from '$lib/store/worn';
	import { chosenIn } from '../../frame/chosen';
	import Pending from '../../frame/Pending.svelte';
	import { perform } from '../../frame/perform';
	import { readyWhenIdle } from '../../frame/ready';
	import { m } from '../../messages';
	import EchoCard from './EchoCard.svelte';
	import EchoFinder from './EchoFinder.svelte';
	import { foundEchoes } from './found.svelte';

	$effect(readyWhenIdle);
	const found = live(() => async () => {
		const [clients, references, count] = await Promise.all([
			database.clients.toArray(),
			database.references.toArray(),
			database.echoes.count()
		]);
		return { clients, references, count };
	});
	/** As many as are shown at first, and as many more each time they are asked for. */
	const few = 12;
	let most = $state(few);
	const shown = live(() => {
		const limit = most;
		return async () => {
			const echoes = await database.echoes.orderBy('createdOn').reverse().limit(limit).toArray();
			return { echoes, pieces: await piecesWornIn(echoes) };
		};
	});
	/** What is looked for among all looks; what it needs is read only then. */
	let search = $state.raw<EchoSearch | undefined>();
	const isSearching = $derived(search !== undefined);
	const everything = live(() => {
		const wanted = isSearching;
		return async () => ({
			echoes: wanted ? await database.echoes.orderBy('createdOn').reverse().toArray() : [],
			pieces: wanted ? await database.pieces.toArray() : []
		});
	});
	const sought = foundEchoes(() => ({
		search,
		echoes: everything.value?.echoes ?? [],
		pieces: everything.value?.pieces ?? [],
		clients: found.value?.clients ?? [],
		references: found.value?.references ?? []
	}));
	const listed = $derived(search ? sought.echoes : (shown.value?.echoes ?? []));
	const listedPieces = $derived(search ? (everything.value?.pieces ?? []) : (shown.value?.pieces ?? []));
	let clientId = $state('');
	let referenceId = $state('');
	let eventId = $state(page.url.searchParams.get('event') ?? '');
	/** What the chosen client is to be dressed for, from today on. */
	const events = live(() => {
		const id = clientId;
		return async () =>
			(await database.events.where('clientId').equals(id).sortBy('date')).filter(
				({ date }) => date >= today()
			);
	});
	/** One client's event is not another's. */
	const eventOf = $derived(events.value?.find(({ id }) => id === eventId));
	$effect(() => {
		if (!found.value) return;
		clientId ||= page.url.searchParams.get('client') ?? found.value.clients[0]?.id ?? '';
		referenceId ||= page.url.searchParams.get('reference') ?? found.value.references[0]?.id ?? '';
	});

	async function begin() {
		const reference = found.value?.references.find(({ id }) => id === referenceId);
		if (!reference || !clientId) return;
		await perform(async () =>
			goto(
				`/fitting/${await beginEcho(m.did.began(reference.title), clientId, referenceId, reference.title, eventOf?.id)}`
			)
		);
	}
</script>

<div class="page">
	<div class="page-head"><h1>{m.fitting.title}</h1></div>
	<Pending query={found}>
		{#if found.value}
			{@const { clients, references, count } = found.value}
			{#if clients.length === 0 || references.length === 0}
				<p class="panel">
					{m.fitting.beginEmpty} <a href="/clients">{m.places.clients}</a> ·
					<a href="/references">{m.places.references}</a>
				</p>
			{:else}
				<form
					class="panel begin"
					onsubmit={(event) => {
						event.preventDefault();
						void begin();
					}}
				>
					<Select labelText={m.fitting.client} bind:selected={clientId}>
						{#each clients as client (client.id)}<SelectItem value={client.id} text={client.name} />{/each}
					</Select>
					<Select labelText={m.fitting.reference} bind:selected={referenceId}>
						{#each references as reference (reference.id)}<SelectItem
								value={reference.id}
								text={reference.title}
							/>{/each}
					</Select>
					<Select
						labelText={m.fitting.event}
						selected={eventOf?.id ?? ''}
						on:change={(event) => (eventId = chosenIn(event))}
					>
						<SelectItem value="" text={m.fitting.noEvent} />
						{#each events.value ?? [] as event (event.id)}
							<SelectItem value={event.id} text="{event.title}, {dayInWords(event.date)}" />
						{/each}
					</Select>
					<Button type="submit">{m.fitting.begin}</Button>
				</form>
				{#if count === 0}<p class="soft">{m.fitting.empty}</p>{/if}
			{/if}
			{#if count > 0}
				<EchoFinder {clients} bind:search />
				{#if search}
					<p class="soft" role="status">
						{sought.isWorking
							? m.fitting.finder.working
							: sought.echoes.length === 0
								? m.fitting.finder.none
								: m.fitting.finder.found(sought.echoes.length)}
					</p>
				{/if}
			{/if}
			<ul class="grid">
				{#each listed.slice(0, most) as echo (echo.id)}
					{@const client = clients.find(({ id }) => id === echo.clientId)}
					{#if client}
						<li>
							<EchoCard
								{echo}
								{client}
								pieces={listedPieces}
								reference={references.find(({ id }) => id === echo.referenceId)}
							/>
						</li>
					{/if}
				{/each}
			</ul>
			{@const all = search ? listed.length : count}
			{#if all > most}
				<Button kind="ghost" on:click={() => (most += few)}>{m.fitting.more(all - most)}</Button>
			{/if}
		{/if}
	</Pending>
</div>

<style>
	.begin {
		display: grid;
		grid-template-columns: 1fr 1fr 1fr auto;
		gap: 1rem;
		align-items: end;
		margin-bottom: 1.5rem;
	}
	@media (max-width: 40rem) {
		.begin {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
