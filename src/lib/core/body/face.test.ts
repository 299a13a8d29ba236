import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { element, garment, garmentArbitrary } from '../../../../tests/arbitraries';
import { makeClient } from '../../../../tests/records';
import type { Client } from '../model/client';
import { contrasts, undertones } from '../lexicon/brief';
import { rankCandidates } from '../matching/rank';
import { faceInWords, faceScore } from './face';

const client = (colouring: Client['colouring']) =>
	makeClient({ colouring, figure: { skin: 'fair', hair: 'brown', hairShape: 'bob' } });

describe('what stands next to the face', () => {
	it('suits by its warmth and by its contrast', () => {
		const warm = client({ undertone: 'warm' });
		expect(faceScore(warm, garment('blouse', ['rust']))).toBeGreaterThan(0);
		expect(faceScore(warm, garment('blouse', ['cornflower']))).toBeLessThan(0);
		expect(faceInWords(warm, garment('blouse', ['rust']))).toEqual(['warm by the face, as the skin']);
		const high = client({ contrast: 'high' });
		expect(faceScore(high, garment('blouse', ['black']))).toBeGreaterThan(
			faceScore(high, garment('blouse', ['ivory']))
		);
	});
	it('is nothing for what is worn elsewhere, nor where nothing is noted', () => {
		expect(faceScore(client({ undertone: 'warm', contrast: 'high' }), garment('loafers', ['rust']))).toBe(0);
		expect(faceScore(makeClient(), garment('blouse', ['rust']))).toBe(0);
	});
	it('lies between −1 and 1, and the opposite skin says the opposite', () =>
		fc.assert(
			fc.property(
				garmentArbitrary(),
				fc.constantFrom(...undertones),
				fc.constantFrom(...contrasts),
				(one, undertone, contrast) => {
					const score = faceScore(client({ undertone, contrast }), one);
					expect(Math.abs(score)).toBeLessThanOrEqual(1);
					if (undertone === 'neutral') return;
					const other = undertone === 'warm' ? 'cool' : 'warm';
					expect(faceScore(client({ undertone: other }), one)).toBeCloseTo(
						-faceScore(client({ undertone }), one),
						9
					);
				}
			)
		));
	it('breaks near ties in the tray and changes no closeness', () => {
		const asked = element(1, garment('blouse', ['white']));
		const blouses = [garment('blouse', ['powder blue']), garment('blouse', ['peach'])];
		const ranked = (face?: ReturnType<typeof client>) =>
			rankCandidates(asked, blouses, (one) => one, { face });
		const plain = ranked();
		const warm = ranked(client({ undertone: 'warm' }));
		const cool = ranked(client({ undertone: 'cool' }));
		for (const list of [warm, cool])
			expect(list.map(({ closeness }) => closeness.closeness).sort()).toEqual(
				plain.map(({ closeness }) => closeness.closeness).sort()
			);
	});
});
