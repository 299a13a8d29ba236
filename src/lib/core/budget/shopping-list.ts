/** What is to be bought for a plan: by shop, with sizes, postage and days. */
import { sizeOfListing } from '../body/listing-size';
import type { Item, Match } from '../model/worn';
import type { Listing, Shop } from '../model/market';
import { landedPrice, postageShares } from '../money/landed-price';
import { addDays, type Day } from '../time';
import type { PlannedEcho } from './from-echoes';
import { latestArrival } from '../matching/suitability';
import type { BudgetSolution, Purchase } from './problem';

/** One thing on the list. */
export interface ListedPurchase extends Purchase {
	listing: Listing;
	/** What it costs with its share of the shop's postage. */
	landedMinor: number;
	/** The size that suits who wears it, where one does. */
	size?: string;
	/** Are there only few left in it, so that it may not wait? */
	isScarce: boolean;
	/** For which looks, by their titles. */
	lookTitles: string[];
	arrives: Day;
	/** The last day on which it can be ordered to be there in time, where it is for a day. */
	orderBy?: Day;
}
export interface ShopList {
	shop: Shop;
	things: ListedPurchase[];
	postageMinor: number;
}

/** So few of a size may be gone tomorrow (this project's). */
const fewLeft = 2;
/** Of a size, or of any where none is known. */
const isScarce = ({ sizes }: Listing, label: string | undefined) => {
	const left = sizes.filter((size) => label === undefined || size.label === label);
	return left.reduce((sum, { inStock }) => sum + inStock, 0) <= fewLeft;
};

type Bought = Extract<Item, { source: 'listing' }>;

/**
 * What a choice buys, by shop in the order in which it was found, each thing with its size and its days.
 *
 * @param matches of all looks, as the choice makes them
 */
export function shoppingList(
	solution: BudgetSolution,
	matches: readonly Match[],
	echoes: readonly PlannedEcho[],
	{ today, currency }: { today: Day; currency: string }
): ShopList[] {
	const items = [
		...matches.flatMap((match) => match.items),
		...echoes.flatMap(({ echo }) => echo.extras.map(({ item }) => item))
	].filter((item): item is Bought => item.source === 'listing');
	const lists = new Map<string, ShopList>();
	for (const purchase of solution.purchases) {
		const item = items.find(({ listing }) => listing.id === purchase.listingId);
		if (!item) continue;
		const { listing, shop } = item;
		const wearers = echoes.filter(({ echo }) => purchase.lookIds.includes(echo.id));
		const days = wearers.flatMap(({ event }) => event?.date ?? []).sort();
		const size =
			item.sizeLabel ??
			wearers
				.map(({ client, fitNotes }) => sizeOfListing(client, listing, shop, fitNotes))
				.flatMap((found) => ('label' in found ? found.label : []))[0];
		const list = lists.get(shop.id) ?? {
			shop,
			things: [],
			postageMinor: solution.postage.find(({ shopId }) => shopId === shop.id)?.postageMinor ?? 0
		};
		list.things.push({
			...purchase,
			landedMinor: purchase.priceMinor,
			listing,
			size,
			isScarce: isScarce(listing, size),
			lookTitles: wearers.map(({ echo }) => echo.title),
			arrives: addDays(today, listing.arrivesInDays),
			...(days[0] && { orderBy: addDays(latestArrival(days[0]), -listing.arrivesInDays) })
		});
		lists.set(shop.id, list);
	}
	return [...lists.values()].map((list) => ({ ...list, things: landed(list, currency) }));
}

/** Each thing with its share of the postage. */
function landed({ things, postageMinor }: ShopList, currency: string): ListedPurchase[] {
	const shares = postageShares(
		things.map(({ priceMinor }) => priceMinor),
		{ amountMinor: postageMinor, currency }
	);
	return things.map((thing, i) => ({
		...thing,
		landedMinor: landedPrice({ amountMinor: thing.priceMinor, currency }, { postageMinor: shares[i] }).total
			.amountMinor
	}));
}

/** What should be ordered first, and by when where it is for a day: the earliest day first, and of one day what there is little of. */
export function firstToOrder(lists: readonly ShopList[]) {
	const things = lists.flatMap(({ shop, things: of }) => of.map((thing) => ({ shop, thing })));
	// Days compare as text; what is for no day comes after all that is.
	const dayOf = ({ thing }: (typeof things)[number]) => thing.orderBy ?? '9999';
	return things
		.filter(({ thing }) => thing.orderBy !== undefined || thing.isScarce)
		.sort((a, b) => dayOf(a).localeCompare(dayOf(b)) || Number(b.thing.isScarce) - Number(a.thing.isScarce))
		.at(0);
}
