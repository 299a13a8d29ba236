<script lang="ts">
	import { goto } from '$app/navigation';
	import { Button } from 'carbon-components-svelte';
	import Add from 'carbon-icons-svelte/lib/Add.svelte';
	import { database } from '$lib/store/database';
	import { live } from '$lib/store/live.svelte';
	import PlateFigure from '../plate/PlateFigure.svelte';
	import Pending from '../frame/Pending.svelte';
	import { m } from '../messages';
	import ClientForm from './ClientForm.svelte';

	const clients = live(() => async () => {
		const all = await database.clients.toArray();
		const of = (table: 'pieces' | 'echoes', id: string) =>
			database[table].where('clientId').equals(id).count();
		return Promise.all(
			all
				.sort((a, b) => a.name.localeCompare(b.name))
				.map(async (client) => ({
					client,
					pieces: await of('pieces', client.id),
					echoes: await of('echoes', client.id)
				}))
		);
	});
	let adding = $state(false);
</script>

<div class="page">
	<div class="page-head">
		<h1>{m.clients.title}</h1>
		<Button icon={Add} on:click={() => (adding = true)}>{m.clients.add}</Button>
	</div>
	<Pending query={clients}>
		{#if clients.value?.length === 0}
			<p class="panel">{m.clients.empty}</p>
		{/if}
		<ul class="grid">
			{#each clients.value ?? [] as { client, pieces, echoes } (client.id)}
				<li>
					<a class="panel panel-link" href="/clients/{client.id}">
						<span class="head"><PlateFigure look={{ worn: [] }} body={client} slot="head" title="" /></span>
						<span>
							<h2>{client.name}</h2>
							<span class="soft">{m.counts.pieces(pieces)} · {m.counts.echoes(echoes)}</span>
							<span class="brief">{client.brief}</span>
						</span>
					</a>
				</li>
			{/each}
		</ul>
	</Pending>
</div>
<ClientForm bind:open={adding} onsaved={(id) => void goto(`/clients/${id}`)} />

<style>
	.head {
		width: 4.5rem;
		height: 5rem;
		flex: none;
		background: var(--panel-sunk);
	}
	.brief {
		display: -webkit-box;
		-webkit-box-orient: vertical;
		-webkit-line-clamp: 3;
		line-clamp: 3;
		overflow: hidden;
		margin-top: 0.5rem;
		font-size: var(--step-0);
	}
	.grid {
		grid-template-columns: repeat(auto-fill, minmax(min(21rem, 100%), 1fr));
	}
</style>
