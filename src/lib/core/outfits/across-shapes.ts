import { facetValue, type FacetId } from '../lexicon/facets';
import { garmentType } from '../lexicon/taxonomy';
import type { OwnedOption } from '../matching/items';
import type { Garment } from '../model/garment';
import { outfitsFrom, type Outfit } from './outfits-from';
import type { OutfitAsk } from './worth';

/** The best outfit of a piece with a bottom of one shape. */
export interface AcrossShape {
	/** "wide leg, full", "midi". */
	shape: string;
	outfit: Outfit;
}

const said = (garment: Garment, facet: FacetId): string | undefined => {
	const value = garment.facets[facet]?.value ?? garmentType(garment.type).usual[facet];
	return value === undefined ? undefined : (facetValue(facet, value)?.label ?? value);
};

/** The shape of a bottom: its leg and where it ends, or its hem. */
export function shapeOf(garment: Garment): string | undefined {
	const type = garmentType(garment.type);
	if (type.slot !== 'legs') return undefined;
	const leg = said(garment, 'leg');
	if (leg !== undefined) {
		const length = said(garment, 'legLength');
		return [`${leg} leg`, length].filter(Boolean).join(', ');
	}
	const hem = said(garment, 'hemLength');
	return hem === undefined ? undefined : `${hem} skirt`;
}

/**
 * One piece across the shapes of legs and hems that the rail has: for each the best outfit, in the order in which shapes are first
 * met on the rail. A shape with which nothing can be worn without a warning is left out, and so is a bottom as the piece itself.
 */
export function acrossShapes(
	ask: Omit<OutfitAsk, 'anchors' | 'howMany'> & { anchor: OwnedOption }
): AcrossShape[] {
	const { anchor, ...rest } = ask;
	const byShape = new Map<string, OwnedOption[]>();
	for (const option of ask.rail) {
		const shape = shapeOf(option.garment);
		if (shape !== undefined) byShape.set(shape, [...(byShape.get(shape) ?? []), option]);
	}
	return [...byShape].flatMap(([shape, options]): AcrossShape[] => {
		const best = options
			.flatMap((option) => outfitsFrom({ ...rest, anchors: [anchor, option], howMany: 1 }))
			.reduce<Outfit | undefined>(
				(most, outfit) => (most === undefined || outfit.points > most.points ? outfit : most),
				undefined
			);
		return best ? [{ shape, outfit: best }] : [];
	});
}
