/** From what is chosen to what is ordered: one order a shop, since it comes in one parcel. */
import type { ShopList } from '../budget/shopping-list';
import type { PlannedEcho } from '../budget/from-echoes';
import { postageOf } from '../money/spend';
import { freshOrder, type Order, type OrderLine } from '../model/order';
import type { Day } from '../time';

export interface Placing {
	today: Day;
	newId: () => string;
}

/** The look that wears a thing first, of those that it is for: its client's rail is where it will hang. */
const wearerOf = (lookIds: readonly string[], echoes: readonly PlannedEcho[]) =>
	echoes.find(({ echo }) => lookIds.includes(echo.id));

/** The orders that a shopping list comes to: each thing once, for all looks that wear it, in the size that was worked out. */
export function ordersFrom(
	lists: readonly ShopList[],
	echoes: readonly PlannedEcho[],
	{ today, newId }: Placing
): Order[] {
	return lists.flatMap(({ shop, things }) => {
		const lines = things.flatMap(({ listing, lookIds, size }): OrderLine[] => {
			const wearer = wearerOf(lookIds, echoes);
			return wearer
				? [
						{
							id: newId(),
							clientId: wearer.client.id,
							echoIds: [...lookIds],
							listing,
							sizeLabel: size ?? '',
							state: 'ordered',
							since: today
						}
					]
				: [];
		});
		const goodsMinor = lines.reduce((sum, { listing }) => sum + listing.price.amountMinor, 0);
		return lines.length > 0
			? [freshOrder({ id: newId(), shop, orderedOn: today, postage: postageOf(shop, goodsMinor), lines })]
			: [];
	});
}

/** Is a thing under way already, or hanging on the rail from an order? What went back can be ordered again. */
export const isOrdered = (orders: readonly Order[], listingId: string): boolean =>
	orders.some(({ lines }) =>
		lines.some(
			({ listing, state }) => listing.id === listingId && ['ordered', 'here', 'kept'].includes(state)
		)
	);
