import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentType, garmentTypes, readLook, type Element, type GarmentType } from '../../src/lib/core';
import { colourWords } from '../../src/lib/core/lexicon/colours';
import { details } from '../../src/lib/core/lexicon/details';
import { facetPhrases } from '../../src/lib/core/lexicon/facet-words';
import { materialFamilies, materials } from '../../src/lib/core/lexicon/materials';
import { longestPhrase } from '../../src/lib/core/reading/words/longest-phrase';
import { colourWord, isSkirtOf, saidThing, strangeNoun } from '../looks';
import { hexesOf, someOf } from '../read';

/** Laws of kinds and parts: "X style Y", what a part's name says, what is set or strung, the parts of a suit. */
const runs = { numRuns: 300 };
const told = (one: Pick<Element, 'garment' | 'note'>) => ({ garment: one.garment, note: one.note });
const read = (text: string) => readLook(text).elements.map(told);
const ofCloth = new Set(['tops', 'bottoms', 'one-pieces', 'layers', 'south-asian']);
const general = garmentTypes.filter((type) => type.general);
const ofClothTypes = general.filter(
	({ division, facets }) => ofCloth.has(division) && facets.includes('material')
);

describe('a kind, then what is of it', () => {
	const named = garmentTypes.flatMap((type) =>
		[type.singular, ...type.words.filter(({ locale }) => locale !== 'us').map(({ word }) => word)]
			.filter((word) => /^[a-z]+ [a-z]+$/.test(word))
			.map((word) => word.split(' ') as [string, string])
	);
	it.each(['style', 'styled', 'inspired'])('reads as the name without “%s”', (between) => {
		fc.assert(
			fc.property(someOf(named), colourWord, ([kind, thing], colour) => {
				// "Chambray shirt" is a garment's own name.
				fc.pre(!garmentTypes.some(({ words }) => words.some(({ word }) => word === `${colour} ${kind}`)));
				expect(read(`${colour} ${kind} ${between} ${thing}`)).toEqual(read(`${colour} ${kind} ${thing}`));
				expect(read(`${colour} ${kind}-${between} ${thing}`)).toEqual(read(`${colour} ${kind} ${thing}`));
			}),
			runs
		);
	});
	it('names one garment even where the two make no name together', () => {
		const bare = garmentTypes.filter(({ singular }) => /^[a-z]+$/.test(singular));
		fc.assert(
			fc.property(someOf(bare), someOf(ofClothTypes), (kind, thing) => {
				fc.pre(kind.family !== thing.family && readLook(kind.singular).questions.length === 0);
				fc.pre(readLook(`${kind.singular} ${thing.singular}`).phrases.length > 1);
				const { elements } = readLook(`${kind.singular} style ${thing.singular}`);
				expect(elements.map(({ garment }) => garmentType(garment.type).slot)).toEqual([thing.slot]);
			}),
			runs
		);
	});
});

describe('a part whose name says how it is', () => {
	const parts = new Set(details.flatMap(({ words }) => words));
	const ownSaying = facetPhrases.filter(
		({ phrase, free }) => free && parts.has(phrase.split(/[ -]/).at(-1) ?? '')
	);
	it('there are many such names', () => expect(ownSaying.length).toBeGreaterThan(100));
	it('leaves its trace, as a value or in the note', () => {
		fc.assert(
			fc.property(someOf(ownSaying), someOf(ofClothTypes), colourWord, ({ phrase }, type, colour) => {
				const plain = readLook(`${colour} ${type.singular}`);
				const reading = readLook(`${colour} ${type.singular} with a ${phrase}`);
				fc.pre(reading.elements.length === plain.elements.length);
				const changed =
					JSON.stringify(reading.elements.map(told)) !== JSON.stringify(plain.elements.map(told));
				const moved = reading.elements.some(({ moves }) => moves.length > 0);
				// What the type has anyway says nothing new, but is told as understood.
				const heard = reading.phrases.some(
					({ text, status }) => phrase.includes(text.toLowerCase()) && status === 'understood'
				);
				expect(changed || moved || heard, `${type.singular} with a ${phrase}`).toBe(true);
			}),
			runs
		);
	});
});

