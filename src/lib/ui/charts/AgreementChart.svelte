<script lang="ts">
	import { extent } from 'd3-array';
	import { scaleLinear } from 'd3-scale';

	interface Props {
		/** By judgement: the computed score and the stylist's rating, 0..100; one at least. */
		points: readonly { id: string; title: string; score: number; rating: number }[];
		meanDifference: number;
		limits?: readonly [number, number];
		/** What it shows, for readers who do not see it. */
		said: string;
		axes: { mean: string; difference: string };
	}
	let { points, meanDifference, limits, said, axes }: Props = $props();

	/** As wide as there is room for, so that letters stay as large as they are. */
	let room = $state(640);
	const width = $derived(Math.max(260, room));
	const height = 260;
	const edge = { left: 40, right: 52, top: 26, bottom: 34 };
	const spots = $derived(
		points.map(({ id, title, score, rating }) => ({
			id,
			title,
			mean: (score + rating) / 2,
			difference: rating - score
		}))
	);
	const x = $derived.by(() => {
		const [least = 0, most = 100] = extent(spots, ({ mean }) => mean);
		return scaleLinear(
			[Math.max(0, least - 5), Math.min(100, most + 5)],
			[edge.left, width - edge.right]
		).nice(5);
	});
	const y = $derived.by(() => {
		const far = Math.max(
			5,
			...spots.map(({ difference }) => Math.abs(difference)),
			...(limits ?? []).map(Math.abs)
		);
		return scaleLinear([-far, far], [height - edge.bottom, edge.top]).nice(5);
	});
	const signed = (n: number) =>
		`${n > 0 ? '+' : n < 0 ? '−' : ''}${Math.abs(n).toFixed(n % 1 === 0 ? 0 : 1)}`;
</script>

<div bind:clientWidth={room}>
	<svg viewBox="0 0 {width} {height}" role="img" aria-label={said}>
		{#each y.ticks(5) as tick (tick)}
			<line class="grid" x1={edge.left} x2={width - edge.right} y1={y(tick)} y2={y(tick)} />
			<text x={edge.left - 6} y={y(tick) + 4} text-anchor="end">{signed(tick)}</text>
		{/each}
		{#each x.ticks(width > 480 ? 6 : 4) as tick (tick)}
			<text x={x(tick)} y={height - edge.bottom + 17} text-anchor="middle">{tick}</text>
		{/each}
		<text x="4" y="12">{axes.difference}</text>
		<text x={width - edge.right} y={height - 3} text-anchor="end">{axes.mean}</text>
		<line class="zero" x1={edge.left} x2={width - edge.right} y1={y(0)} y2={y(0)} />
		<line class="mean" x1={edge.left} x2={width - edge.right} y1={y(meanDifference)} y2={y(meanDifference)} />
		<text x={width - edge.right + 4} y={y(meanDifference) + 4}
			>{signed(Math.round(meanDifference * 10) / 10)}</text
		>
		{#each limits ?? [] as limit (limit)}
			<line class="limit" x1={edge.left} x2={width - edge.right} y1={y(limit)} y2={y(limit)} />
			<text x={width - edge.right + 4} y={y(limit) + 4}>{signed(Math.round(limit * 10) / 10)}</text>
		{/each}
		{#each spots as { id, title, mean, difference } (id)}
			<circle cx={x(mean)} cy={y(difference)} r="4"
				><title>{title}: {signed(Math.round(difference))}</title></circle
			>
		{/each}
	</svg>
</div>

<style>
	svg {
		display: block;
		width: 100%;
	}
	text {
		font: 12px var(--text);
		fill: var(--ink-soft);
	}
	.grid {
		stroke: var(--line);
	}
	.zero {
		stroke: var(--line-strong);
	}
	.mean {
		stroke: var(--accent);
		stroke-width: 2;
	}
	.limit {
		stroke: var(--accent);
		stroke-dasharray: 6 5;
	}
	circle {
		fill: var(--ink);
		fill-opacity: 0.65;
	}
</style>
