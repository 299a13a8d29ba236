import { weatherQuerySchema } from '$lib/core';
import { answering } from '$lib/server/answering';
import { weatherAt } from '$lib/server/weather/weather';
import type { RequestHandler } from './$types';

/** A place and a day in, its weather out. Knows nothing of clients. */
export const GET: RequestHandler = ({ url }) =>
	answering('the weather', weatherQuerySchema, () => Object.fromEntries(url.searchParams), weatherAt);
