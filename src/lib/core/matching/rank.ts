import { closenessTo, type Asked, type ClosenessOptions, type PieceCloseness } from '../closeness/piece';
import type { Garment } from '../model/garment';

export interface RankedCandidate<C> {
	candidate: C;
	closeness: PieceCloseness;
}

/**
 * Candidates that are worn where the element is, best first: by closeness, then by confidence. Candidates of
 * equal standing keep the order in which they came.
 */
export function rankCandidates<C>(
	element: Asked,
	candidates: readonly C[],
	garmentIn: (candidate: C) => Garment,
	options: ClosenessOptions = {}
): RankedCandidate<C>[] {
	const closenessOf = closenessTo(element, options);
	return candidates
		.map((candidate) => ({ candidate, closeness: closenessOf(garmentIn(candidate)) }))
		.filter(({ closeness }) => closeness.worn)
		.sort(
			(a, b) =>
				b.closeness.closeness - a.closeness.closeness || b.closeness.confidence - a.closeness.confidence
		);
}
