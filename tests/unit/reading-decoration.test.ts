/** Laws of reading: what a garment is decorated with is no thing of its own, and the ways to say how a thing is tied. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentType, garmentTypes, readLook } from '../../src/lib/core';
import { decorated, trinkets } from '../../src/lib/core/lexicon/reading-words';
import { colourWord } from '../looks';
import { elementsOf, typesIn } from '../read';

const runs = { numRuns: 200 };
const without = (text: string, ...words: string[]) => {
	const notes = elementsOf(text).map(({ note }) => note);
	return words.filter((word) => !notes.some((note) => note.includes(word)));
};

const host = fc.constantFrom('a black dress', 'a red jacket', 'navy shoes', 'a tan bag', 'a grey blazer');
const follower = fc.constantFrom('white socks', 'a blue scarf', 'green gloves', 'a yellow beret');
/** "Set with" and the like join by "with" alone; "covered in" by either. */
const way = fc.constantFrom(
	...decorated.filter((word) => !word.includes(' ')).map((word) => `${word} with`),
	'covered in',
	'smothered in',
	'festooned in'
);
const trinket = fc.constantFrom(...trinkets);

describe('what small things a garment is decorated with', () => {
	it('are kept as its note, and add no thing: “studded with pearls”', () => {
		fc.assert(
			fc.property(host, way, trinket, follower, (worn, how, small, next) => {
				const text = `${worn} ${how} ${small}, ${next}`;
				expect(typesIn(text), text).toEqual(typesIn(`${worn}, ${next}`));
				expect(elementsOf(text)[1]?.garment, text).toEqual(elementsOf(next)[0]?.garment);
			}),
			runs
		);
	});
	it('go on over “and”, each with its own colour', () => {
		fc.assert(
			fc.property(host, way, trinket, trinket, colourWord, (worn, how, small, other, colour) => {
				const text = `${worn} ${how} ${small} and ${colour} ${other}`;
				expect(typesIn(text), text).toEqual(typesIn(worn));
				const asWorn = elementsOf(worn)[0]?.garment.palette;
				expect(elementsOf(text)[0]?.garment.palette.slice(0, 1), text).toEqual(asWorn);
			}),
			runs
		);
	});
	it('are no matter of doubt, where they are known', () => {
		const { phrases } = readLook('a dress studded with tiny gold chains and pearls');
		expect(phrases.map(({ status }) => status)).not.toContain('doubted');
	});
	it('are things where they are worn by themselves', () => {
		for (const [text, types] of [
			['a coat fastened with a brooch', ['overcoat', 'brooch']],
			['a dress studded with pearls and a red belt', ['dress', 'belt']],
			['a dress covered in sequins with a belt', ['dress', 'belt']],
			['a black dress with pearls', ['dress', 'pearl-necklace']],
			['a hat trimmed with ribbons, pearls', ['hat', 'pearl-necklace']]
		] as const)
			expect(typesIn(text), text).toEqual(types);
	});
});

describe('what is shown on a cloth', () => {
	const shown = fc.constantFrom('embroidered with', 'printed with', 'painted with', 'patterned with');
	const motif = fc.constantFrom('shoes', 'handbags', 'a crown', 'tiny hats', 'umbrellas', 'bows', 'parrots');
	it('is no thing, whatever it is: “printed with shoes”', () => {
		fc.assert(
			fc.property(
				fc.constantFrom('a black dress', 'a white blouse', 'navy shoes'),
				shown,
				motif,
				follower,
				(...said) => {
					const [worn, how, what, next] = said;
					const text = `${worn} ${how} ${what}, ${next}`;
					expect(typesIn(text), text).toEqual(typesIn(`${worn}, ${next}`));
				}
			),
			runs
		);
	});
	it('stays in the note', () => {
		for (const what of ['shoes', 'handbags', 'a crown', 'umbrellas']) {
			const text = `a black dress printed with ${what}`;
			expect(without(text, what.replace('a ', '')), text).toEqual([]);
		}
	});
});

describe('work on a cloth', () => {
	it('has a weight of its own, which makes no cloth heavy: “heavy silver embroidery”', () => {
		const work = fc.constantFrom('embroidery', 'beading');
		fc.assert(
			fc.property(
				fc.constantFrom('heavy', 'thick', 'lightweight'),
				colourWord,
				work,
				(weight, colour, what) => {
					const text = `a cape with ${weight} ${colour} ${what}`;
					const [cape, ...more] = elementsOf(text);
					expect([cape?.garment.facets.weight, more.length], text).toEqual([undefined, 0]);
					expect(elementsOf(`a ${weight} wool cape`)[0]?.garment.facets.weight, weight).toBeDefined();
				}
			),
			runs
		);
	});
});

