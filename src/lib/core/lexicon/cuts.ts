/** Cuts that stand for a thing where no name follows: "a sequin column", "a red off-the-shoulder", "black ankle-straps". */
import type { FacetId } from './facets';
import type { TypeId } from './types';

export interface Cut {
	/** What is meant by it, the likeliest first (common practice). */
	types: readonly TypeId[];
	/** The feature that the same word says of a thing that has a name; undefined where it is a colour beside another: "peach blush". */
	says?: FacetId;
}

/** Facet: words = types. */
const lines = `
	sleeveLength: long-sleeve, long sleeve = long-sleeved-tee
	topLength: crop = crop-top
	skirtShape: column = evening-gown
	skirtShape: mermaid = evening-gown fishtail-skirt
	skirtShape: bias cut, bias-cut = slip-dress evening-gown
	skirtShape: pencil = pencil-skirt
	skirtShape: a-line = a-line-dress a-line-skirt
	skirtShape: skater, fit-and-flare = swing-dress
	fit: bodycon = bodycon-dress
	waistline: drop-waist = drop-waist-dress
	waistline: empire-line = empire-line-dress
	skirtShape: peplum = peplum-top
	neckline: strapless = dress
	neckline: one-shoulder = one-shoulder-top dress
	neckline: off-the-shoulder, off-shoulder = off-shoulder-top dress
	neckline: high-neck = top
	closure: double-breasted = blazer
	texture: quilted = quilted-jacket
	texture: skinny-rib, skinny rib = jumper
	material: waxed = waxed-jacket
	colour: blush = blusher
	heelHeight: flat = flats
	strap: ankle-straps = heels sandals
	leg: wide-leg = wide-leg-trousers
	leg: straight-leg = straight-jeans
	strap: top-handle = top-handle-bag`;

/** By their words, hyphens as spaces. */
export const cuts: ReadonlyMap<string, Cut> = new Map(
	lines
		.trim()
		.split('\n')
		.flatMap((line) => {
			const [says = '', rest = ''] = line.trim().split(': ');
			const [words = '', types = ''] = rest.split(' = ');
			const cut = {
				types: types.split(' ') as TypeId[],
				...(says !== 'colour' && { says: says as FacetId })
			};
			return words.split(', ').map((word): [string, Cut] => [word.replaceAll('-', ' '), cut]);
		})
);
