/** Laws of reading: what a garment bears in one place, what it is lined with, how far it reaches, and what fastens it. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentTypes, readLook, type Element } from '../../src/lib/core';
import { colourWord } from '../looks';
import { hexesOf, someOf } from '../read';

const runs = { numRuns: 200 };
const read = (text: string) => {
	const { elements, things } = readLook(text);
	return { elements, things: things.length };
};
const only = (text: string): Element => {
	const { elements, things } = read(text);
	expect(elements.length + things, text).toBe(1);
	return elements[0]!;
};
/** What is said of a thing that could be compared. */
const saidOf = ({ garment, moves }: Element) => ({ garment, moves });
const layers = ['coat', 'jacket', 'blazer', 'cardigan', 'trench coat', 'cape'];
/** Words for colours that say no cloth besides. */
const plainColour = someOf(['red', 'navy', 'ivory', 'black', 'bottle green', 'grey', 'pale blue']);
const cloths = ['wool', 'silk', 'satin', 'velvet', 'cotton', 'linen', 'leather', 'corduroy'];

describe('what is borne in one place', () => {
	it('is no way of wearing the whole', () => {
		const borne = [
			'studded',
			'beaded',
			'embroidered',
			'with ruffles',
			'with patches',
			'with beading',
			'with fringe',
			'with studs'
		];
		const places = ['on the shoulders', 'over the shoulders', 'across the shoulders', 'around the shoulders'];
		fc.assert(
			fc.property(someOf(layers), someOf(borne), someOf(places), colourWord, (layer, what, where, colour) => {
				const text = `a ${colour} ${layer} ${what} ${where}`;
				const there = only(text);
				expect(there.moves, text).toEqual([]);
				const anywhere = only(`a ${colour} ${layer} ${what}`);
				// Ruffles on the shoulders are none at the hem, and are told.
				if (anywhere.garment.facets.hemDetail) {
					expect(there.garment.facets.hemDetail, text).toBeUndefined();
					expect(there.garment.facets.sleeveShape ?? there.note, text).toBeTruthy();
				} else expect(there.garment, text).toEqual(anywhere.garment);
			}),
			runs
		);
	});

	it('and the whole is worn so where nothing is borne', () => {
		for (const layer of layers)
			for (const where of ['on the shoulders', 'over the shoulders', 'draped over the shoulders'])
				expect(only(`a black ${layer} ${where}`).moves, `${layer} ${where}`).toEqual(['draped-on-shoulders']);
	});
});

describe('a lining', () => {
	it('takes nothing of the cloth that it is in, and is kept', () => {
		const things = ['coat', 'cape', 'jacket', 'skirt', 'dress', 'gloves', 'ankle boots'];
		fc.assert(
			fc.property(
				someOf(things),
				fc.tuple(plainColour, someOf(cloths)),
				fc.tuple(plainColour, someOf(cloths)),
				someOf(['in', 'with']),
				(thing, own, lining, joined) => {
					const plain = `${thing} in ${own.join(' ')}`;
					const text = `${plain} lined ${joined} ${lining.join(' ')}`;
					const lined = only(text);
					expect(saidOf(lined), text).toEqual(saidOf(only(plain)));
					expect(lined.note, text).toContain(`${lining.join(' ')} lined`);
				}
			),
			runs
		);
	});

	it('said before or after the name, with or without a hyphen, is the lining’s alone', () => {
		for (const cloth of ['fur', 'fleece', 'satin', 'silk', 'shearling', 'cashmere', 'velvet'])
			for (const name of ['coat', 'parka', 'jacket', 'cape'])
				for (const text of [
					`a black ${cloth} lined ${name}`,
					`a black ${cloth}-lined ${name}`,
					`a black ${name}, ${cloth} lined`,
					`a black ${name} lined with ${cloth}`
				]) {
					const lined = only(text);
					expect(saidOf(lined), text).toEqual(saidOf(only(`a black ${name}`)));
					expect(lined.note, text).toContain(`${cloth} lined`);
				}
	});
});

describe('how far it reaches, in one word of a list', () => {
	it('is what “knee-length” says', () => {
		const skirted = garmentTypes.filter(
			({ facets, division, singular }) =>
				facets.includes('hemLength') &&
				['one-pieces', 'bottoms', 'layers'].includes(division) &&
				!/s$/.test(singular)
		);
		fc.assert(
			fc.property(
				someOf(skirted),
				someOf(['knee', 'calf', 'ankle', 'floor']),
				colourWord,
				({ singular }, place, colour) => {
					const spoken = readLook(`${singular}, ${colour}, to the ${place}`);
					for (const text of [`${singular}: ${colour}, ${place}`, `${singular}, ${colour}, ${place}`]) {
						const { elements } = readLook(text);
						expect(elements[0]?.garment.facets.hemLength, text).toEqual(
							spoken.elements[0]?.garment.facets.hemLength
						);
						expect(elements[0]?.garment.facets.hemLength, text).toBeDefined();
					}
				}
			),
			runs
		);
	});

	it('and of gloves and trousers it is their own', () => {
		expect(only('gloves, black, elbow').garment.facets.sleeveLength?.value).toBe('elbow');
		expect(only('trousers: grey, ankle').garment.facets.legLength?.value).toBe('ankle');
	});
});

