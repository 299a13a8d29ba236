<script lang="ts">
	import { Button, Checkbox, NumberInput } from 'carbon-components-svelte';
	import type { Event } from '$lib/core';
	import { today } from '$lib/store/clock';
	import { askWeather } from '$lib/store/weather';
	import { m } from '../messages';

	interface Props {
		weather: Event['weather'];
		place: string;
		date: string;
		invalid: boolean;
	}
	let { weather = $bindable(), place, date, invalid }: Props = $props();

	let asking = $state(false);
	let told = $state('');

	async function ask() {
		asking = true;
		told = '';
		const result = await askWeather({ place, date, today: today() });
		asking = false;
		if (!result.ok) {
			told = result.message;
			return;
		}
		const { day, town, asked, simulated } = result.answer;
		weather = { airC: Math.round(day.airC), rain: day.rain, source: day.source };
		told = [m.events.weatherOf(town, day.source, simulated), asked ? '' : m.events.notThere(town)]
			.filter(Boolean)
			.join('. ');
	}
	function typeAir(airC: number | null) {
		if (airC === (weather?.airC ?? null)) return;
		weather = airC === null ? undefined : { airC, rain: weather?.rain ?? false, source: 'said' };
		told = '';
	}
</script>

<fieldset class="wide">
	<legend class="visually-hidden">{m.events.fields.weather}</legend>
	<NumberInput
		size="sm"
		hideSteppers
		allowEmpty
		labelText={m.events.airC}
		value={weather?.airC ?? null}
		{invalid}
		invalidText={m.events.airBad}
		on:change={({ detail }) => typeAir(detail)}
	/>
	<Checkbox
		labelText={m.events.rain}
		disabled={!weather}
		checked={weather?.rain ?? false}
		on:check={({ detail }) => {
			if (weather && weather.rain !== detail) weather = { ...weather, rain: detail, source: 'said' };
		}}
	/>
	<Button kind="tertiary" size="small" disabled={!date || asking} on:click={() => void ask()}
		>{asking ? m.events.asking : m.events.ask}</Button
	>
	<p class="soft" role="status">{told || (weather ? m.events.sources[weather.source] : '')}</p>
</fieldset>

<style>
	fieldset {
		display: grid;
		grid-template-columns: 10rem auto auto minmax(0, 1fr);
		gap: 1rem;
		align-items: end;
	}
	p {
		align-self: center;
		font-size: var(--step--1);
	}
	@media (max-width: 40rem) {
		fieldset {
			grid-template-columns: 1fr 1fr;
		}
	}
</style>
