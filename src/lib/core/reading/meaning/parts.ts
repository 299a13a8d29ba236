/** Parts of clauses: what a phrase can be in one, and which parts of a garment it may name. */
import { type SenseOf, sensesOf, senseOf, alsoSaid, partSpan, isCloth } from '../spans/senses';
import { longestPhrase } from '../words/longest-phrase';
import type { FacetId } from '../../lexicon/facets';
import type { Link } from '../../lexicon/reading-words';
import { garmentType, slotsMeetOf } from '../../lexicon/taxonomy';
import type { Detail } from '../../lexicon/details';
import type { Sense, Span } from '../model';

/**
 * What a phrase does in its clause. `kind` is a garment's name before another's, as in "sweatshirt dress"; `again`
 * a general name that adds nothing to a particular one, as in "beret hat"; `thing` the name of a thing that is not
 * known, or a word for the look as a whole; `kept` words that are not known but say something: "a crane motif".
 */
export type PartRole = 'head' | 'said' | 'detail' | 'move' | 'matching' | 'kind' | 'again' | 'thing' | 'kept';
export interface Part {
	span: Span;
	/** Index of the span in the reading. */
	at: number;
	role: PartRole;
	denied: boolean;
	/** A part of a garment on which something is put: "feathers at the hem". */
	placed?: boolean;
	/** What is worked there, which is said of the garment as well: "embroidery at the neckline". */
	worked?: string;
	/** Offered as a choice in place of what stands before it: "navy or black". */
	instead?: boolean;
}

/** How a garment is decorated with what a clause names: it is shown on the cloth, whatever it is, small things sit on it, or it is made of them. */
export type Decoration = 'shown' | 'borne' | 'made';

export interface Clause {
	/** What joins it to what went before. `adjacent`: nothing. */
	before: Link | 'start' | 'stop' | 'comma' | 'adjacent';
	parts: Part[];
	head?: Part;
	/** The name of a thing of its own that is not known. */
	thing?: Part;
	/** Joined by "of": "the cuffs of a white shirt". */
	ofWhole?: boolean;
	/** No word stands between the joining word and the garment's name, not even "a". */
	bare: boolean;
	/** "The", "her": its garment may have been named before. */
	definite: boolean;
	denied: boolean;
	/** Joined by "like", and not as a way of wearing: "a bodice like a corset". */
	likened: boolean;
	/** Begun by "over". */
	over: boolean;
	/** "Same" was said in it: "the same green as the shoes". */
	same: boolean;
	/** Of something that cannot be seen: nothing is known of it. */
	unseen: boolean;
	hedged: boolean;
	/** Said of the two garments before: "both in olive". */
	both: boolean;
	/** "Are", "were": said of several, where several were named together. */
	many: boolean;
	/** Said of all that was listed: "all silver". */
	all: boolean;
	/** "Except for", "apart from": it takes back what was said of all. */
	excepted: boolean;
	/** Said of all that will be listed: "a set in gold: …". */
	set: boolean;
	/** "Joggers and hoodie set": what it names and what was named before it are one of each other. */
	asSet: boolean;
	/** Said of the garment before, whatever follows: "a white one". */
	back: boolean;
	/** "A" or "an" stands before it. */
	single: boolean;
	/** Said of one of several: "belts: one black, one tan", "a red one and a blue one". */
	ofOne: boolean;
	/** A colon or a dash stands before it: "top: an ivory blouse". */
	labelled: boolean;
	/** It begins a sentence, whatever word joins it: "It’s long". */
	opens: boolean;
	/** A comma stands before the word that joins it: "a belt, and boots". */
	paused: boolean;
	/** Said of the part that the clause before ends in: "the collar is fur". */
	ofPart?: Part;
	/** Said of the thing that is not known just before it, unless it names one itself. */
	ofStrange?: Part;
	/** Holds words that are not known, though no part. */
	unread: boolean;
	/** The name of what it is to match, which was named before: "tights to match the scarf". */
	matches?: Part;
	/** What it names decorates the garment before: "studded with pearls". */
	decoration?: Decoration;
	/** "Three thin chains": how many are named, and where that is said. */
	count?: { number: number; at: number };
}