describe('words that are a colour and a stone', () => {
	const strung = new Set<string>(materialFamilies.at(-1)?.map(({ id }) => id));
	it('say of cloth the colour alone', () => {
		fc.assert(
			fc.property(someOf(colourWords), someOf(ofClothTypes), ({ word, hex }, type) => {
				const [one] = readLook(`${word} ${type.singular}`).elements;
				expect(strung.has(one?.garment.facets.material?.value ?? ''), `${word} ${type.singular}`).toBe(false);
				expect(hexesOf(one).length > 0 || one?.garment.metal !== undefined, `${word} ${hex}`).toBe(true);
			}),
			runs
		);
	});
	it('leave the cloth that is named after them alone', () => {
		fc.assert(
			fc.property(
				someOf(['jade', 'amber', 'pearl', 'turquoise', 'coral', 'ivory']),
				someOf(ofClothTypes),
				(word, type) => {
					const [one] = readLook(`${word} velvet ${type.singular}`).elements;
					expect(one?.garment.facets.material?.value).toBe('velvet');
					expect(one?.note).toBe('');
					expect(hexesOf(one)).toEqual(hexesOf(readLook(`${word} ${type.singular}`).elements[0]));
				}
			),
			runs
		);
	});
	it.each(['crystals', 'pearls', 'beads', 'gems'])('%s are set on cloth, which stays what it is', (word) => {
		fc.assert(
			fc.property(someOf(ofClothTypes), someOf(['tulle', 'silk', 'cotton', 'wool']), (type, cloth) => {
				const [one] = readLook(`${cloth} ${type.singular} encrusted with ${word}`).elements;
				expect(one?.garment.facets.material?.value).toBe(cloth);
			}),
			runs
		);
	});
});

describe('colours that follow a print', () => {
	const prints = ['striped', 'gingham', 'floral', 'checked', 'paisley', 'polka-dot', 'plaid'];
	const after = ['', ', belted', ', square neck', ', long sleeves', ', worn open'];
	it('are the print’s, whatever is named next', () => {
		fc.assert(
			fc.property(
				someOf(prints),
				someOf(['dress', 'shirt dress', 'coat']),
				colourWord,
				colourWord,
				someOf(after),
				saidThing,
				(print, thing, first, second, more, next) => {
					fc.pre(
						first !== second && garmentType(next.type).slot !== 'whole' && !isSkirtOf('dress', next.type)
					);
					const { elements } = readLook(`${print} ${thing}, ${first} and ${second}${more}, ${next.words}`);
					expect(elements.map(({ garment }) => garment.type).slice(1)).toEqual([next.type]);
					expect(elements.slice(1).map(told)).toEqual([{ garment: next.garment, note: next.note }]);
					expect(hexesOf(elements[0]).length).toBeGreaterThan(0);
				}
			),
			runs
		);
	});
});

describe('a label', () => {
	it('is read alike over a colon and an equals sign', () => {
		const labels = {
			shoes: ['loafers', 'court shoes', 'brogues'],
			bag: ['clutch', 'tote'],
			hat: ['beret', 'fedora'],
			top: ['camisole', 'blouse']
		};
		fc.assert(
			fc.property(
				someOf(Object.entries(labels)),
				colourWord,
				fc.nat(2),
				fc.boolean(),
				([label, kinds], colour, at, listed) => {
					const kind = kinds[at % kinds.length] ?? '';
					const said = listed ? `${colour}, ${kind}` : `${colour} ${kind}`;
					expect(read(`${label} = ${said}`)).toEqual(read(`${label}: ${said}`));
					expect(readLook(`${label} = ${said}`).elements).toHaveLength(1);
				}
			),
			runs
		);
	});
	it.each([
		['hair: up', 'updo'],
		['hair: low bun', 'low-bun'],
		['hair: finger waves', 'finger-waves']
	])('of hair: %s', (text, type) => {
		expect(readLook(text).elements.map(({ garment }) => garment.type)).toEqual([type]);
	});
	it('for all of a kind stands over what is listed, and is asked for nowhere', () => {
		fc.assert(
			fc.property(
				someOf(['knitwear', 'tailoring', 'outerwear', 'jewellery']),
				saidThing,
				saidThing,
				(kind, one, two) => {
					const plain = readLook(`${one.words}, ${two.words}`);
					const reading = readLook(`${kind}: ${one.words}, ${two.words}`);
					expect(reading.elements.map(told)).toEqual(plain.elements.map(told));
					expect(reading.things).toEqual(plain.things);
				}
			),
			runs
		);
	});
});

