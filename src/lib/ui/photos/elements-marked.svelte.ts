import {
	areaOf,
	colourDispute,
	garmentInWords,
	inOrder,
	measuredShape,
	ranked,
	regionOn,
	storedRegion,
	withMeasured,
	withMeasuredShape,
	type Beside,
	type Element,
	type PhotoReading,
	type Reading,
	type Reference
} from '$lib/core';
import { newId } from '$lib/store/clock';
import { change } from '$lib/store/journal';
import { perform } from '../frame/perform';
import { m } from '../messages';
import type { Measuring } from './measuring.svelte';

interface Source {
	state: Measuring;
	reference: () => Reference | undefined;
	photoId: () => string;
	/** Are measured colours taken in place of those that were said? */
	takeColours: () => boolean;
}

type Settled = NonNullable<Awaited<ReturnType<Measuring['settled']>>>;

/** The elements of a reference on one of its photos: where each is marked, and what is measured of it there. Call it while a component is being set up. */
export function elementsMarked({ state, reference, photoId, takeColours }: Source) {
	const elements = $derived(inOrder(reference()?.elements ?? []));
	/** The element whose mark is being looked at. */
	let shownId = $state<string | undefined>();
	/** What else is marked, as far as it reaches on the body. */
	let beside = $state.raw<(Beside & { id: string })[]>([]);

	const regionOf = ({ regions = [] }: Element) => {
		const stored = regions.find((region) => region.photo === photoId());
		return stored && state.opened && regionOn(stored, state.opened);
	};
	const marked = $derived(
		elements.flatMap((element) => {
			const region = regionOf(element);
			return region ? [{ element, region }] : [];
		})
	);
	const others = $derived(marked.filter(({ element }) => element.id !== shownId).map(({ region }) => region));
	const parts = $derived.by(() => {
		const total = marked.reduce((sum, { region }) => sum + areaOf(region), 0);
		return marked
			.map(({ element: { id, garment }, region }) => ({
				id,
				words: garmentInWords(garment),
				share: areaOf(region) / Math.max(1, total),
				colours: garment.palette
			}))
			.sort((a, b) => b.share - a.share);
	});

	async function besideOf(of: typeof marked): Promise<typeof beside> {
		const reaches = state.marks && of.length > 0 ? await state.onBody(of.map(({ region }) => region)) : [];
		return of.flatMap(({ element: { id, garment } }, i) => {
			const on = reaches[i];
			return on ? [{ id, type: garment.type, on }] : [];
		});
	}
	$effect(() => {
		const [of, marks] = [marked, state.marks];
		let left = false;
		if (marks)
			void besideOf(of).then((found) => {
				if (!left) beside = found;
			});
		return () => (left = true);
	});

	/** What is measured of an element's shape where it is marked, beside the others. */
	const shapeIn = (reading: PhotoReading, { id, garment }: Element, others: typeof beside) =>
		reading.onBody
			? measuredShape(
					garment.type,
					reading.onBody,
					others.filter((one) => one.id !== id)
				)
			: [];

	const editReference = (label: string, recipe: (draft: Reference) => void) =>
		perform(() => change(label, (writer) => writer.edit('references', reference()?.id ?? '', recipe)));
	/** An element where it is now marked, with its colours where they are to be taken, and its shape where none was said. */
	function placed(
		element: Element,
		{ region, reading, size: of }: Settled,
		{ others, isTaken }: { others: typeof beside; isTaken: boolean }
	): Element {
		const garment = isTaken ? withMeasured(element.garment, reading) : element.garment;
		return {
			...element,
			garment: withMeasuredShape(garment, shapeIn(reading, element, others)),
			regions: [
				...(element.regions ?? []).filter((one) => one.photo !== photoId()),
				storedRegion(region, photoId(), of)
			]
		};
	}
	/** Keeps what is marked, and marks nothing then. */
	async function keep(
		label: string,
		recipe: (draft: Reference, place: (one: Element) => Element) => void,
		isAgreed: (reading: PhotoReading) => boolean = () => true
	) {
		const now = await state.settled();
		if (!now) return false;
		const others = await besideOf(marked);
		const kept = await editReference(label, (draft) =>
			recipe(draft, (element) =>
				placed(element, now, { others, isTaken: takeColours() && isAgreed(now.reading) })
			)
		);
		if (!kept) return false;
		shownId = undefined;
		state.mark(undefined);
		return true;
	}

	return {
		get elements() {
			return elements;
		},
		get marked() {
			return marked;
		},
		/** Where all but the shown one are marked. */
		get others() {
			return others;
		},
		/** Each marked element's share of the look. */
		get parts() {
			return parts;
		},
		get shown() {
			return state.region && elements.find(({ id }) => id === shownId);
		},
		shapeOf: (element: Element) => (state.reading ? shapeIn(state.reading, element, beside) : []),
		/** What is marked is this element. */
		mark: (element: Element) =>
			keep(m.photos.took(garmentInWords(element.garment)), (draft, place) => {
				draft.elements = draft.elements.map((one) => (one.id === element.id ? place(one) : one));
			}),
		/** What is marked is what was said, a new element; resolves to whether it was kept. */
		async say({ elements: read }: Reading) {
			const [first, ...rest] = read.map((element) => ({ ...element, id: newId() }));
			if (!first) return false;
			return keep(
				m.did.added(garmentInWords(first.garment)),
				(draft, place) => {
					draft.elements = ranked([...inOrder(draft.elements), place(first), ...rest]);
				},
				// A colour that was just said stays where another was measured; both are shown when the element is looked at.
				(reading) => !colourDispute(first.garment, reading)
			);
		},
		/** Shows where an element is marked. */
		show(element: Element) {
			shownId = element.id;
			state.mark(regionOf(element));
		},
		async unmark(element: Element) {
			const gone = await editReference(m.photos.unmarked(garmentInWords(element.garment)), (draft) => {
				for (const one of draft.elements)
					if (one.id === element.id)
						one.regions = one.regions?.filter((region) => region.photo !== photoId());
			});
			if (gone) state.mark(undefined);
		}
	};
}
export type ElementsMarked = ReturnType<typeof elementsMarked>;
