/** Laws of reading: what a thing has of its own beside what is said of all, and what a list of colours before a name leaves alone. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentType, garmentTypes, moveIds, moveOf, readLook } from '../../src/lib/core';
import { details } from '../../src/lib/core/lexicon/details';
import { metals } from '../../src/lib/core/lexicon/metals';
import { tiedToWear } from '../../src/lib/core/lexicon/move-words';
import { colourWord as anyColour } from '../looks';
import { elementsOf, hexesOf, typesIn } from '../read';

/** "Dark denim", "chambray" are cloths as well. */
const colourWord = anyColour.filter((word) => !/denim|chambray/.test(word));
const runs = { numRuns: 200 };
const hexes = (text: string, at = 0) => hexesOf(elementsOf(text)[at]);
const strangeIn = (text: string) =>
	readLook(text).phrases.flatMap(({ status, text: words }) => (status === 'unknown' ? [words] : []));

/** Clothes by one sure word each, which no colour turns into another. */
const clothes = ['blazer', 'shirt', 'trousers', 'cardigan', 'overcoat', 'kurta', 'hoodie'];
const shod = ['loafers', 'trainers', 'brogues', 'mules'];
const article = (word: string) => (word.endsWith('s') ? '' : 'a ');

describe('a colour that is said of all that is listed', () => {
	const heading = fc.constantFrom(
		(colour: string) => `head to toe ${colour}: `,
		(colour: string) => `everything ${colour}: `,
		(colour: string) => `all ${colour}: `,
		(colour: string) => `in ${colour}: `,
		(colour: string) => `the whole thing is ${colour}: `,
		(colour: string) => `shades of ${colour}: `,
		(colour: string) => `all in ${colour}, `,
		(colour: string) => `dressed head to toe in ${colour}, `,
		(colour: string) => `everything in ${colour}, `
	);
	const listed = fc
		.uniqueArray(fc.record({ word: fc.constantFrom(...clothes, ...shod), own: fc.option(colourWord) }), {
			selector: ({ word }) => word,
			minLength: 2,
			maxLength: 5
		})
		.filter((things) => things.filter(({ word }) => shod.includes(word)).length <= 1)
		// "Khaki trousers" are a kind of their own.
		.filter((things) =>
			things.every(({ word, own }) => own === null || typesIn(`${own} ${word}`)[0] === typesIn(word)[0])
		);
	it('is of each that has none of its own, and of no other', () => {
		fc.assert(
			fc.property(heading, colourWord, listed, (head, colour, things) => {
				const text =
					head(colour) +
					things.map(({ word, own }) => `${article(word)}${own ? `${own} ` : ''}${word}`).join(', ');
				expect(typesIn(text), text).toHaveLength(things.length);
				things.forEach(({ word, own }, at) =>
					expect(hexes(text, at), `${text}: ${word}`).toEqual(hexes(`${own ?? colour} ${word}`))
				);
			}),
			runs
		);
	});
	it('is of what is listed, and not of what is excepted from it before the list', () => {
		const except = fc.constantFrom('except for', 'apart from', 'but for', 'save for');
		const excepted = fc.constantFrom('a straw hat', 'gold hoops', 'a black belt and gold hoops');
		fc.assert(
			fc.property(heading, colourWord, except, excepted, listed, (head, colour, word, beside, things) => {
				fc.pre(head(colour).endsWith(': '));
				const text = `${head(colour).slice(0, -2)} ${word} ${beside}: ${things.map((one) => one.word).join(', ')}`;
				const apart = elementsOf(beside).length;
				expect(elementsOf(text).slice(0, apart).map(hexesOf), text).toEqual(elementsOf(beside).map(hexesOf));
				things.forEach((one, at) =>
					expect(hexes(text, apart + at), text).toEqual(hexes(`${colour} ${one.word}`))
				);
			}),
			runs
		);
	});
	it('leaves a thing whose part has a colour of its own that of all, and its cloth what is said of all', () => {
		const [waistcoat, blazer] = elementsOf('in cream linen: a waistcoat with black buttons, a navy blazer');
		expect(hexesOf(waistcoat)).toEqual(hexes('a cream shirt'));
		expect([waistcoat, blazer].map((one) => one?.garment.facets.material?.value)).toEqual(['linen', 'linen']);
		expect(hexesOf(blazer)).toEqual(hexes('a navy shirt'));
	});
});

