/** Laws of reading: a first name and its kind in two colours, descriptions that stand beside a thing, names written as two words. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentTypes, readLook } from '../../src/lib/core';
import { materials } from '../../src/lib/core/lexicon/materials';
import { sensesOfPhrase } from '../../src/lib/core/reading/spans/spans';
import { alsoSays, colourWord } from '../looks';
import { elementsOf, hexesIn, typesIn } from '../read';

const runs = { numRuns: 200 };
const isSure = (name: string) => {
	const { elements, questions, things } = readLook(`red ${name}`);
	return !alsoSays(name) && elements.length === 1 && questions.length === 0 && things.length === 0;
};

const sure = garmentTypes.filter(({ singular, division }) => division !== 'beauty' && isSure(singular));
/** A first name, and a kind that is worn in its place: "shoes" and "brogues". */
const pairs = sure
	.filter(({ general }) => general)
	.flatMap((first) =>
		sure
			.filter(({ slot, general, family }) => slot === first.slot && !(general && family === first.family))
			// "A bolero cardigan" is a name of its own.
			.filter((kind) => !sensesOfPhrase(`${kind.singular} ${first.singular}`))
			.map((kind) => ({ first: first.singular, kind: kind.singular }))
	);
const pair = fc.constantFrom(...pairs);
const twoColours = fc
	.tuple(colourWord, colourWord)
	.map(([one, other]) => `${one} and ${other}`)
	.filter((colours) => hexesIn(`${colours} scarf`)[0]?.length === 2);
const isMany = (name: string) => /[^s]s$/.test(name);

/** Of "camel hair pins", camel hair is a cloth, and pins are no hair pins. */
const isReadSo = (plain: string, kind: string) =>
	typesIn(plain).length === 1 && typesIn(plain)[0] === typesIn(kind)[0];

describe('a first name, and its kind in two colours', () => {
	it('is one thing of both under a colon: “Shoes: navy and cream brogues”', () => {
		fc.assert(
			fc.property(pair, twoColours, ({ first, kind }, colours) => {
				const [text, plain] = [`${first}: ${colours} ${kind}`, `${colours} ${kind}`];
				fc.pre(isReadSo(plain, kind));
				expect([typesIn(text), hexesIn(text)], text).toEqual([typesIn(plain), hexesIn(plain)]);
			}),
			runs
		);
	});
	it('is one thing of both after “is” and “are”', () => {
		fc.assert(
			fc.property(pair, twoColours, ({ first, kind }, colours) => {
				const said = isMany(first) ? 'are' : isMany(kind) ? 'is' : 'is a';
				const [text, plain] = [`the ${first} ${said} ${colours} ${kind}`, `${colours} ${kind}`];
				fc.pre(isReadSo(plain, kind));
				expect([typesIn(text), hexesIn(text)], text).toEqual([typesIn(plain), hexesIn(plain)]);
			}),
			runs
		);
	});
	it('leaves what is worn elsewhere its own', () => {
		expect(typesIn('the jacket is navy and cream trousers go with it')).toEqual(['jacket', 'trousers']);
		expect(hexesIn('Top: red and white, jeans: blue')[0]).toHaveLength(2);
	});
	it('is that kind where both are first names: “her shoes are gold sandals”', () => {
		for (const [first, kind] of [
			['shoes', 'sandals'],
			['shoes', 'boots'],
			['top', 'shirt'],
			['top', 'jumper']
		])
			expect(typesIn(`her ${first} ${isMany(first ?? '') ? 'are' : 'is a'} red ${kind}`)).toHaveLength(1);
	});
});

describe('a description in a colour of its own, before a thing in another', () => {
	const worn = fc.constantFrom('shirt', 'skirt', 'jumper', 'coat', 'trousers', 'socks', 'tee');
	const cloth = fc.constantFrom(
		...materials.map(({ label }) => label).filter((label) => !label.includes(' '))
	);
	it('hands nothing on, and is asked about', () => {
		fc.assert(
			fc.property(colourWord, cloth, colourWord, worn, (colour, of, other, thing) => {
				fc.pre(colour !== of);
				// Of "ash cotton", "sea silk" the first is no colour of the second.
				fc.pre(hexesIn(`${colour} ${of} scarf`)[0]?.length === 1);
				// Nor of "walnut horn": both are one colour.
				fc.pre(!sensesOfPhrase(of)?.some(({ kind }) => kind === 'colour'));
				// "Chambray" is a cloth as well.
				fc.pre(typesIn(`${other} ${thing}`)[0] === typesIn(thing)[0]);
				const text = `${colour} ${of}, ${other} ${thing}`;
				const last = elementsOf(text).at(-1);
				expect(last?.garment, text).toEqual(elementsOf(`${other} ${thing}`)[0]?.garment);
				expect(readLook(text).things.length + elementsOf(text).length, text).toBe(2);
			}),
			runs
		);
	});
	it('of one is none of several: “a red button-through, sandals”', () => {
		for (const said of ['red button-through', 'navy pinstripe', 'long floral', 'shiny satin'])
			for (const article of ['a', 'A'])
				expect(hexesIn(`${article} ${said}, sandals`), said).toEqual(hexesIn('sandals'));
	});
	it('is of what follows where that has no colour of its own', () => {
		expect(typesIn('soft, faded blue jeans')).toEqual(['jeans']);
		expect(readLook('navy double-breasted, brass-buttoned blazer').things).toEqual([]);
		expect(readLook('a black, shiny pair of boots').things).toEqual([]);
		expect(readLook('a pair of black, flat shoes').things).toEqual([]);
	});
});

describe('a name in two words', () => {
	it.each([
		['sling backs', 'slingbacks'],
		['ear rings', 'earrings'],
		['sun glasses', 'sunglasses'],
		['a swim suit', 'swimsuit'],
		['gum boots', 'wellingtons'],
		['a night dress', 'nightdress']
	])('is the name: “%s”', (said, type) =>
		expect(typesIn(`red ${said}`.replace('red a', 'a red'))).toEqual([type])
	);
	it('is none where its first half says something', () => {
		expect(typesIn('a great coat in camel')).toEqual(['overcoat']);
		expect(typesIn('a shirt under trousers')).toEqual(['shirt', 'trousers']);
	});
});

describe('what fastens a thing, and where', () => {
	it('has the colour that stands before it: “pearl buttons down the back”', () => {
		fc.assert(
			fc.property(
				colourWord,
				colourWord,
				fc.constantFrom('buttons', 'zip'),
				fc.constantFrom('down the back', 'up the back', 'down the front'),
				(colour, other, part, where) => {
					const plain = elementsOf(`${colour} dress`)[0]?.garment.palette;
					for (const text of [
						`${colour} dress, ${other} ${part} ${where}`,
						`a ${colour} dress with ${other} ${part} ${where}`
					]) {
						const [dress, ...more] = elementsOf(text);
						expect(more, text).toEqual([]);
						expect(dress?.garment.palette, text).toEqual(plain);
						// What is of metal has a field of its own.
						if (!dress?.garment.metal) expect(dress?.note, text).toContain(part);
					}
				}
			),
			runs
		);
	});
	it('a back that plunges is low, and wide trousers of thin lines are wide', () => {
		for (const said of ['a gown with a plunging back', 'black gown, scooped back'])
			expect(elementsOf(said)[0]?.garment.facets.back?.value, said).toBe('low');
		const [trousers] = elementsOf('wide pinstripe trousers');
		expect([trousers?.garment.facets.leg?.value, trousers?.garment.print?.scale]).toEqual([
			'wide',
			undefined
		]);
	});
});
