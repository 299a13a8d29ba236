import type { Undertone } from '../lexicon/brief';
import { nude, skins, undertoneShift, type SkinId } from '../lexicon/skins';
import type { Client } from '../model/client';
import type { Garment } from '../model/garment';
import { hexOfLab, labOfHex } from './spaces';

/** Whose skin "nude" is: how deep, and which way it leans where that is known. */
export interface SkinTone {
	skin: SkinId;
	undertone?: Undertone;
}

/** The tone of a client's skin, as far as it is noted. */
export const skinToneOf = ({
	figure,
	colouring
}: Partial<Pick<Client, 'figure' | 'colouring'>>): SkinTone | undefined =>
	figure && { skin: figure.skin, ...(colouring?.undertone && { undertone: colouring.undertone }) };

/** The colour that "nude" is on a skin. */
export function nudeHex({ skin, undertone }: SkinTone): string {
	const { l, a, b } = labOfHex(skins[skin]);
	const shift = undertone && undertoneShift[undertone];
	return shift ? hexOfLab({ l, a: a + shift.a, b: b + shift.b }) : skins[skin];
}

/** A garment with what was called nude in the tone of this skin: nude is no colour, it is the client's own. */
export function nudeOn(tone: SkinId | SkinTone | undefined, garment: Garment): Garment {
	if (!tone || !garment.palette.some(({ hex }) => hex === nude)) return garment;
	const own = nudeHex(typeof tone === 'string' ? { skin: tone } : tone);
	return {
		...garment,
		palette: garment.palette.map((swatch) => (swatch.hex === nude ? { ...swatch, hex: own } : swatch))
	};
}
