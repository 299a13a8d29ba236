/** What advice on sizes learns from what was tried on. */
import type { SizedThing } from '../lexicon/brief';
import type { SlotId } from '../lexicon/slots';
import { garmentType } from '../lexicon/taxonomy';
import type { FitNote } from '../model/fit-note';
import type { Garment } from '../model/garment';

const things: Partial<Record<SlotId, SizedThing>> = {
	top: 'top',
	legs: 'bottom',
	whole: 'dress',
	suit: 'coat',
	layer: 'coat',
	outer: 'coat',
	feet: 'shoe',
	finger: 'ring',
	head: 'hat'
};

/** As what the size of a garment is spoken of. */
export const sizedAs = ({ type }: Pick<Garment, 'type'>): SizedThing =>
	things[garmentType(type).slot] ?? 'top';

/** Is it bought in a size that can be tried on? */
export const isSized = ({ type }: Pick<Garment, 'type'>): boolean =>
	things[garmentType(type).slot] !== undefined;

export interface Remembered {
	/** Labels by which the advice moves: 1 is one larger. */
	shift: number;
	/** Notes that speak for it, of how many of this shop and kind. */
	notes: number;
	of: number;
}

/** As many equal notes move the advice by one label. */
const notesALabel = 3;

/**
 * By how many labels what was tried moves the advice of a chart. A size that was too small says that the right one is at least the
 * next, one too large that it is at most the one before, one that was right that it is that one; each counts a third of a label,
 * and together they never move it further than any one of them says.
 *
 * @param notes of this client, shop and kind of thing
 * @param advised index of the label that the chart advises
 */
export function remembered(
	notes: readonly FitNote[],
	labels: readonly string[],
	advised: number
): Remembered {
	const said = notes.flatMap(({ label, verdict }) => {
		const at = labels.indexOf(label);
		if (at < 0) return [];
		const right = at + { small: 1, right: 0, large: -1 }[verdict];
		const apart = right - advised;
		// "Too small" of a label under the advised one says nothing against it.
		const speaks = verdict === 'small' ? apart > 0 : verdict === 'large' ? apart < 0 : true;
		return speaks ? [apart] : [];
	});
	const sum = said.reduce((total, apart) => total + apart / notesALabel, 0);
	const furthest = said.reduce((most, apart) => Math.max(most, Math.abs(apart)), 0);
	const whole = Math.trunc(sum + Math.sign(sum) * 1e-9);
	const shift = Math.max(-furthest, Math.min(furthest, whole));
	const kept = Math.max(0, Math.min(labels.length - 1, advised + shift)) - advised;
	return {
		shift: kept,
		notes: said.filter((apart) => Math.sign(apart) === Math.sign(sum)).length,
		of: notes.length
	};
}
