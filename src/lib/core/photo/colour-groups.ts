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

/** How far each point is from the nearest centre, now that there is one more. */
function bringNearer(nearest: Float64Array, points: Float64Array, centre: Float64Array): void {
	const [u = 0, v = 0, w = 0] = centre;
	for (let i = 0; i < nearest.length; i++) {
		const [x, y, z] = [(points[i * 3] ?? 0) - u, (points[i * 3 + 1] ?? 0) - v, (points[i * 3 + 2] ?? 0) - w];
		nearest[i] = Math.min(nearest[i] ?? 0, x * x + y * y + z * z);
	}
}

/**
 * Groups of alike colours: farthest points first, then means (Lloyd 1982). The same colours always give the same groups.
 *
 * @param colours at least one
 */
export function groupsOf(colours: readonly Point[]): { count: number; of: Int8Array } {
	const points = Float64Array.from(colours.flat());
	const centres = new Float64Array(mostGroups * 3);
	moveCentres(points, centres.subarray(0, 3), new Int8Array(colours.length));
	const nearest = new Float64Array(colours.length).fill(Infinity);
	let count = 1;
	for (; ; count++) {
		bringNearer(nearest, points, centres.subarray(count * 3 - 3, count * 3));
		if (count === mostGroups) break;
		// The point that stands for a fiftieth of the rest at that distance: a single odd pixel begins no group.
		const far = nearest.slice().sort()[colours.length - 1 - Math.floor(colours.length * 0.02)];
		if (far === undefined || far < 60) break;
		centres.set(colours[nearest.indexOf(far)] ?? [], count * 3);
	}
	const of = new Int8Array(colours.length).fill(-1);
	const found = centres.subarray(0, count * 3);
	for (let round = 0; round < rounds && assign(points, found, of); round++) moveCentres(points, found, of);
	return { count, of };
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
