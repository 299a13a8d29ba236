import fc from 'fast-check';
import { Matrix, solve } from 'ml-matrix';
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { linearRegression, mean, sampleStandardDeviation } from 'simple-statistics';
import { describe, expect, it } from 'vitest';
import { aspectIds, weighedLosses, type WeighedLoss } from '../model';
import { agreementOf, kendallTau } from './agreement';
import { calibrate, leastJudgements, weighedScore, type LossFactors } from './calibrate';
import { groupOfLoss } from '../lexicon/loss-groups';
import { lostByGroup, type Rated } from './rated';
import { ridgeTowards } from './ridge';

describe('agreement', () => {
	it('gives the tau-b of the worked example in SciPy’s documentation of kendalltau (value from memory)', () =>
		expect(kendallTau([12, 2, 1, 12, 2], [1, 4, 7, 1, 0])).toBeCloseTo(-0.47140452079103173, 12));
	it('is 1 for the same order, −1 for the opposite one, and unknown where all are level', () => {
		expect(kendallTau([1, 2, 3, 4], [10, 20, 30, 40])).toBe(1);
		expect(kendallTau([1, 2, 3, 4], [4, 3, 2, 1])).toBe(-1);
		expect(kendallTau([5, 5, 5], [1, 2, 3])).toBeUndefined();
		expect(kendallTau([5], [1])).toBeUndefined();
	});
	it('has the limits of Bland & Altman 1986: their 17 pairs of peak flow (Wright and mini meter, l/min; values from memory)', () => {
		const wright = [494, 395, 516, 434, 476, 557, 413, 442, 650, 433, 417, 656, 267, 478, 178, 423, 427];
		const mini = [512, 430, 520, 428, 500, 600, 364, 380, 658, 445, 432, 626, 260, 477, 259, 350, 451];
		const { meanDifference, limits } = agreementOf(mini, wright);
		// They tell a mean of −2.1 and a standard deviation of 38.8 l/min.
		expect(meanDifference).toBeCloseTo(-2.1, 1);
		expect((limits![1] - limits![0]) / 2 / 1.96).toBeCloseTo(38.8, 1);
	});
	it('counts nothing from nothing, and tells no limits of a single pair', () => {
		expect(agreementOf([], [])).toEqual({ count: 0, meanDifference: 0, meanAmount: 0 });
		expect(agreementOf([50], [60])).toMatchObject({ count: 1, meanDifference: 10, meanAmount: 10 });
		expect(agreementOf([50], [60]).limits).toBeUndefined();
	});
	it('agrees with the reference package on mean and spread (generated)', () =>
		fc.assert(
			fc.property(
				fc.array(fc.tuple(fc.integer({ min: 0, max: 100 }), fc.integer({ min: 0, max: 100 })), {
					minLength: 2,
					maxLength: 60
				}),
				(pairs) => {
					const differences = pairs.map(([a, b]) => b - a);
					const { limits, meanDifference } = agreementOf(
						pairs.map(([a]) => a),
						pairs.map(([, b]) => b)
					);
					expect(meanDifference).toBeCloseTo(mean(differences), 9);
					expect(limits![1] - meanDifference).toBeCloseTo(1.96 * sampleStandardDeviation(differences), 9);
				}
			)
		));
});

const rowsOf = (width: number) =>
	fc.array(
		fc.record({
			row: fc.array(fc.double({ min: 0, max: 30, noNaN: true }), { minLength: width, maxLength: width }),
			y: fc.double({ min: -20, max: 100, noNaN: true })
		}),
		{ minLength: 1, maxLength: 40 }
	);

describe('ridge towards weights', () => {
	it('shrinks an orthonormal design by 1 / (1 + penalty) (Hastie, Tibshirani & Friedman, Elements of Statistical Learning, § 3.4.1)', () => {
		const y = [3, 5, 7];
		const identity = [
			[1, 0, 0],
			[0, 1, 0],
			[0, 0, 1]
		];
		for (const penalty of [0.5, 1, 4])
			ridgeTowards(identity, y, [0, 0, 0], penalty).forEach((weight, i) =>
				expect(weight).toBeCloseTo(y[i]! / (1 + penalty), 9)
			);
	});
	it('comes to least squares where the prior counts for next to nothing (reference package)', () => {
		const points = [
			[1, 3],
			[2, 5],
			[4, 9],
			[7, 15]
		];
		const { m, b } = linearRegression(points);
		const [slope, base] = ridgeTowards(
			points.map(([x]) => [x!, 1]),
			points.map(([, y]) => y!),
			[0, 0],
			1e-9
		);
		expect(slope).toBeCloseTo(m, 4);
		expect(base).toBeCloseTo(b, 3);
	});
	it('is the closed form where no weight is held at 0 (generated; solved by the reference package)', () =>
		fc.assert(
			fc.property(rowsOf(3), fc.double({ min: 0.5, max: 50, noNaN: true }), (cases, penalty) => {
				const x = new Matrix(cases.map(({ row }) => row));
				const y = Matrix.columnVector(cases.map((one) => one.y));
				const left = x.transpose().mmul(x).add(Matrix.eye(3).mul(penalty));
				const right = x.transpose().mmul(y).add(Matrix.ones(3, 1).mul(penalty));
				const closed = solve(left, right).to1DArray();
				fc.pre(closed.every((weight) => weight > 0));
				const own = ridgeTowards(
					cases.map(({ row }) => row),
					cases.map((one) => one.y),
					[1, 1, 1],
					penalty
				);
				own.forEach((weight, i) => expect(weight).toBeCloseTo(closed[i]!, 5));
			})
		));
	it('is at the least value: no slope at a weight above 0, none downwards at 0 (Karush–Kuhn–Tucker; generated)', () =>
		fc.assert(
			fc.property(rowsOf(7), fc.double({ min: 0.1, max: 100, noNaN: true }), (cases, penalty) => {
				const prior = weighedLosses.map(() => 1);
				const weights = ridgeTowards(
					cases.map(({ row }) => row),
					cases.map(({ y }) => y),
					prior,
					penalty
				);
				const scale = cases.reduce((sum, { row }) => sum + row.reduce((s, v) => s + v * v, 0), penalty);
				weights.forEach((weight, j) => {
					const slope =
						cases.reduce((sum, { row, y }) => {
							const left = row.reduce((s, v, k) => s + v * weights[k]!, 0) - y;
							return sum + left * row[j]!;
						}, 0) +
						penalty * (weight - 1);
					expect(weight).toBeGreaterThanOrEqual(0);
					if (weight > 0) expect(Math.abs(slope) / scale).toBeLessThan(1e-6);
					else expect(slope / scale).toBeGreaterThan(-1e-6);
				});
			}),
			{
				numRuns: 60,
				// Features that are nearly one, and a prior that hardly counts: the weights come to rest slowly.
				examples: [
					[
						[
							{
								row: [0, 0, 23.160004300345456, 29.999999998772967, 29.99999999997068, 0, 19.289952736320142],
								y: 20.06718374028283
							},
							{ row: [0, 0, 0, 0, 0, 0, 0], y: 0 }
						],
						0.1
					]
				]
			}
		));
});

