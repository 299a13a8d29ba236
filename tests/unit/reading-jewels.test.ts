/** Laws of jewels that are told by what they are of and where they are. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readLook } from '../../src/lib/core';
import { hexesOf, someOf, typesIn } from '../read';

const runs = { numRuns: 120 };
const places = {
	'at her ears': 'earrings',
	'in the ears': 'earrings',
	'round her throat': 'necklace',
	'on her fingers': 'ring'
};
const place = someOf(Object.entries(places));
const around = someOf([
	['a black dress, ', ''],
	['A black dress. ', '.'],
	['', '; a black dress'],
	['a black dress, ', ', a grey bag']
] as const);

describe('stones and metals at a place of the body', () => {
	it('are a jewel that is worn there, and say nothing of what stands beside them', () => {
		fc.assert(
			fc.property(
				someOf(['diamonds', 'emeralds', 'rubies', 'pearls', 'sapphires', 'tiny pearls', 'gold', 'silver']),
				place,
				around,
				(stuff, [where, type], [before, after]) => {
					const text = `${before}${stuff} ${where}${after}`;
					expect(typesIn(text), text).toContain(type);
					const { elements } = readLook(text);
					const dress = elements.find(({ garment }) => garment.type === 'dress');
					expect([dress?.note, dress?.garment.print, hexesOf(dress).length], text).toEqual([
						'',
						undefined,
						1
					]);
					const jewel = elements.find(({ garment }) => garment.type === type)?.garment;
					const isTold = jewel?.metal ?? jewel?.facets.material ?? jewel?.palette[0];
					expect(isTold, text).toBeDefined();
				}
			),
			runs
		);
	});

	it('are what a name ends in, where that is strung', () => {
		const materialIn = (text: string) => readLook(text).elements[0]?.garment.facets.material?.value;
		expect(materialIn('ivory drop pearls')).toBe('pearl');
		expect(materialIn('a gold hand harness')).toBeUndefined();
	});

	it('are none where they are in the cloth, or another jewel is named', () => {
		expect(typesIn('a black jumper with diamonds at the elbows')).toEqual(['jumper']);
		expect(typesIn('silver hoops in her ears')).toEqual(['hoops']);
		expect(typesIn('a black dress, red on the wrists')).toEqual(['dress']);
	});
});
