/** Colours that were said before: "hot pink suit, shoes in the same pink". */
import { senseOf } from './senses';
import { toned } from '../../colour/toned';
import { familiesRelated, familyOf } from '../../colour/family';
import { labOfHex } from '../../colour/spaces';
import type { Span } from '../model';

const colourOf = (span: Span | undefined) => span && senseOf(span, 'colour');
const familyIn = (hex: string) => familyOf(labOfHex(hex));

/** The colour of a span in the depth that is said before it: "dark green". */
function deepColour(spans: readonly Span[], at: number): string | undefined {
	const hex = colourOf(spans[at])?.hex;
	const tone = at > 0 ? senseOf(spans[at - 1] as Span, 'tone')?.tone : undefined;
	return hex && tone && !spans[at]?.breakBefore ? toned(hex, tone) : hex;
}

/** The last colour before a place that goes by a name: one that ends in it, or else one that is of, or near, its family. */
function saidBefore(spans: readonly Span[], at: number): string | undefined {
	const [name, named] = [spans[at]?.words.at(-1), colourOf(spans[at])];
	if (!named) return undefined;
	const before = [...spans.keys()].slice(0, at).filter((other) => colourOf(spans[other]));
	const last =
		before.findLast((other) => spans[other]?.words.at(-1) === name) ??
		before.findLast((other) =>
			familiesRelated(familyIn(deepColour(spans, other) ?? named.hex), familyIn(named.hex))
		);
	return last === undefined ? undefined : deepColour(spans, last);
}

/** "In the same tone": whichever was said last. */
const isAnyColour = ({ words: [word = '', more] }: Span) =>
	more === undefined && ['colour', 'color', 'tone', 'shade', 'hue'].includes(word);
/** "The same colour as the shoes". */
const isCompared = (next: Span | undefined) =>
	next !== undefined && !next.breakBefore && ['as', 'of'].includes(next.words[0] ?? '');
function lastColour(spans: readonly Span[], at: number): string | undefined {
	const last = [...spans.keys()].slice(0, at).findLast((other) => colourOf(spans[other]));
	return last === undefined ? undefined : deepColour(spans, last);
}

/** "A teal lehenga with silver gota, choli the same": the first colour of the thing that was coloured last. */
function mainColour(spans: readonly Span[], at: number): string | undefined {
	let main = [...spans.keys()].slice(0, at).findLast((other) => colourOf(spans[other]));
	if (main === undefined) return undefined;
	for (let other = main; other >= 0; other--) {
		const span = spans[other] as Span;
		if (senseOf(span, 'type')) break;
		if (colourOf(span)) main = other;
		if (span.breakBefore) break;
	}
	return deepColour(spans, main);
}
/** "Shoes the same", after which nothing more is said: as what was named before is. */
function isAsBefore(spans: readonly Span[], at: number): boolean {
	const { words, breakBefore } = spans[at] as Span;
	const next = spans[at + 1];
	const isLast = next === undefined || next.breakBefore !== undefined || /^(?:too|again)$/.test(next.text);
	return words.join(' ') === 'same' && !breakBefore && isLast;
}

/** Spans in which "the same pink" is the pink that was said before, where one was. */
export function withSameColours(spans: readonly Span[]): Span[] {
	return spans.map((span, at) => {
		const main = isAsBefore(spans, at) ? mainColour(spans, at) : undefined;
		if (main) return { ...span, senses: [{ kind: 'colour', hex: main }] };
		const isSame = spans[at - 1]?.words.at(-1) === 'same' && !span.breakBefore;
		if (isSame && isAnyColour(span) && !isCompared(spans[at + 1])) {
			const last = lastColour(spans, at);
			return last ? { ...span, senses: [{ kind: 'colour', hex: last }] } : span;
		}
		const hex = isSame ? saidBefore(spans, at) : undefined;
		if (!hex) return span;
		return {
			...span,
			senses: span.senses.map((sense) => (sense.kind === 'colour' ? { ...sense, hex } : sense))
		};
	});
}