describe('a cloth that is said of all that is listed', () => {
	const cloth = fc.constantFrom('wool', 'velvet', 'linen', 'silk', 'corduroy', 'satin', 'tweed');
	const materialAt = (text: string, at: number) => elementsOf(text)[at]?.garment.facets.material?.value;

	it('is of each that is told to be of no other, and all have its colour', () => {
		const heading = fc.constantFrom(
			(stuff: string) => `all in ${stuff}: `,
			(stuff: string) => `head to toe ${stuff}: `,
			(stuff: string) => `it’s all ${stuff}: `
		);
		const things = fc.uniqueArray(fc.record({ word: fc.constantFrom(...clothes), own: fc.option(cloth) }), {
			selector: ({ word }) => word,
			minLength: 2,
			maxLength: 4
		});
		const beside = fc.constantFrom('leather belt', 'suede boots', 'canvas shoes', 'straw hat');
		fc.assert(
			fc.property(heading, cloth, things, beside, (head, stuff, listed, small) => {
				const words = listed.map(({ word, own }) => `${article(word)}${own ? `${own} ` : ''}${word}`);
				const text = `${head(`cream ${stuff}`)}${words.join(', ')}, ${small}`;
				expect(typesIn(text), text).toHaveLength(listed.length + 1);
				listed.forEach(({ word, own }, at) => {
					expect(materialAt(text, at), `${text}: ${word}`).toBe(materialAt(`${own ?? stuff} ${word}`, 0));
					expect(hexes(text, at), `${text}: ${word}`).toEqual(hexes('a cream shirt'));
				});
				expect(materialAt(text, listed.length), text).toBe(small.split(' ')[0]);
				expect(
					elementsOf(text)
						.map(({ note }) => note)
						.join(''),
					text
				).toBe('');
			}),
			runs
		);
	});
	it('is of two clothes, and of no shirt under them, where it is said twice', () => {
		fc.assert(
			fc.property(
				fc.constantFrom('denim', 'tweed', 'leather', 'corduroy', 'velvet'),
				fc.constantFrom('white tee', 'white shirt', 'black roll neck'),
				(stuff, under) => {
					const heading = stuff === 'denim' ? 'double denim' : `${stuff} on ${stuff}`;
					const text = `${heading}: a jacket, straight trousers, a ${under}, a tan belt`;
					const materials = [0, 1, 2, 3].map((at) => materialAt(text, at));
					expect(materials, text).toEqual([stuff, stuff, undefined, undefined]);
				}
			),
			runs
		);
	});
});

describe('two colours before a name', () => {
	const after = fc.constantFrom(
		['dress', 'ankle length', 'hemLength'] as const,
		['skirt', 'high-waisted', 'rise'] as const,
		['saree', 'heavy', 'weight'] as const,
		['jumper', 'oversized', 'fit'] as const,
		['shirt', 'short-sleeved', 'sleeveLength'] as const,
		['trousers', 'wide-legged', 'leg'] as const
	);
	it('hand nothing that is said after it to what comes next', () => {
		fc.assert(
			fc.property(colourWord, colourWord, colourWord, after, (first, second, third, [name, how, facet]) => {
				fc.pre(first !== second);
				const text = `${article(name)}${first} and ${second} ${name}, ${how}, ${third} boots`;
				const [one, boots] = elementsOf(text);
				expect(one?.garment.facets[facet], text).toBeDefined();
				expect(boots?.garment, text).toEqual(elementsOf(`${third} boots`)[0]?.garment);
			}),
			runs
		);
	});
	it('of one and another of a pair are both its own: “one red glove and one black, a green cape”', () => {
		fc.assert(
			fc.property(colourWord, colourWord, colourWord, fc.constantFrom(' and ', ', '), (a, b, c, and) => {
				fc.pre(a !== b);
				const text = `one ${a} glove${and}one ${b}, a ${c} cape`;
				expect(typesIn(text), text).toEqual(['gloves', 'cape']);
				expect(hexes(text, 0), text).toEqual([
					...new Set([...hexes(`${a} gloves`), ...hexes(`${b} gloves`)])
				]);
				expect(hexes(text, 1), text).toEqual(hexes(`a ${c} cape`));
			}),
			runs
		);
	});
});

