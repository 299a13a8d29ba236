/** Which garment a clause speaks of, of those that were named before it. */
import type { Span } from '../model';
import { isCloth, senseOf, sensesOf } from '../spans/senses';
import { facetOf, type FacetId } from '../../lexicon/facets';
import { moveNeeds } from '../../lexicon/move-needs';
import { tiedToWear } from '../../lexicon/move-words';
import { isDoneWith, type MoveId } from '../../lexicon/moves';
import { printScaleWords } from '../../lexicon/prints';
import { setParts } from '../../lexicon/set-parts';
import { garmentType, isClothing, slotsMeetOf, type GarmentType } from '../../lexicon/taxonomy';
import { type Clause, type Part } from './parts';
import { longestPhrase } from '../words/longest-phrase';
import { isWornBesides } from '../spans/worn-besides';

/** What is said of one garment, in clauses: `own` is the one that names it. */
export interface Group {
	head: Part;
	own: Clause;
	/** In the order of the text, the own clause among them. */
	clauses: Clause[];
	/** Named as a thing that is not worn. */
	denied: boolean;
	/** Named as a thing that cannot be seen. */
	unseen: boolean;
	/** Its name is not known, or stands for the look as a whole. */
	strange: boolean;
	/** A part of a set that is listed: "a two-piece: cropped jacket and mini". */
	isPart?: boolean;
	/** Offered in place of this one: "loafers or brogues". */
	insteadOf?: Group;
}

/** The type that a name means; undefined where the name is not known. */
export function typeOf(head: Part): GarmentType | undefined {
	const type = senseOf(head.span, 'type')?.type;
	return type === undefined ? undefined : garmentType(type);
}

export const onlySaid = (clause: Clause) => clause.parts.every(({ role }) => role === 'said');
export const saysColour = (clause: Clause) =>
	clause.parts.some(({ span }) => senseOf(span, 'colour') ?? senseOf(span, 'print'));

/** What is said of a feature of a garment, as far as its clauses go. */
const saidOf = ({ clauses }: Group, facet: FacetId) =>
	clauses
		.flatMap(({ parts }) => parts)
		.flatMap(({ span, denied }) => (denied ? [] : sensesOf(span, 'facet')))
		.filter((sense) => sense.facet === facet)
		.map(({ value }) => value);

/** Does something said of it, or usual of its kind, stand in the way of a move: sleeves tied round the waist, on a vest? */
const isInTheWay = (move: MoveId, type: GarmentType, group: Group): boolean =>
	(moveNeeds[move] ?? []).some(({ not }) =>
		Object.entries(not ?? {}).some(([facet, values]) => {
			const said = saidOf(group, facet as FacetId);
			const usual = type.usual[facet as FacetId];
			return (said.length > 0 ? said : [usual ?? '']).some((value) => values.includes(value));
		})
	);

/** "A sarong knotted at the hip": is that how such a thing is worn at all? */
export const isTiedAnyway = (type: GarmentType, { span }: Part): boolean =>
	tiedToWear.has(type.id) &&
	sensesOf(span, 'move').some(({ move }) => move === 'knotted' || move === 'as-headscarf');

export function fitsMoves(clause: Clause, group: Group): boolean {
	const type = typeOf(group.head);
	if (!type) return true;
	return clause.parts
		.filter((part) => part.role === 'move' && !isTiedAnyway(type, part))
		.every(({ span }) =>
			sensesOf(span, 'move').some(
				({ move }) =>
					isDoneWith(move, type) &&
					// Straight after its name it is said of that, whatever it is.
					!(clause.before === 'comma' && isInTheWay(move, type, group))
			)
		);
}

const bareArms = ['sleeveless', 'strapless'];
/** "A coat over a sleeveless dress, long sleeves": of what is said to have none they are not. */
const hasNoSuchPart = (facets: readonly FacetId[], group: Group): boolean =>
	facets.includes('sleeveLength') && saidOf(group, 'sleeveLength').some((value) => bareArms.includes(value));

