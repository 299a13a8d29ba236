import { mainSwatch } from '../colour/palette';
import { colourDifferenceInWords, colourName } from '../colour/words';
import { byKind } from './by-kind';
import { facetOf, facetValue, placeOf, type FacetId } from '../lexicon/facets';
import { moves } from '../lexicon/moves';
import { prints } from '../lexicon/prints';
import { garmentType, type GarmentType } from '../lexicon/taxonomy';
import type { Garment } from '../model/garment';
import type { AspectId, Element } from '../model/reference';
import type { Loss } from './look';
import type { AspectCloseness, PieceCloseness } from './piece';

/** The trade's name of an aspect. */
export function aspectLabel(aspect: AspectId): string {
	if (aspect === 'type') return 'garment';
	if (aspect === 'palette') return 'colour';
	if (aspect === 'print' || aspect === 'metal') return aspect;
	return facetOf(aspect).label;
}

const printLabel = (id: string) => prints.find((print) => print.id === id)?.label ?? id;
const valueLabel = (id: FacetId, value: string) => facetValue(id, value)?.label ?? value;

const isDenim = ({ type, facets }: Garment) =>
	(facets.material?.value ?? garmentType(type).usual.material) === 'denim';

/** What a garment states of an aspect, in words; undefined where it states nothing. */
export function aspectValueInWords(garment: Garment, aspect: AspectId): string | undefined {
	switch (aspect) {
		case 'type':
			return garmentType(garment.type).singular;
		case 'palette':
			return garment.palette.length > 0
				? garment.palette.map((swatch) => colourName(swatch.hex, isDenim(garment))).join(', ')
				: undefined;
		case 'print':
			return garment.print && printLabel(garment.print.family.value);
		case 'metal':
			return garment.metal?.value.replace(/-/g, ' ');
		default: {
			const value = garment.facets[aspect]?.value;
			return value === undefined ? undefined : valueLabel(aspect, value);
		}
	}
}

/** Facets said before the garment, in the trade's order; the rest follow it where they are out of the ordinary. */
const saidFirst: FacetId[] = ['size', 'opacity'];
const saidBefore: FacetId[] = ['hemDetail', 'texture', 'material'];
const saidAfter: FacetId[] = [
	'fit',
	'rise',
	'heelHeight',
	'sleeveLength',
	'topLength',
	'hemLength',
	'legLength'
];
const unsaid = new Set(['regular', 'smooth', 'medium', 'plain', 'opaque', 'clean']);
/** Details of a hem that are said as what the garment is: "fringed", not "slit" or "raw". */
const asAdjective = /(fring|tassell|feather|fray|ruffl|scallop)ed$/;

/** Lengths that are said as part of the name: "mini skirt", "midi dress". */
const inName = new Set(['micro', 'mini', 'midi', 'maxi']);

function facetAsAdjective(id: FacetId, value: string, { family }: GarmentType): string {
	const label = valueLabel(id, value);
	if (id === 'sleeveLength' && family === 'gloves') return value === 'short' ? label : `${label}-length`;
	if (id === 'rise') return `${label} rise`;
	if (id === 'heelHeight') return value === 'flat' ? label : `${label} heel`;
	if (id === 'sleeveLength') return /less$/.test(value) ? label : `${label} sleeves`;
	if (id === 'hemLength' && ['hip', 'knee', 'ankle', 'floor'].includes(value)) return `${label}-length`;
	if (id === 'topLength') return value === 'cropped' ? label : `${label}-length`;
	if (id === 'legLength') return value === 'cropped' ? label : `${label} length`;
	return label;
}

/** Is the value what anyone would expect of the type, or said by the type's own name? */
const expected = (garment: Garment, id: FacetId, value: string): boolean => {
	const { usual, singular } = garmentType(garment.type);
	return unsaid.has(value) || usual[id] === value || singular.toLowerCase().includes(valueLabel(id, value));
};

