/** What a stylist waits for in a studio of years: from a press or a key until the frame that shows what was asked for is painted. */
import type { Browser, CDPSession, Page } from '@playwright/test';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { backupOf, backupWithPhotos, careerStudio } from './career';
import { median } from './median';

/** What is waited for: something that is there, or whose text is no longer what it was. */
interface Shown {
	selector: string;
	/** Its text holds this. */
	holds?: string;
	/** Its text is another than before. */
	changes?: true;
	/** It is there no longer. */
	gone?: true;
}
export interface Waited {
	ms: number;
	/** The longest task of the main thread meanwhile, in ms; 0 where none took over 50. */
	longest: number;
	/** How long the main thread was busy, in ms, with what came in the next third of a second as well. */
	busyMs: number;
}

/** Milliseconds for which the main thread of a page was busy since it was opened. */
async function busyMs(session: CDPSession): Promise<number> {
	const { metrics } = await session.send('Performance.getMetrics');
	return (metrics.find(({ name }) => name === 'TaskDuration')?.value ?? NaN) * 1000;
}

/** Milliseconds from the next press or key to the first painted frame that shows it. */
async function waited(page: Page, act: () => Promise<unknown>, shown: Shown): Promise<Waited> {
	await page.waitForTimeout(500);
	const session = await page.context().newCDPSession(page);
	await session.send('Performance.enable');
	await page.evaluate(({ selector, holds, changes, gone }) => {
		const textOf = () => document.querySelector(selector)?.textContent;
		const before = textOf();
		const isShown = () => {
			const text = textOf();
			if (gone) return text === undefined;
			if (text === undefined) return false;
			return holds ? text.includes(holds) : !changes || text !== before;
		};
		let longest = 0;
		const tasks = new PerformanceObserver((list) => {
			for (const { duration } of list.getEntries()) longest = Math.max(longest, duration);
		});
		tasks.observe({ entryTypes: ['longtask'] });
		const done = new Promise<{ ms: number; longest: number }>((resolve) => {
			const begin = () => {
				for (const type of ['pointerdown', 'keydown']) removeEventListener(type, begin, true);
				const started = performance.now();
				const look = () =>
					requestAnimationFrame(() => {
						if (!isShown() && performance.now() - started < 10_000) return look();
						// A message comes after the frame's painting.
						const painted = new MessageChannel();
						painted.port1.onmessage = () => {
							const ms = performance.now() - started;
							// What a task took is told a moment after it has ended.
							setTimeout(() => {
								tasks.disconnect();
								resolve({ ms, longest });
							}, 300);
						};
						painted.port2.postMessage(undefined);
					});
				look();
			};
			for (const type of ['pointerdown', 'keydown']) addEventListener(type, begin, true);
		});
		Object.assign(globalThis, { done });
	}, shown);
	const before = await busyMs(session);
	await act();
	const seen = await page.evaluate(
		() => (globalThis as unknown as { done: Promise<{ ms: number; longest: number }> }).done
	);
	const busy = (await busyMs(session)) - before;
	await session.detach();
	return { ...seen, busyMs: busy };
}

const echoLink = 'main a[href^="/fitting/"]';
const placeLink = (page: Page, name: string) =>
	page.getByRole('navigation', { name: 'Prime Echo' }).getByRole('link', { name, exact: true });

/** Restores a backup into a browser that holds nothing, in ms from the word to go until it is told. */
async function restore(page: Page, origin: string, path: string): Promise<number> {
	await page.goto(`${origin}/studio`);
	const section = page.locator('section').filter({ has: page.getByRole('heading', { name: 'Restore' }) });
	await section.locator('input[type="file"]').setInputFiles(path);
	const confirm = page
		.getByRole('dialog', { name: 'Put this backup in place of the present studio?' })
		.getByRole('button', { name: 'Restore' });
	await confirm.waitFor({ timeout: 120_000 });
	const started = performance.now();
	await confirm.click();
	await page.locator('[data-notice]', { hasText: 'Restored' }).waitFor({ timeout: 120_000 });
	return performance.now() - started;
}

/** What is waited for on the fitting table. */
export interface TableFigures {
	opened: Waited;
	rung: Waited;
	checked: Waited;
	back: Waited;
	card: Waited;
}

export interface LargeStudioFigures extends TableFigures {
	restoreMs: number;
	desk: Waited;
	fittings: Waited;
	client: Waited;
	/** Elements of the client's page. */
	nodes: number;
	firstKey: Waited;
	cleared: Waited;
	/** Frames while the rail is scrolled: the median and the worst, in ms. */
	frames: { median: number; worst: number };
	removed: Waited;
	showAll: Waited;
}

/** Turns the wheel over the rail, and sees how long each frame takes. */
async function scrolled(page: Page): Promise<{ median: number; worst: number }> {
	await page.evaluate(() => {
		const frames: number[] = [];
		let last = performance.now();
		const next = (now: number) => {
			frames.push(now - last);
			last = now;
			requestAnimationFrame(next);
		};
		requestAnimationFrame(next);
		Object.assign(globalThis, { frames });
	});
	for (let turn = 0; turn < 40; turn++) {
		await page.mouse.wheel(0, 240);
		await page.waitForTimeout(32);
	}
	const frames = await page.evaluate(() => (globalThis as unknown as { frames: number[] }).frames.slice(1));
	return { median: median(frames), worst: Math.max(...frames) };
}

