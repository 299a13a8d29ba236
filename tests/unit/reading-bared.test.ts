/** Laws of reading: what is said not to be worn, what something is worn as or made of, and whose a word is that goes with a part. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentType, garmentTypes, readLook } from '../../src/lib/core';
import { bared } from '../../src/lib/core/lexicon/bared';
import { isDoneWith, movesByTarget } from '../../src/lib/core/lexicon/moves';
import { sensesOfPhrase } from '../../src/lib/core/reading/spans/spans';
import { colourWord } from '../looks';
import { elementsOf, facetsIn, hexesIn, hexesOf, someOf, typesIn } from '../read';

const runs = { numRuns: 200 };
/** A colour that names no cloth besides. */
const plainColour = colourWord.filter(
	(word) => sensesOfPhrase(word)?.every(({ kind }) => kind !== 'facet') === true
);
const clothes = ['coat', 'dress', 'jumper', 'skirt', 'trousers'];
const notesIn = (text: string) => elementsOf(text).map(({ note }) => note);
/** The first thing that is named, without its id and its place in the look. */
const firstIn = (text: string) => {
	const [first] = elementsOf(text);
	return first && { garment: first.garment, moves: first.moves, note: first.note };
};

describe('a part of the body that is bare', () => {
	const phrases = someOf([...bared.keys()]);

	it('is something that is not worn, and claims nothing: “lips are bare”, “hatless”', () => {
		for (const [phrase, type] of bared) {
			const { elements, absent, things } = readLook(phrase);
			expect(elements, phrase).toEqual([]);
			expect(things, phrase).toEqual([]);
			expect(absent, phrase).toEqual([type]);
		}
	});
	it('changes nothing of what is said before or after it, between commas or after “and”', () => {
		fc.assert(
			fc.property(phrases, colourWord, someOf(clothes), (phrase, colour, thing) => {
				const alone = firstIn(`a ${colour} ${thing}`);
				for (const text of [
					`${phrase}, a ${colour} ${thing}`,
					`a ${colour} ${thing}, ${phrase}`,
					`${phrase} and a ${colour} ${thing}`,
					`${phrase}. A ${colour} ${thing}.`
				]) {
					expect(firstIn(text), text).toEqual(alone);
					expect(elementsOf(text), text).toHaveLength(1);
				}
			}),
			runs
		);
	});
	it('before a name leaves the name what was said before it: “a red beltless trench”', () => {
		fc.assert(
			fc.property(
				plainColour,
				someOf(['beltless', 'hatless', 'sockless', 'tieless']),
				someOf(['trench coat', 'suit', 'dress', 'shirt']),
				(colour, without, thing) => {
					expect(firstIn(`a ${colour} ${without} ${thing}`)).toEqual(firstIn(`a ${colour} ${thing}`));
				}
			),
			runs
		);
	});
	it('of feet in shoes says that there are no socks, and in anything else that there are no shoes', () => {
		for (const { singular, plural } of garmentTypes.filter(
			({ slot, general }) => slot === 'feet' && !general
		)) {
			expect(readLook(`bare feet in ${plural}`).absent, singular).toEqual(['socks']);
			expect(readLook(`bare feet under ${plural}`).absent, singular).toEqual(['socks']);
		}
		for (const thing of clothes) expect(readLook(`barefoot in a ${thing}`).absent, thing).toEqual(['shoes']);
	});
});

describe('what takes the place of something', () => {
	const verbs = ['swaps', 'swapped', 'changes', 'trades', 'exchanged'];
	const pairs = [
		['flats', 'heeled sandals'],
		['tie', 'scarf'],
		['bag', 'clutch'],
		['hat', 'beret'],
		['coat', 'cape']
	] as const;
	it('is worn, and the other is not: “she swaps the flats for black heels”', () => {
		fc.assert(
			fc.property(
				someOf(verbs),
				someOf(['the', 'her', 'his']),
				someOf(pairs),
				colourWord,
				(verb, whose, [first, second], colour) => {
					const text = `she ${verb} ${whose} ${first} for a ${colour} ${second}`;
					expect(typesIn(text), text).toEqual(typesIn(`a ${second}`));
					expect(readLook(text).absent, text).toEqual(typesIn(`a ${first}`));
					expect(elementsOf(text)[0]?.garment.palette, text).toEqual(
						elementsOf(`a ${colour} ${second}`)[0]?.garment.palette
					);
				}
			),
			runs
		);
	});
});

