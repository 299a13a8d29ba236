<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import Edit from 'carbon-icons-svelte/lib/Edit.svelte';
	import TrashCan from 'carbon-icons-svelte/lib/TrashCan.svelte';
	import { dayInWords, daysBetween, moneyInWords, type Client, type Event } from '$lib/core';
	import { today } from '$lib/store/clock';
	import { performTold } from '../frame/perform';
	import { focusOn } from '../frame/focus';
	import { m } from '../messages';

	interface Props {
		/** Named beside their events, where those of several are listed. */
		clients?: readonly Client[];
		/** In the order of their days. */
		events: readonly Event[];
		onedit: (event: Event) => void;
		/** Where the focus goes when the last one is deleted. */
		home: string;
	}
	let { events, clients, onedit, home }: Props = $props();

	const facts = ({ time, place, dressCode, weather, setting, budget }: Event) =>
		[
			time,
			place,
			setting !== 'unknown' && setting !== 'both' && m.events.settings[setting],
			dressCode,
			weather && m.events.facts.weather(weather.airC, weather.rain),
			budget && moneyInWords(budget)
		].filter(Boolean);

	async function remove(event: Event) {
		const at = events.indexOf(event);
		const next = events[at + 1] ?? events[at - 1];
		const gone = await performTold(m.did.deleted(event.title), (writer) => writer.remove('events', event.id));
		if (gone) await focusOn(next ? `[data-event="${next.id}"]` : home);
	}
</script>

<ol class="lines">
	{#each events as event (event.id)}
		<li>
			<div>
				<span class="soft figures"
					>{dayInWords(event.date, 'with-weekday')} · {m.events.facts.inDays(
						daysBetween(today(), event.date)
					)}</span
				>
				<strong>{event.title}</strong>
				{#if clients}
					<a href="/clients/{event.clientId}">{clients.find(({ id }) => id === event.clientId)?.name}</a>
				{/if}
				<span class="soft">{facts(event).join(' · ')}</span>
			</div>
			<a class="begin" href="/fitting?client={event.clientId}&event={event.id}">{m.events.takeTo}</a>
			<span class="deeds">
				<button
					class="icon"
					data-event={event.id}
					aria-label="{m.events.edit}: {event.title}"
					title={m.edit}
					onclick={() => onedit(event)}><Edit /></button
				>
				<Button
					kind="ghost"
					size="small"
					icon={TrashCan}
					iconDescription="{m.remove}: {event.title}"
					tooltipPosition="left"
					on:click={() => void remove(event)}
				/>
			</span>
		</li>
	{/each}
</ol>

<style>
	ol {
		container-type: inline-size;
	}
	li {
		display: grid;
		grid-template-columns: minmax(0, 1fr) auto auto;
		gap: 0 1rem;
		align-items: center;
		padding: 0.4rem 0;
	}
	li > div {
		display: grid;
		justify-items: start;
	}
	.deeds {
		display: flex;
	}
	.icon {
		display: grid;
		place-items: center;
		width: 2.5rem;
		height: 2.5rem;
		border: 0;
		background: none;
		color: inherit;
		cursor: pointer;
	}
	.icon:hover {
		background: var(--panel-sunk);
	}
	@container (max-width: 36rem) {
		li {
			grid-template-columns: minmax(0, 1fr) auto;
		}
		li > div {
			grid-column: 1 / -1;
		}
	}
</style>
