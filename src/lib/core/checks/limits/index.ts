/** What a client never wears or shows, said in words, held against a piece. */
import { sensesOfPhrase } from '../../reading';
import type { PieceFacts } from '../facts';
import { allOf, anyOf, type Answer } from '../property';
import { clausesOf, heightIn, ofTheLook, saysCovered, type LimitClause } from './clauses';
import { isDescribed } from './described';
import { hasUnknown, isUnderstood, namesThing, remembered } from './descriptions';
import { breaksLength, lengthLimitIn } from './lengths';
import { heelOver } from './of-the-body';
import { propertiesIn } from './properties';
import { wornInstead } from './worn-instead';

/** A clause of a limit, ready to be held against many pieces. */
interface Held {
	/** Is anything in it that a piece can be held against? */
	known: boolean;
	breaks: (piece: PieceFacts) => Answer;
	/** What is asked of a piece of which it is not known. */
	asks: (piece: PieceFacts) => string;
}

/** What a clause is about besides its property: "leather *skirts*", "*skirts* below the knee". */
const about = (rest: string) =>
	rest && isUnderstood(rest) ? (piece: PieceFacts) => isDescribed(piece, rest) : undefined;

/** "Heels over 3 cm", "up to 5 cm": a height of heels. */
const ofHeels = /\bheels?\b|\bhigher\b|\bhigh\b|^(?:over|above|under|up to|max)/i;

function heldByFigures({ words, only }: LimitClause): Held | undefined {
	// "Over the knee boots" are a kind.
	const isKind = sensesOfPhrase(words)?.some(({ kind }) => kind === 'type');
	const length = isKind ? undefined : lengthLimitIn(words, only);
	if (length) {
		const isAbout = about(length.rest);
		return {
			known: true,
			breaks: (piece) => allOf(breaksLength(length, piece), isAbout?.(piece) ?? 'yes'),
			asks: () => 'where does it end?'
		};
	}
	const cm = ofHeels.test(words) ? heightIn(words) : undefined;
	return cm === undefined
		? undefined
		: { known: true, breaks: (piece) => heelOver(piece, cm), asks: () => 'how high is the heel?' };
}

function heldByProperties({ words, only }: LimitClause): Held | undefined {
	const { properties, rest } = propertiesIn(words, only);
	if (properties.length === 0) return undefined;
	// A leather skirt is both; a mini bag is small, and a fur stole has a name of its own.
	const [isAbout, isNamed] = [about(rest), !only && namesThing(words)];
	return {
		known: true,
		breaks: (piece) => {
			const holds = anyOf(...properties.map((one) => one.holds(piece)));
			const both = isAbout ? allOf(holds, isAbout(piece)) : holds;
			return isNamed ? anyOf(both, isDescribed(piece, words)) : both;
		},
		asks: (piece) => (properties.find(({ holds }) => holds(piece) === 'unknown') ?? properties[0])?.asks ?? ''
	};
}

function heldByWords({ words, only }: LimitClause): Held {
	// A list of what alone is worn is not held against anything where a word of it is not known.
	const known = isUnderstood(words) && !(only && hasUnknown(words));
	const breaks = only ? wornInstead : isDescribed;
	return { known, breaks: (piece) => (known ? breaks(piece, words) : 'no'), asks: () => 'is that so?' };
}

function heldBy(clause: LimitClause): Held {
	const held = heldByFigures(clause) ?? heldByProperties(clause) ?? heldByWords(clause);
	const { slots } = clause;
	return slots
		? { ...held, breaks: (piece) => (slots.includes(piece.slot) ? held.breaks(piece) : 'no') }
		: held;
}

/** A limit, ready to be held against many pieces. */
interface ReadyLimit {
	clauses: readonly Held[];
	/** As it is told where it is broken. */
	told: string;
	/** Its clauses as they were said. */
	parts: readonly string[];
}

/** "Never: strapless", where that is all that was said; else the limit as the client said it: "no florals", "knees covered". */
function toldAs(limit: string, [clause, ...others]: readonly LimitClause[]): string {
	const isBare =
		others.length === 0 && !clause?.only && clause?.words === limit.trim() && !saysCovered(limit);
	return isBare ? `never: ${limit}` : `limit: “${limit}”`;
}

/** A limit made ready; remembered, since a look is checked again and again. */
const readied = remembered((limit): ReadyLimit => {
	const clauses = clausesOf(limit);
	return {
		clauses: clauses.map(heldBy),
		told: toldAs(limit, clauses),
		parts: clauses.map(({ said }) => said)
	};
});

/** A limit's clauses as they were said: "shoulders and knees covered" are two. */
export const partsOfLimit = (limit: string): readonly string[] => readied(limit).parts;

/** A limit as it is told where it is broken. */
export const limitInWords = (limit: string): string => readied(limit).told;

/** Can a limit be held against a piece? What is not understood is kept and read by people only. */
export function isKnownLimit(limit: string): boolean {
	const { clauses } = readied(limit);
	return clauses.length > 0 && clauses.every(({ known }) => known) && !ofTheLook.test(limit);
}

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
