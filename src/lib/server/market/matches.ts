import {
	closestSold,
	indexSold,
	leastCloseness,
	marketQuerySchema,
	mostUnsuitable,
	sizesForAll,
	type Closest,
	type ListingsAnswer,
	type ListingsQuery,
	type MarketAnswer,
	type SoldIndex
} from '../../core';
import type { z } from 'zod';
import { dayNumberOf, isInStock, onDay } from './on-day';
import { marketShops } from './shops';
import { placeOfId, simulatedStock, type Stocked } from './stock';

/** A stock laid out for questions. */
export interface Market {
	stock: readonly Stocked[];
	index: SoldIndex;
}

/** The stock of the simulated shops with so many listings, laid out once; the same seed gives the same market. */
export function openMarket(seed: number, listings: number): Market {
	const stock = simulatedStock(seed, listings);
	return { stock, index: indexSold(stock.map(({ garment }) => garment)) };
}

/** Colours of one thing that may come before another thing: as many again are looked at. */
export const colourwaysAhead = 3;

type Asked = z.output<typeof marketQuerySchema>;
type AskedElement = Asked['elements'][number];

/** Of each thing the colour that comes closest; at most so many things. */
export function bestColours({ stock }: Market, found: readonly Closest[], most: number): Closest[] {
	const seen = new Set<number>();
	return found
		.filter(({ at }) => {
			const thing = stock[at]?.colourways[0] ?? at;
			return !seen.has(thing) && seen.add(thing);
		})
		.slice(0, most);
}

function matchesOf(market: Market, element: AskedElement, { schools, most, on }: Asked) {
	const { stock, index } = market;
	const dayNumber = dayNumberOf(on);
	const suits = (at: number) => {
		const stocked = stock[at];
		const labels = stocked && element.labels?.[stocked.source.shop.id];
		return stocked !== undefined && isInStock(stocked, dayNumber, labels && [...labels, ...sizesForAll]);
	};
	const ask = (many: number, accepts: (at: number) => boolean) =>
		bestColours(
			market,
			closestSold(index, element, { schools, most: many * colourwaysAhead, least: leastCloseness, accepts }),
			many
		);
	const suitable = ask(most, suits);
	const things = new Set(suitable.map(({ at }) => stock[at]?.colourways[0]));
	const unsuitable = ask(mostUnsuitable, (at) => !suits(at) && !things.has(stock[at]?.colourways[0]));
	return [...suitable, ...unsuitable].flatMap(({ at, closeness }) => {
		const stocked = stock[at];
		return stocked ? [{ listing: onDay(stock, stocked, on), closeness }] : [];
	});
}

/**
 * The best listings for each element, by the same closeness as the wardrobe, of each thing in its best colour: first what is in stock in
 * the sizes that were asked for, then a few that are not.
 */
export const bestListings = (query: Asked, market: Market): MarketAnswer => ({
	...marketShops,
	matches: query.elements.map((element) => ({
		elementId: element.id,
		listings: matchesOf(market, element, query)
	}))
});

/** How things stand on a day, in the order in which they were asked for; what is not known is left out. */
export const listingsOn = ({ ids, on }: ListingsQuery, { stock }: Market): ListingsAnswer => ({
	...marketShops,
	listings: ids.flatMap((id) => {
		const stocked = stock[placeOfId(id)];
		return stocked ? [onDay(stock, stocked, on)] : [];
	})
});
