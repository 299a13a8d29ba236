/** What a phrase can say of a garment: the ways to take it, best first, and how each is written down. */
import { toned } from '../../colour/toned';
import { senseOf, sensesOf } from '../spans/senses';
import { familyOf } from '../../colour/family';
import { labOfHex, mixedInLab } from '../../colour/spaces';
import { metallicOf } from '../../colour/metallic';
import { colourName } from '../../colour/words';
import { aspectWeightOf } from '../../lexicon/aspect-weights';
import { colourWords } from '../../lexicon/colours';
import { facetOf, facetValue, type FacetId } from '../../lexicon/facets';
import { materialWords } from '../../lexicon/material-words';
import { materialFamilies } from '../../lexicon/materials';
import { metalColours, type MetalId } from '../../lexicon/metals';
import { isDoneWith, moveOf, type MoveId } from '../../lexicon/moves';
import type { PrintId } from '../../lexicon/prints';
import type { Tone } from '../../lexicon/reading-words';
import { garmentType, isClothing, type GarmentType } from '../../lexicon/taxonomy';
import type { Provenance } from '../../model/basics';
import type { SaidColour } from '../../model/palette';
import { stateFacet, type Garment } from '../../model/garment';
import type { Part } from './parts';
import type { ReadPhrase, ReadStatus } from '../model';

export type Says = NonNullable<ReadPhrase['says']>;
/** What a phrase came to. */
export interface Outcome {
	at: number;
	status: ReadStatus;
	takenFor: string;
	says?: Says;
}

/** A garment in the making. */
export interface Description {
	type: GarmentType;
	facets: Garment['facets'];
	colours: (SaidColour & { ground?: boolean })[];
	print?: Garment['print'];
	metal?: Garment['metal'];
	moves: MoveId[];
	/** Details that no facet holds. */
	notes: string[];
	outcomes: Outcome[];
}

/** Divisions whose metal is their colour. */
export const metalFirst = new Set(['jewellery']);
/** Is gold said of it a metal first, and a colour second: of a ring, of a chain belt? */
const isOfMetal = ({ division, usual }: GarmentType) =>
	metalFirst.has(division) || usual.material === 'metal';
export const unprinted = new Set(['jewellery', 'beauty']);
/** Stones, shells and what else is set or strung: no garment is cut from them. */
const strung = new Set<string>(materialFamilies.at(-1)?.map(({ id }) => id));
const isOfCloth = (type: Pick<GarmentType, 'division'>): boolean =>
	isClothing(type) || type.division === 'under';
/** Can a type be of what a word for a colour names besides? "Jade" of a dress is its colour alone. */
export const canBeOf = ({ division }: GarmentType, material: string): boolean =>
	!metalFirst.has(division) &&
	!(strung.has(material) && (isOfCloth({ division }) || division === 'footwear'));
/** What is sewn on in numbers. */
const sewnOn = new Set(['crystal', 'pearl', 'bead', 'gemstone', 'glass', 'shell', 'turquoise-stone']);
/** "A gown with crystals" is of no crystal, a dupatta of net with sequins of no sequins: it is set with them. */
function asSewnOn<S extends { facet: FacetId; value: string }>(
	sense: S,
	{ type: { division, own }, facets }: Description
): S {
	if (sense.facet !== 'material' || !isOfCloth({ division })) return sense;
	const material = facets.material?.value ?? own.material ?? sense.value;
	if (sense.value === 'sequin' && material !== sense.value)
		return { ...sense, facet: 'texture', value: 'sequinned' };
	return sewnOn.has(sense.value) ? { ...sense, facet: 'texture', value: 'beaded' } : sense;
}
/** A length as it is of such a thing: "long shorts" end at the knee, gloves "to the wrist" are short ones. */
function asLongOf<S extends { facet: FacetId; value: string }>(
	sense: S,
	{ family }: GarmentType,
	words: readonly string[]
): S {
	const isLong = ['full', 'floor', 'long'].includes(sense.value);
	if (family === 'shorts' && sense.facet === 'legLength' && isLong) return { ...sense, value: 'knee' };
	const endsAtHand = family === 'gloves' && sense.facet === 'sleeveLength' && words.includes('wrist');
	return endsAtHand && isLong ? { ...sense, value: 'short' } : sense;
}
/** "Tiny" tells how short a skirt is, and of all else how close it is cut. */
const isCutTiny = ({ words }: Part['span'], { slot }: GarmentType): boolean =>
	slot !== 'legs' && (words[0] === 'tiny' || words[0] === 'teeny');
/** Sleeves of no length, which tell of gloves, whose length goes by the words of sleeves, nothing. */
const noSleeves: readonly string[] = ['sleeveless', 'strapless', 'cap'];
const isNoGlove = (facet: FacetId, value: string, { slot }: GarmentType): boolean =>
	slot === 'hands' && facet === 'sleeveLength' && noSleeves.includes(value);
