/** A shop's own list, loaded by hand: into the tray, to the bill, and away again. */
import { expect, expectAccessible, goTo, openDemo, test } from './studio';

const list = [
	'Number\tProduct\tDescription\tCost of it\tSizes\tCondition',
	'1\tCharcoal waistcoat\tcharcoal embroidered wool waistcoat\t31.00\tXS; S; M; L\tnew',
	'2\tFrobber\tlilac frobber\t12\tM\tnew',
	'3\tStuds\tsmall silver studs\task us\t\tnew'
].join('\n');

test.describe('a list of a shop', () => {
	test.use({ tolerated: [/ERR_FAILED|Failed to load resource/] });
	test('rows are matched, mended and loaded; their things stand in the tray, with the server gone as well', async ({
		page
	}) => {
		await openDemo(page);
		await goTo(page, 'Studio');
		const panel = page.getByRole('region', { name: 'Lists of shops' });
		await expect(panel).toContainText('Quayside makers: 24 things');
		await panel.getByRole('button', { name: 'Load a list' }).press('Enter');
		const dialog = page.getByRole('dialog', { name: 'Load a list' });
		await dialog.getByLabel('Or paste rows here').fill(list);
		await expect(dialog).toContainText('Say which columns hold what it is and its price.');
		await dialog.getByLabel('Price', { exact: true }).selectOption('Cost of it');
		await expect(dialog.getByRole('status')).toContainText('one thing is ready, 2 rows need mending');
		const price = dialog.getByLabel('Price, row 4');
		await price.fill('9.50');
		await price.press('Tab');
		await expect(dialog.getByRole('status')).toContainText('2 things are ready, one row needs mending');
		await expectAccessible(page);

		// Without a shop it is not loaded, and nothing is lost.
		await dialog.getByRole('button', { name: 'Load 2 things' }).press('Enter');
		await expect(dialog).toContainText('Say which shop it is.');
		await dialog.getByLabel('The shop').fill('Pier Nine');
		await dialog.getByRole('button', { name: 'Load 2 things' }).press('Enter');
		await expect(dialog).toBeHidden();
		await expect(panel).toContainText('Pier Nine: 2 things');

		await page.route('**/api/**', (route) => route.abort());
		await goTo(page, 'Fitting table');
		await page.getByRole('link', { name: /Rehearsal room, boat-deck interview/ }).press('Enter');
		// Wool is against this client's limits: the waistcoat is no substitute, the studs are.
		await page
			.getByRole('button', { name: /small silver studs/ })
			.first()
			.click();
		const tray = page.getByRole('region', { name: 'Cheap substitutes' });
		await expect(tray).toContainText('does not answer');
		const card = tray.locator('[data-card]').filter({ hasText: 'Studs' }).first();
		await card.press('Enter');
		await expect(page.getByText('£9.50').first()).toBeVisible();
	});
});

test('a list is loaded anew in place of the old one, removed, and brought back', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'Studio');
	const panel = page.getByRole('region', { name: 'Lists of shops' });
	await panel.getByRole('button', { name: 'Load a list' }).click();
	const dialog = page.getByRole('dialog', { name: 'Load a list' });
	await dialog.getByLabel('Or paste rows here').fill('Description,Price\nred silk blouse,40');
	await dialog.getByLabel('The shop').fill('quayside makers');
	await expect(dialog.getByRole('status')).toContainText('It takes the place of the list of');
	await dialog.getByRole('button', { name: 'Load one thing' }).click();
	await expect(panel).toContainText('quayside makers: one thing');
	await page.keyboard.press('Control+z');
	await expect(panel).toContainText('Quayside makers: 24 things');
	await panel.getByRole('button', { name: 'Remove the list of Quayside makers' }).click();
	await expect(panel).toContainText('No list is loaded.');
	await page.reload();
	await expect(panel).toContainText('No list is loaded.');
	await page.keyboard.press('Control+z');
	await expect(panel).toContainText('Quayside makers: 24 things');
});
