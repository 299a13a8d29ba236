import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	deltaE00,
	garmentType,
	garmentTypes,
	leftOver,
	labOfHex,
	readLook,
	readPieces,
	type Element
} from '../../src/lib/core';
import { details } from '../../src/lib/core/lexicon/details';
import { colourWord, saidThing, strangeNoun } from '../looks';
import { hexesOf } from '../read';

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
	it('stays in the line alone as well, wherever it stands and whatever joins it', () => {
		const joined = fc.constantFrom<(thing: string, noun: string) => string>(
			(thing, noun) => `${thing}, ${noun}`,
			(thing, noun) => `${noun}, ${thing}`,
			(thing, noun) => `${thing} and ${noun}`,
			(thing, noun) => `${noun} and ${thing}`,
			(thing, noun) => `${thing}, ${noun} and a black belt`,
			(thing, noun) => `${thing}. ${noun}; a black belt`
		);
		fc.assert(
			fc.property(saidThing, strangeNoun, joined, (thing, noun, join) => {
				const reading = readLook(join(thing.words, noun));
				expect(leftOver(reading)).toBe(noun);
				expect(told(reading.elements[0]!)).toEqual(told(thing));
			}),
			runs
		);
	});
	it('is kept as a note where it is said of a thing, and of no other', () => {
		const places = fc.constantFrom<(noun: string, word: string) => [said: string, note: string]>(
			(noun, word) => [`a ${word} ${noun}`, word],
			(noun, word) => [`a grey ${word} ${noun}`, word],
			(noun, word) => [`a ${word} grey ${noun}`, word],
			(noun, word) => [`a ${noun} in ${word}`, `in ${word}`],
			(noun, word) => [`a grey ${noun} made of ${word}`, `made of ${word}`]
		);
		fc.assert(
			fc.property(
				fc.constantFrom('hat', 'dress', 'jacket', 'shirt', 'handbag'),
				strangeNoun,
				places,
				fc.boolean(),
				(noun, word, place, more) => {
					const [said, note] = place(noun, word);
					const reading = readLook(more ? `black boots, ${said}, a red belt` : said);
					expect(reading.elements.map((element) => element.note)).toEqual(more ? ['', note, ''] : [note]);
					const phrase = reading.phrases.find(({ text }) => text === word);
					expect(phrase).toMatchObject({ status: 'unknown', takenFor: 'not known; kept as a note' });
					expect(leftOver(reading)).toBe('');
					// A rail's line keeps it once, not twice.
					expect(readPieces(said).pieces.map((piece) => piece.note)).toEqual([note]);
				}
			),
			runs
		);
	});
	it('is no name in a sentence about something else', () => {
		for (const said of ['she zorbled', 'who zorbled it', 'the jacket that we zorbled at the fair'])
			expect(leftOver(readLook(`a grey hat, ${said}, black shoes`)), said).toBe('');
	});
	it('is one where it is counted, too, and stays in the line', () => {
		fc.assert(
			fc.property(
				saidThing,
				strangeNoun,
				fc.constantFrom('two', 'three', 'several'),
				(thing, noun, count) => {
					const reading = readLook(`${thing.words}, ${count} ${noun}`);
					expect(reading.elements.map(told)).toEqual([told(thing)]);
					expect(reading.things.map(({ word }) => word)).toEqual([noun]);
					expect(leftOver(reading)).toContain(noun);
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

describe('a name that is parted by what is said of it', () => {
	const parted = garmentTypes
		.flatMap(({ id, singular, words }) =>
			[singular, ...words.map(({ word }) => word)].map((name) => ({ id, name }))
		)
		.map(({ id, name }) => ({ id, name, halves: name.toLowerCase().split(' ') }))
		.filter(
			({ name, halves }) =>
				halves.length === 2 &&
				!name.includes('-') &&
				readLook(halves[0]!).phrases.every(({ status }) => status === 'unknown') &&
				read(name).length === 1
		);
	it('is the same name', () => {
		expect(parted.length).toBeGreaterThan(40);
		fc.assert(
			fc.property(fc.constantFrom(...parted), colourWord, ({ name, halves }, colour) => {
				const whole = read(`${colour} ${name}`);
				// "Hiking snow boots" are snow boots, a "french grey plait" is of french grey, "pearl work trousers" are beaded.
				fc.pre(readLook(`${colour} ${halves[0]}`).phrases.at(-1)?.text === halves[0]);
				fc.pre(readLook(`${halves[0]} ${colour}`).phrases[0]?.text === halves[0]);
				fc.pre(readLook(`${colour} ${halves[1]}`).phrases.at(-1)?.text === halves[1]);
				const last = read(halves[1]!)[0]?.garment.type;
				fc.pre(whole.length === 1 && read(`${colour} ${halves[1]}`)[0]?.garment.type === last);
				expect(read(`${halves[0]} ${colour} ${halves[1]}`)).toEqual(whole);
			}),
			runs
		);
	});
	it('is none where each of its words is a thing with a colour of its own', () => {
		expect(read('black top white hat').map(({ garment }) => garment.type)).toEqual(['top', 'hat']);
		expect(read('white shirt black jacket').map(({ garment }) => garment.type)).toEqual(['shirt', 'jacket']);
	});
});

describe('what is denied', () => {
	it('ends at the comma where it is a word that names nothing', () => {
		fc.assert(
			fc.property(
				saidThing,
				fc.constantFrom('fingers', 'colour', 'visible line', 'real detail', 'toes'),
				(thing, word) => {
					fc.pre(!['with', 'no'].some((link) => thing.words.startsWith(link)));
					// "Lace gloves, mittens": the same once more.
					fc.pre(garmentType(thing.type).slot !== 'hands');
					const alone = read(thing.words);
					expect(read(`lace gloves with no ${word}, ${thing.words}`).slice(1)).toEqual(alone);
				}
			),
			runs
		);
	});
	it('is a whole list of bare names that an “or” ends', () => {
		const bare = fc.constantFrom('belt', 'scarf', 'necklace', 'umbrella', 'sunglasses', 'gloves', 'socks');
		fc.assert(
			fc.property(fc.uniqueArray(bare, { minLength: 2, maxLength: 5 }), saidThing, (names, thing) => {
				const list = `${names.slice(0, -1).join(', ')} or ${names.at(-1)}`;
				const { elements, absent } = readLook(`no ${list}. ${thing.words}`);
				expect(elements.map(told)).toEqual(read(thing.words));
				expect(absent.length).toBe(names.length);
			}),
			runs
		);
	});
});

describe('what a thing shares', () => {
	it('“in the same colour” is the colour and nothing else', () => {
		fc.assert(
			fc.property(
				colourWord,
				fc.constantFrom('tweed', 'velvet', 'corduroy', 'knitted'),
				fc.constantFrom('same colour', 'in the same shade', 'in the same colour'),
				(colour, cloth, same) => {
					const [coat, bag] = read(`${colour} ${cloth} coat, handbag ${same}`);
					expect(hexesOf(bag)).toEqual(hexesOf(coat));
					expect(bag!.garment.facets.material).toBeUndefined();
				}
			),
			runs
		);
	});
	it('with the whole look stands before the colon', () => {
		fc.assert(
			fc.property(
				colourWord,
				fc.constantFrom('head to toe in', 'everything in', 'the whole thing is'),
				(colour, all) => {
					const alone = hexes(`${colour} blazer`);
					const { elements } = readLook(`${all} ${colour}: a blazer, wide trousers, shirt`);
					expect(elements).toHaveLength(3);
					for (const { garment } of elements) expect(garment.palette.map(({ hex }) => hex)).toEqual(alone);
				}
			),
			runs
		);
	});
});

describe('a part of a set that is named without a colour of its own', () => {
	it('is no second garment', () => {
		fc.assert(
			fc.property(
				colourWord,
				fc.constantFrom(
					'trousers turned up',
					'jacket unbuttoned',
					'jacket with wide lapels',
					'trousers rolled up'
				),
				saidThing,
				(colour, part, thing) => {
					fc.pre(['head', 'feet', 'hand', 'waist'].includes(garmentType(thing.type).slot));
					const types = read(`a ${colour} suit, ${part}, ${thing.words}`).map(({ garment }) => garment.type);
					expect(types).toEqual(['suit', thing.type]);
				}
			),
			runs
		);
	});
	it('makes a skirt suit where it is a skirt', () => {
		expect(read('pink suit, skirt just above the knee')).toMatchObject([
			{ garment: { type: 'skirt-suit', facets: { hemLength: { value: 'above-knee' } } } }
		]);
	});
});

describe('words that could name a thing where none is named', () => {
	it('hand nothing on to what is described for itself', () => {
		fc.assert(
			fc.property(
				colourWord,
				colourWord,
				fc.constantFrom('mesh', 'lace', 'velvet', 'tweed', 'padded'),
				(colour, other, cloth) => {
					for (const text of [
						`a ${colour} ${cloth} over a ${other} skirt`,
						`black cap, ${colour} ${cloth}, ${other} skirt`
					]) {
						const skirt = read(text).at(-1)!;
						expect(skirt, text).toEqual(read(`${other} skirt`)[0]);
					}
				}
			),
			runs
		);
	});
	it('are a pattern where they are seen on a part', () => {
		fc.assert(
			fc.property(
				strangeNoun,
				fc.constantFrom('back', 'sleeves', 'hem', 'collar', 'front'),
				saidThing,
				(noun, part, thing) => {
					const { elements, things } = readLook(`a denim jacket with ${noun} on the ${part}, ${thing.words}`);
					expect(things).toEqual([]);
					expect(elements[0]?.note).toContain(noun);
					expect(elements.slice(1).map(told)).toEqual(read(thing.words));
				}
			),
			runs
		);
	});
	it('are a thing of their own under another that could have them', () => {
		fc.assert(
			fc.property(colourWord, fc.constantFrom('under', 'underneath', 'beneath'), (colour, under) => {
				const [over, below] = read(`dungarees with a ${colour} roll neck ${under}, brown boots`);
				expect(over!.garment.facets.neckline).toBeUndefined();
				expect(below!.garment.type).toBe('roll-neck-jumper');
			}),
			runs
		);
	});
});

describe('notes as they are jotted down', () => {
	const short = { blk: 'black', wht: 'white', brn: 'brown', gry: 'grey', nvy: 'navy', grn: 'green' };
	it('mean the whole words', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...Object.entries(short)),
				fc.constantFrom(['jkt', 'jacket'], ['trs', 'trousers'], ['lthr boots', 'leather boots']),
				fc.constantFrom(['', ''], ['lt ', 'light '], ['dk ', 'dark ']),
				([jotted, colour], [noun, name], [tone, depth]) => {
					expect(read(`${tone}${jotted} ${noun}`)).toEqual(read(`${depth}${colour} ${name}`));
				}
			),
			runs
		);
	});
	it('deny with “w/o”, join with “w/”', () => {
		fc.assert(
			fc.property(saidThing, (thing) => {
				expect(read(`red dress w/o sleeves, ${thing.words}`)).toEqual(
					read(`red dress without sleeves, ${thing.words}`)
				);
				expect(read(`red coat w/ gold buttons, ${thing.words}`)).toEqual(
					read(`red coat with gold buttons, ${thing.words}`)
				);
			}),
			runs
		);
	});
	it('may answer a name with “none”', () => {
		fc.assert(
			fc.property(saidThing, fc.constantFrom('bag', 'belt', 'hat', 'necklace'), (thing, name) => {
				const { elements, absent, things, phrases } = readLook(`${thing.words}. ${name}: none. red shoes`);
				const slots = elements.map(({ garment }) => garment.type);
				expect(slots).toEqual([thing.type, 'shoes']);
				expect(absent).toHaveLength(1);
				expect(things).toEqual([]);
				expect(phrases.find(({ text }) => text === 'none')?.status).toBe('denied');
			}),
			runs
		);
	});
	it.each(['bag', 'belt', 'hat', 'necklace', 'pocketbook'])(
		'“none” denies no %s that was named before it',
		(name) => {
			const { elements, absent } = readLook(`${name}. ${name}: none. red shoes`);
			expect(elements).toHaveLength(2);
			expect(absent).toHaveLength(1);
		}
	);
	it('number looks without making things of the numbers', () => {
		fc.assert(
			fc.property(saidThing, fc.integer({ min: 1, max: 99 }), (thing, number) => {
				const { elements, things } = readLook(`Look ${number}: ${thing.words}`);
				expect(elements.map(told)).toEqual([told(thing)]);
				expect(things).toEqual([]);
			}),
			runs
		);
	});
});

describe('what a sentence says of what another named', () => {
	const plainThing = fc.constantFrom('shirt', 'skirt', 'blouse', 'dress', 'jumper', 'overcoat', 'handbag');
	it('“it’s” goes back to what was named last, whatever follows', () => {
		fc.assert(
			fc.property(plainThing, colourWord, colourWord, (name, colour, other) => {
				const [thing, boots, ...more] = read(`a ${name}. It’s ${colour}, and the boots are ${other}`);
				expect(more).toEqual([]);
				expect(thing).toEqual(read(`a ${name}. It is ${colour}`)[0]);
				expect(boots).toEqual(read(`${other} boots`)[0]);
			}),
			runs
		);
	});
	it('“both” is said of the two before, “while” parts what is said of each', () => {
		fc.assert(
			fc.property(
				colourWord,
				colourWord,
				fc.constantFrom('tweed', 'velvet', 'linen'),
				(one, other, cloth) => {
					const [jacket, skirt] = read(`jacket and skirt both in ${one} ${cloth}`);
					expect(jacket!.garment.palette).toEqual(skirt!.garment.palette);
					expect(jacket!.garment.facets.material).toEqual(skirt!.garment.facets.material);
					const [shirt, trousers] = read(`the shirt is ${one} while the trousers are ${other}`);
					expect(shirt!.garment.palette).toEqual(read(`the shirt is ${one}`)[0]!.garment.palette);
					expect(trousers!.garment.palette).toEqual(read(`the trousers are ${other}`)[0]!.garment.palette);
				}
			),
			runs
		);
	});
	it('before a colon, with no name in it, is said of all that is listed', () => {
		const jewels = fc.uniqueArray(fc.constantFrom('hoops', 'bangle', 'ring', 'pendant', 'brooch'), {
			minLength: 2,
			maxLength: 5
		});
		fc.assert(
			fc.property(
				fc.constantFrom('gold', 'silver', 'brass', 'copper'),
				fc.constantFrom('', 'lots of ', 'all '),
				jewels,
				(metal, much, names) => {
					const alone = names.map((name) => read(`${metal} ${name}`)[0]!.garment);
					expect(read(`${much}${metal}: ${names.join(', ')}`).map(({ garment }) => garment)).toEqual(alone);
				}
			),
			runs
		);
	});
	it('“isn’t wearing” denies, and no more than that', () => {
		fc.assert(
			fc.property(saidThing, fc.constantFrom('necklace', 'hat', 'belt'), (thing, name) => {
				const { elements, things } = readLook(`${thing.words}. She isn’t wearing a ${name}. Red shoes`);
				expect(elements.map(({ garment }) => garment.type)).toEqual([thing.type, 'shoes']);
				expect(things).toEqual([]);
			}),
			runs
		);
	});
	it('“what looks like” makes a guess of a thing, and no way of wearing', () => {
		fc.assert(
			fc.property(
				saidThing,
				fc.constantFrom('cardigan', 'scarf', 'umbrella'),
				colourWord,
				(thing, name, colour) => {
					const guessed = readLook(`${thing.words}, and what looks like a ${name} in ${colour}`).elements;
					expect(guessed.map(({ garment }) => garment.type)).toEqual([
						thing.type,
						read(name)[0]!.garment.type
					]);
					expect(guessed[0]?.moves).toEqual(readLook(thing.words).elements[0]?.moves);
				}
			),
			runs
		);
	});
});

describe('a name of two words that is written as one', () => {
	it('names the same thing', () => {
		const written = garmentTypes
			.flatMap(({ singular, words }) => [singular, ...words.map(({ word }) => word)])
			.filter((name) => /^[a-z]+[ -](?:neck|neckline)$/.test(name));
		expect(written.length).toBeGreaterThan(2);
		const slotOf = (name: string) => {
			const [first] = read(`black ${name}, blue jeans`);
			return first && garmentType(first.garment.type).slot;
		};
		for (const name of written) expect(slotOf(name.replace(/[ -]/, '')), name).toBe(slotOf(name));
	});
});

describe('a face', () => {
	it('is a watch’s, and of any other thing the wearer’s', () => {
		expect(read('gold watch with a white face')[0]?.note).toBe('white face');
		fc.assert(
			fc.property(saidThing, colourWord, (thing, colour) => {
				const [hat, next, ...more] = read(`a ${colour} hat hides her face, ${thing.words}`);
				expect(hat?.note ?? '').not.toContain('face');
				expect([next, more]).toEqual([told(thing), []]);
			}),
			runs
		);
	});
	it('and whatever else only one family or division has names it', () => {
		const known = new Set(garmentTypes.flatMap(({ family, division }) => [family, division]));
		for (const { only } of details) if (only !== undefined) expect(known).toContain(only);
	});
});

describe('what stands at a place', () => {
	it('is a part of the garment, with its own colour kept beside it', () => {
		fc.assert(
			fc.property(
				fc.constantFrom('gown', 'blouse', 'skirt', 'coat', 'kurta'),
				colourWord,
				fc.constantFrom('bow', 'ribbon'),
				fc.constantFrom('back', 'waist', 'shoulder', 'hem'),
				(name, colour, part, place) => {
					const [thing, ...more] = readLook(`a white ${name}, ${colour} ${part} at the ${place}`).elements;
					expect(more).toEqual([]);
					expect(thing?.garment).toEqual(readLook(`a white ${name}`).elements[0]?.garment);
					expect(thing?.note).toContain(part);
				}
			),
			runs
		);
	});
	it('in the hair is none of the garment’s', () => {
		expect(read('a white gown, hair up, bow at the back').map(({ garment }) => garment.type)).toEqual([
			'evening-gown',
			'updo',
			'hair-bow'
		]);
	});
});

describe('a first word that is not known', () => {
	it('takes what is said of it, and the next garment nothing', () => {
		fc.assert(
			fc.property(strangeNoun, colourWord, saidThing, (noun, colour, thing) => {
				const { elements, things } = readLook(`${noun} in ${colour} chiffon, ${thing.words}`);
				expect(elements.map(told)).toEqual([told(thing)]);
				expect(things.map(({ word }) => word)).toEqual([noun]);
			}),
			runs
		);
	});
	it('is nothing to ask about where a garment is named in its place', () => {
		fc.assert(
			fc.property(strangeNoun, saidThing, (noun, thing) => {
				const { elements, things } = readLook(`${noun} in a ${thing.words}`);
				expect(elements.map(told)).toEqual(readLook(`in a ${thing.words}`).elements.map(told));
				expect(things).toEqual([]);
			}),
			runs
		);
	});
});

describe('a length or a slit before a name', () => {
	const hue = fc.constantFrom('red', 'navy', 'green', 'black', 'white');
	it('says how long or how small the thing is, whatever colour stands between', () => {
		const things = [
			['bag', 'handbag'],
			['trench coat', 'trench-coat'],
			['dress', 'dress'],
			['skirt', 'skirt']
		] as const;
		fc.assert(
			fc.property(
				fc.constantFrom('mini', 'midi', 'maxi'),
				hue,
				fc.constantFrom(...things),
				(length, colour, [name, type]) => {
					const elements = readLook(`a ${length} ${colour} ${name}`).elements;
					expect(elements.map(({ garment }) => garment.type)).toEqual([type]);
					expect(elements[0]?.garment.palette).toHaveLength(1);
				}
			),
			runs
		);
	});
	it('names a thing by itself where a colour stands before it as well', () => {
		const [mini, bag] = readLook('a red mini, a black bag').elements;
		expect(mini?.garment.facets.hemLength?.value).toBe('mini');
		expect(bag?.garment.type).toBe('handbag');
	});
	it.each(['thigh-high split', 'high slit', 'slit to the knee'])('keeps how far a %s goes', (slit) => {
		const [skirt] = readLook(`a black skirt with a ${slit}`).elements;
		expect(skirt?.garment.facets.hemDetail?.value).toBe('slit');
		expect(skirt?.note).toContain(slit);
		expect(skirt?.garment.facets.hemLength).toBeUndefined();
	});
	it.each(['silver-plated', 'gold-plated', 'sterling silver', 'gold-tone'])(
		'keeps how %s is made',
		(metal) => {
			const [hoops] = readLook(`${metal} hoops`).elements;
			expect(hoops?.garment.metal?.value).toMatch(/gold|silver/);
			expect(hoops?.note).toBe(metal);
		}
	);
});

describe('two kinds side by side in a list of bare names', () => {
	const byThemselves = ['blazer', 'shirt', 'jumper', 'cardigan'];
	const ofFamily = garmentTypes.flatMap(({ id, family, singular }) => {
		const first = garmentTypes.find((one) => byThemselves.includes(one.id) && one.family === family);
		const isKindOf = !first || id === first.id || singular.endsWith(` ${first.singular}`);
		const [only, other] = readLook(singular).elements;
		// Fleece is a cloth, too.
		return isKindOf || id === 'fleece' || other || only?.garment.type !== id
			? []
			: [{ first: first.singular, second: singular, id }];
	});

	it('are two, where the first is no name for the second: “blazer, waistcoat, trousers”', () => {
		expect(ofFamily.length).toBeGreaterThan(30);
		fc.assert(
			fc.property(
				fc.constantFrom(...ofFamily),
				fc.constantFrom('trousers', 'skirt', 'jeans'),
				({ first, second, id }, lower) => {
					const types = readLook(`${first}, ${second}, ${lower}`).elements.map(({ garment }) => garment.type);
					expect(types).toHaveLength(3);
					expect(types).toContain(id);
				}
			),
			runs
		);
	});

	it('are one, where the second says which the first is', () => {
		for (const text of ['shirt, denim shirt', 'shoes, loafers', 'her blazer, a tweed jacket'])
			expect(readLook(text).elements, text).toHaveLength(1);
		for (const text of ['jacket, gilet, tee', 'blazer, bolero, skirt', 'shirt, overshirt, skirt'])
			expect(readLook(text).elements, text).toHaveLength(3);
	});
});
