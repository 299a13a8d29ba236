/** What goes underneath: underpinnings that a garment asks for. They are no part of the closeness. */
import { garmentType } from '../lexicon/taxonomy';
import type { FacetId } from '../lexicon/facets';
import type { Garment } from '../model/garment';

export interface Underpinning {
	/** A type that serves. */
	type: string;
	/** What to wear and why, in words. */
	words: string;
	/** Does it take the place of the usual bra, whose straps would show? */
	instead?: true;
}

/** Cloths that show what is beneath them. */
export const sheerCloth = ['chiffon', 'organza', 'tulle', 'net', 'voile'];

/** The underpinnings that a top or a one-piece wants, by its neck, back, cloth and hem (common practice). */
export function underneath(garment: Garment): Underpinning[] {
	const { slot, usual } = garmentType(garment.type);
	const value = (facet: FacetId) => garment.facets[facet]?.value ?? usual[facet] ?? '';
	const found: Underpinning[] = [];
	if (slot === 'top' || slot === 'whole') {
		if (['strapless', 'off-shoulder', 'one-shoulder'].includes(value('neckline')))
			found.push({ type: 'strapless-bra', words: 'a strapless bra, or cups sewn in', instead: true });
		else if (value('neckline') === 'halter' || value('back') === 'racer')
			found.push({
				type: 'strapless-bra',
				words: 'a bra whose straps cross or go round the neck',
				instead: true
			});
		if (['low', 'open'].includes(value('back')))
			found.push({
				type: 'bralette',
				words: 'cups sewn in, or adhesive ones after a patch test: the back is bare',
				instead: true
			});
		if (['plunge', 'deep-v'].includes(value('neckline')))
			found.push({ type: 'bralette', words: 'a low-centred bra, or tape after a patch test', instead: true });
		if (['sheer', 'semi-sheer'].includes(value('opacity')) || sheerCloth.includes(value('material')))
			found.push({
				type: slot === 'top' ? 'camisole' : 'slip',
				words: `a ${slot === 'top' ? 'camisole' : 'slip'} in the tone of the skin`
			});
	}
	if (
		['skin-tight', 'close'].includes(value('fit')) &&
		['micro', 'mini'].includes(value('hemLength')) &&
		['legs', 'whole'].includes(slot)
	)
		found.push({ type: 'slip-shorts', words: 'slip shorts, for walking and sitting' });
	if (['full', 'circle'].includes(value('skirtShape')) && garment.type !== 'lehenga')
		found.push({ type: 'petticoat', words: 'a petticoat, where the skirt is to stand out' });
	if (slot === 'drape' && garmentType(garment.type).family === 'drapes')
		found.push({ type: 'saree-petticoat', words: 'a petticoat in the colour of the saree' });
	return found;
}
