import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import { facetOf, type FacetId } from '../lexicon/facets';
import type { MoveId } from '../lexicon/moves';
import { prints } from '../lexicon/prints';
import { slotIds, type SlotId } from '../lexicon/slots';
import { garmentTypes } from '../lexicon/taxonomy';
import { drawPlate } from './draw';
import { extentOf, type Extent } from './extent';
import { framingOf } from './framing';
import { plateSize } from './figure/figure';
import type { Landmarks, Plate, PlateBody } from './model';
import { wornAs } from './worn-as';

const plateOf = (type: string, facets: Partial<Record<FacetId, string>> = {}, body?: PlateBody): Plate =>
	drawPlate({ worn: [{ id: 'one', garment: garment(type, ['navy', 'ivory'], facets), moves: [] }] }, body);
const shapesIn = (plate: Plate) => plate.layers.find(({ id }) => id === 'one')?.shapes ?? [];
const boxOf = (type: string, facets: Partial<Record<FacetId, string>> = {}): Extent => {
	const box = extentOf(shapesIn(plateOf(type, facets)));
	if (!box) throw new Error(`${type} draws nothing`);
	return box;
};
const { landmarks } = drawPlate({ worn: [] });
const drawnTypes = garmentTypes.filter(({ draws }) => draws !== 'none');

/** Between which heights the middle of a thing of a slot lies, whatever it is. */
const lies: Partial<Record<SlotId, [from: keyof Landmarks, to: keyof Landmarks]>> = {
	head: ['crown', 'bust'],
	eyes: ['crown', 'chin'],
	ears: ['crown', 'shoulder'],
	neck: ['chin', 'hip'],
	top: ['chin', 'crotch'],
	waist: ['shoulder', 'crotch'],
	legs: ['waist', 'floor'],
	feet: ['knee', 'floor'],
	finger: ['waist', 'knee'],
	nails: ['waist', 'knee'],
	whole: ['shoulder', 'floor']
};

describe('each type is drawn where it is worn', () => {
	for (const [slot, [from, to]] of Object.entries(lies))
		it(`${slot}: between ${from} and ${to}`, () => {
			for (const { id } of drawnTypes.filter((type) => type.slot === slot)) {
				const plate = plateOf(id);
				const box = extentOf(shapesIn(plate));
				const middle = ((box?.top ?? NaN) + (box?.bottom ?? NaN)) / 2;
				// Hats rise above the crown.
				const top = slot === 'head' ? 0 : plate.landmarks[from];
				expect(middle, id).toBeGreaterThanOrEqual(top);
				expect(middle, id).toBeLessThanOrEqual(plate.landmarks[to] + 20);
			}
		});

	it.each([
		['drop-earrings', 'ears'],
		['gloves', 'hands'],
		['loafers', 'feet']
	])('%s come in pairs', (type) => {
		const box = boxOf(type);
		expect(box.left).toBeLessThan(0);
		expect(box.right).toBeGreaterThan(0);
	});
	it.each(['handbag', 'watch', 'bangle'])('a %s hangs on one side', (type) => {
		const { left, right } = boxOf(type);
		expect(Math.sign(left)).toBe(Math.sign(right));
	});
	it.each([
		['choker', 'long-beads'],
		['studs', 'chandelier-earrings'],
		['ankle-socks', 'knee-socks'],
		['ankle-boots', 'over-knee-boots']
	])('a %s reaches less far than %s', (short, long) => {
		const height = (type: string) => boxOf(type).bottom - boxOf(type).top;
		expect(height(short)).toBeLessThan(height(long));
	});
});

