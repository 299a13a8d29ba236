import { listingsQuerySchema } from '$lib/core';
import { answering } from '$lib/server/answering';
import { market } from '$lib/server/market/service';
import type { RequestHandler } from './$types';

/** Things that the asker knows in, how each stands on the day out. */
export const POST: RequestHandler = ({ request }) =>
	answering(
		'the shops',
		listingsQuerySchema,
		() => request.json(),
		async (query) => (await market()).listings(query)
	);