/** Whatever its facets: a buckle, a zip or a clasp can be on anything of these. */
const carryMetal = new Set(['accessories', 'bags', 'footwear', 'jewellery']);

function fitsDetails(clause: Clause, group: Group): boolean {
	const type = typeOf(group.head);
	if (!type) return true;
	// "With a back seam": of two parts side by side the first tells where the second is.
	const isWhere = ({ at }: Part, i: number, parts: readonly Part[]) => parts[i + 1]?.at === at + 1;
	return clause.parts
		.filter(({ role }) => role === 'detail')
		.filter((part, i, parts) => !isWhere(part, i, parts))
		.every(({ span }) => {
			const detail = senseOf(span, 'detail')?.detail;
			return (
				detail !== undefined &&
				!hasNoSuchPart(detail.facets, group) &&
				(detail.facets.length === 0 ||
					(detail.takesMetal &&
						carryMetal.has(type.division) &&
						!(detail.facets.length > 0 && type.division === 'jewellery')) ||
					detail.facets.some((facet) => mayHave(facet, type, detail.alone?.[1])))
			);
		});
}

/** What has no facet for it all the same shows wear, buckles, and may have something hanging from it: "brogues, scuffed", "a belt with a tassel". */
const small = new Set(['footwear', 'bags', 'accessories']);
const hangs = new Set(['tasselled', 'fringed', 'feathered']);

/** Can it be said of such a type: has it the facet, or something that shows as well on what has no field for it? */
export const mayHave = (facet: FacetId, { facets, division }: GarmentType, value = ''): boolean =>
	facets.includes(facet) ||
	// A tee has buttons as a shirt does.
	(facet === 'closure' && (isClothing({ division }) || small.has(division))) ||
	(small.has(division) && (facet === 'distress' || (facet === 'hemDetail' && hangs.has(value))));

/** Can every word of the clause be said of the garment? */
export function fitsWords(clause: Clause, group: Group): boolean {
	const type = typeOf(group.head);
	if (!type) return true;
	return clause.parts
		.filter(({ role }) => role === 'said')
		.every(
			({ span }) =>
				span.senses.some(
					(sense) => sense.kind !== 'facet' || (sense.free && mayHave(sense.facet, type, sense.value))
				) || printScaleWords[span.words.join(' ')] !== undefined
		);
}

/** As many garments back as a clause may reach for the one that it fits: about as many as a look has. */
const reach = 16;

/** "A brooch on the jacket, a big silver one": "one", with "a", is no jacket of which "the" is said. */
const isOneThing = ({ bare, definite }: Clause, last: Group | undefined): last is Group =>
	!bare &&
	!definite &&
	last?.own.definite === true &&
	(['on', 'list'].includes(last.own.before) || last.own.ofWhole === true);

/** What sits on the last thing named, by a name without "the"; that last thing where there is none. */
const thingOn = (last: Group, sentence: readonly Group[]): Group =>
	sentence.slice(0, -1).findLast(({ own }) => !own.definite) ?? last;

/** "A camel coat over black": is what is said the colour, the cloth or the print of what is under a layer, and not of the layer? */
export const isUnderLayer = ({ over, head, thing, parts }: Clause, last: Group | undefined): boolean =>
	over &&
	!head &&
	!thing &&
	parts.length > 0 &&
	parts.every(({ span }) => isCloth(span) || senseOf(span, 'colour') || senseOf(span, 'print')) &&
	['layer', 'outer'].includes((last && typeOf(last.head)?.slot) ?? '');

/** Is it said with "with", straight after a name that nothing joins to another: "…, a kilt with straps"? */
const comesWith = ({ own, clauses }: Group, { before, paused }: Clause): boolean =>
	before === 'with' && !paused && clauses.length === 1 && ['start', 'comma', 'stop'].includes(own.before);

