/** A part of a picture: a box, and within it which pixels belong to it. */

export interface Box {
	x: number;
	y: number;
	width: number;
	height: number;
}

/**
 * A region in pixels of its picture. `runs` goes through the box row by row and says in turn how many pixels are outside
 * and how many inside, beginning with those outside; without it all of the box belongs to it.
 */
export interface Region extends Box {
	runs?: readonly number[];
}

/** The box as a region of a picture, cut where it goes beyond it; undefined where nothing is left. */
export function cutTo(
	{ x, y, width, height }: Box,
	picture: { width: number; height: number }
): Box | undefined {
	const left = Math.max(0, Math.round(x));
	const top = Math.max(0, Math.round(y));
	const right = Math.min(picture.width, Math.round(x + width));
	const bottom = Math.min(picture.height, Math.round(y + height));
	return right > left && bottom > top
		? { x: left, y: top, width: right - left, height: bottom - top }
		: undefined;
}

/** Calls back with the place of each pixel of a region in its picture, row by row; what lies beyond the picture is left out. */
export function eachPixel(
	region: Region,
	picture: { width: number; height: number },
	visit: (at: number) => void
): void {
	const { runs = [0, region.width * region.height] } = region;
	if (!(region.width > 0)) return;
	let [column, y] = [0, region.y];
	let isInside = false;
	for (const length of runs) {
		for (let left = length; left > 0;) {
			const here = Math.min(left, region.width - column);
			if (isInside && y >= 0 && y < picture.height) {
				const from = Math.max(0, region.x + column);
				const to = Math.min(picture.width, region.x + column + here);
				for (let x = from; x < to; x++) visit(y * picture.width + x);
			}
			left -= here;
			column += here;
			if (column === region.width) [column, y] = [0, y + 1];
		}
		isInside = !isInside;
	}
}

/** How many pixels a region has. */
export const areaOf = ({ width, height, runs }: Region): number =>
	runs ? runs.reduce((sum, length, turn) => sum + (turn % 2 === 1 ? length : 0), 0) : width * height;

/** A region as a mask of its picture: 1 inside, 0 outside. */
export function maskOf(region: Region, picture: { width: number; height: number }): Uint8Array {
	const mask = new Uint8Array(picture.width * picture.height);
	eachPixel(region, picture, (at) => (mask[at] = 1));
	return mask;
}

/** The region of a mask; undefined where it is empty. */
export function regionOf(mask: Uint8Array, picture: { width: number; height: number }): Region | undefined {
	const { width, height } = picture;
	let left = width;
	let right = -1;
	let top = height;
	let bottom = -1;
	for (let y = 0; y < height; y++)
		for (let x = 0; x < width; x++)
			if (mask[y * width + x]) {
				if (x < left) left = x;
				if (x > right) right = x;
				if (y < top) top = y;
				bottom = y;
			}
	if (right < 0) return undefined;
	const box = { x: left, y: top, width: right - left + 1, height: bottom - top + 1 };
	const runs: number[] = [];
	let inside = false;
	let length = 0;
	for (let y = top; y <= bottom; y++)
		for (let x = left; x <= right; x++) {
			if ((mask[y * width + x] === 1) !== inside) {
				runs.push(length);
				inside = !inside;
				length = 0;
			}
			length++;
		}
	if (inside) runs.push(length);
	return { ...box, runs };
}

/** How alike two masks are: what they share of what they cover together, 0..1 (Jaccard 1912). */
export function overlap(first: Uint8Array, second: Uint8Array): number {
	let both = 0;
	let either = 0;
	for (let at = 0; at < first.length; at++) {
		if (first[at] && second[at]) both++;
		if (first[at] || second[at]) either++;
	}
	return either === 0 ? 1 : both / either;
}

/** A region on a picture of another size. */
export function scaledTo(
	region: Region,
	from: { width: number; height: number },
	to: { width: number; height: number }
): Region | undefined {
	const mask = maskOf(region, from);
	const scaled = new Uint8Array(to.width * to.height);
	for (let y = 0; y < to.height; y++)
		for (let x = 0; x < to.width; x++) {
			const fromX = Math.min(from.width - 1, Math.floor(((x + 0.5) * from.width) / to.width));
			const fromY = Math.min(from.height - 1, Math.floor(((y + 0.5) * from.height) / to.height));
			scaled[y * to.width + x] = mask[fromY * from.width + fromX] ?? 0;
		}
	return regionOf(scaled, to);
}
