/**
 * How alike two colours count by their CIEDE2000 difference: within 2 the same colour, near 10 clearly related,
 * past 25 another (common practice; 2.3 is the just noticeable difference in ΔE*ab after Mahy, Van Eycken &
 * Oosterlinck 1994, value from memory). Straight lines between the points.
 */
export const colourCurve: readonly (readonly [deltaE: number, similarity: number])[] = [
	[0, 1],
	[2, 1],
	[5, 0.9],
	[10, 0.72],
	[15, 0.5],
	[20, 0.28],
	[25, 0.12],
	[40, 0]
];

/** The share of a colour's likeness that its darkness earns for itself: the same depth holds a look together. */
export const darknessShare = 0.15;

/** A lightness difference at which depth counts for nothing. */
export const darknessRange = 60;

/** Floors under the curve: burgundy and red are about 22 apart, yet one belongs to the other (common practice). */
export const familyFloors = { same: 0.6, related: 0.4 };

/** What the shine of a metal counts for: gold for silver still glints; mustard for gold does not (common practice). */
export const metallicLikeness = { other: 0.35, plain: 0.55 };
