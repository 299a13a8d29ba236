import { describe, expect, it } from 'vitest';
import { kendallTauB, labelledPairs, misplaced, orderedWithin } from '../pairs';

describe('Kendall’s tau-b', () => {
	it('is as worked by hand', () => {
		expect(kendallTauB([1, 2, 3], [1, 2, 3])).toBe(1);
		expect(kendallTauB([1, 2, 3], [3, 2, 1])).toBe(-1);
		// Six pairs: five agree, one disagrees.
		expect(kendallTauB([1, 2, 3, 4], [1, 3, 2, 4])).toBeCloseTo(4 / 6, 12);
		// (1,1) and (1,2) tie on the left: of six pairs five are compared there, all six on the right, and all five agree.
		expect(kendallTauB([1, 1, 2, 3], [1, 2, 3, 4])).toBeCloseTo(5 / Math.sqrt(6 * 5), 12);
	});
});

describe('closeness', () => {
	const pairs = labelledPairs();

	it('orders the labelled pairs as a stylist does: tau-b of at least .85', () => {
		expect(pairs.length).toBeGreaterThanOrEqual(80);
		const tau = kendallTauB(
			pairs.map(({ grade }) => grade),
			pairs.map(({ closeness }) => closeness)
		);
		expect(tau).toBeGreaterThanOrEqual(0.85);
	});

	it('gives no answer exactly where a stylist sees none', () => {
		for (const { grade, closeness, asked, given } of pairs)
			expect(closeness === 0, `${given} for ${asked}`).toBe(grade === 0);
	});

	it.each(['pairs', 'close-calls'] as const)(
		'orders what is offered for one reference as a stylist does: %s',
		(name) => {
			const { inOrder, compared } = orderedWithin(labelledPairs(name));
			expect(compared).toBeGreaterThan(100);
			expect(inOrder / compared).toBeGreaterThanOrEqual(name === 'pairs' ? 0.95 : 0.9);
		}
	);

	it('orders more pairs over all places on the body, the half for tuning: tau-b of at least .8', () => {
		const more = labelledPairs('more-pairs').filter(({ held }) => !held);
		expect(
			kendallTauB(
				more.map(({ grade }) => grade),
				more.map(({ closeness }) => closeness)
			)
		).toBeGreaterThanOrEqual(0.8);
	});

	it('orders pairs as a stranger would write them, those that were looked at: tau-b of at least .72', () => {
		const fresh = labelledPairs('fresh-pairs').filter(({ held }) => !held);
		expect(fresh.length).toBeGreaterThan(200);
		expect(
			kendallTauB(
				fresh.map(({ grade }) => grade),
				fresh.map(({ closeness }) => closeness)
			)
		).toBeGreaterThanOrEqual(0.72);
		const { inOrder, compared } = orderedWithin(fresh);
		expect(inOrder / compared).toBeGreaterThanOrEqual(0.9);
	});

	it('puts hardly any pair two grades out of place', () => {
		expect(misplaced(pairs).length).toBeLessThanOrEqual(pairs.length * 0.05);
	});
});
