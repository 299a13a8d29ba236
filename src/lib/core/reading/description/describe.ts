/** Makes a garment of what is said of it, and says for each phrase what it was taken for. */
import { alsoSaid, senseOf, sensesOf } from '../spans/senses';
import { isDoneWith } from '../../lexicon/moves';
import { setParts } from '../../lexicon/set-parts';
import { garmentType, typeHasFacet, type GarmentType } from '../../lexicon/taxonomy';
import type { Provenance } from '../../model/basics';
import { stateFacet, type Garment } from '../../model/garment';
import { paletteOf } from '../../model/palette';
import { isToldNext, shapeOf, takenAsOne } from '../clauses/after-part';
import { isTiedAnyway, takesColourAlone, type Group } from '../meaning/owners';
import type { Sense, Span } from '../model';
import { type Clause, type Part } from '../meaning/parts';
import { longestPhrase } from '../words/longest-phrase';
import { impliedColour, takeMove, takings, unset, type Description } from '../meaning/takings';
import { hangsFrom, Keeper } from './keeper';
import { metalOfPart, takeDetail, takesSame, wordsOfDetail } from './on-parts';
import { spansOf } from '../spans/spans';
import { takeScales, takeWords } from './on-words';
import { keepWorkAlone, saysWork } from '../meaning/work';

/** What the words inside a garment's name say of it: "wide-leg trousers" are wide in the leg. */
export type NameSays = (type: GarmentType, words: readonly string[]) => Sense[];

/** "In camel wool lined with silk": what it is lined with follows, and what stands before is the garment's. */
const leadsOn = ({ parts }: Clause, part: Part, next: Clause | undefined): boolean =>
	leads(part) &&
	part === parts.at(-1) &&
	next !== undefined &&
	['in', 'with'].includes(next.before) &&
	onlySays(next);

/** "Bag: burgundy top-handle", "shoes: white block heel": after a label, before a part of which it is said how it is, a colour is the garment's. */
function isToldWhole(
	{ labelled, head }: Clause,
	part: Part,
	before: readonly Part[],
	description: Description
): boolean {
	const { span } = part;
	const isMetals =
		senseOf(span, 'detail')?.detail.takesMetal && before.some((one) => senseOf(one.span, 'metal'));
	if (!labelled || head || isMetals) return false;
	const last = before.at(-1);
	const isTold = before.length > 1 && last !== undefined && takings(last, description, part).length > 0;
	return isTold || (span.words.length > 1 && alsoSaid(span));
}

/** Says a clause's words of the garment, part by part. */
function takeClause(keeper: Keeper, clause: Clause, own: boolean, next: Clause | undefined): void {
	metalOfPart(keeper, clause);
	const headAt = clause.head ? clause.parts.indexOf(clause.head) : -1;
	let pending: Part[] = [];
	const flush = () => {
		takeWords(keeper, pending, clause);
		pending = [];
	};
	clause.parts.forEach((part, i) => {
		if (part.role === 'detail') {
			const denied = part.denied || clause.denied;
			const beforeHead = own && headAt >= 0 && i < headAt;
			// "Shoes ivory satin 8 cm heel": of what is measured, no more than its measure.
			const last = pending.at(-1);
			const isMeasured =
				own && headAt >= 0 && last !== undefined && senseOf(last.span, 'length') !== undefined;
			const sorts = beforeHead || isMeasured || isToldWhole(clause, part, pending, keeper.description);
			const isLed = leadsOn(clause, part, next);
			const mine = isLed ? [] : sorts ? wordsOfDetail(keeper, part, pending) : pending;
			pending = pending.slice(0, pending.length - mine.length);
			if (sorts || isLed) flush();
			// What it is lined with is said in the clause that follows.
			if (isLed) return;
			takeDetail(keeper, { ...part, denied }, mine);
			if (!sorts) pending = [];
		} else if (part.role === 'said' && saysWhere(clause, part, clause.parts[i - 1])) {
			const placed = clause.parts[i - 1]?.span.text ?? '';
			const { notes } = keeper.description;
			if (notes.at(-1) === placed) notes.pop();
			keeper.keep(part, `${placed} ${part.span.text}`, 'understood', 'kept as a note');
		} else if (part.role === 'said') pending.push(part);
		else {
			// "With a big black bow at the neck": of what is tied there, not of the garment.
			if (part.role === 'move' && !own && !clause.head && namesThing(part)) {
				keeper.keepOf(pending, part);
				pending = [];
			}
			// "Embroidered with white cranes", "studded with tiny pearls".
			if (part.role === 'kept' && clause.decoration && !clause.head) {
				const isKnown = part.span.senses.length > 0;
				const isMade = clause.decoration === 'made';
				keeper.keepTogether(
					[...pending, part],
					isMade ? 'what it is made of' : 'shown on it',
					isKnown ? 'understood' : 'doubted',
					isMade ? 'made of ' : ''
				);
				pending = [];
				return;
			}
			flush();
			if (part.role === 'kept') keeper.keep(part, part.span.text, 'doubted', 'not known; kept as a note');
			else if (part.role === 'move') takeWayWorn(keeper, part, clause.denied);
			else if (part.role === 'kind')
				keeper.keep(
					part,
					part.span.text,
					'doubted',
					'taken as a kind of the garment beside it; kept as a note'
				);
			else if (!own && isUntoldPart(part, keeper.description.type))
				keeper.keep(part, part.span.text, 'understood', 'kept as a note');
			else if (part.role === 'again') keeper.note(part, 'understood', 'names the same garment');
			else if (part.role === 'matching')
				keeper.note(
					part,
					'understood',
					takesColourAlone(clause)
						? 'takes the colour of what it matches'
						: 'takes colour, cloth and print from what it matches'
				);
		}
	});
	flush();
}

