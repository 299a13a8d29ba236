/** Searching a rail or a tray in the trade's words: what a thing is, its family, colours, cloth, print, size, place and note. */
import MiniSearch from 'minisearch';
import { garmentInWords } from '../closeness/words';
import { familyOf, type ColourFamily } from '../colour/family';
import { labOfHex } from '../colour/spaces';
import { colourName } from '../colour/words';
import { facetValue, type FacetId } from '../lexicon/facets';
import { slots } from '../lexicon/slots';
import { garmentType } from '../lexicon/taxonomy';
import type { Garment } from '../model/garment';

/** Families that are also looked for under a wider word (common practice). */
const widerColours: Partial<Record<ColourFamily, string>> = {
	navy: 'blue',
	denim: 'blue',
	ivory: 'white cream neutral',
	white: 'neutral',
	black: 'neutral',
	grey: 'neutral',
	beige: 'neutral',
	camel: 'brown tan neutral',
	brown: 'neutral',
	gold: 'metallic',
	silver: 'metallic'
};

/** Remembered, since a studio holds few distinct colours and many pieces. */
const knownColours = new Map<string, string>();
function wordsOfColour(hex: string): string {
	let words = knownColours.get(hex);
	if (words === undefined) {
		const family = familyOf(labOfHex(hex));
		words = [colourName(hex), family, widerColours[family] ?? ''].filter(Boolean).join(' ');
		knownColours.set(hex, words);
	}
	return words;
}

/** Families whose pieces are looked for under a word that is not in their name. */
const kindsOfFamily: Record<string, string> = {
	knitwear: 'knit knits',
	cardigans: 'knit knits knitwear',
	tees: 'tee tees t-shirt',
	jeans: 'denim trousers',
	coats: 'outerwear',
	jackets: 'outerwear'
};

const knownGarments = new WeakMap<Garment, string>();

/** Everything that a garment can be found by. */
export function wordsOfGarment(garment: Garment): string {
	let words = knownGarments.get(garment);
	if (words === undefined) knownGarments.set(garment, (words = workedOut(garment)));
	return words;
}

function workedOut(garment: Garment): string {
	const type = garmentType(garment.type);
	return [
		garmentInWords(garment),
		type.singular,
		type.plural,
		...type.words.map(({ word }) => word),
		type.familyLabel,
		type.divisionLabel,
		Object.hasOwn(kindsOfFamily, type.family) ? kindsOfFamily[type.family] : '',
		slots[type.slot].label,
		...garment.palette.map(({ hex }) => wordsOfColour(hex)),
		...Object.entries(garment.facets).map(
			([facet, { value }]) => facetValue(facet as FacetId, value)?.label ?? value
		),
		garment.facets.material ? '' : (type.usual.material ?? ''),
		garment.print?.family.value.replace(/-/g, ' ') ?? '',
		garment.metal?.value.replace(/-/g, ' ') ?? ''
	]
		.filter(Boolean)
		.join(' ');
}

/** Something to be found: its garments, and what else is written about it. */
export interface Searchable {
	key: string;
	garments: readonly Garment[];
	/** Name, size, place, note, shop… */
	texts: readonly string[];
}

/** Short words are typed as they are meant; of longer ones one letter in five may be wrong. */
const fuzzyFrom = 4;
const fuzziness = 0.2;

/** Finds the keys of things by what is typed. */
export type Finder = (typed: string) => ReadonlySet<string>;

interface Entry {
	id: number;
	words: string;
}

const emptyIndex = () =>
	new MiniSearch<Entry>({
		fields: ['words'],
		processTerm: (term) =>
			term
				.toLowerCase()
				.normalize('NFD')
				.replace(/[\u0300-\u036f’']/g, ''),
		searchOptions: {
			combineWith: 'AND',
			prefix: true,
			fuzzy: (term) => (term.length >= fuzzyFrom ? fuzziness : false)
		}
	});

const entryOf = ({ garments, texts }: Searchable, id: number): Entry => ({
	id,
	// Each word once: a name is said again in what the garment is.
	words: [...new Set([...texts, ...garments.map(wordsOfGarment)].join(' ').split(/\s+/))].join(' ')
});

const finderIn =
	(index: MiniSearch<Entry>, things: readonly Searchable[]): Finder =>
	(typed) =>
		typed.trim() === ''
			? new Set(things.map(({ key }) => key))
			: new Set(index.search(typed).map(({ id }) => things[id as number]?.key ?? ''));

/**
 * A search over things. Every word that is typed must begin a word of the thing, or be one of them but for a slip.
 * The order of the things is theirs, not the search's.
 *
 * @example searchOver(things)('blue knit') // the keys of a navy jumper and of a denim-blue cardigan
 */
export function searchOver(things: readonly Searchable[]): Finder {
	const index = emptyIndex();
	index.addAll(things.map(entryOf));
	return finderIn(index, things);
}

/** As many things as are entered at a time, so that a key pressed meanwhile is heard. */
const atATime = 40;

/** The same search, made bit by bit so that nothing else waits for it. */
export async function searchOverSoon(things: readonly Searchable[]): Promise<Finder> {
	const index = emptyIndex();
	for (let from = 0; from < things.length; from += atATime) {
		index.addAll(things.slice(from, from + atATime).map((thing, i) => entryOf(thing, from + i)));
		await new Promise((resolve) => setTimeout(resolve));
	}
	return finderIn(index, things);
}
