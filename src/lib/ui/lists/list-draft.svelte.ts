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
	idOfShop,
	listingFields,
	phraseOf,
	pieceReader,
	readListings,
	readShopTable
} from '$lib/core/table';
import { newId, today } from '$lib/store/clock';
import { tableDraft } from '../table/table-draft.svelte';
import { readAhead } from '../table/read-ahead.svelte';

/** What is told of a shop by hand, as it is typed. */
export interface ShopDraft {
	name: string;
	currency: string;
	postage: string;
	/** The goods from which postage is free; nothing where it never is. */
	freeFrom: string;
	/** What sending back costs. */
	returnCost: string;
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
	const table = tableDraft(listingFields, readShopTable, () => settings()?.columns ?? {});
	const shop = $state<ShopDraft>({
		name: '',
		currency: '',
		postage: '',
		freeFrom: '',
		returnCost: '',
		days: '5',
		returns: '14',
		tier: 'middle',
		cut: 'women'
	});

	const columns = $derived(table.columns);
	const orNothing = (amount: string) => (amount.trim() === '' ? '0' : amount);
	const spoken = $derived({
		currency: shop.currency.trim().toUpperCase() || currency,
		days: wholeUpTo(120, shop.days),
		returns: wholeUpTo(365, shop.returns)
	});
	const amounts = $derived({
		postage: readMoney(orNothing(shop.postage), spoken.currency),
		freeFrom: readMoney(orNothing(shop.freeFrom), spoken.currency),
		returnCost: readMoney(orNothing(shop.returnCost), spoken.currency)
	});
	const wrong = $derived({
		name: shop.name.trim() === '',
		currency: !/^[A-Z]{3}$/.test(spoken.currency),
		postage: amounts.postage === undefined,
		freeFrom: amounts.freeFrom === undefined,
		returnCost: amounts.returnCost === undefined,
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
	const phrases = $derived(
		isNamed ? table.table.rows.map(({ cells }) => phraseOf(cells, { ...columns, name: columns.title })) : []
	);
	const ahead = readAhead(
		() => phrases,
		() => read
	);
	const readFor = (id: string) =>
		readListings(table.table, columns, {
			shop: { id },
			currency: spoken.currency,
			tier: shop.tier,
			arrivesInDays: spoken.days ?? 0,
			read
		});
	/** As they are shown: whose they are is known when they are loaded, and typing its name reads nothing anew. */
	const rows = $derived(
		!isNamed || wrong.currency || table.text.trim() === '' || !ahead.done ? [] : readFor(idOfShop(''))
	);
	const good = $derived(rows.filter((row) => row.ok));
	const taken = $derived(good.slice(0, mostListed));
	const isRight = $derived(Object.values(wrong).every((one) => !one));

	return {
		shop,
		table,
		/** Is it known which columns hold what a thing is, and its price? */
		get isNamed() {
			return isNamed;
		},
		/** How far the rows are read; undefined once they are. */
		get reading() {
			return ahead.done ? undefined : { done: ahead.known, all: phrases.length };
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
		/** The id of the shop. */
		get shopId() {
			return id;
		},
		/** The record that it comes to; undefined while something is missing or wrong. */
		made(): StockList | undefined {
			const { postage, freeFrom, returnCost } = amounts;
			if (!isRight || !postage || !returnCost) return undefined;
			const listings = readFor(id)
				.flatMap((row) => (row.ok ? [row.listing] : []))
				.slice(0, mostListed);
			if (listings.length === 0) return undefined;
			const of: Shop = {
				id,
				name: shop.name.trim(),
				simulated: false,
				secondHand: listings.every(({ condition }) => condition !== 'new'),
				sizeChart: chartOfListings(listings, shop.cut),
				postage: { flat: postage, ...(shop.freeFrom.trim() !== '' && { freeFrom }) },
				returns: { days: spoken.returns ?? 0, cost: returnCost }
			};
			return freshStockList({ id: newId(), shop: of, loadedOn: today(), file: table.file, listings });
		}
	};
}
export type ListDraft = ReturnType<typeof listDraft>;
