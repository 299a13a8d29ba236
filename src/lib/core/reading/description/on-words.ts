/** What the words of a clause say of the garment itself: colours, cloth, wear, prints and how large they are. */
import { isCloth, senseOf, sensesOf } from '../spans/senses';
import { toned } from '../../colour/toned';
import { printScaleWords } from '../../lexicon/prints';
import type { Tone } from '../../lexicon/reading-words';
import type { FacetId } from '../../lexicon/facets';
import { type Clause, type Part } from '../meaning/parts';
import { longestPhrase } from '../words/longest-phrase';
import { wordsOf } from '../words/tokens';
import { isWork, namesWork, saysWork } from '../meaning/work';
import {
	canBeOf,
	colourBetween,
	denimColour,
	metalFirst,
	takeColour,
	takeFacet,
	takings,
	unprinted,
	unset,
	washOfDepth,
	type Description
} from '../meaning/takings';
import type { Keeper } from './keeper';

const isDenim = ({ type, facets }: Description) =>
	type.usual.material === 'denim' || facets.material?.value === 'denim';

export function takeWords(keeper: Keeper, parts: Part[], clause: Clause): void {
	const { description } = keeper;
	// "A bun with white flowers": what stands in the hair has its own colour.
	const isBeside = clause.before === 'with' && !clause.head && description.type.division === 'beauty';
	if (isBeside && parts.some((part) => !part.denied && takings(part, description).length === 0)) {
		return keeper.keepTogether(parts, 'beside it');
	}
	for (let i = 0; i < parts.length; i++) {
		const part = parts[i] as Part;
		const next = parts[i + 1];
		const where = { ground: clause.before === 'on', ofWork: keeper.afterWork || isOfWork(parts, i, clause) };
		if (part.denied || clause.denied) {
			keeper.note(part, 'denied', 'not so');
			continue;
		}
		if (part.instead) {
			keeper.keep(part, `or ${part.span.text}`, 'doubted', 'offered as a choice; kept as a note');
			continue;
		}
		if (next && isMadeOf(part, next, clause)) {
			keeper.keepTogether([part, next], 'made of it', 'understood');
			i++;
			continue;
		}
		const ofPrint = next && isClothOfPrint(part, next, clause) ? next : undefined;
		const of = ofPrint ?? workNext(parts, i) ?? shapeNext(part, next, clause);
		if (of) {
			keeper.keep(part, `${part.span.text} ${of.span.text}`, 'understood', 'kept as a note');
			continue;
		}
		if (isString(part, clause)) {
			keeper.keep(part, `a ${part.span.text}`, 'understood', 'kept as a note');
			continue;
		}
		if (next && isShadeOf(part, next)) {
			keeper.note(part, 'understood', 'the shade of the colour after it');
			continue;
		}
		const tone = senseOf(part.span, 'tone')?.tone;
		const nextColour = next && senseOf(next.span, 'colour');
		if (tone && next && nextColour && !next.denied && !metalFirst.has(description.type.division)) {
			const deep = isDenim(description) ? denimColour : toned;
			keeper.take(next, takeColour(deep(nextColour.hex, tone), where));
			takeClothToo(keeper, next);
			keeper.note(part, 'understood', 'its depth');
			i++;
			continue;
		}
		const between = oneWithNext(keeper, parts, i);
		if (between && next) {
			keeper.take(next, takeColour(between, where));
			keeper.note(part, 'understood', 'one colour with the word after it');
			i++;
		} else if (isScaleOfPrint(keeper, parts, i, clause)) keeper.scales.push(part);
		else takeWord(keeper, part, where);
	}
}

/**
 * "With gold embroidery", "a gold-embroidered coat", "gold embroidered black silk": is a colour that of the work on a cloth? "A black
 * embroidered dress" is black.
 */
function isOfWork(parts: readonly Part[], at: number, { before, head }: Clause): boolean {
	const to = parts.findIndex(
		(part, i) => i > at && !senseOf(part.span, 'colour') && !senseOf(part.span, 'tone') && !workNext(parts, i)
	);
	const work = parts[to];
	if (!work || !sensesOf(work.span, 'facet').some(isWork)) return false;
	const colourAfter = parts.slice(to + 1).some(({ span }) => senseOf(span, 'colour'));
	return (
		work.span.hyphenated ||
		colourAfter ||
		(!head && ['with', 'and', 'comma', 'start', 'stop'].includes(before))
	);
}

/** "With silk roses": flowers made of a cloth sit on the garment, and are no print of it. */
const isMadeOf = (part: Part, next: Part, clause: Clause): boolean =>
	senseOf(next.span, 'print')?.family === 'floral' &&
	/(?:[^s]s|flower)$/.test(next.span.text) &&
	isClothOfNext(part, next, clause);

