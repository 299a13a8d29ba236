/** Words that nobody here chose: nouns of WordNet 3.1 (Princeton University) for what is worn and what it is made of. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { readLook } from '../../src/lib/core';
import { outcomeOf } from '../limits';
import { hexesIn, hexesOf } from '../read';

const lists = new Map(
	readFileSync(join(import.meta.dirname, 'data/wordnet-nouns.txt'), 'utf8')
		.replace(/^#.*$/gm, '')
		.split(/^(?=\w+:$)/m)
		.map((part) => part.trim())
		.filter(Boolean)
		.map((part): [string, string[]] => {
			const [name = '', words = ''] = part.split(':');
			return [name, words.split(',').map((word) => word.trim())];
		})
);
const wordsOf = (name: string) => lists.get(name) ?? [];

const isColour = (word: string) => hexesIn(`${word} dress`).flat().length > 0;

describe('what is worn, by any name', () => {
	const worn = wordsOf('worn');
	const looks = new Map(worn.map((word) => [word, readLook(`a navy ${word} and a white shirt`)]));

	it('is there in hundreds', () => expect(worn.length).toBeGreaterThan(900));

	it('hands nothing that is said of it to what is named after it', () => {
		// A bodice is a part of what follows; the others are small words besides: "a strand of pearls", "hand wear", "in hand".
		const small = new Set([
			'bodice',
			'strand',
			'flipper',
			'hand wear',
			'article of clothing',
			'four-in-hand'
		]);
		const handed = worn
			.filter((word) => !isColour(word) && !small.has(word))
			.filter((word) => {
				const shirts = looks.get(word)?.elements.filter(({ garment }) => garment.type === 'shirt') ?? [];
				return !shirts.some((shirt) => hexesOf(shirt).length === 1);
			});
		expect(handed).toEqual([]);
	});

	it('is mostly known, and asked where it is not', () => {
		const known = [...looks.values()].filter(
			({ elements, things, phrases }) =>
				elements.length > 1 &&
				things.length === 0 &&
				phrases.every(({ status }) => status !== 'unknown' && status !== 'doubted')
		);
		// The rest are armour, vestments and pads, or words for clothes in general, which are asked.
		expect(known.length / worn.length).toBeGreaterThan(0.55);
	});
});

describe('skins, by any name', () => {
	it('pass no limit in silence', () => {
		// Parts of a shoe, colours, a cloth and a print by the same name.
		const others =
			'buff, calf, counter, crush, doeskin, fleece, grain, heel counter, leopard, mocha, quarter';
		const parts = 'saddle, skin, toe box, undercoat, upper, vamp';
		const meant = new Set([...others.split(', '), ...parts.split(', ')]);
		const passed = ['no leather or fur', 'no animal skins']
			.flatMap((limit) =>
				wordsOf('skins')
					.filter((word) => !meant.has(word))
					.map((word) => ({ limit, look: `a brown ${word} coat`, wanted: 'y' as const }))
			)
			.filter((one) => outcomeOf(one) === 'n')
			.map(({ limit, look }) => `${limit} | ${look}`);
		expect(passed).toEqual([]);
	});
});

it('colours, by any name, are colours and ask nothing besides', () => {
	const known = wordsOf('colours').filter((word) => isColour(word));
	expect(known.length / wordsOf('colours').length).toBeGreaterThan(0.7);
});

it('what a thing is of leaves a trace, or is asked', () => {
	const general = new Set('cloth fabric material textile print flash'.split(' '));
	const bare = JSON.stringify(readLook('a skirt').elements.map(({ garment, note }) => [garment, note]));
	const lost = wordsOf('cloths').filter((word) => {
		const { elements, phrases } = readLook(`a ${word} skirt`);
		const isTold = JSON.stringify(elements.map(({ garment, note }) => [garment, note])) !== bare;
		return !isTold && phrases.every(({ status }) => status !== 'unknown' && status !== 'doubted');
	});
	expect(lost.filter((word) => !general.has(word.replace('piece of ', '')))).toEqual([]);
});
