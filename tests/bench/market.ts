/** The simulated market as it is served: how soon after the start, how long an answer takes, and whether it holds up others. */
import { spawn } from 'node:child_process';
import { request } from 'node:http';
import { join } from 'node:path';
import { composeDemo } from '../../demo/compose';
import { isForSale, type MarketQuery } from '../../src/lib/core';
import { median } from './median';

const port = 4597;
const origin = `http://127.0.0.1:${port}`;
const root = join(import.meta.dirname, '../..');
const pause = (milliseconds: number) => new Promise((resolve) => setTimeout(resolve, milliseconds));

const post = (path: string, body: unknown) =>
	fetch(`${origin}/api/market/${path}`, {
		method: 'POST',
		headers: { 'content-type': 'application/json' },
		body: JSON.stringify(body)
	});

/** Asks until it is answered; the server may still be starting. */
async function answered(ask: () => Promise<Response>): Promise<void> {
	for (;;) {
		const response = await ask().catch(() => undefined);
		if (response?.ok) return void (await response.text());
		await pause(20);
	}
}

/** Bytes of an answer as they are sent to a browser. */
const sentBytes = (look: MarketQuery): Promise<number> =>
	new Promise((resolve, reject) => {
		const asked = request(
			`${origin}/api/market/matches`,
			{ method: 'POST', headers: { 'content-type': 'application/json', 'accept-encoding': 'br, gzip' } },
			(answer) => {
				let bytes = 0;
				answer.on('data', (part: Buffer) => (bytes += part.length));
				answer.on('end', () => resolve(bytes));
			}
		);
		asked.on('error', reject);
		asked.end(JSON.stringify(look));
	});

async function timed(work: () => Promise<unknown>): Promise<number> {
	const started = performance.now();
	await work();
	return performance.now() - started;
}

export interface MarketFigures {
	listings: number;
	/** From the start of the process to the first answer. */
	startMs: number;
	/** A whole look of the demo, asked and answered. */
	lookMs: { median: number; worst: number };
	/** Another question while a look is being answered: how long it is held up at most. */
	heldUpMs: number;
	/** Sixteen who ask for a look at once: until half of them, and until the last, have their answer. */
	crowdMs: { median: number; worst: number };
	/** Answers as they are sent, in bytes. */
	answerBytes: { median: number; most: number };
}

/** The figures for a market of so many listings, in a process of its own. */
export async function marketFigures(listings: number): Promise<MarketFigures> {
	const looks = composeDemo().references.map(({ elements }): MarketQuery => ({
		elements: elements
			.filter(isForSale)
			.map(({ id, garment, signature, open }) => ({ id, garment, signature, open })),
		on: '2026-11-26'
	}));
	const server = spawn('node', ['scripts/serve.mjs'], {
		cwd: root,
		env: { ...process.env, PORT: String(port), MARKET_LISTINGS: String(listings) },
		stdio: 'ignore'
	});
	try {
		const startMs = await timed(() => answered(() => post('matches', looks[0])));
		const times: number[] = [];
		let heldUpMs = 0;
		for (const look of [...looks, ...looks]) {
			const asked = timed(() => answered(() => post('matches', look)));
			await pause(5);
			heldUpMs = Math.max(heldUpMs, await timed(() => answered(() => fetch(`${origin}/api/market/shops`))));
			times.push(await asked);
		}
		const crowd = await Promise.all(
			Array.from({ length: 16 }, (_, i) =>
				timed(() => answered(() => post('matches', looks[i % looks.length])))
			)
		);
		const sizes = await Promise.all(looks.map(sentBytes));
		return {
			listings,
			startMs,
			lookMs: { median: median(times), worst: Math.max(...times) },
			heldUpMs,
			crowdMs: { median: median(crowd), worst: Math.max(...crowd) },
			answerBytes: { median: median(sizes), most: Math.max(...sizes) }
		};
	} finally {
		server.kill();
		await pause(200);
	}
}
