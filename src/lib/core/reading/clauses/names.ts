/** What a name means where a reading has come to: a garment, or what it says of the one before it. */
import { alsoSaid, isCloth, partSpan, senseOf, sensesOf } from '../spans/senses';
import { garmentType, slotsMeetOf } from '../../lexicon/taxonomy';
import type { SpanAfter } from './after-part';
import { namesWithSkirt } from '../meaning/beside';
import type { Span } from '../model';
import { onlySaid } from '../meaning/owners';
import { sensesOfPhrase } from '../spans/spans';
import { canBeOf } from '../meaning/takings';
import {
	beginsAnew,
	isLabelled,
	isNoneOf,
	isOnlyCut,
	roleOf,
	type Clause,
	type Part
} from '../meaning/parts';

/** How far the clauses of a text are made. */
export interface Reached {
	/** Those that are ended, and the one that is being made. */
	clauses: readonly Clause[];
	clause: Clause;
	/** A word that nobody knows, and after how many parts of its clause it stands. */
	strange: { part: Part; after: number } | undefined;
	/** The garment that was named last; none after a thing that is not known. */
	lastHead: Part | undefined;
	/** "She", or "that" after a garment: a verb follows. */
	verbNext: false | 'of-person' | 'of-thing';
	/** "Bow at the back": a place on the garment follows. */
	goesAt: boolean;
	/** "At the", "on the": where what was said before is. */
	placed: boolean;
	/** What stands before what is met, with no comma between. */
	previous: Span | undefined;
	/** What comes after the span that is met. */
	after: SpanAfter;
	/** The text names nothing that covers both halves, and a skirt is still to come. */
	skirtToCome: boolean;
}

const decorates = new Set([
	'trim',
	'trims',
	'trimming',
	'trimmings',
	'detail',
	'details',
	'detailing',
	'fastening',
	'fastenings'
]);

const isOfStuff = (name: Span) => sensesOf(name, 'facet').some(({ facet }) => facet === 'material');

/** A garment's name straight before a part says how the part is made: "kimono sleeves", "churidar sleeves", "belt loops". */
export function namesPart(reached: Reached, span: Span, at: number): boolean {
	const { clause } = reached;
	const { head } = clause;
	const detail = senseOf(span, 'detail')?.detail;
	// "Wing collar" says itself how it is made.
	if (span.words.length > 1 && alsoSaid(span)) return false;
	if (!head || !detail || clause.parts.at(-1) !== head || head.at !== at - 1 || span.breakBefore)
		return false;
	// "Gloves trimmed with fur", but "a parka, fleece lined".
	if (detail.leads) return isCloth(head.span) && roleOf(reached.after(0) ?? span) !== 'link';
	// "A bow trim", "a chain detail": whoever has it, what is trimmed with is no thing by itself.
	if (decorates.has(span.words.at(-1) ?? '')) return true;
	if (sensesOf(head.span, 'facet').some(({ facet }) => detail.facets.includes(facet))) return true;
	const owner = reached.clauses.findLast((other) => other.head)?.head;
	const own = senseOf(head.span, 'type');
	const owning = owner ? sensesOf(owner.span, 'type').map(({ type }) => type) : [];
	// Nearly all have a size: it says nothing of whose part it is.
	const carries = (type: string) =>
		detail.facets.some((facet) => facet !== 'size' && garmentType(type).facets.includes(facet));
	// A belt has the buckle that is named after it.
	const hasItself =
		detail.takesMetal &&
		['accessories', 'bags', 'footwear'].includes(garmentType(own?.type ?? 'belt').division);
	if (!own || owning.length === 0 || hasItself) return false;
	// "With black trim and gold chain buttons" goes on with what it has.
	const previous = reached.clauses.at(-1);
	const goesOn = clause.before === 'and' && previous?.before === 'with' && !previous.head;
	// "A belt with a shell buckle".
	if (clause.before === 'with' || goesOn)
		return detail.facets.length === 0 || detail.takesMetal === true || owning.some(carries);
	// "A coat, shell buttons": a name that is a cloth or a stuff as well.
	const isOfAnything = detail.facets.length === 0 || detail.takesMetal === true;
	if (clause.bare && clause.parts.length === 1 && isOfStuff(head.span))
		return isOfAnything || owning.some(carries);
	return !detail.takesMetal && owning.some(carries) && !carries(own.type);
}

