/** Laws of things that are told without a name of their own, and of animals that are drawn and not worn. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readLook } from '../../src/lib/core';
import { hexesIn, hexesOf, someOf, typesIn } from '../read';

const runs = { numRuns: 120 };
const colour = someOf(['red', 'navy', 'mint green', 'dusty pink', 'mustard', 'off-white']);
const thing = someOf([
	['shirt', 'shirt'],
	['pair of boots', 'boots'],
	['straw hat', 'straw-hat'],
	['leather belt', 'belt'],
	['wool coat', 'overcoat']
] as const);
const coloursOf = (type: string, text: string) =>
	hexesOf(readLook(text).elements.find(({ garment }) => garment.type === type));

describe('a word for a thing of no one kind', () => {
	const vague = someOf(['affair', 'creation', 'item', 'garment', 'uniform', 'costume', 'getup']);
	const between = someOf([', ', '; ', ' with ', ' and ', ' over ']);
	it('is a thing that is asked, with what is said of it, and hands nothing to what comes after', () => {
		fc.assert(
			fc.property(colour, vague, between, thing, (said, word, joined, [name, type]) => {
				const text = `a ${said} ${word}${joined}a ${name}`;
				expect(coloursOf(type, text), text).toEqual(coloursOf(type, `a ${name}`));
				expect(
					readLook(text).things.map((one) => [one.word, one.said]),
					text
				).toEqual([[word, [said]]]);
			}),
			runs
		);
	});
	it('says more of what has a name', () => {
		for (const text of ['her coat is a huge orange thing', 'her coat, a big orange thing, over jeans'])
			expect(coloursOf('overcoat', text), text).toHaveLength(1);
		expect(readLook('the key piece is a red coat').things).toEqual([]);
		expect(readLook('a lovely red dress, nice piece').things).toEqual([]);
	});
});

describe('what is under a layer', () => {
	const layer = someOf([
		['camel coat', 'overcoat'],
		['trench', 'trench-coat'],
		['blazer', 'blazer'],
		['long cardigan', 'cardigan'],
		['denim jacket', 'denim-jacket']
	] as const);
	const under = someOf([
		'black',
		'white',
		'navy',
		'dusty pink',
		'black and white',
		'lace',
		'stripes',
		'sequins'
	]);
	it('is a thing that is asked where its colour, cloth or print is all that is told, and says nothing of the layer', () => {
		fc.assert(
			fc.property(layer, under, thing, ([name, type], said, [next, nextType]) => {
				fc.pre(type !== nextType);
				const text = `a ${name} over ${said}, a ${next}`;
				const garmentOf = (one: string, of: string) =>
					readLook(one).elements.find(({ garment }) => garment.type === of)?.garment;
				expect(garmentOf(text, type), text).toEqual(garmentOf(`a ${name}`, type));
				expect(garmentOf(text, nextType), text).toEqual(garmentOf(`a ${next}`, nextType));
				expect(readLook(text).things, text).toHaveLength(1);
			}),
			runs
		);
	});
	it('is the lining of what is no layer', () => {
		expect(coloursOf('dress', 'a dress in black lace over nude')).toHaveLength(2);
	});
});

describe('a cloth with an article of its own', () => {
	const first = someOf([
		['white tank', 'vest-top'],
		['navy tee', 't-shirt'],
		['striped shirt', 'shirt']
	] as const);
	const how = someOf(['unbuttoned', 'oversized', 'rolled-sleeve', 'cropped', 'pale blue']);
	const cloth = someOf(['flannel', 'chambray', 'denim', 'linen', 'corduroy', 'velvet']);
	it('is another thing than the one before it, named or asked, and says nothing of that', () => {
		fc.assert(
			fc.property(
				first,
				someOf([', an ', ', a ', ' and an ', ' under an ', ' with an ']),
				how,
				cloth,
				([name, type], joined, said, of) => {
					const text = `a ${name}${joined.replace('an ', /^[aeou]/.test(said) ? 'an ' : 'a ')}${said} ${of}, brown boots`;
					const garmentOf = (one: string, kind: string) =>
						readLook(one).elements.find(({ garment }) => garment.type === kind)?.garment;
					expect(garmentOf(text, type), text).toEqual(garmentOf(`a ${name}`, type));
					expect(garmentOf(text, 'boots'), text).toEqual(garmentOf('brown boots', 'boots'));
				}
			),
			runs
		);
	});
	it('is another thing than what is named in the plural', () => {
		const many = someOf(['opera gloves', 'pearls', 'hoops', 'glasses', 'jeans', 'boots']);
		const named = someOf([
			['fur', 'fur-coat'],
			['leather', 'leather-jacket'],
			['shearling', 'shearling-jacket']
		] as const);
		const worn = someOf(['', ' over one arm', ' on the shoulders']);
		fc.assert(
			fc.property(many, named, worn, (first, [cloth, type], how) => {
				const text = `${first}, a ${cloth}${how}`;
				expect(typesIn(text), text).toEqual([...typesIn(first), type]);
				expect(readLook(text).elements[0]?.garment, text).toEqual(readLook(first).elements[0]?.garment);
			}),
			runs
		);
	});
	it('is a thing of its own with what it has, before what is never of it', () => {
		const has = someOf(['', ' with a hole', ' with patches', ' with deep turn-ups', ' with pearl buttons']);
		const cloth = someOf([
			['raw denim', 'jeans', 'boots'],
			['navy cashmere', 'jumper', 'jeans'],
			['grey mohair', 'jumper', 'jeans']
		] as const);
		const before = someOf(['', 'a grey sweatshirt, ', 'a grey sweatshirt, hood out, ', 'a red coat, ']);
		fc.assert(
			fc.property(before, cloth, has, (first, [words, type, next], what) => {
				fc.pre(type === 'jeans' || what !== ' with deep turn-ups');
				fc.pre(type === 'jeans' ? what !== ' with pearl buttons' : !first.includes('sweatshirt'));
				// "Raw denim, boots" may be of the boots.
				fc.pre(first !== '' || type !== 'jeans' || what !== '');
				const text = `${first}${words}${what}, ${next}`;
				expect(typesIn(text), text).toEqual([...typesIn(first), type, next]);
				expect(hexesOf(readLook(text).elements.at(-1)), text).toEqual(hexesOf(readLook(next).elements[0]));
			}),
			runs
		);
	});
	it('is another thing than what it is worn over, named or asked', () => {
		const cloths = someOf(['flannel', 'leather', 'denim', 'cashmere', 'silk', 'velvet', 'tweed', 'linen']);
		const worn = someOf(['', ' worn open', ' slung']);
		const under = someOf([
			['grey henley', 'henley'],
			['white tee', 't-shirt'],
			['slip dress', 'slip-dress'],
			['striped shirt', 'shirt']
		] as const);
		const before = someOf(['', 'checked ', 'navy ', 'silk trousers, ', 'cotton skirt, navy ']);
		fc.assert(
			fc.property(before, cloths, worn, under, (said, cloth, how, [name, type]) => {
				const text = `${said}${cloth}${how} over a ${name}, boots`;
				const { elements, things } = readLook(text);
				const told = said.includes(',') ? 1 : 0;
				expect(elements.length + things.length, text).toBe(told + 3);
				const garmentOf = (one: string) =>
					readLook(one).elements.find(({ garment }) => garment.type === type)?.garment;
				expect(garmentOf(text), text).toEqual(garmentOf(`a ${name}`));
			}),
			runs
		);
	});
	it('tells of the one before it after "the" and with "one"', () => {
		expect(readLook('her coat, a navy wool, is long').things).toEqual([]);
		expect(readLook('a coat, a heavy wool one, boots').things).toEqual([]);
	});
});

describe('how a thing is, in place of its name', () => {
	const how = someOf([
		'waterproof',
		'pinstripe',
		'raglan',
		'wraparound',
		'tweed',
		'reversible',
		'sleeveless'
	]);
	const between = someOf([' and a ', ' over a ', ' with a ']);
	it('is a thing that is asked, before another with an article', () => {
		fc.assert(
			fc.property(colour, how, between, thing, (said, word, joined, [name, type]) => {
				const text = `a ${said} ${word}${joined}${name}`;
				expect(coloursOf(type, text), text).toEqual(coloursOf(type, `a ${name}`));
				expect(
					readLook(text).things.map((one) => one.word),
					text
				).toEqual([word]);
			}),
			runs
		);
	});
});

describe('one name for two things', () => {
	const names = someOf([
		['bangle', 'bangle'],
		['belt', 'belt'],
		['scarf', 'scarf'],
		['silk shirt', 'shirt'],
		['tote', 'tote']
	] as const);
	it('is said of both, each in its colour', () => {
		fc.assert(
			fc.property(colour, colour, names, (first, second, [name, type]) => {
				fc.pre(first !== second);
				const text = `a ${first} and a ${second} ${name}`;
				expect(typesIn(text), text).toEqual([type, type]);
				expect(hexesIn(text), text).toEqual([
					hexesIn(`${first} ${name}`)[0],
					hexesIn(`${second} ${name}`)[0]
				]);
			}),
			runs
		);
	});
	it('is of one thing where the article is said once', () =>
		expect(typesIn('a red and white scarf')).toEqual(['scarf']));
});

describe('a print of no kind', () => {
	it('is kept as it is told, and colours nothing that comes after it', () => {
		fc.assert(
			fc.property(
				someOf(['dress with a ', 'blouse with a small ', 'skirt, large ', 'shirt with tiny ']),
				colour,
				someOf(['print', 'pattern', 'motif']),
				someOf([', ', ' and ', '; ', ', a ']),
				(garment, said, word, joined) => {
					const text = `a black ${garment}${said} ${word}${joined}tan tote`;
					const [first, tote] = readLook(text).elements;
					expect([hexesOf(first), hexesOf(tote)], text).toEqual([
						hexesIn('black dress')[0],
						hexesIn('tan tote')[0]
					]);
					expect(first?.note, text).toContain(`${said} ${word}`);
				}
			),
			runs
		);
	});
});

it('a chain on which a jewel or glasses hang is no strap of the bag before them', () => {
	for (const hung of ['gold pendant', 'locket', 'cross', 'glasses'])
		for (const on of ['on a fine chain', 'on a chain', 'on a silver chain']) {
			const text = `a straw tote, a ${hung} ${on}`;
			expect(readLook(text).elements[0]?.garment, text).toEqual(
				readLook('a straw tote').elements[0]?.garment
			);
		}
});

describe('animals', () => {
	const animal = someOf(['fox', 'rabbit', 'otter', 'squirrel', 'beaver']);
	const cloth = (text: string) => readLook(text).elements[0]?.garment.facets.material?.value;
	it('are drawn, and no fur, on a thing or in a print', () => {
		fc.assert(
			fc.property(
				animal,
				someOf(['a jumper with a X on it', 'a X print top', 'a blouse with a X motif', 'a X-print dress']),
				(name, said) => {
					const text = said.replace('X', name);
					const [garment] = readLook(text).elements;
					expect([garment?.garment.print?.family.value, cloth(text)], text).toEqual([
						'conversational',
						undefined
					]);
					expect(garment?.note, text).toContain(name);
				}
			),
			runs
		);
	});
	it('are fur as what a thing is of', () => {
		fc.assert(
			fc.property(animal, someOf(['jacket', 'waistcoat', 'muff']), (name, garment) => {
				expect(cloth(`a ${name} ${garment}`), `${name} ${garment}`).toBe('fur');
			}),
			runs
		);
	});
});
