/** What the rules look at, worked out once for a look. */
import { heelOfShoe } from '../body/heights';
import { deltaE00 } from '../colour/difference';
import { measureColour, type MeasuredColour } from '../colour/similarity';
import { chromaOf } from '../colour/spaces';
import type { ColourFamily } from '../colour/family';
import { facetValue, placeOf, type FacetId, type ValueOf } from '../lexicon/facets';
import { formalityOfCloth, formalityOfFamily, formalityOfType } from '../lexicon/formality';
import { defaultSchools, type Schools } from '../lexicon/schools';
import { metalColours, type MetalId } from '../lexicon/metals';
import { slots, type SlotId } from '../lexicon/slots';
import { garmentType, type GarmentType } from '../lexicon/taxonomy';
import type { Garment } from '../model/garment';
import type { CheckContext, CheckedPiece } from './model';
import { thresholds } from './thresholds';

export interface PieceFacts extends CheckedPiece {
	type: GarmentType;
	slot: SlotId;
	/** Share of the seen figure that it usually takes. */
	area: number;
	/** Its colours, the largest first. */
	colours: MeasuredColour[];
	main?: MeasuredColour;
	/** Is its main colour a neutral, or a metal, or an animal print? */
	neutral: boolean;
	/** Is it printed, in a rich cloth, or so big that it takes the eye by itself? */
	statement: boolean;
	/** Does its main colour take the eye? */
	strong: boolean;
	/** Print family, where it is printed. */
	print?: string;
	metal?: MetalId;
	/** 0 sport … 5 formal; undefined for what has none (hair, jewellery). */
	formality?: number;
	/** A stated value, else what is usual for the type. */
	value: <F extends FacetId>(facet: F) => ValueOf<F> | undefined;
	/** A stated value only. */
	stated: <F extends FacetId>(facet: F) => ValueOf<F> | undefined;
	/** Place of a value on its facet's scale. */
	place: (facet: FacetId) => number | undefined;
}

export interface Facts {
	pieces: PieceFacts[];
	in: (...slots: SlotId[]) => PieceFacts[];
	/** Pieces with a large area that cover the body, from the top down. */
	large: PieceFacts[];
	schools: Schools;
	/** Schools that were chosen, without the defaults. */
	chosen: Partial<Schools>;
	degree: CheckContext['degree'];
	client: CheckContext['client'];
	event: CheckContext['event'];
}

const neutrals: readonly ColourFamily[] = [
	'black',
	'white',
	'ivory',
	'grey',
	'beige',
	'camel',
	'brown',
	'navy',
	'denim',
	'gold',
	'silver'
];
const animalPrints = ['leopard', 'zebra', 'tiger', 'snake', 'cow'];

/** How dressed up a garment is: as stated, else by type, family and cloth. */
function formalityOf(
	type: GarmentType,
	stated: string | undefined,
	material: string | undefined
): number | undefined {
	if (stated !== undefined) return placeOf('formality', stated);
	const usual = type.usual.formality;
	const base =
		formalityOfType[type.id] ??
		(usual !== undefined ? placeOf('formality', usual) : formalityOfFamily[type.family]);
	if (base === undefined) return undefined;
	// What a type is usually made of is in its own figure already.
	const cloth =
		type.usual.material === material || type.family === 'jeans' ? 0 : (formalityOfCloth[material ?? ''] ?? 0);
	return Math.min(5, Math.max(0, base + cloth));
}

/** No shoe is by itself as dressed up as a gown: the dressiest go with a silk blouse, too. */
const mostOfShoes = 4.3;
/** What a metallic shoe is dressed up by: an evening one, and half as much so where it is closed and flat (this project's). */
const shineOfShoe = { flat: 0.9, other: 1.8 };
/** A metallic shoe is dressier, and a heel dresses any shoe up. */
function dressedUp(
	formality: number | undefined,
	{ feet, metallic, flat, heelCm }: { feet: boolean; metallic: boolean; flat: boolean; heelCm: number }
): number | undefined {
	if (formality === undefined || !feet) return formality;
	const shine = metallic ? shineOfShoe[flat ? 'flat' : 'other'] : 0;
	return Math.min(mostOfShoes, formality + shine + (heelCm >= 6 ? 0.5 : 0));
}

/** Slots where gold, silver and their kin are metals first and colours second. */
const metalFirst: readonly SlotId[] = ['feet', 'bag', 'waist', 'head', 'hands'];
/** What shines, and lies nearer than this to a metal's colour, is of that metal's look though no word said so. */
const metalLooks = [
	{ lab: measureColour(metalColours.gold ?? '').lab, near: 14 },
	{ lab: measureColour(metalColours.silver ?? '').lab, near: 8 }
];
const looksMetallic = (slot: SlotId, main: MeasuredColour | undefined, shines: boolean) =>
	main !== undefined &&
	metalFirst.includes(slot) &&
	(main.metallic || (shines && metalLooks.some(({ lab, near }) => deltaE00(lab, main.lab) < near)));

