import {
	boughtIn,
	buyingFor,
	brokenBeside,
	clashesFor,
	clashesWith,
	cautionsOf,
	converted,
	expectedWears,
	garmentInWords,
	isWearable,
	landedPriceOf,
	matchOf,
	isBought,
	postageBeside,
	sameItem,
	sameThing,
	searchOver,
	servesOf,
	unsuitableFor,
	withoutElement,
	wornPieces,
	withDuty,
	type CheckedPiece,
	type Candidate as Offered,
	type Candidates,
	type Client,
	type Echo,
	type Element,
	type Event,
	type LandedPrice,
	type Piece,
	type Rates,
	type Reference,
	type Unsuitable
} from '$lib/core';
import { today } from '$lib/store/clock';

/** One card of the tray: a candidate, and how it stands to what is chosen. */
export interface Candidate extends Offered {
	cautions: string[];
	chosen: boolean;
	/** Words of the element that wears it now, when that is another one. */
	wornFor?: string;
	/** What it does for the client's wishes, in words. */
	serves: string[];
	/** What keeps the client from it, of what is for sale. */
	unsuitable: readonly Unsuitable[];
	/** What it costs beside what is bought for the other elements, line by line; in the studio's currency where there is a rate. */
	landed?: LandedPrice;
	/** It is bought already: another part of its set is worn. */
	bought?: boolean;
}

/** What the tray is laid out from. */
export interface TraySource {
	echo: Echo;
	reference: Reference;
	client: Client;
	element: Element | undefined;
	candidates: Candidates;
	/** The client's, by which what is worn is known. */
	pieces: readonly Piece[];
	/** What the echo is for. */
	event?: Event;
	/** The studio's, with what one unit of another is worth in it. */
	currency: string;
	rates: Rates;
}

/** How listings may be put in order; owned pieces are always by closeness. */
export const trayOrders = ['closeness', 'price', 'per-wear', 'arrival', 'newness'] as const;
export type TrayOrder = (typeof trayOrders)[number];

const newness = { new: 0, 'like-new': 1, good: 2, worn: 3 };
/** What it costs in the studio's currency; what has no rate comes last. */
const costOf = ({ listing, shop }: Offered, { currency, rates }: Pick<TraySource, 'currency' | 'rates'>) =>
	(listing && shop && converted(withDuty(listing.price, shop), currency, rates)?.amountMinor) ?? Infinity;
type Order = (source: TraySource) => (one: Offered) => number;
/** The least first. */
const orderBy: Record<Exclude<TrayOrder, 'closeness'>, Order> = {
	price: (source) => (one) => costOf(one, source),
	'per-wear': (source) => (one) =>
		costOf(one, source) / (expectedWears(one.garment, one.listing?.condition)?.wears ?? 1),
	arrival: () => (one) => one.listing?.arrivesInDays ?? 0,
	newness: () => (one) => newness[one.listing?.condition ?? 'worn']
};

