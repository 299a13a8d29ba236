/** What alone is worn, "silver only", "skirts or dresses only", "cotton, linen or silk only", held against a piece. */
import type { FacetId } from '../../lexicon/facets';
import { garmentType, type GarmentType } from '../../lexicon/taxonomy';
import { sensesOfPhrase, spansOf } from '../../reading/spans/spans';
import type { PieceFacts } from '../facts';
import { allOf, anyOf, type Answer } from '../property';
import { nextToSkin } from './of-the-body';
import { propertiesIn } from './properties';
import { isColoured, isDescribed, isTold, printsMeant, saysOf } from './described';
import { descriptionsOf, namesThing, wholeKindIn, type Description } from './descriptions';

/** Slots of what is made of cloth, and is meant by a cloth that alone is worn. */
const ofCloth: readonly string[] = [
	'top',
	'legs',
	'whole',
	'suit',
	'layer',
	'outer',
	'drape',
	'scarf',
	'under'
];

/** Is a thing of the kind's place, so that it is worn instead of it? Who wears dresses only wears no trousers, and who wears trousers only no dresses. */
const isInPlaceOf = (kind: GarmentType, { slot, type }: PieceFacts) =>
	kind.slot === slot ||
	(kind.slot === 'whole' && slot === 'legs') ||
	(kind.slot === 'legs' && kind.general && slot === 'whole' && type.family !== 'jumpsuits');

/** Is a facet one that a thing of its slot is judged by? */
function isJudgedBy(facet: FacetId, piece: PieceFacts): boolean {
	const { slot, type } = piece;
	if (!type.facets.includes(facet)) return false;
	if (facet === 'material') return ofCloth.includes(slot);
	// Sleeves and necks show where nothing is worn over them.
	return (facet !== 'neckline' && facet !== 'sleeveLength') || nextToSkin(piece);
}

/** Is a piece cut otherwise than what is described? */
const isCutOtherwise = (piece: PieceFacts, { garment: { facets }, named }: Description, isMeant: boolean) =>
	anyOf(
		...(Object.entries(facets) as [FacetId, { value: string }][]).map(([facet, { value }]): Answer => {
			const isJudged = isMeant ? piece.type.facets.includes(facet) : isJudgedBy(facet, piece);
			if (named || !isJudged || saysOf(piece, facet, value) !== 'no') return 'no';
			return piece.stated(facet) === undefined ? 'unknown' : 'yes';
		})
	);

/** Is a piece of another print? Of plain cloth it is asked: "florals only" may be meant of what is printed. */
function isPrintedOtherwise({ print, slot }: PieceFacts, wanted: readonly string[]): Answer {
	if (print !== undefined && print !== 'plain') return wanted.includes(print) ? 'no' : 'yes';
	return ofCloth.includes(slot) ? 'unknown' : 'no';
}

/** "V-necks", "halternecks": a name that ends in a part, which other things have as well. */
const namesPart = (words: string): boolean => {
	const last = words
		.replace(/(?<=\w)neck/i, ' neck')
		.split(/[\s-]/)
		.at(-1);
	return (sensesOfPhrase(last ?? '') ?? []).some(({ kind }) => kind === 'detail');
};

/** Who wears nothing else is asked of what may be that. */
const isAnother = (isIt: Answer): Answer => (isIt === 'no' ? 'yes' : isIt === 'unknown' ? 'unknown' : 'no');

/** Is a piece something else than what one word of a list allows, in its place? */
function isOther(piece: PieceFacts, words: string, isMeant: boolean): Answer {
	const whole = wholeKindIn(words);
	if (whole) return whole.rest && whole.isOf(piece.type) ? isOther(piece, whole.rest, isMeant) : 'no';
	const ofMetal = spansOf(words).flatMap(({ senses }) =>
		senses.flatMap((sense) => (sense.kind === 'metal' ? sense.metal : []))
	);
	if (ofMetal.length > 0) return piece.metal && !ofMetal.includes(piece.metal) ? 'yes' : 'no';
	const found = descriptionsOf(words, piece.type);
	const kinds = found.filter(({ named }) => named).map(({ garment }) => garmentType(garment.type));
	if (kinds.length > 0) {
		const isInPlace = kinds.some((kind) => isInPlaceOf(kind, piece));
		if (isInPlace) return isAnother(isDescribed(piece, words, 'surely'));
		return namesPart(words) ? anyOf(...found.map((one) => isCutOtherwise(piece, one, isMeant))) : 'no';
	}
	const [said] = found;
	if (!said) return 'no';
	const { palette, print } = said.garment;
	if (print) return isPrintedOtherwise(piece, printsMeant(words, print.family.value));
	if (palette.length > 0) {
		const isColourless = piece.colours.length === 0 || piece.type.division === 'jewellery';
		return isColourless || palette.some(({ hex }) => isColoured(piece, hex) !== 'no') ? 'no' : 'yes';
	}
	// "Tops must button": of a jumper, which no field tells it of, it is asked.
	if (isMeant && said.note !== '' && !isTold(piece, words)) return 'unknown';
	return isCutOtherwise(piece, said, isMeant);
}

/** Colours as a whole: "neutrals only", "only pastels"; "dark coats only" are of coats. */
function isOtherColour(piece: PieceFacts, words: string): Answer | undefined {
	const { properties, rest } = propertiesIn(words);
	const wanted = properties.find(({ ofColour }) => ofColour);
	if (!wanted) return undefined;
	if (namesThing(rest) && isDescribed(piece, rest) === 'no') return 'no';
	const isColourless = piece.colours.length === 0 || piece.type.division === 'jewellery';
	return isColourless || wanted.holds(piece) !== 'no' ? 'no' : 'yes';
}

/** Is a piece something else, in its place, than all that alone is worn? `isMeant`: it is said to be of such things, "ties must be silk". */
export const wornInstead = (piece: PieceFacts, words: string, isMeant = false): Answer =>
	allOf(
		...words
			.split(/\s*,\s*|\s+(?:and|or|&)\s+/)
			.map((one) => isOtherColour(piece, one) ?? isOther(piece, one, isMeant))
	);
