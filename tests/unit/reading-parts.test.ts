/** Laws of reading: what is said of a part after its name is what is said of it before: "long sleeves", "the sleeves long", "the sleeves are long". */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentTypes, readLook } from '../../src/lib/core';
import { facetPhrases } from '../../src/lib/core/lexicon/facet-words';
import type { FacetId } from '../../src/lib/core/lexicon/facets';
import { materials } from '../../src/lib/core/lexicon/materials';
import { typeHasFacet } from '../../src/lib/core/lexicon/taxonomy';
import { leftOver } from '../../src/lib/core/reading';
import { sensesOfPhrase } from '../../src/lib/core/reading/spans/spans';
import { alsoSays, colourWord } from '../looks';

const runs = { numRuns: 400 };
const partsOfFacets: Readonly<Record<string, readonly FacetId[]>> = {
	sleeves: ['sleeveShape', 'sleeveLength'],
	neckline: ['neckline'],
	collar: ['collar'],
	lapels: ['lapel'],
	hem: ['hemDetail'],
	shoulders: ['shoulder'],
	back: ['back'],
	toes: ['toe'],
	soles: ['sole'],
	brim: ['brim']
};
/** A part, what is said of it in one word, and the facet that holds it. */
const said = Object.entries(partsOfFacets).flatMap(([part, facets]) =>
	facetPhrases
		.filter(({ facet, phrase }) => facets.includes(facet) && /^[a-z]+$/.test(phrase) && phrase !== 'none')
		.map(({ facet, phrase }) => ({ part, facet, words: `${phrase} ${part}`, how: phrase }))
);
/** Names by which a thing is said, and nothing of it. */
const names = garmentTypes.filter(
	({ singular, division }) => division !== 'beauty' && !alsoSays(singular) && !/[^s]s$/.test(singular)
);
const partOfThing = fc
	.constantFrom(...said)
	.chain((one) =>
		fc
			.constantFrom(...names.filter(({ id }) => typeHasFacet(id, one.facet)))
			.map(({ singular }) => ({ ...one, name: singular }))
	);
const read = (text: string) => {
	const { elements, things } = readLook(text);
	return {
		things: things.length,
		elements: elements.map(({ garment, moves, note }) => ({ garment, moves, note }))
	};
};
/** One word for a cloth, and no name of a thing: a shell is one. */
const saysClothAlone = (label: string) =>
	/^[a-z]+$/.test(label) && (sensesOfPhrase(label) ?? []).every(({ kind }) => kind === 'facet');
const isMany = (part: string) => part.endsWith('s');

