import type { Lab } from '../colour/spaces';

/** A colour among others, in a space in which light and shade of one cloth are near one another. */
export type Point = readonly [number, number, number];

/** Hue and chroma in proportion to the light, and lightness for less. */
export const apart = ({ l, a, b }: Lab): Point => {
	const lit = 60 / Math.max(l, 25);
	return [0.7 * l, a * lit, b * lit];
};
export const squared = ([x, y, z]: Point, [u, v, w]: Point) => (x - u) ** 2 + (y - v) ** 2 + (z - w) ** 2;

const mostGroups = 8;
const rounds = 12;

/** Gives each point the nearest centre; `false` where none changed. */
function assign(points: Float64Array, centres: Float64Array, of: Int8Array): boolean {
	let changed = false;
	for (let i = 0; i < of.length; i++) {
		const [x, y, z] = [points[i * 3] ?? 0, points[i * 3 + 1] ?? 0, points[i * 3 + 2] ?? 0];
		let best = 0;
		let least = Infinity;
		for (let k = 0; k < centres.length; k += 3) {
			const [u, v, w] = [x - (centres[k] ?? 0), y - (centres[k + 1] ?? 0), z - (centres[k + 2] ?? 0)];
			const distance = u * u + v * v + w * w;
			if (distance < least) [best, least] = [k / 3, distance];
		}
		if (of[i] !== best) changed = true;
		of[i] = best;
	}
	return changed;
}

/** Moves each centre to the mean of its points; one without any stays. */
function moveCentres(points: Float64Array, centres: Float64Array, of: Int8Array): void {
	const sums = new Float64Array(centres.length);
	const counts = new Float64Array(centres.length / 3);
	for (let i = 0; i < of.length; i++) {
		const k = of[i] ?? 0;
		counts[k] = (counts[k] ?? 0) + 1;
		for (let field = 0; field < 3; field++)
			sums[k * 3 + field] = (sums[k * 3 + field] ?? 0) + (points[i * 3 + field] ?? 0);
	}
	for (let at = 0; at < sums.length; at++) {
		const count = counts[Math.floor(at / 3)] ?? 0;
		if (count > 0) centres[at] = (sums[at] ?? 0) / count;
	}
}

/**
 * Groups of alike colours: farthest points first, then means (Lloyd 1982). The same colours always give the same groups.
 *
 * @param colours at least one
 */
export function groupsOf(colours: readonly Point[]): { count: number; of: Int8Array } {
	const meanOf = (i: 0 | 1 | 2) => colours.reduce((sum, point) => sum + point[i], 0) / colours.length;
	const mean: Point = [meanOf(0), meanOf(1), meanOf(2)];
	const found: Point[] = [mean];
	const nearest = Float64Array.from(colours, (point) => squared(point, mean));
	while (found.length < mostGroups) {
		// The point that stands for a fiftieth of the rest at that distance: a single odd pixel begins no group.
		const far = nearest.slice().sort()[colours.length - 1 - Math.floor(colours.length * 0.02)];
		if (far === undefined || far < 60) break;
		const next = colours[nearest.indexOf(far)] ?? mean;
		found.push(next);
		colours.forEach((point, i) => (nearest[i] = Math.min(nearest[i] ?? 0, squared(point, next))));
	}
	const points = Float64Array.from(colours.flat());
	const centres = Float64Array.from(found.flat());
	const of = new Int8Array(colours.length).fill(-1);
	for (let round = 0; round < rounds && assign(points, centres, of); round++)
		moveCentres(points, centres, of);
	return { count: found.length, of };
}

/** Which of some points is nearest to a colour, by its place among them. */
export function nearestOf(points: readonly Point[], colour: Point): number {
	let best = -1;
	let least = Infinity;
	points.forEach((point, k) => {
		const distance = squared(point, colour);
		if (distance < least) [best, least] = [k, distance];
	});
	return best;
}
