import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { element, garment } from '../../../../tests/arbitraries';
import { makeListing, makePiece, makeShop, uuid } from '../../../../tests/records';
import type { Echo } from '../model/echo';
import { freshExtra, freshMatch, type Item } from '../model/worn';
import { amountInWords, currencies, moneyInWords, readMoney, sumOf } from './amounts';
import { costPerWear } from './cost-per-wear';
import { alterationIds, wornOtherwiseIds, type TransformationId } from '../lexicon/transformation-ids';
import { transformationOf } from '../lexicon/transformations';
import type { TypeId } from '../lexicon/types';
import { neededBeside } from './companions';
import { boughtIn, spendOf, withPostage } from './spend';

const pounds = (amountMinor: number) => ({ amountMinor, currency: 'GBP' });

describe('cost per wear', () => {
	it('is the price over the wears, to the penny', () => {
		expect(costPerWear(pounds(6000), 8)).toEqual(pounds(750));
		expect(costPerWear(pounds(1000), 3)).toEqual(pounds(333));
	});
	it('is none before the first wear', () => expect(costPerWear(pounds(6000), 0)).toBeUndefined());
	it('never rises with another wear, and times the wears is the price again', () =>
		fc.assert(
			fc.property(
				fc.integer({ min: 0, max: 1_000_000 }),
				fc.integer({ min: 1, max: 500 }),
				(price, wears) => {
					const each = costPerWear(pounds(price), wears)?.amountMinor ?? 0;
					expect(costPerWear(pounds(price), wears + 1)?.amountMinor).toBeLessThanOrEqual(each);
					expect(Math.abs(each * wears - price)).toBeLessThanOrEqual(wears / 2);
				}
			)
		));
});

describe('amounts', () => {
	it.each([
		['EUR 40', 4000, 'EUR'],
		['USD12.50', 1250, 'USD'],
		['US$40', 4000, 'USD'],
		['A$ 9', 900, 'AUD'],
		['€30', 3000, 'EUR'],
		['GBP 7', 700, 'GBP']
	])('reads “%s” in the currency that it says', (text, amountMinor, currency) =>
		expect(readMoney(text, 'GBP')).toEqual({ amountMinor, currency })
	);
	it.each(['ABC 40', 'EUR', 'EUR EUR 4', 'forty', '-4', ''])('takes “%s” for no price', (text) =>
		expect(readMoney(text, 'GBP')).toBeUndefined()
	);
	it('reads back what it writes, in every currency', () => {
		for (const currency of currencies)
			expect(readMoney(amountInWords({ amountMinor: 123_450, currency }, 'GBP'), 'GBP')).toEqual({
				amountMinor: 123_450,
				currency
			});
	});
	it.each([
		['24', 2400],
		['24.5', 2450],
		['£24.50', 2450],
		['1,250', 125000],
		['0', 0],
		['12,50', 1250]
	])('reads “%s”', (text, amountMinor) => expect(readMoney(text, 'GBP')).toEqual(pounds(amountMinor)));

	it.each(['', 'cheap', '12.345', '-5', '12 pounds', '1e3'])('refuses “%s”', (text) =>
		expect(readMoney(text, 'GBP')).toBeUndefined()
	);

	it('adds up and writes', () => {
		expect(sumOf([pounds(1999), pounds(1)])).toEqual(pounds(2000));
		expect(sumOf([])).toBeUndefined();
		expect(moneyInWords(pounds(123450))).toBe('£1,234.50');
	});

	it.each([
		['€30', 3000, 'EUR'],
		['$12.50', 1250, 'USD'],
		['₹900', 90000, 'INR']
	])('reads the currency that “%s” is written in', (text, amountMinor, currency) =>
		expect(readMoney(text, 'GBP')).toEqual({ amountMinor, currency })
	);
	it('never writes less than nothing for nothing', () => expect(moneyInWords(pounds(-0))).toBe('£0.00'));

	it('refuses to add two currencies', () => {
		expect(() => sumOf([pounds(1), { amountMinor: 1, currency: 'EUR' }])).toThrow();
	});
});

