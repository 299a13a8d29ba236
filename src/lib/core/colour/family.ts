import { chromaOf, hueOf, type Lab } from './spaces';

export const colourFamilies = [
	'white',
	'ivory',
	'black',
	'grey',
	'beige',
	'camel',
	'brown',
	'navy',
	'denim',
	'blue',
	'teal',
	'green',
	'olive',
	'yellow',
	'orange',
	'red',
	'burgundy',
	'pink',
	'purple',
	'gold',
	'silver'
] as const;
export type ColourFamily = (typeof colourFamilies)[number];

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

/** The family itself, or a related one? */
export function familiesRelated(a: ColourFamily, b: ColourFamily): boolean {
	return a === b || relatives.some(([x, y]) => (x === a && y === b) || (x === b && y === a));
}

/**
 * The colour family that a stylist would name, from lightness, chroma and hue.
 *
 * Bounds are common practice, set where the trade's words part: brown is dark orange, ivory is not white, navy
 * is not black. Gold and silver are metals first and are never read from a colour alone.
 */
export function familyOf(lab: Lab): ColourFamily {
	const chroma = chromaOf(lab);
	const hue = hueOf(lab);
	const { l } = lab;
	const warm = hue >= 40 && hue < 110;
	const bluish = hue >= 235 && hue < 310;

	if (l > 96 && chroma < 4.5) return 'white';
	if (l > 88 && chroma < 16 && warm) return 'ivory';
	if (l > 93 && chroma < 5) return 'white';
	if (l < 20 && chroma < 4.5) return 'black';
	if (l < 12 && chroma < 10 && !bluish) return 'black';
	if (l < 24 && chroma >= 5 && bluish && chroma < 30) return 'navy';
	if (l < 17 && hue >= 260 && hue < 312) return 'navy';
	if (chroma < 6 && l < 24) return 'black';
	if (chroma < 8.5 && !(warm && l > 50 && chroma > 6)) return 'grey';
	if (warm && chroma < 30 && l > 68) return 'beige';
	if (warm && chroma < 14 && l > 45) return 'beige';

	if (hue < 40 || hue >= 340) return reds(l, chroma, hue);
	if (hue < 76) return oranges(l, chroma, hue);
	if (hue < 110) return yellows(l, chroma, hue);
	if (hue < 172) return greens(l, chroma, hue);
	if (hue < 235) return 'teal';
	if (hue < 298) return blues(l, chroma, hue);
	if (hue < 340) return hue > 330 && l > 40 && chroma > 40 ? 'pink' : 'purple';
	return 'purple';
}

function reds(l: number, chroma: number, hue: number): ColourFamily {
	if (hue >= 340 && hue < 352) return l < 32 && chroma < 42 ? (hue < 346 ? 'purple' : 'burgundy') : 'pink';
	if (l >= 66) return 'pink';
	if ((hue >= 352 || hue < 14) && l > 42) return 'pink';
	if (l < 27 || (l < 29 && chroma < 52)) return hue > 36 && chroma < 30 ? 'brown' : 'burgundy';
	if (chroma < 22 && hue > 20) return 'brown';
	return 'red';
}

function oranges(l: number, chroma: number, hue: number): ColourFamily {
	if (l < 36 && hue < 50 && chroma > 42) return 'red';
	if (l < 46 && chroma < 50 && !(chroma > 41 && hue < 52)) return 'brown';
	if (hue >= 58 && chroma < 46 && l < 55) return 'brown';
	if (hue >= 60 && chroma < 48 && !(l > 72 && chroma > 38)) return 'camel';
	return hue < 44 && l < 62 ? 'red' : 'orange';
}

function yellows(l: number, chroma: number, hue: number): ColourFamily {
	if (l < 40 && chroma < 32 && hue < 86) return 'brown';
	if (hue < 82 && chroma < 46) return l < 52 ? 'brown' : 'camel';
	if ((l < 60 && chroma < 48) || (l < 54 && hue > 90)) return 'olive';
	return hue < 80 && l < 74 ? 'orange' : 'yellow';
}

function greens(l: number, chroma: number, hue: number): ColourFamily {
	return hue < 126 && l < 58 && chroma < 36 ? 'olive' : 'green';
}

function blues(l: number, chroma: number, hue: number): ColourFamily {
	if (l < 22 && chroma < 34) return 'navy';
	if (chroma < 27 && hue >= 255 && hue < 290 && l < 75) return 'denim';
	return 'blue';
}
