<script lang="ts">
	import { colourName, outlineOf, type Photo, type Region, type Spot } from '$lib/core';
	import { m } from '../messages';
	import { keepMarks } from './body';
	import BodyMarksLayer from './BodyMarksLayer.svelte';
	import type { Measuring, Mode, Tool } from './measuring.svelte';
	import { boxBetween, brushRadius, photoStage } from './stage.svelte';

	interface Props {
		state: Measuring;
		url: string;
		photo: Photo;
		tool: Tool;
		mode: Mode;
		/** Times as large as it fits: 1 shows all of it. */
		zoom: number;
		/** Regions of elements, to be seen beside what is marked. */
		others: readonly Region[];
		onknown: (spot: Spot, tone: 'white' | 'grey') => void;
	}
	let { state: measured, url, photo, tool, mode, zoom, others, onknown }: Props = $props();

	const stage = photoStage({
		get state() {
			return measured;
		},
		tool: () => tool,
		mode: () => mode,
		onknown: (spot, tone) => onknown(spot, tone)
	});
	const size = $derived(measured.opened ?? { width: photo.width, height: photo.height });
	const outline = $derived(measured.region && outlineOf(measured.region));
	const box = $derived.by(() => {
		const [from, to] = stage.path;
		return tool === 'box' && from && to ? boxBetween(from, to) : undefined;
	});

	let surface = $state<HTMLElement>();
	let under = $state<{ hex: string; name: string }>();
	let looking = false;
	function spotOf(event: PointerEvent): Spot {
		const frame = surface?.getBoundingClientRect();
		if (!frame) return { x: 0, y: 0 };
		return {
			x: ((event.clientX - frame.left) / frame.width) * size.width,
			y: ((event.clientY - frame.top) / frame.height) * size.height
		};
	}
	/** The colour under the pointer: asked one at a time, the pointer's latest place. */
	async function look(spot: Spot) {
		if (looking || !measured.opened) return;
		looking = true;
		const hex = await measured.colourAt(spot, photo.known).catch(() => undefined);
		looking = false;
		under = hex === undefined ? undefined : { hex, name: colourName(hex) };
	}
	$effect(() => {
		if (stage.cursor) void look(stage.cursor);
	});
</script>

<div class="scroll">
	<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions (an application of its own: arrows move its pointer, Enter points) -->
	<div
		class="surface"
		class:drawing={tool === 'box' || tool === 'brush'}
		bind:this={surface}
		role="application"
		aria-label={m.photos.stage}
		aria-busy={measured.busy}
		tabindex="0"
		style:--ratio="{size.width} / {size.height}"
		style:--zoom={zoom}
		onpointerdown={(event) => {
			if (event.button !== 0) return;
			surface?.setPointerCapture(event.pointerId);
			stage.down(spotOf(event));
		}}
		onpointermove={(event) => {
			stage.move(spotOf(event));
			void look(spotOf(event));
		}}
		onpointerup={(event) => {
			if (event.button === 0) stage.up(spotOf(event), event);
		}}
		onpointercancel={stage.leave}
		onwheel={(event) => {
			if (!measured.level || event.ctrlKey) return;
			event.preventDefault();
			void (event.deltaY > 0 ? measured.takeLess() : measured.takeMore());
		}}
		onkeydown={(event) => {
			if (stage.key(event)) event.preventDefault();
		}}
	>
		<img src={url} alt="" draggable="false" />
		<svg viewBox="0 0 {size.width} {size.height}" aria-hidden="true">
			{#each others as region, i (i)}<path class="other" d={outlineOf(region)} />{/each}
			{#if outline}<path class="halo" d={outline} /><path class="line" d={outline} />{/if}
			{#if box}<rect {...box} class="line" />{/if}
			{#if tool === 'brush' && stage.path.length > 0}
				<polyline
					class="stroke"
					points={stage.path.map(({ x, y }) => `${x},${y}`).join(' ')}
					stroke-width={brushRadius * 2}
				/>
			{/if}
			{#if photo.known}
				<circle cx={photo.known.x * size.width} cy={photo.known.y * size.height} r="9" class="halo" />
				<circle cx={photo.known.x * size.width} cy={photo.known.y * size.height} r="9" class="line" />
			{/if}
			{#if stage.cursor}
				{@const { x, y } = stage.cursor}
				<path class="halo" d="M{x - 16} {y}h32M{x} {y - 16}v32" />
				<path class="line" d="M{x - 16} {y}h32M{x} {y - 16}v32" />
			{/if}
		</svg>
		{#if tool === 'body' && measured.marks}
			<BodyMarksLayer marks={measured.marks} onset={(marks) => keepMarks(photo, marks)} />
		{/if}
	</div>
</div>
<p class="under soft">
	{#if under}<i data-colour style:background={under.hex}></i>{m.photos.under(under.name)}{/if}
</p>

<style>
	.scroll {
		min-height: 0;
		overflow: auto;
		background: var(--plate-ground);
		text-align: center;
	}
	.surface {
		display: inline-block;
		position: relative;
		aspect-ratio: var(--ratio);
		height: calc((100vh - var(--above, 15rem)) * var(--zoom));
		min-height: 18rem;
		cursor: crosshair;
		user-select: none;
		touch-action: manipulation;
	}
	.drawing {
		touch-action: none;
	}
	.surface:focus-visible {
		outline: 2px solid var(--accent);
		outline-offset: -2px;
	}
	img,
	svg {
		position: absolute;
		inset: 0;
		width: 100%;
		height: 100%;
	}
	svg {
		fill: none;
		pointer-events: none;
	}
	svg > * {
		vector-effect: non-scaling-stroke;
	}
	.halo {
		stroke: #fff;
		stroke-width: 3.5;
	}
	.line {
		stroke: #5a2ec4;
		stroke-width: 1.6;
	}
	.other {
		stroke: #fff;
		stroke-width: 1;
		stroke-dasharray: 4 4;
		opacity: 0.85;
	}
	.stroke {
		stroke: #5a2ec4;
		stroke-linecap: round;
		stroke-linejoin: round;
		opacity: 0.5;
		vector-effect: none;
	}
	.under {
		display: flex;
		align-items: center;
		gap: 0.4rem;
		min-height: 1.5rem;
		font-size: var(--step--1);
	}
	i {
		width: 1.25rem;
		height: 1.25rem;
		border: 1px solid var(--line-strong);
	}
	@media (max-width: 60rem) {
		.surface {
			height: calc(26rem * var(--zoom));
		}
	}
</style>
