import { json } from '@sveltejs/kit';
import { problemsInWords, weatherQuerySchema } from '$lib/core';
import { weatherAt } from '$lib/server/weather/weather';
import type { RequestHandler } from './$types';

/** A place and a day in, its weather out. Knows nothing of clients. */
export const GET: RequestHandler = ({ url }) => {
	const asked = Object.fromEntries(url.searchParams);
	const query = weatherQuerySchema.safeParse(asked);
	if (!query.success)
		return json(
			{
				message: 'The question to the weather was not valid.',
				problems: problemsInWords(query.error, asked)
			},
			{ status: 400 }
		);
	return json(weatherAt(query.data));
};
