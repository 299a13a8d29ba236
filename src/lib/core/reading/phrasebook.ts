/** Every phrase of the lexicon with what it can mean, ready to be looked up word by word. */
import { bared } from '../lexicon/bared';
import { colourWords } from '../lexicon/colours';
import { details } from '../lexicon/details';
import { facetPhrases } from '../lexicon/facet-words';
import { materialWords } from '../lexicon/material-words';
import { materials } from '../lexicon/materials';
import { moveWords } from '../lexicon/move-words';
import { metals } from '../lexicon/metals';
import { moveIds, moveOf } from '../lexicon/moves';
import { prints } from '../lexicon/prints';
import {
	fillers,
	generalThings,
	hedges,
	links,
	noted,
	tones,
	wholeLook,
	type Link
} from '../lexicon/reading-words';
import { garmentType, garmentTypes } from '../lexicon/taxonomy';
import type { Sense } from './model';
import { wordsOf } from './tokens';

export interface PhraseNode {
	next: Map<string, PhraseNode>;
	senses: Sense[];
}
const node = (): PhraseNode => ({ next: new Map(), senses: [] });

/** Words that point at a thing that is known already, or soon will be. */
export const definites = new Set([
	'the',
	'his',
	'her',
	'its',
	'their',
	'my',
	'this',
	'that',
	'these',
	'those'
]);
export const indefinites: ReadonlySet<string> = new Set(['a', 'an']);
export const articles = new Set([...indefinites, ...definites]);
const verbs: ReadonlySet<string> = new Set(['is', 'are', 'was', 'were']);
/** Words that may stand inside a phrase without changing it: "cuffs turned back", "the cuffs are turned back". */
const glue = new Set([...articles, ...verbs]);

const root = node();
/** What is written with "the" inside: "over the top" is a place, "over a top" another thing. */
const ofTheOne = new WeakSet<Sense>();
/** Phrases of several words written as one: "rollneck". */
const joined = new Map<string, PhraseNode>();
/** Every word that stands in a phrase. */
export const knownWords = new Set<string>();
/** Those that a mistyped word may be meant for. */
export const vocabulary = new Set<string>();
/** Those that name a garment by themselves. */
export const namesAlone = new Set<string>();
/** First words of names of two words. */
export const namesBegin = new Set<string>();
/** Of names and features of two words: what follows a word, and what stands before one. */
export const secondsOf = new Map<string, Set<string>>();
export const firstsOf = new Map<string, Set<string>>();
const pairUp = (pairs: Map<string, Set<string>>, word: string, other: string) =>
	pairs.set(word, (pairs.get(word) ?? new Set()).add(other));

function enter(phrase: string, sense: Sense): void {
	const written = wordsOf(phrase);
	const isInside = (i: number) => i > 0 && i < written.length - 1;
	if (written.some((word, i) => isInside(i) && (definites.has(word) || word === 'one'))) ofTheOne.add(sense);
	const words = written.filter((word, i) => !isInside(i) || !glue.has(word));
	if (words.length === 0) return;
	let at = root;
	for (const word of words) {
		let next = at.next.get(word);
		if (!next) at.next.set(word, (next = node()));
		at = next;
	}
	at.senses.push(sense);
	const [first = '', second = ''] = words;
	if (words.length === 2 && (sense.kind === 'type' || sense.kind === 'facet')) {
		pairUp(secondsOf, first, second);
		pairUp(firstsOf, second, first);
	}
	if (words.length === 2 && sense.kind === 'type') namesBegin.add(first);
	if (words.length === 1 && sense.kind === 'type' && (words[0]?.length ?? 0) >= 4)
		namesAlone.add(words[0] ?? '');
	if (words.length > 1) joined.set(words.join(''), at);
	for (const word of words) {
		knownWords.add(word);
		if (!['filler', 'link', 'none'].includes(sense.kind) && word.length >= 4) vocabulary.add(word);
	}
}

/** Does a phrase mean anything by itself? */
const isEntered = (phrase: string) => {
	let at: PhraseNode | undefined = root;
	for (const word of wordsOf(phrase)) at = at?.next.get(word);
	return at !== undefined && at.senses.length > 0;
};

