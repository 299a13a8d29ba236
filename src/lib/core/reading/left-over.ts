import type { Reading, StrangeThing } from './model';
import { howMany } from './numbers';

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
 * The words of a reading that became no element: things that are not known, each with what was said of it, as they stood in the text;
 * empty where all became one. They stay to be put right.
 */
export const leftOver = (reading: Reading): string =>
	reading.things
		.map((thing) => {
			const [from, to] = [
				reading.phrases[reach(reading, thing, -1)],
				reading.phrases[reach(reading, thing, 1)]
			];
			return reading.text.slice(from?.start, to?.end);
		})
		.join(', ');
