/** A region parted in two between places that are to be of it and places that are not. */
import type { ReadyPhoto } from './click';
import { invariant } from './merge-tree';
import type { Spot } from './pixels';
import { eachPixel, regionOf, type Region } from './region';

/** Nothing is wholly uncrossable, so that every patch goes to one side. */
const leastEase = 1e-4;
/** As near to settled as matters for which side a patch is on. */
const settledAt = 1e-5;
const mostRounds = 600;
/** Each round goes this much further than to the mean of what is around: fewer rounds settle it (successive over-relaxation, Young 1954). */
const overRelaxed = 1.9;

/** The patches of a region by their place among them, and between which there is a border. */
interface Patches {
	/** The place of each patch of the photo; −1 for those outside. */
	placeOf: Int32Array;
	count: number;
	borders: Border[];
}
interface Border {
	first: number;
	second: number;
	length: number;
	/** How unlike the two are: their means, and the step in colour across the border. */
	unlike: number;
}

function patchesOf(photo: ReadyPhoto, region: Region): Patches {
	const { labels, lab, width, tree } = photo;
	const placeOf = new Int32Array(tree.leaves).fill(-1);
	const inside = new Uint8Array(labels.length);
	const leaves: number[] = [];
	eachPixel(region, photo, (at) => {
		inside[at] = 1;
		const leaf = labels[at] ?? 0;
		if (placeOf[leaf] !== -1) return;
		placeOf[leaf] = leaves.length;
		leaves.push(leaf);
	});
	const colour = (at: number) => invariant(lab[at * 3] ?? 0, lab[at * 3 + 1] ?? 0, lab[at * 3 + 2] ?? 0);
	const met = new Map<number, { length: number; step: number }>();
	const meet = (at: number, beside: number) => {
		const [one, other] = [placeOf[labels[at] ?? 0] ?? 0, placeOf[labels[beside] ?? 0] ?? 0];
		if (!inside[beside] || one === other) return;
		const [here, there] = [colour(at), colour(beside)];
		const key = Math.min(one, other) * leaves.length + Math.max(one, other);
		const border = met.get(key) ?? { length: 0, step: 0 };
		border.length++;
		border.step += Math.hypot(here[0] - there[0], here[1] - there[1], here[2] - there[2]);
		met.set(key, border);
	};
	eachPixel(region, photo, (at) => {
		if ((at + 1) % width !== 0) meet(at, at + 1);
		if (at + width < labels.length) meet(at, at + width);
	});
	const mean = (place: number, field: number) => tree.mean[(leaves[place] ?? 0) * 3 + field] ?? 0;
	const borders = [...met].map(([key, { length, step }]): Border => {
		const [first, second] = [Math.floor(key / leaves.length), key % leaves.length];
		const means = Math.hypot(...[0, 1, 2].map((field) => mean(first, field) - mean(second, field)));
		return { first, second, length, unlike: means + step / length };
	});
	return { placeOf, count: leaves.length, borders };
}

/**
 * How likely a walk from each patch comes to what is kept before it comes to what is not, 0..1. It steps to a neighbour the
 * more often, the longer their border and the likelier they are, measured by how unlike neighbours in the region are at all.
 *
 * @param sure the patches of which it is known: 1 is kept, 0 is not
 */
function keptLikelihood({ count, borders }: Patches, sure: ReadonlyMap<number, 0 | 1>): Float64Array {
	const whole = borders.reduce((sum, { length }) => sum + length, 0);
	const usual = borders.reduce((sum, { length, unlike }) => sum + length * unlike, 0) / Math.max(1, whole);
	const near: { to: number; ease: number }[][] = Array.from({ length: count }, () => []);
	for (const { first, second, length, unlike } of borders) {
		const ease = length * Math.max(leastEase, Math.exp(-((unlike / Math.max(1, usual)) ** 2)));
		near[first]?.push({ to: second, ease });
		near[second]?.push({ to: first, ease });
	}
	const likely = new Float64Array(count).fill(0.5);
	for (const [patch, side] of sure) likely[patch] = side;
	const round = (): number => {
		let most = 0;
		near.forEach((around, patch) => {
			if (sure.has(patch) || around.length === 0) return;
			let [sum, all] = [0, 0];
			for (const { to, ease } of around) {
				sum += ease * (likely[to] ?? 0);
				all += ease;
			}
			const change = overRelaxed * (sum / all - (likely[patch] ?? 0));
			likely[patch] = (likely[patch] ?? 0) + change;
			most = Math.max(most, Math.abs(change));
		});
		return most;
	};
	for (let rounds = 0; rounds < mostRounds && round() >= settledAt;) rounds++;
	return likely;
}

/** Places that are to be of a region, and places that are not. */
export interface Sides {
	kept: readonly Spot[];
	trimmed: readonly Spot[];
}

/**
 * What of a region is of the places that are kept rather than of those that are not: each patch goes to where a walk at random,
 * which seldom crosses a seam, comes first (Grady 2006, "Random Walks for Image Segmentation", IEEE TPAMI 28(11)). So one weak
 * spot in a seam joins nothing. A patch on which both are stays. Undefined where one of the two does not lie in the region.
 *
 * @param region in pixels of the photo, as are the places
 */
export function partedRegion(
	photo: ReadyPhoto,
	region: Region,
	{ kept, trimmed }: Sides
): Region | undefined {
	const patches = patchesOf(photo, region);
	const { labels, width, height } = photo;
	const patchAt = ({ x, y }: Spot) => {
		const [column, row] = [Math.floor(x), Math.floor(y)];
		const isOn = column >= 0 && row >= 0 && column < width && row < height;
		return isOn ? (patches.placeOf[labels[row * width + column] ?? 0] ?? -1) : -1;
	};
	const sure = new Map<number, 0 | 1>();
	for (const spot of trimmed) sure.set(patchAt(spot), 0);
	for (const spot of kept) sure.set(patchAt(spot), 1);
	sure.delete(-1);
	if (new Set(sure.values()).size < 2) return undefined;
	const likely = keptLikelihood(patches, sure);
	const mask = new Uint8Array(labels.length);
	eachPixel(region, photo, (at) => {
		mask[at] = (likely[patches.placeOf[labels[at] ?? 0] ?? 0] ?? 0) >= 0.5 ? 1 : 0;
	});
	return regionOf(mask, photo);
}
