import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { element, garment } from '../../../../tests/arbitraries';
import { bytesOf, picture } from '../../../../tests/pictures';
import { uuid } from '../../../../tests/records';
import { seenAreas } from '../closeness/seen-areas';
import { deltaE00 } from '../colour/difference';
import { labOfHex } from '../colour/spaces';
import {
	areaOf,
	colourDispute,
	colourOf,
	corrected,
	correctionFor,
	coveringPath,
	encodedLight,
	joinedRegions,
	levelsAt,
	lightAround,
	maskOf,
	maskOfNodes,
	measuredPalette,
	nodesInBox,
	nodesInMiddle,
	outlineOf,
	overlap,
	probableLight,
	readPhoto,
	readyPhoto,
	regionOf,
	regionOn,
	scaledTo,
	storedRegion,
	strokeRegion,
	withMeasured,
	withoutRegion,
	type Light,
	type Pixels,
	type Region
} from '.';
import { labOfLight, labOfPixels } from './lab-pixels';
import { lightOfXyz, xyzOfLight } from './illuminant';
import { linearOfByte } from './pixels';

/** A picture lit unevenly: each pixel's light times what is said of its place. */
function lit({ width, height, data }: Pixels, lightAt: (x: number, y: number) => number): Pixels {
	const out = Uint8Array.from(data, (byte, i) => {
		if (i % 4 === 3) return 255;
		const at = Math.floor(i / 4);
		return Math.round(
			255 * encodedLight((linearOfByte[byte] ?? 0) * lightAt(at % width, Math.floor(at / width)))
		);
	});
	return { width, height, data: out };
}
const whole = ({ width, height }: Pixels): Region => ({ x: 0, y: 0, width, height });
const size = { width: 23, height: 17 };
const maskArbitrary = fc
	.array(fc.boolean(), { minLength: size.width * size.height, maxLength: size.width * size.height })
	.map((cells) => Uint8Array.from(cells, Number));
const hexArbitrary = fc
	.integer({ min: 0, max: 0xffffff })
	.map((value) => `#${value.toString(16).padStart(6, '0')}`);

describe('colours of pixels', () => {
	it('are the same as of the hex, for every colour', () =>
		fc.assert(
			fc.property(hexArbitrary, (hex) => {
				const [l = 0, a = 0, b = 0] = labOfPixels(picture(1, 1, () => hex));
				const lab = labOfHex(hex);
				expect(Math.max(Math.abs(l - lab.l), Math.abs(a - lab.a), Math.abs(b - lab.b))).toBeLessThan(0.02);
			})
		));
	it('red is where IEC 61966-2-1 puts it (value from memory)', () => {
		const [l, a, b] = labOfLight([1, 0, 0]);
		expect([l, a, b].map((value) => Number(value.toFixed(1)))).toEqual([53.2, 80.1, 67.2]);
	});
});

