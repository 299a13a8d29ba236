import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { element, elementsArbitrary, garment, garmentArbitrary } from '../../../../tests/arbitraries';
import { closenessSchools, type Schools } from '../lexicon/schools';
import type { Garment } from '../model/garment';
import { scoreLook, type Worn } from './look';
import { closenessOf } from './piece';

const schools = Object.keys(closenessSchools) as Schools['closeness'][];
const wear = (elementId: string, one: Garment): Worn => ({
	elementId,
	state: 'items',
	garments: [one],
	movesDone: []
});

describe.each(schools)('under the school %s', (closeness) => {
	const options = { schools: { closeness } };

	it('an exact copy scores 100 and losses add up', () => {
		fc.assert(
			fc.property(elementsArbitrary, garmentArbitrary(), (elements, other) => {
				const copy = elements.map((one) => ({ ...wear(one.id, one.garment), movesDone: one.moves }));
				expect(scoreLook({ elements }, copy, options).score).toBeCloseTo(100, 6);
				const worse = copy.map((entry, i) => (i === 0 ? wear(entry.elementId, other) : entry));
				const { score, losses } = scoreLook({ elements }, worse, options);
				expect(losses.reduce((sum, { points }) => sum + points, 0)).toBeCloseTo(100 - score, 6);
			}),
			{ numRuns: 40 }
		);
	});

	it('no school turns the order of a better and a worse colour around', () => {
		const asked = element(1, garment('dress', ['navy']));
		const near = closenessOf(asked, garment('dress', ['midnight']), options).closeness;
		const far = closenessOf(asked, garment('dress', ['lemon']), options).closeness;
		expect(near).toBeGreaterThan(far);
	});
});

describe('what a school changes', () => {
	const reference = {
		elements: [
			element(1, garment('dress', ['wine'], { hemLength: 'midi', skirtShape: 'circle', fit: 'tailored' }), {
				role: 'hero'
			}),
			element(2, garment('court-shoes', ['wine'], { heelHeight: 'mid' }))
		]
	};
	const shoes = wear(reference.elements[1]!.id, garment('court-shoes', ['wine'], { heelHeight: 'mid' }));
	const rightShape = wear(
		reference.elements[0]!.id,
		garment('dress', ['fern'], { hemLength: 'midi', skirtShape: 'circle', fit: 'tailored' })
	);
	const rightColour = wear(
		reference.elements[0]!.id,
		garment('dress', ['wine'], { hemLength: 'mini', skirtShape: 'pencil', fit: 'oversized' })
	);
	const scoreOf = (worn: Worn, closeness: Schools['closeness']) =>
		scoreLook(reference, [worn, shoes], { schools: { closeness } }).score;

	it('colour first prefers the right colour, shape first the right shape', () => {
		expect(scoreOf(rightColour, 'colour-first')).toBeGreaterThan(scoreOf(rightShape, 'colour-first'));
		expect(scoreOf(rightShape, 'shape-first')).toBeGreaterThan(scoreOf(rightColour, 'shape-first'));
	});

	it('repeating colours exactly has no mercy for a related one', () => {
		const asked = element(1, garment('blazer', ['navy']));
		const related = garment('blazer', ['mid denim']);
		expect(closenessOf(asked, related, { schools: { colours: 'repeat-exactly' } }).closeness).toBeLessThan(
			closenessOf(asked, related).closeness
		);
	});

	it('the same settings give the same score, whatever else is set', () => {
		const plain = scoreLook(reference, [rightShape, shoes]).score;
		expect(
			scoreLook(reference, [rightShape, shoes], { schools: { metals: 'mix-freely', logos: 'never' } }).score
		).toBe(plain);
		expect(
			scoreLook(reference, [rightShape, shoes], { schools: { closeness: 'piece-for-piece' } }).score
		).toBe(plain);
	});
});