describe('a colour before what is done at a place', () => {
	it('is the garment’s: “a cardigan in oatmeal tied at the back”', () => {
		const done = fc.constantFrom('tied', 'pinned', 'wrapped', 'draped');
		fc.assert(
			fc.property(
				colourWord,
				done,
				fc.constantFrom('back', 'front', 'waist', 'hip'),
				(colour, act, place) => {
					const text = `a cardigan in ${colour} ${act} at the ${place}`;
					const asAlone = elementsOf(`a cardigan in ${colour}`)[0]?.garment.palette;
					expect(elementsOf(text)[0]?.garment.palette, text).toEqual(asAlone);
				}
			),
			runs
		);
	});
});

describe('a place', () => {
	const part = fc.constantFrom('neck', 'hem', 'cuffs', 'collar', 'waist');
	it('tells where work is, and shapes nothing: “gold embroidery round the neck”', () => {
		fc.assert(
			fc.property(colourWord, fc.constantFrom('round', 'around'), part, (colour, round, where) => {
				const text = `a kaftan, ${colour} embroidery ${round} the ${where}`;
				const [kaftan, ...more] = elementsOf(text);
				expect(more, text).toEqual([]);
				expect(kaftan?.garment.facets.neckline, text).toBeUndefined();
				expect(kaftan?.garment.facets.texture?.value, text).toBe('embroidered');
			}),
			runs
		);
	});
	it('of what a garment has several of makes it no shorter: “rips at the knee”', () => {
		for (const what of ['rips', 'frills', 'patches', 'zips'])
			for (const where of ['knee', 'ankle']) {
				const text = `jeans with ${what} at the ${where}`;
				const [jeans, ...more] = elementsOf(text);
				expect([jeans?.garment.facets.legLength, more.length], text).toEqual([undefined, 0]);
				const trace = [jeans?.note, jeans?.garment.facets.distress?.value].join(' ');
				expect(trace, text).toMatch(what === 'rips' ? /ripped|rips/ : new RegExp(what));
			}
		expect(elementsOf('a skirt with a hem at the knee')[0]?.garment.facets.hemLength?.value).toBe('knee');
	});
	it('is where a belt is', () => {
		expect(readLook('a belt round the waist').phrases.map(({ status }) => status)).not.toContain('doubted');
	});
});

describe('an owner', () => {
	it('is no slip for a garment: “the bride’s mother”', () => {
		for (const owner of ['bride', 'baker', 'boss', 'captain', 'tailor', 'queen'])
			for (const apostrophe of ['’', "'"])
				expect(typesIn(`the ${owner}${apostrophe}s red scarf`), owner).toEqual(['scarf']);
	});
});

describe('a thing that is trimmed', () => {
	/** One that a word of it, or a skirt, may also say of the dress before it. */
	const isOwnPart = (name: string, before: string) => {
		const { elements, questions } = readLook(`${before}, ${name}`);
		return elements.length !== 2 || questions.length > 0;
	};
	it('stays a thing after another: “a dress, gloves edged in fur”', () => {
		const trims = [
			'trimmed with fur',
			'edged in lace',
			'lined in silk',
			'piped in white',
			'bordered with ribbon'
		];
		garmentTypes.forEach(({ singular, slot, division }, at) => {
			const before = slot === 'whole' ? 'a hat' : 'a dress';
			if (division === 'beauty' || isOwnPart(singular, before)) return;
			const [, alone] = typesIn(`${before}, ${singular}`);
			const text = `${before}, ${singular} ${trims[at % trims.length]}`;
			const types = typesIn(text);
			expect([types.length, types[1]], text).toEqual([2, alone]);
		});
	});
});

describe('a note', () => {
	it('says once what a longer one ends in', () => {
		expect(elementsOf('gloves edged in fur')[0]?.note).toBe('fur edged');
	});
});

describe('how a scarf is tied', () => {
	const act = fc.constantFrom('tied', 'knotted', 'wound', 'wrapped');
	const about = fc.constantFrom('round', 'around');
	const whose = fc.constantFrom('the', 'her', 'his');
	const places = [
		['neck', 'tied-at-neck'],
		['throat', 'tied-at-neck'],
		['wrist', 'as-bracelet'],
		['waist', 'tied-round-waist'],
		['ponytail', 'as-hairband'],
		['handle', 'as-bag-charm'],
		['bag handle', 'as-bag-charm']
	] as const;
	it('is one way for each place, in all its words', () => {
		expect(garmentType('scarf').slot).toBe('scarf');
		fc.assert(
			fc.property(act, about, whose, fc.constantFrom(...places), (verb, round, the, [place, move]) => {
				const text = `a red scarf ${verb} ${round} ${the} ${place}`;
				const [scarf, ...more] = elementsOf(text);
				expect([scarf?.moves, more.length], text).toEqual([[move], 0]);
			}),
			runs
		);
	});
});
