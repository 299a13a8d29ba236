import { garmentType } from '../lexicon/taxonomy';
import type { Garment } from '../model/garment';
import type { CheckedPiece } from './model';

/** Hems from the shortest to the longest, as they ride up. */
const ridesUp = ['micro', 'mini', 'above-knee', 'knee'];
const narrowSkirts = ['pencil', 'straight', 'column', 'tulip'];

/** What shows of a narrow skirt when one sits down: a hem one step shorter (common practice: a hand's width). */
function seated(garment: Garment): Garment {
	const hem = garment.facets.hemLength;
	const at = ridesUp.indexOf(hem?.value ?? '');
	const narrow =
		narrowSkirts.includes(
			garment.facets.skirtShape?.value ?? garmentType(garment.type).usual.skirtShape ?? ''
		) ||
		['skin-tight', 'close'].includes(garment.facets.fit?.value ?? garmentType(garment.type).usual.fit ?? '');
	return hem && at > 0 && narrow
		? {
				...garment,
				facets: { ...garment.facets, hemLength: { ...hem, value: ridesUp[at - 1] ?? hem.value } }
			}
		: garment;
}

/** What is worn as it shows when one sits down; undefined where sitting changes nothing. */
export function seatedLook(worn: readonly CheckedPiece[]): CheckedPiece[] | undefined {
	const look = worn.map((piece) => ({ ...piece, garment: seated(piece.garment) }));
	return look.some(({ garment }, i) => garment !== worn[i]?.garment) ? look : undefined;
}
