/** How well two ways of measuring the same things agree. */
import { mean, sampleStandardDeviation } from 'simple-statistics';

export interface Agreement {
	count: number;
	/** Mean of second − first. */
	meanDifference: number;
	/** Mean of the amounts of the differences. */
	meanAmount: number;
	/**
	 * Between which 95 % of the differences lie where they are spread evenly about their mean: mean ∓ 1.96 standard deviations
	 * (Bland & Altman 1986, Lancet i:307–310). Undefined for fewer than two pairs.
	 */
	limits?: [number, number];
	/** Kendall's tau-b, −1..1: do both put the things in the same order? Undefined where one of them puts all of them level. */
	tau?: number;
}

/**
 * Kendall's rank correlation with ties counted out, tau-b (Kendall 1945, Biometrika 33:239–251). Undefined for fewer than two
 * pairs, or where one list is all level.
 *
 * @example kendallTau([1, 2, 3], [1, 3, 2]) // 1/3
 */
export function kendallTau(first: readonly number[], second: readonly number[]): number | undefined {
	let agreeing = 0;
	let apartInFirst = 0;
	let apartInSecond = 0;
	for (let i = 1; i < first.length; i++)
		for (let j = 0; j < i; j++) {
			const a = Math.sign((first[i] ?? 0) - (first[j] ?? 0));
			const b = Math.sign((second[i] ?? 0) - (second[j] ?? 0));
			agreeing += a * b;
			apartInFirst += a * a;
			apartInSecond += b * b;
		}
	const whole = Math.sqrt(apartInFirst * apartInSecond);
	return whole > 0 ? agreeing / whole : undefined;
}

/** How a second measure agrees with a first; both lists in the same order. */
export function agreementOf(first: readonly number[], second: readonly number[]): Agreement {
	const differences = second.map((value, i) => value - (first[i] ?? 0));
	if (differences.length === 0) return { count: 0, meanDifference: 0, meanAmount: 0 };
	const meanDifference = mean(differences);
	const spread = differences.length > 1 ? 1.96 * sampleStandardDeviation(differences) : undefined;
	return {
		count: differences.length,
		meanDifference,
		meanAmount: mean(differences.map(Math.abs)),
		...(spread !== undefined && { limits: [meanDifference - spread, meanDifference + spread] }),
		tau: kendallTau(first, second)
	};
}
