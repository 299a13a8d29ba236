/** Laws of reading: how a thing is cut, said by the name of a kind or of the place behind, and what is no name at all. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentType, garmentTypes, readLook, readPieces, type GarmentType } from '../../src/lib/core';
import { labOfHex, type Lab } from '../../src/lib/core/colour/spaces';
import { facetPhrases } from '../../src/lib/core/lexicon/facet-words';
import { slotsMeetOf } from '../../src/lib/core/lexicon/taxonomy';
import { meantFor } from '../../src/lib/core/reading/near';
import { sensesOfPhrase } from '../../src/lib/core/reading/spans';
import { colourWord } from '../looks';

const runs = { numRuns: 200 };
const elementsOf = (text: string) => readLook(text).elements;
const typesIn = (text: string) => elementsOf(text).map(({ garment }) => garment.type);
const facetsIn = (text: string) =>
	Object.fromEntries(
		Object.entries(elementsOf(text)[0]?.garment.facets ?? {}).map(([facet, stated]) => [facet, stated.value])
	);
const someOf = <T>(list: readonly T[]) => fc.constantFrom(...list);

/** Kinds that are called by how their part is cut, with what their name says of it. */
const kindsCut = (last: string, facet: 'skirtShape' | 'heelShape') =>
	garmentTypes.filter(
		({ singular, own }) => singular.endsWith(` ${last}`) && own[facet] !== undefined && !own.material
	);

/** The shape that a kind has, and the one that its own word says: a "puff" skirt is a tulip by its kind. */
const shapesOf = ({ singular, own }: GarmentType, facet: 'skirtShape' | 'heelShape') => [
	own[facet],
	singular.split(' ')[0]
];

describe('a kind with nothing said but its cut', () => {
	const skirts = kindsCut('skirt', 'skirtShape');
	const heels = kindsCut('heels', 'heelShape');
	const dresses = ['dress', 'shirt dress', 'evening gown'];
	const shoes = ['shoes', 'boots', 'sandals'];

	it('is how the dress or the pair is cut: “a black dress, pleated skirt”, “black shoes, block heels”', () => {
		expect(skirts.length).toBeGreaterThan(4);
		for (const [things, kinds, facet] of [
			[dresses, skirts, 'skirtShape'],
			[shoes, heels, 'heelShape']
		] as const)
			fc.assert(
				fc.property(colourWord, someOf(things), someOf(kinds), (colour, thing, kind) => {
					const text = `${colour} ${thing}, ${kind.singular}`;
					expect(typesIn(text), text).toEqual(typesIn(`${colour} ${thing}`));
					expect(shapesOf(kind, facet), text).toContain(facetsIn(text)[facet]);
					expect(elementsOf(text)[0]?.garment.palette, text).toEqual(
						elementsOf(`${colour} ${thing}`)[0]?.garment.palette
					);
				}),
				runs
			);
	});
	it('is so with “with” as well, in the shape that its kind has: “with a ballgown skirt”', () => {
		for (const kind of skirts)
			expect(shapesOf(kind, 'skirtShape'), kind.id).toContain(
				facetsIn(`a red dress with a ${kind.singular}`).skirtShape
			);
	});
	it('is a thing of its own with an article, a colour or a cloth, and beside what has no skirt', () => {
		for (const { singular } of skirts)
			for (const text of [
				`a black dress, a ${singular}`,
				`black dress, red ${singular}`,
				`black dress, leather ${singular}`,
				`black jumper, ${singular}`,
				`black coat, ${singular}`
			])
				expect(typesIn(text), text).toHaveLength(2);
		expect(typesIn('black shoes, red block heels')).toEqual(['shoes', 'block-heels']);
	});
	it('hangs on a rail by itself', () => {
		for (const [text, types] of [
			['black dress, pleated skirt', ['dress', 'pleated-skirt']],
			['black shoes, block heels', ['shoes', 'block-heels']]
		] as const)
			expect(readPieces(text).pieces.map(({ garment }) => garment.type)).toEqual(types);
	});
});

