/** Things that are named by their cloth or their cut alone: "a vintage leather, jeans", "a big fur over a slip dress". */
import type { FacetId } from '../lexicon/facets';
import { moveOf } from '../lexicon/moves';
import { garmentType, slotsMeetOf, typeHasFacet } from '../lexicon/taxonomy';
import type { Span } from './model';
import { besideCloth } from './of-cloth';
import { senseOf, sensesOf, type Clause, type Part } from './parts';

/** What is meant by a cloth that stands for a thing, the likeliest first (common practice). */
const madeOf: Readonly<Record<string, readonly string[]>> = {
	leather: ['leather-jacket'],
	fur: ['fur-coat', 'fur-stole'],
	'faux-fur': ['faux-fur-coat', 'faux-fur-stole'],
	shearling: ['shearling-jacket', 'shearling-coat'],
	denim: ['jeans', 'denim-jacket'],
	flannel: ['flannel-shirt']
};

/** What comes after a clause, as far as its next comma: the garments that it may name, and whether it says a colour. */
export interface Ahead {
	types: readonly string[];
	coloured: boolean;
	/** Nothing comes: the text ends. */
	ends: boolean;
	/** It is joined by a word: "… under a band tee". */
	joined: boolean;
	/** Joined by "of", and a cloth among it: "… of pale pink satin". */
	ofCloth: boolean;
}

const isColour = ({ senses }: Span) => senses.some(({ kind }) => kind === 'colour');

/** Looks ahead from a span to the next comma, stop or the end. */
export function aheadOf(spans: readonly Span[], from: number): Ahead {
	let end = from + 1;
	while (end < spans.length && spans[end]?.breakBefore === undefined) end++;
	const clause = spans.slice(from, end);
	const joint = [spans[from - 1], spans[from]].find((span) => span && senseOf(span, 'link'));
	return {
		types: clause.flatMap((span) => sensesOf(span, 'type').map(({ type }) => type)),
		coloured: clause.some(isColour),
		ends: from >= spans.length,
		joined: joint !== undefined,
		ofCloth:
			joint?.words.includes('of') === true &&
			spans[end]?.labelled !== true &&
			clause.some((span) => sensesOf(span, 'facet').some(({ facet }) => facet === 'material'))
	};
}

/** The cloth that a phrase says; what is a colour as well ("sable", "camel") is taken for that, but for the washes of denim. */
function clothOf(span: Span): string | undefined {
	if (span.words.at(-1) === 'denim') return 'denim';
	if (isColour(span)) return undefined;
	return sensesOf(span, 'facet').find(({ facet }) => facet === 'material')?.value;
}

/** Is what follows of a colour of its own, or nothing there? */
export const hasOwnColour = ({ coloured, ends }: Ahead) => coloured || ends;

const listed: readonly Clause['before'][] = ['start', 'comma', 'stop', 'and', 'list'];

/** Does a clause say a colour of its own, beside which another follows? */
export const isColoured = ({ parts }: Clause): boolean =>
	parts.some(({ span, role }) => role === 'said' && isColour(span));

const saysCloth = ({ parts }: Clause) =>
	parts.some(({ span }) => sensesOf(span, 'facet').some(({ facet }) => facet === 'material'));

const saysPrint = ({ parts }: Clause) => parts.some(({ span }) => senseOf(span, 'print') !== undefined);

/** May a colour after a comma be said of what was named before it? Of what has none of its own: "a skirt, black shiny". */
export const mayColour = (clause: Clause, last: Clause | undefined): boolean =>
	clause.before === 'comma' && last !== undefined && !isColoured(last);

/** May a cloth after a comma be said of what was named before it: "a tote, black leather", "a skirt, black leather"? */
function mayBeClothOf(clause: Clause, cloth: string, last: Clause | undefined): boolean {
	const type = last?.head && senseOf(last.head.span, 'type')?.type;
	if (clause.before !== 'comma' || !last || !type) return false;
	const { usual, division } = garmentType(type);
	if (saysCloth(last) || (usual.material !== undefined && usual.material !== cloth)) return false;
	return besideCloth.has(division) || !(isColoured(last) && isColoured(clause));
}

/** What is meant by a cut that stands for a thing, and the feature that it says of others: "a grey marl long-sleeve", "a sequin column". */
const cutSo: Readonly<Record<string, { type: string; says: FacetId }>> = {
	'long-sleeve': { type: 'long-sleeved-tee', says: 'sleeveLength' },
	'long sleeve': { type: 'long-sleeved-tee', says: 'sleeveLength' },
	column: { type: 'evening-gown', says: 'skirtShape' }
};

const isDressed = (clause: Clause) => isColoured(clause) || saysCloth(clause) || saysPrint(clause);

/**
 * The type that a clause names by the cut in which it ends: in a colour, cloth or print, where neither what was named before without any of
 * these, nor what follows, may be cut so. Undefined where it names none.
 */
function namedByCut(clause: Clause, cut: Span, named: Clause | undefined, ahead: Ahead): string | undefined {
	const meant = cutSo[cut.words.join(' ')];
	if (!meant || (clause.before === 'and' && clause.bare)) return undefined;
	// "A column of pale pink satin" is one; "a column of black: …" is how all is that follows.
	if (!isDressed(clause) && !(clause.before !== 'and' && !clause.bare && ahead.ofCloth)) return undefined;
	if (!ahead.joined && ahead.types.some((type) => slotsMeetOf(meant.type, type))) return undefined;
	const before = named?.head && senseOf(named.head.span, 'type')?.type;
	const mayBeOf = named && before && typeHasFacet(before, meant.says) && !isDressed(named);
	return mayBeOf ? undefined : meant.type;
}

/** A part of a clause that is made its head, by what it stands for. */
const asHead = (part: Part, meant: readonly string[]): Part => ({
	...part,
	role: 'head',
	span: {
		...part.span,
		senses: [...meant.map((type) => ({ kind: 'type' as const, type })), ...part.span.senses]
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
	const last = parts.findLast(({ role }) => role !== 'move');
	if (head || thing || back || ofOne || last?.role !== 'said' || !listed.includes(before)) return undefined;
	const cut = clause.labelled ? undefined : namedByCut(clause, last.span, named, lookAhead());
	if (cut) return asHead(last, [cut]);
	const cloth = clothOf(last.span) ?? '';
	if (clause.labelled || mayBeClothOf(clause, cloth, named)) return undefined;
	const meant = madeOf[cloth];
	const [likeliest] = meant ?? [];
	if (!meant || !likeliest || senseOf(last.span, 'type')) return undefined;
	// "Raw denim turned up": how it is worn follows its name; a bow at the neck is none of it.
	const { slot } = garmentType(likeliest);
	const follows = parts.slice(parts.indexOf(last) + 1);
	if (
		!follows.every(({ span }) => sensesOf(span, 'move').some(({ move }) => moveOf(move).slots.includes(slot)))
	)
		return undefined;
	const ahead = lookAhead();
	const hasArticle = !bare && !definite;
	// "White, turquoise and light denim" are colours.
	const isApart =
		before !== 'and' &&
		isColoured(clause) &&
		(hasOwnColour(ahead) || (before === 'comma' && follows.length > 0));
	const mayBeOf = ahead.types.some((type) => meant.some((own) => slotsMeetOf(own, type)));
	if ((!hasArticle && !isApart) || mayBeOf || (!ahead.ends && ahead.types.length === 0)) return undefined;
	return asHead(last, meant);
}
