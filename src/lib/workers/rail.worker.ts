/// <reference lib="webworker" />
import { expose } from 'comlink';
import { optionsOfPiece, wearable } from '../core/matching';
import type { Client, Event, Piece, Reference } from '../core/model';
import {
	acrossShapes,
	beforeBuying,
	outfitsFrom,
	reachOf,
	type AcrossShape,
	type BeforeBuying,
	type Outfit,
	type OutfitAsk,
	type Reach
} from '../core/outfits';
import { railTells, type RailTells, type TellsOptions } from '../core/rail';

/** What is asked of a rail, in records: nothing but records goes to a worker. */
export interface OutfitQuestion {
	client: Client;
	event?: Event;
	pieces: readonly Piece[];
	/** One to three pieces that are worn in every outfit. */
	anchorIds: readonly string[];
	howMany: number;
	lead?: OutfitAsk['lead'];
	dressiness?: number;
	/** Ids of pieces that were never worn. */
	unworn: readonly string[];
}

function askOf({
	client,
	event,
	pieces,
	anchorIds,
	howMany,
	lead,
	dressiness,
	unworn
}: OutfitQuestion): OutfitAsk {
	const rail = pieces.filter(wearable).flatMap(optionsOfPiece);
	const fresh = new Set(unworn);
	return {
		anchors: anchorIds.flatMap((id) => rail.find(({ piece }) => piece.id === id) ?? []),
		rail,
		context: { client, schools: client.schools, ...(event && { event }) },
		howMany,
		lead,
		dressiness,
		unworn: ({ piece }) => (fresh.has(piece.id) ? 1 : 0)
	};
}

/** Works over a whole rail away from the page. */
const rail = {
	outfits: (question: OutfitQuestion): Outfit[] => outfitsFrom(askOf(question)),
	/** The first anchor across the shapes of legs and hems; an outfit each. */
	shapes(question: OutfitQuestion): AcrossShape[] {
		const { anchors, ...ask } = askOf(question);
		return anchors.slice(0, 1).flatMap((anchor) => acrossShapes({ ...ask, anchor }));
	},
	reach(references: readonly Reference[], client: Client, pieces: readonly Piece[]): Reach[] {
		return reachOf(references, pieces, pieces.flatMap(optionsOfPiece), {
			client,
			newId: () => crypto.randomUUID()
		});
	},
	beforeBuying: (
		thing: Parameters<typeof beforeBuying>[0],
		rail: Parameters<typeof beforeBuying>[1]
	): BeforeBuying => beforeBuying(thing, rail),
	tells: (pieces: readonly Piece[], options: TellsOptions): RailTells => railTells(pieces, options)
};

export type RailWorker = typeof rail;
expose(rail);
