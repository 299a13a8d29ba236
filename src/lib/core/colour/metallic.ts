import { colourWords } from '../lexicon/colours';
import { metalGroups, metals } from '../lexicon/metals';
import type { ColourFamily } from './family';

/** The look of a metal on cloth or leather: gold sandals are not mustard ones. */
export interface Metallic {
	/** The trade's word for it. */
	word: string;
	family: Extract<ColourFamily, 'gold' | 'silver'>;
}

const [goldGroup = [], silverGroup = []] = metalGroups;
const ofMetals = metals.flatMap(({ id, label, hex }): [string, Metallic][] => {
	if (goldGroup.includes(id)) return [[hex, { word: label, family: 'gold' }]];
	if (silverGroup.includes(id)) return [[hex, { word: label, family: 'silver' }]];
	return [];
});
const ofWords = colourWords.flatMap(({ word, family, hex }): [string, Metallic][] =>
	family === 'gold' || family === 'silver' ? [[hex, { word, family }]] : []
);
const byHex = new Map([...ofMetals, ...ofWords]);

/**
 * The metal that a swatch is of, where its colour is exactly one that the words for metals give: gold and silver are
 * metals first, and no colour near theirs is taken for one.
 */
export const metallicOf = (hex: string): Metallic | undefined => byHex.get(hex);
