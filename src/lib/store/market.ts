import { marketAnswerSchema, marketRefusalSchema, type MarketAnswer, type MarketQuery } from '../core';

export type MarketResult = { ok: true; answer: MarketAnswer } | { ok: false; message: string };

const unreachable =
	'The shops cannot be reached just now. Your wardrobe works as before; look again when the server is back.';

/**
 * Asks the server's market for listings. Only elements are sent: no client, no measure. Never throws, except the
 * AbortError of its signal; an answer of another shape counts as unreachable.
 */
export async function askMarket(query: MarketQuery, signal?: AbortSignal): Promise<MarketResult> {
	try {
		const response = await fetch('/api/market/matches', {
			method: 'POST',
			headers: { 'content-type': 'application/json' },
			body: JSON.stringify(query),
			signal
		});
		const body: unknown = await response.json();
		if (!response.ok) {
			const refusal = marketRefusalSchema.safeParse(body);
			return { ok: false, message: refusal.success ? refusal.data.message : unreachable };
		}
		const answer = marketAnswerSchema.safeParse(body);
		return answer.success ? { ok: true, answer: answer.data } : { ok: false, message: unreachable };
	} catch (error) {
		if (error instanceof DOMException && error.name === 'AbortError') throw error;
		return { ok: false, message: unreachable };
	}
}
