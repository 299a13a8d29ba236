import { withInvertedNames } from './entries';
import { inflected, isForm } from '../words/forms';
import { creatureAt, motifAt } from './motif';
import { meantBeside, meantFor } from '../words/near';
import { figure, isFigure, lengthAt } from '../words/numbers';
import { shapedBehind } from './behind';
import { comparedAt, likenedAt, shapedLike, sizedAt } from './compared';
import {
	firstOfName,
	hairAfterColon,
	headingOf,
	inHair,
	isSaid,
	isType,
	partedName,
	saysAfterAKind,
	styledName
} from './parted';
import { withNotReal } from './not-real';
import { articles, definites } from '../words/glue';
import { longestPhrase, type Found } from '../words/longest-phrase';
import { phrasebook } from '../words/phrasebook';
import { reachAlone, reachAt } from './reaches';
import type { Sense, Span, Token } from '../model';
import { withKindsSaid } from './kinds-said';
import { withLengthsOfNext } from './length-of-next';
import { withOneColour } from './one-colour';
import { withSameColours } from './same';
import { tokensOf, wordsOf } from '../words/tokens';
import { withPatternParts } from './patterned';
import { withSlashes } from './slashed';
import { withVagueThings } from './vague';

const isColour = (found: Found | undefined) => found?.senses.some(({ kind }) => kind === 'colour') ?? false;
const isLink = (found: Found | undefined) => found?.senses.some(({ kind }) => kind === 'link') ?? false;

/** Two halves of one word with a hyphen between: "ox-blood". */
function hyphenatedAt(tokens: readonly Token[], at: number): Found | undefined {
	const [first, second] = [tokens[at], tokens[at + 1]];
	if (!first || !second?.hyphenated) return undefined;
	const whole = longestPhrase([first.word + second.word], 0, 1);
	return whole && { senses: whole.senses, length: 2 };
}

/** Words by themselves, whatever follows: "a great coat", "put tees on". */
const standAlone = new Set(['great', 'put', 'single', 'double']);

/** "Get a", "park a": as few letters as this are no half of a name. */
const shortestHalf = 2;

/** Two halves of a name with a space between, of which the first says nothing by itself: "sling backs", "ear rings". */
function halvesAt(words: readonly string[], at: number, limit: number): Found | undefined {
	const [first, second] = [words[at], words[at + 1]];
	if (first === undefined || second === undefined || at + 2 > limit || standAlone.has(first))
		return undefined;
	if (first.length < shortestHalf || second.length <= shortestHalf) return undefined;
	const saysNothing = (longestPhrase([first], 0, 1)?.senses ?? []).every(({ kind }) => kind === 'filler');
	const name = saysNothing && !isLink(longestPhrase([second], 0, 1)) && longestPhrase([first + second], 0, 1);
	return name && isType(name) ? { senses: name.senses, length: 2 } : undefined;
}

/** A word that means what a phrase of the lexicon means, in this studio. */
export interface OwnWord {
	word: string;
	means: string;
}

/** The phrase of a studio's own that begins at a word, with the meaning of what it stands for. */
function ownPhraseAt(own: readonly OwnWord[], words: readonly string[], at: number): Found | undefined {
	for (const { word, means } of own) {
		const said = wordsOf(word);
		if (said.length === 0 || !said.every((one, i) => words[at + i] === one)) continue;
		const senses = sensesOfPhrase(means);
		if (senses) return { senses, length: said.length };
	}
	return undefined;
}

/** What a phrase means where it is one phrase of the lexicon and nothing besides; else undefined. */
export function sensesOfPhrase(phrase: string): readonly Sense[] | undefined {
	const words = wordsOf(phrase);
	const found = longestPhrase(words, 0, words.length);
	return found && found.length === words.length ? found.senses : undefined;
}