describe('what an echo costs to buy', () => {
	const bag = element(1, garment('handbag', ['black']));
	const item = (n: number, amountMinor: number, shopNumber: number): Item => ({
		source: 'listing',
		listing: makeListing(n, garment('handbag', ['black']), amountMinor, { shopId: uuid(4000 + shopNumber) }),
		shop: makeShop(shopNumber),
		seenOn: '2026-01-02'
	});
	const echo = (...items: Item[]): Pick<Echo, 'matches' | 'extras' | 'spendLimit'> => ({
		matches: items.map((one, i) =>
			freshMatch({ id: uuid(600 + i), elementIds: [bag.id], items: [one], reason: 'price' })
		),
		extras: []
	});

	it('keeps what has no rate apart, and adds up what has one', () => {
		const dollars = item(2, 1000, 2);
		if (dollars.source !== 'listing') throw new Error();
		dollars.listing = { ...dollars.listing, price: { amountMinor: 1000, currency: 'USD' } };
		const mixed = echo(item(1, 1000, 1), dollars);
		expect(spendOf(mixed, 'GBP')).toMatchObject({
			goods: pounds(1000),
			apart: [{ amountMinor: 1000, currency: 'USD' }]
		});
		expect(spendOf(mixed, 'GBP', { USD: 0.8 })).toMatchObject({ goods: pounds(1800), apart: [] });
	});

	it('costs a thing more by its shop’s postage, unless that is paid, and less where it makes postage free', () => {
		expect(withPostage({ item: item(1, 1000, 1) }, [])).toEqual(pounds(1395));
		expect(withPostage({ item: item(1, 1000, 1) }, [item(2, 1000, 1)])).toEqual(pounds(1000));
		expect(withPostage({ item: item(1, 5500, 1) }, [item(2, 1000, 1)])).toEqual(pounds(5105));
	});

	it('costs nothing more for another part of a set that is bought, and what is sent with it pays no second parcel', () => {
		const set = makeListing(9, garment('suit', ['charcoal']), 5500);
		const part = (type: TypeId): Item => ({
			source: 'listing',
			listing: set,
			part: type,
			shop: makeShop(1),
			seenOn: '2026-01-02'
		});
		const jacket = part('suit-jacket');
		const trousers = { item: part('tailored-trousers') };
		expect(withPostage({ item: jacket }, [])?.amountMinor).toBe(5500 + 395);
		expect(withPostage(trousers, [jacket])).toBeUndefined();
		expect(spendOf(echo(jacket, trousers.item), 'GBP').total.amountMinor).toBe(5500 + 395);
		// £55 of one set and £5 make postage free; the set counted twice would have done so alone.
		expect(withPostage({ item: item(1, 400, 1) }, [jacket, trousers.item])?.amountMinor).toBe(400);
		expect(withPostage({ item: item(1, 500, 1) }, [jacket, trousers.item])?.amountMinor).toBe(500 - 395);
	});
	it('adds postage once a shop', () => {
		const spend = spendOf(echo(item(1, 1000, 1), item(2, 500, 1), item(3, 700, 2)), 'GBP');
		expect(spend.goods.amountMinor).toBe(2200);
		expect(spend.postage.amountMinor).toBe(2 * 395);
		expect(spend.total.amountMinor).toBe(2200 + 2 * 395);
	});

	it('drops postage from the shop’s free threshold on', () => {
		expect(spendOf(echo(item(1, 6000, 1)), 'GBP').postage.amountMinor).toBe(0);
		expect(spendOf(echo(item(1, 5999, 1)), 'GBP').postage.amountMinor).toBe(395);
	});

	it('buys a listing once, however many elements it answers', () => {
		expect(boughtIn(echo(item(1, 1000, 1), item(1, 1000, 1)))).toHaveLength(1);
	});

	it('counts extras, and holds the total against the limit', () => {
		const withExtra = {
			...echo(item(1, 1000, 1)),
			extras: [freshExtra({ id: uuid(5), item: item(2, 605, 1), kind: 'underpinning' })],
			spendLimit: pounds(1500)
		};
		expect(spendOf(withExtra, 'GBP').overLimitMinor).toBe(1605 + 395 - 1500);
	});

	it('adds duty on goods and postage from abroad, and on nothing else', () => {
		const abroad = item(1, 1000, 1);
		if (abroad.source !== 'listing') throw new Error();
		abroad.shop = { ...abroad.shop, duty: 0.2 };
		const spend = spendOf(echo(abroad, item(2, 500, 2)), 'GBP');
		expect(spend.duty).toEqual(pounds((1000 + 395) * 0.2));
		expect(spend.total.amountMinor).toBe(1000 + 500 + 2 * 395 + 279);
		expect(withPostage({ item: abroad }, [])).toEqual(pounds((1000 + 395) * 1.2));
	});
	it('is nothing when all is owned', () => {
		expect(spendOf(echo(), 'GBP')).toMatchObject({ total: pounds(0), overLimitMinor: undefined });
	});

	const bought = fc.array(
		fc.record({
			n: fc.integer({ min: 1, max: 12 }),
			amountMinor: fc.integer({ min: 0, max: 20_000 }),
			shop: fc.integer({ min: 1, max: 3 })
		}),
		{ maxLength: 8 }
	);

	it('is goods plus postage, whatever is bought', () => {
		fc.assert(
			fc.property(bought, (list) => {
				const items = list.map(({ n, amountMinor, shop }, i) => item(n * 100 + i, amountMinor, shop));
				const { goods, postage, total } = spendOf(echo(...items), 'GBP');
				expect(goods.amountMinor).toBe(list.reduce((sum, { amountMinor }) => sum + amountMinor, 0));
				expect(total.amountMinor).toBe(goods.amountMinor + postage.amountMinor);
				expect(postage.amountMinor).toBeLessThanOrEqual(new Set(list.map(({ shop }) => shop)).size * 395);
			})
		);
	});

	it('does not hang on the order of matches', () => {
		fc.assert(
			fc.property(bought, (list) => {
				const items = list.map(({ n, amountMinor, shop }, i) => item(n * 100 + i, amountMinor, shop));
				expect(spendOf(echo(...items), 'GBP')).toEqual(spendOf(echo(...[...items].reverse()), 'GBP'));
			})
		);
	});

	it('reads back what it writes', () => {
		fc.assert(
			fc.property(fc.integer({ min: 0, max: 9_999_999 }), (amountMinor) => {
				expect(readMoney(moneyInWords(pounds(amountMinor)), 'GBP')).toEqual(pounds(amountMinor));
			})
		);
	});
});

