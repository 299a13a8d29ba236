/** Laws of what is said beside a thing and is not its own: what it is compared with, what it is like, what is worked on its cloth. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentType, garmentTypes, paletteOf, readLook } from '../../src/lib/core';
import { colourWord } from '../looks';

const runs = { numRuns: 200 };
const hexOf = (word: string) => readLook(`${word} jacket`).elements[0]?.garment.palette[0]?.hex;
const thing = fc.constantFrom('jacket', 'lehenga', 'kaftan', 'wool coat', 'blouse');
const things = [
	'coat',
	'midi dress',
	'tailored trousers',
	'cardigan',
	'pencil skirt',
	'ankle boots',
	'wool scarf'
];
const two = fc.uniqueArray(fc.constantFrom(...things), { minLength: 2, maxLength: 2 });
const comparative = fc.constantFrom(
	...['longer', 'shorter', 'wider', 'narrower', 'darker', 'lighter', 'looser', 'softer', 'bigger'],
	...['more fitted', 'a shade darker', 'a touch longer', 'less formal']
);
/** What is known of the things of a look, without what is kept in words. */
const known = (text: string) =>
	readLook(text).elements.map(({ garment: { type, facets, palette, print } }) => ({
		type,
		facets,
		hexes: palette.map(({ hex }) => hex),
		print
	}));

describe('what is compared', () => {
	it('is two things, and neither gets a value by it: "her coat is longer than her dress"', () => {
		fc.assert(
			fc.property(two, comparative, colourWord, ([first = '', second = ''], degree, colour) => {
				const apart = known(`a ${colour} ${first}, a ${second}`);
				fc.pre(apart.length === 2);
				for (const text of [
					`a ${colour} ${first} ${degree} than the ${second}`,
					`her ${colour} ${first} is ${degree} than her ${second}`
				])
					expect(known(text), text).toEqual(apart);
			}),
			runs
		);
	});
	it('is kept in words, with what it is compared with', () => {
		fc.assert(
			fc.property(two, comparative, ([first = '', second = ''], degree) => {
				const [one] = readLook(`a ${first} ${degree} than the ${second}`).elements;
				expect(one?.note).toContain('than the');
				expect(one?.note).toContain(second.split(' ').at(-1));
			}),
			runs
		);
	});
	it('is no measure: "heels higher than 10 cm", "a belt rather than a sash"', () => {
		expect(readLook('a belt rather than a sash').elements).toHaveLength(1);
		expect(readLook('sandals, heels higher than 10 cm').elements).toHaveLength(1);
	});
});

describe('what something is like', () => {
	const plain = garmentTypes.filter(
		({ division, singular }) => ['layers', 'tops', 'headwear'].includes(division) && /^[a-z]+$/.test(singular)
	);
	const liked = fc.constantFrom(...plain.map(({ singular }) => singular));
	it('is not that: "a tiara-like headband" is a headband, of the same family or of another', () => {
		fc.assert(
			fc.property(
				liked,
				fc.constantFrom('headband', 'cardigan', 'jacket', 'top', 'scarf'),
				colourWord,
				(like, thing, colour) => {
					const alone = known(`a ${colour} ${thing}`);
					fc.pre(like !== thing && alone.length === 1 && known(`a ${like}`).length === 1);
					const text = `a ${colour} ${like}-like ${thing}`;
					expect(
						known(text).map(({ type }) => type),
						text
					).toEqual(alone.map(({ type }) => type));
				}
			),
			runs
		);
	});
	it('says of a part how the part is: "cape-like sleeves on a black dress"', () => {
		for (const text of ['cape-like sleeves on a black dress', 'scarf-like collar on a black dress'])
			expect(known(text).map(({ type }) => garmentType(type).singular)).toEqual(['dress']);
	});
});

