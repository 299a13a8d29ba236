import type { Echo, Piece, RailUse, Wear } from '../core';
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

/** How a rail was used: by its wears, and by the echoes that it is in. */
export function useOf(wears: readonly Wear[], echoes: readonly Pick<Echo, 'matches' | 'extras'>[]): RailUse {
	const worn = new Map<string, { times: number; last: string }>();
	for (const { pieceIds, on } of wears)
		for (const id of new Set(pieceIds)) {
			const before = worn.get(id);
			worn.set(id, {
				times: (before?.times ?? 0) + 1,
				last: before && before.last > on ? before.last : on
			});
		}
	return { worn, inEchoes: pieceIdsIn(echoes) };
}
