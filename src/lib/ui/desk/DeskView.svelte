<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import { today } from '$lib/store/clock';
	import { live } from '$lib/store/live.svelte';
	import { readStudio } from '$lib/store/studio';
	import Pending from '../frame/Pending.svelte';
	import { m } from '../messages';
	import Welcome from './Welcome.svelte';

	const studio = live(() => () => readStudio());
	const settings = $derived(studio.value?.settings[0]);
	const unfinished = $derived(studio.value?.echoes.filter(({ judgements }) => judgements.length === 0) ?? []);
	const judged = $derived(studio.value?.echoes.filter(({ judgements }) => judgements.length > 0) ?? []);
	const coming = $derived(
		(studio.value?.events ?? [])
			.filter(({ date }) => date >= today())
			.sort((a, b) => a.date.localeCompare(b.date))
	);
	const clientOf = (id: string) => studio.value?.clients.find((client) => client.id === id);
	const when = (date: string) =>
		new Date(date).toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'long' });
</script>

{#snippet cards(echoes: typeof unfinished)}
	<ul class="grid">
		{#each echoes as echo (echo.id)}
			{@const client = clientOf(echo.clientId)}
			{#if client && studio.value}
				<li>
					<!-- Cards draw plates and work out scores: their code comes after the desk itself. -->
					{#await import('../fitting/echoes/EchoCard.svelte') then { default: EchoCard }}
						<EchoCard
							{echo}
							{client}
							pieces={studio.value.pieces.filter(({ clientId }) => clientId === client.id)}
							reference={studio.value.references.find(({ id }) => id === echo.referenceId)}
						/>
					{/await}
				</li>
			{/if}
		{/each}
	</ul>
{/snippet}

<Pending query={studio}>
	{#if !settings}
		<Welcome />
	{:else if studio.value}
		<div class="page">
			<div class="page-head">
				<h1>{m.desk.title}</h1>
				{#if studio.value.clients.length > 0 && studio.value.references.length > 0}
					<Button href="/fitting">{m.desk.begin}</Button>
				{/if}
			</div>
			{#if settings.demo}<p class="soft note">
					{m.desk.demoNote} <a href="/studio">{m.places.studio}</a>
				</p>{/if}
			{#if studio.value.clients.length === 0 || studio.value.references.length === 0}
				<p class="panel">
					{m.desk.start} <a href="/clients">{m.places.clients}</a> ·
					<a href="/references">{m.places.references}</a>
				</p>
			{:else}
				<div class="desk">
					<div>
						<h2>{m.desk.unfinished}</h2>
						{#if unfinished.length === 0}<p class="soft">{m.desk.unfinishedEmpty}</p>{/if}
						{@render cards(unfinished)}
						<h2>{m.desk.judged}</h2>
						{#if judged.length === 0}<p class="soft">{m.desk.judgedEmpty}</p>{/if}
						{@render cards(judged)}
					</div>
					<aside>
						<h2>{m.desk.events}</h2>
						{#if coming.length === 0}<p class="soft">{m.desk.eventsEmpty}</p>{/if}
						<ol>
							{#each coming as event (event.id)}
								<li>
									<span class="soft">{when(event.date)}</span>
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
		grid-template-columns: repeat(auto-fill, minmax(17rem, 1fr));
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
