import {
	colourCurve,
	darknessRange,
	darknessShare,
	familyFloors,
	metallicLikeness
} from '../lexicon/colour-curve';
import { deltaE00 } from './difference';
import { familiesRelated, familyOf, type ColourFamily } from './family';
import { metallicOf } from './metallic';
import { labOfHex, type Lab } from './spaces';

/** A hex colour with what the comparison needs of it, worked out once. */
export interface MeasuredColour {
	hex: string;
	lab: Lab;
	family: ColourFamily;
	/** Has it the look of a metal? */
	metallic: boolean;
}

const measured = new Map<string, MeasuredColour>();

/** The colour's Lab and family; remembered, since a studio holds few distinct colours. Throws on a bad hex. */
export function measureColour(hex: string): MeasuredColour {
	let colour = measured.get(hex);
	if (!colour) {
		const lab = labOfHex(hex);
		const metallic = metallicOf(hex);
		colour = { hex, lab, family: metallic?.family ?? familyOf(lab), metallic: metallic !== undefined };
		measured.set(hex, colour);
	}
	return colour;
}

/** The published falling curve: similarity 0..1 of a CIEDE2000 difference. */
export function similarityOfDifference(deltaE: number): number {
	for (let i = 1; i < colourCurve.length; i++) {
		const [x1 = 0, y1 = 0] = colourCurve[i - 1] ?? [];
		const [x2 = 0, y2 = 0] = colourCurve[i] ?? [];
		if (deltaE <= x2) return y1 + ((deltaE - x1) / (x2 - x1)) * (y2 - y1);
	}
	return 0;
}

export interface ColourSimilarityOptions {
	/** Raise colours of one family to a floor; off under a school that asks for the exact colour. Default true. */
	familyFloor?: boolean;
}

/**
 * Likeness of two colours, 0..1: the curve over CIEDE2000, floored within a family, and darkness for itself. Metals are
 * seen as metals: one for another is something, and a plain colour loses what it has not of their shine.
 */
export function colourSimilarity(
	asked: MeasuredColour,
	given: MeasuredColour,
	{ familyFloor = true }: ColourSimilarityOptions = {}
): number {
	const onCurve = similarityOfDifference(deltaE00(asked.lab, given.lab));
	if (onCurve === 1 && asked.metallic === given.metallic) return 1;
	const floor = !familyFloor
		? 0
		: asked.family === given.family
			? familyFloors.same
			: familiesRelated(asked.family, given.family)
				? familyFloors.related
				: 0;
	const darkness = Math.max(0, 1 - Math.abs(asked.lab.l - given.lab.l) / darknessRange);
	const shine = asked.metallic && given.metallic ? metallicLikeness.other : 0;
	const hue = Math.max(onCurve, floor, shine);
	const likeness = (1 - darknessShare) * hue + darknessShare * darkness * Math.sqrt(hue);
	return asked.metallic === given.metallic ? likeness : likeness * metallicLikeness.plain;
}