describe('regions', () => {
	it('visit the pixels that their runs say, as counted one by one, and none beyond the picture', () => {
		const whole = (max: number) => fc.integer({ min: -4, max });
		const region = fc.record({
			x: whole(12),
			y: whole(12),
			width: fc.integer({ min: 0, max: 9 }),
			height: fc.integer({ min: 0, max: 9 }),
			runs: fc.option(fc.array(fc.nat({ max: 11 }), { maxLength: 12 }), { nil: undefined })
		});
		fc.assert(
			fc.property(region, (one) => {
				const size = { width: 10, height: 8 };
				const plainly = new Uint8Array(80);
				let at = 0;
				(one.runs ?? [0, one.width * one.height]).forEach((length, turn) => {
					for (let i = 0; i < length; i++, at++) {
						const [x, y] = [one.x + (at % one.width), one.y + Math.floor(at / one.width)];
						if (turn % 2 === 1 && x >= 0 && y >= 0 && x < 10 && y < 8) plainly[y * 10 + x] = 1;
					}
				});
				expect(maskOf(one, size)).toEqual(plainly);
			})
		);
	});
	it('are read back from their runs as they were', () =>
		fc.assert(
			fc.property(maskArbitrary, (mask) => {
				const region = regionOf(mask, size);
				if (!region) return expect(mask.includes(1)).toBe(false);
				expect(maskOf(region, size)).toEqual(mask);
				expect(areaOf(region)).toBe(mask.reduce((sum, inside) => sum + inside, 0));
				expect(regionOn(storedRegion(region, uuid(1), size), size)).toEqual(region);
			})
		));
	it('joined and taken away are sets of pixels', () =>
		fc.assert(
			fc.property(maskArbitrary, maskArbitrary, (first, second) => {
				const [one, other] = [regionOf(first, size), regionOf(second, size)];
				if (!one || !other) return;
				const both = first.map((inside, at) => inside | (second[at] ?? 0));
				expect(maskOf(joinedRegions(one, other, size)!, size)).toEqual(both);
				const left = withoutRegion(one, other, size);
				const without = first.map((inside, at) => inside & (second[at] ? 0 : 1));
				expect(left ? maskOf(left, size) : new Uint8Array(first.length)).toEqual(without);
			})
		));
	it('keep about their size on a picture of another size', () => {
		const region = { x: 4, y: 3, width: 12, height: 9 };
		const larger = scaledTo(region, size, { width: 230, height: 170 });
		expect(larger && areaOf(larger)).toBe(areaOf(region) * 100);
		expect(areaOf(regionOn(storedRegion(region, uuid(1), size), { width: 46, height: 34 })!)).toBe(432);
	});
	it('have an outline of as many edges as they have', () => {
		expect(outlineOf({ x: 1, y: 1, width: 2, height: 1 })).toBe('M1 1H3M1 2H3M1 1V2M3 1V2');
		expect(coveringPath({ x: 9, y: 9, width: 3, height: 2, runs: [2, 3, 1] })).toBe(
			'M2 0h1v1h-1zM0 1h2v1h-2z'
		);
	});
	it('a brush covers what it passes over', () => {
		const stroke = strokeRegion(
			[
				{ x: 5, y: 8 },
				{ x: 18, y: 8 }
			],
			2,
			size
		)!;
		const mask = maskOf(stroke, size);
		expect(mask[8 * size.width + 11]).toBe(1);
		expect(mask[13 * size.width + 11]).toBe(0);
	});
});