describe('a colour that was said before', () => {
	const named = [
		['hot pink', 'pink'],
		['bottle green', 'green'],
		['midnight blue', 'blue'],
		['navy', 'blue'],
		['emerald', 'green'],
		['crimson', 'red'],
		['dark green', 'green'],
		['pale pink', 'pink'],
		['mustard', 'yellow'],
		['chocolate', 'brown']
	] as const;
	const others = fc.constantFrom('black belt', 'white shirt', 'silver earrings', 'straw hat');

	it('is that colour, and no plain one of its family: "shoes in the same pink"', () => {
		fc.assert(
			fc.property(
				two,
				fc.constantFrom(...named),
				others,
				([first = '', second = ''], [colour, family], other) => {
					const [own] = known(`${colour} ${first}`);
					for (const text of [
						`a ${colour} ${first}, a ${other}, ${second} in the same ${family}`,
						`${colour} ${first}, and a ${second} in the same ${family}`,
						`a ${colour} ${first}; a ${other}; the ${second} is the same ${family}`
					]) {
						const things = known(text);
						expect(things[0]?.hexes, text).toEqual(own?.hexes);
						expect(things.at(-1)?.hexes, text).toEqual(own?.hexes);
					}
				}
			),
			runs
		);
	});
	it('is a plain one where none of its family was said', () => {
		expect(known('a white shirt, trousers in the same green')[1]?.hexes).toEqual(
			known('green trousers')[0]?.hexes
		);
	});
	it('is one for both where two are named before it: "a skirt and top in the same teal satin"', () => {
		const [skirt, top] = known('a skirt and top in the same teal satin');
		expect(skirt?.hexes).toEqual(known('teal skirt')[0]?.hexes);
		expect(top?.hexes).toEqual(skirt?.hexes);
	});
});

describe('gold and silver', () => {
	it('are two colours of cloth, bags and belts, and one mixed metal of jewellery', () => {
		for (const thing of ['jumper', 'belt', 'clutch', 'sandals'])
			expect(known(`gold and silver ${thing}`)[0]?.hexes, thing).toHaveLength(2);
		expect(known('trousers with a white, gold and silver belt')[1]?.hexes).toHaveLength(3);
		expect(readLook('gold and silver bangles').elements[0]?.garment.metal?.value).toBe('mixed');
	});
});

describe('a thing that is printed', () => {
	const ofCloth = garmentTypes.filter(({ division }) =>
		['tops', 'bottoms', 'one-pieces', 'layers', 'south-asian', 'scarves'].includes(division)
	);
	it('is named, and not shown: "a circle skirt printed with lemons, red flats"', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...ofCloth.map(({ singular }) => singular)),
				colourWord,
				fc.constantFrom(
					'printed with stars',
					'printed in white',
					'patterned with anchors',
					'printed all over'
				),
				(name, colour, how) => {
					const alone = known(`${colour} ${name}, red ballet flats`);
					fc.pre(alone.length === 2);
					const text = `${colour} ${name} ${how}, red ballet flats`;
					const things = known(text);
					expect(
						things.map(({ type }) => type),
						text
					).toEqual(alone.map(({ type }) => type));
					expect(things[1], text).toEqual(alone[1]);
				}
			),
			runs
		);
	});
	it('may be shown on another: "chain printed silk"', () => {
		expect(known('a chain printed silk scarf')).toMatchObject([
			{ print: { family: { value: 'conversational' } } }
		]);
	});
});

describe('a part that is told after a stop', () => {
	it('is of what covers both halves: "a jumpsuit. Wide legs, plunging neck."', () => {
		fc.assert(
			fc.property(
				fc.constantFrom('jumpsuit', 'boiler suit', 'playsuit', 'dungarees'),
				fc.constantFrom('wide legs', 'skinny legs', 'flared legs'),
				colourWord,
				(name, legs, colour) => {
					const [whole, other] = known(`${colour} ${name} with ${legs}`);
					fc.pre(whole !== undefined && other === undefined);
					for (const stop of ['. ', '; ', ', '])
						expect(known(`${colour} ${name}${stop}${legs}`), `${name}${stop}${legs}`).toEqual([whole]);
				}
			),
			runs
		);
	});
});

