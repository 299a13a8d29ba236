/** The rail: in and out as a table, and whole outfits built from it. */
import { readFile } from 'node:fs/promises';
import { bothSchemes, expect, expectAccessible, openDemo, test } from './studio';
import type { Page } from '@playwright/test';

async function openClient(page: Page, name: string) {
	await openDemo(page);
	await page.getByRole('navigation', { name: 'Prime Echo' }).getByRole('link', { name: 'Clients' }).click();
	await page.getByRole('heading', { name }).click();
	const heading = page.getByRole('heading', { name: /^Wardrobe/ });
	await expect(heading).toBeVisible();
	// What the rail reaches comes later and moves the rail down, and rows are drawn as they come into view: a hand waits for both.
	await expect
		.poll(async () => {
			const before = await heading.boundingBox();
			await page.waitForTimeout(500);
			return (await heading.boundingBox())?.y === before?.y;
		})
		.toBe(true);
	await heading.evaluate((element) => element.scrollIntoView());
	await page.waitForTimeout(300);
}

test('rows from a spreadsheet are mended in place, agreed and taken back as one', async ({ page }) => {
	await openClient(page, 'Corwin Tyehurst');
	const before = await page.getByRole('heading', { name: /^Wardrobe/ }).textContent();
	await page.getByRole('button', { name: 'From a spreadsheet' }).click();
	const dialog = page.getByRole('dialog', { name: 'From a spreadsheet' });
	await dialog
		.getByLabel('Or paste rows here')
		.fill(
			'Name,What,Size,Price,When\nGrey suit trousers,grey wool trousers,34 L,£45,2024-05-01\nOdd one,lilac frobber,,,\nBad price,white shirt,M,cheap,\nNavy guernsey,navy wool jumper,L,20,31/12/2023'
		);
	await expect(dialog).toContainText('2 pieces are ready, 2 rows need mending');
	await expect(dialog).toContainText('Row 3, What it is no garment in it that is known');
	await expect(dialog).toContainText('Navy guernsey is much like Navy guernsey');
	await dialog.getByLabel('Price paid, row 4').fill('12');
	await dialog.getByLabel('Price paid, row 4').press('Tab');
	await dialog.getByLabel('What it is, row 3').fill('lilac scarf');
	await dialog.getByLabel('What it is, row 3').press('Tab');
	await expect(dialog).toContainText('4 pieces are ready');
	await dialog
		.locator('input[type="file"]')
		.setInputFiles({ name: 'rail.csv', mimeType: 'text/csv', buffer: Buffer.from([0x50, 0x4b, 3, 4, 0, 0]) });
	await expect(dialog.getByRole('alert')).toContainText('This file is no text');
	await page.keyboard.press('Escape');
	await expect(dialog).toBeHidden();
	await page.getByRole('button', { name: 'From a spreadsheet' }).click();
	await expect(dialog).toContainText('4 pieces are ready');
	await dialog.getByText('Leave them out').click();
	await dialog.getByRole('button', { name: 'Add 3 pieces' }).click();
	await expect(dialog).toBeHidden();
	await expect(page.getByRole('button', { name: 'Edit: Odd one' })).toBeVisible();
	await page.keyboard.press('Control+z');
	await expect(page.getByRole('button', { name: 'Edit: Odd one' })).toBeHidden();
	await expect(page.getByRole('heading', { name: /^Wardrobe/ })).toHaveText(before ?? '');
});

test('a rail that goes out comes in again without a row to mend', async ({ page }) => {
	await openClient(page, 'Anvita Renwalkar');
	const download = page.waitForEvent('download');
	await page.getByRole('button', { name: 'Out to a spreadsheet' }).click();
	const text = await readFile(await (await download).path(), 'utf8');
	expect(text.split('\r\n').length).toBeGreaterThan(60);
	await page.getByRole('button', { name: 'From a spreadsheet' }).click();
	const dialog = page.getByRole('dialog', { name: 'From a spreadsheet' });
	await dialog.getByLabel('Or paste rows here').fill(text);
	await expect(dialog).toContainText(/\d+ pieces are ready/);
	await expect(dialog).not.toContainText('need mending');
	await expect(dialog).toContainText('are much like pieces that are there');
});