describe('a click', () => {
	const colours = fc.constantFrom(
		'#7d1f2b',
		'#1c2745',
		'#e8dcc0',
		'#3d7d49',
		'#c58b3a',
		'#5a7598',
		'#b02a6b'
	);
	const grounds = fc.constantFrom('#b9b4aa', '#8a938f', '#d8d2c4');
	/** A garment on a ground, in light that falls off across it. */
	const scenes = fc.record({
		cloth: colours,
		ground: grounds,
		x: fc.integer({ min: 30, max: 60 }),
		y: fc.integer({ min: 30, max: 60 }),
		width: fc.integer({ min: 40, max: 90 }),
		height: fc.integer({ min: 50, max: 110 }),
		fall: fc.double({ min: 0, max: 0.45, noNaN: true })
	});
	const photoOf = ({
		cloth,
		ground,
		x,
		y,
		width,
		height,
		fall
	}: typeof scenes extends fc.Arbitrary<infer T> ? T : never) =>
		lit(
			picture(180, 220, (atX, atY) =>
				atX >= x && atX < x + width && atY >= y && atY < y + height ? cloth : ground
			),
			(atX) => 1 - (fall * atX) / 180
		);

	it('takes the whole of a cloth in uneven light, and so does a box around it', () =>
		fc.assert(
			fc.property(scenes, (scene) => {
				const photo = photoOf(scene);
				const ready = readyPhoto(photo);
				const truth = maskOf(scene, photo);
				const spot = { x: scene.x + scene.width / 2, y: scene.y + scene.height / 2 };
				const { nodes, automatic } = levelsAt(ready, spot);
				const clicked = maskOfNodes(ready, [nodes[automatic]!]);
				expect(overlap(clicked, truth)).toBeGreaterThan(0.94);
				const around = { x: scene.x - 6, y: scene.y - 6, width: scene.width + 12, height: scene.height + 12 };
				expect(overlap(maskOfNodes(ready, nodesInBox(ready, around)), truth)).toBeGreaterThan(0.94);
				expect(overlap(maskOfNodes(ready, nodesInMiddle(ready)), truth)).toBeGreaterThan(0.94);
			}),
			{ numRuns: 8 }
		));
	it('of a box takes what reaches from side to side of it, though what lies over that is larger', () =>
		fc.assert(
			fc.property(
				fc.constantFrom(['#1c2745', '#c58b3a'], ['#3d7d49', '#e8dcc0'], ['#7d1f2b', '#5a7598']),
				fc.integer({ min: 44, max: 60 }),
				(cloths, end) => {
					const [coat, dress] = cloths as [string, string];
					// A dress that shows above and below the coat that is worn over it.
					const isDress = (x: number, y: number) =>
						(y >= 20 && y < end && x >= 70 && x < 110) || (y >= 150 && y < 200 && x >= 30 && x < 150);
					const isCoat = (x: number, y: number) => y >= end && y < 150 && x >= 40 && x < 140;
					const photo = picture(180, 220, (x, y) =>
						isDress(x, y) ? dress : isCoat(x, y) ? coat : '#b9b4aa'
					);
					const ready = readyPhoto(photo);
					const around = { x: 28, y: 18, width: 124, height: 184 };
					const truth = Uint8Array.from({ length: 180 * 220 }, (_, at) =>
						isDress(at % 180, Math.floor(at / 180)) ? 1 : 0
					);
					expect(overlap(maskOfNodes(ready, nodesInBox(ready, around)), truth)).toBeGreaterThan(0.9);
				}
			),
			{ numRuns: 8 }
		));
	it('means the patch under it at least and the whole picture at most, each step holding the one before', () => {
		const photo = picture(90, 70, (x, y) => (((x >> 4) + (y >> 4)) % 2 ? '#7d1f2b' : '#d8d2c4'));
		const ready = readyPhoto(photo);
		const { nodes } = levelsAt(ready, { x: 40, y: 30 });
		const areas = nodes.map((node) => ready.tree.area[node] ?? 0);
		expect(areas).toEqual([...areas].sort((a, b) => a - b));
		expect(areas.at(-1)).toBe(90 * 70);
		expect(maskOfNodes(ready, [nodes[0]!])[30 * 90 + 40]).toBe(1);
	});
	it('covers exactly the pixels of the patches that were joined into what it means', () =>
		fc.assert(
			fc.property(scenes, fc.double({ min: 0, max: 0.999, noNaN: true }), (scene, share) => {
				const ready = readyPhoto(photoOf(scene));
				const { parent } = ready.tree;
				const node = Math.floor(share * parent.length);
				const holds = (patch: number) => {
					let at = patch;
					while (at >= 0 && at !== node) at = parent[at] ?? -1;
					return at === node;
				};
				const inside = Array.from({ length: ready.count }, (_, patch) => (holds(patch) ? 1 : 0));
				const mask = maskOfNodes(ready, [node]);
				expect(mask.every((value, at) => value === inside[ready.labels[at] ?? 0])).toBe(true);
			}),
			{ numRuns: 8 }
		));
	it('is the same each time, also at the edge and beyond it', () => {
		const photo = picture(64, 48, (x) => (x < 30 ? '#1c2745' : '#e8dcc0'));
		const [first, second] = [readyPhoto(photo), readyPhoto(photo)];
		expect(first.labels).toEqual(second.labels);
		expect(levelsAt(first, { x: -5, y: 900 })).toEqual(levelsAt(second, { x: 0, y: 47 }));
	});
});

