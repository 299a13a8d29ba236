<script lang="ts">
	import { scaleLinear } from 'd3-scale';
	import type { ComfortRange } from '$lib/core';
	import { m } from '../messages';

	interface Props {
		ranges: readonly ComfortRange[];
		/** The air of the event, where it is known. */
		airC?: number;
	}
	let { ranges, airC }: Props = $props();

	const from = $derived(Math.min(0, Math.floor((airC ?? 0) / 5) * 5));
	const to = $derived(Math.max(35, Math.ceil((airC ?? 0) / 5) * 5));
	const x = $derived(scaleLinear([from, to], [0, 100]));
	const shownFrom = (range: ComfortRange) => (range.beyond.colder ? from : range.fromC);
	const shownTo = (range: ComfortRange) => (range.beyond.warmer ? to : range.toC);
	const inWords = (range: ComfortRange): string =>
		m.fitting.wear.range(
			range.state,
			range.beyond.colder ? undefined : Math.round(range.fromC),
			range.beyond.warmer ? undefined : Math.round(range.toC)
		);
</script>

<div class="chart" role="img" aria-label={ranges.map(inWords).join('; ')}>
	{#each ranges as range (range.state)}
		<span class="name">{range.state}</span>
		<span class="bar">
			<i
				data-bar
				class:open-left={range.beyond.colder}
				class:open-right={range.beyond.warmer}
				style:left="{x(shownFrom(range))}%"
				style:width="{x(shownTo(range)) - x(shownFrom(range))}%"
			></i>
			{#if airC !== undefined}<b style:left="{x(airC)}%"></b>{/if}
		</span>
		<span class="figures soft"
			>{range.beyond.colder ? '<10' : Math.round(range.fromC)}–{range.beyond.warmer
				? '>30'
				: Math.round(range.toC)} °C</span
		>
	{/each}
	<span></span>
	<span class="axis">
		{#each x.ticks(5) as tick (tick)}<small class="figures" style:left="{x(tick)}%">{tick}</small>{/each}
	</span>
</div>

<style>
	.chart {
		display: grid;
		grid-template-columns: 6.5rem minmax(0, 1fr) 5rem;
		gap: 0.3rem 0.6rem;
		align-items: center;
		font-size: var(--step--1);
	}
	.bar {
		position: relative;
		height: 0.8rem;
		background: var(--panel-sunk);
	}
	.bar i {
		position: absolute;
		inset-block: 0;
		background: var(--ink);
	}
	/* The formula does not tell how far it reaches. */
	.bar .open-left {
		background: linear-gradient(to right, transparent, var(--ink) 60%);
	}
	.bar .open-right {
		background: linear-gradient(to left, transparent, var(--ink) 60%);
	}
	.bar b {
		position: absolute;
		inset-block: -0.2rem;
		border-left: 2px solid var(--accent);
	}
	.axis {
		position: relative;
		height: 1rem;
		color: var(--ink-soft);
	}
	small {
		position: absolute;
		transform: translateX(-50%);
		font-size: 0.6875rem;
	}
</style>