const ofFace = new Set(['eye', 'eyes', 'lids', 'lips', 'mouth', 'cheek', 'cheeks', 'brow', 'brows']);

/** "She ties a scarf", "sunglasses pushed up in her hair": a name that names no garment here. */
export function isPlaceOrVerb(reached: Reached, span: Span): boolean {
	// "A vest over it. Sneakers are white": what begins after a stop is no verb.
	if (
		reached.verbNext &&
		!span.breakBefore &&
		span.words.length === 1 &&
		(reached.verbNext === 'of-thing' || span.words[0]?.endsWith('s'))
	)
		return true;
	const { clause, lastHead } = reached;
	const own = senseOf(span, 'type');
	const last = lastHead && senseOf(lastHead.span, 'type');
	// "A silk scarf over hair".
	const isOverHair = clause.before === 'list' && span.words[0] === 'hair';
	if (!own || !last || clause.parts.length > 0 || (clause.bare && !isOverHair)) return false;
	// "A black dress, red on the lips": what was just said is said of the place.
	const before = reached.clauses.at(-1);
	const isOfPlace = before !== undefined && beginsAnew(before) && before.parts.length > 0 && onlySaid(before);
	if (clause.before === 'on' && isOfPlace) return false;
	const isBeauty = (type: string) => garmentType(type).division === 'beauty';
	return (
		(garmentType(own.type).general || ofFace.has(span.words.join(' '))) &&
		isBeauty(own.type) &&
		!isBeauty(last.type) &&
		['in', 'on', 'list'].includes(clause.before)
	);
}

const saysGround = ({ span, role }: Part) =>
	role === 'said' &&
	span.senses.some(
		(sense) =>
			sense.kind === 'colour' ||
			sense.kind === 'print' ||
			(sense.kind === 'facet' && sense.facet === 'material')
	);

const isColour = ({ span }: Part) => senseOf(span, 'colour') !== undefined;
/** Says what it is made of or printed with. */
const saysStuff = (part: Part) => saysGround(part) && !isColour(part);
/** "Heavyweight jersey": how thick or fine it is, is said of a cloth. */
const saysCloth = ({ span }: Part) =>
	sensesOf(span, 'facet').some(({ facet }) => facet === 'weight' || facet === 'texture');

/** Does a clause after a comma that has a colour or a weight, and no article, follow a garment of which neither colour nor cloth is said? */
function dressesLast({ clauses, clause }: Reached): boolean {
	const from = clauses.findLastIndex(({ head }) => head);
	const said = clauses.slice(from).flatMap(({ parts }) => parts);
	return (
		clause.before === 'comma' &&
		clause.bare &&
		!clause.head &&
		clause.parts.some((part) => saysGround(part) || saysCloth(part)) &&
		clause.parts.every(({ role }) => role === 'said') &&
		from >= 0 &&
		!said.some(clause.parts.some(isColour) ? saysGround : saysStuff)
	);
}

/** "Denim skirt", "leather trousers". */
const namesItsCloth = ({ words }: Span): boolean =>
	words.some((word) =>
		sensesOfPhrase(word)?.some((sense) => sense.kind === 'facet' && sense.facet === 'material')
	);

