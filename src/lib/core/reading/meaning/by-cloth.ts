/** Things that are named by their cloth or their cut alone: "a vintage leather, jeans", "a big fur over a slip dress". */
import { madeOf, clothOf } from '../spans/cloth-names';
import { isOfAnother } from '../spans/around';
import { senseOf, sensesOf } from '../spans/senses';
import { cuts } from '../../lexicon/cuts';
import { isDoneWith } from '../../lexicon/moves';
import type { SlotId } from '../../lexicon/slots';
import type { TypeId } from '../../lexicon/types';
import { garmentType, slotsMeetOf, typeHasFacet } from '../../lexicon/taxonomy';
import type { Span } from '../model';
import { besideCloth } from './of-cloth';
import { type Clause, type Part } from './parts';

/** What comes after a clause, as far as its next comma: the garments that it may name, and whether it says a colour. */
export interface Ahead {
	types: readonly string[];
	coloured: boolean;
	/** Nothing comes: the text ends. */
	ends: boolean;
	/** What it has was said before that: "… with studs, jeans". */
	told?: true;
	/** It is joined by a word: "… under a band tee". */
	joined: boolean;
	/** What comes is another thing, worn under or over it or told with an article: "… over a white shirt", "… and a white shirt". */
	another: boolean;
	/** Joined by "over", and another thing with an article: "over a white shirt". */
	over: boolean;
	/** Joined by "of", and a cloth among it: "… of pale pink satin". */
	ofCloth: boolean;
	/** Joined by "in", and a colour or a cloth and no thing among it: "… in chocolate satin". */
	inColour: boolean;
}

const isColour = ({ senses }: Span) => senses.some(({ kind }) => kind === 'colour');

/** "A plaid flannel (red and black) open over a tee": where, behind colours and how it is worn, it is said what it is worn over; undefined where it is not. */
function overFrom(spans: readonly Span[], from: number): number | undefined {
	const passes = (span: Span) =>
		isColour(span) ||
		span.senses.some(({ kind }) => kind === 'move' || kind === 'filler') ||
		['and', 'in'].includes(senseOf(span, 'link')?.link ?? '');
	const at = spans.findIndex((span, i) => i >= from && (!passes(span) || span.breakBefore === 'stop'));
	const joint = spans[at];
	const isOver = at > from && joint?.words.includes('over') === true && isOfAnother(joint, spans[at + 1]);
	return isOver && spans.slice(from, at).some(isColour) ? at : undefined;
}

/** Looks ahead from a span to the next comma, stop or the end. */
export function aheadOf(spans: readonly Span[], from: number): Ahead {
	let end = from + 1;
	while (end < spans.length && spans[end]?.breakBefore === undefined) end++;
	const clause = spans.slice(from, end);
	const joint = [spans[from - 1], spans[from]].find((span) => span && senseOf(span, 'link'));
	const types = clause.flatMap((span) => sensesOf(span, 'type').map(({ type }) => type));
	// "Raw denim with deep turn-ups, boots": what it has comes before what is named next.
	if (joint?.words.includes('with') && types.length === 0) return { ...aheadOf(spans, end), told: true };
	const over = overFrom(spans, from);
	if (over !== undefined) return aheadOf(spans, over);
	const isOfCloth = clause.some((span) => sensesOf(span, 'facet').some(({ facet }) => facet === 'material'));
	const isAnother = joint !== undefined && isOfAnother(joint, spans[spans.indexOf(joint) + 1]);
	return {
		types,
		coloured: clause.some(isColour),
		ends: from >= spans.length,
		joined: joint !== undefined,
		another: isAnother,
		over: isAnother && joint.words.includes('over'),
		ofCloth: joint?.words.includes('of') === true && spans[end]?.labelled !== true && isOfCloth,
		inColour: joint?.words.join(' ') === 'in' && types.length === 0 && (isOfCloth || clause.some(isColour))
	};
}

/** Is what follows of a colour of its own, or nothing there? */
export const hasOwnColour = ({ coloured, ends }: Ahead) => coloured || ends;

const listed: readonly Clause['before'][] = ['start', 'comma', 'stop', 'and', 'list'];

/** Does a clause say a colour of its own, beside which another follows? */
export const isColoured = ({ parts }: Clause): boolean =>
	parts.some(({ span, role }) => role === 'said' && isColour(span));

const saysCloth = ({ parts }: Clause) =>
	parts.some(({ span }) => sensesOf(span, 'facet').some(({ facet }) => facet === 'material'));

