import { colourWords, type ColourWord } from '../lexicon/colours';
import { deltaE00 } from './difference';
import { familiesRelated, familyOf } from './family';
import { metallicOf } from './metallic';
import { similarityOfDifference, measureColour } from './similarity';
import { chromaOf, labOfHex, type Lab } from './spaces';

/** Metals are named from the metal, never from a colour that is near theirs. */
const anchors = colourWords
	.filter(({ hex }) => !metallicOf(hex))
	.map((entry) => ({ ...entry, lab: labOfHex(entry.hex) }));

/** Colours of other cloth are named by no wash of denim. */
const ofCloth = anchors.filter(({ family }) => family !== 'denim');

const names = new Map<string, string>();

/**
 * The trade's word for a colour: the nearest colour word of its own family, else of any.
 *
 * @param isDenim may it be named by a wash of denim? Without, only by a colour that any cloth has, unless it is that very wash
 */
export function colourName(hex: string, isDenim = true): string {
	const key = `${hex} ${isDenim}`;
	const known = names.get(key);
	if (known !== undefined) return known;
	const metallic = metallicOf(hex);
	if (metallic) return metallic.word;
	const lab = labOfHex(hex);
	const family = familyOf(lab);
	const named = isDenim || anchors.some((anchor) => anchor.hex === hex) ? anchors : ofCloth;
	const own = named.filter((anchor) => anchor.family === family);
	const nearest = (own.length > 0 ? own : named).reduce<{ word: string; distance: number }>(
		(best, anchor) => {
			const distance = deltaE00(lab, anchor.lab);
			return distance < best.distance ? { word: anchor.word, distance } : best;
		},
		{ word: family, distance: Infinity }
	);
	names.set(key, nearest.word);
	return nearest.word;
}

/** The entry of a colour word, whichever of its names is said; undefined for a word that names no colour. */
export const colourOfWord = (said: string): ColourWord | undefined => {
	const name = said.trim().toLowerCase();
	return colourWords.find(({ word, also }) => word === name || also.includes(name));
};

/** As near to the colour that a word names is meant by it too: clearly related, in CIEDE2000. */
const meantWithin = 10;

/** Is a colour one that the word names? A family's own name means all of it, any other word its neighbourhood. */
export function isColourOf(said: string, hex: string): boolean {
	const named = colourOfWord(said);
	if (!named) return false;
	const colour = measureColour(hex);
	// Gold lies near mustard, and is not refused with it.
	if (colour.metallic !== measureColour(named.hex).metallic) return false;
	return named.word === named.family
		? colour.family === named.family
		: deltaE00(colour.lab, named.lab) <= meantWithin;
}

const step = (size: number, small: string, middle: string, large: string) =>
	size < 8 ? small : size < 20 ? middle : large;

function hueLean(asked: Lab, given: Lab): string | undefined {
	if (chromaOf(asked) < 6 && chromaOf(given) < 6) return undefined;
	const towardsYellow = given.b - asked.b;
	const towardsRed = given.a - asked.a;
	if (Math.max(Math.abs(towardsYellow), Math.abs(towardsRed)) < 3.5) return undefined;
	if (Math.abs(towardsYellow) >= Math.abs(towardsRed)) {
		if (towardsYellow > 0) return asked.b < 0 ? 'less blue' : 'more yellow';
		return asked.b > 4 ? 'less yellow' : 'bluer';
	}
	if (towardsRed > 0) return asked.a < 0 ? 'less green' : 'redder';
	return asked.a > 4 ? 'less red' : 'greener';
}

/**
 * How a given colour differs from the asked one, as a stylist would say it: "same family, a shade lighter,
 * less blue". Depth first, then how the hue leans, then how clear or muted it is.
 */
export function colourDifferenceInWords(askedHex: string, givenHex: string): string {
	const asked = measureColour(askedHex);
	const given = measureColour(givenHex);
	const difference = deltaE00(asked.lab, given.lab);
	if (similarityOfDifference(difference) === 1) return 'the same colour';

	const depth = given.lab.l - asked.lab.l;
	const words: string[] = [];
	if (asked.family === given.family) words.push('same family');
	else if (familiesRelated(asked.family, given.family))
		words.push(`${colourName(givenHex)} for ${colourName(askedHex)}, related`);
	else words.push(`${colourName(givenHex)}, not ${colourName(askedHex)}`);

	if (Math.abs(depth) < 2.5) words.push('same depth');
	else words.push(step(Math.abs(depth), 'a touch', 'a shade', 'much') + (depth > 0 ? ' lighter' : ' darker'));
	if (difference < 30) {
		const lean = hueLean(asked.lab, given.lab);
		if (lean) words.push(lean);
		else {
			const chroma = chromaOf(given.lab) - chromaOf(asked.lab);
			if (Math.abs(chroma) > 8) words.push(chroma > 0 ? 'clearer' : 'more muted');
		}
	}
	return words.join(', ');
}