describe('what stands in brackets', () => {
	it('is said of the thing before them, wherever it is parted, and of nothing after', () => {
		fc.assert(
			fc.property(
				someOf(['shirt', 'dress', 'coat', 'jumper']),
				colourWord,
				colourWord,
				someOf(['/', ', ', '; ', ' and ']),
				saidThing,
				(thing, first, second, between, next) => {
					fc.pre(first !== second && readLook(thing).questions.length === 0);
					fc.pre(!['top', 'whole', 'outer', 'layer', 'suit'].includes(garmentType(next.type).slot));
					fc.pre(!(thing === 'dress' && isSkirtOf(thing, next.type)));
					const reading = readLook(`${thing} (${first}${between}${second}), ${next.words}`);
					expect(reading.elements.slice(1).map(told)).toEqual([{ garment: next.garment, note: next.note }]);
					const own = hexesOf(readLook(`${first} ${thing}`).elements[0])[0];
					expect(hexesOf(reading.elements[0])).toContain(own);
				}
			),
			runs
		);
	});
});

it('a bracket that is never closed holds nothing', () => {
	const { elements } = readLook('shirt (white, navy trousers, pink, wide-leg jeans');
	expect(elements.map(hexesOf)).toEqual(
		readLook('shirt, white, navy trousers, pink, wide-leg jeans').elements.map(hexesOf)
	);
});

describe('what a shape is of, before a colon', () => {
	it.each(['a column', 'a pile', 'a symphony', 'lots'])(
		'“%s of black:” gives its colour to all that is listed',
		(opening) => {
			fc.assert(
				fc.property(colourWord, (colour) => {
					const listed = readLook(`${opening} of ${colour}: roll neck, trousers, loafers`).elements;
					const alone = ['roll neck', 'trousers', 'loafers'].map(
						(thing) => readLook(`${colour} ${thing}`).elements[0]
					);
					expect(listed.map(hexesOf)).toEqual(alone.map(hexesOf));
				}),
				{ numRuns: 60 }
			);
		}
	);
});

describe('said of what was listed, at the end or before', () => {
	const list = 'a coat, a skirt, tights';
	it.each(['all in shades of', 'all in', 'all in tones of'])(
		'“%s …” is said of all that has no colour',
		(words) => {
			fc.assert(
				fc.property(colourWord, (colour) => {
					const alone = ['coat', 'skirt', 'tights'].map((thing) =>
						hexesOf(readLook(`${thing} in ${colour}`).elements[0])
					);
					expect(readLook(`${list}, ${words} ${colour}`).elements.map(hexesOf)).toEqual(alone);
				}),
				{ numRuns: 60 }
			);
		}
	);
	it('a colour between an opening and its colon is', () => {
		fc.assert(
			fc.property(colourWord, (colour) => {
				const plain = readLook(`${colour}: roll neck, trousers, loafers`).elements.map(hexesOf);
				const opened = readLook(`The look is one colour, ${colour}: roll neck, trousers, loafers`).elements;
				expect(opened.map(hexesOf)).toEqual(plain);
			}),
			{ numRuns: 60 }
		);
	});
	it('“a bodice … and a skirt” are a dress', () => {
		fc.assert(
			fc.property(
				someOf(['dress', 'gown', 'evening dress']),
				colourWord,
				someOf(['lace', 'satin', 'velvet']),
				saidThing,
				(dress, colour, cloth, next) => {
					fc.pre(!['whole', 'legs', 'top', 'suit'].includes(garmentType(next.type).slot));
					const { elements } = readLook(
						`a ${dress} has a fitted bodice in ${colour} ${cloth} and a full skirt. ${next.words}.`
					);
					expect(elements.map(({ garment }) => garment.type)).toEqual([
						readLook(dress).elements[0]?.garment.type,
						next.type
					]);
					expect(elements[0]?.garment.facets.skirtShape?.value).toBe('full');
				}
			),
			{ numRuns: 100 }
		);
	});
});

