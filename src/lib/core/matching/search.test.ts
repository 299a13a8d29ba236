import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garment, garmentArbitrary } from '../../../../tests/arbitraries';
import { searchOver, wordsOfGarment } from './search';

const rail = [
	{ key: 'jumper', garments: [garment('jumper', ['navy'])], texts: ['Fisherman’s favourite', 'M', 'hall'] },
	{
		key: 'shirt',
		garments: [garment('shirt', ['white'], { material: 'linen' })],
		texts: ['Linen shirt', 'UK 12']
	},
	{
		key: 'boots',
		garments: [garment('ankle-boots', ['burgundy'])],
		texts: ['Ankle boots', 'EU 38', 'new heel tips']
	},
	{
		key: 'suit',
		garments: [garment('blazer', ['charcoal']), garment('tailored-trousers', ['charcoal'])],
		texts: ['Suit']
	}
];
const find = searchOver(rail);

describe('a search over the rail', () => {
	it.each([
		['blue knit', ['jumper']],
		['knitwear', ['jumper']],
		['sweater', ['jumper']],
		['linen', ['shirt']],
		['linnen', ['shirt']],
		['uk 12', ['shirt']],
		['burgundy boot', ['boots']],
		['heel tips', ['boots']],
		['trousers', ['suit']],
		['navy boots', []],
		['fishermans', ['jumper']]
	])('“%s” finds %j', (typed, keys) => expect([...find(typed)]).toEqual(keys));

	it('for nothing gives everything', () => expect(find('  ').size).toBe(rail.length));

	it('finds every garment by its own name, its kind and its family: a law over the lexicon', () => {
		fc.assert(
			fc.property(garmentArbitrary(), (one) => {
				const words = wordsOfGarment(one);
				const search = searchOver([{ key: 'it', garments: [one], texts: [] }]);
				for (const word of words
					.split(/[^\p{L}\d]+/u)
					.filter((part) => part.length > 1)
					.slice(0, 12))
					expect(search(word).has('it'), word).toBe(true);
			})
		);
	});
});
