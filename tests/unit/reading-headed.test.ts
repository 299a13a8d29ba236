/** Laws of reading: what stands over a thing with a colon, what was named before and is only spoken of again, and the halves of one thing. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentType, garmentTypes, readLook } from '../../src/lib/core';
import { isDoneWith } from '../../src/lib/core/lexicon/moves';
import { alsoSays, colourWord, saidThing } from '../looks';
import { elementsOf, hexesIn, typesIn } from '../read';

const runs = { numRuns: 300 };

describe('what stands over a thing with a colon', () => {
	const places = ['at her waist', 'at the waist', 'on the bodice', 'at the hem', 'on his lapel'];
	const occasions = [
		'at a beach wedding',
		'bridesmaid at a beach wedding',
		'night at the opera',
		'dressed for a funeral',
		'tennis match',
		'a winter wedding'
	];
	it.each([...places, ...occasions])('says nothing of it: “%s: …”', (heading) => {
		fc.assert(
			fc.property(saidThing, saidThing, (thing, other) => {
				const text = `${thing.words}, ${other.words}`;
				fc.pre(readLook(text).elements.length === 2);
				const [under, plain] = [`${heading}: ${text}`, text].map((words) =>
					readLook(words).elements.map(({ garment, note }) => ({ garment, note }))
				);
				expect(under, text).toEqual(plain);
			}),
			{ numRuns: 60 }
		);
	});
	it('is what it is of, where no thing stands under it', () => {
		expect(elementsOf('a black dress; at the neck: lace')).toHaveLength(1);
		expect(elementsOf('jeans, faded. Legs: wide, frayed hem')[0]?.garment.facets.leg?.value).toBe('wide');
	});
	it.each(['sheer', 'opaque', '15 denier', 'semi-sheer', '60 denier'])(
		'is hosiery, where legs are said to be %s',
		(how) => {
			fc.assert(
				fc.property(colourWord, (colour) => {
					const text = `Legs: ${colour} ${how}. Shoes: red flats`;
					const [legs, shoes, ...others] = elementsOf(text);
					expect([shoes?.garment.type, others], text).toEqual(['flats', []]);
					expect(garmentType(legs?.garment.type ?? '').slot, text).toBe('hosiery');
					expect(hexesIn(text), text).toEqual(hexesIn(`${colour} ${how} tights, red flats`));
				}),
				{ numRuns: 40 }
			);
		}
	);
});

describe('what something is said to match', () => {
	const named = garmentTypes.filter(
		({ singular, division }) =>
			!['beauty', 'jewellery'].includes(division) &&
			!alsoSays(singular) &&
			typesIn(`red ${singular}`).length === 1 &&
			readLook(`red ${singular}`).questions.length === 0
	);
	it('was named before, and is no second thing: “a bag in green to match the coat”', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...named),
				fc.constantFrom(...named),
				colourWord,
				(first, second, colour) => {
					const listed = `${colour} ${first.singular}, black ${second.singular}`;
					fc.pre(first.slot !== second.slot && typesIn(listed).length === 2);
					const text = `${colour} ${first.singular}, and a ${second.singular} in ${colour} to match the ${first.singular}`;
					expect(typesIn(text), text).toEqual(typesIn(listed));
				}
			),
			runs
		);
	});
	it('is so where more is said: “the nails are long and pink to match the coat”', () => {
		expect(typesIn('a pink coat; the nails are long and pink to match the coat')).toEqual([
			'overcoat',
			'nail-colour'
		]);
	});
});

describe('the halves of one thing', () => {
	it('are its own where it is told of what they are made: “brown three-piece (waistcoat buttoned)”', () => {
		expect(typesIn('brown tweed three-piece (waistcoat buttoned), cream shirt')).toEqual([
			'three-piece-suit',
			'shirt'
		]);
	});
	it('are two where a second has a colour of its own', () => {
		expect(typesIn('navy three-piece suit, waistcoat in dove grey')).toEqual([
			'three-piece-suit',
			'waistcoat'
		]);
	});
	const gowns = ['evening gown', 'ball gown', 'prom dress', 'wedding dress', 'cocktail dress'];
	it.each(['tulle', 'satin', 'net', 'lace', 'chiffon', 'organza'])(
		'are a gown’s own, of whatever cloth: “a prom dress, %s skirt”',
		(cloth) => {
			for (const gown of gowns) {
				const [thing, ...others] = elementsOf(`red ${gown}, ${cloth} skirt, white gloves`);
				expect(
					others.map(({ garment }) => garment.type),
					gown
				).toEqual(['gloves']);
				expect(thing?.note, gown).toContain(`${cloth} skirt`);
			}
		}
	);
});

describe('a drape over one shoulder', () => {
	const worn = garmentTypes.filter(
		(type) => isDoneWith('over-left-shoulder', type) && !alsoSays(type.singular)
	);
	it('is worn so, however it is put there, and says nothing of what was named before', () => {
		expect(worn.length).toBeGreaterThan(3);
		for (const { singular, id } of worn)
			for (const side of ['left', 'right'] as const)
				for (const how of ['draped over the', 'draped over her', 'over the', 'pinned on the']) {
					const text = `ochre kurta, indigo ${singular} ${how} ${side} shoulder`;
					const [kurta, drape] = elementsOf(text);
					expect([kurta?.note, drape?.garment.type, drape?.moves], text).toEqual([
						'',
						id,
						[`over-${side}-shoulder`]
					]);
				}
	});
	it('on a gown is where its cloth lies', () => {
		const [gown] = elementsOf('white gown draped over the left shoulder');
		expect(garmentType(gown?.garment.type ?? '').slot).toBe('whole');
		expect(gown?.moves).toEqual([]);
	});
});

describe('what is said of all that is listed, after the list', () => {
	const lists = [
		(list: string, colour: string) => `everything else - ${list} - is ${colour}`,
		(list: string, colour: string) => `the rest (${list}) is ${colour}`,
		(list: string, colour: string) => `everything, ${list}, is ${colour}`
	];
	const sure = garmentTypes.filter(
		({ singular, division }) =>
			['tops', 'bottoms', 'footwear', 'layers'].includes(division) &&
			!singular.includes(' ') &&
			!alsoSays(singular) &&
			readLook(`red ${singular}`).questions.length === 0
	);
	it('is said of each of them: “everything else - coat, boots - is black”', () => {
		fc.assert(
			fc.property(
				fc.uniqueArray(fc.constantFrom(...sure), {
					minLength: 2,
					maxLength: 4,
					selector: ({ slot }) => slot
				}),
				colourWord,
				fc.constantFrom(...lists),
				(types, colour, put) => {
					const names = types.map(({ singular }) => singular);
					const plain = names.map((name) => `${colour} ${name}`).join('. ');
					const text = `A red beret. ${put(names.join(', '), colour)}`;
					expect([typesIn(text), hexesIn(text)], text).toEqual([
						['beret', ...typesIn(plain)],
						[...hexesIn('red beret'), ...hexesIn(plain)]
					]);
				}
			),
			runs
		);
	});
	it('leaves what has its own colour alone', () => {
		expect(hexesIn('everything else (coat, boots) is black, and the scarf is red').at(-1)).toEqual(
			hexesIn('red scarf')[0]
		);
	});
});

describe('a noun that nobody knows, with an article and a colour', () => {
	const strange = fc.constantFrom('frobbin', 'zorble', 'quent', 'mibbet');
	const joined = fc.constantFrom('over a', 'under a', 'with a', 'and a', 'plus a');
	const sure = garmentTypes.filter(
		({ singular, division }) =>
			['bags', 'footwear', 'headwear'].includes(division) &&
			!singular.includes(' ') &&
			!alsoSays(singular) &&
			readLook(`red ${singular}`).questions.length === 0
	);
	it('hands its colour to nothing that comes after: “jeans over a red frobbin, black bag”', () => {
		fc.assert(
			fc.property(
				joined,
				colourWord,
				strange,
				colourWord,
				fc.constantFrom(...sure),
				(join, colour, noun, own, { singular }) => {
					const text = `grey jeans ${join} ${colour} ${noun}, ${own} ${singular}`;
					const plain = readLook(`${own} ${singular}`).elements[0]!.garment.palette;
					const found = elementsOf(text);
					expect(found[0]?.garment.palette, text).toEqual(elementsOf('grey jeans')[0]?.garment.palette);
					expect(found.at(-1)?.garment.palette, text).toEqual(plain);
				}
			),
			runs
		);
	});
	it('is asked of, though its word may say something of others: “over a white thermal”', () => {
		const [jeans, boots] = elementsOf('grey jeans over a white thermal, red boots');
		expect([jeans, boots].map((one) => one?.garment.palette.length)).toEqual([1, 1]);
	});
	it('leaves a list of colours one', () => {
		expect(hexesIn('grey jeans with a red, black belt').at(-1)).toEqual(hexesIn('red and black belt')[0]);
	});
});

describe('where a hem ends', () => {
	it('is said under the knee as below it', () => {
		for (const place of ['the knee', 'the knees'])
			expect(elementsOf(`wrap dress, hem just under ${place}, tan wedges`)).toMatchObject(
				elementsOf(`wrap dress, hem just below ${place}, tan wedges`).map(({ garment }) => ({ garment }))
			);
	});
});

describe('a dress code with what it is for', () => {
	it('is no tie: “a black tie dinner”, “White tie look.”', () => {
		for (const code of ['black tie', 'black-tie', 'White tie'])
			for (const what of ['look', 'dinner', 'dress code', 'wedding', 'event'])
				expect(typesIn(`${code} ${what}. Velvet gown`), `${code} ${what}`).toEqual(typesIn('velvet gown'));
		expect(typesIn('a black tie and a white shirt')).toEqual(['tie', 'shirt']);
	});
});
