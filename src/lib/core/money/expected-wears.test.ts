import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import { garmentTypes } from '../lexicon/taxonomy';
import { breakEvenWears, expectedWears } from './expected-wears';
import { costPerWear } from './cost-per-wear';

describe('expected wears', () => {
	it('are known of all that is worn, and of hair, make-up and scent not', () => {
		for (const { id, division } of garmentTypes)
			expect(expectedWears(garment(id)) === undefined, id).toBe(division === 'beauty');
	});

	// Common practice: a season's trend is worn a handful of times, a tailored blazer for years.
	it('are many for a plain blazer and few for a gown of sequins', () => {
		const blazer = expectedWears(garment('blazer', ['navy']))!;
		const gown = expectedWears(garment('evening-gown', ['red'], { material: 'sequin' }))!;
		expect(blazer.wears).toBeGreaterThanOrEqual(100);
		expect(gown.wears).toBeLessThanOrEqual(10);
		expect(gown.because).toContain('a statement');
	});

	it('are never more of what was worn before, and never none', () => {
		fc.assert(
			fc.property(fc.constantFrom(...garmentTypes), ({ id, division }) => {
				fc.pre(division !== 'beauty');
				const of = (condition: 'new' | 'like-new' | 'good' | 'worn') =>
					expectedWears(garment(id), condition)!.wears;
				expect(of('like-new')).toBe(of('new'));
				expect(of('good')).toBeLessThanOrEqual(of('new'));
				expect(of('worn')).toBeLessThanOrEqual(of('good'));
				expect(of('worn')).toBeGreaterThanOrEqual(1);
			})
		);
	});
});

describe('breaking even', () => {
	it('is the first whole wear from which each costs no more than the aim', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 1, max: 500_000 }),
				fc.integer({ min: 1, max: 5000 }),
				(amountMinor, aim) => {
					const wears = breakEvenWears({ amountMinor }, aim);
					expect(amountMinor / wears).toBeLessThanOrEqual(aim);
					if (wears > 1) expect(amountMinor / (wears - 1)).toBeGreaterThan(aim);
				}
			)
		);
		expect(
			costPerWear({ amountMinor: 6000, currency: 'GBP' }, breakEvenWears({ amountMinor: 6000 }, 100))
		).toEqual({
			amountMinor: 100,
			currency: 'GBP'
		});
	});
	it('is not to be had for nothing a wear', () =>
		expect(() => breakEvenWears({ amountMinor: 100 }, 0)).toThrow(RangeError));
});
