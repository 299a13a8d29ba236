/** Colours by a word for their depth: "dark", "pale", "muted". */
import type { Tone } from '../lexicon/reading-words';
import { metallicOf } from './metallic';
import { hexOfLab, labOfHex } from './spaces';

/** A colour deepened, lightened or muted by a word; a metal stays the metal that it is. */
export function toned(hex: string, { lighten, chroma }: Tone): string {
	if (metallicOf(hex)) return hex;
	const { l, a, b } = labOfHex(hex);
	const lightness = lighten < 0 ? l * (1 + lighten) : l + (100 - l) * lighten;
	return hexOfLab({ l: lightness, a: a * chroma, b: b * chroma });
}
