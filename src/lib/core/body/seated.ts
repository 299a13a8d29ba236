/** What sitting down does to what is worn. */
import type { FacetId, ValueOf } from '../lexicon/facets';
import { garmentType } from '../lexicon/taxonomy';
import type { Garment } from '../model/garment';

/** Hems from the shortest to the longest, as they ride up. */
const ridesUp: ValueOf<'hemLength'>[] = ['micro', 'mini', 'above-knee', 'knee'];
const narrowSkirts = ['pencil', 'straight', 'column', 'tulip'];

/** Is a skirt so narrow that it does not give way to the thighs? By what is said of it, else by its kind. */
export function isNarrowSkirt({ type, facets }: Pick<Garment, 'type' | 'facets'>): boolean {
	const value = (facet: FacetId) => facets[facet]?.value ?? garmentType(type).usual[facet] ?? '';
	return narrowSkirts.includes(value('skirtShape')) || ['skin-tight', 'close'].includes(value('fit'));
}

/**
 * What shows of a narrow skirt when one sits down: a hem one step shorter (common practice: a hand's width).
 *
 * @param hem its hem standing, a value of the facet "hemLength"; what is not known does not change
 */
export function seated(garment: Garment, hem = garment.facets.hemLength?.value): Garment {
	const shorter = hem && isNarrowSkirt(garment) ? ridesUp[ridesUp.indexOf(hem) - 1] : undefined;
	return shorter
		? {
				...garment,
				facets: {
					...garment.facets,
					hemLength: { provenance: 'assumed' as const, ...garment.facets.hemLength, value: shorter }
				}
			}
		: garment;
}

/** What is worn as it shows when one sits down; undefined where sitting changes nothing. */
export function seatedLook<T extends { garment: Garment }>(worn: readonly T[]): T[] | undefined {
	const look = worn.map((one) => ({ ...one, garment: seated(one.garment) }));
	return look.some(({ garment }, i) => garment !== worn[i]?.garment) ? look : undefined;
}
