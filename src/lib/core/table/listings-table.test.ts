import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentArbitrary } from '../../../../tests/arbitraries';
import { garmentInWords, listingSchema, readLook, sizeOfListing, type Listing } from '..';
import { makeClient, makeShop } from '../../../../tests/records';
import {
	chartOfListings,
	guessedColumns,
	idOfShop,
	listingFields,
	pieceReader,
	readListings,
	readShopTable,
	type ReadListing
} from '.';

const shop = { id: idOfShop('Pier Nine') };
const reader = pieceReader({}, 'GBP');
const options = { shop, currency: 'GBP', tier: 'save', arrivesInDays: 5, read: reader } as const;
const read = (text: string): ReadListing[] => {
	const table = readShopTable(text);
	return readListings(table, guessedColumns(listingFields, table.columns), options);
};
const listingsIn = (rows: readonly ReadListing[]): Listing[] =>
	rows.flatMap((row) => (row.ok ? [row.listing] : []));
const only = (text: string): Listing => {
	const [listing, ...more] = listingsIn(read(text));
	if (!listing || more.length > 0)
		throw new Error(`"${text}" should be one listing: ${JSON.stringify(read(text))}`);
	return listing;
};

describe('a shop’s list', () => {
	it('is the same from CSV, tabs and JSON', () => {
		const rows = [
			['Name', 'Description', 'Price', 'Sizes'],
			['Lamp', 'ivory silk blouse', '52.50', 'S; M'],
			['Tread', 'black leather loafers', '£60', 'EU 38; EU 39']
		];
		const csv = rows.map((row) => row.map((cell) => `"${cell}"`).join(',')).join('\n');
		const tabs = rows.map((row) => row.join('\t')).join('\n');
		const [head = [], ...body] = rows;
		const objects = body.map((row) => Object.fromEntries(head.map((name, i) => [name, row[i]])));
		const split = objects.map((one) => ({ ...one, Sizes: one.Sizes?.split('; ') }));
		const [first, ...others] = [csv, tabs, JSON.stringify(objects), JSON.stringify({ listings: split })].map(
			(text) => listingsIn(read(text))
		);
		expect(first).toHaveLength(2);
		for (const other of others) expect(other).toEqual(first);
	});
	it('makes listings that the records accept, whatever garments it tells', () => {
		fc.assert(
			fc.property(garmentArbitrary(), fc.integer({ min: 0, max: 99_999 }), (garment, pence) => {
				const words = garmentInWords(garment);
				fc.pre(reader(words).pieces.length === 1);
				const listing = only(`what\tprice\n${words}\t${(pence / 100).toFixed(2)}`);
				expect(listingSchema.safeParse(listing).error).toBeUndefined();
				expect(listing.price).toEqual({ amountMinor: pence, currency: 'GBP' });
				expect(listing.garment.type).toBe(readLook(words).elements[0]?.garment.type);
			}),
			{ numRuns: 150 }
		);
	});
	it('gives its things the same ids when it is loaded again, in any order', () => {
		const rows = ['A,red silk blouse,40', 'B,navy wool trousers,60', 'A,green silk blouse,42'];
		const idsOf = (lines: string[]) =>
			new Map(
				listingsIn(read(['Name,What,Price', ...lines].join('\n'))).map(({ title, garment, id }) => [
					`${title} ${garment.type}`,
					id
				])
			);
		const ids = idsOf(rows);
		const [a, b, c] = rows as [string, string, string];
		expect(idsOf([b, a, c])).toEqual(ids);
		expect(new Set(listingsIn(read(['Name,What,Price', ...rows].join('\n'))).map(({ id }) => id)).size).toBe(
			3
		);
	});
	it('tells the price before as a markdown, and no rise as one', () => {
		const reduced = only('What,Price,Was\nred coat,60,80');
		expect(reduced.reduced).toEqual({ usual: { amountMinor: 8000, currency: 'GBP' }, markdown: 0.25 });
		expect(only('What,Price,Was\nred coat,80,60').reduced).toBeUndefined();
	});
	it.each([
		[
			'S; M (2); L: 0',
			[
				['S', 1],
				['M', 2],
				['L', 0]
			]
		],
		[
			'EU 38 | EU 39',
			[
				['EU 38', 1],
				['EU 39', 1]
			]
		],
		['', [['one size', 1]]]
	] as const)('has “%s” in stock', (cell, sizes) => {
		const { sizes: found } = only(`What\tPrice\tSizes\nred coat\t60\t${cell}`);
		expect(found.map(({ label, inStock }) => [label, inStock])).toEqual(sizes);
	});
	it.each([
		['what', 'a frobber,10,S,new,3'],
		['what', ',10,S,new,3'],
		['what', 'black trousers and a white shirt,10,S,new,3'],
		['price', 'red coat,,S,new,3'],
		['price', 'red coat,ask,S,new,3'],
		['sizes', 'red coat,10,S; S,new,3'],
		['condition', 'red coat,10,S,mouldy,3'],
		['days', 'red coat,10,S,new,soon'],
		['days', 'red coat,10,S,new,400']
	])('tells what is wrong with the %s of “%s”, and loads nothing of it', (field, line) => {
		expect(read(`What,Price,Sizes,Condition,Days\n${line}`)).toMatchObject([
			{ ok: false, problems: [{ row: 2, field }] }
		]);
	});
	it('keeps the currency that a price says, and refuses one that nobody knows', () => {
		expect(only('What,Price\nred coat,EUR 60').price).toEqual({ amountMinor: 6000, currency: 'EUR' });
		expect(read('What,Price\nred coat,ABC 60')).toMatchObject([
			{ ok: false, problems: [{ field: 'price' }] }
		]);
	});
	it('that is no JSON says so, and tells what would be', () => {
		for (const text of ['[1, 2', '{"shop": 3}', '[[1]]'])
			expect(readShopTable(text)).toMatchObject({ rows: [], problems: [expect.stringContaining('JSON')] });
	});
	it('tells the words that were not understood', () => {
		expect(read('What,Price\nslinky zorbed red coat,60')).toMatchObject([
			{ ok: true, unread: expect.arrayContaining(['zorbed']) }
		]);
	});
});