/** "A suit with a peplum jacket": the name of a part of a set, in words that no field of the set holds. */
function isUntoldPart({ role, span }: Part, type: GarmentType): boolean {
	const part = senseOf(span, 'type');
	if (!['head', 'again'].includes(role) || !part || !Object.hasOwn(setParts, type.id)) return false;
	const cut = spansOf(span.words.slice(0, -1).join(' '));
	const isHeld = cut.some((one) => sensesOf(one, 'facet').some(({ facet }) => type.facets.includes(facet)));
	return cut.length > 0 && !garmentType(part.type).general && !isHeld;
}

/** Words that begin a place, with nothing done there. */
const leadsToPlace = new Set(['round', 'around', 'about', 'on', 'at']);

function takeWayWorn(keeper: Keeper, part: Part, denied: boolean): void {
	const { type } = keeper.description;
	const isTied = isTiedAnyway(type, part);
	const sense = isTied ? undefined : sensesOf(part.span, 'move').find(({ move }) => isDoneWith(move, type));
	// "Embroidered at the neck": only of what is tied there does the place say that it is.
	// "A belt round the waist" is where belts are.
	const saysWhere =
		!sense &&
		(part.span.senses.some(({ kind }) => kind === 'filler') || leadsToPlace.has(part.span.words[0] ?? ''));
	if (saysWhere) return keeper.note(part, 'idle', 'says where');
	if (sense && part.span.words[0] === 'at' && !['scarf', 'neck', 'waist'].includes(type.slot))
		return keeper.note(part, 'idle', 'says where');
	if (denied || part.denied) keeper.note(part, 'denied', 'not worn so');
	else if (sense) keeper.take(part, takeMove(sense.move));
	else if (isTied) keeper.keep(part, part.span.text, 'understood', 'kept as a note');
	else keeper.note(part, 'doubted', `is not done with ${type.singular}`);
}

const onlySays = ({ parts }: Clause) => parts.every(({ role }) => role === 'said');

/** "Bow at the neck" names what is worn so, "tied at the waist" does not. */
const namesThing = ({ span }: Part) =>
	longestPhrase(span.words, 0, 1)?.senses.some(({ kind }) => kind === 'detail' || kind === 'type') === true;

const leads = ({ span }: Part) => senseOf(span, 'detail')?.detail.leads === true;

/** "A slit to mid-thigh", "with zips at the knee": does a length say how far a part goes, or where it is? */
const placesBefore = ({ before, head }: Clause, { span }: Part) =>
	span.words[0] === 'to' ||
	(before === 'with' && !head && ['at', 'on', 'above', 'below'].includes(span.words[0] ?? ''));

const isLength = ({ facet }: { facet: string }) => facet.endsWith('Length');

