import type { SchoolQuestion } from '../lexicon/schools';
import type { SlotId } from '../lexicon/slots';
import type { AspectId } from '../model/reference';
import type { Facts } from './facts';
import type { Standing, Violation } from './model';

/** One rule of the eye. */
export interface Rule {
	id: string;
	title: string;
	/** Why, as the trade gives it. */
	reason: string;
	standing: Standing;
	/** Schools under which it is silent. */
	silentUnder?: { question: SchoolQuestion; schools: readonly string[] };
	/** Rules that say the same more plainly: where one of them speaks of a piece, this one keeps silent about it. */
	yieldsTo?: readonly string[];
	/** Is it looked for with layers off and sitting, too? */
	inStates?: true;
	/** Where something worn besides may mend it: a belt, a jacket, a scarf. */
	addIn?: readonly SlotId[];
	/** What of the pieces concerned a mend may change, without which a look is no less an echo of its mood. */
	about: readonly AspectId[];
	find: (facts: Facts) => Violation[];
}
