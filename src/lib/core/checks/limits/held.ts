/** A clause of a limit, ready to be held against many pieces: by figures, by properties, or as a description. */
import { sensesOfPhrase } from '../../reading';
import type { PieceFacts } from '../facts';
import { allOf, anyOf, type Answer } from '../property';
import { heightIn, type LimitClause } from './clauses';
import { isDescribed } from './described';
import { hasUnknown, isUnderstood, namesThing } from './descriptions';
import { breaksLength, lengthLimitIn } from './lengths';
import { heelOver } from './of-the-body';
import { propertiesIn } from './properties';
import { wornInstead } from './worn-instead';

export interface Held {
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
	const { properties, rest, isDemand } = propertiesIn(words, only);
	if (properties.length === 0) return undefined;
	// A leather skirt is both; a mini bag is small, and a fur stole or a detachable hood has a name of its own.
	const hasName = namesThing(words) || (rest !== '' && sensesOfPhrase(words) !== undefined);
	const [isAbout, isNamed] = [about(rest), !only && !isDemand && hasName];
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

export function heldBy(clause: LimitClause): Held {
	const held = heldByFigures(clause) ?? heldByProperties(clause) ?? heldByWords(clause);
	const { slots } = clause;
	return slots
		? { ...held, breaks: (piece) => (slots.includes(piece.slot) ? held.breaks(piece) : 'no') }
		: held;
}
