import { describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import { colourWords } from '../lexicon/colours';
import { facetIds, facetOf } from '../lexicon/facets';
import { garmentTypes } from '../lexicon/taxonomy';
import { readLook } from './read-look';
import { alternatives, rephrased, withoutPhrase, withWord } from './rephrase';
import { saidOver } from './said-over';

const phraseIn = (text: string, words: string) => {
	const reading = readLook(text);
	const phrase = reading.phrases.find((one) => one.text === words);
	if (!phrase) throw new Error(`"${words}" is no phrase of "${text}"`);
	return { reading, phrase };
};
const hexOf = (word: string) => colourWords.find((colour) => colour.word === word)?.hex ?? '';

describe('putting a phrase right', () => {
	it('writes the words that the reader then takes so', () => {
		const { reading, phrase } = phraseIn('navy trousers, high rise, white tee', 'high rise');
		expect(rephrased(reading, phrase, { aspect: 'rise', value: 'low' })).toMatch(/^navy trousers, low/);
	});
	it('of a colour, a type, a move', () => {
		const colour = phraseIn('navy trousers', 'navy');
		expect(rephrased(colour.reading, colour.phrase, { aspect: 'palette', value: hexOf('rust') })).toBe(
			'rust trousers'
		);
		const type = phraseIn('navy trousers', 'trousers');
		expect(rephrased(type.reading, type.phrase, { aspect: 'type', value: 'chinos' })).toBe('navy chinos');
		const move = phraseIn('white shirt, half tucked', 'half tucked');
		expect(rephrased(move.reading, move.phrase, { aspect: 'move', value: 'knotted' })).toBe(
			'white shirt, knotted at the waist'
		);
	});
	it.each(facetIds)('can say every value of %s that it offers', (facet) => {
		// What is strung or set is no cloth: it is said of one kind and not of another.
		const readings = garmentTypes
			.filter(({ general, facets }) => general && facets.includes(facet))
			.map(({ singular }) => readLook(`${singular} zorb`));
		const canSay = (value: string) =>
			readings.some((reading) => {
				const zorb = reading.phrases.at(-1);
				return zorb && rephrased(reading, { ...zorb, element: 0 }, { aspect: facet, value });
			});
		const unsaid = facetOf(facet).values.filter(({ id }) => !canSay(id));
		expect(unsaid.map(({ id }) => id)).toEqual([]);
	});
	it('says nothing where a value has no place', () => {
		const { reading, phrase } = phraseIn('navy trousers', 'navy');
		expect(rephrased(reading, phrase, { aspect: 'heelHeight', value: 'high' })).toBeUndefined();
	});
	it('offers what else it could be', () => {
		const { reading, phrase } = phraseIn('black vest', 'vest');
		expect(alternatives(reading, phrase).map(({ value }) => value)).toContain('camisole');
		const rise = phraseIn('trousers, high rise', 'high rise');
		expect(alternatives(rise.reading, rise.phrase).map(({ value }) => value)).toEqual(['low', 'mid', 'high']);
	});
	it('takes a phrase out and closes the gap', () => {
		const { phrase } = phraseIn('navy trousers, zorbled, white tee', 'zorbled');
		expect(withoutPhrase('navy trousers, zorbled, white tee', phrase)).toBe('navy trousers, white tee');
	});
	it('puts another word for one that is not known', () => {
		const { phrase } = phraseIn('navy blzer', 'blzer');
		expect(withWord('navy blzer', phrase, 'blazer')).toBe('navy blazer');
	});
});

describe('what is said over a garment', () => {
	const jeans = garment('jeans', ['mid denim'], { rise: 'high', leg: 'straight' });
	it('takes the place of what was noted, and leaves the rest', () => {
		const { garment: changed } = saidOver(jeans, 'low rise, in black');
		expect(changed).toMatchObject({
			type: 'jeans',
			facets: { rise: { value: 'low' }, leg: { value: 'straight' } }
		});
		expect(changed?.palette[0]?.hex).toBe(hexOf('black'));
	});
	it('changes the type, and drops what the new one cannot have', () => {
		const { garment: changed } = saidOver(jeans, 'denim skirt');
		expect(changed?.type).toBe('denim-skirt');
		expect(changed?.facets.leg).toBeUndefined();
		expect(changed?.facets.rise?.value).toBe('high');
	});
	it('changes nothing while nothing is said', () => expect(saidOver(jeans, '  ').garment).toBe(jeans));
	it('begins with the first thing that is named', () => {
		expect(saidOver(undefined, 'navy coat and hat').garment?.type).toBe('overcoat');
		expect(saidOver(undefined, 'navy').garment).toBeUndefined();
	});
});