describe('a dress code at the start', () => {
	it.each(['Black tie', 'White tie', 'Smart casual', 'Cocktail'])(
		'“%s:” stands over what follows',
		(code) => {
			fc.assert(
				fc.property(saidThing, saidThing, (one, two) => {
					expect(read(`${code}: ${one.words}, ${two.words}`)).toEqual(read(`${one.words}, ${two.words}`));
				}),
				runs
			);
		}
	);
	it('is a tie where only what it is made of follows', () => {
		expect(readLook('black tie: silk').elements.map(({ garment }) => garment.type)).toEqual(['tie']);
	});
});

describe('words without their vowels', () => {
	const bare = (word: string) => word.replace(/[aeiou]/g, '');
	it.each([
		'blazer',
		'jeans',
		'trousers',
		'shirt',
		'sweater',
		'cardigan',
		'dress',
		'sandals',
		'gloves',
		'jumpsuit',
		'loafers',
		'trainers'
	])('%s is taken, and told as a guess', (name) => {
		const reading = readLook(`navy ${bare(name)}`);
		expect(reading.elements.map(({ garment }) => garment.type)).toEqual(
			readLook(name).elements.map(({ garment }) => garment.type)
		);
		expect(reading.phrases.at(-1)?.status).toBe('doubted');
	});
	it('that could be two names are asked', () => {
		fc.assert(
			fc.property(colourWord, (colour) => {
				const reading = readLook(`${colour} bns`);
				expect(reading.elements).toEqual([]);
				expect(reading.phrases.at(-1)?.suggestions).toEqual(expect.arrayContaining(['beanies', 'buns']));
			}),
			{ numRuns: 20 }
		);
	});
});

describe('a plural of how a thing is cut', () => {
	it.each(['wides', 'slims', 'shorts tops', 'straights'])('“%s” says nothing of the thing before', (word) => {
		fc.assert(
			fc.property(saidThing, colourWord, (thing, colour) => {
				const [one] = readLook(`${thing.words}; ${colour} ripped ${word}`).elements;
				expect(one && told(one)).toEqual({ garment: thing.garment, note: thing.note });
			}),
			runs
		);
	});
});

describe('a plural of a cloth', () => {
	// Beads and feathers are words of their own.
	const cloths = materials
		.map(({ label }) => `${label}s`)
		.filter((word) => /^[a-z]{4,}[^s]s$/.test(word) && !longestPhrase([word], 0, 1));
	it('is asked where it names nothing, and says nothing of the thing beside it (generated)', () => {
		expect(cloths.length).toBeGreaterThan(30);
		fc.assert(
			fc.property(someOf(cloths), saidThing, colourWord, (cloth, thing, colour) => {
				const plain = { garment: thing.garment, note: thing.note };
				const [first] = read(`${thing.words}; ${colour} ${cloth}`);
				expect(first).toEqual(plain);
				const text = `${cloth} and a ${thing.words}`;
				const reading = readLook(text);
				expect(reading.elements.at(-1)?.garment, text).toEqual(thing.garment);
				expect(reading.phrases[0]?.status, text).not.toBe('understood');
			}),
			runs
		);
	});
	it.each([
		['furs and a white gown', ['fur-stole', 'evening-gown']],
		['grey flannels, navy blazer', ['trousers', 'blazer']],
		['biker leathers and a white tee', ['leather-trousers', 't-shirt']]
	])('“%s”', (text, types) => {
		const { elements } = readLook(text);
		expect(elements.map(({ garment }) => garment.type)).toEqual(types);
		expect(elements[1]?.garment.facets.material).toBeUndefined();
	});
});

