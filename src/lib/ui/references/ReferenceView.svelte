<script lang="ts">
	import { goto } from '$app/navigation';
	import { Button } from 'carbon-components-svelte';
	import Add from 'carbon-icons-svelte/lib/Add.svelte';
	import { garmentInWords, inOrder, ranked, type Element, type Reading } from '$lib/core';
	import { newId } from '$lib/store/clock';
	import { database } from '$lib/store/database';
	import { removeReference } from '$lib/store/echoes';
	import { change } from '$lib/store/journal';
	import { live } from '$lib/store/live.svelte';
	import { referenceLook } from '../fitting/looks';
	import Confirm from '../frame/Confirm.svelte';
	import Missing from '../frame/Missing.svelte';
	import Pending from '../frame/Pending.svelte';
	import { offerUndo, perform } from '../frame/perform';
	import Title from '../frame/Title.svelte';
	import { m } from '../messages';
	import SayLine from '../garment/SayLine.svelte';
	import PlateFigure from '../plate/PlateFigure.svelte';
	import ElementForm from './ElementForm.svelte';
	import ElementList from './ElementList.svelte';
	import ReferenceForm from './ReferenceForm.svelte';

	let { referenceId }: { referenceId: string } = $props();

	const found = live(() => {
		const id = referenceId;
		return async () => ({ reference: await database.references.get(id) });
	});
	const reference = $derived(found.value?.reference);
	let editing = $state(false);
	let asking = $state(false);
	let elementOpen = $state(false);
	let editedElement = $state<Element | undefined>();
	let lit = $state<string | undefined>();
	let said = $state('');
	/** What the line says so far, drawn before it is added. */
	let drafted = $state.raw<readonly Element[]>([]);
	const look = $derived({
		worn: [
			...(reference ? referenceLook(reference).worn : []),
			...drafted.map(({ id, garment, moves }) => ({ id, garment, moves }))
		]
	});

	/** Changes the elements as they are stored, so that quick changes one after another all count. */
	const write = (label: string, update: (stored: readonly Element[]) => Element[]) =>
		perform(() =>
			change(label, (writer) =>
				writer.edit('references', referenceId, (draft) => void (draft.elements = update(draft.elements)))
			)
		);
	const changeElement = (element: Element, update: (stored: Element) => Element) =>
		void write(m.did.edited(garmentInWords(element.garment)), (stored) =>
			stored.map((one) => (one.id === element.id ? update(one) : one))
		);
	function openElement(element?: Element) {
		editedElement = element;
		elementOpen = true;
	}
	function saveElement(element: Element) {
		const known = reference?.elements.some(({ id }) => id === element.id);
		const words = garmentInWords(element.garment);
		void write(known ? m.did.edited(words) : m.did.added(words), (stored) =>
			known ? stored.map((other) => (other.id === element.id ? element : other)) : [...stored, element]
		);
	}
	/** Adds what was said, in its order, behind what is there. */
	function addSaid({ elements: read }: Reading) {
		const added = read.map((element) => ({ ...element, id: newId() }));
		const [first] = added;
		if (!first) return;
		const what = added.length === 1 ? garmentInWords(first.garment) : m.counts.elements(added.length);
		said = '';
		void write(m.did.added(what), (stored) => ranked([...inOrder(stored), ...added]));
	}
	async function removeElement(element: Element) {
		const words = garmentInWords(element.garment);
		const without = (stored: readonly Element[]) =>
			ranked(inOrder(stored).filter(({ id }) => id !== element.id));
		if (await write(m.did.deleted(words), without)) offerUndo(m.did.deleted(words));
	}
	async function remove() {
		if (!reference) return;
		const { id, title } = reference;
		if (!(await perform(() => removeReference(m.did.deleted(title), id)))) return;
		offerUndo(m.did.deleted(title));
		await goto('/references');
	}
</script>

<Title of={reference?.title} />
<div class="page">
	<Pending query={found}>
		{#if !reference}
			<Missing back="/references" label={m.places.references} />
		{:else}
			<div class="page-head">
				<h1>{reference.title}</h1>
				<Button kind="ghost" size="small" on:click={() => (asking = true)}>{m.remove}</Button>
				<Button kind="tertiary" size="small" on:click={() => (editing = true)}>{m.references.edit}</Button>
				<Button
					size="small"
					disabled={reference.elements.length === 0}
					href="/fitting?reference={reference.id}">{m.references.toTable}</Button
				>
			</div>
			<div class="reading">
				<figure class="panel">
					<PlateFigure {look} title="{m.fitting.referencePlate}: {reference.title}" lit={lit ? [lit] : []} />
				</figure>
				<section aria-labelledby="elements-title">
					<p class="soft">
						{[m.references.kinds[reference.kind], reference.credit.who, reference.credit.source]
							.filter(Boolean)
							.join(' · ')}
					</p>
					{#if reference.recipe}
						<p><a href="/recipes/{reference.recipe.id}">{m.recipes.linked(reference.recipe.title)}</a></p>
					{/if}
					{#if reference.note}<p class="note">{reference.note}</p>{/if}
					<div class="page-head elements-head">
						<h2 id="elements-title">{m.references.elements}</h2>
						<Button size="small" icon={Add} on:click={() => openElement()}>{m.references.addElement}</Button>
					</div>
					<SayLine
						bind:text={said}
						label={m.say.look}
						provenance="seen"
						onread={({ elements }) => (drafted = elements)}
						onenter={addSaid}
					/>
					{#if reference.elements.length === 0}
						<p class="panel">{m.references.elementsEmpty}</p>
					{:else}
						<ElementList
							elements={reference.elements}
							onreorder={(order, moved) => void write(m.did.moved(garmentInWords(moved.garment)), order)}
							onchange={changeElement}
							onedit={openElement}
							onremove={(element) => void removeElement(element)}
							onlight={(id) => (lit = id)}
						/>
						<p class="soft hint">{m.references.orderHint}</p>
					{/if}
				</section>
			</div>
		{/if}
	</Pending>
</div>
{#if reference}
	<ReferenceForm bind:open={editing} {reference} />
	<ElementForm
		bind:open={elementOpen}
		element={editedElement}
		nextRank={reference.elements.length + 1}
		onsave={saveElement}
	/>
	<Confirm
		bind:open={asking}
		title={m.references.removeAsk(reference.title)}
		text={m.references.removeText}
		action={m.remove}
		onconfirm={() => void remove()}
	/>
{/if}

<style>
	.reading {
		display: grid;
		grid-template-columns: minmax(15rem, 20rem) 1fr;
		gap: 1.5rem;
		align-items: start;
	}
	figure {
		height: min(40rem, calc(100vh - 10rem));
		position: sticky;
		top: 1rem;
	}
	.note {
		max-width: 65ch;
		margin-top: 0.5rem;
	}
	.elements-head {
		margin: 1.25rem 0 0.5rem;
	}
	h2 {
		margin-right: auto;
	}
	.hint {
		margin-top: 0.75rem;
		font-size: var(--step--1);
	}
	@media (max-width: 60rem) {
		.reading {
			grid-template-columns: 1fr;
		}
		figure {
			position: static;
		}
	}
</style>
