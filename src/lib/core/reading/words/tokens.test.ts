import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { garmentTypes } from '../../lexicon/taxonomy';
import { normalised, tokensOf, wordsOf } from './tokens';

const words = (text: string) => tokensOf(text).map(({ word }) => word);

describe('the words of a phrase', () => {
	it('are those of a text, whatever stands in it: a law', () => {
		const character = fc.constantFrom(
			...'abgloryw',
			' ',
			' ',
			'-',
			'-',
			'É',
			'’',
			'/',
			'5',
			'.',
			'&',
			'(',
			')'
		);
		fc.assert(
			fc.property(fc.string({ unit: character, maxLength: 24 }), (text) => {
				expect(wordsOf(text)).toEqual(words(text));
			}),
			{ numRuns: 2000 }
		);
	});
	it('are those of a text for every name of the lexicon', () => {
		for (const { singular, plural, words: others } of garmentTypes)
			for (const name of [singular, plural, ...others.map(({ word }) => word)])
				expect(wordsOf(name), name).toEqual(words(name));
	});
	it.each([
		['Fair-Isle', ['fair', 'isle']],
		['gray pajamas', ['grey', 'pyjamas']],
		['rosé gold', ['rose', 'gold']],
		['blk jkt w/ btns', ['black', 'jacket', 'with', 'buttons']],
		['it’s', ['is']],
		['its', ['its']]
	])('%s', (phrase, expected) => expect(wordsOf(phrase)).toEqual(expected));
	it('are spelt one way, however they are written', () =>
		expect(['Grey', 'GRAY', 'gray', 'gry'].map(normalised)).toEqual(['grey', 'grey', 'grey', 'grey']));
});
