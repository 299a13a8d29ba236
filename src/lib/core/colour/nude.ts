import { nude, skins, type SkinId } from '../lexicon/skins';
import type { Garment } from '../model/garment';

/** A garment with what was called nude in the tone of this skin: nude is no colour, it is the client's own. */
export const nudeOn = (skin: SkinId | undefined, garment: Garment): Garment =>
	skin && garment.palette.some(({ hex }) => hex === nude)
		? {
				...garment,
				palette: garment.palette.map((swatch) =>
					swatch.hex === nude ? { ...swatch, hex: skins[skin] } : swatch
				)
			}
		: garment;
