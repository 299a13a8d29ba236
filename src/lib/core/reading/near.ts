import { distance } from 'fastest-levenshtein';
import { vocabulary } from './phrasebook';

const byLength = new Map<number, string[]>();
for (const word of [...vocabulary].sort())
	byLength.set(word.length, [...(byLength.get(word.length) ?? []), word]);

/** How many letters may be wrong: one of a short word, two of a long one (common practice of spelling aids). */
const allowed = (length: number) => (length < 4 ? 0 : length < 6 ? 1 : 2);

/** Two letters changed places, which an edit distance counts as two mistakes and a hand makes as one. */
const swapped = (a: string, b: string) =>
	a !== b &&
	a.length === b.length &&
	[...a].sort().join('') === [...b].sort().join('') &&
	distance(a, b) <= 2;

const most = 3;

/** Words of the lexicon that an unknown word may have been meant for, nearest first; at most three. */
export function suggestionsFor(word: string): string[] {
	if (vocabulary.has(word)) return [];
	const limit = allowed(word.length);
	const near: { word: string; apart: number }[] = [];
	for (let length = word.length - limit; length <= word.length + limit; length++)
		for (const known of byLength.get(length) ?? []) {
			const apart = swapped(word, known) ? 1 : distance(word, known);
			if (apart > 0 && (apart <= limit || (apart === 1 && word.length >= 4)))
				near.push({ word: known, apart });
		}
	return near
		.sort(
			(a, b) =>
				a.apart - b.apart ||
				Number(b.word[0] === word[0]) - Number(a.word[0] === word[0]) ||
				a.word.localeCompare(b.word)
		)
		.slice(0, most)
		.map(({ word: known }) => known);
}
