import type { FacetValues } from './facets';
import type { MoveId } from './moves';

/** What a move makes of a feature, as it is then seen (common practice). */
export const moveEffects: Partial<Record<MoveId, FacetValues>> = {
	'sleeves-rolled': { sleeveLength: 'elbow' },
	'sleeves-pushed-up': { sleeveLength: 'three-quarter' },
	'cuffs-turned-back': { sleeveLength: 'three-quarter' },
	'hem-cuffed': { legLength: 'ankle' },
	pegged: { leg: 'tapered', legLength: 'ankle' },
	knotted: { topLength: 'cropped' },
	belted: { waistline: 'marked' },
	'worn-open': { closure: 'open' },
	'off-the-shoulder': { neckline: 'off-shoulder' },
	'low-on-hips': { rise: 'low' }
};
