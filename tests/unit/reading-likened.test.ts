/** Laws of reading: a first name straight before its kind, what is only guessed, and what one thing is said to be like. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentType, garmentTypes, readLook } from '../../src/lib/core';
import { facetPhrases } from '../../src/lib/core/lexicon/facet-words';
import { materials } from '../../src/lib/core/lexicon/materials';
import { slotsMeetOf } from '../../src/lib/core/lexicon/taxonomy';
import { sensesOfPhrase } from '../../src/lib/core/reading/spans/spans';
import { alsoSays, colourWord } from '../looks';
import { elementsOf, hexesIn, hexesOf, typesIn } from '../read';

const runs = { numRuns: 300 };
const isSure = (name: string) => {
	const { elements, questions, things } = readLook(`red ${name}`);
	return !alsoSays(name) && elements.length === 1 && questions.length === 0 && things.length === 0;
};
const sure = garmentTypes.filter(({ singular }) => isSure(singular));

describe('a first name straight before its kind', () => {
	const pairs = sure
		.filter(({ general, singular }) => general && !singular.includes(' '))
		.flatMap((first) =>
			sure
				.filter(({ general, family }) => !general && family === first.family)
				.filter((kind) => !sensesOfPhrase(`${kind.singular} ${first.singular}`))
				.map((kind) => ({ first: first.singular, kind: kind.singular }))
		);
	it('is one thing with it, in the colour that is said between: “trousers olive chinos”', () => {
		expect(pairs.length).toBeGreaterThan(100);
		fc.assert(
			fc.property(fc.constantFrom(...pairs), colourWord, ({ first, kind }, colour) => {
				const [text, plain] = [`${first} ${colour} ${kind}`, `${colour} ${kind}`];
				fc.pre(typesIn(plain).length === 1);
				expect([typesIn(text), hexesIn(text)], text).toEqual([typesIn(plain), hexesIn(plain)]);
			}),
			runs
		);
	});
	it('is so where a cloth makes the kind: “shorts indigo denim shorts”', () => {
		for (const name of ['shorts', 'skirt', 'shirt', 'jacket'])
			for (const colour of ['indigo', 'black', 'mid-wash'])
				expect(typesIn(`${name} ${colour} denim ${name}`)).toEqual([`denim-${name}`]);
	});
	it('is so in a list of them', () => {
		expect(typesIn('hair low chignon, shoes black brogues. trousers olive chinos')).toEqual([
			'low-bun',
			'brogues',
			'chinos'
		]);
	});
	it('leaves two things that a comma parts two', () => {
		expect(typesIn('trousers, blue jeans')).toEqual(['trousers', 'jeans']);
	});
});

describe('what is asked between brackets', () => {
	const worn = sure.filter(({ division }) => !['beauty', 'jewellery'].includes(division));
	it('is a choice, and no second thing: “boots (chelsea boots?)”', () => {
		fc.assert(
			fc.property(fc.constantFrom(...worn), fc.constantFrom(...worn), (one, other) => {
				fc.pre(one !== other && slotsMeetOf(one.id, other.id));
				const text = `red ${one.singular} (${other.singular}?), grey socks`;
				const { questions } = readLook(text);
				fc.pre(one.slot !== 'hosiery' && typesIn(`red ${one.singular}, grey socks`).length === 2);
				expect(typesIn(text)[0], text).toBe(one.id);
				expect(typesIn(text), text).toHaveLength(2);
				expect(questions[0]?.choices ?? [one.id, other.id], text).toEqual([one.id, other.id]);
			}),
			runs
		);
	});
	it.each(['silk?', 'maybe silk?', 'or is it silk?'])('leaves the cloth that was said: %s', (guess) => {
		const [dress] = elementsOf(`a satin dress (${guess}), black heels`);
		expect(dress?.garment.facets.material?.value).toBe('satin');
	});
	it('is a thing of its own where it is worn elsewhere', () => {
		expect(typesIn('a black coat (scarf?), boots')).toEqual(['overcoat', 'scarf', 'boots']);
	});
	it('ends no sentence', () => {
		expect(readLook('black boots (chelsea?), grey jeans').elements.map(hexesOf)).toEqual([
			hexesIn('black boots')[0],
			hexesIn('grey jeans')[0]
		]);
	});
});

describe('a word for size before a part that says how it is', () => {
	const parts = facetPhrases.filter(({ phrase, facet }) => {
		const words = phrase.split(' ');
		const last = words.at(-1) ?? '';
		return (
			words.length > 1 &&
			words[0] !== 'with' &&
			['closure', 'sleeveShape', 'collar'].includes(facet) &&
			sensesOfPhrase(last)?.some(({ kind }) => kind === 'detail')
		);
	});
	it('is said of the part: “a coat with big covered buttons” is no big coat', () => {
		expect(parts.length).toBeGreaterThan(10);
		for (const { phrase } of parts)
			for (const joint of [' with', ','])
				for (const size of ['big', 'oversized', 'huge']) {
					const text = `a red shirt${joint} ${size} ${phrase}`;
					expect(elementsOf(text)[0]?.garment.facets.fit, text).toBeUndefined();
				}
	});
	it('is said of the garment that is named after it: “an oversized puff-sleeve blouse”', () => {
		expect(elementsOf('an oversized puff-sleeve blouse')[0]?.garment.facets.fit?.value).toBe('oversized');
	});
});

describe('the same cloth', () => {
	const cut = ['wool', 'tweed', 'velvet', 'linen', 'denim', 'satin', 'corduroy'].flatMap(
		(id) => materials.find((one) => one.id === id) ?? []
	);
	const words = ['in the same cloth', 'same cloth', 'of the same fabric', 'in the same material'];
	it('is that of the clothes that were named last in one, and of no tie: “a cap in the same cloth”', () => {
		fc.assert(
			fc.property(fc.constantFrom(...cut), fc.constantFrom(...words), ({ id, label }, same) => {
				const text = `a red ${label} coat, a white shirt, a grey knitted tie, a hat ${same}`;
				const hat = elementsOf(text)[3];
				expect(hat?.garment.facets.material?.value, text).toBe(id);
				expect(hexesOf(hat), text).toEqual(hexesIn(text)[0]);
			}),
			runs
		);
	});
});

describe('a thing that is of a colour like another', () => {
	const accessories = sure.filter(
		({ division, singular }) =>
			['accessories', 'footwear', 'bags'].includes(division) && !singular.includes(' ')
	);
	const two = fc
		.tuple(fc.constantFrom(...accessories), fc.constantFrom(...accessories))
		.filter(([one, other]) => !slotsMeetOf(one.id, other.id) && one.slot !== other.slot);
	const isOne = (name: string, colour: string) =>
		typesIn(`the ${name} is ${colour}`).length === 1 && hexesIn(`the ${name} is ${colour}`)[0]?.length === 1;
	it('is worn with it, in that colour: “the tie is green like his socks”', () => {
		fc.assert(
			fc.property(two, colourWord, ([one, other], colour) => {
				fc.pre([one, other].every(({ singular }) => isOne(singular, colour)));
				const text = `the ${one.singular} is ${colour} like the ${other.singular}`;
				expect(typesIn(text), text).toEqual([one.id, other.id]);
				expect(hexesIn(text)[1], text).toEqual(hexesIn(text)[0]);
			}),
			runs
		);
	});
	it('goes on to what is named with it: “like the bow tie and trousers”', () => {
		const text = 'the cummerbund is midnight blue like the bow tie and trousers';
		expect(typesIn(text)).toEqual(['cummerbund', 'bow-tie', 'trousers']);
		expect(new Set(hexesIn(text).flat()).size).toBe(1);
	});
	it('is none where no colour is said: “a dress like a nightgown”', () => {
		expect(typesIn('a dress like a nightgown, black boots')).toEqual(['dress', 'boots']);
	});
	it('gives its colour, and keeps its cloth: “the same green as the silk blouse”', () => {
		for (const text of [
			'the scarf is the same green as the silk blouse, black boots',
			'a brown coat, the scarf is the same green as the silk blouse, black boots'
		]) {
			const elements = elementsOf(text);
			const [scarf, blouse] = ['scarf', 'blouse'].map((id) =>
				elements.find(({ garment }) => garment.type === id)
			);
			expect(hexesOf(scarf), text).toEqual(hexesIn('a green scarf')[0]);
			expect(hexesOf(blouse), text).toEqual(hexesOf(scarf));
			expect(blouse?.garment.facets.material?.value, text).toBe('silk');
			expect(scarf?.garment.facets.material, text).toBeUndefined();
		}
	});
});

describe('so much of a colour', () => {
	const shoes = sure.filter(({ slot }) => slot === 'feet');
	it.each(['a flash of', 'then a flash of', 'a touch of', 'and then a flash of'])(
		'is of what follows without one, where what went before has its own: %s',
		(measure) => {
			fc.assert(
				fc.property(fc.constantFrom(...shoes), colourWord, ({ singular }, colour) => {
					fc.pre(hexesIn(`${colour} ${singular}`)[0]?.length === 1);
					const text = `navy trousers, ${measure} ${colour} at the foot, ${singular}`;
					expect(hexesIn(text), text).toEqual([
						hexesIn('navy trousers')[0],
						hexesIn(`${colour} ${singular}`)[0]
					]);
				}),
				runs
			);
		}
	);
	it('is not, where that has its own', () => {
		const [, boots] = elementsOf('a navy dress, a touch of red silk, black boots');
		expect(hexesOf(boots)).toEqual(hexesIn('black boots')[0]);
	});
});

describe('everything that is under a coat', () => {
	it('is of one colour, and the coat of none of it', () => {
		const text =
			'the coat is chalk white. Under it everything is navy – fine-knit polo neck, wide trousers – and red flats';
		const [navy, red] = ['navy', 'red'].map((word) => hexesIn(`${word} flats`)[0]);
		expect(hexesIn(text).slice(1)).toEqual([navy, navy, red]);
		expect(hexesIn(text)[0]).not.toContain(navy?.[0]);
	});
});

describe('hoops', () => {
	const knitted = sure.filter(
		({ slot, division }) => slot === 'top' && division === 'tops' && garmentType('hoops').slot !== slot
	);
	it('are stripes of what is knitted in two colours: “a jumper in green and white hoops”', () => {
		for (const { id, singular } of knitted)
			for (const joint of [' ', ' in ']) {
				const text = `${singular}${joint}green and white hoops, grey jeans`;
				const [first, ...others] = elementsOf(text);
				expect([first?.garment.type, others.length], text).toEqual([id, 1]);
				expect(first?.garment.print?.family.value, text).toBe('stripe');
				expect(hexesOf(first), text).toHaveLength(2);
			}
	});
	it.each([
		'a white jumper, red and white hoops',
		'a jumper with gold hoops',
		'a jumper in red, silver hoops'
	])('are worn in the ears else: %s', (text) => {
		expect(typesIn(text)).toContain('hoops');
	});
});

describe('what a slash joins', () => {
	const clothes = sure.filter(({ division }) => ['tops', 'layers', 'bottoms'].includes(division));
	const twoColours = fc
		.tuple(colourWord, colourWord)
		.filter(([one, other]) => hexesIn(`${one} and ${other} scarf`)[0]?.length === 2);
	it('are two colours of one thing, before its name and after it, and none of the next', () => {
		fc.assert(
			fc.property(fc.constantFrom(...clothes), twoColours, ({ singular }, [one, other]) => {
				const [before, after] = [`${one}/${other} ${singular}`, `${singular} ${one}/${other}`];
				const both = hexesIn(`${one} and ${other} ${singular}`);
				fc.pre(both.length === 1 && typesIn(`${one} ${singular}`).length === 1);
				for (const said of [before, after]) {
					const text = `${said}, boots`;
					expect(hexesIn(text), text).toEqual([both[0], []]);
				}
			}),
			runs
		);
	});
	it('are a choice where they are worn in one place, and two things else', () => {
		expect(readLook('loafers/brogues in brown, jeans').questions[0]?.choices).toEqual(['loafers', 'brogues']);
		expect(typesIn('a grey hat/gloves')).toEqual(['hat', 'gloves']);
	});
});

describe('colours straight after a name', () => {
	const three = fc
		.uniqueArray(colourWord, { minLength: 3, maxLength: 3 })
		.filter(([one, two, last]) => hexesIn(`${one}, ${two} and ${last} striped scarf`)[0]?.length === 3);
	it('are all of its own up to the comma: “a shirt red, white and blue, jeans”', () => {
		fc.assert(
			fc.property(three, ([one = '', two = '', last = '']) => {
				for (const text of [`scarf ${one}, ${two} and ${last}, jeans`, `scarf ${one} and ${last}, jeans`])
					expect(hexesIn(text)[1], text).toEqual([]);
			}),
			runs
		);
	});
	it('are the next one’s where that is named with them: “a dress red and white shoes”', () => {
		expect(hexesIn('dress red and white shoes')[1]).toEqual(hexesIn('white shoes')[0]);
	});
});

describe('a cloth that is worn open over another thing', () => {
	it.each(['', ' (red and black)', ', red and black,', ' in red and black'])(
		'is a thing of its own, whatever colours stand between: “plaid flannel%s”',
		(colours) => {
			const text = `plaid flannel${colours} worn open over a white tee, jeans`;
			expect(typesIn(text), text).toEqual(['flannel-shirt', 't-shirt', 'jeans']);
			expect(hexesIn(text)[1], text).toEqual(hexesIn('a white tee')[0]);
		}
	);
});

describe('two things that are a set', () => {
	it('share their cloth and their colour: “cashmere joggers and hoodie set, grey”', () => {
		fc.assert(
			fc.property(fc.constantFrom('linen', 'silk', 'velvet', 'cashmere'), colourWord, (cloth, colour) => {
				const [plain] = elementsOf(`${colour} hoodie`);
				// "Dark denim" says a cloth as well.
				fc.pre(hexesOf(plain).length === 1 && plain?.garment.facets.material === undefined);
				const text = `${cloth} shirt and shorts set, ${colour}, white trainers`;
				const [shirt, shorts] = elementsOf(text);
				expect(hexesOf(shirt), text).toEqual(hexesOf(shorts));
				expect(
					[shirt, shorts].map((one) => one?.garment.facets.material?.value),
					text
				).toEqual([cloth, cloth]);
			}),
			runs
		);
	});
});

describe('sequins', () => {
	it('are on a cloth that was named before them, and what a thing is of where none was', () => {
		const cloths = (text: string) => {
			const { material, texture } = elementsOf(text)[0]?.garment.facets ?? {};
			return [material?.value, texture?.value];
		};
		expect(cloths('a skirt in net, green, with gold sequins')).toEqual(['net', 'sequinned']);
		expect(cloths('a black tulle skirt with sequins')).toEqual(['tulle', 'sequinned']);
		expect(cloths('a dress in silver sequins')).toEqual(['sequin', undefined]);
	});
});
