import { roles, type RoleId } from '../lexicon/roles';

/**
 * Rank-order centroid weights for n ranks, first to last, adding up to 1 (Barron & Barrett 1996):
 * w(i) = (1/n) · Σ 1/k for k = i … n.
 */
export function rankOrderCentroid(n: number): number[] {
	const weights = new Array<number>(n);
	let tail = 0;
	for (let i = n; i >= 1; i--) {
		tail += 1 / i;
		weights[i - 1] = tail / n;
	}
	return weights;
}

export interface Ranked {
	rank: number;
	role: RoleId;
	weightFactor: number;
}

/**
 * Weights of elements, in the order given, adding up to 1: the centroid weight of the rank (ties share the
 * average of the ranks that they take up), times the role's multiplier, times the stylist's own factor.
 */
export function elementWeights(elements: readonly Ranked[]): number[] {
	const centroid = rankOrderCentroid(elements.length);
	const raw = elements.map((element) => {
		const before = elements.filter((other) => other.rank < element.rank).length;
		const tied = elements.filter((other) => other.rank === element.rank).length;
		const taken = centroid.slice(before, before + tied);
		const average = taken.reduce((sum, weight) => sum + weight, 0) / tied;
		return average * roles[element.role].multiplier * element.weightFactor;
	});
	const total = raw.reduce((sum, weight) => sum + weight, 0);
	return raw.map((weight) => weight / total);
}
