/** Laws of reading: whose a colour, a metal or a cloth is that two words tell, that is worked on another, or that stands over a list. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentType, readLook } from '../../src/lib/core';
import { labOfHex, type Lab } from '../../src/lib/core/colour/spaces';
import { meantFor } from '../../src/lib/core/reading/words/near';
import { colourWord } from '../looks';
import { elementsOf, facetsIn, hexesOf, someOf, typesIn } from '../read';

const runs = { numRuns: 200 };
const paletteOf = (text: string) => elementsOf(text)[0]?.garment.palette ?? [];

describe('what is put on a face', () => {
	it('is of the lips or the eyes by its word', () => {
		for (const [said, type] of [
			['brown lip liner', 'lipstick'],
			['a nude gloss', 'lipstick'],
			['plum lip tint', 'lipstick'],
			['gold shadow on the lids', 'eye-make-up'],
			['black liner', 'eyeliner']
		] as const)
			expect(typesIn(said), said).toEqual([type]);
	});
});

describe('a cloth in its colour', () => {
	it('is a thing of its own before what is worn in its place, and hands nothing on: “blue denim, white trousers”', () => {
		for (const cloth of ['blue denim', 'dark denim', 'pale blue denim'])
			for (const thing of ['trousers', 'skirt', 'jeans']) {
				const [last, ...more] = elementsOf(`${cloth}, white ${thing}`).reverse();
				const type = garmentType(last?.garment.type ?? '');
				expect(last?.garment, `${cloth}, white ${thing}`).toEqual(elementsOf(`white ${thing}`)[0]?.garment);
				expect(more.length + readLook(`${cloth}, white ${thing}`).things.length, type.id).toBe(1);
			}
	});
});

describe('a colour that is told by two', () => {
	/** In CIELAB, where it is mixed. */
	const apart = (one: Lab, other: Lab) => Math.hypot(one.l - other.l, one.a - other.a, one.b - other.b);
	it('is one, nearer to the first than the second is: “navy, almost black”, “between sage and mint”', () => {
		fc.assert(
			fc.property(
				colourWord,
				colourWord,
				someOf<(one: string, other: string) => string>([
					(one, other) => `a coat in ${one}, almost ${other}`,
					(one, other) => `a ${one}, nearly ${other} coat`,
					(one, other) => `${one}, almost ${other} coat`,
					(one, other) => `the coat is ${one} verging on ${other}`,
					(one, other) => `a coat in ${one} so dark it is almost ${other}`,
					(one, other) => `a coat in a shade between ${one} and ${other}`
				]),
				(one, other, say) => {
					const [first, second] = [paletteOf(`a ${one} coat`), paletteOf(`a ${other} coat`)];
					fc.pre(first.length === 1 && second.length === 1 && first[0]?.hex !== second[0]?.hex);
					const text = say(one, other);
					expect(paletteOf(text), text).toHaveLength(1);
					expect(typesIn(text), text).toEqual(typesIn('a coat'));
					const [from, to] = [first, second].map(([swatch]) => labOfHex(swatch?.hex ?? ''));
					const meant = labOfHex(paletteOf(text)[0]?.hex ?? '');
					if (from && to) expect(apart(meant, from), text).toBeLessThan(apart(from, to));
				}
			),
			runs
		);
	});
	it('is the first where nothing lies between them: “walnut, almost burnt umber”', () => {
		expect(paletteOf('a coat in walnut, almost burnt umber')).toEqual(paletteOf('a walnut coat'));
	});
	it('is so after another thing: “brown shoes; navy, almost black coat”', () => {
		for (const before of ['brown shoes; ', 'brown shoes, '])
			expect(elementsOf(`${before}navy, almost black coat`)[1]?.garment).toEqual(
				elementsOf('navy, almost black coat')[0]?.garment
			);
	});
	it('is two of two things: “black coat, almost white jeans”', () => {
		for (const text of ['black coat, almost white jeans', 'a coat in black, an almost white hat'])
			expect(elementsOf(text).map(({ garment }) => garment.palette.length)).toEqual([1, 1]);
	});
});

