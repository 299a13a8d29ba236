<script lang="ts">
	import { goto } from '$app/navigation';
	import { Button } from 'carbon-components-svelte';
	import Add from 'carbon-icons-svelte/lib/Add.svelte';
	import type { Client, Event } from '$lib/core';
	import { today } from '$lib/store/clock';
	import { database } from '$lib/store/database';
	import { change } from '$lib/store/journal';
	import { live } from '$lib/store/live.svelte';
	import { useOf } from '$lib/store/worn';
	import EventForm from '../events/EventForm.svelte';
	import EventList from '../events/EventList.svelte';
	import EchoCard from '../fitting/echoes/EchoCard.svelte';
	import Confirm from '../frame/Confirm.svelte';
	import Missing from '../frame/Missing.svelte';
	import Pending from '../frame/Pending.svelte';
	import Title from '../frame/Title.svelte';
	import { performTold } from '../frame/perform';
	import { m } from '../messages';
	import WardrobeView from '../wardrobe/WardrobeView.svelte';
	import SchoolsForm from '../schools/SchoolsForm.svelte';
	import ClientFacts from './ClientFacts.svelte';
	import ClientForm from './ClientForm.svelte';
	import FitNotes from './FitNotes.svelte';
	import ReachList from '../reach/ReachList.svelte';

	let { clientId }: { clientId: string } = $props();

	const found = live(() => {
		const id = clientId;
		return async () => ({
			client: await database.clients.get(id),
			pieces: await database.pieces.where('clientId').equals(id).toArray(),
			events: await database.events.where('clientId').equals(id).sortBy('date'),
			fitNotes: await database.fitNotes.where('clientId').equals(id).reverse().sortBy('on'),
			echoes: await database.echoes.where('clientId').equals(id).reverse().sortBy('createdOn'),
			wears: await database.wears.where('clientId').equals(id).toArray(),
			references: await database.references.toArray(),
			settings: await database.settings.toCollection().first()
		});
	});
	const client = $derived(found.value?.client);
	const used = $derived(useOf(found.value?.wears ?? [], found.value?.echoes ?? []));
	const unit = $derived(found.value?.settings?.units ?? 'cm');
	let editing = $state(false);
	let asking = $state(false);
	let choosing = $state(false);
	/** As many echoes as stand above the rail; the latest first. */
	const few = 4;
	let allEchoes = $state(false);

	/** Coming ones first, in their order; the earlier ones behind a word. */
	const coming = $derived(found.value?.events.filter(({ date }) => date >= today()) ?? []);
	const past = $derived(found.value?.events.filter(({ date }) => date < today()).reverse() ?? []);
	let dating = $state(false);
	let editedEvent = $state.raw<Event | undefined>();
	function openEvent(event?: Event) {
		editedEvent = event;
		dating = true;
	}

	const saveSchools = (schools: Client['schools']) =>
		change(m.did.changedSchools(client?.name ?? ''), (writer) =>
			writer.edit('clients', clientId, (draft) => void (draft.schools = schools))
		);
	async function remove() {
		if (!client) return;
		const { id, name } = client;
		const gone = await performTold(
			m.did.deleted(name),
			(writer) => writer.remove('clients', id),
			m.clients.removed(name)
		);
		if (gone) await goto('/clients');
	}
</script>

<Title of={client?.name} />
<div class="page">
	<Pending query={found}>
		{#if !client || !found.value}
			<Missing back="/clients" label={m.places.clients} />
		{:else}
			<div class="page-head">
				<h1>{client.name}</h1>
				<Button kind="ghost" size="small" on:click={() => (asking = true)}>{m.remove}</Button>
				<Button kind="ghost" size="small" on:click={() => (choosing = true)}>{m.schools.edit}</Button>
				<Button kind="tertiary" size="small" on:click={() => (editing = true)}>{m.clients.edit}</Button>
			</div>
			<p class="brief">{client.brief}</p>
			<ClientFacts {client} {unit} />
			<section aria-labelledby="events-title" class="events">
				<div class="page-head">
					<h2 id="events-title" tabindex="-1">{m.events.title}</h2>
					<Button kind="tertiary" size="small" icon={Add} on:click={() => openEvent()}>{m.events.add}</Button>
				</div>
				{#if found.value.events.length === 0}<p class="soft">{m.events.none}</p>{/if}
				<EventList events={coming} onedit={openEvent} home="#events-title" />
				{#if past.length > 0}
					<details>
						<summary>{m.events.past} ({past.length})</summary>
						<EventList events={past} onedit={openEvent} home="#events-title" />
					</details>
				{/if}
			</section>
			{#if found.value.echoes.length > 0}
				<h2>{m.counts.echoes(found.value.echoes.length)}</h2>
				<ul class="grid echoes">
					{#each allEchoes ? found.value.echoes : found.value.echoes.slice(0, few) as echo (echo.id)}
						<li>
							<EchoCard
								{echo}
								{client}
								pieces={found.value.pieces}
								reference={found.value.references.find(({ id }) => id === echo.referenceId)}
							/>
						</li>
					{/each}
				</ul>
				{#if !allEchoes && found.value.echoes.length > few}
					<Button kind="ghost" size="small" on:click={() => (allEchoes = true)}
						>{m.counts.showAll(found.value.echoes.length)}</Button
					>
				{/if}
			{/if}
			<ReachList
				{client}
				pieces={found.value.pieces}
				references={found.value.references}
				fitNotes={found.value.fitNotes}
			/>
			<FitNotes {client} notes={found.value.fitNotes} />
			<WardrobeView
				{client}
				pieces={found.value.pieces}
				currency={found.value.settings?.currency ?? 'GBP'}
				{used}
			/>
		{/if}
	</Pending>
</div>
{#if client}
	<ClientForm bind:open={editing} {client} />
	<EventForm bind:open={dating} clients={[client]} event={editedEvent} given={{ clientId: client.id }} />
	<SchoolsForm
		bind:open={choosing}
		title={m.schools.ofClient(client.name)}
		schools={client.schools}
		onsave={saveSchools}
	/>
	<Confirm
		bind:open={asking}
		title={m.clients.removeAsk(client.name)}
		text={m.clients.removeText}
		action={m.remove}
		onconfirm={remove}
	/>
{/if}

<style>
	.brief {
		max-width: 65ch;
		margin-bottom: 1rem;
	}
	.events {
		margin-bottom: 2rem;
	}
	.events h2 {
		margin-right: auto;
	}
	.events .page-head {
		margin-bottom: 0.5rem;
	}
	summary {
		padding: 0.4rem 0;
		font-size: var(--step-0);
		cursor: pointer;
	}
	.echoes {
		margin: 0.75rem 0 2rem;
	}
</style>
