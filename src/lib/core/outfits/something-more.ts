/** What could be put on besides what a look asks for. */
import { mayWear, type Thing } from '../checks/bars';
import { factsOf, type PieceFacts } from '../checks/facts';
import type { CheckContext, CheckedPiece } from '../checks/model';
import { slotsMeet } from '../lexicon/slots';
import { garmentType } from '../lexicon/taxonomy';
import type { Garment } from '../model/garment';
import { together } from './together';

/** One thing that could be put on. */
export interface More<T> {
	thing: T;
	/** How it goes with what is worn: only comparable within one look. */
	points: number;
	/** What speaks for it, in words; the strongest two. */
	reasons: string[];
	/** Ids of what is worn in its place already. */
	taken: string[];
}

/** What of a look is worn where a garment would be. */
const wornInPlaceOf = (garment: Garment, worn: readonly CheckedPiece[]): string[] =>
	worn
		.filter((one) => slotsMeet(garmentType(one.garment.type).slot, garmentType(garment.type).slot))
		.map(({ id }) => id);

/**
 * Things that a client may wear, by how well they go with what is worn: first what takes no place that is taken, the best of it first.
 * What is worn already is left out by `isWorn`.
 */
export function somethingMore<T extends Thing>(
	worn: readonly CheckedPiece[],
	things: readonly T[],
	{ client, isWorn = () => false }: Pick<CheckContext, 'client'> & { isWorn?: (thing: T) => boolean } = {}
): More<T>[] {
	const facts = factsOf(worn, {}).pieces;
	return things
		.filter((thing) => !isWorn(thing) && (!client || mayWear(client, thing)))
		.map((thing): More<T> => {
			const [own] = factsOf([{ id: '', title: '', garment: thing.garment, moves: [] }], {}).pieces as [
				PieceFacts
			];
			const pairs = facts.map((other) => together(own, other));
			const reasons = pairs.flatMap((pair) => pair.reasons).sort((a, b) => b.points - a.points);
			return {
				thing,
				points: pairs.reduce((sum, { points }) => sum + points, 0),
				reasons: [...new Set(reasons.map(({ words }) => words))].slice(0, 2),
				taken: wornInPlaceOf(thing.garment, worn)
			};
		})
		.sort((a, b) => Math.sign(a.taken.length) - Math.sign(b.taken.length) || b.points - a.points);
}
