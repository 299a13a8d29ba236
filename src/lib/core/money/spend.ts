import type { Money } from '../model/basics';
import type { Echo, Item } from '../model/echo';
import type { Shop } from '../model/market';
import { sumOf } from './amounts';

export interface Spend {
	goods: Money;
	postage: Money;
	total: Money;
	/** Total minus limit; positive when over. Absent without a limit. */
	overLimitMinor?: number;
}

type BoughtItem = Extract<Item, { source: 'listing' }>;

/** The listings that an echo buys, each once however many elements it answers. */
export function boughtIn(echo: Pick<Echo, 'matches' | 'extras'>): BoughtItem[] {
	const items = [
		...echo.matches.flatMap((match) => (match.state === 'items' ? match.items : [])),
		...echo.extras.map((extra) => extra.item)
	];
	const bought = new Map<string, BoughtItem>();
	for (const item of items) if (item.source === 'listing') bought.set(item.listing.id, item);
	return [...bought.values()];
}

/** A shop's postage on goods of this price: flat, or nothing from its free threshold on. */
function postageOf(shop: Shop, goodsMinor: number): Money {
	const free = shop.postage.freeFrom && goodsMinor >= shop.postage.freeFrom.amountMinor;
	return free ? { ...shop.postage.flat, amountMinor: 0 } : shop.postage.flat;
}

/**
 * What an echo costs to buy: prices, plus postage once per shop, against the echo's limit. Owned pieces cost
 * nothing. `currency` is the studio's, used when nothing is bought.
 */
export function spendOf(echo: Pick<Echo, 'matches' | 'extras' | 'spendLimit'>, currency: string): Spend {
	const bought = boughtIn(echo);
	const nothing: Money = { amountMinor: 0, currency };
	const goods = sumOf(bought.map((item) => item.listing.price)) ?? nothing;
	const shops = new Map(bought.map((item) => [item.shop.id, item.shop]));
	const postage =
		sumOf(
			[...shops.values()].map((shop) => {
				const ofShop = bought.filter((item) => item.shop.id === shop.id);
				return postageOf(
					shop,
					ofShop.reduce((sum, item) => sum + item.listing.price.amountMinor, 0)
				);
			})
		) ?? nothing;
	const total = sumOf([goods, postage]) ?? nothing;
	return {
		goods,
		postage,
		total,
		overLimitMinor: echo.spendLimit && total.amountMinor - echo.spendLimit.amountMinor
	};
}