/** "A mesh bodysuit with velvet spots": the cloth is the print's alone. */
const isClothOfPrint = (part: Part, next: Part, clause: Clause): boolean =>
	senseOf(next.span, 'print') !== undefined &&
	/[^s]s$/.test(next.span.text) &&
	clause.before === 'with' &&
	isClothOfNext(part, next, clause);

function isClothOfNext({ span, at, role }: Part, next: Part, { before, head }: Clause): boolean {
	const isBeside = next.at === at + 1 && !next.span.breakBefore;
	// "Amber flowers" are of that colour.
	return (
		isBeside &&
		role === 'said' &&
		isCloth(span) &&
		!senseOf(span, 'colour') &&
		!head &&
		['with', 'comma', 'and'].includes(before)
	);
}

/** "Tied with a cord": with "a" and nothing after it, it is a string, and no corduroy. */
const isString = ({ span }: Part, { single, parts, before }: Clause): boolean =>
	single && before === 'with' && parts.length === 1 && span.words.join(' ') === 'cord';

/** "Glass-green", "linen-white": a cloth that a hyphen joins to a colour tells which shade that is, and is none of the garment's. */
const isShadeOf = ({ span, at, role }: Part, next: Part): boolean =>
	role === 'said' &&
	isCloth(span) &&
	!senseOf(span, 'colour') &&
	next.at === at + 1 &&
	next.span.hyphenated &&
	senseOf(next.span, 'colour') !== undefined;

const ofThread: ReadonlySet<FacetId> = new Set(['weight', 'material']);

/**
 * "Heavy silver embroidery", "gold cord embroidery", "silk-embroidered linen": the work that a word for weight or a cloth is said of, which makes
 * no garment so.
 */
function workNext(parts: readonly Part[], at: number): Part | undefined {
	const part = parts[at];
	const isOfThread = part && sensesOf(part.span, 'facet').some(({ facet }) => ofThread.has(facet));
	const joined = parts[at + 1];
	if (isOfThread && joined?.span.hyphenated && joined.at === part.at + 1 && saysWork(joined.span))
		return joined;
	const next = isOfThread
		? parts.slice(at + 1).find(({ span }) => !senseOf(span, 'colour') && !senseOf(span, 'metal'))
		: undefined;
	return next && namesWork(next.span) && sensesOf(next.span, 'facet').some(isWork) ? next : undefined;
}

const ofNeck: ReadonlySet<FacetId> = new Set(['neckline', 'collar']);
const ofWhole: ReadonlySet<FacetId> = new Set(['fit', 'size']);

const isPart = (word: string): boolean =>
	longestPhrase([word], 0, 1)?.senses.some(({ kind }) => kind === 'detail') === true;
/** "Covered buttons", "puff sleeves", "tassels": says how a part is, or that it is there, and names it. */
function endsInPart({ span: { words } }: Part): boolean {
	const last = words.at(-1) ?? '';
	return (words.length > 1 && isPart(last)) || (/[^s]s$/.test(last) && isPart(last.slice(0, -1)));
}

/** "With a big cowl", "big covered buttons": the part that a word for size is said of, where no garment is named with it. */
function shapeNext(part: Part, next: Part | undefined, { before, head }: Clause): Part | undefined {
	const says = (one: Part, facets: ReadonlySet<FacetId>) =>
		sensesOf(one.span, 'facet').some(({ facet }) => facets.has(facet));
	if (!next || head || !says(part, ofWhole) || says(part, ofNeck)) return undefined;
	const isAtNeck = ['with', 'and'].includes(before) && says(next, ofNeck);
	return isAtNeck || (next.at === part.at + 1 && endsInPart(next)) ? next : undefined;
}

/** Says the scales of prints that were found, once the prints themselves are. */
export function takeScales(keeper: Keeper): void {
	for (const part of keeper.scales) {
		const scale = printScaleWords[part.span.words.join(' ')];
		if (scale && keeper.description.print)
			keeper.description.print.scale = { value: scale, provenance: keeper.provenance };
		keeper.note(part, 'understood', `scale of print: ${scale ?? ''}`);
	}
}

/** "Slate blue": the one colour that two colour words side by side name; in a print they are two, but for "red-brown checks". */
function oneWithNext(keeper: Keeper, parts: Part[], at: number): string | undefined {
	const [part, next] = [parts[at], parts[at + 1]];
	const [first, second] = [part, next].map((one) => one && senseOf(one.span, 'colour')?.hex);
	if (!part || !next || !first || !second || next.denied || next.instead || next.at !== part.at + 1)
		return undefined;
	// "White, navy and red" are three.
	if (next.span.breakBefore) return undefined;
	const inPrint =
		keeper.description.print !== undefined || parts.some(({ span }) => senseOf(span, 'print') !== undefined);
	if (metalFirst.has(keeper.description.type.division) || (inPrint && !next.span.hyphenated))
		return undefined;
	return colourBetween(first, second);
}

