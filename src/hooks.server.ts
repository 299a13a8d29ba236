import type { ServerInit } from '@sveltejs/kit';
import { startMarket } from '$lib/server/market/service';

const answers = import.meta.glob('./routes/api/**/+server.ts');

/** Lays out the shops in their thread, and reads in all that answers: else the first question would wait for both. */
export const init: ServerInit = async () => {
	startMarket();
	await Promise.all(Object.values(answers).map((read) => read()));
};
