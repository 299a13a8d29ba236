/** Laws of prints by what they show, of colours that a part shares, of names that say what kind the next is, of one cloth for two. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentTypes, readLook } from '../../src/lib/core';
import { materials } from '../../src/lib/core/lexicon/materials';
import { alsoSays, colourWord } from '../looks';
import { elementsOf, hexesOf, someOf } from '../read';

const runs = { numRuns: 200 };
const hexesIn = (text: string) => elementsOf(text).map((one) => hexesOf(one).join());
const hexOf = (word: string) => hexesIn(`${word} shirt`)[0];

/** What may be shown in a print: things that the lexicon does not know, and garments that it does. */
const unknownThings = [
	'lighthouse',
	'swallow',
	'lobster',
	'teacup',
	'zeppelin',
	'gramophone',
	'chain',
	'ribbon',
	'bow'
];
const oneWordNames = garmentTypes
	.map(({ singular }) => singular)
	.filter((name) => /^[a-z]{4,}$/.test(name) && !['scarf', 'jeans'].includes(name) && !alsoSays(name));
const printed = ['dress', 'shirt', 'skirt', 'kimono', 'shawl'];

describe('a print that is named after what it shows', () => {
	it('is a print of the garment, and no thing of its own, known or not', () => {
		fc.assert(
			fc.property(
				someOf([...unknownThings, ...oneWordNames]),
				someOf(printed),
				someOf(['print', '-print', '-printed']),
				colourWord,
				(motif, garment, print, colour) => {
					fc.pre(!(readLook(motif).elements[0]?.garment.print !== undefined));
					const text = `a ${colour} ${motif}${print === 'print' ? ' print' : print} ${garment}, jeans`;
					const [first, second, ...others] = elementsOf(text);
					expect(others, text).toEqual([]);
					expect(first?.garment.print?.family.value, text).toBeDefined();
					expect(second?.garment.type, text).toBe('jeans');
					expect(second?.garment.print, text).toBeUndefined();
				}
			),
			runs
		);
	});
	it('keeps in the note what it shows', () => {
		for (const motif of unknownThings)
			for (const text of [`a silk blouse in a ${motif} print`, `a ${motif} print blouse`]) {
				const [blouse] = elementsOf(text);
				expect(blouse?.garment.print?.family.value, text).toBe('conversational');
				expect(blouse?.note, text).toContain(motif);
			}
	});
	it('is not made of words that say how a print is, or of what names a print, a cloth or a colour', () => {
		for (const said of [
			'bold',
			'exotic',
			'intricate',
			'silk',
			'navy',
			'small',
			'leopard',
			'bandana',
			'scarf'
		])
			for (const { garment } of elementsOf(`a ${said} print shirt`))
				expect(garment.print?.family.value, said).not.toBe('conversational');
		expect(elementsOf('a shirt, print skirt').map(({ garment }) => garment.type)).toEqual(['shirt', 'skirt']);
	});
});

describe('two colours before a part or a name', () => {
	const parts = ['trim', 'buttons', 'piping', 'collar', 'embroidery'];
	it('are both of the part: "with a navy and red trim"', () => {
		fc.assert(
			fc.property(colourWord, colourWord, colourWord, someOf(parts), (own, one, two, part) => {
				const text = `a ${own} jacket with ${one} and ${two} ${part}`;
				const [jacket, ...others] = elementsOf(text);
				expect(others, text).toEqual([]);
				const colours = hexesOf(jacket);
				// Embroidery is seen all over: its colours are the jacket's as well, after its own.
				expect(colours[0], text).toBe(hexOf(own));
				if (part !== 'embroidery') expect(colours, text).toHaveLength(1);
			}),
			runs
		);
	});
	it('are both of the thing that is worn with it: "trousers with a red and white belt"', () => {
		const worn = ['belt', 'scarf', 'shirt', 'hat', 'court shoes'];
		fc.assert(
			fc.property(colourWord, colourWord, someOf(worn), (one, two, thing) => {
				// "Chambray shirt" is the name of one; blue, said of denim, is its wash.
				const isWash = /blue/.test(`${one} ${two}`) && /denim/.test(`${one} ${two}`);
				fc.pre(
					!isWash &&
						hexOf(one) !== hexOf(two) &&
						elementsOf(thing)[0]?.garment.type === elementsOf(`${two} ${thing}`)[0]?.garment.type
				);
				const text = `trousers with ${thing === 'court shoes' ? '' : 'a '}${one} and ${two} ${thing}`;
				const [trousers, other, ...more] = elementsOf(text);
				expect(more, text).toEqual([]);
				expect(trousers?.garment.palette, text).toEqual([]);
				expect(other?.garment.palette, text).toHaveLength(2);
			}),
			runs
		);
	});
	it('are, with more before a comma, all of it: "with a white, navy and red belt"', () => {
		fc.assert(
			fc.property(fc.uniqueArray(colourWord, { minLength: 3, maxLength: 3 }), (three) => {
				// "Light denim" says a cloth besides.
				fc.pre(new Set(three.map(hexOf)).size === 3 && three.every((word) => !/denim|chambray/.test(word)));
				const [one, two, last] = three;
				const text = `trousers with a ${one}, ${two} and ${last} belt`;
				const [trousers, belt, ...more] = elementsOf(text);
				expect(more, text).toEqual([]);
				expect(trousers?.garment.palette, text).toEqual([]);
				expect(belt?.garment.palette, text).toHaveLength(3);
			}),
			runs
		);
		expect(hexesIn('dress with white, red shoes')).toEqual([hexOf('white'), hexOf('red')]);
	});
	it('leave a print or a cloth with the garment that has it: "a coat with stripes and black shoes"', () => {
		for (const print of ['stripes', 'spots', 'checks']) {
			const [coat, shoes] = elementsOf(`a coat with ${print} and black shoes`);
			expect(coat?.garment.print, print).toBeDefined();
			expect(shoes?.garment.print, print).toBeUndefined();
		}
	});
});

