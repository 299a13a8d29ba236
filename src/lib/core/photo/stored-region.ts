import type { Id } from '../model/basics';
import type { PhotoRegion } from '../model/photo';
import { scaledTo, type Region } from './region';

interface Size {
	width: number;
	height: number;
}

/** A region of a picture as it is stored: its box in shares, its pixels as a grid of the box. */
export const storedRegion = (
	{ x, y, width, height, runs }: Region,
	photo: Id,
	picture: Size
): PhotoRegion => ({
	photo,
	x: x / picture.width,
	y: y / picture.height,
	width: width / picture.width,
	height: height / picture.height,
	...(runs && { mask: { width, height, runs: [...runs] } })
});

/** A stored region on a picture of the photo, of whatever size; undefined where nothing of it is left there. */
export function regionOn({ x, y, width, height, mask }: PhotoRegion, picture: Size): Region | undefined {
	const box = {
		x: Math.round(x * picture.width),
		y: Math.round(y * picture.height),
		width: Math.max(1, Math.round(width * picture.width)),
		height: Math.max(1, Math.round(height * picture.height))
	};
	if (!mask) return box;
	const grid = { x: 0, y: 0, width: mask.width, height: mask.height, runs: mask.runs };
	const inBox =
		box.width === mask.width && box.height === mask.height
			? grid
			: scaledTo(grid, mask, { width: box.width, height: box.height });
	return inBox && { ...inBox, x: box.x + inBox.x, y: box.y + inBox.y };
}
