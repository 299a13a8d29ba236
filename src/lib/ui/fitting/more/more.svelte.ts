import {
	candidatesFor,
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
	type Garment,
	type Item
} from '$lib/core';
import { today } from '$lib/store/clock';
import { askForLook } from '$lib/store/market';
import { studioSettings } from '$lib/store/settings.svelte';
import type { FittingTable } from '../table/table.svelte';
import { m } from '../../messages';

/** Something that could be put on, owned or for sale. */
export interface Offer {
	key: string;
	title: string;
	item: Item;
	garment: Garment;
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
			.map(({ title, item, garment }): Offer => ({
				key: `${item.partId} ${item.configurationId ?? ''}`,
				title,
				item,
				garment,
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

	/** Asks the shops for what was typed, as it is read. */
	async function ask() {
		stop?.abort();
		stop = new AbortController();
		const { client, echo, fitNotes } = table();
		const { elements } = readLook(typed, {
			words: settings.value?.words,
			taught: settings.value?.taught,
			skin: skinToneOf(client)
		});
		const [element] = elements;
		failed = '';
		sold = undefined;
		if (!element) {
			failed = m.fitting.somethingMore.notRead;
			return;
		}
		asking = true;
		try {
			const reference = { elements: [element] };
			const asked = { client, fitNotes, schools: echo.schools, on: today() };
			const result = await askForLook(reference, asked, stop.signal);
			failed = (result.ok ? result.without : result.message) ?? '';
			if (result.ok)
				sold = candidatesFor({
					reference,
					client,
					pieces: [],
					market: result.answer,
					fitNotes,
					scoring: scoringOf(reference, echo.schools, client),
					seenOn: today()
				})
					.for(element)
					.listed.map((one): Offer => ({
						key: one.key,
						title: one.title,
						item: one.item,
						garment: one.garment,
						facts: factsOf(one)
					}));
		} catch {
			// Asked anew, or left: the answer is not waited for.
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
		ask,
		titleOf: (id: string) => worn.find((piece) => piece.id === id)?.title ?? '',
		stop: () => stop?.abort()
	};
}
type Listed = ReturnType<ReturnType<typeof candidatesFor>['for']>['listed'][number];
export type SomethingMore = ReturnType<typeof somethingMoreOn>;