/** The latest garment that the clause can be said of; the latest of all where none fits better. */
export function ownerBefore(
	named: readonly Group[],
	sentence: readonly Group[],
	clause: Clause
): Group | undefined {
	const last = named.at(-1);
	// "A trench with frobbers, belted": what hangs on something is not worn in a way of its own.
	const hangsOn =
		last?.own.before === 'with' &&
		clause.before === 'comma' &&
		clause.parts.every(({ role }) => role === 'move');
	// What is not known takes all that is said after it; "is" and "one" speak of what was named last.
	if ((last?.strange && !hangsOn) || clause.before === 'is') return last;
	// "A tote, a pendant on a fine chain": that is no strap of the tote.
	const worn = last && typeOf(last.head);
	if (clause.before === 'on' && (worn?.division === 'jewellery' || worn?.slot === 'eyes')) return last;
	if (clause.back) return isOneThing(clause, last) ? thingOn(last, sentence) : last;
	// Words straight after a name speak of it; only a part or a move that it cannot have is looked for further back.
	const onlyWords = onlySaid(clause) && ['with', 'in', 'on', 'adjacent'].includes(clause.before);
	if (onlyWords) return last;
	// "A turtleneck, a kilt with straps": what a thing comes with straight after its name is its own, though it be no part of its kind.
	if (last && comesWith(last, clause)) return last;
	return (
		(sentence.length > 0 ? sentence : named)
			.slice(-reach)
			.findLast(
				(group) =>
					!group.strange && fitsMoves(clause, group) && fitsDetails(clause, group) && fitsWords(clause, group)
			) ?? last
	);
}

/**
 * "The coat is a camel wrap", "the coat: a wrap in wool", "her bag is a bucket": the kind that the first name is said to be, called as both names together call it;
 * undefined where they call nothing, or where the kind is of that family by itself.
 */
export function kindOfFirst(
	group: Group | undefined,
	{ before, bare, denied, labelled }: Clause,
	said: Part
): Part | undefined {
	const first = group && typeOf(group.head);
	// "The skirt, a pleated midi, is green": called by its first name, and then by what it is.
	const isBeside = before === 'comma' && !bare && group?.clauses.every(({ parts }) => parts.length <= 1);
	if (!group || !first?.general || !(before === 'is' || labelled || isBeside) || denied || said.denied)
		return undefined;
	const meant = sensesOf(said.span, 'type').map(({ type }) => garmentType(type).family);
	if (meant.length > 0 && meant.every((family) => family === first.family)) return undefined;
	// "The skirt is a red mini": of what a word can mean, the first name says which.
	const same = said.span.senses.filter((sense) => sense.kind !== 'type' || sense.type === first.id);
	if (same.some(({ kind }) => kind === 'type')) return { ...said, span: { ...said.span, senses: same } };
	if (isBeside && !labelled) return undefined;
	const words = [...said.span.words, ...group.head.span.words];
	const called = longestPhrase(words, 0, words.length);
	const isOne = called?.senses.some(
		(sense) => sense.kind === 'type' && garmentType(sense.type).family === first.family
	);
	if (!called || called.length < words.length || !isOne) return undefined;
	return { ...said, role: 'head', span: { ...said.span, words, senses: called.senses } };
}

const onlyNames = (clause: Clause) => clause.parts.every(({ role }) => role === 'head' || role === 'said');

/** A kind's name alone after a comma, with no article. */
const isBareKind = ({ before, bare, parts, head }: Clause): boolean =>
	before === 'comma' && bare && parts.length === 1 && head !== undefined;

