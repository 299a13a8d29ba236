<script lang="ts">
	import { aspectValueInWords, metalColours, type Garment } from '$lib/core';

	import { m } from '../messages';

	let { garment, size = 2 }: { garment?: Garment; size?: number } = $props();

	const colours = $derived(
		garment === undefined
			? []
			: garment.palette.length > 0
				? garment.palette.map(({ hex, share }) => ({ hex, share }))
				: garment.metal
					? [{ hex: metalColours[garment.metal.value] ?? '', share: 1 }]
					: []
	);
	const words = $derived(
		(garment && (aspectValueInWords(garment, 'palette') ?? aspectValueInWords(garment, 'metal'))) ??
			m.notNoted
	);
</script>

<span
	class="swatches"
	class:empty={colours.length === 0}
	style:--size="{size}rem"
	role="img"
	aria-label={words}
	title={words}
>
	{#each colours as { hex, share }, i (i)}
		<span data-colour style:background={hex} style:flex-grow={share}></span>
	{/each}
</span>

<style>
	.swatches {
		display: inline-flex;
		width: var(--size);
		height: var(--size);
		overflow: hidden;
		border-radius: 50%;
		box-shadow: inset 0 0 0 1px rgb(128 128 128 / 0.55);
		flex: none;
		position: relative;
	}
	.swatches span {
		flex-basis: 0;
	}
	.swatches::after {
		content: '';
		position: absolute;
		inset: 0;
		border-radius: 50%;
		box-shadow: inset 0 0 0 1px rgb(128 128 128 / 0.55);
	}
	@media (forced-colors: active) {
		.swatches {
			outline: 1px solid CanvasText;
		}
	}
	.empty {
		background: repeating-linear-gradient(45deg, transparent 0 3px, var(--line) 3px 5px);
	}
</style>
