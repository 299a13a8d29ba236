import { marketSearchSchema } from '$lib/core';
import { answering } from '$lib/server/answering';
import { market } from '$lib/server/market/service';
import type { RequestHandler } from './$types';

/** Words in, a page of what the shops have of it out. Knows nothing of clients. */
export const POST: RequestHandler = ({ request }) =>
	answering(
		'the shops',
		marketSearchSchema,
		() => request.json(),
		async (query) => (await market()).search(query)
	);