/** "hair in a low bun", "her shoes are black loafers": the second name says which kind the first is. */
export function namesKindOf(group: Group | undefined, clause: Clause): boolean {
	if (!group || !clause.head) return false;
	const [general, own] = [typeOf(group.head), typeOf(clause.head)];
	if (!general || !own) return false;
	// "The top is an ivory blouse", "jacket: a navy blazer": a general name takes any kind that is worn there.
	const bareName = group.clauses.every(({ parts }) => parts.length <= 1);
	// "A chalk-stripe suit, three-piece": one is worn at a time.
	if (general.slot === 'suit' && general.general && own.family === general.family && isBareKind(clause))
		return true;
	// "Top: white, a blouse": alone at the end of what stands after the colon.
	const [named, after] = group.clauses;
	// "Dress: black, a full skirt" is a dress all the same, and "suit: black, flared trousers" a suit.
	const isLowerHalf = ['whole', 'suit'].includes(general.slot) && own.slot === 'legs';
	const isUnderLabel =
		named === group.own && after?.labelled === true && clause.parts.length === 1 && !isLowerHalf;
	if (isUnderLabel && clause.before === 'comma' && general.general && slotsMeetOf(general.id, own.id))
		return true;
	const introduced = clause.labelled
		? bareName
		: clause.before === 'is' && !clause.denied && !(own.general && general.family === own.family);
	if (introduced && general.general && slotsMeetOf(general.id, own.id)) return true;
	// "Jacket: a jacket", "the skirt, a pleated midi": once by the first name, once by what it is.
	const isBeside = clause.before === 'comma' && !clause.bare;
	if ((clause.labelled || isBeside) && bareName && general === own) return true;
	// "Shoes: sliders": of the same place on the body.
	const sameShelf =
		general.general &&
		!own.general &&
		clause.before === 'comma' &&
		own.slot === 'feet' &&
		general.slot === 'feet';
	if (general.family !== own.family && !sameShelf) return false;
	// "Hair in a low bun", "scraped up into a high ponytail".
	if (own.family === 'hairstyles' && (clause.before === 'in' || (clause.before === 'list' && !own.general)))
		return true;
	if (clause.before === 'is') return own.general ? general === own : true;
	if (!general.general || own.general) return false;
	if (clause.before === 'in' || clause.before === 'as') return true;
	if (!['comma', 'list'].includes(clause.before)) return false;
	if (own.family === 'hairstyles') return onlyNames(clause);
	// "Blazer, waistcoat, trousers" are listed, where "shirt, denim shirt" says which.
	if (isBareKind(clause) && isWornBesides(general, own)) return false;
	// "Her hat: a green beret", "earrings, emerald drops".
	return onlyNames(clause) && (group.own.definite || group.own.bare) && !clause.definite && bareName;
}
export const saysNothing = ({ clauses }: Group) => !clauses.some(saysColour);

/** Families of things that are made of two parts, each with a name of its own. */
const sets = new Set(['suits', 'skirt-suits', 'co-ords', 'skirt-sets', 'kurta-sets', 'lehenga-sets']);

/** Can a set be made up of such a thing? A layer is of one too, and a bra top: a cardigan and its trousers. */
export function isPartOfSet(set: GarmentType | undefined, own: GarmentType | undefined): boolean {
	if (!set || !own || !sets.has(set.family) || sets.has(own.family)) return false;
	return slotsMeetOf(set.id, own.id) || own.slot === 'layer' || own.slot === 'under';
}

/**
 * "A suit: navy jacket, grey trousers", "a set (cardigan and trousers)": what stands first is made up of what follows, of which there are two;
 * "a suit: wide trousers" is a suit.
 *
 * @param following what comes after the clause
 */
export function listsParts({ head }: Group, clause: Clause, following: readonly Clause[]): boolean {
	const set = typeOf(head);
	const own = clause.head && typeOf(clause.head);
	if (!(clause.labelled || clause.back) || clause.before === 'stop' || !isPartOfSet(set, own)) return false;
	const end = following.findIndex(({ before }) => before === 'stop');
	const listed = end < 0 ? following : following.slice(0, end);
	return listed.some((one) => {
		const other = one.head && typeOf(one.head);
		return isPartOfSet(set, other) && (other?.slot === 'legs') !== (own?.slot === 'legs');
	});
}

/**
 * "A blue two-piece, cropped jacket and mini", "a skirt suit, peplum jacket, pencil skirt": after a comma, two parts that make up the
 * set between them, in no colour of their own; in a list, by the name of their kind.
 */
