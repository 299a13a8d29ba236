/** The lists of shops that the demo studio loaded by hand, from the files in `lists/`. */
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { freshStockList, type StockList } from '../../src/lib/core/index';
import {
	chartOfListings,
	guessedColumns,
	idOfShop,
	listingFields,
	pieceReader,
	readListings,
	readShopTable
} from '../../src/lib/core/table';

const currency = 'GBP';
const folder = join(import.meta.dirname, '../lists');
const inWords = (file: string) => {
	const words = file.replace(/\.csv$/, '').replaceAll('-', ' ');
	return words.charAt(0).toUpperCase() + words.slice(1);
};

/** Throws with file, row and reason on a row that is not read. */
export const stockLists = (loadedOn: string): StockList[] =>
	readdirSync(folder).map((file) => {
		const name = inWords(file);
		const table = readShopTable(readFileSync(join(folder, file), 'utf8'));
		const id = idOfShop(name);
		const listings = readListings(table, guessedColumns(listingFields, table.columns), {
			shop: { id },
			currency,
			tier: 'middle',
			arrivesInDays: 4,
			read: pieceReader({}, currency)
		}).map((row) => {
			if (!row.ok) throw new Error(`${file}: ${JSON.stringify(row.problems)}`);
			return row.listing;
		});
		return freshStockList({
			id,
			rev: 1,
			file,
			loadedOn,
			listings,
			shop: {
				id,
				name,
				simulated: false,
				secondHand: false,
				sizeChart: chartOfListings(listings, 'women'),
				postage: { flat: { amountMinor: 350, currency } },
				returns: { days: 14, cost: { amountMinor: 0, currency } }
			}
		});
	});
