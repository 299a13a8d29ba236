<script lang="ts">
	import { Button } from 'carbon-components-svelte';
	import ArrowDown from 'carbon-icons-svelte/lib/ArrowDown.svelte';
	import ArrowUp from 'carbon-icons-svelte/lib/ArrowUp.svelte';
	import Draggable from 'carbon-icons-svelte/lib/Draggable.svelte';
	import TrashCan from 'carbon-icons-svelte/lib/TrashCan.svelte';
	import { tick } from 'svelte';
	import { dragHandle, dragHandleZone, type DndEvent } from 'svelte-dnd-action';
	import {
		elementWeights,
		garmentInWords,
		inOrder,
		moveElement,
		ranked,
		roles,
		type Element
	} from '$lib/core';
	import Swatches from '../garment/Swatches.svelte';
	import { m } from '../messages';

	interface Props {
		elements: readonly Element[];
		onreorder: (elements: Element[], moved: Element) => void;
		onedit: (element: Element) => void;
		onremove: (element: Element) => void;
		onlight: (id: string | undefined) => void;
	}
	let { elements, onreorder, onedit, onremove, onlight }: Props = $props();

	const ordered = $derived(inOrder(elements));
	/** The order while something is being dragged, before it is dropped. */
	let dragged = $state.raw<Element[] | undefined>();
	const shown = $derived(dragged ?? ordered);
	const weights = $derived(elementWeights(shown));

	function drop(event: CustomEvent<DndEvent<Element>>) {
		dragged = undefined;
		const moved = event.detail.items.find(({ id }) => id === event.detail.info.id);
		if (moved) onreorder(ranked(event.detail.items), moved);
	}
	async function move(element: Element, by: -1 | 1) {
		onreorder(moveElement(elements, element.id, by), element);
		await tick();
		document.getElementById(`element-${element.id}`)?.focus();
	}
	function onkeydown(event: KeyboardEvent, element: Element) {
		if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return;
		event.preventDefault();
		void move(element, event.key === 'ArrowUp' ? -1 : 1);
	}
</script>

<ol
	use:dragHandleZone={{ items: shown, flipDurationMs: 120, dropTargetStyle: {} }}
	onconsider={(event) => (dragged = event.detail.items)}
	onfinalize={drop}
>
	{#each shown as element, i (element.id)}
		{@const words = garmentInWords(element.garment)}
		<li onmouseenter={() => onlight(element.id)} onmouseleave={() => onlight(undefined)}>
			<span class="handle" use:dragHandle aria-label={m.references.drag(words)}><Draggable /></span>
			<span class="rank figures">{i + 1}</span>
			<Swatches garment={element.garment} size={1.75} />
			<button
				id="element-{element.id}"
				class="what"
				onclick={() => onedit(element)}
				onkeydown={(event) => onkeydown(event, element)}
				onfocus={() => onlight(element.id)}
				onblur={() => onlight(undefined)}
			>
				<span>{words}</span>
				<span class="soft">{roles[element.role].label}</span>
			</button>
			<span class="weight" aria-hidden="true"
				><i style:width="{Math.min(100, (weights[i] ?? 0) * 220)}%"></i></span
			>
			<span class="share figures">{Math.round((weights[i] ?? 0) * 100)} %</span>
			<span class="tools">
				<Button
					kind="ghost"
					size="small"
					icon={ArrowUp}
					iconDescription={m.references.moveUp(words)}
					disabled={i === 0}
					on:click={() => void move(element, -1)}
				/>
				<Button
					kind="ghost"
					size="small"
					icon={ArrowDown}
					iconDescription={m.references.moveDown(words)}
					disabled={i === shown.length - 1}
					on:click={() => void move(element, 1)}
				/>
				<Button
					kind="ghost"
					size="small"
					icon={TrashCan}
					iconDescription="{m.remove}: {words}"
					tooltipPosition="left"
					on:click={() => onremove(element)}
				/>
			</span>
		</li>
	{/each}
</ol>

<style>
	ol {
		list-style: none;
		border-top: 1px solid var(--line);
	}
	li {
		display: flex;
		align-items: center;
		gap: 0.75rem;
		background: var(--panel);
		border-bottom: 1px solid var(--line);
		padding: 0.15rem 0.5rem;
	}
	.handle {
		display: inline-grid;
		place-items: center;
		width: 1.75rem;
		height: 2.5rem;
		cursor: grab;
		color: var(--ink-soft);
	}
	.rank {
		width: 1.25rem;
		text-align: right;
		font-family: var(--display);
	}
	.what {
		display: grid;
		flex: 1;
		min-height: 2.75rem;
		align-content: center;
		border: 0;
		background: none;
		color: inherit;
		font: inherit;
		font-size: var(--step-0);
		text-align: left;
		cursor: pointer;
	}
	.what .soft {
		font-size: var(--step--1);
	}
	.weight {
		width: 4.5rem;
	}
	.weight i {
		display: block;
		height: 0.4rem;
		background: var(--ink);
	}
	.share {
		width: 2.75rem;
		text-align: right;
		font-size: var(--step-0);
	}
	.tools {
		display: flex;
	}
</style>
