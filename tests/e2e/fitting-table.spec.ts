import { expect, goTo, openDemo, scoreOf, test } from './studio';

async function openEcho(page: Parameters<typeof openDemo>[0], title = 'Midnight Quay, for the Quay Stage') {
	await openDemo(page);
	await goTo(page, 'Fitting table');
	await page.getByRole('link', { name: new RegExp(title) }).click();
	await expect(
		page.getByRole('region', { name: 'From the wardrobe' }).getByRole('button').first()
	).toBeVisible();
}

test('with the keyboard alone: rungs, cards, leave out, clear, done, undo', async ({ page }) => {
	await openEcho(page);
	const before = await scoreOf(page);

	await page.locator('[data-rung][aria-current="true"]').focus();
	await page.keyboard.press('ArrowDown');
	await expect(page.locator('[data-rung]:focus')).toHaveText(/burgundy satin tailored trousers/);
	await page.keyboard.press('ArrowRight');
	await expect(page.locator('[data-card]:focus')).toHaveAttribute('aria-pressed', 'true');
	await page.keyboard.press('ArrowUp');
	const better = page.locator('[data-card]:focus');
	await expect(better).toBeVisible();
	await page.keyboard.press('Enter');
	await expect(page.locator('[data-card]:focus')).toHaveAttribute('aria-pressed', 'true');
	await page.keyboard.press('ArrowLeft');

	const rung = page.locator('[data-rung]:focus');
	await page.keyboard.press('x');
	await expect(rung).toContainText('left out');
	expect(await scoreOf(page)).toBeLessThan(before);
	await page.keyboard.press('Backspace');
	await expect(rung).toContainText('gap');

	for (let i = 0; i < 5; i++) await page.keyboard.press('ArrowDown');
	await expect(page.locator('[data-rung]:focus')).toHaveText(/crimson lipstick/);
	await page.keyboard.press('d');
	await expect(page.locator('[data-rung]:focus')).toContainText('done');

	for (let i = 0; i < 4; i++) {
		await page.keyboard.press('Control+z');
		await page.waitForTimeout(80);
	}
	await expect.poll(() => scoreOf(page)).toBe(before);
});

test('undo and redo survive a reload', async ({ page }) => {
	await openEcho(page);
	const before = await scoreOf(page);
	await page.getByRole('button', { name: /^Leave it out/ }).click();
	await expect.poll(() => scoreOf(page)).toBeLessThan(before);
	const after = await scoreOf(page);
	await page.reload();
	expect(await scoreOf(page)).toBe(after);
	await page.getByRole('button', { name: /^Undo: Left out/ }).click();
	await expect.poll(() => scoreOf(page)).toBe(before);
	await page.getByRole('button', { name: /^Redo: Left out/ }).click();
	await expect.poll(() => scoreOf(page)).toBe(after);
});

test('a choice and a reload in one breath: what was chosen is there, and can be taken back', async ({
	page
}) => {
	await openEcho(page);
	const before = await scoreOf(page);
	await page.getByRole('button', { name: /^Leave it out/ }).click();
	await page.reload();
	const after = await scoreOf(page);
	expect(after).toBeLessThan(before);
	// The reload is asked for in the very task of the press: the write has no time to begin.
	await page.getByRole('button', { name: /^Undo: Left out/ }).click();
	await expect.poll(() => scoreOf(page)).toBe(before);
	await page.evaluate(() => {
		[...document.querySelectorAll('button')]
			.find(({ textContent }) => textContent?.trim().startsWith('Leave it out'))
			?.click();
		location.reload();
	});
	await expect(page.getByRole('button', { name: /^Undo: Left out/ })).toBeVisible();
	expect(await scoreOf(page)).toBe(after);
});

test('moves, reasons and the spend limit are kept, and a limit that is no price is told', async ({
	page
}) => {
	await openEcho(page);
	const before = await scoreOf(page);
	await page.getByText('worn open', { exact: true }).click();
	await expect.poll(() => scoreOf(page)).toBeLessThan(before);
	await page.getByLabel('Why this one').selectOption('weather');
	await page.getByLabel('Spend limit').fill('much');
	await expect(page.getByText('Write a limit like 80 or 79.50')).toBeVisible();
	await page.getByLabel('Spend limit').fill('1');
	await page.getByLabel('Spend limit').press('Enter');
	// Beyond the limit nothing suits: it stands below, with the reason, and can be chosen all the same.
	const shops = page.getByRole('region', { name: 'Cheap substitutes' });
	await shops.getByText('Not suitable, and why').click();
	await expect(shops.getByText(/more than is left/).first()).toBeVisible();
	await shops.locator('[data-card]').first().click();
	await expect(page.getByText(/over the limit/)).toBeVisible();
	await page.reload();
	await expect(page.getByText(/over the limit/)).toBeVisible();
});

test('a limit being typed is left alone by another change to the echo', async ({ page, context }) => {
	await openEcho(page);
	const other = await context.newPage();
	await other.goto(page.url());
	await expect(other.getByRole('heading', { name: 'Midnight Quay, for the Quay Stage' })).toBeVisible();
	const before = await scoreOf(page);
	await page.getByLabel('Spend limit').fill('95');
	await other.getByRole('button', { name: /^Leave it out/ }).click();
	await expect.poll(() => scoreOf(page)).toBeLessThan(before);
	await expect(page.getByLabel('Spend limit')).toHaveValue('95');
});

test('a client’s limits are shown on the cards', async ({ page }) => {
	await openEcho(page);
	await page
		.getByRole('button', { name: /^gold drop earrings/ })
		.first()
		.click();
	await expect(page.getByText(/nickel allergy: check the label/).first()).toBeVisible();
});

test('a second tab sees the change at once', async ({ page, context }) => {
	await openEcho(page);
	const other = await context.newPage();
	await other.goto(page.url());
	await expect(other.getByRole('heading', { name: 'Midnight Quay, for the Quay Stage' })).toBeVisible();
	const before = await scoreOf(other);
	await page.getByRole('button', { name: /^Leave it out/ }).click();
	await expect.poll(() => scoreOf(other)).toBeLessThan(before);
});

test.describe('without the server', () => {
	test.use({ tolerated: [/ERR_FAILED|Failed to load resource/] });
	test('the tray says so, the wardrobe still works, and asking again brings the shops back', async ({
		page
	}) => {
		await page.route('**/api/market/**', (route) => route.abort());
		await openEcho(page);
		await expect(page.getByText('The shops cannot be reached just now')).toBeVisible();
		const before = await scoreOf(page);
		await page
			.getByRole('region', { name: 'From the wardrobe' })
			.locator('[aria-pressed="false"]')
			.nth(3)
			.click();
		await expect.poll(() => scoreOf(page)).not.toBe(before);
		await page.unroute('**/api/market/**');
		await page.getByRole('button', { name: 'Ask again' }).click();
		await expect(
			page.getByRole('region', { name: 'Cheap substitutes' }).getByRole('button').first()
		).toBeVisible();
	});
});
