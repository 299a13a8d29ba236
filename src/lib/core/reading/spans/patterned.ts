/** A print of no kind: "a dress with a small white print". It is a part of what was named, and its colour none of what comes next. */
import { alsoSaid, senseOf } from './senses';
import { patternPart } from '../../lexicon/details';
import type { Sense, Span } from '../model';
import { ends, namesThing, saidUpTo } from './around';

const part: readonly Sense[] = [{ kind: 'detail', detail: patternPart }];
const patterns = new Set(patternPart.words);
const isOfSome = ({ senses }: Span) => senses.some(({ kind }) => kind === 'print');

function isPatternOf(spans: readonly Span[], at: number): boolean {
	const span = spans[at] as Span;
	if (span.breakBefore || !patterns.has(span.words.join(' ')) || !ends(spans[at + 1])) return false;
	const before = saidUpTo(spans, at);
	const from = at - before.length;
	const joint = spans[from - 1];
	const follows = spans[from]?.breakBefore === 'comma' || (joint && senseOf(joint, 'link')?.link === 'with');
	return (
		follows === true &&
		before.some(alsoSaid) &&
		!before.some((one) => isOfSome(one) || namesThing(one)) &&
		spans.slice(0, from).some((one) => senseOf(one, 'type') !== undefined)
	);
}

/** Spans in which such a word is a part of what was named. */
export const withPatternParts = (spans: readonly Span[]): Span[] =>
	spans.map((span, at) => (isPatternOf(spans, at) ? { ...span, senses: part } : span));
