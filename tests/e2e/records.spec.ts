import { strToU8, zipSync } from 'fflate';
import { dialog, expect, goTo, openDemo, restoreField, test } from './studio';

test('a deleted piece comes back with undo, in the wardrobe and in its echo', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'Clients');
	await page.getByRole('link', { name: /Tamsin Orrowby/ }).click();
	const piece = page.getByRole('button', { name: 'Edit: Wine velvet blazer' });
	await page.getByRole('searchbox', { name: 'Search the rail' }).fill('velvet wine');
	await expect(page.getByRole('button', { name: /^Edit: / })).toHaveCount(1);
	await piece.hover();
	await page.getByRole('button', { name: 'Delete: Wine velvet blazer' }).click();
	await expect(piece).toBeHidden();
	await page.getByRole('button', { name: 'Undo', exact: true }).click();
	await expect(piece).toBeVisible();
});

test('a piece is edited, and its form refuses what makes no sense', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'Clients');
	await page.getByRole('link', { name: /Tamsin Orrowby/ }).click();
	await page.getByRole('button', { name: 'Add a piece' }).click();
	const adding = dialog(page, 'Add a piece');
	await adding.getByRole('button', { name: 'Save' }).click();
	await expect(adding.getByText('Choose what it is')).toBeVisible();
	await adding.getByLabel('Price paid').fill('a lot');
	await expect(adding.getByText('Write a price like 24 or 24.50')).toBeVisible();
	await page.keyboard.press('Escape');
	await adding.getByRole('button', { name: 'Discard' }).click();
	await expect(adding).toBeHidden();
	await page.getByRole('button', { name: 'Edit: Black crepe blazer' }).click();
	const editing = dialog(page, 'Edit piece');
	await editing.getByLabel('Name', { exact: true }).fill('Black stage blazer');
	await editing.getByRole('button', { name: 'Save' }).click();
	await expect(page.getByRole('button', { name: 'Edit: Black stage blazer' })).toBeVisible();
});

test('elements are put in order with the keyboard and by drag, and deleting one can be undone', async ({
	page
}) => {
	await openDemo(page);
	await goTo(page, 'References');
	await page.getByRole('link', { name: /The Midnight Quay suit/ }).click();
	const order = () => page.locator('ol .what > span:first-child').allInnerTexts();
	await page.getByRole('button', { name: /^burgundy satin tailored trousers/ }).focus();
	await page.keyboard.press('Alt+ArrowUp');
	await expect.poll(async () => (await order())[0]).toMatch(/trousers/);
	await expect(page.getByRole('button', { name: /^burgundy satin tailored trousers/ })).toBeFocused();

	const from = await page.locator('.handle').nth(2).boundingBox();
	const to = await page.locator('.handle').nth(0).boundingBox();
	await page.mouse.move((from?.x ?? 0) + 8, (from?.y ?? 0) + 12);
	await page.mouse.down();
	await page.mouse.move((to?.x ?? 0) + 8, (to?.y ?? 0) + 30, { steps: 12 });
	await page.mouse.move((to?.x ?? 0) + 8, (to?.y ?? 0) + 4, { steps: 8 });
	await page.waitForTimeout(250);
	await page.mouse.up();
	await expect.poll(async () => (await order())[0]).toMatch(/ivory silk blouse/);

	await page.getByRole('button', { name: 'Delete: jet satin clutch' }).click();
	await expect(page.getByRole('button', { name: /^jet satin clutch/ })).toBeHidden();
	await page.keyboard.press('Control+z');
	await expect(page.getByRole('button', { name: /^jet satin clutch/ })).toBeVisible();
});

test('a client is deleted after asking, and undo brings everything back', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'Clients');
	await page.getByRole('link', { name: /Anvita Renwalkar/ }).click();
	await page.getByRole('button', { name: 'Delete', exact: true }).click();
	await dialog(page, 'Delete Anvita Renwalkar?').getByRole('button', { name: 'Delete' }).click();
	await expect(page.getByRole('link', { name: /Anvita Renwalkar/ })).toBeHidden();
	await page.keyboard.press('Control+z');
	await expect(page.getByRole('link', { name: /Anvita Renwalkar.*68 pieces/ })).toBeVisible();
});

