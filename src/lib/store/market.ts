import type { z } from 'zod';
import {
	closestInLists,
	isForSale,
	joinedAnswer,
	layOut,
	listingsAnswerSchema,
	marketAnswerSchema,
	marketQuestion,
	marketSearchAnswerSchema,
	marketShopsSchema,
	parcelsAnswerSchema,
	problemSchema,
	type AskedFor,
	type Element,
	type ListingsQuery,
	type MarketAnswer,
	type ListingsAnswer,
	type MarketQuery,
	type MarketSearch,
	type OwnList,
	type ParcelsQuery,
	type Reference,
	type Shop
} from '../core';
import { database } from './database';

export type Asked<T> = { ok: true; answer: T } | { ok: false; message: string };
/** `without`: why the shops had no part in it, where lists of one's own answered alone. */
export type MarketResult =
	{ ok: true; answer: MarketAnswer; without?: string } | { ok: false; message: string };

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

/** Lists of one's own as they were laid out, by id and rev. */
const laidOut = new Map<string, OwnList>();

/** The lists that were loaded by hand. What has not changed since is not read again. */
async function ownLists(): Promise<OwnList[]> {
	const keys = (await database.stockLists.orderBy('[id+rev]').keys()) as unknown as [string, number][];
	const names = keys.map((key) => key.join(' '));
	for (const name of laidOut.keys()) if (!names.includes(name)) laidOut.delete(name);
	for (const [id] of keys.filter((_, i) => !laidOut.has(names[i] ?? ''))) {
		const list = await database.stockLists.get(id);
		if (list) laidOut.set(`${list.id} ${list.rev}`, layOut(list));
	}
	return [...laidOut.values()];
}

/** The listings that come closest to elements. Only elements and size labels are sent: no client, no measure. */
export const askMarket = (query: MarketQuery, signal?: AbortSignal): Promise<Asked<MarketAnswer>> =>
	ask('matches', marketAnswerSchema, query, signal);

const nothing: MarketAnswer = { simulated: false, shops: [], matches: [] };

/**
 * What the shops and the lists of one's own have for a look, for a client of whom the shops hear no more than size labels. A look that
 * asks for nothing that shops sell is answered at once; where the shops do not answer, the lists do.
 */
export async function askForLook(
	look: Pick<Reference, 'elements'>,
	asked: AskedFor,
	signal?: AbortSignal
): Promise<MarketResult> {
	if (!look.elements.some(isForSale)) return { ok: true, answer: nothing };
	const lists = await ownLists();
	const shops = lists.map(({ shop }) => shop);
	const own = lists.length > 0 ? closestInLists(lists, marketQuestion(look, shops, asked)) : [];
	const result = await askTheShops(look, asked, signal);
	if (result.ok) return { ok: true, answer: joinedAnswer(result.answer, own, shops) };
	if (lists.length === 0) return result;
	return { ok: true, answer: joinedAnswer(nothing, own, shops), without: result.message };
}

/** A page of what was sought, as an answer for the element that the words were read as; and where the next page begins. */
export type SearchResult =
	{ ok: true; answer: MarketAnswer; next?: string; without?: string } | { ok: false; message: string };

/**
 * What the shops have of what is sought in words, a page at a time; with the first page, what lists of one's own have. The words are
 * sent, with size labels, a day and a sum: no client, and no measure.
 *
 * @param element what the words were read as: by it sizes and lists go
 * @param cursor `next` of the page before
 */
export async function searchShops(
	words: string,
	element: Element,
	asked: AskedFor & Pick<MarketSearch, 'locale' | 'by' | 'most'>,
	{ cursor, signal }: { cursor?: string; signal?: AbortSignal } = {}
): Promise<SearchResult> {
	const look = { elements: [element] };
	const lists = cursor === undefined ? await ownLists() : [];
	const listShops = lists.map(({ shop }) => shop);
	const own = lists.length > 0 ? closestInLists(lists, marketQuestion(look, listShops, asked)) : [];
	const known = await askShops();
	signal?.throwIfAborted();
	const question = known.ok ? marketQuestion(look, known.answer.shops, asked).elements[0] : undefined;
	const result = known.ok
		? await ask(
				'search',
				marketSearchAnswerSchema,
				{
					words,
					on: asked.on,
					...(question && { as: question.garment, labels: question.labels }),
					...(asked.locale && { locale: asked.locale }),
					...(asked.by && { by: asked.by }),
					...(asked.most && { most: asked.most }),
					...(cursor !== undefined && { cursor })
				} satisfies MarketSearch,
				signal
			)
		: known;
	if (!result.ok)
		return lists.length > 0
			? { ok: true, answer: joinedAnswer(nothing, own, listShops), without: result.message }
			: result;
	const { listings, simulated, shops: theirs, next } = result.answer;
	const matches = [{ elementId: element.id, listings }];
	return {
		ok: true,
		answer: joinedAnswer({ simulated, shops: theirs, matches }, own, listShops),
		...(next !== undefined && { next })
	};
}

async function askTheShops(
	look: Pick<Reference, 'elements'>,
	asked: AskedFor,
	signal?: AbortSignal
): Promise<Asked<MarketAnswer>> {
	const known = await askShops();
	if (!known.ok) return known;
	signal?.throwIfAborted();
	return askMarket(marketQuestion(look, known.answer.shops, asked), signal);
}

/** How listings that are known stand on a day; those of one's own lists as they were when they were loaded. */
export async function askListings(
	query: ListingsQuery,
	signal?: AbortSignal
): Promise<Asked<ListingsAnswer>> {
	const lists = await ownLists();
	const own = lists.flatMap(({ listings }) => listings.filter(({ id }) => query.ids.includes(id)));
	const ids = query.ids.filter((id) => !own.some((listing) => listing.id === id));
	const ofLists = { simulated: false, shops: lists.map(({ shop }) => shop), listings: own };
	if (ids.length === 0) return { ok: true, answer: ofLists };
	const result = await ask('listings', listingsAnswerSchema, { ...query, ids }, signal);
	if (!result.ok || own.length === 0) return result;
	const { simulated, shops: others, listings } = result.answer;
	return {
		ok: true,
		answer: { simulated, shops: [...others, ...ofLists.shops], listings: [...listings, ...own] }
	};
}

/** Where parcels are on a day. Neither what is in them nor for whom is sent. */
export const askParcels = (query: ParcelsQuery, signal?: AbortSignal) =>
	ask('parcels', parcelsAnswerSchema, query, signal);
