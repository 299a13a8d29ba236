/** Faults from outside: an end for every start, nothing lost, and words that say what to do. */
import { writeFileSync } from 'node:fs';
import { dialog, expect, goTo, openDemo, restoreField, startEmpty, test } from './studio';

test.describe('a store that is brought up elsewhere', () => {
	test('closes in this tab for good, says so, and writes no more', async ({ page, context }) => {
		await openDemo(page);
		await goTo(page, 'References');
		const other = await context.newPage();
		await other.goto('/favicon.svg');
		await other.evaluate(
			() =>
				new Promise<void>((resolve, reject) => {
					const open = indexedDB.open('prime-echo', 9990);
					open.onupgradeneeded = () => open.result.createObjectStore('later');
					open.onsuccess = () => resolve();
					open.onerror = () => reject(new Error(String(open.error)));
				})
		);
		await expect(page.getByText('Another tab runs a newer Prime Echo')).toBeVisible();
		await expect(page.getByRole('button', { name: 'Add a reference' })).toBeHidden();
		// Neither does a tab of this build open it anew.
		const third = await context.newPage();
		await third.goto('/references');
		await expect(third.getByText('written by a newer Prime Echo')).toBeVisible();
	});
});

test.describe('a worker that cannot be had', () => {
	test.use({ tolerated: [/worker|Failed to load/i] });
	test('a backup says so and can be tried again; nothing spins for ever', async ({ page }) => {
		// Kept away before anything can start it.
		await page.route('**/*worker*', (route) => route.abort());
		await openDemo(page);
		await goTo(page, 'Studio');
		await page.getByRole('button', { name: 'Make a backup' }).click();
		await expect(page.getByText('could not be started')).toBeVisible();
		await page.unroute('**/*worker*');
		await page.getByRole('button', { name: 'Make a backup' }).click();
		await expect(page.locator('[data-notice]', { hasText: 'Saved as' })).toBeVisible();
		await expect(page.getByText('Last backup from this browser')).toBeVisible();
	});

	test('a restore says so, and the studio stays as it was', async ({ page }) => {
		await openDemo(page);
		await goTo(page, 'Studio');
		const holds = await page.locator('.holds').innerText();
		await page.route('**/*worker*', (route) => route.abort());
		await restoreField(page).setInputFiles({
			name: 'any.zip',
			mimeType: 'application/zip',
			buffer: Buffer.from('PK')
		});
		await expect(page.getByText('Not restored, and nothing was changed')).toBeVisible();
		expect(await page.locator('.holds').innerText()).toBe(holds);
	});
});

test('a file that is gone before it is read is told, not waited for', async ({ page }, info) => {
	await openDemo(page);
	await goTo(page, 'Studio');
	const path = info.outputPath('soon-gone.zip');
	writeFileSync(path, Buffer.alloc(4096, 7));
	await restoreField(page).setInputFiles(path);
	await expect(page.getByText('Not restored, and nothing was changed')).toBeVisible();
	await expect(page.getByText('Reading the backup…')).toBeHidden();
});

test('a studio that lost its settings is mended, and never taken for an empty one', async ({ page }) => {
	await startEmpty(page);
	await page.getByRole('button', { name: 'Add a client' }).click();
	await dialog(page, 'Add a client').getByLabel('Name', { exact: true }).fill('Ottoline Merrow');
	await dialog(page, 'Add a client').getByRole('button', { name: 'Save' }).click();
	await expect(page.getByRole('heading', { level: 1, name: 'Ottoline Merrow' })).toBeVisible();
	await page.evaluate(async () => {
		const open = indexedDB.open('prime-echo');
		const db = await new Promise<IDBDatabase>((resolve) => (open.onsuccess = () => resolve(open.result)));
		const write = db.transaction('settings', 'readwrite');
		write.objectStore('settings').clear();
		await new Promise((resolve) => (write.oncomplete = resolve));
		db.close();
	});
	await page.goto('/');
	await expect(page.getByRole('heading', { level: 1, name: 'Desk' })).toBeVisible();
	await goTo(page, 'Clients');
	await expect(page.getByRole('heading', { name: 'Ottoline Merrow' })).toBeVisible();
});

test.describe('the shops out of reach', () => {
	test.use({ tolerated: [/Failed to load resource/] });
	test('are told with a way to ask again, and the wardrobe works on', async ({ page }) => {
		await openDemo(page);
		await page.route('**/api/market/**', (route) => route.abort());
		await goTo(page, 'Fitting table');
		await page.getByRole('link', { name: /Midnight Quay, for the Quay Stage/ }).click();
		await expect(page.getByText('The shops cannot be reached')).toBeVisible();
		await expect(page.locator('[data-card]').first()).toBeVisible();
		await page.unroute('**/api/market/**');
		await page.getByRole('button', { name: 'Ask again' }).click();
		await expect(page.getByText('The shops cannot be reached')).toBeHidden();
	});

	test('a shop that never answers is given up after a while', async ({ page }) => {
		await openDemo(page);
		await page.route('**/api/market/**', () => undefined);
		await page.clock.install();
		await goTo(page, 'Fitting table');
		await page.getByRole('link', { name: /Midnight Quay, for the Quay Stage/ }).click();
		await expect(page.locator('[data-card]').first()).toBeVisible();
		await page.clock.fastForward(30_000);
		await expect(page.getByText('The shops take too long')).toBeVisible();
	});
});

test('two under-things of one name do not break Check', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'Clients');
	await page.getByRole('link', { name: /Tamsin Orrowby/ }).click();
	await page.getByRole('button', { name: 'Say pieces' }).click();
	const line = page.getByLabel('Say what hangs there');
	await line.fill('two net petticoats; two nude strapless bras');
	await line.press('Enter');
	await expect(
		page
			.locator('[data-notice]')
			.or(page.getByRole('heading', { name: /Wardrobe/ }))
			.first()
	).toBeVisible();
	await goTo(page, 'Fitting table');
	await page.getByRole('link', { name: /1950s/ }).first().click();
	await page.locator('[data-rung]').first().focus();
	await page.keyboard.press('k');
	await expect(page.getByRole('heading', { name: 'Check' })).toBeAttached();
	await expect(page.getByText('Something on this page broke')).toBeHidden();
});

test.describe('the server stopped', () => {
	test.use({ tolerated: [/Failed to load resource|fetch/i] });
	test('the places open, and a backup is made', async ({ page, context }) => {
		await openDemo(page);
		// What the other places need is fetched once the desk has settled.
		await page.waitForEvent('worker', { timeout: 20_000 });
		await context.setOffline(true);
		for (const place of ['Clients', 'References', 'Recipes', 'Fitting table', 'Studio'])
			await goTo(page, place);
		await page.getByRole('button', { name: 'Make a backup' }).click();
		await expect(page.locator('[data-notice]', { hasText: 'Saved as' })).toBeVisible();
		await goTo(page, 'Fitting table');
		await page.getByRole('link', { name: /Midnight Quay, for the Quay Stage/ }).click();
		await expect(page.getByText('The shops cannot be reached')).toBeVisible();
		await expect(page.getByText('npm start')).toBeVisible();
	});
});
