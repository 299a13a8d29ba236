/** At the fitting table: more than the reference asks, why not, and versions. By key and by mouse. */
import type { Page } from '@playwright/test';
import { dialog, expect, expectAccessible, goTo, openDemo, test } from './studio';

async function openTable(page: Page, title: RegExp) {
	await openDemo(page);
	await page
		.getByRole('navigation', { name: 'Prime Echo' })
		.getByRole('link', { name: 'Fitting table' })
		.click();
	await page.getByRole('link', { name: title }).click();
	await expect(page.locator('[data-card]').first()).toBeVisible();
}
const rung = (page: Page, name: string) => page.locator('[data-rung]').filter({ hasText: name });
const score = (page: Page) => page.locator('#score');
const tabOf = (page: Page, name: RegExp) =>
	page.getByRole('group', { name: 'Beside the plates' }).getByRole('button', { name });

test('a belt and a scarf go on though nobody asked: drawn, worn otherwise, taken off; the score stays', async ({
	page
}) => {
	await openTable(page, /Rehearsal room, boat-deck interview/);
	const before = await score(page).locator('.number').textContent();
	await page.locator('[data-table]').focus();
	await page.keyboard.press('e');
	const more = page.getByRole('region', { name: 'Put on something more' });
	await more.getByRole('searchbox').fill('silk scarf');
	await more.locator('[data-more]').filter({ hasText: 'Wine silk scarf' }).press('Enter');
	const worn = page.getByRole('region', { name: 'Worn though not asked for' });
	await expect(worn).toContainText('Wine silk scarf');
	await expect(page.locator('#tray')).toBeFocused();
	await expect(tabOf(page, /More 1/)).toBeVisible();
	await worn.getByText('How it is worn').click();
	await worn.getByText('tied at the neck').click();
	await expect(worn).toContainText(/Wine silk scarf.*tied at the neck/);
	await expect(score(page).locator('.number')).toHaveText(before ?? '');
	// A place that is taken asks what is to become of what is there.
	await more.getByRole('searchbox').fill('black silk shirt');
	await more.getByRole('searchbox').fill('camisole');
	await more.locator('[data-more]').filter({ hasText: 'Black camisole' }).click();
	const ways = more.getByRole('group', { name: 'What becomes of what is there' });
	await expect(ways.getByRole('button', { name: 'Instead of it' })).toBeVisible();
	await ways.getByRole('button', { name: 'Beside it' }).click();
	await expect(worn).toContainText('Black camisole');
	await expectAccessible(page);
	await worn.getByRole('button', { name: 'Take off Black camisole' }).click();
	await expect(worn).not.toContainText('Black camisole');
	await page.keyboard.press('Control+z');
	await expect(worn).toContainText('Black camisole');
	await expect(score(page).locator('.number')).toHaveText(before ?? '');
});

test('the shops are asked for something more, and it is counted in the money', async ({ page }) => {
	await openTable(page, /Rehearsal room, boat-deck interview/);
	await tabOf(page, /More/).click();
	const more = page.getByRole('region', { name: 'Put on something more' });
	await more.getByRole('searchbox').fill('frobnicator');
	await more.getByRole('button', { name: 'Ask the shops' }).click();
	await expect(more.getByRole('alert')).toContainText('Say what it is first');
	await more.getByRole('searchbox').fill('wide tan leather belt');
	await more.getByRole('button', { name: 'Ask the shops' }).click();
	const offer = more.locator('[data-more]').filter({ hasText: '£' }).first();
	await offer.click();
	await expect(page.getByRole('region', { name: 'Worn though not asked for' })).toContainText(/belt/i);
	await expect(page.getByText(/£\d+\.\d\d left|over/).first()).toBeVisible();
	await expect(page.getByText('nothing to buy')).toBeHidden();
});

