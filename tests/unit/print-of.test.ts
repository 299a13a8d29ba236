import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { labOfHex, printOf, type PrintHint } from '../../src/lib/core';

/** Laws of the print that is seen in a map of swatches: drawn in exact shapes, at any size, turned any way. */
const runs = { numRuns: 60 };
const side = 240;
const box = { x: 0, y: 0, width: side, height: side };
const swatchesOf = (...hexes: string[]) =>
	hexes.map((hex, i) => ({
		hex,
		lab: labOfHex(hex),
		share: i === 0 ? 0.7 : 0.3 / (hexes.length - 1),
		sure: 1,
		lightnessSure: 1
	}));
const swatches = swatchesOf('#f3e9d0', '#1c2745');

type Shape = (x: number, y: number) => boolean;
/** A map of the motif in a square field, turned about its middle. */
function mapOf(isMotif: Shape, degrees = 0): Int8Array {
	const [cosine, sine] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];
	return Int8Array.from({ length: side * side }, (_, at) => {
		const [x, y] = [(at % side) - side / 2, Math.floor(at / side) - side / 2];
		return isMotif(x * cosine - y * sine, x * sine + y * cosine) ? 1 : 0;
	});
}
const hintOf = (map: Int8Array, of = swatches): PrintHint => printOf(map, box, { swatches: of }).hint;

/** Repeats a motif that is given about its own middle, every other row set off by half. */
const repeated =
	(repeat: number, motif: Shape): Shape =>
	(x, y) => {
		const row = Math.floor(y / repeat);
		const across = x + (row % 2 === 0 ? 0 : repeat / 2);
		return motif((((across % repeat) + repeat) % repeat) - repeat / 2, y - row * repeat - repeat / 2);
	};
const disc =
	(radius: number, cx = 0, cy = 0): Shape =>
	(x, y) =>
		(x - cx) ** 2 + (y - cy) ** 2 <= radius * radius;
/** A flower of five lobes with a heart of the ground's colour, and a leaf beside it. */
const flower =
	(size: number): Shape =>
	(x, y) => {
		const lobed = Math.hypot(x, y) <= size * (0.55 + 0.45 * Math.abs(Math.cos(2.5 * Math.atan2(y, x))));
		const leaf = Math.abs(x + y - size * 2) < size * 0.8 && Math.abs(x - y) < size * 0.3;
		return (lobed && Math.hypot(x, y) > size * 0.28) || leaf;
	};
const between = (value: number, repeat: number, width: number) =>
	((value % repeat) + repeat) % repeat < width;

const repeats = fc.integer({ min: 20, max: 40 });
const turns = fc.integer({ min: 0, max: 179 });

describe('what is drawn is seen', () => {
	it('dots are spots, near or far, turned any way', () => {
		fc.assert(
			fc.property(
				repeats,
				turns,
				fc.double({ min: 0.2, max: 0.3, noNaN: true }),
				(repeat, degrees, share) => {
					expect(hintOf(mapOf(repeated(repeat, disc(repeat * share)), degrees))).toBe('spot');
				}
			),
			runs
		);
	});
	it('flowers with petals and stalks are floral, and no spots', () => {
		fc.assert(
			fc.property(fc.integer({ min: 28, max: 48 }), turns, (repeat, degrees) => {
				expect(hintOf(mapOf(repeated(repeat, flower(repeat * 0.3)), degrees))).toBe('floral');
			}),
			runs
		);
	});
	it('lines one way are stripes', () => {
		fc.assert(
			fc.property(
				repeats,
				turns,
				fc.double({ min: 0.25, max: 0.6, noNaN: true }),
				(repeat, degrees, share) => {
					expect(hintOf(mapOf((x) => between(x, repeat, repeat * share), degrees))).toBe('stripe');
				}
			),
			runs
		);
	});
	it('lines that cross are a check', () => {
		fc.assert(
			fc.property(
				repeats,
				turns,
				fc.double({ min: 0.2, max: 0.5, noNaN: true }),
				(repeat, degrees, share) => {
					const crossed: Shape = (x, y) =>
						between(x, repeat, repeat * share) || between(y, repeat, repeat * share);
					expect(hintOf(mapOf(crossed, degrees))).toBe('check');
				}
			),
			runs
		);
	});
	it('so are bands that are hatched, as a tartan’s are', () => {
		fc.assert(
			fc.property(fc.integer({ min: 30, max: 48 }), (repeat) => {
				const hatched: Shape = (x, y) => between(x, 4, 2) !== between(y, 4, 2);
				const tartan: Shape = (x, y) => {
					const [across, down] = [between(x, repeat, repeat / 2), between(y, repeat, repeat / 2)];
					return across && down ? true : (across || down) && hatched(x, y);
				};
				expect(hintOf(mapOf(tartan))).toBe('check');
			}),
			runs
		);
	});
});

describe('what is no print', () => {
	it('is one swatch, a few panels, or specks too small to be seen for what they are', () => {
		expect(
			hintOf(
				mapOf(() => false),
				swatches.slice(0, 1)
			)
		).toBe('plain');
		expect(hintOf(mapOf((x) => x > 0))).toBe('plain');
		expect(hintOf(mapOf(repeated(12, disc(1.2))))).toBe('plain');
	});
	it('outside the region counts for nothing', () => {
		fc.assert(
			fc.property(repeats, turns, (repeat, degrees) => {
				const map = mapOf(repeated(repeat, disc(repeat * 0.25)), degrees);
				const cut = map.map((swatch, at) => (at % side > side * 0.8 ? -1 : swatch));
				expect(hintOf(cut)).toBe(hintOf(map));
			}),
			runs
		);
	});
});

describe('the repeat', () => {
	it('is from one dot to the next, within a quarter', () => {
		fc.assert(
			fc.property(repeats, turns, (repeat, degrees) => {
				const map = mapOf(repeated(repeat, disc(repeat * 0.25)), degrees);
				const found = printOf(map, box, { swatches }).repeat;
				expect(Math.abs((found ?? 0) - repeat)).toBeLessThan(repeat / 4);
			}),
			runs
		);
	});
});
