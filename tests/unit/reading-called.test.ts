/** Laws of reading: what a thing is called by its first name and its kind, by its cut alone, or by what it matches. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentType, garmentTypes, readLook } from '../../src/lib/core';
import { colourWord } from '../looks';
import { elementsOf, hexesOf, typesIn } from '../read';

const runs = { numRuns: 200 };
const palette = (text: string, at: number) => hexesOf(elementsOf(text)[at]);
const valueIn = (text: string, at: number, facet: 'heelHeight' | 'heelShape') =>
	elementsOf(text)[at]?.garment.facets[facet]?.value;

describe('a kind that is said of a first name', () => {
	const generals = new Map(
		garmentTypes.filter(({ general }) => general).map((type) => [type.singular, type])
	);
	/** "Wrap coat", "shirt dress": a name of two words, of which the first names a thing of another family by itself. */
	const called = garmentTypes.flatMap(({ id, family, singular, words }) =>
		[singular, ...words.filter(({ locale }) => locale !== 'us').map(({ word }) => word)].flatMap((name) => {
			const [kind = '', thing = '', ...more] = name.split(' ');
			const general = generals.get(thing);
			if (more.length > 0 || general?.family !== family || typesIn(name)[0] !== id) return [];
			const [alone] = typesIn(kind);
			return alone && garmentType(alone).family !== family ? [{ id, kind, thing }] : [];
		})
	);
	it('makes the name of both: “the coat is a navy wrap” is a wrap coat', () => {
		expect(called.length).toBeGreaterThan(12);
		for (const { id, kind, thing } of called)
			expect(typesIn(`the ${thing} is a ${kind} with a lining`), `${thing}: ${kind}`).toEqual([id]);
	});
	it('keeps the colour', () => {
		fc.assert(
			fc.property(fc.constantFrom(...called), colourWord, ({ kind, thing }, colour) => {
				expect(palette(`the ${thing} is a ${colour} ${kind}`, 0)).toEqual(
					palette(`${colour} ${kind} ${thing}`, 0)
				);
			}),
			runs
		);
	});
	it.each(['skirt', 'dress'])('says which a “mini” is: the %s', (thing) => {
		for (const length of ['mini', 'midi', 'maxi'])
			expect(typesIn(`the ${thing} is a red ${length}`)).toEqual([thing]);
	});
	it('leaves what a thing is said not to be: “the dress is not a shirt”', () => {
		expect(typesIn('the dress is not a shirt, it is red')).toEqual(['dress']);
	});
});

describe('a cut that is a name as well', () => {
	it.each(['shift', 'column', 'wrap', 'tulip'])(
		'says how a skirt is cut that is named straight after it: %s',
		(cut) => {
			const [skirt, ...others] = typesIn(`black ${cut} skirt`);
			expect(garmentType(skirt ?? '').family).toBe('skirts');
			expect(others).toEqual([]);
		}
	);
	const before = ['jeans', 'black boots', 'a red pencil skirt', 'white trousers'];
	it.each([
		['long-sleeve', 'long-sleeved-tee', before],
		['column', 'evening-gown', ['black boots', 'silver hoops', 'a red clutch']]
	])('names a thing by itself in a colour of its own: %s', (cut, type, others) => {
		fc.assert(
			fc.property(colourWord, fc.subarray(others), fc.nat(others.length), (colour, listed, at) => {
				const things = [...listed];
				things.splice(at, 0, `${colour} ${cut}`);
				const text = things.join(', ');
				const place = Math.min(at, listed.length);
				expect(typesIn(text).length, text).toBe(things.length);
				expect(typesIn(text)[place], text).toBe(type);
				expect(palette(text, place), text).toEqual(palette(`${colour} top`, 0));
			}),
			runs
		);
	});
	it('is of what was named before, where that has no colour or cloth yet', () => {
		fc.assert(
			fc.property(colourWord, (colour) => {
				expect(typesIn(`dress, ${colour} long sleeve`)).toEqual(['dress']);
				expect(typesIn(`dress, ${colour} column`)).toEqual(['dress']);
			}),
			runs
		);
	});
});