/** A clause of which nothing is said yet. */
export function freshClause(before: Clause['before'], denied = false): Clause {
	const flags = {
		definite: false,
		single: false,
		same: false,
		likened: false,
		over: false,
		unseen: false,
		hedged: false,
		both: false,
		many: false,
		all: false,
		excepted: false,
		set: false,
		asSet: false,
		back: false,
		ofOne: false,
		labelled: false,
		opens: false,
		paused: false
	};
	return { before, parts: [], bare: true, denied, unread: false, ...flags };
}

/** "…, red on the lips", "…, a smear of plum on the lips": does it begin a new thing? */
export const beginsAnew = ({ before, paused, ofWhole }: Clause): boolean =>
	before === 'comma' || (before === 'in' && paused && ofWhole === true);

export function roleOf(span: Span): PartRole | 'link' | 'hedge' | 'idle' | 'unknown' {
	const has = (kind: Sense['kind']) => span.senses.some((sense) => sense.kind === kind);
	if (span.senses.length === 0) return 'unknown';
	if (has('type')) return 'head';
	if (has('link')) return senseOf(span, 'link')?.link === 'matching' ? 'matching' : 'link';
	if (has('detail')) return 'detail';
	if (alsoSaid(span) || has('tone') || has('length') || has('note')) return 'said';
	if (has('move')) return 'move';
	if (has('stands-for')) return 'thing';
	return has('hedge') ? 'hedge' : 'idle';
}

/** The shape of the part by which a kind is called: a ballgown skirt is full, block heels are blocks. */
function shapeByKind(span: Span, { facets: [shape] }: Detail): SenseOf<'facet'>[] {
	const type = senseOf(span, 'type')?.type;
	const value = type !== undefined && shape && garmentType(type).own[shape];
	return shape && value ? [{ kind: 'facet', facet: shape, value, free: true }] : [];
}

/** "With a polo neck", "with a ballgown skirt": a name that as a whole says how the part is. */
export function saysOfPart(span: Span): Span {
	const part = partSpan(span);
	const detail = senseOf(part, 'detail')?.detail;
	if (part === span || !detail) return part;
	const said = sensesOf(span, 'facet').filter(({ free }) => free);
	const saying = said.length > 0 ? said : shapeByKind(span, detail);
	return saying.length === 0 ? part : { ...span, senses: [...saying, ...part.senses] };
}

/** Is it a part that such a garment cannot have: a face of what is no watch, a pendant of what is no jewel? */
export function isNoneOf({ only }: Detail, type: string): boolean {
	const { family, division } = garmentType(type);
	return only !== undefined && only !== family && only !== division;
}

/** What a dress has above its skirt. */
const aboveSkirt: ReadonlySet<string | undefined> = new Set([
	...[
		'bodice',
		'waist',
		'waistline',
		'waisted',
		'neckline',
		'neck',
		'sleeve',
		'sleeves',
		'shoulder',
		'shoulders'
	]
]);
const sleeves: ReadonlySet<string | undefined> = new Set(['sleeve', 'sleeves']);
const bodice: ReadonlySet<string | undefined> = new Set(['bodice']);

/** Was one of these parts spoken of, of the garment that was named last? */
function spokenOf(parts: ReadonlySet<string | undefined>, before: readonly Clause[]): boolean {
	const from = before.findLastIndex(({ head }) => head);
	return before
		.slice(Math.max(0, from))
		.flatMap(({ parts: named, ofPart }) => [...named, ...(ofPart ? [ofPart] : [])])
		.some(({ span }) => parts.has(span.words.at(-1)));
}

/** Was the garment that was named last described after a colon? */
export const isLabelled = (before: readonly Clause[]): boolean =>
	before.slice(before.findLastIndex(({ head }) => head) + 1).some(({ labelled }) => labelled);

