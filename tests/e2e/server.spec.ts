import { spawnSync } from 'node:child_process';
import { expect, goTo, openDemo, test } from './studio';

test('every response that can stand by itself carries the policy, workers and files included', async ({
	page,
	request
}) => {
	const files: string[] = [];
	page.on('response', (response) => files.push(response.url()));
	await openDemo(page);
	await goTo(page, 'Studio');
	await page.getByRole('button', { name: 'Make a backup' }).click();
	await expect(page.locator('[data-notice]', { hasText: 'Saved as' })).toBeVisible();
	const worker = files.find((url) => /worker/.test(url));
	expect(worker).toBeDefined();
	for (const url of [worker ?? '', '/favicon.svg', '/demo/studio.json', '/nowhere']) {
		const headers = (await request.get(url)).headers();
		expect(headers['content-security-policy'], url).toContain("default-src 'self'");
		expect(headers['content-security-policy'], url).not.toMatch(
			/https?:|'unsafe-eval'|script-src[^;]*unsafe-inline/
		);
		expect(headers['x-content-type-options'], url).toBe('nosniff');
		expect(headers['referrer-policy'], url).toBe('no-referrer');
	}
	// Parts of the build are under the policy of what loads them; their kind is never guessed, and no other site takes them.
	const part = files.find((url) => /\/_app\/immutable\/chunks\/.*\.js$/.test(url)) ?? '';
	const headers = (await request.get(part)).headers();
	expect(headers['content-security-policy']).toBeUndefined();
	expect(headers['x-content-type-options']).toBe('nosniff');
	expect(headers['cross-origin-resource-policy']).toBe('same-origin');
});

test('answers come compressed, to whom takes them so', async ({ request }) => {
	const asked = (encoding: string) =>
		request.get('/api/market/shops', { headers: { 'accept-encoding': encoding } });
	const [small, plain] = [await asked('br, gzip'), await asked('identity')];
	expect(small.headers()['content-encoding']).toBe('br');
	expect(plain.headers()['content-encoding']).toBeUndefined();
	expect(await small.json()).toEqual(await plain.json());
});

test('a worker may compile WebAssembly, a page may not', async ({ page, request }) => {
	const files: string[] = [];
	page.on('response', (response) => files.push(response.url()));
	await openDemo(page);
	await goTo(page, 'Studio');
	await page.getByRole('button', { name: 'Make a backup' }).click();
	await expect(page.locator('[data-notice]', { hasText: 'Saved as' })).toBeVisible();
	const worker = files.find((url) => /worker/.test(url)) ?? '';
	expect((await request.get(worker)).headers()['content-security-policy']).toContain("'wasm-unsafe-eval'");
	expect((await request.get('/')).headers()['content-security-policy']).not.toContain('wasm-unsafe-eval');
});

test('a port that is none is told in one line', () => {
	for (const port of ['abc', '0', '80', '70000', '4573.5']) {
		const { status, stderr } = spawnSync('node', ['scripts/serve.mjs'], {
			env: { ...process.env, PORT: port },
			encoding: 'utf8',
			timeout: 20_000
		});
		expect(status, port).toBe(1);
		expect(stderr.trim().split('\n'), port).toHaveLength(1);
		expect(stderr).toContain(`PORT=${port} is no port`);
	}
});

test('a page’s own policy allows its scripts by nonce only', async ({ request }) => {
	const policy = (await request.get('/')).headers()['content-security-policy'] ?? '';
	expect(policy).toMatch(/script-src 'self' 'nonce-[\w+/=]+'/);
	expect(policy).toContain("frame-ancestors 'none'");
});

test('another host name is sent to the one canonical address', async ({ request, baseURL }) => {
	const response = await request.get('/clients', { headers: { host: 'localhost:4589' }, maxRedirects: 0 });
	expect(response.status()).toBe(308);
	expect(response.headers().location).toBe(`${baseURL}/clients`);
});

test('a taken port is an error that says what to do, never another port', ({ baseURL }) => {
	const port = new URL(baseURL ?? '').port;
	const { status, stderr } = spawnSync('node', ['scripts/serve.mjs'], {
		env: { ...process.env, PORT: port },
		encoding: 'utf8',
		timeout: 20_000
	});
	expect(status).toBe(1);
	expect(stderr).toContain(`Port ${port} is taken`);
	expect(stderr).toContain('PORT=');
});

test('the market answers the shape that it promises and nothing of a client', async ({ request }) => {
	const response = await request.post('/api/market/matches', { data: { elements: [] } });
	expect(response.status()).toBe(400);
	expect(response.headers()['content-type']).toBe('application/problem+json');
	expect(await response.json()).toMatchObject({ status: 400, title: expect.stringContaining('not valid') });
	expect((await request.get('/api/market/matches')).status()).toBe(405);
});

test('the first view stays within 250 kB of script and style', async ({ page }) => {
	const session = await page.context().newCDPSession(page);
	await session.send('Network.enable');
	const types = new Map<string, string>();
	let bytes = 0;
	session.on('Network.responseReceived', ({ requestId, type }) => types.set(requestId, type));
	session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
		if (['Script', 'Stylesheet'].includes(types.get(requestId) ?? '')) bytes += encodedDataLength;
	});
	await page.goto('/');
	await expect(page.getByRole('link', { name: 'Open the demo studio' })).toBeVisible();
	expect(bytes).toBeGreaterThan(50_000);
	expect(bytes).toBeLessThan(250_000);
});
