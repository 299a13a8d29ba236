/** Laws of reading paragraphs: where a sentence ends, what stands between dashes, what follows a place. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readLook } from '../../src/lib/core';
import { colourWord as anyColour } from '../looks';
import { elementsOf, hexesIn, hexesOf, someOf, typesIn } from '../read';

/** "Dark denim", "chambray" are cloths as well. */
const colour = anyColour.filter((word) => !/denim|chambray/.test(word));
const hexesOfColour = (word: string) => hexesOf(elementsOf(`a ${word} shirt`)[0]);
const runs = { numRuns: 150 };

describe('the sentence after one that ends in a pronoun', () => {
	it('names its own thing: “a vest over it. Sneakers are white”', () => {
		fc.assert(
			fc.property(
				someOf(['over it', 'under it', 'with it', 'beneath it', 'to go with them']),
				someOf(['. ', '; ']),
				someOf(['Trainers are', 'Boots are', 'Trousers are', 'Gloves in', 'Sandals:']),
				colour,
				(joined, end, next, word) => {
					const text = `a shirt with a cardigan ${joined}${end}${next} ${word}`;
					expect(typesIn(text), text).toHaveLength(3);
					expect(hexesIn(text), text).toEqual([[], [], hexesOfColour(word)]);
				}
			),
			runs
		);
	});
});

describe('what stands between two dashes', () => {
	it('is said of what stands before them, and heads no list', () => {
		fc.assert(
			fc.property(
				someOf(['velvet', 'silk', 'tweed', 'leather']),
				someOf([' – ', ' — ', ' - ', '—']),
				someOf(['over', 'with', 'and']),
				colour,
				(cloth, dash, joined, word) => {
					const text = `her best ${cloth}${dash}a short jacket${dash}${joined} a ${word} dress, boots`;
					const elements = elementsOf(text);
					expect(elements, text).toHaveLength(3);
					const materials = elements.map(({ garment }) => garment.facets.material?.value);
					expect(materials[0], text).toBe(cloth);
					expect(materials.slice(1), text).not.toContain(cloth);
					expect(hexesOf(elements[1]), text).toEqual(hexesOfColour(word));
				}
			),
			runs
		);
	});
	it('is a label where one stands alone', () => {
		expect(hexesIn('Shoes - black, bag - red')).toEqual([hexesOfColour('black'), hexesOfColour('red')]);
	});
});

describe('a colour after a place', () => {
	it('is of what is worn there: “a bandana round her neck, red, and boots”', () => {
		fc.assert(
			fc.property(
				someOf([
					'bandana around her neck',
					'scarf at her neck',
					'belt at the waist',
					'scarf on her head',
					'scarf round the neck'
				]),
				colour,
				someOf(['boots', 'sunglasses', 'a cardigan']),
				(worn, word, other) => {
					const text = `a ${worn}, ${word}, and ${other}`;
					expect(hexesIn(text), text).toEqual([hexesOfColour(word), []]);
				}
			),
			runs
		);
	});
});

describe('how large a print is', () => {
	it('is the print’s after “with”, also of a thing that has a size of its own', () => {
		fc.assert(
			fc.property(
				someOf(['tie', 'scarf', 'handbag', 'shirt']),
				someOf(['small', 'large', 'tiny']),
				someOf(['dots', 'spots', 'checks']),
				fc.option(colour),
				(thing, size, print, word) => {
					const text = `a ${thing} with ${size} ${word ? `${word} ` : ''}${print}`;
					const garment = elementsOf(text)[0]?.garment;
					expect(garment?.print?.scale?.value, text).toBe(size);
					expect(garment?.facets.size, text).toBeUndefined();
				}
			),
			runs
		);
	});
});

describe('a belt that is the garment’s own', () => {
	it('is no thing of its own, unless it has a colour or a cloth of its own', () => {
		for (const coat of ['camel coat', 'red dress', 'wool wrap coat'])
			for (const belt of ['tie belt', 'long tie belt', 'self belt'])
				expect(readLook(`a ${coat}, a ${belt}, boots`).elements, `${coat}, ${belt}`).toHaveLength(2);
		expect(readLook('a camel coat, a black tie belt, boots').elements).toHaveLength(3);
	});
});