/** "A prom dress, tulle skirt": what a skirt is made of that is seldom worn by itself over a dress (common practice). */
const ofGowns: readonly string[] = ['tulle'];
/** Is nothing said of what a clause names but how it is cut: no colour, no cloth but a gown's? */
export const isOnlyCut = ({ parts }: Clause, name: Span): boolean =>
	!isCloth(name) &&
	sensesOf(name, 'type').every(({ type }) => {
		const { material } = garmentType(type).own;
		return material === undefined || ofGowns.includes(material);
	}) &&
	parts.every(({ role, span }) => role === 'said' && !isCloth(span) && senseOf(span, 'colour') === undefined);

const knits: ReadonlySet<string> = new Set(['knitwear', 'cardigans']);
/** Does the span name a knit, beside a knit of another family? */
const isKnit = (span: Span, beside: string) => knits.has(garmentType(beside).family) && isKnitted(span);
const isKnitted = (span: Span) =>
	sensesOf(span, 'type').some(({ type }) => knits.has(garmentType(type).family));

/** "A shift skirt": of a name that is a cut as well, straight before what can be cut so. */
const saysCutOf = (cut: Span, span: Span): boolean =>
	sensesOf(span, 'type').some(({ type }) => {
		const { slot, facets } = garmentType(type);
		return slot === 'legs' && sensesOf(cut, 'facet').some(({ facet }) => facets.includes(facet));
	});

const soft: Partial<Record<FacetId, ReadonlySet<string>>> = {
	texture: new Set(
		'ribbed waffle fine-knit cable chunky-knit quilted padded brushed fluffy smocked ruched pleated fur-like velvet lace'.split(
			' '
		)
	),
	material: new Set('knit velvet satin silk fur faux-fur fleece wool corduroy lace'.split(' '))
};
/** Is a part described as only cloth can be made, or by its measure? */
const isSoftlyMade = (parts: readonly Part[]): boolean =>
	parts.length > 0 &&
	parts.every(
		({ span }) =>
			senseOf(span, 'length') !== undefined ||
			sensesOf(span, 'facet').some(({ facet, value }) => soft[facet]?.has(value))
	);

/** "A chunky knit hood": a jumper's name that is a knit, straight before what can be of it. */
const isStitch = (span: Span): boolean =>
	span.words.at(-1) === 'knit' && sensesOf(span, 'facet').some(({ facet }) => facet === 'texture');

/**
 * Is a word that names a garment or a part of one ("heels", "skirt") a part of the garment named before it? `told` where what follows
 * straight after it says how it is: "boots, heels stacked".
 */
