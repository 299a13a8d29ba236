/** What stands around a word, between one break or joining word and the next. */
import { senseOf } from './senses';
import { indefinites } from '../words/glue';
import type { Span } from '../model';

/** Names a thing, a part of one, or what stands for one. */
export const namesThing = ({ senses }: Span) =>
	senses.some(({ kind }) => kind === 'type' || kind === 'stands-for' || kind === 'detail');

/** The spans that end at a place, back to the last break or joining word. */
export function saidUpTo(spans: readonly Span[], end: number): Span[] {
	let from = end;
	while (from > 0 && !(from < end && spans[from]?.breakBefore) && !senseOf(spans[from - 1] as Span, 'link'))
		from--;
	return spans.slice(from, end);
}

/** Does the span after a word end what is said of it: nothing comes, or a thing of its own, or what it is worn with? "Pieces of gold", "the piece is" go on. */
export function ends(next: Span | undefined): boolean {
	if (!next || next.breakBefore) return next?.labelled !== true;
	const link = senseOf(next, 'link')?.link;
	return link !== undefined && link !== 'is' && !next.words.includes('of');
}

/** Is a thing named from a place on, before the next break or joining word? */
export function isNamed(spans: readonly Span[], from: number): boolean {
	for (const span of spans.slice(from)) {
		if (senseOf(span, 'type')) return true;
		// "A pair of boots".
		if (span.breakBefore || (senseOf(span, 'link') && span.words.join(' ') !== 'of')) return false;
	}
	return false;
}

const layers = new Set(['over', 'under', 'underneath', 'beneath']);

/** Does what joins two things begin another: "over", "and a"? */
export const isOfAnother = (joint: Span, next: Span | undefined): boolean =>
	joint.words.some((word) => layers.has(word)) ||
	(joint.words.join(' ') === 'and' && indefinites.has(next?.words[0] ?? '') && !next?.breakBefore);
