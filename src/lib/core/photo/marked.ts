/** What is marked on a photo by clicks: one marks anew, others add to it and take away. */
import { least, mean, quantile } from 'd3-array';
import { levelsAt, maskOfNodes, nodesInBox, type ReadyPhoto } from './click';
import { joinedRegions, withoutRegion } from './edit-region';
import { partedRegion, type Sides } from './parting';
import type { Spot } from './pixels';
import { areaOf, eachPixel, maskOf, regionOf, type Box, type Region } from './region';

export const clickModes = ['new', 'add', 'trim'] as const;
export type ClickMode = (typeof clickModes)[number];

/** A region, and where was clicked for it and against it since it was marked anew. */
export interface Marked extends Sides {
	region?: Region;
}
export const nothingMarked: Marked = { kept: [], trimmed: [] };

export interface Click {
	spot: Spot;
	mode: ClickMode;
	/** So many levels more than the automatic one; fewer below 0. */
	by?: number;
	/** What is marked already as other things: a click beside them means none of them, where one on them may. */
	others?: readonly Region[];
}
/** What is marked after a click, and which of how many levels it was taken at, small to large. */
export interface Clicked {
	marked: Marked;
	level: number;
	levels: number;
}

/** What is left when so much of a region is taken away is not worth keeping (this project's). */
const nearlyAll = 0.95;

/** Whether a region holds a place. */
function holderOf(region: Region, photo: ReadyPhoto): (spot: Spot) => boolean {
	const mask = maskOf(region, photo);
	return ({ x, y }) => mask[Math.floor(y) * photo.width + Math.floor(x)] === 1;
}

/** Of what lies farthest from a spot, so much is one end (this project's). */
const farEnd = 0.1;

/**
 * A place of a region in the middle of the end that lies farthest from a spot: where one would click. A corner has so few neighbours that
 * it would lose what is its own.
 */
function middleOfFarEnd(spot: Spot, region: Region, photo: ReadyPhoto): Spot {
	const places: Spot[] = [];
	eachPixel(region, photo, (at) => places.push({ x: at % photo.width, y: Math.floor(at / photo.width) }));
	const apart = (from: Spot, { x, y }: Spot) => Math.hypot(x - from.x, y - from.y);
	const far = quantile(
		places.map((place) => apart(spot, place)),
		1 - farEnd
	);
	const end = places.filter((place) => apart(spot, place) >= (far ?? 0));
	const middle = { x: mean(end, ({ x }) => x) ?? spot.x, y: mean(end, ({ y }) => y) ?? spot.y };
	return least(end, (place) => apart(middle, place)) ?? spot;
}

/**
 * A region without what a click means. Where that takes in what the region was marked by first, the two have run together, and are
 * parted between what was clicked on; where nothing was, as in a box, what lies farthest away is kept.
 */
function trimmedBy(photo: ReadyPhoto, before: Marked, found: Region, spot: Spot): Marked {
	const { region, kept } = before;
	const trimmed = [...before.trimmed, spot];
	if (!region) return { ...before, trimmed };
	const rest = withoutRegion(region, found, photo);
	const isAll = !rest || areaOf(rest) < (1 - nearlyAll) * areaOf(region);
	const own = kept[0] ?? (isAll ? middleOfFarEnd(spot, region, photo) : undefined);
	const isFound = holderOf(found, photo);
	if (!own || !isFound(own)) return { region: rest, kept: kept.filter((one) => !isFound(one)), trimmed };
	const sides = { kept: [own, ...kept.filter(isFound)], trimmed: [spot] };
	return { region: partedRegion(photo, region, sides) ?? region, kept, trimmed };
}

/** A region with what a click means besides, but not what was taken away. */
function addedTo(photo: ReadyPhoto, { region, kept, trimmed }: Marked, found: Region, spot: Spot) {
	const against = trimmed.filter(holderOf(found, photo));
	const sides = { kept: [...kept, spot], trimmed: against };
	const more = against.length > 0 ? partedRegion(photo, found, sides) : found;
	return region && more ? joinedRegions(region, more, photo) : (more ?? region);
}

/** A region without others; whole where nothing would be left. */
const apartOf = (region: Region, others: readonly Region[], photo: ReadyPhoto): Region =>
	others.reduce<Region>((rest, other) => withoutRegion(rest, other, photo) ?? rest, region);

/** What is marked after a click on a photo; undefined where the photo is empty. */
export function afterClick(
	photo: ReadyPhoto,
	before: Marked,
	{ spot, mode, by = 0, others = [] }: Click
): Clicked | undefined {
	const apart = mode === 'trim' ? [] : others.filter((other) => !holderOf(other, photo)(spot));
	const { nodes, automatic } = levelsAt(photo, spot, apart);
	const level = Math.min(nodes.length - 1, Math.max(0, automatic + by));
	const meant = regionOf(maskOfNodes(photo, nodes.slice(level, level + 1)), photo);
	const found = meant && apartOf(meant, apart, photo);
	if (!found) return undefined;
	const marked: Record<ClickMode, () => Marked> = {
		new: () => ({ region: found, kept: [spot], trimmed: [] }),
		add: () => ({
			...before,
			region: addedTo(photo, before, found, spot),
			kept: [...before.kept, spot]
		}),
		trim: () => trimmedBy(photo, before, found, spot)
	};
	return { marked: marked[mode](), level, levels: nodes.length };
}

/**
 * What a box is drawn around, without what is marked already as other things, unless that is nearly all of it; undefined where nothing in
 * the box stands out.
 */
export function regionInBox(photo: ReadyPhoto, box: Box, others: readonly Region[] = []): Region | undefined {
	const found = regionOf(maskOfNodes(photo, nodesInBox(photo, box)), photo);
	const rest = found && apartOf(found, others, photo);
	return rest && areaOf(rest) >= (1 - nearlyAll) * areaOf(found) ? rest : found;
}