describe('a name before another', () => {
	it('of jewellery says what kind the general one is: "safety pin earrings"', () => {
		const kinds = ['safety pin', 'pendant', 'locket', 'brooch', 'watch', 'cuff'];
		for (const kind of kinds)
			for (const jewel of ['earrings', 'bracelet', 'ring']) {
				const text = `${kind} ${jewel}, jeans`;
				expect(elementsOf(text), text).toHaveLength(2);
				expect(elementsOf(`${kind}, ${jewel}, jeans`), text).toHaveLength(3);
			}
	});
	it('is never lost: it stays in the note', () => {
		for (const text of ['a pyjama-style shirt', 'locket bracelet', 'pendant earrings'])
			expect(elementsOf(text)[0]?.note, text).toBe(text.replace(/^a |-style| \S+$/g, ''));
	});
});

describe('what is to match', () => {
	const things = ['scarf', 'belt', 'hat', 'court shoes', 'handbag'];
	it('takes the colour of what it names, wherever that was named', () => {
		const cases = fc.record({
			named: someOf(things),
			matching: someOf(things),
			how: someOf(['to match the', 'matching her', 'that match the']),
			colour: colourWord,
			other: colourWord
		});
		fc.assert(
			fc.property(cases, ({ named, matching, how, colour, other }) => {
				fc.pre(named !== matching);
				const text = `${colour} ${named}, ${other} coat, ${matching} ${how} ${named}`;
				const elements = elementsOf(text);
				expect(elements, text).toHaveLength(3);
				expect(hexesIn(text)[2], text).toBe(hexesIn(text)[0]);
			}),
			runs
		);
	});
	it('takes it of what was named last, where it names nothing that was named', () => {
		expect(hexesIn('green coat, matching hat')[1]).toBe(hexOf('green'));
		expect(elementsOf('grey coat, a bag matching the shoes')).toHaveLength(3);
	});
});

describe('what is said on a thing that is named after it', () => {
	const things = ['lips', 'nails', 'eyes', 'hat', 'belt', 'bag'];
	it('is said of that, and not of the garment before: "a black dress, red on the lips"', () => {
		fc.assert(
			fc.property(colourWord, colourWord, someOf(things), (own, said, thing) => {
				const text = `a ${own} dress, ${said} on the ${thing}`;
				const [dress, other, ...more] = elementsOf(text);
				expect(more, text).toEqual([]);
				expect(hexesOf(dress).join(), text).toBe(hexesIn(`${own} dress`)[0]);
				expect(hexesOf(other).join(), text).toBe(hexesIn(`${said} ${thing}`)[0]);
			}),
			runs
		);
	});
});

describe('one of several', () => {
	it('is a thing of its own, whatever joins it to the other: "two chains, one thin and one chunky"', () => {
		const several = ['belts', 'scarves', 'chains', 'bangles', 'necklaces'];
		fc.assert(
			fc.property(
				someOf(several),
				colourWord,
				colourWord,
				someOf([', one', ' and one']),
				(names, one, two, joins) => {
					fc.pre(hexOf(one) !== hexOf(two));
					const text = `two ${names}, one ${one}${joins} ${two}, jeans`;
					const types = elementsOf(text).map(({ garment }) => garment.type);
					expect(types, text).toHaveLength(3);
					expect(types[0], text).toBe(types[1]);
				}
			),
			runs
		);
	});
});

