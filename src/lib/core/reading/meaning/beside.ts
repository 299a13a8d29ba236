/** What words say of each other by standing side by side. */
import { alsoSaid, senseOf, sensesOf } from '../spans/senses';
import { canAnswer, garmentType, isClothing, slotsMeetOf, typeHasFacet } from '../../lexicon/taxonomy';
import type { Span } from '../model';
import { roleOf, type Clause, type PartRole } from './parts';
import { longestPhrase } from '../words/longest-phrase';

/** "Slip midi dress": the name waits for the dress, over the length. */
export const namesWithSkirt = (head: Span, next: Span) =>
	sensesOf(next, 'facet').some(({ facet }) => facet === 'hemLength') &&
	['dress', 'skirt'].some(
		(word) => longestPhrase([...head.words, word], 0, head.words.length + 1)?.length === head.words.length + 1
	);

const trimmings = new Set(['accessories', 'jewellery', 'under']);
/** "A jabot blouse", "a scarf top": a small thing straight before a garment says how that is made. */
const trims = (small: string, garment: string) =>
	trimmings.has(garmentType(small).division) && isClothing(garmentType(garment));
/** "A waistcoat dress", "a blazer dress". */
const cutLike = (layer: string, dress: string) =>
	['layer', 'outer'].includes(garmentType(layer).slot) && garmentType(dress) === garmentType('dress');

const worked = new Set(['accessories', 'jewellery', 'footwear', 'bags']);
/** "A ribbon choker", "bow shoes", "a stud belt": what can be a part of a thing, straight before the name of a small one. */
const partSaysKind = (part: Span, garment: string) =>
	part.words.length === 1 &&
	sensesOf(part, 'detail').some(({ detail }) => detail.facets.length === 0) &&
	worked.has(garmentType(garment).division);

/** "Safety pin earrings", "a watch ring": one thing of metal straight before the general name of another. */
const hangsAs = (name: string, jewel: string) =>
	garmentType(name).division === 'jewellery' &&
	garmentType(jewel).division === 'jewellery' &&
	garmentType(jewel).general;

/** "A pyjama shirt", "boot socks": what is named in the plural alone, in the singular straight before the name of another thing. */
const isSingularOfMany = (name: Span): boolean =>
	!(name.words.at(-1) ?? '').endsWith('s') &&
	sensesOf(name, 'type').every(({ type }) => garmentType(type).singular.endsWith('s'));

/** "Hair low chignon", "trousers olive chinos": a general name that stands first, and after words of how it is the kind that it is, or the same name. */
function isHeading({ head, parts, before, bare }: Clause, own: string): boolean {
	const type = head && senseOf(head.span, 'type')?.type;
	if (!type || !bare || parts[0] !== head || !['start', 'comma', 'stop'].includes(before)) return false;
	const [general, kind] = [garmentType(type), garmentType(own)];
	const areShoes = general.slot === 'feet' && kind.slot === 'feet';
	return (
		general.general &&
		// "Shorts indigo denim shorts": the cloth says which they are.
		(!kind.general || kind === general) &&
		(general.family === kind.family || areShoes) &&
		parts.slice(1).every(({ role }) => role === 'said')
	);
}

/** Does a name straight before a garment's say what kind that is? */
const saysKind = (name: string, garment: string) =>
	slotsMeetOf(name, garment) || trims(name, garment) || cutLike(name, garment) || hangsAs(name, garment);

/**
 * Of two names of garments side by side, what the first only says of the second: how it is, the same once more, or what kind it is.
 * Undefined where it names a garment of its own.
 *
 * @param clause the one that the first name heads
 * @param at where the second stands
 */
export function roleBeforeName(
	clause: Clause,
	next: Span,
	at: number
): Extract<PartRole, 'said' | 'again' | 'kind'> | undefined {
	const { head, parts } = clause;
	const owns = sensesOf(next, 'type');
	const [own] = owns;
	if (!head || !own || next.breakBefore) return undefined;
	if (isHeading(clause, own.type)) return 'again';
	const type = senseOf(head.span, 'type');
	// "chunky-knit cream jumper", "flat tan loafers": a feature is said first, and more of the same garment after it.
	const featureFirst =
		sensesOf(head.span, 'facet').some(
			({ facet }) => facet === 'material' || facet === 'texture' || typeHasFacet(own.type, facet)
		) &&
		type !== undefined &&
		// "Cable-knit cream tights": so joined, it says how anything is.
		(canAnswer(type.type, own.type) || head.span.text.includes('-')) &&
		parts.slice(parts.indexOf(head) + 1).every(({ role }) => role === 'said');
	if ((parts.at(-1) !== head || head.at !== at - 1) && !featureFirst) return undefined;
	if (next.hyphenated || alsoSaid(head.span) || namesWithSkirt(head.span, next)) return 'said';
	if (type && garmentType(type.type).family === garmentType(own.type).family) return 'again';
	const isKind =
		owns.some((one) => type !== undefined && saysKind(type.type, one.type)) ||
		partSaysKind(head.span, own.type) ||
		isSingularOfMany(head.span);
	return isKind ? 'kind' : undefined;
}

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
