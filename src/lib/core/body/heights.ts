import { placeOf, type ValueOf } from '../lexicon/facets';
import { garmentType } from '../lexicon/taxonomy';
import type { Garment } from '../model/garment';

/**
 * Heights of the body as shares of stature. Drillis & Contini 1966, as tabled in Winter, Biomechanics and Motor Control
 * (values from memory); those marked so are common practice of pattern cutting.
 */
export const heights = {
	eye: 0.936,
	chin: 0.87,
	/** Where a garment is measured from: the high point of the shoulder, at the neck (common practice). */
	shoulderPoint: 0.845,
	shoulder: 0.818,
	elbow: 0.63,
	/** Common practice: at the elbow or a little under it. */
	waist: 0.61,
	hip: 0.53,
	wrist: 0.485,
	/** Common practice; a measured inside leg says it better. */
	crotch: 0.47,
	fingertip: 0.377,
	knee: 0.285,
	ankle: 0.039,
	floor: 0
} as const;

/** How high a heel of a shape usually is, on a shoe whose kind has none (common practice). */
const heelOfShape: Readonly<Record<string, ValueOf<'heelHeight'>>> = {
	stiletto: 'high',
	kitten: 'kitten',
	spool: 'kitten',
	block: 'mid',
	cuban: 'kitten',
	stacked: 'mid',
	cone: 'mid',
	wedge: 'mid'
};
/** "Block-heeled sandals": flat as sandals are, they would have no heel to be of a shape. */
const usualHeel = (ofKind: ValueOf<'heelHeight'> | undefined, shape = '') =>
	ofKind === undefined || ofKind === 'flat' ? (heelOfShape[shape] ?? ofKind) : ofKind;

/**
 * The heel of a shoe in cm: as it was measured or said, else as its value in words usually is, else as its kind usually has (`stated` is
 * then false). Undefined of what is no shoe, and of kinds that have none of their own.
 */
export function heelOfShoe({ type, facets }: Garment): { cm: number; stated: boolean } | undefined {
	const { slot, usual } = garmentType(type);
	const { value = usualHeel(usual.heelHeight, facets.heelShape?.value), cm } = facets.heelHeight ?? {};
	if (slot !== 'feet' || value === undefined) return undefined;
	return { cm: cm ?? placeOf('heelHeight', value), stated: facets.heelHeight !== undefined };
}

/** The heel in cm that is worn in a look, as stated or usual for its shoes; 0 without shoes. */
export const heelWornCm = (worn: readonly { garment: Garment }[]): number =>
	Math.max(0, ...worn.map(({ garment }) => heelOfShoe(garment)?.cm ?? 0));

/** The stature for which a length without a figure is cut, in cm: what pattern blocks are drafted for (common practice). */
export const cutForCm = 168;
