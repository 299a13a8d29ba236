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

const wordsOfColour = (hex: string) => {
	const family = familyOf(labOfHex(hex));
	return [colourName(hex), family, widerColours[family] ?? ''];
};

/** Families whose pieces are looked for under a word that is not in their name. */
const kindsOfFamily: Record<string, string> = {
	knitwear: 'knit knits',
	cardigans: 'knit knits knitwear',
	tees: 'tee tees t-shirt',
	jeans: 'denim trousers',
	coats: 'outerwear',
	jackets: 'outerwear'
};

/** Everything that a garment can be found by. */
export function wordsOfGarment(garment: Garment): string {
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
		...garment.palette.flatMap(({ hex }) => wordsOfColour(hex)),
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

/**
 * A search over things. Every word that is typed must begin a word of the thing, or be one of them but for a slip.
 * The order of the things is theirs, not the search's.
 *
 * @example searchOver(things)('blue knit') // the keys of a navy jumper and of a denim-blue cardigan
 */
export function searchOver(things: readonly Searchable[]): (typed: string) => ReadonlySet<string> {
	const index = new MiniSearch<{ id: number; words: string }>({
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
	index.addAll(
		things.map(({ garments, texts }, id) => ({
			id,
			words: [...texts, ...garments.map(wordsOfGarment)].join(' ')
		}))
	);
	return (typed) =>
		typed.trim() === ''
			? new Set(things.map(({ key }) => key))
			: new Set(index.search(typed).map(({ id }) => things[id as number]?.key ?? ''));
}
