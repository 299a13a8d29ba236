import { slots } from '../lexicon/slots';
import { garmentType } from '../lexicon/taxonomy';
import type { PhotoRegion } from '../model/photo';
import type { Element } from '../model/reference';

/** Share of its photo that a region covers, 0..1. */
function coveredShare({ width, height, mask }: PhotoRegion): number {
	if (!mask) return width * height;
	const inside = mask.runs.reduce((sum, length, turn) => sum + (turn % 2 === 1 ? length : 0), 0);
	return (width * height * inside) / (mask.width * mask.height);
}

/** The photo on which most elements are marked; the first of equals. */
function bestPhoto(elements: readonly Element[]): string | undefined {
	const counts = new Map<string, number>();
	for (const { regions = [] } of elements)
		for (const { photo } of regions) counts.set(photo, (counts.get(photo) ?? 0) + 1);
	return [...counts].reduce<[string, number] | undefined>(
		(most, next) => (most === undefined || next[1] > most[1] ? next : most),
		undefined
	)?.[0];
}

/**
 * What share of the seen figure each element covers: by its slot, as figures are dressed in general; among elements that
 * are marked on a photo, as they are there. What those cover together stays what their slots cover, so that marking one
 * more takes nothing from what is not marked.
 */
export function seenAreas(elements: readonly Element[]): number[] {
	const usual = elements.map(({ garment }): number => slots[garmentType(garment.type).slot].areaShare);
	const photo = bestPhoto(elements);
	const seen = elements.map(({ regions = [] }) => {
		const region = regions.find((one) => one.photo === photo);
		return region && coveredShare(region);
	});
	const total = seen.reduce<number>((sum, share) => sum + (share ?? 0), 0);
	if (total === 0) return usual;
	const together = usual.reduce((sum, area, i) => sum + (seen[i] === undefined ? 0 : area), 0);
	return usual.map((area, i) => {
		const share = seen[i];
		return share === undefined ? area : (share / total) * together;
	});
}