export function isPartOf(
	span: Span,
	owner: Part | undefined,
	clause: Clause,
	before: readonly Clause[],
	told: boolean
): boolean {
	const previous = before.at(-1);
	const detail = senseOf(partSpan(span), 'detail')?.detail;
	const type = owner && senseOf(owner.span, 'type');
	if (!detail || !owner || !type || isNoneOf(detail, type.type)) return false;
	const { family, division } = garmentType(type.type);
	// A skirt is no part of a skirt, a ribbon none of hair.
	const sameFamily = sensesOf(span, 'type').some((sense) => garmentType(sense.type).family === family);
	if (sameFamily && clause.head === owner) return false;
	// "Jumper: a black roll neck" says which kind it is.
	if (clause.labelled && (sameFamily || isKnit(span, type.type))) return false;
	if (clause.parts.at(-1) === owner && (saysCutOf(owner.span, span) || isStitch(owner.span))) return false;
	const isColoured = clause.parts.some((part) => senseOf(part.span, 'colour'));
	// "A coat with peak lapels and a navy skirt", "a jumper with puff sleeves and a skirt": what has none of its own, or none in another colour.
	const { slot, facets } = garmentType(type.type);
	const isItsOwn =
		clause.parts.length === 0 || isColoured || clause.parts.some((part) => senseOf(part.span, 'print'));
	const hasSkirt = slot === 'outer' ? !isItsOwn : facets.includes('skirtShape');
	if (span.words.at(-1) === 'skirt' && !hasSkirt) return false;
	// "With gold buttons and a fur collar", "white collar and cuffs": one part goes on to the next.
	const goesOn =
		clause.before === 'and' &&
		previous !== undefined &&
		(!previous.head ||
			previous.parts.at(-1)?.role === 'detail' ||
			bodice.has(previous.head.span.words.at(-1))) &&
		(previous.before === 'with' ||
			(clause.bare && previous.parts.at(-1)?.role === 'detail') ||
			// "A fitted bodice in lace and a full skirt", "a nipped waist and a full skirt".
			(span.words.at(-1) === 'skirt' && spokenOf(aboveSkirt, before)));
	// "A gown, crystal bodice, tulle skirt", "dress: black, tulle skirt", "a taffeta bodice over a full skirt".
	const goesDown =
		span.words.at(-1) === 'skirt' &&
		((clause.before === 'comma' && clause.bare && (spokenOf(bodice, before) || isLabelled(before))) ||
			(clause.before === 'list' && spokenOf(bodice, before)));
	// "Its sleeves gathered into deep cuffs", "a shirt, the cuffs undone".
	const isOfSleeves =
		(previous !== undefined && !clause.head && spokenOf(sleeves, [previous])) ||
		((clause.definite || told) && clause.parts.length === 0 && facets.includes('sleeveLength'));
	// "A shirt with an exaggerated cuff"; "a dress with a wide cuff" has a bracelet beside it.
	const isOfTop =
		clause.before === 'with' &&
		clause.parts.length > 0 &&
		['tops', 'layers'].includes(division) &&
		facets.includes('sleeveLength') &&
		!clause.parts.some((part) => senseOf(part.span, 'metal') !== undefined);
	// "A jacket, quilted cuffs": made as no bracelet is.
	const isSewn =
		clause.before === 'comma' && clause.bare && facets.includes('sleeveLength') && isSoftlyMade(clause.parts);
	// "Lace at cuff and collar".
	const isPlace = ['in', 'on'].includes(clause.before) && clause.bare && clause.parts.length === 0;
	const isOneCuff = span.words.join(' ') === 'cuff';
	if (isOneCuff && !isOfTop && !isSewn && !isPlace) return false;
	const endsIn = isOneCuff || (span.words.at(-1) === 'cuffs' && (isOfSleeves || isSewn));
	// "A wrap coat, self-tie belt": a name that says itself that it is the garment's own.
	const isNameOfPart = span.words.length > 1 && senseOf(span, 'detail') !== undefined;
	// "A long tie belt" is the coat's, and of its cloth.
	const isTied =
		/\bbelts?$/.test(span.text) &&
		facets.includes('closure') &&
		clause.parts.every(
			(part) => part.role === 'said' && !senseOf(part.span, 'colour') && !isCloth(part.span)
		);
	const isOwn =
		isNameOfPart && clause.before === 'comma' && (isTied || (clause.bare && clause.parts.length === 0));
	// "A parka, fur hood".
	const isItsHood =
		span.words.join(' ') === 'hood' && clause.before === 'comma' && clause.bare && division === 'layers';
	const fits =
		detail.facets.length === 0
			? (clause.before === 'with' ||
					goesOn ||
					isOwn ||
					(clause.before === 'comma' && family === 'headwear')) &&
				division !== 'beauty'
			: sensesOf(owner.span, 'type').some((one) =>
					garmentType(one.type).facets.some((facet) => detail.facets.includes(facet))
				);
	if (!fits) return false;
	const own = senseOf(span, 'type');
	// "A cardigan, V-neck": what could name another of its family says how this one is.
	const saysHow = sensesOf(span, 'facet').some(
		({ facet, free }) => free && garmentType(type.type).facets.includes(facet)
	);
	if (
		(sameFamily || isKnit(span, type.type)) &&
		saysHow &&
		clause.before === 'comma' &&
		!isColoured &&
		clause.parts.length === 0
	)
		return true;
	// "A coat with a funnel neck", where a polo neck is a jumper under it.
	const isItsNeck =
		own !== undefined &&
		garmentType(own.type).general &&
		span.words.at(-1) === 'neck' &&
		['with', 'comma'].includes(clause.before) &&
		clause.parts.length === 0;
	if (isItsNeck && !isKnitted(span)) return true;
	// "with a pencil skirt" is a part of a dress, and a piece of its own beside a jacket.
	const isNamed = senseOf(span, 'detail') !== undefined;
	if (span.words.length > 1 && !isNamed && own && !slotsMeetOf(own.type, type.type)) return false;
	if (
		['with', 'in', 'on', 'adjacent'].includes(clause.before) ||
		goesOn ||
		goesDown ||
		isOwn ||
		isItsHood ||
		endsIn ||
		clause.head === owner
	)
		return true;
	// "Court shoes, 9 cm heels": measured by itself, it is a part of what is worn there already.
	const isMeasured =
		clause.parts.length > 0 && clause.parts.every((part) => senseOf(part.span, 'length') !== undefined);
	if (own && isMeasured && clause.before === 'comma' && slotsMeetOf(own.type, type.type)) return true;
	// "Court shoes, kitten heel": one of what comes in pairs is a part of the pair.
	const single =
		own && !detail.only && span.words.at(-1) !== garmentType(own.type).singular.split(' ').at(-1);
	// "Black shoes, the heels low", "heels stacked": a skirt may be one that is worn with it.
	const isSpokenOf =
		own &&
		span.words.length === 1 &&
		span.words[0] !== 'skirt' &&
		(clause.definite || (told && clause.before === 'comma')) &&
		clause.parts.length === 0 &&
		['comma', 'stop'].includes(clause.before) &&
		slotsMeetOf(own.type, type.type);
	if (isSpokenOf) return true;
	// "A white shirt, a navy v-neck over it": with an article and a colour of its own it is a thing; a knit also without an article.
	const isKnitBeside = own && knits.has(garmentType(own.type).family) && !knits.has(family);
	const isApart = isColoured && (!clause.bare || isKnitBeside);
	if (
		single &&
		!isApart &&
		clause.before === 'comma' &&
		slotsMeetOf(own.type, type.type) &&
		/[^s]$/.test(span.text)
	)
		return true;
	// "A gown, the skirt full": a general name without a colour of its own; in a sentence of its own only "the skirt".
	const named =
		own && garmentType(own.type).general && slotsMeetOf(own.type, type.type) && own.type !== type.type;
	if (!named || isColoured) return false;
	return clause.before === 'stop' ? clause.definite : clause.before === 'comma';
}

