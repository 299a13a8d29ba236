/** Every phrase of the lexicon with what it can mean, entered into a tree of words. */
import { bared } from '../../lexicon/bared';
import { colourWords } from '../../lexicon/colours';
import { details } from '../../lexicon/details';
import { facetPhrases } from '../../lexicon/facet-words';
import { materialWords } from '../../lexicon/material-words';
import { materials } from '../../lexicon/materials';
import { moveWords } from '../../lexicon/move-words';
import { metals } from '../../lexicon/metals';
import { moveIds, moveOf } from '../../lexicon/moves';
import { prints } from '../../lexicon/prints';
import {
	fillers,
	generalThings,
	hedges,
	links,
	noted,
	tones,
	wholeLook,
	type Link
} from '../../lexicon/reading-words';
import { garmentTypes } from '../../lexicon/taxonomy';
import type { Sense } from '../model';
import { glue, definites } from './glue';
import { wordsOf } from './tokens';

export interface PhraseNode {
	readonly next: ReadonlyMap<string, PhraseNode>;
	readonly senses: readonly Sense[];
}
interface Growing extends PhraseNode {
	next: Map<string, Growing>;
	senses: Sense[];
}
/** Nothing goes on from most phrases, and most beginnings of phrases say nothing: these share what they have not. */
const noWords = new Map<string, Growing>();
const noSenses: Sense[] = [];
const node = (): Growing => ({ next: noWords, senses: noSenses });

function leadTo(from: Growing, word: string, next: Growing): Growing {
	if (from.next === noWords) from.next = new Map();
	from.next.set(word, next);
	return next;
}
function mean(at: Growing, senses: readonly Sense[]): void {
	if (at.senses === noSenses) at.senses = [...senses];
	else at.senses.push(...senses);
}

export interface Phrasebook {
	root: Growing;
	/** What is written with "the" inside: "over the top" is a place, "over a top" another thing. */
	ofTheOne: WeakSet<Sense>;
	/** Phrases of several words written as one: "rollneck". */
	joined: Map<string, Growing>;
	/** Every word that stands in a phrase. */
	knownWords: Set<string>;
	/** Those that a mistyped word may be meant for. */
	vocabulary: Set<string>;
	/** Those that name a garment by themselves. */
	namesAlone: Set<string>;
	/** First words of names of two words. */
	namesBegin: Set<string>;
	/** Of names and features of two words: what follows a word, and what stands before one. */
	secondsOf: Map<string, Set<string>>;
	firstsOf: Map<string, Set<string>>;
}
const emptyBook = (): Phrasebook => ({
	root: node(),
	ofTheOne: new WeakSet(),
	joined: new Map(),
	knownWords: new Set(),
	vocabulary: new Set(),
	namesAlone: new Set(),
	namesBegin: new Set(),
	secondsOf: new Map(),
	firstsOf: new Map()
});

const pairUp = (pairs: Map<string, Set<string>>, word: string, other: string) =>
	pairs.set(word, (pairs.get(word) ?? new Set()).add(other));

function enter(book: Phrasebook, phrase: string, sense: Sense): void {
	const written = wordsOf(phrase);
	const inside = written.length > 2 ? written.slice(1, -1) : [];
	if (inside.some((word) => definites.has(word) || word === 'one')) book.ofTheOne.add(sense);
	const words = inside.some((word) => glue.has(word))
		? written.filter((word, i) => i === 0 || i === written.length - 1 || !glue.has(word))
		: written;
	if (words.length === 0) return;
	let at = book.root;
	for (const word of words) at = at.next.get(word) ?? leadTo(at, word, node());
	mean(at, [sense]);
	if (words.length > 1) book.joined.set(words.join(''), at);
	note(book, words, sense);
}

/** What no mistyped word is meant for. */
const joining: ReadonlySet<Sense['kind']> = new Set(['filler', 'link', 'none']);

/** Notes of the words of a phrase what is asked of them by themselves. */
function note(book: Phrasebook, words: readonly string[], { kind }: Sense): void {
	const [first = '', second = ''] = words;
	if (words.length === 2 && (kind === 'type' || kind === 'facet')) {
		pairUp(book.secondsOf, first, second);
		pairUp(book.firstsOf, second, first);
	}
	if (words.length === 2 && kind === 'type') book.namesBegin.add(first);
	if (words.length === 1 && kind === 'type' && first.length >= 4) book.namesAlone.add(first);
	for (const word of words) {
		book.knownWords.add(word);
		if (word.length >= 4 && !joining.has(kind)) book.vocabulary.add(word);
	}
}

/** Does a phrase mean anything by itself? */
function isEntered(book: Phrasebook, phrase: string): boolean {
	let at: PhraseNode | undefined = book.root;
	for (const word of wordsOf(phrase)) at = at?.next.get(word);
	return at !== undefined && at.senses.length > 0;
}

/** "scarf" → "scarves", "watch" → "watches", "string of pearls" → "strings of pearls"; what is plural already stays. */
export function pluralOf(phrase: string): string {
	const [, name, made] = /^(\S+)( of .+)$/.exec(phrase) ?? [];
	if (name && made) return pluralOf(name) + made;
	if (/s$/.test(phrase) && !/ss$/.test(phrase)) return phrase;
	if (/(s|x|z|ch|sh)$/.test(phrase)) return `${phrase}es`;
	if (/[^aeiou]y$/.test(phrase)) return `${phrase.slice(0, -1)}ies`;
	return `${phrase}s`;
}