test('outfits are built from a piece that was never worn, one is steered and kept, and a day is noted', async ({
	page
}) => {
	await openClient(page, 'Tamsin Orrowby');
	await page.getByLabel('Only').selectOption('never worn');
	await expect(page.getByRole('button', { name: 'Edit: Black crepe blazer' })).toBeHidden();
	await page.getByRole('link', { name: 'All about it: Champagne slip skirt' }).click();
	await expect(page.getByText('never, as far as is noted')).toBeVisible();
	await page.getByRole('button', { name: 'Build outfits' }).click();
	const outfits = page.getByRole('list', { name: 'Outfits from it' }).getByRole('article');
	await expect(outfits).toHaveCount(6);
	for (const outfit of await outfits.all()) await expect(outfit).toContainText('Champagne slip skirt');
	// Ten of them on one sheet: in print there are the outfits, and nothing that is pressed.
	await page.getByLabel('How many').selectOption('10');
	await page.getByLabel('It is', { exact: true }).selectOption('what leads');
	await page.getByRole('button', { name: 'Build outfits' }).click();
	await expect(outfits).toHaveCount(10);
	await page.emulateMedia({ media: 'print' });
	await expect(outfits).toHaveCount(10);
	await expect(page.getByRole('button', { name: 'Keep as a look' }).first()).toBeHidden();
	await expect(page.getByRole('navigation', { name: 'Prime Echo' })).toBeHidden();
	await page.emulateMedia({ media: 'screen' });
	const first = outfits.first();
	await first.getByLabel('Make it').selectOption('one step dressier');
	await first.getByRole('button', { name: 'Take it' }).first().click();
	await first.getByLabel('Make it').selectOption('more festive');
	await first.getByRole('button', { name: 'Take it' }).first().click();
	await page.getByRole('button', { name: 'Worn today' }).click();
	await expect(page.getByText(/^once, last/)).toBeVisible();
	await first.getByRole('button', { name: 'Keep as a look' }).click();
	await expect(page.getByRole('heading', { name: /^Champagne slip skirt with/ })).toBeVisible();
	await expect(page.getByRole('region', { name: 'Score' }).or(page.locator('#score')).first()).toContainText(
		'100'
	);
});

test('a fit note moves the advice, and what a rail reaches is told', async ({ page }) => {
	await openClient(page, 'Tamsin Orrowby');
	await page.getByText('What this rail reaches').click();
	await expect(page.getByText('what carries it is answered').first()).toBeVisible();
	for (let i = 0; i < 2; i++) {
		await page.getByRole('button', { name: 'Add a fit note' }).click();
		const form = page.getByRole('dialog', { name: 'Add a fit note' });
		await form.getByLabel('Shop').fill('Pellow Mill Outfitters');
		await form.getByLabel('Size tried').fill('UK 10');
		await form.getByLabel('It was', { exact: true }).selectOption('too small');
		await form.getByRole('button', { name: 'Save' }).click();
		await expect(form).toBeHidden();
	}
	const tried = page.getByRole('region', { name: 'What was tried' }).getByRole('listitem');
	await expect(tried.filter({ hasText: 'Pellow Mill Outfitters UK 10' })).toHaveCount(2);
});

test('a piece with its outfits, a table and the day pass axe, light and dark', async ({ page }) => {
	await page.emulateMedia({ reducedMotion: 'reduce' });
	await openClient(page, 'Tamsin Orrowby');
	await page.getByRole('button', { name: 'From a spreadsheet' }).click();
	const dialog = page.getByRole('dialog', { name: 'From a spreadsheet' });
	await dialog.getByLabel('Or paste rows here').fill('What,Price\nlilac frobber,cheap\nwhite shirt,12');
	await expect(dialog).toContainText('one row needs mending');
	await expectAccessible(page, bothSchemes);
	await dialog.getByRole('button', { name: 'Cancel' }).click();
	await page.getByRole('button', { name: 'Add an event' }).click();
	await expect(page.getByRole('dialog', { name: 'Add an event' })).toBeVisible();
	await expectAccessible(page, bothSchemes);
	await page.keyboard.press('Escape');
	await page.getByRole('link', { name: 'All about it: Champagne slip skirt' }).click();
	await page.getByRole('button', { name: 'Build outfits' }).click();
	await expect(page.getByRole('button', { name: 'Keep as a look' }).first()).toBeVisible();
	await expectAccessible(page, bothSchemes);
	await page.goto('/');
	await page
		.getByRole('link', { name: /Midnight Quay, for the Quay Stage/ })
		.first()
		.click();
	await page.getByRole('button', { name: /^Wear/ }).click();
	await expect(page.getByRole('region', { name: 'Warmth' })).toBeVisible();
	await expectAccessible(page, bothSchemes);
});