describe('what something is worn as', () => {
	it('is said by the place that it takes as well: “the belt is a silk scarf”', () => {
		const places = { belt: 'as-belt', top: 'as-top', skirt: 'as-skirt', necklace: 'as-necklace' } as const;
		for (const [place, move] of Object.entries(places)) {
			expect(isDoneWith(move as (typeof places)['belt'], garmentType('scarf')), place).toBe(true);
			for (const link of ['is', 'is really', 'is just', 'was'])
				for (const whose of ['the', 'her', 'his']) {
					const [first, ...others] = elementsOf(`${whose} ${place} ${link} a red silk scarf`);
					expect(others).toEqual([]);
					expect(first?.garment.type).toBe('scarf');
					expect(first?.moves).toEqual([move]);
				}
		}
	});
	it('is a kind where it is one, and a second thing where no way of wearing it so is known', () => {
		expect(typesIn('the skirt is a sarong')).toEqual(['sarong']);
		expect(typesIn('the bag is a basket')).toEqual(['basket-bag']);
		expect(movesByTarget.some(({ move }) => move === 'as-belt')).toBe(true);
		for (const text of ['the belt, a scarf and a hat', 'the top and a scarf'])
			expect(elementsOf(text).flatMap(({ moves }) => moves)).toEqual([]);
	});
	it('is said by “worn like”, and by “like” alone nothing but a likeness: “a bodice like a corset”', () => {
		for (const [thing, place, move] of [
			['scarf', 'belt', 'as-belt'],
			['scarf', 'skirt', 'as-skirt'],
			['dress', 'top', 'as-top'],
			['shirt', 'jacket', 'as-jacket']
		] as const) {
			for (const how of ['worn like', 'worn as', 'tied like'])
				expect(firstIn(`a red ${thing} ${how} a ${place}`)?.moves, `${thing} ${how}`).toEqual([move]);
			const likened = elementsOf(`a red ${thing} like a ${place}`);
			expect(likened.map(({ moves, note }) => [moves, note])).toEqual([[[], `as ${place}`]]);
		}
	});
	it('is no garment that a cloth is likened to: “soft like jersey”', () => {
		for (const cloth of ['jersey', 'denim', 'fleece']) {
			const [only, ...others] = elementsOf(`the trousers are leather but soft like ${cloth}, deep green`);
			expect(others).toEqual([]);
			expect(only?.moves).toEqual([]);
			expect(only?.garment.facets.material?.value).toBe('leather');
		}
	});
});

describe('what something is made of', () => {
	it('is kept with it, and is no second thing: “a skirt made of ties”', () => {
		fc.assert(
			fc.property(
				colourWord,
				someOf(clothes),
				someOf(['ties', 'scarves', 'jeans', 'shirts', 'blankets', 'napkins']),
				someOf(['made of', 'made from']),
				(colour, thing, stuff, joins) => {
					const text = `a ${colour} ${thing} ${joins} ${stuff}, black shoes`;
					expect(typesIn(text), text).toEqual(typesIn(`a ${colour} ${thing}, black shoes`));
					expect(notesIn(text)[0], text).toContain(stuff);
				}
			),
			runs
		);
	});
	it('is its cloth where it is one', () => {
		for (const cloth of ['jersey', 'denim', 'velvet', 'wool'])
			expect(facetsIn(`a dress made of ${cloth}`).material).toBe(cloth);
	});
});

describe('a cloth that a hyphen joins to a work', () => {
	it('is of the work, and the garment of its own: “a silk-embroidered linen jacket”', () => {
		fc.assert(
			fc.property(
				someOf(['silk', 'velvet', 'leather', 'raffia', 'pearl', 'suede']),
				someOf(['embroidered', 'fringed', 'trimmed', 'bound', 'edged']),
				someOf(['linen', 'cotton', 'satin', 'tulle']),
				someOf(['dress', 'skirt', 'coat']),
				(cloth, work, own, thing) => {
					const text = `a ${cloth}-${work} ${own} ${thing}`;
					expect(facetsIn(text).material, text).toBe(own);
					expect(notesIn(text)[0], text).toContain(cloth);
				}
			),
			runs
		);
	});
});

