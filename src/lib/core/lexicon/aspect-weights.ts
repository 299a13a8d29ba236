import type { AspectId } from '../model/reference';

/**
 * How much each aspect of an element counts for its piece closeness, before the school's multipliers.
 * Type and colour lead, lengths and volumes follow, details close (common practice; the numbers are this
 * project's and may be argued with).
 */
export const aspectWeights: Record<AspectId, number> = {
	type: 3.8,
	palette: 2.5,
	print: 2.8,
	metal: 0.8,
	fit: 1,
	topLength: 0.9,
	hemLength: 2.6,
	legLength: 1,
	rise: 0.7,
	sleeveLength: 0.8,
	sleeveShape: 0.7,
	heelHeight: 1,
	heelShape: 0.7,
	shaft: 0.9,
	size: 0.9,
	sheen: 0.6,
	weight: 0.4,
	opacity: 0.5,
	formality: 0.5,
	neckline: 0.9,
	collar: 0.6,
	lapel: 0.7,
	closure: 0.6,
	leg: 1.1,
	skirtShape: 1.1,
	waistline: 0.7,
	shoulder: 0.5,
	back: 0.5,
	brim: 0.9,
	sole: 0.6,
	distress: 0.5,
	hairLength: 1,
	hairTexture: 0.8,
	nailShape: 0.6,
	scent: 1.5,
	toe: 0.6,
	strap: 0.6,
	frame: 0.9,
	hemDetail: 0.4,
	texture: 0.9,
	material: 1
};

/** Where a division of the taxonomy weighs an aspect otherwise, and why. */
export const divisionWeights: Record<string, Partial<Record<AspectId, number>>> = {
	// The metal is the colour of jewellery.
	jewellery: { metal: 2.4, palette: 1.5, size: 1.2 },
	// At the distance at which a look is seen, a shoe is its colour, its heel and its toe.
	footwear: { type: 3.2, toe: 0.9, sole: 0.8, texture: 0.6 },
	// A bag reads as a patch of colour first.
	bags: { type: 2.4, palette: 2.8, size: 1.1, texture: 1.5 },
	accessories: { type: 3.5, frame: 2.2, size: 1.4 }
};

/** The weight of an aspect, for a type of the given division where that weighs it otherwise. */
export const aspectWeightOf = (aspect: AspectId, division?: string): number =>
	(division !== undefined ? divisionWeights[division]?.[aspect] : undefined) ?? aspectWeights[aspect];
