/** One colour that is told by two: "navy, almost black", "between sage and mint", "greenish blue". */
import { senseOf } from './senses';
import { toned } from '../../colour/toned';
import { mixedInLab } from '../../colour/spaces';
import type { Sense, Span } from '../model';

/** How far from the first colour to the second the one that is meant lies, in CIELAB (common practice; the numbers are this project's). */
const shares = { almost: 0.5, between: 0.5, ish: 0.35 };

const almost = new Set(['almost', 'nearly', 'practically', 'virtually']);
/** "Verging on", "bordering on". */
const verging = new Set(['verging', 'bordering']);
/** "So dark it is almost black": what may stand between a colour and how near it comes to another. */
const upTo = new Set('so dark deep pale light faded that it is its looks as to be'.split(' '));

const colourOf = (span: Span | undefined) => span && senseOf(span, 'colour');
const word = (span: Span | undefined) => span?.words.join(' ') ?? '';

/** Says nothing besides, and begins nothing. */
const nothing: readonly Sense[] = [{ kind: 'filler', ofColour: true }];
const idle = (span: Span): Span => ({ ...span, breakBefore: undefined, senses: nothing });
const inColour = (span: Span, hex: string): Span => ({
	...span,
	senses: span.senses.map((sense) => (sense.kind === 'colour' ? { ...sense, hex } : sense))
});

interface Told {
	/** Where the colours stand. */
	first: number;
	second: number;
	share: number;
}

/** Where the colour stands that the one before it comes near, after all that only says so. */
function nearedBy(spans: readonly Span[], first: number): number | undefined {
	let at = first + 1;
	while (upTo.has(word(spans[at]))) at++;
	if (almost.has(word(spans[at]))) at++;
	else if (verging.has(word(spans[at])) && word(spans[at + 1]) === 'on') at += 2;
	else return undefined;
	return colourOf(spans[at]) && !spans[at]?.breakBefore ? at : undefined;
}

/** Is the name of a thing still to come after a place, before the next comma? */
function namesThingAfter(spans: readonly Span[], at: number): boolean {
	for (let i = at + 1; i < spans.length && !spans[i]?.breakBefore; i++) {
		if (senseOf(spans[i] as Span, 'type')) return true;
		if (senseOf(spans[i] as Span, 'link')) return false;
	}
	return false;
}

/** Has the colour a thing of its own before it: "jeans navy, almost black coat"? */
function hasThingBefore(spans: readonly Span[], at: number): boolean {
	for (let i = at; i > 0 && !spans[i]?.breakBefore; i--)
		if (senseOf(spans[i - 1] as Span, 'type')) return true;
	return false;
}

function toldAt(spans: readonly Span[], at: number): Told | undefined {
	if (word(spans[at]) === 'between') {
		const isPair = colourOf(spans[at + 1]) && word(spans[at + 2]) === 'and' && colourOf(spans[at + 3]);
		return isPair ? { first: at + 1, second: at + 3, share: shares.between } : undefined;
	}
	if (!colourOf(spans[at])) return undefined;
	const next = spans[at + 1];
	// "Greenish blue", "blue-ish grey".
	const named = word(next) === 'ish' && next?.hyphenated ? at + 2 : at + 1;
	const isNearly = named === at + 2 || word(spans[at]).endsWith('ish');
	if (isNearly && colourOf(spans[named]) && !spans[named]?.breakBefore)
		return { first: at, second: named, share: 1 - shares.ish };
	const second = nearedBy(spans, at);
	if (second === undefined || (namesThingAfter(spans, second) && hasThingBefore(spans, at))) return undefined;
	return { first: at, second, share: shares.almost };
}

/** Spans in which such a colour is one: the first of the two stands for it, and what leads from one to the other says nothing besides. */
export function withOneColour(spans: readonly Span[]): Span[] {
	const told = [...spans];
	for (let at = 0; at < spans.length; at++) {
		const found = toldAt(spans, at);
		const [first, second] = [found && spans[found.first], found && spans[found.second]];
		const hexes = [first, second].map((span) => colourOf(span)?.hex);
		if (!found || !first || !second || !hexes[0] || !hexes[1]) continue;
		const before = spans[found.first - 1];
		const tone = before && !first.breakBefore ? senseOf(before, 'tone')?.tone : undefined;
		if (tone && before) told[found.first - 1] = { ...before, senses: nothing };
		const own = tone ? toned(hexes[0], tone) : hexes[0];
		const mixed = mixedInLab(own, hexes[1], found.share);
		// Between neighbours there is no other: the first of them is nearer.
		told[found.first] = inColour(first, mixed === hexes[1] ? own : mixed);
		for (let i = found.first + 1; i <= found.second; i++) told[i] = idle(spans[i] as Span);
		at = found.second;
	}
	return told;
}