describe('the tree of patches', () => {
	const { tree, labels, count } = readyPhoto(picture(80, 60, (x, y) => (x + y > 70 ? '#7d1f2b' : '#e8dcc0')));
	it('holds every pixel once, and joins ever less alike', () => {
		expect(new Set(labels).size).toBe(count);
		expect(tree.area.at(-1)).toBe(80 * 60);
		for (let node = 0; node < tree.parent.length - 1; node++) {
			const parent = tree.parent[node]!;
			expect(parent).toBeGreaterThan(node);
			expect(tree.height[parent]).toBeGreaterThanOrEqual(tree.height[node]!);
		}
	});
});

describe('the colour of a cloth', () => {
	const places = Int32Array.from({ length: 3600 }, (_, at) => at);
	it('that is even is that colour', () =>
		fc.assert(
			fc.property(hexArbitrary, (hex) => {
				const measured = colourOf(
					picture(60, 60, () => hex),
					places
				)!;
				expect(deltaE00(measured.lab, labOfHex(hex))).toBeLessThan(1);
			})
		));
	it('keeps hue and chroma in folds and shadow', () =>
		fc.assert(
			fc.property(
				fc.constantFrom('#7d1f2b', '#3d7d49', '#c58b3a', '#5a7598', '#b02a6b', '#e8dcc0'),
				(hex) => {
					const folded = lit(
						picture(60, 60, () => hex),
						(x, y) => 0.75 + 0.25 * Math.sin(x / 3) * Math.cos(y / 11)
					);
					const { lab } = colourOf(folded, places)!;
					const truth = labOfHex(hex);
					expect(deltaE00({ ...lab, l: truth.l }, truth)).toBeLessThan(4);
				}
			)
		));
	it('is less sure with few pixels, and of nothing there is none', () => {
		const photo = picture(60, 60, () => '#7d1f2b');
		expect(colourOf(photo, [5, 6, 7])!.sure).toBeLessThan(colourOf(photo, places)!.sure);
		expect(colourOf(photo, [])).toBeUndefined();
		const { sure, lightnessSure } = colourOf(photo, places)!;
		expect(lightnessSure).toBeLessThan(sure);
	});
});

