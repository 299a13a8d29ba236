/** Is a piece what a description says: "pencil skirts", "open toes", "mustard yellow"? */
import { materialOfTexture } from '../../lexicon/material-feel';
import { facetOf, type FacetId } from '../../lexicon/facets';
import { printGroups } from '../../lexicon/prints';
import { garmentType, garmentTypes, type GarmentType } from '../../lexicon/taxonomy';
import type { Garment } from '../../model/garment';
import { readLook } from '../../reading';
import type { Sense } from '../../reading/model';
import { sensesOfPhrase, spansOf } from '../../reading/spans';
import { colourName, colourOfWord, isColourOf } from '../../colour/words';
import { deltaE00 } from '../../colour/difference';
import { labOfHex } from '../../colour/spaces';
import type { PieceFacts } from '../facts';
import { allOf, anyOf, type Answer } from '../property';

/** An answer that depends on words alone, worked out once for each. */
const remembered = <T>(work: (words: string) => T): ((words: string) => T) => {
	const known = new Map<string, T>();
	return (words) => {
		const before = known.get(words);
		if (before !== undefined) return before;
		const answer = work(words);
		known.set(words, answer);
		return answer;
	};
};

/** Words for things of several kinds, and which they are (common practice). */
const wholeKinds: readonly [said: RegExp, isOf: (type: GarmentType) => boolean][] = [
	[/\bjewel(?:le)?ry$|\bjewels$/i, ({ division }) => division === 'jewellery'],
	[/\b(?:knitwear|knits|woollies)$/i, ({ family }) => ['knitwear', 'cardigans'].includes(family)],
	[/\bfootwear$/i, ({ slot }) => slot === 'feet'],
	[/\bouterwear$/i, ({ slot }) => slot === 'outer'],
	[/\b(?:make-?up|cosmetics)$/i, ({ slot }) => ['face', 'nails'].includes(slot)],
	[/\bheadwear$/i, ({ slot }) => slot === 'head'],
	[/\bhosiery$/i, ({ slot }) => slot === 'hosiery'],
	[/\bunder(?:wear|garments)$/i, ({ slot }) => slot === 'under'],
	[/\bpiercings?$/i, ({ id }) => /(?:nose|navel|septum|eyebrow)-?(?:ring|stud)/.test(id)]
];
/** The whole kind that words end in, and what they say of it: "silver jewellery"; null where they name none. */
export const wholeKindIn = remembered((words) => {
	// "Cowboy hats", "eye make-up" are kinds of their own.
	if (sensesOfPhrase(words)?.some(({ kind }) => kind === 'type')) return null;
	const [said, isOf] = wholeKinds.find(([one]) => one.test(words)) ?? [];
	return said && isOf ? { isOf, rest: words.replace(said, '').trim() } : null;
});

/** What a description says of a garment, and whether it names its kind. */
interface Description {
	garment: Garment;
	named: boolean;
	note: string;
}

const saysAnything = ({ garment, note }: Description) =>
	note !== '' ||
	garment.metal !== undefined ||
	garment.print !== undefined ||
	garment.palette.length > 0 ||
	Object.keys(garment.facets).length > 0;

const elementsIn = remembered((words) => readLook(words).elements);
/** What the name of a kind says of it by itself: a pencil skirt is narrow without a word. */
const saidByName = ({ singular }: GarmentType) => elementsIn(singular)[0]?.garment;

/** Kinds that have the same facets in the same place are described alike; the one whose name says least stands for them. */
const standsFor = (() => {
	const known = new Map<string, GarmentType>();
	const saysNothing = (type: GarmentType) => Object.keys(saidByName(type)?.facets ?? {}).length === 0;
	return (type: GarmentType): GarmentType => {
		const key = [type.division, type.slot, ...type.facets].join();
		const before = known.get(key);
		if (before) return before;
		const alike = garmentTypes.filter((one) => [one.division, one.slot, ...one.facets].join() === key);
		const found = alike.find(({ general }) => general) ?? alike.find(saysNothing) ?? type;
		known.set(key, found);
		return found;
	};
})();

/** What a sense says of a thing of this kind by itself. */
const saidAlone = (sense: Sense, { facets }: GarmentType): Partial<Garment> | undefined => {
	if (sense.kind === 'facet' && sense.free && facets.includes(sense.facet))
		return { facets: { [sense.facet]: { value: sense.value, provenance: 'seen' } } };
	if (sense.kind === 'print') return { print: { family: { value: sense.family, provenance: 'seen' } } };
	return undefined;
};

