/** What a client never wears or shows, said in words, held against a piece. */
import type { PieceFacts } from '../facts';
import { anyOf, type Answer } from '../property';
export { limitsIn } from './clauses';
import { clausesIn, ofTheLook, saysCovered, sentencesOf, type LimitClause } from './clauses';
import { remembered } from './descriptions';
import { heldBy, type Held } from './held';
import { isCarried } from './meant-together';
import { lookLimitIn } from './of-whole-looks';
import type { OfLook } from './together';

/** What a limit says of things worn together. */
interface LookLimit {
	said: string;
	of: OfLook;
}

/** A limit, ready to be held against many pieces and looks. */
interface ReadyLimit {
	clauses: readonly Held[];
	looks: readonly LookLimit[];
	/** As it is told where it is broken. */
	told: string;
	/** Its clauses as they were said. */
	parts: readonly string[];
	/** Is all of it known to the checks? */
	known: boolean;
}

/** A limit as the client said it. */
export const quoted = (limit: string): string => `limit: “${limit}”`;

/** "Never: strapless", where that is all that was said; else the limit as the client said it: "no florals", "knees covered". */
function toldAs(limit: string, [clause, ...others]: readonly LimitClause[]): string {
	const isBare =
		others.length === 0 && !clause?.only && clause?.words === limit.trim() && !saysCovered(limit);
	return isBare ? `never: ${limit}` : quoted(limit);
}

/** "Crossbody bags at all times" asks for one in every look, and is carried instead of any other. */
const isInsteadOfOthers = (said: string): boolean => {
	const clauses = clausesIn(said);
	return clauses.length > 0 && clauses.every(({ words, only }) => only && isCarried(words));
};

/** A limit made ready; remembered, since a look is checked again and again. */
const readied = remembered((limit): ReadyLimit => {
	const sentences = sentencesOf(limit).map((said) => ({ said, of: lookLimitIn(said) }));
	const looks = sentences.flatMap(({ said, of }) => (of ? [{ said: said.trim(), of }] : []));
	const others = sentences.filter(({ said, of }) => !of || isInsteadOfOthers(said));
	const clauses = others.flatMap(({ said }) => clausesIn(said));
	const held = clauses.map(heldBy);
	return {
		clauses: held,
		looks,
		told: toldAs(limit, clauses),
		parts: clauses.map(({ said }) => said),
		known:
			held.length + looks.length > 0 &&
			held.every(({ known }) => known) &&
			!others.some(({ said }) => ofTheLook.test(said))
	};
});

/** A limit's clauses as they were said: "shoulders and knees covered" are two. */
export const partsOfLimit = (limit: string): readonly string[] => readied(limit).parts;

/** A limit as it is told where it is broken. */
export const limitInWords = (limit: string): string => readied(limit).told;

/** Can a limit be held against a piece? What is not understood is kept and read by people only. */
export const isKnownLimit = (limit: string): boolean => readied(limit).known;

/** What of a limit speaks of things worn together. */
export const lookLimitsOf = (limit: string): readonly LookLimit[] => readied(limit).looks;

/**
 * Does a piece break a limit ("strapless", "polka dots", "red trousers", "silver only")? A limit of the body or of a material goes
 * by what the piece is, as stated or by its kind; of any other, all that a clause of it says must hold.
 */
export const breaksLimit = (limit: string, piece: PieceFacts): Answer =>
	anyOf(...readied(limit).clauses.map(({ breaks }) => breaks(piece)));

/** What is asked where it is not known whether a piece breaks a limit. */
export const questionOf = (limit: string, piece: PieceFacts): string =>
	readied(limit)
		.clauses.find(({ breaks }) => breaks(piece) === 'unknown')
		?.asks(piece) ?? 'is that so?';
