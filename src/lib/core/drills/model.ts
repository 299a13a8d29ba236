import type { MoveId } from '../lexicon/moves';
import type { DrillId } from '../model/drill-card';
import type { Garment } from '../model/garment';

/** What is shown with a question: garments each on a figure of its own, one outfit, or plain colours. */
export type Shown =
	| { kind: 'garments'; garments: { garment: Garment; moves?: MoveId[]; caption?: string }[] }
	| { kind: 'outfit'; garments: Garment[] }
	| { kind: 'colours'; sought: string; others: { id: string; hex: string }[] }
	| { kind: 'patch'; hex: string; beside?: string };

/** One question of a drill. */
export interface DrillQuestion {
	drill: DrillId;
	/** Its key in the set, under which it is remembered. */
	key: string;
	asks: 'grade' | 'term' | 'odd-one' | 'nearer' | 'metal' | 'undertone';
	/** What the asked thing is of: "lapel", "print". */
	of?: string;
	shown: Shown;
	options: readonly { id: string; label: string }[];
	answer: string;
	why: string;
}

/** A question's set of options is ordered, so that an answer beside the right one is half right. */
export const isOrdered = ({ asks }: Pick<DrillQuestion, 'asks'>) => asks === 'grade';

/**
 * How right an answer is, 0..1: in an ordered set one step off is worth a half and more steps nothing; elsewhere it is right or
 * not.
 */
export function rightness(question: DrillQuestion, answered: string): number {
	if (answered === question.answer) return 1;
	if (!isOrdered(question)) return 0;
	const at = (id: string) => question.options.findIndex((option) => option.id === id);
	return Math.max(0, 1 - Math.abs(at(answered) - at(question.answer)) / 2);
}