describe('“one” with “a”', () => {
	it('is what sits on the thing of which “the” is said: “a brooch on the jacket, a big silver one”', () => {
		fc.assert(
			fc.property(
				someOf(['brooch', 'belt', 'scarf']),
				someOf(['on the', 'over the', 'on her', 'over his']),
				someOf(['jacket', 'coat', 'dress']),
				colourWord,
				(thing, where, under, colour) => {
					const text = `a ${thing} ${where} ${under}, a ${colour} one`;
					expect(firstIn(text)?.garment, text).toEqual(firstIn(`a ${colour} ${thing}`)?.garment);
					expect(elementsOf(text)[1]?.garment, text).toEqual(firstIn(`a ${under}`)?.garment);
				}
			),
			runs
		);
	});
	it('after “and”, “over” or “under” is another of the kind; of what comes in pairs, for the other side', () => {
		const pairs = ['sock', 'glove', 'earring', 'trainer'];
		fc.assert(
			fc.property(
				someOf([...pairs, 'scarf', 'belt', 'hat', 'shirt']),
				someOf(['and', 'over', 'under']),
				someOf(['red', 'navy', 'cream', 'sage']),
				someOf(['black', 'tan', 'white', 'pink']),
				(noun, joins, colour, other) => {
					const text = `a ${colour} ${noun} ${joins} a ${other} one, blue jeans`;
					const [first, second, third, ...more] = elementsOf(text);
					expect(more, text).toEqual([]);
					expect(third?.garment.type, text).toBe('jeans');
					expect(first?.garment, text).toEqual(firstIn(`a ${colour} ${noun}`)?.garment);
					expect(second?.garment, text).toEqual(firstIn(`a ${other} ${noun}`)?.garment);
					const isPair = pairs.includes(noun);
					expect([first?.side, second?.side], text).toEqual(
						isPair ? ['left', 'right'] : [undefined, undefined]
					);
				}
			),
			runs
		);
		expect(typesIn('a leather jacket over a denim one')).toEqual(['leather-jacket', 'jacket']);
		expect(typesIn('a red hat, a blue one')).toEqual(['hat']);
	});
	it('is the last thing where both have “a”', () => {
		const [belt, coat] = elementsOf('a belt over a coat, a wide red one');
		expect(belt?.garment.palette).toEqual([]);
		expect(coat?.garment.palette).toHaveLength(1);
	});
});

describe('a heading over a list', () => {
	it('says its colour of all that is listed, however it is put: “knitwear, all in cream: …”', () => {
		fc.assert(
			fc.property(
				someOf(['knitwear', 'tailoring', 'accessories', 'two pieces of knitwear', 'separates']),
				someOf([' in ', ', all ', ', both ', ', all in ', ', both in ']),
				plainColour,
				(heading, joins, colour) => {
					const text = `${heading}${joins}${colour}: a cardigan and a long skirt`;
					const palettes = elementsOf(text).map(hexesOf);
					const plain = hexesOf(elementsOf(`a ${colour} cardigan`)[0]);
					expect(typesIn(text), text).toEqual(typesIn('a cardigan and a long skirt'));
					expect(palettes, text).toEqual([plain, plain]);
					expect(readLook(text).things, text).toEqual([]);
				}
			),
			runs
		);
	});
	it('says its metal of all jewels: “jewellery in silver: a ring, a chain”', () => {
		for (const joins of [' in ', ', all '])
			expect(
				elementsOf(`jewellery${joins}silver: a ring, a chain`).map(({ garment }) => garment.metal?.value)
			).toEqual(['silver', 'silver']);
	});
});

describe('a part and what is said of it', () => {
	it('is shaped as “with” says: “short sleeves with a slight puff”', () => {
		for (const [noun, shape] of [
			['puff', 'puff'],
			['flare', 'bell'],
			['slight puff', 'puff'],
			['soft flare', 'bell']
		] as const)
			for (const text of [
				`a red blouse, long sleeves with a ${noun}`,
				`a red blouse with short sleeves with a ${noun}`
			])
				expect(facetsIn(text).sleeveShape, text).toBe(shape);
		expect(facetsIn('a black dress, long sleeves with lace').sleeveShape).toBeUndefined();
	});
	it('cuffs made as no bracelet is are of the garment, metal ones a jewel', () => {
		for (const how of ['quilted', 'ribbed', 'padded', 'knitted', 'smocked'])
			for (const owner of ['velvet jacket', 'bomber jacket', 'shirt']) {
				const text = `a ${owner}, ${how} cuffs`;
				expect(typesIn(text), text).not.toContain('cuff');
			}
		for (const how of ['2-inch', '5 cm']) {
			const [only, ...others] = elementsOf(`grey trousers, ${how} cuffs`);
			expect(others).toEqual([]);
			expect(only?.moves).toEqual(['hem-cuffed']);
		}
		for (const metal of ['gold', 'silver'])
			expect(typesIn(`a black dress, ${metal} cuffs`)).toEqual(['dress', 'cuff']);
	});
	it('gloves to the wrist are short ones, sleeves to the wrist long ones', () => {
		for (const far of ['to the wrist', 'reaching the wrist', 'that reach the wrist']) {
			expect(facetsIn(`white gloves ${far}`).sleeveLength, far).toBe('short');
			expect(facetsIn(`a white shirt, sleeves ${far}`).sleeveLength, far).toBe('long');
		}
	});
});

