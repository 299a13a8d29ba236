/** The taxonomy's source: divisions, and the families of each in a file of their own. */
import { accessories } from './accessories';
import { bags } from './bags';
import { beauty } from './beauty';
import { bottoms } from './bottoms';
import { footwear } from './footwear';
import { jewellery } from './jewellery';
import type { IdIn } from '../named';
import { layers } from './layers';
import { onePieces } from './one-pieces';
import { southAsian } from './south-asian';
import { tops } from './tops';
import { under } from './under';

/** Divisions are the first level of the tree, families the second, types the third. */
export const divisions = {
	tops: 'tops',
	layers: 'layers',
	bottoms: 'bottoms',
	'one-pieces': 'one-pieces and sets',
	'south-asian': 'South Asian dress',
	under: 'underneath and hosiery',
	footwear: 'footwear',
	bags: 'bags',
	accessories: 'accessories',
	jewellery: 'jewellery',
	beauty: 'hair and make-up'
} as const;

export const families = [
	...tops,
	...layers,
	...bottoms,
	...onePieces,
	...southAsian,
	...under,
	...footwear,
	...bags,
	...accessories,
	...jewellery,
	...beauty
] as const;

export type DivisionId = keyof typeof divisions;
export type FamilyId = (typeof families)[number]['id'];
export type TypeId = IdIn<(typeof families)[number]['types']>;