describe('the palette of a region', () => {
	it('has each colour with its share, the largest first', () => {
		const photo = picture(120, 100, (x) => (x < 60 ? '#1c2745' : x < 96 ? '#e8dcc0' : '#b02a2a'));
		const { palette } = readPhoto(photo, whole(photo))!;
		expect(palette.map(({ share }) => Math.round(share * 100))).toEqual([50, 30, 20]);
		['#1c2745', '#e8dcc0', '#b02a2a'].forEach((hex, i) =>
			expect(deltaE00(palette[i]!.lab, labOfHex(hex))).toBeLessThan(1.5)
		);
	});
	it('of one cloth half in the shade is one colour', () => {
		const photo = lit(
			picture(120, 100, () => '#7d1f2b'),
			(x) => (x < 60 ? 1 : 0.55)
		);
		expect(readPhoto(photo, whole(photo))!.palette).toHaveLength(1);
	});
	it('adds up to 1, has at most five, and is empty nowhere', () =>
		fc.assert(
			fc.property(fc.array(hexArbitrary, { minLength: 1, maxLength: 9 }), (hexes) => {
				const photo = picture(90, 30, (x) => hexes[Math.floor((x * hexes.length) / 90)]!);
				const { palette } = readPhoto(photo, whole(photo))!;
				expect(palette.length).toBeGreaterThan(0);
				expect(palette.length).toBeLessThanOrEqual(5);
				expect(palette.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 6);
			}),
			{ numRuns: 40 }
		));
	it('is the same of a picture and of its mirror image', () =>
		fc.assert(
			fc.property(fc.array(hexArbitrary, { minLength: 1, maxLength: 4 }), (hexes) => {
				const at = (x: number) => hexes[Math.floor((x * hexes.length) / 60)]!;
				const [one, other] = [
					readPhoto(
						picture(60, 40, (x) => at(x)),
						{ x: 0, y: 0, width: 60, height: 40 }
					)!,
					readPhoto(
						picture(60, 40, (x) => at(59 - x)),
						{ x: 0, y: 0, width: 60, height: 40 }
					)!
				];
				expect(other.palette).toHaveLength(one.palette.length);
				const shares = ({ palette }: typeof one) =>
					palette.map(({ share }) => Number(share.toFixed(6))).sort();
				expect(shares(other)).toEqual(shares(one));
				for (const { lab } of one.palette)
					expect(Math.min(...other.palette.map((swatch) => deltaE00(swatch.lab, lab)))).toBeLessThan(0.5);
			}),
			{ numRuns: 60 }
		));
	it('has no region beyond the picture', () => {
		const photo = picture(20, 20, () => '#7d1f2b');
		expect(readPhoto(photo, { x: 100, y: 100, width: 5, height: 5 })).toBeUndefined();
		expect(readPhoto(photo, { x: -5, y: -5, width: 15, height: 15 })!.palette).toHaveLength(1);
		expect(readPhoto(photo, { x: 0.4, y: 1.7, width: 6.2, height: 4.5 })!.palette).toHaveLength(1);
		const mask = maskOf({ x: 3, y: 3, width: 9, height: 9 }, photo);
		expect(readPhoto(photo, mask)).toEqual(readPhoto(photo, regionOf(mask, photo)!));
		expect(readPhoto(photo, new Uint8Array(400))).toBeUndefined();
	});
	it('becomes a garment’s, measured; what is of metal keeps its metal', () => {
		const photo = picture(60, 60, (x) => (x < 40 ? '#7d1f2b' : '#e8dcc0'));
		const reading = readPhoto(photo, whole(photo))!;
		const coat = garment('pea-coat', ['navy']);
		expect(withMeasured(coat, reading).palette).toEqual(measuredPalette(reading));
		expect(measuredPalette(reading)[0]).toMatchObject({ provenance: 'measured', share: 0.67 });
		expect(colourDispute(coat, reading)).toMatchObject({ said: coat.palette[0]!.hex });
		expect(colourDispute(withMeasured(coat, reading), reading)).toBeUndefined();
		const ring = { ...garment('ring'), metal: { value: 'gold', provenance: 'seen' } as const };
		expect(withMeasured(ring, reading)).toBe(ring);
	});
});

describe('the print of a region', () => {
	const [ground, motif] = ['#1c2745', '#ece6d6'];
	const turned = (degrees: number) => {
		const [cos, sin] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];
		return (x: number, y: number) => [x * cos + y * sin, y * cos - x * sin] as const;
	};
	const wave = (value: number, repeat: number) => (((value % repeat) + repeat) % repeat) / repeat;
	const prints: Record<string, (x: number, y: number, repeat: number) => boolean> = {
		stripe: (x, _, repeat) => wave(x, repeat) < 0.4,
		check: (x, y, repeat) => wave(x, repeat) < 0.16 || wave(y, repeat) < 0.16,
		spot: (x, y, repeat) => Math.hypot(wave(x, repeat) - 0.5, wave(y, repeat) - 0.5) < 0.27
	};
	it.each(['stripe', 'check', 'spot'] as const)('%s is seen at any size, turned any way', (kind) =>
		fc.assert(
			fc.property(fc.integer({ min: 12, max: 26 }), fc.integer({ min: 0, max: 89 }), (repeat, degrees) => {
				const turn = turned(degrees);
				const photo = picture(160, 160, (x, y) => (prints[kind]!(...turn(x, y), repeat) ? motif : ground));
				expect(readPhoto(photo, whole(photo))!.print.hint).toBe(kind);
			}),
			{ numRuns: 25 }
		)
	);
	it('a stripe’s repeat is from one to the next', () => {
		const photo = picture(160, 160, (x) => (wave(x, 20) < 0.4 ? motif : ground));
		expect(readPhoto(photo, whole(photo))!.print.repeat).toBeCloseTo(20, -1);
	});
	it('a plain cloth, a trim and two halves are no print', () => {
		for (const at of [
			() => ground,
			(x: number) => (x < 12 ? motif : ground),
			(x: number) => (x < 80 ? motif : ground)
		]) {
			const photo = picture(160, 160, at);
			expect(readPhoto(photo, whole(photo))!.print.hint).toBe('plain');
		}
	});
});

