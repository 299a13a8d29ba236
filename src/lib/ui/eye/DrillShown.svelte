<script lang="ts">
	import { garmentType } from '$lib/core';
	import type { DrillQuestion } from '$lib/core/drills';
	import { eye as eyeTexts } from '../messages/eye';
	import PlateFigure from '../plate/PlateFigure.svelte';

	/** What a question shows: drawn things, an outfit, colours. */
	let { question }: { question: DrillQuestion } = $props();
	const shown = $derived(question.shown);
</script>

{#if shown.kind === 'garments'}
	<div class="pair">
		{#each shown.garments as { garment, moves = [], caption }, i (i)}
			<figure>
				<div class="plate">
					<PlateFigure
						look={{ worn: [{ id: `shown-${i}`, garment, moves }] }}
						title={caption
							? i === 0
								? eyeTexts.drill.first
								: eyeTexts.drill.second
							: eyeTexts.drill.names[question.drill]}
						slot={garmentType(garment.type).slot}
					/>
				</div>
				{#if caption}<figcaption>{caption}</figcaption>{/if}
			</figure>
		{/each}
	</div>
{:else if shown.kind === 'outfit'}
	<div class="plate outfit">
		<PlateFigure
			look={{ worn: shown.garments.map((garment, i) => ({ id: String(i), garment, moves: [] })) }}
			title={eyeTexts.drill.outfit}
		/>
	</div>
{:else if shown.kind === 'colours'}
	<div class="colours">
		<i data-colour class="wide" style:background={shown.sought} role="img" aria-label={eyeTexts.drill.sought}
		></i>
		{#each shown.others as { id, hex } (id)}
			<i
				data-colour
				style:background={hex}
				role="img"
				aria-label={id === 'left' ? eyeTexts.drill.left : eyeTexts.drill.rightOne}
			></i>
		{/each}
	</div>
{:else}
	<div class="patch" data-colour style:background={shown.hex} role="img" aria-label={eyeTexts.drill.first}>
		{#if shown.beside}<i data-colour style:background={shown.beside}></i>{/if}
	</div>
{/if}

<style>
	.pair {
		display: flex;
		gap: 1rem;
		justify-content: center;
		flex-wrap: wrap;
	}
	figure {
		width: 15rem;
	}
	.plate {
		width: 15rem;
		height: 15rem;
		max-width: 100%;
	}
	.outfit {
		height: 19rem;
		margin: auto;
	}
	figcaption {
		font-size: var(--step-0);
		text-align: center;
	}
	.colours {
		display: grid;
		grid-template-columns: 12rem 12rem;
		justify-content: center;
	}
	.colours i {
		height: 7rem;
	}
	.wide {
		grid-column: 1 / -1;
	}
	.patch {
		position: relative;
		width: 24rem;
		max-width: 100%;
		height: 14rem;
		margin: auto;
	}
	.patch i {
		position: absolute;
		right: 1rem;
		bottom: 1rem;
		width: 5rem;
		height: 5rem;
	}
	@media (max-width: 40rem) {
		.colours {
			grid-template-columns: 1fr 1fr;
		}
	}
</style>
