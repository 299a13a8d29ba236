import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentTypes, readLook, type Element } from '../../src/lib/core';
import { freshClient } from '../../src/lib/core/model/client';
import { barsFor, mayWear } from '../../src/lib/core/checks/bars';
import { facetPhrases } from '../../src/lib/core/lexicon/facet-words';
import { facetValue } from '../../src/lib/core/lexicon/facets';
import { setParts } from '../../src/lib/core/lexicon/set-parts';
import { colourWord, strangeNoun } from '../looks';
import { someOf } from '../read';

/** Laws of what is said where one thing has place: nothing of it is lost, and what is said of a part stays the part's. */
const runs = { numRuns: 300 };
const told = ({ garment, note, moves }: Element) => ({ garment, note, moves });
const only = (text: string) => {
	const { elements } = readLook(text);
	expect(elements, text).toHaveLength(1);
	return elements[0] as Element;
};

describe('two words where a garment has place for one', () => {
	const bare = garmentTypes.filter(
		({ singular, general, division }) => general && /^[a-z]+$/.test(singular) && division !== 'beauty'
	);
	const said = facetPhrases.filter(({ free, phrase }) => free && /^[a-z]+$/.test(phrase));
	const clearOf = (facet: string, phrase: string) =>
		said.filter((one) => one.phrase === phrase).every((one) => one.facet === facet);
	const twice = said.flatMap((first) =>
		said
			.filter(({ facet, value }) => facet === first.facet && value !== first.value)
			.map((second) => [first, second] as const)
	);
	it('there are many such pairs', () => expect(twice.length).toBeGreaterThan(1000));
	it('keep both: one as its value, the other in the note', () => {
		fc.assert(
			fc.property(someOf(bare), someOf(twice), (type, [first, second]) => {
				fc.pre(type.facets.includes(first.facet));
				fc.pre(clearOf(first.facet, first.phrase) && clearOf(second.facet, second.phrase));
				const alone = [first, second].map(({ phrase }) => readLook(`${phrase} ${type.singular}`));
				// Each by itself is read as what the list says of it: some name another kind beside this one.
				fc.pre(
					alone.every(({ elements: [element, more] }, i) => {
						const { facet, value } = (i === 0 ? first : second) as typeof first;
						const facets = element?.garment.facets ?? {};
						const saysIt = facets[facet]?.value === value && Object.keys(facets).length === 1;
						return !more && element?.garment.type === type.id && saysIt;
					})
				);
				const { elements } = readLook(`${type.singular} that is ${first.phrase}, and ${second.phrase}`);
				fc.pre(elements.length === 1);
				const [element] = elements;
				const value = element?.garment.facets[first.facet]?.value;
				expect([first.value, second.value]).toContain(value);
				const note = element?.note ?? '';
				const label = facetValue(first.facet, first.value)?.label ?? '';
				const keptFirst = note.includes(label) || note.includes(first.phrase);
				// A word that says two things ("jewelled") may be taken for the other.
				const { elements: without } = readLook(`${type.singular} that is ${first.phrase}`);
				const heardSecond = JSON.stringify(elements.map(told)) !== JSON.stringify(without.map(told));
				expect(value === first.value ? heardSecond : keptFirst, `${type.singular}: ${note}`).toBe(true);
			}),
			runs
		);
	});

	const hung = ['halter', 'one-shoulder', 'off-the-shoulder'];
	const shaped = ['keyhole', 'sweetheart', 'cowl', 'plunging', 'scooped'];
	it('a neckline is what the bodice hangs from, in whichever order the two are said', () => {
		fc.assert(
			fc.property(
				someOf(hung),
				someOf(shaped),
				someOf(['dress', 'top', 'jumpsuit']),
				(hangs, shape, type) => {
					const value = only(`${hangs} ${type}`).garment.facets.neckline?.value;
					for (const text of [`${hangs} ${shape} ${type}`, `${shape} ${hangs} ${type}`]) {
						const { garment, note } = only(text);
						expect(garment.facets.neckline?.value, text).toBe(value);
						expect(note, text).not.toBe('');
					}
				}
			),
			runs
		);
	});

	it('of two prints and of two metals the first is not lost', () => {
		expect(only('a floral and striped shirt')).toMatchObject({
			garment: { print: { family: { value: 'stripe' } } },
			note: 'floral'
		});
		expect(only('brass buckle, silver buckle belt').note).toBe('brass');
	});
});

