import { deltaE00 } from '../colour/difference';
import { familyOf, type ColourFamily } from '../colour/family';
import { labOfHex } from '../colour/spaces';
import { colourName } from '../colour/words';
import type { OwnedOption } from '../matching/items';
import type { Garment } from '../model/garment';

/** A minor colour of a thing, and what takes it up. */
export interface ColourInIt {
	hex: string;
	name: string;
	/** Things in which it is the main colour, the nearest first. */
	takenUpBy: OwnedOption[];
}

/** A colour that is pulled out of a print is met within this, of one family (ΔE00; a habit, wider than "the same colour"). */
const takenUpWithin = 16;

/**
 * "Colours in it": for each minor colour of a print or a trim, the owned things whose main colour takes it up. A thing of one colour
 * has none.
 */
export function coloursInIt(
	{ palette }: Pick<Garment, 'palette'>,
	rail: readonly OwnedOption[]
): ColourInIt[] {
	const [, ...minor] = [...palette].sort((a, b) => b.share - a.share);
	const mains = rail.flatMap((option) => {
		const [main] = [...option.garment.palette].sort((a, b) => b.share - a.share);
		const lab = main && labOfHex(main.hex);
		return lab ? [{ option, lab, family: familyOf(lab) }] : [];
	});
	return minor.map(({ hex }) => {
		const lab = labOfHex(hex);
		const family: ColourFamily = familyOf(lab);
		return {
			hex,
			name: colourName(hex),
			takenUpBy: mains
				.filter((main) => main.family === family)
				.map(({ option, lab: other }) => ({ option, apart: deltaE00(lab, other) }))
				.filter(({ apart }) => apart <= takenUpWithin)
				.sort((a, b) => a.apart - b.apart)
				.map(({ option }) => option)
		};
	});
}
