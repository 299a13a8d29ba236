import { familyBoxes, type ColourFamily } from '../lexicon/colour-families';
import { chromaOf, hueOf, type Lab } from './spaces';

export { colourFamilies, type ColourFamily } from '../lexicon/colour-families';

/** Families near enough to be called related though their names differ (common practice; symmetric). */
const relatives: [ColourFamily, ColourFamily][] = [
	['white', 'ivory'],
	['ivory', 'beige'],
	['beige', 'camel'],
	['camel', 'brown'],
	['navy', 'blue'],
	['navy', 'denim'],
	['denim', 'blue'],
	['blue', 'teal'],
	['teal', 'green'],
	['green', 'olive'],
	['yellow', 'gold'],
	['orange', 'red'],
	['red', 'burgundy'],
	['red', 'pink'],
	['burgundy', 'purple'],
	['pink', 'purple'],
	['grey', 'silver'],
	['black', 'grey']
];

/** Families that a general word for a colour may be meant to hold besides its own (common practice). */
const shades: Partial<Record<ColourFamily, readonly ColourFamily[]>> = {
	green: ['olive', 'teal'],
	blue: ['navy', 'denim', 'teal'],
	red: ['burgundy'],
	brown: ['camel'],
	beige: ['camel'],
	white: ['ivory']
};
/** Is a colour of this family perhaps meant by the other's name: olive by "green"? */
export const mayBeMeantBy = (name: ColourFamily, family: ColourFamily): boolean =>
	shades[name]?.includes(family) ?? false;

/** The family itself, or a related one? */
export function familiesRelated(a: ColourFamily, b: ColourFamily): boolean {
	return a === b || relatives.some(([x, y]) => (x === a && y === b) || (x === b && y === a));
}

const within = (value: number, [from, to]: readonly [number, number]) => value >= from && value < to;

/**
 * The colour family that a stylist would name, from lightness, chroma and hue: that of the first box of
 * `lexicon/colour-families.ts` that the colour lies in. Gold and silver are metals first and are never read from a colour
 * alone.
 */
export function familyOf(lab: Lab): ColourFamily {
	const [l, chroma, hue] = [lab.l, chromaOf(lab), hueOf(lab)];
	const box = familyBoxes.find(
		({ lightness, chroma: chromas, hue: hues }) =>
			within(l, lightness) && within(chroma, chromas) && within(hue, hues)
	);
	return box?.family ?? 'purple';
}
