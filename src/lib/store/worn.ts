import type { Echo, Piece } from '../core';
import { database } from './database';

/** The owned pieces that echoes wear, extras with them: all that is read of a rail to show them. */
export async function piecesWornIn(echoes: readonly Echo[]): Promise<Piece[]> {
	const ids = new Set(
		echoes.flatMap(({ matches, extras }) =>
			[...matches.flatMap(({ items }) => items), ...extras.map(({ item }) => item)].flatMap((item) =>
				item.source === 'piece' ? [item.pieceId] : []
			)
		)
	);
	return (await database.pieces.bulkGet([...ids])).filter((piece) => piece !== undefined);
}
