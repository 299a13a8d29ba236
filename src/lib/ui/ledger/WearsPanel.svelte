<script lang="ts">
	import { group } from 'd3-array';
	import { Button } from 'carbon-components-svelte';
	import TrashCan from 'carbon-icons-svelte/lib/TrashCan.svelte';
	import {
		dayInWords,
		type Client,
		type Echo,
		type Event,
		type Piece,
		type Settings,
		type Wear
	} from '$lib/core';
	import { today } from '$lib/store/clock';
	import MonthView from '../desk/MonthView.svelte';
	import { focusOn } from '../frame/focus';
	import { performTold } from '../frame/perform';
	import { ledger as ledgerTexts } from '../messages/ledger';
	import SaveList from './SaveList.svelte';
	import WearForm from './WearForm.svelte';

	interface Props {
		settings: Settings;
		clients: readonly Client[];
		/** Whose ledger it is; everybody's without. */
		clientId?: string;
		wears: readonly Wear[];
		events: readonly Event[];
		echoes: readonly Echo[];
		pieces: readonly Piece[];
	}
	let { settings, clients, clientId, wears, events, echoes, pieces }: Props = $props();

	const from = today();
	let month = $state(from);
	const nameOf = (id: string) => clients.find((client) => client.id === id)?.name ?? ledgerTexts.gone;
	const titleOf = ({ echoId, pieceIds }: Wear) =>
		echoes.find(({ id }) => id === echoId)?.title ??
		pieces
			.filter(({ id }) => pieceIds.includes(id))
			.map(({ name }) => name)
			.join(', ');
	const entries = $derived(
		group(
			[
				// Both can be pressed: a wear to be edited, an event to note what was worn at it.
				...wears.map((wear) => ({ day: wear.on, id: wear.id, title: titleOf(wear), kind: 'event' as const })),
				...events
					.filter(({ id, date }) => date <= from && !wears.some(({ eventId }) => eventId === id))
					.map(({ date, id, title }) => ({ day: date, id, title: `${title} ?`, kind: 'event' as const }))
			],
			({ day }) => day
		)
	);
	/** The latest first. */
	const most = 10;
	const latest = $derived([...wears].sort((a, b) => b.on.localeCompare(a.on)).slice(0, most));
	const rows = $derived(
		[...wears]
			.sort((a, b) => a.on.localeCompare(b.on))
			.map((wear) => ({
				day: wear.on,
				client: nameOf(wear.clientId),
				look: echoes.find(({ id }) => id === wear.echoId)?.title ?? '',
				pieces: pieces
					.filter(({ id }) => wear.pieceIds.includes(id))
					.map(({ name }) => name)
					.join('; '),
				note: wear.note
			}))
	);

	let noting = $state(false);
	let edited = $state.raw<Wear | undefined>();
	let given = $state.raw<{ clientId?: string; on?: string; echoId?: string; eventId?: string }>({});
	function openOn(day: string) {
		edited = undefined;
		given = { clientId, on: day };
		noting = true;
	}
	function openEntry(id: string) {
		edited = wears.find((wear) => wear.id === id);
		const event = events.find((one) => one.id === id);
		const echo = event && echoes.find(({ eventId }) => eventId === event.id);
		given = { clientId: event?.clientId, on: event?.date, echoId: echo?.id, eventId: event?.id };
		noting = true;
	}
	async function remove({ id }: Wear) {
		const gone = await performTold(ledgerTexts.removed, (writer) => writer.remove('wears', id));
		if (gone) await focusOn('#wears-latest');
	}
</script>

<section class="panel" aria-labelledby="wears-title">
	<div class="head">
		<h2 id="wears-title">{ledgerTexts.wears}</h2>
		<SaveList name={ledgerTexts.files.wears} {rows} />
	</div>
	<p class="soft">{ledgerTexts.calendarHow}</p>
	<MonthView
		{entries}
		today={from}
		weekStart={settings.weekStart}
		bind:month
		onopen={openEntry}
		onadd={openOn}
	/>
	<h3 id="wears-latest" tabindex="-1">{ledgerTexts.latest}</h3>
	{#if latest.length === 0}<p class="soft">{ledgerTexts.noWears}</p>{/if}
	<ul class="lines">
		{#each latest as wear (wear.id)}
			<li>
				<span class="figures">{dayInWords(wear.on)}</span>
				<span>{nameOf(wear.clientId)}: {titleOf(wear)}</span>
				<Button
					kind="ghost"
					size="small"
					icon={TrashCan}
					iconDescription={ledgerTexts.remove(dayInWords(wear.on))}
					tooltipPosition="left"
					on:click={() => void remove(wear)}
				/>
			</li>
		{/each}
	</ul>
</section>
{#if clients.length > 0}
	<WearForm bind:open={noting} {clients} {echoes} {pieces} wear={edited} {given} />
{/if}

<style>
	.head {
		display: flex;
		align-items: center;
	}
	li {
		display: grid;
		grid-template-columns: 8.5rem 1fr auto;
		gap: 0.75rem;
		align-items: center;
	}
	h3 {
		margin-top: 1rem;
		font-size: var(--step-1);
	}
	@media (max-width: 40rem) {
		li {
			grid-template-columns: 1fr auto;
		}
		li .figures {
			grid-column: 1 / -1;
		}
	}
</style>
