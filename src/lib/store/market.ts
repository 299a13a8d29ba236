import type { z } from 'zod';
import {
	isForSale,
	listingsAnswerSchema,
	marketAnswerSchema,
	marketQuestion,
	marketShopsSchema,
	parcelsAnswerSchema,
	problemSchema,
	type AskedFor,
	type ListingsQuery,
	type MarketAnswer,
	type MarketQuery,
	type ParcelsQuery,
	type Reference,
	type Shop
} from '../core';

export type Asked<T> = { ok: true; answer: T } | { ok: false; message: string };
export type MarketResult = Asked<MarketAnswer>;

/** Longer than any answer takes; whoever waits is told. */
const patienceMs = 12_000;
const tooSlow = 'The shops take too long to answer. Your wardrobe works as before; ask again in a moment.';
const tooLarge = 'This look asks for too much at once. Take an element out, or ask for fewer.';
const unreachable =
	'The shops cannot be reached just now: the server does not answer. Start it with “npm start”; your wardrobe works as before.';

/**
 * Asks the server's market. Never throws, except the AbortError of its signal; an answer of another shape counts as unreachable.
 */
async function ask<T>(
	path: string,
	schema: z.ZodType<T>,
	question?: unknown,
	signal?: AbortSignal
): Promise<Asked<T>> {
	const patience = AbortSignal.timeout(patienceMs);
	try {
		const response = await fetch(`/api/market/${path}`, {
			...(question !== undefined && {
				method: 'POST',
				headers: { 'content-type': 'application/json' },
				body: JSON.stringify(question)
			}),
			signal: signal ? AbortSignal.any([signal, patience]) : patience
		});
		if (response.status === 413) return { ok: false, message: tooLarge };
		const body: unknown = await response.json();
		if (!response.ok) {
			const refusal = problemSchema.safeParse(body);
			return { ok: false, message: refusal.success ? refusal.data.title : unreachable };
		}
		const answer = schema.safeParse(body);
		return answer.success ? { ok: true, answer: answer.data } : { ok: false, message: unreachable };
	} catch (error) {
		if (signal?.aborted) throw error;
		if (patience.aborted) return { ok: false, message: tooSlow };
		return { ok: false, message: unreachable };
	}
}

let shops: Promise<Asked<{ shops: Shop[] }>> | undefined;

/** The shops with their size charts. Asked once; an answer that did not come is asked for again. */
export async function askShops(): Promise<Asked<{ shops: Shop[] }>> {
	shops ??= ask('shops', marketShopsSchema);
	const result = await shops;
	if (!result.ok) shops = undefined;
	return result;
}

/** The listings that come closest to elements. Only elements and size labels are sent: no client, no measure. */
export const askMarket = (query: MarketQuery, signal?: AbortSignal): Promise<MarketResult> =>
	ask('matches', marketAnswerSchema, query, signal);

/**
 * What the shops have for a look, for a client of whom they hear no more than size labels. A look that asks for nothing that shops
 * sell is answered at once.
 */
export async function askForLook(
	look: Pick<Reference, 'elements'>,
	asked: AskedFor,
	signal?: AbortSignal
): Promise<MarketResult> {
	if (!look.elements.some(isForSale))
		return { ok: true, answer: { simulated: true, shops: [], matches: [] } };
	const known = await askShops();
	if (!known.ok) return known;
	signal?.throwIfAborted();
	return askMarket(marketQuestion(look, known.answer.shops, asked), signal);
}

/** How listings that are known stand on a day. */
export const askListings = (query: ListingsQuery, signal?: AbortSignal) =>
	ask('listings', listingsAnswerSchema, query, signal);

/** Where parcels are on a day. Neither what is in them nor for whom is sent. */
export const askParcels = (query: ParcelsQuery, signal?: AbortSignal) =>
	ask('parcels', parcelsAnswerSchema, query, signal);
