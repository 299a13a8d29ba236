import type { MoveId } from '../lexicon/moves';
import type { SlotId } from '../lexicon/slots';
import type { TypeId } from '../lexicon/types';
import { garmentType, typeHasFacet } from '../lexicon/taxonomy';
import type { FacetId } from '../lexicon/facets';
import type { Garment } from '../model/garment';

/** What a thing is drawn as when it is worn as another, by where it is usually worn; "any" stands for the rest. */
const becomes: Partial<Record<MoveId, Partial<Record<SlotId | 'any', TypeId>>>> = {
	'as-dress': { top: 'shirt-dress', layer: 'blazer-dress', outer: 'blazer-dress', scarf: 'sundress' },
	'as-top': { scarf: 'bandeau', legs: 'bandeau', any: 'camisole' },
	'as-skirt': { scarf: 'sarong', top: 'skirt', any: 'slip-skirt' },
	'as-belt': { any: 'sash' },
	'as-headscarf': { any: 'headscarf' },
	'as-hairband': { any: 'headband' },
	'as-shawl': { any: 'shawl' },
	'as-necklace': { any: 'necklace' },
	'as-bracelet': { any: 'bracelet' }
};

/** The garment as what it is worn as: its colours, print and cloth on another shape; itself without such a move. */
export function wornAs(garment: Garment, moves: readonly MoveId[]): Garment {
	const { slot } = garmentType(garment.type);
	const type = moves.map((move) => becomes[move]?.[slot] ?? becomes[move]?.any).find(Boolean);
	if (type === undefined) return garment;
	const facets = Object.fromEntries(
		Object.entries(garment.facets).filter(([facet]) => typeHasFacet(type, facet as FacetId))
	);
	const mini = moves.includes('as-dress')
		? { hemLength: { value: 'mini' as const, provenance: 'assumed' as const } }
		: {};
	return { ...garment, type, facets: { ...mini, ...facets } };
}
