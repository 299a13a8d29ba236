/** Weights of the kinds of loss that fit a stylist's judgements better than the method's. */
import { mean } from 'simple-statistics';
import { weighedLosses, type WeighedLoss } from '../model/settings';
import type { Rated } from './rated';
import { ridgeTowards } from './ridge';

export type LossFactors = Record<WeighedLoss, number>;

/** From so many judgements on there is something to learn from (common practice: a few for each of the seven weights). */
export const leastJudgements = 20;
/** The method's own weights, to which those of a stylist are drawn. */
const prior = weighedLosses.map(() => 1);
/** How strongly the method's weights count beside the judgements, as shares of what the judgements say; the best is found by trying. */
const penalties = [0.01, 0.03, 0.1, 0.3, 1, 3, 10] as const;
/** A figure given by eye is good to a few points: where nearly nothing was lost, there is nothing to learn from it. In points². */
const leastPenalty = 25;
/** Parts in which judgements are held back in turn: ten outside (Kohavi 1995, IJCAI: ten-fold), five to choose the penalty by. */
const outerFolds = 10;
const innerFolds = 5;

/** The score under other weights: what is lost counts so much; 0..100. */
export const weighedScore = (
	lost: Readonly<Partial<LossFactors>>,
	factors: Readonly<Partial<LossFactors>>
): number =>
	Math.max(
		0,
		Math.min(
			100,
			100 - weighedLosses.reduce((sum, group) => sum + (lost[group] ?? 0) * (factors[group] ?? 1), 0)
		)
	);

const featuresOf = ({ lost }: Rated) => weighedLosses.map((group) => lost[group]);

function fitted(rated: readonly Rated[], strength: number): LossFactors {
	const rows = rated.map(featuresOf);
	const size = rows.reduce((sum, row) => sum + row.reduce((squares, value) => squares + value * value, 0), 0);
	const penalty = Math.max(leastPenalty, (strength * size) / weighedLosses.length);
	const weights = ridgeTowards(
		rows,
		rated.map(({ rating }) => 100 - rating),
		prior,
		penalty
	);
	return Object.fromEntries(weighedLosses.map((group, i) => [group, weights[i] ?? 1])) as LossFactors;
}

const errorOf = (rated: readonly Rated[], factors: Partial<LossFactors>) =>
	rated.map(({ rating, lost }) => Math.abs(weighedScore(lost, factors) - rating));

/** Holds back every n-th in turn: what is learnt from the others is tried on it. The same judgements give the same parts. */
function heldBack(rated: readonly Rated[], folds: number, learn: (kept: Rated[]) => LossFactors): number[] {
	return Array.from({ length: folds }, (_, fold) => fold).flatMap((fold) => {
		const held = rated.filter((_, i) => i % folds === fold);
		return held.length === 0 ? [] : errorOf(held, learn(rated.filter((_, i) => i % folds !== fold)));
	});
}

/** The weights that fit best, with the penalty under which judgements that were held back are met best. */
function learnt(rated: readonly Rated[]): LossFactors {
	const tried = penalties.map((strength) => ({
		strength,
		error: mean(heldBack(rated, innerFolds, (kept) => fitted(kept, strength)))
	}));
	const best = tried.reduce((a, b) => (b.error < a.error ? b : a));
	return fitted(rated, best.strength);
}

export interface Calibrated {
	factors: LossFactors;
	judgements: number;
	/** Mean amount by which judgements that were held back are missed, in points: by the method's weights, and by these. */
	errorBefore: number;
	errorAfter: number;
}

/**
 * Weights that fit a stylist's judgements, and by how much better they meet judgements that they were not learnt from (nested
 * cross-validation: the penalty is chosen inside). Undefined for fewer than `leastJudgements`. Whether they are
 * taken is the stylist's to say; where `errorAfter` is not below `errorBefore` there is nothing to take.
 */
export function calibrate(rated: readonly Rated[]): Calibrated | undefined {
	if (rated.length < leastJudgements) return undefined;
	return {
		factors: learnt(rated),
		judgements: rated.length,
		errorBefore: mean(errorOf(rated, {})),
		errorAfter: mean(heldBack(rated, outerFolds, learnt))
	};
}