describe('a colour between a comma and “, and”', () => {
	it('is of what stands before it, which has none: “a dress, black, and white shoes”', () => {
		fc.assert(
			fc.property(
				someOf(['dress', 'coat', 'bag', 'shirt']),
				someOf(['shoes', 'gloves', 'earrings']),
				plainColour,
				plainColour,
				(first, second, own, other) => {
					fc.pre(own !== other);
					const [one, two] = elementsOf(`a ${first}, ${own}, and ${other} ${second}`);
					expect(hexesOf(one)).toEqual(hexesOf(elementsOf(`a ${own} ${first}`)[0]));
					expect(hexesOf(two)).toEqual(hexesOf(elementsOf(`${other} ${second}`)[0]));
				}
			),
			runs
		);
	});
});

describe('a thing spoken of again', () => {
	it('by its own name with “the” is the same, sets included: “a tracksuit. The tracksuit is navy”', () => {
		const wholes = garmentTypes.filter(
			({ slot, singular }) => ['suit', 'whole'].includes(slot) && singular !== ''
		);
		for (const { singular, id } of wholes) {
			const text = `a coat over a ${singular}. The ${singular} is navy.`;
			const named = elementsOf(text).filter(({ garment }) => garment.type === id);
			expect(named.length, text).toBe(1);
		}
	});
});

describe('two words that are one name', () => {
	it('are none where one half is only a letter or two: “you get a flash of red”', () => {
		for (const text of ['you get a flash of red', 'park a little further', 'it came o'])
			expect(elementsOf(text), text).toEqual([]);
		for (const [text, type] of [
			['sling backs', 'slingbacks'],
			['ear rings', 'earrings'],
			['hand bag', 'handbag']
		] as const)
			expect(typesIn(`black ${text}`)).toEqual([type]);
	});
});

describe('what is the same as something', () => {
	it('shares its colour with it, named before or not: “the scarf’s the same green as the shoes”', () => {
		fc.assert(
			fc.property(
				plainColour,
				someOf(['scarf', 'belt', 'hat']),
				someOf(['shoes', 'gloves', 'bag']),
				(colour, thing, other) => {
					const [own] = hexesIn(`a ${colour} ${thing}`);
					const text = `a ${colour} ${other}, the ${thing} is the same colour as the ${other}`;
					expect(hexesIn(text), text).toEqual([hexesIn(`a ${colour} ${other}`)[0], own]);
					const ahead = `the ${thing} is the same colour as the ${other}, ${colour}`;
					expect(hexesIn(ahead), ahead).toEqual([own, hexesIn(`a ${colour} ${other}`)[0]]);
				}
			),
			runs
		);
	});
	it('and “so is” says it of one thing more', () => {
		fc.assert(
			fc.property(plainColour, someOf(['pocket square', 'belt', 'hat']), (colour, thing) => {
				const [socks, other] = elementsOf(`the socks are ${colour} and so is the ${thing}`);
				expect(hexesOf(other)).toEqual(hexesOf(socks));
			}),
			runs
		);
	});
	it('two that match one thing both have its colour: “a navy coat, hat and gloves to match”', () => {
		fc.assert(
			fc.property(
				plainColour,
				someOf([
					['hat', 'gloves'],
					['shoes', 'bag'],
					['belt', 'shoes']
				]),
				(colour, [first, second]) => {
					const [coat, ...others] = elementsOf(`a ${colour} coat, ${first} and ${second} to match`);
					const own = hexesOf(coat);
					expect(others.map(hexesOf)).toEqual([own, own]);
				}
			),
			runs
		);
	});
});

describe('a cloth that a hyphen joins to a colour', () => {
	it('is its shade: “glass-green organza” is no glass', () => {
		for (const cloth of ['glass', 'linen', 'velvet', 'lace', 'leather'])
			for (const colour of ['green', 'white', 'black']) {
				const text = `a ${cloth}-${colour} organza cape`;
				expect(facetsIn(text).material, text).toBe('organza');
				expect(facetsIn(text).texture, text).toBeUndefined();
			}
	});
});