const saidFacets = (garment: Garment, ids: FacetId[]) =>
	ids.flatMap((id) => {
		const value = garment.facets[id]?.value;
		const silent = value === undefined || expected(garment, id, value);
		const elsewhere =
			(id === 'hemDetail' && value !== undefined && !asAdjective.test(value)) ||
			(id === 'hemLength' && lengthInName(garment) !== undefined);
		const cm = id === 'heelHeight' ? garment.facets[id]?.cm : undefined;
		if (cm !== undefined) return [`${cm} cm heel`];
		return silent || elsewhere ? [] : [facetAsAdjective(id, value, garmentType(garment.type))];
	});

/** "Midi" of a midi skirt, where it is not usual of the kind anyway. */
function lengthInName(garment: Garment): string | undefined {
	const value = garment.facets.hemLength?.value;
	if (value === undefined || !inName.has(value) || expected(garment, 'hemLength', value)) return undefined;
	return /(?:dress|skirt)$/.test(garmentType(garment.type).singular) ? value : undefined;
}

/** A garment by its name: "navy wool pea coat", "gold drop earrings". */
export function garmentName(garment: Garment): string {
	const main = mainSwatch(garment.palette);
	const { metal, print } = garment;
	const words = [
		...saidFacets(garment, saidFirst),
		main && !(metal && garmentType(garment.type).division === 'jewellery')
			? colourName(main.hex, isDenim(garment))
			: undefined,
		garmentType(garment.type).division === 'jewellery' ? metal?.value.replace(/-/g, ' ') : undefined,
		print && print.family.value !== 'plain' ? printLabel(print.family.value) : undefined,
		...saidFacets(garment, saidBefore),
		lengthInName(garment),
		garmentType(garment.type).singular
	].filter((word): word is string => Boolean(word));
	// "gold, gold", "dark denim, denim jacket": what two parts of the name say is said once.
	return words.join(' ').replace(/\b(\S+) \1\b/g, '$1');
}

/** A garment as a phrase: its name and what is out of the ordinary: "black crepe trousers, high rise, floor length". */
export const garmentInWords = (garment: Garment): string =>
	[garmentName(garment), ...saidFacets(garment, saidAfter)].join(', ');

/** How far a hem lands from the asked one, by the share of stature between them (a hand's width ≈ 5 %). */
function hemDistance(id: FacetId, asked: string, given: string): string | undefined {
	if (id !== 'hemLength' && id !== 'topLength') return undefined;
	const apart = placeOf(id, asked) - placeOf(id, given);
	const size = Math.abs(apart);
	const words =
		size < 0.035 ? 'a finger or two' : size < 0.075 ? 'a hand’s width' : size < 0.14 ? 'two hands' : 'much';
	return `${id === 'hemLength' ? 'hem ' : ''}${words} ${apart > 0 ? 'longer' : 'shorter'}`;
}

function facetInWords(id: FacetId, asked: string, given: string): string {
	const facet = facetOf(id);
	if (asked === given) return `the same ${facet.label}`;
	const hem = hemDistance(id, asked, given);
	if (hem) return hem;
	const words = `${valueLabel(id, given)}, not ${valueLabel(id, asked)}`;
	if (facet.kind === 'nominal')
		return facet.label === 'neckline' ? `${valueLabel(id, given)} neck, not ${valueLabel(id, asked)}` : words;
	const order =
		facet.values.findIndex((value) => value.id === given) -
		facet.values.findIndex((value) => value.id === asked);
	return `${order > 0 ? facet.more : facet.less} ${facet.label === 'fit' ? '' : `${facet.label} `}(${words})`;
}

