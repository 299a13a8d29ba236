/** What lists that were loaded by hand have for a look: the same answer as the market gives, worked out here. */
import type { MarketAnswer, MarketQuery } from '../exchange/market';
import type { Garment } from '../model/garment';
import type { Listing, Shop } from '../model/market';
import { sizesForAll } from '../model/market';
import { closest, indexGarments, type Closest, type GarmentIndex } from './garment-index';
import { soldWays } from './sets';

/** A listing less alike than this is no substitute worth showing (0..1). */
export const leastCloseness = 0.35;
/** Of what is not in stock in the sizes that are asked for, only a few are shown. */
export const mostUnsuitable = 6;

/** A list laid out for questions. */
export interface OwnList {
	shop: Shop;
	listings: readonly Listing[];
	index: SoldIndex;
}

/** Everything that is sold in every way in which it can be worn, laid out for questions. */
export interface SoldIndex {
	index: GarmentIndex;
	/** For each row of the index the place of what is sold. */
	places: Uint32Array;
}

/** Lays out what is sold: a set as the whole and as its parts. */
export function indexSold(garments: readonly Garment[]): SoldIndex {
	const rows: Garment[] = [];
	const places: number[] = [];
	garments.forEach((sold, place) => {
		for (const { garment } of soldWays(sold)) {
			rows.push(garment);
			places.push(place);
		}
	});
	return { index: indexGarments(rows), places: Uint32Array.from(places) };
}

/** What is sold that comes closest to an element, each thing once, by its place; see `closest`. */
export function closestSold(
	{ index, places }: SoldIndex,
	element: Parameters<typeof closest>[1],
	{
		accepts,
		most,
		...options
	}: Parameters<typeof closest>[2] & {
		most: number;
		accepts: (place: number) => boolean;
	}
): Closest[] {
	const placeOf = (row: number) => places[row] ?? 0;
	const seen = new Set<number>();
	// Of a set, both the whole and a part may come close.
	return closest(index, element, { ...options, most: 2 * most, accepts: (row) => accepts(placeOf(row)) })
		.map((found) => ({ ...found, at: placeOf(found.at) }))
		.filter(({ at }) => !seen.has(at) && seen.add(at))
		.slice(0, most);
}

export const layOut = ({ shop, listings }: Omit<OwnList, 'index'>): OwnList => ({
	shop,
	listings,
	index: indexSold(listings.map(({ garment }) => garment))
});

const isInStock = ({ sizes }: Listing, labels: readonly string[] | undefined) =>
	sizes.some(
		({ label, inStock }) => inStock > 0 && (!labels || labels.includes(label) || sizesForAll.includes(label))
	);

function bestOf(
	list: OwnList,
	element: MarketQuery['elements'][number],
	{ schools, most = 12 }: MarketQuery
) {
	const labels = element.labels?.[list.shop.id];
	const suits = (at: number) => {
		const listing = list.listings[at];
		return listing !== undefined && isInStock(listing, labels);
	};
	const ask = (many: number, accepts: (at: number) => boolean): Closest[] =>
		closestSold(list.index, element, { schools, most: many, least: leastCloseness, accepts });
	return { suitable: ask(most, suits), unsuitable: ask(mostUnsuitable, (at) => !suits(at)) };
}

/**
 * The best things of lists for each element of a question, by the same closeness as everything else: first what is in stock in the
 * labels that were asked for, best first over all lists, then a few that are not.
 */
export function closestInLists(lists: readonly OwnList[], query: MarketQuery): MarketAnswer['matches'] {
	const { most = 12 } = query;
	return query.elements.map((element) => {
		const found = lists.map((list) => ({ list, ...bestOf(list, element, query) }));
		const best = (kind: 'suitable' | 'unsuitable', many: number) =>
			found
				.flatMap((one) =>
					one[kind].map(({ at, closeness }) => ({ listing: one.list.listings[at], closeness }))
				)
				.flatMap(({ listing, closeness }) => (listing ? [{ listing, closeness }] : []))
				.sort((a, b) => b.closeness - a.closeness)
				.slice(0, many);
		return {
			elementId: element.id,
			listings: [...best('suitable', most), ...best('unsuitable', mostUnsuitable)]
		};
	});
}

/** Two answers to the same question as one: what suits before what does not is kept within each, best first. */
export function joinedAnswer(
	market: MarketAnswer,
	own: MarketAnswer['matches'],
	shops: readonly Shop[]
): MarketAnswer {
	if (own.length === 0) return market;
	const matches = own.map(({ elementId, listings }) => {
		const others = market.matches.find((match) => match.elementId === elementId)?.listings ?? [];
		return { elementId, listings: [...listings, ...others] };
	});
	const rest = market.matches.filter(({ elementId }) => !own.some((match) => match.elementId === elementId));
	return { ...market, shops: [...market.shops, ...shops], matches: [...matches, ...rest] };
}
