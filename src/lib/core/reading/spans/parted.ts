/** Names that do not stand in one piece, or stand over what follows. */
import { dressCodes } from '../../lexicon/dress-codes';
import { garmentType } from '../../lexicon/taxonomy';
import type { Sense, Token } from '../model';
import { articles } from '../words/glue';
import { longestPhrase, type Found } from '../words/longest-phrase';
import { phrasebook } from '../words/phrasebook';

export const isType = ({ senses }: Found) => senses.some(({ kind }) => kind === 'type');

const isNothing = (found: Found | undefined) =>
	!found || found.senses.every(({ kind }) => kind === 'filler' || kind === 'link' || kind === 'type');
const saysColour = ({ kind }: Sense) => kind === 'colour' || kind === 'print' || kind === 'tone';
export const isSaid = ({ kind }: Sense) =>
	saysColour({ kind } as Sense) || kind === 'facet' || kind === 'metal';

/** Of a word that is a part of a name: what the thing is, another word of it says. */
export const partOfName: Sense = { kind: 'filler', ofName: true };
/** The first word of a parted name: its last one says what the thing is. */
export const firstOfName: Found = { senses: [partOfName], length: 1 };

/** As many words of description as may part a name. */
const partedBy = 3;

/** Does a name that stands next name a thing of the same family? */
function staysInFamily(first: Found, words: readonly string[], next: number): boolean {
	const familiesOf = ({ senses }: Found) =>
		senses.flatMap((sense) => (sense.kind === 'type' ? [garmentType(sense.type).family] : []));
	const then = longestPhrase(words, next, words.length);
	return then !== undefined && familiesOf(then).some((family) => familiesOf(first).includes(family));
}

/**
 * A name of two words that are parted by what is said of the thing: "drop pearl earrings", "opera satin gloves". Where its first word
 * is a thing by itself ("slip silk dress"), only cloth and metal may part it, and nothing be said before it: "a black top,
 * white hat" without its comma is no top hat. Undefined where there is none; else where its last word stands, and what the name means.
 */
export function partedName(
	words: readonly string[],
	at: number,
	limit: number,
	opens: boolean
): (Found & { at: number }) | undefined {
	if (!phrasebook().namesBegin.has(words[at] ?? '')) return undefined;
	const first = longestPhrase(words, at, limit);
	const isThing = first !== undefined && isType(first);
	if ((first?.length ?? 1) > 1 || !isNothing(first) || (isThing && !opens)) return undefined;
	for (let next = at + 1, between = 0; next < limit; between++) {
		const found = longestPhrase(words, next, limit);
		const whole = between > 0 ? longestPhrase([words[at] ?? '', words[next] ?? ''], 0, 2) : undefined;
		if (whole?.length === 2 && isType(whole) && (found?.length ?? 1) === 1) return { ...whole, at: next };
		if (between === partedBy || !found || isType(found) || !found.senses.some(isSaid)) return undefined;
		// "A black top, white hat"; but "drop emerald earrings" are earrings either way.
		if (isThing && found.senses.every(saysColour) && !staysInFamily(first, words, next + found.length))
			return undefined;
		next += found.length;
	}
	return undefined;
}

/** Between a kind and a thing they say that it is made after that kind: "tuxedo style jacket", "a biker-inspired coat". */
const afterAKind = new Set(['style', 'styled', 'type', 'inspired']);
export const saysAfterAKind = (word: string) => afterAKind.has(word);

/** A name with such a word in it: "cowboy style boots" are cowboy boots. */
export function styledName(words: readonly string[], at: number, limit: number): Found | undefined {
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
export function inHair(words: readonly string[], at: number, limit: number): Found | undefined {
	if (!['in', 'round', 'around', 'behind'].includes(words[at + 1] ?? '')) return undefined;
	const worn = longestPhrase([words[at] ?? '', 'in', 'the', 'hair'], 0, 4);
	if (!worn || worn.length < 4 || !isType(worn)) return undefined;
	let next = at + 2;
	while (next < limit && articles.has(words[next] ?? '')) next++;
	const hair = longestPhrase(words, next, limit);
	return hair && hairType(hair) && words[next] !== 'hair' ? { ...worn, length: next - at } : undefined;
}

/** "Hair: up": how it is done, after the colon. */
export function hairAfterColon(words: readonly string[], at: number, limit: number): Found | undefined {
	if (words[at - 1] !== 'hair') return undefined;
	const found = longestPhrase(words, at - 1, limit);
	return found && found.length > 1 && hairType(found) ? { ...found, length: found.length - 1 } : undefined;
}

/** The phrases of some words, one after the other; undefined for a word that is not known. */
function phrasesIn(words: readonly string[]): (Found | undefined)[] {
	const phrases: (Found | undefined)[] = [];
	for (let at = 0; at < words.length; at += phrases.at(-1)?.length ?? 1)
		phrases.push(longestPhrase(words, at, words.length));
	return phrases;
}

const carriesNothing = (found: Found | undefined) =>
	!found ||
	found.senses.every(
		(sense) => ['filler', 'note'].includes(sense.kind) || (sense.kind === 'facet' && !sense.free)
	);
const isTone = (found: Found | undefined) => found?.senses.every(({ kind }) => kind === 'tone') === true;

/** "Night *at* the opera", "dressed *for* a wedding". */
const leadsToWhere = new Set(['at', 'for']);
const isFiller = (found: Found | undefined) => found?.senses.every(({ kind }) => kind === 'filler') === true;

/**
 * "Dark academia: …", "1980s power: …": is it no thing, and nothing that things are? No word says anything of a thing but its depth, and
 * some say more than "left ear: …"; or, over several things, its last word is none that is known: "ballerina off-duty".
 */
function namesLook(heading: readonly string[], over: number): boolean {
	const isLead = (word: string, at: number) =>
		leadsToWhere.has(word) && longestPhrase(heading, at, heading.length)?.length === 1;
	// "Tennis match: …" is played.
	const isPlayed = (word: string, at: number) => word === 'match' && at > 0 && at === heading.length - 1;
	const phrases = phrasesIn(heading.filter((word, at) => !isLead(word, at) && !isPlayed(word, at)));
	const saysNothing =
		phrases.every((found) => carriesNothing(found) || isTone(found)) &&
		!phrases.every((found) => isFiller(found) || isTone(found));
	return over > 1 ? saysNothing || phrases.at(-1) === undefined : saysNothing && phrases.length > 1;
}

/**
 * "Black tie: a tuxedo, …", "dark academia: a tweed blazer, …": how many words at the start are a dress code or the name of a look, and
 * stand over the things that follow.
 */
export function headingOf(tokens: readonly Token[], words: readonly string[], text: string): number {
	const colon = tokens.findIndex(({ labelled }) => labelled);
	const [first, last] = [tokens[0], tokens[colon - 1]];
	if (!first || !last || tokens.slice(1, colon).some(({ breakBefore }) => breakBefore)) return 0;
	const heading = text.slice(first.start, last.end);
	const namesIn = (to: number) =>
		phrasesIn(words.slice(colon, to)).filter((found) => found && isType(found)).length;
	// "Black tie: silk" is a tie.
	const end = tokens.findIndex(({ breakBefore }, at) => at > colon && breakBefore);
	if (namesIn(end < 0 ? tokens.length : end) === 0) return 0;
	const isCode = dressCodes.some(({ said }) => said.exec(heading)?.[0].length === heading.length);
	return isCode || namesLook(words.slice(0, colon), namesIn(tokens.length)) ? colon : 0;
}
