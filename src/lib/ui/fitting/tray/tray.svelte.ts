import {
	cautionsOf,
	garmentInWords,
	isWearable,
	matchOf,
	sameItem,
	sameThing,
	searchOver,
	servesOf,
	type Candidate as Offered,
	type Candidates,
	type Client,
	type Echo,
	type Element,
	type Reference
} from '$lib/core';

/** One card of the tray: a candidate, and how it stands to what is chosen. */
export interface Candidate extends Offered {
	cautions: string[];
	chosen: boolean;
	/** Words of the element that wears it now, when that is another one. */
	wornFor?: string;
	/** What it does for the client's wishes, in words. */
	serves: string[];
}

/** What the tray is laid out from. */
export interface TraySource {
	echo: Echo;
	reference: Reference;
	client: Client;
	element: Element | undefined;
	candidates: Candidates;
}

/** How listings may be put in order; owned pieces are always by closeness. */
export const trayOrders = ['closeness', 'price', 'arrival', 'newness'] as const;
export type TrayOrder = (typeof trayOrders)[number];

const newness = { new: 0, 'like-new': 1, good: 2, worn: 3 };
const orderOf: Record<TrayOrder, (a: Offered, b: Offered) => number> = {
	closeness: () => 0,
	price: (a, b) => (a.listing?.price.amountMinor ?? 0) - (b.listing?.price.amountMinor ?? 0),
	arrival: (a, b) => (a.listing?.arrivesInDays ?? 0) - (b.listing?.arrivesInDays ?? 0),
	newness: (a, b) => newness[a.listing?.condition ?? 'worn'] - newness[b.listing?.condition ?? 'worn']
};

/** The size in which a listing is taken: the one that suits, unless it is sold out. */
export const sizeToTake = ({ size }: Offered): string | undefined =>
	size && 'label' in size && size.state !== 'sold-out' ? size.label : undefined;

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
	/** What is said of a card is worked out for those that are shown. */
	function card(at: Element, one: Offered): Candidate {
		return {
			...one,
			cautions: cautionsOf(one, client),
			serves: servesOf(one, client),
			chosen: matchOf(echo, at.id)?.items.some((other) => sameItem(other, one.item)) ?? false,
			wornFor: wornElsewhere(one, at)
		};
	}
	const shown = (cards: readonly Offered[]) =>
		cards.filter((one) => (!found || found.has(one.key)) && (!withinLimits || isWearable(one, client)));
	const owned = $derived(shown(offered.owned));
	const becoming = $derived(shown(offered.becoming));
	const listed = $derived(
		order === 'closeness' ? shown(offered.listed) : [...shown(offered.listed)].sort(orderOf[order])
	);
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
		get listed() {
			return listed;
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
