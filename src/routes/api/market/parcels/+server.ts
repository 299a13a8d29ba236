import { parcelsQuerySchema } from '$lib/core';
import { answering } from '$lib/server/answering';
import { parcelsOn } from '$lib/server/market/parcels';
import type { RequestHandler } from './$types';

/** Parcels in, where each is on the day out. Knows neither what is in them nor for whom. */
export const POST: RequestHandler = ({ request }) =>
	answering('the carriers', parcelsQuerySchema, () => request.json(), parcelsOn);