describe('after a label', () => {
	it('a part that says itself how it is leaves its colour to the garment', () => {
		const told: [label: string, part: string][] = [
			['Bag', 'top-handle'],
			['Shoes', 'block heel'],
			['Shoes', 'kitten heel'],
			['Jacket', 'shawl collar']
		];
		fc.assert(
			fc.property(someOf(told), plainColour, ([label, part], colour) => {
				const text = `${label}: ${colour} ${part}`;
				expect(only(text).garment.palette, text).toEqual(only(`${label}: ${colour}`).garment.palette);
			}),
			runs
		);
	});
});

describe('what fastens the front', () => {
	it('is of the metal that is said, and the garment keeps its colour', () => {
		const ways = ['button', 'zip', 'buckle'];
		fc.assert(
			fc.property(
				someOf(['coat', 'cardigan', 'skirt', 'jacket']),
				someOf(ways),
				someOf(['gold', 'silver', 'brass']),
				someOf(['navy', 'red', 'cream', 'black']),
				(name, way, metal, colour) => {
					for (const joined of [', ', ' - ', ' with a ']) {
						const text = `a ${colour} ${name}${joined}${metal} ${way} front`;
						const { garment } = only(text);
						expect(garment.metal?.value, text).toBe(metal);
						expect(garment.palette, text).toEqual(only(`a ${colour} ${name}`).garment.palette);
					}
				}
			),
			runs
		);
	});

	it('makes no pinafore of a British jumper', () => {
		for (const text of [
			'a navy jumper buttoned on the shoulder',
			'jumper with a button front',
			'jumper in navy with gold buttons on the shoulder'
		])
			expect(only(text).garment.type, text).toBe('jumper');
	});
});

describe('things that are seldom called by their name', () => {
	it('frames are glasses, where no eyewear was named that they could be of', () => {
		for (const how of ['round', 'cat-eye', 'tortoiseshell', 'oversized', 'black'])
			for (const before of ['', 'a red dress, ', 'red lips, ']) {
				const { elements } = readLook(`${before}${how} frames`);
				expect(elements.at(-1)?.garment.type, `${before}${how} frames`).toBe('glasses');
			}
		expect(only('sunglasses with round frames').garment).toMatchObject({
			type: 'sunglasses',
			facets: { frame: { value: 'round' } }
		});
	});

	it('lips, cheeks, lids, brows and nails have each their own colour, in any order', () => {
		const places = ['lips', 'cheeks', 'lids', 'nails'];
		fc.assert(
			fc.property(
				fc.shuffledSubarray(places, { minLength: 2 }),
				fc.uniqueArray(someOf(['red', 'pink', 'plum', 'coral', 'gold']), { minLength: 4, maxLength: 4 }),
				fc.boolean(),
				(named, colours, after) => {
					const words = named.map((place, i) =>
						after ? `${place} ${colours[i]}` : `${colours[i]} ${place}`
					);
					const { elements } = readLook(words.join(', '));
					expect(elements.map(hexesOf), words.join(', ')).toEqual(words.map((one) => hexesOf(only(one))));
				}
			),
			runs
		);
	});

	it('what a thing is as large as is no thing', () => {
		for (const name of ['earrings', 'hoops', 'a brooch', 'a handbag'])
			for (const like of ['saucers', 'dinner plates', 'her head', 'a house', 'a hat'])
				expect(only(`black ${name} the size of ${like}`).garment.facets.size?.value, like).toBe('large');
		expect(only('studs the size of peas').garment.facets.size?.value).toBe('small');
	});

	it('a stack, a pile or layers of something are worn together', () => {
		for (const many of ['a stack of', 'stacks of', 'a pile of', 'layers of'])
			for (const name of ['bangles', 'gold rings', 'silver bracelets', 'gold chains'])
				expect(only(`${many} ${name}`).moves, `${many} ${name}`).toEqual(['layered']);
	});
});

describe('a print', () => {
	it('that is named after what shows is no colour', () => {
		for (const [shown, family] of [
			['peacock', 'conversational'],
			['flamingo', 'conversational'],
			['parrot', 'conversational'],
			['poppy', 'floral'],
			['lavender', 'floral'],
			['daisy', 'floral']
		] as const)
			for (const text of [
				`a ${shown} print dress`,
				`a dress in a ${shown} print`,
				`a dress with a ${shown} motif`
			]) {
				const { garment } = only(text);
				expect(garment.print?.family.value, text).toBe(family);
				expect(garment.palette, text).toEqual([]);
			}
	});
});

describe('what is of metal by its kind', () => {
	it('is of the metal that is said, and not of its colour', () => {
		for (const metal of ['gold', 'silver'])
			expect(only(`a ${metal} chain belt`).garment, metal).toMatchObject({
				palette: [],
				metal: { value: metal }
			});
		expect(only('a gold handbag').garment).toMatchObject({ palette: [{}] });
	});
});

