import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { element, garment } from '../../../../tests/arbitraries';
import { makeClient, makeEcho, makeListing, makeReference, makeShop, uuid } from '../../../../tests/records';
import type { ShopList } from '../budget/shopping-list';
import { freshMatch, type Item } from '../model/worn';
import {
	freshOrder,
	lineStates,
	orderSchema,
	type LineState,
	type Order,
	type OrderLine
} from '../model/order';
import { pieceSchema } from '../model/piece';
import { addDays } from '../time';
import { spendOf } from '../money/spend';
import {
	arrived,
	canSendBack,
	nextStates,
	pieceOf,
	returnBy,
	triedOn,
	wearsAsPiece,
	wearsNoMore,
	withLine
} from './lines';
import { orderMoney, refundFor } from './money';
import { isOrdered, ordersFrom } from './placing';
import { waitingIn } from './waiting';

const today = '2026-03-01';
const newId = (() => {
	let last = 70_000;
	return () => uuid(++last);
})();
const pounds = (amountMinor: number) => ({ amountMinor, currency: 'GBP' });
const client = makeClient();
const reference = makeReference([
	element(1, garment('blazer', ['navy'])),
	element(2, garment('court-shoes', ['black']))
]);
const shop = makeShop(1);
const blazer = makeListing(1, garment('blazer', ['navy']), 4000);
const shoes = makeListing(2, garment('court-shoes', ['black']), 2500, { condition: 'good' });
const bought = (listing: typeof blazer): Item => ({ source: 'listing', listing, shop, seenOn: today });
const echo = makeEcho(client, reference, {
	matches: [blazer, shoes].map((listing, i) =>
		freshMatch({
			id: uuid(600 + i),
			elementIds: [reference.elements[i]!.id],
			items: [bought(listing)],
			reason: 'price'
		})
	)
});

const line = (n: number, state: LineState, rest: Partial<OrderLine> = {}): OrderLine => ({
	id: uuid(800 + n),
	clientId: client.id,
	echoIds: [echo.id],
	listing: n % 2 ? shoes : blazer,
	sizeLabel: 'M',
	state,
	since: today,
	...rest
});
const orderOf = (lines: OrderLine[], rest: Partial<Order> = {}) =>
	freshOrder({ id: uuid(900), shop, orderedOn: today, postage: pounds(395), lines, ...rest });

describe('orders from a plan', () => {
	const list: ShopList = {
		shop,
		postageMinor: 0,
		things: [blazer, shoes].map((listing) => ({
			listing,
			listingId: listing.id,
			shopId: shop.id,
			title: listing.title,
			priceMinor: listing.price.amountMinor,
			landedMinor: listing.price.amountMinor,
			lookIds: [echo.id],
			lookTitles: [echo.title],
			size: 'M',
			isScarce: false,
			arrives: addDays(today, 3)
		}))
	};
	const planned = [{ echo, reference, client, pieces: [], fitNotes: [] }];
	const orders = ordersFrom([list], planned, { today, newId });

	it('are one a shop, valid, with every thing once, in its size, for its looks', () => {
		expect(orders).toHaveLength(1);
		expect(orderSchema.safeParse(orders[0]).error).toBeUndefined();
		expect(orders[0]!.lines.map(({ listing: { id } }) => id)).toEqual([blazer.id, shoes.id]);
		expect(
			orders[0]!.lines.every(({ sizeLabel, echoIds }) => sizeLabel === 'M' && echoIds[0] === echo.id)
		).toBe(true);
		// Sixty pounds and more are sent for nothing.
		expect(orders[0]!.postage).toEqual(pounds(0));
	});
	it('cost what the look says that it buys', () =>
		expect(orderMoney(orders[0]!).net).toEqual(spendOf(echo, 'GBP').total));
	it('are under way until they went back or were cancelled', () => {
		for (const state of lineStates)
			expect(isOrdered([orderOf([line(0, state)])], blazer.id)).toBe(
				['ordered', 'here', 'kept'].includes(state)
			);
	});
});

