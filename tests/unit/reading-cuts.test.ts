/** Laws of reading: things that are named by their cut, kinds that are said beside a first name, and sets that are listed by their parts. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentType, garmentTypes, readLook } from '../../src/lib/core';
import { cuts } from '../../src/lib/core/lexicon/cuts';
import { facetPhrases } from '../../src/lib/core/lexicon/facet-words';
import { setParts } from '../../src/lib/core/lexicon/set-parts';
import { typeHasFacet } from '../../src/lib/core/lexicon/taxonomy';
import { colourWord } from '../looks';
import { elementsOf, hexesOf, typesIn } from '../read';

const runs = { numRuns: 200 };
const noteIn = (text: string, at: number) => elementsOf(text)[at]?.note;
const hexes = (text: string, at: number) => hexesOf(elementsOf(text)[at]);

const written = [...cuts].map(([words, cut]) => ({ words: words.replaceAll(' ', '-'), ...cut }));
const cut = fc.constantFrom(...written.filter(({ says }) => says !== undefined));
/** What may follow a cut and is never cut so: each by one sure word, with the colour that it is asked in. */
const follower = fc.constantFrom('socks', 'scarf', 'gloves', 'beret');
const article = (words: string) => {
	if (words.endsWith('s') && !words.endsWith('less')) return '';
	return /^[aeio]/.test(words) && !words.startsWith('one') ? 'an ' : 'a ';
};

describe('a cut that stands for a thing', () => {
	it('is that thing in its colour, and hands nothing to what follows', () => {
		fc.assert(
			fc.property(cut, colourWord, follower, colourWord, ({ words, types }, colour, other, second) => {
				const text = `${article(words) && 'a '}${colour} ${words}, ${second} ${other}`;
				const [first, next, ...more] = elementsOf(text);
				expect([first?.garment.type, more.length], text).toEqual([types[0], 0]);
				expect(next?.garment, text).toEqual(elementsOf(`${second} ${other}`)[0]?.garment);
				expect(next?.note, text).toBe('');
				expect(hexes(text, 0), text).toEqual(hexes(`${colour} ${types[0]?.replaceAll('-', ' ')}`, 0));
			}),
			runs
		);
	});
	it('is that thing too where another follows with its article: “a grey A-line and a white blouse”', () => {
		for (const { words, types } of written.filter(({ says }) => says !== undefined)) {
			const text = `a red ${words} and a blue scarf`;
			if (article(words)) expect(typesIn(text), text).toEqual([types[0], 'scarf']);
		}
	});
	it('is asked about where it may be two: each of what is meant is offered', () => {
		for (const { words, types } of written.filter(({ types }) => types.length > 1)) {
			const { questions } = readLook(`${article(words) && 'a '}red ${words}, blue scarf`);
			expect(
				questions.map(({ choices }) => choices),
				words
			).toEqual([[...types]]);
		}
	});
	it('is the half that the look still wants: a skirt beside a top, a top beside trousers', () => {
		for (const [text, type] of [
			['a lemon twinset, a grey flannel A-line', 'a-line-skirt'],
			['a grey A-line and a white blouse', 'a-line-skirt'],
			['an emerald A-line over black trousers', 'a-line-dress'],
			['a red one-shoulder, black trousers', 'one-shoulder-top'],
			['an olive cargo midi and a white tee', 'skirt'],
			['a corset midi and boots', 'dress'],
			['a grey skirt and a red jumper', 'jumper']
		] as const) {
			expect(typesIn(text), text).toContain(type);
			expect(readLook(text).questions, text).toEqual([]);
		}
		// Two tops may be worn: it is asked still.
		expect(readLook('a white shirt and a red jumper').questions).toHaveLength(1);
	});
	it('takes its colour from after it as well: “a bodycon in chocolate”', () => {
		fc.assert(
			fc.property(cut, colourWord, follower, ({ words, types }, colour, other) => {
				const text = `${article(words)}${words} in ${colour}, ${other}`;
				expect(typesIn(text)[0], text).toBe(types[0]);
				expect(hexes(text, 0), text).toEqual(hexes(`${colour} ${types[0]?.replaceAll('-', ' ')}`, 0));
				expect(hexes(text, 1), text).toEqual(hexes(`${types[0]?.replaceAll('-', ' ')}, ${other}`, 1));
			}),
			runs
		);
	});
	it('is said of what was named, where that can be cut so and nothing else was said of it', () => {
		for (const { words, says, types } of written) {
			if (!says) continue;
			const slots = types.map((type) => garmentType(type).slot);
			const named = ['dress', 'skirt', 'blazer', 'handbag', 'heels', 'top'].filter(
				(type) => typeHasFacet(type, says) && slots.includes(garmentType(type).slot)
			);
			for (const type of named) {
				const { singular } = garmentType(type);
				expect(typesIn(`a ${singular}, ${words}, a red scarf`), `${singular}, ${words}`).toHaveLength(2);
			}
		}
	});
	it('a colour that is a name as well is one beside another colour alone: “peach blush”', () => {
		expect(typesIn('soft waves, peach blush, glossy lips')).toEqual(['loose-hair', 'blusher', 'lipstick']);
		expect(hexes('soft waves, peach blush, glossy lips', 1)).toEqual(hexes('peach blusher', 0));
		for (const text of ['a blush dress', 'a dress in ivory and blush', 'a pale blush gown'])
			expect(
				typesIn(text).map((type) => garmentType(type).family),
				text
			).toHaveLength(1);
	});
});