/** Names that say something of the garment before: "a dress in cream knit", "a jumpsuit, halterneck". */
export function speaksOfLast(reached: Reached, span: Span): boolean {
	const { lastHead, clause } = reached;
	const last = lastHead && senseOf(lastHead.span, 'type');
	const own = senseOf(span, 'type');
	const measured = clause.parts.every((part) => senseOf(part.span, 'length') !== undefined);
	const first = measured || (clause.head === lastHead && clause.parts.at(-1) === lastHead);
	if (!last || !own || (clause.head && !first)) return false;
	// "Wrap mini dress": a name that also says something waits for what comes.
	if (clause.head === lastHead && (alsoSaid(lastHead.span) || namesWithSkirt(lastHead.span, span)))
		return false;
	const { facets, division, slot } = garmentType(last.type);
	// "Kitten-heel Mary Janes": of two shoes side by side it is the first that says how the second is.
	if (clause.head === lastHead && slot === 'feet' && garmentType(own.type).slot === slot) return false;
	// "earrings with pearls" are set with them; "a dress with pearls" has a necklace beside it.
	if (isCloth(span) && (clause.before === 'in' || (clause.before === 'with' && division === 'jewellery')))
		return true;
	// "A bodysuit, black jersey": of what has neither colour nor cloth yet; a denim skirt has.
	const isOfLast =
		!namesItsCloth(lastHead.span) &&
		sensesOf(span, 'facet').every(
			({ facet, value }) => facet !== 'material' || canBeOf(garmentType(last.type), value)
		);
	if (isCloth(span) && isOfLast && dressesLast(reached)) return true;
	// "A poncho, a fleece" are two; "a jumper, cable knit" is one.
	const another =
		isCloth(span) &&
		clause.before === 'comma' &&
		garmentType(own.type).family !== garmentType(last.type).family;
	// "A jumpsuit. Wide legs": what covers both halves leaves no place for what the part might be of.
	const isPart = partSpan(span) !== span && senseOf(partSpan(span), 'detail') !== undefined;
	const goesOn = clause.before === 'stop' && division === 'one-pieces' && isPart;
	return (
		first &&
		!another &&
		(clause.head === lastHead || goesOn || ['comma', 'with', 'in', 'is'].includes(clause.before)) &&
		sensesOf(span, 'facet').some(
			({ facet, free }) =>
				free &&
				facets.includes(facet) &&
				(slotsMeetOf(own.type, last.type) || facet === 'size' || facet === 'hemLength')
		)
	);
}

/**
 * "A black dress, pleated skirt", "black shoes, block heels": of a look that has what is worn there already, a kind of which nothing
 * but its cut is said, without an article, tells how that is cut.
 */
export function tellsCutOfLast({ lastHead, clause, clauses }: Reached, span: Span): boolean {
	const owner = lastHead && senseOf(lastHead.span, 'type');
	const detail = senseOf(partSpan(span), 'detail')?.detail;
	if (!owner || !detail || clause.head || clause.before !== 'comma' || !clause.bare) return false;
	// "Shoes: kitten heels" says which kind they are.
	if (clause.labelled || isLabelled(clauses)) return false;
	const { slot, facets } = garmentType(owner.type);
	const word = span.words.at(-1);
	const isWornThere = (slot === 'whole' && word === 'skirt') || (slot === 'feet' && word === 'heels');
	return (
		isWornThere &&
		detail.facets.some((facet) => facets.includes(facet)) &&
		span.words.length + clause.parts.length > 1 &&
		isOnlyCut(clause, span)
	);
}

/** A general name straight after a particular one of its family adds nothing: "beret hat". */
export function repeatsHead(reached: Reached, span: Span, at: number): boolean {
	const { head, parts } = reached.clause;
	const [own, named] = [senseOf(span, 'type'), head && senseOf(head.span, 'type')];
	if (!own || !named || parts.at(-1) !== head || head?.at !== at - 1) return false;
	const [type, before] = [garmentType(own.type), garmentType(named.type)];
	return type.general && !before.general && type.family === before.family;
}

/** Is it a part that the garment named last cannot have: a face, where no watch is spoken of? */
export function isNoneOfIts(reached: Reached, span: Span): boolean {
	const detail = senseOf(span, 'detail')?.detail;
	const owner = reached.lastHead && senseOf(reached.lastHead.span, 'type');
	return detail?.only !== undefined && (!owner || isNoneOf(detail, owner.type));
}

/** "A ball gown, bow at the back", "a pendant on a long chain": what can be a part, at a place on a garment or with a jewel on it, is one. */
export function sitsOn(reached: Reached, span: Span): boolean {
	const owner = reached.lastHead && senseOf(reached.lastHead.span, 'type');
	const detail = senseOf(partSpan(span), 'detail')?.detail;
	const own = senseOf(span, 'type');
	if (reached.clause.before === 'on' && owner && own && detail && own.type !== owner.type)
		return [owner.type, own.type].every((type) => garmentType(type).division === 'jewellery');
	const isPart = detail && (detail.facets.length === 0 || detail.added);
	if (!reached.goesAt || reached.clause.head || !owner || !isPart) return false;
	return !['jewellery', 'beauty'].includes(garmentType(owner.type).division);
}
