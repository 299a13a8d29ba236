/** What orders cost in the end: what was charged, less what came back. */
import type { Order, OrderLine } from '../model/order';
import type { Money } from '../model/basics';
import { withDuty } from '../money/landed-price';

export interface OrderMoney {
	/** Prices with duty, of all that was not cancelled. */
	goods: Money;
	/** What the shop charged for sending, with duty. */
	postage: Money;
	/** What it gave back. */
	refunds: Money;
	/** What sending things back cost, once for each day on which something went. */
	returns: Money;
	/** What the order comes to: goods, postage and returns less refunds. */
	net: Money;
	/** What is still to be given back for what went. */
	owed: Money;
}

/** What a shop owes for a line that went back: its price with duty. */
export const refundFor = ({ shop }: Pick<Order, 'shop'>, { listing }: OrderLine): Money =>
	withDuty(listing.price, shop);

/** The money of an order, in its shop's currency. Nothing of an order that was cancelled whole is charged, its postage neither. */
export function orderMoney(order: Pick<Order, 'shop' | 'postage' | 'lines'>): OrderMoney {
	const { shop, postage, lines } = order;
	const { currency } = postage;
	const money = (amountMinor: number): Money => ({ amountMinor, currency });
	const charged = lines.filter(({ state }) => state !== 'cancelled');
	const sum = (of: readonly OrderLine[], amount: (line: OrderLine) => number) =>
		of.reduce((total, line) => total + amount(line), 0);
	const price = (line: OrderLine) => refundFor(order, line).amountMinor;
	const parcels = new Set(charged.flatMap(({ sentBackOn }) => sentBackOn ?? []));
	const goods = sum(charged, price);
	const sent = charged.length > 0 ? withDuty(postage, shop).amountMinor : 0;
	const refunds = sum(charged, ({ refund }) => refund?.amountMinor ?? 0);
	const returns = parcels.size * shop.returns.cost.amountMinor;
	return {
		goods: money(goods),
		postage: money(sent),
		refunds: money(refunds),
		returns: money(returns),
		net: money(goods + sent + returns - refunds),
		owed: money(
			sum(
				charged.filter(({ state }) => state === 'sent-back'),
				price
			)
		)
	};
}