/** "No bows", "no V-necks", "no breton": a name that is a feature or a part of other things as well means them, too. */
function alsoNamed(words: string, type: GarmentType): Description[] {
	const spans = spansOf(words).filter(({ senses }) => !senses.some(({ kind }) => kind === 'filler'));
	const said = ({ note = '', ...garment }: Partial<Garment> & { note?: string }): Description => ({
		garment: { type: type.id, facets: {}, palette: [], ...garment },
		note,
		named: false
	});
	const [only] = spans;
	if (!only || spans.length > 1) return [];
	return only.senses.flatMap((sense) => {
		if (sense.kind === 'detail') return [said({ note: words })];
		const alone = saidAlone(sense, type);
		return alone ? [said(alone)] : [];
	});
}

/** What is said of a garment besides what its name says. */
function beyondName(garment: Garment, type: GarmentType): Garment {
	const bare = saidByName(type);
	const facets = Object.fromEntries(
		Object.entries(garment.facets).filter(
			([facet, { value }]) => bare?.facets[facet as FacetId]?.value !== value
		)
	);
	return {
		...garment,
		facets,
		print: bare?.print ? undefined : garment.print,
		palette: bare?.palette[0] ? [] : garment.palette,
		metal: bare?.metal ? undefined : garment.metal
	};
}

/** Read as it stands, and where that names nothing to wear, as said of such a thing. */
function readAs(words: string, type: GarmentType): Description[] {
	const things = elementsIn(words).map(({ garment, note }) => ({ garment, note, named: true }));
	if (things.length > 0) return [...things, ...alsoNamed(words, type)];
	// "Peplums", "drop waists": many of them are said of one thing.
	for (const one of [words, words.replace(/s$/i, '')]) {
		const [said] = readLook(`${type.singular}, ${one}`).elements;
		const description = said && { garment: beyondName(said.garment, type), note: said.note, named: false };
		if (description && said.garment.type === type.id && saysAnything(description)) return [description];
	}
	return [];
}

const descriptionsIn = remembered((words) => {
	const known = new Map<GarmentType, Description[]>();
	return (type: GarmentType): Description[] => {
		const before = known.get(type) ?? readAs(words, type);
		known.set(type, before);
		return before;
	};
});
/** What words say, of a thing of this kind where they name none themselves; remembered, since a look is checked again and again. */
export const descriptionsOf = (words: string, type: GarmentType): Description[] =>
	descriptionsIn(words)(standsFor(type));

/** General names that mean more than their own family: no jeans for whom wears no trousers. */
const widely: Readonly<Record<string, (type: GarmentType) => boolean>> = {
	trousers: ({ family }) => ['trousers', 'jeans'].includes(family),
	top: ({ slot }) => slot === 'top',
	shoes: ({ slot }) => slot === 'feet',
	heels: ({ slot, usual }) => slot === 'feet' && (usual.heelHeight ?? 'flat') !== 'flat'
};
export const isOfKind = (named: GarmentType, type: GarmentType) =>
	named.id === type.id || (named.general && (widely[named.id]?.(type) ?? named.family === type.family));

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

/** What is said of one part holds for another that has it too: a ruffled hem and a ruffled collar are ruffles, an open toe is a peep. */
const alike: Readonly<Record<string, readonly string[]>> = {
	open: ['peep'],
	sequin: ['sequinned'],
	ruffled: ['ruffled'],
	'chunky-knit': ['cable'],
	baggy: ['baggy', 'oversized'],
	oversized: ['oversized', 'baggy'],
	ripped: ['ripped', 'raw', 'frayed'],
	'deep-v': ['deep-v', 'plunge'],
	'pussy-bow': ['pussy-bow']
};

export function saysOf(piece: PieceFacts, facet: FacetId, wanted: string): Answer {
	const others = alike[wanted] ?? [];
	const stated = piece.stated(facet);
	if (stated !== undefined && (isAsFar(facet, wanted, stated) || others.includes(stated))) return 'yes';
	if (others.length > 0 && Object.values(piece.garment.facets).some(({ value }) => others.includes(value)))
		return 'yes';
	if (facet === 'material' && materialOfTexture[piece.stated('texture') ?? ''] === wanted) return 'yes';
	if (stated !== undefined) return 'no';
	const usual = piece.type.usual[facet];
	return usual !== undefined && (isAsFar(facet, wanted, usual) || others.includes(usual)) ? 'by-kind' : 'no';
}

