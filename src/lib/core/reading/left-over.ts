import type { Reading, StrangeThing } from './model';
import { howMany } from './words/numbers';
import { unknownAlone } from './words/unknown-words';

/** From a thing's name on, the last phrase in a direction that is said of it; small words between do not end it. */
function reach({ phrases }: Reading, { phrase, said }: StrangeThing, step: 1 | -1): number {
	let end = phrase;
	for (let at = phrase + step; phrases[at]; at += step) {
		const { text, status } = phrases[at] ?? {};
		if (status === 'doubted' && said.includes(text ?? '')) end = at;
		else if (status !== 'idle') break;
	}
	// "Two frobbers": how many stays with them.
	return step < 0 && howMany(phrases[end - 1]?.text.toLowerCase()) !== undefined ? end - 1 : end;
}

/**
 * The words of a reading that became no element: things that are not known, each with what was said of it, and words not known that stand
 * alone between commas, as they stood in the text; empty where all became something. They stay to be put right.
 */
export function leftOver(reading: Reading): string {
	const things = reading.things.map((thing) => ({
		start: reading.phrases[reach(reading, thing, -1)]?.start ?? 0,
		end: reading.phrases[reach(reading, thing, 1)]?.end
	}));
	return [...things, ...unknownAlone(reading)]
		.sort((a, b) => a.start - b.start)
		.map(({ start, end }) => reading.text.slice(start, end))
		.join('; ');
}
