import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { closest, indexGarments, rankCandidates } from '../../src/lib/core';
import { simulatedStock } from '../../src/lib/server/market/stock';
import { element, elementArbitrary, garment } from '../arbitraries';

const stock = simulatedStock(3, 800).map((listing) => listing.garment);
const index = indexGarments(stock);

/** What the plain comparison of every garment gives. */
const plainly = (of: Parameters<typeof rankCandidates>[0], most: number, schools = {}) =>
	rankCandidates(of, stock, (one) => one, { schools })
		.slice(0, most)
		.map(({ candidate, closeness }) => ({
			at: stock.indexOf(candidate),
			closeness: closeness.closeness,
			confidence: closeness.confidence
		}));

describe('the closest garments of an index', () => {
	it.each([
		['a plain blouse', element(1, garment('blouse', ['ivory']))],
		[
			'a dress of two colours',
			element(2, garment('dress', ['navy', 'ivory'], { hemLength: 'knee' }, { print: 'stripe' }))
		],
		[
			'a signature lapel',
			element(3, garment('blazer', ['wine'], { lapel: 'peak', material: 'velvet' }), { signature: ['lapel'] })
		],
		[
			'an open colour',
			element(4, garment('court-shoes', ['black'], { heelHeight: 'mid' }), { open: ['palette'] })
		],
		['earrings in gold', element(5, garment('hoops', [], { size: 'large' }, { metal: 'gold' }))],
		['everything open', element(6, garment('handbag', []), { open: ['type'] })]
	])('are those of the plain comparison, with the very same figures: %s', (_, of) => {
		expect(closest(index, of, { most: 30 })).toEqual(plainly(of, 30));
		for (const school of ['colour-first', 'shape-first', 'spirit'] as const)
			expect(
				closest(index, of, { most: 12, schools: { closeness: school, colours: 'repeat-exactly' } })
			).toEqual(plainly(of, 12, { closeness: school, colours: 'repeat-exactly' }));
	});

	it('are so for any element', () => {
		fc.assert(
			fc.property(elementArbitrary, (of) => {
				expect(closest(index, of, { most: 8 })).toEqual(plainly(of, 8));
			}),
			{ numRuns: 60 }
		);
	});

	it('leave out what is less close than asked', () => {
		const blouse = element(1, garment('blouse', ['ivory']));
		const near = closest(index, blouse, { most: 500, least: 0.6 });
		expect(near.length).toBeGreaterThan(0);
		expect(near.every(({ closeness }) => closeness >= 0.6)).toBe(true);
		expect(closest(indexGarments([]), blouse)).toEqual([]);
	});
});
