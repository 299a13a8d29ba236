/** Limits that compare things: "nothing heavier than a cardigan", "coats no longer than a blazer", "nothing dressier than a blouse". */
import { placeOf, type FacetId } from '../../lexicon/facets';
import { feelOf, type Feel } from '../../lexicon/material-feel';
import type { SlotId } from '../../lexicon/slots';
import { readLook } from '../../reading';
import { spansOf } from '../../reading/spans/spans';
import { insulationOf } from '../../season';
import { factsOfGarment, type GarmentFacts, type PieceFacts } from '../facts';
import type { Answer } from '../property';
import { namesThing } from './descriptions';

/** What there can be more of in one thing than in another. */
interface Measure {
	of: (facts: GarmentFacts) => number | undefined;
	/** So much more is more (this project's): of clo, of levels of dressiness, of stature, of steps. */
	from: number;
	/** All that is worn compares by it, and not only what is worn in one place. */
	everywhere?: true;
	/** Facets that tell it, and how much of it a place on their scales is, where they are all of it. */
	facets: readonly FacetId[];
	scale?: 1 | -1;
}

const worn: readonly (readonly SlotId[])[] = [
	['top', 'layer', 'outer', 'drape'],
	['legs', 'whole', 'suit']
];
const inOnePlace = (slot: SlotId, named: SlotId) =>
	slot === named || worn.some((slots) => slots.includes(slot) && slots.includes(named));

/** What is compared, and the words for more of it and for less. */
type Comparing<T> = readonly (readonly [of: T, more: RegExp, less: RegExp])[];
/** What a word compares, and whether more of it is meant; undefined where it compares nothing of these. */
function comparedBy<T>(all: Comparing<T>, how: string): { of: T; sign: 1 | -1 } | undefined {
	for (const [of, more, less] of all) {
		if (more.test(how)) return { of, sign: 1 };
		if (less.test(how)) return { of, sign: -1 };
	}
	return undefined;
}

/** Of a cloth that is named instead of a thing: how heavy, and how stiff, what it is of is. */
const feelings: Comparing<(feel: Feel) => number> = [
	[
		({ weight }) => weight,
		/^(?:heavier|warmer|thicker|bulkier|hotter)$/i,
		/^(?:lighter|thinner|cooler|flimsier)$/i
	],
	[({ drape }) => -drape, /^(?:stiffer|crisper)$/i, /^(?:softer|floppier|drapier)$/i],
	[({ sheen }) => sheen, /^(?:shinier|glossier)$/i, /^(?:duller|more matte?)$/i]
];
/** Cloths nearer than this, of scales from 0 to 4, are as heavy or as stiff as each other (this project's). */
const feelsMore = 0.3;
function comparedClothIn(how: string, named: string): ((piece: PieceFacts) => Answer) | undefined {
	const [only, ...others] = spansOf(named);
	const material = only?.senses.flatMap((sense) =>
		sense.kind === 'facet' && sense.facet === 'material' ? [sense.value] : []
	)[0];
	const found = comparedBy(feelings, how);
	const limit = feelOf.get(material ?? '');
	if (!limit || others.length > 0 || !found) return undefined;
	const { of, sign } = found;
	return (piece) => {
		const feel = feelOf.get(piece.value('material') ?? '');
		if (!piece.type.facets.includes('material') || piece.type.division === 'jewellery') return 'no';
		if (!feel) return 'unknown';
		// A coat is more than its cloth: lined, and double at the front.
		if (sign * (of(feel) - of(limit)) <= feelsMore) return piece.slot === 'outer' ? 'unknown' : 'no';
		return piece.stated('material') === undefined ? 'by-kind' : 'yes';
	};
}

