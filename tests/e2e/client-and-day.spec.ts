/** A client and their day: known once, used everywhere. */
import { expect, openDemo, test } from './studio';

test('a client is measured in words and questions, and what was measured before is kept', async ({
	page
}) => {
	await openDemo(page);
	await page.getByRole('navigation', { name: 'Prime Echo' }).getByRole('link', { name: 'Clients' }).click();
	await page.getByRole('heading', { name: 'Corwin Tyehurst' }).click();
	await page.getByRole('button', { name: 'Edit client' }).click();
	const form = page.getByRole('dialog', { name: 'Edit client' });
	const waist = form.getByLabel('Waist, cm');
	await waist.fill('150');
	await waist.press('Tab');
	await expect(form).toContainText('The waist is larger than the hip: is that so?');
	await waist.fill('90');
	await waist.press('Tab');
	await expect(form).not.toContainText('is that so?');
	await form.getByLabel('Leather, suede and skins').selectOption('pre-owned');
	await form.getByLabel('Fastens alone').selectOption('front-only');
	await form.getByRole('button', { name: 'Save' }).click();
	await expect(form).toBeHidden();
	await expect(page.getByText('leather, suede and skins only pre-owned')).toBeVisible();
	await expect(page.getByText('fastens in front only')).toBeVisible();
	await expect(page.getByRole('img', { name: /88 cm.*90 cm/ })).toBeVisible();
	await page.reload();
	await expect(page.getByRole('img', { name: /88 cm.*90 cm/ })).toBeVisible();
});

test('an event brings weather, dress code and deadlines to an echo, and tells when it changes', async ({
	page
}) => {
	await openDemo(page);
	await page.getByRole('button', { name: 'Add an event' }).click();
	const form = page.getByRole('dialog', { name: 'Add an event' });
	// The form comes when it is first wanted, and begins in its first field.
	await expect(form.getByLabel('What it is')).toBeFocused();
	await form.getByRole('button', { name: 'Save' }).click();
	await expect(form).toContainText('Say what it is');
	await form.getByLabel('What it is').fill('Late broadcast');
	await form.getByLabel('For', { exact: true }).selectOption({ label: 'Tamsin Orrowby' });
	const inTwenty = await page.evaluate(() => {
		const day = new Date(Date.now() + 20 * 86_400_000);
		return `${day.getFullYear()}-${String(day.getMonth() + 1).padStart(2, '0')}-${String(day.getDate()).padStart(2, '0')}`;
	});
	await form.getByLabel('Day', { exact: true }).fill(inTwenty);
	await form.getByLabel('Place', { exact: true }).fill('Netherfell hall');
	await form.getByRole('button', { name: 'Ask the forecast' }).click();
	await expect(form).toContainText('Netherfell, usual for the month, simulated');
	await form.getByLabel('Dress code').fill('smart casual, no jeans');
	await expect(form).toContainText('Read as smart casual');
	await form.getByRole('button', { name: 'Save' }).click();
	await expect(form).toBeHidden();

	const entry = page
		.getByRole('region', { name: 'Coming up' })
		.getByRole('listitem')
		.filter({ hasText: 'Late broadcast' });
	await entry.getByRole('link', { name: 'Begin an echo for it' }).click();
	await page.getByLabel('Reference', { exact: true }).selectOption({ label: 'The Midnight Quay suit' });
	await expect(page.getByLabel('For', { exact: true })).toHaveValue(/.+/);
	await page.getByRole('button', { name: 'Begin an echo' }).click();
	await page.getByRole('button', { name: 'Match what I have' }).click();
	await page.getByRole('button', { name: /^Wear/ }).click();
	await expect(page.getByRole('region', { name: 'The day' })).toContainText('Netherfell hall');
	const preparation = page.getByRole('region', { name: 'To prepare' });
	await preparation.getByText('try on: the whole look').click();
	await expect(preparation.getByLabel('try on: the whole look')).toBeChecked();

	await page.getByRole('navigation', { name: 'Prime Echo' }).getByRole('link', { name: 'Desk' }).click();
	await page.getByRole('button', { name: 'Edit event: Late broadcast' }).click();
	const edit = page.getByRole('dialog', { name: 'Edit event' });
	await edit.getByLabel('Dress code').fill('black tie');
	await edit.getByRole('button', { name: 'Save' }).click();
	await expect(edit).toBeHidden();
	await page.goBack();
	await page.getByRole('button', { name: /^Check/ }).click();
	const changed = page.getByRole('region', { name: 'The day has changed since this was planned' });
	await expect(changed).toContainText('dress code black tie (was smart casual, no jeans)');
	await changed.getByRole('button', { name: 'I have seen to it' }).click();
	await expect(changed).toBeHidden();
});

test('a look for other weather is held for its season, and taken out of hold', async ({ page }) => {
	await openDemo(page);
	await page
		.getByRole('link', { name: /Midnight Quay, for the Quay Stage/ })
		.first()
		.click();
	await page.getByRole('button', { name: /^Wear/ }).click();
	const warmth = page.getByRole('region', { name: 'Warmth' });
	await expect(warmth).toContainText('Too cold at 14 °C');
	await warmth.getByRole('button', { name: 'In which months?' }).click();
	await warmth.getByRole('button', { name: 'Hold it for its season' }).click();
	await expect(warmth).toContainText(/Held for .*July/);
	await page.reload();
	await page.getByRole('button', { name: /^Wear/ }).click();
	await warmth.getByRole('button', { name: 'Take it out of hold' }).click();
	await expect(warmth.getByRole('button', { name: 'In which months?' })).toBeVisible();
});

test('the calendar is walked by keys, opens an event, and goes out as a file', async ({ page }) => {
	await openDemo(page);
	const calendar = page.getByRole('table');
	const event = calendar.getByRole('button', { name: 'Harbour Music Weekend: stage introduction' });
	await expect(event).toBeVisible();
	await calendar.locator('[data-day][tabindex="0"]').focus();
	const from = await page.locator('[data-day]:focus').getAttribute('data-day');
	await page.keyboard.press('ArrowRight');
	await page.keyboard.press('ArrowDown');
	await expect(page.locator('[data-day]:focus')).not.toHaveAttribute('data-day', from ?? '');
	await event.click();
	await expect(page.getByRole('dialog', { name: 'Edit event' })).toContainText(
		'The host and the venue have the last word'
	);
	await page.keyboard.press('Escape');
	const download = page.waitForEvent('download');
	await page.getByRole('button', { name: 'Export the calendar' }).click();
	expect((await download).suggestedFilename()).toMatch(/\.ics$/);
});