const isOfSurface = ({ facet }: { facet: string }) => facet === 'distress' || facet === 'texture';
/** "Patched": done to the cloth, and held by no facet. */
const saysDone = ({ span, role }: Part) =>
	role === 'detail' ? /ed$/.test(span.words.at(-1) ?? '') : senseOf(span, 'note') !== undefined;

/** "Torn at the knee", "slim to the knee": straight after what is done to the cloth, or how it fits, a length says where. */
function saysWhereDone(before: Part | undefined, { span }: Part): boolean {
	const done = before?.role === 'said' ? sensesOf(before.span, 'facet') : [];
	const [first] = span.words;
	const isPlace = ['at', 'on', 'above', 'below'].includes(first ?? '');
	return (
		sensesOf(span, 'facet').some(isLength) &&
		!done.some(isLength) &&
		(done.some(({ facet }) => facet === 'fit' || facet === 'leg')
			? isPlace || first === 'to'
			: isPlace && (done.some(isOfSurface) || (before !== undefined && saysDone(before))))
	);
}

/** "Rips", "frills": of what a garment has, several. */
const namesMany = ({ words }: Span) => /[^s]s$/.test(words.at(-1) ?? '');

/** "A slit to mid-thigh": how far a part goes that has no length of its own is no length of the garment. */
function goesTo(part: Part | undefined, said: readonly Part[]): boolean {
	const detail = part && senseOf(part.span, 'detail')?.detail;
	const hasNone =
		detail === undefined
			? // "Rips at the knee".
				part !== undefined && namesMany(part.span) && sensesOf(part.span, 'facet').length > 0
			: !detail.facets.some((facet) => isLength({ facet }));
	return hasNone && said.every(({ span }) => sensesOf(span, 'facet').some(isLength));
}

/** "A raw denim, boots": the colour of a cloth by which a thing is named. */
const washOf = ({ span }: Part): Sense[] =>
	sensesOf(span, 'facet').some(({ facet }) => facet === 'material') ? sensesOf(span, 'colour') : [];

/** Does a word say where what was said just before it is, or how far that goes? */
const saysWhere = (clause: Clause, part: Part, before: Part | undefined): boolean =>
	(placesBefore(clause, part) && goesTo(before, [part])) || saysWhereDone(before, part);

/**
 * "A skirt suit with a short jacket": the type as a clause can describe it, where that names a part of a set; what the part has not,
 * is not said of the set.
 */
function typeTold(type: GarmentType, { parts }: Clause): GarmentType {
	const of = setParts[type.id];
	const named = parts.find(({ role }) => role === 'again' || role === 'head');
	const own = of && named && senseOf(named.span, 'type');
	if (!own || own.type === type.id || Object.hasOwn(setParts, own.type)) return type;
	return { ...type, facets: type.facets.filter((facet) => typeHasFacet(own.type, facet)) };
}

