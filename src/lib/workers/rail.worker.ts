/// <reference lib="webworker" />
import { expose } from 'comlink';
import { optionsOfPiece } from '../core/matching';
import type { Client, Event, Piece, Reference } from '../core/model';
import { outfitsFrom, reachOf, type Outfit, type Reach } from '../core/outfits';
import { railTells, type RailTells, type TellsOptions } from '../core/rail';

/** What is asked of a rail, in records: nothing but records goes to a worker. */
export interface OutfitQuestion {
	client: Client;
	event?: Event;
	pieces: readonly Piece[];
	/** One to three pieces that are worn in every outfit. */
	anchorIds: readonly string[];
	howMany: number;
	/** Ids of pieces that were never worn. */
	unworn: readonly string[];
}

/** Works over a whole rail away from the page. */
const rail = {
	outfits({ client, event, pieces, anchorIds, howMany, unworn }: OutfitQuestion): Outfit[] {
		const options = pieces
			.filter(({ state }) => state === 'ready' || state === 'needs-care')
			.flatMap(optionsOfPiece);
		const anchors = anchorIds.flatMap((id) => options.find(({ piece }) => piece.id === id) ?? []);
		const fresh = new Set(unworn);
		return outfitsFrom({
			anchors,
			rail: options,
			context: { client, schools: client.schools, ...(event && { event }) },
			howMany,
			unworn: ({ piece }) => (fresh.has(piece.id) ? 1 : 0)
		});
	},
	reach(references: readonly Reference[], client: Client, pieces: readonly Piece[]): Reach[] {
		return reachOf(references, pieces, pieces.flatMap(optionsOfPiece), {
			client,
			newId: () => crypto.randomUUID()
		});
	},
	tells: (pieces: readonly Piece[], options: TellsOptions): RailTells => railTells(pieces, options)
};

export type RailWorker = typeof rail;
expose(rail);
