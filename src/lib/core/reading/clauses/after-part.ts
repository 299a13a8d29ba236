/** What is said of a part after its name: "the sleeves long", "a collar of fur", "the neck is high". */
import { alsoSaid, senseOf, sensesOf } from '../spans/senses';
import { facetIds, facetOf } from '../../lexicon/facets';
import type { Span } from '../model';
import { roleOf, type Clause, type Part } from '../meaning/parts';
import { spansOf } from '../spans/spans';
import { takings, type Description, type Taking } from '../meaning/takings';

/** Words that begin a place, or tell how far something goes: "a slit to mid-thigh", "a zip at the back". */
const leadsAway = new Set(['to', 'at', 'on', 'in', 'above', 'below', 'down', 'up', 'round', 'around']);

/** What comes after a span, the next first. */
export type SpanAfter = (ahead: number) => Span | undefined;

/** Is a word said of the part that its clause consists of so far? "The sleeves long", with nothing after it that is named. */
export function followsPart({ parts, unread }: Clause, span: Span, after: SpanAfter): boolean {
	const [part, other] = parts;
	if (part?.role !== 'detail' || other || part.denied || unread || span.hyphenated) return false;
	// "The toes round": with nothing after it, it says no place.
	const ends = span.words.length === 1 && (after(0)?.breakBefore !== undefined || after(0) === undefined);
	if (leadsAway.has(span.words[0] ?? '') && !ends) return false;
	for (let ahead = 0, next = after(0); next; next = after(++ahead)) {
		const role = roleOf(next);
		if (next.breakBefore !== undefined || role === 'link') return true;
		if (['head', 'detail', 'unknown'].includes(role)) return false;
	}
	return true;
}

/** "Its cuffs French", "the cuffs double": a word that says something of its part alone, with the part one phrase. */
export function saysWithPart({ parts, ofPart }: Clause, span: Span): boolean {
	const [part, other] = parts;
	const told = part ?? ofPart;
	if (other || told?.role !== 'detail' || span.breakBefore !== undefined) return false;
	const [whole, more] = spansOf(`${span.text} ${told.span.text}`);
	return whole !== undefined && !more && whole.senses.length > 0;
}

/** Does what follows straight after a name say how that is, and no metal or colour, which a thing has as well as a part? */
export function isToldAfter(next: Span | undefined): boolean {
	if (!next || next.breakBefore !== undefined || !['said', 'move'].includes(roleOf(next))) return false;
	return !next.senses.some(({ kind }) => kind === 'colour' || kind === 'metal');
}

/** "The neckline crewneck", "its collar is shawl": a name straight after a part that says how such a part is. */
export function saysHowPartIs({ parts, ofPart }: Clause, span: Span): boolean {
	const part = parts.length > 0 ? parts.at(-1) : ofPart;
	const detail = part?.role === 'detail' ? senseOf(part.span, 'detail')?.detail : undefined;
	return detail !== undefined && sensesOf(span, 'facet').some(({ facet }) => detail.facets.includes(facet));
}

/** Is a part only named here, and described in the clause after it? */
export const isToldNext = ({ parts, denied }: Clause, next: Clause | undefined): boolean =>
	parts.length === 1 &&
	!denied &&
	next?.before === 'is' &&
	next.ofPart === parts[0] &&
	next.parts.every(({ role }) => role === 'said');

/** "Short sleeves with a soft flare": what a part is shaped with, said last, is its shape. */
export function shapeOf(part: Part, { parts }: Clause, description: Description): Taking | undefined {
	const word = parts.at(-1);
	if (!word || parts.some(({ role, denied }) => denied || role !== 'said')) return undefined;
	const [taking] = takings(word, description, part);
	const aspect = taking?.says.aspect;
	const isShape =
		aspect !== undefined && facetIds.some((id) => id === aspect && facetOf(id).group === 'shape');
	return isShape ? taking : undefined;
}

/** "The neck is high" says what "a high neck" says, where that is one phrase and the garment can have it. */
export function takenAsOne(words: readonly Part[], part: Part, description: Description): Taking | undefined {
	const [word, other] = words;
	if (!word || other || word.denied) return undefined;
	const [whole, more] = spansOf(`${word.span.text} ${part.span.text}`);
	if (!whole || more || !alsoSaid(whole)) return undefined;
	const said = { ...word, span: { ...word.span, words: whole.words, senses: whole.senses } };
	const [ofPart] = takings(said, description, part);
	return ofPart ?? takings(said, description)[0];
}
