import { typeHasFacet, garmentType } from '../lexicon/taxonomy';
import type { FacetId } from '../lexicon/facets';
import type { Garment } from '../model/garment';
import type { Reading } from './model';
import { readLook, type ReadOptions } from './read-look';

/** What of a garment stays when it turns out to be of another type. */
const kept = (garment: Garment, type: string): Garment['facets'] =>
	Object.fromEntries(Object.entries(garment.facets).filter(([id]) => typeHasFacet(type, id as FacetId)));

/**
 * A garment with what is said laid over it: a type named takes the place of its own, colours of its colours,
 * each facet of that facet; what is not said stays. Words that name no garment ("high rise, in navy") are said of
 * the one given. Without one, it is the first that the words name; undefined where they name none.
 */
export function saidOver(
	garment: Garment | undefined,
	text: string,
	options: ReadOptions = {}
): { garment: Garment | undefined; reading: Reading } {
	const reading = readLook(text, options);
	const [named] = reading.elements;
	if (!garment) return { garment: named?.garment, reading };
	if (text.trim() === '') return { garment, reading };
	const said =
		named?.garment ?? readLook(`${text} ${garmentType(garment.type).singular}`, options).elements[0]?.garment;
	if (!said) return { garment, reading };
	return {
		reading,
		garment: {
			...garment,
			type: said.type,
			facets: { ...kept(garment, said.type), ...said.facets },
			palette: said.palette.length > 0 ? said.palette : garment.palette,
			print: said.print ?? garment.print,
			metal: said.metal ?? garment.metal
		}
	};
}