test('broken, foreign and newer backups are refused by name of the place, and nothing changes', async ({
	page
}) => {
	await openDemo(page);
	await goTo(page, 'Studio');
	const contents = await page.locator('.holds').innerText();
	const zip = (name: string, text: string) => Buffer.from(zipSync({ [name]: strToU8(text) }));
	const head = {
		format: 'prime-echo-studio',
		schemaVersion: 1,
		writtenOn: '2026-01-01',
		settings: [],
		clients: [],
		events: [],
		pieces: [],
		references: [],
		echoes: []
	};
	const cases: [string, Buffer, RegExp][] = [
		['text.zip', Buffer.from('not a zip'), /not a Prime Echo backup/],
		['foreign.zip', zip('recipes.txt', 'soup'), /not a Prime Echo backup/],
		['empty.zip', Buffer.alloc(0), /The file is empty/],
		['damaged.zip', zip('studio.json', '{"format":'), /no readable JSON/],
		['newer.zip', zip('studio.json', JSON.stringify({ ...head, schemaVersion: 999 })), /newer Prime Echo/],
		[
			'bad.zip',
			zip('studio.json', JSON.stringify({ ...head, clients: [{ name: 'Half' }] })),
			/clients › 1 “Half” › id/
		]
	];
	for (const [name, buffer, message] of cases) {
		await restoreField(page).setInputFiles({ name, mimeType: 'application/zip', buffer });
		await expect(page.getByText('Not restored, and nothing was changed')).toBeVisible();
		await expect(page.getByText(message)).toBeVisible();
		await page.getByRole('alert').getByRole('button').click();
	}
	expect(await page.locator('.holds').innerText()).toBe(contents);
});

test('the demo never overwrites a studio of one’s own from its address', async ({ page }) => {
	await page.goto('/');
	await page.getByRole('button', { name: 'Start my own studio' }).click();
	await expect(page.getByRole('heading', { name: 'Clients' })).toBeVisible();
	await page.goto('/demo');
	await expect(page.getByText('This browser holds a studio of your own')).toBeVisible();
});

test('a client’s form keeps out measures that no body has, and says what the store refuses', async ({
	page
}) => {
	await openDemo(page);
	await goTo(page, 'Clients');
	await page.getByRole('button', { name: 'Add a client' }).click();
	const form = dialog(page, 'Add a client');
	await form.getByLabel('Name', { exact: true }).fill('Half a client');
	await form.getByLabel('height, cm').fill('1650');
	await form.getByLabel('height, cm').press('Tab');
	await expect(form.getByText('90–230 cm')).toBeVisible();
	await form.getByRole('button', { name: 'Save' }).click();
	await expect(form).toBeVisible();
	await form.getByLabel('height, cm').fill('165');
	await form.getByLabel('height, cm').press('Tab');
	await form.getByLabel('Never wears or shows').fill('x'.repeat(200));
	await form.getByRole('button', { name: 'Save' }).click();
	await expect(page.getByRole('alert')).toContainText('never');
	await expect(form).toBeVisible();
	await form.getByLabel('Never wears or shows').fill('short sleeves');
	await form.getByRole('button', { name: 'Save' }).click();
	await expect(page.getByRole('heading', { name: 'Half a client' })).toBeVisible();
	await expect(page.getByText('165 cm')).toBeVisible();
});

test('a cleared studio that is given the demo has its photographs: a whole backup is made of it', async ({
	page
}) => {
	await openDemo(page);
	await goTo(page, 'Studio');
	await page.getByRole('button', { name: 'Clear the studio' }).click();
	await dialog(page, 'Clear the whole studio?').getByRole('button', { name: 'Clear the studio' }).click();
	await expect(page.getByRole('link', { name: 'Open the demo studio' })).toBeVisible();
	await page.getByRole('button', { name: 'Start my own studio' }).click();
	await goTo(page, 'Studio');
	await page.getByRole('button', { name: 'Load the demo studio' }).click();
	await dialog(page, 'Put the demo studio in place of the present one?')
		.getByRole('button', { name: 'Load the demo studio' })
		.click();
	await expect(page.getByText('Midnight Quay, for the Quay Stage')).toBeVisible();
	await goTo(page, 'Studio');
	const saving = page.waitForEvent('download');
	await page.getByRole('button', { name: 'Make a backup' }).click();
	expect((await saving).suggestedFilename()).toMatch(/^prime-echo-.*\.zip$/);
});
