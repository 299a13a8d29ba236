/** Sizes of one system in another. */
import { mensLetters, womensLetters } from '../lexicon/letter-sizes';
import type { Department } from '../lexicon/brief';

/** By how much a last is longer than the foot that wears it, in cm (common practice: 1 to 2; pointed toes more). */
export const lastAllowanceCm = 1.5;
const cmInInch = 2.54;

export interface ShoeSizes {
	/** Foot length in mm (Mondopoint, ISO 9407), to the next 5. */
	mondopoint: number;
	/** Paris points: 1.5 × last length in cm, to half sizes. */
	eu: number;
	/** 3 × last length in inches − 25, to half sizes. */
	uk: number;
	/** 3 × last length in inches − 24, to half sizes. */
	usMen: number;
	/** About 1.5 above men’s; makers differ by half a size and more. */
	usWomen: number;
}

const toHalf = (size: number) => Math.round(size * 2) / 2;

/**
 * Shoe sizes for a foot of this length in cm (values from memory; makers differ by about half a size). Throws a RangeError outside
 * 14 to 35 cm.
 */
export function shoeSizes(footCm: number): ShoeSizes {
	if (!(footCm >= 14 && footCm <= 35)) throw new RangeError(`a foot of ${footCm} cm is outside 14 to 35`);
	const lastCm = footCm + lastAllowanceCm;
	const thirds = (3 * lastCm) / cmInInch;
	const usMen = toHalf(thirds - 24);
	return {
		mondopoint: Math.round((footCm * 10) / 5) * 5,
		eu: toHalf(1.5 * lastCm),
		uk: toHalf(thirds - 25),
		usMen,
		usWomen: usMen + 1.5
	};
}

/** The length of the foot in cm that an EU shoe size is made for. */
export const footOfEu = (eu: number): number => eu / 1.5 - lastAllowanceCm;

/** The length of the foot in cm that a UK shoe size is made for. */
export const footOfUk = (uk: number): number => ((uk + 25) * cmInInch) / 3 - lastAllowanceCm;

/** The letter of EN 13402-3 for a bust or chest girth in cm; undefined beyond the code. */
export function letterFor(girthCm: number, department: Department): string | undefined {
	const rows = department === 'men' ? mensLetters : womensLetters;
	return rows.find(({ girthCm: [from, to] }) => girthCm >= from && girthCm < to)?.label;
}

/** How far apart the numbers of one body lie: women’s UK to EU and US (common practice; shops differ by a size either way). */
const ukToEu = 28;
const ukToUs = 4;

export interface Converted {
	label: string;
	/** Sizes either way by which shops differ. */
	uncertainty: number;
}

/**
 * A women’s clothes size of one region as another has it. Undefined where the label is no number of the region: letters say a range,
 * and are converted by the girth.
 *
 * @example convertedSize('UK 10', 'EU') // { label: 'EU 38', uncertainty: 1 }
 */
export function convertedSize(label: string, to: 'UK' | 'EU' | 'US'): Converted | undefined {
	const found = /^\s*(UK|EU|US)\s*(\d{1,2})\b/i.exec(label);
	if (!found) return undefined;
	const number = Number(found[2]);
	const uk = { UK: number, EU: number - ukToEu, US: number + ukToUs }[
		(found[1] ?? 'UK').toUpperCase() as 'UK'
	];
	if (uk < 2 || uk > 34 || uk % 2 !== 0) return undefined;
	const from = (found[1] ?? '').toUpperCase();
	return {
		label: { UK: `UK ${uk}`, EU: `EU ${uk + ukToEu}`, US: `US ${uk - ukToUs}` }[to],
		uncertainty: from === to ? 0 : 1
	};
}
