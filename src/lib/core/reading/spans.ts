import { dressCodes } from '../lexicon/dress-codes';
import { facetOf } from '../lexicon/facets';
import { garmentType } from '../lexicon/taxonomy';
import { meantFor } from './near';
import { articles, definites, knownWords, longestPhrase, namesBegin, type Found } from './phrasebook';
import type { Sense, Span, Token } from './model';
import { tokensOf, wordsOf } from './tokens';

const cmOf: Record<string, number> = {
	cm: 1,
	centimetre: 1,
	centimetres: 1,
	mm: 0.1,
	in: 2.54,
	inch: 2.54,
	inches: 2.54
};
const spokenNumbers: Record<string, number> = { one: 1, two: 2, three: 3, four: 4, five: 5, six: 6 };

/** How many a word says, from two on; undefined where it says no number. */
export function howMany(word = ''): number | undefined {
	const number = /^[2-9]$/.test(word) ? Number(word) : known(spokenNumbers, word);
	return number !== undefined && number > 1 ? number : undefined;
}

/** A word's entry in a table; words such as "constructor" are no entries. */
const known = (table: Readonly<Record<string, number>>, word = '') =>
	Object.hasOwn(table, word) ? table[word] : undefined;

/** "8 cm", "two-inch": a length in figures or small number words. */
function lengthAt(tokens: readonly Token[], at: number): Sense | undefined {
	const number = Number(tokens[at]?.word ?? NaN) || known(spokenNumbers, tokens[at]?.word);
	const unit = known(cmOf, tokens[at + 1]?.word);
	return number && unit && !tokens[at + 1]?.breakBefore ? { kind: 'length', cm: number * unit } : undefined;
}

/**
 * Endings that a word may carry besides its form in the lexicon; what is left is looked up again. Only a plural still
 * names a garment: what is "booted" or "capped" is none.
 */
const endings: [ending: RegExp, replacement: string, names?: true][] = [
	[/(?<=\w{3})ies$/, 'y', true],
	[/(?<=\w{3})es$/, '', true],
	[/(?<=\w{2})s$/, '', true],
	[/(?<=\w{3})([dtn])\1ish$/, '$1'],
	[/(?<=\w{3})ish$/, ''],
	[/(?<=\w{3})ish$/, 'e'],
	[/(?<=\w{3})ed$/, ''],
	[/(?<=\w{3})ed$/, 'e'],
	[/(?<=\w{3})y$/, '']
];
/** "Longer", "widest", "slimmer". */
const degrees: typeof endings = [
	[/(?<=\w{2})([bdgmnpt])\1e(?:r|st)$/, '$1'],
	[/(?<=\w{3})e(?:r|st)$/, ''],
	[/(?<=\w{3})(?:r|st)$/, '']
];

/** "Wides", "skinnies": the plural of how a thing is cut is the name of a thing, and says nothing of another. */
const saysShape = (sense: Sense) => sense.kind === 'facet' && facetOf(sense.facet).group === 'shape';

/** A word known in another form: "corduroys", "reddish". Links and fillers do not inflect. */
function inflected(word: string): readonly Sense[] {
	for (const [ending, replacement, names] of [...endings, ...degrees]) {
		if (!ending.test(word)) continue;
		const all = longestPhrase([word.replace(ending, replacement)], 0, 1)?.senses ?? [];
		if (names && all.some(saysShape)) continue;
		const senses = all.filter(
			({ kind }) => !['link', 'filler', 'hedge'].includes(kind) && (names || kind !== 'type')
		);
		if (senses.length > 0) return senses;
	}
	return [];
}

/** Is a word another form of a known one? Then it is not mistyped, even where that form says nothing. */
const isForm = (word: string) =>
	endings.some(
		([ending, replacement]) => ending.test(word) && knownWords.has(word.replace(ending, replacement))
	);

