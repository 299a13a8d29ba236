import type { FacetId, FacetValues } from '../facets';
import type { SlotId } from '../slots';

/** How a type is drawn when nothing more is known of it. */
export const drawKinds = [
	'top',
	'jacket',
	'coat',
	'trousers',
	'shorts',
	'skirt',
	'dress',
	'jumpsuit',
	'suit',
	'skirt-suit',
	'two-piece',
	'skirt-set',
	'saree',
	'dupatta',
	'shoe',
	'boot',
	'sandal',
	'socks',
	'tights',
	'bag',
	'belt',
	'necklace',
	'earrings',
	'bracelet',
	'ring',
	'brooch',
	'scarf',
	'hat',
	'headband',
	'eyewear',
	'gloves',
	'hair',
	'lips',
	'nails',
	'under',
	'none'
] as const;
export type DrawKind = (typeof drawKinds)[number];

export interface FamilySource {
	id: string;
	label: string;
	division: string;
	slot: SlotId;
	facets: readonly FacetId[];
	draws: DrawKind;
	/** Values that a type of this family has unless told otherwise; used for drawing and as first guesses, never for closeness. */
	usual?: FacetValues;
	/**
	 * One type a line: `id: singular / plural / other words, comma-separated / facet=value …`; an empty line parts one kin,
	 * types that are cut alike and worn alike, from the next.
	 * A leading `uk:` or `us:` marks a word that belongs to one side of the Atlantic; a leading `*` marks the word
	 * that stands for the whole family ("boots"), which any of the family answers well.
	 */
	types: string;
}

/** What can be said of anything made of cloth. */
export const cloth: FacetId[] = ['fit', 'sheen', 'weight', 'opacity', 'formality', 'texture', 'material'];
export const sleeved: FacetId[] = [
	'sleeveLength',
	'sleeveShape',
	'neckline',
	'back',
	'topLength',
	'hemDetail'
];
export const skirted: FacetId[] = ['hemLength', 'skirtShape', 'hemDetail'];
export const legged: FacetId[] = ['legLength', 'leg', 'rise', 'hemDetail', 'distress'];
export const bodiced: FacetId[] = [
	'sleeveLength',
	'sleeveShape',
	'neckline',
	'back',
	'shoulder',
	'waistline',
	'closure',
	'collar'
];
/** What can be said of a small thing. */
export const small: FacetId[] = ['size', 'material', 'formality', 'sheen', 'texture', 'opacity'];
export const shod: FacetId[] = [
	'toe',
	'heelHeight',
	'heelShape',
	'sole',
	'strap',
	'sheen',
	'formality',
	'texture',
	'material',
	'opacity'
];
