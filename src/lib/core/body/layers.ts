/** A look with some of its layers off. */
import type { FacetId } from '../lexicon/facets';
import type { SlotId } from '../lexicon/slots';
import { garmentType, typeHasFacet } from '../lexicon/taxonomy';
import type { Garment } from '../model/garment';

/** How many of a look's layers are on. */
export const layerStates = ['everything on', 'coat off', 'jacket off'] as const;
export type LayerState = (typeof layerStates)[number];

/** A suit without its jacket: the trousers that were cut with it. */
function withoutJacket(garment: Garment): Garment {
	const type = 'tailored-trousers';
	const facets = Object.fromEntries(
		Object.entries(garment.facets).filter(([facet]) => typeHasFacet(type, facet as FacetId))
	);
	return { ...garment, type, facets };
}

/** What is worn with the coat off, or with coat and jacket off. */
export function inState<T extends { garment: Garment }>(worn: readonly T[], state: LayerState): T[] {
	if (state === 'everything on') return [...worn];
	const jackets = state === 'jacket off';
	return worn.flatMap((one) => {
		const { slot } = garmentType(one.garment.type);
		if (slot === 'outer' || (jackets && slot === 'layer')) return [];
		return [jackets && slot === 'suit' ? { ...one, garment: withoutJacket(one.garment) } : one];
	});
}

/** The states in which what is worn shows something different. */
export function statesOf(worn: readonly { garment: Garment }[]): LayerState[] {
	const has = (...wanted: SlotId[]) =>
		worn.some(({ garment }) => wanted.includes(garmentType(garment.type).slot));
	return layerStates.filter(
		(state) => state === 'everything on' || (state === 'coat off' ? has('outer') : has('layer', 'suit'))
	);
}
