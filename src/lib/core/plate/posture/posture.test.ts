import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garment, garmentArbitrary } from '../../../../../tests/arbitraries';
import { garmentTypes } from '../../lexicon/taxonomy';
import { drawPlate, hemLines, type Plate, type PlateShape, type Posture } from '..';
import { extentOf } from '../extent';
import { bent } from './bend';
import { posed, posedHems } from '.';

const worn = (...garments: ReturnType<typeof garment>[]) => ({
	worn: garments.map((one, i) => ({ id: `g${i}`, garment: one, moves: [] }))
});
const seenIn = (look: ReturnType<typeof worn>, posture: Posture, from: 'front' | 'behind' = 'front') =>
	posed(drawPlate(look, {}, from, posture), posture);
/** The box round shapes as they run, without the handles of their curves. */
const boxOf = (shapes: readonly PlateShape[]) =>
	extentOf(shapes.map(({ d }) => ({ d: bent(d, (point) => point) }))) ?? {
		left: NaN,
		top: NaN,
		right: NaN,
		bottom: NaN
	};
const extentIn = (plate: Plate, id: string) =>
	boxOf(plate.layers.filter((layer) => layer.id === id).flatMap(({ shapes }) => shapes));
const moving = ['sitting', 'walking'] as const;

describe('paths that are bent', () => {
	it('stay where they are under a bend that moves nothing, curves and arcs included', () => {
		const d = 'M-10,0L10,0C30,10 30,50 10,60Q0,66 -10,60ZM40,10a5,8 0 1,0 10,0a5,8 0 1,0 -10,0Z';
		const box = extentOf([{ d: bent(d, (point) => point) }]);
		// The curve bulges to 25 between its ends at 10, its handles at 30: x = 10 + 3/4 of 20 at the middle.
		expect(box?.left).toBe(-10);
		expect(box?.right).toBeCloseTo(50, 1);
		expect(box?.top).toBe(0);
		expect(box?.bottom).toBeCloseTo(63, 0);
	});
	it('are carried whole by a bend that moves all alike', () => {
		const box = extentOf([{ d: bent('M0,0L100,0L100,40L0,40Z', ([x, y]) => [x + 7, y - 5]) }]);
		expect(box).toEqual({ left: 7, top: -5, right: 107, bottom: 35 });
	});
	it('show a bend inside a straight line', () => {
		const folded = bent('M0,0L0,100', ([x, y]) => [x + Math.max(0, y - 50), y]);
		expect(extentOf([{ d: folded }])?.right).toBe(50);
		expect(folded.split('L').length).toBeGreaterThan(5);
	});
});