test('three chains are stacked where one is worn, by key, and taken off again', async ({ page }) => {
	await openTable(page, /1950s day, radio picnic/);
	await rung(page, 'necklace').click();
	const together = page.getByRole('list', { name: 'Worn together' });
	const card = (title: string) => page.locator('[data-card]').filter({ hasText: title }).first();
	await card('Fine gold chain').focus();
	await page.keyboard.press('b');
	await expect(together.getByRole('listitem')).toHaveCount(2);
	await card('Long jet beads').focus();
	await page.keyboard.press('b');
	await expect(together.getByRole('listitem')).toHaveText([
		/Pearl string/,
		/Fine gold chain/,
		/Long jet beads/
	]);
	await together.getByRole('button', { name: 'Take off Fine gold chain' }).click();
	await expect(together.getByRole('listitem')).toHaveCount(2);
	await page.keyboard.press('Control+z');
	await expect(together.getByRole('listitem')).toHaveCount(3);
});

test('a piece that stays off is explained in the lookbook, and a better one is praised there', async ({
	page
}) => {
	await openTable(page, /Midnight Quay, for the Quay Stage/);
	await rung(page, 'clutch').click();
	await page.getByRole('button', { name: /^Leave it out/ }).click();
	await page.getByLabel('Why nothing').selectOption('would never buy it');
	await page.getByText('Note more').click();
	await page.getByLabel('Instead, or could be').fill('her own notebook');
	await page.getByLabel('Instead, or could be').press('Tab');
	await page.getByLabel('Note, for the studio').fill('she loses every small bag');
	await page.getByLabel('Note, for the studio').press('Tab');
	// What was opened stays open from rung to rung.
	await rung(page, 'blouse').click();
	await page.getByLabel('Beside the reference’s').selectOption('better');
	await page.getByLabel('In what').fill('the bow holds');
	await page.getByLabel('In what').press('Tab');
	await rung(page, 'lipstick').click();
	await page.getByLabel('Why nothing').selectOption('still to be hunted for');
	await page.getByRole('link', { name: 'Hand over' }).click();
	const book = page.getByRole('article');
	await expect(book).toContainText('not something you would buy; or her own notebook');
	await expect(book).toContainText('better than the reference: the bow holds');
	await expect(book).toContainText('we are still looking for it');
	await expect(book).not.toContainText('she loses every small bag');
	await expect(book).not.toContainText(/\bgap\b/i);
});

test('three versions are compared, one is worn again, and what was worn before is kept', async ({ page }) => {
	await openTable(page, /Midnight Quay, for the Quay Stage/);
	await page.getByRole('link', { name: 'Side by side (4)' }).click();
	const table = page.getByRole('region', { name: 'Side by side' });
	for (const name of ['Worn now', 'Sunday on the quay', 'After midnight', 'As fitted'])
		await expect(table.getByRole('columnheader', { name })).toBeVisible();
	await expect(table).toContainText('+ Wine silk scarf');
	await expectAccessible(page);
	const behind = table.getByRole('button', { name: 'Behind', exact: true });
	const drawn = () => table.locator('svg').first().innerHTML();
	const front = await drawn();
	await behind.press('Enter');
	await expect(behind).toHaveAttribute('aria-pressed', 'true');
	expect(await drawn()).not.toBe(front);
	await behind.click();
	expect(await drawn()).toBe(front);
	await page.getByRole('button', { name: 'Sunday on the quay', exact: true }).click();
	await expect(table.getByRole('columnheader', { name: 'Sunday on the quay' })).toBeHidden();
	const after = table
		.getByRole('row', { name: 'Otherwise' })
		.getByRole('cell')
		.filter({ hasText: 'Wine silk scarf' });
	await after.getByRole('button', { name: 'Go back to it' }).press('Enter');
	await expect(table.getByRole('button', { name: 'Worn now' })).toBeVisible();
	// The button went with what it did.
	await expect(page.getByRole('heading', { level: 1 })).toBeFocused();
	await page.getByRole('link', { name: 'Back to the table' }).click();
	await expect(tabOf(page, /More 1/)).toBeVisible();
	await expect(page.getByRole('link', { name: 'Side by side (5)' })).toBeVisible();
	await page.keyboard.press('Control+z');
	await expect(page.getByRole('link', { name: 'Side by side (4)' })).toBeVisible();

	await page.getByRole('button', { name: 'Keep a version' }).click();
	const form = page.getByRole('dialog', { name: 'Keep a version' });
	await form.getByLabel('Name').fill('For the press');
	await form.getByRole('button', { name: 'Save' }).click();
	await expect(page.getByRole('link', { name: 'Side by side (5)' })).toBeVisible();
});