describe('what is worked on a cloth', () => {
	const work = fc.constantFrom('embroidery', 'beading', 'beadwork', 'appliqué', 'mirror work');
	const shade = fc.constantFrom('black', 'red', 'ivory', 'navy', 'green', 'pink', 'white');
	const shades = fc.uniqueArray(shade, { minLength: 3, maxLength: 3 });
	const expectWorked = (text: string, ground: string, on: string) => {
		const palette = paletteIn(text);
		expect(
			palette.map(({ hex }) => hex),
			text
		).toEqual([hexOf(ground), hexOf(on)]);
		expect(palette[1]?.share, text).toBeLessThan(0.2);
	};
	const paletteIn = (text: string) => readLook(text).elements[0]?.garment.palette ?? [];

	it('is a small share of it and never its ground, however it is said', () => {
		fc.assert(
			fc.property(shades, thing, work, ([ground = '', on = '', other = ''], garment, worked) => {
				for (const text of [
					`a ${ground} ${garment} with ${on} ${worked}`,
					`${ground} ${garment}, ${on} ${worked}`
				]) {
					expectWorked(text, ground, on);
				}
				const both = paletteIn(`a ${ground} ${garment} with ${on} and ${other} ${worked}`);
				expect(both.map(({ hex }) => hex)).toEqual([hexOf(ground), hexOf(on), hexOf(other)]);
				expect(Math.max(...both.slice(1).map(({ share }) => share))).toBeLessThan(0.2);
			}),
			runs
		);
	});
	it('may come first, or after: "a gold-embroidered black coat", "embroidered in gold"', () => {
		fc.assert(
			fc.property(shades, thing, ([ground = '', on = ''], garment) => {
				for (const text of [
					`a ${on}-embroidered ${ground} ${garment}`,
					`a ${ground} ${garment} embroidered in ${on}`,
					`a ${ground} ${garment} with a ${on} border`
				]) {
					expectWorked(text, ground, on);
				}
			}),
			runs
		);
	});
	it('is the cloth’s colour where no other is said: "a black embroidered dress"', () => {
		fc.assert(
			fc.property(shade, thing, (colour, garment) => {
				for (const text of [
					`a ${colour} embroidered ${garment}`,
					`a ${colour} beaded ${garment} with a white belt`
				]) {
					const [first, other] = paletteIn(text);
					expect(first, text).toMatchObject({ hex: hexOf(colour), share: 1 });
					expect(other, text).toBeUndefined();
				}
			}),
			runs
		);
	});
	it('leaves shares that were said otherwise as they are', () => {
		const said = ['#111111', '#eeeeee', '#cc0000'].map((hex) => ({ hex, provenance: 'said' as const }));
		expect(paletteOf(said).map(({ share }) => share)).toEqual([1, 0.4, 0.25]);
		const [first, ...rest] = said;
		expect(paletteOf([{ ...first!, ofWork: true }, ...rest]).map(({ hex, share }) => [hex, share])).toEqual([
			['#eeeeee', 1],
			['#cc0000', 0.4],
			['#111111', 0.15]
		]);
	});
});

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
					expect(
						first?.garment.palette.map(({ hex }) => hex),
						text
					).toEqual([hexOf('blue'), hexOf('green')]);
					expect(
						second?.garment.palette.map(({ hex }) => hex),
						text
					).toEqual([hexOf('red')]);
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
					expect(
						own?.garment.palette.map(({ hex }) => hex),
						text
					).toEqual([hexOf(colour)]);
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
					expect(
						second?.garment.palette.map(({ hex }) => hex),
						text
					).toEqual([hexOf('grey')]);
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
					expect(
						own?.garment.palette.map(({ hex }) => hex),
						text
					).toEqual([hexOf(colour)]);
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
