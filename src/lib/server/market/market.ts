/** What a market answers. The simulated one is here; a real one would fill the same shape. */
import type {
	ListingsAnswer,
	ListingsQuery,
	MarketAnswer,
	marketQuerySchema,
	MarketSearchAnswer,
	marketSearchSchema
} from '../../core';
import type { z } from 'zod';
import { bestListings, listingsOn, openMarket } from './matches';
import { searchMarket } from './search';

export interface MarketSource {
	matches: (query: z.output<typeof marketQuerySchema>) => MarketAnswer | Promise<MarketAnswer>;
	search: (query: z.output<typeof marketSearchSchema>) => MarketSearchAnswer | Promise<MarketSearchAnswer>;
	listings: (query: ListingsQuery) => ListingsAnswer | Promise<ListingsAnswer>;
}

const stockSeed = 20_771;

/** The simulated market with so many listings, laid out. */
export function marketOf(listings: number): MarketSource {
	const market = openMarket(stockSeed, listings);
	return {
		matches: (query) => bestListings(query, market),
		search: (query) => searchMarket(query, market),
		listings: (query) => listingsOn(query, market)
	};
}