/** "dark jeans": of denim, a depth alone is a wash, after a colour its depth; "washed" and "faded" say its wear. */
function takeWash(keeper: Keeper, part: Part, tone: Tone): void {
	const [worn] = sensesOf(part.span, 'facet').filter(({ facet }) => facet === 'distress');
	if (worn) return keeper.take(part, takeFacet('distress', worn.value));
	const [colour, other] = keeper.description.colours;
	if (colour && !other) {
		colour.hex = toned(colour.hex, tone);
		return keeper.note(part, 'understood', 'its depth');
	}
	const said = washOfDepth(tone);
	if (said) return keeper.take(part, takeColour(said));
	keeper.note(part, 'idle', 'carries nothing to compare');
}

/** "light denim" says two things, its colour and its cloth. */
function takeClothToo(keeper: Keeper, { span }: Part): void {
	const { description } = keeper;
	const cloth = sensesOf(span, 'facet').find(
		({ facet }) => facet === 'material' && description.type.facets.includes(facet)
	);
	if (!cloth || !unset(description, 'material') || !canBeOf(description.type, cloth.value)) return;
	takeFacet('material', cloth.value).apply(description, keeper.provenance);
	keeper.clothOfColour = description.facets.material;
}

/** "Crochet" says two things, a knit and what kind. */
function takeTextureToo(keeper: Keeper, { span }: Part): void {
	const { description } = keeper;
	const texture = sensesOf(span, 'facet').find(({ facet, free }) => facet === 'texture' && free);
	if (texture && description.type.facets.includes('texture') && unset(description, 'texture'))
		takeFacet('texture', texture.value).apply(description, keeper.provenance);
}

/** Is the word a print's scale? It stands before the print; colours may stand between: "tiny white dots". */
function isScaleOfPrint(keeper: Keeper, parts: Part[], at: number, clause: Clause): boolean {
	const { type } = keeper.description;
	const span = parts[at]?.span;
	if (!span || unprinted.has(type.division) || !printScaleWords[span.words.join(' ')]) return false;
	const isPrint = (part: Part | undefined) => part !== undefined && senseOf(part.span, 'print') !== undefined;
	// "Wide red and black polka-dot jeans" are wide, and so are "wide pinstripe trousers": those lines are thin by their name.
	const saysCut = sensesOf(span, 'facet').some(({ facet }) => facet === 'leg' && type.facets.includes(facet));
	const [after] = parts.slice(at + 1, at + 2);
	if (isPrint(after)) return !(saysCut && after && senseOf(after.span, 'print')?.family === 'pinstripe');
	const next = parts.slice(at + 1).find(({ span }) => !senseOf(span, 'colour'));
	// "A large red spotted scarf" is large, one "with large red spots" is not.
	const isOfThing = type.facets.includes('size') && !(clause.before === 'with' && !clause.head);
	return isPrint(next) && !isOfThing && !saysCut;
}

function takeWord(keeper: Keeper, part: Part, where: { ground: boolean; ofWork: boolean }): void {
	const { description } = keeper;
	const tone = senseOf(part.span, 'tone')?.tone;
	if (tone && isDenim(description) && !senseOf(part.span, 'colour')) return takeWash(keeper, part, tone);
	const [first] = takings(part, description);
	const taking =
		first?.says.aspect === 'palette'
			? takeColour(isDenim(description) ? denimColour(first.says.value) : first.says.value, where)
			: first;
	if (taking) {
		keeper.take(part, taking);
		for (const hex of first?.also ?? []) takeColour(hex, where).apply(description, keeper.provenance);
		if (taking.says.aspect === 'palette') takeClothToo(keeper, part);
		if (taking.says.aspect === 'material') takeTextureToo(keeper, part);
		// What a print shows is kept beside its kind: "lighthouse print".
		if (taking.says.aspect === 'print' && senseOf(part.span, 'note')) keeper.keepBeside(part.span.text);
		return;
	}
	if (part.span.senses.some(({ kind }) => kind === 'filler'))
		return keeper.note(part, 'idle', 'carries nothing to compare');
	const ofName = wordsOf(description.type.singular);
	if (part.span.words.every((word) => ofName.includes(word)))
		return keeper.note(part, 'understood', `part of the name: ${description.type.singular}`);
	const known = senseOf(part.span, 'note');
	keeper.keep(
		part,
		known?.words ?? part.span.text,
		known ? 'understood' : 'doubted',
		known ? 'kept as a note' : 'no field of its own for this garment; kept as a note'
	);
}
