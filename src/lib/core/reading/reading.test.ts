import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { labelledPhrases, scoreReading } from '../../../../tests/phrases';
import { labelledSentences } from '../../../../tests/sentences';
import { familyOf } from '../colour/family';
import { labOfHex } from '../colour/spaces';
import { colourWords } from '../lexicon/colours';
import { facetOf } from '../lexicon/facets';
import { facetPhrases } from '../lexicon/facet-words';
import { materialFamilies, materials } from '../lexicon/materials';
import { moveIds, moveOf } from '../lexicon/moves';
import { prints } from '../lexicon/prints';
import { garmentType, garmentTypes } from '../lexicon/taxonomy';
import { elementSchema, type Element } from '../model/reference';
import { readLook } from './read-look';
import { tokensOf } from './words/tokens';

const hexOf = (word: string) => colourWords.find((colour) => colour.word === word)?.hex;
const types = (text: string) => readLook(text).elements.map(({ garment }) => garment.type);
const only = (text: string): Element => {
	const { elements } = readLook(text);
	expect(elements, text).toHaveLength(1);
	return elements[0] as Element;
};
const facet = ({ garment }: Element, id: keyof Element['garment']['facets']) => garment.facets[id]?.value;
const colours = ({ garment }: Element) => garment.palette.map(({ hex }) => hex);
const strange = (text: string) =>
	readLook(text)
		.phrases.filter(({ status }) => status === 'unknown' || status === 'doubted')
		.map((phrase) => phrase.text);

describe('every word of the lexicon is read', () => {
	it.each(garmentTypes.map(({ singular, id }) => [singular, id]))('%s', (singular, id) => {
		expect(types(singular)).toEqual([id]);
	});
	it('plurals and other words as well, in the words of their side of the Atlantic', () => {
		const missed = garmentTypes.flatMap(({ id, plural, words }) =>
			[{ word: plural, locale: undefined }, ...words]
				.filter(({ word, locale }) => {
					const { elements, questions } = readLook(word, { words: locale ?? 'uk' });
					const choices = questions.flatMap((question) => question.choices);
					return elements[0]?.garment.type !== id && !choices.includes(id);
				})
				.map(({ word }) => `${word} (${id})`)
		);
		expect(missed).toEqual([]);
	});
	it('colours, by all their words', () => {
		for (const { word, also, hex } of colourWords)
			for (const said of [word, ...also]) expect(colours(only(`${said} coat`)), said).toContain(hex);
	});
	it('prints', () => {
		for (const { id, label } of prints)
			expect(only(`${label} dress`).garment.print?.family.value, label).toBe(id);
	});
	it('materials', () => {
		const strung = materialFamilies.at(-1) ?? [];
		for (const { id, label } of materials) {
			const text = strung.some((one) => one.id === id) ? `${label} pendant` : `coat in ${label}`;
			expect(facet(only(text), 'material'), label).toBe(id);
		}
	});
	it('moves, of a piece that they can be done with', () => {
		const missed = moveIds.filter((move) => {
			const { label, slots } = moveOf(move);
			return !garmentTypes.some(
				({ general, slot, singular }) =>
					general &&
					slots.includes(slot) &&
					readLook(`${singular}, ${label}`).elements[0]?.moves.includes(move)
			);
		});
		expect(missed).toEqual([]);
	});
	it('every value of every facet, beside a garment that can have it', () => {
		const parts: Partial<Record<string, string>> = {
			neckline: 'neck',
			collar: 'collar',
			lapel: 'lapels',
			sleeveShape: 'sleeves',
			sleeveLength: 'sleeves',
			shoulder: 'shoulders',
			heelShape: 'heel',
			heelHeight: 'heel',
			toe: 'toe',
			sole: 'sole',
			strap: 'strap',
			closure: 'fastening',
			rise: 'rise',
			waistline: 'waist',
			leg: 'leg',
			hemDetail: 'hem',
			brim: 'brim',
			frame: 'frame',
			back: 'back',
			shaft: 'shaft',
			fit: 'fit',
			sheen: 'finish',
			texture: 'weave',
			topLength: 'length',
			hemLength: 'length',
			legLength: 'length',
			hairLength: 'length',
			skirtShape: 'skirt'
		};
		const missed: string[] = [];
		for (const type of garmentTypes.filter(({ general }) => general))
			for (const id of type.facets)
				for (const { id: value, label } of facetOf(id).values) {
					const said = [
						...facetPhrases
							.filter((one) => one.facet === id && one.value === value && one.free)
							.map(({ phrase }) => `${type.singular}, ${phrase}`),
						`${label} ${type.singular}`,
						`${type.singular}, ${label}`,
						`${type.singular} with ${label} ${parts[id] ?? ''}`,
						`${type.singular}, ${label}-${id === 'sleeveLength' ? 'sleeved' : 'length'}`
					];
					const read = said.some((text) => readLook(text).elements.some((one) => facet(one, id) === value));
					if (!read) missed.push(`${id}=${value}`);
				}
		const never = [...new Set(missed)].filter(
			(claim) =>
				missed.filter((other) => other === claim).length ===
				garmentTypes.filter(({ general, facets }) => general && facets.includes(claim.split('=')[0] as never))
					.length
		);
		expect(never).toEqual([]);
	});
});