test('a piece, its outfits and the desk fit into 320 and 390 px', async ({ page }) => {
	const expectToFit = async () => {
		for (const width of [390, 320]) {
			await page.setViewportSize({ width, height: 800 });
			await expect
				.poll(() => page.evaluate(() => [innerWidth, document.documentElement.scrollWidth - innerWidth]))
				.toEqual([width, 0]);
		}
	};
	await page.setViewportSize({ width: 320, height: 800 });
	await openClient(page, 'Tamsin Orrowby');
	await expectToFit();
	await page.getByRole('button', { name: 'Filters', exact: true }).click();
	await page.getByRole('button', { name: 'What the rail tells' }).click();
	await expect(page.getByText('Worn most')).toBeVisible();
	await page.getByRole('button', { name: 'Table', exact: true }).click();
	// Rows far below what is seen are not built yet.
	await page.getByRole('table', { name: 'Wardrobe' }).evaluate((table) => table.scrollIntoView());
	await page.getByLabel('Choose: Black silk shirt').check();
	await expectToFit();
	await page.getByRole('button', { name: 'Rail', exact: true }).click();
	await page.getByRole('searchbox').first().fill('champagne slip');
	const about = page.getByRole('link', { name: 'All about it: Champagne slip skirt' });
	await page.goto((await about.getAttribute('href')) ?? '/');
	await page.getByRole('button', { name: 'Build outfits' }).click();
	await expect(page.getByRole('button', { name: 'Keep as a look' }).first()).toBeVisible();
	await expectToFit();
	await page.goto('/');
	await expect(page.getByRole('table')).toBeVisible();
	await expectToFit();
	await page.goto('/fitting');
	await page.getByRole('link', { name: /Midnight Quay, for the Quay Stage/ }).click();
	await page.getByRole('button', { name: 'More', exact: true }).click();
	await expect(page.getByRole('heading', { name: 'Put on something more' })).toBeVisible();
	await expectToFit();
	await page.getByRole('link', { name: /Side by side/ }).click();
	await expect(page.getByRole('columnheader', { name: 'After midnight' })).toBeAttached();
	await expectToFit();
});

test('many pieces are chosen at once, moved, edited and taken back, with the mouse and by key', async ({
	page
}) => {
	await openClient(page, 'Corwin Tyehurst');
	const heading = page.getByRole('heading', { name: /^Wardrobe/ });
	const before = await heading.textContent();
	await page.getByLabel('Choose: Blue oxford shirt').check();
	const bar = page.getByRole('group', { name: /chosen/ });
	await expect(bar).toContainText('1 piece chosen');
	await page.getByLabel('Choose: Ecru band-collar shirt').click({ modifiers: ['Shift'] });
	await expect(bar).toContainText(/[2-9] pieces chosen/);
	await bar.getByRole('button', { name: 'Choose none' }).click();
	await expect(bar).toBeHidden();
	await expect(page.locator('#wardrobe-title')).toBeFocused();

	// By key, in the table: Space chooses, the bar is reached with Tab.
	await page.getByRole('button', { name: 'Table', exact: true }).press('Enter');
	const table = page.getByRole('table', { name: 'Wardrobe' });
	await table.getByRole('columnheader', { name: 'Price' }).getByRole('button').press('Enter');
	await expect(table.getByRole('columnheader', { name: 'Price' })).toHaveAttribute('aria-sort', 'ascending');
	await page.getByLabel('Choose: Navy guernsey').press('Space');
	await page.getByLabel('Choose: Stone chinos').press('Space');
	await expect(bar).toContainText('2 pieces chosen');
	await bar.getByLabel('State').selectOption('away');
	const rowOf = (name: string) => table.getByRole('row').filter({ hasText: name });
	await expect(rowOf('Navy guernsey')).toContainText('away');
	await expect(rowOf('Stone chinos')).toContainText('away');
	await page.keyboard.press('Control+z');
	await expect(rowOf('Navy guernsey')).not.toContainText('away');

	await bar.getByRole('button', { name: 'Edit them' }).click();
	const dialog = page.getByRole('dialog', { name: 'Edit 2 pieces' });
	await expect(dialog.getByRole('button', { name: 'Save' })).toBeDisabled();
	await dialog.getByLabel('Where it hangs').fill('attic trunk');
	await dialog.getByRole('button', { name: 'Save' }).click();
	await expect(dialog).toBeHidden();
	await expect(rowOf('Navy guernsey')).toContainText('attic trunk');
	await bar.getByRole('button', { name: 'Delete' }).click();
	await expect(rowOf('Navy guernsey')).toHaveCount(0);
	await expect(bar).toBeHidden();
	await page.keyboard.press('Control+z');
	await expect(rowOf('Navy guernsey')).toContainText('attic trunk');
	await expect(heading).toHaveText(before ?? '');
	await expectAccessible(page);
});