describe('colours of what is coloured from place to place', () => {
	it('are all its own: “an ombre skirt, white at the waist, navy at the hem”; a collar’s is the collar’s', () => {
		fc.assert(
			fc.property(colourWord, colourWord, (one, other) => {
				const [first, second] = [paletteOf(`a ${one} skirt`), paletteOf(`a ${other} skirt`)];
				fc.pre(first.length === 1 && second.length === 1 && first[0]?.hex !== second[0]?.hex);
				const said = paletteOf(`an ombre skirt, ${one} at the waist, ${other} at the hem`);
				expect(said.map(({ hex }) => hex)).toEqual([first[0]?.hex, second[0]?.hex]);
			}),
			runs
		);
		expect(paletteOf('a two-tone coat, black collar')).toEqual([]);
		expect(paletteOf('a plain red skirt, navy at the hem')).toHaveLength(1);
	});
});

describe('a colour of what is worked on a cloth', () => {
	it('is none of the cloth, which stays open where nothing is said of it', () => {
		for (const [text, note] of [
			['a dress with gold embroidery', 'gold embroidery'],
			['a jacket embroidered in red and gold', 'embroidered in red and gold'],
			['a saree with a silver border', 'silver border']
		] as const) {
			expect(elementsOf(text)[0]?.garment.palette, text).toEqual([]);
			expect(elementsOf(text)[0]?.note, text).toContain(note);
		}
		expect(elementsOf('a black dress with gold embroidery')[0]?.garment.palette).toHaveLength(2);
	});
	it('has a cloth of its own: “gold cord embroidery” makes no corduroy', () => {
		for (const thread of ['cord', 'silk', 'wool'])
			expect(facetsIn(`a velvet jacket with gold ${thread} embroidery`).material, thread).toBe('velvet');
	});
	it('is none of flowers made of a cloth: “silk roses at the waist”', () => {
		for (const text of ['a chiffon gown, silk roses at the waist', 'a chiffon gown with silk roses']) {
			expect(facetsIn(text).material, text).toBe('chiffon');
			expect(elementsOf(text)[0]?.garment.print, text).toBeUndefined();
		}
	});
});

describe('a mistyped word', () => {
	it('is none where it is many of an ordinary word: “strips of denim” are no stripes', () => {
		expect(elementsOf('a skirt made of strips of denim')[0]?.garment).toEqual(
			elementsOf('a skirt made of denim')[0]?.garment
		);
	});
	it('is what makes a name with its neighbour, before all else', () => {
		for (const [text, meant] of [
			['a wing colar shirt', 'a wing collar shirt'],
			['a grey penci skirt', 'a grey pencil skirt'],
			['a polka dto blouse', 'a polka dot blouse'],
			['a jumper drees', 'a jumper dress']
		] as const)
			expect(typesIn(text), text).toEqual(typesIn(meant));
	});
	it('of three letters is one whose last two changed places', () => {
		for (const [text, meant] of [
			['a rde scarf', 'a red scarf'],
			['a raffia bga', 'a raffia bag'],
			['a tna coat', 'a tan coat']
		] as const)
			expect(elementsOf(text)[0]?.garment, text).toEqual(elementsOf(meant)[0]?.garment);
	});
	it('has a letter once or twice', () => {
		for (const word of ['knitt', 'knnit']) expect(meantFor(word)).toBe('knit');
		for (const [word, meant] of [
			['colar', 'collar'],
			['butons', 'buttons'],
			['chifon', 'chiffon']
		] as const)
			expect(meantFor(word)).toBe(meant);
	});
});

describe('what is left', () => {
	it('is none of what was named: “otherwise all black”', () => {
		for (const rest of ['otherwise all black', 'otherwise black', 'the rest black'])
			expect(elementsOf(`a leopard headband, ${rest}`).map(({ garment }) => garment.palette)).toEqual([[]]);
	});
});

describe('what stands over a list of one kind', () => {
	it('is said of each that says nothing of it: “gold jewellery: a choker, a nose ring and bangles”', () => {
		const jewels = ['a choker', 'hoops', 'a ring', 'bangles', 'a pendant'];
		fc.assert(
			fc.property(
				someOf(['gold', 'silver']),
				someOf(['', 'lots of ', 'all her ']),
				fc.subarray(jewels, { minLength: 2, maxLength: 4 }),
				(metal, all, listed) => {
					const text = `a black dress, ${all}${metal} jewellery: ${listed.join(', ')}`;
					const [dress, ...worn] = elementsOf(text);
					expect(
						worn.map(({ garment }) => garment.metal?.value),
						text
					).toEqual(listed.map(() => metal));
					expect(dress?.garment, text).toEqual(elementsOf('a black dress')[0]?.garment);
					expect(readLook(text).things, text).toEqual([]);
				}
			),
			runs
		);
		const [hoops, ring] = elementsOf('silver jewellery: hoops, gold rings');
		expect([hoops, ring].map((one) => one?.garment.metal?.value)).toEqual(['silver', 'gold']);
	});
});

