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