describe('what holds something up', () => {
	it('is a thing of its own, and so is what it holds', () => {
		for (const verb of ['hold up', 'holding up']) {
			const [braces, trousers, ...more] = readLook(
				`brown leather braces ${verb} grey tweed trousers`
			).elements;
			expect(more, verb).toEqual([]);
			expect([braces?.garment.type, trousers?.garment.type], verb).toEqual(['braces', 'trousers']);
			expect(trousers?.garment.facets.material?.value, verb).toBe('tweed');
		}
	});
});

describe('a dress that is told by its halves', () => {
	it('is one thing where nothing else names it, with a bodice that is no skirt', () => {
		fc.assert(
			fc.property(plainColour, plainColour, someOf([', ', ' and a full ']), (above, below, joined) => {
				const text = `a fitted ${above} bodice${joined}${below} skirt, red boots`;
				const [dress, boots, ...more] = readLook(text).elements;
				expect(more, text).toEqual([]);
				expect([dress?.garment.type, boots?.garment.type], text).toEqual(['dress', 'boots']);
				expect(dress?.garment.palette[0], text).toEqual(only(`a ${above} dress`).garment.palette[0]);
			}),
			runs
		);
		expect(readLook('a white blouse under a black bodice, red skirt').elements).toHaveLength(2);
	});
});

describe('a bare mini', () => {
	it('is the skirt of a jacket of its own colour and cloth', () => {
		fc.assert(
			fc.property(
				someOf(['red', 'navy', 'ivory', 'camel', 'black']),
				someOf(['tweed', 'bouclé', 'leather', 'velvet']),
				(colour, cloth) => {
					const suit = readLook(`a ${colour} ${cloth} jacket, a ${colour} ${cloth} mini`);
					expect(suit.elements[1]?.garment.type, `${colour} ${cloth}`).toMatch(/skirt/);
					expect(suit.questions).toEqual([]);
				}
			),
			runs
		);
		expect(readLook('a black leather jacket, a red velvet mini').questions).toHaveLength(1);
	});
});

describe('two parts of a suit', () => {
	it('are of one colour, whichever is named first and wherever the colour stands', () => {
		fc.assert(
			fc.property(
				someOf(['trousers', 'skirt']),
				someOf(['jacket', 'blazer']),
				colourWord,
				(legs, layer, colour) => {
					for (const text of [
						`${colour} ${legs} and ${layer}`,
						`${colour} ${layer} and ${legs}`,
						`${layer} and ${legs} in ${colour}`
					]) {
						const [first, second, ...more] = readLook(text).elements;
						expect(more, text).toEqual([]);
						expect(first?.garment.palette, text).not.toEqual([]);
						expect(second?.garment.palette, text).toEqual(first?.garment.palette);
					}
				}
			),
			runs
		);
	});

	it('and after one part of a suit the kind of another is no second thing', () => {
		for (const kind of ['cigarette pants', 'wide-leg trousers', 'flared trousers', 'wide legs']) {
			const suit = only(`a red trouser suit with a cropped jacket and ${kind}`);
			expect(suit.garment, kind).toMatchObject({ type: 'trouser-suit', facets: { leg: {} } });
		}
		expect(
			readLook('a red trouser suit with a cropped jacket and black wide-leg trousers').elements
		).toHaveLength(2);
	});
});

describe('a name', () => {
	it('that is the kind’s own says no colour', () => {
		for (const { singular } of garmentTypes)
			expect(
				(readLook(singular).elements[0]?.garment.palette ?? []).filter(
					({ provenance }) => provenance !== 'inferred'
				),
				singular
			).toEqual([]);
	});

	it('of a tie is no dress code', () => {
		for (const text of ['black suit, white tie', 'a white tie, black suit', 'a suit and a white tie'])
			expect(
				readLook(text)
					.elements.map(({ garment }) => garment.type)
					.sort(),
				text
			).toEqual(['suit', 'tie']);
	});
});

describe('what is of an edge, a belt, or a part that has its own name', () => {
	it('is not the whole’s', () => {
		fc.assert(
			fc.property(
				someOf(cloths),
				someOf(['lace', 'velvet', 'leather']),
				someOf(['at', 'along']),
				(cloth, trim, where) => {
					const text = `black ${cloth} dress, ${trim} ${where} the top`;
					const dress = only(text);
					expect(dress.garment, text).toEqual(only(`black ${cloth} dress`).garment);
					expect(dress.note, text).toContain(`${trim} ${where} the top`);
				}
			),
			runs
		);
		expect(only('a floral dress belted in brown').garment.palette).toEqual([]);
		for (const text of ['dress - navy - high neck - to the knee', 'dress: high neck, navy, to the knee'])
			expect(only(text).garment.facets, text).toMatchObject({
				neckline: { value: 'high-neck' },
				hemLength: { value: 'knee' }
			});
	});
});
