import { describe, expect, it } from 'vitest';
import { element, garment } from '../../../../tests/arbitraries';
import { scoreLook } from '../closeness/look';
import { asWorn, forgivenIn, mistakesOf } from './mistakes';

/** Wide floor-length trousers over flat shoes: they trail. */
const trailing = {
	elements: [
		element(1, garment('shirt', ['white'], { fit: 'close' })),
		element(2, garment('wide-leg-trousers', ['black'], { legLength: 'floor' })),
		element(3, garment('ballet-flats', ['black'], { heelHeight: 'flat' }))
	]
};
const [shirt, trousers, flats] = asWorn(trailing.elements);
const higher = { ...flats!, garment: garment('ballet-flats', ['black'], { heelHeight: 'mid' }) };
const spirit = { schools: { closeness: 'spirit' as const } };
const worn = (...pieces: { id: string; garment: ReturnType<typeof garment> }[]) =>
	pieces.map(({ id, garment: of }) => ({
		elementId: id,
		state: 'items' as const,
		garments: [of],
		movesDone: []
	}));

describe('the reference’s own mistake', () => {
	it('is named', () => {
		expect(mistakesOf(trailing).map(({ rule }) => rule)).toEqual(['hem-and-heel']);
	});
	it('is not there in a look without one', () => {
		expect(mistakesOf({ elements: trailing.elements.slice(0, 2) })).toEqual([]);
	});
	it('is forgiven under the school of spirit: an echo that mends it loses nothing', () => {
		const mended = [shirt!, trousers!, higher];
		const forgiven = forgivenIn(trailing, spirit);
		expect(forgiven.get(higher.id)).toContain('heelHeight');
		const options = { schools: spirit.schools };
		expect(scoreLook(trailing, worn(...mended), options).score).toBeLessThan(100);
		expect(scoreLook(trailing, worn(...mended), { ...options, forgiven }).score).toBeCloseTo(100, 10);
	});
	it('is not forgiven under the other schools', () => {
		expect(forgivenIn(trailing).size).toBe(0);
		expect(forgivenIn(trailing, { schools: { closeness: 'piece-for-piece' } }).size).toBe(0);
	});
	it('makes no piece earn more or less by what else is worn', () => {
		const forgiven = forgivenIn(trailing, spirit);
		const earned = (...pieces: Parameters<typeof worn>) =>
			scoreLook(trailing, worn(...pieces), { ...spirit, forgiven }).elements.find(
				({ elementId }) => elementId === trousers!.id
			)?.earned;
		expect(earned(trousers!)).toBe(earned(shirt!, trousers!, flats!));
		expect(earned(trousers!, higher)).toBe(earned(trousers!));
	});
	it('forgives nothing but what the mistake was about', () => {
		const red = { ...higher, garment: garment('ballet-flats', ['red'], { heelHeight: 'mid' }) };
		const forgiven = forgivenIn(trailing, spirit);
		const { losses } = scoreLook(trailing, worn(shirt!, trousers!, red), {
			schools: spirit.schools,
			forgiven
		});
		expect(losses.some(({ aspect }) => aspect === 'palette')).toBe(true);
		expect(losses.some(({ aspect }) => aspect === 'heelHeight')).toBe(false);
	});
});
