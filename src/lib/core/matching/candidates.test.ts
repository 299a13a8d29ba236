import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { element, elementArbitrary, garment, garmentArbitrary } from '../../../../tests/arbitraries';
import { makeClient, makeListing, makePiece, makeReference, makeShop, uuid } from '../../../../tests/records';
import { candidatesFor, cautionsOf, isWearable } from './candidates';
import { scoringOf } from './score-echo';
import { scoreLook } from '../closeness/look';

const coat = element(1, garment('overcoat', ['camel'], { material: 'wool' }));
const shoes = element(2, garment('court-shoes', ['black']));
const reference = makeReference([coat, shoes]);
const client = makeClient({
	measurements: { bust: 94, hip: 100, foot: 23.9 },
	avoidMaterials: ['wool'],
	coloursRefused: ['red'],
	limits: { never: ['polka dots'], maxHeelCm: 5 }
});
const pieces = [
	makePiece(1, garment('overcoat', ['camel'], { material: 'wool' }), { name: 'Wool coat' }),
	makePiece(2, garment('overcoat', ['camel'], { material: 'cotton' }), { name: 'Cotton coat' }),
	makePiece(3, garment('overcoat', ['camel'], {}, { print: 'polka-dot' }), { name: 'Spotted coat' }),
	makePiece(4, garment('overcoat', ['red']), { name: 'Red coat' }),
	makePiece(5, garment('court-shoes', ['black'], { heelHeight: 'high' }), { name: 'High courts' }),
	makePiece(6, garment('overcoat', ['camel']), { name: 'Coat that is away', state: 'away' })
];
const shop = makeShop(1);
const listing = (n: number, sizes: { label: string; inStock: number }[]) =>
	makeListing(n, garment('overcoat', ['camel'], { material: 'cotton' }), 4000 + n, {
		shopId: shop.id,
		sizes
	});
const inSize = listing(1, [{ label: 'M', inStock: 1 }]);
const soldOut = listing(2, [{ label: 'M', inStock: 0 }]);
const tooSmall = listing(3, [{ label: 'S', inStock: 3 }]);
const market = {
	simulated: true,
	shops: [shop],
	matches: [
		{
			elementId: coat.id,
			// A listing that the shops send twice is one card.
			listings: [tooSmall, soldOut, inSize, inSize].map((one) => ({ listing: one, closeness: 0.9 }))
		}
	]
};
const scoring = scoringOf(reference, {}, client);
const candidates = candidatesFor({ reference, client, pieces, market, scoring, seenOn: '2026-01-02' });

describe('candidates', () => {
	it('are owned, turned and for sale, each once; what is away stays out', () => {
		const { owned, listed } = candidates.for(coat);
		expect(owned.map(({ title }) => title).sort()).toEqual([
			'Cotton coat',
			'Red coat',
			'Spotted coat',
			'Wool coat'
		]);
		expect(listed.map(({ key }) => key).sort()).toEqual([inSize.id, soldOut.id, tooSmall.id].sort());
		expect(new Set(listed.map(({ key }) => key)).size).toBe(listed.length);
	});

	it('without a size rank below those with one', () => {
		expect(candidates.for(coat).listed[0]?.key).toBe(inSize.id);
	});

	it('say what speaks against them: material, colour, limits in words, heels', () => {
		const said = Object.fromEntries(
			[...candidates.for(coat).owned, ...candidates.for(shoes).owned].map((one) => [
				one.title,
				cautionsOf(one, client).join('; ')
			])
		);
		expect(said['Wool coat']).toMatch(/avoids wool/);
		expect(said['Red coat']).toMatch(/refuses/);
		expect(said['Spotted coat']).toMatch(/never: polka dots/);
		expect(said['High courts']).toMatch(/over the limit of 5 cm/);
		expect(said['Cotton coat']).toBe('');
	});

	it('are offered only where the client may wear them and can have them in their size', () => {
		expect(candidates.offers(coat.id).map(({ title }) => title)).toEqual(['Cotton coat', inSize.title]);
		expect(candidates.offers(shoes.id)).toEqual([]);
		for (const one of candidates.for(coat).listed)
			expect(isWearable(one, client)).toBe(one.key === inSize.id);
	});

	it('earn what the score then says', () => {
		for (const offer of candidates.offers(coat.id)) {
			const worn = [
				{ elementId: coat.id, state: 'items' as const, garments: [offer.garment], movesDone: [] }
			];
			expect(scoreLook(reference, worn, scoring).score).toBeCloseTo(offer.earned, 9);
		}
	});

	it('offered are those that earn most, as if all had been scored: a law over rails', () => {
		fc.assert(
			fc.property(
				fc.array(garmentArbitrary('overcoat'), { minLength: 30, maxLength: 60 }),
				elementArbitrary,
				(coats, asked) => {
					const look = makeReference([
						{ ...coat, garment: { ...coat.garment, facets: {} } },
						{
							...asked,
							id: uuid(9001),
							garment: { ...asked.garment, type: 'overcoat', facets: {} },
							signature: []
						}
					]);
					const free = makeClient();
					const rail = coats.map((one, i) => makePiece(i + 1, one));
					const by = scoringOf(look, {}, free);
					const made = candidatesFor({
						reference: look,
						client: free,
						pieces: rail,
						scoring: by,
						seenOn: '2026-01-02'
					});
					for (const { id, moves } of look.elements) {
						const plain = coats
							.map(
								(one) =>
									scoreLook(
										look,
										[{ elementId: id, state: 'items', garments: [one], movesDone: moves }],
										by
									).elements.find(({ elementId }) => elementId === id)!.earned
							)
							.sort((a, b) => b - a)
							.slice(0, 24);
						// What a coat could be altered into stands beside what it is.
						const asTheyAre = made.offers(id).filter(({ item }) => item.source === 'piece' && !item.becomes);
						expect(asTheyAre.map(({ earned }) => earned)).toEqual(plain);
					}
				}
			),
			{ numRuns: 20 }
		);
	});

	it('of an element that the look does not have are none', () => {
		expect(candidates.offers(uuid(77))).toEqual([]);
	});
});
