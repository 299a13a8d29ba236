import {
	freshStockList,
	mostListed,
	readMoney,
	type Listing,
	type Settings,
	type Shop,
	type StockList
} from '$lib/core';
import {
	chartOfListings,
	guessedColumns,
	idOfShop,
	listingFields,
	pieceReader,
	readListings,
	readShopTable,
	type Columns,
	type ListingField
} from '$lib/core/table';
import { today } from '$lib/store/clock';

/** What is told of a shop by hand, as it is typed. */
export interface ShopDraft {
	name: string;
	currency: string;
	postage: string;
	days: string;
	returns: string;
	tier: Listing['tier'];
	cut: 'women' | 'men';
}

const wholeUpTo = (most: number, text: string): number | undefined =>
	/^\d{1,3}$/.test(text.trim()) && Number(text) <= most ? Number(text) : undefined;

/** A list of a shop on its way in: its text, what its columns hold, cells mended here, and what comes of all that. */
export function listDraft(settings: () => Settings | undefined) {
	const currency = $derived(settings()?.currency ?? 'GBP');
	let text = $state('');
	let file = $state('');
	let moved = $state<Columns<ListingField>>({});
	/** By row and column. */
	let mended = $state<Record<string, string>>({});
	const shop = $state<ShopDraft>({
		name: '',
		currency: '',
		postage: '',
		days: '5',
		returns: '14',
		tier: 'middle',
		cut: 'women'
	});

	const raw = $derived(readShopTable(text));
	const columns = $derived({
		...guessedColumns(listingFields, raw.columns, settings()?.columns ?? {}),
		...moved
	});
	const table = $derived({
		...raw,
		rows: raw.rows.map(({ number, cells }) => ({
			number,
			cells: cells.map((cell, at) => mended[`${number} ${at}`] ?? cell)
		}))
	});
	const spoken = $derived({
		currency: shop.currency.trim().toUpperCase() || currency,
		postage: shop.postage.trim() === '' ? '0' : shop.postage,
		days: wholeUpTo(120, shop.days),
		returns: wholeUpTo(365, shop.returns)
	});
	const postage = $derived(readMoney(spoken.postage, spoken.currency));
	const wrong = $derived({
		name: shop.name.trim() === '',
		currency: !/^[A-Z]{3}$/.test(spoken.currency),
		postage: postage === undefined,
		days: spoken.days === undefined,
		returns: spoken.returns === undefined
	});
	const id = $derived(idOfShop(shop.name));
	const isNamed = $derived(
		columns.price !== undefined && (columns.what !== undefined || columns.title !== undefined)
	);
	const read = $derived(
		pieceReader({ words: settings()?.words ?? 'uk', taught: settings()?.taught ?? [] }, spoken.currency)
	);
	const rows = $derived(
		!isNamed || wrong.currency || text.trim() === ''
			? []
			: readListings(table, columns, {
					shop: { id },
					currency: spoken.currency,
					tier: shop.tier,
					arrivesInDays: spoken.days ?? 0,
					read
				})
	);
	const good = $derived(rows.filter((row) => row.ok));
	const taken = $derived(good.slice(0, mostListed));
	const isRight = $derived(Object.values(wrong).every((one) => !one));

	return {
		shop,
		get text() {
			return text;
		},
		begin(next: string, name = '') {
			text = next;
			file = name.slice(0, 200);
			mended = {};
			moved = {};
		},
		get raw() {
			return raw;
		},
		get columns() {
			return columns;
		},
		/** Which column was matched by hand. */
		get moved() {
			return moved;
		},
		move: (field: ListingField, at: number | undefined) => (moved = { ...moved, [field]: at }),
		mend(row: number, field: ListingField, value: string) {
			const at = columns[field];
			if (at !== undefined) mended = { ...mended, [`${row} ${at}`]: value };
		},
		cellOf(row: number, field: ListingField) {
			const at = columns[field];
			return at === undefined ? '' : (table.rows.find(({ number }) => number === row)?.cells[at] ?? '');
		},
		/** Is it known which columns hold what a thing is, and its price? */
		get isNamed() {
			return isNamed;
		},
		get wrong() {
			return wrong;
		},
		get rows() {
			return rows;
		},
		get problems() {
			return rows.flatMap((row) => (row.ok ? [] : row.problems));
		},
		get taken() {
			return taken;
		},
		/** Things beyond what one list holds. */
		get left() {
			return good.length - taken.length;
		},
		/** The record that it comes to; undefined while something is missing or wrong. */
		get list(): StockList | undefined {
			if (!isRight || !postage || taken.length === 0) return undefined;
			const listings = taken.map(({ listing }) => listing);
			const of: Shop = {
				id,
				name: shop.name.trim(),
				simulated: false,
				secondHand: listings.every(({ condition }) => condition !== 'new'),
				sizeChart: chartOfListings(listings, shop.cut),
				postage: { flat: postage },
				returns: { days: spoken.returns ?? 0, cost: { amountMinor: 0, currency: spoken.currency } }
			};
			return freshStockList({ id, shop: of, loadedOn: today(), file, listings });
		}
	};
}
export type ListDraft = ReturnType<typeof listDraft>;
