import { closenessTo, type Asked, type ClosenessOptions, type PieceCloseness } from '../closeness/piece';
import { wishScore } from '../body/wishes';
import type { EffectId } from '../lexicon/effects';
import { likeness } from '../lexicon/likeness';
import type { Garment } from '../model/garment';

export interface RankOptions extends ClosenessOptions {
	/** Effects that the client wishes for: of candidates nearly as close, those that serve them come first. */
	wished?: readonly EffectId[];
}

export interface RankedCandidate<C> {
	candidate: C;
	closeness: PieceCloseness;
}

/**
 * Candidates that are worn where the element is, best first: by closeness and what they do for the wished effects, then
 * by confidence. Candidates of equal standing keep the order in which they came. The closeness itself is not changed.
 */
export function rankCandidates<C>(
	element: Asked,
	candidates: readonly C[],
	garmentIn: (candidate: C) => Garment,
	{ wished = [], ...options }: RankOptions = {}
): RankedCandidate<C>[] {
	const closenessOf = closenessTo(element, options);
	return candidates
		.map((candidate) => {
			const garment = garmentIn(candidate);
			const closeness = closenessOf(garment);
			const serves = likeness.wishShare * wishScore(wished, garment);
			return { candidate, closeness, standing: closeness.closeness + serves };
		})
		.filter(({ closeness }) => closeness.worn)
		.sort((a, b) => b.standing - a.standing || b.closeness.confidence - a.closeness.confidence)
		.map(({ candidate, closeness }) => ({ candidate, closeness }));
}
