import { json } from '@sveltejs/kit';
import { marketShops } from '$lib/server/market/shops';
import type { RequestHandler } from './$types';

/** The shops with their size charts, postage and returns. */
export const GET: RequestHandler = () => json(marketShops);
