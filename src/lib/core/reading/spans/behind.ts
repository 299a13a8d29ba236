/** How a garment is cut behind, said after its shape: "scooped to the waist behind", "plunging at the back". */
import type { Sense } from '../model';
import { longestPhrase, type Found } from '../words/longest-phrase';

const depth = '(?:(?:low|deep|right|way) )?(?:(?:down )?to (?:the |her |his )?(?:waist|hips) )?';
const place = '(?:behind|(?:at|in) (?:the )?(?:back|rear)|in back)';
const behind = new RegExp(`^${depth}${place}$`);
const placeEnds = new Set(['behind', 'back', 'rear']);
/** Words of what stands between a shape and the end of the longest such place. */
const furthest = 8;

/** What some words say of a back where they are one phrase of the lexicon. */
function saidOfBack(words: readonly string[]): readonly Sense[] {
	const found = longestPhrase(words, 0, words.length);
	const senses = found?.length === words.length ? found.senses : [];
	return senses.filter((sense) => sense.kind === 'facet' && sense.facet === 'back');
}

/** What a shape says of a back: by itself, as "scooped" does, or in "an open back". */
function shapeOfBack(shape: readonly string[]): readonly Sense[] {
	const alone = saidOfBack(shape);
	const said = alone.length > 0 ? alone : saidOfBack([...shape, 'back']);
	return said.map((sense) => ({ ...sense, free: true }));
}

/**
 * A shape with the place behind that it has, which ends what is said or goes on with "and"; undefined where there is none, and where
 * the lexicon has as many of the words in a phrase: "bare to the waist behind".
 */
export function shapedBehind(words: readonly string[], at: number, limit: number): Found | undefined {
	let last = Math.min(limit - 1, at + furthest + 1);
	while (last > at && !placeEnds.has(words[last] ?? '')) last--;
	// Most words have no such place after them.
	if (last <= at) return undefined;
	const known = longestPhrase(words, at, limit)?.length ?? 0;
	for (const length of [2, 1]) {
		const from = at + length;
		const senses = shapeOfBack(words.slice(at, from));
		if (senses.length === 0) continue;
		for (let end = last + 1; end > from && end > at + known; end--)
			if (
				(end === limit || words[end] === 'and' || words[end] === 'with') &&
				behind.test(words.slice(from, end).join(' '))
			)
				return { senses, length: end - at };
	}
	return undefined;
}
