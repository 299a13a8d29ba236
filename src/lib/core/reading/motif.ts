/** Prints that are named after what they show: "a skull print", "a bow-print blouse", "in a lighthouse pattern". */
import type { Sense } from './model';
import { knownWords, longestPhrase, type Found } from './phrasebook';

/** Words for a print as such, after what it shows. */
const prints = new Set(['print', 'prints', 'printed', 'pattern', 'patterned', 'motif', 'motifs']);
/** Endings of words that say how a print is rather than what it shows: "an intricate print", "an exotic pattern". */
const howEnding = /(?:ed|ing|ly|ish|y|ic|al|ous|ful|less|able|ant|ent|ive|ate|ern|ese|ian)$/;
/** Kinds of meaning that a thing may have which is shown in a print: a garment, a part of one, nothing known. */
const shown = new Set<Sense['kind']>(['type', 'detail', 'move', 'stands-for']);

const isShown = (word: string) => {
	const alone = longestPhrase([word], 0, 1);
	if (alone) return alone.senses.every(({ kind }) => shown.has(kind));
	return !knownWords.has(word) && word.length > 2 && !/\d/.test(word) && !howEnding.test(word);
};

/**
 * The print that begins at a word, by what it shows; undefined where the word says how the print is ("a bold print"),
 * or names a print of its own ("leopard print").
 */
export function motifAt(words: readonly string[], at: number, limit: number): Found | undefined {
	if (at + 1 >= limit || !prints.has(words[at + 1] ?? '')) return undefined;
	if ((longestPhrase(words, at, limit)?.length ?? 0) > 1 || !isShown(words[at] ?? '')) return undefined;
	return { senses: [{ kind: 'print', family: 'conversational' }, { kind: 'note' }], length: 2 };
}
