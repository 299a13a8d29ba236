import { group } from 'd3-array';
import { distance } from 'fastest-levenshtein';
import { ordinaryWords } from '../../lexicon/ordinary-words';
import { onFirstUse } from '../../lexicon/on-first-use';
import { phrasebook } from './phrasebook';

/** A known word with what is compared before its letters are: which letters it has, and how often. */
interface Known {
	word: string;
	/** A bit a letter that it has. */
	letters: number;
}

/** The letters of a word as bits; what is no letter of the alphabet shares the last. */
function lettersOf(word: string): number {
	let letters = 0;
	for (let i = 0; i < word.length; i++) letters |= 1 << Math.min(26, Math.max(0, word.charCodeAt(i) - 97));
	return letters;
}
const sortedLetters = (word: string) => Array.from(word).sort().join('');

const byLength = onFirstUse((): ReadonlyMap<number, readonly Known[]> =>
	group(
		[...phrasebook().vocabulary].sort().map((word) => ({ word, letters: lettersOf(word) })),
		({ word }) => word.length
	)
);

/** How many bits are set (Hamming weight of 32 bits). */
function bitsIn(n: number): number {
	n -= (n >>> 1) & 0x55555555;
	n = (n & 0x33333333) + ((n >>> 2) & 0x33333333);
	return (((n + (n >>> 4)) & 0x0f0f0f0f) * 0x01010101) >>> 24;
}

/** "Strips" are many of an ordinary word, and no stripes. */
const isOrdinary = (word: string) =>
	ordinaryWords.has(word) || (word.endsWith('s') && ordinaryWords.has(word.slice(0, -1)));

/** How many letters may be wrong: one of a short word, two of a long one (common practice of spelling aids). */
const allowed = (length: number) => (length < 4 ? 0 : length < 7 ? 1 : 2);

/** How a hand slips, the commonest first: a letter once or twice, letters swapped, one left out, one too many, one wrong. */
const slips = ['doubled', 'swapped', 'left-out', 'added', 'wrong'] as const;
interface Near {
	word: string;
	apart: number;
	slip: (typeof slips)[number];
}

/** "Colar", "knitt": the same but for a letter that stands there once or twice. */
const once = (word: string) => word.replace(/(.)\1+/g, '$1');

function slipOf(word: string, known: string, swapped: boolean): Near['slip'] {
	if (once(word) === once(known)) return 'doubled';
	if (swapped) return 'swapped';
	if (known.length > word.length) return 'left-out';
	return known.length < word.length ? 'added' : 'wrong';
}

/** Words that were asked before; as a line is typed, the same one comes again at each key. */
const asked = new Map<string, readonly Near[]>();
const mostAsked = 2000;

function compare(word: string): Near[] {
	const limit = allowed(word.length);
	const letters = lettersOf(word);
	const sorted = sortedLetters(word);
	const near: Near[] = [];
	for (let length = word.length - limit; length <= word.length + limit; length++)
		for (const known of byLength().get(length) ?? []) {
			// A mistake takes at most one letter away and brings one.
			if (bitsIn(letters & ~known.letters) > limit || bitsIn(known.letters & ~letters) > limit) continue;
			const plain = distance(word, known.word);
			// Two letters changed places: an edit distance counts two mistakes, a hand makes one.
			const swapped = plain === 2 && sortedLetters(known.word) === sorted;
			const apart = swapped ? 1 : plain;
			if (apart > 0 && apart <= limit)
				near.push({ word: known.word, apart, slip: slipOf(word, known.word, swapped) });
		}
	return near.sort(
		(a, b) =>
			a.apart - b.apart ||
			Number(b.word[0] === word[0]) - Number(a.word[0] === word[0]) ||
			slips.indexOf(a.slip) - slips.indexOf(b.slip) ||
			Number(b.word.at(-1) === word.at(-1)) - Number(a.word.at(-1) === word.at(-1)) ||
			// "Tighs": what is worn rather than a place on the body.
			Number(phrasebook().namesAlone.has(b.word)) - Number(phrasebook().namesAlone.has(a.word)) ||
			a.word.localeCompare(b.word)
	);
}

