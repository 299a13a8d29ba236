/** Reading made ready before the first key: what it looks words up in is made part by part, so that no key waits for all of it. */
import { suggestionsFor } from './near';
import { writePart } from './phrasebook';

/**
 * Makes one part more of what reading looks words up in, each within some 60 ms; what is read meanwhile makes the rest at once.
 *
 * @returns whether more is to be made
 */
export function prepareReading(): boolean {
	if (writePart()) return true;
	// What is near to a word that is not known.
	suggestionsFor('unasked');
	return false;
}
