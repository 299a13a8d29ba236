<script lang="ts">
	import { mean } from 'd3-array';
	import { onDestroy } from 'svelte';
	import { bodyMarkIds, type BodyMarkId, type BodyMarks } from '$lib/core';
	import { m } from '../messages';
	import { markLines, withoutMark } from './body';

	interface Props {
		marks: BodyMarks;
		/** Keeps marks; resolves to whether they were. */
		onset: (marks: BodyMarks) => Promise<boolean>;
	}
	let { marks, onset }: Props = $props();

	/** How far an arrow moves a mark, in shares of the picture; with Shift, finely. */
	const arrowStep = 0.01;
	const fineStep = 0.002;

	let layer = $state<HTMLElement>();
	/** The mark that is being moved, and where it is now. */
	let moving = $state.raw<{ id: BodyMarkId; x: number; y: number } | undefined>();
	/** What was moved and is not kept yet: many presses of an arrow are one change. */
	let draft = $state.raw<BodyMarks | undefined>();
	const shown = $derived.by(() => {
		const kept = draft ?? marks;
		return moving ? { ...kept, [moving.id]: { x: moving.x, y: moving.y } } : kept;
	});
	let timer: ReturnType<typeof setTimeout> | undefined;
	const keptAfter = 400;

	async function keep() {
		clearTimeout(timer);
		const kept = draft;
		if (!kept) return;
		const isKept = await onset(kept);
		// What could not be kept goes back to where it was; what was moved on meanwhile stays.
		if (!isKept && draft === kept) draft = undefined;
	}
	function later(next: BodyMarks) {
		draft = next;
		clearTimeout(timer);
		timer = setTimeout(() => void keep(), keptAfter);
	}
	// What is kept comes back from the store a moment later; until then a quick hand moves on from what it sees.
	$effect(() => {
		if (draft && JSON.stringify(marks) === JSON.stringify(draft)) draft = undefined;
	});
	onDestroy(() => void keep());

	const within = (share: number) => Math.min(1, Math.max(0, share));
	function move(event: PointerEvent) {
		const frame = layer?.getBoundingClientRect();
		if (!frame || !moving) return;
		moving = {
			id: moving.id,
			x: within((event.clientX - frame.left) / frame.width),
			y: within((event.clientY - frame.top) / frame.height)
		};
	}
	function end() {
		if (moving) {
			draft = shown;
			void keep();
		}
		moving = undefined;
	}
	function key(event: KeyboardEvent, id: BodyMarkId) {
		const at = shown[id];
		if (!at || event.ctrlKey || event.metaKey) return;
		const by = event.shiftKey ? fineStep : arrowStep;
		const arrows: Record<string, [number, number]> = {
			ArrowLeft: [-by, 0],
			ArrowRight: [by, 0],
			ArrowUp: [0, -by],
			ArrowDown: [0, by]
		};
		const arrow = arrows[event.key];
		if (arrow) later({ ...shown, [id]: { x: within(at.x + arrow[0]), y: within(at.y + arrow[1]) } });
		else if (event.key === 'Delete' || event.key === 'Backspace') {
			// The focus goes to the mark beside it, not out of the picture.
			const button = event.currentTarget as HTMLElement;
			const beside = button.nextElementSibling ?? button.previousElementSibling;
			if (beside instanceof HTMLButtonElement) beside.focus();
			later(withoutMark(shown, id));
		} else return;
		event.preventDefault();
	}
	/** As near to the picture's side a name stands inwards. */
	const edge = 0.15;
	const ofArm: ReadonlySet<BodyMarkId> = new Set(['shoulder', 'elbow', 'wrist']);
	/** Names of the arm stand outside of it and the others on the other side, so that none lies on another. */
	const isArmRight = $derived.by(() => {
		const meanOf = (isAsked: (id: BodyMarkId) => boolean) =>
			mean(bodyMarkIds.filter(isAsked), (id) => shown[id]?.x) ?? 0.5;
		return meanOf((id) => ofArm.has(id)) >= meanOf((id) => !ofArm.has(id));
	});
	const lines = $derived(
		markLines.map((ids) =>
			ids
				.flatMap((id) => shown[id] ?? [])
				.map(({ x, y }) => `${x * 100},${y * 100}`)
				.join(' ')
		)
	);
</script>

<div class="layer" bind:this={layer}>
	<svg viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true">
		{#each lines as points, i (i)}<polyline class="under" {points} /><polyline {points} />{/each}
	</svg>
	{#each bodyMarkIds as id (id)}
		{@const at = shown[id]}
		{#if at}
			<button
				type="button"
				style:left="{at.x * 100}%"
				style:top="{at.y * 100}%"
				class:left={at.x > 1 - edge || (at.x > edge && ofArm.has(id) !== isArmRight)}
				onpointerdown={(event) => {
					event.stopPropagation();
					event.currentTarget.setPointerCapture(event.pointerId);
					moving = { id, ...at };
				}}
				onpointermove={move}
				onpointerup={(event) => {
					event.stopPropagation();
					end();
				}}
				onpointercancel={() => (moving = undefined)}
				onkeydown={(event) => {
					event.stopPropagation();
					key(event, id);
				}}
			>
				<span>{m.photos.bodyMarks[id]}</span>
			</button>
		{/if}
	{/each}
</div>

<style>
	.layer,
	svg {
		position: absolute;
		inset: 0;
		width: 100%;
		height: 100%;
	}
	polyline {
		fill: none;
		stroke: #5a2ec4;
		stroke-width: 1.5;
		vector-effect: non-scaling-stroke;
	}
	.under {
		stroke: #fff;
		stroke-width: 3.5;
	}
	button {
		position: absolute;
		width: 1.5rem;
		height: 1.5rem;
		margin: -0.75rem 0 0 -0.75rem;
		padding: 0;
		border: 2px solid #fff;
		border-radius: 50%;
		outline: 2px solid #5a2ec4;
		outline-offset: -1px;
		background: rgb(90 46 196 / 25%);
		cursor: grab;
		touch-action: none;
	}
	button:focus-visible {
		background: #5a2ec4;
		outline-width: 3px;
	}
	span {
		position: absolute;
		top: 50%;
		left: calc(100% + 0.4rem);
		padding: 0 0.3rem;
		background: var(--panel);
		color: var(--ink);
		font-size: var(--step--1);
		line-height: 1.25;
		white-space: nowrap;
		translate: 0 -50%;
	}
	.left span {
		right: calc(100% + 0.4rem);
		left: auto;
	}
</style>
