/** Laws of reading: entries as the trade writes them, the thing first and then what kind it is; and what stands over a list. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentTypes, readLook } from '../../src/lib/core';
import { headings, shelves } from '../../src/lib/core/lexicon/reading-words';
import { typesIn } from '../read';

const runs = { numRuns: 200 };
/** Colours that are the name of no cloth. */
const colourWord = fc.constantFrom(
	'navy',
	'red',
	'ivory',
	'olive',
	'burgundy',
	'black',
	'mustard',
	'pale pink'
);
const generals = new Set(garmentTypes.filter(({ general }) => general).map(({ singular }) => singular));

/** Names whose last word is a general name, parted in two: "cowboy boots". */
const parted = garmentTypes.flatMap(({ id, singular, plural, words }) =>
	[singular, plural, ...words.map(({ word }) => word)].flatMap((name) => {
		const [thing = '', ...kind] = name.split(' ').reverse();
		return generals.has(thing) && kind.length > 0 ? [{ id, thing, kind: kind.reverse().join(' ') }] : [];
	})
);
const isNamed = (text: string) => typesIn(text).length > 0;
const kindsOnly = parted.filter(({ kind }) => !isNamed(kind));

describe('an entry, the thing first and then its kind', () => {
	it('is one thing, and its kind leaves a trace: "boots, go-go, navy"', () => {
		expect(kindsOnly.length).toBeGreaterThan(250);
		for (const { id, thing, kind } of kindsOnly) {
			const text = `${thing}, ${kind}, with a lining`;
			const [element, other] = readLook(text).elements;
			const plain = readLook(`${thing}, with a lining`).elements[0];
			expect(other, text).toBeUndefined();
			const traced = JSON.stringify([element?.garment, element?.moves, element?.note]);
			const plainly = JSON.stringify([plain?.garment, plain?.moves, plain?.note]);
			expect(element?.garment.type === id || traced !== plainly, text).toBe(true);
		}
	});
	it('keeps its colour and what else is said of it', () => {
		fc.assert(
			fc.property(fc.constantFrom(...kindsOnly), colourWord, ({ thing, kind }, colour) => {
				const hex = readLook(`${colour} ${thing}`).elements[0]?.garment.palette[0]?.hex;
				const [element] = readLook(`${thing}, ${kind}, ${colour}`).elements;
				expect(element?.garment.palette.map((swatch) => swatch.hex)).toContain(hex);
			}),
			runs
		);
	});
	it.each([
		['Coat, wrap, shawl collar, camel', 'wrap-coat'],
		['Dress, shirt, blue stripe', 'shirt-dress'],
		['Shirt: tuxedo, white', 'evening-shirt'],
		['Leather jacket, biker, black', 'biker-jacket'],
		['Evening bag, box clutch, silver', 'minaudiere'],
		['Hat, bobble, red', 'beanie'],
		['Belt: wide, corset style, black patent', 'corset-belt'],
		['Boots, tan suede, cowboy, stacked heel', 'cowboy-boots'],
		['Brogues, two-tone spectator, leather sole', 'saddle-shoes']
	])('where nothing else is named, a kind that is a thing by itself is one too: %s', (text, type) =>
		expect(typesIn(text)).toEqual([type])
	);
	it.each([
		['Dress, shirt, shoes', ['dress', 'shirt', 'shoes']],
		['Dress, cardigan, sandals', ['dress', 'cardigan', 'sandals']],
		['Shirt, tie, braces', ['shirt', 'tie', 'braces']],
		['a navy dress, a shirt', ['dress', 'shirt']],
		['biker jacket, black leather', ['biker-jacket']],
		['boots, kitten heel, black', ['boots']]
	])('a list stays a list, a part a part: %s', (text, types) => expect(typesIn(text)).toEqual(types));
	it('takes a cloth that is also a garment’s name for its cloth', () => {
		for (const thing of ['dress', 'skirt', 'top']) {
			const { elements } = readLook(`${thing}, navy, jersey`);
			expect(elements.map(({ garment }) => garment.facets.material?.value)).toEqual(['jersey']);
		}
	});
});

