import * as z from 'zod';
import { dateSchema, recordFields } from './basics';
import { listingSchema, shopSchema } from './market';
import { givenTwice, recordType } from './record-type';

/** As many things as one list holds. */
export const mostListed = 2000;

const stockListFields = z.object({
	...recordFields,
	/** The shop as the stylist told it: a real one, not simulated. */
	shop: shopSchema.refine(({ simulated }) => !simulated, { error: 'a list of one’s own is not simulated' }),
	/** The day on which the list was loaded: prices and stock are of that day. */
	loadedOn: dateSchema,
	/** The file that it came from, by name. */
	file: z.string().max(200),
	listings: z.array(listingSchema).min(1).max(mostListed)
});

/** What a shop has, loaded by hand from a file. */
export const stockListSchema = stockListFields.superRefine(({ shop, listings }, context) => {
	if (givenTwice(listings.map(({ id }) => id)).length > 0)
		context.addIssue({ code: 'custom', path: ['listings'], message: 'two things have the same id' });
	if (listings.some(({ shopId }) => shopId !== shop.id))
		context.addIssue({ code: 'custom', path: ['listings'], message: 'a thing is of another shop' });
});
export type StockList = z.infer<typeof stockListSchema>;

export const freshStockList = (
	given: Pick<StockList, 'id' | 'shop' | 'loadedOn' | 'listings'> & Partial<StockList>
): StockList => ({ rev: 0, file: '', ...given });

export const stockListType = recordType({
	schema: stockListSchema,
	fresh: freshStockList,
	titleOf: ({ shop }: StockList) => `the list of ${shop.name}`,
	indexes: ['[id+rev]'],
	links: [],
	since: 11,
	migrations: []
});