describe('a name beside a name', () => {
	it('is what the first is, where it has an article: “the skirt, a pleated midi, is green”', () => {
		const kind = fc.constantFrom('midi', 'mini', 'maxi');
		fc.assert(
			fc.property(fc.constantFrom('skirt', 'dress'), kind, colourWord, (name, length, colour) => {
				for (const text of [
					`the ${name}, a ${length}, is ${colour}`,
					`the ${name}, a ${colour} ${length}, black tights`,
					`her ${name}, a ${length} in ${colour}`
				]) {
					expect(
						typesIn(text).filter((type) => type !== 'tights'),
						text
					).toEqual([name]);
					expect(hexes(text), text).toEqual(hexes(`a ${colour} ${name}`));
					expect(elementsOf(text)[0]?.garment.facets.hemLength?.value, text).toBe(length);
				}
			}),
			runs
		);
	});
	it('only says of what kind the second is, where it is one of what is named in the plural alone: “a pyjama shirt”', () => {
		const kind = fc.constantFrom('pyjama', 'boot', 'legging', 'trainer', 'sandal');
		fc.assert(
			fc.property(kind, fc.constantFrom('shirt', 'top', 'jacket', 'coat'), colourWord, (of, name, colour) => {
				const [one, ...more] = elementsOf(`a ${colour} ${of} ${name}`);
				expect(more).toEqual([]);
				expect(one?.note.split(' ')).toContain(of);
				expect(one?.garment).toEqual(elementsOf(`a ${colour} ${name}`)[0]?.garment);
			}),
			runs
		);
	});
	it('says how the second is made, where it is joined by a hyphen: “cable-knit cream tights”', () => {
		const knit = fc.constantFrom('cable-knit', 'chunky-knit', 'fine-knit');
		const made = fc.constantFrom('tights', 'scarf', 'gloves', 'beanie', 'dress', 'socks', 'cardigan');
		fc.assert(
			fc.property(knit, colourWord, made, (how, colour, name) => {
				const text = `${how} ${colour} ${name}, a brown belt`;
				expect(typesIn(text), text).toHaveLength(2);
				expect(hexes(text), text).toEqual(hexes(`${colour} ${name}`));
				expect(elementsOf(text)[0]?.garment.facets.texture?.value, text).toBeDefined();
			}),
			runs
		);
	});
});

describe('what could be made of it, or worn beside it', () => {
	const sentence = fc.constantFrom('a blazer, trousers', 'a grey suit', 'a grey jumper, navy trousers');
	it('a strung thing or a name in a colour of its own is worn beside: “trousers, black pearls”, “a suit, ivory shell”', () => {
		const name = fc.constantFrom(
			['pearls', 'pearl-necklace'] as const,
			['jet beads', 'long-beads'] as const,
			['shell', 'vest-top'] as const,
			['turtle neck', 'roll-neck-jumper'] as const,
			['polo neck', 'roll-neck-jumper'] as const
		);
		fc.assert(
			fc.property(sentence, colourWord, name, (before, colour, [words, type]) => {
				fc.pre(!(type === 'roll-neck-jumper' && before.includes('jumper')));
				const text = `${before}, ${colour} ${words}, red shoes`;
				expect(typesIn(text), text).toEqual([...typesIn(before), type, 'shoes']);
				expect(
					elementsOf(text)
						.slice(0, -2)
						.map(({ garment }) => garment),
					text
				).toEqual(elementsOf(before).map(({ garment }) => garment));
			}),
			runs
		);
	});
	it('a feather on a hat is none of its cloth, nor its colour the hat’s', () => {
		fc.assert(
			fc.property(
				fc.constantFrom('hat', 'fedora', 'beret', 'boater'),
				colourWord,
				colourWord,
				(hat, a, b) => {
					const [one] = elementsOf(`a ${a} ${hat} with a ${b} feather, black coat`);
					expect(one?.garment).toEqual(elementsOf(`a ${a} ${hat}`)[0]?.garment);
					expect(one?.note).toContain('feather');
				}
			),
			runs
		);
		expect(elementsOf('a feather boa')[0]?.garment.type).toBe('feather-boa');
		expect(elementsOf('a dress with feathers')[0]?.garment.facets.material?.value).toBe('feather');
	});
});

