/** A newer build, while a page of the older one is open: offered, never forced, and taken with nothing lost. */
import { createServer, request as ask, type IncomingMessage, type Server } from 'node:http';
import { expect, openDemo, test } from './studio';

const served = 4589;
const port = 4591;

test.use({
	baseURL: `http://127.0.0.1:${port}`,
	serviceWorkers: 'allow',
	tolerated: [/Failed to load resource|net::ERR|ServiceWorker/]
});

const bodyOf = async (response: IncomingMessage) => {
	const parts: Buffer[] = [];
	for await (const part of response) parts.push(part as Buffer);
	return Buffer.concat(parts);
};

/** Stands before the server; from `replace` on, the app's worker is that of another build. */
function withSecondBuild(): { server: Server; replace: () => void } {
	let replaced = false;
	const server = createServer((incoming, outgoing) => {
		const { method, url = '/', headers } = incoming;
		const host = `127.0.0.1:${served}`;
		// A whole answer, never “not modified”.
		delete headers['if-none-match'];
		delete headers['if-modified-since'];
		// Only what is plain text can be another's, so nothing is asked for in packed form.
		const asked = ask(
			{
				port: served,
				host: '127.0.0.1',
				method,
				path: url,
				headers: { ...headers, host, 'accept-encoding': 'identity' }
			},
			(response) => {
				void bodyOf(response).then((body) => {
					const newer = replaced && url === '/service-worker.js';
					const sent = newer
						? Buffer.from(body.toString().replace(/\b(\d{13})\b/g, (version) => `${version}-newer`))
						: body;
					const passed = { ...response.headers };
					delete passed['transfer-encoding'];
					outgoing.writeHead(response.statusCode ?? 500, { ...passed, 'content-length': sent.length });
					outgoing.end(sent);
				});
			}
		);
		asked.once('error', () => outgoing.destroy());
		incoming.pipe(asked);
	});
	return { server, replace: () => (replaced = true) };
}

let second: ReturnType<typeof withSecondBuild>;
test.beforeAll(async () => {
	second = withSecondBuild();
	await new Promise<void>((resolve) => second.server.listen(port, '127.0.0.1', resolve));
});
test.afterAll(() => {
	second.server.closeAllConnections();
	second.server.close();
});

test('a newer version is offered in the bar, waits until it is taken, and leaves records and what is typed', async ({
	page
}) => {
	await openDemo(page);
	const kept = () => page.evaluate(() => caches.keys());
	const inCharge = () => page.evaluate(() => navigator.serviceWorker.controller !== null);
	await expect.poll(inCharge, { timeout: 60_000 }).toBe(true);
	const [older] = await kept();

	// A form is open and half typed when the newer version comes.
	await page.goto('/clients');
	await page.getByRole('button', { name: 'Add a client' }).click();
	const name = page.getByRole('dialog').getByLabel('Name', { exact: true });
	await name.fill('Maren Quillfeather');
	second.replace();
	await page.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.update());
	const offer = page.getByRole('button', { name: 'Take the newer version' });
	await expect(offer).toBeVisible({ timeout: 60_000 });
	// Nothing was forced: the page is as it was, and so is what is typed.
	await expect(name).toHaveValue('Maren Quillfeather');
	expect(await kept()).toContain(older);

	await name.press('Enter');
	await expect(page.getByRole('dialog')).toBeHidden();
	// What was just done has the bar to itself; the offer comes back after it.
	const notice = page.locator('[data-notice]');
	await page.keyboard.press('Control+z');
	await expect(notice).toContainText('Maren Quillfeather');
	await page.keyboard.press('Control+Shift+z');
	await expect(page.getByRole('button', { name: /^Undo: .*Maren Quillfeather/ })).toBeEnabled();
	await expect(notice).toBeVisible();
	await expect(offer).toBeHidden();
	await notice.getByRole('button', { name: 'Close' }).click();
	// Taking it loads the page anew.
	const loaded = page.waitForEvent('load');
	await offer.click();
	await loaded;
	await expect.poll(kept, { timeout: 60_000 }).toEqual([`${older}-newer`]);
	await expect(offer).toBeHidden();
	await page.goto('/clients');
	await expect(page.getByRole('link', { name: /Maren Quillfeather/ })).toBeVisible();
});