describe('what becomes of a line', () => {
	it('follows an order, and nothing else is let', () => {
		fc.assert(
			fc.property(fc.constantFrom(...lineStates), fc.constantFrom(...lineStates), (from, to) => {
				const order = orderOf([line(0, from)]);
				if (nextStates({ state: from }).includes(to)) {
					const after = withLine(order, uuid(800), to, addDays(today, 2));
					expect(after.lines[0]).toMatchObject({ state: to, since: addDays(today, 2) });
				} else expect(() => withLine(order, uuid(800), to, today)).toThrow(RangeError);
			})
		);
	});
	it('is here with its parcel, unless it was cancelled before', () => {
		const after = arrived(orderOf([line(0, 'ordered'), line(1, 'cancelled')]), addDays(today, 4));
		expect(after.arrivedOn).toBe(addDays(today, 4));
		expect(after.lines.map(({ state }) => state)).toEqual(['here', 'cancelled']);
	});
	it('can go back until the last day of the shop’s returns, counted from its coming', () => {
		const order = orderOf([line(0, 'here')], { arrivedOn: today });
		const last = addDays(today, shop.returns.days);
		expect(returnBy(order)).toBe(last);
		expect(canSendBack(order, order.lines[0]!, last)).toBe(true);
		expect(canSendBack(order, order.lines[0]!, addDays(last, 1))).toBe(false);
		expect(returnBy({ ...order, shop: { ...shop, returns: { ...shop.returns, days: 0 } } })).toBeUndefined();
	});
	it('is a piece of the rail when it is kept, and the look wears that', () => {
		const order = orderOf([line(1, 'here')]);
		const piece = pieceOf(order, order.lines[0]!, newId);
		expect(pieceSchema.safeParse(piece).error).toBeUndefined();
		expect(piece).toMatchObject({
			sizeLabel: 'M',
			acquired: { how: 'pre-owned', on: today, price: pounds(2500) }
		});
		const worn = wearsAsPiece(echo, shoes.id, piece);
		expect(worn.matches[1]!.items).toEqual([
			{ source: 'piece', pieceId: piece.id, partId: piece.parts[0]!.id }
		]);
		expect(worn.matches[0]).toEqual(echo.matches[0]);
		expect(spendOf(worn, 'GBP').goods).toEqual(pounds(4000));
	});
	it('is worn no more when it goes back', () => {
		const worn = wearsNoMore(echo, shoes.id);
		expect(worn.matches.map(({ elementIds }) => elementIds)).toEqual([echo.matches[0]!.elementIds]);
	});
	it('tells how its size fitted, where it has one', () => {
		const tried = { id: uuid(1), verdict: 'small' as const, kept: false, on: today };
		expect(triedOn({ shop }, line(0, 'here'), tried)).toMatchObject({
			shop: shop.name,
			label: 'M',
			verdict: 'small'
		});
		expect(triedOn({ shop }, line(0, 'here', { sizeLabel: 'one size' }), tried)).toBeUndefined();
	});
});

describe('what waits', () => {
	it('is what is expected, to be tried on, or owed: what has the earliest day first, what has none last', () => {
		const here = orderOf([line(1, 'here')], { id: uuid(901), arrivedOn: addDays(today, -20) });
		const waits = waitingIn([orderOf([line(0, 'ordered'), line(2, 'sent-back'), line(4, 'kept')]), here]);
		expect(waits.map(({ kind, day }) => [kind, day])).toEqual([
			['arrives', addDays(today, blazer.arrivesInDays)],
			['try', addDays(today, shop.returns.days - 20)],
			['owed', undefined]
		]);
	});
	it('has no day to go back where the shop takes nothing back', () => {
		const never = makeShop(4, { returns: { days: 0, cost: pounds(0) } });
		expect(
			waitingIn([orderOf([line(0, 'here')], { shop: never, arrivedOn: today })])[0]?.day
		).toBeUndefined();
	});
});

describe('the money of an order', () => {
	const someLines = fc.array(fc.constantFrom(...lineStates), { minLength: 1, maxLength: 6 }).map((states) =>
		states.map((state, n): OrderLine => ({
			...line(n, state),
			...(['sent-back', 'refunded'].includes(state) && { sentBackOn: addDays(today, n % 2) }),
			...(state === 'refunded' && { refund: refundFor({ shop }, line(n, state)) })
		}))
	);
	it('adds up to the penny, and a whole refund leaves what sending cost', () => {
		fc.assert(
			fc.property(someLines, (lines) => {
				const { goods, postage, returns, refunds, net } = orderMoney(orderOf(lines));
				expect(net.amountMinor).toBe(
					goods.amountMinor + postage.amountMinor + returns.amountMinor - refunds.amountMinor
				);
				const kept = lines
					.filter(({ state }) => !['refunded', 'cancelled'].includes(state))
					.reduce((sum, { listing }) => sum + listing.price.amountMinor, 0);
				expect(net.amountMinor).toBe(kept + postage.amountMinor + returns.amountMinor);
			})
		);
	});
	it('charges nothing for what was cancelled whole, and pays a return once for a day', () => {
		expect(orderMoney(orderOf([line(0, 'cancelled')])).net).toEqual(pounds(0));
		const dear = makeShop(3, { returns: { days: 14, cost: pounds(300) } });
		const back = [0, 1].map((n) => line(n, 'sent-back', { sentBackOn: today }));
		expect(orderMoney(orderOf(back, { shop: dear }))).toMatchObject({
			returns: pounds(300),
			owed: pounds(6500)
		});
	});
});
