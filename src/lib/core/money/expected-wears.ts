import { factsOfGarment } from '../checks/facts';
import { garmentType } from '../lexicon/taxonomy';
import { fewerWears, wearing, type FewerWears } from '../lexicon/wearing';
import type { Money } from '../model/basics';
import type { Garment } from '../model/garment';
import type { Listing } from '../model/market';

const rows = new Map(wearing.map((row) => [row.family, row]));

/** Where the family of a garment stands among what is worn; undefined for hair, make-up and scent. */
export const wearingOf = ({ type }: Pick<Garment, 'type'>) => rows.get(garmentType(type).family);

export interface ExpectedWears {
	/** A whole number, 1 or more: wears over its life. */
	wears: number;
	/** What takes from those of a plain one, in words. */
	because: string[];
}

/** Formality of full evening dress, on the scale of the facts. */
const eveningFormality = 4.5;

function takesFrom(garment: Garment, condition: Listing['condition']): FewerWears[] {
	const { formality, statement, strong } = factsOfGarment(garment);
	return [
		...(formality !== undefined && formality >= eveningFormality ? (['evening'] as const) : []),
		// A statement is mostly strong in colour, too: it counts once.
		...(statement ? (['statement'] as const) : strong ? (['strong'] as const) : []),
		...(condition === 'good' || condition === 'worn' ? [condition] : [])
	];
}

/**
 * How often a thing is likely to be worn, by its family, what takes the eye in it, and how worn it is already (common practice in kind;
 * figures in `lexicon/wearing`). Undefined for what is not worn out by wearing: hair, make-up, scent.
 */
export function expectedWears(
	garment: Garment,
	condition: Listing['condition'] = 'new'
): ExpectedWears | undefined {
	const row = wearingOf(garment);
	if (!row) return undefined;
	const fewer = takesFrom(garment, condition);
	const wears = fewer.reduce((left, kind) => left * fewerWears[kind].share, row.wears);
	return { wears: Math.max(1, Math.round(wears)), because: fewer.map((kind) => fewerWears[kind].words) };
}

/**
 * Wears after which each has cost no more than so much: the price over it, to the next whole wear.
 *
 * @throws RangeError for a cost per wear of 0 or less
 */
export function breakEvenWears(price: Pick<Money, 'amountMinor'>, perWearMinor: number): number {
	if (!(perWearMinor > 0)) throw new RangeError('a wear must cost something to be paid off');
	return Math.ceil(price.amountMinor / perWearMinor);
}
