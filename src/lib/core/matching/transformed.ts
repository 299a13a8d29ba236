import { facetValue, type FacetId } from '../lexicon/facets';
import { type TransformationId } from '../lexicon/transformation-ids';
import { transformationOf } from '../lexicon/transformations';
import { typeHasFacet } from '../lexicon/taxonomy';
import type { Garment } from '../model/garment';

/** A garment as what a transformation makes of it: what is stated stays, where the new type can have it. */
export function transformed(garment: Garment, id: TransformationId): Garment {
	const { to } = transformationOf(id);
	const type = to.type ?? garment.type;
	const kept = Object.entries(garment.facets).filter(([facet]) => typeHasFacet(type, facet as FacetId));
	const made = Object.entries(to.facets ?? {})
		.filter(([facet, value]) => typeHasFacet(type, facet as FacetId) && facetValue(facet as FacetId, value))
		.map(([facet, value]) => [facet, { value, provenance: 'inferred' as const }] as const);
	const facets: Garment['facets'] = { ...Object.fromEntries(kept), ...Object.fromEntries(made) };
	return {
		...garment,
		type,
		facets,
		...(to.palette !== undefined && { palette: [{ hex: to.palette, share: 1, provenance: 'inferred' }] }),
		...(to.metal !== undefined && { metal: { value: to.metal, provenance: 'inferred' } })
	};
}