describe('a jewel on a chain', () => {
	it('is one thing, with the metal of the chain', () => {
		for (const jewel of ['pendant', 'locket', 'cross', 'ring'])
			for (const metal of ['gold', 'silver']) {
				const text = `a ${jewel} on a long ${metal} chain, black dress`;
				const [first, ...others] = elementsOf(text);
				expect(others, text).toHaveLength(1);
				expect(first?.garment.metal?.value, text).toBe(metal);
			}
		expect(elementsOf('a pendant, a long gold chain')).toHaveLength(2);
	});
});

describe('a cloth after two names', () => {
	const [tops, bottoms] = [
		['shirt', 'blouse', 'jacket', 'top'],
		['trousers', 'skirt', 'shorts']
	];
	const cloths = ['silk', 'linen', 'satin', 'velvet', 'tweed'];
	it('is that of both where nothing else is said of them', () => {
		fc.assert(
			fc.property(someOf(tops), someOf(bottoms), someOf(cloths), colourWord, (top, bottom, cloth, colour) => {
				const text = `a ${top} and ${bottom} in ${colour} ${cloth}`;
				const both = elementsOf(text).map(({ garment }) => garment.facets.material?.value);
				expect(both, text).toEqual([cloth, cloth]);
				expect(hexesIn(text)[0], text).toBe(hexesIn(text)[1]);
			}),
			runs
		);
	});
	it('is that of the last where the first has a colour or an article parts them', () => {
		for (const text of [
			'a white shirt and trousers in navy wool',
			'a shirt and a skirt in tweed',
			'a tee and jeans in dark denim',
			'hat and gloves in red leather'
		]) {
			const [first, last] = elementsOf(text);
			expect(first?.garment.facets.material, text).toBeUndefined();
			expect(last?.garment.facets.material, text).toBeDefined();
		}
	});
});

describe('every cloth of the lexicon', () => {
	it('is understood before something that can be made of it, and makes no thing of its own', () => {
		for (const { id, label } of materials) {
			const fitting = ['dress', 'shoes', 'necklace', 'sunglasses', 'belt', 'handbag']
				.map((thing) => readLook(`a ${label} ${thing}`))
				.filter(({ elements }) => elements.some(({ garment }) => garment.facets.material?.value === id));
			expect(fitting.length, label).toBeGreaterThan(0);
			for (const { elements, phrases } of fitting) {
				expect(elements, label).toHaveLength(1);
				expect(
					phrases.filter(({ status }) => status === 'unknown'),
					label
				).toEqual([]);
			}
		}
	});
});

describe('where a part of a garment is', () => {
	const places = ['at the knee', 'above the knee', 'below the knee', 'on the knee', 'to mid-thigh'];
	const parts = ['bows', 'a ruffle', 'zips', 'buttons', 'patches', 'ties', 'a slit', 'fringing'];
	const long = ['skirt', 'midi skirt', 'dress', 'trousers', 'shorts', 'breeches', 'shirt dress'];
	it('is no length of the garment, and is kept', () => {
		fc.assert(
			fc.property(someOf(long), someOf(parts), someOf(places), colourWord, (thing, part, place, colour) => {
				const lengthsOf = (text: string) =>
					elementsOf(text).map(({ garment: { facets } }) => [
						facets.hemLength?.value,
						facets.legLength?.value
					]);
				// Of what has a length by its part, as a fringe, the place says that.
				const text = `${colour} ${thing} with ${part} ${place}`;
				expect(lengthsOf(text), text).toEqual(lengthsOf(`${colour} ${thing}`));
				const [first, ...others] = elementsOf(text);
				expect(others, text).toEqual([]);
				expect(first?.note, text).toContain(place.replace(/^(at|on|above|below|to) (the )?/, ''));
			}),
			runs
		);
	});
	it('is a length where it is said of the garment itself', () => {
		fc.assert(
			fc.property(someOf(['skirt', 'dress']), colourWord, (thing, colour) => {
				const { facets } = elementsOf(`${colour} ${thing} below the knee with buttons`)[0]!.garment;
				expect(facets.hemLength?.value).toBe('midi');
			}),
			runs
		);
	});
});

describe('a name with “and” in it', () => {
	it('is none where its last word begins the next name', () => {
		for (const garment of printed)
			for (const grey of ['silver grey', 'silver-grey']) {
				const text = `a ${garment} in gold and ${grey}`;
				expect(hexesIn(text), text).toEqual([`${hexOf('gold')},${hexOf(grey)}`]);
			}
	});
	it('is one where it ends there', () => {
		const [{ garment }] = elementsOf('gold and silver hoops') as [ReturnType<typeof elementsOf>[number]];
		expect(garment.metal?.value).toBe('mixed');
	});
});
