import { materialOfTexture, textureOfMaterial } from '../lexicon/material-feel';
import { garmentType } from '../lexicon/taxonomy';
import { stateFacet, type Garment } from '../model/garment';
import type { FacetId } from '../lexicon/facets';

const assumed = (value: string) => ({ value, provenance: 'assumed' as const });

/**
 * A garment with what its kind and its cloth say of it where it says nothing itself, marked as assumed: a slip dress is cut
 * on the bias, tweed is nubbed, sequins are a stuff. Only what sets a kind apart counts, not what is merely usual in its family.
 * The very garment where there is nothing to say.
 */
export function filledByKind(garment: Garment): Garment {
	const { facets: has, own } = garmentType(garment.type);
	let facets = garment.facets;
	const fill = (id: FacetId, value: string | undefined) => {
		if (value === undefined || facets[id] !== undefined || !has.includes(id)) return;
		if (facets === garment.facets) facets = { ...facets };
		stateFacet(facets, id, assumed(value));
	};
	for (const id in own) fill(id as FacetId, own[id as FacetId]);
	fill('texture', textureOfMaterial[facets.material?.value ?? '']);
	fill('material', materialOfTexture[facets.texture?.value ?? '']);
	return facets === garment.facets ? garment : { ...garment, facets };
}

const kept = new WeakMap<Garment, Garment>();

/** The same, remembered: for garments that are asked about again and again. */
export function byKind(garment: Garment): Garment {
	let filled = kept.get(garment);
	if (!filled) kept.set(garment, (filled = filledByKind(garment)));
	return filled;
}
