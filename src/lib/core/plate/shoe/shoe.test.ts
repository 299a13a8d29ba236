import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garment, garmentArbitrary } from '../../../../../tests/arbitraries';
import { facetOf, type FacetId } from '../../lexicon/facets';
import { garmentTypes } from '../../lexicon/taxonomy';
import { framingOf } from '..';
import { extentOf } from '../extent';
import { drawShoe } from '.';

const footwear = garmentTypes.filter(({ slot }) => slot === 'feet');
const shown = (of: ReturnType<typeof garment>) => drawShoe({ id: 'one', garment: of, moves: [] });
const shapesOf = (of: ReturnType<typeof garment>) =>
	shown(of).layers.find(({ id }) => id === 'one')?.shapes ?? [];
const boxOf = (of: ReturnType<typeof garment>) =>
	extentOf(shapesOf(of)) ?? { left: 0, top: 0, right: 0, bottom: 0 };
const said = (type: string, facets: Partial<Record<FacetId, string>> = {}) => garment(type, ['navy'], facets);

describe('a shoe from its side', () => {
	it.each(footwear.map(({ id }) => id))('%s stands on the floor and is longer than it is broad', (type) => {
		const { left, right, bottom } = boxOf(said(type));
		const { landmarks } = shown(said(type));
		expect(bottom).toBeCloseTo(landmarks.floor, 0);
		expect(right - left).toBeGreaterThan(110);
		expect(right - left).toBeLessThan(200);
	});
	it('is whole whatever is said of it, and most of it is in its frame', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...footwear).chain(({ id }) => garmentArbitrary(id)),
				(of) => {
					const plate = shown(of);
					for (const { d } of plate.layers.flatMap(({ shapes }) => shapes)) {
						expect(d).toMatch(/^M/);
						expect(d).not.toMatch(/NaN|Infinity|undefined/);
					}
					const [x, y, width, height] = framingOf('feet', plate, 'one');
					const box = boxOf(of);
					expect(box.left).toBeGreaterThanOrEqual(x);
					expect(box.right).toBeLessThanOrEqual(x + width);
					expect(box.top).toBeGreaterThanOrEqual(y);
					expect(box.bottom).toBeLessThanOrEqual(y + height);
				}
			),
			{ numRuns: 200 }
		);
	});
	it.each<[FacetId, string, string[][]]>([
		['toe', 'court-shoes', [['open', 'peep']]],
		['heelHeight', 'court-shoes', []],
		['heelShape', 'court-shoes', [['block', 'platform']]],
		['sole', 'loafers', []],
		['shaft', 'boots', []],
		['heelHeight', 'heeled-sandals', []]
	])('tells any two values of %s of %s apart', (facet, type, alike) => {
		const first = new Map(alike.flatMap(([one = '', ...others]) => others.map((other) => [other, one])));
		const values = facetOf(facet).values.map(({ id }) => first.get(id) ?? id);
		const drawings = [...new Set(values)].map((value) =>
			JSON.stringify(shapesOf(said(type, { [facet]: value })))
		);
		expect(new Set(drawings).size).toBe(drawings.length);
	});
	it('ends in a point where it is pointed, sole and upper together, and bluntly where it is square', () => {
		/** How far apart lies what is drawn at the very tip. */
		const bluntness = (toe: string) => {
			const shoe = said('court-shoes', { toe });
			const { right } = boxOf(shoe);
			const atTip = shapesOf(shoe).flatMap(({ d }) =>
				[...d.matchAll(/(-?[\d.]+),(-?[\d.]+)/g)]
					.filter(([, x]) => Number(x) > right - 2)
					.map(([, , y]) => Number(y))
			);
			return Math.max(...atTip) - Math.min(...atTip);
		};
		expect(bluntness('pointed')).toBeLessThan(8);
		expect(bluntness('square')).toBeGreaterThan(bluntness('pointed') + 3);
	});
	it('has a strap where one is said, each in its place', () => {
		const straps = ['ankle-strap', 't-bar', 'mary-jane', 'strappy', 'slingback', 'mule'];
		const drawings = straps.map((strap) => JSON.stringify(shapesOf(said('court-shoes', { strap }))));
		expect(new Set([...drawings, JSON.stringify(shapesOf(said('court-shoes')))]).size).toBe(
			straps.length + 1
		);
	});
	it('is as high as its heel and its shaft are', () => {
		const top = (type: string, facets: Partial<Record<FacetId, string>>) => boxOf(said(type, facets)).top;
		const rising = (tops: number[]) => tops.slice(1).every((y, i) => y < (tops[i] ?? -Infinity));
		expect(
			rising(
				['flat', 'low', 'kitten', 'mid', 'high', 'very-high'].map((heelHeight) =>
					top('court-shoes', { heelHeight })
				)
			)
		).toBe(true);
		expect(rising(['ankle', 'mid-calf', 'knee', 'over-knee'].map((shaft) => top('boots', { shaft })))).toBe(
			true
		);
	});
	it('has a heel whose shape is told though its height is not', () => {
		expect(boxOf(said('sandals', { heelShape: 'block' })).top).toBeLessThan(boxOf(said('sandals')).top);
		expect(boxOf(said('sandals', { heelShape: 'flat' }))).toEqual(boxOf(said('sandals')));
	});
	it('has its laces, and has none unlaced', () => {
		const trainers = said('trainers');
		const count = (moves: readonly 'unlaced'[]) =>
			drawShoe({ id: 'one', garment: trainers, moves }).layers.flatMap(({ shapes }) => shapes).length;
		expect(count([])).toBeGreaterThan(count(['unlaced']));
	});
	it('takes its print, its texture and its colour', () => {
		const leopard = {
			...said('court-shoes'),
			print: { family: { value: 'leopard' as const, provenance: 'seen' as const } }
		};
		const { patterns } = shown(leopard);
		expect(patterns.some(({ id }) => id === 'print-one')).toBe(true);
		expect(JSON.stringify(shapesOf(leopard))).toContain('print-one');
	});
});
