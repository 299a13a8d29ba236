import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { labOfHex } from '../../src/lib/core';
import { bandsOf } from '../../src/lib/core/photo/bands';
import { edgeSpacing, edgeWays } from '../../src/lib/core/photo/edges';
import { motifsOf, roundness, severalColoured, spreadOfSizes } from '../../src/lib/core/photo/motifs';

/** Laws of what prints are told by: bands, edges and motifs on maps of swatches that are drawn in exact shapes. */
const runs = { numRuns: 30 };
const side = 160;
type Shape = (x: number, y: number) => number;
const within = (value: number, repeat: number) => ((value % repeat) + repeat) % repeat;
/** A map of the shape, turned about the middle of a square field. */
function mapOf(shape: Shape, degrees = 0): Int8Array {
	const [cos, sin] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];
	return Int8Array.from({ length: side * side }, (_, at) => {
		const [x, y] = [(at % side) - side / 2, Math.floor(at / side) - side / 2];
		return shape(x * cos - y * sin, x * sin + y * cos);
	});
}
const colours = [
	[20, 5, -20],
	[90, 0, 8],
	[50, 40, 20]
] as const;
const turns = fc.integer({ min: 0, max: 179 });
const repeats = fc.integer({ min: 10, max: 30 });
const stripes =
	(repeat: number, share: number): Shape =>
	(x) =>
		within(x, repeat) < repeat * share ? 1 : 0;
const gingham =
	(repeat: number): Shape =>
	(x, y) =>
		Number(within(x, repeat) < repeat / 2) + Number(within(y, repeat) < repeat / 2);

describe('bands', () => {
	it('of a stripe run one way, and nothing runs across, however it is turned', () => {
		fc.assert(
			fc.property(repeats, turns, fc.double({ min: 0.2, max: 0.8, noNaN: true }), (repeat, turn, share) => {
				const found = bandsOf(mapOf(stripes(repeat, share), turn), side, colours, 4 * repeat)!;
				// Half is asked of a stripe (`oneWay`).
				expect(found.one).toBeGreaterThan(0.6);
				expect(found.weaker).toBeLessThan(0.1);
			}),
			runs
		);
	});
	it('of a stripe come again steadily where they lie along the rows', () => {
		fc.assert(
			fc.property(repeats, (repeat) => {
				expect(bandsOf(mapOf(stripes(repeat, 0.4)), side, colours, 4 * repeat)!.steady).toBeGreaterThan(0.8);
			}),
			runs
		);
	});
	it('of a check run two ways, as much the one as the other', () => {
		fc.assert(
			fc.property(repeats, turns, (repeat, turn) => {
				// Its middle tone is the mean of the two others.
				const [dark, light] = colours;
				const middle = [0, 1, 2].map((i) => ((dark[i] ?? 0) + (light[i] ?? 0)) / 2) as unknown as typeof dark;
				const found = bandsOf(mapOf(gingham(repeat), turn), side, [dark, middle, light], 4 * repeat)!;
				expect(found.two).toBeGreaterThan(0.7);
				expect(found.weaker).toBeGreaterThan(found.two * 0.3);
			}),
			runs
		);
	});
	it('are what they are in any colours', () => {
		fc.assert(
			fc.property(repeats, turns, (repeat, turn) => {
				const map = mapOf(stripes(repeat, 0.4), turn);
				const as = bandsOf(map, side, colours, 4 * repeat)!;
				const swapped = bandsOf(map, side, [colours[1], colours[0]], 4 * repeat)!;
				expect(swapped.one).toBeCloseTo(as.one, 6);
				expect(swapped.two).toBeCloseTo(as.two, 6);
			}),
			runs
		);
	});
	it('are shares of what varies', () => {
		fc.assert(
			fc.property(
				fc.array(fc.integer({ min: -1, max: 2 }), { minLength: 900, maxLength: 900 }),
				fc.integer({ min: 8, max: 30 }),
				(cells, size) => {
					const found = bandsOf(Int8Array.from(cells), 30, colours, size);
					for (const share of found ? [found.one, found.two, found.weaker] : []) {
						expect(share).toBeGreaterThanOrEqual(0);
						expect(share).toBeLessThanOrEqual(1 + 1e-9);
					}
					if (found) expect(found.weaker * 2).toBeLessThanOrEqual(found.two + 1e-9);
				}
			),
			runs
		);
	});
	it('are none where nothing varies, no window fits, or the region is thin', () => {
		expect(
			bandsOf(
				mapOf(() => 0),
				side,
				colours,
				40
			)
		).toBeUndefined();
		expect(bandsOf(mapOf(stripes(10, 0.5)), side, colours, side + 1)).toBeUndefined();
		const ribbon = mapOf((x, y) => (Math.abs(y) < 5 ? Number(x > 0) : -1));
		expect(bandsOf(ribbon, side, colours, 40)).toBeUndefined();
	});
});