describe('how something is cut behind', () => {
	const shapes = { scooped: 'low', plunging: 'low', dipped: 'low', low: 'low', open: 'open', bare: 'open' };
	const places = ['behind', 'at the back', 'in the back', 'at the rear', 'in back'];
	const far = ['', 'low ', 'to the waist '];
	it('is said of the back, and leaves the neckline as it is', () => {
		fc.assert(
			fc.property(
				someOf(['dress', 'evening gown', 'top', 'jumpsuit']),
				someOf(['', ', boat neck in front', ', high neck']),
				someOf(Object.keys(shapes) as (keyof typeof shapes)[]),
				someOf(far),
				someOf(places),
				someOf(['', ', long sleeves', ' and long sleeves']),
				(thing, neck, shape, depth, place, after) => {
					const text = `a black ${thing}${neck}, ${shape} ${depth}${place}${after}`;
					const said = facetsIn(text);
					expect(['low', 'open'], text).toContain(said.back);
					if (!depth) expect(said.back, text).toBe(shapes[shape]);
					expect(said.neckline, text).toBe(facetsIn(`a black ${thing}${neck}`).neckline);
					expect(said.sleeveLength, text).toBe(facetsIn(`a black ${thing}${after}`).sleeveLength);
				}
			),
			runs
		);
	});
	it('needs no comma: “a dress plunging at the back”', () => {
		for (const shape of ['plunging', 'scooped'])
			for (const place of places) {
				const said = facetsIn(`a dress ${shape} ${place}`);
				expect([said.back, said.neckline], `${shape} ${place}`).toEqual(['low', undefined]);
			}
	});
	it('is nothing that lies behind something', () =>
		expect(facetsIn('a top scooped behind the ears').back).toBeUndefined());
});

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

describe('a part that is told before a name', () => {
	/** "Wing collar", "three-quarter sleeve": what says a value and ends in the part that has it. */
	const told = facetPhrases.filter(
		({ phrase }) =>
			/[ -]/.test(phrase) &&
			sensesOfPhrase(phrase.split(/[ -]/).at(-1) ?? '')?.some(({ kind }) => kind === 'detail')
	);
	it('leaves the name to the garment, which may be such a part as well: “a waistcoat, wing collar shirt”', () => {
		const worn = garmentTypes.filter(({ division }) => division !== 'beauty');
		const inOne = told.flatMap(({ phrase, facet }) =>
			worn.flatMap(({ id, singular, facets }) =>
				facets.includes(facet) ? [{ id, words: `${phrase} ${singular}` }] : []
			)
		);
		fc.assert(
			fc.property(someOf(inOne), someOf(['black ', 'earrings, black ', 'a ']), ({ id, words }, before) => {
				const types = typesIn(before + words);
				expect(
					types.some((type) => slotsMeetOf(type, id)),
					`${before}${words}: ${types.join()}`
				).toBe(true);
			}),
			runs
		);
		expect(typesIn('brocade waistcoat, wing collar shirt, cravat')).toEqual(['waistcoat', 'shirt', 'cravat']);
	});
});

describe('a colour that is told by two', () => {
	/** In CIELAB, where it is mixed. */
	const apart = (one: Lab, other: Lab) => Math.hypot(one.l - other.l, one.a - other.a, one.b - other.b);
	const paletteOf = (text: string) => elementsOf(text)[0]?.garment.palette ?? [];
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

describe('where something sits', () => {
	it('is no neckline: “buttons along one shoulder”', () => {
		for (const what of ['buttons', 'ruffles', 'studs'])
			for (const place of ['along', 'on', 'over', 'across'])
				expect(facetsIn(`a navy jumper with ${what} ${place} one shoulder`).neckline).toBeUndefined();
		expect(facetsIn('a one-shoulder dress').neckline).toBe('one-shoulder');
	});
	it('is a part of what it sits on: “a velvet bow at each ankle”, “tie shoulders”', () => {
		expect(typesIn('black tights with a velvet bow at each ankle')).toEqual(['tights']);
		expect(typesIn('a white mini with a scalloped hem and tie shoulders')).toHaveLength(1);
		expect(elementsOf('a skater dress, sheer tights with a back seam')[1]?.note).toContain('seam');
	});
	it('may be what goes on below: “a bodice above a full skirt”', () =>
		expect(typesIn('an off-the-shoulder bodice in taffeta above a long full skirt')).toEqual(['dress']));
});

describe('a mistyped word', () => {
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
				expect(
					elementsOf(text).map(({ garment }) => garment.palette.map(({ hex }) => hex)),
					text
				).toEqual(
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