/** Describes the garment of a group. `nameSays` reads the words inside its name. */
export function describe(
	group: Group,
	type: GarmentType,
	options: { provenance: Provenance; nameSays: NameSays }
): Description {
	const description: Description = { type, facets: {}, colours: [], moves: [], notes: [], outcomes: [] };
	let leading: Part | undefined;
	/** "The lapels are wide and satin": what goes on is said of the part as well. */
	let told: Part | undefined;
	/** "Belted in tan leather": what follows is the belt's. */
	let belted = false;
	let worked = false;
	/** Colours before what "with" joined: "with red and gold embroidery". */
	let ground = 0;
	const named = group.clauses.flatMap((clause) => {
		const { head, parts, matches } = clause;
		return [
			...(head
				? [
						// "A trouser suit with a cropped jacket": as far as that part has it.
						...options.nameSays(typeTold(type, clause), head.span.words),
						...washOf(head)
					]
				: []),
			// "Kitten-heel pumps": what names the garment a second time says as much of it.
			...parts
				.filter((part) => part.role === 'again' && part !== matches)
				.flatMap(({ span }) =>
					sensesOf(span, 'type')
						.slice(0, 1)
						.flatMap((own) => options.nameSays(garmentType(own.type), span.words))
				)
		];
	});
	for (const [i, clause] of group.clauses.entries()) {
		const provenance = clause.hedged ? 'inferred' : options.provenance;
		description.type = typeTold(type, clause);
		const keeper = new Keeper(description, provenance);
		const last = clause.parts.at(-1);
		const goesOn = !clause.head && onlySays(clause);
		told = clause.ofPart ?? (clause.before === 'and' && clause.bare && goesOn ? told : undefined);
		const part =
			told ??
			(leading && (leads(leading) || (clause.before === 'in' && goesTo(leading, clause.parts)))
				? leading
				: undefined);
		keeper.afterWork = worked && goesOn && ['in', 'with', 'and'].includes(clause.before);
		if (clause.before === 'with') ground = description.colours.length;
		const [word] = clause.parts;
		const isTold = told !== undefined || clause.before === 'is';
		const taking = part && isTold ? takenAsOne(clause.parts, part, description) : undefined;
		const shape = leading && clause.before === 'with' ? shapeOf(leading, clause, description) : undefined;
		if (part && taking && word) {
			keeper.take(word, taking);
			keeper.note(part, 'understood', 'the part that it is said of');
		} else if (shape && last) {
			keeper.keepOf(clause.parts.slice(0, -1), last);
			keeper.take(last, shape);
		}
		// "Soft like denim".
		else if (clause.before === 'as' && goesOn) keeper.keepTogether(clause.parts, 'what it is likened to');
		else if (part && (isTold || ['in', 'with', 'on'].includes(clause.before)) && goesOn)
			takeDetail(keeper, part, clause.parts);
		else if (isToldNext(clause, group.clauses[i + 1])) keeper.afterWork = false;
		else if (
			belted &&
			(description.colours.length > 0 || description.print) &&
			['in', 'with'].includes(clause.before) &&
			goesOn
		)
			keeper.keepTogether(clause.parts, 'what it is belted with');
		else if (!(leading && takesSame(keeper, leading, clause)))
			takeClause(keeper, clause, clause === group.own, group.clauses[i + 1]);
		takeScales(keeper);
		if (clause.before === 'and' && description.colours.at(-1)?.ofWork)
			for (const colour of description.colours.slice(ground)) colour.ofWork = true;
		// "A black dress festooned in …": what is said with the name is no work.
		if (clause.head) ground = description.colours.length;
		worked = keeper.afterWork || (last !== undefined && saysWork(last.span));
		leading = last?.role === 'detail' && !last.denied ? last : undefined;
		belted = last?.role === 'move' && sensesOf(last.span, 'move').some(({ move }) => move === 'belted');
	}
	description.type = type;
	keepWorkAlone(
		description,
		group.clauses.flatMap(({ parts }) => parts)
	);
	for (const sense of named) {
		// "A keyhole halter top".
		const shape = sense.kind === 'facet' && hangsFrom.has(sense.value) && description.facets.neckline?.value;
		if (shape && !hangsFrom.has(shape)) {
			new Keeper(description, options.provenance).overrule('neckline', shape);
			description.facets.neckline = undefined;
		}
		if (sense.kind === 'facet' && type.facets.includes(sense.facet) && unset(description, sense.facet))
			stateFacet(description.facets, sense.facet, { value: sense.value, provenance: options.provenance });
		if (sense.kind === 'colour' && description.colours.length === 0)
			description.colours.push({ hex: sense.hex, provenance: options.provenance });
		if (sense.kind === 'print')
			description.print ??= { family: { value: sense.family, provenance: options.provenance } };
	}
	// "A kitten heel" says how high it is as well.
	const { heelShape } = description.facets;
	if (heelShape?.value === 'kitten' && type.facets.includes('heelHeight') && unset(description, 'heelHeight'))
		description.facets.heelHeight = { value: 'kitten', provenance: heelShape.provenance };
	return description;
}

/** The garment that a description comes to; a material named after its colour lends it where none is said. */
export function garmentOf({ type, facets, colours, print, metal }: Description): Garment {
	const ordered = [...colours.filter(({ ground }) => ground), ...colours.filter(({ ground }) => !ground)];
	const implied = impliedColour.get(facets.material?.value ?? '');
	const palette =
		ordered.length > 0 || !implied || metal
			? paletteOf(ordered)
			: paletteOf([{ hex: implied, provenance: 'inferred' }]);
	return { type: type.id, facets, palette, ...(print ? { print } : {}), ...(metal ? { metal } : {}) };
}
