import { json } from '@sveltejs/kit';
import { marketQuerySchema, problemsInWords } from '$lib/core';
import { bestListings, simulatedMarket } from '$lib/server/market/matches';
import type { RequestHandler } from './$types';

const refuse = (message: string, problems: string[] = []) => json({ message, problems }, { status: 400 });

/** Elements in, the best listings for each out. Knows nothing of clients. */
export const POST: RequestHandler = async ({ request }) => {
	let body: unknown;
	try {
		body = await request.json();
	} catch {
		return refuse('The question to the shops was no JSON.');
	}
	const query = marketQuerySchema.safeParse(body);
	if (!query.success)
		return refuse('The question to the shops was not valid.', problemsInWords(query.error, body));
	return json(bestListings(query.data, simulatedMarket));
};
