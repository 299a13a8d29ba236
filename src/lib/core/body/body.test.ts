import { describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import { makeClient, makeListing, makeShop } from '../../../../tests/records';
import { cautionsFor } from './cautions';
import { bestSize } from './sizes';

describe('which size suits', () => {
	const shop = makeShop(1);
	const skirt = makeListing(1, garment('skirt', ['black']), 1000);
	const blouse = makeListing(2, garment('blouse', ['ivory']), 1000);

	it('goes by the hip for bottoms and by the bust above', () => {
		const client = makeClient({ measurements: { bust: 92, hip: 95 } });
		expect(bestSize(client, skirt, shop)).toEqual({ state: 'suits', label: 'S' });
		expect(bestSize(client, blouse, shop)).toEqual({ state: 'sold-out', label: 'M' });
	});

	it('belongs to the row that begins at the measure', () => {
		expect(bestSize(makeClient({ measurements: { hip: 98 } }), skirt, shop)).toEqual({
			state: 'sold-out',
			label: 'M'
		});
	});

	it('says what is missing, and when nothing fits', () => {
		expect(bestSize(makeClient(), skirt, shop)).toEqual({ state: 'unknown', missing: 'hip' });
		expect(bestSize(makeClient({ measurements: { hip: 140 } }), skirt, shop)).toEqual({ state: 'none' });
	});

	it('knows things of one size', () => {
		const bag = makeListing(3, garment('handbag', ['black']), 1000, {
			sizes: [{ label: 'one size', inStock: 1 }]
		});
		expect(bestSize(makeClient(), bag, shop)).toEqual({ state: 'one-size', label: 'one size' });
	});
});

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
