/** Several looks, one budget: by mouse and by key. */
import type { Page } from '@playwright/test';
import { expect, expectAccessible, goTo, openDemo, test } from './studio';

const chart = (page: Page) => page.getByRole('slider', { name: 'Closeness for money' });
const plan = (page: Page) => page.getByRole('button', { name: 'Plan', exact: true });
const spent = async (page: Page) =>
	Number(
		/£([\d.,]+) spent/.exec((await chart(page).getAttribute('aria-valuetext')) ?? '')?.[1]?.replace(',', '')
	);
const closeness = async (page: Page) =>
	Number(/closeness ([\d.]+)/.exec((await chart(page).getAttribute('aria-valuetext')) ?? '')?.[1]);

test('one look is planned from the table to a budget, taken over and taken back, by key', async ({
	page
}) => {
	await openDemo(page);
	await goTo(page, 'Fitting table');
	await page.getByRole('link', { name: /Rehearsal room, boat-deck interview/ }).press('Enter');
	await page.getByRole('link', { name: 'Plan what to buy' }).press('Enter');
	await expect(page.getByRole('checkbox', { name: /Rehearsal room/ })).toBeChecked();
	await page.getByLabel('Budget, postage with it').fill('so much');
	await expect(page.getByText('Write a sum like 120 or 120.50')).toBeVisible();
	await page.getByLabel('Budget, postage with it').fill('30');
	await page.getByLabel('Budget, postage with it').press('Enter');
	await chart(page).press('Home');
	expect(await spent(page)).toBe(0);
	const first = await closeness(page);
	await chart(page).press('End');
	await expect(page.getByText('over your budget')).toBeVisible();
	const last = await closeness(page);
	expect(last).toBeGreaterThan(first);
	await chart(page).press('Home');
	await chart(page).press('ArrowRight');
	expect(await closeness(page)).toBeGreaterThanOrEqual(first);
	await expect(page.getByRole('heading', { name: 'List by shop' })).toBeVisible();
	await expectAccessible(page);

	const cost = await spent(page);
	await page.getByRole('button', { name: 'Take this into the looks' }).press('Enter');
	await expect(page.getByText('Taken. The looks are as planned.')).toBeFocused();
	// Another step after it, and one undo back: it is told each time whether the looks are so.
	await chart(page).press('End');
	await expect(page.getByText('Taken. The looks are as planned.')).toBeHidden();
	await page.getByRole('button', { name: 'Take this into the looks' }).press('Enter');
	await expect(page.getByText('Taken. The looks are as planned.')).toBeVisible();
	await page.keyboard.press('Control+z');
	await expect(page.getByText('Taken. The looks are as planned.')).toBeHidden();
	await chart(page).press('Home');
	await chart(page).press('ArrowRight');
	await expect(page.getByText('Taken. The looks are as planned.')).toBeVisible();
	await page.getByRole('link', { name: /Rehearsal room/ }).press('Enter');
	await expect(page.getByRole('region', { name: 'Closeness', exact: true })).toBeVisible();
	// What is taken is to be bought for that sum; undone, nothing is. (The list of what would win points back may name the sum again.)
	await expect(page.getByText(`£${cost.toFixed(2)}`, { exact: true })).toBeVisible();
	await expect(page.getByText('nothing to buy')).toBeHidden();
	await page.keyboard.press('Control+z');
	await expect(page.getByText('nothing to buy')).toBeVisible();
});

test('three looks are planned at once, and a step is chosen with the mouse', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'Plan');
	await plan(page).click();
	await expect(page.getByText('Choose at least one look.')).toBeVisible();
	for (const name of [/Rehearsal room/, /Keeper’s Watch/, /Midnight Quay/])
		await page.getByText(name).first().click();
	await plan(page).click();
	const box = (await chart(page).boundingBox())!;
	await page.mouse.click(box.x + box.width - 40, box.y + box.height / 2);
	const most = await spent(page);
	expect(most).toBeGreaterThan(0);
	await expect(page.locator('p', { hasText: 'Together' })).toContainText(most.toFixed(2));
	await page.getByRole('button', { name: 'Keep to compare' }).click();
	await page.mouse.click(box.x + 46, box.y + box.height / 2);
	expect(await spent(page)).toBeLessThan(most);
	await expect(page.getByRole('link', { name: /Rehearsal room|Keeper’s Watch|Midnight Quay/ })).toHaveCount(
		3
	);
	const beside = page.getByRole('region', { name: 'Two plans side by side' });
	await expect(beside.getByRole('row', { name: /^spent/ })).toContainText(most.toFixed(2));
	await expect(beside.getByRole('row', { name: /^spent/ })).toContainText((await spent(page)).toFixed(2));
	await expectAccessible(page);
	await beside.getByRole('button', { name: 'Put the kept one away' }).click();
	await expect(beside).toBeHidden();
});

