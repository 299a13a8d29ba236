/** Regions put together, taken from one another, and mended by brush. */
import type { Spot } from './pixels';
import { maskOf, regionOf, type Region } from './region';

interface Size {
	width: number;
	height: number;
}

/** Two regions as one. */
export function joinedRegions(first: Region, second: Region, picture: Size): Region | undefined {
	const mask = maskOf(first, picture);
	maskOf(second, picture).forEach((inside, at) => {
		if (inside) mask[at] = 1;
	});
	return regionOf(mask, picture);
}

/** A region without what another covers; undefined when nothing is left. */
export function withoutRegion(region: Region, other: Region, picture: Size): Region | undefined {
	const mask = maskOf(region, picture);
	maskOf(other, picture).forEach((inside, at) => {
		if (inside) mask[at] = 0;
	});
	return regionOf(mask, picture);
}

/** What a round brush covers that is drawn along a path. */
export function strokeRegion(path: readonly Spot[], radius: number, picture: Size): Region | undefined {
	const mask = new Uint8Array(picture.width * picture.height);
	const dab = ({ x, y }: Spot) => {
		for (let atY = Math.max(0, Math.ceil(y - radius)); atY <= Math.min(picture.height - 1, y + radius); atY++)
			for (
				let atX = Math.max(0, Math.ceil(x - radius));
				atX <= Math.min(picture.width - 1, x + radius);
				atX++
			)
				if ((atX - x) ** 2 + (atY - y) ** 2 <= radius * radius) mask[atY * picture.width + atX] = 1;
	};
	path.forEach((spot, i) => {
		const before = path[i - 1] ?? spot;
		const steps = Math.max(
			1,
			Math.ceil(Math.hypot(spot.x - before.x, spot.y - before.y) / Math.max(1, radius / 2))
		);
		for (let step = 1; step <= steps; step++)
			dab({
				x: before.x + ((spot.x - before.x) * step) / steps,
				y: before.y + ((spot.y - before.y) * step) / steps
			});
	});
	return regionOf(mask, picture);
}

/** A region in its own box: 1 inside, 0 outside. */
function ownMask({ width, height, runs = [0, width * height] }: Region): Uint8Array {
	const mask = new Uint8Array(width * height);
	let at = 0;
	runs.forEach((length, turn) => {
		if (turn % 2 === 1) mask.fill(1, at, at + length);
		at += length;
	});
	return mask;
}

/**
 * The outline of a region as SVG path data in pixels of its picture: along the edges of its pixels, straight runs as one
 * stroke.
 */
export function outlineOf(region: Region): string {
	const { x: left, y: top, width, height } = region;
	const mask = ownMask(region);
	const strokes: string[] = [];
	for (let y = 0; y <= height; y++) {
		let from = -1;
		for (let x = 0; x <= width; x++) {
			const above = x < width && y > 0 ? mask[(y - 1) * width + x] : 0;
			const below = x < width && y < height ? mask[y * width + x] : 0;
			const isEdge = above !== below;
			if (isEdge && from < 0) from = x;
			if (!isEdge && from >= 0) {
				strokes.push(`M${left + from} ${top + y}H${left + x}`);
				from = -1;
			}
		}
	}
	for (let x = 0; x <= width; x++) {
		let from = -1;
		for (let y = 0; y <= height; y++) {
			const before = y < height && x > 0 ? mask[y * width + x - 1] : 0;
			const after = y < height && x < width ? mask[y * width + x] : 0;
			const isEdge = before !== after;
			if (isEdge && from < 0) from = y;
			if (!isEdge && from >= 0) {
				strokes.push(`M${left + x} ${top + from}V${top + y}`);
				from = -1;
			}
		}
	}
	return strokes.join('');
}

/** What a region covers as SVG path data in its own box, of which `x` and `y` are the corner: a rectangle a run. */
export function coveringPath({ width, height, runs = [0, width * height] }: Region): string {
	const strokes: string[] = [];
	let at = 0;
	runs.forEach((length, turn) => {
		let [from, left] = [at, length];
		while (turn % 2 === 1 && left > 0) {
			const x = from % width;
			const take = Math.min(left, width - x);
			strokes.push(`M${x} ${Math.floor(from / width)}h${take}v1h${-take}z`);
			from += take;
			left -= take;
		}
		at += length;
	});
	return strokes.join('');
}
