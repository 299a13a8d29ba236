import { freshPiece, garmentInWords, garmentsSaid, type Id, type Piece, type SaidPiece } from '$lib/core';
import { newId } from '$lib/store/clock';

/** Records of what was said to hang on a client's rail: one a thing, numbered where several go by one name. */
export function piecesSaid(clientId: Id, said: SaidPiece): Piece[] {
	const { price, acquired, sizeLabel, state, note } = said;
	const named = garmentsSaid(said).map((garment) => {
		const words = garmentInWords(garment);
		return { garment, name: (words.charAt(0).toUpperCase() + words.slice(1)).slice(0, 110) };
	});
	const areAlike = named.length > 1 && new Set(named.map(({ name }) => name)).size === 1;
	return named.map(({ garment, name }, i) =>
		freshPiece({
			id: newId(),
			clientId,
			name: areAlike ? `${name} ${i + 1}` : name,
			parts: [{ id: newId(), name: '', garment }],
			acquired: { ...acquired, ...(price && { price }) },
			sizeLabel,
			state,
			note: note.slice(0, 4000)
		})
	);
}