/** What was said, with what a phrase of the lexicon means in place of its own meaning. */
export const meaning = (span: Span, phrase: string): Span => ({
	...span,
	senses: sensesOfPhrase(phrase) ?? []
});

/** "A red and white tie" is no white tie: the second of two colours before a name that would be another with it. */
function secondColour(words: readonly string[], at: number, name: Found | undefined): Found | undefined {
	if (name?.length !== 2 || words[at - 1] !== 'and' || !isType(name)) return undefined;
	const [colour, thing] = [longestPhrase(words, at, at + 1), longestPhrase(words, at + 1, at + 2)];
	const isOne = isColour(colour) && thing !== undefined && isType(thing);
	return isOne && isColour(longestPhrase(words, at - 2, at - 1)) ? colour : undefined;
}

/** "Gold embroidery round the neck": before "the" they say where, and no shape. */
const about = new Set(['round', 'around']);
const place: Found = { senses: [{ kind: 'link', link: 'on' }], length: 1 };

/** Is a thing named between two words? */
function namesThing(words: readonly string[], from: number, to: number): boolean {
	for (let at = from; at < to;) {
		const found = longestPhrase(words, at, to);
		if (found && isType(found)) return true;
		at += found?.length ?? 1;
	}
	return false;
}

/** "With fringe hems": what "with" leads to goes on, so that it is no phrase by itself, as it is in "with fringe". */
const leadsToPart = (words: readonly string[], at: number, end: number, limit: number): boolean =>
	words[at] === 'with' &&
	end > at + 1 &&
	end < limit &&
	(longestPhrase(words, end, limit)?.senses ?? []).some(({ kind }) => kind === 'detail');

/** "With a satin back": what ends in a part is that, unless it is written as one word, as the cloth satin-back is. */
function isPartOfCloth(words: readonly string[], at: number, found: Found): boolean {
	const end = at + found.length;
	return (
		found.length > 1 &&
		words[at - 2] === 'with' &&
		articles.has(words[at - 1] ?? '') &&
		found.senses.every((sense) => sense.kind === 'facet' && sense.facet === 'material') &&
		(longestPhrase(words, end - 1, end)?.senses ?? []).some(({ kind }) => kind === 'detail')
	);
}

/**
 * The longest phrase that begins at a word. One that ends in a joining word gives it up where another thing follows: a "collar over
 * a cream knit" is not worn over anything, the knit is under it. A name ends in what the thing is: of "velvet bow tie"
 * the tie takes the bow, so that a shorter name gives way to a longer one that begins inside it; and so does what is said of
 * one, where nothing else is left of the name ("slouchy leg warmers"); "camel hair style claw" is a hair claw all the same.
 */
function phraseAt(
	words: readonly string[],
	at: number,
	limit: number,
	isHyphenated: (at: number) => boolean
): Found | undefined {
	const longest = longestPhrase(words, at, limit);
	const end = at + (longest?.length ?? 0);
	const another = end < limit && !definites.has(words[end] ?? '');
	// A guess is one phrase: "looks like".
	const isGuess = longest?.senses.some(({ kind }) => kind === 'hedge') ?? false;
	// "A tucked-in cream shirt", "a tucked in cream shirt": what a hyphen holds is one, and how a thing is worn between its article and its name.
	const isMove = longest?.senses.some(({ kind }) => kind === 'move') ?? false;
	const isHeld =
		isHyphenated(end - 1) || (isMove && words[end - 1] !== 'of' && articles.has(words[at - 1] ?? ''));
	// "A stack of bangles": what ends in "of" is said of what follows.
	const isOf = words[end - 1] === 'of' && isMove && namesThing(words, end, limit);
	const shorter = longestPhrase(words, at, end - 1);
	// "She turned up in joggers": nothing that was named before is turned up.
	const saysNothing =
		longest?.senses.every(({ kind }) => kind === 'filler') === true &&
		shorter?.senses.some(isSaid) === true &&
		!namesThing(words, 0, at);
	const givesUp =
		another &&
		!isGuess &&
		!isOf &&
		!isHeld &&
		!saysNothing &&
		!isLink(longest) &&
		isLink(longestPhrase(words, end - 1, end));
	const second = secondColour(words, at, longest);
	if (second) return second;
	if (longest && leadsToPart(words, at, end, limit)) return longestPhrase(words, at, at + 1);
	const ofPart = longest !== undefined && !isHyphenated(end - 1) && isPartOfCloth(words, at, longest);
	const found = ((givesUp || ofPart) && shorter) || longest;
	if (found?.length === 1 && about.has(words[at] ?? '') && definites.has(words[at + 1] ?? '')) return place;
	if (!found || found.length < 2) return found;
	const after = at + found.length;
	const then = saysAfterAKind(words[after] ?? '') ? after + 1 : after;
	const next = styledName(words, after, limit) ?? longestPhrase(words, then, limit);
	if (!isType(found) && next && isType(next)) return found;
	for (let from = at + 1; from < after; from++) {
		const later = styledName(words, from, limit) ?? longestPhrase(words, from, limit);
		if (!later || !isType(later) || from + later.length <= after) continue;
		const shorter = longestPhrase(words, at, from);
		if (shorter?.length === from - at) return shorter;
	}
	return found;
}

