/** On which side one of a pair is worn, as a text says it: "a stud in the left ear and a hoop in the other". */
import { senseOf } from '../spans/senses';
import { comesInPairs, sides, type Side } from '../../lexicon/sides';
import type { GarmentType } from '../../lexicon/taxonomy';
import type { Span } from '../model';

/** A garment that was named: at which span, as what, and whether something was said of it but that it is odd. */
interface Named {
	at: number;
	type: GarmentType;
	isBare: boolean;
}

export interface SideSaid {
	side: Side;
	/** The span that says it. */
	at: number;
}

const places = /^(?:ear|hand|foot|leg|arm|wrist|ankle|side|one)$/;
const oddWords = /^(?:odd|mismatched|unmatched|mismatching)$/;
const wordOf = (span: Span | undefined) => (span?.words.length === 1 ? span.words[0] : undefined);
const sideIn = (span: Span | undefined): Side | undefined => sides.find((side) => side === wordOf(span));
const breaks = (span: Span | undefined) => span === undefined || span.breakBefore !== undefined;
/** "A sock", "one red sock": the word names one, though its kind is a pair. */
const namesOne = ({ words }: Span, type: GarmentType) => {
	const last = words.at(-1) ?? '';
	return !last.endsWith('s') && type.plural.split(' ').at(-1) !== last;
};

/**
 * The span that says on which side a thing is worn that is named at `at`. Before its name, words that describe it may stand
 * between ("the left black glove"), or a place with a colon ("left ear: a stud"); behind it a place ("a stud in the left ear").
 *
 * @param from where what is said of the thing before it may end @param to where the next thing is named
 */
function sideOf(spans: readonly Span[], at: number, from: number, to: number): SideSaid | undefined {
	for (let i = at - 1; i > from; i--) {
		const side = sideIn(spans[i]);
		const labelled = places.test(wordOf(spans[i + 1]) ?? '') && spans[i + 2]?.labelled === true;
		// Of a place before a name it is what was named last that is meant, if anything was.
		const described = from < 0 || !places.test(wordOf(spans[i + 1]) ?? '');
		if (side && (labelled || described)) return { side, at: i };
		// A comma ends what is said before a name, unless it stands after a label.
		if (breaks(spans[i]) && !spans[i]?.labelled) break;
		if (senseOf(spans[i] as Span, 'link') && !spans[i]?.labelled) break;
	}
	for (let i = at + 1; i < to; i++) {
		const side = sideIn(spans[i]);
		if (!side) continue;
		const next = spans[i + 1];
		// "…, right shoe white": said of what follows.
		const isPlace = places.test(wordOf(next) ?? '') && !spans[i + 2]?.labelled;
		const ends = i + 1 >= to || breaks(next) || senseOf(next as Span, 'link') || wordOf(next) === 'only';
		if (isPlace || ends) return { side, at: i };
	}
	return undefined;
}

/** "In one ear … in the other": which of two sides is not told; the first is taken for the left. */
const oneOrOther = (spans: readonly Span[], at: number, to: number): SideSaid | undefined => {
	for (let i = at + 1; i < to; i++) {
		const word = wordOf(spans[i]);
		if (word === 'other') return { side: 'right', at: i };
		if (word === 'one' && places.test(wordOf(spans[i + 1]) ?? '')) return { side: 'left', at: i };
	}
	return undefined;
};

/** "One red sock": is the name of a single one preceded by "one"? */
function isOneOf(spans: readonly Span[], at: number, from: number): number | undefined {
	for (let i = at - 1; i > from; i--) {
		if (wordOf(spans[i]) === 'one') return i;
		if (breaks(spans[i])) return undefined;
	}
	return undefined;
}

/**
 * The side of each thing that comes in pairs, where the text says that it is worn on one alone. `listed` are those that are no things
 * of their own but stand over two that follow: the earrings of "odd earrings: a pearl stud and a gold hoop".
 *
 * @param things in the order in which they are named
 */
export function onSides(
	spans: readonly Span[],
	things: readonly Named[]
): { sides: ReadonlyMap<number, SideSaid>; listed: ReadonlySet<number> } {
	const found = new Map<number, SideSaid>();
	const listed = new Set<number>();
	const isHalf = (i: number) => {
		const thing = things[i];
		const span = thing && spans[thing.at];
		return thing && span && comesInPairs(thing.type.id) && namesOne(span, thing.type);
	};
	things.forEach(({ at, type, isBare }, i) => {
		if (!comesInPairs(type.id)) return;
		const from = things[i - 1]?.at ?? -1;
		const to = things[i + 1]?.at ?? spans.length;
		const said = sideOf(spans, at, from, to) ?? oneOrOther(spans, at, to);
		if (said) return void found.set(i, said);
		const [one, other] = [things[i + 1], things[i + 2]];
		const isOdd = spans.slice(from + 1, at).some((span) => oddWords.test(wordOf(span) ?? ''));
		const slotMates = [one, other].every((next) => next?.type.slot === type.slot);
		// "Odd earrings: …"
		if (isOdd && isBare && slotMates && isHalf(i + 1) && isHalf(i + 2) && one && other) {
			listed.add(i);
			found.set(i + 1, { side: 'left', at: one.at }).set(i + 2, { side: 'right', at: other.at });
		}
	});
	// "One red sock and one blue sock", "a red sock and a blue one".
	things.forEach((thing, i) => {
		const next = things[i + 1];
		if (!next || found.has(i) || found.has(i + 1) || next.type.slot !== thing.type.slot) return;
		// "A gold earring and a silver one".
		const isOfKind = wordOf(spans[next.at]) === 'one';
		const one = isOneOf(spans, thing.at, things[i - 1]?.at ?? -1) ?? (isOfKind ? thing.at : undefined);
		const other = isOneOf(spans, next.at, thing.at) ?? (isOfKind ? next.at : undefined);
		if (!isHalf(i) || !isHalf(i + 1) || one === undefined || other === undefined) return;
		found.set(i, { side: 'left', at: one }).set(i + 1, { side: 'right', at: other });
	});
	return { sides: found, listed };
}
