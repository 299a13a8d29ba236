<script lang="ts">
	import { Button, Select, SelectItem } from 'carbon-components-svelte';
	import {
		activities,
		activityAt,
		comfortRange,
		dayInWords,
		landingsOf,
		lengthInWords,
		monthName,
		monthsFor,
		warmthAt,
		wornPieces,
		type Activity,
		type WeatherAnswer
	} from '$lib/core';
	import { today } from '$lib/store/clock';
	import { askWeather } from '$lib/store/weather';
	import { chosenIn } from '../../frame/chosen';
	import WarmthBars from '../../charts/WarmthBars.svelte';
	import { m } from '../../messages';
	import type { FittingTable } from '../table/table.svelte';
	import DayChanges from './DayChanges.svelte';
	import Occasions from './Occasions.svelte';
	import Preparation from './Preparation.svelte';

	let { table }: { table: FittingTable } = $props();

	const echo = $derived(table.echo);
	const client = $derived(table.client);
	const event = $derived(table.event);
	const worn = $derived(wornPieces(echo, table.pieces));

	let doing = $state<Activity | undefined>();
	const activity = $derived(doing ?? (event ? activityAt(event) : 'standing'));
	const setting = $derived(event?.setting === 'outdoors' ? ('outdoors' as const) : ('indoors' as const));
	const ranges = $derived(comfortRange(worn, activity, { setting }));
	const air = $derived(event?.weather?.airC);
	const warmth = $derived(air === undefined ? undefined : warmthAt(air, ranges));

	/** What is usual at the place, asked for when it is wanted: the months in which the look can be worn. */
	let normals = $state.raw<WeatherAnswer | undefined>();
	let unreachable = $state('');
	const months = $derived(normals ? monthsFor(worn, normals.normals) : []);
	async function askMonths() {
		const result = await askWeather({
			place: event?.place ?? '',
			date: event?.date ?? today(),
			today: today()
		});
		if (result.ok) normals = result.answer;
		unreachable = result.ok ? '' : result.message;
	}
	const monthsInWords = (list: readonly number[]) => list.map((month) => monthName(month)).join(', ');

	const landings = $derived(
		landingsOf(
			worn.map(({ id, garment, moves, lengthCm }) => ({
				id,
				garment,
				moves,
				lengthCm,
				asked: table.elements.find((element) => element.id === id)?.garment
			})),
			client.measurements
		)
	);
	const titleOf = (id: string) => worn.find((piece) => piece.id === id)?.title ?? '';
	const unit = $derived(table.units);
</script>

<div class="wear">
	<h2 class="visually-hidden">{m.fitting.wear.title}</h2>
	<DayChanges {table} />
	{#if event}
		<section aria-label={m.fitting.wear.day}>
			<h3>{event.title}</h3>
			<p class="soft">
				{[
					dayInWords(event.date, 'with-weekday'),
					event.time,
					event.place,
					event.setting !== 'unknown' && m.events.settings[event.setting],
					event.dressCode,
					event.weather && m.events.facts.weather(event.weather.airC, event.weather.rain),
					event.standingHours !== undefined && m.fitting.wear.standing(event.standingHours),
					event.walkingKm !== undefined && m.fitting.wear.walking(event.walkingKm)
				]
					.filter(Boolean)
					.join(' · ')}
			</p>
			{#if event.purpose}<p>{event.purpose}</p>{/if}
		</section>
	{/if}
	{#if worn.length === 0}
		<p class="soft none">{m.fitting.wear.nothing}</p>
	{:else}
		<section aria-label={m.fitting.wear.warmth}>
			<div class="head">
				<h3>{m.fitting.wear.warmth}</h3>
				<Select
					size="sm"
					inline
					labelText={m.fitting.wear.doing}
					selected={activity}
					on:change={(change) => (doing = chosenIn(change) as Activity)}
				>
					{#each Object.entries(activities) as [id, { label }] (id)}<SelectItem
							value={id}
							text={label}
						/>{/each}
				</Select>
			</div>
			<WarmthBars {ranges} airC={air} />
			{#if warmth && air !== undefined}
				<p class:warn={warmth.verdict === 'cold' || warmth.verdict === 'hot'}>
					{m.fitting.wear.verdict[warmth.verdict](Math.round(air), warmth.states.join(', '))}
				</p>
			{/if}
			<p class="soft small">{m.fitting.wear.warmthNote(setting)}</p>
			<div class="row">
				{#if echo.hold}
					<p>{m.fitting.wear.heldFor(monthsInWords(echo.hold.months))}</p>
					<Button size="small" kind="ghost" on:click={() => void table.release()}
						>{m.fitting.wear.release}</Button
					>
				{:else if normals && months.length > 0}
					<p>
						{m.fitting.wear.suits(normals.town, monthsInWords(months), normals.simulated)}
					</p>
					{#if months.length < 12}
						<Button size="small" kind="tertiary" on:click={() => void table.hold(months)}
							>{m.fitting.wear.hold}</Button
						>
					{/if}
				{:else if normals}
					<p>{m.fitting.wear.noMonth(normals.town)}</p>
				{:else}
					<Button size="small" kind="ghost" on:click={() => void askMonths()}
						>{m.fitting.wear.askMonths}</Button
					>
				{/if}
				{#if unreachable}<p role="status">{unreachable}</p>{/if}
			</div>
		</section>
		<section aria-label={m.fitting.wear.hems}>
			<h3>{m.fitting.wear.hems}</h3>
			{#if client.measurements.stature === undefined}
				<p class="soft">{m.fitting.wear.noHeight(client.name)}</p>
			{/if}
			<ul>
				{#each landings as { id, landing, asked, lowerCm, notes }, i (i)}
					<li>
						<strong>{titleOf(id)}</strong>
						<span>{m.fitting.wear.ends(landing.words, landing.measured)}</span>
						{#if asked && lowerCm !== undefined}
							<span class="soft"
								>{m.fitting.wear.onReference(
									asked.words,
									lowerCm,
									lengthInWords(Math.abs(lowerCm), unit)
								)}</span
							>
						{/if}
						{#if landing.aboveFloorCm < 8}<span class="soft"
								>{m.fitting.wear.clearance(
									landing.aboveFloorCm,
									lengthInWords(Math.abs(landing.aboveFloorCm), unit)
								)}</span
							>{/if}
						{#each notes as note (note)}<span>{note}</span>{/each}
					</li>
				{/each}
			</ul>
		</section>
		<Preparation {table} />
		<Occasions {table} />
	{/if}
</div>

<style>
	.wear {
		position: relative;
		height: 100%;
		overflow-y: auto;
		background: var(--panel);
		border-left: 1px solid var(--line);
	}
	section {
		display: grid;
		gap: 0.4rem;
		padding: 0.75rem;
		border-bottom: 1px solid var(--line);
		font-size: var(--step-0);
	}
	h3 {
		font-size: var(--step-0);
	}
	.head {
		display: flex;
		gap: 1rem;
		justify-content: space-between;
		align-items: center;
	}
	ul {
		list-style: none;
		display: grid;
		gap: 0.5rem;
	}
	li {
		display: grid;
	}
	.small {
		font-size: var(--step--1);
	}
	.warn {
		color: var(--warn);
	}
	.none {
		padding: 0.75rem;
	}
</style>