describe('a look in a posture', () => {
	it('is as drawn while standing', () => {
		const plate = drawPlate(worn(garment('shirt', ['navy'])));
		expect(posed(plate, 'standing')).toBe(plate);
	});
	it('has the same layers, cloths and shapes, whole and on the plate, whatever is worn, from either side', () => {
		fc.assert(
			fc.property(
				fc.array(garmentArbitrary(), { minLength: 1, maxLength: 3 }),
				fc.constantFrom(...moving),
				fc.constantFrom('front', 'behind'),
				(garments, posture, from) => {
					const look = worn(...garments);
					const hung = drawPlate(look, {}, from, posture);
					const plate = posed(hung, posture);
					const seats = plate.layers.filter(({ id }) => id === 'seat');
					expect(seats.length).toBe(posture === 'sitting' ? 1 : 0);
					const layers = plate.layers.filter(({ id }) => id !== 'seat');
					expect(layers.map(({ id, shapes }) => [id, shapes.length])).toEqual(
						hung.layers.map(({ id, shapes }) => [id, shapes.length])
					);
					expect(plate.patterns).toBe(hung.patterns);
					const drawn = hung.layers.flatMap(({ shapes }) => shapes);
					layers
						.flatMap(({ shapes }) => shapes)
						.forEach(({ d }, i) => {
							expect(d.slice(0, 1)).toBe(drawn[i]?.d.slice(0, 1));
							expect(d).not.toMatch(/NaN|Infinity|undefined/);
						});
					const all = extentOf(layers.flatMap(({ shapes }) => shapes));
					expect(all?.left).toBeGreaterThanOrEqual(-plate.width / 2 - 40);
					expect(all?.right).toBeLessThanOrEqual(plate.width / 2 + 40);
					expect(all?.bottom).toBeLessThanOrEqual(plate.height + 20);
				}
			),
			{ numRuns: 60 }
		);
	});

	it('is whole on a body of any measures', () => {
		const cm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
		fc.assert(
			fc.property(
				fc.record({ stature: cm(140, 205), bust: cm(76, 140), waist: cm(58, 130), hip: cm(80, 150) }),
				fc.constantFrom(...moving),
				(measurements, posture) => {
					const look = worn(garment('trouser-suit', ['navy']), garment('court-shoes', ['black']));
					const plate = posed(drawPlate(look, { measurements }, 'front', posture), posture);
					const box = boxOf(plate.layers.flatMap(({ shapes }) => shapes));
					expect(box.left).toBeGreaterThanOrEqual(-plate.width / 2);
					expect(box.right).toBeLessThanOrEqual(plate.width / 2);
					expect(box.bottom).toBeLessThanOrEqual(plate.height + 10);
					// Both feet stay on their own side.
					const feet = plate.layers.find(({ id }) => id === 'g1')?.shapes ?? [];
					for (const shape of feet) {
						const { left, right } = boxOf([shape]);
						expect(left * right, JSON.stringify([left, right])).toBeGreaterThanOrEqual(-40);
					}
				}
			),
			{ numRuns: 60 }
		);
	});
	it('sitting, has the head lower by the same as the waist, and the feet where they were', () => {
		const look = worn(garment('shirt', ['navy']), garment('court-shoes', ['black']));
		const [stands, sits] = [seenIn(look, 'standing'), seenIn(look, 'sitting')];
		const lower = extentIn(sits, 'head').top - extentIn(stands, 'head').top;
		expect(lower).toBeGreaterThan(80);
		expect(extentIn(sits, 'head').bottom - extentIn(stands, 'head').bottom).toBeCloseTo(lower, 0);
		expect(extentIn(sits, 'g1').bottom).toBe(extentIn(stands, 'g1').bottom);
	});
	it('sitting, shows more leg under a narrow skirt than under a wide one of the same length', () => {
		const rise = (skirtShape: string) => {
			const look = worn(garment('skirt', ['navy'], { skirtShape, hemLength: 'knee' }));
			return extentIn(seenIn(look, 'standing'), 'g0').bottom - extentIn(seenIn(look, 'sitting'), 'g0').bottom;
		};
		expect(rise('pencil')).toBeGreaterThan(rise('circle') + 5);
		expect(Math.abs(rise('circle'))).toBeLessThan(10);
	});
	it('leaves a hem at the floor there, sitting', () => {
		const look = worn(garment('evening-gown', ['navy'], { hemLength: 'floor' }));
		expect(extentIn(seenIn(look, 'sitting'), 'g0').bottom).toBeCloseTo(
			extentIn(seenIn(look, 'standing'), 'g0').bottom,
			0
		);
	});
	it('parts a slit that hangs closed while standing', () => {
		const gown = garment('evening-gown', ['navy'], { hemDetail: 'slit', hemLength: 'floor' });
		const skinIn = (posture: Posture) => {
			const plate = drawPlate(worn(gown), {}, 'front', posture);
			const layer = plate.layers.find(({ id }) => id === 'g0');
			const skin = plate.layers.find(({ id }) => id === 'figure')?.shapes[0]?.fill;
			const slit = extentOf(
				(layer?.shapes ?? []).filter(({ fill }) => JSON.stringify(fill) === JSON.stringify(skin))
			);
			return (slit?.right ?? 0) - (slit?.left ?? 0);
		};
		expect(skinIn('standing')).toBeGreaterThan(0);
		for (const posture of moving) expect(skinIn(posture)).toBeGreaterThan(skinIn('standing') * 1.3);
	});

	it('walking, sets one foot before the other, closer in a skirt that holds the knees', () => {
		const feet = (...under: ReturnType<typeof garment>[]) => {
			const plate = seenIn(worn(garment('court-shoes', ['black']), ...under), 'walking');
			const shapes = plate.layers.find(({ id }) => id === 'g0')?.shapes ?? [];
			const lowest = (side: 1 | -1) =>
				Math.max(
					...shapes.flatMap((shape) => {
						const box = extentOf([shape]);
						return box && (box.left + box.right) * side > 0 ? [box.bottom] : [];
					})
				);
			return lowest(1) - lowest(-1);
		};
		const free = feet();
		expect(free).toBeGreaterThan(20);
		const held = feet(garment('skirt', ['navy'], { skirtShape: 'pencil', hemLength: 'midi' }));
		expect(held).toBeGreaterThan(5);
		expect(held).toBeLessThan(free * 0.7);
		const slit = { skirtShape: 'pencil', hemLength: 'midi', hemDetail: 'slit' };
		expect(feet(garment('skirt', ['navy'], slit))).toBe(free);
	});
	it('keeps the hem of a skirt in one piece where the legs under it part', () => {
		const skirt = garment('skirt', ['navy'], { skirtShape: 'a-line', hemLength: 'midi' });
		const plate = seenIn(worn(skirt), 'walking');
		const [outline] = plate.layers.find(({ id }) => id === 'g0')?.shapes ?? [];
		const points = (outline?.d.match(/-?[\d.]+,-?[\d.]+/g) ?? []).map((at) => at.split(',').map(Number));
		const steepest = Math.max(
			...points.slice(1).map(([x = 0, y = 0], i) => {
				const [beforeX = 0, beforeY = 0] = points[i] ?? [];
				// Along the hem only: what runs across more than down.
				return Math.abs(x - beforeX) > Math.abs(y - beforeY) ? Math.abs((y - beforeY) / (x - beforeX)) : 0;
			})
		);
		expect(steepest).toBeLessThan(0.5);
	});

	it('keeps the form of every bag, with its shoulder or in its hand', () => {
		for (const { id } of garmentTypes.filter(({ slot }) => slot === 'bag'))
			for (const posture of moving) {
				const look = worn(garment(id, ['navy']));
				const [stands, moves] = [
					extentIn(seenIn(look, 'standing'), 'g0'),
					extentIn(seenIn(look, posture), 'g0')
				];
				expect(moves.right - moves.left, `${id} ${posture}`).toBeCloseTo(stands.right - stands.left, 0);
				expect(moves.bottom - moves.top, `${id} ${posture}`).toBeCloseTo(stands.bottom - stands.top, 0);
			}
	});
	it('lowers glove and hand alike', () => {
		const look = worn(garment('gloves', ['black']));
		for (const posture of moving) {
			const plate = seenIn(look, posture);
			const glove = extentIn(plate, 'g0');
			const beside = (shape: PlateShape) => {
				const { left, right, top, bottom } = boxOf([shape]);
				return Math.abs(left + right) > 200 && top > plate.landmarks.elbow && bottom < plate.landmarks.knee;
			};
			const figure = plate.layers.find(({ id }) => id === 'figure')?.shapes ?? [];
			const hand = boxOf(figure.filter(beside));
			expect(Math.abs(hand.bottom - glove.bottom), posture).toBeLessThan(12);
		}
	});

	it('marks hems where they are then', () => {
		const look = worn(
			garment('skirt', ['navy'], { skirtShape: 'circle', hemLength: 'midi' }),
			garment('blazer', ['black'])
		);
		const standing = drawPlate(look);
		const lines = hemLines(look, standing);
		expect(posedHems(lines, standing, 'standing')).toEqual(lines);
		const [blazer, skirt] = posedHems(lines, standing, 'sitting');
		expect(blazer?.words).toBe(lines[0]?.words);
		expect((blazer?.y ?? 0) - (lines[0]?.y ?? 0)).toBeGreaterThan(80);
		expect(skirt?.y).toBe(lines[1]?.y);
	});
});