describe('a part of several words', () => {
	it('is known when there are several of it: “turn-back cuffs”, “tuxedo stripes”', () => {
		const nouns = details
			.flatMap(({ words }) => words)
			.filter((word) => /^[a-z-]+ [a-z]+$/.test(word) && !/(s|ed|behind|trim)$/.test(word));
		expect(nouns.length).toBeGreaterThan(10);
		for (const noun of nouns) expect(strangeIn(`a black jacket with red ${noun}s`), noun).toEqual([]);
	});
	it('a bit on a shoe is of its metal, and a bit of anything else is none', () => {
		for (const metal of ['gold', 'silver', 'brass']) {
			expect(elementsOf(`black loafers with a ${metal} bit`)[0]?.garment).toMatchObject({
				metal: { value: metal },
				palette: [{ hex: hexes('black loafers')[0] }]
			});
		}
		expect(elementsOf('jeans a bit baggy')).toEqual(
			elementsOf('jeans baggy').map((one) => ({ ...one, id: expect.anything() as string }))
		);
	});
});

describe('what is said after a name', () => {
	it('stays with it, where the next name has an article of its own: “a blouse so sheer the black bra shows through”', () => {
		const first = fc.constantFrom('blazer', 'shirt', 'dress', 'cardigan', 'hoodie');
		const next = fc.constantFrom('scarf', 'beret', 'bag', 'belt');
		fc.assert(
			fc.property(
				first,
				colourWord,
				fc.constantFrom('a', 'the', 'her'),
				colourWord,
				next,
				(name, own, the, other, second) => {
					const text = `a ${name} ${own} ${the} ${other} ${second}`;
					const [one, two, ...more] = elementsOf(text);
					expect(more, text).toEqual([]);
					expect(one?.garment.palette, text).toEqual(elementsOf(`a ${name}, ${own}`)[0]?.garment.palette);
					expect(two?.garment, text).toEqual(elementsOf(`a ${other} ${second}`)[0]?.garment);
				}
			),
			runs
		);
	});
	it('is no half of a name whose other half has an article of its own: “a ring rose, a gold belt” without its comma', () => {
		const halved = (words: readonly string[]) =>
			words.map((word) => word.split(' ')).filter((parts) => parts.length === 2);
		const beltOf = (text: string) => elementsOf(text).find(({ garment }) => garment.type === 'belt')?.garment;
		for (const [half, other] of metals.flatMap(({ words }) => halved(words)))
			expect(beltOf(`a ring ${half} a ${other} belt`)?.metal, `${half} a ${other}`).toEqual(
				beltOf(`a ring ${half}, a ${other} belt`)?.metal
			);
		for (const { id, words } of garmentTypes)
			for (const [half, other] of halved(words.map(({ word }) => word))) {
				const apart = typesIn(`a ${half}, a ${other}`);
				// A shirt is a collar as well, and a halter a neckline.
				const isValue = elementsOf(`a dress, ${half}`).some(
					({ garment }) => Object.keys(garment.facets).length > 0
				);
				if (apart.length === 2 && !apart.includes(id) && !isValue)
					expect(typesIn(`a ${half} a ${other}`), `${half} a ${other}`).not.toContain(id);
			}
	});
});