describe('a heel', () => {
	const raised = ['stiletto', 'kitten-heel', 'block-heel', 'high-heeled', 'platform'];
	it.each(raised)('decides what a “pump” is, and nothing is asked: %s', (heel) => {
		for (const text of [`${heel} pumps`, `black ${heel} pumps`]) {
			const { elements, questions } = readLook(text, { words: 'uk' });
			expect(elements.map(({ garment }) => garment.type)).toEqual(['court-shoes']);
			expect(questions).toEqual([]);
		}
	});
	it('leaves flat ones flat', () => {
		expect(typesIn('flat black pumps')).toEqual(['ballet-flats']);
	});
	const heeled = garmentTypes.filter(
		({ slot, facets, own, singular, general }) =>
			slot === 'feet' &&
			facets.includes('heelHeight') &&
			!general &&
			own.heelHeight === undefined &&
			!/heel|flat/.test(singular)
	);
	it('that a name says stays with the shoe that is named after it: “kitten-heel slingbacks”', () => {
		expect(heeled.length).toBeGreaterThan(4);
		for (const { id, plural } of heeled) {
			const text = `black kitten-heel ${plural}`;
			expect(typesIn(text), text).toEqual([id]);
			expect(valueIn(text, 0, 'heelHeight'), text).toBe('kitten');
		}
	});
	it('measured after a comma is a part of the shoes before it', () => {
		fc.assert(
			fc.property(colourWord, fc.integer({ min: 5, max: 11 }), (colour, cm) => {
				const text = `${colour} court shoes, ${cm} cm heels`;
				expect(typesIn(text)).toEqual(['court-shoes']);
				expect(valueIn(text, 0, 'heelHeight')).toBeDefined();
				expect(palette(text, 0)).toEqual(palette(`${colour} court shoes`, 0));
			}),
			runs
		);
	});
});

describe('what matches', () => {
	const layers = fc.constantFrom('blazer', 'jacket', 'waistcoat', 'cardigan');
	const tops = fc.constantFrom('shirt', 'tee', 'blouse');
	const bottoms = fc.constantFrom('trousers', 'skirt', 'shorts');
	const joins = fc.constantFrom(', ', ' over a ', ' with a ');
	it('is the rest of the suit, whatever is worn under it', () => {
		fc.assert(
			fc.property(
				layers,
				tops,
				bottoms,
				joins,
				colourWord,
				colourWord,
				(layer, top, bottom, join, one, other) => {
					const text = `a ${one} ${layer}${join}${other} ${top}, matching ${bottom}`;
					expect(palette(text, 2), text).toEqual(palette(`${one} ${layer}`, 0));
					const turned = `${one} ${bottom}, ${other} ${top}, matching ${layer}`;
					expect(palette(turned, 2), turned).toEqual(palette(`${one} ${bottom}`, 0));
				}
			),
			runs
		);
	});
	it('is the last that has a colour, for a small thing', () => {
		fc.assert(
			fc.property(colourWord, fc.constantFrom('beret', 'bag', 'gloves', 'scarf'), (colour, thing) => {
				const text = `${colour} coat, ribbed tights, ${thing} to match`;
				expect(palette(text, 2), text).toEqual(palette(`${colour} coat`, 0));
			}),
			runs
		);
	});
});

describe('a way of wearing sleeves', () => {
	it.each(['sleeves rolled', 'sleeves pushed up', 'sleeves tied round her waist'])(
		'is said of what has them: %s',
		(way) => {
			fc.assert(
				fc.property(
					colourWord,
					fc.constantFrom('vest top', 'strapless top', 'sleeveless top'),
					(colour, bare) => {
						const [shirt, under] = elementsOf(`a ${colour} shirt over a white ${bare}, ${way}`);
						expect(shirt?.moves).toHaveLength(1);
						expect(under?.moves).toEqual([]);
					}
				),
				runs
			);
		}
	);
});

describe('what a bodice, a tie or a silk says', () => {
	it('a skirt after a bodice is the gown’s', () => {
		fc.assert(
			fc.property(colourWord, fc.constantFrom('tulle', 'full', 'satin'), (colour, kind) => {
				const text = `${colour} gown, lace bodice, ${kind} skirt`;
				expect(typesIn(text), text).toEqual(['evening-gown']);
				expect(typesIn(`${colour} top, ${kind} skirt`)).toHaveLength(2);
			}),
			runs
		);
	});
	it('“halter, tied at the back” is a halter, “a scoop at the back” a low back', () => {
		const facets = (text: string) => elementsOf(text)[0]?.garment.facets;
		expect(facets('coral maxi dress, halter, tied at the back of the neck')?.neckline?.value).toBe('halter');
		expect(facets('a red dress with a scoop at the back')?.back?.value).toBe('low');
	});
	it.each(['Banarasi', 'Kanjivaram'])(
		'a %s silk is a saree by itself, and the cloth of what is named',
		(silk) => {
			fc.assert(
				fc.property(colourWord, (colour) => {
					expect(typesIn(`${silk} silk in ${colour}, gold blouse`)).toEqual([
						`${silk.toLowerCase()}-saree`,
						'blouse'
					]);
					expect(typesIn(`a ${silk} silk lehenga in ${colour}`)).toEqual(['lehenga']);
					expect(typesIn(`a ${colour} lehenga in ${silk} silk`)).toEqual(['lehenga']);
				}),
				runs
			);
		}
	);
});
