/** What it costs at least to come one band closer. */
import { elementScorer, scoreLook, type ScoreOptions, type Worn } from '../closeness/look';
import { bands, reachedAt, type BandId } from '../lexicon/bands';
import type { Money } from '../model/basics';
import type { Reference } from '../model/reference';
import type { Offer } from './win-back';

/** A thing to buy, with what it wins over what is worn, in points of the 100. */
export interface Buy {
	elementId: string;
	offer: Offer & { cost: Money };
	points: number;
}

export interface NextBand {
	band: BandId;
	/** The score after what is bought, 0..100. */
	score: number;
	cost: Money;
	/** In the order of the reference's elements. */
	buys: Buy[];
}

/** A choice so far that no other beats in both points and cost. */
interface Choice {
	points: number;
	costMinor: number;
	buys: readonly Buy[];
}

/** Differences below this come from rounding. */
const rounding = 1e-9;

/** Of choices in the order of their cost, those that win more points than every cheaper one. */
function undominated(choices: Choice[]): Choice[] {
	choices.sort((a, b) => a.costMinor - b.costMinor || b.points - a.points);
	let most = -1;
	return choices.filter(({ points }) => {
		if (points <= most + rounding) return false;
		most = points;
		return true;
	});
}

/**
 * The least money by which a look reaches the next band, one thing an element at most; undefined at the best band, or where all
 * that is for sale together does not reach it. Exact: every choice that no other beats in both points and cost is kept. Each thing
 * pays its own postage, so that two from one shop may come to less. Offers in another currency than the first are passed over.
 *
 * @param offersFor what is for sale for an element, each with its cost
 */
export function cheapestToNextBand(
	reference: Pick<Reference, 'elements'>,
	worn: readonly Worn[],
	offersFor: (elementId: string) => readonly Offer[],
	options: ScoreOptions = {}
): NextBand | undefined {
	const now = scoreLook(reference, worn, options);
	const above = bands
		.filter((band) => reachedAt(band) > now.score)
		.sort((a, b) => a.from - b.from)
		.at(0);
	if (!above) return undefined;
	const needed = reachedAt(above) - now.score;
	const scorer = elementScorer(reference, options);
	let currency: string | undefined;
	let choices: Choice[] = [{ points: 0, costMinor: 0, buys: [] }];
	for (const element of reference.elements) {
		const before = now.elements.find(({ elementId }) => elementId === element.id)?.earned ?? 0;
		const buys = offersFor(element.id).flatMap((offer): Buy[] => {
			const { cost } = offer;
			if (!cost || (currency !== undefined && cost.currency !== currency)) return [];
			const { earned } = scorer(element.id, {
				elementId: element.id,
				state: 'items',
				garments: [offer.garment],
				movesDone: element.moves
			}).score;
			if (earned <= before) return [];
			currency = cost.currency;
			return [{ elementId: element.id, offer: { ...offer, cost }, points: earned - before }];
		});
		choices = undominated(
			choices.flatMap((choice) => [
				choice,
				...buys.map((buy) => ({
					// What is beyond the band is worth nothing more: fewer choices are kept.
					points: Math.min(needed, choice.points + buy.points),
					costMinor: choice.costMinor + buy.offer.cost.amountMinor,
					buys: [...choice.buys, buy]
				}))
			])
		);
	}
	const found = choices.find(({ points }) => points >= needed - rounding);
	if (!found || currency === undefined) return undefined;
	const won = found.buys.reduce((sum, { points }) => sum + points, 0);
	return {
		band: above.id,
		score: now.score + won,
		cost: { amountMinor: found.costMinor, currency },
		buys: [...found.buys]
	};
}
