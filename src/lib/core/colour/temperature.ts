import { hueOf, type Lab } from './spaces';

/** Hues, in degrees of CIELAB, that read as warm (red to yellow) and as cool (blue green to violet); common practice. */
const warmHues = [20, 95] as const;
const coolHues = [190, 315] as const;
const isWithin = (hue: number, [from, to]: readonly [number, number]) => hue >= from && hue <= to;

/** Whether a colour reads as warm or cool; undefined between the two. How muted it may be is the caller's to say. */
export function temperatureOf(lab: Lab): 'warm' | 'cool' | undefined {
	const hue = hueOf(lab);
	if (isWithin(hue, warmHues)) return 'warm';
	return isWithin(hue, coolHues) ? 'cool' : undefined;
}
