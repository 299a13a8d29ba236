<script lang="ts">
	import { scaleLinear } from 'd3-scale';
	import { curveStepAfter, line } from 'd3-shape';

	interface Point {
		/** In the smallest unit. */
		minor: number;
		/** Mean closeness, 0..100. */
		score: number;
		/** What is special of it. */
		mark?: string;
	}
	interface Props {
		/** From the least money to the most; one at least. */
		points: readonly Point[];
		at: number;
		/** Where a budget lies, and how it is called. */
		budget?: { minor: number; label: string };
		title: string;
		money: (minor: number) => string;
		/** A point in words. */
		inWords: (point: Point) => string;
		axes: { money: string; score: string };
		onpick: (at: number) => void;
	}
	let { points, at, budget, title, money, inWords, axes, onpick }: Props = $props();

	/** As wide as there is room for, so that letters stay as large as they are. */
	let room = $state(720);
	const width = $derived(Math.max(260, room));
	const height = 250;
	const edge = { left: 46, right: 36, top: 30, bottom: 34 };
	const most = $derived(Math.max(1, ...points.map(({ minor }) => minor), budget?.minor ?? 0));
	const x = $derived(scaleLinear([0, most], [edge.left, width - edge.right]));
	const y = $derived.by(() => {
		const scores = points.map(({ score }) => score);
		const [least, best] = [Math.min(...scores), Math.max(...scores)];
		// A tenth of a point is never drawn as a cliff.
		const middle = (least + best) / 2;
		const half = Math.max(2.5, (best - least) * 0.7);
		return scaleLinear(
			[Math.max(0, middle - half), Math.min(100, middle + half)],
			[height - edge.bottom, edge.top]
		).nice(4);
	});
	const path = $derived(
		line<Point>(
			({ minor }) => x(minor),
			({ score }) => y(score)
		).curve(curveStepAfter)([
			...points,
			...(points.length > 0 ? [{ minor: most, score: points.at(-1)?.score ?? 0 }] : [])
		]) ?? ''
	);
	const chosen = $derived(points[at]);
	/** Letters on either side of a point beyond which they would lie over an axis. */
	const halfMark = 64;
	function anchorAt(px: number): 'start' | 'middle' | 'end' {
		if (px - halfMark < edge.left) return 'start';
		return px + halfMark > width - edge.right ? 'end' : 'middle';
	}

	function key(event: KeyboardEvent) {
		const steps: Record<string, number> = {
			ArrowLeft: at - 1,
			ArrowDown: at - 1,
			ArrowRight: at + 1,
			ArrowUp: at + 1,
			Home: 0,
			End: points.length - 1
		};
		const to = steps[event.key];
		if (to === undefined) return;
		event.preventDefault();
		onpick(to);
	}
	/** The step whose money is nearest to where the pointer is. */
	function pick(event: PointerEvent & { currentTarget: HTMLElement }) {
		const frame = event.currentTarget.getBoundingClientRect();
		const minor = x.invert(((event.clientX - frame.left) / frame.width) * width);
		const apart = points.map((point) => Math.abs(point.minor - minor));
		onpick(apart.indexOf(Math.min(...apart)));
	}
</script>

<div
	class="chart"
	bind:clientWidth={room}
	role="slider"
	tabindex="0"
	aria-label={title}
	aria-valuemin={0}
	aria-valuemax={points.length - 1}
	aria-valuenow={at}
	aria-valuetext={chosen ? inWords(chosen) : ''}
	onkeydown={key}
	onpointerdown={(event) => {
		event.currentTarget.setPointerCapture(event.pointerId);
		pick(event);
	}}
	onpointermove={(event) => {
		if (event.buttons === 1) pick(event);
	}}
>
	<svg viewBox="0 0 {width} {height}" aria-hidden="true">
		{#each y.ticks(4) as tick (tick)}
			<line class="grid" x1={edge.left} x2={width - edge.right} y1={y(tick)} y2={y(tick)} />
			<text x={edge.left - 8} y={y(tick) + 4} text-anchor="end">{tick}</text>
		{/each}
		{#each x.ticks(width > 480 ? 5 : 3) as tick (tick)}
			<text x={x(tick)} y={height - edge.bottom + 17} text-anchor="middle">{money(tick)}</text>
		{/each}
		<text x={8} y="12">{axes.score}</text>
		<text x={width - edge.right} y={height - 3} text-anchor="end">{axes.money}</text>
		{#if budget}
			<line
				class="budget"
				x1={x(budget.minor)}
				x2={x(budget.minor)}
				y1={edge.top}
				y2={height - edge.bottom}
			/>
			<text
				x={x(budget.minor) + (x(budget.minor) > width * 0.75 ? -6 : 6)}
				y={height - edge.bottom - 6}
				text-anchor={x(budget.minor) > width * 0.75 ? 'end' : 'start'}>{budget.label}</text
			>
		{/if}
		<path d={path} />
		{#each points as point, i (i)}
			<circle class:chosen={i === at} cx={x(point.minor)} cy={y(point.score)} r={i === at ? 7 : 4.5} />
			{#if point.mark}
				<text
					class="mark"
					x={x(point.minor) + (i === 0 ? 8 : 0)}
					y={y(point.score) + (i === 0 ? 20 : -13)}
					text-anchor={anchorAt(x(point.minor))}>{point.mark}</text
				>
			{/if}
		{/each}
	</svg>
</div>

<style>
	.chart {
		cursor: pointer;
		touch-action: pan-y;
		user-select: none;
	}
	.chart:focus-visible {
		outline: 2px solid var(--accent);
		outline-offset: 2px;
	}
	svg {
		display: block;
		width: 100%;
		height: auto;
	}
	path {
		fill: none;
		stroke: var(--ink);
		stroke-width: 2;
	}
	circle {
		fill: var(--panel);
		stroke: var(--ink);
		stroke-width: 2;
	}
	.chosen {
		fill: var(--accent);
		stroke: var(--accent);
	}
	.grid {
		stroke: var(--line);
	}
	.budget {
		stroke: var(--ink-soft);
		stroke-dasharray: 5 4;
	}
	text {
		fill: var(--ink-soft);
		font-size: 12px;
	}
	.mark {
		fill: var(--ink);
	}
</style>
