import type { Echo, Piece } from '../core';
import { database } from './database';

/** The ids of the owned pieces that echoes wear, extras with them. */
export const pieceIdsIn = (echoes: readonly Pick<Echo, 'matches' | 'extras'>[]): Set<string> =>
	new Set(
		echoes.flatMap(({ matches, extras }) =>
			[...matches.flatMap(({ items }) => items), ...extras.map(({ item }) => item)].flatMap((item) =>
				item.source === 'piece' ? [item.pieceId] : []
			)
		)
	);

/** The owned pieces that echoes wear: all that is read of a rail to show them. */
export const piecesWornIn = async (echoes: readonly Echo[]): Promise<Piece[]> =>
	(await database.pieces.bulkGet([...pieceIdsIn(echoes)])).filter((piece) => piece !== undefined);