test('a suit answers a suit whole, and is split where jacket and trousers are asked for', async ({
	page
}) => {
	await openDemo(page);
	const places = page.getByRole('navigation', { name: 'Prime Echo' });
	await places.getByRole('link', { name: 'Clients' }).click();
	await page.getByRole('heading', { name: 'Tamsin Orrowby' }).click();
	await page.getByRole('button', { name: 'Add a piece' }).click();
	const dialog = page.getByRole('dialog', { name: 'Add a piece' });
	await dialog.getByLabel('Say it').fill('burgundy satin trouser suit, tailored, shawl lapel');
	await dialog.getByRole('button', { name: /Also worn apart/ }).click();
	await dialog.getByRole('button', { name: 'Save' }).click();
	await expect(dialog).toBeHidden();
	await places.getByRole('link', { name: 'Fitting table' }).click();
	await page.getByRole('link', { name: /Midnight Quay, for the Quay Stage/ }).click();
	const jacket = page
		.locator('[data-card]')
		.filter({ hasText: 'Burgundy satin trouser suit, jacket' })
		.first();
	await jacket.click();
	await expect(jacket).toHaveAttribute('aria-pressed', 'true');
	await rung(page, 'tailored trousers').click();
	const trousers = page
		.locator('[data-card]')
		.filter({ hasText: 'Burgundy satin trouser suit, trousers' })
		.first();
	await trousers.click();
	await expect(trousers).toHaveAttribute('aria-pressed', 'true');
	await rung(page, 'dinner jacket').click();
	await expect(jacket).toHaveAttribute('aria-pressed', 'true');
});

test('a card is dragged onto the plate and onto a rung, and only where it could answer', async ({ page }) => {
	await openTable(page, /Midnight Quay, for the Quay Stage/);
	const card = page.locator('[data-card]').filter({ hasText: 'Black crepe blazer' });
	const jacket = rung(page, 'dinner jacket');
	const before = await score(page).locator('.number').textContent();
	await card.dragTo(page.locator('figure').nth(1));
	await expect(card).toHaveAttribute('aria-pressed', 'true');
	await expect(score(page).locator('.number')).not.toHaveText(before ?? '');
	await page.keyboard.press('Control+z');
	await expect(card).toHaveAttribute('aria-pressed', 'false');
	await card.dragTo(rung(page, 'court shoes'));
	await expect(score(page).locator('.number')).toHaveText(before ?? '');
	await card.dragTo(jacket);
	await expect(card).toHaveAttribute('aria-pressed', 'true');
});

test('one of a pair is dragged onto a side, or put there by key; the other foot keeps what was there', async ({
	page
}) => {
	await openTable(page, /Rehearsal room, boat-deck interview/);
	await rung(page, 'ballet flats').click();
	const card = page.locator('[data-card]').filter({ hasText: 'Black ankle boots' });
	const onSide = (title: string) => page.getByLabel(`On which side ${title} is worn`);
	// The places for a side are there for as long as something that comes in pairs is held.
	await card.hover();
	await page.mouse.down();
	await page.locator('figure').nth(1).hover();
	const left = page.locator('figure').nth(1).getByText('only on the left');
	await left.hover();
	await left.hover();
	await page.mouse.up();
	await expect(onSide('Black ankle boots')).toHaveValue('left');
	await expect(onSide('Wine kitten slingbacks')).toHaveValue('right');
	await expect(left).toBeHidden();
	await page.keyboard.press('Control+z');
	await expect(onSide('Black ankle boots')).toBeHidden();
	await expect(onSide('Wine kitten slingbacks')).toHaveValue('');
	await card.focus();
	await page.keyboard.press('.');
	const deed = page.getByRole('menuitem', { name: 'Put it on the right only' });
	while (!(await deed.evaluate((node) => node === document.activeElement)))
		await page.keyboard.press('ArrowDown');
	await page.keyboard.press('Enter');
	await expect(onSide('Black ankle boots')).toHaveValue('right');
	await expect(onSide('Wine kitten slingbacks')).toHaveValue('left');
	await expect(card).toBeFocused();
});

