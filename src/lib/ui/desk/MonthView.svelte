<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import ChevronLeft from 'carbon-icons-svelte/lib/ChevronLeft.svelte';
	import ChevronRight from 'carbon-icons-svelte/lib/ChevronRight.svelte';
	import { addDays, dayInWords, monthGrid, monthInWords, weekdayNames, type WeekDay } from '$lib/core';
	import { m } from '../messages';

	/** What stands on a day. */
	interface Entry {
		id: string;
		title: string;
		/** A day that a client is dressed for, or one on which something is due. */
		kind: 'event' | 'task';
		done?: boolean;
	}
	interface Props {
		/** By day. */
		entries: ReadonlyMap<string, readonly Entry[]>;
		today: string;
		weekStart: WeekDay;
		/** Any day of the month that is shown. */
		month: string;
		onopen: (id: string) => void;
		/** A day that was pressed where nothing stood. */
		onadd: (day: string) => void;
	}
	let { entries, today, weekStart, month = $bindable(), onopen, onadd }: Props = $props();

	const weeks = $derived(monthGrid(month, weekStart));
	const names = $derived(weekdayNames(weekStart));
	const few = 2;
	/** The day that Tab reaches; arrows move it. */
	let reached = $state('');
	const current = $derived(
		weeks.flat().includes(reached) ? reached : weeks.flat().includes(today) ? today : (weeks[0]?.[0] ?? '')
	);
	let grid = $state<HTMLTableElement>();

	const steps: Record<string, number> = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -7, ArrowDown: 7 };
	function onkeydown(event: KeyboardEvent) {
		const step = steps[event.key];
		if (step === undefined) return;
		event.preventDefault();
		reached = addDays(current, step);
		if (!weeks.flat().includes(reached)) month = reached;
		requestAnimationFrame(() => grid?.querySelector<HTMLElement>(`[data-day="${reached}"]`)?.focus());
	}
	const turn = (by: number) => (month = addDays(`${month.slice(0, 7)}-15`, by * 30).slice(0, 7) + '-01');
</script>

<div class="head">
	<h2 aria-live="polite">{monthInWords(month)}</h2>
	<Button
		kind="ghost"
		size="small"
		icon={ChevronLeft}
		iconDescription={m.events.previous}
		tooltipPosition="bottom"
		tooltipAlignment="end"
		on:click={() => turn(-1)}
	/>
	<Button
		kind="ghost"
		size="small"
		icon={ChevronRight}
		iconDescription={m.events.next}
		tooltipPosition="bottom"
		tooltipAlignment="end"
		on:click={() => turn(1)}
	/>
</div>
<!-- One of the days is in the order of tabs, the others are reached by arrows. -->
<table bind:this={grid}>
	<thead>
		<tr>
			{#each names as { short, long } (long)}<th scope="col" abbr={long}>{short}</th>{/each}
		</tr>
	</thead>
	<tbody>
		{#each weeks as week (week[0])}
			<tr>
				{#each week as day (day)}
					{@const here = entries.get(day) ?? []}
					<td class:out={!day.startsWith(month.slice(0, 7))} class:today={day === today}>
						<button
							class="day figures"
							data-day={day}
							tabindex={day === current ? 0 : -1}
							aria-label={m.events.onDay(dayInWords(day), here.length)}
							aria-current={day === today ? 'date' : undefined}
							{onkeydown}
							onclick={() => onadd(day)}>{Number(day.slice(8))}</button
						>
						{#each here.slice(0, few) as entry (entry.id)}
							{#if entry.kind === 'event'}
								<button class="entry event" onclick={() => onopen(entry.id)}>{entry.title}</button>
							{:else}
								<span class="entry" class:done={entry.done}>{entry.title}</span>
							{/if}
						{/each}
						{#if here.length > few}<span class="entry soft">+{here.length - few}</span>{/if}
					</td>
				{/each}
			</tr>
		{/each}
	</tbody>
</table>

<style>
	.head {
		display: flex;
		align-items: center;
	}
	h2 {
		margin-right: auto;
	}
	table {
		width: 100%;
		border-collapse: collapse;
		table-layout: fixed;
		background: var(--panel);
	}
	th {
		padding: 0.25rem;
		font-size: var(--step--1);
		font-weight: 400;
		color: var(--ink-soft);
		text-align: left;
	}
	td {
		height: 4.6rem;
		padding: 0.1rem 0.2rem;
		border: 1px solid var(--line);
		vertical-align: top;
	}
	.out {
		background: var(--panel-sunk);
		color: var(--ink-soft);
	}
	.day {
		min-width: 1.5rem;
		min-height: 1.5rem;
		padding: 0 0.2rem;
		border: 0;
		background: none;
		color: inherit;
		font: inherit;
		font-size: var(--step--1);
		cursor: pointer;
	}
	.today .day {
		background: var(--ink);
		color: var(--panel);
	}
	.entry {
		display: block;
		width: 100%;
		overflow: hidden;
		font-size: 0.6875rem;
		line-height: 1.35;
		text-align: left;
		text-overflow: ellipsis;
		white-space: nowrap;
		color: var(--ink-soft);
	}
	.event {
		min-height: 1.5rem;
		padding: 0.05rem 0.2rem;
		border: 0;
		border-left: 3px solid var(--ink);
		background: var(--panel-sunk);
		color: var(--ink);
		font-family: inherit;
		font-weight: 600;
		cursor: pointer;
	}
	.event:hover {
		background: var(--line);
	}
	.done {
		text-decoration: line-through;
	}
	@media (max-width: 40rem) {
		td {
			height: 3rem;
		}
	}
</style>
