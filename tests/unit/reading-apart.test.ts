/** A law of reading: things that are fully said, one after another, are each read as when they are said alone. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentTypes, readLook, type Element, type GarmentType, type TypeId } from '../../src/lib/core';

const runs = { numRuns: 300 };

interface Kind {
	names: string[];
	how: string[];
	cloths: string[];
	/** With an article, or of a plural. */
	parts: string[];
	worn: string[];
}
/** By place on the body, so that no two of a look are worn in one place. */
const kinds: Record<string, Kind> = {
	top: {
		names: ['shirt', 'blouse', 'jumper', 'tee', 'polo shirt'],
		how: ['oversized', 'fitted', 'cropped'],
		cloths: ['silk', 'cotton', 'linen', 'wool'],
		parts: ['a pussy bow', 'puff sleeves', 'pearl buttons', 'a V-neck'],
		worn: ['untucked', 'half-tucked']
	},
	legs: {
		names: ['trousers', 'jeans', 'skirt', 'shorts', 'chinos'],
		how: ['high-waisted', 'low-rise', 'wide'],
		cloths: ['wool', 'linen', 'leather'],
		parts: ['a raw hem', 'side slits', 'turn-ups'],
		worn: ['pleated', 'knee-length', 'turned up at the hem']
	},
	feet: {
		names: ['boots', 'trainers', 'loafers', 'court shoes', 'sandals', 'brogues', 'mules'],
		how: ['chunky', 'pointed', 'flat'],
		cloths: ['leather', 'suede', 'patent'],
		parts: ['gold buckles', 'white soles', 'a low heel', 'red laces'],
		worn: ['scuffed', 'with a block heel']
	},
	layer: {
		names: ['blazer', 'coat', 'cardigan', 'trench coat', 'bomber'],
		how: ['longline', 'boxy', 'double-breasted'],
		cloths: ['wool', 'velvet', 'tweed'],
		parts: ['gold buttons', 'a fur collar', 'peak lapels', 'black lapels'],
		worn: ['belted', 'worn open', 'over the shoulders', 'sleeves pushed up']
	},
	bag: {
		names: ['tote', 'clutch', 'handbag'],
		how: ['small', 'quilted', 'large'],
		cloths: ['leather', 'canvas'],
		parts: ['a gold chain', 'a silver clasp', 'a tassel'],
		worn: ['held in the hand']
	},
	head: {
		names: ['beret', 'fedora', 'beanie'],
		how: ['slouchy'],
		cloths: ['wool', 'felt'],
		parts: ['a black ribbon', 'a wide brim'],
		worn: ['tilted']
	},
	waist: {
		names: ['belt', 'sash'],
		how: ['skinny'],
		cloths: ['suede', 'leather'],
		parts: ['a gold buckle', 'a tassel'],
		worn: ['buckled']
	}
};
const colours = [
	'red',
	'navy',
	'ivory',
	'sage',
	'tan',
	'black',
	'mustard',
	'pale pink',
	'charcoal',
	'burnt orange'
];
const prints = ['striped', 'checked', 'floral', 'polka-dot', 'houndstooth'];
const orNothing = (words: string[], freq = 1) => fc.option(fc.constantFrom(...words), { nil: '', freq });

const withArticle = (words: string, name: string) =>
	name.endsWith('s') ? words : `${/^[aeiou]/.test(words) ? 'an' : 'a'} ${words}`;

/** "A cropped red and white silk shirt with pearl buttons", "a red shirt, untucked". */
const thing = fc.constantFrom(...Object.keys(kinds)).chain((place) => {
	const { names, how, cloths, parts, worn } = kinds[place] as Kind;
	return fc
		.record({
			name: fc.constantFrom(...names),
			how: orNothing(how),
			colours: fc.uniqueArray(fc.constantFrom(...colours), { maxLength: 2 }),
			print: orNothing(prints, 2),
			cloth: orNothing(cloths),
			more: fc.constantFrom('', ...parts.map((part) => `with ${part}`), ...worn)
		})
		.map(({ name, how, colours: said, print, cloth, more }) => {
			const words = [how, said.join(' and '), print, cloth, name].filter(Boolean).join(' ');
			const after = more && (more.startsWith('with ') ? ` ${more}` : `, ${more}`);
			return { place, text: withArticle(words, name) + after };
		});
});
const look = fc.uniqueArray(thing, { selector: ({ place }) => place, minLength: 2, maxLength: 4 });

/** All that is read of a thing, but for its place in the look. */
const told = ({ garment, moves, note }: Element) => ({ garment, moves, note });
const elementsOf = (text: string) => readLook(text).elements.map(told);
const isSure = (text: string) => {
	const { elements, questions } = readLook(text);
	return elements.length === 1 && questions.length === 0;
};

describe('things that are fully said, one after another', () => {
	it.each([', ', '; ', '. ', ', and ', ' over ', ' worn with ', ', paired with ', ' and then '])(
		'are each read as when they are said alone: parted by “%s”',
		(between) => {
			fc.assert(
				fc.property(look, (things) => {
					const texts = things.map(({ text }) => text);
					fc.pre(texts.every(isSure));
					const text = texts.join(between);
					expect(elementsOf(text), text).toEqual(texts.flatMap(elementsOf));
				}),
				runs
			);
		},
		180_000
	);
});

describe('every name of the lexicon', () => {
	/** After "with" a part of what stands before: "a jumper with a hood". */
	const areParts: readonly TypeId[] = ['hood', 'studs', 'cuff'];
	/** "Over knee socks" are longer ones, and nothing is worn over a scent. */
	const isNeverUnder = ({ singular, division }: GarmentType) =>
		/^knee/.test(singular) || division === 'beauty';
	const beside = ({ slot }: GarmentType) =>
		['top', 'layer', 'outer'].includes(slot) ? 'black jeans' : 'a grey wool jumper';
	const named = garmentTypes.filter(({ slot }) => !['whole', 'suit'].includes(slot));
	it.each([
		[', ', named],
		['. ', named],
		[' with ', named.filter(({ id }) => !areParts.includes(id))],
		[' over ', named.filter((type) => !isNeverUnder(type))]
	])(
		'is read beside another as it is alone: parted by “%s”',
		(between, types) => {
			for (const type of types)
				for (const said of [type.singular, `red and white ${type.singular}`]) {
					const thing = withArticle(said, type.singular);
					if (!isSure(thing)) continue;
					const text = `${beside(type)}${between}${thing}`;
					expect(elementsOf(text), text).toEqual([beside(type), thing].flatMap(elementsOf));
				}
		},
		180_000
	);
});
