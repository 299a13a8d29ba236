import { closenessTo, type Asked, type ClosenessOptions, type PieceCloseness } from '../closeness/piece';
import { faceScore, type Colouring } from '../body/face';
import { wishScore } from '../body/wishes';
import type { EffectId } from '../lexicon/effects';
import { likeness } from '../lexicon/likeness';
import type { Garment } from '../model/garment';

export interface RankOptions<C = unknown> extends ClosenessOptions {
	/** Effects that the client wishes for: of candidates nearly as close, those that serve them come first. */
	wished?: readonly EffectId[];
	/** Whose face it stands next to: of candidates nearly as close, those that suit it come first. */
	face?: Colouring;
	/** What should be worn at last: of candidates nearly as close it comes first. */
	atLast?: (candidate: C) => boolean;
}

/** What it weighs that a piece was never worn, beside a wish (1). */
const unwornShare = 0.5;

export interface RankedCandidate<C> {
	candidate: C;
	closeness: PieceCloseness;
}

/**
 * Candidates that are worn where the element is, best first: by closeness and what they do for the wished effects and the face,
 * and what was never worn, then by confidence. Candidates of equal standing keep the order in which they came. The closeness itself is not changed.
 */
export function rankCandidates<C>(
	element: Asked,
	candidates: readonly C[],
	garmentIn: (candidate: C) => Garment,
	{ wished = [], face, atLast, ...options }: RankOptions<C> = {}
): RankedCandidate<C>[] {
	const closenessOf = closenessTo(element, options);
	return candidates
		.map((candidate) => {
			const garment = garmentIn(candidate);
			const closeness = closenessOf(garment);
			const suits =
				wishScore(wished, garment) +
				(face ? faceScore(face, garment) : 0) +
				(atLast?.(candidate) ? unwornShare : 0);
			const serves = likeness.wishShare * Math.max(-1, Math.min(1, suits));
			return { candidate, closeness, standing: closeness.closeness + serves };
		})
		.filter(({ closeness }) => closeness.worn)
		.sort((a, b) => b.standing - a.standing || b.closeness.confidence - a.closeness.confidence)
		.map(({ candidate, closeness }) => ({ candidate, closeness }));
}
