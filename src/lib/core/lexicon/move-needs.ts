import type { FacetId } from './facets';
import type { MoveId } from './moves';

/** What stands in the way of a move: values of the piece itself, or of the bottom that must hold it (common practice). */
export interface MoveNeed {
	/** Values of the piece that rule it out. */
	not?: Partial<Record<FacetId, readonly string[]>>;
	/** Values of the bottom that rule it out. */
	bottomNot?: Partial<Record<FacetId, readonly string[]>>;
	words: string;
}

const short: MoveNeed = {
	not: { topLength: ['cropped', 'waist'] },
	words: 'it ends above the waistband: there is no cloth to tuck'
};
const thick: MoveNeed = {
	not: { texture: ['chunky-knit', 'cable', 'quilted', 'padded', 'fur-like'], weight: ['heavy'] },
	words: 'its cloth is too thick: it bunches'
};
const noLongSleeve: MoveNeed = {
	not: { sleeveLength: ['strapless', 'sleeveless', 'cap', 'short', 'elbow'] },
	words: 'it has no long sleeve'
};
const pulledOn: MoveNeed = { not: { closure: ['pull-on'] }, words: 'its front does not open' };
const shortLeg: MoveNeed = {
	not: { legLength: ['micro', 'short', 'mid-thigh', 'knee', 'cropped', 'ankle'] },
	words: 'its leg has no length to spare'
};
const wideLeg: MoveNeed = {
	not: { leg: ['wide', 'flared', 'bootcut', 'baggy', 'balloon'] },
	words: 'its leg is too wide'
};

export const moveNeeds: Partial<Record<MoveId, readonly MoveNeed[]>> = {
	tucked: [
		short,
		thick,
		{ bottomNot: { rise: ['low'] }, words: 'the rise of the bottom is too low to hold it' }
	],
	'half-tucked': [
		short,
		{ not: { fit: ['skin-tight'] }, words: 'it is too tight to fall over the waistband' }
	],
	knotted: [short, thick],
	'cuffs-turned-back': [noLongSleeve],
	'sleeves-rolled': [noLongSleeve, thick],
	'sleeves-pushed-up': [noLongSleeve],
	'tied-on-shoulders': [noLongSleeve],
	'tied-round-waist': [noLongSleeve, thick],
	unbuttoned: [pulledOn],
	'worn-open': [pulledOn],
	'buttoned-to-neck': [pulledOn],
	'hem-cuffed': [shortLeg, { not: { leg: ['flared', 'bootcut'] }, words: 'its leg widens at the hem' }],
	pegged: [shortLeg],
	'tucked-into-boots': [wideLeg],
	'collar-up': [{ not: { collar: ['collarless'] }, words: 'it has no collar' }],
	'collar-over': [{ not: { collar: ['collarless'] }, words: 'it has no collar' }]
};