/** The metal whose colour is nearest. */
const metalOf = (main: MeasuredColour | undefined) =>
	main &&
	(deltaE00(main.lab, measureColour(metalColours.gold ?? '').lab) <
	deltaE00(main.lab, measureColour(metalColours.silver ?? '').lab)
		? 'gold'
		: 'silver');

/** What is seen of a garment by itself. */
export type GarmentFacts = Omit<PieceFacts, Exclude<keyof CheckedPiece, 'garment'>>;
const known = new WeakMap<Garment, GarmentFacts>();

/** What is seen of a garment, whoever wears it; remembered, since a look is checked again and again with one thing changed. */
export function factsOfGarment(garment: Garment): GarmentFacts {
	const before = known.get(garment);
	if (before) return before;
	const facts = workedOut(garment);
	known.set(garment, facts);
	return facts;
}

function workedOut(garment: Garment): GarmentFacts {
	const type = garmentType(garment.type);
	const colours = [...garment.palette].sort((a, b) => b.share - a.share).map(({ hex }) => measureColour(hex));
	const [main] = colours;
	const family = garment.print?.family.value;
	const print = family === 'plain' ? undefined : family;
	const jewellery = type.division === 'jewellery';
	const shines = ['shiny', 'glittering'].includes(garment.facets.sheen?.value ?? '');
	const gilded = looksMetallic(type.slot, main, shines);
	const metallic = garment.metal !== undefined || gilded;
	const denim = type.family === 'jeans' || garment.facets.material?.value === 'denim';
	const neutral =
		main === undefined ||
		(denim && ['blue', 'denim', 'navy'].includes(main.family)) ||
		jewellery ||
		gilded ||
		neutrals.includes(main.family) ||
		animalPrints.includes(print ?? '');
	const stated = (facet: FacetId) => garment.facets[facet]?.value;
	const value = (facet: FacetId) => stated(facet) ?? type.usual[facet];
	return {
		garment,
		type,
		slot: type.slot,
		area: slots[type.slot].areaShare,
		colours,
		main,
		neutral,
		statement: takesTheEye(garment, print),
		strong: main !== undefined && !neutral && chromaOf(main.lab) >= thresholds.strongChroma,
		print,
		// A belt of gold leather is of that metal, though no word said so.
		metal: garment.metal?.value ?? (gilded && type.slot !== 'feet' ? metalOf(main) : undefined),
		formality: dressedUp(formalityOf(type, stated('formality'), stated('material')), {
			feet: type.slot === 'feet',
			metallic,
			flat: value('heelHeight') === 'flat' && type.family !== 'sandals',
			heelCm: stated('heelHeight') ? (heelOfShoe(garment)?.cm ?? 0) : 0
		}),
		value,
		stated,
		place: (facet) => {
			const found = value(facet);
			// A heel that was measured is where it is, and not where its word is.
			if (facet === 'heelHeight') return heelOfShoe(garment)?.cm;
			return found !== undefined && facetValue(facet, found) ? placeOf(facet, found) : undefined;
		}
	};
}

const richCloth = ['sequin', 'fur', 'faux-fur', 'feather', 'brocade', 'lame'];
const richTextures = ['sequinned', 'beaded', 'embroidered', 'mirror-work', 'metallic', 'fur-like'];
/** Jewels that are made to take the eye. */
const statementJewels = ['chandelier-earrings', 'collar-necklace', 'cocktail-ring'];
const boldPrints = ['leopard', 'zebra', 'tiger', 'snake', 'cow', 'colour-block', 'abstract', 'tropical'];

function takesTheEye({ type, facets, print: stated }: Garment, print: string | undefined): boolean {
	return (
		richCloth.includes(facets.material?.value ?? garmentType(type).usual.material ?? '') ||
		richTextures.includes(facets.texture?.value ?? '') ||
		facets.hemDetail?.value === 'feathered' ||
		boldPrints.includes(print ?? '') ||
		(print !== undefined && stated?.scale?.value === 'large') ||
		facets.sheen?.value === 'glittering' ||
		statementJewels.includes(type) ||
		(garmentType(type).division === 'jewellery' && ['large', 'oversized'].includes(facets.size?.value ?? ''))
	);
}

/** From the top of the body down, as the eye reads neighbours. */
const down: readonly SlotId[] = ['outer', 'suit', 'layer', 'drape', 'whole', 'top', 'legs'];

export function factsOf(worn: readonly CheckedPiece[], context: CheckContext): Facts {
	// Copied from one object, then set: spreading a second one over it costs ten times as much.
	const pieces = worn.map(
		({ id, title, moves, side, lengthCm, state, note, bought, garment }): PieceFacts => ({
			...factsOfGarment(garment),
			id,
			title,
			moves,
			side,
			lengthCm,
			state,
			note,
			bought
		})
	);
	const inSlots = (...wanted: SlotId[]) => pieces.filter(({ slot }) => wanted.includes(slot));
	return {
		pieces,
		in: inSlots,
		large: down.flatMap((slot) => inSlots(slot)).filter(({ area }) => area >= thresholds.largeArea),
		schools: { ...defaultSchools, ...context.schools },
		chosen: context.schools ?? {},
		degree: context.degree,
		client: context.client,
		event: context.event
	};
}
