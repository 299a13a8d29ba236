/**
 * Words that tell of a pattern by what stands around them. "A dress with a small white print": of no kind, a part of what was named, and its colour
 * none of what comes next. "A shirt in green and white hoops": no earrings.
 */
import { alsoSaid, senseOf, sensesOf } from './senses';
import { patternPart } from '../../lexicon/details';
import { garmentType } from '../../lexicon/taxonomy';
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

const stripes: readonly Sense[] = [{ kind: 'print', family: 'stripe' }];
const clothes = new Set(['tops', 'one-pieces', 'layers']);
const isDye = (span: Span | undefined) =>
	span !== undefined && senseOf(span, 'colour') !== undefined && senseOf(span, 'metal') === undefined;

/** Names what can be knitted in stripes. */
const isClothes = (span: Span | undefined): boolean =>
	span !== undefined && sensesOf(span, 'type').some(({ type }) => clothes.has(garmentType(type).division));

/** "A jumper in green and white hoops": straight after the name, or "in" them, with no comma between, and neither of them a metal. */
function areStripes(spans: readonly Span[], at: number): boolean {
	const [before, first, joint, second, hoops] = at < 4 ? [] : spans.slice(at - 4, at + 1);
	const isOfCloth = isClothes(before) || (before?.words.join(' ') === 'in' && isClothes(spans[at - 5]));
	return (
		hoops?.words.join(' ') === 'hoops' &&
		isOfCloth &&
		[first, second, hoops].every((span) => !span?.breakBefore) &&
		joint?.words.join(' ') === 'and' &&
		isDye(first) &&
		isDye(second)
	);
}

/** Spans in which such a word is a part of what was named, or its print. */
export const withPatternParts = (spans: readonly Span[]): Span[] =>
	spans.map((span, at) => {
		if (areStripes(spans, at)) return { ...span, senses: stripes };
		return isPatternOf(spans, at) ? { ...span, senses: part } : span;
	});