/** "scarf" → "scarves", "watch" → "watches", "string of pearls" → "strings of pearls"; what is plural already stays. */
export function pluralOf(phrase: string): string {
	const [, name, made] = /^(\S+)( of .+)$/.exec(phrase) ?? [];
	if (name && made) return pluralOf(name) + made;
	if (/s$/.test(phrase) && !/ss$/.test(phrase)) return phrase;
	if (/(s|x|z|ch|sh)$/.test(phrase)) return `${phrase}es`;
	if (/[^aeiou]y$/.test(phrase)) return `${phrase.slice(0, -1)}ies`;
	return `${phrase}s`;
}

/** Names that are written down; a plural made by rule gives way to them. */
const named = new Set(
	garmentTypes.flatMap(({ singular, plural, words }) =>
		[singular, plural, ...words.map(({ word }) => word)].map((word) => word.toLowerCase())
	)
);
for (const { id, singular, plural, words } of garmentTypes) {
	const spoken = new Map<string, 'uk' | 'us' | undefined>([
		[singular.toLowerCase(), undefined],
		[plural.toLowerCase(), undefined]
	]);
	for (const { word, locale } of words)
		for (const form of [word.toLowerCase(), pluralOf(word.toLowerCase())])
			if (!spoken.has(form) && (form === word.toLowerCase() || !named.has(form))) spoken.set(form, locale);
	for (const [word, locale] of spoken) enter(word, { kind: 'type', type: id, locale });
}
/** "bootcut jean", "platform sandal": names that are plural alone are said in the singular as well. */
const singulars: [string, Sense][] = garmentTypes.flatMap(({ id, plural, words }) =>
	[{ word: plural, locale: undefined }, ...words].flatMap(({ word, locale }): [string, Sense][] => {
		const one = word.toLowerCase().replace(/(?<=[^s]{4})s$/, '');
		const ends = wordsOf(one).at(-1) ?? '';
		const isPart = details.some((detail) => detail.words.includes(ends));
		return one === word.toLowerCase() || isPart ? [] : [[one, { kind: 'type', type: id, locale }]];
	})
);

/** "High necks", "drop waists": of several things a cut is said in the plural of its part. */
const ofOnePart = /[ -](?:neck|neckline|waist|waistline|toe|hem|collar)$/;
for (const { facet, value, phrase, free } of facetPhrases) {
	const sense: Sense = { kind: 'facet', facet, value, free };
	enter(phrase, sense);
	const several = pluralOf(phrase);
	if (ofOnePart.test(phrase) && !isEntered(several)) enter(several, sense);
}
for (const { id, label } of materials)
	for (const word of [label, ...(materialWords[id]?.words ?? [])])
		enter(word, { kind: 'facet', facet: 'material', value: id, free: true });
for (const { word, also, hex } of colourWords)
	for (const form of [word, ...also]) {
		enter(form, { kind: 'colour', hex });
		// "light denim" says the cloth as well as its colour.
		if (form.endsWith(' denim'))
			enter(form, { kind: 'facet', facet: 'material', value: 'denim', free: true });
	}
for (const tone of tones) for (const word of tone.words) enter(word, { kind: 'tone', tone });
for (const { id, label, words } of prints)
	for (const word of new Set([label, ...words])) enter(word, { kind: 'print', family: id });
for (const { id, label, words } of metals)
	for (const word of new Set([label, ...words])) enter(word, { kind: 'metal', metal: id });
for (const move of moveIds)
	for (const word of new Set([moveOf(move).label, ...moveWords[move]])) enter(word, { kind: 'move', move });
for (const detail of details) for (const word of detail.words) enter(word, { kind: 'detail', detail });
for (const link of Object.keys(links) as Link[])
	for (const word of links[link]) enter(word, { kind: 'link', link });
for (const [phrase, type] of bared) enter(phrase, { kind: 'none', type });
for (const word of hedges) enter(word, { kind: 'hedge' });
for (const word of wholeLook) enter(word, { kind: 'stands-for', what: 'look' });
for (const word of generalThings) enter(word, { kind: 'stands-for', what: 'things' });
for (const word of noted) enter(word, { kind: 'note' });
for (const word of fillers) enter(word, { kind: 'filler' });
// "Turn-back cuffs", "tuxedo stripes": a part of several words is said of several as well.
for (const detail of details)
	for (const word of detail.words)
		if (word.includes(' ') && !isEntered(pluralOf(word))) enter(pluralOf(word), { kind: 'detail', detail });