/** One aspect of a comparison as a stylist would say it. */
export function aspectInWords(asked: Garment, given: Garment, { aspect, status }: AspectCloseness): string {
	const label = aspectLabel(aspect);
	if (status === 'unstated') return `${label} not noted`;
	if (status === 'impossible') return `no ${label} to compare`;
	switch (aspect) {
		case 'type':
			return asked.type === given.type
				? 'the same kind of piece'
				: `${garmentType(given.type).singular} for ${garmentType(asked.type).singular}`;
		case 'palette': {
			const [want, have] = [mainSwatch(asked.palette), mainSwatch(given.palette)];
			return want && have ? colourDifferenceInWords(want.hex, have.hex) : 'colour not noted';
		}
		case 'print':
		case 'metal': {
			const [want, have] = [aspectValueInWords(asked, aspect), aspectValueInWords(given, aspect)];
			if (want === have) return want === 'plain' ? 'plain as well' : `the same ${label}`;
			return `${have}, not ${want}`;
		}
		default:
			return facetInWords(aspect, asked.facets[aspect]?.value ?? '', given.facets[aspect]?.value ?? '');
	}
}

/** "sequinned texture, not asked for". */
export const unaskedInWords = (given: Garment, aspect: AspectId): string =>
	`${[aspectValueInWords(byKind(given), aspect), aspectLabel(aspect)].filter(Boolean).join(' ')}, not asked for`;

export interface Reason {
	aspect: AspectId;
	words: string;
	/** Share of the piece closeness that speaks for or against, 0..1. */
	strength: number;
}

/** From this similarity on, an aspect speaks for a garment. */
const speaksFor = 0.72;

/** The strongest reasons for and against a garment, in the trade's words, at most `most` each. */
export function reasonsOf(
	asked: Garment,
	given: Garment,
	closeness: PieceCloseness,
	most = 3
): { forIt: Reason[]; against: Reason[] } {
	const reasons = closeness.aspects.map((compared) => ({
		aspect: compared.aspect,
		words: aspectInWords(asked, given, compared),
		similarity: compared.similarity,
		share: compared.share
	}));
	const strongest = (chosen: typeof reasons, strength: (r: (typeof reasons)[number]) => number): Reason[] =>
		chosen
			.map((reason) => ({ aspect: reason.aspect, words: reason.words, strength: strength(reason) }))
			.sort((a, b) => b.strength - a.strength)
			.slice(0, most);
	return {
		forIt: strongest(
			reasons.filter(({ similarity }) => similarity >= speaksFor),
			({ share, similarity }) => share * similarity
		),
		against: [
			...strongest(
				reasons.filter(({ similarity }) => similarity < speaksFor),
				({ share, similarity }) => share * (1 - similarity)
			),
			...closeness.unasked.map(({ aspect, loss }) => ({
				aspect,
				words: unaskedInWords(given, aspect),
				strength: loss
			}))
		]
			.sort((a, b) => b.strength - a.strength)
			.slice(0, most)
	};
}

/** Why points are lost, as a stylist would say it. */
export function lossInWords(
	loss: Loss,
	element: Element,
	given?: Garment,
	closeness?: PieceCloseness
): string {
	switch (loss.kind) {
		case 'gap':
			return given ? 'nothing on the other side yet' : 'nothing chosen yet';
		case 'left-out':
			return 'left out';
		case 'too-far':
			return 'too far off to count';
		case 'signature':
			return `the signature is missed: ${element.signature.map(aspectLabel).join(', ')}`;
		case 'unasked':
			return loss.aspect && given ? unaskedInWords(given, loss.aspect) : 'what was not asked for';
		case 'count':
			return `fewer than the ${element.count ?? 1} that are worn in the reference`;
		case 'moves':
			return `not worn as in the reference: ${element.moves.map((move) => moves[move].label).join(', ')}`;
		case 'aspect': {
			const compared = closeness?.aspects.find(({ aspect }) => aspect === loss.aspect);
			return compared && given
				? aspectInWords(element.garment, given, compared)
				: aspectLabel(loss.aspect ?? 'type');
		}
	}
}

/** What is worn in a look, as a sentence for whoever does not see its picture: "navy wool blazer; white shirt; black loafers". */
export const lookInWords = (garments: readonly Garment[]): string =>
	garments.map((garment) => garmentInWords(garment)).join('; ');
