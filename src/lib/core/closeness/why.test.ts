import { describe, expect, it } from 'vitest';
import { element, garment } from '../../../../tests/arbitraries';
import { scoreLook } from './look';
import { movedBetween } from './moved';
import { closenessOf } from './piece';
import { whyFigure } from './why';

const asked = element(1, garment('court-shoes', ['red'], { heelHeight: 'high', toe: 'pointed' }), {
	signature: ['palette']
});
const given = garment('court-shoes', ['black'], { heelHeight: 'mid' });

describe('why a figure is what it is', () => {
	const closeness = closenessOf(asked, given);
	const rows = whyFigure(asked, given, closeness);
	it('opens every facet that was compared', () => {
		expect(rows.map(({ aspect }) => aspect).sort()).toEqual(['colour', 'garment', 'heel height', 'toe']);
	});
	it('adds up to what is lost before the signature’s cap', () => {
		const lost = rows.reduce((sum, row) => sum + row.lost, 0);
		expect(1 - lost - closeness.signatureLoss).toBeCloseTo(closeness.closeness, 10);
	});
	it('says what was asked, what is there and what is not noted, the costliest first', () => {
		expect(rows[0]).toMatchObject({ aspect: 'colour', asked: 'red', given: 'black', signature: true });
		expect(rows.find(({ aspect }) => aspect === 'toe')).toMatchObject({
			status: 'unstated',
			given: '',
			words: 'toe not noted'
		});
		expect([...rows].sort((a, b) => b.lost - a.lost)[0]).toBe(rows[0]);
	});
});

describe('what moved between two schools', () => {
	const look = { elements: [asked, element(2, garment('skirt', ['navy'], { fit: 'close' }))] };
	const worn = [
		{ elementId: asked.id, state: 'items' as const, garments: [given], movesDone: [] },
		{
			elementId: look.elements[1]!.id,
			state: 'items' as const,
			garments: [garment('skirt', ['navy'], { fit: 'oversized' })],
			movesDone: []
		}
	];
	const plain = scoreLook(look, worn);
	const colour = scoreLook(look, worn, { schools: { closeness: 'colour-first' } });
	it('is told element by element, and adds up to the difference of the scores', () => {
		const moved = movedBetween(plain, colour, look.elements, 0);
		expect(moved.reduce((sum, { points }) => sum + points, 0)).toBeCloseTo(colour.score - plain.score, 8);
		expect(moved.every(({ words }) => words !== '')).toBe(true);
	});
	it('names what costs more or less', () => {
		const [first] = movedBetween(plain, colour, look.elements, 0);
		expect(first?.words).toMatch(/(costs|holds) \d+\.\d instead of \d+\.\d points/);
	});
	it('is nothing between the same scores', () => {
		expect(movedBetween(plain, plain, look.elements)).toEqual([]);
	});
});
