/** Laws of what names a thing: a cloth that stands for one, a noun that nobody knows, one of several, a colour of the whole look. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { comesInPairs, garmentType, garmentTypes, readLook } from '../../src/lib/core';
import { colourWord } from '../looks';
import { hexesOf, someOf, typesIn } from '../read';

const runs = { numRuns: 200 };
const coloursIn = (text: string) => readLook(text).elements.map((one) => hexesOf(one).join());
const only = (word: string) => coloursIn(`${word} jeans`)[0];

const cloths = [
	['leather', 'leather-jacket'],
	['fur', 'fur-coat'],
	['faux fur', 'faux-fur-coat'],
	['shearling', 'shearling-jacket']
] as const;
/** What is worn elsewhere, and could be of none of these cloths’ place. */
const below = ['jeans', 'tailored trousers', 'ankle boots', 'tights', 'wool skirt'];

describe('a cloth that stands for a thing', () => {
	it('is that thing with an article, whatever follows: "a vintage leather, jeans"', () => {
		fc.assert(
			fc.property(someOf(cloths), someOf(below), colourWord, ([cloth, type], other, colour) => {
				for (const text of [`a big ${cloth}, ${colour} ${other}`, `${colour} ${other}, and a ${cloth}`]) {
					const types = typesIn(text);
					expect(types, text).toHaveLength(2);
					expect(types, text).toContain(type);
				}
			}),
			runs
		);
	});
	it('is that thing in a colour of its own, and gives nothing of it to what follows', () => {
		fc.assert(
			fc.property(someOf(cloths), someOf(below), colourWord, colourWord, ([cloth, type], other, one, two) => {
				const text = `${one} ${cloth}, ${two} ${other}`;
				fc.pre(typesIn(`${one} jeans`).length === 1 && coloursIn(`${two} ${other}`).length === 1);
				const { elements } = readLook(text);
				expect(
					elements.map(({ garment }) => garment.type),
					text
				).toContain(type);
				expect(coloursIn(text)[1], text).toBe(coloursIn(`${two} ${other}`)[0]);
			}),
			runs
		);
	});
	it('is a cloth where it may be said of what was named before: "a tote, black leather"', () => {
		const before = ['tote', 'skirt', 'ankle boots', 'belt', 'coat'];
		fc.assert(
			fc.property(someOf(before), someOf(['leather', 'shearling']), colourWord, (named, cloth, colour) => {
				for (const text of [`${named}, ${colour} ${cloth}`, `${named}: ${colour} ${cloth}`]) {
					expect(typesIn(text), text).toHaveLength(1);
					expect(typesIn(`${text}, white tee`), text).toHaveLength(2);
				}
			}),
			runs
		);
		expect(typesIn('jeans, dark denim')).toEqual(['jeans']);
		expect(typesIn('biker jacket, black leather')).toEqual(['biker-jacket']);
	});
	it('is a cloth where what follows is worn in its place, or where it is one of a list', () => {
		for (const text of [
			'a black leather, belted trench coat',
			'cream, wool, belted coat',
			'a coat in soft leather',
			'black leather jacket',
			'a fur, leather and wool coat'
		])
			expect(typesIn(text), text).toHaveLength(1);
	});
});

describe('a noun that is not known', () => {
	const stems = fc.stringMatching(/^[bdfgklmnprst]o[bdgmnprtz]{2}$/);
	const endings = someOf(['y', 'ly', 'ish', 'ing', 'al', 'ic', 'er', 'o']);
	it('keeps its colour, however it ends, where what follows has one of its own', () => {
		fc.assert(
			fc.property(stems, endings, colourWord, colourWord, (stem, ending, one, two) => {
				const text = `${one} ${stem}${ending}, ${two} jeans`;
				const known = readLook(`${stem}${ending}`).phrases;
				fc.pre(known.length === 1 && known[0]?.status === 'unknown' && !known[0].suggestions?.length);
				const { elements } = readLook(text);
				expect(
					elements.map((one) => hexesOf(one).join()),
					text
				).toEqual([coloursIn(`${two} jeans`)[0]]);
			}),
			runs
		);
	});
});

