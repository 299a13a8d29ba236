import type { Money } from '../model/basics';
import type { Echo } from '../model/echo';
import type { Item } from '../model/worn';
import type { Shop } from '../model/market';
import { transformationOf } from '../lexicon/transformations';
import { sumOf } from './amounts';
import { landedPriceOf, withDuty } from './landed-price';

export interface Spend {
	goods: Money;
	postage: Money;
	/** What is altered, at an alterer. */
	altering: Money;
	/** On goods and postage from abroad. */
	duty: Money;
	total: Money;
	/** Sums in currencies that the studio has no rate for; they are in none of the others. */
	apart: Money[];
	/** Total minus limit; positive when over. Absent without a limit, or where the limit cannot be compared. */
	overLimitMinor?: number;
}

/** What one unit of another currency is worth in the studio's own. */
export type Rates = Readonly<Record<string, number>>;

/** An amount in the studio's currency, by its rate; undefined where the studio has none. */
export function converted({ amountMinor, currency }: Money, to: string, rates: Rates): Money | undefined {
	if (currency === to) return { amountMinor, currency };
	const rate = rates[currency];
	return rate === undefined ? undefined : { amountMinor: Math.round(amountMinor * rate), currency: to };
}

/** In which the tables of usual prices are. */
const tableCurrency = 'GBP';

/** A usual price of one of this project's tables, which are in pounds: in the studio's currency where there is a rate, else as it is. */
export function usualPrice(pence: number, to: string, rates: Rates): Money {
	const pounds = { amountMinor: pence, currency: tableCurrency };
	return converted(pounds, to, rates) ?? pounds;
}

/** Amounts of any currencies added up in one, and what has no rate added up apart. */
function addedUp(amounts: readonly Money[], to: string, rates: Rates): { sum: Money; apart: Money[] } {
	const inOwn = amounts.flatMap((amount) => converted(amount, to, rates) ?? []);
	const others = amounts.filter((amount) => !converted(amount, to, rates));
	const currencies = [...new Set(others.map(({ currency }) => currency))];
	return {
		sum: sumOf(inOwn) ?? { amountMinor: 0, currency: to },
		apart: currencies.flatMap((code) => sumOf(others.filter(({ currency }) => currency === code)) ?? [])
	};
}

type BoughtItem = Extract<Item, { source: 'listing' }>;

/** The listings that an echo buys, each once however many elements it answers. */
export function boughtIn(echo: Pick<Echo, 'matches' | 'extras'>): BoughtItem[] {
	const bought = new Map<string, BoughtItem>();
	for (const item of itemsOf(echo)) if (item.source === 'listing') bought.set(item.listing.id, item);
	return [...bought.values()];
}

/** What altering an owned thing as it is worn costs; nothing of what is only worn otherwise. In the pounds in which the table is. */
export function alteringCost(item: Item): Money | undefined {
	const altering = item.source === 'piece' && item.becomes && transformationOf(item.becomes).altering;
	return altering ? { amountMinor: altering.costMinor, currency: tableCurrency } : undefined;
}

/** What is worn of an echo, match or extra. */
const itemsOf = (echo: Pick<Echo, 'matches' | 'extras'>): Item[] => [
	...echo.matches.flatMap((match) => (match.state === 'items' ? match.items : [])),
	...echo.extras.map((extra) => extra.item)
];

/** What is altered of an echo, each thing once however many elements it answers. */
function alteringOf(echo: Pick<Echo, 'matches' | 'extras'>): Money[] {
	const costs = new Map<string, Money>();
	for (const item of itemsOf(echo)) {
		const cost = alteringCost(item);
		if (cost && item.source === 'piece') costs.set(`${item.pieceId} ${item.partId} ${item.becomes}`, cost);
	}
	return [...costs.values()];
}

/** A shop's postage on goods of this price: flat, or nothing from its free threshold on. */
export function postageOf(shop: Shop, goodsMinor: number): Money {
	const free = shop.postage.freeFrom && goodsMinor >= shop.postage.freeFrom.amountMinor;
	return free ? { ...shop.postage.flat, amountMinor: 0 } : shop.postage.flat;
}

