/** What a brief asks after, besides limits and measures: how a client dresses themself, and what suits their face. */
import type { MaterialKind } from './limit-properties';

/** Materials on which people hold a view for ethics' sake. */
export const ethicalMaterials = [
	'fur',
	'leather',
	'feather',
	'down',
	'wool',
	'silk'
] as const satisfies MaterialKind[];
export type EthicalMaterial = (typeof ethicalMaterials)[number];

/** How far a client goes with a material: not at all, only what is not bought new, or as it comes. */
export const ethicalSteps = ['never', 'pre-owned', 'any'] as const;
export type EthicalStep = (typeof ethicalSteps)[number];

/** Fastenings that a client can do alone. */
export const reaches = ['any', 'none-at-the-back', 'front-only'] as const;
export type Reach = (typeof reaches)[number];

/** With which hand a client does things up. */
export const hands = ['both', 'left', 'right'] as const;
export type Hand = (typeof hands)[number];

/** Places where cloth must not press. */
export const tightSpots = {
	neck: 'neck',
	'upper-arm': 'upper arm',
	bust: 'bust or chest',
	waist: 'waist',
	hip: 'hip',
	thigh: 'thigh',
	calf: 'calf',
	foot: 'toes'
} as const;
export type TightSpot = keyof typeof tightSpots;
export const tightSpotIds = Object.keys(tightSpots) as TightSpot[];

/** Undertone of the skin: which colours look like its own (common practice). */
export const undertones = ['cool', 'neutral', 'warm'] as const;
export type Undertone = (typeof undertones)[number];

/** How far hair, skin and eyes lie apart in depth. */
export const contrasts = ['low', 'medium', 'high'] as const;
export type Contrast = (typeof contrasts)[number];

/** How much a client wants to be looked at. */
export const boldnesses = ['quiet', 'middle', 'bold'] as const;
export type Boldness = (typeof boldnesses)[number];

/** What a usual size is said of. */
export const sizedThings = {
	top: 'tops and shirts',
	bottom: 'trousers and skirts',
	dress: 'dresses',
	coat: 'jackets and coats',
	shoe: 'shoes',
	ring: 'rings',
	hat: 'hats'
} as const;
export type SizedThing = keyof typeof sizedThings;
export const sizedThingIds = Object.keys(sizedThings) as SizedThing[];

/** Departments of shops, by whose charts a size is read. */
export const departments = ['women', 'men'] as const;
export type Department = (typeof departments)[number];