describe('a phrase', () => {
	it('lends the words before and after the garment to it', () => {
		const jeans = only('washed-black straight jeans, high rise, frayed hem');
		expect(jeans.garment.type).toBe('straight-jeans');
		expect(colours(jeans)).toEqual([hexOf('washed black')]);
		expect(facet(jeans, 'rise')).toBe('high');
		expect(facet(jeans, 'hemDetail')).toBe('frayed');
	});
	it('leaves a detail’s colour with the detail', () => {
		const bag = only('black bag with gold hardware');
		expect(colours(bag)).toEqual([hexOf('black')]);
		expect(bag.garment.metal?.value).toBe('gold');
		const shirt = only('white shirt with a contrast blue collar');
		expect(colours(shirt)).toEqual([hexOf('white')]);
		expect(shirt.note).toBe('blue collar');
	});
	it('takes several colours for one piece, and a print with its colours', () => {
		expect(colours(only('red, white and blue striped jumper'))).toEqual(['red', 'white', 'blue'].map(hexOf));
		const dress = only('white spots on a navy dress');
		expect(colours(dress)).toEqual([hexOf('navy'), hexOf('white')]);
		expect(dress.garment.print?.family.value).toBe('spot');
	});
	it('takes a scale for the print that it stands before', () => {
		expect(only('tiny white polka dots on a red blouse').garment.print?.scale?.value).toBe('tiny');
		expect(only('blouse with bold stripes').garment.print?.scale?.value).toBe('large');
		expect(facet(only('tiny bag'), 'size')).toBe('micro');
	});
	it('lends one word before two things that go together to both', () => {
		const { elements } = readLook('suede boots and bag');
		expect(elements.map((one) => facet(one, 'material'))).toEqual(['suede', 'suede']);
		expect(colours(readLook('white shirt and jeans').elements[1] as Element)).toEqual([]);
		expect(colours(readLook('black boots and a bag').elements[1] as Element)).toEqual([]);
	});
	it('matches what is said to match', () => {
		const [jacket, skirt] = readLook('green tweed jacket and matching skirt').elements;
		expect(skirt?.garment.palette).toEqual(jacket?.garment.palette);
		expect(facet(skirt as Element, 'material')).toBe('tweed');
	});
	it('binds moves to their piece', () => {
		const [shirt, trousers] = readLook(
			'white shirt, cuffs turned back, half tucked, black trousers'
		).elements;
		expect(shirt?.moves).toEqual(['cuffs-turned-back', 'half-tucked']);
		expect(trousers?.moves).toEqual([]);
		expect(only('oversized shirt belted as a dress').moves).toEqual(['belted', 'as-dress']);
		expect(only('silk scarf tied as a belt').moves).toEqual(['as-belt']);
	});
	it('keeps what is denied out, and says so', () => {
		const reading = readLook('white shirt, no belt, not too shiny');
		expect(reading.elements).toHaveLength(1);
		expect(reading.absent).toEqual(['belt']);
		expect(reading.elements[0]?.garment.facets).toEqual({});
		expect(reading.phrases.filter(({ status }) => status === 'denied').map(({ text }) => text)).toEqual([
			'belt',
			'shiny'
		]);
		expect(readLook('suit without socks or a tie').absent).toEqual(['socks', 'tie']);
		expect(facet(only('knitted dress without sleeves'), 'sleeveLength')).toBe('sleeveless');
	});
	it('separates what is worn over and under', () => {
		expect(types('camel coat over a white tee under a grey suit')).toEqual(['overcoat', 't-shirt', 'suit']);
	});
	it('takes a guess as inferred', () => {
		expect(only('probably silk blouse').garment.facets.material?.provenance).toBe('inferred');
		expect(only('silk blouse').garment.facets.material?.provenance).toBe('seen');
		expect(
			readLook('silk blouse', { provenance: 'said' }).elements[0]?.garment.facets.material?.provenance
		).toBe('said');
	});
	it('lends a cloth that is named after a colour its colour, unless another is said', () => {
		expect(familyOf(labOfHex(colours(only('denim jacket'))[0] ?? ''))).toBe('denim');
		expect(only('denim jacket').garment.palette[0]?.provenance).toBe('inferred');
		expect(colours(only('black denim jacket'))).toEqual([hexOf('black')]);
		expect(colours(only('camel coat'))).toEqual([hexOf('camel')]);
	});
	it('reads figures of a heel', () => {
		expect(facet(only('black pumps, 4 cm heel'), 'heelHeight')).toBe('kitten');
		expect(facet(only('sandals with a four-inch heel'), 'heelHeight')).toBe('high');
	});
	it('deepens and lightens colours', () => {
		const light = (text: string) => labOfHex(colours(only(text))[0] ?? '').l;
		expect(light('dark teal coat')).toBeLessThan(light('teal coat'));
		expect(light('pale teal coat')).toBeGreaterThan(light('teal coat'));
	});
	it('takes a metal for jewellery and a colour for cloth', () => {
		expect(only('gold hoops').garment.metal?.value).toBe('gold');
		expect(only('gold hoops').garment.palette).toEqual([]);
		expect(colours(only('gold dress'))).toEqual([hexOf('gold')]);
	});
	it('understands one garment’s name before another’s', () => {
		expect(types('sweatshirt dress')).toEqual(['dress']);
		expect(facet(only('polo-neck dress'), 'neckline')).toBe('roll');
		expect(types('beret hat')).toEqual(['beret']);
		expect(facet(only('dress with kimono sleeves'), 'sleeveShape')).toBe('kimono');
	});
	it('knows a part from a piece', () => {
		expect(types('ball gown with a full tulle skirt')).toEqual(['ball-gown']);
		expect(types('jacket with a pencil skirt')).toEqual(['jacket', 'pencil-skirt']);
		expect(types('boots with a high heel')).toEqual(['boots']);
		expect(types('black dress, gold heels')).toEqual(['dress', 'heels']);
	});
});