describe('the light', () => {
	/** White points of CIE 15:2004, two degrees, as XYZ with Y = 1. */
	const illuminants: Record<string, Light> = {
		A: [1.0985, 1, 0.3558],
		D50: [0.9642, 1, 0.8251],
		D55: [0.9568, 1, 0.9214],
		D75: [0.9497, 1, 1.2261],
		F2: [0.9919, 1, 0.6739],
		F11: [1.0096, 1, 0.6435]
	};
	/**
	 * The 24 patches of McCamy, Marcus & Davidson 1976, "A Color-Rendition Chart" (Journal of Applied Photographic Engineering
	 * 2(3)), as commonly given in sRGB (values from memory).
	 */
	const chart =
		'735244 c29682 627a9d 576c43 8580b1 67bdaa d67e2c 505ba6 c15a63 5e3c6c 9dbc40 e0a32e 383d96 469449 af363c e7c71f bb5695 0885a1 f3f3f2 c8c8c8 a0a0a0 7a7a79 555555 343434'
			.split(' ')
			.map((hex) => `#${hex}`);
	type Matrix = readonly [Light, Light, Light];
	const times = (matrix: Matrix, [x, y, z]: Light): Light => {
		const row = ([a, b, c]: Light) => a * x + b * y + c * z;
		return [row(matrix[0]), row(matrix[1]), row(matrix[2])];
	};
	/** CAT02 (CIE 159:2004): another way to adapt than the one that is tested. */
	const cat02: Matrix = [
		[0.7328, 0.4296, -0.1624],
		[-0.7036, 1.6975, 0.0061],
		[0.003, 0.0136, 0.9834]
	];
	const fromCat02: Matrix = [
		[1.0961238, -0.278869, 0.1827452],
		[0.454369, 0.4735332, 0.0720978],
		[-0.0096276, -0.005698, 1.0153256]
	];
	const white = times(xyzOfLight, [1, 1, 1]);
	const under = (illuminant: Light, light: Light): Light => {
		const [seen, from, to] = [times(xyzOfLight, light), white, illuminant].map((xyz) =>
			times(cat02, xyz)
		) as [Light, Light, Light];
		const gain = (i: 0 | 1 | 2) => (seen[i] * to[i]) / from[i];
		return times(lightOfXyz, times(fromCat02, [gain(0), gain(1), gain(2)]));
	};
	const lightOfHex = (hex: string) => bytesOf(hex).map((byte) => linearOfByte[byte] ?? 0) as unknown as Light;

	it('of D50 is adapted to D65 as Bradford’s published matrix does (Lindbloom; value from memory)', () => {
		const measured = times(lightOfXyz, illuminants.D50!);
		const { matrix } = correctionFor(measured.map((value) => value * 0.5) as unknown as Light)!;
		const adapted = times(xyzOfLight, times(matrix, times(lightOfXyz, [0.3, 0.4, 0.2])));
		const published: Matrix = [
			[0.9555766, -0.0230393, 0.0631636],
			[-0.0282895, 1.0099416, 0.0210077],
			[0.0122982, -0.020483, 1.3299098]
		];
		times(published, [0.3, 0.4, 0.2]).forEach((value, i) => expect(adapted[i]).toBeCloseTo(value, 3));
	});
	it('of six lights is taken off a chart of 24 patches: median ≤ 1, 95th percentile ≤ 4.5', () => {
		const differences = Object.values(illuminants).flatMap((illuminant) => {
			const measured = under(illuminant, [0.87, 0.87, 0.87]);
			const correction = correctionFor(measured.map((value) => value * 0.45) as unknown as Light, 'white')!;
			return chart.map((hex) => {
				const taken = under(illuminant, lightOfHex(hex)).map((value) => value * 0.45) as unknown as Light;
				const [l, a, b] = labOfLight(corrected(correction, taken));
				return deltaE00({ l, a, b }, labOfHex(hex));
			});
		});
		const sorted = differences.sort((a, b) => a - b);
		expect(sorted[Math.floor(sorted.length / 2)]).toBeLessThanOrEqual(1);
		expect(sorted[Math.floor(sorted.length * 0.95)]).toBeLessThanOrEqual(4.5);
	});
	it('is put right by exposure too: what is said to be white or grey comes out as light as that', () => {
		const measured: Light = [0.3, 0.24, 0.15];
		const [l] = labOfLight(corrected(correctionFor(measured, 'white')!, measured));
		expect(l).toBeCloseTo(94.7, 0);
		const [grey, a, b] = labOfLight(corrected(correctionFor(measured, 'grey')!, measured));
		expect(grey).toBeCloseTo(50, 0);
		expect(Math.hypot(a, b)).toBeLessThan(0.5);
	});
	it('is not told by what is black or burnt out', () => {
		expect(correctionFor([0, 0, 0], 'white')).toBeUndefined();
		expect(correctionFor([1, 0.9, 0.5], 'white')).toBeUndefined();
		expect(
			correctionFor(
				lightAround(
					picture(20, 20, () => '#ffffff'),
					{ x: 10, y: 10 }
				),
				'white'
			)
		).toBeUndefined();
	});
	it('is guessed by shades of grey where the picture has all colours, and told in what direction it is off', () => {
		const patches = picture(120, 80, (x, y) => chart[Math.floor(x / 20) + 6 * Math.floor(y / 20)]!);
		const tinted = ([red, green, blue]: Light): Pixels => ({
			...patches,
			data: Uint8Array.from(patches.data, (byte, i) => {
				const gain = [red, green, blue, 1][i % 4] ?? 1;
				return i % 4 === 3 ? 255 : Math.round(255 * encodedLight((linearOfByte[byte] ?? 0) * gain));
			})
		});
		expect(probableLight(tinted([0.95, 0.8, 0.45])).cast).toBe('warm');
		expect(probableLight(tinted([0.6, 0.8, 0.95])).cast).toBe('cool');
		expect(probableLight(tinted([0.7, 0.95, 0.7])).cast).toBe('green');
		expect(probableLight(picture(30, 30, () => '#8a8a8a')).cast).toBeUndefined();
	});
});

