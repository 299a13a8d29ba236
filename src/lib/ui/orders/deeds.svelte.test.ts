// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { element, garment } from '../../../../tests/arbitraries';
import { makeClient, makeEcho, makeListing, makeReference, makeShop, uuid } from '../../../../tests/records';
import {
	emptyStudio,
	freshExtra,
	freshMatch,
	freshOrder,
	watchedIn,
	watchNews,
	type Echo,
	type Item,
	type Listing,
	type Order,
	type OrderLine
} from '$lib/core';
import { today } from '$lib/store/clock';
import { database } from '$lib/store/database';
import { undo } from '$lib/store/journal';
import { replaceStudio } from '$lib/store/studio';
import { notices } from '../frame/notices.svelte';
import { orderDeeds, watchDeeds } from './deeds';

const client = makeClient();
const reference = makeReference([
	element(1, garment('blazer', ['wine'])),
	element(2, garment('handbag', ['tan']))
]);
const shop = makeShop(1);
const blazer = makeListing(1, garment('blazer', ['wine']), 4000);
const bag = makeListing(2, garment('handbag', ['tan']), 2000, { sizes: [{ label: 'one size', inStock: 2 }] });
const bought = (listing: Listing, sizeLabel: string): Extract<Item, { source: 'listing' }> => ({
	source: 'listing',
	listing,
	shop,
	sizeLabel,
	seenOn: '2026-01-02'
});
const spare = bought(makeListing(3, garment('blazer', ['burgundy']), 3500), 'M');
const echo = makeEcho(client, reference, {
	matches: [
		freshMatch({
			id: uuid(600),
			elementIds: [reference.elements[0]!.id],
			items: [bought(blazer, 'M')],
			backups: [spare],
			reason: 'price'
		})
	],
	extras: [freshExtra({ id: uuid(610), item: bought(bag, 'one size') })]
});
const lineOf = (n: number, listing: Listing, sizeLabel: string): OrderLine => ({
	id: uuid(800 + n),
	clientId: client.id,
	echoIds: [echo.id],
	listing,
	sizeLabel,
	state: 'ordered',
	since: '2026-01-02'
});
const order = freshOrder({
	id: uuid(900),
	rev: 1,
	shop,
	orderedOn: '2026-01-02',
	postage: shop.postage.flat,
	lines: [lineOf(0, blazer, 'M'), lineOf(1, bag, 'one size')]
});

const stored = async () => (await database.orders.get(order.id)) as Order;
const lookNow = async () => (await database.echoes.get(echo.id)) as Echo;
const lineNow = async (n: number) => (await stored()).lines[n] as OrderLine;

beforeEach(async () => {
	await replaceStudio({
		...emptyStudio(),
		clients: [client],
		references: [reference],
		echoes: [echo],
		orders: [order]
	});
});

describe('what came', () => {
	it('is here, and is tried on: what is kept hangs on the rail, the look wears it, and its size is remembered', async () => {
		expect(await orderDeeds.came(order)).toBe(true);
		expect(await stored()).toMatchObject({ arrivedOn: today() });
		await orderDeeds.keep(await stored(), await lineNow(0), 'small');

		const [piece] = await database.pieces.toArray();
		expect(piece).toMatchObject({ clientId: client.id, name: blazer.title, sizeLabel: 'M' });
		expect(await lineNow(0)).toMatchObject({ state: 'kept', pieceId: piece!.id });
		expect((await lookNow()).matches[0]?.items).toEqual([
			{ source: 'piece', pieceId: piece!.id, partId: piece!.parts[0]!.id }
		]);
		expect(await database.fitNotes.toArray()).toMatchObject([
			{ clientId: client.id, shop: shop.name, label: 'M', verdict: 'small', kept: true }
		]);
		// One change, and taken back as one.
		await undo();
		expect(await database.pieces.count()).toBe(0);
		expect(await database.fitNotes.count()).toBe(0);
		expect(await lineNow(0)).toMatchObject({ state: 'here' });
		expect((await lookNow()).matches).toEqual(echo.matches);
	});

	it('is kept among what is put on besides, without a size to remember where it has none', async () => {
		await orderDeeds.came(order);
		await orderDeeds.keep(await stored(), await lineNow(1), 'right');
		const [piece] = await database.pieces.toArray();
		expect((await lookNow()).extras[0]?.item).toMatchObject({ source: 'piece', pieceId: piece!.id });
		expect(await database.fitNotes.count()).toBe(0);
	});

	it('goes back, from the rail too, and the look wears it no more; then the money is back', async () => {
		await orderDeeds.came(order);
		await orderDeeds.keep(await stored(), await lineNow(0), 'right');
		await orderDeeds.sendBack(await stored(), await lineNow(0), 'right');
		expect(await database.pieces.count()).toBe(0);
		expect((await lookNow()).matches).toEqual([]);
		expect(await lineNow(0)).toMatchObject({ state: 'sent-back', sentBackOn: today() });
		await orderDeeds.refunded(await stored(), await lineNow(0));
		expect(await lineNow(0)).toMatchObject({
			state: 'refunded',
			refund: { amountMinor: 4000, currency: 'GBP' }
		});
	});

	it('is cancelled before it came, and the look wears it no more', async () => {
		await orderDeeds.cancel(order, order.lines[0]!);
		expect(await lineNow(0)).toMatchObject({ state: 'cancelled' });
		expect((await lookNow()).matches).toEqual([]);
		await orderDeeds.came(await stored());
		expect((await stored()).lines.map(({ state }) => state)).toEqual(['cancelled', 'here']);
	});

	it('pressed twice does one thing: the second finds the line elsewhere, says so, and changes nothing', async () => {
		await orderDeeds.came(order);
		const [before, line] = [await stored(), await lineNow(0)];
		await Promise.all([orderDeeds.keep(before, line, 'right'), orderDeeds.keep(before, line, 'right')]);
		expect(await database.pieces.count()).toBe(1);
		expect(notices.error?.text).toMatch(/changed elsewhere/);
	});
});

describe('news of the shops', () => {
	const newsWith = async (...listings: Listing[]) => watchNews(watchedIn([await lookNow()], []), listings);

	it('lead to the backup, and back again by undo', async () => {
		const gone = { ...blazer, sizes: [{ label: 'M', inStock: 0 }] };
		const there = { ...spare.listing, sizes: [{ label: 'M', inStock: 3 }] };
		const [news] = await newsWith(gone, there);
		if (news?.kind !== 'sold-out') throw new Error('it sold out');
		await watchDeeds.takeBackup(news);
		const [match] = (await lookNow()).matches;
		// As it stands in the shop today.
		expect(match?.items).toEqual([{ ...spare, listing: there }]);
		expect(match?.backups).toMatchObject([{ listing: { id: blazer.id } }]);
		await undo();
		expect((await lookNow()).matches).toEqual(echo.matches);
	});

	it('are seen: the price that is charged now is the one that counts', async () => {
		const cheaper = {
			...blazer,
			price: { amountMinor: 3000, currency: 'GBP' },
			sizes: [{ label: 'M', inStock: 1 }]
		};
		const [news] = await newsWith(cheaper);
		expect(news?.kind).toBe('back');
		await watchDeeds.seen(news!);
		expect((await lookNow()).matches[0]?.items[0]).toMatchObject({
			listing: { price: { amountMinor: 3000 } }
		});
		expect(await newsWith(cheaper)).toEqual([]);
	});
});