describe('a measure of something', () => {
	it('has the colour of what it is of: “a lipstick and a blue flash of eyeshadow”', () => {
		for (const measure of ['flash', 'slick', 'pair', 'touch', 'splash'])
			for (const [before, thing] of [
				['lipstick', 'eyeshadow'],
				['white socks', 'boots'],
				['a coat', 'trousers']
			] as const) {
				const text = `${before} and a blue ${measure} of ${thing}`;
				expect(elementsOf(text).map(hexesOf), text).toEqual(
					[...elementsOf(before), ...elementsOf(`blue ${thing}`)].map(({ garment }) =>
						garment.palette.map(({ hex }) => hex)
					)
				);
			}
	});
	it('of the inside is the lining’s alone', () => {
		expect(elementsOf('a black coat, red silk inside')[0]).toMatchObject({
			garment: { palette: elementsOf('a black coat')[0]?.garment.palette },
			note: 'red silk inside'
		});
		expect(facetsIn('a shearling jacket, chocolate suede outside and cream inside').material).toBe('suede');
	});
});

describe('what is the same as something that was named', () => {
	it('is of its main colour where nothing more is said: “shoes the same”, “the top the same too”', () => {
		const thing = fc.constantFrom('dress', 'coat', 'lehenga', 'suit', 'skirt');
		const other = fc.constantFrom('shoes', 'bag', 'gloves', 'beret', 'choli');
		const put = fc.constantFrom(
			', X the same',
			', the X the same',
			' and the X the same',
			', X the same too',
			'. The X are the same',
			', X same'
		);
		fc.assert(
			fc.property(colourWord, thing, other, put, (colour, name, second, how) => {
				const text = `a ${colour} ${name}${how.replace('X', second)}, a white shirt`;
				expect(hexesOf(elementsOf(text)[1])).toEqual(hexesOf(elementsOf(`${colour} ${second}`)[0]));
			}),
			runs
		);
		const [, choli] = elementsOf('Lehenga: deep teal with silver gota, choli the same');
		expect(hexesOf(choli)).toEqual(hexesOf(elementsOf('deep teal choli')[0]));
		expect(hexesOf(elementsOf('red dress and a blue bag, shoes the same')[2])).toEqual(
			hexesOf(elementsOf('blue bag')[0])
		);
		expect(hexesOf(elementsOf('the same coat, red dress')[0])).toEqual([]);
	});
	const kinds = [
		['bomber', 'jacket'],
		['sheath', 'dress'],
		['parka', 'coat'],
		['loafers', 'shoes'],
		['tote', 'bag']
	] as const;
	it('names no other thing by its general name, and takes the colour that is said and no cloth', () => {
		fc.assert(
			fc.property(colourWord, fc.constantFrom(...kinds), (colour, [kind, general]) => {
				const [first, belt, ...more] = elementsOf(
					`${colour} suede ${kind}, belt the same ${colour} as the ${general}`
				);
				expect(more).toEqual([]);
				expect(first?.garment.type).toBe(elementsOf(kind)[0]?.garment.type);
				expect(belt?.garment.type).toBe('belt');
				expect(hexesOf(belt)).toEqual(hexesOf(first));
				// Denim is a colour and a cloth.
				expect(belt?.garment.facets).toEqual(elementsOf(`${colour} belt`)[0]?.garment.facets);
			}),
			runs
		);
	});
	it('is told to give its colour alone where that is so', () => {
		const told = (text: string) =>
			readLook(text).phrases.flatMap(({ takenFor = '' }) => (takenFor.startsWith('takes ') ? takenFor : []));
		expect(told('brown suede bomber, belt the same brown as the jacket')).toEqual([
			'takes the colour of what it matches'
		]);
		expect(told('brown suede jacket and matching skirt')).toEqual([
			'takes colour, cloth and print from what it matches'
		]);
	});
	it('may be told with its heel in inches, a space before them or none', () => {
		for (const inches of [2, 3, 4])
			for (const said of [`(${inches} in)`, `${inches} in heel`, `${inches}in`])
				expect(facetsIn(`black court shoes ${said}`).heelHeight, said).toBe(
					facetsIn(`black court shoes with a ${inches} inch heel`).heelHeight
				);
		expect(facetsIn('bangles, 3 in gold')).toEqual(facetsIn('bangles, three in gold'));
	});
});