describe('what is said of the back', () => {
	it.each([
		['a scoop at the back', 'low'],
		['a keyhole at the back', 'keyhole']
	])('“%s” is no neckline', (said, back) => {
		const { facets } = only(`black dress with ${said}`).garment;
		expect(facets.back?.value).toBe(back);
		expect(facets.neckline).toBeUndefined();
	});
	it('is kept where the back has no value for it, and leaves the neckline as it was said', () => {
		const shapes = someOf(['cowl', 'V', 'sweetheart']);
		fc.assert(
			fc.property(shapes, someOf(['square', 'boat', 'crew']), colourWord, (shape, neck, colour) => {
				const { garment, note } = only(`${colour} dress with a ${neck} neck and a ${shape} at the back`);
				expect(garment.facets.neckline?.value).toBe(neck);
				expect(note.toLowerCase()).toBe(`${shape.toLowerCase()} back`);
			}),
			runs
		);
	});
});

describe('a part and what is joined to it', () => {
	it('“a white collar and cuffs”: the word before both is said of both', () => {
		fc.assert(
			fc.property(
				colourWord,
				someOf(['collar and cuffs', 'collar and pockets', 'cuffs and pockets']),
				(colour, parts) => {
					const { garment, note } = only(`navy dress with ${colour} ${parts}`);
					expect(note).toBe(`${colour} ${parts}`);
					expect(garment.palette).toHaveLength(1);
				}
			),
			runs
		);
	});
	it('“the cuffs of a shirt” are the shirt’s, and no second thing', () => {
		fc.assert(
			fc.property(colourWord, colourWord, someOf(['shirt', 'blouse', 'gown']), (first, second, type) => {
				const { elements } = readLook(`${first} blazer, the cuffs of a ${second} ${type}, black trousers`);
				expect(elements.map(({ garment }) => garment.type)).toHaveLength(3);
				expect(elements[1]?.garment).toEqual(only(`${second} ${type}`).garment);
			}),
			runs
		);
	});
	it('what is joined with words of its own has only those', () => {
		expect(only('navy dress with a white collar and gold buttons').note).toBe('white collar');
	});
	it.each(['french cuffs', 'double cuffs'])('“%s”, a name of its own, is kept', (cuffs) =>
		expect(only(`white shirt with ${cuffs}`).note).toBe(cuffs)
	);
});

describe('of a set', () => {
	const named = Object.entries(setParts).flatMap(([id, parts]) => {
		const set = garmentTypes.find((type) => type.id === id);
		return parts.flatMap(({ type }) => {
			const part = garmentTypes.find((one) => one.id === type);
			return set && part && !/suit/.test(part.singular) ? [[set.singular, part.singular] as const] : [];
		});
	});
	it('a part that is spoken of with “the” is no garment of its own', () => {
		fc.assert(
			fc.property(someOf(named), colourWord, ([set, part], colour) => {
				fc.pre(readLook(`the ${part}`).questions.length === 0);
				const { elements } = readLook(`${colour} ${set}, the ${part} pressed`);
				expect(elements, `${set}, the ${part}`).toHaveLength(1);
			}),
			runs
		);
	});
});