const hexOfWord = new Map(
	colourWords.flatMap(({ word, also, hex }) => [word, ...also].map((form) => [form, hex] as const))
);
const plainHues = new Set(
	[
		'white',
		'black',
		'grey',
		'beige',
		'brown',
		'blue',
		'green',
		'yellow',
		'orange',
		'red',
		'pink',
		'purple'
	].map((word) => hexOfWord.get(word))
);
export const impliedColour = new Map(
	Object.entries(materialWords).flatMap(([id, { impliesColour }]) => {
		const hex = impliesColour === undefined ? undefined : hexOfWord.get(impliesColour);
		return hex === undefined ? [] : [[id, hex] as const];
	})
);

/** Lightness and hue further apart than this are two colours beside each other, not one between them (common practice). */
const oneColour = { lightness: 45, hueDegrees: 100, chroma: 15 };

/**
 * The one colour that two colour words side by side name, "slate blue", "olive-brown": halfway between them in CIELAB, or
 * the first where the second only names its family; undefined where they are two colours.
 */
export function colourBetween(first: string, second: string): string | undefined {
	if (!plainHues.has(second) || first === second || metallicOf(first) || metallicOf(second)) return undefined;
	const [a, b] = [labOfHex(first), labOfHex(second)];
	if (familyOf(a) === familyOf(b)) return first;
	const chromas = [Math.hypot(a.a, a.b), Math.hypot(b.a, b.b)];
	const turn = Math.abs(((Math.atan2(a.b, a.a) - Math.atan2(b.b, b.a)) * 180) / Math.PI);
	const apart =
		Math.abs(a.l - b.l) > oneColour.lightness ||
		(Math.min(...chromas) > oneColour.chroma && Math.min(turn, 360 - turn) > oneColour.hueDegrees);
	return apart ? undefined : mixedInLab(first, second, 0.5);
}

const wash = (word: 'light denim' | 'mid denim' | 'dark denim') => hexOfWord.get(word) ?? '';
/** Blue said of denim is its wash: "blue jeans" are mid-wash, "pale blue jeans" light ones. */
const washOfBlue = new Map([
	[hexOfWord.get('blue'), wash('mid denim')],
	[wash('mid denim'), wash('mid denim')],
	[hexOfWord.get('sky blue'), wash('light denim')],
	[hexOfWord.get('powder blue'), wash('light denim')]
]);

/** The wash that a depth alone says: "dark jeans"; undefined where it says none. */
export function washOfDepth({ lighten }: Tone): string | undefined {
	if (lighten <= -0.3) return wash('dark denim');
	return lighten > 0.3 ? wash('light denim') : undefined;
}

/** A colour of denim, with the word of depth before it. */
export function denimColour(hex: string, tone?: Tone): string {
	const own = washOfBlue.get(hex);
	if (!tone) return own ?? hex;
	return (own && washOfDepth(tone)) ?? toned(own ?? hex, tone);
}

/** No heel is higher; more is a slip, and kept as it was said (common practice). */
const highestHeelCm = 30;
/** A heel's height in the nearest of the trade's words. */
function heelOf(cm: number): string {
	const { values } = facetOf('heelHeight');
	return values.reduce((best, value) =>
		Math.abs((value.at ?? 0) - cm) < Math.abs((best.at ?? 0) - cm) ? value : best
	).id;
}

/** One way to take a phrase for the garment: what it says and how it is written down. */
export interface Taking {
	says: Says;
	apply: (description: Description, provenance: Provenance) => void;
	/** Colours that the same words name besides. */
	also?: readonly string[];
}

export function takeFacet(facet: FacetId, value: string, cm?: number): Taking {
	return {
		says: { aspect: facet, value },
		apply: ({ facets }, provenance) =>
			stateFacet(facets, facet, { value, provenance, ...(cm !== undefined && { cm }) })
	};
}
export const takeColour = (hex: string, of: { ground?: boolean; ofWork?: boolean } = {}): Taking => ({
	says: { aspect: 'palette', value: hex },
	apply: ({ colours }, provenance) => colours.push({ hex, provenance, ...of })
});
const takePrint = (family: PrintId): Taking => ({
	says: { aspect: 'print', value: family },
	apply: (description, provenance) =>
		(description.print = { ...description.print, family: { value: family, provenance } })
});
export const takeMetal = (metal: MetalId): Taking => ({
	says: { aspect: 'metal', value: metal },
	apply: (description, provenance) => (description.metal = { value: metal, provenance })
});
const colourOfMetal = (metal: MetalId) => metalColours[metal] ?? '#8a8a8a';
/** Of cloth and hair, a metal said by itself is its colour: "a gunmetal skirt", "a platinum bob"; "gold and silver" are two, of all but jewellery. */
function sayMetal(metal: MetalId, { division }: GarmentType): Taking {
	if (metal === 'mixed' && !metalFirst.has(division))
		return { ...takeColour(colourOfMetal('gold')), also: [colourOfMetal('silver')] };
	return isOfCloth({ division }) || division === 'beauty'
		? takeColour(colourOfMetal(metal))
		: takeMetal(metal);
}
export const takeMove = (move: MoveId): Taking => ({
	says: { aspect: 'move', value: move },
	apply: ({ moves }) => {
		if (!moves.includes(move)) moves.push(move);
	}
});

