import { dialog, expect, goTo, openDemo, test } from './studio';

/** Opens the form of a client of the demo. */
async function editClient(page: Parameters<typeof openDemo>[0], name: string) {
	await goTo(page, 'Clients');
	await page.getByRole('heading', { name }).click();
	await page.getByRole('button', { name: 'Edit client' }).click();
	return page.getByRole('dialog');
}

test('what a client refuses is typed in words, told where the checks do not know all of it, and found on the table', async ({
	page
}) => {
	await openDemo(page);
	const form = await editClient(page, 'Tamsin Orrowby');
	const never = form.getByLabel('Never wears or shows');
	await never.fill('strapless, she never wears drop earrings, hullabaloo');
	await expect(form).toContainText('Kept, but the checks do not know all of it: hullabaloo');
	const refused = form.getByLabel('Colours refused');
	await refused.fill('burgundy, ');
	await refused.pressSequentially('glimmerish');
	await expect(refused).toHaveValue('burgundy, glimmerish');
	await expect(form).toContainText('Not known as a colour: glimmerish');
	await refused.fill('burgundy');
	await form.getByLabel('Leather, suede and skins').selectOption('never');
	await form.getByRole('button', { name: 'Save' }).click();
	await expect(form).toBeHidden();
	await expect(page.getByText('no leather, suede and skins')).toBeVisible();

	await goTo(page, 'Fitting table');
	await page.getByRole('link', { name: /Midnight Quay, for the Quay Stage/ }).click();
	await expect(page.locator('[data-rung]').first()).toBeVisible();
	await page.keyboard.press('k');
	const findings = page.getByRole('button', { name: /Against the client’s limits/ });
	await expect(
		findings.filter({ hasText: 'burgundy: a colour that this client refuses' }).first()
	).toBeVisible();
	await expect(findings.filter({ hasText: 'limit: “she never wears drop earrings”' })).toBeVisible();
	await expect(findings.filter({ hasText: 'no leather for this client' }).first()).toBeVisible();
});

test('what is worn together is held against the whole look, and mended by something besides', async ({
	page
}) => {
	await openDemo(page);
	const form = await editClient(page, 'Tamsin Orrowby');
	const never = form.getByLabel('Never wears or shows');
	await never.fill('never without a scarf, no burgundy with black, what her aunt wore');
	await expect(form).toContainText('Kept, but the checks do not know all of it: what her aunt wore');
	await form.getByRole('button', { name: 'Save' }).click();
	await expect(form).toBeHidden();

	await goTo(page, 'Fitting table');
	await page.getByRole('link', { name: /Midnight Quay, for the Quay Stage/ }).click();
	// A card tells what it would break with what is worn for the others.
	await page.locator('[data-rung]', { hasText: 'court shoes' }).click();
	const courts = page.locator('[data-card]', { hasText: 'Black block-heel courts' }).first();
	await expect(courts).toContainText('limit: “no burgundy with black”; with Wine');
	const within = page.getByRole('checkbox', { name: 'within limits' });
	await within.check({ force: true });
	await expect(page.locator('[data-card]').first()).toBeVisible();
	await expect(courts).toBeHidden();
	await within.uncheck({ force: true });
	await expect(courts).toBeVisible();
	await page.locator('[data-rung]').first().focus();
	await page.keyboard.press('k');
	const findings = page.getByRole('button', { name: /limits of a whole look/ });
	await expect(findings.filter({ hasText: 'limit: “no burgundy with black”' }).first()).toBeVisible();
	const missing = findings.filter({ hasText: 'limit: “never without a scarf”; scarf: not in the look' });
	await missing.click();
	// T holds the first mend up, A takes it.
	const mend = page.getByRole('group', { name: /^add / }).first();
	await expect(mend).toBeVisible();
	await missing.press('a');
	await expect(missing).toBeHidden();
	await page.keyboard.press('Control+z');
	await expect(missing).toBeVisible();
	// The whole rail is matched so that nothing of it is against nothing else.
	const together = findings.filter({ hasText: 'limit: “no burgundy with black”' });
	await page.getByRole('button', { name: 'Match what I have' }).click();
	await page.getByRole('button', { name: 'Change them too' }).click();
	await expect(together).toHaveCount(0);
	await page.keyboard.press('Control+z');
	await expect(together.first()).toBeVisible();
});

test('what the eye finds only when she sits is shown on the plates', async ({ page }) => {
	await openDemo(page);
	const form = await editClient(page, 'Tamsin Orrowby');
	await form.getByLabel('Never wears or shows').fill('bare knees');
	await form.getByRole('button', { name: 'Save' }).click();
	await expect(form).toBeHidden();
	await page.getByRole('button', { name: 'Add a piece' }).click();
	const piece = dialog(page, 'Add a piece');
	await piece.getByLabel('Say it').fill('burgundy pencil skirt, knee length');
	await piece.getByRole('button', { name: 'Save' }).click();
	await expect(piece).toBeHidden();

	await goTo(page, 'Fitting table');
	await page.getByRole('link', { name: /Midnight Quay, for the Quay Stage/ }).click();
	await page.locator('[data-rung]', { hasText: 'tailored trousers' }).click();
	await page.getByRole('searchbox', { name: 'Find among these' }).fill('pencil');
	await page.locator('[data-card]').first().click();
	await page.locator('[data-rung]').first().focus();
	await page.keyboard.press('k');
	const sitting = page.getByRole('button', { name: /sitting down.*Against the client’s limits/ });
	await sitting.click();
	await page.getByRole('button', { name: 'See it on the plates' }).press('Enter');
	await expect(page.getByRole('button', { name: 'Sitting', exact: true })).toHaveAttribute(
		'aria-pressed',
		'true'
	);
	await expect(page.locator('[data-layer="seat"]')).toHaveCount(2);
});

test('the words of one client do not stay in the form of the next', async ({ page }) => {
	await openDemo(page);
	const form = await editClient(page, 'Tamsin Orrowby');
	await expect(form.getByLabel('Materials to avoid')).toHaveValue('wool');
	await form.getByLabel('Materials to avoid').fill('wool, mohair');
	await form.getByRole('button', { name: 'Cancel' }).click();
	await form.getByRole('button', { name: 'Discard' }).click();
	await expect(form).toBeHidden();
	const again = await editClient(page, 'Tamsin Orrowby');
	await expect(again.getByLabel('Materials to avoid')).toHaveValue('wool');
	await again.getByRole('button', { name: 'Cancel' }).click();
	const other = await editClient(page, 'Corwin Tyehurst');
	await expect(other.getByLabel('Materials to avoid')).not.toHaveValue(/wool, mohair/);
});
