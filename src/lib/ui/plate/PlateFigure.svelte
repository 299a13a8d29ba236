<script lang="ts">
	import {
		drawPlate,
		framingOf,
		halfOf,
		sides,
		type HemLine,
		type Plate,
		type PlateBody,
		type PlateLook,
		type PlateShape,
		type PlateSide,
		type Posture,
		type SlotId
	} from '$lib/core';
	import { carrying, shoemaking } from './apart.svelte';

	interface Props {
		look: PlateLook;
		body?: PlateBody;
		/** What the picture shows, for readers who do not see it; empty beside text that says it. */
		title: string;
		/** Show only where a thing of this slot is worn. */
		slot?: SlotId;
		/** The layers to mark with an outline. */
		lit?: readonly string[];
		/** Another look, laid over this one in outline. */
		over?: PlateLook;
		/** Hems to mark: those of this look, and for comparison those of another. */
		hems?: { own: readonly HemLine[]; other: readonly HemLine[] };
		/** From where it is seen. */
		from?: PlateSide;
		/** Does its wearer stand, sit or walk? */
		posture?: Posture;
		/** Told which layer the pointer is on, and which was clicked. For the pointer only: keys have the rungs. */
		onpoint?: (id: string | undefined) => void;
		onpick?: (id: string) => void;
	}
	let {
		look,
		body,
		title,
		slot,
		lit = [],
		over,
		hems: standingHems,
		from = 'front',
		posture = 'standing',
		onpoint,
		onpick
	}: Props = $props();

	const uid = $props.id();
	/** A shoe on a card is shown by itself, from its side. */
	const shoe = $derived(slot === 'feet' && look.worn.length === 1 ? look.worn[0] : undefined);
	$effect(() => {
		if (posture !== 'standing') carrying.ask();
		if (shoe) shoemaking.ask();
	});
	/** Standing, until the part that carries plates has come. */
	const shown = $derived(carrying.now ? posture : 'standing');
	const drawnIn = (worn: PlateLook) => drawPlate(worn, body, from, shown);
	const posedIn = (plate: Plate) => carrying.now?.posed(plate, shown) ?? plate;
	const standing = $derived((shoe && shoemaking.now?.drawShoe(shoe)) ?? drawnIn(look));
	const plate = $derived(posedIn(standing));
	const hemsIn = (lines: readonly HemLine[]) => carrying.now?.posedHems(lines, standing, shown) ?? lines;
	const hems = $derived(standingHems && { own: hemsIn(standingHems.own), other: hemsIn(standingHems.other) });
	const view = $derived(
		slot ? framingOf(slot, plate, look.worn[0]?.id) : [-plate.width / 2, 0, plate.width, plate.height]
	);
	const outlines = $derived(
		over
			? posedIn(drawnIn(over))
					.layers.filter(({ id }) => over.worn.some((worn) => worn.id === id))
					.flatMap(({ shapes }) => shapes.filter(({ fill }) => fill !== undefined && fill.kind !== 'light'))
			: []
	);
	const own = (id: string) => `${uid}-${id}`;
	const paint = (shape: PlateShape) =>
		shape.fill === undefined
			? 'none'
			: shape.fill.kind === 'colour'
				? shape.fill.hex
				: `url(#${own(shape.fill.id)})`;

	function linked(svg: SVGSVGElement) {
		const layerAt = (event: Event) =>
			(event.target as Element).closest('[data-layer]')?.getAttribute('data-layer') ?? undefined;
		const over = (event: Event) => onpoint?.(layerAt(event));
		const out = () => onpoint?.(undefined);
		const click = (event: Event) => {
			const id = layerAt(event);
			if (id) onpick?.(id);
		};
		svg.addEventListener('pointerover', over);
		svg.addEventListener('pointerleave', out);
		svg.addEventListener('click', click);
		return () => {
			svg.removeEventListener('pointerover', over);
			svg.removeEventListener('pointerleave', out);
			svg.removeEventListener('click', click);
		};
	}