test('how a thing of a shop fits is noted at the table, and its size is advised anew', async ({ page }) => {
	await openTable(page, /Rehearsal room, boat-deck interview/);
	await rung(page, 'wide-leg trousers').click();
	const fitting = page.locator('[data-card]').filter({ hasText: /Ollenby & Wrack · size S suits/ });
	await expect(fitting.first()).toBeVisible();
	const before = await fitting.count();
	const form = dialog(page, 'Add a fit note');
	for (let i = 0; i < 3; i++) {
		await fitting.first().click({ button: 'right' });
		await page.getByRole('menuitem', { name: /^Note how it fits/ }).click();
		await expect(form.getByLabel('Shop')).toHaveValue('Ollenby & Wrack');
		await expect(form.getByLabel('What', { exact: true })).toHaveValue('bottom');
		// Nothing is saved without a size, and the field that lacks it has the focus.
		const size = form.getByLabel('Size tried');
		await expect(size).toHaveValue('S');
		await size.fill('');
		await form.getByRole('button', { name: 'Save' }).click();
		await expect(size).toBeFocused();
		await size.fill('S');
		await form.getByLabel('It was', { exact: true }).selectOption('too small');
		await form.getByRole('button', { name: 'Save' }).click();
		await expect(form).toBeHidden();
		await expect(page.locator('[data-card]:focus, [data-rung]:focus')).toHaveCount(1);
	}
	await expect(fitting).toHaveCount(0);
	for (let i = 0; i < 3; i++) await page.keyboard.press('Control+z');
	await expect(fitting).toHaveCount(before);
});

