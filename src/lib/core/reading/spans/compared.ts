/** What is said of one thing beside another: "longer than her dress", "a shade darker than the skirt", "soft as butter". */
import { articles } from '../words/glue';
import { longestPhrase, type Found } from '../words/longest-phrase';

/** What is said of a thing and names none: "soft", "black", "long". */
const says = new Set(['facet', 'colour', 'tone', 'note']);

/**
 * "Black as night", "as soft as butter": the quality alone; what it is likened to is no colour and no cloth. A thing after "as" is what
 * something is worn as.
 */
export function likenedAt(words: readonly string[], at: number, limit: number): Found | undefined {
	const isQuality = (word: number) => {
		const senses = longestPhrase(words, word, word + 1)?.senses ?? [];
		return senses.length > 0 && senses.every(({ kind }) => says.has(kind)) ? senses : undefined;
	};
	if (words[at] === 'as' && words[at + 2] === 'as' && at + 3 < limit && isQuality(at + 1))
		return { senses: [{ kind: 'filler' }], length: 1 };
	// "Navy as well as red" likens nothing.
	// "The same green as the silk blouse" is that of a thing.
	const isSame = words[at - 1] === 'same';
	const isLikened =
		!isSame && words[at + 1] === 'as' && (longestPhrase(words, at + 1, limit)?.length ?? 1) === 1;
	const senses = isLikened && at + 2 < limit ? isQuality(at) : undefined;
	if (!senses) return undefined;
	const like = at + 2 + (articles.has(words[at + 2] ?? '') ? 1 : 0);
	const named = like < limit ? longestPhrase(words, like, limit) : undefined;
	if (like >= limit || named?.senses.some(({ kind }) => kind === 'type' || kind === 'link')) return undefined;
	const length = like + 1 - at;
	const isKept = senses.every(({ kind }) => kind === 'note');
	return isKept
		? { senses: [{ kind: 'note', words: words.slice(at, like + 1).join(' ') }], length }
		: { senses, length };
}

/** What is said to be as large as one of these is small (common practice). */
const tiny = new Set(
	'pea peas pinhead pinheads coin coins penny pennies button buttons bean beans seed seeds grain grains fingernail fingernails thumbnail thumbnails'.split(
		' '
	)
);

/** "Earrings the size of saucers", "a bow the size of her head": how large, and what it is likened to is no thing. */
export function sizedAt(words: readonly string[], at: number, limit: number): Found | undefined {
	const start = words[at] === 'the' ? at + 1 : at;
	if (words[start] !== 'size' || words[start + 1] !== 'of' || start + 2 >= limit) return undefined;
	const like = start + 2 + (articles.has(words[start + 2] ?? '') ? 1 : 0);
	if (like >= limit) return undefined;
	const length = like - at + (longestPhrase(words, like, limit)?.length ?? 1);
	const value = tiny.has(words[at + length - 1] ?? '') ? 'small' : 'large';
	return { senses: [{ kind: 'facet', facet: 'size', value, free: true }], length };
}

/** "Earrings shaped like little shells", "in the shape of a heart": what a thing is likened to in shape is kept as it was said. */
export function shapedLike(words: readonly string[], at: number, limit: number): Found | undefined {
	const isSaid = (...said: string[]) => said.every((word, i) => words[at + i] === word);
	const lead = isSaid('shaped', 'like') ? 2 : isSaid('in', 'the', 'shape', 'of') ? 4 : 0;
	if (lead === 0) return undefined;
	let like = at + lead + (articles.has(words[at + lead] ?? '') ? 1 : 0);
	// "Like little gold shells".
	for (let next = longestPhrase(words, like, limit); next; next = longestPhrase(words, like, limit)) {
		if (like + next.length >= limit || !next.senses.every(({ kind }) => says.has(kind) || kind === 'metal'))
			break;
		like += next.length;
	}
	if (like >= limit) return undefined;
	const end = like + (longestPhrase(words, like, limit)?.length ?? 1);
	return { senses: [{ kind: 'note', words: words.slice(at, end).join(' ') }], length: end - at };
}

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