describe('what is said of a part after its name', () => {
	it('is what is said of it before', () => {
		fc.assert(
			fc.property(partOfThing, colourWord, ({ name, words, how, part }, colour) => {
				const article = isMany(part) ? '' : 'a ';
				const before = read(`a ${colour} ${name} with ${article}${words}`);
				for (const text of [
					`a ${colour} ${name}, ${part} ${how}`,
					`a ${colour} ${name}, the ${part} ${how}`,
					`a ${colour} ${name} with the ${part} ${how}`,
					`a ${colour} ${name}. The ${part} ${isMany(part) ? 'are' : 'is'} ${how}`
				])
					expect(read(text), text).toEqual(before);
			}),
			runs
		);
	});

	it('is of the part, though it is a cloth or a colour, and of no garment', () => {
		const cloth = fc.constantFrom(...materials.map(({ label }) => label).filter(saysClothAlone));
		fc.assert(
			fc.property(
				fc.constantFrom('collar', 'lapels', 'pockets', 'sleeves'),
				fc.oneof(cloth, colourWord),
				colourWord,
				(part, how, colour) => {
					const plain = read(`a ${colour} coat`).elements[0]?.garment;
					for (const text of [
						`a ${colour} coat, ${part} ${how}, red boots`,
						`a ${colour} coat with the ${part} ${how} and red boots`
					]) {
						const [coat, boots, ...more] = read(text).elements;
						expect(coat?.garment.palette.slice(0, 1), text).toEqual(plain?.palette);
						expect(coat?.garment.facets.material, text).toEqual(plain?.facets.material);
						expect([boots?.garment.type, more.length], text).toEqual(['boots', 0]);
					}
				}
			),
			runs
		);
	});
	it('goes on after “and”: “the lapels wide and satin”', () => {
		const [coat] = read('a coat, lapels wide and satin').elements;
		expect(coat?.note).toBe('wide lapels, satin lapels');
		expect(coat?.garment.facets.material).toBeUndefined();
	});
	it('keeps its order where it is several words: “straps crossed at the back”', () =>
		expect(read('a top, straps crossed at the back').elements[0]?.note).toBe('straps crossed at the back'));
	it('is of what is worn there already, though the part is a name as well', () => {
		for (const text of [
			'black shoes, heels low',
			'black shoes, the heels low',
			'black shoes. The heels are low'
		]) {
			const [shoes, ...more] = read(text).elements;
			expect([shoes?.garment.facets.heelHeight?.value, more.length], text).toEqual(['low', 0]);
		}
		expect(read('a white shirt, cuffs undone').elements).toHaveLength(1);
		expect(read('a white shirt, cuffs gold').elements.map(({ garment }) => garment.type)).toEqual([
			'shirt',
			'cuff'
		]);
		expect(read('black shoes, heels').elements).toHaveLength(2);
	});
	it('is none of where a part is, or how far it goes', () => {
		expect(read('a skirt with a slit to mid-thigh').elements[0]?.note).toBe('slit to mid-thigh');
		expect(read('a dress with a zip at the back').elements[0]?.garment.facets.back).toBeUndefined();
	});
	it('is of the coat that is worn over everything', () => {
		const [trench, boots] = read('a trench over everything, collar popped, ankle boots').elements;
		expect(trench?.moves).toEqual(['collar-up']);
		expect(boots?.garment.type).toBe('ankle-boots');
	});
	it('turns a leg up where it has a cuff, and is a bracelet where that is of metal', () => {
		for (const legs of ['jeans', 'wool trousers', 'chinos']) {
			const [worn, boots, ...more] = read(`${legs} with a wide cuff, black boots`).elements;
			expect([worn?.moves, boots?.garment.type, more.length], legs).toEqual([['hem-cuffed'], 'boots', 0]);
			expect(read(`${legs} with a gold cuff`).elements.map(({ garment }) => garment.type)[1]).toBe('cuff');
		}
	});
	it('is a place at the cuff of sleeves and legs, and no bracelet', () => {
		const ending = names.filter(
			({ facets }) => facets.includes('sleeveLength') || facets.includes('legLength')
		);
		const done = ['gathered', 'frayed', 'frilled', 'with lace', 'with gold buttons', 'with white stripes'];
		const there = ['at the cuff', 'at the cuffs', 'on the cuffs'];
		fc.assert(
			fc.property(
				fc.constantFrom(...ending),
				fc.constantFrom(...done),
				fc.constantFrom(...there),
				({ singular }, how, where) => {
					const text = `a red ${singular} ${how} ${where}, black boots`;
					const [worn, boots, ...more] = read(text).elements;
					expect([worn?.garment.type, boots?.garment.type, more.length], text).toEqual([
						read(`a red ${singular}`).elements[0]?.garment.type,
						'boots',
						0
					]);
					expect(worn, text).not.toEqual(read(`a red ${singular}, black boots`).elements[0]);
				}
			),
			runs
		);
		expect(read('jeans frayed at the cuffs').elements[0]?.garment.facets.hemDetail?.value).toBe('frayed');
		expect(read('a red dress, a gold cuff at the wrist').elements).toHaveLength(2);
	});
});

describe('a name that is a stuff as well, straight before a part', () => {
	// A scarf, a belt and a shoe can have a button themselves.
	const stuffs = garmentTypes
		.filter(({ division }) => !['accessories', 'bags', 'footwear'].includes(division))
		.flatMap(({ singular, words }) => [singular, ...words.map(({ word }) => word)])
		.filter((word) => /^[a-z]+$/.test(word))
		.filter((word) => {
			const senses = sensesOfPhrase(word) ?? [];
			const saysCloth = senses.some((sense) => sense.kind === 'facet' && sense.facet === 'material');
			return saysCloth && senses.some(({ kind }) => kind === 'type');
		});
	it('there are some', () => expect(stuffs).toEqual(expect.arrayContaining(['shell', 'fleece'])));
	it('is what the part is of: “a coat, shell buttons”, “a parka, fleece lining”', () => {
		for (const stuff of new Set(stuffs))
			for (const part of ['buttons', 'toggles', 'lining', 'collar']) {
				const text = `a red coat, ${stuff} ${part}, black boots`;
				const [coat, boots, ...more] = read(text).elements;
				expect([coat?.garment.type, boots?.garment.type, more.length], text).toEqual([
					'overcoat',
					'boots',
					0
				]);
				expect(coat?.garment.facets.material, text).toBeUndefined();
				expect(coat?.note || coat?.garment.facets.collar?.value, text).toContain(stuff);
			}
	});
});