describe('what is drawn', () => {
	/** A body of any height, its girths known or not, and up to a half more or a quarter less than is usual at its height. */
	const usualShares = { bust: 0.55, waist: 0.45, hip: 0.58, shoulder: 0.23 };
	const measures = fc
		.record({
			stature: fc.option(fc.double({ min: 90, max: 230, noNaN: true }), { nil: undefined }),
			more: fc.record(
				Object.fromEntries(
					Object.keys(usualShares).map((id) => [
						id,
						fc.option(fc.double({ min: 0.75, max: 1.5, noNaN: true }), { nil: undefined })
					])
				)
			)
		})
		.map(({ stature, more }) => ({
			stature,
			...Object.fromEntries(
				Object.entries(usualShares).map(([id, share]) => [
					id,
					more[id] === undefined ? undefined : share * more[id] * (stature ?? 168)
				])
			)
		}));
	it('is whole and inside the plate on a body of any measures', () =>
		fc.assert(
			fc.property(measures, fc.constantFrom(...drawnTypes), (measurements, { id }) => {
				const plate = plateOf(id, {}, { measurements });
				for (const { d } of plate.layers.flatMap(({ shapes }) => shapes))
					expect(d).not.toMatch(/NaN|Infinity|undefined/);
				const box = extentOf(shapesIn(plate));
				expect(Math.max(Math.abs(box?.left ?? 0), Math.abs(box?.right ?? 0))).toBeLessThanOrEqual(
					plateSize.width / 2
				);
				expect(box?.bottom ?? 0).toBeLessThanOrEqual(plate.height);
			}),
			{ numRuns: 300 }
		));

	it('is whole whatever a type’s facets are', () =>
		fc.assert(
			fc.property(fc.constantFrom(...drawnTypes), fc.infiniteStream(fc.nat()), (type, picks) => {
				const facets = Object.fromEntries(
					type.facets.map((id) => {
						const { values } = facetOf(id);
						return [id, values[Number(picks.next().value) % values.length]?.id ?? ''];
					})
				);
				const { layers, patterns } = plateOf(type.id, facets);
				for (const { d } of [...layers, ...patterns].flatMap(({ shapes }) => shapes))
					expect(d, `${type.id} ${JSON.stringify(facets)}`).not.toMatch(/NaN|Infinity|undefined/);
			}),
			{ numRuns: 400 }
		));

	it('has its landmarks in their order on any body', () =>
		fc.assert(
			fc.property(measures, (measurements) => {
				const { landmarks: at } = drawPlate({ worn: [] }, { measurements });
				const order = [
					at.crown,
					at.chin,
					at.shoulder,
					at.bust,
					at.waist,
					at.hip,
					at.crotch,
					at.knee,
					at.ankle
				];
				expect(order).toEqual([...order].sort((a, b) => a - b));
			}),
			{ numRuns: 200 }
		));

	it('in a print repeats a tile of its own ground', () => {
		for (const { id } of prints.filter(({ id: family }) => family !== 'plain')) {
			const plate = drawPlate({
				worn: [
					{ id: 'one', garment: garment('blouse', ['#6a1a2c', '#ffffff'], {}, { print: id }), moves: [] }
				]
			});
			const [tile] = plate.patterns;
			expect(tile, id).toBeDefined();
			expect(tile?.width, id).toBeGreaterThan(0);
			expect(tile?.height, id).toBeGreaterThan(0);
			expect(tile?.background ?? tile?.shapes.length, id).toBeTruthy();
		}
	});
});

it('a body of which only the height is known is drawn in proportion', () => {
	const breadth = (stature: number) => {
		const { layers } = drawPlate({ worn: [] }, { measurements: { stature } });
		return extentOf(layers.flatMap(({ shapes }) => shapes))?.right ?? NaN;
	};
	for (const stature of [130, 150, 190]) expect(Math.abs(breadth(stature) - breadth(168))).toBeLessThan(2);
});

describe('a frame', () => {
	it('holds most of what it frames, for every type', () => {
		for (const { id, slot } of drawnTypes) {
			const plate = plateOf(id);
			const box = extentOf(shapesIn(plate));
			if (!box) continue;
			const [x, y, width, height] = framingOf(slot, plate, 'one');
			const seen =
				Math.max(0, Math.min(box.bottom, y + height) - Math.max(box.top, y)) /
				Math.max(1, box.bottom - box.top);
			expect(seen, id).toBeGreaterThan(0.3);
			expect(width, id).toBeGreaterThan(0);
			expect(x, id).toBeLessThan(box.right);
			expect(x + width, id).toBeGreaterThan(box.left);
		}
	});
	it('of a small thing is never so near that sizes can not be compared', () => {
		const frame = (size: string) => {
			const plate = plateOf('studs', { size });
			return framingOf('ears', plate, 'one')[2];
		};
		expect(frame('micro')).toBe(frame('small'));
	});
	it('has a place for each slot', () => {
		for (const slot of slotIds) expect(framingOf(slot, drawPlate({ worn: [] }))).toHaveLength(4);
	});
});

describe('worn as another', () => {
	const scarf = garment('scarf', ['red'], { material: 'silk' });
	it.each<[MoveId, string]>([
		['as-belt', 'sash'],
		['as-top', 'bandeau'],
		['as-headscarf', 'headscarf'],
		['as-skirt', 'sarong']
	])('a scarf %s is drawn as a %s, in its own colour', (move, type) => {
		const turned = wornAs(scarf, [move]);
		expect(turned.type).toBe(type);
		expect(turned.palette).toEqual(scarf.palette);
	});
	it('a shirt as a dress is a short one unless it says how long', () =>
		expect(wornAs(garment('shirt', ['white']), ['as-dress']).facets.hemLength?.value).toBe('mini'));
	it('is itself without such a move, and keeps only facets that the other can have', () => {
		expect(wornAs(scarf, ['tied-at-neck'])).toBe(scarf);
		const shirt = garment('shirt', ['white'], { sleeveLength: 'long', material: 'cotton' });
		expect(wornAs(shirt, ['as-belt']).facets).not.toHaveProperty('sleeveLength');
	});
});

it('a higher heel leaves the floor where it is and lifts the knee', () => {
	const flat = plateOf('court-shoes', { heelHeight: 'flat' });
	const high = plateOf('court-shoes', { heelHeight: 'very-high' });
	expect(high.landmarks.floor).toBe(flat.landmarks.floor);
	expect(high.landmarks.knee).toBeLessThan(landmarks.knee);
});