describe('a suit and its parts', () => {
	// "Flared trousers" is a name by itself, and may be another thing.
	const cuts = ['wide', 'cropped', 'slim', 'peg', 'straight', 'tapered', 'high-rise'];
	it('trousers of which the cut alone is said are the suit’s', () => {
		fc.assert(
			fc.property(colourWord, someOf(cuts), saidThing, (colour, cut, other) => {
				fc.pre(!['legs', 'whole', 'suit', 'layer'].includes(garmentType(other.type).slot));
				// Beside a dupatta it is one of kameez and salwar.
				fc.pre(garmentType(other.type).family !== 'stoles');
				const suit = readLook(`${colour} suit, ${cut} trousers, ${other.words}`).elements;
				expect(suit.map(({ garment }) => garment.type)).toEqual(['suit', other.type]);
				expect(suit[0]?.garment.facets).not.toEqual({});
			}),
			runs
		);
	});
	it('trousers by the name of a cut are, after a colon or a part, and leave the suit there', () => {
		const kinds = [
			['flared', 'flared'],
			['wide-leg', 'wide'],
			['cigarette', 'slim']
		] as const;
		const told = someOf([
			': wide lapels, ',
			': ',
			' with wide lapels and ',
			' with ',
			': double-breasted, wide lapels, '
		]);
		fc.assert(
			fc.property(colourWord, told, someOf(kinds), (colour, joined, [cut, leg]) => {
				const text = `${colour} suit${joined}${cut} trousers`;
				const { elements } = readLook(text);
				expect(
					elements.map(({ garment }) => garment.type),
					text
				).toEqual(['suit']);
				expect(elements[0]?.garment.facets.leg?.value, text).toBe(leg);
			}),
			runs
		);
	});
	it('of which two are listed after a colon are the suit', () => {
		for (const listed of ['double-breasted jacket, flared trousers', 'wide trousers, a boxy jacket'])
			expect(readLook(`navy suit: ${listed}`).elements, listed).toHaveLength(2);
	});
	it('beside a dupatta is one of kameez and salwar, and asked', () => {
		for (const text of ['cream suit, red dupatta, juttis', 'a red net dupatta over a plain suit']) {
			const { elements, questions } = readLook(text);
			expect(
				elements.map(({ garment }) => garment.type),
				text
			).toContain('salwar-kameez');
			expect(
				questions.map(({ choices }) => choices),
				text
			).toEqual([['salwar-kameez', 'suit']]);
		}
		for (const text of ['navy suit, white shirt, red scarf', 'navy suit, white shirt, a pashmina shawl'])
			expect(readLook(text).questions, text).toEqual([]);
	});
	it('trousers with a colour of their own are not', () => {
		fc.assert(
			fc.property(colourWord, colourWord, someOf(cuts), (colour, own, cut) => {
				fc.pre(colour !== own);
				const { elements } = readLook(`${colour} suit, ${own} ${cut} trousers`);
				expect(elements).toHaveLength(2);
			}),
			runs
		);
	});
});

describe('what is worn with it', () => {
	it('a belt that the garment is belted in changes neither its cloth nor its colour', () => {
		fc.assert(
			fc.property(
				colourWord,
				someOf(['dress', 'jumpsuit', 'coat', 'tunic']),
				colourWord,
				(colour, thing, own) => {
					const [one] = readLook(`${colour} ${thing}, belted in ${own} leather`).elements;
					const [plain] = readLook(`${colour} ${thing}`).elements;
					expect(one?.garment).toEqual(plain?.garment);
					expect(one?.note).toContain('leather');
					expect(one?.moves).toEqual(['belted']);
				}
			),
			runs
		);
	});
	it.each(['over one shoulder', 'slung over one shoulder', 'draped over one shoulder'])(
		'%s says where, and no neckline',
		(place) => {
			const neckless = (type: GarmentType) => ['scarf', 'bag', 'layer'].includes(type.slot);
			for (const type of general.filter(neckless)) {
				const { elements } = readLook(`red dress with a ${type.singular} ${place}`);
				expect(elements[0]?.garment.facets.neckline, type.singular).toBeUndefined();
			}
		}
	);
	it('flowers in the hair have a colour of their own', () => {
		fc.assert(
			fc.property(someOf(['bun', 'plait', 'updo', 'chignon', 'ponytail']), colourWord, (hair, colour) => {
				const [one] = readLook(`a ${hair} with ${colour} flowers`).elements;
				expect(hexesOf(one)).toEqual([]);
				expect(one?.note).toContain('flowers');
			}),
			runs
		);
	});
	it.each(['bun', 'plait', 'chignon', 'ponytail'])('jasmine in her %s is two things', (hair) => {
		const types = readLook(`jasmine in her ${hair}`).elements.map(({ garment }) => garment.type);
		expect(types).toEqual(['flower-crown', ...readLook(hair).elements.map(({ garment }) => garment.type)]);
	});
});

