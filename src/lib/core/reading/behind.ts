/** How a garment is cut behind, said after its shape: "scooped to the waist behind", "plunging at the back". */
import type { Sense } from './model';
import { longestPhrase, type Found } from './phrasebook';

const depth = '(?:(?:low|deep|right|way) )?(?:(?:down )?to (?:the |her |his )?(?:waist|hips) )?';
const place = '(?:behind|(?:at|in) (?:the )?(?:back|rear)|in back)';
const behind = new RegExp(`^${depth}${place}$`);
const ofBack = (sense: Sense) => sense.kind === 'facet' && sense.facet === 'back';
/** Words of what stands between a shape and the end of the longest such place. */
const furthest = 8;

/** What a shape of one or two words says of a back: "a scooped back". */
function shapeOfBack(words: readonly string[], at: number, length: number): Found | undefined {
	const shape = words.slice(at, at + length);
	const found = [shape, [...shape, 'back']]
		.map((said) => longestPhrase(said, 0, said.length))
		.find((one, more) => one?.length === length + more && one.senses.some(ofBack));
	const senses = found?.senses.filter(ofBack).map((sense) => ({ ...sense, free: true }));
	return senses && { senses, length };
}

/**
 * A shape with the place behind that it has, which ends what is said or goes on with "and"; undefined where there is none, and where
 * the lexicon has as many of the words in a phrase: "bare to the waist behind".
 */
export function shapedBehind(words: readonly string[], at: number, limit: number): Found | undefined {
	const known = longestPhrase(words, at, limit)?.length ?? 0;
	for (const length of [2, 1]) {
		const shape = shapeOfBack(words, at, length);
		if (!shape) continue;
		const from = at + length;
		for (let end = Math.min(limit, from + furthest); end > from && end > at + known; end--)
			if (
				(end === limit || words[end] === 'and' || words[end] === 'with') &&
				behind.test(words.slice(from, end).join(' '))
			)
				return { senses: shape.senses, length: end - at };
	}
	return undefined;
}