describe('what stands over a list', () => {
	const worn = fc.constantFrom('white tee', 'black polo neck', 'grey joggers', 'cream blouse', 'tan boots');
	it('a place on the body adds nothing to what is worn there', () => {
		fc.assert(
			fc.property(fc.constantFrom(...headings), worn, (heading, what) => {
				const text = `${heading}: ${what}`;
				const plain = readLook(what).elements.map(({ garment, note }) => ({ garment, note }));
				expect(
					readLook(text).elements.map(({ garment, note }) => ({ garment, note })),
					text
				).toEqual(plain);
			}),
			runs
		);
	});
	it('a word for all of a kind is the plainest of it where nothing is named, and else nothing', () => {
		for (const [shelf, type] of Object.entries(shelves)) {
			expect(typesIn(`${shelf}: navy`), shelf).toEqual([type]);
			expect(typesIn(`${shelf}: red beret`), shelf).toEqual(['beret']);
		}
	});
	it('how far a colour reaches is no thing: "all red, lipstick to shoes: …"', () => {
		const ends = fc.constantFrom('hat', 'coat', 'lipstick', 'collar', 'boots', 'shoes', 'tights');
		fc.assert(
			fc.property(ends, ends, colourWord, (first, last, colour) => {
				fc.pre(first !== last);
				const [beret, skirt, other] = readLook(
					`All ${colour} from ${first} to ${last}: beret, pencil skirt`
				).elements;
				expect([beret, skirt].map((one) => one?.garment.type)).toEqual(['beret', 'pencil-skirt']);
				expect(other).toBeUndefined();
				expect(beret?.garment.palette).toEqual(skirt?.garment.palette);
				expect(beret?.garment.palette.length).toBeGreaterThan(0);
			}),
			runs
		);
	});
});

describe('a name with a colour of its own', () => {
	it('is a thing beside what it could be said of: "a white shirt, a navy v-neck"', () => {
		fc.assert(
			fc.property(colourWord, colourWord, (first, second) => {
				expect(typesIn(`a ${first} poplin shirt, a ${second} v-neck over it`)).toEqual([
					'shirt',
					'v-neck-jumper'
				]);
			}),
			runs
		);
	});
	it('is what is tucked into what was named: "tucked into them is a cream blouse"', () => {
		fc.assert(
			fc.property(colourWord, fc.constantFrom('blouse', 'shirt', 't-shirt'), (colour, top) => {
				const [trousers, tucked] = readLook(
					`The trousers are pleated; tucked into them is a ${colour} ${top}`
				).elements;
				expect(trousers?.moves).toEqual([]);
				expect(tucked?.moves).toEqual(['tucked']);
			}),
			runs
		);
	});
	it('lends sunglasses no cloth: "a straw basket and sunglasses"', () => {
		for (const cloth of ['straw', 'suede', 'canvas', 'velvet'])
			for (const bag of ['basket', 'bag', 'clutch'])
				expect(
					readLook(`a ${cloth} ${bag} and sunglasses`).elements[1]?.garment.facets.material
				).toBeUndefined();
	});
});

describe('a name that may be worn under what is seen', () => {
	it('is what is seen, unless more of what is under it is named or the legs are clothed', () => {
		fc.assert(
			fc.property(colourWord, (colour) => {
				expect(typesIn(`a white shirt and ${colour} pants`)).toEqual(['shirt', 'trousers']);
				expect(typesIn(`a lace bra and ${colour} pants`)).toEqual(['bralette', 'briefs']);
				expect(typesIn(`${colour} pants under a grey skirt`)).toEqual(['briefs', 'skirt']);
			}),
			runs
		);
		expect(readLook('a white shirt and black pants').questions).toMatchObject([{ taken: 'trousers' }]);
	});
});

describe('a word inside a name', () => {
	it('says nothing of the thing where the name’s last word is no such thing: "lace-ups"', () => {
		expect(readLook('brown lace-ups').elements[0]?.garment.facets.material).toBeUndefined();
		expect(readLook('a raffia tote').elements[0]?.garment.facets.material?.value).toBe('raffia');
	});
});

describe('what hangs from earrings', () => {
	it('says which they are: "earrings with pearl drops"', () => {
		expect(typesIn('gold earrings with pearl drops')).toEqual(['drop-earrings']);
		expect(typesIn('earrings with silver tassels')).toEqual(['tassel-earrings']);
		expect(typesIn('hoops with pearl drops')).toEqual(['hoops']);
	});
});

describe('how far a garment reaches', () => {
	const reached = fc.constantFrom('floor', 'ankle', 'knee', 'calf');
	const verb = fc.constantFrom(
		'reaches',
		'skims',
		'brushes',
		'grazes',
		'touches',
		'nearly reaches',
		'just touches'
	);
	const whose = fc.constantFrom('the', 'her', 'his', 'their');
	it('is said with a verb as with “to the”', () => {
		fc.assert(
			fc.property(colourWord, verb, whose, reached, (colour, reaching, owner, place) => {
				const [plain] = readLook(`a ${colour} dress to the ${place}`).elements;
				const text = `a ${colour} dress that ${reaching} ${owner} ${place}`;
				const [element, other] = readLook(text).elements;
				expect(other, text).toBeUndefined();
				expect(element?.garment, text).toEqual(plain?.garment);
				expect(element?.garment.facets.hemLength, text).toBeDefined();
			}),
			runs
		);
	});
	it('of sleeves too; and what skims the hip lies close, and is no length', () => {
		expect(
			readLook('a shirt with sleeves reaching the wrist').elements[0]?.garment.facets.sleeveLength?.value
		).toBe('long');
		expect(readLook('a skirt that skims the hips').elements[0]?.garment.facets.hemLength).toBeUndefined();
	});
});
