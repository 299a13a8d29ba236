<script lang="ts">
	import { extent } from 'd3-array';
	import { scaleLinear } from 'd3-scale';
	import { line } from 'd3-shape';
	import {
		bodyMeasures,
		dayInWords,
		daysBetween,
		lengthInWords,
		type BodyMeasure,
		type LengthUnit
	} from '$lib/core';

	interface Props {
		measure: BodyMeasure;
		/** With their days, the oldest first; two at least. */
		course: readonly { on: string; cm: number }[];
		unit: LengthUnit;
	}
	let { measure, course, unit }: Props = $props();

	const width = 150;
	const height = 44;
	const start = $derived(course[0]?.on ?? '');
	const points = $derived(course.map(({ on, cm }) => ({ day: daysBetween(start, on), cm })));
	const x = $derived(scaleLinear([0, Math.max(1, points.at(-1)?.day ?? 1)], [4, width - 4]));
	const y = $derived.by(() => {
		const [least = 0, most = 0] = extent(points, ({ cm }) => cm);
		// A centimetre is never drawn as a cliff.
		const middle = (least + most) / 2;
		const span = Math.max(4, most - least);
		return scaleLinear([middle - span / 2, middle + span / 2], [height - 5, 5]);
	});
	const path = $derived(
		line<{ day: number; cm: number }>(
			({ day }) => x(day),
			({ cm }) => y(cm)
		)(points) ?? ''
	);
	const said = $derived(
		course.map(({ on, cm }) => `${dayInWords(on)}: ${lengthInWords(cm, unit)}`).join('; ')
	);
	const change = $derived((course.at(-1)?.cm ?? 0) - (course[0]?.cm ?? 0));
</script>

<figure>
	<figcaption>
		<span>{bodyMeasures[measure].label}</span>
		<span class="figures">
			{lengthInWords(course.at(-1)?.cm ?? 0, unit)}
			<span class="soft"
				>{change === 0 ? '' : `${change > 0 ? '+' : '−'}${lengthInWords(Math.abs(change), unit)}`}</span
			>
		</span>
	</figcaption>
	<svg viewBox="0 0 {width} {height}" role="img" aria-label={said}>
		<path d={path} />
		{#each points as { day, cm } (day)}<circle cx={x(day)} cy={y(cm)} r="2.6" />{/each}
	</svg>
</figure>

<style>
	figure {
		width: 10rem;
	}
	figcaption {
		display: flex;
		justify-content: space-between;
		font-size: var(--step--1);
	}
	path {
		fill: none;
		stroke: var(--ink);
		stroke-width: 1.5;
	}
	circle {
		fill: var(--ink);
	}
</style>
