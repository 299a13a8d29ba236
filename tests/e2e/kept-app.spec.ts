/** The app as the browser keeps it: opened, used and restored with the server stopped. */
import { expect, openDemo, test } from './studio';

test.use({
	serviceWorkers: 'allow',
	tolerated: [/Failed to load resource|net::ERR|ServiceWorker/]
});

test('the app opens and works with the server out of reach, after one visit', async ({ page, context }) => {
	await openDemo(page);
	const state = () =>
		page.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.active?.state);
	await expect.poll(state, { timeout: 60_000 }).toBe('activated');
	await context.setOffline(true);
	await page.goto('/clients');
	await expect(page.getByRole('heading', { level: 1, name: 'Clients' })).toBeVisible();
	await page.goto('/fitting');
	await page.getByRole('link', { name: /Midnight Quay/ }).click();
	await expect(page.getByRole('region', { name: 'Closeness' })).toBeVisible();
	// The shops say that they are out of reach; the wardrobe is there all the same.
	await expect(page.getByRole('button', { name: 'Ask again' })).toBeVisible();
	await expect(page.getByRole('heading', { name: 'From the wardrobe' })).toBeVisible();
	// Workers were kept, too.
	await page.goto('/eye');
	await expect(page.getByRole('button', { name: 'Take these weights' })).toBeVisible();
	await page.goto('/studio');
	const download = page.waitForEvent('download');
	await page.getByRole('button', { name: 'Make a backup' }).click();
	expect((await download).suggestedFilename()).toMatch(/^prime-echo-.*\.zip$/);
});
