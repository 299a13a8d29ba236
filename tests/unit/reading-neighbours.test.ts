import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	deltaE00,
	garmentType,
	garmentTypes,
	leftOver,
	labOfHex,
	readLook,
	type Element
} from '../../src/lib/core';
import { colourWord, saidThing, strangeNoun } from '../looks';

/** Laws of what is said of what: words that stand beside each other, a label, a part, a reach. */
const runs = { numRuns: 300 };
const told = (one: Pick<Element, 'garment' | 'note'>) => ({ garment: one.garment, note: one.note });
const read = (text: string) => readLook(text).elements.map(told);
const hexes = (text: string) => readLook(text).elements[0]?.garment.palette.map(({ hex }) => hex) ?? [];

describe('two colour words side by side', () => {
	const plainHue = fc.constantFrom(
		'grey',
		'brown',
		'blue',
		'green',
		'yellow',
		'orange',
		'red',
		'pink',
		'purple'
	);
	it('are one colour no further from either than they are from each other, or are both kept', () => {
		fc.assert(
			fc.property(colourWord, plainHue, (first, hue) => {
				fc.pre(first !== hue);
				const [a, b] = [hexes(`${first} coat`)[0]!, hexes(`${hue} coat`)[0]!];
				const found = hexes(`${first} ${hue} coat`);
				if (found.length === 2) {
					expect(found.sort()).toEqual([a, b].sort());
					return;
				}
				expect(found).toHaveLength(1);
				const between = labOfHex(found[0]!);
				const apart = deltaE00(labOfHex(a), labOfHex(b));
				// The lexicon's own name for the pair ("brick red") says better than halfway.
				if (readLook(`${first} ${hue}`).phrases.length < 2) return;
				expect(deltaE00(between, labOfHex(a))).toBeLessThanOrEqual(apart + 0.5);
				expect(deltaE00(between, labOfHex(b))).toBeLessThanOrEqual(apart + 0.5);
			}),
			runs
		);
	});
	it('with “and” between them stay two', () => {
		fc.assert(
			fc.property(colourWord, plainHue, (first, hue) => {
				// "Mid denim and blue": of denim, blue is its wash.
				fc.pre(!readLook(`${first} coat`).elements[0]?.garment.facets.material);
				const [a, b] = [hexes(`${first} coat`)[0]!, hexes(`${hue} coat`)[0]!];
				expect(new Set(hexes(`${first} and ${hue} coat`))).toEqual(new Set([a, b]));
			}),
			runs
		);
	});
});

describe('a list of colours that “and” ends', () => {
	it('is of the thing before it, whatever follows', () => {
		fc.assert(
			fc.property(
				fc.uniqueArray(colourWord, { minLength: 3, maxLength: 3 }),
				saidThing,
				([a, b, c], next) => {
					fc.pre(garmentType(next.type).slot !== 'top');
					const [shirt, ...others] = read(`shirt in ${a}, ${b} and ${c}, ${next.words}`);
					expect(others).toEqual([told(next)]);
					expect(shirt).toEqual(read(`shirt in ${a}, ${b} and ${c}`)[0]);
				}
			),
			runs
		);
	});
});

describe('a label', () => {
	const labels = [
		['top', 'top'],
		['dress', 'whole'],
		['shoes', 'feet'],
		['bag', 'bag'],
		['trousers', 'legs']
	] as const;
	it('with a colon or a dash after it says only where the thing is worn', () => {
		fc.assert(
			fc.property(saidThing, fc.constantFrom(': ', ' – ', ' - '), (thing, sign) => {
				const label = labels.find(([, slot]) => garmentType(thing.type).slot === slot)?.[0];
				fc.pre(label !== undefined && thing.type !== label);
				expect(read(`${label}${sign}${thing.words}`)).toEqual(read(thing.words));
			}),
			runs
		);
	});
});

describe('what is said of a part', () => {
	it('is no cloth and no colour of the whole', () => {
		for (const [said, part] of [
			['lace', 'at the hem'],
			['velvet', 'on the cuffs'],
			['white', 'at the collar'],
			['stripes', 'on the sleeves'],
			['crystal', 'at the shoulders']
		])
			for (const { singular, facets, division } of garmentTypes) {
				if (!facets.includes('sleeveLength') || !['tops', 'one-pieces', 'layers'].includes(division))
					continue;
				const [alone] = readLook(singular).elements;
				const [one] = readLook(`${singular} with ${said} ${part}`).elements;
				expect(one?.garment.palette, `${singular} with ${said} ${part}`).toEqual(alone?.garment.palette);
				expect(one?.garment.facets.material, `${singular} with ${said} ${part}`).toEqual(
					alone?.garment.facets.material
				);
			}
	});
	it('as how far it goes, is no length of the whole', () => {
		for (const { singular, facets, slot } of garmentTypes) {
			if (!facets.includes('hemLength') || !facets.includes('hemDetail') || !['legs', 'whole'].includes(slot))
				continue;
			for (const reach of ['to the knee', 'to mid-thigh', 'to the ankle'])
				expect(
					readLook(`midi ${singular}, slit ${reach}`).elements[0]?.garment.facets.hemLength?.value,
					`midi ${singular}, slit ${reach}`
				).toBe('midi');
		}
	});
});

describe('a name', () => {
	it('says no heel against the usual one of its kind', () => {
		for (const { singular, plural, words, usual, id, facets } of garmentTypes) {
			if (!facets.includes('heelHeight') || usual.heelHeight === undefined) continue;
			for (const name of [singular, plural, ...words.map(({ word }) => word)]) {
				if (/heel/.test(name)) continue;
				const [element] = readLook(name).elements;
				if (element?.garment.type !== id) continue;
				expect([undefined, usual.heelHeight], name).toContain(element.garment.facets.heelHeight?.value);
			}
		}
	});
});

describe('a thing that is not known', () => {
	it('keeps its colour when it is told how it is worn', () => {
		fc.assert(
			fc.property(
				saidThing,
				strangeNoun,
				colourWord,
				fc.constantFrom('in her hair', 'worn open', 'sleeves rolled'),
				(thing, noun, colour, worn) => {
					const reading = readLook(`${thing.words}, ${colour} ${noun} ${worn}`);
					expect(reading.elements.map(told)).toEqual([told(thing)]);
					expect(reading.things.map(({ word }) => word)).toEqual([noun]);
				}
			),
			runs
		);
	});
	it('is left over with all that was said of it, and is read the same again', () => {
		fc.assert(
			fc.property(
				saidThing,
				strangeNoun,
				colourWord,
				fc.constantFrom('', ' in her hair', ' in silk'),
				(thing, noun, colour, more) => {
					const reading = readLook(`${thing.words}, ${colour} ${noun}${more}`);
					expect(leftOver(reading)).toBe(`${colour} ${noun}${more}`);
					expect(leftOver(readLook(leftOver(reading)))).toBe(leftOver(reading));
					expect(leftOver(readLook(thing.words))).toBe('');
				}
			),
			runs
		);
	});
	it('of a kind that is denied asks nothing', () => {
		fc.assert(
			fc.property(saidThing, fc.constantFrom('jewellery', 'accessories', 'knitwear'), (thing, kind) => {
				const reading = readLook(`${thing.words}, no ${kind}`);
				expect(reading.things).toEqual([]);
				expect(reading.elements.map(told)).toEqual([told(thing)]);
			}),
			runs
		);
	});
});
