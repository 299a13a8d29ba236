/** Where a hem lands on a client, from the garment's length, the client's stature and the heel. */
import { placeOf, type FacetId } from '../lexicon/facets';
import { garmentType } from '../lexicon/taxonomy';
import type { Client } from '../model/client';
import type { Garment } from '../model/garment';
import { cutForCm, heights } from './heights';

export interface HemLanding {
	/** Height of the hem over the floor in cm, heel and all; below 0 it trails. */
	aboveFloorCm: number;
	/** Height on the body as a share of stature, as the hem facets are spaced. */
	atStature: number;
	/** "at the knee", "a hand above the ankle". */
	words: string;
	/** Is its length measured, or taken from what its hem is called? */
	measured: boolean;
}

export interface HemOptions {
	/** Length of the garment in cm, from the shoulder point, or from the waist for skirts and trousers. */
	lengthCm?: number;
	/** 0 barefoot */
	heelCm?: number;
}

const hemFacets: FacetId[] = ['hemLength', 'legLength', 'topLength'];
const places: [words: string, at: number][] = [
	['the waist', heights.waist],
	['the hip', heights.hip],
	['the top of the thigh', heights.crotch],
	['mid-thigh', (heights.crotch + heights.knee) / 2],
	['the knee', heights.knee],
	['mid-calf', (heights.knee + heights.ankle) / 2],
	['the ankle', heights.ankle],
	['the floor', heights.floor]
];
/** Nearer than this to a place, in cm, a hem is at it; a hand's width is about 8 cm (common practice). */
const at = 3;
const hand = 8;

/** A height of the body in words: "at the knee", "a hand above the ankle". */
export function heightInWords(heightCm: number, statureCm: number): string {
	const [words, share] = places.reduce((best, place) =>
		Math.abs(place[1] * statureCm - heightCm) < Math.abs(best[1] * statureCm - heightCm) ? place : best
	);
	const apart = heightCm - share * statureCm;
	if (Math.abs(apart) <= at) return `at ${words}`;
	const far = Math.abs(apart) >= hand * 0.75 ? 'a hand' : 'a little';
	return `${far} ${apart > 0 ? 'above' : 'below'} ${words}`;
}

/** Where a garment hangs from, as a share of stature. */
const hangsFrom = (garment: Garment): number =>
	garmentType(garment.type).slot === 'legs' ? heights.waist : heights.shoulderPoint;

/**
 * How long a garment is, in cm: as the hem that is named, or is usual for its kind, is cut for a stature of 168 cm; undefined where
 * it has none.
 */
export function usualLengthCm(garment: Garment): number | undefined {
	const { usual } = garmentType(garment.type);
	const facet = hemFacets.find((id) => garment.facets[id]) ?? hemFacets.find((id) => usual[id] !== undefined);
	const value = facet && (garment.facets[facet]?.value ?? usual[facet]);
	if (!facet || value === undefined) return undefined;
	return (hangsFrom(garment) - placeOf(facet, value)) * cutForCm;
}

/**
 * Where the hem of a garment lands: its length hung from the shoulder point or the waist of a body of this stature
 * (shares of stature: Drillis & Contini 1966), lifted by the heel. A garment whose length is neither measured nor named, or
 * a client without a stature, gives none.
 */
export function hemLanding(
	garment: Garment,
	body: Pick<Client['measurements'], 'stature' | 'inseam'>,
	options: HemOptions = {}
): HemLanding | undefined {
	const { stature, inseam } = body;
	const lengthCm = options.lengthCm ?? usualLengthCm(garment);
	if (stature === undefined || lengthCm === undefined) return undefined;
	// Trousers hang from the crotch: a measured inside leg says where that is better than the share does.
	const legs = garment.facets.legLength !== undefined && inseam !== undefined;
	const shift = legs ? inseam - heights.crotch * stature : 0;
	const onBodyCm = hangsFrom(garment) * stature + shift - lengthCm;
	return {
		aboveFloorCm: onBodyCm + (options.heelCm ?? 0),
		atStature: onBodyCm / stature,
		words:
			onBodyCm + (options.heelCm ?? 0) < -at ? 'on the floor, trailing' : heightInWords(onBodyCm, stature),
		measured: options.lengthCm !== undefined
	};
}

/** Length in cm from the shoulder point that ends a hand below the crotch: it covers the seat (common practice). */
export const seatCoverCm = ({ stature, inseam }: Client['measurements']): number | undefined =>
	stature === undefined
		? undefined
		: heights.shoulderPoint * stature - ((inseam ?? heights.crotch * stature) - hand);
