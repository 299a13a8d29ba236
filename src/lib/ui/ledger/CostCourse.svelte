<script lang="ts">
	import { scaleLinear } from 'd3-scale';
	import { line } from 'd3-shape';
	import { daysBetween, moneyInWords, type Money } from '$lib/core';

	/** What each wear had cost after every day on which a piece was worn: two days at least. */
	let { course, said }: { course: readonly { on: string; perWear?: Money }[]; said: string } = $props();

	const width = 90;
	const height = 22;
	const start = $derived(course[0]?.on ?? '');
	const points = $derived(
		course.map(({ on, perWear }) => ({ day: daysBetween(start, on), minor: perWear?.amountMinor ?? 0 }))
	);
	const x = $derived(scaleLinear([0, Math.max(1, points.at(-1)?.day ?? 1)], [2, width - 2]));
	const y = $derived(scaleLinear([0, Math.max(1, ...points.map(({ minor }) => minor))], [height - 2, 2]));
	const path = $derived(
		line<{ day: number; minor: number }>(
			({ day }) => x(day),
			({ minor }) => y(minor)
		)(points) ?? ''
	);
	const ends = $derived(
		[course[0], course.at(-1)].flatMap((one) => (one?.perWear ? [moneyInWords(one.perWear)] : [])).join(' – ')
	);
</script>

<svg viewBox="0 0 {width} {height}" role="img" aria-label="{said}: {ends}"><path d={path} /></svg>

<style>
	svg {
		width: 5.6rem;
		height: 1.4rem;
		vertical-align: middle;
	}
	path {
		fill: none;
		stroke: var(--ink);
		stroke-width: 1.5;
	}
</style>