describe('the most of something', () => {
	it('is said as it is itself: “in the palest blue”', () => {
		for (const [most, word] of [
			['the palest blue', 'pale blue'],
			['the deepest green', 'deep green'],
			['the darkest red', 'dark red']
		] as const)
			expect(hexes(`a shirt in ${most}`), most).toEqual(hexes(`a shirt in ${word}`));
	});
});

describe('how a thing is worn', () => {
	it('is no move where it is worn in no other way: “a sarong tied at the hip”', () => {
		for (const id of tiedToWear)
			for (const said of ['knotted', 'tied at the front', 'tied at the hip']) {
				const text = `white tee, ${garmentType(id).singular} in red ${said}`;
				const { elements, phrases } = readLook(text);
				expect([elements[0]?.moves, elements[1]?.note, hexes(text, 1).length], text).toEqual([[], said, 1]);
				expect(
					phrases.map(({ status }) => status),
					text
				).not.toContain('doubted');
			}
	});
	it('is that of what can be worn so; the words before it are of what they follow', () => {
		fc.assert(
			fc.property(fc.constantFrom('skirt', 'pencil skirt', 'kilt'), colourWord, (thing, colour) => {
				const text = `a silk cami, a ${thing} in ${colour} tucked in`;
				const [top, bottom] = readLook(text).elements;
				expect([top?.moves, bottom?.moves], text).toEqual([['tucked'], []]);
				expect(bottom?.garment, text).toEqual(readLook(`${colour} ${thing}`).elements[0]?.garment);
			}),
			runs
		);
	});
	it('is of the thing before whose name and behind whose article it stands: “a denim skirt, a tucked in white tank”', () => {
		fc.assert(
			fc.property(
				fc.constantFrom('skirt', 'jeans', 'kilt', 'cargo trousers'),
				fc.constantFrom('tucked in', 'half tucked in', 'tied up', 'knotted'),
				colourWord,
				fc.constantFrom('tank', 'shirt', 'tee'),
				(bottom, said, colour, top) => {
					const text = `${article(bottom)}${bottom}, a ${said} ${colour} ${top}`;
					const [below, above] = readLook(text).elements;
					expect(below, text).toMatchObject({ moves: [], note: '' });
					expect(above?.moves, text).toEqual(readLook(`${colour} ${top}, ${said}`).elements[0]?.moves);
					expect(above?.moves, text).toHaveLength(1);
				}
			),
			runs
		);
	});
	it('at the waist is a knot in a shirt and a belt on a coat or a dress', () => {
		for (const said of ['tied at the waist', 'knotted at the waist', 'tied in front'])
			for (const [thing, move] of [
				['shirt', 'knotted'],
				['trench coat', 'belted'],
				['wrap coat', 'belted'],
				['blazer', 'belted'],
				['wrap dress', 'belted'],
				['jumpsuit', 'belted']
			])
				expect(readLook(`a navy ${thing} ${said}, boots`).elements[0]?.moves, said).toEqual([move]);
	});
	it('round the head is a headscarf, and nothing of what is worn there in any case', () => {
		for (const [thing, moves] of [
			['silk scarf', ['as-headscarf']],
			['bandana', ['as-headscarf']],
			['turban', []],
			['headband', []]
		] as const)
			for (const said of ['round her head', 'tied around the head', 'wrapped about her head'])
				expect(readLook(`a red ${thing} ${said}, a coat`).elements[0]?.moves, said).toEqual(moves);
	});
	it('of a leg is of nothing that has none', () => {
		const ofLegs = moveIds.filter((id) => moveOf(id).has === 'legLength');
		expect(ofLegs.length).toBeGreaterThan(2);
		for (const type of garmentTypes.filter(({ facets }) => !facets.includes('legLength')))
			for (const move of ofLegs)
				expect(
					readLook(`${type.singular}, ${moveOf(move).label}`).elements.flatMap(({ moves }) => moves)
				).not.toContain(move);
	});
});
