/** Figures that only a browser has, measured in the built app: opening the demo, and one choice on the fitting table. */
import { chromium, type Page } from '@playwright/test';
import { existsSync, readdirSync } from 'node:fs';
import sharp from 'sharp';
import { serve } from '../../scripts/serve.mjs';
import { chromiumFlags, chromiumHere } from '../../scripts/chromium.mjs';
import {
	largeStudioFigures,
	restoreOfPhotos,
	slowerFigures,
	type LargeStudioFigures,
	type TableFigures
} from './large-studio';
import { leftViews, type LeftViews } from './left-views';
import { median } from './median';

/**
 * Clicks a card of the tray and waits until the frame in which the score has changed is painted; undefined when it did not
 * change. A stylist looks before choosing again: each choice begins with a page at rest.
 */
const choose = (page: Page, card: number) =>
	page.evaluate(async (index) => {
		const score = document.querySelector('.number');
		const started = performance.now();
		const redrawn = new Promise<number>((resolve) => {
			new MutationObserver((_, observer) => {
				observer.disconnect();
				requestAnimationFrame(() => {
					// A message comes after the frame's painting.
					const painted = new MessageChannel();
					painted.port1.onmessage = () => resolve(performance.now() - started);
					painted.port2.postMessage(undefined);
				});
			}).observe(score as Node, { subtree: true, characterData: true, childList: true });
		});
		document.querySelectorAll<HTMLElement>('[data-card]')[index]?.click();
		return Promise.race([redrawn, new Promise<undefined>((resolve) => setTimeout(resolve, 800))]);
	}, card);

/** Bytes of script and style of the demo’s desk, opened cold. */
interface DeskBytes {
	/** Until its heading is seen. */
	seen: number;
	/** Until its cards can be read. */
	read: number;
	/** Until its cards are drawn and scored, and nothing more comes. */
	all: number;
}

async function deskBytes(page: Page, url: string): Promise<DeskBytes> {
	const session = await page.context().newCDPSession(page);
	await session.send('Network.enable');
	const types = new Map<string, string>();
	let bytes = 0;
	session.on('Network.responseReceived', ({ requestId, type }) => types.set(requestId, type));
	session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
		if (['Script', 'Stylesheet'].includes(types.get(requestId) ?? '')) bytes += encodedDataLength;
	});
	await page.goto(url);
	await page.getByRole('heading', { name: 'Desk' }).waitFor();
	const seen = bytes;
	await page.getByText('Midnight Quay, for the Quay Stage').waitFor();
	const read = bytes;
	await page.waitForTimeout(1500);
	return { seen, read, all: bytes };
}

export interface BrowserFigures {
	/** Median of five; what comes meanwhile counts, so that no two are quite the same. */
	bytes: DeskBytes;
	openingMs: number;
	choiceMs: number;
	photo: PhotoFigures | undefined;
	/** The demo on this machine, and on one four times as slow. */
	demo: TableFigures & { openingMs: number };
	slower: TableFigures & { openingMs: number };
	/** Studios of 500 and of 2,000 echoes. */
	years: LargeStudioFigures;
	manyYears: LargeStudioFigures;
	/** A backup with 256 photographs of a megabyte each. */
	photosRestoredMs: number;
	/** What is kept of views that were left. */
	left: LeftViews;
}

/** Of a photo of twelve megapixels. */
interface PhotoFigures {
	/** Until it is taken in, and until it is ready to be clicked on. */
	takenInMs: number[];
	/** The first one right after it is ready, while marks of a body are looked for. */
	clicks: Clicked[];
	longestTaskMs: number;
}

/** A photograph of twelve megapixels, from one of the demo's. */
async function twelveMegapixels(): Promise<Buffer> {
	const folder = 'static/demo/photos';
	const [file = ''] = readdirSync(folder);
	return sharp(`${folder}/${file}`).resize(3000, 4000, { fit: 'fill' }).jpeg({ quality: 90 }).toBuffer();
}

/** From a click on a photo, in ms, until the frame in which what it means is marked, and the one in which it is measured. */
interface Clicked {
	marked?: number;
	measured?: number;
}

/** Clicks a photo and waits a second and a half; what did not change on the page has no time. */
async function clickPhoto(page: Page, x: number, y: number): Promise<Clicked> {
	await page.evaluate(() => {
		const seen: { marked?: number; measured?: number } = {};
		let started = 0;
		addEventListener('pointerup', () => (started = performance.now()), { once: true, capture: true });
		for (const [what, selector] of [
			['marked', '[role=application] svg'],
			['measured', '[aria-labelledby=measured-title]']
		] as const)
			new MutationObserver(() =>
				requestAnimationFrame(() => {
					// A message comes after the frame's painting.
					const painted = new MessageChannel();
					painted.port1.onmessage = () => (seen[what] ??= performance.now() - started);
					painted.port2.postMessage(undefined);
				})
			).observe(document.querySelector(selector) as Node, {
				subtree: true,
				childList: true,
				characterData: true,
				attributes: true
			});
		Object.assign(globalThis, { seen });
	});
	await page.mouse.click(x, y);
	await page.waitForTimeout(1500);
	return page.evaluate(() => (globalThis as unknown as { seen: Clicked }).seen);
}

