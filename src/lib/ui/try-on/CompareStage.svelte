<script lang="ts">
	import type { Snippet } from 'svelte';
	import { placedIn, type Spot, type Stood } from '$lib/core';
	import { tryOn as tryOnTexts } from '../messages/try-on';

	interface Side {
		/** What is drawn, as large as what it lies in. */
		picture: Snippet;
		stood: Stood;
		label: string;
	}
	interface Props {
		reference: Side;
		/** Undefined while there is no picture. */
		tried?: Side;
		/** Told where the try-on was clicked, in its own pixels; without it, it is looked at only. */
		onspot?: (spot: Spot) => void;
	}
	let { reference, tried, onspot }: Props = $props();

	const ways = ['beside', 'divider', 'overlay', 'blink'] as const;
	let way = $state<(typeof ways)[number]>('beside');
	// A spot is pointed at where the whole picture is seen.
	const shownWay = $derived(onspot || !tried ? 'beside' : way);
	/** In hundredths: where the divider is, and how much of the try-on is seen. */
	let share = $state(50);
	let showsTried = $state(true);
	/** Slow enough for whoever is hurt by flashes (WCAG 2.3.1: at most three a second). */
	const blinkMs = 800;
	const still = () => matchMedia('(prefers-reduced-motion: reduce)').matches;
	$effect(() => {
		if (shownWay !== 'blink' || still()) return;
		const ticking = setInterval(() => (showsTried = !showsTried), blinkMs);
		return () => clearInterval(ticking);
	});

	/** Width over height of a frame. */
	const frame = 0.6;
	const percent = (value: number) => `${100 * value}%`;

	function pointed(event: PointerEvent & { currentTarget: HTMLElement }) {
		if (!tried || !onspot) return;
		const box = event.currentTarget.getBoundingClientRect();
		const { left, top, width, height } = placedIn(tried.stood, frame);
		onspot({
			x: (((event.clientX - box.left) / box.width - left) / width) * tried.stood.width,
			y: (((event.clientY - box.top) / box.height - top) / height) * tried.stood.height
		});
	}
</script>

{#snippet placed({ picture, stood }: Side)}
	{@const place = placedIn(stood, frame)}
	<div
		class="placed"
		style:left={percent(place.left)}
		style:top={percent(place.top)}
		style:width={percent(place.width)}
		style:height={percent(place.height)}
	>
		{@render picture()}
	</div>
{/snippet}

<div class="ways" role="group" aria-label={tryOnTexts.ways.label}>
	{#each ways as one (one)}
		<button
			aria-pressed={shownWay === one}
			disabled={!tried || onspot !== undefined}
			onclick={() => (way = one)}>{tryOnTexts.ways[one]}</button
		>
	{/each}
	{#if tried && (shownWay === 'divider' || shownWay === 'overlay')}
		<input
			type="range"
			min="0"
			max="100"
			bind:value={share}
			aria-label={shownWay === 'divider' ? tryOnTexts.divider : tryOnTexts.overlay}
		/>
	{:else if tried && shownWay === 'blink'}
		<button onclick={() => (showsTried = !showsTried)}>{tryOnTexts.blinkStep}</button>
	{/if}
</div>
<div class="frames" class:pair={shownWay === 'beside'}>
	<figure>
		<div class="frame">
			{@render placed(reference)}
			{#if tried && shownWay !== 'beside'}
				<div
					class="over"
					class:hidden={shownWay === 'blink' && !showsTried}
					style:clip-path={shownWay === 'divider' ? `inset(0 0 0 ${share}%)` : undefined}
					style:opacity={shownWay === 'overlay' ? share / 100 : undefined}
				>
					{@render placed(tried)}
				</div>
				{#if shownWay === 'divider'}<div class="divider" style:left="{share}%"></div>{/if}
			{/if}
		</div>
		<figcaption class="soft">
			{shownWay === 'beside' || !tried ? reference.label : `${reference.label} · ${tried.label}`}
		</figcaption>
	</figure>
	{#if tried && shownWay === 'beside'}
		<figure>
			<!-- svelte-ignore a11y_no_static_element_interactions (keys have the cross hairs of the photo's own view) -->
			<div class="frame" class:pointing={onspot !== undefined} onpointerdown={pointed}>
				{@render placed(tried)}
			</div>
			<figcaption class="soft">{tried.label}</figcaption>
		</figure>
	{/if}
</div>

<style>
	.ways {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.25rem;
		min-height: 2.25rem;
	}
	button {
		min-height: 2rem;
		padding: 0 0.75rem;
		border: 1px solid var(--line-strong);
		background: var(--panel);
		color: var(--ink);
		font: inherit;
		font-size: var(--step-0);
		cursor: pointer;
	}
	button[aria-pressed='true'] {
		border-color: var(--accent);
		background: var(--accent-wash);
		font-weight: 640;
	}
	button:disabled {
		color: var(--ink-soft);
		cursor: default;
	}
	input {
		flex: 1 1 10rem;
		min-width: 8rem;
		min-height: 2rem;
		accent-color: var(--accent);
	}
	.frames {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 0.75rem;
		justify-items: center;
	}
	.pair {
		grid-template-columns: repeat(auto-fit, minmax(min(15rem, 100%), 1fr));
	}
	figure {
		width: 100%;
		max-width: calc((100vh - 14rem) * 0.6);
		min-width: 12rem;
	}
	.frame {
		position: relative;
		aspect-ratio: 0.6;
		overflow: hidden;
		background: var(--plate-ground);
		border: 1px solid var(--line);
	}
	.pointing {
		cursor: crosshair;
	}
	.placed,
	.over {
		position: absolute;
	}
	.over {
		inset: 0;
	}
	.hidden {
		visibility: hidden;
	}
	.divider {
		position: absolute;
		top: 0;
		bottom: 0;
		width: 2px;
		background: var(--accent);
	}
	.placed :global(img) {
		display: block;
		width: 100%;
		height: 100%;
	}
	figcaption {
		font-size: var(--step--1);
	}
</style>
