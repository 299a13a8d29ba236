import { leavesInOrder, type ReadyPhoto } from './click';
import { mergeTreeOf } from './merge-tree';
import type { Pixels } from './pixels';
import { superpixelsOf } from './superpixels';

/**
 * Makes a picture ready to be clicked on: patches, and the tree by which they join. The heavy part of reading a photograph;
 * for a picture of at most about a thousand pixels along its longer side.
 */
export function readyPhoto(pixels: Pixels): ReadyPhoto {
	const superpixels = superpixelsOf(pixels);
	const tree = mergeTreeOf(superpixels);
	return { ...superpixels, tree, ...leavesInOrder(tree) };
}