const byFacets = (
	facets: readonly FacetId[],
	{ from, sign = 1 }: { from: number; sign?: 1 | -1 }
): Measure => ({
	of: (facts) => {
		const place = facets.map((facet) => facts.place(facet)).find((one) => one !== undefined);
		return place === undefined ? undefined : sign * place;
	},
	from,
	facets,
	scale: sign
});
const warmth: Measure = {
	of: ({ garment }) => insulationOf(garment),
	from: 0.05,
	facets: ['weight', 'texture', 'material']
};
const dressiness: Measure = {
	of: ({ formality }) => formality,
	from: 0.5,
	everywhere: true,
	facets: ['formality'],
	scale: 1
};
/** Where a thing ends lies the lower on the body the longer it is. */
const length = byFacets(['hemLength', 'legLength', 'topLength'], { from: 0.02, sign: -1 });
const room = byFacets(['fit'], { from: 0.5 });
const size = byFacets(['size'], { from: 0.4 });
const heel = byFacets(['heelHeight'], { from: 0.5 });

const comparing: Comparing<Measure> = [
	[warmth, /^(?:heavier|warmer|thicker|bulkier|hotter|cosier)$/i, /^(?:lighter|thinner|cooler|flimsier)$/i],
	[
		dressiness,
		/^(?:dressier|smarter|fancier|posher|grander|more (?:formal|dressy|elegant|glamorous))$/i,
		/^(?:scruffier|sloppier|more (?:casual|relaxed)|less (?:formal|dressy|smart))$/i
	],
	[length, /^longer$/i, /^shorter$/i],
	[
		room,
		/^(?:looser|baggier|wider|roomier|fuller)$/i,
		/^(?:tighter|closer|slimmer|narrower|skinnier|more fitted)$/i
	],
	[size, /^(?:bigger|larger)$/i, /^(?:smaller|tinier|daintier)$/i],
	[heel, /^(?:higher|taller)$/i, /^(?:lower|flatter)$/i]
];
const compared =
	/^(?:(.+?)(?<!\b(?:more|less)) )?((?:more |less )?[a-z]+) than ((?:an?|the|her|his|their|my) )?([\p{L}' -]+)$/iu;

/** A comparison: which things it is about, where it says so, and whether a piece goes beyond the one that is named. */
export interface Comparison {
	about: string;
	breaks: (piece: PieceFacts) => Answer;
}

/** How much of it the thing that is named has, "a cardigan", or what is said of one, "smart casual"; undefined where neither is. */
function limitIn(
	named: string,
	{ of, facets, scale }: Measure
): { most?: number; slot?: SlotId } | undefined {
	const [only, ...others] = spansOf(named);
	const said = only?.senses.flatMap((sense) =>
		sense.kind === 'facet' && scale && facets.includes(sense.facet)
			? [scale * placeOf(sense.facet, sense.value)]
			: []
	)[0];
	const [one, other] = readLook(named).elements;
	if (one && !other) {
		const facts = factsOfGarment(one.garment);
		return { most: of(facts), slot: facts.slot };
	}
	return others.length === 0 && said !== undefined ? { most: said } : undefined;
}

/** What words compare with a thing that is named; undefined where they compare nothing, or with no thing. Of what cannot be told it is asked. */
export function comparedKindIn(words: string): Comparison | undefined {
	const [, about = '', how = '', article, named] = compared.exec(words) ?? [];
	if (!named) return undefined;
	const of = /^(?:any(?:thing)?|things?|ones?)$/i.test(about) ? '' : about;
	// "Lighter than fleece" is of the cloth, "lighter than a fleece" of the thing.
	const isThing = article !== undefined && namesThing(named);
	const beyondCloth = isThing ? undefined : comparedClothIn(how, named);
	if (beyondCloth) return { about: of, breaks: beyondCloth };
	const found = comparedBy(comparing, how);
	const limit = found && limitIn(named, found.of);
	if (!limit) return undefined;
	const { of: amountOf, from, everywhere, facets } = found.of;
	const { most, slot } = limit;
	return {
		about: of,
		breaks: (piece) => {
			if (piece.type.division === 'jewellery' && piece.slot !== slot) return 'no';
			if (slot && !everywhere && !inOnePlace(piece.slot, slot)) return 'no';
			const own = amountOf(piece);
			if (own === undefined || most === undefined) return 'unknown';
			if (found.sign * (own - most) <= from) return 'no';
			return facets.some((facet) => piece.stated(facet) !== undefined) ? 'yes' : 'by-kind';
		}
	};
}
