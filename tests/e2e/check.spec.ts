import { expect, expectAccessible, goTo, openDemo, scoreOf, test } from './studio';

type Page = Parameters<typeof openDemo>[0];

/** Takes a reference to the table for a client and matches it from the wardrobe. */
async function matchedLook(page: Page, client: string, reference: string) {
	await openDemo(page);
	await goTo(page, 'Fitting table');
	await page.getByLabel('Client').selectOption({ label: client });
	await page.getByLabel('Reference').selectOption({ label: reference });
	await page.getByRole('button', { name: 'Begin an echo' }).click();
	await expect(page.locator('[data-rung]').first()).toBeVisible();
	await page.keyboard.press('m');
	await expect.poll(() => scoreOf(page)).toBeGreaterThan(30);
}

test('the eye says what is off, a mend is held up on the plate and taken, and undo takes it back', async ({
	page
}) => {
	await matchedLook(page, 'Tamsin Orrowby', 'Glasshouse');
	await page.keyboard.press('k');
	const finding = page.getByRole('button', { name: /The waist is not marked/ });
	await expect(finding).toContainText('holds the waist');
	await finding.focus();
	await expect(page.getByRole('img', { name: /^Echo:/ }).locator('.halo')).not.toHaveCount(0);
	await page.keyboard.press('Enter');
	const mend = page.getByRole('group', { name: /: (?:belted|tucked in)/ }).first();
	const plate = page.getByRole('img', { name: /^Echo:/ });
	const before = await plate.innerHTML();
	await mend.getByRole('button', { name: 'Take it' }).focus();
	await expect.poll(() => plate.innerHTML()).not.toBe(before);
	await expectAccessible(page);
	await page.keyboard.press('Enter');
	await expect(finding).toBeHidden();
	await page.keyboard.press('Control+z');
	await expect(page.getByRole('button', { name: /The waist is not marked/ })).toBeVisible();
});

test('what the shops could put on for a finding is asked for, held up, bought with the look and taken back', async ({
	page
}) => {
	await openDemo(page);
	await goTo(page, 'Fitting table');
	await page.getByRole('link', { name: /Rehearsal room, boat-deck interview/ }).click();
	await expect(page.locator('[data-rung]').first()).toBeVisible();
	await page.keyboard.press('k');
	const finding = page.getByRole('button', { name: /rain spots the silk/ });
	const limit = page.getByLabel('Spend limit');
	const ask = page.getByRole('button', { name: 'Ask the shops what could be put on for it' });
	await finding.press('Enter');

	// Shops that do not answer are told of, and what is owned stays to be taken.
	await page.route('**/api/market/matches', (route) => route.fulfill({ json: {} }));
	await ask.press('Enter');
	await expect(page.getByRole('alert').filter({ hasText: 'cannot be reached' })).toBeVisible();
	await expect(finding).toBeFocused();
	await expect(page.getByRole('group', { name: 'add Camel cotton trench' })).toBeVisible();
	await page.unroute('**/api/market/matches');

	// Put away and opened again, it is asked anew; what costs more than is left is not offered.
	await finding.press('Enter');
	await finding.press('Enter');
	await ask.press('Enter');
	await expect(page.getByText('in time and for what is left')).toBeVisible();
	await limit.fill('200');
	await limit.press('Tab');
	await expect(page.getByText('£200.00 left')).toBeVisible();
	await finding.press('Enter');
	await finding.press('Enter');
	await ask.press('Enter');
	const mend = page.getByRole('group', { name: /^add .*£/ }).first();
	await expect(mend).toContainText('simulated shops');
	// The focus is on what came, and holds it up.
	const first = page.locator('[data-sold]').first();
	await expect(first.getByRole('button', { name: 'Take it' })).toBeFocused();
	await expect(first).toHaveClass(/held/);
	await expectAccessible(page);
	await mend.getByRole('button', { name: 'Take it' }).press('Enter');
	await expect(finding).toBeHidden();
	await expect(page.getByText('£200.00 left')).toBeHidden();
	await expect(page.getByRole('button', { name: /^More/ })).toContainText('1');
	await page.keyboard.press('Control+z');
	await expect(finding).toBeVisible();
	await expect(page.getByText('nothing to buy')).toBeVisible();
});

test('what was done well is said too, and the cards come back with one click', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'Fitting table');
	await page.getByRole('link', { name: /Midnight Quay, for the Quay Stage/ }).click();
	await page.getByRole('button', { name: /^Check/ }).click();
	await expect(page.getByRole('button', { name: /An accent that returns/ })).toContainText('Well done');
	await page.getByRole('button', { name: 'Tray', exact: true }).click();
	await expect(page.locator('[data-card]').first()).toBeVisible();
});

test('another school counts other things, in place', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'Fitting table');
	await page.getByRole('link', { name: /Midnight Quay, for the Quay Stage/ }).click();
	const before = await scoreOf(page);
	await page.getByLabel('What counts as close').selectOption({ label: 'shape first' });
	await expect.poll(() => scoreOf(page)).not.toBe(before);
	await page.keyboard.press('Control+z');
	await expect.poll(() => scoreOf(page)).toBe(before);
});

test('what goes underneath is put on from the wardrobe, handed over, and taken off again', async ({
	page
}) => {
	await openDemo(page);
	await goTo(page, 'Fitting table');
	await page.getByRole('link', { name: /1950s day, radio picnic/ }).click();
	await expect(page.locator('[data-rung]').first()).toBeVisible();
	await page.keyboard.press('k');
	const beneath = page.getByRole('region', { name: 'What goes underneath' });
	await beneath.getByRole('button', { name: 'Wear Net petticoat' }).press('Enter');
	await expect(beneath).toContainText('Worn: Net petticoat');
	await expectAccessible(page);
	await page.getByRole('link', { name: 'Hand over' }).click();
	await expect(page.getByRole('listitem').filter({ hasText: 'underneath' })).toContainText('Net petticoat');
	await page.getByRole('link', { name: 'Back to the fitting table' }).click();
	await expect(page.locator('[data-rung]').first()).toBeVisible();
	await page.keyboard.press('k');
	await beneath.getByRole('button', { name: 'Take it off' }).click();
	await expect(beneath.getByRole('button', { name: 'Wear Net petticoat' })).toBeVisible();
	await page.keyboard.press('Control+z');
	await expect(beneath).toContainText('Worn: Net petticoat');
});