describe('calibration', () => {
	const lossesArbitrary = fc.record(
		Object.fromEntries(
			weighedLosses.map((group) => [group, fc.double({ min: 0, max: 12, noNaN: true })])
		) as Record<WeighedLoss, fc.Arbitrary<number>>
	);
	/** Losses spread evenly, as those of looks of all kinds are: of so many looks, by a seed. */
	const spreadLosses = (least: number, most: number) =>
		fc.tuple(fc.integer(), fc.integer({ min: least, max: most })).map(([seed, count]) => {
			const random = xoroshiro128plus(seed);
			return Array.from(
				{ length: count },
				() =>
					Object.fromEntries(weighedLosses.map((group) => [group, 7 * uniformFloat64(random)])) as Record<
						WeighedLoss,
						number
					>
			);
		});
	const ratedBy = (factors: Partial<LossFactors>, lost: Record<WeighedLoss, number>, i: number): Rated => ({
		id: String(i),
		title: `Echo ${i}`,
		echoId: String(i),
		at: `2026-01-01T00:00:${String(i % 60).padStart(2, '0')}.000Z`,
		rating: Math.round(weighedScore(lost, factors)),
		score: weighedScore(lost, {}),
		lost,
		school: 'piece-for-piece',
		kind: 'person'
	});

	it('every loss belongs to a group, also of a kind or aspect that is not known any more', () => {
		for (const aspect of aspectIds) expect(weighedLosses).toContain(groupOfLoss({ kind: 'aspect', aspect }));
		expect(groupOfLoss({ kind: 'aspect', aspect: 'once-there' })).toBe('detail');
		expect(groupOfLoss({ kind: 'signature' })).toBe('detail');
		expect(groupOfLoss({ kind: 'gap' })).toBe('missing');
		const losses = [
			{ elementId: 'a', kind: 'gap', points: 10 },
			{ elementId: 'b', kind: 'aspect', aspect: 'palette', points: 4 },
			{ elementId: 'b', kind: 'moves', points: 1 }
		];
		expect(lostByGroup(losses)).toMatchObject({ missing: 10, colour: 4, wearing: 1, shape: 0 });
	});
	it('says nothing from fewer judgements than it takes', () =>
		fc.assert(
			fc.property(fc.array(lossesArbitrary, { maxLength: leastJudgements - 1 }), (all) => {
				expect(calibrate(all.map((lost, i) => ratedBy({}, lost, i)))).toBeUndefined();
			}),
			{ numRuns: 20 }
		));
	it('finds a stylist to whom colour is twice as much and moves are nothing, and meets what was held back better', () =>
		fc.assert(
			fc.property(spreadLosses(40, 60), (all) => {
				const own = { colour: 2, wearing: 0 };
				const found = calibrate(all.map((lost, i) => ratedBy(own, lost, i)))!;
				expect(found.errorAfter).toBeLessThan(found.errorBefore);
				expect(found.factors.colour).toBeGreaterThan(1.5);
				expect(found.factors.wearing).toBeLessThan(0.5);
			}),
			{ numRuns: 12 }
		));
	it('leaves the method’s weights where they meet the judgements', () =>
		fc.assert(
			fc.property(spreadLosses(25, 40), (all) => {
				const found = calibrate(all.map((lost, i) => ratedBy({}, lost, i)))!;
				for (const group of weighedLosses) expect(Math.abs(found.factors[group] - 1)).toBeLessThan(0.2);
			}),
			{ numRuns: 12 }
		));
	it('a greater loss never raises a score, whatever the weights; it stays within 0 and 100', () =>
		fc.assert(
			fc.property(
				lossesArbitrary,
				lossesArbitrary,
				fc.constantFrom(...weighedLosses),
				(lost, factors, group) => {
					const before = weighedScore(lost, factors);
					const after = weighedScore({ ...lost, [group]: lost[group] + 1 }, factors);
					expect(after).toBeLessThanOrEqual(before);
					expect(after).toBeGreaterThanOrEqual(0);
					expect(before).toBeLessThanOrEqual(100);
				}
			)
		));
});
