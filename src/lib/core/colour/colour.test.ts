import fc from 'fast-check';
import colourNames from 'color-name';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { colourWords } from '../lexicon/colours';
import { deltaE00 } from './difference';
import { familyOf } from './family';
import { paletteSimilarity } from './palette';
import { colourSimilarity, measureColour, similarityOfDifference } from './similarity';
import { hexOfLab, labOfHex } from './spaces';
import { transportCost } from './transport';
import { colourDifferenceInWords, colourName } from './words';

const hex = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);

describe('CIELAB', () => {
	it('puts white at L 100 without hue (IEC 61966-2-1)', () => {
		const white = labOfHex('#ffffff');
		expect(white.l).toBeCloseTo(100, 3);
		expect(white.a).toBeCloseTo(0, 2);
		expect(white.b).toBeCloseTo(0, 2);
	});

	it('puts sRGB red at 53.24, 80.09, 67.20 (value from memory)', () => {
		const red = labOfHex('#ff0000');
		expect(red.l).toBeCloseTo(53.24, 1);
		expect(red.a).toBeCloseTo(80.09, 1);
		expect(red.b).toBeCloseTo(67.2, 1);
	});

	it('returns to the same hex', () => {
		fc.assert(fc.property(hex, (value) => hexOfLab(labOfHex(value)) === value));
	});
	it('returns to the same hex at the edges of what a screen can show, where rounding leads out', () => {
		const byte = fc.nat(255);
		const end = fc.constantFrom(0, 255);
		const edge = fc.oneof(fc.tuple(byte, end, end), fc.tuple(end, byte, end), fc.tuple(end, end, byte));
		const inHex = (bytes: number[]) => `#${bytes.map((one) => one.toString(16).padStart(2, '0')).join('')}`;
		fc.assert(
			fc.property(edge, (bytes) => hexOfLab(labOfHex(inHex(bytes))) === inHex(bytes)),
			{ numRuns: 400 }
		);
	});

	it('refuses what is no colour', () => {
		expect(() => labOfHex('navy')).toThrow(/navy/);
	});
});

describe('CIEDE2000', () => {
	// Sharma, Wu & Dalal 2005, Table 1: all 34 pairs.
	const rows = readFileSync('tests/unit/data/ciede2000-sharma.csv', 'utf8')
		.split('\n')
		.filter((line) => /^[-\d]/.test(line))
		.map((line) => line.split(',').map(Number));

	it('has all 34 pairs of the published table', () => expect(rows).toHaveLength(34));

	it.each(rows)('(%d, %d, %d) against (%d, %d, %d) is %d', (l1, a1, b1, l2, a2, b2, expected) => {
		const first = { l: l1 ?? 0, a: a1 ?? 0, b: b1 ?? 0 };
		const second = { l: l2 ?? 0, a: a2 ?? 0, b: b2 ?? 0 };
		expect(deltaE00(first, second)).toBeCloseTo(expected ?? NaN, 4);
		expect(deltaE00(second, first)).toBeCloseTo(expected ?? NaN, 4);
	});
});

describe('colour families', () => {
	it.each(colourWords)('$word is $family', ({ hex: value, family }) => {
		expect(measureColour(value).family).toBe(family);
	});

	it('are never gold or silver by a colour alone, however near it lies', () => {
		for (const { hex: value } of colourWords)
			expect(['gold', 'silver']).not.toContain(familyOf(labOfHex(value)));
	});

	/** CSS Color Module 4 named colours whose name is a family word of the trade. */
	const css: [string, string][] = [
		['navy', 'navy'],
		['white', 'white'],
		['ivory', 'ivory'],
		['black', 'black'],
		['gray', 'grey'],
		['maroon', 'burgundy'],
		['olive', 'olive'],
		['teal', 'teal'],
		['beige', 'ivory'], // CSS beige is as light as ivory
		['brown', 'red'], // CSS brown is a brick red
		['chocolate', 'orange'], // CSS chocolate is a burnt orange
		['saddlebrown', 'brown'],
		['crimson', 'red'],
		['orange', 'orange'],
		['yellow', 'yellow'],
		['purple', 'purple'],
		['indigo', 'purple'],
		['pink', 'pink'],
		['forestgreen', 'green'],
		['royalblue', 'blue']
	];
	it.each(css)('CSS %s is %s', (name, family) => {
		const [r, g, b] = colourNames[name as keyof typeof colourNames];
		const value = `#${[r, g, b].map((part) => part.toString(16).padStart(2, '0')).join('')}`;
		expect(familyOf(labOfHex(value))).toBe(family);
	});
});