function nearTo(word: string): readonly Near[] {
	const before = asked.get(word);
	if (before) return before;
	const near = compare(word);
	if (asked.size >= mostAsked) asked.clear();
	asked.set(word, near);
	return near;
}

/** The consonants of a word, doubled ones once: "dress" and "drs" share them. */
const skeletonOf = (word: string) => word.replace(/[aeiou]/g, '').replace(/(.)\1+/g, '$1');

/** Words by their consonants; "dresses" beside "dress" is no second one. */
function bySkeleton(words: ReadonlySet<string>): ReadonlyMap<string, readonly string[]> {
	const found = new Map<string, string[]>();
	for (const word of words) {
		const skeleton = skeletonOf(word);
		const singular = word.replace(/e?s$/, '');
		const isPlural = singular !== word && words.has(singular) && skeletonOf(singular) === skeleton;
		if (skeleton.length >= 3 && !isPlural) found.set(skeleton, [...(found.get(skeleton) ?? []), word]);
	}
	return found;
}
const namesBySkeleton = onFirstUse(() => bySkeleton(phrasebook().namesAlone));
const wordsBySkeleton = onFirstUse(() => bySkeleton(phrasebook().vocabulary));

/** What a word can be that was written without its vowels, "blzr", "jns": names of garments before all else. */
function withVowels(word: string): readonly string[] {
	if (word.length < 3 || !/^[b-df-hj-np-tv-z]+$/.test(word) || phrasebook().knownWords.has(word)) return [];
	const skeleton = skeletonOf(word);
	return namesBySkeleton().get(skeleton) ?? wordsBySkeleton().get(skeleton) ?? [];
}

const most = 3;
/** Words of the lexicon that an unknown word may have been meant for, nearest first; at most three. */
export const suggestionsFor = (word: string): string[] =>
	phrasebook().vocabulary.has(word)
		? []
		: [...new Set([...withVowels(word), ...nearTo(word).map(({ word: known }) => known)])].slice(0, most);

/** How many letters of a word the other does not have, each as often as it stands there. */
function strayLetters(word: string, known: string): number {
	const left = Array.from(known);
	return Array.from(word).filter((letter) => {
		const at = left.indexOf(letter);
		if (at >= 0) left.splice(at, 1);
		return at < 0;
	}).length;
}

/** Letters that are taken for one another by the ear: "jeens", "ancle", "blouze" (this project's). */
const alike = ['aeiou', 'ckq', 'sz', 'sc', 'fv', 'iy', 'gj', 'td', 'mn'];
function soundsAlike(word: string, known: string): boolean {
	const other = Array.from(word).findIndex((letter, at) => letter !== known[at]);
	const [a = '', b = ''] = [word[other], known[other]];
	return alike.some((letters) => letters.includes(a) && letters.includes(b));
}

/** Are all the letters of a word those of the other, in their order, with some left out? */
function leavesOut(word: string, known: string): boolean {
	let at = 0;
	for (const letter of known) if (letter === word[at]) at++;
	return at === word.length;
}

/** As many letters as a hurried hand leaves out of one word (this project's). */
const mostLeftOut = 3;

/** "Lethr", "ripd": a word that has lost vowels, a doubled letter, and none besides; undefined where more than one would do. */
function withoutSome(word: string): string | undefined {
	const skeleton = skeletonOf(word);
	if (skeleton.length < 3) return undefined;
	const found = (wordsBySkeleton().get(skeleton) ?? []).filter(
		(known) => known[0] === word[0] && known.length - word.length <= mostLeftOut && leavesOut(word, known)
	);
	const [only, ...others] = found;
	return others.length === 0 ? only : undefined;
}

/**
 * The known word that a mistyped one was meant for; undefined where it is known, an ordinary word, too short, or too far
 * from any. Of a short word only a swap, a letter left out or one that sounds alike is believed; two slips only from eight letters on, and not
 * where two letters are others.
 */
