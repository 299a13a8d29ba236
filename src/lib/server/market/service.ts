/** The market that the routes ask: in its own thread where the app is served, in this one in development and tests. */
import { wrap, type Remote } from 'comlink';
import nodeEndpoint from 'comlink/dist/esm/node-adapter.mjs';
import { Worker } from 'node:worker_threads';
import type { MarketSource } from './market';

const usualListings = 5000;
const mostListings = 50_000;

/** How many listings the simulated shops have: as the environment says, or the usual number. */
const listingsAsked = (said = process.env.MARKET_LISTINGS) => {
	const count = Number(said);
	return said !== undefined && Number.isInteger(count) && count >= 1 && count <= mostListings
		? count
		: usualListings;
};

interface Thread {
	market: Remote<MarketSource>;
	/** Rejects when the thread ends: what was asked of it will not be answered. */
	ended: Promise<never>;
}
let thread: Thread | undefined;

function startThread(path: string): Thread {
	const worker = new Worker(path, { workerData: listingsAsked() });
	// It must not keep a server from stopping.
	worker.unref();
	const ended = new Promise<never>((_, reject) => {
		const tell = (why: unknown) => {
			thread = undefined;
			reject(why instanceof Error ? why : new Error('The market’s thread ended'));
		};
		worker.once('error', tell).once('exit', tell);
	});
	ended.catch(() => undefined);
	return { market: wrap<MarketSource>(nodeEndpoint(worker)), ended };
}

const inThread = (path: string): Thread => (thread ??= startThread(path));

/** Lays the stock out in its thread, where the app is served with one, so that the first question finds it ready. */
export function startMarket(): void {
	const path = process.env.MARKET_THREAD;
	if (path) inThread(path);
}

let inProcess: Promise<MarketSource> | undefined;

/** The market; a thread that ended is started again with the next question. */
export async function market(): Promise<MarketSource> {
	const path = process.env.MARKET_THREAD;
	// Only here, where nothing is asked of a thread, is the stock needed in this process.
	if (!path) return (inProcess ??= import('./market').then(({ marketOf }) => marketOf(listingsAsked())));
	const { market: remote, ended } = inThread(path);
	return {
		matches: (query) => Promise.race([remote.matches(query), ended]),
		search: (query) => Promise.race([remote.search(query), ended]),
		listings: (query) => Promise.race([remote.listings(query), ended])
	};
}
