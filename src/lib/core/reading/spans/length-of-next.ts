/** "A mini red bag", "a midi navy coat": what could name a skirt, and says how long the next thing is. */
import { senseOf, sensesOf } from './senses';
import { garmentType } from '../../lexicon/taxonomy';
import type { Sense, Span } from '../model';

const sayingKinds: readonly Sense['kind'][] = ['colour', 'facet', 'print', 'metal', 'tone'];
const isSaying = (span: Span) =>
	!senseOf(span, 'type') && span.senses.some(({ kind }) => sayingKinds.includes(kind));
/** "Mini", "maxi": a name by itself that also says a length. */
const namesByLength = (span: Span) =>
	span.words.length === 1 &&
	senseOf(span, 'type') !== undefined &&
	sensesOf(span, 'facet').some(({ facet, free }) => facet === 'hemLength' && free);

/** Can a thing be long or small? */
const hasExtent = (span: Span) => {
	const type = senseOf(span, 'type')?.type;
	return (
		type !== undefined && garmentType(type).facets.some((facet) => facet === 'hemLength' || facet === 'size')
	);
};

/** Does something named follow at once, with nothing but what is said of it between? "A red mini black bag" are two. */
function leadsToName(spans: readonly Span[], at: number): boolean {
	const next = spans.findIndex((span, i) => i > at && (span.breakBefore !== undefined || !isSaying(span)));
	const [before, own, named] = [spans[at - 1], spans[at], spans[next]];
	const isColouredBefore = before && !own?.breakBefore && senseOf(before, 'colour') !== undefined;
	return next > at + 1 && !isColouredBefore && named !== undefined && !named.breakBefore && hasExtent(named);
}

/** Spans in which a length that leads to a name names nothing by itself. */
export const withLengthsOfNext = (spans: readonly Span[]): Span[] =>
	spans.map((span, at) =>
		namesByLength(span) && leadsToName(spans, at)
			? { ...span, senses: span.senses.filter(({ kind }) => kind !== 'type') }
			: span
	);
