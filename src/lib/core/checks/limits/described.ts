/** Is a piece what a description says: "pencil skirts", "open toes", "mustard yellow"? */
import { deltaE00 } from '../../colour/difference';
import { labOfHex } from '../../colour/spaces';
import { mayBeMeantBy, type ColourFamily } from '../../colour/family';
import { measureColour } from '../../colour/similarity';
import { colourName, colourOfWord, isColourOf } from '../../colour/words';
import { facetOf, type FacetId } from '../../lexicon/facets';
import { highNecklines } from '../../lexicon/limit-properties';
import { materialOfTexture } from '../../lexicon/material-feel';
import { printGroups } from '../../lexicon/prints';
import { garmentType, includes, type GarmentType } from '../../lexicon/taxonomy';
import type { PieceFacts } from '../facts';
import { sensesOfPhrase, spansOf } from '../../reading/spans/spans';
import { allOf, anyOf, type Answer } from '../property';
import {
	descriptionsOf,
	hasUnknown,
	losesMove,
	namesColour,
	remembered,
	saidByName,
	wholeKindIn,
	type Description
} from './descriptions';

/** General names that mean more or less, as a client says them, than the words of the tree (common practice). */
const meantBy: Readonly<Record<string, (type: GarmentType) => boolean>> = {
	// Of two-piece things the lower one.
	trousers: ({ id, family }) =>
		['trousers', 'jeans', 'salwars', 'suits', 'kurta-sets'].includes(family) ||
		['gharara-set', 'sharara-set', 'tracksuit', 'pyjamas', 'scrubs', 'ao-dai'].includes(id),
	skirt: ({ family }) => ['skirts', 'skirt-suits', 'skirt-sets', 'lehengas', 'lehenga-sets'].includes(family),
	top: ({ slot }) => slot === 'top',
	shoes: ({ slot }) => slot === 'feet',
	jacket: ({ id, family }) =>
		(family === 'jackets' || (family === 'tailored' && !/waistcoat|coat$/.test(id))) && id !== 'gilet',
	overcoat: ({ id, family }) => family === 'coats' && !['cape', 'poncho', 'abaya'].includes(id),
	// What a faith or a wedding asks for on the head is no hat.
	hat: ({ id, family }) =>
		family === 'headwear' &&
		!['hood', 'turban', 'pagri', 'headscarf', 'hijab', 'kufi', 'bridal-veil'].includes(id),
	handbag: ({ id, family }) => family === 'handbags' && id !== 'umbrella',
	dress: ({ id, family }) =>
		(family === 'dresses' && id !== 'swimsuit') || ['anarkali', 'indo-western-gown'].includes(id)
};
/** Does a longer name end in a shorter one: ankle socks are socks, a pussy-bow blouse is a blouse? */
const endsInNameOf = (named: GarmentType, { singular, plural }: GarmentType) =>
	singular.endsWith(` ${named.singular}`) || plural.endsWith(` ${named.plural}`);
const isOfKind = (named: GarmentType, type: GarmentType) =>
	named.id === type.id ||
	endsInNameOf(named, type) ||
	(named.general && (meantBy[named.id]?.(type) ?? includes(named, type)));

/** Scales that say how much of something there is, where others say to where it reaches. */
const amounts: readonly FacetId[] = ['fit', 'size', 'sheen', 'weight', 'distress', 'heelHeight', 'formality'];

/**
 * On a scale whose end is named, what lies beyond is meant as well: who will not wear a mini wears no micro, and who wears nothing large
 * nothing larger. Of where things end only a third of the scale at either end is an end.
 */
function isAsFar(facet: FacetId, wanted: string, value: string): boolean {
	const { kind, values } = facetOf(facet);
	const [from = -1, at = -1] = [wanted, value].map((id) => values.findIndex((one) => one.id === id));
	if (kind !== 'ordinal' || from < 0 || at < 0) return value === wanted;
	const last = values.length - 1;
	const end = (amounts.includes(facet) ? 1 / 2 : 1 / 3) * last;
	if (from < end) return at <= from;
	return from > last - end ? at >= from : at === from;
}

/** What is said of one part holds for another that has it too: a ruffled hem and a ruffled collar are ruffles, an open toe is a peep. One that means
 * something else of another part is named with its facet: wide legs are loose, a wide brim is not.
 */
const alike: Readonly<Record<string, readonly string[]>> = {
	open: ['peep'],
	sequin: ['sequinned'],
	ruffled: ['ruffled'],
	'chunky-knit': ['cable'],
	chunky: ['chunky', 'platform', 'lug'],
	baggy: ['baggy', 'oversized'],
	oversized: ['oversized', 'baggy'],
	relaxed: ['relaxed', 'oversized', 'baggy', 'leg=wide', 'leg=palazzo'],
	v: ['deep-v', 'plunge'],
	'deep-v': ['deep-v', 'plunge'],
	'pussy-bow': ['pussy-bow'],
	funnel: ['funnel'],
	'high-neck': highNecklines
};

