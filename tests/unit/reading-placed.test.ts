import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readLook } from '../../src/lib/core';
import { hexesOf, someOf } from '../read';

const only = (text: string) => {
	const { elements, things } = readLook(text);
	expect(things, text).toEqual([]);
	expect(elements, text).toHaveLength(1);
	return elements[0]!;
};
const runs = { numRuns: 120 };

describe('what is put on a part of a garment', () => {
	const garments = ['dress', 'coat', 'jacket', 'blouse', 'cardigan', 'kurta', 'jumpsuit'];
	const cloths = ['leather', 'velvet', 'suede', 'corduroy', 'fur', 'feathers', 'sequins', 'satin'];
	const places = [
		'at the cuffs',
		'on the cuffs',
		'at the collar',
		'on the pockets',
		'at the elbows',
		'at the wrists',
		'on the sleeves',
		'at the bust',
		'on the chest',
		'over the shoulders',
		'on the shoulders',
		'on the bodice',
		'at the yoke',
		'on the front',
		'at the hips',
		'down the sides',
		'on one side',
		'down one side',
		'at the knees'
	];

	it('says nothing of what the whole is made of, and is told', () => {
		fc.assert(
			fc.property(someOf(garments), someOf(cloths), someOf(places), (garment, cloth, where) => {
				const text = `a wool ${garment} with ${cloth} ${where}`;
				const { garment: read, note } = only(text);
				expect(read.facets.material?.value, text).toBe('wool');
				const { collar, hemDetail, texture } = read.facets;
				const told = [note, collar?.value, hemDetail?.value, texture?.value].join(' ');
				expect(told, text).toContain(cloth === 'feathers' ? 'feather' : cloth);
			}),
			runs
		);
	});

	it('is told with where it is, whether it is named with it or after a comma', () => {
		const borne = ['bows', 'velvet bows', 'tassels', 'buttons', 'patches'];
		const joined = [' with ', ', '];
		fc.assert(
			fc.property(
				someOf(garments),
				someOf(borne),
				someOf(joined),
				someOf(['on the shoulders', 'at the cuffs', 'at the back', 'on the pockets']),
				(garment, what, join, where) => {
					const text = `a wool ${garment}${join}${what} ${where}`;
					expect(only(text).note, text).toContain(`${what} at ${where.slice(3)}`);
				}
			),
			runs
		);
	});

	it('is the garment’s where it is worked on it, and where it is stays told', () => {
		const works = {
			embroidery: 'embroidered',
			beading: 'beaded',
			'mirror work': 'mirror-work',
			appliqué: 'applique',
			smocking: 'smocked',
			'cut-outs': 'cut-out'
		};
		fc.assert(
			fc.property(
				someOf(garments),
				someOf(Object.entries(works)),
				someOf(places.filter((place) => !/one side|bodice/.test(place))),
				(garment, [work, texture], where) => {
					const text = `a red ${garment} with ${work} ${where}, black boots`;
					const { elements, things } = readLook(text);
					expect([elements.length, things], text).toEqual([2, []]);
					const [read] = elements;
					expect(read?.garment.facets.texture?.value, text).toBe(texture);
					expect(read?.note, text).toBe(`${work} at the ${where.split(' ').at(-1)}`);
				}
			),
			runs
		);
	});

	it('is the print’s cloth and not the garment’s, where it is said before a print', () => {
		fc.assert(
			fc.property(
				someOf(garments),
				someOf(['velvet', 'lace', 'leather', 'sequin', 'suede']),
				someOf(['spots', 'dots', 'stars', 'stripes']),
				someOf([true, false]),
				(garment, cloth, print, isTold) => {
					const text = `a ${isTold ? 'linen ' : ''}${garment} with ${cloth} ${print}`;
					const { garment: read, note } = only(text);
					expect(read.facets.material?.value, text).toBe(isTold ? 'linen' : undefined);
					expect(read.print, text).toBeDefined();
					expect(note, text).toBe(`${cloth} ${print}`);
				}
			),
			runs
		);
	});

	it('is there, all round it as well, and a hood is the coat’s', () => {
		for (const way of ['all round', 'all over', 'all along', 'right down']) {
			const { garment, note } = only(`a white kaftan with turquoise embroidery ${way} the front`);
			expect([garment.facets.texture?.value, note], way).toEqual(['embroidered', 'embroidery at the front']);
		}
		for (const coat of ['parka', 'cape', 'raincoat'])
			expect(only(`a green ${coat}, fur hood`).garment.facets.collar?.value, coat).toBeDefined();
	});

	it('is of the last garment alone, where it is on both of its sides', () => {
		for (const where of ['at both knees', 'on both sleeves', 'on both sides', 'at both elbows'])
			for (const done of ['ripped', 'embroidered', 'studded']) {
				const [first, second] = readLook(`a white shirt, a grey jumpsuit ${done} ${where}`).elements;
				expect(first?.note, `${done} ${where}`).toBe('');
				expect(Object.keys(first?.garment.facets ?? {}), `${done} ${where}`).toEqual([]);
				expect(second?.garment.palette, `${done} ${where}`).toHaveLength(1);
			}
	});

	it('is inside, where it is told to be beneath', () => {
		fc.assert(
			fc.property(
				someOf(['skirt', 'dress', 'coat', 'cape']),
				someOf(['net', 'red silk', 'tulle', 'scarlet satin']),
				someOf([', ', ' with ']),
				someOf(['underneath', 'beneath', 'inside']),
				(garment, cloth, joined, where) => {
					const text = `a black ${garment} in wool${joined}${cloth} ${where}`;
					const { garment: read, note } = only(text);
					expect(read.facets.material?.value, text).toBe('wool');
					expect(hexesOf({ garment: read }), text).toHaveLength(1);
					expect(note, text).toBe(`${cloth} ${where}`);
				}
			),
			runs
		);
	});

	it('is none of the hem’s, where it is elsewhere', () => {
		const trims = ['frilled', 'fringed', 'with tassels', 'with ruffles', 'with fringe', 'with frills'];
		fc.assert(
			fc.property(
				someOf(garments),
				someOf(trims),
				someOf(['cuffs', 'shoulders', 'sleeves']),
				(garment, trim, part) => {
					const text = `a black ${garment} ${trim} at the ${part}`;
					const { garment: read, note } = only(text);
					expect(read.facets.hemDetail, text).toBeUndefined();
					expect(read.facets.sleeveShape ?? note, text).toBeTruthy();
					const { hemDetail, skirtShape } = only(`a black ${garment} ${trim} at the hem`).garment.facets;
					expect(hemDetail ?? skirtShape, text).toBeDefined();
				}
			),
			runs
		);
	});

	it('claims no jewel', () => {
		for (const small of ['pearls', 'beads'])
			for (const where of ['down the front', 'at the hem', 'on the sleeves', 'along the cuffs'])
				expect(only(`a black cardigan with ${small} ${where}`).garment.facets.texture?.value).toBe('beaded');
		for (const where of [
			'on the shoulders',
			'on the pockets',
			'at the bust',
			'down the sides',
			'at the hips'
		])
			expect(only(`a black cardigan with pearls ${where}`).garment.facets.texture?.value, where).toBe(
				'beaded'
			);
		for (const where of ['', ' at the throat', ' round her neck', ' at the wrists'])
			expect(readLook(`a black cardigan with pearls${where}`).elements, where).toHaveLength(2);
	});

	it('keeps what a thing is shaped like, and that is no thing', () => {
		const likes = [
			'a heart',
			'a shoe',
			'anchors',
			'little gold shells',
			'a black hat',
			'a tulip',
			'an umbrella'
		];
		fc.assert(
			fc.property(
				someOf(['handbag', 'earrings', 'hat', 'brooch']),
				someOf(likes),
				someOf([';', ',']),
				(thing, like, ends) => {
					const text = `a shirt with a pointed collar; a red ${thing} shaped like ${like}${ends} navy trousers`;
					const { elements } = readLook(text);
					expect(elements, text).toHaveLength(3);
					expect(elements[1]?.note, text).toBe(`shaped like ${like}`);
					expect(elements[0]?.garment.palette, text).toEqual([]);
				}
			),
			runs
		);
	});
});
