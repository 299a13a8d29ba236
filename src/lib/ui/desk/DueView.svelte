<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import { group } from 'd3-array';
	import Add from 'carbon-icons-svelte/lib/Add.svelte';
	import { addDays, daysBetween, monthGrid, taskKinds, type Event, type Settings } from '$lib/core';
	import { moment, today } from '$lib/store/clock';
	import { database } from '$lib/store/database';
	import { live } from '$lib/store/live.svelte';
	import { piecesWornIn } from '$lib/store/worn';
	import EventList from '../events/EventList.svelte';
	import { notices } from '../frame/notices.svelte';
	import { perform } from '../frame/perform';
	import { m } from '../messages';
	import { download } from '../studio/download';
	import DueList from './DueList.svelte';
	import MonthView from './MonthView.svelte';
	import { dueFor } from './due';

	let { settings }: { settings: Settings } = $props();

	const from = today();
	/** As many coming events as stand in the list. */
	const most = 6;

	const clients = live(() => () => database.clients.toArray());
	const coming = live(() => () => database.events.where('date').aboveOrEqual(from).limit(most).toArray());
	/** The month of the next event, where it is near; until another is turned to. */
	let turnedTo = $state<string | undefined>();
	const nearDays = 45;
	const month = $derived.by(() => {
		const next = coming.value?.[0]?.date;
		return turnedTo ?? (next && daysBetween(from, next) <= nearDays ? next : from);
	});
	/** Events of the weeks of the month that is shown, and of as many after it as preparation reaches back. */
	const shown = live(() => {
		const weeks = monthGrid(month, settings.weekStart);
		const first = weeks[0]?.[0] ?? from;
		const last = addDays(
			weeks.at(-1)?.[6] ?? from,
			Math.max(...Object.values(taskKinds).map((kind) => kind.daysBefore))
		);
		return () => database.events.where('date').between(first, last, true, true).toArray();
	});
	const events = $derived([
		...new Map([...(coming.value ?? []), ...(shown.value ?? [])].map((event) => [event.id, event])).values()
	]);
	const forThem = live(() => {
		const ids = events.map(({ id }) => id);
		return () => wornAt(ids);
	});
	async function wornAt(eventIds: readonly string[]) {
		const echoes = await database.echoes.where('eventId').anyOf(eventIds).toArray();
		return { echoes, pieces: await piecesWornIn(echoes) };
	}
	const all = $derived(
		dueFor({
			echoes: forThem.value?.echoes ?? [],
			pieces: forThem.value?.pieces ?? [],
			events,
			clients: clients.value ?? []
		})
	);
	/** Of events that are still to come: what was not done in time stays until it is ticked. */
	const open = $derived(all.filter(({ done, event }) => !done && event.date >= from));
	const entries = $derived(
		group(
			[
				...events.map(({ id, date, title }) => ({ day: date, id, title, kind: 'event' as const })),
				...all.map(({ echo, task, day, done }) => ({
					day,
					id: `${echo.id} ${task.key}`,
					title: `${taskKinds[task.kind].label}: ${task.title}`,
					kind: 'task' as const,
					done
				}))
			],
			({ day }) => day
		)
	);

	let dating = $state(false);
	/** The form comes when one is first wanted, and stays. */
	let wanted = $state(false);
	let edited = $state.raw<Event | undefined>();
	let given = $state.raw<{ date?: string }>({});
	function openForm(event?: Event, date?: string) {
		edited = event;
		given = date ? { date } : {};
		dating = wanted = true;
	}

	const saveCalendar = () =>
		perform(async () => {
			const { calendarOf } = await import('$lib/core/day/calendar');
			const ahead = await database.events.where('date').aboveOrEqual(from).toArray();
			const people = await database.clients.toArray();
			const due = dueFor({ ...(await wornAt(ahead.map(({ id }) => id))), events: ahead, clients: people });
			const text = calendarOf(
				ahead.map((event) => ({
					event,
					client: people.find(({ id }) => id === event.clientId)?.name ?? '',
					tasks: due.filter((one) => one.event.id === event.id).map(({ task, done }) => ({ ...task, done }))
				})),
				moment()
			);
			const name = `prime-echo-${from}.ics`;
			download(new Blob([text], { type: 'text/calendar;charset=utf-8' }), name);
			notices.show({ kind: 'info', title: m.events.calendarSaved(name) });
		});
</script>

<div class="due">
	<section aria-labelledby="coming-title">
		<div class="head">
			<h2 id="coming-title" tabindex="-1">{m.desk.events}</h2>
			<Button kind="tertiary" size="small" icon={Add} on:click={() => openForm()}>{m.events.add}</Button>
		</div>
		{#if coming.value?.length === 0}<p class="soft">{m.events.none}</p>{/if}
		<EventList
			events={coming.value ?? []}
			clients={clients.value ?? []}
			onedit={openForm}
			home="#coming-title"
		/>
	</section>
	<section aria-labelledby="due-title">
		<h2 id="due-title">{m.desk.due}</h2>
		{#if open.length === 0}<p class="soft">{m.desk.dueEmpty}</p>{/if}
		<DueList due={open} />
	</section>
	<section class="month">
		<MonthView
			{entries}
			today={from}
			weekStart={settings.weekStart}
			bind:month={() => month, (to) => (turnedTo = to)}
			onopen={(id) => openForm(events.find((event) => event.id === id))}
			onadd={(day) => openForm(undefined, day)}
		/>
		{#if events.length > 0}
			<Button kind="ghost" size="small" on:click={() => void saveCalendar()}>{m.events.calendar}</Button>
		{/if}
	</section>
</div>
{#if wanted && clients.value && clients.value.length > 0}
	{#await import('../events/EventForm.svelte') then { default: EventForm }}
		<EventForm bind:open={dating} clients={clients.value} event={edited} {given} />
	{/await}
{/if}

<style>
	.due {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) minmax(0, 1.5fr);
		gap: 2rem;
		margin-bottom: 2rem;
	}
	.head {
		display: flex;
		align-items: center;
	}
	h2 {
		margin-right: auto;
		margin-bottom: 0.5rem;
	}
	@media (max-width: 70rem) {
		.due {
			grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
		}
		.month {
			grid-column: 1 / -1;
		}
	}
	@media (max-width: 40rem) {
		.due {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
