import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	between,
	both,
	ellipse,
	grown,
	mirrored,
	moved,
	polygon,
	ribbon,
	symmetrical,
	waves,
	xAt,
	type Point
} from './path';
import { extentOf } from './extent';

const whole = fc.integer({ min: -200, max: 200 });
/** An edge given from the top down, its heights apart. */
const edge = fc
	.array(fc.tuple(whole, fc.integer({ min: 1, max: 40 })), { minLength: 2, maxLength: 8 })
	.map((steps) => {
		let y = 0;
		return steps.map(([x, down]): Point => [x, (y += down)]);
	});
const boxOf = (d: string) => extentOf([{ d }]);

describe('an edge', () => {
	const slope: Point[] = [
		[0, 0],
		[10, 10],
		[10, 20]
	];
	it.each([
		[-5, 0],
		[0, 0],
		[5, 5],
		[10, 10],
		[15, 10],
		[99, 10]
	])('at height %d is at %d, and at its ends beyond them', (y, x) => expect(xAt(slope, y)).toBe(x));

	it('is never left of its leftmost or right of its rightmost point', () =>
		fc.assert(
			fc.property(edge, fc.integer({ min: -50, max: 400 }), (points, y) => {
				const xs = points.map(([x]) => x);
				const x = xAt(points, y);
				return x >= Math.min(...xs) - 1e-9 && x <= Math.max(...xs) + 1e-9;
			})
		));

	it('mirrored lies as far on the other side, at the same heights', () =>
		fc.assert(
			fc.property(edge, (points) => {
				mirrored(points).forEach(([x, y], i) => {
					expect(x + (points[i]?.[0] ?? NaN)).toBe(0);
					expect(y).toBe(points[i]?.[1]);
				});
			})
		));
});

describe('an outline', () => {
	it('that is symmetrical reaches as far left as right', () =>
		fc.assert(
			fc.property(edge, (points) => {
				const box = boxOf(symmetrical(points));
				expect(box?.left).toBeCloseTo(-(box?.right ?? NaN), 6);
			})
		));

	it('between two edges begins at the top of the left one and is closed', () => {
		const left: Point[] = [
			[-10, 0],
			[-20, 50]
		];
		const d = between(left, mirrored(left));
		expect(d).toMatch(/^M-10,0/);
		expect(d).toMatch(/Z$/);
		expect(boxOf(d)).toEqual({ left: -20, top: 0, right: 20, bottom: 50 });
	});

	it('of straight lines is open where it is not to be closed', () => {
		const points: Point[] = [
			[0, 0],
			[4, 0],
			[4, 3]
		];
		expect(polygon(points)).toBe('M0,0L4,0L4,3Z');
		expect(polygon(points, false)).toBe('M0,0L4,0L4,3');
	});

	it('of an ellipse has its box', () =>
		expect(boxOf(ellipse(10, 20, 5, 3))).toEqual({ left: 5, top: 17, right: 15, bottom: 23 }));

	it('of a ribbon is as broad as told, and as told at its end', () => {
		const line: Point[] = [
			[0, 0],
			[0, 50],
			[0, 100]
		];
		expect(boxOf(ribbon(line, 8))).toMatchObject({ left: -4, right: 4, top: 0, bottom: 100 });
		expect(boxOf(ribbon(line, 4, 12))).toMatchObject({ left: -6, right: 6 });
	});

	it('of a ribbon whose points coincide has no broken numbers', () =>
		expect(
			ribbon(
				[
					[5, 5],
					[5, 5]
				],
				6
			)
		).not.toMatch(/NaN/));
});

describe('waves', () => {
	it('go up and down by the depth, once for each, and end where they should', () => {
		const points = waves([0, 0], [40, 0], 4, 6);
		expect(points).toHaveLength(9);
		expect(points[0]).toEqual([0, 0]);
		expect(points.at(-1)).toEqual([40, 0]);
		expect(points.filter(([, y]) => y === 6)).toHaveLength(4);
	});
	it('follow a slope', () => {
		const [, middle] = waves([0, 0], [20, 20], 1, 2);
		expect(middle).toEqual([10, 12]);
	});
});

describe('points', () => {
	it('are moved together', () =>
		expect(
			moved(
				[
					[1, 2],
					[3, 4]
				],
				10,
				-1
			)
		).toEqual([
			[11, 1],
			[13, 3]
		]));
	it('stand on both sides', () => expect(both([[3, 1]])).toEqual([[[3, 1]], [[-3, 1]]]));
	it('of a limb grow away from each other', () => {
		const limb = { outer: [[30, 0]] as Point[], inner: [[10, 0]] as Point[] };
		expect(grown(limb, 4)).toEqual({ outer: [[34, 0]], inner: [[6, 0]] });
	});
});
