import { distance } from 'fastest-levenshtein';
import { vocabulary } from './phrasebook';

/** A known word with what is compared before its letters are: which letters it has, and how often. */
interface Known {
	word: string;
	/** A bit a letter that it has. */
	letters: number;
	/** Its letters in order, to tell two that changed places. */
	sorted: string;
}

/** The letters of a word as bits; what is no letter of the alphabet shares the last. */
function lettersOf(word: string): number {
	let letters = 0;
	for (let i = 0; i < word.length; i++) letters |= 1 << Math.min(26, Math.max(0, word.charCodeAt(i) - 97));
	return letters;
}
const sortedLetters = (word: string) => Array.from(word).sort().join('');

const byLength = new Map<number, Known[]>();
for (const word of [...vocabulary].sort()) {
	const sameLength = byLength.get(word.length) ?? [];
	sameLength.push({ word, letters: lettersOf(word), sorted: sortedLetters(word) });
	byLength.set(word.length, sameLength);
}

/** How many bits are set (Hamming weight of 32 bits). */
function bitsIn(n: number): number {
	n -= (n >>> 1) & 0x55555555;
	n = (n & 0x33333333) + ((n >>> 2) & 0x33333333);
	return (((n + (n >>> 4)) & 0x0f0f0f0f) * 0x01010101) >>> 24;
}

/** How many letters may be wrong: one of a short word, two of a long one (common practice of spelling aids). */
const allowed = (length: number) => (length < 4 ? 0 : length < 6 ? 1 : 2);

const most = 3;
/** Words that were asked before; as a line is typed, the same one comes again at each key. */
const asked = new Map<string, string[]>();
const mostAsked = 2000;

function nearTo(word: string): string[] {
	const limit = allowed(word.length);
	const letters = lettersOf(word);
	const sorted = sortedLetters(word);
	const near: { word: string; apart: number }[] = [];
	for (let length = word.length - limit; length <= word.length + limit; length++)
		for (const known of byLength.get(length) ?? []) {
			// One letter wrong takes one letter away and brings another: more differences are more mistakes.
			if (bitsIn(letters ^ known.letters) > 2 * Math.max(1, limit)) continue;
			const plain = distance(word, known.word);
			// Two letters changed places: an edit distance counts two mistakes, a hand makes one.
			const apart = plain === 2 && known.sorted === sorted ? 1 : plain;
			if (apart > 0 && (apart <= limit || (apart === 1 && word.length >= 4)))
				near.push({ word: known.word, apart });
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

/** Words of the lexicon that an unknown word may have been meant for, nearest first; at most three. */
export function suggestionsFor(word: string): string[] {
	if (vocabulary.has(word)) return [];
	const before = asked.get(word);
	if (before) return before;
	const near = nearTo(word);
	if (asked.size >= mostAsked) asked.clear();
	asked.set(word, near);
	return near;
}
