/** Where the hems of what is worn end on a client, and what a top does there. */
import type { MoveId } from '../lexicon/moves';
import { garmentType } from '../lexicon/taxonomy';
import type { Measurements } from '../model/client';
import type { Garment } from '../model/garment';
import { cutForCm, heelWornCm, heights } from './heights';
import { hemLanding, seatCoverCm, usualLengthCm, type HemLanding } from './hem-landing';

export interface WornHem {
	id: string;
	garment: Garment;
	moves: readonly MoveId[];
	/** Its own length in cm, where it was measured. */
	lengthCm?: number;
	/** What the reference asks for in its place. */
	asked?: Garment;
}

export interface Landing {
	id: string;
	landing: HemLanding;
	/** Where it ends on the wearer of the reference, as such hems are cut; undefined where the reference does not say. */
	asked?: HemLanding;
	/** By how many cm it ends lower on this client than on the reference, by the share of the height; above 0 is longer. */
	lowerCm?: number;
	/** "covers the seat", "comes out of the waistband when one sits". */
	notes: string[];
}

/** The upper edge of a bottom as a share of stature, by its rise (common practice). */
const riseAt: Readonly<Record<string, number>> = { high: heights.waist, mid: 0.585, low: 0.56 };
/** Cloth below the waistband that a tuck wants, in cm (common practice). */
const tuckCm = 12;

function topNotes(
	{ garment, moves, lengthCm }: WornHem,
	measures: Measurements,
	rise: string | undefined
): string[] {
	const { stature } = measures;
	const { slot } = garmentType(garment.type);
	const length = lengthCm ?? usualLengthCm(garment);
	if (slot !== 'top' || stature === undefined || length === undefined) return [];
	const seat = seatCoverCm(measures);
	const endsAt = heights.shoulderPoint * stature - length;
	const bottomAt = rise === undefined ? undefined : (riseAt[rise] ?? heights.waist) * stature;
	const below = bottomAt === undefined ? undefined : bottomAt - endsAt;
	const tucked = moves.includes('tucked') || moves.includes('half-tucked');
	return [
		...(seat !== undefined && length >= seat ? ['covers the seat'] : []),
		...(below !== undefined && below < 0 ? [`leaves ${Math.round(-below)} cm bare above the waistband`] : []),
		...(below !== undefined && below >= 0 && tucked && below < tuckCm
			? [`tucked with ${Math.round(below)} cm: comes out when the arms go up`]
			: []),
		...(below !== undefined && below >= tuckCm && tucked ? ['stays tucked'] : [])
	];
}

/**
 * Where each hem of a look ends on a body, in the heel that is worn with it, beside where it ends on the reference. Lengths are
 * measured, or as the hem that is named is cut for a height of 168 cm; without a height there is none.
 */
export function landingsOf(worn: readonly WornHem[], measures: Measurements): Landing[] {
	const heelCm = heelWornCm(worn);
	const bottom = worn.find(({ garment }) => garmentType(garment.type).slot === 'legs')?.garment;
	const rise = bottom && (bottom.facets.rise?.value ?? garmentType(bottom.type).usual.rise);
	return worn.flatMap((one): Landing[] => {
		const landing = hemLanding(one.garment, measures, { lengthCm: one.lengthCm, heelCm });
		if (!landing) return [];
		const asked = one.asked && hemLanding(one.asked, { stature: cutForCm });
		const { stature = cutForCm } = measures;
		return [
			{
				id: one.id,
				landing,
				...(asked && { asked, lowerCm: Math.round((asked.atStature - landing.atStature) * stature) }),
				notes: topNotes(one, measures, rise)
			}
		];
	});
}