describe('one of several', () => {
	const several = garmentTypes.filter(
		({ id, singular, plural, division }) =>
			/^[a-z]+$/.test(singular) &&
			plural === `${singular}s` &&
			division !== 'beauty' &&
			!comesInPairs(id) &&
			typesIn(plural)[0] === id &&
			typesIn(plural).length === 1
	);
	it('there are many kinds to say it of', () => expect(several.length).toBeGreaterThan(30));
	it('two socks are a pair of two colours all the same', () =>
		expect(typesIn('socks: one red, one green')).toEqual(['socks']));
	it('"belts: one black, one tan" are two, each in its colour', () => {
		fc.assert(
			fc.property(someOf(several), colourWord, colourWord, ({ plural, id }, one, two) => {
				fc.pre(one !== two && only(one) !== only(two));
				for (const text of [
					`${plural}: one ${one}, one ${two}`,
					`two ${plural}, one ${one}, one ${two}`,
					`${plural}: a ${one} one and a ${two} one`
				]) {
					expect(typesIn(text), text).toEqual([id, id]);
					expect(coloursIn(text), text).toEqual([
						coloursIn(`${one} ${plural}`)[0],
						coloursIn(`${two} ${plural}`)[0]
					]);
				}
			}),
			runs
		);
	});
});

describe('a colour of the whole look', () => {
	const garments = ['blazer', 'jeans', 'roll-neck jumper', 'ankle boots', 'midi skirt'];
	it('is that of every garment that was named without one, and of no other', () => {
		fc.assert(
			fc.property(
				fc.subarray(garments, { minLength: 2 }),
				colourWord,
				colourWord,
				someOf(['everything', 'head to toe', 'the whole look']),
				(named, all, own, word) => {
					const [first = '', ...rest] = named;
					const text = `${own} ${first}, ${rest.join(', ')}, ${word} ${all}`;
					const colours = coloursIn(text);
					expect(colours[0], text).toBe(coloursIn(`${own} ${first}`)[0]);
					expect(colours.slice(1), text).toEqual(rest.map((garment) => coloursIn(`${all} ${garment}`)[0]));
				}
			),
			runs
		);
	});
	it('colours neither hair nor jewels, and what says how it sits is no cut', () => {
		const { elements } = readLook('black boots, gold hoops, low bun, jeans, everything black');
		for (const { garment } of elements)
			if (['beauty', 'jewellery'].includes(garmentType(garment.type).division))
				expect(garment.palette).toEqual([]);
		const easy = readLook('the rest is easy: white tee, jeans, trainers');
		expect(easy.elements.every(({ garment }) => garment.facets.fit === undefined)).toBe(true);
	});
});

describe('a name that stands in parts', () => {
	it.each([
		['drop emerald earrings', ['drop-earrings']],
		['diamond drop necklace, black gown', ['pendant', 'evening-gown']],
		['pink cardigan, crew neck', ['cardigan']],
		['grey cardigan, V-neck, jeans', ['cardigan', 'jeans']],
		['studded dog collar, torn tee', ['choker', 't-shirt']],
		['black cashmere crewneck, jeans', ['jumper', 'jeans']]
	])('%s', (text, types) => expect(typesIn(text)).toEqual(types));
	it.each([
		['skirt with a kick pleat', 'hemDetail', 'slit'],
		['dress with a high ruffle collar', 'collar', 'ruffled'],
		['blouse with ruffle sleeves', 'sleeveShape', 'ruffled']
	] as const)('%s: %s is %s', (text, facet, value) =>
		expect(readLook(text).elements[0]?.garment.facets[facet]?.value).toBe(value)
	);
	it('a chain beside nude shoes takes nothing of them', () =>
		expect(coloursIn('red shoes and necklace')[1]).toBe(''));
});
