/** Paths whose every point is carried elsewhere. */
import svgPath from 'svgpath';
import { rounded, type Point } from '../path';

/** Where a point of the plate is carried to. */
export type Bend = (point: Point) => Point;

/** A piece of a line at most this long, in plate units, is bent by its ends alone. */
const piece = 14;

const between = ([x1, y1]: Point, [x2, y2]: Point, share: number): Point => [
	x1 + (x2 - x1) * share,
	y1 + (y2 - y1) * share
];
const apart = ([x1, y1]: Point, [x2, y2]: Point) => Math.hypot(x2 - x1, y2 - y1);

/** Where a Bézier curve through its control points is at a share of its way (de Casteljau). */
function along(points: readonly Point[], share: number): Point {
	const [first = [0, 0], second, ...others] = points;
	if (!second) return first;
	return along(
		[second, ...others].map((point, i) => between(points[i] ?? first, point, share)),
		share
	);
}

/**
 * Path data with each point carried by a bend. Straight lines and curves become as many short straight ones as it takes for
 * the bend to be seen in them.
 */
export function bent(d: string, bend: Bend): string {
	const written: string[] = [];
	let begun: Point = [0, 0];
	const to = (command: 'M' | 'L', point: Point) => {
		const [x, y] = bend(point);
		written.push(`${command}${rounded(x)},${rounded(y)}`);
	};
	const run = (points: readonly Point[]) => {
		const length = points.slice(1).reduce((sum, point, i) => sum + apart(points[i] ?? point, point), 0);
		const pieces = Math.max(1, Math.ceil(length / piece));
		for (let i = 1; i <= pieces; i++) to('L', along(points, i / pieces));
	};
	svgPath(d)
		.abs()
		.unarc()
		.unshort()
		.iterate((segment, _, x, y) => {
			const from: Point = [x, y];
			switch (segment[0]) {
				case 'M':
					begun = [segment[1], segment[2]];
					return to('M', begun);
				case 'L':
					return run([from, [segment[1], segment[2]]]);
				case 'H':
					return run([from, [segment[1], y]]);
				case 'V':
					return run([from, [x, segment[1]]]);
				case 'Q':
					return run([from, [segment[1], segment[2]], [segment[3], segment[4]]]);
				case 'C':
					return run([from, [segment[1], segment[2]], [segment[3], segment[4]], [segment[5], segment[6]]]);
				case 'Z':
				case 'z':
					if (apart(from, begun) > 0) run([from, begun]);
					written.push('Z');
					return;
				default:
					throw new Error(`The plate draws no "${segment[0]}".`);
			}
		});
	return written.join('');
}
