<script lang="ts">
	import { goto } from '$app/navigation';
	import { Button } from 'carbon-components-svelte';
	import { dayInWords, effects, schoolLabel, type Client } from '$lib/core';
	import { database } from '$lib/store/database';
	import { change } from '$lib/store/journal';
	import { live } from '$lib/store/live.svelte';
	import EchoCard from '../fitting/echoes/EchoCard.svelte';
	import Confirm from '../frame/Confirm.svelte';
	import Missing from '../frame/Missing.svelte';
	import Pending from '../frame/Pending.svelte';
	import Title from '../frame/Title.svelte';
	import { performTold } from '../frame/perform';
	import { m } from '../messages';
	import WardrobeView from '../wardrobe/WardrobeView.svelte';
	import SchoolsForm from '../schools/SchoolsForm.svelte';
	import ClientForm from './ClientForm.svelte';

	let { clientId }: { clientId: string } = $props();

	const found = live(() => {
		const id = clientId;
		return async () => ({
			client: await database.clients.get(id),
			pieces: await database.pieces.where('clientId').equals(id).toArray(),
			events: await database.events.where('clientId').equals(id).sortBy('date'),
			echoes: await database.echoes.where('clientId').equals(id).reverse().sortBy('createdOn'),
			references: await database.references.toArray(),
			settings: await database.settings.toCollection().first()
		});
	});
	const client = $derived(found.value?.client);
	let editing = $state(false);
	let asking = $state(false);
	let choosing = $state(false);
	/** As many echoes as stand above the rail; the latest first. */
	const few = 4;
	let allEchoes = $state(false);

	const facts = $derived.by(() => {
		if (!client) return [];
		const { measurements, allergies, avoidMaterials, limits, wishedEffects, ethics, coloursRefused } = client;
		return [
			['Height', measurements.stature && `${measurements.stature} cm`],
			[
				'Bust, waist, hip',
				[measurements.bust, measurements.waist, measurements.hip].filter(Boolean).join(' · ')
			],
			[m.clients.allergies, allergies.join(', ')],
			[m.clients.avoid, avoidMaterials.join(', ')],
			[m.clients.never, limits.never.join(', ')],
			[m.clients.refused, coloursRefused.join(', ')],
			[
				m.clients.ethics,
				(['fur', 'leather'] as const)
					.filter((material) => !ethics[material])
					.map((material) => m.clients.wearsNo[material])
					.join(', ')
			],
			[m.schools.edit, Object.values(client.schools).map(schoolLabel).join(', ')],
			[m.clients.effects, wishedEffects.map((id) => effects[id].label).join(', ')]
		].filter((entry): entry is [string, string] => Boolean(entry[1]));
	});

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
			<dl class="facts">
				{#each facts as [label, value] (label)}
					<div>
						<dt class="soft">{label}</dt>
						<dd>{value}</dd>
					</div>
				{/each}
				{#each found.value.events as event (event.id)}
					<div>
						<dt class="soft">
							{dayInWords(event.date)}
						</dt>
						<dd>{event.title}</dd>
					</div>
				{/each}
			</dl>
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
						>{m.fitting.showAll(found.value.echoes.length)}</Button
					>
				{/if}
			{/if}
			<WardrobeView {client} pieces={found.value.pieces} currency={found.value.settings?.currency ?? 'GBP'} />
		{/if}
	</Pending>
</div>
{#if client}
	<ClientForm bind:open={editing} {client} />
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
	.facts {
		display: flex;
		flex-wrap: wrap;
		gap: 0.75rem 2rem;
		margin-bottom: 2rem;
		font-size: var(--step-0);
	}
	dt {
		font-size: var(--step--1);
	}
	.echoes {
		margin: 0.75rem 0 2rem;
	}
</style>
