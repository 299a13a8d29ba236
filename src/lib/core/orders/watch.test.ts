import { describe, expect, it } from 'vitest';
import { element, garment } from '../../../../tests/arbitraries';
import { makeClient, makeEcho, makeListing, makeReference, makeShop, uuid } from '../../../../tests/records';
import { freshMatch, type Item } from '../model/worn';
import { freshOrder } from '../model/order';
import type { Listing } from '../model/market';
import { seenAnew, watchedIn, watchNews, withBackup } from './watch';

const on = '2026-03-01';
const shop = makeShop(1);
const bag = element(1, garment('handbag', ['black']));
type Bought = Extract<Item, { source: 'listing' }>;
const stocked = (n: number, inStock: number, amountMinor = 3000): Listing =>
	makeListing(n, bag.garment, amountMinor, { sizes: [{ label: 'S', inStock }] });
const item = (listing: Listing): Bought => ({ source: 'listing', listing, shop, sizeLabel: 'S', seenOn: on });
const [first, second, third] = [1, 2, 3].map((n) => item(stocked(n, 2))) as [Bought, Bought, Bought];
const match = freshMatch({
	id: uuid(600),
	elementIds: [bag.id],
	items: [first],
	backups: [second, third],
	reason: 'price'
});
const echo = makeEcho(makeClient(), makeReference([bag]), { matches: [match] });
const watched = watchedIn([echo], []);

describe('what is watched', () => {
	it('is what a look would buy and what is kept beside it', () =>
		expect(watched.map(({ item: { listing }, isBackup }) => [listing.id, isBackup])).toEqual([
			[first.listing.id, false],
			[second.listing.id, true],
			[third.listing.id, true]
		]));
	it('is nothing that is ordered', () => {
		const order = freshOrder({
			id: uuid(900),
			shop,
			orderedOn: on,
			postage: shop.postage.flat,
			lines: [
				{
					id: uuid(901),
					clientId: uuid(1000),
					echoIds: [],
					listing: first.listing,
					sizeLabel: 'S',
					state: 'ordered',
					since: on
				}
			]
		});
		expect(watchedIn([echo], [order]).map(({ item: { listing } }) => listing.id)).not.toContain(
			first.listing.id
		);
	});
});

describe('what is new', () => {
	it('is nothing while all is as it was', () =>
		expect(watchNews(watched, [stocked(1, 1), stocked(2, 1), stocked(3, 5)])).toEqual([]));
	it('is nothing of what the market does not know', () => expect(watchNews(watched, [])).toEqual([]));
	it('is a thing that sold out in its size, with the first backup that is there', () => {
		const [news, ...more] = watchNews(watched, [stocked(1, 0), stocked(2, 0), stocked(3, 1)]);
		expect(more).toEqual([]);
		expect(news).toMatchObject({ kind: 'sold-out', backup: { listing: { id: third.listing.id } } });
	});
	it('is a price that changed, of what is chosen alone', () => {
		const news = watchNews(watched, [stocked(1, 2, 2400), stocked(2, 2, 100)]);
		expect(news).toHaveLength(1);
		expect(news[0]).toMatchObject({
			kind: 'price',
			beforeMinor: 3000,
			now: { price: { amountMinor: 2400 } }
		});
		const seen = { ...echo, matches: [seenAnew(match, news[0]!.now, on)] };
		expect(watchNews(watchedIn([seen], []), [stocked(1, 2, 2400)])).toEqual([]);
	});
	it('is a thing that is back, after its backup was taken in its place', () => {
		const taken = withBackup(match, second, first, stocked(1, 0));
		expect(taken.items).toEqual([second]);
		expect(taken.backups.map((one) => one.source === 'listing' && one.listing.id)).toEqual([
			third.listing.id,
			first.listing.id
		]);
		expect(taken.reason).toBe('sold-out');
		const now = watchedIn([{ ...echo, matches: [taken] }], []);
		expect(watchNews(now, [stocked(1, 0), stocked(2, 2), stocked(3, 2)])).toEqual([]);
		expect(watchNews(now, [stocked(1, 4), stocked(2, 2), stocked(3, 2)])).toMatchObject([{ kind: 'back' }]);
	});
});
