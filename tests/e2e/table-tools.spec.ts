import { dialog, expect, expectAccessible, goTo, openDemo, scoreOf, test } from './studio';

type Page = Parameters<typeof openDemo>[0];

async function openEcho(page: Page, title = 'Midnight Quay, for the Quay Stage') {
	await openDemo(page);
	await goTo(page, 'Fitting table');
	await page.getByRole('link', { name: new RegExp(title) }).click();
	await expect(page.locator('[data-card]').first()).toBeVisible();
}
const rung = (page: Page, words: RegExp) => page.locator('[data-rung]', { hasText: words });

/** Begins an echo of a reference for a client, from the list of echoes. */
async function begin(page: Page, client: string, reference: string) {
	await openDemo(page);
	await goTo(page, 'Fitting table');
	await page.getByLabel('Client').selectOption({ label: client });
	await page.getByLabel('Reference').selectOption({ label: reference });
	await page.getByRole('button', { name: 'Begin an echo' }).focus();
}

test('a reference becomes a finished echo from the wardrobe with the keyboard, in under a minute', async ({
	page
}) => {
	await begin(page, 'Tamsin Orrowby', 'The Midnight Quay suit');
	const started = Date.now();
	await page.keyboard.press('Enter');
	await expect(page.locator('[data-rung]').first()).toBeVisible();
	expect(await scoreOf(page)).toBe(0);
	await page.keyboard.press('m');
	await expect.poll(() => scoreOf(page)).toBeGreaterThan(60);
	// What no piece answers is done by hand or left out.
	await page.locator('[data-rung][tabindex="0"]').focus();
	for (let i = 0; i < 6; i++) await page.keyboard.press('ArrowDown');
	await expect(page.locator('[data-rung]:focus')).toContainText('lipstick');
	await page.keyboard.press('d');
	await expect(page.locator('[data-rung]:focus')).toContainText('done');
	await expect(page.locator('[data-rung]', { hasText: 'gap' })).toHaveCount(0);
	expect(Date.now() - started).toBeLessThan(60_000);
});

test('and with the mouse alone', async ({ page }) => {
	await begin(page, 'Tamsin Orrowby', 'The Midnight Quay suit');
	const started = Date.now();
	await page.getByRole('button', { name: 'Begin an echo' }).click();
	await page.getByRole('button', { name: 'Match what I have' }).click();
	await expect.poll(() => scoreOf(page)).toBeGreaterThan(60);
	await rung(page, /lipstick/).click();
	await page.getByRole('button', { name: 'Mark as done' }).click();
	await expect(rung(page, /lipstick/)).toContainText('done');
	expect(Date.now() - started).toBeLessThan(60_000);
});

test('matching all leaves what is pinned, and one undo takes it back', async ({ page }) => {
	await openEcho(page);
	const before = await scoreOf(page);
	const jacket = page.locator('[data-rung]').first();
	await jacket.focus();
	await page.keyboard.press('ArrowRight');
	await page.keyboard.press('ArrowDown');
	await page.keyboard.press('Enter');
	await expect.poll(() => scoreOf(page)).toBeLessThan(before);
	const chosen = await page.locator('[data-card][aria-pressed="true"] strong').innerText();
	const pinnedAt = await scoreOf(page);
	await page.keyboard.press('p');
	await expect(jacket.getByRole('img', { name: 'pinned' })).toBeVisible();
	const asking = dialog(page, 'Change what you chose yourself?');
	await page.keyboard.press('m');
	await asking.getByRole('button', { name: 'Change them too' }).click();
	await expect(page.locator('[data-notice]', { hasText: 'Matched the look' })).toBeVisible();
	await expect(page.locator('[data-card][aria-pressed="true"] strong')).toHaveText(chosen);
	await jacket.focus();
	await page.keyboard.press('p');
	await expect(jacket.getByRole('img', { name: 'pinned' })).toBeHidden();
	await page.keyboard.press('m');
	await expect(asking).toContainText(chosen);
	await asking.getByRole('button', { name: 'Change them too' }).click();
	await expect.poll(() => scoreOf(page)).toBeGreaterThan(pinnedAt);
	await page.keyboard.press('Control+z');
	await expect(page.locator('[data-card][aria-pressed="true"] strong')).toHaveText(chosen);
});

test('two cards are compared feature by feature, and one is chosen there', async ({ page }) => {
	await openEcho(page);
	await page.locator('[data-card]').nth(0).focus();
	await page.keyboard.press('c');
	await expect(page.getByRole('status').filter({ hasText: 'is set aside' })).toBeVisible();
	await page.keyboard.press('ArrowDown');
	await page.keyboard.press('c');
	const dialog = page.getByRole('dialog', { name: 'Two cards, feature by feature' });
	await expect(dialog.getByRole('row', { name: /^colour/ })).toContainText('alike');
	await expectAccessible(page);
	await page.keyboard.press('Escape');
	await expect(dialog).toBeHidden();

	await page
		.getByRole('button', { name: /^Set beside another/ })
		.nth(1)
		.click();
	await page
		.getByRole('button', { name: /^Set beside another/ })
		.nth(2)
		.click();
	const title = await page.locator('[data-card] strong').nth(1).innerText();
	await dialog.getByRole('button', { name: `Choose ${title}` }).click();
	await expect(dialog).toBeHidden();
	await expect(page.locator('[data-card][aria-pressed="true"] strong')).toHaveText(title);
});