export function listsBoth({ head }: Group, clause: Clause, next: Clause | undefined): boolean {
	const set = typeOf(head);
	const parts = [clause, next].map((one) => (one?.head && !saysColour(one) ? typeOf(one.head) : undefined));
	const [first, second] = parts;
	const families = (setParts[set?.id ?? ''] ?? []).map(({ type }) => garmentType(type).family);
	const isListed =
		next?.before === 'comma' &&
		parts.some((own) => own?.general === false) &&
		parts.every((own) => own && families.includes(own.family));
	return (
		clause.before === 'comma' &&
		(next?.before === 'and' || isListed) &&
		parts.every((own) => isPartOfSet(set, own)) &&
		parts.some((own) => own && ['legs', 'whole'].includes(own.slot)) &&
		first !== undefined &&
		second !== undefined &&
		!slotsMeetOf(first.id, second.id)
	);
}

/** "Feathered cuffs on a black gown", "the cuffs of a white shirt": a name that also names a part, straight before what has such a part. */
export function isPartOn({ head, clauses, own }: Group, clause: Clause, on: Part): boolean {
	const detail = senseOf(head.span, 'detail')?.detail;
	const type = typeOf(on);
	if (!(clause.before === 'on' || clause.ofWhole) || !detail || !type || clauses.at(-1) !== own) return false;
	return detail.facets.some((facet) => type.facets.includes(facet));
}

/** Is nothing said of a part but its cut: no colour, no cloth? */
const saysOnlyCut = ({ parts, head }: Clause): boolean =>
	parts.every(
		({ role, span }) =>
			span === head?.span ||
			(role === 'said' &&
				span.senses.length > 0 &&
				span.senses.every(
					(sense) =>
						sense.kind === 'note' || (sense.kind === 'facet' && facetOf(sense.facet).group !== 'cloth')
				))
	);

/** How a clause may name what a set is made up of; without "the" it has to say something of it. */
interface NamesPart {
	/** "A navy suit, jacket unbuttoned": by its bare name, of which more is said after it. */
	byName: boolean;
	/** "A navy suit, wide trousers", "with a boxy jacket": by its cut, while colour and cloth are the suit's. */
	byCut: boolean;
	/** "With a cropped jacket and cigarette pants", "suit: wide lapels, flared trousers": by the name of a kind that is cut so. */
	byKind: boolean;
}

/** Is it a kind by its cut, and by no cloth? */
const isCutKind = (type: GarmentType | undefined): boolean =>
	type !== undefined && Object.keys(type.own).length > 0 && type.own.material === undefined;

function namesPartOfSet(clause: Clause, head: Part, goesOn: boolean): NamesPart {
	const { bare, before, parts } = clause;
	if (!(bare || before === 'with') || before === 'or') return { byName: false, byCut: false, byKind: false };
	const isPart = ['trousers', 'pants', 'legs', 'skirt', 'jacket', 'blazer'].includes(
		head.span.words.at(-1) ?? ''
	);
	const isCut = isPart && saysOnlyCut(clause) && typeOf(head)?.usual.material === undefined;
	return {
		byName: bare && parts[0] === head && (parts.length > 1 || goesOn),
		byCut: isCut && parts.length > 1,
		byKind: isCut && parts.length === 1 && isCutKind(typeOf(head))
	};
}

/**
 * "With a cropped jacket and cigarette pants", "with wide lapels and flared trousers", "suit: wide lapels, flared trousers": does a clause
 * name a part of the set, or go on after one that does?
 */
const goesOnAboutParts = ({ before, labelled }: Clause, { clauses, own }: Group): boolean => {
	const told = clauses.slice(clauses.indexOf(own) + 1);
	const last = told.at(-1);
	const goesOn =
		last?.before === 'with' && last.parts.some(({ role }) => ['head', 'again', 'detail'].includes(role));
	return before === 'with' || labelled || goesOn || told.some((one) => one.labelled);
};

