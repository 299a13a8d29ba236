import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { landedPrice, postageShares } from './landed-price';

const gbp = (amountMinor: number) => ({ amountMinor, currency: 'GBP' });
const share = fc.double({ min: 0, max: 1, noNaN: true });
const anyOptions = fc.record({
	markdown: share,
	code: fc.oneof(
		share.map((off) => ({ share: off })),
		fc.nat(3000).map((amountMinor) => ({ amountMinor }))
	),
	postageMinor: fc.nat(2000),
	duty: share,
	dutyFreeMinor: fc.nat(20_000),
	into: fc.record({ currency: fc.constant('EUR'), rate: fc.double({ min: 0.01, max: 120, noNaN: true }) }),
	sentBackMinor: fc.nat(500)
});

describe('the price that counts', () => {
	it('is reckoned line by line, as an invoice from abroad is', () => {
		// By hand: 80.00 less a fifth is 64.00, less 10 % is 57.60; with 4.40 postage 62.00; duty of 12 % 7.44; at 0.85 59.02.
		const landed = landedPrice(
			{ amountMinor: 8000, currency: 'EUR' },
			{
				markdown: 0.2,
				code: { share: 0.1 },
				postageMinor: 440,
				duty: 0.12,
				into: { currency: 'GBP', rate: 0.85 }
			}
		);
		expect(landed.total).toEqual(gbp(5902));
		expect(landed.lines).toEqual([
			{ kind: 'price', amountMinor: 8000 },
			{ kind: 'markdown', amountMinor: -1600 },
			{ kind: 'code', amountMinor: -640 },
			{ kind: 'postage', amountMinor: 440 },
			{ kind: 'duty', amountMinor: 744 },
			{ kind: 'conversion', amountMinor: -1042 }
		]);
	});

	it('has lines that add up to the total exactly, in whole smallest units', () =>
		fc.assert(
			fc.property(fc.nat(200_000), anyOptions, (price, options) => {
				const { total, lines } = landedPrice(gbp(price), options);
				expect(lines.reduce((sum, { amountMinor }) => sum + amountMinor, 0)).toBe(total.amountMinor);
				expect(lines.every(({ amountMinor }) => Number.isInteger(amountMinor))).toBe(true);
				expect(total.currency).toBe('EUR');
			})
		));

	it('is never more with a larger markdown or code, and never less with more postage or duty', () =>
		fc.assert(
			fc.property(fc.nat(200_000), anyOptions, share, (price, options, more) => {
				const totalOf = (changed: Partial<typeof options>) =>
					landedPrice(gbp(price), { ...options, dutyFreeMinor: 0, ...changed }).total.amountMinor;
				const now = totalOf({});
				expect(totalOf({ markdown: options.markdown + (1 - options.markdown) * more })).toBeLessThanOrEqual(
					now
				);
				expect(
					totalOf({ postageMinor: options.postageMinor + Math.round(1000 * more) })
				).toBeGreaterThanOrEqual(now);
				expect(totalOf({ duty: options.duty + more })).toBeGreaterThanOrEqual(now);
			})
		));

	it('takes no more off by a code than there is, and no duty within what is free', () => {
		expect(landedPrice(gbp(1000), { code: { amountMinor: 5000 } }).total).toEqual(gbp(0));
		expect(landedPrice(gbp(1000), { duty: 0.2, dutyFreeMinor: 1000 }).total).toEqual(gbp(1000));
		expect(landedPrice(gbp(1001), { duty: 0.2, dutyFreeMinor: 1000 }).total).toEqual(gbp(1201));
	});

	it('refuses what is no share', () => {
		expect(() => landedPrice(gbp(1000), { markdown: 1.2 })).toThrow(RangeError);
		expect(() => landedPrice(gbp(1000), { duty: -0.1 })).toThrow(/duty/);
		expect(() => landedPrice(gbp(1000), { into: { currency: 'EUR', rate: NaN } })).toThrow(/rate/);
	});
});

describe('the postage of a parcel', () => {
	it('is borne by its things in proportion, to the last unit', () =>
		fc.assert(
			fc.property(
				fc.array(fc.nat(20_000), { minLength: 1, maxLength: 8 }),
				fc.nat(2000),
				(prices, postage) => {
					const parts = postageShares(prices, gbp(postage));
					expect(parts.reduce((sum, part) => sum + part, 0)).toBe(postage);
					const total = prices.reduce((sum, price) => sum + price, 0);
					if (total > 0)
						parts.forEach((part, i) =>
							expect(Math.abs(part - (postage * (prices[i] ?? 0)) / total)).toBeLessThanOrEqual(prices.length)
						);
				}
			)
		));
	it('is nothing for an empty parcel', () => expect(postageShares([], gbp(300))).toEqual([]));
});
