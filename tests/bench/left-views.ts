/** What is kept of views that were left: a heap snapshot after many rounds through them, beside one after few. */
import type { Browser, CDPSession, Page } from '@playwright/test';

/**
 * Rounds before anything is counted: what is kept once, for good, has come by then. Beside the templates of views that is one fitting table:
 * once the engine optimises what makes an object with getters, it keeps the getters of one such object.
 */
const roundsBefore = 20;
const roundsCounted = 12;
/** As often it is looked, with a round between. */
const moments = 4;

export interface Kept {
	/** Elements that are in no document any more and are still held, by a heap snapshot. */
	detached: number;
	/** Megabytes of script's memory. */
	heapMB: number;
}

export interface LeftViews {
	rounds: number;
	before: Kept;
	after: Kept;
}

interface Snapshot {
	snapshot: { meta: { node_fields: string[] } };
	nodes: number[];
}

async function snapshotOf(session: CDPSession): Promise<Snapshot> {
	const chunks: string[] = [];
	const take = ({ chunk }: { chunk: string }) => chunks.push(chunk);
	session.on('HeapProfiler.addHeapSnapshotChunk', take);
	await session.send('HeapProfiler.takeHeapSnapshot', { reportProgress: false });
	session.off('HeapProfiler.addHeapSnapshotChunk', take);
	return JSON.parse(chunks.join('')) as Snapshot;
}

/** As a heap snapshot marks what hangs in no document. */
const isDetached = 2;

function detachedIn({ snapshot, nodes }: Snapshot): number {
	const fields = snapshot.meta.node_fields;
	const field = fields.indexOf('detachedness');
	if (field < 0) throw new Error('A heap snapshot no longer says what is detached');
	let count = 0;
	for (let at = field; at < nodes.length; at += fields.length) if (nodes[at] === isDetached) count++;
	return count;
}

/** The fewest of several moments: what a view that was just left still has to do is over by one of them. */
async function kept(page: Page, session: CDPSession): Promise<Kept> {
	const seen: Kept[] = [];
	for (let moment = 0; moment < moments; moment++) {
		await round(page);
		await page.waitForTimeout(1000);
		await session.send('HeapProfiler.collectGarbage');
		const detached = detachedIn(await snapshotOf(session));
		const { usedSize } = await session.send('Runtime.getHeapUsage');
		seen.push({ detached, heapMB: usedSize / 1024 / 1024 });
	}
	return seen.reduce((least, one) => (one.detached < least.detached ? one : least));
}

/** From the desk through a client, a reference and the fitting table, and back. */
async function round(page: Page): Promise<void> {
	const place = (name: string) =>
		page.getByRole('navigation', { name: 'Prime Echo' }).getByRole('link', { name, exact: true });
	for (const [name, link, shown] of [
		['Clients', 'main a[href^="/clients/"]', '[data-piece]'],
		['References', 'main a[href^="/references/"]', 'main h1'],
		['Fitting table', 'main a[href^="/fitting/"]', '[data-card]']
	] as const) {
		await place(name).click();
		await page.locator(link).first().click();
		await page.locator(shown).first().waitFor();
	}
	await place('Desk').click();
	await page.locator('main a[href^="/fitting/"]').first().waitFor();
	await page.waitForTimeout(500);
}

export async function leftViews(browser: Browser, origin: string): Promise<LeftViews> {
	const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
	try {
		const page = await context.newPage();
		const session = await context.newCDPSession(page);
		await page.goto(`${origin}/demo`);
		await page.locator('main a[href^="/fitting/"]').first().waitFor();
		for (let i = 0; i < roundsBefore; i++) await round(page);
		const before = await kept(page, session);
		for (let i = 0; i < roundsCounted; i++) await round(page);
		return { rounds: roundsCounted, before, after: await kept(page, session) };
	} finally {
		await context.close();
	}
}
