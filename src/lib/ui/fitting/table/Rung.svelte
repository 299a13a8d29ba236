<script lang="ts">
	import { garmentInWords, garmentName, type Element, type ElementScore, type Garment } from '$lib/core';
	import Pin from 'carbon-icons-svelte/lib/PinFilled.svelte';
	import Swatches from '../../garment/Swatches.svelte';
	import { asPlace, type Place } from '../hand/dragging';
	import { m } from '../../messages';

	interface Props {
		element: Element;
		score: ElementScore | undefined;
		/** What answers it, if anything. */
		garment: Garment | undefined;
		/** Fixed by hand. */
		pinned: boolean;
		current: boolean;
		/** Is the pointer on it, here or on a plate? */
		pointed: boolean;
		onselect: () => void;
		onpoint: (on: boolean) => void;
		/** The card that is held over the table, if this rung could take it. */
		held: boolean;
		place: Omit<Place, 'over'>;
	}
	let { element, score, garment, pinned, current, pointed, onselect, onpoint, held, place }: Props = $props();

	let over = $state(false);

	const name = $derived(garmentName(element.garment));
	const closeness = $derived(score?.state === 'done' ? 1 : (score?.closeness?.closeness ?? 0));
	const joined = $derived(score?.state === 'items' || score?.state === 'done');
	const figure = $derived.by(() => {
		if (score?.state === 'items') return String(Math.round(closeness * 100));
		if (score?.state === 'done') return m.fitting.done;
		if (score?.state === 'left-out') return m.fitting.leftOut;
		return score?.state === 'too-far' ? m.fitting.tooFar : m.fitting.gap;
	});
	/** Weight shows as thickness; a match that is off, as the space between the two ends. */
	const thickness = $derived(2 + Math.min(14, (score?.points ?? 0) * 0.45));
	const apart = $derived(joined ? (1 - closeness) * 70 : 60);
</script>

<button
	class="rung"
	class:pointed
	class:held
	class:over
	aria-current={current ? 'true' : undefined}
	tabindex={current ? 0 : -1}
	data-rung={element.id}
	onclick={onselect}
	onfocus={onselect}
	onpointerenter={() => onpoint(true)}
	onpointerleave={() => onpoint(false)}
	{@attach asPlace({
		takes: (card) => place.takes(card),
		put: (card) => place.put(card),
		over: (on) => (over = on)
	})}
>
	<span class="top">
		<span class="words" title={garmentInWords(element.garment)}
			>{name}{#if element.count}<span class="soft">{m.fitting.times(element.count)}</span
				>{/if}{#if element.side}<span class="soft">{m.fitting.onSide(element.side)}</span>{/if}</span
		>
		<span class="soft points figures" title={m.fitting.ofPoints(score?.points ?? 0)}
			>{Math.round(score?.points ?? 0)}</span
		>
		{#if pinned}<span class="pin"><Pin title={m.fitting.pinned} /></span>{/if}
		<span class="figure figures" class:open={!joined}>{figure}</span>
	</span>
	<span
		class="line"
		class:joined
		style:--thickness="{thickness}px"
		style:--apart="{apart}%"
		aria-hidden="true"
	>
		<Swatches garment={element.garment} size={1.5} />
		<i class="end" data-bar></i><i class="apart"></i><i class="end far" data-bar></i>
		<Swatches {garment} size={1.5} />
	</span>
	<span class="visually-hidden">{m.fitting.rungInWords(score?.points ?? 0)}</span>
</button>

<style>
	.rung {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 0.15rem;
		width: 100%;
		padding: 0.4rem 0.75rem;
		border: 0;
		border-left: 3px solid transparent;
		background: none;
		color: inherit;
		font: inherit;
		font-size: var(--step-0);
		text-align: left;
		cursor: pointer;
	}
	.rung:hover,
	.pointed {
		background: var(--panel-sunk);
	}
	.rung[aria-current] {
		background: var(--panel);
		border-left-color: var(--accent);
	}
	.held {
		outline: 1px dashed var(--line-strong);
		outline-offset: -3px;
	}
	.over {
		background: var(--accent-wash);
		outline: 2px solid var(--accent);
	}
	.rung:focus-visible {
		outline-offset: -3px;
	}
	.words {
		min-width: 0;
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
		font-weight: 560;
	}
	.line {
		display: flex;
		align-items: center;
	}
	.end {
		flex: 1;
		height: var(--thickness);
		background: var(--ink);
		transition: height 120ms;
	}
	.apart {
		flex: 0 0 var(--apart);
		transition: flex-basis 160ms;
	}
	.line:not(.joined) .far {
		visibility: hidden;
	}
	.line:not(.joined) .apart {
		border-bottom: 1px dashed var(--line-strong);
	}
	.top {
		display: flex;
		align-items: baseline;
		gap: 0.5rem;
	}
	.points {
		font-size: var(--step--1);
	}
	.pin {
		align-self: center;
		height: 1rem;
		margin-left: auto;
	}
	.pin + .figure {
		margin-left: 0;
	}
	.figure {
		margin-left: auto;
		white-space: nowrap;
		font-weight: 640;
		font-size: var(--step-0);
	}
	.figure.open {
		font-weight: 420;
		color: var(--ink-soft);
	}
</style>