async function clientFigures(page: Page) {
	await placeLink(page, 'Clients').click();
	const link = page.locator('main a[href^="/clients/"]').first();
	await link.waitFor();
	const client = await waited(page, () => link.click(), { selector: '[data-piece]' });
	const nodes = await page.evaluate(() => document.querySelectorAll('*').length);
	const search = page.getByPlaceholder('Search the rail');
	await search.scrollIntoViewIfNeeded();
	await search.click();
	const firstKey = await waited(page, () => page.keyboard.press('v'), { selector: '.shelf', changes: true });
	const cleared = await waited(page, () => page.keyboard.press('Backspace'), {
		selector: '.shelf',
		changes: true
	});
	const frames = await scrolled(page);
	await search.scrollIntoViewIfNeeded();
	await page.waitForTimeout(500);
	const piece = page.locator('[data-piece]').first();
	const id = await piece.getAttribute('data-piece');
	const article = page.locator('article', { has: page.locator(`[data-piece="${id}"]`) });
	await article.hover();
	const removed = await waited(page, () => article.getByRole('button', { name: /^Delete/ }).click(), {
		selector: `[data-piece="${id}"]`,
		gone: true
	});
	return { client, nodes, firstKey, cleared, frames, removed };
}

/** The fitting table of the first look that is shown: opened, a rung chosen, checked and back, a card chosen. */
export async function tableFigures(page: Page): Promise<TableFigures> {
	const open = () => page.locator(echoLink).first().click();
	const opened = await waited(page, open, { selector: '[data-card]' });
	await page.waitForTimeout(2000);
	const rung = await waited(page, () => page.locator('.rungs > li button').nth(2).click(), {
		selector: '.tray header',
		changes: true
	});
	const tabs = page.locator('.tabs');
	const checked = await waited(page, () => tabs.getByRole('button', { name: /Check/ }).click(), {
		selector: '[data-card]',
		gone: true
	});
	const back = await waited(page, () => tabs.getByRole('button').first().click(), {
		selector: '[data-card]'
	});
	const card = await waited(page, () => page.locator('[data-card]').nth(3).click(), {
		selector: '.number',
		changes: true
	});
	return { opened, rung, checked, back, card };
}

/** The figures of a studio of so many looks, restored into a fresh browser. */
export async function largeStudioFigures(
	browser: Browser,
	origin: string,
	echoes: number
): Promise<LargeStudioFigures> {
	const folder = mkdtempSync(join(tmpdir(), 'prime-echo-'));
	const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
	try {
		const page = await context.newPage();
		const path = join(folder, 'career.zip');
		writeFileSync(path, await backupOf(careerStudio({ clients: 50, references: 200, echoes, pieces: 2000 })));
		const restoreMs = await restore(page, origin, path);
		await placeLink(page, 'Clients').click();
		const desk = await waited(page, () => placeLink(page, 'Desk').click(), { selector: echoLink });
		await placeLink(page, 'Clients').click();
		const fittings = await waited(page, () => placeLink(page, 'Fitting table').click(), {
			selector: echoLink
		});
		const table = await tableFigures(page);
		const showAll = await waited(
			page,
			() =>
				page
					.getByRole('button', { name: /^Show all/ })
					.first()
					.click(),
			{ selector: '.tray section', changes: true }
		);
		return { restoreMs, desk, fittings, ...table, showAll, ...(await clientFigures(page)) };
	} finally {
		await context.close();
		rmSync(folder, { recursive: true });
	}
}

/** The demo on a machine so many times as slow: opened cold, and its first look on the table. */
export async function slowerFigures(
	browser: Browser,
	origin: string,
	times: number
): Promise<TableFigures & { openingMs: number }> {
	const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
	try {
		const page = await context.newPage();
		const session = await context.newCDPSession(page);
		await session.send('Emulation.setCPUThrottlingRate', { rate: times });
		const started = performance.now();
		await page.goto(`${origin}/demo`);
		await page.locator(echoLink).first().waitFor({ timeout: 120_000 });
		const openingMs = performance.now() - started;
		await page.waitForTimeout(3000);
		return { openingMs, ...(await tableFigures(page)) };
	} finally {
		await context.close();
	}
}

/** Restoring a backup with so many photographs of a megabyte each, in ms. */
export async function restoreOfPhotos(browser: Browser, origin: string, count: number): Promise<number> {
	const folder = mkdtempSync(join(tmpdir(), 'prime-echo-'));
	const context = await browser.newContext();
	try {
		const path = join(folder, 'photos.zip');
		writeFileSync(path, await backupWithPhotos(count));
		return await restore(await context.newPage(), origin, path);
	} finally {
		await context.close();
		rmSync(folder, { recursive: true });
	}
}
