/** The reference's own mistakes, and what an echo that mends them is forgiven. */
import { garmentInWords } from '../closeness/words';
import type { AspectId, Element, Reference } from '../model/reference';
import { checkLook } from './check-look';
import type { CheckContext, CheckedPiece, Finding } from './model';
import { rules } from './rules';

/** The elements of a reference as what is worn in it, each under its id. */
export const asWorn = (elements: readonly Element[]): CheckedPiece[] =>
	elements.map(({ id, garment, moves, side }) => ({
		id,
		title: garmentInWords(garment),
		garment,
		moves,
		side
	}));

/** What the eye finds wrong in the reference itself, whoever is to wear it. */
export const mistakesOf = (
	reference: Pick<Reference, 'elements'>,
	context: Pick<CheckContext, 'event' | 'schools' | 'degree'> = {}
): Finding[] =>
	checkLook(asWorn(reference.elements), context).filter(
		// What a reference does not show is not wrong in it: feet are often out of frame.
		({ severity, rule }) => severity !== 'praise' && rule !== 'not-dressed'
	);

const aboutOf = new Map(rules.map(({ id, about }) => [id, about]));

/**
 * What an echo may change without a loss, because it is a mistake of the reference: by element, the aspects that the mistake
 * is about. Decided from the reference alone, so that what one piece earns never hangs on another. Under the school of spirit
 * only; the others ask for the look as it is.
 */
export function forgivenIn(
	reference: Pick<Reference, 'elements'>,
	context: Pick<CheckContext, 'schools' | 'degree'> = {}
): Map<string, AspectId[]> {
	const forgiven = new Map<string, AspectId[]>();
	if (context.schools?.closeness !== 'spirit') return forgiven;
	for (const { rule, pieces } of mistakesOf(reference, context))
		for (const id of pieces)
			forgiven.set(id, [...new Set([...(forgiven.get(id) ?? []), ...(aboutOf.get(rule) ?? [])])]);
	return forgiven;
}
