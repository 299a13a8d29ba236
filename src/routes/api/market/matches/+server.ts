import { marketQuerySchema } from '$lib/core';
import { answering } from '$lib/server/answering';
import { market } from '$lib/server/market/service';
import type { RequestHandler } from './$types';

/** Elements in, the best listings for each out. Knows nothing of clients. */
export const POST: RequestHandler = ({ request }) =>
	answering(
		'the shops',
		marketQuerySchema,
		() => request.json(),
		async (query) => (await market()).matches(query)
	);