/** What was said of an aspect that holds one value; undefined of one that nothing was said of, or that holds several. */
export function saidOf({ facets, print, metal }: Description, aspect: Says['aspect']): string | undefined {
	if (aspect === 'print') return print?.family.value;
	if (aspect === 'metal') return metal?.value;
	return (facets as Record<string, { value: string } | undefined>)[aspect]?.value;
}

export const unset = ({ facets }: Description, facet: FacetId) => facets[facet] === undefined;

const heelFacets: readonly FacetId[] = ['heelHeight', 'heelShape'];
const hasHeels = ({ usual }: GarmentType): boolean =>
	usual.heelHeight !== undefined && usual.heelHeight !== 'flat' && usual.shaft === undefined;

/** The ways to take a phrase, best first; empty where nothing of it can be said of this type. */
export function takings(part: Part, description: Description, onDetail?: Part): Taking[] {
	const { type } = description;
	const { span } = part;
	const detail = onDetail && senseOf(onDetail.span, 'detail')?.detail;
	const length = senseOf(span, 'length');
	const heel =
		length && length.cm <= highestHeelCm && type.facets.includes('heelHeight')
			? [takeFacet('heelHeight', heelOf(length.cm), Math.round(length.cm * 10) / 10)]
			: [];
	const facets = sensesOf(span, 'facet')
		.map((sense) => asSewnOn(asLongOf(sense, type, span.words), description))
		.filter(
			({ facet, value }) =>
				type.facets.includes(facet) &&
				!(facet === 'hemLength' && isCutTiny(span, type)) &&
				!isNoGlove(facet, value, type)
		);
	const byWeight = (a: { facet: FacetId }, b: { facet: FacetId }) =>
		aspectWeightOf(b.facet, type.division) - aspectWeightOf(a.facet, type.division);

	if (detail) {
		const metal = detail.takesMetal ? senseOf(span, 'metal') : undefined;
		const said = facets
			.filter(({ facet }) => detail.facets.includes(facet))
			.sort((a, b) => detail.facets.indexOf(a.facet) - detail.facets.indexOf(b.facet));
		return [
			...(metal ? [takeMetal(metal.metal)] : []),
			...said.map(({ facet, value }) => takeFacet(facet, value)),
			...(detail.facets.includes('heelHeight') ? heel : [])
		];
	}
	// "A ring with a green stone".
	if (metalFirst.has(type.division) && /^stones?$/.test(span.words.join(' ')))
		return [takeFacet('material', 'gemstone')];
	const alone = facets.filter(({ free: isFree }) => isFree);
	// "Low heels", "tall court shoes": of what is worn on heels, where nothing else of it can be low.
	const ofHeels = hasHeels(type) ? facets.filter(({ facet }) => heelFacets.includes(facet)) : [];
	const free = (alone.length > 0 ? alone : ofHeels).sort(byWeight);
	const open = free.filter(({ facet }) => unset(description, facet));
	const colour = senseOf(span, 'colour');
	const metal = senseOf(span, 'metal');
	const print = unprinted.has(type.division) ? undefined : senseOf(span, 'print');
	const move = sensesOf(span, 'move').find(({ move: id }) => isDoneWith(id, type));
	const facetTakings = [...open, ...free.filter((sense) => !open.includes(sense))].map(({ facet, value }) =>
		takeFacet(facet, value)
	);
	const metalTaking = !metal || (colour && !isOfMetal(type)) ? [] : [sayMetal(metal.metal, type)];
	// Of jewellery, a stone or pearl is what it is made of, of scent, green is a note; of cloth, both are colours.
	const stoneFirst = (metalFirst.has(type.division) || type.slot === 'scent') && facetTakings.length > 0;
	return [
		...(stoneFirst ? facetTakings : []),
		...metalTaking,
		...(colour ? [takeColour(colour.hex)] : []),
		...(print ? [takePrint(print.family)] : []),
		...(stoneFirst ? [] : facetTakings),
		...heel,
		...(move ? [takeMove(move.move)] : [])
	];
}

export const valueLabel = ({ aspect, value }: Says): string => {
	if (aspect === 'palette') return colourName(value, false);
	if (aspect === 'move') return moveOf(value as MoveId).label;
	if (aspect === 'type') return garmentType(value).singular;
	if (aspect === 'print' || aspect === 'metal' || aspect === 'note') return value.replace(/-/g, ' ');
	return facetValue(aspect, value)?.label ?? value;
};
const aspectName = (aspect: Says['aspect']): string => {
	if (aspect === 'palette') return 'colour';
	if (aspect === 'move') return 'worn';
	if (aspect === 'type') return 'garment';
	if (aspect === 'print' || aspect === 'metal' || aspect === 'note') return aspect;
	return facetOf(aspect).label;
};
export const saysInWords = (says: Says) => `${aspectName(says.aspect)}: ${valueLabel(says)}`;