describe('words that mean two things', () => {
	it('are taken in the studio’s words, and asked', () => {
		const uk = readLook('black vest');
		expect(uk.elements[0]?.garment.type).toBe('vest-top');
		expect(uk.questions).toMatchObject([{ word: 'vest', taken: 'vest-top' }]);
		const us = readLook('black vest', { words: 'us' });
		expect(us.elements[0]?.garment.type).toBe('waistcoat');
		for (const word of ['vest', 'jumper', 'pants', 'suspenders', 'purse'])
			expect(readLook(word).questions[0]?.choices, word).toHaveLength(2);
	});
	it('are not asked where what is said decides', () => {
		const reading = readLook('wide-leg pants');
		expect(reading.elements[0]?.garment.type).toBe('wide-leg-trousers');
		expect(reading.questions).toEqual([]);
	});
	it('of one side only are understood on the other', () => {
		expect(types('sneakers')).toEqual(['trainers']);
		expect(readLook('sneakers').questions).toEqual([]);
	});
});

describe('the account of a reading', () => {
	it('says for every word what it was taken for', () => {
		expect(
			readLook('a navy blazer, zorbled').phrases.map(({ text, status, takenFor }) => [text, status, takenFor])
		).toEqual([
			['a', 'idle', 'carries nothing to compare'],
			['navy', 'understood', 'colour: navy'],
			['blazer', 'understood', 'garment: blazer'],
			['zorbled', 'unknown', 'not known']
		]);
	});
	it('offers the word that was meant', () => {
		const strangeIn = (text: string) =>
			readLook(text).phrases.find(({ status }) => status === 'unknown' || status === 'doubted');
		expect(strangeIn('navy blzer')).toMatchObject({ status: 'doubted', suggestions: ['blazer'] });
		expect(strangeIn('corduory trousers')?.suggestions?.[0]).toBe('corduroy trousers');
		expect(strangeIn('zzzzzz')).toMatchObject({ status: 'unknown' });
		expect(strangeIn('zzzzzz')?.suggestions).toBeUndefined();
	});
	it('covers any text, in order, and never throws; the same text reads the same', () => {
		const words = fc.constantFrom(
			...[
				'black',
				'boots',
				'with',
				'and',
				'no',
				'gold',
				'over',
				'as',
				'a',
				'matching',
				'heel',
				',',
				'.',
				'half tucked',
				'dress',
				'in',
				'not',
				'sleeves',
				'zorb',
				'vest',
				'or',
				'but',
				'stripes',
				'on'
			]
		);
		const text = fc.oneof(
			fc.string(),
			fc.array(words, { maxLength: 14 }).map((list) => list.join(' '))
		);
		fc.assert(
			fc.property(text, (said) => {
				const reading = readLook(said);
				expect(reading).toEqual(readLook(said));
				for (const { start, end, text: phrase } of reading.phrases)
					expect(said.slice(start, end)).toBe(phrase);
				const covered = (at: number) => reading.phrases.some(({ start, end }) => start <= at && at < end);
				for (const { start } of tokensOf(said)) expect(covered(start)).toBe(true);
				expect(reading.phrases.map(({ start }) => start)).toEqual(
					reading.phrases.map(({ start }) => start).sort((a, b) => a - b)
				);
				for (const element of reading.elements)
					expect(elementSchema.safeParse(element).error).toBeUndefined();
			}),
			{ numRuns: 400 }
		);
	});
	it('finds nothing strange in a look that it was made for', () => {
		const look =
			'She wears a cropped black leather jacket over a white ribbed tank with high-waisted straight jeans, cuffed at the ankle, black boots and a tiny red bag. Hair in a low bun, red lips.';
		expect(strange(look)).toEqual([]);
		expect(types(look)).toEqual([
			'leather-jacket',
			'vest-top',
			'straight-jeans',
			'boots',
			'handbag',
			'low-bun',
			'lipstick'
		]);
	});
});

