/** What a span says, by the kind of its meanings. */
import { longestPhrase } from '../words/longest-phrase';
import type { Sense, Span } from '../model';

export type SenseOf<K extends Sense['kind']> = Extract<Sense, { kind: K }>;
export const sensesOf = <K extends Sense['kind']>(span: Span, kind: K): SenseOf<K>[] =>
	span.senses.filter((sense): sense is SenseOf<K> => sense.kind === kind);
export const senseOf = <K extends Sense['kind']>(span: Span, kind: K): SenseOf<K> | undefined =>
	span.senses.find((sense): sense is SenseOf<K> => sense.kind === kind);

/** Can the span be said of a garment, besides naming one? */
export const alsoSaid = (span: Span) =>
	span.senses.some(
		({ kind }) => kind === 'facet' || kind === 'print' || kind === 'colour' || kind === 'metal'
	);

/** Names that are a cloth first: "a cream knit", but "a dress in cream knit". */
export const isCloth = (span: Span) => sensesOf(span, 'facet').some(({ facet }) => facet === 'material');

/** Of a name of several words, its last as a part's name: the "skirt" of "tulle skirt". */
export function partSpan(span: Span): Span {
	if (span.words.length < 2 || senseOf(span, 'detail')) return span;
	const last = span.words.at(-1) ?? '';
	return {
		...span,
		words: [last],
		text: span.text.split(/[\s-]+/).at(-1) ?? '',
		senses: longestPhrase([last], 0, 1)?.senses ?? []
	};
}
