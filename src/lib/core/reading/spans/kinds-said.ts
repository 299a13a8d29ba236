/** Words that name a kind beside a first name alone: "her bag is a bucket", "the hat is a tan bucket". */
import { senseOf, sensesOf } from './senses';
import { garmentType } from '../../lexicon/taxonomy';
import type { Span } from '../model';
import { longestPhrase } from '../words/longest-phrase';

/** What a word that is not known is called together with a first name: the thing that both name, of the first name's family. */
function calledWith(word: Span, name: Span): Span | undefined {
	const first = garmentType(senseOf(name, 'type')?.type ?? '');
	const words = [...word.words, ...name.words];
	const called = longestPhrase(words, 0, words.length);
	if (!called || called.length < words.length) return undefined;
	const senses = called.senses.filter(
		(sense) => sense.kind === 'type' && garmentType(sense.type).family === first.family
	);
	return senses.length > 0 ? { ...word, words, senses } : undefined;
}

/** Spans in which a word that is not known names the kind of what it is said of: "the bag is a bucket in tan". */
export function withKindsSaid(spans: readonly Span[]): Span[] {
	let name: Span | undefined;
	let isSaid = false;
	return spans.map((span) => {
		if (span.breakBefore) name = undefined;
		if (sensesOf(span, 'type').some(({ type }) => garmentType(type).general)) {
			name = span;
			isSaid = false;
		} else if (senseOf(span, 'link')?.link === 'is') isSaid = true;
		else if (senseOf(span, 'link') || senseOf(span, 'type')) name = undefined;
		else if (name && isSaid && span.senses.length === 0) return calledWith(span, name) ?? span;
		return span;
	});
}
