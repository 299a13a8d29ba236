import { expect, expectAccessible, goTo, openDemo, scoreOf, test } from './studio';

type Page = Parameters<typeof openDemo>[0];

async function openEcho(page: Page, title: RegExp) {
	await openDemo(page);
	await goTo(page, 'Fitting table');
	await page.getByRole('link', { name: title }).click();
	await expect(page.locator('[data-card]').first()).toBeVisible();
}
const rung = (page: Page, words: RegExp) => page.locator('[data-rung]', { hasText: words });

test('a piece becomes another: what it needs is said, it is worn, and undo takes it off', async ({
	page
}) => {
	await openEcho(page, /1950s day, radio picnic/);
	await rung(page, /wide belt/).click();
	const turned = page.getByRole('region', { name: 'What you have can become' });
	const sash = turned.locator('[data-card]', { hasText: 'Midnight shawl, tied as a sash' });
	await expect(sash).toContainText('it has 190 cm');
	await expect(sash).toContainText('undone at once');
	await sash.click();
	await expect(sash).toHaveAttribute('aria-pressed', 'true');
	await expect(page.getByRole('img', { name: /^Echo:/ })).toBeVisible();
	await page.keyboard.press('Control+z');
	await expect(sash).toHaveAttribute('aria-pressed', 'false');
});

test('a measure typed into the piece settles what it can become', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'Clients');
	await page.getByRole('heading', { name: 'Tamsin Orrowby' }).click();
	await page.getByRole('button', { name: 'Edit: Midnight shawl' }).click();
	const form = page.getByRole('dialog', { name: 'Edit piece' });
	await form.getByLabel('Length in cm').fill('60');
	await form.getByRole('button', { name: 'Save' }).click();
	await expect(form).toBeHidden();
	await goTo(page, 'Fitting table');
	await page.getByRole('link', { name: /1950s day, radio picnic/ }).click();
	await rung(page, /wide belt/).click();
	await expect(page.locator('[data-card]').first()).toBeVisible();
	// 60 cm do not go round the waist and be tied: the way is not offered.
	await expect(page.locator('[data-card]', { hasText: 'Midnight shawl, tied as a sash' })).toHaveCount(0);
});

test('why this figure: every feature in words and numbers, by key and by button', async ({ page }) => {
	await openEcho(page, /Midnight Quay, for the Quay Stage/);
	await page.locator('[data-rung][tabindex="0"]').focus();
	await page.keyboard.press('w');
	const why = page.getByRole('dialog', { name: 'Why this figure' });
	await expect(why).toContainText('velvet, not satin');
	await expect(why.getByRole('row')).not.toHaveCount(1);
	await expectAccessible(page);
	await page.keyboard.press('Escape');
	await expect(why).toBeHidden();
	await page.getByRole('button', { name: /^Why \d+\?$/ }).click();
	await expect(why).toContainText('In the look as a whole');
});

test('the schools of an echo are twelve; a change says what it moved, and undo takes it back', async ({
	page
}) => {
	await openEcho(page, /Midnight Quay, for the Quay Stage/);
	const before = await scoreOf(page);
	await page.getByRole('button', { name: 'All schools' }).click();
	const form = page.getByRole('dialog', { name: /^Schools for/ });
	await expect(form.getByRole('combobox')).toHaveCount(12);
	await form.getByLabel('What counts as close').selectOption({ label: 'colour first' });
	await form.getByLabel('Metals').selectOption({ label: 'mix freely' });
	await expectAccessible(page);
	await form.getByRole('button', { name: 'Save' }).click();
	await expect(page.getByText(/What that moved: [+−]\d/)).toBeVisible();
	await expect.poll(() => scoreOf(page)).not.toBe(before);
	await page.keyboard.press('Control+z');
	await expect.poll(() => scoreOf(page)).toBe(before);
	await expect(page.getByText(/What that moved/)).toBeHidden();
});

test('the schools of a client go with the echoes that are begun for them', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'Clients');
	await page.getByRole('heading', { name: 'Corwin Tyehurst' }).click();
	await page.getByRole('button', { name: 'Schools of thought', exact: true }).click();
	const form = page.getByRole('dialog', { name: /^Schools of thought of Corwin/ });
	await form.getByLabel('What counts as close').selectOption({ label: 'spirit' });
	await form.getByRole('button', { name: 'Save' }).click();
	await expect(form).toBeHidden();
	await goTo(page, 'Fitting table');
	await page.getByLabel('Client').selectOption({ label: 'Corwin Tyehurst' });
	await page.getByLabel('Reference').selectOption({ label: 'Glasshouse' });
	await page.getByRole('button', { name: 'Begin an echo' }).click();
	await expect(page.getByLabel('What counts as close')).toHaveValue('spirit');
});

test('a finding is let stand with a reason, stays so over a reload, and is raised again', async ({
	page
}) => {
	await openEcho(page, /Rehearsal room, boat-deck interview/);
	await page.keyboard.press('k');
	const finding = page.locator('[data-finding]', { hasText: 'in the rain' });
	await finding.click();
	await page.getByLabel('Let it stand').selectOption({ label: 'it is seen to' });
	await expect(finding).toBeHidden();
	const stands = page.getByRole('region', { name: 'Let stand' });
	await expect(stands).toContainText('Rain spoils it');
	await page.reload();
	await expect(page.locator('[data-card]').first()).toBeVisible();
	await page.keyboard.press('k');
	await expect(finding).toBeHidden();
	await stands.getByRole('button', { name: 'Raise again' }).click();
	await expect(finding).toBeVisible();
});

test('one key tries a mend on, one key takes it', async ({ page }) => {
	await openEcho(page, /Rehearsal room, boat-deck interview/);
	await page.keyboard.press('k');
	const finding = page.locator('[data-finding]', { hasText: 'in the rain' });
	await finding.focus();
	await page.keyboard.press('Enter');
	const plate = page.getByRole('img', { name: /^Echo:/ });
	const before = await plate.innerHTML();
	await page.keyboard.press('t');
	await expect.poll(() => plate.innerHTML()).not.toBe(before);
	await page.keyboard.press('a');
	await expect(finding).toBeHidden();
	await expect(rung(page, /ballet flats/)).not.toContainText('gap');
});

test('the reference’s own mistakes are named, and a wearable version becomes an echo of its own', async ({
	page
}) => {
	await openEcho(page, /Rehearsal room, boat-deck interview/);
	await page.keyboard.press('k');
	await expect(page.getByRole('region', { name: 'The reference’s own' })).toContainText('the hem trails');
	const wearable = page.getByRole('region', { name: 'A wearable version' });
	await wearable.getByRole('button', { name: 'Propose one' }).click();
	await expect(wearable).toContainText('twill instead of wool');
	await expectAccessible(page);
	await wearable.getByRole('button', { name: 'Make it a reference and begin' }).click();
	await expect(page.getByRole('heading', { level: 1, name: /wearable for Tamsin Orrowby/ })).toBeVisible();
	await expect(rung(page, /twill waistcoat/)).toBeVisible();
	await page.keyboard.press('Control+z');
	await expect(page.getByRole('heading', { level: 1, name: /wearable for/ })).toBeHidden();
});
