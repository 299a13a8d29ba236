import { describe, expect, it } from 'vitest';
import { element, garment } from '../../../../tests/arbitraries';
import { makeClient, makePiece, makeReference } from '../../../../tests/records';
import { neededWith } from '../money/companions';
import { beforeBuying, gapsClosed } from './before-buying';

const client = makeClient();
const rail = [
	makePiece(1, garment('t-shirt', ['white'])),
	makePiece(2, garment('shirt', ['navy'])),
	makePiece(3, garment('tailored-trousers', ['navy'])),
	makePiece(4, garment('loafers', ['black'])),
	makePiece(5, garment('trainers', ['white']))
];
const references = [
	makeReference([element(1, garment('blazer', ['navy'])), element(2, garment('t-shirt', ['white']))], {
		id: 'a'
	})
];
const ask = (of: ReturnType<typeof garment>, pieces = rail) =>
	beforeBuying({ garment: of, title: 'For sale' }, { client, pieces, references });

describe('before buying', () => {
	it('counts outfits of the rail with it: a blazer finds some, and on an empty rail there is none', () => {
		expect(ask(garment('blazer', ['navy'])).outfits).toBeGreaterThan(0);
		expect(ask(garment('blazer', ['navy']), []).outfits).toBe(0);
	});
	it('names the gaps of references that it closes, and none that the rail closes already', () => {
		expect(ask(garment('blazer', ['navy'])).closes).toEqual([
			{ referenceId: 'a', elementId: references[0]!.elements[0]!.id }
		]);
		expect(ask(garment('t-shirt', ['white'])).closes).toEqual([]);
		expect(gapsClosed(garment('handbag', ['tan']), [], references)).toEqual([]);
	});
	it('shows a forgotten double on the rail', () => {
		expect(ask(garment('t-shirt', ['white'])).doubles).toEqual([rail[0]!.id]);
		expect(ask(garment('t-shirt', ['black'])).doubles).toEqual([]);
		expect(ask(garment('blazer', ['navy'])).doubles).toEqual([]);
	});
});

// Common practice.
describe('what else a purchase needs', () => {
	const keys = (of: ReturnType<typeof garment>) => neededWith(of).map(({ key }) => key);
	it.each([
		[
			'suede boots: a spray, and socks as high',
			garment('ankle-boots', ['tan'], { material: 'suede' }),
			['suede-spray', 'boot-socks']
		],
		['high courts: pads and tips', garment('court-shoes', ['black'], { heelHeight: 'high' }), ['heel-pads']],
		[
			'floor-length trousers: a hem',
			garment('wide-leg-trousers', ['black'], { legLength: 'floor' }),
			['hemming']
		],
		[
			'white trousers: the tone of the skin beneath',
			garment('tailored-trousers', ['white']),
			['skin-tone-brief']
		],
		['a sheer blouse: a camisole', garment('blouse', ['black'], { material: 'chiffon' }), ['camisole']],
		[
			'a strapless gown: its bra',
			garment('evening-gown', ['black'], { neckline: 'strapless' }),
			['strapless-bra']
		]
	])('%s', (_, of, wanted) => expect(keys(of)).toEqual(expect.arrayContaining(wanted)));
	it('is nothing for a plain cotton shirt', () =>
		expect(keys(garment('shirt', ['navy'], { material: 'cotton' }))).toEqual([]));
});