export const meantFor = (word: string): string | undefined =>
	isOrdinary(word) ? undefined : meantWithout(word);

/** The same, with ordinary words taken for slips as well: to find which ones need to be known. */
export function meantWithout(word: string): string | undefined {
	const [whole, ...others] = withVowels(word);
	if (whole && others.length === 0) return whole;
	if (phrasebook().knownWords.has(word) || /[^a-z]/.test(word)) return undefined;
	if (word.length < 4) return swappedBack(word);
	const believed = nearTo(word).find(
		({ word: known, apart, slip }) =>
			known.length >= 4 &&
			known[0] === word[0] &&
			(word.length >= 6 ||
				slip === 'doubled' ||
				slip === 'swapped' ||
				slip === 'left-out' ||
				(word.length === 5 && slip === 'wrong' && soundsAlike(word, known))) &&
			(apart === 1 || (word.length >= 8 && (slip !== 'wrong' || strayLetters(word, known) < 2)))
	);
	return believed?.word ?? withoutSome(word) ?? endingAlike(word) ?? byConsonants(word);
}

/** "Rde", "bga": a word of three letters whose last two changed places; undefined where that makes none. */
function swappedBack(word: string): string | undefined {
	const [first = '', second = '', third = ''] = word;
	const back = first + third + second;
	return word.length === 3 && back !== word && phrasebook().knownWords.has(back) ? back : undefined;
}

/** "Beany", "hoody", "bootees", "cropt": endings that are spoken alike. */
function endingAlike(word: string): string | undefined {
	if (word.length < 5) return undefined;
	const done = word.replace(/pt$/, 'pped');
	if (done !== word) return phrasebook().vocabulary.has(done) ? done : undefined;
	const stem = word.replace(/(?:ies|eys|ees|ys|ie|ey|ee|y)$/, '');
	if (stem === word || stem.length < 3) return undefined;
	const many = word.endsWith('s');
	return (many ? ['ies', 'eys', 'ees', 'ys'] : ['ie', 'y', 'ey', 'ee'])
		.map((ending) => stem + ending)
		.find((known) => known !== word && phrasebook().vocabulary.has(known));
}

/** How many consonants tell a word from others by themselves (this project's). */
const tellingConsonants = 4;

/** "Leperd": a word with the consonants of one other and two wrong vowels. */
function byConsonants(word: string): string | undefined {
	const skeleton = skeletonOf(word);
	if (word.length < 6 || skeleton.length < tellingConsonants) return undefined;
	const [only, ...others] = (wordsBySkeleton().get(skeleton) ?? []).filter(
		(known) => known[0] === word[0] && distance(word, known) <= 2
	);
	return others.length === 0 ? only : undefined;
}

/** Is one short word a slip for another: one letter, or two where both sound alike by their consonants? */
function isSlip(word: string, known: string): boolean {
	if (word[0] !== known[0] || Math.abs(word.length - known.length) > 1) return false;
	const apart = distance(word, known);
	if (swappedBack(word) === known) return true;
	return apart === 1 || (apart === 2 && word.length >= 4 && skeletonOf(word) === skeletonOf(known));
}

/**
 * What a word was meant for that is too short to be believed by itself: what completes a name of two words with the one beside it ("rol
 * neck", "pea cote"); undefined where nothing does, or more than one.
 */
export function meantBeside(
	word: string,
	before: string | undefined,
	after: string | undefined
): string | undefined {
	if (word.length < 3 || phrasebook().knownWords.has(word) || isOrdinary(word) || /[^a-z]/.test(word))
		return undefined;
	const completes = [
		...(before === undefined ? [] : (phrasebook().secondsOf.get(before) ?? [])),
		...(after === undefined ? [] : (phrasebook().firstsOf.get(after) ?? []))
	];
	const [only, ...others] = new Set(completes.filter((known) => isSlip(word, known)));
	return others.length === 0 ? only : undefined;
}
