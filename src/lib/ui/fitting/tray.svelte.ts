import {
	becomingsOf,
	cautionsFor,
	garmentInWords,
	matchOf,
	optionsOfPiece,
	rankCandidates,
	sameItem,
	sameThing,
	wearable,
	servedInWords,
	type Becoming,
	type Client,
	type Echo,
	type Element,
	type Garment,
	type Item,
	type Listing,
	type Piece,
	type PieceCloseness,
	type Reference,
	type Shop
} from '$lib/core';
import { today } from '$lib/store/clock';
import type { MarketResult } from '$lib/store/market';

/** One card of the tray. */
export interface Candidate {
	key: string;
	title: string;
	item: Item;
	garment: Garment;
	closeness: PieceCloseness;
	cautions: string[];
	chosen: boolean;
	/** Words of the element that wears it now, when that is another one. */
	wornFor?: string;
	listing?: Listing;
	shop?: Shop;
	/** What it is turned into, with what that needs. */
	becoming?: Becoming;
	/** What it does for the client's wishes, in words. */
	serves: string[];
}

/** What the tray is laid out from. */
export interface TraySource {
	echo: Echo;
	reference: Reference;
	client: Client;
	pieces: Piece[];
	element: Element | undefined;
	market: MarketResult | undefined;
}

const keyOf = (item: Item) =>
	item.source === 'listing'
		? item.listing.id
		: [item.pieceId, item.partId, item.configurationId, item.becomes].join(' ');

/** Does every word that was typed begin a word of what is said of the card? */
function saysAll(words: readonly string[], { title, garment, shop }: Candidate): boolean {
	const said = ` ${title} ${garmentInWords(garment)} ${shop?.name ?? ''}`.toLowerCase();
	return words.every((word) => said.includes(` ${word}`));
}

/** The cards for the chosen rung: from the wardrobe and from the shops, best first, searched and set side by side. */
export function fittingTray(source: () => TraySource) {
	let search = $state('');
	let withinLimits = $state(false);
	let compared = $state<string[]>([]);

	const echo = $derived(source().echo);
	const element = $derived(source().element);
	// Rankings hang on the element, the pieces and the schools, not on what is chosen: a choice ranks nothing anew.
	const schoolsKey = $derived(JSON.stringify(echo.schools));
	const client = $derived(source().client);
	const wished = $derived(client.wishedEffects);
	const options = $derived({
		schools: JSON.parse(schoolsKey) as Echo['schools'],
		client,
		wished
	});
	const pieces = $derived(source().pieces);
	const wardrobe = $derived(pieces.filter(wearable).flatMap(optionsOfPiece));
	const rankedOwned = $derived(
		element ? rankCandidates(element, wardrobe, ({ garment }) => garment, options) : []
	);
	const turned = $derived(element ? becomingsOf(pieces.filter(wearable), element, options) : []);
	const market = $derived(source().market);
	const rankedListed = $derived.by(() => {
		if (!element || !market?.ok) return [];
		const listings = market.answer.matches.find(({ elementId }) => elementId === element.id)?.listings ?? [];
		return rankCandidates(element, listings, ({ listing }) => listing.garment, options);
	});

	function wornElsewhere(item: Item, at: Element): string | undefined {
		const match = echo.matches.find((other) => other.items.some((worn) => sameThing(worn, item)));
		if (!match || match.elementIds.includes(at.id)) return undefined;
		const other = source().reference.elements.find(({ id }) => match.elementIds.includes(id));
		return other && garmentInWords(other.garment);
	}
	function card(
		at: Element,
		title: string,
		item: Item,
		garment: Garment,
		closeness: PieceCloseness
	): Candidate {
		return {
			key: keyOf(item),
			title,
			item,
			garment,
			closeness,
			cautions: cautionsFor(client, garment).map(({ words }) => words),
			serves: servedInWords(wished, garment),
			chosen: matchOf(echo, at.id)?.items.some((other) => sameItem(other, item)) ?? false,
			wornFor: wornElsewhere(item, at)
		};
	}
	const allOwned = $derived(
		element
			? rankedOwned.map(({ candidate: option, closeness }) =>
					card(element, option.title, option.item, option.garment, closeness)
				)
			: []
	);
	const allTurned = $derived(
		element
			? turned.map((way) => ({
					...card(element, way.title, way.item, way.garment, way.closeness),
					becoming: way
				}))
			: []
	);
	const allListed = $derived.by((): Candidate[] => {
		if (!element || !market?.ok) return [];
		const { shops } = market.answer;
		return rankedListed.flatMap(({ candidate: { listing }, closeness }) => {
			const shop = shops.find(({ id }) => id === listing.shopId);
			if (!shop) return [];
			const item: Item = { source: 'listing', listing, shop, seenOn: today() };
			return [{ ...card(element, listing.title, item, listing.garment, closeness), listing, shop }];
		});
	});
	const words = $derived(search.toLowerCase().split(/\s+/).filter(Boolean));
	const shown = (cards: Candidate[]) =>
		cards.filter((one) => saysAll(words, one) && !(withinLimits && one.cautions.length > 0));
	const owned = $derived(shown(allOwned));
	const becoming = $derived(shown(allTurned));
	const listed = $derived(shown(allListed));
	const comparing = $derived(
		compared.flatMap((key) => [...allOwned, ...allTurned, ...allListed].find((one) => one.key === key) ?? [])
	);

	return {
		get owned() {
			return owned;
		},
		/** What owned pieces can turn into. */
		get becoming() {
			return becoming;
		},
		get listed() {
			return listed;
		},
		/** Are there cards that the search or the limits hide? */
		get narrowed() {
			return (
				owned.length + becoming.length + listed.length < allOwned.length + allTurned.length + allListed.length
			);
		},
		get search() {
			return search;
		},
		set search(text: string) {
			search = text;
		},
		/** Only what breaks none of the client's limits. */
		get withinLimits() {
			return withinLimits;
		},
		set withinLimits(only: boolean) {
			withinLimits = only;
		},
		/** Cards set side by side, at most two, the older first. */
		get comparing() {
			return comparing;
		},
		/** Sets a card beside another, or puts it back; a third takes the place of the older. */
		toggleCompared(key: string) {
			compared = compared.includes(key)
				? compared.filter((other) => other !== key)
				: [...comparing.map((one) => one.key), key].slice(-2);
		},
		stopComparing: () => (compared = []),
		/** Everything that can be worn, for the whole look at once. */
		get wardrobe() {
			return wardrobe;
		}
	};
}
export type FittingTray = ReturnType<typeof fittingTray>;