/** Two halves of one word with a hyphen between: "ox-blood". */
function hyphenatedAt(tokens: readonly Token[], at: number): Found | undefined {
	const [first, second] = [tokens[at], tokens[at + 1]];
	if (!first || !second?.hyphenated) return undefined;
	const whole = longestPhrase([first.word + second.word], 0, 1);
	return whole && { senses: whole.senses, length: 2 };
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

/** A figure that may say how many: it names and describes nothing by itself. */
const isFigure = (word = '') => /^[2-9]$/.test(word);
const figure: readonly Sense[] = [{ kind: 'filler' }];

/** What a phrase means where it is one phrase of the lexicon and nothing besides; else undefined. */
export function sensesOfPhrase(phrase: string): readonly Sense[] | undefined {
	const words = wordsOf(phrase);
	const found = longestPhrase(words, 0, words.length);
	return found && found.length === words.length ? found.senses : undefined;
}

const isType = ({ senses }: Found) => senses.some(({ kind }) => kind === 'type');

const isLink = (found: Found | undefined) => found?.senses.some(({ kind }) => kind === 'link') ?? false;

/**
 * The longest phrase that begins at a word. One that ends in a joining word gives it up where another thing follows: a "collar over
 * a cream knit" is not worn over anything, the knit is under it. A name ends in what the thing is: of "velvet bow tie"
 * the tie takes the bow, so that a shorter name gives way to a longer one that begins inside it.
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
	// "A tucked-in cream shirt": what a hyphen holds is one.
	const isHeld = isHyphenated(end - 1);
	const givesUp =
		another && !isGuess && !isHeld && !isLink(longest) && isLink(longestPhrase(words, end - 1, end));
	const found = (givesUp && longestPhrase(words, at, end - 1)) || longest;
	if (!found || found.length < 2 || !isType(found)) return found;
	for (let from = at + 1; from < at + found.length; from++) {
		const later = longestPhrase(words, from, limit);
		if (!later || !isType(later) || from + later.length <= at + found.length) continue;
		const shorter = longestPhrase(words, at, from);
		if (shorter?.length === from - at) return shorter;
	}
	return found;
}

const isNothing = (found: Found | undefined) =>
	!found || found.senses.every(({ kind }) => kind === 'filler' || kind === 'link' || kind === 'type');
const saysColour = ({ kind }: Sense) => kind === 'colour' || kind === 'print' || kind === 'tone';
const isSaid = ({ kind }: Sense) => saysColour({ kind } as Sense) || kind === 'facet' || kind === 'metal';

/** The first word of a parted name: its last one says what the thing is. */
const firstOfName: Found = { senses: [{ kind: 'filler' }], length: 1 };

/** As many words of description as may part a name. */
const partedBy = 3;

/**
 * A name of two words that are parted by what is said of the thing: "drop pearl earrings", "opera satin gloves". Where its first word
 * is a thing by itself ("slip silk dress"), only cloth and metal may part it, and nothing be said before it: "a black top,
 * white hat" without its comma is no top hat. Undefined where there is none; else where its last word stands, and what the name means.
 */
function partedName(
	words: readonly string[],
	at: number,
	limit: number,
	opens: boolean
): (Found & { at: number }) | undefined {
	if (!namesBegin.has(words[at] ?? '')) return undefined;
	const first = longestPhrase(words, at, limit);
	const isThing = first !== undefined && isType(first);
	if ((first?.length ?? 1) > 1 || !isNothing(first) || (isThing && !opens)) return undefined;
	for (let next = at + 1, between = 0; next < limit; between++) {
		const found = longestPhrase(words, next, limit);
		const whole = between > 0 ? longestPhrase([words[at] ?? '', words[next] ?? ''], 0, 2) : undefined;
		if (whole?.length === 2 && isType(whole) && (found?.length ?? 1) === 1) return { ...whole, at: next };
		if (between === partedBy || !found || isType(found) || !found.senses.some(isSaid)) return undefined;
		if (isThing && found.senses.every(saysColour)) return undefined;
		next += found.length;
	}
	return undefined;
}

/** Between a kind and a thing they say that it is made after that kind: "tuxedo style jacket", "a biker-inspired coat". */
const afterAKind = new Set(['style', 'styled', 'type', 'inspired']);
export const saysAfterAKind = (word: string) => afterAKind.has(word);

/** A name with such a word in it: "cowboy style boots" are cowboy boots. */
function styledName(words: readonly string[], at: number, limit: number): Found | undefined {
	for (let kind = 1; kind <= 2 && at + kind + 1 < limit; kind++) {
		if (!saysAfterAKind(words[at + kind] ?? '')) continue;
		const after = at + kind + 1;
		const said = [...words.slice(at, at + kind), ...words.slice(after, limit)];
		const found = longestPhrase(said, 0, said.length);
		// "Patiala style salwar kameez": the longer name of the thing itself is not cut.
		const thing = longestPhrase(words, after, limit)?.length ?? 1;
		if (found && found.length >= kind + thing && isType(found)) return { ...found, length: found.length + 1 };
	}
	return undefined;
}

const hairType = ({ senses }: Found) =>
	senses.some((sense) => sense.kind === 'type' && garmentType(sense.type).family === 'hairstyles');

/** "Jasmine in her bun": what is said to be in the hair, up to how the hair is done. */
function inHair(words: readonly string[], at: number, limit: number): Found | undefined {
	if (!['in', 'round', 'around', 'behind'].includes(words[at + 1] ?? '')) return undefined;
	const worn = longestPhrase([words[at] ?? '', 'in', 'the', 'hair'], 0, 4);
	if (!worn || worn.length < 4 || !isType(worn)) return undefined;
	let next = at + 2;
	while (next < limit && articles.has(words[next] ?? '')) next++;
	const hair = longestPhrase(words, next, limit);
	return hair && hairType(hair) && words[next] !== 'hair' ? { ...worn, length: next - at } : undefined;
}

/** "Hair: up": how it is done, after the colon. */
function hairAfterColon(words: readonly string[], at: number, limit: number): Found | undefined {
	if (words[at - 1] !== 'hair') return undefined;
	const found = longestPhrase(words, at - 1, limit);
	return found && found.length > 1 && hairType(found) ? { ...found, length: found.length - 1 } : undefined;
}

/** The words of a text as they are looked up: mistyped ones as they were meant, owners without their "s". */
function wordsMeant(tokens: readonly Token[], text: string, own: readonly OwnWord[]) {
	const taught = new Set(own.flatMap(({ word }) => wordsOf(word)));
	return tokens.map(({ word, start, end }): { word: string; meant?: string } => {
		if (taught.has(word)) return { word };
		const owner = /['’]s$/i.test(text.slice(start, end)) ? word.slice(0, -1) : '';
		const alone = longestPhrase([word], 0, 1);
		if (knownWords.has(owner) && (!knownWords.has(word) || (alone && isType(alone)))) return { word: owner };
		if (knownWords.has(word)) return { word };
		if (isForm(word) || inflected(word).length > 0) return { word };
		const meant = meantFor(word);
		return meant === undefined ? { word } : { word: meant, meant };
	});
}

/** "Black tie: a tuxedo, …": how many words at the start are a dress code and stand over what follows. */
function headingOf(tokens: readonly Token[], text: string): number {
	const colon = tokens.findIndex(({ labelled }) => labelled);
	const [first, last] = [tokens[0], tokens[colon - 1]];
	if (!first || !last || tokens.slice(1, colon).some(({ breakBefore }) => breakBefore)) return 0;
	const heading = text.slice(first.start, last.end);
	// "Black tie: silk" is a tie.
	const end = tokens.findIndex(({ breakBefore }, at) => at > colon && breakBefore);
	const words = tokens.slice(colon, end < 0 ? undefined : end).map(({ word }) => word);
	const names = words.some((_, at) => {
		const found = longestPhrase(words, at, words.length);
		return found && isType(found);
	});
	return names && dressCodes.some(({ said }) => said.exec(heading)?.[0].length === heading.length)
		? colon
		: 0;
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
	const heading = headingOf(tokens, text);
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
		const opening: Found | undefined =
			at === 0 && heading > 0 ? { senses: [{ kind: 'filler' }], length: heading } : undefined;
		const found = measured
			? { senses: [measured], length: 2 }
			: (opening ??
				ownPhraseAt(own, words, at) ??
				(parted && firstOfName) ??
				(last && { senses: last.senses, length: 1 }) ??
				styled ??
				inHair(words, at, limit) ??
				(first.labelled ? hairAfterColon(words, at, limit) : undefined) ??
				phraseAt(words, at, limit, isHyphenated) ??
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
			breakBefore: first.breakBefore,
			hyphenated: first.hyphenated,
			...(first.aside ? { aside: first.aside } : {}),
			...(first.labelled ? { labelled: first.labelled } : {}),
			senses,
			...(senses.length > 0 && slipped ? { meant: mended.join(' ') } : {})
		});
		at += length;
	}
	return spans;
}
