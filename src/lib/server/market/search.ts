/** The simulated shops asked in words. */
import type { z } from 'zod';
import {
	addDays,
	closestSold,
	garmentType,
	leastCloseness,
	marketSearchSchema,
	readLook,
	sizesForAll,
	type Closest,
	type MarketSearchAnswer
} from '../../core';
import { bestColours, colourwaysAhead, type Market } from './matches';
import { dayNumberOf, isInStock, onDay, priceOn } from './on-day';
import { marketShops } from './shops';
import { titleOf, type Stocked } from './stock';

type Asked = z.output<typeof marketSearchSchema>;

/** As far as pages go: nobody looks through more. */
const mostFound = 480;

/** May a thing be shown: worn there, in stock in a size that suits, no dearer, there in time, in such a condition? */
function suits(stocked: Stocked, { slot, most, labels, by, conditions, on }: Asked): boolean {
	const { source, garment, condition, arrivesInDays } = stocked;
	if (slot && garmentType(garment.type).slot !== slot) return false;
	if (conditions && !conditions.includes(condition)) return false;
	if (by && addDays(on, arrivesInDays) > by) return false;
	const price = most && priceOn(stocked, on);
	if (most && price && price.currency === most.currency && price.amountMinor > most.amountMinor) return false;
	const ofShop = labels?.[source.shop.id];
	return isInStock(stocked, dayNumberOf(on), ofShop && [...ofShop, ...sizesForAll]);
}

/** Things whose titles hold every word, in the order of the stock: where the words name no garment. */
function byTitle({ stock }: Market, words: string, accepts: (at: number) => boolean): Closest[] {
	const sought = words
		.toLowerCase()
		.split(/[^\p{L}\p{N}]+/u)
		.filter(Boolean);
	return stock.flatMap((stocked, at) => {
		const title = titleOf(stocked).toLowerCase();
		return sought.every((word) => title.includes(word)) && accepts(at)
			? [{ at, closeness: 1, confidence: 1 }]
			: [];
	});
}

/**
 * What the shops have of what is sought: the words are read as a look is, and what comes closest to the garment that they name is found,
 * best first; words that name none are looked for in titles. A page at a time.
 */
export function searchMarket(asked: Asked, market: Market): MarketSearchAnswer {
	const { stock, index } = market;
	const { elements, phrases } = readLook(asked.words, { words: asked.locale, provenance: 'said' });
	const garment = asked.as ?? elements[0]?.garment;
	const element = garment && { garment, signature: [], open: [] };
	const accepts = (at: number) => {
		const stocked = stock[at];
		return stocked !== undefined && suits(stocked, asked);
	};
	const found = element
		? closestSold(index, element, { most: mostFound * colourwaysAhead, least: leastCloseness, accepts })
		: byTitle(market, asked.words, accepts);
	const things = bestColours(market, found, mostFound);
	const from = Number(asked.cursor ?? 0);
	const to = from + asked.page;
	return {
		...marketShops,
		listings: things.slice(from, to).flatMap(({ at, closeness }) => {
			const stocked = stock[at];
			return stocked ? [{ listing: onDay(stock, stocked, asked.on), closeness }] : [];
		}),
		unread:
			!asked.as && element
				? phrases.filter(({ status }) => status === 'unknown').map(({ text }) => text)
				: [],
		...(to < things.length && { next: String(to) })
	};
}
