import { placeOf } from '../lexicon/facets';
import { garmentType } from '../lexicon/taxonomy';
import type { Client } from '../model/client';
import type { Garment } from '../model/garment';

/**
 * What speaks against a garment for this client's body and limits, in words: materials they avoid, metal next to
 * a nickel allergy, a heel above their limit. Labels and the client's clinician have the last word.
 */
export function cautionsFor(
	client: Pick<Client, 'avoidMaterials' | 'allergies' | 'limits'>,
	garment: Garment
): string[] {
	const cautions: string[] = [];
	const cloth = [garment.facets.material?.value, garment.facets.texture?.value].filter(Boolean).join(' ');
	for (const avoided of [...client.avoidMaterials, ...client.allergies]) {
		const word = avoided.toLowerCase();
		const kin = word === 'wool' ? /wool|merino|cashmere|mohair|tweed|flannel|felt|boucle/ : undefined;
		if (cloth && (kin ? kin.test(cloth) : cloth.includes(word)))
			cautions.push(`${cloth.split(' ')[0]}: this client avoids ${avoided}`);
	}
	const metal = garmentType(garment.type).division === 'jewellery' || garment.metal !== undefined;
	if (metal && client.allergies.some((allergy) => allergy.toLowerCase() === 'nickel'))
		cautions.push('nickel allergy: check the label of all metal that touches skin');
	const heel = garment.facets.heelHeight?.value;
	const most = client.limits.maxHeelCm;
	if (heel !== undefined && most !== undefined && placeOf('heelHeight', heel) > most)
		cautions.push(`about ${placeOf('heelHeight', heel)} cm of heel, over the limit of ${most} cm`);
	return cautions;
}