/** Prints that a general word for them means as well. */
const printsMeant = (words: string, family: string): readonly string[] => {
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

/** As near to a colour that no word names is meant by it, in CIEDE2000. */
const meantWithin = 10;
const isMeantBy = remembered((wanted) => {
	const name = colourName(wanted);
	const isNamed = colourOfWord(name)?.hex === wanted;
	return remembered((hex) =>
		isNamed ? isColourOf(name, hex) : deltaE00(labOfHex(hex), labOfHex(wanted)) <= meantWithin
	);
});
export const isColoured = ({ colours }: PieceFacts, wanted: string): boolean =>
	colours.some(({ hex }) => isMeantBy(wanted)(hex));

/** "Pockets", "buttoned", "frilly": what is left of a word without its ending. */
const stemOf = (word: string) => word.replace(/(?<=\w{2})(?:([dnt])\1)?(?:ies|es|s|ed|ing|y)$/, '$1');
const stemsIn = (text: string) =>
	text
		.toLowerCase()
		.split(/[^\p{L}]+/u)
		.filter((word) => word.length > 1)
		.map(stemOf);
const stemsOf = remembered(stemsIn);
/** Does a piece tell of something in its own words: its kind's name, what is stated of it, its note? */
function isTold({ garment, type, note }: PieceFacts, words: string, withNote = true): boolean {
	const wanted = stemsOf(words);
	if (wanted.length === 0) return false;
	const own = [type.singular, ...Object.values(garment.facets).map(({ value }) => value)];
	const noted = withNote && note ? stemsIn(note) : [];
	return wanted.every((stem) => noted.includes(stem) || own.some((text) => stemsOf(text).includes(stem)));
}

/** Denim has a colour of its own, that nobody named. */
const namesColour = remembered((words) =>
	spansOf(words).some(
		({ text, senses }) => !/^denims?$/i.test(text) && senses.some(({ kind }) => kind === 'colour')
	)
);

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

/** Has a description a word that nobody knows? Then a thing of its kind may be meant or not. */
export const hasUnknown = remembered((words) =>
	spansOf(wholeKindIn(words)?.rest ?? words).some(
		({ text, senses }) => senses.length === 0 && !sensesOfPhrase(text.replace(/s$/i, ''))
	)
);

/** Does a piece tell what a description says for which there is no field? Of a word that nobody knows it is asked. */
function isNoted(piece: PieceFacts, note: string, isVague: boolean): Answer {
	if (isTold(piece, note)) return 'yes';
	return isVague ? 'unknown' : 'no';
}

function answers(piece: PieceFacts, words: string, description: Description): Answer {
	const { garment, named, note } = description;
	if (named && !isCalled(piece, garmentType(garment.type))) return 'no';
	const facets = Object.entries(garment.facets) as [FacetId, { value: string }][];
	const family = garment.print?.family.value;
	const colours = namesColour(words) ? garment.palette : [];
	const holds: Answer[] = [
		...facets.map(([facet, { value }]) => saysOf(piece, facet, value)),
		...(family ? ([printsMeant(words, family).includes(piece.print ?? '') ? 'yes' : 'no'] as const) : []),
		...colours.map(({ hex }) => (isColoured(piece, hex) ? 'yes' : 'no') as Answer),
		...(garment.metal ? ([piece.metal === garment.metal.value ? 'yes' : 'no'] as const) : []),
		...(note ? [isNoted(piece, note, named && hasUnknown(words))] : [])
	];
	return holds.length > 0 || named ? allOf(...holds) : 'no';
}

/** Is a piece what the words say, as stated or by its kind? Several things named are several descriptions. */
export function isDescribed(piece: PieceFacts, words: string): Answer {
	const kind = wholeKindIn(words);
	if (kind && (!kind.isOf(piece.type) || !kind.rest)) return kind.isOf(piece.type) ? 'yes' : 'no';
	if (kind) return isDescribed(piece, kind.rest);
	const isVague = hasUnknown(words);
	return anyOf(
		...descriptionsOf(words, piece.type).map((one): Answer => {
			const answer = answers(piece, words, one);
			return answer !== 'no' && one.named && isVague ? 'unknown' : answer;
		}),
		// "No peplums": the name of its kind says it.
		isTold(piece, words, false) ? 'yes' : 'no'
	);
}

/** Between them these can be said to be almost anything. */
const anything = ['shirt', 'dress', 'trousers', 'shoes', 'handbag', 'earrings', 'sunglasses'].map(
	garmentType
);

/** Do the words name a thing to wear? */
export const namesThing = (words: string): boolean => elementsIn(words).length > 0;

/** Do the words say anything that a piece could be held against? */
export function isUnderstood(words: string): boolean {
	const kind = wholeKindIn(words);
	return kind
		? kind.rest === '' || isUnderstood(kind.rest)
		: anything.some((type) => descriptionsOf(words, type).length > 0);
}
