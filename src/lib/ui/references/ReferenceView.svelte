<script lang="ts">
	import { goto } from '$app/navigation';
	import { Button } from 'carbon-components-svelte';
	import Add from 'carbon-icons-svelte/lib/Add.svelte';
	import {
		drawnElement,
		garmentInWords,
		inOrder,
		leftOver,
		lookInWords,
		ranked,
		referenceLook,
		type Element,
		type PlateSide,
		type Posture,
		type Reading
	} from '$lib/core';
	import { newId } from '$lib/store/clock';
	import { database } from '$lib/store/database';
	import { change, StaleWriteError } from '$lib/store/journal';
	import { live } from '$lib/store/live.svelte';
	import type { Writer } from '$lib/store/writer';
	import { focusOn } from '../frame/focus';
	import { keptLine } from '../frame/form.svelte';
	import Confirm from '../frame/Confirm.svelte';
	import Missing from '../frame/Missing.svelte';
	import Pending from '../frame/Pending.svelte';
	import { perform, performTold } from '../frame/perform';
	import Title from '../frame/Title.svelte';
	import { m } from '../messages';
	import SayLine from '../garment/SayLine.svelte';
	import PlateFigure from '../plate/PlateFigure.svelte';
	import PosturePlate from '../plate/PosturePlate.svelte';
	import TurnPlate from '../plate/TurnPlate.svelte';
	import PhotoStrip from '../photos/PhotoStrip.svelte';
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
	let from = $state<PlateSide>('front');
	let posture = $state<Posture>('standing');
	const said = keptLine(() => `reference/${referenceId}`);
	/** What the line says so far, drawn before it is added. */
	let drafted = $state.raw<readonly Element[]>([]);
	const look = $derived({
		worn: [...(reference ? referenceLook(reference).worn : []), ...drafted.map(drawnElement)]
	});

	type Update = (stored: readonly Element[]) => Element[];
	/** Changes the elements as they are stored, so that quick changes one after another all count. */
	const writing = (update: Update) => (writer: Writer) =>
		writer.edit('references', referenceId, (draft) => void (draft.elements = update(draft.elements)));
	const write = (label: string, update: Update) => perform(() => change(label, writing(update)));
	const changeElement = (element: Element, update: (stored: Element) => Element) =>
		void write(m.did.edited(garmentInWords(element.garment)), (stored) =>
			stored.map((one) => (one.id === element.id ? update(one) : one))
		);
	function openElement(element?: Element) {
		editedElement = element;
		elementOpen = true;
	}
	/** Refused, with what is stored now, when the element was changed or deleted while the form was open. */
	function saveElement(element: Element, opened: Element | undefined) {
		const words = garmentInWords(element.garment);
		return change(
			opened ? m.did.edited(words) : m.did.added(words),
			writing((stored) => {
				if (!opened) return [...stored, element];
				const now = stored.find(({ id }) => id === element.id);
				if (!now) throw new StaleWriteError('references');
				if (JSON.stringify(now) !== JSON.stringify(opened))
					throw new StaleWriteError('references', JSON.parse(JSON.stringify(now)));
				return stored.map((other) => (other === now ? element : other));
			})
		);
	}
	/** Adds what was said, in its order, behind what is there; a thing that is not known stays in the line, to be put right. */
	async function addSaid(reading: Reading) {
		const added = reading.elements.map((element) => ({ ...element, id: newId() }));
		const [first] = added;
		if (!first) return;
		const what = added.length === 1 ? garmentInWords(first.garment) : m.counts.elements(added.length);
		const line = said.text;
		const saved = await write(m.did.added(what), (stored) => ranked([...inOrder(stored), ...inOrder(added)]));
		// What was typed on meanwhile stays.
		if (saved && said.text.startsWith(line))
			said.text = [leftOver(reading), said.text.slice(line.length).trimStart()].filter(Boolean).join(', ');
	}
	async function removeElement(element: Element) {
		const words = garmentInWords(element.garment);
		const without = (stored: readonly Element[]) =>
			ranked(inOrder(stored).filter(({ id }) => id !== element.id));
		if (await performTold(m.did.deleted(words), writing(without))) await focusOn('#elements-title');
	}
	async function remove() {
		if (!reference) return;
		const { id, title } = reference;
		if (await performTold(m.did.deleted(title), (writer) => writer.remove('references', id)))
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
					<PlateFigure
						{look}
						title={[
							`${m.fitting.referencePlate}: ${reference.title}`,
							lookInWords(look.worn.map(({ garment }) => garment))
						]
							.filter(Boolean)
							.join('. ')}
						lit={lit ? [lit] : []}
						{from}
						{posture}
					/>
					<figcaption><TurnPlate bind:from /> <PosturePlate bind:posture /></figcaption>
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
						<h2 id="elements-title" tabindex="-1">{m.references.elements}</h2>
						<Button size="small" icon={Add} on:click={() => openElement()}>{m.references.addElement}</Button>
					</div>
					<SayLine
						bind:text={said.text}
						label={m.say.look}
						provenance="seen"
						onread={({ elements }) => (drafted = elements)}
						onenter={(reading) => void addSaid(reading)}
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
					<div class="photos">
						<PhotoStrip
							ids={reference.photos}
							hrefOf={(id) => `/references/${referenceId}/photos/${id}`}
							hang={(writer, photos) =>
								writer.edit('references', referenceId, (draft) => {
									draft.photos.push(...photos.map(({ id }) => id));
								})}
						/>
					</div>
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
		{referenceId}
		nextRank={reference.elements.length + 1}
		onsave={saveElement}
	/>
	<Confirm
		bind:open={asking}
		title={m.references.removeAsk(reference.title)}
		text={m.references.removeText}
		action={m.remove}
		onconfirm={remove}
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
		display: grid;
		grid-template-rows: minmax(0, 1fr) auto;
		gap: 0.5rem;
		justify-items: center;
	}
	.note {
		max-width: 65ch;
		margin-top: 0.5rem;
	}
	.elements-head {
		margin: 1.25rem 0 0.5rem;
	}
	.photos {
		margin-top: 1.5rem;
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
			height: 20rem;
		}
	}
</style>