/** Prices of what is bought in a shop, added up. */
const goodsOf = ({ id }: Shop, bought: readonly BoughtItem[]) =>
	bought
		.filter(({ shop }) => shop.id === id)
		.reduce((sum, { listing }) => sum + listing.price.amountMinor, 0);

/** What is charged at the border, for each thing and for each parcel. */
const dutyOn = (bought: readonly BoughtItem[], shops: ReadonlyMap<string, Shop>): Money[] =>
	[
		...bought.map(({ listing: { price }, shop }) => ({ amount: price, shop })),
		...[...shops.values()].map((shop) => ({ amount: postageOf(shop, goodsOf(shop, bought)), shop }))
	].map(({ amount, shop }) => ({
		...amount,
		amountMinor: withDuty(amount, shop).amountMinor - amount.amountMinor
	}));

/**
 * What an echo costs: prices, plus postage once per shop and duty on what comes from abroad, and what is altered, against the echo's limit.
 * Owned pieces worn as they are cost nothing. Never throws: amounts in a currency without a rate are kept apart.
 *
 * @param currency the studio's, in which everything is added up
 * @param rates by hand, from the studio's settings
 */
export function spendOf(
	echo: Pick<Echo, 'matches' | 'extras' | 'spendLimit'>,
	currency: string,
	rates: Rates = {}
): Spend {
	const bought = boughtIn(echo);
	const shops = new Map(bought.map((item) => [item.shop.id, item.shop]));
	const goods = addedUp(
		bought.map((item) => item.listing.price),
		currency,
		rates
	);
	const postage = addedUp(
		[...shops.values()].map((shop) => postageOf(shop, goodsOf(shop, bought))),
		currency,
		rates
	);
	const duty = addedUp(dutyOn(bought, shops), currency, rates);
	const altering = addedUp(alteringOf(echo), currency, rates);
	const parts = [goods, postage, duty, altering];
	const total = addedUp(
		parts.flatMap(({ sum, apart }) => [sum, ...apart]),
		currency,
		rates
	);
	const limit = echo.spendLimit && converted(echo.spendLimit, currency, rates);
	return {
		goods: goods.sum,
		postage: postage.sum,
		duty: duty.sum,
		altering: altering.sum,
		total: total.sum,
		apart: total.apart.filter(({ amountMinor }) => amountMinor !== 0),
		overLimitMinor: limit && total.sum.amountMinor - limit.amountMinor
	};
}

/** Is a thing for sale bought already, itself or another part of the set that it is of? */
export const isBought = ({ listing: { id } }: Pick<BoughtItem, 'listing'>, worn: readonly Item[]): boolean =>
	worn.some((other) => other.source === 'listing' && other.listing.id === id);

/**
 * By how much a shop's postage changes when a thing is bought beside what is bought already: less than 0 where it makes it free. By nothing
 * where it is bought already.
 */
export function postageBeside(
	{ shop, listing }: Pick<BoughtItem, 'shop' | 'listing'>,
	worn: readonly Item[]
): number {
	if (isBought({ listing }, worn)) return 0;
	const ofShop = new Map(
		worn.flatMap((other) =>
			other.source === 'listing' && other.shop.id === shop.id
				? [[other.listing.id, other.listing.price.amountMinor]]
				: []
		)
	);
	const before = [...ofShop.values()].reduce((sum, price) => sum + price, 0);
	const postageBefore = ofShop.size > 0 ? postageOf(shop, before).amountMinor : 0;
	return postageOf(shop, before + listing.price.amountMinor).amountMinor - postageBefore;
}

/**
 * What a thing for sale costs beside what is bought already, in its shop's currency: its price, and its shop's postage where the shop
 * sends nothing else, with duty; of what is owned, what altering it costs. Undefined where it costs nothing: another part of a set that
 * is bought already, too.
 */
export function withPostage({ item }: { item: Item }, worn: readonly Item[]): Money | undefined {
	if (item.source !== 'listing') return alteringCost(item);
	if (isBought(item, worn)) return undefined;
	return landedPriceOf(item.listing, item.shop, postageBeside(item, worn)).total;
}