const tuned = (name: 'sentences' | 'more-sentences') => labelledSentences(name).filter(({ held }) => !held);
describe.each([
	{ what: 'the labelled phrases', phrases: labelledPhrases(), least: 120, facets: 0.93 },
	{
		what: 'sentences of five kinds of writer, the half for tuning',
		phrases: tuned('sentences'),
		least: 120,
		facets: 0.97
	},
	{ what: 'more of them, the half for tuning', phrases: tuned('more-sentences'), least: 50, facets: 0.97 }
])('$what', ({ phrases, least, facets }) => {
	const score = scoreReading(phrases);
	it(`are at least ${least}`, () => expect(phrases.length).toBeGreaterThanOrEqual(least));
	it('have their elements read with precision and recall of .97', () => {
		expect(score.elements.precision).toBeGreaterThanOrEqual(0.97);
		expect(score.elements.recall).toBeGreaterThanOrEqual(0.97);
	});
	it(`have their features read with precision and recall of ${facets}`, () => {
		expect(score.facets.precision).toBeGreaterThanOrEqual(facets);
		expect(score.facets.recall).toBeGreaterThanOrEqual(facets);
	});
});

it('gives each division a usual role', () => {
	const role = (text: string) => only(text).role;
	expect([role('coat'), role('boots'), role('red lipstick')]).toEqual(['key', 'support', 'finish']);
	expect(garmentType('overcoat').general).toBe(true);
});