describe('one cloth on itself', () => {
	it('is said of the clothes that are listed, and of no belt, boot or bag', () => {
		const cloths = someOf(['denim', 'velvet', 'corduroy']);
		const apart = someOf(['belt', 'boots', 'handbag', 'earrings']);
		fc.assert(
			fc.property(cloths, apart, colourWord, (cloth, thing, colour) => {
				const { elements } = readLook(`${cloth} on ${cloth}: jacket, ${colour} skirt, ${colour} ${thing}`);
				const materials = elements.map(({ garment }) => garment.facets.material?.value);
				expect(materials.slice(0, 2)).toEqual([cloth, cloth]);
				expect(materials[2], thing).toBe(only(`${colour} ${thing}`).garment.facets.material?.value);
			}),
			runs
		);
	});
});

describe('what hangs on something and is not known', () => {
	it('is not worn in a way of its own: the move is the garment’s', () => {
		fc.assert(
			fc.property(someOf(['trench coat', 'cardigan', 'shirt dress']), strangeNoun, (thing, noun) => {
				const { elements } = readLook(`navy ${thing} with ${noun}, belted, white trainers`);
				expect(elements[0]?.moves).toContain('belted');
			}),
			runs
		);
	});
});

describe('how big a thing is', () => {
	it.each([
		['big', 'oversized'],
		['tiny', 'close']
	])('“%s” of what is cut is how it fits, of what is not its size', (word, fit) => {
		for (const type of ['shirt', 'jumper', 'coat', 'shorts']) {
			const { garment, note } = only(`${word} white ${type}`);
			expect(garment.facets.fit?.value).toBe(fit);
			expect(note).toBe('');
		}
		const { facets } = only(`${word} tote bag`).garment;
		expect(facets.fit).toBeUndefined();
		expect(facets.size).toBeDefined();
	});
	it('a place on the body is nothing that is worn', () => {
		for (const place of ['over the top', 'at the top', 'under the bust', 'at the navel'])
			expect(readLook(`white shirt tied ${place}, black skirt`).elements.map(told)).toHaveLength(2);
	});
});

describe('a thing on a garment that no field holds', () => {
	const things = someOf(['bow at the neck', 'belt tied at the back', 'bow at the collar']);
	it('has its own colour and size: they are neither the garment’s nor lost', () => {
		fc.assert(
			fc.property(things, colourWord, colourWord, someOf(['', 'big ']), (thing, ground, colour, size) => {
				const plain = only(`${ground} blouse with a ${thing}`);
				for (const join of [' with a ', ', ', ' and a ']) {
					const { garment, note, moves } = only(`${ground} blouse${join}${size}${colour} ${thing}`);
					expect(garment).toEqual(plain.garment);
					expect(moves).toEqual(plain.moves);
					expect(note).toBe(`${size}${colour} ${thing}`);
				}
			}),
			runs
		);
	});
	it.each(['wooden', 'horn', 'leather'])('“%s toggles” are of that, the coat is not', (cloth) => {
		const { garment, note } = only(`navy duffle coat with ${cloth} toggles`);
		expect(garment.facets).toMatchObject({ closure: { value: 'toggle' } });
		expect(garment.facets.material).toBeUndefined();
		expect(note).toBe(`${cloth} toggles`);
	});
});

describe('fibre and weave', () => {
	it('of silk is silk, or asked where silk is usual', () => {
		const avoids = freshClient({ id: 'avoids-silk', limits: { never: ['silk'] } });
		for (const weave of [
			'jersey',
			'twill',
			'lace',
			'tulle',
			'velvet',
			'chiffon',
			'satin',
			'crepe',
			'taffeta'
		])
			for (const text of [`silk ${weave} blouse`, `blouse in silk ${weave}`])
				expect(barsFor(avoids, only(text).garment), text).not.toEqual([]);
	});

	const limited = freshClient({ id: 'avoids-wool', limits: { never: ['wool'] } });
	it('of wool that is woven in any way is wool: no limit that names it is passed', () => {
		const wools = someOf(['wool', 'merino', 'cashmere', 'mohair', 'alpaca']);
		const weaves = someOf(['crepe', 'twill', 'gabardine', 'jersey', 'georgette', 'felt', 'flannel', 'tweed']);
		fc.assert(
			fc.property(wools, weaves, someOf(['dress', 'trousers', 'coat', 'skirt']), (wool, weave, type) => {
				for (const text of [
					`${wool} ${weave} ${type}`,
					`${type} in ${wool} ${weave}`,
					`${weave} ${type} in ${wool}`
				]) {
					const { garment } = only(text);
					expect(mayWear(limited, { garment }), text).toBe(false);
				}
			}),
			runs
		);
	});
});

