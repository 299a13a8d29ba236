/** The longest phrase of the lexicon at a place in a text. */
import { garmentType } from '../../lexicon/taxonomy';
import { articles, glue, indefinites, verbs } from './glue';
import type { Sense } from '../model';
import { phrasebook, type PhraseNode } from './phrasebook';

export interface Found {
	senses: readonly Sense[];
	/** How many words it takes. */
	length: number;
}

/** Do two words stand side by side in one phrase, as its first and last? */
const goesOn = (first: string, second: string) =>
	(phrasebook().root.next.get(first)?.next.get(second)?.senses.length ?? 0) > 0;

/** "The hair is up" is a way of wearing it; "the dress is a shirt" is no dress shirt. */
const holdsOverVerb = (sense: Sense): boolean =>
	sense.kind !== 'type' || garmentType(sense.type).division === 'beauty';

/** What a thing is or is of; an article begins another thing. */
const ofOneThing: ReadonlySet<Sense['kind']> = new Set(['type', 'colour', 'facet', 'metal', 'print', 'tone']);

/** "A blazer teal, the blue scarf" is not teal blue, "a shirt, a dress" no shirt dress, "round the neck" no round neck, unless it is written so. */
const holdsOverArticle = (sense: Sense): boolean =>
	phrasebook().ofTheOne.has(sense) || !ofOneThing.has(sense.kind);

/** Does a meaning hold over what was met inside its phrase? */
const holds = (sense: Sense, hasVerb: boolean, hasArticle: boolean, hasIndefinite: boolean): boolean =>
	!(hasVerb && !holdsOverVerb(sense)) &&
	!(hasArticle && !holdsOverArticle(sense)) &&
	// "Over a top" is no place.
	!(hasIndefinite && phrasebook().ofTheOne.has(sense));

/** The longest phrase of the lexicon that begins at a word; undefined where none does. */
export function longestPhrase(words: readonly string[], from: number, to: number): Found | undefined {
	const { root, joined } = phrasebook();
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