</script>

{#snippet drawn(shape: PlateShape)}
	<path
		d={shape.d}
		fill={paint(shape)}
		stroke={shape.stroke ?? 'none'}
		stroke-width={shape.strokeWidth}
		opacity={shape.opacity}
	/>
{/snippet}
{#snippet hemLine(hem: HemLine, dashed: boolean)}
	<line class="hem" class:dashed x1={-plate.width / 2 + 6} x2={plate.width / 2 - 6} y1={hem.y} y2={hem.y} />
{/snippet}

<svg
	viewBox={view.join(' ')}
	class:pick={onpick !== undefined}
	role={title ? 'img' : undefined}
	aria-label={title || undefined}
	aria-hidden={title ? undefined : 'true'}
	stroke-linejoin="round"
	stroke-linecap="round"
	{@attach onpoint || onpick ? linked : undefined}
>
	<defs>
		{#each plate.patterns as pattern (pattern.id)}
			<pattern
				id={own(pattern.id)}
				width={pattern.width}
				height={pattern.height}
				patternUnits="userSpaceOnUse"
				patternTransform="rotate({pattern.rotation})"
			>
				{#if pattern.background}
					<rect width={pattern.width} height={pattern.height} fill={pattern.background} />
				{/if}
				{#each pattern.shapes as shape, i (i)}{@render drawn(shape)}{/each}
			</pattern>
		{/each}
		{#each plate.lights as light (light.id)}
			<linearGradient id={own(light.id)}>
				{#each light.stops as stop (stop.at)}
					<stop offset={stop.at} stop-color={stop.hex} stop-opacity={stop.opacity} />
				{/each}
			</linearGradient>
		{/each}
		{#each sides as side (side)}
			{#if plate.layers.some((layer) => layer.side === side)}
				<clipPath id={own(side)}><rect {...halfOf(side, plate)} /></clipPath>
			{/if}
		{/each}
	</defs>
	<g transform={plate.mirrored ? 'scale(-1 1)' : undefined}>
		{#each plate.layers as layer, i (i)}
			<g data-layer={layer.id} clip-path={layer.side && `url(#${own(layer.side)})`}>
				{#if lit.includes(layer.id)}
					<g class="halo" aria-hidden="true">
						{#each layer.shapes as shape, j (j)}<path d={shape.d} />{/each}
					</g>
				{/if}
				{#each layer.shapes as shape, j (j)}{@render drawn(shape)}{/each}
			</g>
		{/each}
		<g class="outlines">
			{#each outlines as shape, i (i)}<path d={shape.d} />{/each}
		</g>
	</g>
	{#if hems}
		{#each hems.other as hem, i (i)}{@render hemLine(hem, true)}{/each}
		{#each hems.own as hem, i (i)}
			{@render hemLine(hem, false)}
			<text x={-plate.width / 2 + 10} y={hem.y - 7}>{hem.words}</text>
		{/each}
	{/if}
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		height: 100%;
		background: var(--plate-ground);
	}
	.pick [data-layer]:not([data-layer='figure'], [data-layer='head'], [data-layer='hair']) {
		cursor: pointer;
	}
	.halo {
		fill: none;
		stroke: var(--accent);
		stroke-width: 9;
	}
	.outlines {
		fill: none;
		stroke: var(--accent);
		stroke-width: 2.4;
		pointer-events: none;
	}
	.hem {
		stroke: var(--ink);
		stroke-width: 1.6;
		pointer-events: none;
	}
	.dashed {
		stroke: var(--accent);
		stroke-width: 2.4;
		stroke-dasharray: 9 8;
	}
	text {
		font: 560 21px var(--text);
		fill: var(--ink);
		stroke: var(--plate-ground);
		stroke-width: 5;
		paint-order: stroke;
		pointer-events: none;
	}
</style>