describe('altering', () => {
	const owned = (becomes?: TransformationId): Item => ({
		source: 'piece',
		pieceId: uuid(1),
		partId: uuid(2),
		...(becomes && { becomes })
	});
	const wearing = (...items: Item[]) => ({
		matches: items.map((one, i) =>
			freshMatch({ id: uuid(200 + i), elementIds: [uuid(100 + i)], items: [one] })
		),
		extras: []
	});
	it('costs what its table says, once for each thing, and goes into the total', () => {
		for (const id of alterationIds) {
			const { altering } = transformationOf(id);
			const spend = spendOf(wearing(owned(id), owned()), 'GBP');
			expect(spend.altering, id).toEqual(pounds(altering?.costMinor ?? 0));
			expect(spend.total, id).toEqual(spend.altering);
		}
	});
	it('costs once what answers two elements', () =>
		expect(spendOf(wearing(owned('taken-in'), owned('taken-in')), 'GBP').altering).toEqual(pounds(3000)));
	it('costs nothing where a piece is only worn otherwise', () => {
		for (const id of wornOtherwiseIds)
			expect(spendOf(wearing(owned(id)), 'GBP').total, id).toEqual(pounds(0));
	});
	it('in another currency is converted by its rate, or kept apart', () => {
		const echo = wearing(owned('taken-in'));
		expect(spendOf(echo, 'EUR', { GBP: 1.2 }).total).toEqual({ amountMinor: 3600, currency: 'EUR' });
		expect(spendOf(echo, 'EUR')).toMatchObject({ total: { amountMinor: 0 }, apart: [pounds(3000)] });
	});
});

describe('what a purchase needs besides', () => {
	const bought = (n: number, type: string, facets: Record<string, string> = {}): Item => ({
		source: 'listing',
		listing: makeListing(n, garment(type, ['black'], facets), 4000),
		shop: makeShop(1),
		seenOn: '2026-01-02'
	});
	const wearing = (...items: Item[]) => ({
		matches: items.map((one, i) =>
			freshMatch({ id: uuid(200 + i), elementIds: [uuid(100 + i)], items: [one] })
		),
		extras: []
	});
	const keys = (...items: Item[]) => neededBeside(wearing(...items), [], 'GBP').needs.map(({ key }) => key);
	it('is told once however many things call for it', () => {
		const loafers = bought(1, 'loafers');
		expect(keys(loafers, bought(2, 'brogues'))).toEqual(keys(loafers));
		expect(keys(loafers)).toContain('no-show-socks');
	});
	it('is not told where it is owned, or bought as well', () => {
		const socks = garment('ankle-socks', ['white']);
		const owner = makePiece(1, socks);
		expect(neededBeside(wearing(bought(1, 'loafers')), [owner], 'GBP').needs).toEqual([]);
		expect(keys(bought(1, 'loafers'), bought(2, 'ankle-socks'))).not.toContain('no-show-socks');
	});
	it('comes to the sum of its prices, in the studio’s currency where there is a rate', () => {
		const echo = wearing(bought(1, 'loafers', { material: 'suede' }));
		const { needs, about } = neededBeside(echo, [], 'GBP');
		expect(about).toEqual(pounds(needs.reduce((sum, { priceMinor = 0 }) => sum + priceMinor, 0)));
		expect(about.amountMinor).toBeGreaterThan(0);
		expect(neededBeside(echo, [], 'EUR', { GBP: 1.25 }).about).toEqual({
			amountMinor: Math.round(about.amountMinor * 1.25),
			currency: 'EUR'
		});
		expect(neededBeside(echo, [], 'EUR').about.currency).toBe('GBP');
	});
	it('is nothing of what is owned', () => {
		const item: Item = { source: 'piece', pieceId: uuid(1), partId: uuid(2) };
		expect(neededBeside(wearing(item), [], 'GBP').needs).toEqual([]);
	});
});