test('cards are found by words, and a search without an answer says so', async ({ page }) => {
	await openEcho(page);
	await page.locator('[data-rung]').first().focus();
	await page.keyboard.press('/');
	const field = page.getByRole('searchbox', { name: 'Find among these' });
	await expect(field).toBeFocused();
	await page.keyboard.type('linen');
	await expect(page.locator('[data-card]').first()).toContainText(/linen/i);
	await page.keyboard.type('zzz');
	await expect(page.getByText('Nothing here answers what you look for.').first()).toBeVisible();
	await page.keyboard.press('Escape');
	await expect(field).toHaveValue('');
});

test('plates and rungs answer each other; hems, overlay and layers are shown', async ({ page }) => {
	await openEcho(page);
	const reference = page.getByRole('img', { name: /^Reference:/ });
	const box = (await reference.boundingBox())!;
	await page.mouse.click(box.x + box.width * 0.4, box.y + box.height * 0.72);
	await expect(page.locator('[data-rung][aria-current="true"]')).toHaveText(/tailored trousers/);
	await rung(page, /court shoes/).hover();
	await expect(reference.locator('.halo')).toHaveCount(2);

	await page.locator('[data-rung][aria-current="true"]').focus();
	await page.keyboard.press('h');
	await expect(reference.locator('text', { hasText: 'at the ankle' })).toHaveCount(1);
	await page.keyboard.press('o');
	await expect(page.getByRole('button', { name: 'Overlay' })).toHaveAttribute('aria-pressed', 'true');
	const layers = () => reference.locator('[data-layer]').count();
	const before = await layers();
	await page.keyboard.press('l');
	await expect(page.getByRole('button', { name: 'jacket off' })).toBeVisible();
	expect(await layers()).toBeLessThan(before);
	await expectAccessible(page);

	// R turns both round and back again; what hangs in front is not drawn behind.
	await page.locator('[data-rung]').first().focus();
	await page.keyboard.press('r');
	const behind = page.getByRole('button', { name: 'Behind', exact: true });
	await expect(behind).toHaveAttribute('aria-pressed', 'true');
	await expect(page.locator('figure svg > g[transform="scale(-1 1)"]')).toHaveCount(2);
	await behind.click();
	await expect(page.locator('figure svg > g[transform="scale(-1 1)"]')).toHaveCount(0);
});

test('the plates sit and walk, by key and by mouse, and every posture is drawn otherwise', async ({
	page
}) => {
	await openEcho(page);
	const plate = page.getByRole('img', { name: /^Echo:/ });
	const posture = (name: string) => page.getByRole('button', { name, exact: true });
	/** How the body is drawn, whatever it wears. */
	const drawn = () => plate.locator('[data-layer="figure"] path').first().getAttribute('d');
	const standing = await drawn();
	await page.locator('[data-rung]').first().focus();
	await page.keyboard.press('s');
	await expect(posture('Sitting')).toHaveAttribute('aria-pressed', 'true');
	await expect(plate.locator('[data-layer="seat"]')).toHaveCount(1);
	// Hems are marked where they are then, and a choice is drawn in the same posture.
	await page.keyboard.press('h');
	await expect(plate.locator('text', { hasText: 'at the ankle' })).toHaveCount(1);
	await page.keyboard.press('h');
	const sitting = await drawn();
	expect(sitting).not.toBe(standing);
	const before = await scoreOf(page);
	await page.locator('[data-card]').nth(1).click();
	await expect.poll(() => scoreOf(page)).not.toBe(before);
	await expect(plate.locator('[data-layer="seat"]')).toHaveCount(1);
	expect(await drawn()).toBe(sitting);
	await page.keyboard.press('Control+z');
	await expect.poll(() => scoreOf(page)).toBe(before);
	await expectAccessible(page);

	await posture('Sitting').click();
	await expect(posture('Walking')).toHaveAttribute('aria-pressed', 'true');
	await expect(plate.locator('[data-layer="seat"]')).toHaveCount(0);
	expect([standing, sitting]).not.toContain(await drawn());
	await posture('Walking').click();
	await expect(posture('Standing')).toHaveAttribute('aria-pressed', 'false');
	await expect.poll(drawn).toBe(standing);
});

test('a loss leads to its rung, and points are won back from the list', async ({ page }) => {
	await openEcho(page, 'Rehearsal room, boat-deck interview');
	await page
		.getByRole('list', { name: /^From 100 down to/ })
		.getByRole('button', { name: /ballet flats/ })
		.first()
		.click();
	await expect(page.locator('[data-rung][aria-current="true"]')).toHaveText(/ballet flats/);
	const before = await scoreOf(page);
	const cheapest = page.getByRole('heading', { name: 'Cheapest points to win back' }).locator('..');
	await cheapest.getByRole('button').first().click();
	await expect.poll(() => scoreOf(page)).toBeGreaterThanOrEqual(before + 1);
});

test('several echoes of one reference stand side by side', async ({ page }) => {
	await openEcho(page);
	await page.getByRole('button', { name: 'Make another' }).click();
	await expect(page.getByRole('heading', { level: 1, name: /another way/ })).toBeVisible();
	await page.locator('[data-rung]').first().focus();
	await page.keyboard.press('x');
	await page.getByRole('link', { name: 'Side by side' }).click();
	const table = page.getByRole('table');
	await expect(table.getByRole('columnheader')).toHaveCount(3);
	await expect(table.getByRole('row', { name: /dinner jacket/ })).toContainText('left out');
	await expectAccessible(page);
	await table.getByRole('link', { name: 'Midnight Quay, for the Quay Stage', exact: true }).click();
	await expect(
		page.getByRole('heading', { level: 1, name: 'Midnight Quay, for the Quay Stage' })
	).toBeVisible();
});