test('cards are drawn after their words, and one that is deleted leaves before it is gone', async ({
	page
}) => {
	await openClient(page, 'Corwin Tyehurst');
	const cards = page.locator('article:has([data-piece])');
	await expect(cards.first()).toBeVisible();
	await expect.poll(async () => cards.locator('.drawing svg').count()).toBe(await cards.count());
	const [first, second] = await page
		.locator('[data-piece]')
		.evaluateAll((all) => all.map((one) => (one as HTMLElement).dataset.piece ?? ''));
	const gone = page.locator(`[data-piece="${first}"]`);
	await gone.hover();
	await cards
		.first()
		.getByRole('button', { name: /^Delete/ })
		.click();
	await expect(gone).toHaveCount(0);
	await expect(page.locator(`[data-piece="${second}"]`)).toBeFocused();
	await page.keyboard.press('Control+z');
	await expect(gone).toBeVisible();
});

test('a press right after the wheel is taken, on the cards and in the table', async ({ page }) => {
	await openClient(page, 'Corwin Tyehurst');
	const pressAfterWheel = async () => {
		const { x, y } = await page.evaluate(async () => {
			const scrolled = new Promise((resolve) => addEventListener('scroll', resolve, { once: true }));
			scrollBy(0, 120);
			await scrolled;
			// A row that has come into view is hidden until it is measured; a hand presses what it sees.
			for (;;) {
				await new Promise(requestAnimationFrame);
				const seen = [...document.querySelectorAll('[data-piece]')]
					.filter((button) => button.checkVisibility({ visibilityProperty: true }))
					.map((button) => button.getBoundingClientRect())
					.find(({ top, height }) => top > 200 && top + height < innerHeight);
				if (seen) return { x: seen.left + 20, y: seen.top + seen.height / 2 };
			}
		});
		await page.mouse.click(x, y);
		await expect(page.getByRole('dialog', { name: 'Edit piece' })).toBeVisible({ timeout: 4000 });
		await page.keyboard.press('Escape');
		await expect(page.getByRole('dialog', { name: 'Edit piece' })).toBeHidden();
	};
	await pressAfterWheel();
	await page.getByRole('button', { name: 'Table', exact: true }).press('Enter');
	await expect(page.getByRole('table', { name: 'Wardrobe' })).toBeVisible();
	await pressAfterWheel();
});

