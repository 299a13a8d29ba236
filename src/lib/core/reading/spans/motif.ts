/** Prints that are named after what they show: "a skull print", "a bow-print blouse", "in a lighthouse pattern". */
import { creaturesShown, patternWords, shownInPrints, type PrintId } from '../../lexicon/prints';
import { shownWork } from '../../lexicon/reading-words';
import { sayingEnding } from '../words/forms';
import type { Sense } from '../model';
import { articles } from '../words/glue';
import { longestPhrase, type Found } from '../words/longest-phrase';
import { phrasebook } from '../words/phrasebook';

/** Done to a thing, unless another thing follows: "a shirt printed in gold", but "chain printed silk". */
const participles = new Set(['printed', 'patterned']);
/** Words for a print as such, after what it shows. */
const prints = new Set([...patternWords, ...participles]);
const startsLink = (found: Found | undefined) =>
	found?.senses.some(({ kind }) => kind === 'link' || kind === 'filler') ?? false;
/** Endings, besides those of other words that say something, of words that say how a print is: "an intricate print". */
const howEnding = /(?:ant|ent|ive|ate|ern|ese|ian)$/;
/** Kinds of meaning that a thing may have which is shown in a print: a garment, a part of one, nothing known. */
const shown = new Set<Sense['kind']>(['type', 'detail', 'move', 'stands-for']);

const surfaces = new Set(['material', 'texture', 'sheen', 'opacity', 'weight', 'distress']);

/** Does a phrase name what could be shown: a thing, or, where the lexicon does not have it, a word that says nothing of how? */
function isShown(found: Found | undefined, word: string): boolean {
	// A chain is a strap as well; what says of what a thing is made, or how it looks, is shown nowhere.
	const isOfAThing = found?.senses.some(({ kind }) => kind === 'type');
	const isBeside = (sense: Sense) => isOfAThing && sense.kind === 'facet' && !surfaces.has(sense.facet);
	if (found) return found.senses.every((sense) => shown.has(sense.kind) || isBeside(sense));
	return (
		!phrasebook().knownWords.has(word) &&
		word.length > 2 &&
		!/\d/.test(word) &&
		!sayingEnding.test(word) &&
		!howEnding.test(word)
	);
}

const isColourOrFur = (sense: Sense) =>
	sense.kind === 'colour' || (sense.kind === 'facet' && sense.facet === 'material');

/** The print that a word names before "print" which by itself is a colour, a fur or nothing: "a poppy print", "a parrot motif". */
function printNamed(word: string, found: Found | undefined): PrintId | undefined {
	if (!found || found.senses.every(isColourOrFur)) {
		const shown = shownInPrints.get(word);
		if (shown) return shown;
	}
	// "A fern print" is no fern green.
	const own = found?.senses.find((sense) => sense.kind === 'print');
	if (found) return found.senses.some(({ kind }) => kind === 'colour') ? own?.family : undefined;
	const many = [`${word}s`, word.replace(/y$/, 'ies')].map((plural) => longestPhrase([plural], 0, 1));
	return many.flatMap((one) => one?.senses ?? []).find((sense) => sense.kind === 'print')?.family;
}

/**
 * The print that begins at a word, by what it shows ("skull print", "pearl necklace print"); undefined where the words say how the
 * print is ("a bold print"), or name a print of its own ("leopard print").
 */
export function motifAt(words: readonly string[], at: number, limit: number): Found | undefined {
	const found = longestPhrase(words, at, limit);
	const end = at + (found?.length ?? 1);
	if (end >= limit || !prints.has(words[end] ?? '')) return undefined;
	const named = found && found.length > 1 ? undefined : printNamed(words[at] ?? '', found);
	if (!named && !isShown(found, words[at] ?? '')) return undefined;
	// "A skirt printed with lemons" is a skirt.
	const after = end + 1 < limit ? longestPhrase(words, end + 1, limit) : undefined;
	const isPrinted = participles.has(words[end] ?? '') && (end + 1 >= limit || startsLink(after));
	if (isPrinted && found?.senses.some(({ kind }) => kind === 'type')) return undefined;
	return {
		senses: [{ kind: 'print', family: named ?? 'conversational' }, { kind: 'note' }],
		length: end + 1 - at
	};
}

/** Whose shoulder a fur lies on: "a fox on her shoulder". */
const worn = new Set(['her', 'his', 'their', 'one', 'each']);
const drawn: readonly Sense[] = [{ kind: 'print', family: 'conversational' }, { kind: 'note' }];
/** "An embroidered tiger", "beaded leopards": work by which a thing is shown. */
const worked = new Set([...shownWork, 'beaded', 'sequinned', 'sequined', 'intarsia', 'stitched']);
/** Where a fur is worn: "two foxes over her shoulders". */
const aroundHer = new Set(['over', 'round', 'around', 'across', 'about']);

const namesGarment = (words: readonly string[], at: number, limit: number): boolean =>
	at < limit && (longestPhrase(words, at, limit)?.senses ?? []).some(({ kind }) => kind === 'type');

/** An animal that is drawn on a thing, and no fur: "a jumper with a fox on it", "rabbits all over"; undefined where it may be the fur. */
export function creatureAt(words: readonly string[], at: number, limit: number): Found | undefined {
	const many = creaturesShown.get(words[at] ?? '');
	const next = at + 1 < limit ? words[at + 1] : undefined;
	const isWorked = worked.has(words[at - 1] ?? '') && !namesGarment(words, at + 1, limit);
	if (many && isWorked) return { senses: drawn, length: 1 };
	const isDrawn =
		many === 'several'
			? !aroundHer.has(next ?? '')
			: many === 'one' &&
				next === 'on' &&
				articles.has(words[at - 1] ?? '') &&
				!worn.has(words[at + 2] ?? '');
	return isDrawn ? { senses: drawn, length: 1 } : undefined;
}