const ofColour = new Set(['colour', 'color', 'shade']);
/** "In the same colour", "the same brown as the jacket" take the colour of what they match, and neither its cloth nor its print. */
export const takesColourAlone = ({ parts }: Clause): boolean =>
	parts
		.filter(({ role }) => role === 'matching')
		.every(
			({ span: { words } }) =>
				words.some((word) => ofColour.has(word)) ||
				(words.includes('as') && parts.some(({ span }) => senseOf(span, 'colour')))
		);

const namesSame = (named: Span, name: Span) => named.words.at(-1) === name.words.at(-1);
/** Is what was named called so: "the trucker … the jacket", by its own last word or by the general name of its kind? */
export function isCalled(named: Span, name: Span): boolean {
	const [special, general] = [named, name].map((span) => senseOf(span, 'type')?.type);
	if (namesSame(named, name) || !special || !general) return namesSame(named, name);
	return garmentType(general).general && garmentType(general).family === garmentType(special).family;
}
/** The last of those that are called so; one that was named in the very word comes first. */
export const lastCalled = <T>(all: readonly T[], nameOf: (one: T) => Span, name: Span): T | undefined =>
	all.findLast((one) => namesSame(nameOf(one), name)) ?? all.findLast((one) => isCalled(nameOf(one), name));

/** "Bag: none": what is asked after by its name is not there. */
export const saysNone = ({ labelled, parts }: Clause): boolean =>
	labelled && parts.length === 1 && parts[0]?.span.words.join(' ') === 'none';

/**
 * "The jacket has …", some sentences on: the garment that was named before, if it is the only one that can be meant.
 *
 * @param goesOn more is said of what the clause names by the clause after it
 * @param next the clause after it
 */
export function namedAgain(
	named: readonly Group[],
	clause: Clause,
	goesOn: boolean,
	next: Clause | undefined
): Group | undefined {
	// "A pocketbook. Bag: none" asks after another.
	if (!clause.head || (next && saysNone(next))) return undefined;
	const own = typeOf(clause.head);
	const word = clause.head.span.words.at(-1);
	const { byName, byCut, byKind } = namesPartOfSet(clause, clause.head, goesOn);
	// "Over the slip; slip is champagne satin".
	const isBareName = clause.bare && clause.parts.length === 1;
	const isSubject = isBareName && goesOn;
	// "None visible under coat. Coat: camel"; "Back view: blazer has a vent".
	const isEntry = isBareName && next?.labelled === true && clause.before === 'stop';
	const mayBe = (group: Group) =>
		saysNothing(group) || (isSubject && clause.labelled && !(next && saysColour(next)));
	if (!own || !(clause.definite || byName || byCut || byKind || isSubject || isEntry)) return undefined;
	const meant = (clause.definite ? named : named.slice(-reach)).filter((group) => {
		const type = typeOf(group.head);
		if (!type) return false;
		const calls = own.general && own.family === type.family;
		// "A pink suit: the jacket …, the trousers …", "a three-piece (waistcoat buttoned)" speak of its parts.
		if ((clause.definite || byName) && setParts[type.id]?.some((part) => part.type === own.id)) return true;
		// "A tracksuit … the tracksuit".
		if (clause.definite && type === own) return true;
		if (sets.has(type.family))
			return (
				(own.general || byCut || (byKind && goesOnAboutParts(clause, group))) && slotsMeetOf(type.id, own.id)
			);
		if (!clause.definite) return (isSubject || isEntry) && type === own && mayBe(group);
		const sameWord = group.head.span.words.at(-1) === word && slotsMeetOf(type.id, own.id);
		return type === own || calls || sameWord;
	});
	const exact = clause.definite ? meant.filter(({ head }) => typeOf(head) === own) : [];
	const [group, another] = exact.length > 0 ? exact : meant;
	if (!group || another) return undefined;
	// "a red dress … the blue dress" are two.
	return clause.parts.some(({ span, role }) => role === 'said' && senseOf(span, 'colour')) &&
		group.clauses.some(saysColour)
		? undefined
		: group;
}
