import { materialOfTexture, textureOfMaterial } from '../lexicon/material-feel';
import { garmentType } from '../lexicon/taxonomy';
import type { Garment } from '../model/garment';
import type { FacetId } from '../lexicon/facets';

const kept = new WeakMap<Garment, Garment>();
const assumed = (value: string) => ({ value, provenance: 'assumed' as const });

/**
 * A garment with what its kind and its cloth say of it where it says nothing itself, marked as assumed: a slip dress is cut
 * on the bias, tweed is nubbed, sequins are a stuff. Only what sets a kind apart counts, not what is merely usual in its family.
 */
export function byKind(garment: Garment): Garment {
	const known = kept.get(garment);
	if (known) return known;
	const { facets: has, own } = garmentType(garment.type);
	const facets: Garment['facets'] = { ...garment.facets };
	const fill = (id: FacetId, value: string | undefined) => {
		if (value !== undefined && facets[id] === undefined && has.includes(id)) facets[id] = assumed(value);
	};
	for (const [id, value] of Object.entries(own)) fill(id as FacetId, value);
	fill('texture', textureOfMaterial[facets.material?.value ?? '']);
	fill('material', materialOfTexture[facets.texture?.value ?? '']);
	const filled = { ...garment, facets };
	kept.set(garment, filled);
	return filled;
}
