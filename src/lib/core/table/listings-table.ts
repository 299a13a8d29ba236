/** What a shop has, as a table or as JSON: a thing a row, in the words in which the shop says it. */
import Papa from 'papaparse';
import { v5 } from 'uuid';
import * as z from 'zod';
import { chartOfLabels } from '../body/charts';
import { garmentType } from '../lexicon/taxonomy';
import type { Department } from '../lexicon/brief';
import { oneSize, type Listing, type Shop } from '../model/market';
import { readMoney } from '../money/amounts';
import { phraseOf, type PieceReader } from './pieces-table';
import { readTable, type Columns, type RawTable, type RowProblem } from './raw-table';

/** What a column of a shop's list can hold; `what` or `title` is needed, and a price. */
export const listingFields = {
	title: { label: 'Name', said: /^(?:name|title|product|product name|item)$/i },
	what: { label: 'What it is', said: /^(?:what(?: it is)?|description|garment|type|details?)$/i },
	colour: { label: 'Colour', said: /^(?:colou?rs?)$/i },
	material: { label: 'Material', said: /^(?:material|fabric|cloth|composition)$/i },
	price: { label: 'Price', said: /^(?:price|cost|amount)$/i },
	was: { label: 'Price before', said: /^(?:was|usual(?: price)?|full price|price before|rrp)$/i },
	sizes: { label: 'Sizes in stock', said: /^(?:sizes?|sizes in stock|stock|in stock)$/i },
	condition: { label: 'Condition', said: /^(?:condition|state)$/i },
	days: { label: 'Days to arrive', said: /^(?:days|delivery|delivery days|days to arrive)$/i },
	ref: { label: 'Number', said: /^(?:ref(?:erence)?|number|sku|id|code|article)$/i }
} as const;
export type ListingField = keyof typeof listingFields;

/** Namespace of the ids of loaded shops and things: a list that is loaded again names the same things. */
const namespace = '0d5f6c1e-2b44-4f0c-9d7c-8a3f5be0c2a1';
export const idOfShop = (name: string): string => v5(name.trim().toLowerCase(), namespace);

const jsonCell = z.union([
	z.string(),
	z.number(),
	z.boolean(),
	z.null(),
	z.array(z.union([z.string(), z.number()]))
]);
const jsonRows = z.array(z.record(z.string(), jsonCell));
const jsonList = z.union([jsonRows, z.object({ listings: jsonRows }).transform(({ listings }) => listings)]);

/** A list in JSON is an array of flat objects, or one under `listings`; it becomes a table with their keys as headings. */
function tableOfJson(text: string): RawTable {
	let rows: z.output<typeof jsonList> | undefined;
	try {
		rows = jsonList.safeParse(JSON.parse(text)).data;
	} catch {
		rows = undefined;
	}
	if (!rows)
		return {
			columns: [],
			rows: [],
			problems: ['not JSON with a list of things: [{ "title": …, "price": … }, …]']
		};
	const columns = [...new Set(rows.flatMap((row) => Object.keys(row)))];
	const cells = rows.map((row) => columns.map((column) => [row[column] ?? ''].flat().join('; ')));
	return readTable(Papa.unparse([columns, ...cells]));
}