test('a rail is narrowed by what its pieces are, and what it tells leads to them', async ({ page }) => {
	await openClient(page, 'Tamsin Orrowby');
	await page.getByRole('button', { name: 'Filters', exact: true }).click();
	const filters = page.getByRole('group', { name: 'Filters' });
	await filters.getByLabel('colour').selectOption('burgundy');
	await expect(page.getByRole('button', { name: 'Edit: Wine velvet blazer' })).toBeVisible();
	await expect(page.getByRole('button', { name: 'Edit: Black silk shirt' })).toBeHidden();
	await filters.getByLabel('material').selectOption('velvet');
	await expect(page.getByRole('button', { name: 'Edit: Wine satin bow tie' })).toBeHidden();
	await page.getByRole('button', { name: 'Clear filters' }).click();
	await expect(page.getByRole('button', { name: 'Edit: Black silk shirt' })).toBeVisible();

	await page.getByRole('button', { name: 'What the rail tells' }).click();
	const tells = page.getByRole('region', { name: 'What the rail tells' });
	await expect(tells).toContainText('Worn most');
	await expectAccessible(page);
	await tells.getByRole('button', { name: /Dark straight jeans · Washed-black jeans/ }).click();
	const only = page.locator('#wardrobe-only');
	await expect(only).toBeFocused();
	await expect(only).toContainText('(2)');
	await expect(page.locator('[data-piece]')).toHaveCount(2);
	await page.getByRole('button', { name: 'Show the whole rail' }).click();
	await tells.getByRole('button', { name: /never worn/ }).click();
	await expect(page.getByRole('button', { name: 'Edit: Black crepe blazer' })).toBeHidden();
});

test('what a rail makes of references and recipes is told on them, and what the next band costs', async ({
	page
}) => {
	await openDemo(page);
	const places = page.getByRole('navigation', { name: 'Prime Echo' });
	await places.getByRole('link', { name: 'References' }).click();
	await page.getByLabel('From the rail of').selectOption({ label: 'Tamsin Orrowby' });
	const suit = page.getByRole('link', { name: /The Midnight Quay suit/ });
	await expect(suit).toContainText(/\d+ a clear echo/);
	await places.getByRole('link', { name: 'Recipes' }).click();
	// The client stays chosen from one place to the next.
	await expect(page.getByRole('link', { name: /The 1950s/ })).toContainText(/\d+ half way/);
	await expectAccessible(page);
	await places.getByRole('link', { name: 'Clients' }).click();
	await page.getByRole('heading', { name: 'Tamsin Orrowby' }).click();
	await page.getByText('What this rail reaches').click();
	const row = page.getByRole('listitem').filter({ hasText: 'Lamp-evening lehenga' });
	await row.getByRole('button', { name: 'Cheapest to the next band' }).click();
	await expect(row).toContainText(/£\d+\.\d\d to “an echo”/);
});

test('a suit is entered whole and apart; a way of wearing it has a name', async ({ page }) => {
	await openClient(page, 'Corwin Tyehurst');
	await page.getByRole('button', { name: 'Add a piece' }).click();
	const dialog = page.getByRole('dialog', { name: 'Add a piece' });
	await dialog
		.getByLabel('Say it')
		.fill('grey flannel three-piece suit, peak lapels, wide legs, 42 R, £180 in 2024');
	await dialog.getByRole('button', { name: 'Also worn apart: jacket, waistcoat, trousers' }).click();
	await dialog.getByRole('button', { name: 'Another way it is worn' }).click();
	await dialog.getByRole('button', { name: 'Save' }).click();
	await expect(dialog).toContainText('Name this way');
	await dialog.getByLabel('Worn so').fill('trousers cuffed');
	await dialog.getByLabel('It changes').selectOption({ label: 'trousers' });
	await dialog.getByRole('button', { name: 'Save' }).click();
	await expect(dialog).toBeHidden();
	await page.getByRole('link', { name: 'All about it: Grey flannel three-piece suit' }).click();
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('Grey flannel three-piece suit');
	await expect(page.getByText('jacket, waistcoat, trousers, trousers cuffed')).toBeVisible();
	await expect(page.getByText('42 R')).toBeVisible();
	// What is changed later is changed of the same piece: nothing is lost by opening and saving it.
	await page.getByRole('button', { name: 'Edit piece' }).click();
	const edit = page.getByRole('dialog', { name: 'Edit piece' });
	await edit.getByRole('button', { name: 'Remove: waistcoat' }).click();
	await edit.getByRole('button', { name: 'Save' }).click();
	await expect(page.getByText('jacket, trousers, trousers cuffed')).toBeVisible();
});
