/** Words that a slash joins: "red/black" are two colours of one thing, "loafers/brogues" one thing of which it is not sure. */
import { senseOf, sensesOf } from './senses';
import { slotsMeetOf } from '../../lexicon/taxonomy';
import type { Link } from '../../lexicon/reading-words';
import type { Span } from '../model';

const isColour = (span: Span) => senseOf(span, 'colour') !== undefined;

/** How a slash joins two words; undefined where it only parts two things. */
function joining(first: Span, second: Span): Link | undefined {
	if (isColour(first) && isColour(second)) return 'and';
	const [one, other] = [first, second].map((span) => sensesOf(span, 'type')[0]?.type);
	return one && other && one !== other && slotsMeetOf(one, other) ? 'or' : undefined;
}

/** Spans with the slash as the word that it stands for, where it joins. */
export const withSlashes = (spans: readonly Span[]): Span[] =>
	spans.flatMap((span, at) => {
		const before = spans[at - 1];
		const link = span.slashed && before ? joining(before, span) : undefined;
		if (!link || !before) return [span];
		const slash: Span = {
			text: '/',
			words: [link],
			start: before.end,
			end: span.start,
			hyphenated: false,
			senses: [{ kind: 'link', link }]
		};
		return [slash, { ...span, breakBefore: undefined }];
	});