/** "A denim jacket". */
const saysItsCloth = ({ head }: Clause): boolean => {
	const type = head && senseOf(head.span, 'type');
	return type !== undefined && garmentType(type.type).usual.material !== undefined;
};

/** "A black suit, a shawl collar in satin": of a garment whose colour or cloth is said, a collar or a small part has a cloth of its own. */
export function isMadeApart(clauses: readonly Clause[], { span }: Part): boolean {
	const detail = senseOf(span, 'detail')?.detail;
	const from = clauses.findLastIndex(({ head }) => head);
	const ofOwner = from < 0 ? [] : clauses.slice(from, -1);
	return (
		detail !== undefined &&
		!detail.coversCloth &&
		detail.facets.every((facet) => ['collar', 'lapel', 'closure'].includes(facet)) &&
		ofOwner.some((clause) => isColoured(clause) || saysItsCloth(clause))
	);
}

const saysPrint = ({ parts }: Clause) => parts.some(({ span }) => senseOf(span, 'print') !== undefined);

/** May a colour after a comma be said of what was named before it? Of what has none of its own: "a skirt, black shiny". */
export const mayColour = (clause: Clause, last: Clause | undefined): boolean =>
	clause.before === 'comma' && last !== undefined && !isColoured(last);

/** "Gloves", "pearls": no "a" after it tells of it. */
const namesSeveral = ({ head }: Clause): boolean => {
	const type = head && senseOf(head.span, 'type')?.type;
	const isMany = head?.span.words.at(-1)?.endsWith('s') === true;
	return type !== undefined && isMany && garmentType(type).plural.endsWith('s');
};

/** "A white tank, an open flannel", "gloves, a fur": a second "a" begins a second thing; "her coat, a navy wool" tells of the first. */
export const isToldAnew = (clause: Clause, last: Clause): boolean =>
	clause.single && !clause.back && !last.definite && (last.single || isColoured(last) || namesSeveral(last));

/** May a cloth after a comma be said of what was named before it: "a tote, black leather", "a skirt, black leather"? */
function mayBeClothOf(clause: Clause, cloth: string, last: Clause | undefined): boolean {
	const type = last?.head && senseOf(last.head.span, 'type')?.type;
	if (clause.before !== 'comma' || !last || !type || isToldAnew(clause, last)) return false;
	const { usual, division, family } = garmentType(type);
	// "A jumper, grey cashmere": what the cloth stands for is what was named.
	if (madeOf[cloth]?.some((own) => garmentType(own).family === family) && !isColoured(last)) return true;
	if (saysCloth(last) || (usual.material !== undefined && usual.material !== cloth)) return false;
	return besideCloth.has(division) || !(isColoured(last) && isColoured(clause));
}

const layered: ReadonlySet<SlotId> = new Set<SlotId>(['top', 'layer', 'outer', 'scarf']);

/** Is a type of a cloth by its name, and not of that? Jeans are no cashmere. */
const isOfOther = (cloth: string) => (type: string) => {
	const { material } = garmentType(type).usual;
	return material === 'denim' && cloth !== material;
};
const small = new Set(['footwear', 'accessories', 'jewellery', 'beauty']);
const isSmall = (type: string) => small.has(garmentType(type).division);

/** A cut as it stands in the table. */
const cutOf = ({ words }: Span) => words.join(' ').replaceAll('-', ' ');

/** "Column", "bodycon": does a cut stand for a thing? */
export const namesByCut = (span: Span): boolean => cuts.get(cutOf(span))?.says !== undefined;

const isDressed = (clause: Clause) => isColoured(clause) || saysCloth(clause) || saysPrint(clause);

/**
 * The types that a clause may name by the cut in which it ends: in a colour, cloth or print, where neither what was named before without
 * any of these, nor what follows, may be cut so. Undefined where it names none.
 */
