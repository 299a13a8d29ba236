import { describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import type { FacetId } from '../lexicon/facets';
import { metalColours, metalIds } from '../lexicon/metals';
import type { MoveId } from '../lexicon/moves';
import { prints, printScales, type PrintScale } from '../lexicon/prints';
import type { Garment } from '../model/garment';
import { drawPlate } from './draw';
import type { PlateShape } from './model';
import { clothOf, coloursOf, lineOn, shaded } from './cloth/paint';
import { labOfHex } from '../colour/spaces';

/** The shapes of one garment worn alone. */
function shapesOf(one: Garment, moves: MoveId[] = []): PlateShape[] {
	return (
		drawPlate({ worn: [{ id: 'one', garment: one, moves }] }).layers.find(({ id }) => id === 'one')?.shapes ??
		[]
	);
}
const { landmarks } = drawPlate({ worn: [] });

/** Absolute points of all paths. */
const pointsOf = (shapes: PlateShape[]): [x: number, y: number][] =>
	shapes.flatMap(({ d }) => {
		// An ellipse: its left end and its radii say where it reaches.
		const round = /^M(-?[\d.]+),(-?[\d.]+)a([\d.]+),([\d.]+)/.exec(d);
		if (round) {
			const [x = 0, y = 0, rx = 0, ry = 0] = round.slice(1).map(Number);
			return [
				[x, y - ry],
				[x + 2 * rx, y + ry]
			] as [number, number][];
		}
		const numbers = (d.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);
		return numbers.flatMap((x, i) => (i % 2 === 0 ? [[x, numbers[i + 1] ?? 0] as [number, number]] : []));
	});
const extent = (shapes: PlateShape[]) => {
	const points = pointsOf(shapes);
	const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
	return { left: Math.min(...xs), right: Math.max(...xs), top: Math.min(...ys), bottom: Math.max(...ys) };
};
/** The same type with one facet along its values, from the first value to the last. */
const along = (
	type: string,
	facet: FacetId,
	values: string[],
	measure: (e: ReturnType<typeof extent>) => number
) => values.map((value) => measure(extent(shapesOf(garment(type, ['navy'], { [facet]: value })))));
const rising = (list: number[]) => list.every((value, i) => i === 0 || value >= (list[i - 1] ?? 0));

describe('lengths and volumes are drawn in their order', () => {
	it.each<[string, FacetId, string[]]>([
		['skirt', 'hemLength', ['micro', 'mini', 'above-knee', 'knee', 'midi', 'maxi', 'floor']],
		['dress', 'hemLength', ['mini', 'knee', 'midi', 'ankle', 'floor']],
		['overcoat', 'hemLength', ['micro', 'knee', 'midi', 'ankle']],
		['trousers', 'legLength', ['mid-thigh', 'knee', 'cropped', 'ankle', 'full', 'floor']],
		['jumper', 'topLength', ['cropped', 'waist', 'hip', 'thigh']],
		['waistcoat', 'topLength', ['waist', 'hip', 'thigh']]
	])('%s by %s: each hem is lower', (type, facet, values) => {
		const hems = along(type, facet, values, ({ bottom }) => bottom);
		expect(rising(hems)).toBe(true);
		expect((hems.at(-1) ?? 0) - (hems[0] ?? 0)).toBeGreaterThan(40);
	});

	it.each<[string, FacetId, string[]]>([
		['skirt', 'skirtShape', ['pencil', 'straight', 'bias', 'a-line', 'pleated', 'full', 'circle']],
		['trousers', 'leg', ['skinny', 'slim', 'straight', 'relaxed', 'wide']],
		['jumper', 'fit', ['close', 'tailored', 'regular', 'relaxed', 'oversized']],
		['belt', 'size', ['small', 'medium', 'large']]
	])('%s by %s: each is at least as wide', (type, facet, values) => {
		const measure =
			facet === 'size'
				? ({ top, bottom }: ReturnType<typeof extent>) => bottom - top
				: ({ right }: ReturnType<typeof extent>) => right;
		expect(rising(along(type, facet, values, measure))).toBe(true);
	});

	it('a rise ends lower the lower it is', () => {
		expect(rising(along('trousers', 'rise', ['high', 'mid', 'low'], ({ top }) => top))).toBe(true);
	});

	it('a shaft ends higher the higher it is', () => {
		expect(
			rising(along('ankle-boots', 'shaft', ['over-knee', 'knee', 'mid-calf', 'ankle'], ({ top }) => top))
		).toBe(true);
	});
});

describe('sleeves', () => {
	it('end at the elbow when they are elbow-length, at the wrist when long', () => {
		const ends = (sleeveLength: string) => {
			const [right] = shapesOf(garment('bodysuit', ['navy'], { sleeveLength, topLength: 'waist' }));
			return extent(right ? [right] : []).bottom;
		};
		expect(Math.abs(ends('elbow') - landmarks.elbow)).toBeLessThan(20);
		expect(Math.abs(ends('long') - landmarks.wrist)).toBeLessThan(20);
	});

	it('are not there on a vest or a bandeau', () => {
		const arms = (type: string) => extent(shapesOf(garment(type, ['navy']))).right;
		expect(arms('vest-top')).toBeLessThan(arms('t-shirt'));
		expect(arms('bandeau')).toBeLessThan(arms('t-shirt'));
	});

	it.each(['puff', 'bishop', 'bell', 'dolman'])('stand out when they are %s', (sleeveShape) => {
		const facets = { sleeveLength: 'elbow', sleeveShape: 'plain' };
		const plain = shapesOf(garment('blouse', ['ivory'], facets));
		const shaped = shapesOf(garment('blouse', ['ivory'], { ...facets, sleeveShape }));
		expect(extent(shaped).right).toBeGreaterThan(extent(plain).right);
	});
});

describe('moves change the drawing', () => {
	it.each<[string, MoveId]>([
		['shirt', 'cuffs-turned-back'],
		['jumper', 'sleeves-pushed-up'],
		['shirt', 'knotted'],
		['blazer', 'worn-open'],
		['jeans', 'hem-cuffed'],
		['dupatta', 'over-left-shoulder'],
		['dupatta', 'crossed-in-front']
	])('%s, %s', (type, move) => {
		const one = garment(type, ['navy'], { material: 'cotton' });
		expect(shapesOf(one, [move])).not.toEqual(shapesOf(one));
	});

	it('a hem turned up is shorter', () => {
		const jeans = garment('jeans', ['mid denim'], { legLength: 'full' });
		expect(extent(shapesOf(jeans, ['hem-cuffed'])).bottom).toBeLessThan(extent(shapesOf(jeans)).bottom);
	});
});

describe('things in their places', () => {
	const middle = (type: string) => {
		const { top, bottom } = extent(shapesOf(garment(type, ['navy'])));
		return (top + bottom) / 2;
	};

	it('a belt lies at the waist', () => expect(Math.abs(middle('belt') - landmarks.waist)).toBeLessThan(4));
	it('a hat lies above the chin', () =>
		expect(extent(shapesOf(garment('beanie', ['navy']))).bottom).toBeLessThan(landmarks.chin));
	it('a tie hangs from the collar to the waist', () => {
		const { top, bottom } = extent(shapesOf(garment('tie', ['wine'])));
		expect(Math.abs(top - landmarks.shoulder)).toBeLessThan(10);
		expect(Math.abs(bottom - landmarks.waist)).toBeLessThan(20);
	});
	it('long beads hang lower than a choker', () => {
		const low = (type: string) => extent(shapesOf(garment(type, ['jet']))).bottom;
		expect(low('long-beads')).toBeGreaterThan(low('necklace'));
		expect(low('necklace')).toBeGreaterThan(low('choker'));
	});
	it('opera gloves reach the elbow, gloves the wrist', () => {
		const top = (type: string) => extent(shapesOf(garment(type, ['black']))).top;
		expect(top('opera-gloves')).toBeLessThan(landmarks.elbow + 5);
		expect(Math.abs(top('gloves') - landmarks.wrist)).toBeLessThan(30);
	});
	it('a crossbody strap runs over the shoulder, a clutch has none', () => {
		const top = (strap: string) => extent(shapesOf(garment('handbag', ['tan'], { strap }))).top;
		expect(top('crossbody')).toBeLessThan(landmarks.bust);
		expect(top('clutch')).toBeGreaterThan(landmarks.wrist);
	});
	it('a saree falls to the floor and rises to the shoulder', () => {
		const { top, bottom } = extent(shapesOf(garment('saree', ['magenta'])));
		expect(top).toBeLessThan(landmarks.shoulder);
		expect(landmarks.floor - bottom).toBeLessThan(15);
	});
	it('a pointed toe reaches further than a round one', () => {
		const bottom = (toe: string) => extent(shapesOf(garment('court-shoes', ['black'], { toe }))).bottom;
		expect(bottom('pointed')).toBeGreaterThan(bottom('almond'));
		expect(bottom('almond')).toBeGreaterThan(bottom('round'));
	});
	it('sheer tights let the leg show, opaque ones do not', () => {
		const opacity = (value: string) => shapesOf(garment('tights', ['black'], { opacity: value }))[0]?.opacity;
		expect(opacity('sheer')).toBeLessThan(opacity('semi-sheer') ?? 0);
		expect(opacity('opaque')).toBe(1);
	});
});

describe('cloth', () => {
	it.each(prints.map(({ id }) => id).filter((id) => id !== 'plain'))(
		'%s is a pattern over its ground',
		(print) => {
			const cloth = clothOf('x', garment('blouse', ['ivory', 'wine'], {}, { print }));
			expect(cloth.pattern?.background).toBe('#f6f0dd');
			expect(cloth.pattern?.shapes.length).toBeGreaterThan(0);
			expect(cloth.paint).toEqual({ kind: 'pattern', id: 'print-x' });
		}
	);

	it('plain cloth is its colour', () => {
		const cloth = clothOf('x', garment('blouse', ['ivory'], {}, { print: 'plain' }));
		expect(cloth.paint).toEqual({ kind: 'colour', hex: '#f6f0dd' });
		expect(cloth.pattern).toBeUndefined();
	});

	it('a larger scale has a larger repeat', () => {
		const repeat = (value: PrintScale) => {
			const printed = garment('blouse', ['ivory', 'wine'], {}, { print: 'polka-dot' });
			printed.print = { family: printed.print!.family, scale: { value, provenance: 'seen' } };
			return clothOf('x', printed).pattern?.width ?? 0;
		};
		expect(rising(printScales.map(repeat))).toBe(true);
		expect(repeat('large')).toBeGreaterThan(repeat('tiny'));
	});

	it.each(metalIds)('%s is drawn in its own colour where no colour is noted', (metal) => {
		expect(coloursOf(garment('hoops', [], {}, { metal }))).toEqual([metalColours[metal]]);
	});

	it('is a calm grey where nothing is noted', () => {
		const [hex] = coloursOf(garment('blouse'));
		const { a, b } = labOfHex(hex ?? '');
		expect(Math.hypot(a, b)).toBeLessThan(8);
	});

	it('puts its largest colour first', () => {
		const striped = garment('blouse', ['navy', 'ivory']);
		striped.palette[1]!.share = 2;
		expect(coloursOf(striped)[0]).toBe('#f6f0dd');
	});

	it('draws a line that shows on light and on dark cloth', () => {
		for (const hex of ['#ffffff', '#f6f0dd', '#8a8a8a', '#1c2745', '#0c0c0d'])
			expect(Math.abs(labOfHex(lineOn(hex)).l - labOfHex(hex).l)).toBeGreaterThan(8);
	});

	it('is shaded lighter and darker in its own hue', () => {
		expect(labOfHex(shaded('#6a1a2c', 0.1)).l).toBeGreaterThan(labOfHex('#6a1a2c').l);
		expect(labOfHex(shaded('#6a1a2c', -0.1)).l).toBeLessThan(labOfHex('#6a1a2c').l);
	});
});
