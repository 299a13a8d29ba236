/** How far down the arm a sleeve of each length reaches: 0 the shoulder, 1 the wrist (common practice). */
export const sleeveReaches: Readonly<Record<string, number>> = {
	strapless: 0,
	sleeveless: 0,
	cap: 0.13,
	short: 0.3,
	elbow: 0.52,
	'three-quarter': 0.74,
	long: 1
};
