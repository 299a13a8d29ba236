<script lang="ts">
	import {
		drawPlate,
		framingOf,
		type PlateBody,
		type PlateLook,
		type PlateShape,
		type SlotId
	} from '$lib/core';

	interface Props {
		look: PlateLook;
		body?: PlateBody;
		/** What the picture shows, for readers who do not see it; empty beside text that says it. */
		title: string;
		/** Show only where a thing of this slot is worn. */
		slot?: SlotId;
		/** The layer to mark with an outline. */
		lit?: string;
	}
	let { look, body, title, slot, lit }: Props = $props();

	const uid = $props.id();
	const plate = $derived(drawPlate(look, body));
	const view = $derived(
		slot ? framingOf(slot, plate, look.worn[0]?.id) : [-plate.width / 2, 0, plate.width, plate.height]
	);
	const own = (id: string) => `${uid}-${id}`;
	const paint = (shape: PlateShape) =>
		shape.fill === undefined
			? 'none'
			: shape.fill.kind === 'colour'
				? shape.fill.hex
				: `url(#${own(shape.fill.id)})`;
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

<svg
	viewBox={view.join(' ')}
	role={title ? 'img' : undefined}
	aria-label={title || undefined}
	aria-hidden={title ? undefined : 'true'}
	stroke-linejoin="round"
	stroke-linecap="round"
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
				{#if pattern.background}<rect
						width={pattern.width}
						height={pattern.height}
						fill={pattern.background}
					/>{/if}
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
	</defs>
	{#each plate.layers as layer, i (i)}
		{#if layer.id === lit}
			<g class="halo" aria-hidden="true">
				{#each layer.shapes as shape, j (j)}<path d={shape.d} />{/each}
			</g>
		{/if}
		{#each layer.shapes as shape, j (j)}{@render drawn(shape)}{/each}
	{/each}
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		height: 100%;
		background: var(--plate-ground);
	}
	.halo {
		fill: none;
		stroke: var(--accent);
		stroke-width: 9;
	}
</style>