/** The cards for the chosen rung: from the wardrobe and from the shops, best first, searched and set side by side. */
export function fittingTray(source: () => TraySource) {
	let search = $state('');
	let withinLimits = $state(false);
	let order = $state<TrayOrder>('closeness');
	let compared = $state<string[]>([]);

	const echo = $derived(source().echo);
	const element = $derived(source().element);
	const client = $derived(source().client);
	const candidates = $derived(source().candidates);
	const offered = $derived(element ? candidates.for(element) : { owned: [], becoming: [], listed: [] });
	const all = $derived([...offered.owned, ...offered.becoming, ...offered.listed]);
	/** Built when something is first looked for. */
	const finder = $derived.by(() => {
		let find: ReturnType<typeof searchOver> | undefined;
		const things = all;
		return (typed: string) => {
			find ??= searchOver(
				things.map(({ key, garment, title, shop, listing }) => ({
					key,
					garments: [garment],
					texts: [title, shop?.name ?? '', listing?.condition ?? '', listing?.tier ?? '']
				}))
			);
			return find(typed);
		};
	});
	const found = $derived(search.trim() === '' ? undefined : finder(search));

	function wornElsewhere(one: Offered, at: Element): string | undefined {
		const match = echo.matches.find((other) => other.items.some((worn) => sameThing(worn, one.item)));
		if (!match || match.elementIds.includes(at.id)) return undefined;
		const other = source().reference.elements.find(({ id }) => match.elementIds.includes(id));
		return other && garmentInWords(other.garment);
	}
	const rest = $derived(withoutElement(echo, element?.id));
	const wornBesides = $derived(wornPieces(rest, source().pieces));
	const buying = $derived(
		buyingFor(echo, element?.id, {
			client,
			today: today(),
			wornOn: source().event?.date,
			currency: source().currency,
			rates: source().rates
		})
	);
	const besides = $derived(boughtIn(rest));
	const clashes = $derived(clashesFor(client));
	const asWorn = ({ key, title, garment, note }: Offered): CheckedPiece => ({
		id: key,
		title,
		garment,
		moves: [],
		...(note && { note })
	});
	/** What is said of a card is worked out for those that are shown. */
	function card(at: Element, one: Offered): Candidate {
		const elsewhere = wornElsewhere(one, at);
		return {
			...one,
			cautions: [
				...cautionsOf(one, client),
				...(elsewhere ? [] : brokenBeside(client, wornBesides, asWorn(one)))
			],
			serves: servesOf(one, client),
			chosen: echoWears(one),
			wornFor: elsewhere,
			unsuitable: unsuitableFor(one, buying),
			...(one.item.source === 'listing' &&
				(isBought(one.item, besides)
					? { bought: true }
					: {
							landed: landedPriceOf(
								one.item.listing,
								one.item.shop,
								postageBeside(one.item, besides),
								source()
							)
						}))
		};
	}
	const shown = (cards: readonly Offered[]) =>
		cards.filter(
			(one) =>
				(!found || found.has(one.key)) &&
				(!withinLimits || (isWearable(one, client) && !clashesWith(clashes, wornBesides, asWorn(one))))
		);
	const owned = $derived(shown(offered.owned));
	const becoming = $derived(shown(offered.becoming));
	const listed = $derived.by(() => {
		const cards = shown(offered.listed);
		if (order === 'closeness') return cards;
		const of = orderBy[order](source());
		return [...cards].sort((a, b) => of(a) - of(b));
	});
	const echoWears = (one: Offered) =>
		element !== undefined &&
		(matchOf(echo, element.id)?.items.some((other) => sameItem(other, one.item)) ?? false);
	/** What suits and what does not; what is chosen already stays where it is seen. */
	const [suitable, unsuitable] = $derived.by((): [Offered[], Offered[]] => {
		const [suits, not]: [Offered[], Offered[]] = [[], []];
		for (const one of listed)
			(unsuitableFor(one, buying).length === 0 || echoWears(one) ? suits : not).push(one);
		return [suits, not];
	});
	const comparing = $derived(
		compared.flatMap((key) => {
			const one = all.find((other) => other.key === key);
			return element && one ? [card(element, one)] : [];
		})
	);

	return {
		get owned() {
			return owned;
		},
		/** What owned pieces can turn into. */
		get becoming() {
			return becoming;
		},
		/** What is for sale and suits the client, the day and the money. */
		get listed() {
			return suitable;
		},
		/** What is for sale and does not. */
		get unsuitable() {
			return unsuitable;
		},
		/** A candidate with all that its card says. */
		card: (one: Offered): Candidate | undefined => (element ? card(element, one) : undefined),
		/** The card of a key, shown or not. */
		cardOf(key: string): Candidate | undefined {
			const one = all.find((other) => other.key === key);
			return element && one && card(element, one);
		},
		/** Are there cards that the search or the limits hide? */
		get narrowed() {
			return owned.length + becoming.length + listed.length < all.length;
		},
		get search() {
			return search;
		},
		set search(text: string) {
			search = text;
		},
		/** Only what breaks none of the client's limits, and comes in their size. */
		get withinLimits() {
			return withinLimits;
		},
		set withinLimits(only: boolean) {
			withinLimits = only;
		},
		/** The order of what is for sale. */
		get order() {
			return order;
		},
		set order(next: TrayOrder) {
			order = next;
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
		stopComparing: () => (compared = [])
	};
}
export type FittingTray = ReturnType<typeof fittingTray>;