/** Where a photo is clicked, in shares of what is seen of it: clothes, and what is around them. */
const spots = [
	[0.5, 0.5],
	[0.5, 0.4],
	[0.45, 0.3],
	[0.5, 0.6],
	[0.1, 0.1],
	[0.52, 0.55],
	[0.5, 0.35]
] as const;

/** Takes a photo in on a reference of the demo, opens it and clicks on it. */
async function photoFigures(page: Page): Promise<PhotoFigures> {
	const buffer = await twelveMegapixels();
	const times: number[] = [];
	const timed = async (work: () => Promise<unknown>) => {
		const started = performance.now();
		await work();
		times.push(performance.now() - started);
	};
	await page
		.getByRole('navigation', { name: 'Prime Echo' })
		.getByRole('link', { name: 'References' })
		.click();
	await page.getByRole('link', { name: /^Rehearsal room/ }).click();
	await page.getByRole('link', { name: 'Measure photograph 1' }).waitFor();
	await timed(async () => {
		await page
			.locator('input[type=file]')
			.first()
			.setInputFiles({ name: 'large.jpg', mimeType: 'image/jpeg', buffer });
		await page.getByRole('link', { name: 'Measure photograph 2' }).waitFor();
	});
	await timed(async () => {
		await page.getByRole('link', { name: 'Measure photograph 2' }).click();
		await page.locator('[role=application][aria-busy=false]').waitFor();
		await page.getByText('Getting the photograph ready').waitFor({ state: 'detached' });
	});
	await page.evaluate(() => {
		const tasks: number[] = [];
		Object.assign(globalThis, { tasks });
		new PerformanceObserver((list) =>
			tasks.push(...list.getEntries().map(({ duration }) => duration))
		).observe({
			entryTypes: ['longtask']
		});
	});
	const box = await page.getByRole('application').boundingBox();
	if (!box) throw new Error('no photo is shown');
	const clicks: Clicked[] = [];
	for (const [x, y] of spots)
		clicks.push(
			await clickPhoto(
				page,
				box.x + x * Math.min(box.width, 1280 - box.x),
				box.y + y * Math.min(box.height, 800 - box.y)
			)
		);
	const longestTaskMs = await page.evaluate(() =>
		Math.max(0, ...(globalThis as unknown as { tasks: number[] }).tasks)
	);
	return { takenInMs: times, clicks, longestTaskMs };
}

/** Undefined where there is no build or no Chromium. */
export async function browserFigures(): Promise<BrowserFigures | undefined> {
	const executablePath = chromiumHere();
	if (!existsSync('build/handler.js') || !executablePath) return undefined;
	const { origin, close } = await serve({ port: 4593, quiet: true });
	const browser = await chromium.launch({
		executablePath,
		args: chromiumFlags
	});
	const taken: DeskBytes[] = [];
	for (let run = 0; run < 5; run++) {
		const fresh = await browser.newContext();
		taken.push(await deskBytes(await fresh.newPage(), `${origin}/demo`));
		await fresh.close();
	}
	const bytes = {
		seen: median(taken.map(({ seen }) => seen)),
		read: median(taken.map(({ read }) => read)),
		all: median(taken.map(({ all }) => all))
	};
	const openings: number[] = [];
	const choices: number[] = [];
	let photo: PhotoFigures | undefined;
	for (let run = 0; run < 5; run++) {
		const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
		const page = await context.newPage();
		const started = performance.now();
		await page.goto(`${origin}/demo`);
		await page.getByText('Midnight Quay, for the Quay Stage').waitFor();
		openings.push(performance.now() - started);
		if (run === 4) {
			await page.getByRole('link', { name: /Midnight Quay, for the Quay Stage/ }).click();
			await page.getByRole('region', { name: 'Cheap substitutes' }).getByRole('button').first().waitFor();
			for (const card of [1, 3, 0, 3, 1, 0, 3, 0, 1, 3, 0]) {
				await page.waitForTimeout(400);
				const spent = await choose(page, card);
				if (spent !== undefined) choices.push(spent);
			}
			photo = await photoFigures(page);
		}
		await context.close();
	}
	const more = {
		demo: await slowerFigures(browser, origin, 1),
		slower: await slowerFigures(browser, origin, 4),
		years: await largeStudioFigures(browser, origin, 500),
		manyYears: await largeStudioFigures(browser, origin, 2000),
		photosRestoredMs: await restoreOfPhotos(browser, origin, 256),
		left: await leftViews(browser, origin)
	};
	await browser.close();
	await close();
	return { bytes, openingMs: median(openings), choiceMs: median(choices), photo, ...more };
}