/** A shop's list as columns and rows, from CSV, tabs or JSON. */
export const readShopTable = (text: string): RawTable =>
	/^\s*[[{]/.test(text) ? tableOfJson(text) : readTable(text);

const conditions: readonly [RegExp, Listing['condition']][] = [
	[/^(?:new|brand new|new with tags|unworn)$/i, 'new'],
	[/^(?:as new|like[ -]new|nearly new|excellent)$/i, 'like-new'],
	[/^(?:good|very good|used|pre-?owned|second-?hand)$/i, 'good'],
	[/^(?:worn|fair|well[ -]worn|flawed)$/i, 'worn']
];

/** "S, M (2), L: 0": each label with how many there are; a label alone is one that is there. */
function sizesFrom(cell: string): Listing['sizes'] | undefined {
	const sizes = cell
		.split(/[;,|]/)
		.map((one) => one.trim())
		.filter(Boolean)
		.map((one) => {
			const [, label = '', bracketed, after] =
				/^(.{1,20}?)\s*(?:\(\s*(\d{1,4})\s*\)|[:×]\s*(\d{1,4}))?$/.exec(one) ?? [];
			return { label: label.trim(), inStock: Number(bracketed ?? after ?? 1) };
		});
	const isWrong = sizes.some(
		({ label }, i) => label === '' || sizes.findIndex((other) => other.label === label) !== i
	);
	return isWrong || sizes.length > 60 ? undefined : sizes;
}

export type ReadListing =
	| { row: number; ok: true; listing: Listing; /** Words that were not understood. */ unread: string[] }
	| { row: number; ok: false; problems: RowProblem<ListingField>[] };

export interface ListingOptions {
	/** The shop as it was told; its chart comes from the labels. */
	shop: Pick<Shop, 'id'>;
	currency: string;
	/** Where the shop's prices lie among the three. */
	tier: Listing['tier'];
	/** Days until a thing arrives, where the list does not say. */
	arrivesInDays: number;
	read: PieceReader;
}

/** A row on its own: what is wrong with it, or the listing that it makes. */
function readRow(
	{ number: row, cells }: RawTable['rows'][number],
	columns: Columns<ListingField>,
	{ shop, currency, tier, arrivesInDays, read }: ListingOptions,
	idOf: (key: string) => string
): ReadListing {
	const cell = (field: ListingField) => (columns[field] === undefined ? '' : (cells[columns[field]] ?? ''));
	const problems: RowProblem<ListingField>[] = [];
	const wrong = (field: ListingField, reason: string) =>
		problems.push({ row, field, value: cell(field).slice(0, 60), reason });

	const named = cell('what') || cell('title');
	const reading = read(phraseOf(cells, { ...columns, name: columns.title }));
	const [said] = reading.pieces;
	if (named === '') wrong('what', 'empty: say what it is, as in “navy wool trousers”');
	else if (!said) wrong('what', 'no garment in it that is known: say the kind, as in “trousers”');
	else if (reading.pieces.length > 1) wrong('what', `names ${reading.pieces.length} things: a row holds one`);

	const money = (field: 'price' | 'was') => readMoney(cell(field), currency);
	const price = money('price');
	if (!price)
		wrong('price', cell('price') === '' ? 'empty: what does it cost?' : 'not an amount like 24 or £24.50');
	const usual = cell('was') === '' ? undefined : money('was');
	if (cell('was') !== '' && !usual) wrong('was', 'not an amount like 24 or £24.50');
	const sizes = cell('sizes') === '' ? [{ label: oneSize, inStock: 1 }] : sizesFrom(cell('sizes'));
	if (!sizes) wrong('sizes', 'not labels like “S; M; L”, each once');
	const condition =
		cell('condition') === '' ? 'new' : conditions.find(([words]) => words.test(cell('condition')))?.[1];
	if (!condition) wrong('condition', 'not one of new, like new, good, worn');
	const days =
		cell('days') === '' ? arrivesInDays : Number(/^(\d{1,3})(?:\s*days?)?$/i.exec(cell('days'))?.[1] ?? NaN);
	if (!(days <= 120)) wrong('days', 'not a number of days from 0 to 120');

	if (problems.length > 0 || !said || !price || !sizes || !condition) return { row, ok: false, problems };
	const title = (cell('title') || named).slice(0, 120);
	const reduced = usual && usual.currency === price.currency && usual.amountMinor > price.amountMinor;
	return {
		row,
		ok: true,
		listing: {
			id: idOf(cell('ref') || title),
			shopId: shop.id,
			title,
			garment: said.garment,
			price,
			...(reduced && { reduced: { usual, markdown: 1 - price.amountMinor / usual.amountMinor } }),
			tier,
			condition,
			sizes,
			arrivesInDays: days
		},
		unread: reading.phrases.filter(({ status }) => status === 'unknown').map(({ text }) => text)
	};
}

/**
 * Reads rows as what a shop has, by which column holds what. A row with anything wrong is told with row, field and reason; nothing
 * is written here. A list that is loaded again gives its things the same ids, by their number or else their name.
 */
export function readListings(
	table: RawTable,
	columns: Columns<ListingField>,
	options: ListingOptions
): ReadListing[] {
	const times = new Map<string, number>();
	const idOf = (key: string) => {
		const count = times.get(key) ?? 0;
		times.set(key, count + 1);
		return v5(`${options.shop.id} ${key} ${count}`, namespace);
	};
	return table.rows.map((row) => readRow(row, columns, options, idOf));
}

/** The chart of a shop of which no more is known than the labels of its things. */
export function chartOfListings(listings: readonly Listing[], department: Department): Shop['sizeChart'] {
	const labels = (shoes: boolean) =>
		new Set(
			listings
				.filter(({ garment }) => (garmentType(garment.type).slot === 'feet') === shoes)
				.flatMap(({ sizes }) => sizes.map(({ label }) => label))
		);
	return chartOfLabels({ clothes: labels(false), shoes: labels(true) }, department);
}