test('what can be done is listed for a card, a rung and a garment on the plate, by mouse and by key', async ({
	page
}) => {
	await openTable(page, /Midnight Quay, for the Quay Stage/);
	const menu = page.getByRole('menu', { name: 'What can be done with it' });
	const card = page.locator('[data-card]').filter({ hasText: 'Black crepe blazer' });
	await card.click({ button: 'right' });
	await expectAccessible(page);
	await menu.getByRole('menuitem', { name: /^Put it on Enter/ }).click();
	await expect(card).toHaveAttribute('aria-pressed', 'true');
	await expect(menu).toBeHidden();

	const blouse = rung(page, 'ivory silk blouse');
	await blouse.focus();
	await page.keyboard.press('.');
	await expect(menu.getByRole('menuitem', { name: /^Pin it/ })).toBeVisible();
	await page.keyboard.press('Escape');
	await expect(blouse).toBeFocused();
	await page.keyboard.press('.');
	await page.keyboard.press('ArrowDown');
	await page.keyboard.press('ArrowDown');
	await page.keyboard.press('Enter');
	await expect(blouse.locator('.pin')).toBeVisible();
	// Once more in the same place, where a menu stood before.
	await expect(blouse).toBeFocused();
	await page.keyboard.press('.');
	await page.keyboard.press('ArrowDown');
	await expect(menu.getByRole('menuitem').first()).toBeFocused();
	await page.keyboard.press('Escape');
	await expect(blouse).toBeFocused();

	// The trousers on the echo's plate.
	await page
		.locator('figure')
		.nth(1)
		.click({ button: 'right', position: { x: 110, y: 330 } });
	await menu.getByRole('menuitem', { name: /^All about: / }).click();
	await expect(page).toHaveURL(/\/pieces\//);
});

test('a plain echo is restyled until the eye praises it, by key; the score stays as it was', async ({
	page
}) => {
	await openTable(page, /1930s evening, station ball/);
	const before = await score(page).locator('.number').textContent();
	const praise = page.getByRole('listitem').filter({ hasText: 'Well done' }).filter({ hasText: /metal/i });
	await expect(page.locator('[data-card]').first()).toBeVisible();
	await page.locator('[data-table]').focus();
	await page.keyboard.press('k');
	await expect(page.getByRole('listitem').filter({ hasText: 'Well done' }).first()).toBeVisible();
	await expect(praise).toHaveCount(0);
	await page.locator('[data-table]').focus();
	await page.keyboard.press('e');
	const more = page.getByRole('region', { name: 'Put on something more' });
	await more.getByRole('searchbox').fill('fine gold chain');
	await more.locator('[data-more]').filter({ hasText: 'Fine gold chain' }).press('Enter');
	await expect(page.getByRole('region', { name: 'Worn though not asked for' })).toContainText(
		'Fine gold chain'
	);
	await tabOf(page, /Check/).press('Enter');
	await expect(praise).toHaveCount(1);
	await expect(score(page).locator('.number')).toHaveText(before ?? '');
	await page.keyboard.press('Control+z');
	await expect(praise).toHaveCount(0);
});

test('what is worn in numbers is asked for in numbers, and counts as more are put on', async ({ page }) => {
	await openTable(page, /Lamp-evening, for the mehndi/);
	await expect(rung(page, 'bangle')).toContainText('× 3');
	await rung(page, 'bangle').click();
	const fewer = page.getByText('fewer than the 3 that are worn in the reference').first();
	await expect(fewer).toBeVisible();
	await page
		.getByRole('button', { name: /Glass bangles, green/ })
		.and(page.locator('.add'))
		.click();
	await expect(fewer).toBeHidden();
	await page.keyboard.press('Control+z');
	await expect(fewer).toBeVisible();
	// The reference asks for one fewer, by hand.
	await goTo(page, 'References');
	await page.getByRole('link', { name: /^Lamp-evening/ }).click();
	const row = page.locator('li').filter({ hasText: 'bangle' });
	await expect(row).toContainText('3 are worn');
	await page.getByRole('button', { name: /^Edit.*bangle/ }).click();
	const form = dialog(page, 'Edit element');
	await form.getByLabel('How many are worn').selectOption('2');
	await form.getByRole('button', { name: 'Save' }).click();
	await expect(row).toContainText('2 are worn');
	// And said in a line.
	const line = page.getByLabel('Say it as you see it');
	await line.fill('four thin silver rings');
	await line.press('Enter');
	await expect(page.locator('li').filter({ hasText: 'silver ring' })).toContainText('4 are worn');
});

test('two shoes of two kinds, a foot each: put on by key, moved, made a pair again', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'Fitting table');
	await page
		.getByRole('link', { name: /Rehearsal room, boat-deck/ })
		.first()
		.click();
	await page.locator('[data-rung]').filter({ hasText: 'ballet flats' }).focus();
	const other = page.locator('[data-card]').filter({ hasText: 'Black ankle boots' });
	await other.focus();
	await page.keyboard.press('b');
	const together = page.getByRole('list', { name: 'Worn together' });
	const boots = together.getByLabel('On which side Black ankle boots is worn');
	await expect(boots).toHaveValue('right');
	// Each half is told of by itself.
	await page.getByRole('button', { name: /^Why \d+\?$/ }).click();
	const why = page.getByRole('dialog', { name: 'Why this figure' });
	await expect(why.getByRole('heading', { name: /^on the (left|right)$/i })).toHaveCount(2);
	await expect(why.getByRole('table')).toHaveCount(2);
	await page.keyboard.press('Escape');
	await boots.selectOption('left');
	// Nothing is on the right foot but what was there before: both stand on the left.
	await expect(page.getByText('nothing on the other side yet').first()).toBeVisible();
	await page.keyboard.press('Control+z');
	await expect(boots).toHaveValue('right');
	await together.getByRole('button', { name: 'Take off Black ankle boots' }).press('Enter');
	await expect(together.getByRole('combobox')).toHaveCount(1);
	await expect(together.getByRole('combobox')).toHaveValue('');
	await expect(together.getByRole('button')).toHaveCount(0);
});

test('a stud in one ear and a hoop in the other are two things, each on its side', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'References');
	await page
		.getByRole('link', { name: /Rehearsal room/ })
		.first()
		.click();
	const line = page.getByLabel('Say it as you see it');
	await line.fill('a pearl stud in the left ear, a gold hoop in the right ear');
	await expect(page.getByText('worn on the left').first()).toBeVisible();
	await line.press('Enter');
	await expect(page.getByText('on the left', { exact: false }).first()).toBeVisible();
	await expect(page.getByText('on the right', { exact: false }).first()).toBeVisible();
});
