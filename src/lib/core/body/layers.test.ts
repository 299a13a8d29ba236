import { describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import type { Garment } from '../model/garment';
import { inState, statesOf } from './layers';

const worn = (...types: string[]) => types.map((type) => ({ garment: garment(type, ['navy']) }));

describe('layers off', () => {
	const winter = worn('overcoat', 'blazer', 'jumper', 'jeans');
	const types = (of: { garment: Garment }[]) => of.map(({ garment: { type } }) => type);
	it('takes the coat off, then the jacket', () => {
		expect(types(inState(winter, 'everything on'))).toEqual(['overcoat', 'blazer', 'jumper', 'jeans']);
		expect(types(inState(winter, 'coat off'))).toEqual(['blazer', 'jumper', 'jeans']);
		expect(types(inState(winter, 'jacket off'))).toEqual(['jumper', 'jeans']);
	});
	it('leaves the trousers of a suit', () => {
		const [suit] = inState(
			[{ garment: garment('suit', ['navy'], { lapel: 'peak', leg: 'wide' }) }],
			'jacket off'
		);
		expect(suit?.garment.type).toBe('tailored-trousers');
		expect(Object.keys(suit?.garment.facets ?? {})).toEqual(['leg']);
	});
	it('offers only states that show something different', () => {
		expect(statesOf(winter)).toEqual(['everything on', 'coat off', 'jacket off']);
		expect(statesOf(worn('jumper'))).toEqual(['everything on']);
		expect(statesOf(worn('blazer'))).toEqual(['everything on', 'jacket off']);
	});
});