/** "Zips at the back", "a back zip". */
const joining = new Set(['at', 'the', 'on', 'in', 'of', 'with', 'her', 'his', 'an']);
/** "V-neck", "V neck", "A-line": a letter and its word. */
const lettered = /(?<![\p{L}'’])(?:([a-z])-|([b-hj-z]) )(?=\p{L})/gu;
const wordsOf = remembered((text: string) =>
	text
		.toLowerCase()
		.replace(lettered, '$1$2')
		.split(/[^\p{L}]+/u)
		.filter((word) => word.length > 1 && !joining.has(word))
);

const isOfCloth = (facet: FacetId) => facet === 'texture' || facet === 'material';

/** What every thing that can have it has in some way: a length, a cut, a cloth. A slit or a ruffle is there or it is not. */
const inSomeMeasure: ReadonlySet<FacetId> = new Set<FacetId>([
	...(['fit', 'topLength', 'hemLength', 'legLength', 'rise', 'sleeveLength', 'neckline', 'leg'] as const),
	...(['skirtShape', 'heelHeight', 'heelShape', 'toe', 'shaft', 'brim', 'frame'] as const),
	...(['opacity', 'weight', 'material'] as const)
]);
/** Denim is blue, black or grey where nobody says so: a white shirt is of none. */
const denimColours: readonly ColourFamily[] = ['denim', 'blue', 'navy', 'black', 'grey'];
const isAgainstDenim = ({ main }: PieceFacts, wanted: string | undefined) =>
	wanted === 'denim' && main !== undefined && !denimColours.includes(main.family);
const ofAnySize = ['jewellery', 'accessories', 'bags'];

/** Has a facet of a piece a value? `isNamed`: its kind is named beside it, "midi skirts", so that of a skirt of no known length it is asked. */
export function saysOf(piece: PieceFacts, facet: FacetId, wanted: string, isNamed = false): Answer {
	const others = alike[wanted] ?? [];
	const stated = piece.stated(facet);
	if (stated !== undefined && (isAsFar(facet, wanted, stated) || others.includes(stated))) return 'yes';
	const isAlike = ([id, { value }]: [string, { value: string }]) =>
		others.includes(value) || others.includes(`${id}=${value}`);
	if (others.length > 0 && Object.entries(piece.garment.facets).some(isAlike)) return 'yes';
	// A back that is cut out, a lace yoke: what only a part of it is of stands in its note.
	if (
		isOfCloth(facet) &&
		piece.note &&
		wordsOf(wanted).every((word) => wordsOf(piece.note ?? '').includes(word))
	)
		return 'yes';
	if (facet === 'material' && materialOfTexture[piece.stated('texture') ?? ''] === wanted) return 'yes';
	if (stated !== undefined) return 'no';
	const usual = piece.type.usual[facet];
	// How large a jewel or a bag is goes by no kind.
	const isOpen =
		(isNamed && inSomeMeasure.has(facet) && !isAgainstDenim(piece, wanted)) ||
		(facet === 'size' && ofAnySize.includes(piece.type.division));
	if (usual === undefined && isOpen && piece.type.facets.includes(facet)) return 'unknown';
	return usual !== undefined && (isAsFar(facet, wanted, usual) || others.includes(usual)) ? 'by-kind' : 'no';
}

/** Prints that a general word for them means as well. */
export const printsMeant = (words: string, family: string): readonly string[] => {
	const groupsOf = (...ids: string[]) =>
		printGroups.filter((group) => ids.some((id) => group.includes(id))).flat();
	switch (family) {
		case 'stripe':
		case 'spot':
		case 'polka-dot':
			return groupsOf(family);
		case 'check':
			return groupsOf('check', 'plaid').filter((id) => !['argyle', 'fair-isle', 'checkerboard'].includes(id));
		case 'plaid':
			return ['plaid', 'buffalo'];
		case 'floral':
			return groupsOf(family).filter((id) => id !== 'botanical');
		case 'leopard':
			return /animal/i.test(words) ? groupsOf(family).filter((id) => id !== 'camouflage') : [family];
		default:
			return [family];
	}
};

/** Of what is told to be printed and not how, "a patterned skirt", it is asked. */
function isOfPrint(piece: PieceFacts, families: readonly string[]): Answer {
	if (piece.print !== undefined) return families.includes(piece.print) ? 'yes' : 'no';
	return ['printed', 'patterned'].some((word) => isTold(piece, word)) ? 'unknown' : 'no';
}

/** As near to a colour that no word names is meant by it, in CIEDE2000. */
const meantWithin = 10;
const isMeantBy = remembered((wanted) => {
	const name = colourName(wanted);
	const named = colourOfWord(name);
	const isNamed = named?.hex === wanted;
	/** Green itself, of which olive may be one. */
	const isGeneral = isNamed && named.word === named.family;
	return remembered((hex): Answer => {
		if (!isNamed) return deltaE00(labOfHex(hex), labOfHex(wanted)) <= meantWithin ? 'yes' : 'no';
		if (isColourOf(name, hex)) return 'yes';
		return isGeneral && mayBeMeantBy(named.family, measureColour(hex).family) ? 'unknown' : 'no';
	});
});
/** Is a piece of a colour? Of what is perhaps a shade of it, it is asked. */
export const isColoured = ({ colours }: PieceFacts, wanted: string): Answer =>
	anyOf(...colours.map(({ hex }) => isMeantBy(wanted)(hex)));

/** "Pockets", "buttoned", "frilly", "laced": a word, and what may be left of it without its ending. Capes are no caps. */
const endings: readonly [ending: RegExp, left: string][] = [
	[/ies$/, 'y'],
	[/(?<=s|x|z|ch|sh)es$/, ''],
	[/(?<!s)s$/, ''],
	[/d$/, ''],
	[/(?:([bdgmnprt])\1)?(?:ed|ing)$/, '$1'],
	// "Tasselled", "labelled".
	[/ll(?:ed|ing)$/, 'l'],
	[/ing$/, 'e'],
	[/y$/, '']
];
const stemsOf = remembered((word: string) => [
	word,
	...endings.flatMap(([ending, left]) => {
		const stem = word.replace(ending, left);
		return stem !== word && stem.length > 1 ? [stem] : [];
	})
]);
/** What a word says of a part: frills and what is flounced are both ruffled. */
const saidOfPart = remembered((word: string) =>
	(sensesOfPhrase(word) ?? []).flatMap((sense) => {
		if (sense.kind === 'facet') return isOfCloth(sense.facet) ? [] : [`${sense.facet}=${sense.value}`];
		return sense.kind === 'detail' && sense.detail.alone ? [sense.detail.alone.join('=')] : [];
	})
);
const isSameWord = (a: string, b: string) =>
	stemsOf(a).some((stem) => stemsOf(b).includes(stem)) ||
	saidOfPart(a).some((value) => saidOfPart(b).includes(value));
/** "No lining", "without sleeves": a note may say what is not there. */
const deniedInNote = /\b(?:no|not|without|never|minus|lost its)\s+[\w-]+/gi;
/** "Lace-up", "pull-on": how it is done up or put on, by a verb; it is of no lace. */
const beforeParticle = /(?<=[a-z])-(?=(?:up|on|off|down)s?\b)/gi;
/** The words of a text, a verb and its particle as one. */
const wordsIn = (text: string) => wordsOf(text.replace(beforeParticle, ''));
/** A part, or a way, that the name of a kind leaves out. */
const partOfKind = /\s+(?:pockets?|styles?|cuts?|shapes?)$/i;
/** Does a piece tell of something in its own words: its kind's name, what is stated of it, how it is worn, its note? */
export function isTold({ garment, type, moves, note }: PieceFacts, words: string, withNote = true): boolean {
	// "Cargo pockets" are what cargo trousers have.
	const wanted = wordsIn(withNote ? words : words.replace(partOfKind, ''));
	const own = [type.singular, ...Object.values(garment.facets).map(({ value }) => value), ...moves];
	const told = [...own, ...(withNote && note ? [note.replace(deniedInNote, ' ')] : [])].flatMap(wordsIn);
	return wanted.length > 0 && wanted.every((word) => told.some((one) => isSameWord(one, word)));
}

/** Is a part spoken of in some words of a note? */
export const isSaidIn = (note: string, part: string): boolean =>
	wordsOf(part).every((word) => wordsOf(note).some((one) => isSameWord(one, word)));

/** Is a piece of the kind, or said to be as it is: a denim jacket that is cropped, beside cropped jackets? */
function isCalled(piece: PieceFacts, kind: GarmentType): boolean {
	const { type, stated } = piece;
	if (isOfKind(kind, type)) return true;
	const own = Object.entries(kind.own) as [FacetId, string][];
	const told = own.filter(([facet]) => stated(facet) !== undefined);
	return (
		kind.family === type.family &&
		told.length > 0 &&
		told.every(([facet, value]) => saysOf(piece, facet, value) === 'yes')
	);
}

/** Words for shoes by their heel, and which kinds they may be: "heels" are court shoes, or stilettos. */
const byHeel: Readonly<Record<string, (type: GarmentType) => boolean>> = {
	heels: ({ slot, usual: { heelHeight = 'flat' } }) => slot === 'feet' && heelHeight !== 'flat',
	flats: ({ family, usual }) => family === 'shoes' && usual.heelHeight === 'flat'
};
/** May a piece of which only a wider kind is known, "heels", "socks", be of the kind: stilettos, ankle socks? */
function mayBe(piece: PieceFacts, kind: GarmentType): boolean {
	const { type, stated } = piece;
	if (isAgainstDenim(piece, kind.own.material)) return false;
	const own = Object.entries(kind.own) as [FacetId, string][];
	const isWider =
		(type.general && includes(type, kind)) || endsInNameOf(type, kind) || byHeel[type.id]?.(kind) === true;
	return isWider && own.every(([facet, value]) => [undefined, value].includes(stated(facet)));
}

/** Does a piece tell what a description says for which there is no field? Of one of the kind that is named, and does not, it is asked. */
function isNoted(piece: PieceFacts, note: string, isNamed: boolean): Answer {
	if (isTold(piece, note)) return 'yes';
	return isNamed ? 'unknown' : 'no';
}

const metalsIn = remembered((words) =>
	spansOf(words).flatMap(({ senses }) =>
		senses.flatMap((sense) => (sense.kind === 'metal' ? [sense.metal] : []))
	)
);
const isOfMetal = ({ metal }: PieceFacts, words: string) =>
	metal !== undefined && metalsIn(words).includes(metal);

function answers(
	piece: PieceFacts,
	words: string,
	description: Description,
	known: 'surely' | 'perhaps'
): Answer {
	const { garment, named, note, moves } = description;
	const kind = garmentType(garment.type);
	const isOfIt = !named || isCalled(piece, kind);
	if (!isOfIt && (known === 'surely' || !mayBe(piece, kind))) return 'no';
	const facets = Object.entries(garment.facets) as [FacetId, { value: string }][];
	const family = garment.print?.family.value;
	const colours = namesColour(words) ? garment.palette : [];
	const holds: Answer[] = [
		...(isOfIt ? [] : (['unknown'] as const)),
		...facets.map(([facet, { value }]) => {
			const isOfItsName = !isOfIt && (kind.own[facet] ?? saidByName(kind)?.facets[facet]) !== undefined;
			return isOfItsName && piece.stated(facet) === undefined
				? 'unknown'
				: saysOf(piece, facet, value, named);
		}),
		...(family ? [isOfPrint(piece, printsMeant(words, family))] : []),
		// Gold is a colour, and a metal.
		...colours.map(({ hex }): Answer => (isOfMetal(piece, words) ? 'yes' : isColoured(piece, hex))),
		...(garment.metal ? ([piece.metal === garment.metal.value ? 'yes' : 'no'] as const) : []),
		...moves.map((move): Answer => (piece.moves.includes(move) ? 'yes' : 'no')),
		...(note ? [isNoted(piece, note, named)] : [])
	];
	return holds.length > 0 || named ? allOf(...holds) : 'no';
}

/** Names a kind that holds others: a dress, a shirt. */
const isOfManyKinds = ({ named, garment }: Description) =>
	named && Object.hasOwn(meantBy, garment.type) && garmentType(garment.type).general;

/** "No ruffles", "no pearls": what a note speaks of, it may be of a part that has them, or of something else. "Belt loops" are no belt. */
function toldOfPart(piece: PieceFacts, words: string, descriptions: readonly Description[]): Answer {
	const kinds = descriptions.filter(({ named }) => named).map(({ garment }) => garmentType(garment.type));
	if (descriptions.length === 0 || !isTold(piece, words)) return 'no';
	return kinds.every(({ division }) => division === 'jewellery') ? 'unknown' : 'no';
}

/**
 * Is a piece what the words say, as stated or by its kind? Several things named are several descriptions. Of what is only known to be of a
 * wider kind, "heels", it is not known whether it is of the one that is named, "stilettos"; or it is none, where that is to be known `surely`.
 */
export function isDescribed(
	piece: PieceFacts,
	words: string,
	known: 'surely' | 'perhaps' = 'perhaps'
): Answer {
	const kind = wholeKindIn(words);
	if (kind && (!kind.isOf(piece.type) || !kind.rest)) return kind.isOf(piece.type) ? 'yes' : 'no';
	if (kind) return isDescribed(piece, kind.rest, known);
	const isVague = hasUnknown(words) || losesMove(words);
	const descriptions = descriptionsOf(words, piece.type);
	return anyOf(
		...descriptions.map((one): Answer => {
			const answer = answers(piece, words, one, known);
			return answer !== 'no' && one.named && isVague ? 'unknown' : answer;
		}),
		// "No peplums": the name of its kind says it; a dress shirt is no dress.
		!descriptions.some(isOfManyKinds) && isTold(piece, words, false) ? 'yes' : 'no',
		toldOfPart(piece, words, descriptions)
	);
}
