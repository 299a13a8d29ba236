<script lang="ts">
	import { tick } from 'svelte';
	import { dragHandleZone, type DndEvent } from 'svelte-dnd-action';
	import { inOrder, moveElement, ranked, scoreLook, type Element } from '$lib/core';
	import ElementRow from './ElementRow.svelte';

	interface Props {
		elements: readonly Element[];
		/** The order of the elements as they are stored, and which of them was moved. */
		onreorder: (order: (stored: readonly Element[]) => Element[], moved: Element) => void;
		onchange: (element: Element, update: (stored: Element) => Element) => void;
		onedit: (element: Element) => void;
		onremove: (element: Element) => void;
		onlight: (id: string | undefined) => void;
	}
	let { elements, onreorder, onchange, onedit, onremove, onlight }: Props = $props();

	const ordered = $derived(inOrder(elements));
	/** The order while something is being dragged, before it is dropped. */
	let dragged = $state.raw<Element[] | undefined>();
	const shown = $derived(dragged ?? ordered);
	/** What each element holds of the 100 points: the very shares of the fitting table, under the school that is the default. */
	const shares = $derived(scoreLook({ elements: [...shown] }, []).elements.map(({ points }) => points / 100));
	/** The element whose features are shown. */
	let opened = $state<string | undefined>();

	function drop(event: CustomEvent<DndEvent<Element>>) {
		dragged = undefined;
		const moved = event.detail.items.find(({ id }) => id === event.detail.info.id);
		const places = new Map(event.detail.items.map(({ id }, i) => [id, i]));
		const placeOf = ({ id }: Element) => places.get(id) ?? places.size;
		if (moved) onreorder((stored) => ranked([...stored].sort((a, b) => placeOf(a) - placeOf(b))), moved);
	}
	async function move(element: Element, by: -1 | 1) {
		onreorder((stored) => moveElement(stored, element.id, by), element);
		await tick();
		document.getElementById(`element-${element.id}`)?.focus();
	}
</script>

<ol
	use:dragHandleZone={{ items: shown, flipDurationMs: 120, dropTargetStyle: {} }}
	onconsider={(event) => (dragged = event.detail.items)}
	onfinalize={drop}
>
	{#each shown as element, i (element.id)}
		<li onmouseenter={() => onlight(element.id)} onmouseleave={() => onlight(undefined)}>
			<ElementRow
				{element}
				place={i + 1}
				of={shown.length}
				weight={shares[i] ?? 0}
				opened={opened === element.id}
				onopen={() => (opened = opened === element.id ? undefined : element.id)}
				onmove={(by) => void move(element, by)}
				onchange={(update) => onchange(element, update)}
				onedit={() => onedit(element)}
				onremove={() => onremove(element)}
				onlight={(lit) => onlight(lit ? element.id : undefined)}
			/>
		</li>
	{/each}
</ol>

<style>
	ol {
		list-style: none;
		border-top: 1px solid var(--line);
	}
	li {
		background: var(--panel);
		border-bottom: 1px solid var(--line);
		padding: 0.15rem 0.5rem;
	}
</style>
