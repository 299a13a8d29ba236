/** Two kinds of one family in a list: two things, or one and what it is? */
import type { GarmentType } from '../../lexicon/taxonomy';
import type { TypeId } from '../../lexicon/types';

/** General names that are kinds by themselves: nobody who says "blazer" means a waistcoat. */
const kindsByThemselves: ReadonlySet<TypeId> = new Set<TypeId>(['blazer', 'shirt', 'jumper', 'cardigan']);
/** Kinds that are worn with another of their family. */
const wornWithOthers: ReadonlySet<TypeId> = new Set<TypeId>([
	'gilet',
	'waistcoat',
	'long-waistcoat',
	'shrug',
	'bolero',
	'knitted-vest'
]);

/** Is the second worn besides the first, "blazer, waistcoat", where "shirt, denim shirt" and "shoes, loafers" say which? */
export const isWornBesides = (first: GarmentType, second: GarmentType): boolean =>
	(kindsByThemselves.has(first.id) || wornWithOthers.has(second.id)) &&
	!second.singular.endsWith(` ${first.singular}`);