test('a date by which nothing comes is explained, with what to do, by key', async ({ page }) => {
	await openDemo(page);
	await page.getByRole('button', { name: /Edit event: .*stage introduction/ }).press('Enter');
	const form = page.getByRole('dialog', { name: 'Edit event' });
	const tomorrow = await page.evaluate(() => {
		const day = new Date(Date.now() + 86_400_000);
		return `${day.getFullYear()}-${String(day.getMonth() + 1).padStart(2, '0')}-${String(day.getDate()).padStart(2, '0')}`;
	});
	await form.getByLabel('Day', { exact: true }).fill(tomorrow);
	await form.getByRole('button', { name: 'Save' }).press('Enter');
	await expect(form).toBeHidden();
	await goTo(page, 'Plan');
	await page.getByRole('checkbox', { name: /Midnight Quay/ }).press('Space');
	await page.getByLabel('Budget, postage with it').fill('120');
	await page.getByLabel('Budget, postage with it').press('Enter');
	await expect(chart(page)).toBeVisible();
	await page.getByText(/^Passed over/).press('Enter');
	await expect(page.getByText(/would arrive on .*, too late/).first()).toBeVisible();
	await expect(page.getByText(/arrives too late\. Choose another day/)).toBeVisible();
	expect(await spent(page)).toBe(0);
});

test('one purchase serves two looks, and is paid for once', async ({ page }) => {
	await openDemo(page);
	// A second look after the same reference, for the same client.
	await goTo(page, 'Fitting table');
	await page.getByRole('link', { name: /Midnight Quay, for the Quay Stage/ }).click();
	// The other one would be opened once it is written; a quicker step elsewhere is not overtaken by it.
	await page.getByRole('button', { name: 'Make another' }).click();
	await goTo(page, 'Plan');
	const looks = page.getByRole('checkbox', { name: /Midnight Quay/ });
	await expect(looks).toHaveCount(2);
	for (const look of await looks.all()) await look.press('Space');
	await plan(page).click();
	await chart(page).press('End');
	const most = await spent(page);
	const list = page.getByRole('region', { name: 'List by shop' });
	const shared = list.getByRole('listitem').filter({ hasText: /for .*Midnight Quay.*Midnight Quay/ });
	await expect(shared.first()).toBeVisible();
	await page.getByRole('button', { name: 'Take this into the looks' }).click();
	await expect(page.getByText('Taken. The looks are as planned.')).toBeVisible();
	await page.getByRole('button', { name: 'Note these as ordered' }).click();
	await expect(page.getByText('All of it is ordered.')).toBeVisible();
	await goTo(page, 'Orders');
	// Orders of today, by shop: together they come to what the plan says, each thing once, with both looks.
	const ordered = page.getByRole('region', { name: /On the way/ }).getByRole('article');
	await expect(ordered.filter({ hasNotText: 'Lantern Stair' }).first()).toBeVisible();
	const sums = (await ordered.filter({ hasNotText: 'Lantern Stair' }).allInnerTexts()).map((text) =>
		Number(/£([\d.]+) in all/.exec(text)?.[1])
	);
	expect(sums.reduce((sum, one) => sum + one, 0)).toBeCloseTo(most, 2);
});

test('a plan is stopped half-way, and nothing was changed', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'Plan');
	for (const name of [/Rehearsal room/, /Keeper’s Watch/, /Midnight Quay/, /station ball/])
		await page.getByText(name).first().click();
	await plan(page).click();
	await page.getByRole('button', { name: 'Stop' }).click();
	await expect(page.getByText('Stopped. Nothing was changed.')).toBeVisible();
	await plan(page).click();
	await expect(chart(page)).toBeVisible({ timeout: 60_000 });
	// A look elsewhere loses nothing, by its place or by the way back.
	await chart(page).press('End');
	const told = await chart(page).getAttribute('aria-valuetext');
	await goTo(page, 'Orders');
	await goTo(page, 'Plan');
	await expect(chart(page)).toHaveAttribute('aria-valuetext', told ?? '');
	await expect(page.getByText('The plan as you left it.')).toBeVisible();
	await goTo(page, 'Orders');
	await page.goBack();
	await expect(chart(page)).toHaveAttribute('aria-valuetext', told ?? '');
	await page.goBack();
	await page.goBack();
	await expect(page.getByRole('checkbox', { checked: true })).toHaveCount(4);
	// A reload finds what was asked.
	await page.reload();
	await expect(page.getByRole('checkbox', { name: /Keeper’s Watch/ })).toBeChecked();
	await expect(page.getByRole('checkbox', { checked: true })).toHaveCount(4);
});

test.describe('without the shops', () => {
	test.use({ tolerated: [/Failed to load resource|ERR_FAILED/] });
	test('looks are planned from own lists and the rails, then from the rails alone, and that is said', async ({
		page
	}) => {
		await openDemo(page);
		await goTo(page, 'Plan');
		await page.route('**/api/market/**', (route) => route.abort());
		await page
			.getByText(/Rehearsal room/)
			.first()
			.click();
		await plan(page).click();
		await expect(page.getByText(/Planned from the rails and your own lists/)).toBeVisible();
		await goTo(page, 'Studio');
		await page.getByRole('button', { name: 'Remove the list of Quayside makers' }).click();
		await expect(page.getByText('No list is loaded.')).toBeVisible();
		await goTo(page, 'Plan');
		await expect(page.getByText(/Planned from the rails and your own lists/)).toBeVisible();
		await plan(page).click();
		await expect(page.getByText(/Planned from the rails alone/)).toBeVisible();
		await expect(page.getByText('Nothing: everything is owned.').first()).toBeVisible();
	});
});

for (const width of [320, 820])
	test(`a plan fits into ${width} px`, async ({ page }) => {
		await page.setViewportSize({ width, height: 900 });
		await openDemo(page);
		await page.goto('/plan');
		await page
			.getByText(/Keeper’s Watch/)
			.first()
			.click();
		await plan(page).click();
		await expect(chart(page)).toBeVisible({ timeout: 60_000 });
		expect(
			await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)
		).toBeLessThanOrEqual(0);
	});