function enterNames(book: Phrasebook): void {
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
		for (const [word, locale] of spoken) enter(book, word, { kind: 'type', type: id, locale });
	}
}

/** "Bootcut jean", "platform sandal": names that are plural alone are said in the singular as well. */
const singulars = (): [string, Sense][] => {
	const parts = new Set(details.flatMap(({ words }) => words));
	return garmentTypes.flatMap(({ id, plural, words }) =>
		[{ word: plural, locale: undefined }, ...words].flatMap(({ word, locale }): [string, Sense][] => {
			const one = word.toLowerCase().replace(/(?<=[^s]{4})s$/, '');
			if (one === word.toLowerCase() || parts.has(wordsOf(one).at(-1) ?? '')) return [];
			return [[one, { kind: 'type', type: id, locale }]];
		})
	);
};

/** "High necks", "drop waists": of several things a cut is said in the plural of its part. */
const ofOnePart = /[ -](?:neck|neckline|waist|waistline|toe|hem|collar)$/;

function enterFeatures(book: Phrasebook): void {
	for (const { facet, value, phrase, free } of facetPhrases) {
		const sense: Sense = { kind: 'facet', facet, value, free };
		enter(book, phrase, sense);
		if (ofOnePart.test(phrase)) enter(book, pluralOf(phrase), sense);
	}
	for (const { id, label } of materials)
		for (const word of [label, ...(materialWords[id]?.words ?? [])])
			enter(book, word, { kind: 'facet', facet: 'material', value: id, free: true });
	for (const { word, also, hex } of colourWords)
		for (const form of [word, ...also]) {
			enter(book, form, { kind: 'colour', hex });
			// "light denim" says the cloth as well as its colour.
			if (form.endsWith(' denim'))
				enter(book, form, { kind: 'facet', facet: 'material', value: 'denim', free: true });
		}
	for (const tone of tones) for (const word of tone.words) enter(book, word, { kind: 'tone', tone });
	for (const { id, label, words } of prints)
		for (const word of new Set([label, ...words])) enter(book, word, { kind: 'print', family: id });
	for (const { id, label, words } of metals)
		for (const word of new Set([label, ...words])) enter(book, word, { kind: 'metal', metal: id });
}

function enterSmallWords(book: Phrasebook): void {
	for (const move of moveIds)
		for (const word of new Set([moveOf(move).label, ...moveWords[move]]))
			enter(book, word, { kind: 'move', move });
	for (const detail of details)
		for (const word of detail.words) enter(book, word, { kind: 'detail', detail });
	for (const link of Object.keys(links) as Link[])
		for (const word of links[link]) enter(book, word, { kind: 'link', link });
	for (const [phrase, type] of bared) enter(book, phrase, { kind: 'none', type });
	for (const word of hedges) enter(book, word, { kind: 'hedge' });
	for (const word of wholeLook) enter(book, word, { kind: 'stands-for', what: 'look' });
	for (const word of generalThings) enter(book, word, { kind: 'stands-for', what: 'things' });
	for (const word of noted) enter(book, word, { kind: 'note' });
	for (const word of fillers) enter(book, word, { kind: 'filler' });
	// "Turn-back cuffs", "tuxedo stripes": a part of several words is said of several as well.
	for (const detail of details)
		for (const word of detail.words)
			if (word.includes(' ') && !isEntered(book, pluralOf(word)))
				enter(book, pluralOf(word), { kind: 'detail', detail });
}

/** "Rollneck", written as one among the necklines, names the garment as "roll neck" does. */
function nameJoined({ root, joined }: Phrasebook): void {
	for (const [word, { senses }] of joined) {
		const single = root.next.get(word);
		if (!single || single.senses.length === 0) continue;
		const names = senses.filter(
			(sense) => sense.kind === 'type' && !single.senses.some((own) => own.kind === 'type')
		);
		mean(single, names);
	}
}

/** "Along the" ends in what "along the top" may hold: after it, phrases go on as they do without it. */
function goOnAfterGlue(from: Growing): void {
	for (const [word, child] of from.next) {
		if (glue.has(word))
			for (const [other, next] of from.next)
				if (!glue.has(other) && !child.next.has(other)) leadTo(child, other, next);
		goOnAfterGlue(child);
	}
}

/** A singular made by rule gives way to whatever is written down. */
function enterSingulars(book: Phrasebook): void {
	for (const [phrase, sense] of singulars()) if (!isEntered(book, phrase)) enter(book, phrase, sense);
}

function joinUp(book: Phrasebook): void {
	nameJoined(book);
	for (const first of book.root.next.values()) goOnAfterGlue(first);
}

/** The whole lexicon, part by part. What is entered first is met first where a phrase means several things. */
const parts = [enterNames, enterFeatures, enterSmallWords, enterSingulars, joinUp];
const book = emptyBook();
let written = 0;

/** Writes one more part of the phrasebook; says whether more are wanted. */
export function writePart(): boolean {
	parts[written++]?.(book);
	return written < parts.length;
}

/** It is written when it is first asked for, as far as it is not yet: a page on which nothing is read does not wait for it. */
export function phrasebook(): Phrasebook {
	while (written < parts.length) writePart();
	return book;
}