describe('a kind named after a label, a comma or in a sentence of its own', () => {
	it('is the kind of the first name: “the coat: a wrap”, “a navy suit, three-piece”', () => {
		expect(typesIn('the coat: a wrap in double-faced wool, oatmeal')).toEqual(['wrap-coat']);
		expect(typesIn('Bag: a bucket, red')).toEqual(['bucket-bag']);
		for (const said of ['navy', 'chalk-stripe', 'grey flannel'])
			expect(typesIn(`a ${said} suit, three-piece`)).toEqual(['three-piece-suit']);
	});
	it('what describes the last thing by its colour is of that, where the next has its own', () => {
		fc.assert(
			fc.property(
				plainColour,
				plainColour,
				someOf(['saree', 'skirt', 'dress']),
				someOf(['blouse', 'belt', 'coat']),
				(own, other, thing, next) => {
					const [first, second] = elementsOf(`The ${thing} is long. ${own} cotton, a ${other} ${next}.`);
					expect(hexesOf(first)).toEqual(hexesOf(elementsOf(`a ${own} ${thing}`)[0]));
					expect(first?.garment.facets.material?.value).toBe('cotton');
					expect(hexesOf(second)).toEqual(hexesOf(elementsOf(`a ${other} ${next}`)[0]));
				}
			),
			runs
		);
	});
});

describe('what cannot be seen', () => {
	it('ends at a comma: “you can’t see her hands, it’s a grey jumper”', () => {
		for (const unseen of [
			'you can’t see her hands',
			'can’t see her face',
			'no view of the feet',
			'can’t see the shoes'
		])
			fc.assert(
				fc.property(plainColour, someOf(clothes), (colour, thing) => {
					const text = `${unseen}, it’s a ${colour} ${thing}`;
					expect(typesIn(text), text).toEqual(typesIn(`a ${colour} ${thing}`));
				}),
				{ numRuns: 20 }
			);
		expect(typesIn('can’t see her shoes or bag, black coat')).toEqual(['overcoat']);
	});
});

describe('what is shown on it', () => {
	it('is kept, known as a print or not: “a navy jumper with frobbers on it”', () => {
		for (const shown of ['cranes', 'reindeer', 'swallows', 'dragons', 'lobsters']) {
			const [only, ...others] = elementsOf(`his jumper has ${shown} on it`);
			expect(others, shown).toEqual([]);
			expect(only?.garment.print?.family.value, shown).toBe('conversational');
		}
		for (const noun of ['jumper', 'shirt', 'dress', 'scarf'])
			for (const joins of ['with', 'has', 'have']) {
				const { elements, things } = readLook(`a navy ${noun} ${joins} frobbers on it`);
				expect(things, noun).toEqual([]);
				expect(elements.map(({ note }) => note)).toEqual(['frobbers']);
			}
	});
});

describe('words that are no things', () => {
	it('“I’d dress it up”, “a cord”, “from one picture” name and colour nothing', () => {
		expect(typesIn('I’d dress it up with a navy blazer')).toEqual(['blazer']);
		expect(typesIn('She’d wear it with jeans')).toEqual(['jeans']);
		expect(typesIn('they’re boots, black')).toEqual(['boots']);
		expect(facetsIn('a red choli, tied with a cord').material).toBeUndefined();
		expect(facetsIn('a red jacket with cord patches').material).toBeUndefined();
		const [shoes, dress] = elementsOf(
			'the shoes from one picture, the red ones, and the dress from the other, which is green'
		);
		expect([shoes, dress].map(hexesOf)).toEqual([
			hexesOf(elementsOf('red shoes')[0]),
			hexesOf(elementsOf('a green dress')[0])
		]);
	});
	it('what is said of a thing that is named again is said of it, and not of what was named between', () => {
		fc.assert(
			fc.property(
				plainColour,
				someOf(['kurta', 'dress', 'coat']),
				someOf(['jeans', 'boots']),
				(colour, thing, other) => {
					const [first, second] = elementsOf(
						`a ${thing} over ${other}, the ${thing} is short, striped, ${colour}`
					);
					expect(first?.garment.print?.family.value).toBe('stripe');
					expect(hexesOf(first)).toEqual(hexesOf(elementsOf(`a ${colour} ${thing}`)[0]));
					expect(second?.garment.palette).toEqual([]);
				}
			),
			runs
		);
	});
});