describe('a length straight after what is done to the cloth', () => {
	it('says where it is done, and is no length', () => {
		for (const text of [
			'jeans torn at the knee',
			'her jeans are baggy and torn at the knee',
			'trousers patched at the knee',
			'trousers slim to the knee'
		]) {
			const [legs] = read(text).elements;
			expect(legs?.garment.facets.legLength, text).toBeUndefined();
			expect(legs?.note, text).toMatch(/(torn|patched) at the knee|slim to the knee/);
		}
		expect(read('jeans cropped at the knee').elements[0]?.garment.facets.legLength).toBeDefined();
		expect(read('black shorts, at the knee').elements[0]?.garment.facets.legLength?.value).toBe('knee');
	});
});

describe('what stands over a list', () => {
	const worn = fc.constantFrom('a red silk scarf', 'black boots', 'a tweed blazer', 'white jeans');
	it('names the look where it is no thing, and changes none of those', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(
					'dark academia',
					'boho bride',
					'Ballerina off-duty',
					'quiet look',
					'1980s power',
					'frobber'
				),
				fc.uniqueArray(worn, { minLength: 2, maxLength: 4 }),
				(heading, things) => {
					const text = `${heading}: ${things.join(', ')}`;
					expect(read(text)).toEqual(read(things.join(', ')));
					expect(readLook(text).phrases[0]?.takenFor).toBe('names the look; stands over what follows');
				}
			)
		);
	});
	it('stands over a single thing as well, and stays in no line; a thing that is not known does', () => {
		for (const heading of ['dark academia', 'boho bride', 'quiet look'])
			expect(leftOver(readLook(`${heading}: a tweed coat`)), heading).toBe('');
		expect(leftOver(readLook('lilac frobber: a silk scarf'))).toBe('lilac frobber');
		expect(read('left ear: a stud').elements[0]?.garment.type).toBe('studs');
	});
	it('is what they make up, of a set: in its colour', () => {
		for (const [set, first, second] of [
			['a sage set', 'bra top', 'leggings'],
			['a sage co-ord', 'camp-collar shirt', 'shorts']
		]) {
			const made = read(`${set}: ${first} and ${second}`).elements.map(({ garment }) => garment);
			expect(made).toHaveLength(2);
			for (const { palette } of made)
				expect(palette).toEqual(read('a sage skirt').elements[0]?.garment.palette);
		}
	});
	it('stays a dress, whatever its skirt', () => {
		for (const skirt of ['ballgown skirt', 'tulle skirt', 'full skirt'])
			expect(
				read(`Dress: black, strapless, ${skirt}`).elements.map(({ garment }) => garment.type),
				skirt
			).toEqual(['dress']);
	});
});

describe('what is said of one part of a set', () => {
	const facetsOf = (text: string) =>
		Object.fromEntries(
			Object.entries(read(text).elements[0]?.garment.facets ?? {}).map(([id, of]) => [id, of?.value])
		);
	it('is said of none of what the other has', () => {
		expect(facetsOf('a skirt suit with a short boxy jacket')).toEqual({ topLength: 'waist', fit: 'relaxed' });
		expect(facetsOf('a skirt suit, short skirt, long jacket')).toEqual({
			hemLength: 'mini',
			topLength: 'thigh'
		});
		expect(facetsOf('a suit with a long jacket and cropped trousers')).toEqual({
			topLength: 'thigh',
			legLength: 'cropped'
		});
	});
	it('shorts are long at the knee', () => {
		for (const text of ['long white shorts', 'full-length shorts', 'white shorts, long'])
			expect(facetsOf(text), text).toEqual({ legLength: 'knee' });
	});
});

