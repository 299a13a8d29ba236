import { describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import { piecesOf } from '../../../../tests/outfits';
import { makeClient, makeEcho, makeListing, makeReference, makeShop, uuid } from '../../../../tests/records';
import { checkLook } from '../checks/check-look';
import { mendsForSale, wantedElements } from './mends-for-sale';
import { buyingFor, isInReach } from './suitability';

const today = '2026-11-30';
const client = makeClient({ wishedEffects: [], limits: { never: ['never without a belt'] } });
const worn = piecesOf('navy sheath dress, navy court shoes');
const context = { client };
const [finding] = checkLook(worn, context).filter(({ rule }) => rule === 'limits-of-looks');
const shop = makeShop(1, { postage: { flat: { amountMinor: 0, currency: 'GBP' } } });
const belt = (n: number, title: string, price: number, arrivesInDays = 1) =>
	makeListing(n, garment('belt', ['navy']), price, {
		title,
		shopId: shop.id,
		arrivesInDays,
		sizes: [{ label: 'One size', inStock: 3 }]
	});

function offered(listings: ReturnType<typeof belt>[], spendLimit?: number) {
	let n = 0;
	const elements = wantedElements(finding!, worn, context, () => uuid(500 + n++));
	const echo = makeEcho(client, makeReference([]), {
		...(spendLimit && { spendLimit: { amountMinor: spendLimit, currency: 'GBP' } })
	});
	const buying = buyingFor(echo, undefined, {
		client,
		today,
		wornOn: '2026-12-10',
		currency: 'GBP',
		rates: {}
	});
	const market = {
		simulated: true,
		shops: [shop],
		matches: elements.map(({ id }) => ({
			elementId: id,
			listings: listings.map((listing) => ({ listing, closeness: 0.8 }))
		}))
	};
	const { mends, things } = mendsForSale(finding!, worn, context, { elements, market, fitNotes: [], buying });
	for (const { item } of things) expect(isInReach(item, buying)).toBe(true);
	return mends.map(({ words }) => words);
}

describe('a mend that would be bought', () => {
	it('is the cheapest that mends, with its price', () =>
		expect(offered([belt(1, 'Dear belt', 4000), belt(2, 'Cheap belt', 900)])).toEqual([
			'add Cheap belt, £9.00',
			'add Dear belt, £40.00'
		]));
	it('is there in time', () =>
		expect(offered([belt(1, 'Slow belt', 900, 12), belt(2, 'Quick belt', 1200, 2)])).toEqual([
			'add Quick belt, £12.00'
		]));
	it('costs no more than is left to spend', () =>
		expect(offered([belt(1, 'Dear belt', 4000), belt(2, 'Cheap belt', 900)], 2000)).toEqual([
			'add Cheap belt, £9.00'
		]));
	it('is nothing that the shops do not have', () => expect(offered([])).toEqual([]));
});