describe('a chart of labels alone', () => {
	const listing = (what: string, sizes: string) => only(`What\tPrice\tSizes\n${what}\t40\t${sizes}`);
	const fitted = (what: string, sizes: string, measurements: Record<string, number>) => {
		const one = listing(what, sizes);
		const of = { ...makeShop(1), sizeChart: chartOfListings([one], 'women') };
		return sizeOfListing(makeClient({ measurements }), one, of);
	};
	it.each([
		// EN 13402-3, women by bust girth in cm (values from memory): M 90–98, L 98–107, XL 107–119.
		['red silk blouse', 'S; M; L; XL', { bust: 94 }, 'M'],
		['red silk blouse', 'XL; L; M', { bust: 103 }, 'L'],
		['red silk blouse', 'M; L; XL', { bust: 112 }, 'XL'],
		// EU 1.5 × last in cm, UK 3 × last in inches − 25, the last 1.5 cm longer than the foot (values from memory).
		['black loafers', 'EU 37; EU 38; EU 39', { foot: 24 }, 'EU 38'],
		['black loafers', 'UK 4; UK 5; UK 6', { foot: 23.9 }, 'UK 5']
	])('%s in %s for %o is %s', (what, sizes, measures, label) => {
		expect(fitted(what, sizes, measures as Record<string, number>)).toMatchObject({ state: 'suits', label });
	});
	it('says of numbered clothes that there is no chart, and judges none of them', () => {
		expect(fitted('red silk blouse', '10; 12; 14', { bust: 94 })).toEqual({
			state: 'no-chart',
			labels: ['10', '12', '14']
		});
		expect(fitted('red silk blouse', '10: 0', { bust: 94 })).toMatchObject({ state: 'sold-out' });
	});
});
