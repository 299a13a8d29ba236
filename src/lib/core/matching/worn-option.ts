import type { CheckedPiece } from '../checks/model';
import type { OwnedOption } from './items';

/** An owned thing as it is worn plainly, under an id of its own, for the eye to look at. */
export const wornOption = ({ title, garment, piece }: OwnedOption, id: string): CheckedPiece => ({
	id,
	title,
	garment,
	moves: [],
	note: piece.note,
	lengthCm: piece.measuresCm.length,
	state: piece.state
});
