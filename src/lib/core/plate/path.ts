import { curveCatmullRom, curveCatmullRomClosed, curveMonotoneY, line } from 'd3-shape';

export type Point = readonly [x: number, y: number];

export const rounded = (value: number) => Math.round(value * 10) / 10;
const smooth = line<Point>()
	.x((point) => rounded(point[0]))
	.y((point) => rounded(point[1]))
	.curve(curveMonotoneY);
const flowing = line<Point>()
	.x((point) => rounded(point[0]))
	.y((point) => rounded(point[1]))
	.curve(curveCatmullRom);
const flowingClosed = line<Point>()
	.x((point) => rounded(point[0]))
	.y((point) => rounded(point[1]))
	.curve(curveCatmullRomClosed);
const straight = line<Point>()
	.x((point) => rounded(point[0]))
	.y((point) => rounded(point[1]));

/** A smooth line through points that go down (or up) the page. */
export const curve = (points: readonly Point[]) => smooth(points) ?? '';

/** A smooth line through points that go any way. */
export const flow = (points: readonly Point[]) => flowing(points) ?? '';

/** A smooth closed outline through points that go any way. */
export const blob = (points: readonly Point[]) => flowingClosed(points) ?? '';

/** Straight lines from point to point; closed when asked. */
export const polygon = (points: readonly Point[], closed = true) =>
	(straight(points) ?? '') + (closed ? 'Z' : '');

/** The area between a left and a right edge, both given from the top down. */
export function between(left: readonly Point[], right: readonly Point[]): string {
	return `${curve(left)}L${curve([...right].reverse()).slice(1)}Z`;
}

/** The mirror image about x = 0. */
export const mirrored = (points: readonly Point[]): Point[] => points.map(([x, y]) => [-x, y]);

/** An outline symmetrical about x = 0 from its right edge, given from the top down. */
export const symmetrical = (right: readonly Point[]) => between(mirrored(right), right);

export const ellipse = (x: number, y: number, rx: number, ry: number) =>
	`M${rounded(x - rx)},${rounded(y)}a${rounded(rx)},${rounded(ry)} 0 1,0 ${rounded(2 * rx)},0a${rounded(rx)},${rounded(ry)} 0 1,0 ${rounded(-2 * rx)},0Z`;

/** The x of an edge at a height, along straight lines between its points (given from the top down). */
export function xAt(edge: readonly Point[], y: number): number {
	for (let i = 1; i < edge.length; i++) {
		const [x1, y1] = edge[i - 1] ?? [0, 0];
		const [x2, y2] = edge[i] ?? [0, 0];
		if (y <= y2) return y2 === y1 ? x2 : x1 + (Math.max(0, y - y1) / (y2 - y1)) * (x2 - x1);
	}
	return edge.at(-1)?.[0] ?? 0;
}

/** An open line of even waves or points along a way from left to right: scallops, ruffles, fringes. */
export function waves([x1, y1]: Point, [x2, y2]: Point, count: number, depth: number): Point[] {
	return Array.from({ length: count * 2 + 1 }, (_, i): Point => {
		const along = i / (count * 2);
		return [x1 + (x2 - x1) * along, y1 + (y2 - y1) * along + (i % 2) * depth];
	});
}

/** A band of even or changing breadth along a line: straps, ties, plaits. */
export function ribbon(line: readonly Point[], breadth: number, end = breadth): string {
	const sides = line.map(([x, y], i): [Point, Point] => {
		const before = line[Math.max(0, i - 1)] ?? [x, y];
		const after = line[Math.min(line.length - 1, i + 1)] ?? [x, y];
		const length = Math.hypot(after[0] - before[0], after[1] - before[1]) || 1;
		const half = (breadth + ((end - breadth) * i) / Math.max(1, line.length - 1)) / 2;
		const [dx, dy] = [((after[1] - before[1]) / length) * half, ((before[0] - after[0]) / length) * half];
		return [
			[x + dx, y + dy],
			[x - dx, y - dy]
		];
	});
	const left = sides.map(([one]) => one);
	const right = sides.map(([, other]) => other).reverse();
	return `${flow(left)}L${flow(right).slice(1)}Z`;
}

/** Points moved. */
export const moved = (points: readonly Point[], dx: number, dy: number): Point[] =>
	points.map(([x, y]) => [x + dx, y + dy]);

/** A shape of the right side and its mirror image. */
export const both = (right: Point[]): Point[][] => [right, mirrored(right)];

/** Both edges of a limb moved outwards. */
export const grown = (foot: { outer: Point[]; inner: Point[] }, by: number) => ({
	outer: foot.outer.map(([x, y]): Point => [x + by, y]),
	inner: foot.inner.map(([x, y]): Point => [x - by, y])
});