describe('a word that is not known by itself', () => {
	/** "Bucket hat": a name of two words, the first of which the lexicon knows in such names alone. */
	const named = garmentTypes.flatMap(({ id, singular, family }) => {
		const [kind = '', thing = '', ...more] = singular.split(' ');
		const general = garmentTypes.find((type) => type.general && type.singular === thing);
		if (more.length > 0 || !general || general.family !== family) return [];
		const isUnknown = readLook(kind).phrases.every(({ status }) => status === 'unknown');
		return isUnknown ? [{ id, kind, thing }] : [];
	});
	it('names the kind of what it is said to be: “the hat is a tan bucket”', () => {
		expect(named.length).toBeGreaterThan(2);
		for (const { id, kind, thing } of named) {
			expect(typesIn(`the ${thing} is a ${kind}`), kind).toEqual([id]);
			expect(typesIn(`the ${thing}'s a ${kind} in red`), kind).toEqual([id]);
			expect(hexes(`the ${thing} is a red ${kind}`, 0), kind).toEqual(hexes(`red ${kind} ${thing}`, 0));
		}
	});
	it('and is nothing where both together are no name', () => {
		for (const text of ['the hat is a disaster', 'her coat is a dream in camel'])
			expect(typesIn(text)).toHaveLength(1);
	});
	it('half of a compound is no slip of another name: “door-knocker earrings” are no knickers', () => {
		expect(typesIn('lace door-knocker hoops')).toEqual(['hoops']);
		expect(noteIn('door-knocker earrings', 0)).toBe('door-knocker');
	});
});

describe('“’s” after a thing', () => {
	it('is “is” before an article, and an owner’s before a part', () => {
		expect(typesIn('the top’s a plain black tee')).toEqual(['t-shirt']);
		expect(typesIn("his coat's really a navy pea coat")).toEqual(['pea-coat']);
		expect(noteIn('the jacket’s lapels are satin', 0)).toContain('satin lapels');
		expect(typesIn('she’s a vision in a red dress')).toEqual(['dress']);
	});
});

describe('a cloth that is a garment’s name as well', () => {
	it('is of what is named by its cut after it', () => {
		for (const text of ['a draped jersey column in ecru', 'a black jersey bodycon', 'jersey column, heels'])
			expect(elementsOf(text)[0]?.garment.facets.material?.value, text).toBe('jersey');
		expect(typesIn('a draped jersey column in ecru, boots')).toEqual(['evening-gown', 'boots']);
		expect(typesIn('a black jersey bodycon')).toEqual(['bodycon-dress']);
	});
});

