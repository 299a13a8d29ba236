import { describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import type { MoveId } from '../lexicon/moves';
import { drawPlate } from './draw';
import { hemLines } from './lengths';

const look = (...worn: [id: string, type: string, facets?: Record<string, string>, moves?: MoveId[]][]) => ({
	worn: worn.map(([id, type, facets = {}, moves = []]) => ({
		id,
		garment: garment(type, ['navy'], facets),
		moves
	}))
});
const hemsOf = (...worn: Parameters<typeof look>) => {
	const one = look(...worn);
	return hemLines(one, drawPlate(one));
};

describe('hem lines', () => {
	it.each([
		['pencil-skirt', { hemLength: 'knee' }, 'at the knee'],
		['pencil-skirt', { hemLength: 'floor' }, 'at the floor'],
		['t-shirt', { topLength: 'hip' }, 'at the hip'],
		['blazer', { topLength: 'hip' }, 'at the hip'],
		['pencil-skirt', { hemLength: 'midi' }, 'at mid-calf']
	])('a %s with %o falls %s', (type, facets, words) => {
		expect(hemsOf(['one', type, facets])[0]?.words).toBe(words);
	});
	it('say above and below', () => {
		expect(hemsOf(['one', 'pencil-skirt', { hemLength: 'above-knee' }])[0]?.words).toBe('above the knee');
	});
	it('are given from the highest down, without what is tucked in or has no hem', () => {
		const hems = hemsOf(
			['skirt', 'pencil-skirt', { hemLength: 'knee' }],
			['shirt', 'shirt', {}, ['tucked']],
			['jacket', 'blazer', { topLength: 'hip' }],
			['bag', 'handbag']
		);
		expect(hems.map(({ id }) => id)).toEqual(['jacket', 'skirt']);
	});
});