describe('likeness of colours', () => {
	const similarity = (a: string, b: string, familyFloor = true) =>
		colourSimilarity(measureColour(a), measureColour(b), { familyFloor });

	it('falls with the difference and never rises', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 0, max: 60, noNaN: true }),
				fc.double({ min: 0, max: 60, noNaN: true }),
				(a, b) => (a <= b ? similarityOfDifference(a) >= similarityOfDifference(b) : true)
			)
		);
	});

	it('is the same colour within 2, related near 10, another past 25', () => {
		expect(similarityOfDifference(2)).toBe(1);
		expect(similarityOfDifference(10)).toBeGreaterThan(0.65);
		expect(similarityOfDifference(25)).toBeLessThan(0.2);
	});

	it('keeps burgundy with red and navy with denim, unless the exact colour is asked', () => {
		expect(similarity('#6a1a2c', '#bf1f2c')).toBeGreaterThan(0.3);
		expect(similarity('#1c2745', '#56759a')).toBeGreaterThan(0.3);
		expect(similarity('#1c2745', '#56759a', false)).toBeLessThan(similarity('#1c2745', '#56759a'));
	});

	it('is 1 for the same colour and within 0..1 for any two', () => {
		fc.assert(
			fc.property(hex, hex, (a, b) => {
				expect(similarity(a, a)).toBe(1);
				const value = similarity(a, b);
				return value >= 0 && value <= 1;
			})
		);
	});
});

describe('transport of shares', () => {
	it('solves the example shipped with the authors’ code (Rubner, Tomasi & Guibas 1998): 160.54276', () => {
		const from = [
			[100, 40, 22],
			[211, 20, 2],
			[32, 190, 150],
			[2, 100, 100]
		];
		const to = [
			[0, 0, 0],
			[50, 100, 80],
			[255, 255, 255]
		];
		const euclid = (i: number, j: number) =>
			Math.hypot(...[0, 1, 2].map((k) => (from[i]?.[k] ?? 0) - (to[j]?.[k] ?? 0)));
		expect(transportCost([0.4, 0.3, 0.2, 0.1], [0.5, 0.3, 0.2], euclid)).toBeCloseTo(160.54276, 4);
	});

	it('equals the area between the distribution functions in one dimension', () => {
		const weights = fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 5, maxLength: 5 });
		fc.assert(
			fc.property(weights, weights, (a, b) => {
				const normal = (list: number[]) => list.map((w) => w / list.reduce((sum, x) => sum + x, 0));
				const [p, q] = [normal(a), normal(b)];
				let area = 0;
				let carried = 0;
				for (let i = 0; i < 4; i++) {
					carried += (p[i] ?? 0) - (q[i] ?? 0);
					area += Math.abs(carried);
				}
				expect(transportCost(p, q, (i, j) => Math.abs(i - j))).toBeCloseTo(area, 8);
			})
		);
	});
});

describe('likeness of palettes', () => {
	const swatches = (...list: [string, number][]) => list.map(([value, share]) => ({ hex: value, share }));

	it('calls a half-right two-colour piece half right', () => {
		const asked = swatches(['#ffffff', 1], ['#1c2745', 1]);
		const given = swatches(['#ffffff', 1], ['#f3cf3a', 1]);
		const value = paletteSimilarity(asked, given);
		expect(value).toBeGreaterThan(0.45);
		expect(value).toBeLessThan(0.6);
	});

	it('does not mind the order of swatches or the unit of shares', () => {
		const asked = swatches(['#bf1f2c', 0.6], ['#f6f0dd', 0.4]);
		const given = swatches(['#f6f0dd', 4], ['#bf1f2c', 6]);
		expect(paletteSimilarity(asked, given)).toBeCloseTo(1, 9);
	});

	it('refuses an empty palette', () => {
		expect(() => paletteSimilarity([], swatches(['#ffffff', 1]))).toThrow(/swatch/);
	});
});

describe('colours in words', () => {
	it('names a colour by the nearest word of its family', () => {
		expect(colourName('#1b2644')).toBe('navy');
		expect(colourName('#f5efdc')).toBe('ivory');
	});

	it.each([
		['#1c2745', '#1c2745', 'the same colour'],
		['#2e5aa8', '#4a74bd', /^same family, a shade lighter/],
		['#1c2745', '#f3cf3a', /^yellow, not navy, much lighter$/],
		['#ffffff', '#f6f0dd', /^ivory for white, related/],
		['#6a1a2c', '#5f1b30', /^same family, same depth/],
		['#8a8a8a', '#45474b', /^same family, much darker/],
		['#b6cde3', '#8fbfe4', /^same family, a touch darker/],
		['#2f7a45', '#bf1f2c', /^red, not green/]
	])('%s against %s', (asked, given, words) => {
		const said = colourDifferenceInWords(asked, given);
		if (typeof words === 'string') expect(said).toBe(words);
		else expect(said).toMatch(words);
	});

	it('never calls two clearly different colours the same', () => {
		fc.assert(
			fc.property(hex, hex, (a, b) => {
				const apart = deltaE00(labOfHex(a), labOfHex(b));
				expect(colourDifferenceInWords(a, b) === 'the same colour').toBe(apart <= 2);
			})
		);
	});

	it('names every colour there is', () => {
		fc.assert(fc.property(hex, (value) => colourName(value).length > 2));
	});
});