describe('a set and its parts', () => {
	const pairs = ['suit', 'trouser-suit', 'skirt-suit', 'co-ord', 'skirt-set', 'tracksuit'].flatMap((set) => {
		const [upper, ...rest] = setParts[set] ?? [];
		const lower = rest.at(-1);
		return upper && lower ? [{ set: garmentType(set).singular, upper: upper.name, lower: lower.name }] : [];
	});
	it('listed by the names of their kinds are the set as well, and an overcoat with jeans is none of it', () => {
		expect(typesIn('navy skirt suit, peplum jacket, pencil skirt, white blouse')).toEqual([
			'peplum-jacket',
			'pencil-skirt',
			'blouse'
		]);
		expect(hexes('navy skirt suit, peplum jacket, pencil skirt', 1)).toEqual(hexes('navy skirt', 0));
		expect(typesIn('suit, trench coat, skinny jeans')).toEqual(['suit', 'trench-coat', 'skinny-jeans']);
	});
	it('listed after a comma in no colour of their own are the set, in its colour', () => {
		fc.assert(
			fc.property(fc.constantFrom(...pairs), colourWord, follower, ({ set, upper, lower }, colour, other) => {
				const text = `a ${colour} ${set}, boxy ${upper} and cropped ${lower}, ${other}`;
				expect(typesIn(text), text).toHaveLength(3);
				expect(hexes(text, 0), text).toEqual(hexes(text, 1));
				expect(hexes(text, 0), text).toEqual(hexes(`${colour} ${set}`, 0));
			}),
			runs
		);
	});
	it('are the set too where one of them has two adjectives with a comma between', () => {
		for (const text of [
			'a cherry two-piece: a cropped, boxy jacket over a mini skirt',
			'a cherry suit: a soft, boxy jacket, wide trousers'
		]) {
			expect(typesIn(text), text).toHaveLength(2);
			expect([hexes(text, 0), hexes(text, 1)], text).toEqual([
				hexes('cherry skirt', 0),
				hexes('cherry skirt', 0)
			]);
		}
		for (const text of ['black jeans, a cropped, boxy jacket, boots', 'a red skirt, a strapless, boned top'])
			expect(elementsOf(text)[0]?.garment.facets, text).toEqual({});
	});
	it('a “mini” in such a list is the skirt of it; what is no part of it leaves it whole', () => {
		expect(typesIn('baby blue two-piece, cropped jacket and A-line mini')).toEqual([
			'cropped-jacket',
			'skirt'
		]);
		expect(typesIn('grey suit, shirt and tie')).toEqual(['suit', 'shirt', 'tie']);
		expect(typesIn('red suit, black jacket and trousers')[0]).toBe('suit');
	});
});

describe('small things', () => {
	it('matching takes the cloth and leaves the pleats', () => {
		const [blazer, shorts] = elementsOf('boxy blazer in sage wool, matching pleated shorts');
		expect(blazer?.garment.facets.texture).toBeUndefined();
		expect(shorts?.garment.facets.texture?.value).toBe('pleated');
		expect(shorts?.garment.facets.material?.value).toBe('wool');
	});
	it('what is worn over nothing says so, and makes no second jacket', () => {
		const text = 'an off-white trouser suit, jacket worn with nothing underneath';
		expect(typesIn(text)).toEqual(['trouser-suit']);
		expect(noteIn(text, 0)).toContain('nothing underneath');
	});
	it('hook and loop is a fastening of shoes, in each of its words', () => {
		for (const said of ['velcro', 'hook-and-loop', 'velcro-strap'])
			expect(elementsOf(`white ${said} trainers`)[0]?.garment.facets.closure?.value, said).toBe('velcro');
		expect(elementsOf('trainers with velcro straps')[0]?.garment.facets.closure?.value).toBe('velcro');
	});
	it('a metal said of hair is its colour', () => {
		expect(hexes('platinum bob', 0)).toHaveLength(1);
		expect(elementsOf('platinum bob')[0]?.garment.metal).toBeUndefined();
	});
});

describe('a neck in a colour of its own', () => {
	const necks = facetPhrases.filter(({ facet, phrase }) => facet === 'neckline' && / neck$/.test(phrase));
	const below = fc.constantFrom('rust culottes', 'black trousers', 'a denim skirt');
	it('there are some', () => expect(necks.length).toBeGreaterThan(4));
	it('is a top, or is asked about, where what was named has none: “culottes with a black mock neck”', () => {
		const neck = fc.constantFrom('boat', 'scoop', 'cowl', 'funnel', 'mock', 'square', 'crew', 'polo');
		fc.assert(
			fc.property(
				below,
				neck,
				colourWord,
				fc.constantFrom(' with', ',', ' and'),
				(legs, cut, colour, joins) => {
					const text = `${legs}${joins} a ${colour} ${cut} neck`;
					const [, top, ...more] = elementsOf(text);
					expect([garmentType(top?.garment.type ?? '').slot, more.length], text).toEqual(['top', 0]);
					expect(hexes(text, 1), text).toEqual(hexes(`a ${colour} top`, 0));
				}
			),
			runs
		);
	});
	it('is of what has one, where it has no colour', () => {
		for (const worn of ['dress', 'jumper', 'coat', 'jacket', 'cardigan', 'waistcoat', 'jumpsuit'])
			for (const cut of ['boat', 'scoop', 'cowl', 'funnel', 'mock', 'square'])
				for (const joins of [' with a', ','])
					expect(typesIn(`a red ${worn}${joins} ${cut} neck, black boots`), `${worn}, ${cut}`).toHaveLength(
						2
					);
	});
});
