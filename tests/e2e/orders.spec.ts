/** From a plan to orders, parcels, the rail, and back to the shop. */
import type { Page } from '@playwright/test';
import { expect, expectAccessible, goTo, openDemo, test } from './studio';

async function planTaken(page: Page) {
	await openDemo(page);
	await goTo(page, 'Fitting table');
	await page.getByRole('link', { name: /Rehearsal room, boat-deck interview/ }).press('Enter');
	await page.getByRole('link', { name: 'Plan what to buy' }).press('Enter');
	await page.getByLabel('Budget, postage with it').fill('120');
	await page.getByLabel('Budget, postage with it').press('Enter');
	await page.getByRole('slider', { name: 'Closeness for money' }).press('End');
	await page.getByRole('button', { name: 'Take this into the looks' }).press('Enter');
	await expect(page.getByText('Taken. The looks are as planned.')).toBeVisible();
}
const card = (page: Page, of: RegExp | string) => page.getByRole('article').filter({ hasText: of });

test('a plan is ordered, comes, is kept on the rail or sent back, with the money right, by key', async ({
	page
}) => {
	await planTaken(page);
	await page.getByRole('button', { name: 'Note these as ordered' }).press('Enter');
	await expect(page.getByText('All of it is ordered.').getByRole('link', { name: 'Orders' })).toBeFocused();
	// Pressed again after a reload: what is ordered is not ordered twice.
	await goTo(page, 'Orders');
	await expect(page.getByRole('heading', { name: /On the way/ })).toBeVisible();
	await expectAccessible(page);
	const came = page.getByRole('button', { name: /^It is here: the parcel from (?!Lantern)/ });
	const shops = await came.count();
	expect(shops).toBeGreaterThan(0);
	await came.first().press('Enter');
	await expect(came).toHaveCount(shops - 1);
	// The card has moved to what is here, and the focus with it.
	await expect(page.getByRole('region', { name: /Here, to be tried on/ }).locator(':focus')).toHaveCount(1);

	const here = page.getByRole('region', { name: /Here, to be tried on/ });
	const newest = here.getByRole('article').filter({ hasText: 'Tamsin' }).first();
	const keep = newest.getByRole('button', { name: /^Keep: / }).first();
	const title = (await keep.getAttribute('aria-label'))!.replace('Keep: ', '');
	await keep.press('Enter');
	await expect(page.getByRole('link', { name: title, exact: true })).toBeVisible();
	await page.getByRole('link', { name: title, exact: true }).press('Enter');
	await expect(page.getByRole('heading', { name: title, level: 1 })).toBeVisible();

	await goTo(page, 'Orders');
	const back = page.getByRole('button', { name: `Send back: ${title}` });
	await back.press('Enter');
	await expect(back).toHaveCount(0);
	const order = card(page, title);
	await expect(order).toContainText('still to come back');
	await order.getByRole('button', { name: `Money is back: ${title}` }).press('Enter');
	await expect(order).toContainText('given back');
	await expect(order).not.toContainText('still to come back');
	// One undo takes back the last of these, three more the rest.
	await page.keyboard.press('Control+z');
	await expect(order).toContainText('still to come back');
	await page.keyboard.press('Control+z');
	await expect(page.getByRole('link', { name: title, exact: true })).toBeVisible();
});

test('what came is tried on with the mouse: kept, its size remembered, or sent back', async ({ page }) => {
	await openDemo(page);
	await expect(page.getByRole('link', { name: /Black cotton gloves: try on/ })).toBeVisible();
	await page.getByRole('link', { name: /Black cotton gloves: try on/ }).click();
	const order = card(page, 'Pearl clip earrings');
	await expect(order).toContainText('£24.45 in all');
	await page.getByRole('button', { name: 'Keep: Black cotton gloves' }).click();
	await page.getByRole('button', { name: 'Send back: Pearl clip earrings' }).click();
	await expect(order).toContainText('£9.00 still to come back');
	await expect(order).toContainText('£26.45 in all');
	await page.getByRole('button', { name: 'Money is back: Pearl clip earrings' }).click();
	await expect(order).toContainText('£17.45 in all');
	await page.getByRole('link', { name: 'Black cotton gloves' }).click();
	await expect(page.getByRole('heading', { name: 'Black cotton gloves' })).toBeVisible();
});

test('what sold out is told on the desk, and a backup takes its place', async ({ page }) => {
	await planTaken(page);
	let soldOut = '';
	await page.route('**/api/market/listings', async (route) => {
		const response = await route.fetch();
		const answer = await response.json();
		soldOut = answer.listings[0].title;
		for (const size of answer.listings[0].sizes) size.inStock = 0;
		await route.fulfill({ response, json: answer });
	});
	await goTo(page, 'Desk');
	await expect(page.getByRole('heading', { name: /Watched in the shops/ })).toBeVisible();
	const news = page.getByRole('link', { name: `${soldOut} is sold out` });
	await expect(news).toBeVisible();
	await expectAccessible(page);
	await page.getByRole('button', { name: /^Take the backup: / }).click();
	await expect(news).toBeHidden();
	await page.keyboard.press('Control+z');
	await expect(news).toBeVisible();
	// The shops are asked again at every change: a question on its way ends with the page, not as a fault.
	await page.unrouteAll({ behavior: 'ignoreErrors' });
});

for (const width of [320, 820])
	test(`orders fit into ${width} px`, async ({ page }) => {
		await page.setViewportSize({ width, height: 900 });
		await openDemo(page);
		await page.goto('/orders');
		await expect(page.getByRole('heading', { name: /Here, to be tried on/ })).toBeVisible();
		const overflow = await page.evaluate(
			() => document.documentElement.scrollWidth - document.documentElement.clientWidth
		);
		expect(overflow).toBeLessThanOrEqual(0);
		await expectAccessible(page);
	});

test('before buying: would it be worn, what it needs, what is nearer or cheaper; a gap is hunted with a card', async ({
	page
}) => {
	await openDemo(page);
	await goTo(page, 'Fitting table');
	await page.getByRole('link', { name: /Rehearsal room, boat-deck interview/ }).press('Enter');
	await page
		.getByRole('button', { name: /black leather ballet flats/ })
		.first()
		.press('Enter');
	const open = page.getByRole('button', { name: /^Before buying: / }).first();
	const title = (await open.getAttribute('aria-label'))!.replace('Before buying: ', '');
	await open.press('Enter');
	const sheet = page.getByRole('dialog', { name: title });
	await expect(sheet.getByText(/from this rail/)).toBeVisible();
	await expect(sheet.getByRole('heading', { name: 'Nearer, cheaper or both' })).toBeVisible();
	await expectAccessible(page);
	await page.keyboard.press('Escape');
	await expect(sheet).toBeHidden();
	await expect(page.getByRole('button', { name: `Before buying: ${title}` })).toBeFocused();

	// What does not suit says why, and the order is by what a wear costs.
	await page.getByLabel('by', { exact: true }).selectOption({ label: 'cost per wear' });
	const unsuitable = page.getByRole('group').filter({ hasText: 'Not suitable, and why' });
	await unsuitable.getByText('Not suitable, and why').click();
	await expect(unsuitable).toContainText(/sold out|no size|too late|more than is left|never/i);

	await page
		.getByRole('button', { name: /charcoal embroidered wool/ })
		.first()
		.press('Enter');
	await page.getByRole('link', { name: 'Hunting card' }).press('Enter');
	const card = page.getByRole('region', { name: /charcoal embroidered wool waistcoat/ });
	await expect(card).toContainText('No shorter than');
	await expect(card).toContainText('nickel (allergic)');
	await expectAccessible(page);
});
