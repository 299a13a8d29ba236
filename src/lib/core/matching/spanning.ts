/** What covers more of the body than one element asks for: a dress that answers a top and a skirt. */
import { slots, slotsMeet } from '../lexicon/slots';
import { garmentType } from '../lexicon/taxonomy';
import type { Garment } from '../model/garment';
import type { Element } from '../model/reference';

const slotOf = (garment: Garment) => garmentType(garment.type).slot;

/** Are two garments worn in the same place, at least in part? */
export const garmentsMeet = (first: Garment, second: Garment): boolean =>
	slotsMeet(slotOf(first), slotOf(second));

/** Does a garment cover more of the body than the element asks for? */
export const spans = (element: Element, garment: Garment): boolean =>
	slots[slotOf(garment)].covers.length > slots[slotOf(element.garment)].covers.length;

/** Of the elements that a garment could answer, those that it answers at once: in their order, none in the place of another. */
export function answeredAtOnce<T extends { element: Element }>(answers: readonly T[]): T[] {
	const answered: T[] = [];
	for (const answer of answers)
		if (answered.every((other) => !garmentsMeet(other.element.garment, answer.element.garment)))
			answered.push(answer);
	return answered;
}