describe('what is described and not named', () => {
	const ofGowns = ['straight neckline', 'a tiny train', 'puffed sleeves', 'a nipped-in waist'];
	it('gives nothing to an accessory that follows', () => {
		const accessories = general.filter(({ division }) =>
			['jewellery', 'bags', 'accessories'].includes(division)
		);
		fc.assert(
			fc.property(
				colourWord,
				someOf(ofGowns),
				someOf(accessories),
				colourWord,
				(colour, part, { singular, facets }, own) => {
					// Gloves have sleeves of a kind.
					fc.pre(!facets.includes('sleeveLength') && !facets.includes('hemDetail'));
					const { elements } = readLook(`${colour} satin, ${part}, and ${own} ${singular}`);
					expect(elements.map(told)).toEqual(read(`${own} ${singular}`));
				}
			),
			runs
		);
	});
	it('keeps what is said to be of it: “a bouquet of …”', () => {
		fc.assert(
			fc.property(saidThing, strangeNoun, colourWord, (thing, noun, colour) => {
				const reading = readLook(`${thing.words}, ${noun} of ${colour} roses`);
				expect(reading.elements.map(told)).toEqual([told(thing as unknown as Element)]);
				expect(reading.things.map(({ word }) => word)).toEqual([noun]);
			}),
			runs
		);
	});
	it('is a thing that is asked where it is worn so and the next is described for itself', () => {
		fc.assert(
			fc.property(
				colourWord,
				colourWord,
				someOf(['tied round her waist', 'tied round the neck', 'over the shoulders']),
				(colour, own, move) => {
					const reading = readLook(`${colour} plaid flannel ${move}, ${own} crop top`);
					expect(reading.elements.map(told)).toEqual(read(`${own} crop top`));
					expect(reading.things).toHaveLength(1);
				}
			),
			runs
		);
	});
});

describe('how many are worn', () => {
	const several = someOf(['gold chains', 'thin silver rings', 'bangles', 'bracelets', 'belts']);
	const numbers = someOf([
		['two', 2],
		['three', 3],
		['4', 4],
		['five', 5]
	] as const);
	it('is read of what is worn in numbers, with the colour and the rest as ever', () => {
		fc.assert(
			fc.property(several, numbers, saidThing, (things, [said, count], other) => {
				fc.pre(!['neck', 'finger', 'wrist', 'waist'].includes(garmentType(other.type).slot));
				const reading = readLook(`${said} ${things}, ${other.words}`);
				const plain = readLook(`${things}, ${other.words}`);
				expect(reading.elements[0]?.count).toBe(count);
				expect(reading.elements.slice(1).map(({ count: none }) => none)).toEqual(
					[undefined].slice(0, reading.elements.length - 1)
				);
				expect(reading.elements.map(told)).toEqual(plain.elements.map(told));
			}),
			runs
		);
	});
	it('is said of no pair and of no garment', () => {
		for (const text of [
			'two earrings',
			'a pair of gloves',
			'two white tees',
			'shoes, size 8',
			'a dress with two pockets'
		])
			for (const { count } of readLook(text).elements) expect(count, text).toBeUndefined();
	});
	it('more than five are as many as can be worn for one element', () => {
		expect(readLook('six bracelets').elements[0]?.count).toBe(5);
	});
});
