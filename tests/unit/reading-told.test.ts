/** Laws of reading: how a thing is told of, in the trade's lists, in whole sentences and in haste. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentType, garmentTypes, readLook } from '../../src/lib/core';
import { ordinaryWords } from '../../src/lib/core/lexicon/ordinary-words';
import { colourWord } from '../looks';
import { hexesIn, hexesOf } from '../read';

const runs = { numRuns: 200 };
const thing = fc.constantFrom('jacket', 'lehenga', 'kaftan', 'wool coat', 'blouse');
const hexOf = (word: string) => readLook(`${word} jacket`).elements[0]?.garment.palette[0]?.hex;

describe('what hangs on a jewel', () => {
	const worn = fc.constantFrom('chain', 'choker', 'necklace', 'hoops', 'earrings', 'bracelet');
	const hung = fc.constantFrom('pendant', 'locket', 'cross', 'medallion');
	it('is a part of it, kept beside it: "a velvet choker with a cross"', () => {
		fc.assert(
			fc.property(worn, hung, fc.constantFrom('gold', 'silver'), (jewel, part, metal) => {
				const text = `a ${metal} ${jewel} with a ${part}`;
				const [first, other] = readLook(text).elements;
				expect(other, text).toBeUndefined();
				expect(first?.garment.metal?.value, text).toBe(metal);
				expect(first?.note, text).toContain(part);
			}),
			runs
		);
	});
	it('says what it is set with: "hoops with pearl drops"', () => {
		for (const jewel of ['hoops', 'gold earrings', 'studs', 'a gold chain'])
			for (const [part, material] of [
				['pearl drops', 'pearl'],
				['crystal drops', 'crystal'],
				['a pearl pendant', 'pearl']
			]) {
				const { elements } = readLook(`${jewel} with ${part}`);
				expect(elements.length, `${jewel} with ${part}`).toBe(1);
				expect(elements[0]?.garment.facets.material?.value, `${jewel} with ${part}`).toBe(material);
			}
	});
	it('is a jewel by itself beside anything else: "a white shirt with a gold cross"', () => {
		fc.assert(
			fc.property(thing, hung, (garment, part) => {
				const text = `a ${garment} with a gold ${part}`;
				const { elements } = readLook(text);
				expect(elements.length, text).toBe(2);
				expect(garmentType(elements[1]?.garment.type ?? '').division, text).toBe('jewellery');
			}),
			runs
		);
	});
});

describe('a belt of the garment’s own', () => {
	it('is a part of it: "a coat with a tie belt"; by itself it is a belt', () => {
		fc.assert(
			fc.property(
				thing,
				fc.constantFrom('tie belt', 'self belt', 'self-tie belt'),
				colourWord,
				(garment, belt, colour) => {
					const own = readLook(`a ${colour} ${garment} with a ${belt}`).elements;
					expect(own.length, `${garment} ${belt}`).toBe(1);
					expect(own[0]?.note).toContain(belt);
					expect(own[0]?.garment.facets.closure, `${garment} ${belt}`).toBeUndefined();
					const [alone, more] = readLook(`a ${colour} ${belt}`).elements;
					expect(alone?.garment.type).toBe('belt');
					expect(more).toBeUndefined();
					expect(readLook(`a ${colour} ${garment} with a tan belt`).elements.length).toBe(2);
				}
			),
			runs
		);
	});
});

describe('work named after a comma', () => {
	const work = fc.constantFrom('embroidery', 'beading', 'sequins', 'mirror work', 'beadwork');
	const next = fc.constantFrom('shoes', 'clutch', 'belt', 'coat');
	it('is of what stands before it: "a red jacket, gold embroidery, black shoes"', () => {
		fc.assert(
			fc.property(
				thing,
				colourWord,
				work,
				next,
				fc.constantFrom('black', 'white'),
				(garment, on, of, then, own) => {
					const text = `a red ${garment}, ${on} ${of}, ${own} ${then}`;
					const reading = readLook(text);
					expect(reading.things, text).toEqual([]);
					const [first, second, third] = reading.elements;
					expect(third, text).toBeUndefined();
					const { texture, material } = first?.garment.facets ?? {};
					expect(texture ?? material, text).toBeDefined();
					const alone = readLook(`a red ${garment}. ${own} ${then}`).elements[1]?.garment;
					expect(second?.garment, text).toEqual(alone);
				}
			),
			runs
		);
	});
	it('is a thing that is asked, where nothing stands before it', () => {
		const { things, elements } = readLook('green sequins, black shoes');
		expect(things.map(({ word }) => word)).toEqual(['sequins']);
		expect(elements.map(({ garment }) => garment.palette.length)).toEqual([1]);
	});
});

describe('what matches', () => {
	// Chambray is a cloth as well.
	const onlyColour = colourWord.filter(
		(word) => !readLook(`a top in ${word}`).elements[0]?.garment.facets.material
	);
	it('is of one cloth with what it matches, whichever of the two is told of', () => {
		fc.assert(
			fc.property(
				fc.constantFrom('crop top', 'blouse', 'waistcoat', 'jacket'),
				fc.constantFrom('shorts', 'skirt', 'trousers'),
				onlyColour,
				fc.constantFrom('linen', 'satin', 'gingham'),
				(top, bottom, colour, cloth) => {
					const texts = [
						`${colour} ${cloth} ${top} and matching ${bottom}`,
						`${top} and matching ${bottom} in ${colour} ${cloth}`,
						`${cloth} ${top} and matching ${bottom} in ${colour}`
					];
					for (const text of texts) {
						const [one, other, more] = readLook(text).elements;
						expect(more, text).toBeUndefined();
						expect(one?.garment.palette[0]?.hex, text).toBe(hexOf(colour));
						expect(other?.garment.palette, text).toEqual(one?.garment.palette);
						expect(other?.garment.print, text).toEqual(one?.garment.print);
						expect(other?.garment.facets.material?.value, text).toBe(one?.garment.facets.material?.value);
					}
				}
			),
			runs
		);
	});
	it('goes on over "and": "a grey tracksuit, matching hoodie and joggers"', () => {
		for (const text of ['grey tracksuit, matching hoodie and joggers', 'grey hat, matching gloves and scarf'])
			for (const { garment } of readLook(text).elements)
				expect(
					garment.palette.map(({ hex }) => hex),
					`${text}: ${garment.type}`
				).toEqual([hexOf('grey')]);
	});
});

describe('a part of a suit', () => {
	it('that is told by its cut is the suit’s: "a cream suit with a boxy jacket"', () => {
		fc.assert(
			fc.property(
				colourWord,
				fc.constantFrom(
					['boxy jacket', 'fit', 'relaxed'],
					['longline jacket', 'topLength', 'thigh'],
					['wide trousers', 'leg', 'wide']
				),
				fc.constantFrom('with a', 'with'),
				(colour, [part = '', facet = '', value], joined) => {
					const text = `a ${colour} trouser suit ${joined} ${part}`;
					const [suit, more] = readLook(text).elements;
					expect(more, text).toBeUndefined();
					expect(suit?.garment.facets[facet as 'fit']?.value, text).toBe(value);
					expect(readLook(`a ${colour} trouser suit with a white ${part}`).elements.length, text).toBe(2);
				}
			),
			runs
		);
	});
});

it('a shell top is made of no shells', () => {
	for (const text of ['white shell top', 'a cream shell', 'coral sleeveless shell'])
		expect(readLook(text).elements[0]?.garment.facets.material, text).toBeUndefined();
	expect(readLook('shell earrings').elements[0]?.garment.facets.material?.value).toBe('shell');
});

describe('what is said of several at once', () => {
	const pair = fc.constantFrom(
		['hat', 'gloves'],
		['shoes', 'bag'],
		['jacket', 'trousers'],
		['blouse', 'skirt'],
		['tie', 'pocket square']
	);
	it('is of each: "the hat and gloves are grey", "the hat, gloves and shoes were all grey"', () => {
		fc.assert(
			fc.property(
				pair,
				colourWord,
				fc.constantFrom('are', 'were', 'are all', 'are both'),
				([a, b], colour, are) => {
					for (const text of [
						`A red coat. The ${a} and ${b} ${are} ${colour}.`,
						`The belt, ${a} and ${b} ${are} ${colour}.`
					]) {
						const { elements } = readLook(text);
						expect(elements.length, text).toBeGreaterThanOrEqual(3);
						for (const { garment } of elements.slice(-2))
							expect(
								garment.palette.map(({ hex }) => hex),
								`${text}: ${garment.type}`
							).toEqual([hexOf(colour)]);
					}
				}
			),
			runs
		);
	});
	it('is of each also where the first has a colour: "her red jacket and skirt are wool"', () => {
		for (const { garment } of readLook('Her red jacket and skirt are wool').elements) {
			expect(
				garment.palette.map(({ hex }) => hex),
				garment.type
			).toEqual([hexOf('red')]);
			expect(garment.facets.material?.value, garment.type).toBe('wool');
		}
	});
	it('is of the last alone where each is told by itself: "the dress is navy and shoes are tan"', () => {
		fc.assert(
			fc.property(thing, colourWord, colourWord, (garment, one, other) => {
				const text = `The ${garment} is ${one} and shoes are ${other}`;
				expect(
					readLook(text).elements.map((element) => element.garment.palette[0]?.hex),
					text
				).toEqual([hexOf(one), hexOf(other)]);
			}),
			runs
		);
	});
});

describe('who wears it', () => {
	it('begins anew: "a dress in blues and greens she’s thrown a red coat over"', () => {
		fc.assert(
			fc.property(
				thing,
				fc.constantFrom('she’s thrown', 'she has', 'he wears', 'they’ve put'),
				(garment, who) => {
					const text = `a ${garment} in blue and green ${who} a red hat with`;
					const [first, second] = readLook(text).elements;
					expect(hexesOf(first), text).toEqual([hexOf('blue'), hexOf('green')]);
					expect(hexesOf(second), text).toEqual([hexOf('red')]);
				}
			),
			runs
		);
	});
});

describe('a list of the trade', () => {
	const cut = fc.constantFrom('long sleeves', 'a boat neck', 'knee-length');
	it('ends in the cloth: "a dress, long sleeves, black jersey"; of what has a colour it is a thing of its own', () => {
		fc.assert(
			fc.property(
				fc.constantFrom('dress', 'bodysuit', 'jumpsuit'),
				cut,
				fc.constantFrom('black', 'navy', 'red'),
				(garment, how, colour) => {
					const text = `${garment}, ${how}, ${colour} jersey`;
					const [own, more] = readLook(text).elements;
					expect(more, text).toBeUndefined();
					expect(own?.garment.facets.material?.value, text).toBe('jersey');
					expect(hexesOf(own), text).toEqual([hexOf(colour)]);
					expect(readLook(`white ${garment}, ${how}, ${colour} jersey`).elements.length).toBe(2);
				}
			),
			runs
		);
	});
	it('takes no trim for a thing: "pumps, bow trim", "a coat, tie belt, navy"', () => {
		for (const text of [
			'ballet pumps, bow trim, black',
			'a cardigan, chain trim, black',
			'a jacket, belt detail, black',
			'a wrap coat, self-tie belt, black',
			'a maxi dress, tassel ties, black',
			'a kurta, side tie, black',
			'a silk tie, square end, black',
			'loafers, stitched vamp, black'
		]) {
			const { elements, things } = readLook(text);
			expect(elements.length, text).toBe(1);
			expect(things, text).toEqual([]);
			expect(
				elements[0]?.garment.palette.map(({ hex }) => hex),
				text
			).toEqual([hexOf('black')]);
		}
	});
	it('takes a print by its many for that of what stands before it: "a white shirt, blue stripes, grey trousers"', () => {
		fc.assert(
			fc.property(
				thing,
				fc.constantFrom(
					['stripes', 'stripe'],
					['polka dots', 'polka-dot'],
					['checks', 'check'],
					['flowers', 'floral']
				),
				colourWord,
				(garment, [many = '', print], on) => {
					const text = `a white ${garment}, ${on} ${many}, grey shoes`;
					const reading = readLook(text);
					expect(reading.things, text).toEqual([]);
					const [first, second] = reading.elements;
					expect(first?.garment.print?.family.value, text).toBe(print);
					expect(hexesOf(second), text).toEqual([hexOf('grey')]);
					expect(second?.garment.print, text).toBeUndefined();
				}
			),
			runs
		);
	});
});

describe('a colour of the whole look', () => {
	it('is of all that is listed after it: "in red from head to toe: a dress, tights, boots"', () => {
		fc.assert(
			fc.property(
				colourWord,
				fc.constantFrom('from head to toe', 'from top to toe', 'head to toe'),
				fc.constantFrom(':', ','),
				thing,
				(colour, all, mark, garment) => {
					const text = `She is in ${colour} ${all}${mark} a ${garment}, a belt and boots`;
					const { elements } = readLook(text);
					expect(elements.length, text).toBe(3);
					for (const { garment: own } of elements)
						expect(
							own.palette.map(({ hex }) => hex),
							`${text}: ${own.type}`
						).toEqual([hexOf(colour)]);
				}
			),
			runs
		);
	});
});

describe('a part with a cloth of its own', () => {
	it('leaves the garment its own: "a black suit with a shawl collar in satin"', () => {
		fc.assert(
			fc.property(
				fc.constantFrom('black', 'navy', 'green'),
				fc.constantFrom('coat', 'suit', 'blazer', 'cardigan'),
				fc.constantFrom('collar in velvet', 'shawl collar in satin', 'collar in white fur'),
				(colour, garment, part) => {
					const text = `a ${colour} ${garment} with a ${part}`;
					const [own, more] = readLook(text).elements;
					expect(more, text).toBeUndefined();
					expect(own?.garment.facets.material, text).toBeUndefined();
					expect(hexesOf(own), text).toEqual([hexOf(colour)]);
					expect(`${own?.note} ${own?.garment.facets.collar?.value}`, text).toMatch(/velvet|satin|fur/);
				}
			),
			runs
		);
		expect(
			readLook('a black dress with long sleeves in silk').elements[0]?.garment.facets.material?.value
		).toBe('silk');
	});
	it('has its work where it is told, and the garment is worked: "gold embroidery down the front"', () => {
		for (const text of [
			'a green waistcoat with gold embroidery down the front',
			'a green kurta with gold beading at the neck'
		])
			expect(readLook(text).elements[0]?.garment.facets.texture, text).toBeDefined();
	});
});

describe('a slip', () => {
	const near = (line: string, meant: string) =>
		expect(
			readLook(line).elements.map(({ garment }) => garment),
			line
		).toEqual(readLook(meant).elements.map(({ garment }) => garment));
	it('by the ear, or with letters left out, is taken for what was meant', () => {
		near('slim jeens, ancle boots', 'slim jeans, ankle boots');
		near('black lethr jackt, ripd jeans', 'black leather jacket, ripped jeans');
		near('a velvit skurt, denym jacket', 'a velvet skirt, denim jacket');
	});
	it('with some of its vowels gone is that word or none, and never another', () => {
		const words = ['leather', 'cardigan', 'emerald', 'trousers', 'burgundy', 'herringbone', 'corduroy'];
		fc.assert(
			fc.property(fc.constantFrom(...words), fc.nat(), (word, which) => {
				const vowels = Array.from(word).flatMap((letter, at) =>
					at > 0 && 'aeiou'.includes(letter) ? [at] : []
				);
				const gone = vowels[which % vowels.length] ?? 1;
				const slip = word.slice(0, gone) + word.slice(gone + 1);
				const [phrase] = readLook(`${slip} coat`).phrases;
				if (phrase?.status === 'unknown') return;
				const [meant] = readLook(`${word} coat`).phrases;
				expect(phrase?.says ?? phrase?.takenFor.split(';')[0], slip).toEqual(meant?.says ?? meant?.takenFor);
			}),
			runs
		);
	});
});

describe('what is told between', () => {
	it('is of what stands before it: "wide trousers, burgundy I think, and a gold top"', () => {
		fc.assert(
			fc.property(
				thing,
				fc.constantFrom('red', 'navy', 'green', 'burgundy'),
				fc.constantFrom(' I think', ''),
				(garment, colour, guess) => {
					const text = `a ${garment}, ${colour}${guess}, and a white top`;
					expect(readLook(text).elements.map(hexesOf), text).toEqual([[hexOf(colour)], [hexOf('white')]]);
				}
			),
			runs
		);
	});
	it('of one of several is no set: "she loved the blue one: a blue dress, a grey hat, boots"', () => {
		const [dress, hat, boots] = readLook(
			'she loved the blue one: blue slip dress, a grey hat, boots'
		).elements;
		expect(hexesOf(dress)).toEqual([hexOf('blue')]);
		expect(hexesOf(hat)).toEqual([hexOf('grey')]);
		expect(boots?.garment.palette).toEqual([]);
	});
	it('of a choice is of what is taken: "a skirt or shorts in brown leather"', () => {
		const { elements, questions } = readLook('a skirt or shorts but it’s brown, with a cream jumper');
		expect(elements[0]?.garment.palette.map(({ hex }) => hex)).toEqual([hexOf('brown')]);
		expect(questions[0]?.choices).toHaveLength(2);
	});
});

describe('what is said over a list', () => {
	const cloth = fc.constantFrom('denim', 'tweed', 'linen', 'corduroy', 'flannel');
	it('gives its cloth to clothes, and to no jewel and nothing that is told to be clear or of something else', () => {
		fc.assert(
			fc.property(
				cloth,
				fc.constantFrom(
					'earrings',
					'ring',
					'bracelet',
					'brooch',
					'clear heels',
					'suede boots',
					'leather bag'
				),
				fc.boolean(),
				(material, other, first) => {
					const clothes = 'jacket, trousers';
					const { elements } = readLook(
						`head-to-toe ${material}: ${first ? `${other}, ${clothes}` : `${clothes}, ${other}`}`
					);
					expect(elements).toHaveLength(3);
					for (const [at, { garment }] of elements.entries()) {
						const made = garment.facets.material?.value;
						if (at === (first ? 0 : 2)) expect(made, other).not.toBe(material);
						else expect(made, other).toBe(material);
					}
				}
			),
			runs
		);
	});
});

describe('the skirt of a dress', () => {
	it('is a part of it after what is above it, however the skirt is cut', () => {
		fc.assert(
			fc.property(
				fc.constantFrom('a nipped waist', 'a fitted bodice', 'long sleeves', 'a square neckline'),
				fc.constantFrom('full', 'pleated', 'flared', 'tiered', 'straight'),
				fc.constantFrom('with ', ''),
				(above, cut, joined) => {
					const said = `a navy dress, ${joined}${above} and a ${cut} skirt, black gloves`;
					const { elements } = readLook(said);
					expect(
						elements.map(({ garment }) => garment.type),
						said
					).toEqual(['dress', 'gloves']);
					expect(elements[0]?.garment.facets.skirtShape, said).toBeDefined();
				}
			),
			runs
		);
	});
	it('is a skirt beside a shirt with long sleeves', () => {
		const { elements } = readLook('a white shirt with long sleeves and a full skirt');
		expect(elements.map(({ garment }) => garment.type)).toEqual(['shirt', 'skirt']);
	});
});

it.each([
	['a feather in her hair', 'hair-feather', 'material', 'feather'],
	['the trousers were high and pleated', 'trousers', 'rise', 'high'],
	['high boots', 'boots', 'shaft', 'knee'],
	['a sinamay hat', 'hat', 'material', 'straw'],
	['a gown, bare to the waist behind', 'evening-gown', 'back', 'low']
] as const)('“%s” is a thing that says so', (text, type, facet, value) => {
	const { elements } = readLook(text);
	expect(elements.map(({ garment }) => garment.type)).toEqual([type]);
	expect(elements[0]?.garment.facets[facet]?.value).toBe(value);
});

describe('what is said to be off or gone', () => {
	const gone = fc.constantFrom<(noun: string) => string>(
		(noun) => `the ${noun} is gone`,
		(noun) => `the ${noun} is off`,
		(noun) => `with the ${noun} off`,
		(noun) => `${noun} off`,
		(noun) => `the ${noun} is missing`
	);
	it('is not worn, and takes nothing else with it', () => {
		fc.assert(
			fc.property(
				fc.constantFrom('coat', 'hat', 'jacket', 'belt', 'scarf'),
				gone,
				fc.boolean(),
				(noun, says, first) => {
					const rest = 'a red dress with long sleeves';
					const text = first ? `${says(noun)}, ${rest}` : `${rest}, ${says(noun)}`;
					const { elements, absent } = readLook(text);
					expect(
						elements.map(({ garment, note }) => ({ garment, note })),
						text
					).toEqual(readLook(rest).elements.map(({ garment, note }) => ({ garment, note })));
					expect(absent, text).toHaveLength(1);
				}
			),
			runs
		);
	});
	it('is not what lies off the shoulder or is off-white', () => {
		const types = (text: string) => readLook(text).elements.map(({ garment }) => garment.type);
		expect(types('a dress off the shoulder, an off-white hat')).toEqual(['dress', 'hat']);
	});
});

describe('a cloth at the end of a list', () => {
	it('is of what is described, where its weight is told and no other cloth', () => {
		fc.assert(
			fc.property(
				fc.constantFrom('tee', 'dress', 'top', 'skirt'),
				fc.constantFrom('heavyweight', 'lightweight', 'heavy'),
				fc.constantFrom('', 'navy '),
				(noun, weight, colour) => {
					const { elements } = readLook(`${colour}${noun}, ${weight} jersey, jeans`);
					expect(elements).toHaveLength(2);
					expect(elements[0]?.garment.facets.material?.value).toBe('jersey');
				}
			),
			runs
		);
	});
	it('names a jumper beside what has a cloth already', () => {
		const { elements } = readLook('a black silk skirt, heavy jersey, boots');
		expect(elements.map(({ garment }) => garment.type)).toEqual(['skirt', 'jumper', 'boots']);
	});
});

it('a kitten heel is as high as its name says, and no higher than what is said', () => {
	const height = (text: string) => readLook(text).elements[0]?.garment.facets.heelHeight?.value;
	expect(height('black boots, kitten heel')).toBe('kitten');
	expect(height('black boots, low kitten heel')).toBe('low');
	expect(height('black boots, block heel')).toBeUndefined();
});
it('deep cuffs at the end of sleeves are the blouse’s, gold cuffs beside it are none of it', () => {
	const types = (text: string) => readLook(text).elements.map(({ garment }) => garment.type);
	expect(types('a blouse, its sleeves gathered into deep cuffs')).toEqual(['blouse']);
	expect(types('a dress and gold cuffs')).toEqual(['dress', 'cuff']);
});

describe('a short word that is mistyped', () => {
	const slips: Record<string, string[]> = {
		coat: ['cote', 'caot', 'coet'],
		neck: ['nek', 'neek'],
		boots: ['boost', 'botts'],
		skirt: ['skrit', 'skirrt'],
		dress: ['dres', 'derss']
	};
	const names = garmentTypes.flatMap(({ id, singular }) => {
		const [first = '', second = '', more] = singular.split(' ');
		return slips[second] && more === undefined && /^[a-z]{3,}$/.test(first) ? [{ id, first, second }] : [];
	});
	it('there are many such names', () => expect(names.length).toBeGreaterThan(30));
	it('is known by the word beside it, in a name of two', () => {
		fc.assert(
			fc.property(fc.constantFrom(...names), fc.nat(), ({ id, first, second }, at) => {
				const ways = slips[second] ?? [];
				const slip = ways[at % ways.length] ?? '';
				// "Boost" is a word.
				fc.pre(!ordinaryWords.has(slip));
				const { elements, phrases } = readLook(`grey ${first} ${slip}, a black hat`);
				expect(
					elements.map(({ garment }) => garment.type),
					`${first} ${slip}`
				).toEqual([id, 'hat']);
				expect(phrases.some(({ status }) => status === 'doubted')).toBe(true);
			}),
			runs
		);
	});
	it.each([
		['a grey beany', 'beanie'],
		['a red hoody', 'hoodie'],
		['leperd print boots', 'boots'],
		['wearing red lippy', 'lipstick']
	])('“%s”', (text, type) => {
		expect(readLook(text).elements.map(({ garment }) => garment.type)).toEqual([type]);
	});
	it('is no slip where it is a word of its own, or nothing completes a name', () => {
		expect(readLook('a roll of zorb').elements).toEqual([]);
		expect(readLook('a leperd print skirt').elements[0]?.garment.print?.family.value).toBe('leopard');
	});
});

describe('what is said beside what is not', () => {
	it('“swapped the tie for a cravat” denies the tie; what cannot be seen ends at “but”', () => {
		const types = (text: string) => readLook(text).elements.map(({ garment }) => garment.type);
		expect(types('a navy suit, he swapped the tie for a cravat')).toEqual(['suit', 'cravat']);
		expect(types('can’t see her feet but the skirt’s a long tweedy one')).toEqual(['skirt']);
	});
});

describe('what a thing is likened to', () => {
	/** "Dark denim" is a cloth as well. */
	const colourOnly = colourWord.filter((word) => !/denim|chambray/.test(word));
	const like = fc.constantFrom(
		'butter',
		'night',
		'snow',
		'fire',
		'cream',
		'rust',
		'coal',
		'straw',
		'silk',
		'the sea',
		'a tent',
		'grass'
	);
	it('is no colour and no cloth of it: “soft as butter”', () => {
		fc.assert(
			fc.property(
				colourOnly,
				like,
				fc.constantFrom('soft', 'as soft', 'as boxy', 'long'),
				(colour, noun, quality) => {
					const text = `a ${colour} coat, ${quality} as ${noun}`;
					const [coat, ...more] = readLook(text).elements;
					expect([coat?.garment.palette, more], text).toEqual([
						readLook(`${colour} coat`).elements[0]?.garment.palette,
						[]
					]);
					expect(coat?.garment.facets.material?.value, text).toBe(
						readLook(`${colour} coat`).elements[0]?.garment.facets.material?.value
					);
				}
			),
			runs
		);
	});
	it('says how much of a colour it is, and that it is', () => {
		for (const text of ['a dress black as night', 'a dress as black as coal', 'black as night dress'])
			expect(hexesIn(text), text).toEqual(hexesIn('black dress'));
	});
	it('is none in “as well as”: that joins two', () => {
		fc.assert(
			fc.property(colourOnly, colourOnly, (one, other) => {
				expect(hexesIn(`a coat in ${one} as well as ${other}`)).toEqual(
					hexesIn(`a coat in ${one} and ${other}`)
				);
			}),
			runs
		);
	});
	it('is a way of wearing where it is a thing: “a scarf in red as a belt”', () => {
		expect(readLook('a scarf in red as a belt').elements[0]?.moves).toEqual(['as-belt']);
	});
});