describe('edges', () => {
	it('of stripes run one way, of a field of squares two', () => {
		fc.assert(
			fc.property(repeats, (repeat) => {
				expect(edgeWays(mapOf(stripes(repeat, 0.5)), side).one).toBeGreaterThan(0.95);
				const squares = edgeWays(
					mapOf((x, y) => Number(within(x, repeat) < repeat / 2 && within(y, repeat) < repeat / 2)),
					side
				);
				expect(squares.two).toBeGreaterThan(0.5);
				expect(squares.one).toBeLessThan(0.1);
			}),
			runs
		);
	});
	it('lie further apart the larger the repeat is', () => {
		const spacing = (repeat: number) => edgeSpacing(mapOf(stripes(repeat, 0.5)), side, side * side);
		expect(spacing(20) / spacing(10)).toBeCloseTo(2, 0);
		expect(spacing(40) / spacing(20)).toBeCloseTo(2, 0);
	});
});

describe('motifs', () => {
	const discs =
		(repeat: number, radius: number): Shape =>
		(x, y) =>
			Number(Math.hypot(within(x, repeat) - repeat / 2, within(y, repeat) - repeat / 2) < radius);
	it('are counted, whole or cut, and cover what they cover', () => {
		fc.assert(
			fc.property(fc.integer({ min: 16, max: 40 }), turns, (repeat, turn) => {
				const map = mapOf(discs(repeat, repeat * 0.3), turn);
				const found = motifsOf(map, side, 1, 1);
				const covered = map.reduce((sum, swatch) => sum + Number(swatch === 1), 0);
				const counted = found.reduce((sum, { area }) => sum + area, 0);
				// Slivers at the edge are too small to be counted.
				expect(counted).toBeLessThanOrEqual(covered);
				expect(counted).toBeGreaterThan(covered * 0.95);
				for (const { area } of found.filter(({ cut }) => !cut))
					expect(area / (Math.PI * (repeat * 0.3) ** 2)).toBeCloseTo(1, 0);
			}),
			runs
		);
	});
	it('that are discs are round, and squares rounder than any disc where they lie along the rows', () => {
		const [disc] = motifsOf(
			mapOf((x, y) => Number(Math.hypot(x, y) < 20)),
			side,
			1,
			1
		);
		const [square] = motifsOf(
			mapOf((x, y) => Number(Math.abs(x) < 20 && Math.abs(y) < 20)),
			side,
			1,
			1
		);
		const [star] = motifsOf(
			mapOf((x, y) => Number(Math.hypot(x, y) < 12 + 8 * Math.cos(5 * Math.atan2(y, x)))),
			side,
			1,
			1
		);
		expect(roundness(disc!, 0)).toBeCloseTo(1, 1);
		// The isoperimetric quotient by counted sides: a square of n has n² pixels and 4n sides.
		expect(roundness(square!, 0)).toBeCloseTo(4 / Math.PI, 1);
		expect(roundness(star!, 0)).toBeLessThan(0.7);
	});
	it('that are alike have no spread, and a mixture has', () => {
		const alike = motifsOf(mapOf(discs(20, 6)), side, 1, 1).filter(({ cut }) => !cut);
		expect(spreadOfSizes(alike)).toBeLessThan(0.05);
		const mixed = mapOf((x, y) => discs(40, Math.floor(x / 40) % 2 === 0 ? 4 : 14)(x, y));
		expect(spreadOfSizes(motifsOf(mixed, side, 1, 1).filter(({ cut }) => !cut))).toBeGreaterThan(0.3);
	});
	it('have several colours where two of their own are in each, and not where one is only their rim', () => {
		const flowers: Shape = (x, y) => {
			const away = Math.hypot(within(x, 20) - 10, within(y, 20) - 10);
			return away < 3 ? 2 : away < 7 ? 1 : 0;
		};
		const swatch = (hex: string) => ({ hex, lab: labOfHex(hex), share: 1 / 3, sure: 1, lightnessSure: 1 });
		const found = motifsOf(mapOf(flowers), side, 1, 2);
		expect(severalColoured(found, [swatch('#1f2a44'), swatch('#ffffff'), swatch('#d9b44a')])).toBeGreaterThan(
			0.9
		);
		const rim = labOfHex('#1f2a44');
		const heart = labOfHex('#d9b44a');
		const between = { l: (rim.l + heart.l) / 2, a: (rim.a + heart.a) / 2, b: (rim.b + heart.b) / 2 };
		expect(
			severalColoured(found, [swatch('#1f2a44'), { ...swatch('#808080'), lab: between }, swatch('#d9b44a')])
		).toBe(0);
	});
});
