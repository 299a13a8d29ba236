import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { heights } from '../body/heights';
import type { BodyMarks } from '../model/photo';
import { bodyScale } from './body-marks';
import { expectedSpot } from './expected-spot';
import { frameStands, placedIn, poseAdvice, stoodOn } from './side-by-side';

/** Marks of a body that stands upright on a picture: from where, how tall, how far its shoulder is aside, and how its arm hangs. */
function marksOf({ top = 0.08, tall = 0.84, middle = 0.5, aside = 0.12, bent = false } = {}): BodyMarks {
	const at = (height: number, x = middle) => ({ x, y: top + (1 - height) * tall });
	const shoulder = middle + aside * tall;
	return {
		crown: at(1),
		shoulder: at(heights.shoulder, shoulder),
		elbow: at(heights.elbow, shoulder),
		wrist: bent ? at(heights.elbow, shoulder + 0.14 * tall) : at(heights.wrist, shoulder),
		waist: at(heights.waist),
		crotch: at(heights.crotch),
		knee: at(heights.knee),
		ankle: at(heights.ankle)
	};
}
const square = { width: 1000, height: 1000 };
const advised = (marks: BodyMarks | undefined, reference?: BodyMarks) =>
	poseAdvice({ marks, ...square }, reference && { marks: reference, ...square });

describe('two pictures at one scale', () => {
	it('stand with crown and floor at the same heights of the frame, midway between its sides (generated)', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 0.02, max: 0.2, noNaN: true }),
				fc.double({ min: 0.3, max: 0.75, noNaN: true }),
				fc.double({ min: 0.3, max: 0.7, noNaN: true }),
				fc.integer({ min: 300, max: 4000 }),
				fc.integer({ min: 300, max: 4000 }),
				fc.double({ min: 0.4, max: 1.6, noNaN: true }),
				(top, tall, middle, width, height, frame) => {
					const stood = stoodOn(marksOf({ top, tall, middle, aside: 0 }), { width, height });
					const place = placedIn(stood, frame);
					const yOf = (y: number) => place.top + (y / height) * place.height;
					const xOf = (x: number) => place.left + (x / width) * place.width;
					expect(yOf(stood.crown.y)).toBeCloseTo(frameStands.crown, 6);
					expect(yOf(stood.floor.y)).toBeCloseTo(frameStands.floor, 6);
					expect((xOf(stood.crown.x) + xOf(stood.floor.x)) / 2).toBeCloseTo(0.5, 6);
					// Nothing is squeezed.
					expect((place.width * frame) / place.height).toBeCloseTo(width / height, 6);
				}
			)
		));
	it('without marks the picture is taken to be filled by the body', () => {
		const { crown, floor } = stoodOn(undefined, square);
		expect([crown.y, floor.y]).toEqual([50, 950]);
	});
});

describe('what to say to whoever stands before the camera', () => {
	it('is nothing where the pose is the reference’s', () => {
		expect(advised(marksOf(), marksOf({ top: 0.15, tall: 0.6 }))).toEqual([]);
	});
	it('tells shoes and head that are cut off, a look that fills little, and no body at all', () => {
		expect(advised(marksOf({ top: 0.3, tall: 0.84 }))).toEqual(['shoes-in']);
		expect(advised(marksOf({ tall: 0.4, top: 0.3 }))).toEqual(['come-closer']);
		expect(advised(undefined)).toEqual(['no-body']);
		const { crown: _crown, ...headless } = marksOf({ top: -0.1, tall: 0.9 });
		expect(advised(headless)).toEqual(['head-in']);
	});
	it('tells a turn, the other side and a bent arm beside the reference', () => {
		expect(advised(marksOf({ aside: 0.06 }), marksOf())).toEqual(['turn-less']);
		expect(advised(marksOf(), marksOf({ aside: 0.06 }))).toEqual(['turn-more']);
		expect(advised(marksOf({ aside: -0.12 }), marksOf())).toEqual(['other-arm']);
		expect(advised(marksOf(), marksOf({ bent: true }))).toEqual(['arm-bent']);
		expect(advised(marksOf({ bent: true }), marksOf())).toEqual(['arm-straight']);
	});
	it('tells a body that leans', () => {
		const marks = Object.fromEntries(
			Object.entries(marksOf()).map(([id, { x, y }]) => [id, { x: x + 0.2 * (y - 0.5), y }])
		);
		expect(advised(marks)).toEqual(['stand-straight']);
	});
});

it('things are looked for where they are worn: shoes at the floor, a hat at the crown, legs beside the middle', () => {
	const body = bodyScale(marksOf(), square)!;
	const shoes = expectedSpot('feet', body)!;
	expect(body.placeOf(shoes.x, shoes.y).height).toBeLessThan(heights.ankle);
	expect(expectedSpot('head', body)!.y).toBeLessThan(body.middleAt(heights.eye).y);
	expect(expectedSpot('legs', body)!.x).toBeGreaterThan(500);
	expect(expectedSpot('bag', body)).toBeUndefined();
});
