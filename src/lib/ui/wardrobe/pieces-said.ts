import { freshPiece, garmentInWords, type Id, type Piece, type SaidPiece } from '$lib/core';
import { newId } from '$lib/store/clock';

/** Records of what was said to hang on a client's rail: one a thing, numbered where several were said at once. */
export function piecesSaid(
	clientId: Id,
	{ garment: said, count, oneColourEach, ...facts }: SaidPiece
): Piece[] {
	const { price, acquired, sizeLabel, state, note } = facts;
	return Array.from({ length: count }, (_, i) => {
		const colour = oneColourEach ? said.palette[i] : undefined;
		const garment = colour ? { ...said, palette: [{ ...colour, share: 1 }] } : said;
		const words = garmentInWords(garment);
		const name = (words.charAt(0).toUpperCase() + words.slice(1)).slice(0, 110);
		return freshPiece({
			id: newId(),
			clientId,
			name: count > 1 && !colour ? `${name} ${i + 1}` : name,
			parts: [{ id: newId(), name: '', garment }],
			acquired: { ...acquired, ...(price && { price }) },
			sizeLabel,
			state,
			note: note.slice(0, 4000)
		});
	});
}