describe('a little of a colour', () => {
	it('on the lips is the lipstick’s, and nothing of what was named before', () => {
		for (const little of ['a smear of', 'a touch of', 'a flash of', ''])
			fc.assert(
				fc.property(colourWord, (colour) => {
					const [hoops, lips, ...more] = read(`gold hoops, ${little} ${colour} on the lips`).elements;
					expect(hoops, colour).toEqual(read('gold hoops').elements[0]);
					expect([lips?.garment.type, more.length], colour).toEqual(['lipstick', 0]);
				}),
				{ numRuns: 40 }
			);
	});
	it('at a part is said of that part', () =>
		expect(
			read('a grey dress, a touch of lace at the collar').elements[0]?.garment.facets.collar?.value
		).toBe('lace'));
});

describe('a cloth before what says itself how it is', () => {
	it('is the garment’s: “a lace high-neck blouse”', () => {
		for (const [text, cloth] of [
			['an ivory lace high-neck blouse', 'lace'],
			['a velvet shawl-collar jacket', 'velvet'],
			['a satin peak-lapel blazer', 'satin']
		] as const)
			expect(read(text).elements[0]?.garment.facets.material?.value, text).toBe(cloth);
	});
	it('is the part’s, where it has that part beside it: “with a satin shawl collar”', () =>
		expect(
			read('a black coat with a satin shawl collar').elements[0]?.garment.facets.material
		).toBeUndefined());
	it('a cuff of a shirt is a part of it, one of metal is a bracelet', () => {
		expect(read('a white shirt with an exaggerated cuff').elements).toHaveLength(1);
		expect(read('a white shirt with a gold cuff').elements).toHaveLength(2);
	});
	it('what matches and is not known is a thing of its own, and asked', () =>
		expect(read('a red dress, matching frobber').things).toBe(1));
});

describe('denim by itself', () => {
	it('is a pair of jeans in its wash, between things that are none of it', () => {
		const jeans = (words: string) => read(words).elements[0]?.garment;
		for (const wash of ['raw', 'dark', 'light', 'black'])
			for (const next of ['boots', 'a brown belt', 'white trainers'])
				expect(read(`an ivory henley, ${wash} denim, ${next}`).elements[1]?.garment, wash).toEqual(
					jeans(`${wash} denim jeans`)
				);
	});
});

describe('a cloth that stands for a thing', () => {
	const types = (text: string) => read(text).elements.map(({ garment }) => garment.type);
	it('is a knit, beside what is of another cloth by its name', () => {
		for (const legs of ['denim skirt', 'leather trousers', 'black jeans'])
			expect(types(`a ${legs}, cream knit`), legs).toHaveLength(2);
		expect(types('black coat, grey cashmere, jeans')).toEqual(['overcoat', 'jumper', 'jeans']);
		expect(types('a navy mohair over a white shirt')).toEqual(['jumper', 'shirt']);
	});
	it('is the cloth of what was named before and may be of it', () => {
		for (const text of ['a jumper, grey cashmere', 'a camel coat, cashmere', 'scarf in grey cashmere'])
			expect(types(text), text).toHaveLength(1);
	});
});

describe('a list of labels', () => {
	it('is of the thing that was named last, where a label is a part of it', () => {
		fc.assert(
			fc.property(partOfThing, colourWord, ({ name, words, how, part, facet }, colour) => {
				const article = isMany(part) ? '' : 'a ';
				const plain = read(`a ${colour} ${name} with ${article}${words}, red scarf`);
				const said = read(`${name}: ${colour}, ${part}: ${how}, scarf: red`);
				expect(said.elements[0]?.garment.facets[facet]).toEqual(plain.elements[0]?.garment.facets[facet]);
			}),
			runs
		);
	});
	it('says of its part what alone would say that it is not real: “leather jacket: white, neckline: mock”', () =>
		expect(read('leather jacket: white, neckline: mock').elements[0]?.garment).toEqual(
			read('a white leather jacket with a mock neckline').elements[0]?.garment
		));
	it('may be asked', () =>
		expect(read('Shoes? Black oxfords. Shirt? White.')).toEqual(read('Shoes: black oxfords. Shirt: white.')));
	it('says which kind a thing is: “Jumper: a black roll neck”', () => {
		for (const text of ['Jumper: a black roll neck', 'Jumper - black roll neck', 'a black roll neck'])
			expect(read(text).elements[0]?.garment, text).toEqual(read('a black roll neck').elements[0]?.garment);
	});
	it('a word that says something of its part alone is one phrase with it', () =>
		expect(read('a white shirt, its cuffs French, its collar stiff').elements[0]?.note).toBe(
			'French cuffs, stiff collar'
		));
});
