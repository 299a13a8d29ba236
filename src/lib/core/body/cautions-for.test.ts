import { describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import { makeClient } from '../../../../tests/records';
import { cautionsFor } from './cautions';

describe('cautions for a client', () => {
	it('names a material that is avoided, and its kin for wool', () => {
		const client = makeClient({ avoidMaterials: ['wool'] });
		expect(cautionsFor(client, garment('jumper', ['navy'], { material: 'merino' }))).toHaveLength(1);
		expect(cautionsFor(client, garment('jumper', ['navy'], { material: 'cotton' }))).toEqual([]);
	});

	it('asks to check metal for a nickel allergy', () => {
		const client = makeClient({ allergies: ['nickel'] });
		expect(cautionsFor(client, garment('hoops', [], {}, { metal: 'gold' }))[0]).toMatchObject({
			kind: 'look',
			words: expect.stringMatching(/label/)
		});
		expect(cautionsFor(client, garment('hoops', [], {}, { metal: 'steel' }))[0]).toMatchObject({
			kind: 'likely'
		});
		expect(cautionsFor(client, garment('blouse', ['ivory']))).toEqual([]);
	});

	it('holds heels against the limit', () => {
		const client = makeClient({ limits: { never: [], maxHeelCm: 5 } });
		expect(cautionsFor(client, garment('stilettos', ['black'], { heelHeight: 'high' }))[0]?.words).toMatch(
			/limit of 5 cm/
		);
		expect(cautionsFor(client, garment('kitten-heels', ['black'], { heelHeight: 'kitten' }))).toEqual([]);
	});
});
