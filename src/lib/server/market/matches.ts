import {
	closest,
	indexGarments,
	marketQuerySchema,
	type GarmentIndex,
	type Listing,
	type MarketAnswer
} from '../../core';
import type { z } from 'zod';
import { simulatedShops } from './shops';
import { simulatedStock } from './stock';

/** Where listings come from; a real service would fill the same shape. */
export interface Market {
	simulated: boolean;
	shops: MarketAnswer['shops'];
	listings: readonly Listing[];
}

const stockSeed = 20_771;
const stockSize = 2000;

export const simulatedMarket: Market = {
	simulated: true,
	shops: simulatedShops.map(({ shop }) => shop),
	listings: simulatedStock(stockSeed, stockSize)
};

/** A listing less alike than this is no substitute worth showing (0..1). */
const leastCloseness = 0.35;

/** A market's listings in stock, laid out for comparison once. */
const laidOut = new WeakMap<Market, { inStock: Listing[]; index: GarmentIndex }>();
function stockOf(market: Market) {
	let stock = laidOut.get(market);
	if (!stock) {
		const inStock = market.listings.filter((listing) => listing.sizes.some((size) => size.inStock > 0));
		stock = { inStock, index: indexGarments(inStock.map(({ garment }) => garment)) };
		laidOut.set(market, stock);
	}
	return stock;
}

/** The best listings for each element, ranked by the same closeness as the wardrobe; sold-out ones are left out. */
export function bestListings(query: z.output<typeof marketQuerySchema>, market: Market): MarketAnswer {
	const { inStock, index } = stockOf(market);
	return {
		simulated: market.simulated,
		shops: market.shops,
		matches: query.elements.map((element) => ({
			elementId: element.id,
			listings: closest(index, element, {
				schools: query.schools,
				most: query.most,
				least: leastCloseness
			}).flatMap(({ at, closeness }) => {
				const listing = inStock[at];
				return listing ? [{ listing, closeness }] : [];
			})
		}))
	};
}
