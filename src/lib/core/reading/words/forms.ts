/** Words in other forms than the lexicon's: plurals, what is made of a cloth, degrees. */
import { facetOf } from '../../lexicon/facets';
import type { Sense } from '../model';
import { longestPhrase } from './longest-phrase';
import { phrasebook } from './phrasebook';

/**
 * Endings that a word may carry besides its form in the lexicon; what is left is looked up again. Only a plural still
 * names a garment: what is "booted" or "capped" is none.
 */
const endings: [ending: RegExp, replacement: string, names?: true][] = [
	[/(?<=\w{3})ies$/, 'y', true],
	[/(?<=\w{3})es$/, '', true],
	[/(?<=\w{2})s$/, '', true],
	[/(?<=\w{2})([dtn])\1ish$/, '$1'],
	[/(?<=\w{3})ish$/, ''],
	[/(?<=\w{3})ish$/, 'e'],
	[/(?<=\w{3})ed$/, ''],
	[/(?<=\w{3})ed$/, 'e'],
	[/(?<=\w{3})y$/, '']
];
/** "Longer", "widest", "slimmer". */
const degrees: typeof endings = [
	[/(?<=\w{2})([bdgmnpt])\1e(?:r|st)$/, '$1'],
	[/(?<=\w{3})ie(?:r|st)$/, 'y'],
	[/(?<=\w{3})e(?:r|st)$/, ''],
	[/(?<=\w{3})(?:r|st)$/, '']
];

/** "Wides", "skinnies", "furs": the plural of a cut or of a cloth is the name of a thing, and says nothing of another. */
const namesByPlural = (sense: Sense) =>
	sense.kind === 'facet' && (sense.facet === 'material' || facetOf(sense.facet).group === 'shape');

/** A word known in another form: "corduroys", "reddish". Links and fillers do not inflect. */
export function inflected(word: string): readonly Sense[] {
	for (const [ending, replacement, names] of [...endings, ...degrees]) {
		if (!ending.test(word)) continue;
		const all = longestPhrase([word.replace(ending, replacement)], 0, 1)?.senses ?? [];
		if (names && all.some(namesByPlural)) continue;
		const senses = all.filter(
			({ kind }) => !['link', 'filler', 'hedge'].includes(kind) && (names || kind !== 'type')
		);
		if (senses.length > 0) return senses;
	}
	return [];
}

/** Is a word another form of a known one? Then it is not mistyped, even where that form says nothing. */
export const isForm = (word: string) =>
	endings.some(
		([ending, replacement]) =>
			ending.test(word) && phrasebook().knownWords.has(word.replace(ending, replacement))
	);

/** Endings of words that say something of a thing rather than name one. */
export const sayingEnding = /(?:ed|ing|ly|ish|y|ic|al|ous|ful|less|able|ier|iest)$/;