function namedByCut(
	clause: Clause,
	cut: Part,
	named: Clause | undefined,
	ahead: Ahead
): readonly TypeId[] | undefined {
	const meant = cuts.get(cutOf(cut.span));
	const [likeliest] = meant?.types ?? [];
	// What is worn so may follow it, as in "a grey marl long-sleeve, pushed up"; anything else is what is cut so.
	const follows = clause.parts.slice(clause.parts.indexOf(cut) + 1);
	if (!meant || !likeliest || follows.some(({ role }) => role !== 'move')) return undefined;
	if (clause.before === 'and' && clause.bare) return undefined;
	const before = named?.head && senseOf(named.head.span, 'type')?.type;
	const { says } = meant;
	if (!says)
		return clause.parts.some((part) => part !== cut && isColour(part.span)) ? meant.types : undefined;
	const mayBeCutSo = before !== undefined && typeHasFacet(before, says);
	// "A column of pale pink satin" is one; "a column of black: …" is how all is that follows.
	const isOfCloth = clause.before !== 'and' && !clause.bare && ahead.ofCloth;
	// "A bodycon in chocolate"; "a dress, bodycon in chocolate" is that dress.
	const isInColour = ahead.inColour && !(clause.bare && mayBeCutSo);
	if (!isDressed(clause) && !isOfCloth && !isInColour) return undefined;
	if (!ahead.joined && ahead.types.some((type) => slotsMeetOf(likeliest, type))) return undefined;
	return mayBeCutSo && named && !isDressed(named) ? undefined : meant.types;
}

/** A part of a clause that is made its head, by what it stands for. */
const asHead = (part: Part, meant: readonly TypeId[], saysBesides = true): Part => ({
	...part,
	role: 'head',
	span: {
		...part.span,
		senses: [
			...meant.map((type) => ({ kind: 'type' as const, type })),
			...(saysBesides ? part.span.senses : [])
		]
	}
});

/**
 * The part of a clause that names a thing by its cut, or else by its cloth: with an article, or in a colour that what follows does not share, and not where
 * the cloth may be said of what was named before, or of what follows and is worn in the same place. Undefined where it names none.
 *
 * @param named the last clause that named a garment
 */
export function namedByCloth(
	clause: Clause,
	named: Clause | undefined,
	lookAhead: () => Ahead
): Part | undefined {
	const { parts, before, bare, definite, back, ofOne, head, thing } = clause;
	if (head || thing || back || ofOne || !listed.includes(before)) return undefined;
	const cut = parts.findLast(({ span }) => cuts.has(cutOf(span)));
	// "Skirt: pencil" says how it is; "picture this: an ivory column" and "grunge: mesh long sleeve, kilt" name one.
	const isOfLabel = clause.labelled && named !== undefined && (bare || definite);
	const types = cut && !isOfLabel ? namedByCut(clause, cut, named, lookAhead()) : undefined;
	if (cut && types) return asHead(cut, types, !isColour(cut.span));
	const last = parts.findLast(({ span }) => !senseOf(span, 'move'));
	if (last?.role !== 'said') return undefined;
	const cloth = clothOf(last.span) ?? '';
	if (clause.labelled || mayBeClothOf(clause, cloth, named)) return undefined;
	const ahead = lookAhead();
	// "Plaid flannel worn open over a henley": what is worn over it is no pair of jeans.
	const meant = ahead.over
		? madeOf[cloth]?.filter((one) => layered.has(garmentType(one).slot))
		: madeOf[cloth];
	const [likeliest] = meant ?? [];
	if (!meant || !likeliest || senseOf(last.span, 'type')) return undefined;
	// "Raw denim turned up": how it is worn follows its name; a bow at the neck is none of it, and "a denim belt tied at the back" is a belt.
	const type = garmentType(likeliest);
	const follows = parts.slice(parts.indexOf(last) + 1);
	const isDone = ({ span }: Part) =>
		span.words[0] !== 'belt' && sensesOf(span, 'move').some(({ move }) => isDoneWith(move, type));
	if (!follows.every(isDone)) return undefined;
	const hasArticle = !bare && !definite;
	// "White, turquoise and light denim" are colours.
	const isApart =
		before !== 'and' &&
		isColoured(clause) &&
		(hasOwnColour(ahead) || ahead.told || (before === 'comma' && follows.length > 0));
	// "A henley, raw denim, boots": of a pair of jeans, or of nothing that follows.
	const isJeans = before === 'comma' && cloth === 'denim' && !ahead.joined && ahead.types.every(isSmall);
	// "Grey cashmere, jeans": of what is always of another cloth.
	const isOfNoneAhead =
		['comma', 'start', 'stop'].includes(before) &&
		isColoured(clause) &&
		!ahead.joined &&
		ahead.types.every(isOfOther(cloth));
	const mayBeOf = !ahead.another && ahead.types.some((type) => meant.some((own) => slotsMeetOf(own, type)));
	if (
		!(hasArticle || isApart || ahead.over || isJeans || isOfNoneAhead) ||
		mayBeOf ||
		(!ahead.ends && !ahead.inColour && ahead.types.length === 0)
	)
		return undefined;
	return asHead(last, meant);
}
