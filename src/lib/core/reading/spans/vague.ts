/**
 * Things that are told without a name: by a word for a thing of no one kind, "a slinky red affair, black heels", or by how one is,
 * "a navy waterproof and a white shirt". What is said of one is said of nothing else.
 */
import { standsForThing } from './cloth-names';
import { alsoSaid, senseOf } from './senses';
import { cuts } from '../../lexicon/cuts';
import { vagueThings } from '../../lexicon/reading-words';
import { ends, isNamed, isOfAnother, namesThing, saidUpTo } from './around';
import type { Sense, Span } from '../model';
import { indefinites } from '../words/glue';

const things: readonly Sense[] = [{ kind: 'stands-for', what: 'things' }];
const vague = new Set(vagueThings);

const saysColour = (span: Span) => senseOf(span, 'colour') !== undefined;

/** "Her coat, a big orange thing": what the thing before the comma is, told once more. */
function isAppositionOf(spans: readonly Span[], from: number): boolean {
	if (spans[from]?.breakBefore !== 'comma') return false;
	const before = saidUpTo(spans, from);
	return before.some(namesThing) && !before.some(saysColour);
}

function isVagueThing(spans: readonly Span[], at: number): boolean {
	const span = spans[at] as Span;
	if (span.breakBefore || !vague.has(span.words.join(' ')) || !ends(spans[at + 1])) return false;
	const before = saidUpTo(spans, at);
	const from = at - before.length;
	return (
		before.some(alsoSaid) &&
		!before.some(namesThing) &&
		(from === 0 || senseOf(spans[from - 1] as Span, 'link')?.link !== 'is') &&
		!isAppositionOf(spans, from)
	);
}

const saysHow = ({ senses }: Span) =>
	senses.some(({ kind }) => kind === 'facet' || kind === 'print' || kind === 'note');

/** Does a word join another thing to this one: "and a", "over", "with a"? */
const joinsAnother = (joint: Span, next: Span | undefined) =>
	indefinites.has(next?.words[0] ?? '') && (joint.words.join(' ') === 'with' || isOfAnother(joint, next));

/** "A navy waterproof and a white shirt": in a colour, with an article, before another that has one as well. */
function isToldByHow(spans: readonly Span[], at: number): boolean {
	const span = spans[at] as Span;
	const joint = spans[at + 1];
	if (!saysHow(span) || namesThing(span) || saysColour(span)) return false;
	if (standsForThing(span) || cuts.has(span.words.join(' '))) return false;
	if (!joint || joint.breakBefore || !senseOf(joint, 'link') || !joinsAnother(joint, spans[at + 2]))
		return false;
	if (!isNamed(spans, at + 3) || isSaidAgain(span, spans.slice(at + 3))) return false;
	const before = saidUpTo(spans, at);
	const from = at - before.length;
	return (
		!span.breakBefore &&
		indefinites.has(before[0]?.words[0] ?? '') &&
		before.some(saysColour) &&
		!before.some(namesThing) &&
		(from === 0 || before[0]?.breakBefore !== undefined)
	);
}

/** "A blue cotton and a white linen shirt": is the same said of what is named? */
function isSaidAgain({ senses }: Span, ahead: readonly Span[]): boolean {
	const own = senses.flatMap((sense) => (sense.kind === 'facet' ? [sense.facet] : []));
	const said = ahead.slice(
		0,
		ahead.findIndex((span) => senseOf(span, 'type') !== undefined)
	);
	return (
		said.some(saysColour) &&
		said.some((span) => span.senses.some((sense) => sense.kind === 'facet' && own.includes(sense.facet)))
	);
}

/** Spans in which such a word, with something said of it and no name, is a thing that must be asked. */
export const withVagueThings = (spans: readonly Span[]): Span[] =>
	spans.map((span, at) =>
		isVagueThing(spans, at) || isToldByHow(spans, at) ? { ...span, senses: things } : span
	);
