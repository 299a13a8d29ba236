import type {
	AcrossShape,
	BeforeBuying,
	Client,
	Garment,
	Outfit,
	Piece,
	RailTells,
	Reach,
	Reference,
	TellsOptions
} from '../core';
import type { OutfitQuestion, RailWorker } from './rail.worker';
import { sessionWorker } from './session';

const inRailWorker = sessionWorker<RailWorker>(
	() => new Worker(new URL('./rail.worker.ts', import.meta.url), { type: 'module' })
);

/** Whole outfits from a rail, off the main thread. */
export const outfitsInWorker = (question: OutfitQuestion, signal?: AbortSignal): Promise<Outfit[]> =>
	inRailWorker((worker) => worker.outfits(question), signal);

/** The first anchor across the shapes of legs and hems, off the main thread. */
export const shapesInWorker = (question: OutfitQuestion, signal?: AbortSignal): Promise<AcrossShape[]> =>
	inRailWorker((worker) => worker.shapes(question), signal);

/** What a rail makes of each reference, off the main thread. */
export const reachInWorker = (
	references: readonly Reference[],
	client: Client,
	pieces: readonly Piece[],
	signal?: AbortSignal
): Promise<Reach[]> => inRailWorker((worker) => worker.reach(references, client, pieces), signal);

/** What a rail tells of itself, off the main thread. */
export const tellsInWorker = (
	pieces: readonly Piece[],
	options: TellsOptions,
	signal?: AbortSignal
): Promise<RailTells> => inRailWorker((worker) => worker.tells(pieces, options), signal);

/** What a thing for sale would be to a rail, off the main thread. */
export const beforeBuyingInWorker = (
	thing: { garment: Garment; title: string },
	rail: { client: Client; pieces: readonly Piece[]; references: readonly Reference[] },
	signal?: AbortSignal
): Promise<BeforeBuying> => inRailWorker((worker) => worker.beforeBuying(thing, rail), signal);
