/** Laws of reading: what is shown on a thing, what is done with it, and whose it is. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentTypes, readLook } from '../../src/lib/core';
import { colourWord } from '../looks';
import { hexesOf } from '../read';

const runs = { numRuns: 200 };
const elementsOf = (text: string) => readLook(text).elements;
const typesOf = (text: string) => elementsOf(text).map(({ garment }) => garment.type);
const one = <T>(...all: T[]) => fc.constantFrom(...all);

describe('what is worked on a thing', () => {
	it('is a picture of the animal, and no print of its coat', () => {
		const worked = one('embroidered', 'beaded', 'sequinned', 'painted');
		fc.assert(
			fc.property(
				one('tiger', 'leopard', 'zebra', 'snake', 'cow'),
				worked,
				one('jacket', 'dress', 'tee'),
				(animal, how, thing) => {
					const [shown, other] = elementsOf(`a ${thing} with a ${how} ${animal} on the back`);
					expect(other).toBeUndefined();
					expect(shown?.garment.print?.family.value).not.toBe(animal);
					expect(shown?.note).toContain(animal);
					const [printed] = elementsOf(`a ${animal} print ${thing}`);
					expect(printed?.garment.print?.family.value).toBe(animal);
				}
			),
			runs
		);
	});

	it('is no second thing, where nobody wears several: “slippers with embroidered crowns”', () => {
		for (const several of ['crowns', 'top hats', 'belts', 'parasols'])
			expect(typesOf(`velvet slippers with embroidered ${several}`), several).toEqual(['slippers']);
		expect(typesOf('a dress with embroidered gloves')).toHaveLength(2);
	});

	it('is fastened with what it says: “pearls for buttons”', () => {
		fc.assert(
			fc.property(
				colourWord,
				one('pearls', 'coins', 'ribbons'),
				one('buttons', 'straps'),
				(colour, small, part) => {
					const types = typesOf(`a ${colour} dress with ${small} for ${part}, white sandals`);
					expect(types).toEqual(['dress', 'sandals']);
				}
			),
			runs
		);
	});
});

describe('what is set, backed or painted', () => {
	it('stones are set in a jewel, and are none by themselves', () => {
		fc.assert(
			fc.property(
				one('gold', 'silver', 'brass'),
				one('ring', 'hoops', 'cuff', 'chain', 'earrings'),
				one('a', 'one', 'a single', 'a tiny'),
				one('pearl', 'opal', 'diamond', 'ruby', 'turquoise stone'),
				(metal, jewel, few, stone) => {
					const [read, other] = elementsOf(`${metal} ${jewel} with ${few} ${stone}`);
					expect(other).toBeUndefined();
					expect(read?.garment.metal?.value).toBe(metal);
					expect(read?.garment.facets.material ?? read?.garment.palette[0]).toBeDefined();
				}
			),
			runs
		);
	});

	it('lips and nails are painted alike', () => {
		fc.assert(
			fc.property(colourWord, (colour) => {
				const [lips, nails, other] = elementsOf(`${colour} lips and nails`);
				expect(other).toBeUndefined();
				expect(hexesOf(lips)).toHaveLength(1);
				expect(hexesOf(nails)).toEqual(hexesOf(lips));
			}),
			runs
		);
	});

	it('a back of another cloth is said of the back: “a waistcoat with a satin back”', () => {
		for (const cloth of ['satin', 'velvet', 'lace', 'silk']) {
			const [waistcoat, other] = elementsOf(`a tweed waistcoat with a ${cloth} back`);
			expect(other, cloth).toBeUndefined();
			expect(waistcoat?.garment.facets.material?.value, cloth).toBe('tweed');
			expect(waistcoat?.note, cloth).toContain(`${cloth} back`);
		}
		expect(elementsOf('black satin-back trousers')[0]?.garment.facets.material?.value).toBe('satin');
	});
});

describe('a height of what is worn on heels', () => {
	const heeled = garmentTypes.filter(({ usual, slot, singular }) => {
		const [only, other] = elementsOf(singular);
		const isRead = !other && only?.garment.facets.heelHeight === undefined;
		return slot === 'feet' && isRead && (usual.heelHeight ?? 'flat') !== 'flat' && !usual.shaft;
	});

	it('is its heel’s: “low block heels”', () => {
		expect(heeled.length).toBeGreaterThan(5);
		fc.assert(
			fc.property(one(...heeled), one('low', 'tall'), ({ singular, id }, height) => {
				const [read] = elementsOf(`${height} ${singular}`);
				fc.pre(read?.garment.type === id);
				expect(read.garment.facets.heelHeight?.value).toBe(height === 'low' ? 'low' : 'high');
			}),
			runs
		);
	});
});

describe('what is done with a thing', () => {
	it('by “tied” alone knots a shirt and belts a coat', () => {
		for (const [thing, move] of [
			['white shirt', 'knotted'],
			['trench coat', 'belted'],
			['wrap coat', 'belted']
		])
			expect(elementsOf(`${thing}, tied, blue jeans`)[0]?.moves, thing).toEqual([move]);
		// "Tied like a belt" is a way of wearing.
		expect(elementsOf('a scarf tied like a belt')[0]?.moves).toEqual(['as-belt']);
	});

	it('belts the trousers of which it is said', () => {
		const [tee, trousers] = elementsOf('a grey tee, wide trousers, pleated, belted');
		expect([tee?.moves, trousers?.moves]).toEqual([[], ['belted']]);
	});

	it('over the shoulders of another is two things', () => {
		fc.assert(
			fc.property(
				colourWord,
				one('jumper', 'knit', 'cardigan'),
				one('chambray shirt', 'silk blouse', 'linen dress'),
				(colour, over, under) => {
					const [first, second, third] = elementsOf(
						`a ${colour} ${over} draped over the shoulders of a ${under}`
					);
					expect([first?.moves, second?.moves, third]).toEqual([['draped-on-shoulders'], [], undefined]);
					expect(first?.garment.palette.length).toBeGreaterThan(0);
				}
			),
			runs
		);
	});
});

describe('what is said of whom', () => {
	it('is said of what was named just before, and now again: “over the slip; slip is satin”', () => {
		fc.assert(
			fc.property(colourWord, one('slip dress', 'shirt', 'skirt'), (colour, thing) => {
				const [, worn, other] = elementsOf(`a cream cardigan over the ${thing}; ${thing} is ${colour}`);
				expect(other).toBeUndefined();
				expect(hexesOf(worn)).toEqual(hexesOf(elementsOf(`${colour} ${thing}`)[0]));
			}),
			runs
		);
	});

	it('is said in a second view of what the first has shown, and of what a first mention only named', () => {
		fc.assert(
			fc.property(colourWord, one('blazer', 'coat', 'jacket'), (colour, thing) => {
				const views = `Front view: ${colour} ${thing}, black boots. Back view: ${thing} has a vent.`;
				expect(typesOf(views), views).toEqual(typesOf(`${colour} ${thing}, black boots`));
				const entry = `Top: none visible under ${thing}. ${thing}: ${colour}, to the calf.`;
				const [first, other] = elementsOf(entry);
				expect([hexesOf(first), other], entry).toEqual([
					hexesOf(elementsOf(`${colour} ${thing}`)[0]),
					undefined
				]);
			}),
			runs
		);
	});

	it('in the same tone has the colour that was said last, and “as before” has none', () => {
		fc.assert(
			fc.property(colourWord, one('tone', 'colour', 'shade'), (colour, word) => {
				const [dress, boots] = elementsOf(`a ${colour} dress, boots in the same ${word}`);
				expect(hexesOf(boots)).toEqual(hexesOf(dress));
				const [coat] = elementsOf(`same coat as before over the ${colour} dress`);
				expect(hexesOf(coat)).toEqual([]);
			}),
			runs
		);
	});

	it('is said of nothing that was named, where it is of all that is under it', () => {
		fc.assert(
			fc.property(colourWord, (colour) => {
				const [coat] = elementsOf(`a grey coat. Under it all ${colour}.`);
				expect(coat?.garment.palette).toEqual(elementsOf('a grey coat')[0]?.garment.palette);
			}),
			runs
		);
	});

	it('is said of all that is listed after “top to toe”, cloth and all', () => {
		for (const text of [
			'pale denim top to toe: shirt, jeans',
			'she has on pale denim head to toe - shirt, jeans'
		])
			expect(
				elementsOf(text).map(({ garment }) => garment.facets.material?.value),
				text
			).toEqual(['denim', 'denim']);
	});

	it('makes trousers of pants whose cloth no underwear has, and asks', () => {
		for (const cloth of ['flannel', 'tweed', 'corduroy', 'linen']) {
			const { elements, questions } = readLook(`grey ${cloth} pants, suspenders, white shirt`);
			expect(
				elements.map(({ garment }) => garment.type),
				cloth
			).toEqual(['trousers', 'braces', 'shirt']);
			expect(questions.length).toBeGreaterThan(0);
		}
		expect(typesOf('vest, pants and suspenders')).toContain('briefs');
	});

	it('makes a skirt of a mini below what is worn as a top', () => {
		expect(typesOf('lilac cardigan worn as a top, white denim mini')).toEqual(['cardigan', 'skirt']);
	});
});