// A singular made by rule gives way to whatever is written down.
for (const [phrase, sense] of singulars) if (!isEntered(phrase)) enter(phrase, sense);

// "Rollneck", written as one among the necklines, names the garment as "roll neck" does.
for (const [word, { senses }] of joined) {
	const single = root.next.get(word);
	if (!single || single.senses.length === 0) continue;
	const names = senses.filter(
		(sense) => sense.kind === 'type' && !single.senses.some((own) => own.kind === 'type')
	);
	single.senses.push(...names);
}

/** "Along the" ends in what "along the top" may hold: after it, phrases go on as they do without it. */
function goOnAfterGlue(from: PhraseNode): void {
	for (const [word, child] of from.next) {
		if (glue.has(word))
			for (const [other, next] of from.next)
				if (!glue.has(other) && !child.next.has(other)) child.next.set(other, next);
		goOnAfterGlue(child);
	}
}
for (const first of root.next.values()) goOnAfterGlue(first);

export interface Found {
	senses: readonly Sense[];
	/** How many words it takes. */
	length: number;
}

/** Do two words stand side by side in one phrase, as its first and last? */
const goesOn = (first: string, second: string) =>
	(root.next.get(first)?.next.get(second)?.senses.length ?? 0) > 0;

/** "The hair is up" is a way of wearing it; "the dress is a shirt" is no dress shirt. */
const holdsOverVerb = (sense: Sense): boolean =>
	sense.kind !== 'type' || garmentType(sense.type).division === 'beauty';

/** What a thing is or is of; an article begins another thing. */
const ofOneThing: ReadonlySet<Sense['kind']> = new Set(['type', 'colour', 'facet', 'metal', 'print', 'tone']);

/** "A blazer teal, the blue scarf" is not teal blue, "a shirt, a dress" no shirt dress, "round the neck" no round neck, unless it is written so. */
const holdsOverArticle = (sense: Sense): boolean => ofTheOne.has(sense) || !ofOneThing.has(sense.kind);

/** Does a meaning hold over what was met inside its phrase? */
const holds = (sense: Sense, hasVerb: boolean, hasArticle: boolean, hasIndefinite: boolean): boolean =>
	!(hasVerb && !holdsOverVerb(sense)) &&
	!(hasArticle && !holdsOverArticle(sense)) &&
	// "Over a top" is no place.
	!(hasIndefinite && ofTheOne.has(sense));

/** The longest phrase of the lexicon that begins at a word; undefined where none does. */
export function longestPhrase(words: readonly string[], from: number, to: number): Found | undefined {
	let at: PhraseNode | undefined = root;
	let best: Found | undefined;
	let hasVerb = false;
	let hasArticle = false;
	let hasIndefinite = false;
	for (let i = from; i < to; i++) {
		const word = words[i] ?? '';
		const next: PhraseNode | undefined = at.next.get(word);
		const isGlue = i > from && glue.has(word);
		if (isGlue) {
			hasVerb ||= verbs.has(word);
			hasArticle ||= articles.has(word);
			hasIndefinite ||= indefinites.has(word);
		}
		if (!next) {
			if (!isGlue) break;
			continue;
		}
		at = next;
		// "Gold and silver grey": what "and" joins to a name ends where its last word begins another.
		const isTorn = words[i - 1] === 'and' && i - 1 > from && i + 1 < to && goesOn(word, words[i + 1] ?? '');
		const senses =
			hasVerb || hasArticle
				? at.senses.filter((sense) => holds(sense, hasVerb, hasArticle, hasIndefinite))
				: at.senses;
		if (senses.length > 0 && !isTorn) best = { senses, length: i - from + 1 };
	}
	const single = best ? undefined : joined.get(words[from] ?? '');
	return best ?? (single ? { senses: single.senses, length: 1 } : undefined);
}
