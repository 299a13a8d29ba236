import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentType, garmentTypes, readLook, type Element } from '../../src/lib/core';
import { alsoSays, colourWord, saidLook, saidThing, strangeNoun, type SaidThing } from '../looks';

/** Laws of reading, over looks made from the lexicon's own grammar. */
const runs = { numRuns: 400 };
const told = (one: Pick<Element, 'garment' | 'note'>) => ({ garment: one.garment, note: one.note });
const read = (text: string) => readLook(text).elements.map(told);
const listed = (things: readonly SaidThing[]) => things.map(({ words }) => words).join(', ');

describe('a list of things', () => {
	it('is read as each thing is read alone', () => {
		fc.assert(
			fc.property(saidLook(2, 5), (things) => {
				expect(read(listed(things))).toEqual(things.map(told));
			}),
			runs
		);
	});
	it('says the same in any order', () => {
		fc.assert(
			fc.property(saidLook(2, 4), fc.integer({ min: 1, max: 3 }), (things, by) => {
				const turned = [...things.slice(by), ...things.slice(0, by)];
				const one = read(listed(things)).map((element) => JSON.stringify(element));
				const other = read(listed(turned)).map((element) => JSON.stringify(element));
				expect(other.sort()).toEqual(one.sort());
			}),
			runs
		);
	});
	it('is read alike over commas, semicolons, lines and full stops', () => {
		fc.assert(
			fc.property(saidLook(2, 4), fc.constantFrom('; ', '\n', '. '), (things, between) => {
				expect(read(things.map(({ words }) => words).join(between))).toEqual(things.map(told));
			}),
			runs
		);
	});
});

describe('a thing that is not known', () => {
	it('takes its colour with it, is asked, and changes nothing else', () => {
		fc.assert(
			fc.property(saidLook(1, 3), strangeNoun, colourWord, fc.nat(3), (things, noun, colour, at) => {
				const words = things.map((thing) => thing.words);
				words.splice(Math.min(at, words.length), 0, `${colour} ${noun}`);
				const reading = readLook(words.join(', '));
				expect(reading.elements.map(told)).toEqual(things.map(told));
				expect(reading.things.map((thing) => thing.word)).toEqual([noun]);
				expect(reading.things[0]?.said.join(' ')).toBe(colour);
			}),
			runs
		);
	});
	it('beside a thing, joined by with, keeps to itself as well', () => {
		fc.assert(
			fc.property(saidThing, strangeNoun, colourWord, (thing, noun, colour) => {
				const reading = readLook(`${thing.words} with ${colour} ${noun}`);
				expect(reading.elements.map(told)).toEqual([told(thing)]);
				expect(reading.things).toHaveLength(1);
			}),
			runs
		);
	});
});

describe('a denial', () => {
	const denying = [
		'no',
		'without',
		'minus the',
		'instead of the',
		'rather than',
		'lose the',
		'ditch the',
		'everything but the'
	];
	const plain = garmentTypes.filter(
		({ singular, division }) =>
			division !== 'beauty' &&
			readLook(singular).questions.length === 0 &&
			!singular.includes(' ') &&
			!alsoSays(singular)
	);
	it('denies just what it names', () => {
		fc.assert(
			fc.property(
				saidThing,
				fc.constantFrom(...denying),
				fc.constantFrom(...plain),
				(thing, no, { id, singular, slot }) => {
					fc.pre(garmentType(thing.type).slot !== slot);
					const reading = readLook(`${thing.words}, ${no} ${singular}`);
					expect(reading.elements.map(told)).toEqual([told(thing)]);
					expect(reading.absent).toEqual([id]);
				}
			),
			runs
		);
	});
});

describe('a choice', () => {
	it('is one thing, with the other kept and asked', () => {
		fc.assert(
			fc.property(saidThing, saidThing, (one, other) => {
				fc.pre(garmentType(one.type).family !== garmentType(other.type).family);
				const { elements, questions } = readLook(`${one.words} or ${other.words}`);
				expect(elements.map(({ garment }) => garment)).toEqual([one.garment]);
				expect(questions).toMatchObject([{ taken: one.type, choices: [one.type, other.type] }]);
			}),
			runs
		);
	});
	it('of two colours takes the first, and notes the other', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...garmentTypes.filter(({ division }) => division === 'bottoms')),
				({ singular, usual }) => {
					fc.pre(usual.material === undefined);
					const [element, ...more] = readLook(`navy or red ${singular}`).elements;
					expect(more).toEqual([]);
					expect(element?.garment.palette).toHaveLength(1);
					expect(element?.note).toBe('or red');
				}
			),
			runs
		);
	});
});

describe('length', () => {
	const skirted = garmentTypes.filter(
		({ facets, slot }) => facets.includes('hemLength') && ['legs', 'whole'].includes(slot)
	);
	it('is said of any skirted kind', () => {
		for (const { id, singular } of skirted)
			for (const length of ['mini', 'midi', 'maxi']) {
				const { elements } = readLook(`${length} ${singular}`);
				expect(
					elements.map(({ garment }) => garment.type),
					`${length} ${singular}`
				).toEqual([id]);
				expect(elements[0]?.garment.facets.hemLength?.value, `${length} ${singular}`).toBe(length);
			}
	});
	it('alone asks skirt or dress, and goes by its neighbours', () => {
		expect(readLook('black midi').questions).toMatchObject([
			{ word: 'midi', choices: expect.arrayContaining(['skirt', 'dress']) }
		]);
		const typesOf = (text: string) => readLook(text).elements.map(({ garment }) => garment.type);
		expect(typesOf('black midi, cream jumper').slice(0, 1)).toEqual(['skirt']);
		expect(typesOf('corset midi in burgundy')).toEqual(['dress']);
		expect(readLook('corset midi in burgundy').questions).toEqual([]);
	});
});

describe('every word that is understood', () => {
	it('leaves a trace in its element', () => {
		fc.assert(
			fc.property(saidLook(1, 3), (things) => {
				const { phrases, elements } = readLook(listed(things));
				for (const { status, says, element, text } of phrases) {
					if (status !== 'understood' || !says || element === undefined) continue;
					const one = elements[element]!;
					const { garment } = one;
					const trace = {
						type: () =>
							garment.type === says.value ||
							garmentType(garment.type).family === garmentType(says.value).family,
						palette: () => garment.palette.some(({ hex }) => hex === says.value),
						print: () => garment.print?.family.value === says.value,
						metal: () => garment.metal?.value === says.value,
						move: () => one.moves.includes(says.value as never),
						note: () => one.note.includes(says.value)
					}[says.aspect as 'type'];
					expect(
						trace ? trace() : garment.facets[says.aspect as 'fit'] !== undefined,
						`${text} in ${listed(things)}`
					).toBe(true);
				}
			}),
			runs
		);
	});
});

describe('a feature that is a garment’s name as well', () => {
	const shoes = garmentTypes.filter(
		({ slot, facets, general }) => slot === 'feet' && facets.includes('heelHeight') && !general
	);
	it.each(shoes.map(({ id, plural }) => [plural, id]))(
		'is said of the %s that it stands before',
		(plural, id) => {
			for (const colour of ['tan', 'black', 'dark green']) {
				const { elements } = readLook(`flat ${colour} ${plural}`);
				expect(elements.map(({ garment }) => garment.type)).toEqual([id]);
			}
		}
	);
});
