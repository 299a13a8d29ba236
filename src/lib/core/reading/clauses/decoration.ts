/** "Studded with pearls", "printed with shoes": what a garment is decorated with is shown on it, and no thing of its own. */
import { senseOf, sensesOf } from '../spans/senses';
import { decorated, shownWork, trinkets } from '../../lexicon/reading-words';
import type { SlotId } from '../../lexicon/slots';
import { garmentType } from '../../lexicon/taxonomy';
import type { Span } from '../model';
import { type Clause, type Decoration } from '../meaning/parts';

const shows = new Set(shownWork);
const bears = new Set(decorated);
const small = new Set(trinkets);

/** Does a word say that the cloth is worked, so that what comes after "with" is shown on it? */
const showsWork = (span: Span): boolean =>
	span.words.some((word) => shows.has(word)) ||
	sensesOf(span, 'facet').some(({ facet, value }) => facet === 'texture' && shows.has(value));

/** How what follows "with" or "in" decorates, by the word that stands before it or in the joining words themselves: "dotted with". */
export function decorationAfter(before: Span | undefined, link: Span): Decoration | undefined {
	// "A skirt made of ties".
	if (link.words[0] === 'made') return 'made';
	if (link.words.length > 1) return bears.has(link.words[0] ?? '') ? 'borne' : undefined;
	// "A gharara set with frobbers": no name is done to anything.
	if (!before || link.breakBefore || senseOf(before, 'type')) return undefined;
	if (showsWork(before)) return 'shown';
	return bears.has(before.words.at(-1) ?? '') ? 'borne' : undefined;
}

/** Where one is worn at a time, so that several are a pattern. */
const wornSingly: readonly SlotId[] = ['head', 'waist', 'bag', 'outer'];
/** "Slippers with embroidered crowns": nobody wears two. */
function isWorkedMotif({ before, bare, parts }: Clause, span: Span): boolean {
	const last = parts.at(-1);
	const type = senseOf(span, 'type')?.type;
	return (
		bare &&
		['with', 'and'].includes(before) &&
		last?.role === 'said' &&
		showsWork(last.span) &&
		type !== undefined &&
		span.words.at(-1)?.endsWith('s') === true &&
		wornSingly.includes(garmentType(type).slot)
	);
}

/** Does a garment's name in such a clause only name what decorates? What has an article is a thing: "fastened with a brooch". */
export function isDecoration(clause: Clause, span: Span): boolean {
	const { decoration, bare, before, head } = clause;
	if (!head && isWorkedMotif(clause, span)) return true;
	if (!decoration || head) return false;
	if (decoration !== 'borne') return before !== 'and' || bare;
	return bare && small.has(span.words.at(-1) ?? '');
}
