import { marketAnswerSchema, marketRefusalSchema, type MarketAnswer, type MarketQuery } from '../core';

export type MarketResult = { ok: true; answer: MarketAnswer } | { ok: false; message: string };

/** Longer than any answer takes; whoever waits is told. */
const patienceMs = 12_000;

const tooSlow = 'The shops take too long to answer. Your wardrobe works as before; ask again in a moment.';
const tooLarge = 'This look asks for too much at once. Take an element out, or ask for fewer.';
const unreachable =
	'The shops cannot be reached just now: the server does not answer. Start it with “npm start”; your wardrobe works as before.';

/**
 * Asks the server's market for listings. Only elements are sent: no client, no measure. Never throws, except the
 * AbortError of its signal; an answer of another shape counts as unreachable.
 */
export async function askMarket(query: MarketQuery, signal?: AbortSignal): Promise<MarketResult> {
	const patience = AbortSignal.timeout(patienceMs);
	try {
		const response = await fetch('/api/market/matches', {
			method: 'POST',
			headers: { 'content-type': 'application/json' },
			body: JSON.stringify(query),
			signal: signal ? AbortSignal.any([signal, patience]) : patience
		});
		if (response.status === 413) return { ok: false, message: tooLarge };
		const body: unknown = await response.json();
		if (!response.ok) {
			const refusal = marketRefusalSchema.safeParse(body);
			return { ok: false, message: refusal.success ? refusal.data.message : unreachable };
		}
		const answer = marketAnswerSchema.safeParse(body);
		return answer.success ? { ok: true, answer: answer.data } : { ok: false, message: unreachable };
	} catch (error) {
		if (signal?.aborted) throw error;
		if (patience.aborted) return { ok: false, message: tooSlow };
		return { ok: false, message: unreachable };
	}
}
