/**
 * What clothes keep warm, in clo (1 clo = 0.155 m²·K/W). Single garments of ASHRAE 55, table of garment insulation; coats,
 * down and parka of ISO 7730 and ISO 9920 (values from memory). Those under `likened` are not in the tables and are likened to
 * what is (this project's).
 */
export interface Insulation {
	thin: number;
	thick: number;
}
const both = (clo: number): Insulation => ({ thin: clo, thick: clo });
const of = (thin: number, thick: number): Insulation => ({ thin, thick });

export const cloTable = {
	tee: both(0.08),
	sleevelessBlouse: both(0.12),
	shortSleevedShirt: both(0.19),
	longSleevedShirt: of(0.25, 0.34),
	sweatshirt: both(0.34),
	sweater: of(0.25, 0.36),
	waistcoat: of(0.1, 0.17),
	singleBreastedJacket: of(0.36, 0.44),
	doubleBreastedJacket: of(0.42, 0.48),
	coat: both(0.6),
	downJacket: both(0.55),
	parka: both(0.7),
	shortShorts: both(0.06),
	walkingShorts: both(0.08),
	trousers: of(0.15, 0.24),
	sweatpants: both(0.28),
	overalls: both(0.3),
	skirt: of(0.14, 0.23),
	sleevelessDress: of(0.23, 0.27),
	shortSleevedDress: both(0.29),
	longSleevedDress: of(0.33, 0.47),
	tights: both(0.02),
	calfSocks: both(0.03),
	kneeSocks: both(0.06),
	shoes: both(0.02),
	boots: both(0.1),
	sandals: both(0.02),
	briefs: both(0.04),
	bra: both(0.01),
	halfSlip: both(0.14),
	fullSlip: both(0.16)
} as const;

/** Likened to what the tables have. */
export const likened = {
	leggings: both(0.12),
	lightCoat: of(0.3, 0.44),
	saree: of(0.3, 0.4),
	scarf: of(0.02, 0.06),
	gloves: both(0.03),
	hat: of(0.01, 0.03),
	swimwear: both(0.05)
} as const;

/** Families whose things are all of one row, by the type where one differs. */
export const cloOfType: Readonly<Record<string, Insulation>> = {
	sweatshirt: cloTable.sweatshirt,
	hoodie: cloTable.sweatshirt,
	'zip-up-hoodie': cloTable.sweatshirt,
	fleece: cloTable.sweatshirt,
	'knitted-vest': cloTable.waistcoat,
	waistcoat: cloTable.waistcoat,
	'long-waistcoat': cloTable.waistcoat,
	gilet: cloTable.waistcoat,
	bandi: cloTable.waistcoat,
	shrug: cloTable.waistcoat,
	bolero: cloTable.waistcoat,
	'puffer-jacket': cloTable.downJacket,
	'puffer-coat': cloTable.parka,
	parka: cloTable.parka,
	'shearling-coat': cloTable.parka,
	'fur-coat': cloTable.parka,
	raincoat: likened.lightCoat,
	'duster-coat': likened.lightCoat,
	'shop-coat': likened.lightCoat,
	'trench-coat': likened.lightCoat,
	'opera-coat': likened.lightCoat,
	cape: likened.lightCoat,
	poncho: likened.lightCoat,
	abaya: likened.lightCoat,
	'kimono-jacket': cloTable.longSleevedShirt,
	windbreaker: likened.lightCoat,
	joggers: cloTable.sweatpants,
	'track-trousers': cloTable.sweatpants,
	leggings: likened.leggings,
	'yoga-leggings': likened.leggings,
	dungarees: cloTable.overalls,
	swimsuit: likened.swimwear,
	bikini: likened.swimwear,
	bandeau: likened.swimwear,
	bra: cloTable.bra,
	'strapless-bra': cloTable.bra,
	'sports-bra': cloTable.bra,
	bralette: cloTable.bra,
	slip: cloTable.fullSlip,
	'half-slip': cloTable.halfSlip,
	petticoat: cloTable.halfSlip,
	'saree-petticoat': cloTable.halfSlip,
	undervest: cloTable.tee,
	socks: cloTable.calfSocks,
	'knee-socks': cloTable.kneeSocks,
	'over-knee-socks': cloTable.kneeSocks,
	'leg-warmers': cloTable.kneeSocks
};

/** Materials of up to the first weight are of the thin sort, from the second on of the thick (weights of `material-feel`; this project's). */
export const thinToThick = [1.4, 2.2] as const;

/** What people do, with what it warms them: metabolic rate in met (ASHRAE 55 and ISO 8996, values from memory). */
export const activities = {
	sitting: { label: 'sitting', met: 1.0 },
	standing: { label: 'standing', met: 1.2 },
	strolling: { label: 'standing and strolling', met: 1.6 },
	walking: { label: 'walking', met: 2.0 },
	dancing: { label: 'dancing', met: 2.6 }
} as const;
export type Activity = keyof typeof activities;
