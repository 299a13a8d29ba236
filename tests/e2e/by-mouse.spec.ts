import { dialog, expect, goTo, openDemo, scoreOf, test } from './studio';

test('from a reference to a finished echo with the mouse alone', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'References');
	await page.getByRole('link', { name: /1930s evening/ }).click();
	await page.getByRole('link', { name: 'To the fitting table' }).click();
	await page.getByLabel('Client').selectOption('Tamsin Orrowby');
	await expect(page.getByLabel('Reference')).toHaveValue(/.+/);
	await page.getByRole('button', { name: 'Begin an echo' }).click();
	await expect(page.getByRole('heading', { level: 1, name: '1930s evening' })).toBeVisible();
	expect(await scoreOf(page)).toBe(0);

	const rungs = page.locator('[data-rung]');
	const count = await rungs.count();
	for (let at = 0; at < count; at++) {
		await rungs.nth(at).click();
		const done = page.getByRole('button', { name: 'Mark as done' });
		const best = page.getByRole('region', { name: 'From the wardrobe' }).getByRole('button').first();
		if (await done.isVisible()) await done.click();
		else if (await best.isVisible()) await best.click();
		else await page.getByRole('button', { name: /^Leave it out/ }).click();
		await expect(rungs.nth(at)).not.toContainText('gap');
	}
	expect(await scoreOf(page)).toBeGreaterThan(70);

	// A loss leads to its rung.
	await page
		.getByRole('region', { name: 'Closeness' })
		.getByRole('listitem')
		.first()
		.getByRole('button')
		.click();
	await expect(page.locator('[data-rung][aria-current="true"]')).toHaveCount(1);

	await page.getByRole('button', { name: 'Delete', exact: true }).click();
	await dialog(page, 'Delete this echo?').getByRole('button', { name: 'Delete' }).click();
	await expect(page.getByRole('button', { name: 'Begin an echo' })).toBeVisible();
	await page.getByRole('button', { name: 'Undo', exact: true }).click();
	await expect(page.getByRole('link', { name: /^1930s evening Tamsin Orrowby/ })).toBeVisible();
});

test('asking before what cannot be undone, and stepping back from it', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'Studio');
	const contents = await page.locator('.holds').innerText();
	await page.getByRole('button', { name: 'Clear the studio' }).click();
	const asking = dialog(page, 'Clear the whole studio?');
	await expect(asking).toContainText('Only a backup brings them back');
	await asking.getByRole('button', { name: 'Cancel' }).click();
	await expect(asking).toBeHidden();
	expect(await page.locator('.holds').innerText()).toBe(contents);
});
