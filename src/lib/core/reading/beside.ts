/** What words say of each other by standing side by side. */
import { garmentType, slotsMeetOf } from '../lexicon/taxonomy';
import type { Span } from './model';
import { roleOf, senseOf, sensesOf } from './parts';
import { longestPhrase } from './longest-phrase';

/** "Slip midi dress": the name waits for the dress, over the length. */
export const namesWithSkirt = (head: Span, next: Span) =>
	sensesOf(next, 'facet').some(({ facet }) => facet === 'hemLength') &&
	['dress', 'skirt'].some(
		(word) => longestPhrase([...head.words, word], 0, head.words.length + 1)?.length === head.words.length + 1
	);

const trimmings = new Set(['accessories', 'jewellery', 'under']);
const garments = new Set(['tops', 'bottoms', 'one-pieces', 'layers', 'south-asian']);
/** "A jabot blouse", "a scarf top": a small thing straight before a garment says how that is made. */
const trims = (small: string, garment: string) =>
	trimmings.has(garmentType(small).division) && garments.has(garmentType(garment).division);
/** "A waistcoat dress", "a blazer dress". */
const cutLike = (layer: string, dress: string) =>
	['layer', 'outer'].includes(garmentType(layer).slot) && garmentType(dress) === garmentType('dress');

const worked = new Set(['accessories', 'jewellery', 'footwear', 'bags']);
/** "A ribbon choker", "bow shoes", "a stud belt": what can be a part of a thing, straight before the name of a small one. */
export const partSaysKind = (part: Span, garment: string) =>
	part.words.length === 1 &&
	sensesOf(part, 'detail').some(({ detail }) => detail.facets.length === 0) &&
	worked.has(garmentType(garment).division);

/** "Safety pin earrings", "a watch ring": one thing of metal straight before the general name of another. */
const hangsAs = (name: string, jewel: string) =>
	garmentType(name).division === 'jewellery' &&
	garmentType(jewel).division === 'jewellery' &&
	garmentType(jewel).general;

/** "A pyjama shirt", "boot socks": what is named in the plural alone, in the singular straight before the name of another thing. */
export const isSingularOfMany = (name: Span): boolean =>
	!(name.words.at(-1) ?? '').endsWith('s') &&
	sensesOf(name, 'type').every(({ type }) => garmentType(type).singular.endsWith('s'));

/** Does a name straight before a garment's say what kind that is? */
export const saysKind = (name: string, garment: string) =>
	slotsMeetOf(name, garment) || trims(name, garment) || cutLike(name, garment) || hangsAs(name, garment);

/** Does a word say a cloth, a colour or a print, and nothing of the shape? */
export const dresses = ({ senses }: Span) =>
	senses.every(
		(sense) =>
			['colour', 'print', 'metal', 'tone', 'note'].includes(sense.kind) ||
			// "Iris" is a scent besides.
			(sense.kind === 'facet' && (['material', 'scent'].includes(sense.facet) || !sense.free))
	);

/**
 * "With a navy and red trim", "… a white, navy and red belt": what words of colour and cloth lead to, the first of them at
 * a span, with nothing but "and" between.
 */
export function dressedNext(spans: readonly Span[], first: number): Span | undefined {
	const goesOn = (span: Span, at: number) =>
		(at === first || span.breakBefore === undefined) &&
		((roleOf(span) === 'said' && dresses(span)) || (at > first && senseOf(span, 'link')?.link === 'and'));
	const end = spans.findIndex((span, at) => at >= first && !goesOn(span, at));
	const last = spans[end];
	return end > first && last && !last.breakBefore ? last : undefined;
}
