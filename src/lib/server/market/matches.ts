import { marketQuerySchema, rankCandidates, type Listing, type MarketAnswer } from '../../core';
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

/** The best listings for each element, ranked by the same closeness as the wardrobe; sold-out ones are left out. */
export function bestListings(query: z.output<typeof marketQuerySchema>, market: Market): MarketAnswer {
	const inStock = market.listings.filter((listing) => listing.sizes.some((size) => size.inStock > 0));
	return {
		simulated: market.simulated,
		shops: market.shops,
		matches: query.elements.map((element) => ({
			elementId: element.id,
			listings: rankCandidates(element, inStock, (listing) => listing.garment, { schools: query.schools })
				.filter(({ closeness }) => closeness.closeness >= leastCloseness)
				.slice(0, query.most)
				.map(({ candidate, closeness }) => ({ listing: candidate, closeness: closeness.closeness }))
		}))
	};
}
