import {
	candidatesFor,
	latestArrival,
	optionsOfPiece,
	readLook,
	sameThing,
	scoringOf,
	searchOver,
	skinToneOf,
	somethingMore,
	wearable,
	wornPieces,
	type CheckedPiece,
	type Element,
	type Garment,
	type Item,
	type Listing
} from '$lib/core';
import { today } from '$lib/store/clock';
import { searchShops } from '$lib/store/market';
import { studioSettings } from '$lib/store/settings.svelte';
import type { FittingTable } from '../table/table.svelte';
import { m } from '../../messages';

/** Something that could be put on, owned or for sale. */
export interface Offer {
	key: string;
	title: string;
	item: Item;
	garment: Garment;
	/** As what it is sold. */
	listing?: Listing;
	/** What is noted of it. */
	note?: string;
	/** Shop, price and size of what is for sale. */
	facts: string[];
}

/** What can be put on besides what the reference asks for. Call it while a component is being set up. */
export function somethingMoreOn(table: () => FittingTable, factsOf: (offer: Listed) => string[]) {
	const settings = studioSettings();
	let typed = $state('');
	let asking = $state(false);
	let failed = $state('');
	let sold = $state.raw<Offer[] | undefined>();
	let stop: AbortController | undefined;

	const worn = $derived<CheckedPiece[]>(wornPieces(table().echo, table().pieces));
	const items = $derived([
		...table().echo.matches.flatMap(({ items: of }) => of),
		...table().echo.extras.map(({ item }) => item)
	]);
	const isWorn = ({ item }: Offer) => items.some((other) => sameThing(other, item));
	const owned = $derived(
		table()
			.pieces.filter(wearable)
			.flatMap(optionsOfPiece)
			.map(({ title, item, garment, piece: { note } }): Offer => ({
				key: `${item.partId} ${item.configurationId ?? ''}`,
				title,
				item,
				garment,
				note,
				facts: []
			}))
	);
	const finder = $derived(
		searchOver(owned.map(({ key, garment, title }) => ({ key, garments: [garment], texts: [title] })))
	);
	const ranked = $derived(
		somethingMore(worn, owned, {
			client: table().client,
			isWorn
		})
	);
	const found = $derived.by(() => {
		if (typed.trim() === '') return ranked;
		const keys = finder(typed);
		return ranked.filter(({ thing }) => keys.has(thing.key));
	});

	/** What was asked last, and where its next page begins. */
	let asked: { words: string; element: Element; next?: string } | undefined;
	let hasNext = $state(false);

	/** Asks the shops for what was typed, as it is read. */
	async function ask() {
		const { elements } = readLook(typed, {
			words: settings.value?.words,
			taught: settings.value?.taught,
			skin: skinToneOf(table().client)
		});
		const [element] = elements;
		failed = element ? '' : m.fitting.somethingMore.notRead;
		sold = undefined;
		hasNext = false;
		asked = element && { words: typed, element };
		if (asked) await askPage(asked);
	}

	/** Asks for a page of it, and puts that behind what was found before. */
	async function askPage({ words, element, next }: NonNullable<typeof asked>) {
		stop?.abort();
		const own = (stop = new AbortController());
		const { client, echo, event, fitNotes } = table();
		const on = today();
		asking = true;
		try {
			const result = await searchShops(
				words,
				element,
				{
					client,
					fitNotes,
					schools: echo.schools,
					on,
					locale: settings.value?.words,
					...(event && { by: latestArrival(event.date) })
				},
				{ cursor: next, signal: own.signal }
			);
			failed = (result.ok ? result.without : result.message) ?? '';
			if (result.ok) {
				const reference = { elements: [element] };
				const { listed } = candidatesFor({
					reference,
					client,
					pieces: [],
					market: result.answer,
					fitNotes,
					scoring: scoringOf(reference, echo.schools, client),
					seenOn: on
				}).for(element);
				const offers = listed.map((one): Offer => ({
					key: one.key,
					title: one.title,
					item: one.item,
					garment: one.garment,
					listing: one.listing,
					facts: factsOf(one)
				}));
				const before = sold ?? [];
				sold = [...before, ...offers.filter(({ key }) => before.every((one) => one.key !== key))];
				asked = { words, element, next: result.next };
				hasNext = result.next !== undefined;
			}
		} catch {
			// Asked anew, or left: the answer is not waited for.
			if (stop !== own) return;
		}
		asking = false;
	}
	const forSale = $derived(
		sold &&
			somethingMore(worn, sold, {
				client: table().client,
				isWorn
			})
	);
	return {
		get typed() {
			return typed;
		},
		set typed(next) {
			typed = next;
		},
		/** Owned things, what goes best with the look first. */
		get found() {
			return found;
		},
		/** What the shops have of what was typed; undefined until they were asked. */
		get forSale() {
			return forSale;
		},
		get asking() {
			return asking;
		},
		get failed() {
			return failed;
		},
		/** Is there more of what was asked for? */
		get hasNext() {
			return hasNext;
		},
		ask,
		askNext: () => (asked ? askPage(asked) : undefined),
		titleOf: (id: string) => worn.find((piece) => piece.id === id)?.title ?? '',
		stop: () => stop?.abort()
	};
}
type Listed = ReturnType<ReturnType<typeof candidatesFor>['for']>['listed'][number];
export type SomethingMore = ReturnType<typeof somethingMoreOn>;
