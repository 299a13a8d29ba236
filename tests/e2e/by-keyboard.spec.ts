import { dialog, expect, goTo, openDemo, startEmpty, test } from './studio';

test('a piece is entered with the keyboard alone', async ({ page }) => {
	await startEmpty(page);
	await page.getByRole('button', { name: 'Add a client' }).focus();
	await page.keyboard.press('Enter');
	await expect(dialog(page, 'Add a client').getByLabel('Name', { exact: true })).toBeFocused();
	await page.keyboard.type('Perrin Achterling');
	await page.keyboard.press('Enter');
	await expect(page.getByRole('heading', { name: 'Perrin Achterling' })).toBeVisible();

	await page.getByRole('button', { name: 'Add a piece' }).focus();
	await page.keyboard.press('Enter');
	const form = dialog(page, 'Add a piece');
	await expect(form.getByLabel('Say it')).toBeFocused();
	await page.keyboard.type('camel trench');
	await expect(form.getByRole('combobox', { name: 'What it is' })).toHaveValue(/^trench coat/);
	await expect(form.locator('.chip')).toContainText('camel');
	await form.getByRole('combobox', { name: 'Add a colour' }).focus();
	await page.keyboard.type('ivory');
	await page.keyboard.press('Enter');
	await expect(form.locator('.chip')).toHaveCount(2);
	await form.getByLabel('Size label').focus();
	await page.keyboard.type('UK 12');
	await page.keyboard.press('Enter');
	await expect(form).toBeHidden();
	await expect(page.getByRole('button', { name: /Edit: Camel trench coat.* UK 12/ })).toBeVisible();
	// One Enter, one piece.
	await expect(page.getByRole('heading', { name: 'Wardrobe 1' })).toBeVisible();
});

test('Escape asks before it discards what was typed, and gives the focus back; nothing is saved', async ({
	page
}) => {
	await openDemo(page);
	await goTo(page, 'References');
	const add = page.getByRole('button', { name: 'Add a reference' });
	await add.focus();
	await page.keyboard.press('Enter');
	const form = dialog(page, 'Add a reference');
	await page.keyboard.type('Half a thought');
	await page.keyboard.press('Escape');
	await expect(form.getByText('Discard what you typed?')).toBeVisible();
	await expect(form.getByRole('button', { name: 'Keep typing' })).toBeFocused();
	await page.keyboard.press('Escape');
	await expect(form.getByText('Discard what you typed?')).toBeHidden();
	await expect(form.getByLabel('Title')).toHaveValue('Half a thought');
	await form.getByRole('button', { name: 'Cancel' }).click();
	await form.getByRole('button', { name: 'Discard' }).click();
	await expect(form).toBeHidden();
	await expect(add).toBeFocused();
	await expect(page.getByText('Half a thought')).toBeHidden();
});

test('the skip link leads to the work', async ({ page }) => {
	await openDemo(page);
	await page.reload();
	await expect(page.getByRole('heading', { name: 'Desk' })).toBeVisible();
	await page.keyboard.press('Tab');
	await expect(page.getByRole('link', { name: 'Skip to the work' })).toBeFocused();
	await page.keyboard.press('Enter');
	await expect(page.locator('#work')).toBeFocused();
});

test('letters typed into a field are text, not commands', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'Fitting table');
	await page.getByRole('link', { name: /Midnight Quay, for the Quay Stage/ }).click();
	const rung = page.locator('[data-rung]').first();
	await expect(rung).toContainText(/ holds \d+ of 100 points/);
	const before = await rung.innerText();
	await page.getByLabel('Spend limit').fill('');
	await page.getByLabel('Spend limit').press('x');
	await page.getByLabel('Spend limit').press('Backspace');
	await expect(rung).toHaveText(before, { useInnerText: true });
});

for (const [name, width, height] of [
	['a laptop', 1280, 800],
	['a tablet in portrait', 820, 1180]
] as const)
	test(`nothing scrolls sideways on ${name}`, async ({ page }) => {
		await page.setViewportSize({ width, height });
		await openDemo(page);
		for (const place of ['Desk', 'Clients', 'References', 'Recipes', 'Fitting table', 'Studio']) {
			await goTo(page, place);
			expect(await page.evaluate(() => document.documentElement.scrollWidth), place).toBeLessThanOrEqual(
				width
			);
		}
		await goTo(page, 'Fitting table');
		await page.getByRole('link', { name: /Midnight Quay, for the Quay Stage/ }).click();
		await expect(
			page.getByRole('region', { name: 'From the wardrobe' }).getByRole('button').first()
		).toBeVisible();
		expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
		// On the laptop the whole work is seen without scrolling.
		if (width === 1280)
			expect(await page.evaluate(() => document.documentElement.scrollHeight)).toBeLessThanOrEqual(height);
	});