describe('what elements cover of a look', () => {
	const [coat, jeans, bag] = [
		element(1, garment('pea-coat')),
		element(2, garment('jeans')),
		element(3, garment('tote'))
	];
	const on = (share: number, photo = uuid(1)) => [{ photo, x: 0, y: 0, width: 1, height: share }];
	const usual = seenAreas([coat, jeans, bag]);
	it('is as usual where nothing is marked, and as it is on the photo where it is', () => {
		expect(seenAreas([coat, { ...jeans, regions: [] }, bag])).toEqual(usual);
		const [c = 0, j = 0, b] = seenAreas([{ ...coat, regions: on(0.1) }, { ...jeans, regions: on(0.3) }, bag]);
		expect(j / c).toBeCloseTo(3, 9);
		expect(c + j).toBeCloseTo(usual[0]! + usual[1]!, 9);
		expect(b).toBe(usual[2]);
	});
	it('goes by the photo on which most is marked, and by what of a box is inside', () => {
		const half = [{ ...on(0.2)[0]!, mask: { width: 2, height: 2, runs: [2, 2] } }];
		const [c = 0, j = 0] = seenAreas([
			{ ...coat, regions: [...half, ...on(0.9, uuid(2))] },
			{ ...jeans, regions: on(0.1) },
			bag
		]);
		expect(c).toBeCloseTo(j, 9);
	});
});
