/** What is said of one thing beside another: "longer than her dress", "a shade darker than the skirt". */
import { longestPhrase, type Found } from './phrasebook';

/** Words before "than" that compare no looks: "rather than a belt", "more than two rings". */
const noMeasure = new Set(['rather', 'other', 'more', 'less', 'fewer', 'no', 'sooner']);
/** "A shade darker than". */
const degrees = new Set(['shade', 'tone', 'touch', 'bit', 'little', 'tad', 'fraction', 'size']);
/** As far behind "than" is what something is compared with. */
const farthest = 4;

/**
 * A comparison that begins at a word. It says nothing of the thing that it is beside, and of the other no value that could be compared:
 * its words are kept as they stand, up to what it is compared with.
 */
export function comparedAt(words: readonly string[], at: number, limit: number): Found | undefined {
	const isDegree = words[at] === 'a' && degrees.has(words[at + 1] ?? '');
	const degree = isDegree ? 2 : ['more', 'less'].includes(words[at] ?? '') ? 1 : 0;
	const than = at + degree + 1;
	const word = words[than - 1] ?? '';
	if (than >= limit || words[than] !== 'than' || noMeasure.has(word)) return undefined;
	const isType = (found: Found | undefined) => found?.senses.some(({ kind }) => kind === 'type') === true;
	const compares = degree > 0 ? !isType(longestPhrase(words, than - 1, than)) : word.endsWith('er');
	if (!compares) return undefined;
	/** How many words from here name a thing. */
	const named = (from: number): number => {
		const found = from < limit ? longestPhrase(words, from, limit) : undefined;
		return !found || !isType(found) ? 0 : found.length + named(from + found.length);
	};
	for (let from = than + 1; from < Math.min(limit, than + farthest); from++) {
		const length = named(from);
		if (length === 0) continue;
		const kept = words.slice(at, from + length).join(' ');
		return { senses: [{ kind: 'note', words: kept }], length: than + 1 - at };
	}
	return undefined;
}