/** A phrase of several words, else a name in two halves, else what the word says by itself. */
function named(
	words: readonly string[],
	at: number,
	limit: number,
	isHyphenated: (at: number) => boolean
): Found | undefined {
	const phrase = phraseAt(words, at, limit, isHyphenated);
	return phrase && phrase.length > 1 ? phrase : (halvesAt(words, at, limit) ?? phrase);
}

/** The words of a text as they are looked up: mistyped ones as they were meant, owners without their "s". */
function wordsMeant(tokens: readonly Token[], text: string, own: readonly OwnWord[]) {
	const taught = new Set(own.flatMap(({ word }) => wordsOf(word)));
	const written = tokens.map(({ word }) => word);
	return tokens.map(({ word, start, end }, i): { word: string; meant?: string } => {
		if (taught.has(word)) return { word };
		// "I’d dress it up".
		const [, pronoun] = /^(i|we|you|he|she|they)['’](?:d|ll)$/i.exec(text.slice(start, end)) ?? [];
		if (pronoun) return { word: pronoun.toLowerCase() };
		const owner = /['’]s$/i.test(text.slice(start, end)) ? word.slice(0, -1) : '';
		const alone = longestPhrase([word], 0, 1);
		if (
			phrasebook().knownWords.has(owner) &&
			(!phrasebook().knownWords.has(word) || (alone && isType(alone)))
		)
			return { word: owner };
		if (phrasebook().knownWords.has(word)) return { word };
		// "The bride’s mother": an owner is nobody's slip.
		if (owner || isForm(word) || inflected(word).length > 0) return { word };
		if (halvesAt(written, i - 1, i + 1) ?? halvesAt(written, i, i + 2)) return { word };
		const before = tokens[i]?.breakBefore ? undefined : tokens[i - 1]?.word;
		const after = tokens[i + 1]?.breakBefore ? undefined : tokens[i + 1]?.word;
		// "Door-knocker": half a compound of which the other half is not known is no slip either.
		const [half] = [tokens[i - 1], tokens[i + 1]].filter((_, side) => tokens[i + side]?.hyphenated);
		if (half && !phrasebook().knownWords.has(half.word)) return { word };
		// "A wing colar" is no coral: what makes a name with its neighbour comes first.
		const meant = meantBeside(word, before, after) ?? meantFor(word);
		return meant === undefined ? { word } : { word: meant, meant };
	});
}

/**
 * Cuts a text into the longest phrases that the lexicon knows; a word that it does not know stands alone.
 *
 * @param own words of the studio's own, which come before the lexicon's
 */
export function spansOf(text: string, own: readonly OwnWord[] = []): Span[] {
	const tokens = tokensOf(text);
	const read = wordsMeant(tokens, text, own);
	const words = read.map(({ word }) => word);
	const spans: Span[] = [];
	/** Last words of parted names, by their place. */
	const lasts = new Map<number, Found & { first: string }>();
	const isHyphenated = (at: number) => tokens[at]?.hyphenated === true;
	const textOf = (token: Token | undefined) => (token ? text.slice(token.start, token.end) : '');
	const heading = headingOf(tokens, words, text);
	let afterThan = false;
	for (let at = 0; at < tokens.length;) {
		const first = tokens[at];
		if (!first) break;
		// A phrase does not reach over a comma.
		let limit = at + 1;
		while (limit < tokens.length && !tokens[limit]?.breakBefore) limit++;
		const measured = lengthAt(tokens, at);
		const before = spans.at(-1);
		const opens = !before || first.breakBefore !== undefined || !before.senses.some(isSaid);
		const last = lasts.get(at);
		const parted = last ? undefined : partedName(words, at, limit, opens);
		if (parted) lasts.set(parted.at, { ...parted, first: words[at] ?? '' });
		const styled = styledName(words, at, limit);
		const compared = comparedAt(words, at, limit);
		const opening: Found | undefined =
			at === 0 && heading > 0 ? { senses: [{ kind: 'filler', heads: true }], length: heading } : undefined;
		const found = measured
			? { senses: [measured], length: 2 }
			: (opening ??
				ownPhraseAt(own, words, at) ??
				(parted && firstOfName) ??
				(last && { senses: last.senses, length: 1 }) ??
				styled ??
				compared ??
				likenedAt(words, at, limit) ??
				sizedAt(words, at, limit) ??
				shapedLike(words, at, limit) ??
				inHair(words, at, limit) ??
				motifAt(words, at, limit) ??
				creatureAt(words, at, limit) ??
				reachAt(words, at, limit) ??
				shapedBehind(words, at, limit) ??
				(first.breakBefore === 'comma' && at > 0 ? reachAlone(words, at, limit) : undefined) ??
				(first.labelled ? hairAfterColon(words, at, limit) : undefined) ??
				named(words, at, limit, isHyphenated) ??
				hyphenatedAt(tokens, at));
		const senses = found?.senses ?? (isFigure(words[at]) ? figure : inflected(words[at] ?? ''));
		const length = found?.length ?? 1;
		// The phrase as it stands, its mistyped words as they were meant.
		const mended = read.slice(at, at + length).map((one, i) => one.meant ?? textOf(tokens[at + i]));
		const slipped = read.slice(at, at + length).some((one) => one.meant !== undefined);
		const end = tokens[at + length - 1] ?? first;
		spans.push({
			text: text.slice(first.start, end.end),
			words:
				senses.length > 0
					? [...(last ? [last.first] : []), ...words.slice(at, at + length)].filter(
							(word) => found !== styled || !saysAfterAKind(word)
						)
					: [first.word],
			start: first.start,
			end: end.end,
			// What something is compared with is a thing of its own.
			breakBefore: first.breakBefore ?? (afterThan ? 'comma' : undefined),
			hyphenated: first.hyphenated,
			...(first.aside ? { aside: first.aside } : {}),
			...(first.guessed ? { guessed: first.guessed } : {}),
			...(first.slashed ? { slashed: first.slashed } : {}),
			...(first.labelled ? { labelled: first.labelled } : {}),
			senses,
			...(senses.length > 0 && slipped ? { meant: mended.join(' ') } : {})
		});
		afterThan = found !== undefined && found === compared;
		at += length;
	}
	const joined = withSlashes(withLengthsOfNext(withNotReal(spans)));
	const told = withSameColours(withOneColour(withKindsSaid(withInvertedNames(joined))));
	return withPatternParts(withVagueThings(told));
}