describe('a guess at what it is', () => {
	it('is offered beside what was named, and is no second thing', () => {
		const guesses = someOf([
			['top', 'bodysuit'],
			['jumper', 'sweatshirt'],
			['trousers', 'jeans'],
			['coat', 'trench coat']
		]);
		fc.assert(
			fc.property(guesses, colourWord, ([named, guessed], colour) => {
				for (const text of [
					`${named} (maybe a ${guessed}?)`,
					`${named}, maybe a ${guessed}`,
					`${named} or ${guessed}`
				]) {
					const { elements, questions } = readLook(`${colour} ${text}, white trainers`);
					expect(elements, text).toHaveLength(2);
					expect(questions[0]?.choices, text).toHaveLength(2);
				}
			}),
			runs
		);
	});
	it('of another place on the body is a thing of its own', () => {
		expect(readLook('black dress, maybe a blazer').elements).toHaveLength(2);
	});
});

describe('a set between brackets', () => {
	it('is made up of what stands there, and of nothing after them', () => {
		fc.assert(
			fc.property(colourWord, someOf(['co-ord', 'suit', 'knit set']), colourWord, (colour, set, other) => {
				const { elements } = readLook(`${colour} ${set} (jacket and trousers), ${other} trainers`);
				const { elements: listed } = readLook(`${colour} ${set}: jacket and trousers. ${other} trainers`);
				expect(elements.map(told)).toEqual(listed.map(told));
				const [jacket, trousers, trainers] = elements.map(({ garment }) => garment.palette[0]?.hex);
				expect(jacket).toBeDefined();
				expect(trousers).toBe(jacket);
				expect(trainers).toBe(only(`${other} trainers`).garment.palette[0]?.hex);
			}),
			runs
		);
	});
});

describe('a hyphen after a word that is not known', () => {
	it('gives the colour before it to the garment', () => {
		fc.assert(
			fc.property(
				strangeNoun,
				colourWord,
				someOf(['toe boots', 'heel sandals', 'neck jumper']),
				(noun, colour, thing) => {
					const [first = ''] = noun.split(' ');
					const { garment } = only(`${colour} ${first}-${thing}`);
					expect(garment.palette).toEqual(only(`${colour} ${thing.split(' ')[1]}`).garment.palette);
				}
			),
			runs
		);
	});
});

describe('what is shown on a cloth', () => {
	it('is kept with its colour, is no thing of its own and colours nothing', () => {
		const worked = someOf(['embroidered', 'printed', 'hand-painted']);
		fc.assert(
			fc.property(worked, colourWord, strangeNoun, colourWord, (how, ground, noun, colour) => {
				const plain = only(`${ground} jacket, ${how}`);
				const { garment, note } = only(`${ground} jacket, ${how} with ${colour} ${noun}`);
				expect(garment).toEqual(plain.garment);
				expect(note).toContain(`${colour} ${noun}`);
			}),
			runs
		);
	});
	it('in the same print is that of the last that has one, whatever is named between', () => {
		const prints = someOf(['gingham', 'leopard', 'paisley', 'polka dot']);
		fc.assert(
			fc.property(prints, colourWord, colourWord, (print, first, second) => {
				const text = `${first} ${print} skirt, plain ${second} top, ${second} sandals, headscarf in the same print`;
				const [skirt, , , scarf] = readLook(text).elements;
				expect(scarf?.garment.print).toEqual(skirt?.garment.print);
				expect(scarf?.garment.palette).toEqual(skirt?.garment.palette);
			}),
			runs
		);
	});
});
