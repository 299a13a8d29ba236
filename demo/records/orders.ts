/** What was ordered from the demo’s shops. */
import { freshOrder, orderSchema, type Order } from '../../src/lib/core/index';
import { dayAt, eachLine, garmentSaid, idOf, pounds, read } from './source';

/** Two invented shops that things were ordered from. */
const orderShop = (name: string): Order['shop'] => ({
	id: idOf('shop', name),
	name,
	simulated: true,
	secondHand: false,
	sizeChart: { clothes: [], shoes: [] },
	postage: { flat: pounds(2.95) },
	returns: { days: 14, cost: pounds(2) }
});

/** What was ordered, a thing a line; lines of one shop and day came in one parcel. */
export function orders(): Order[] {
	const made = new Map<string, Order>();
	eachLine(
		'orders.txt',
		read('orders.txt'),
		([shop = '', ago = '', came = '', client = '', what = '', price, size = '', state, file = '']) => {
			const key = `${shop} ${ago}`;
			const order = made.get(key) ?? {
				...freshOrder({
					id: idOf('order', key),
					shop: orderShop(shop),
					orderedOn: dayAt(-Number(ago)),
					postage: pounds(2.95)
				}),
				rev: 1,
				...(came && { arrivedOn: dayAt(-Number(came)) })
			};
			const cost = pounds(price ?? 0);
			order.lines.push({
				id: idOf('order line', key, what),
				clientId: idOf('client', client),
				echoIds: file ? [idOf('echo', file)] : [],
				listing: {
					id: idOf('listing', key, what),
					shopId: order.shop.id,
					title: what.charAt(0).toUpperCase() + what.slice(1),
					garment: garmentSaid(what, 'said'),
					price: cost,
					tier: 'save',
					condition: 'new',
					sizes: [{ label: size, inStock: 2 }],
					arrivesInDays: 5
				},
				sizeLabel: size,
				state: state as Order['lines'][number]['state'],
				since: dayAt(-Number(came || ago)),
				...(state === 'refunded' && { sentBackOn: dayAt(-Number(came) + 3), refund: cost })
			});
			made.set(key, order);
		}
	);
	return [...made.values()].map((order) => orderSchema.parse(order));
}