/** Facets of parts that have a colour and a cloth of their own. */
const apart = new Set<FacetId>([
	'neckline',
	'collar',
	'lapel',
	'sleeveShape',
	'heelShape',
	'toe',
	'sole',
	'strap',
	'hemDetail'
]);

/** Is it a part that can be of metal: a button, a zip? */
const metalPart = (word: string): boolean =>
	longestPhrase([word], 0, 1)?.senses.some((sense) => sense.kind === 'detail' && sense.detail.takesMetal) ===
	true;

/** "Shawl lapel" says a value and names its part: what stands before it may be said of the part. */
export function withItsPart(span: Span): Span {
	if (span.words.length < 2 || span.words[0] === 'with' || senseOf(span, 'detail')) return span;
	if (senseOf(span, 'type') || !alsoSaid(span)) return span;
	// "Gold buttons down the back": the part comes first, and then where it is.
	const [first, next] = span.words;
	const isPlaced = next === 'down' || next === 'up';
	// "A gold button front": it is the button that is of gold.
	const fastens = span.words.length === 2 && next === 'front' && metalPart(first ?? '');
	const named = isPlaced || fastens ? first : span.words.at(-1);
	const detail = longestPhrase([named ?? ''], 0, 1)?.senses.find(({ kind }) => kind === 'detail');
	// A kick pleat is a slit, and makes no pleated skirt.
	const ofPart = ({ facet }: { facet: FacetId }) =>
		(apart.has(facet) || ((isPlaced || fastens) && facet === 'closure')) &&
		detail?.kind === 'detail' &&
		detail.detail.facets.includes(facet);
	if (detail?.kind !== 'detail' || !sensesOf(span, 'facet').some(ofPart)) return span;
	return { ...span, senses: [...span.senses, detail] };
}
