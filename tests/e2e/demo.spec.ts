import { bothSchemes, expect, expectAccessible, goTo, openDemo, test } from './studio';

test('every view passes axe, light and dark', async ({ page }) => {
	test.slow();
	await page.emulateMedia({ reducedMotion: 'reduce' });
	await page.goto('/');
	await expect(page.getByRole('link', { name: 'Open the demo studio' })).toBeVisible();
	await expectAccessible(page, bothSchemes);
	await page.getByRole('link', { name: 'Open the demo studio' }).click();
	await expect(page.getByText('Midnight Quay, for the Quay Stage')).toBeVisible();
	await expectAccessible(page, bothSchemes);

	await goTo(page, 'Clients');
	await expect(page.getByRole('link', { name: /Tamsin Orrowby/ })).toBeVisible();
	await expectAccessible(page, bothSchemes);
	await page.getByRole('link', { name: /Tamsin Orrowby/ }).click();
	await expect(page.getByRole('button', { name: 'Edit: Wine velvet blazer' })).toBeVisible();
	await expectAccessible(page, bothSchemes);
	await page.getByRole('button', { name: 'Edit: Wine velvet blazer' }).click();
	await expect(page.getByRole('dialog', { name: 'Edit piece' })).toBeVisible();
	await expectAccessible(page, bothSchemes);
	await page.keyboard.press('Escape');
	await page.getByRole('button', { name: 'Edit client' }).click();
	await expectAccessible(page, bothSchemes);
	await page.keyboard.press('Escape');

	await goTo(page, 'References');
	await page.getByRole('link', { name: /The Midnight Quay suit/ }).click();
	await expect(page.getByRole('heading', { name: 'Elements, most important first' })).toBeVisible();
	await expectAccessible(page, bothSchemes);
	await page.getByLabel('Say it as you see it').fill('black vest, corduory coat, no belt');
	await page.getByRole('button', { name: /^vest/ }).click();
	await page.getByRole('button', { name: /^burgundy satin dinner jacket/ }).click();
	await expect(page.getByRole('list', { name: 'Features' })).toBeVisible();
	await expectAccessible(page, bothSchemes);
	await page.getByRole('button', { name: /^Edit: burgundy satin dinner jacket/ }).click();
	await expect(page.getByRole('dialog', { name: 'Edit element' })).toBeVisible();
	await expectAccessible(page, bothSchemes);
	await page.keyboard.press('Escape');

	await goTo(page, 'Recipes');
	await expect(page.getByRole('link', { name: /The 1950s/ })).toBeVisible();
	await expectAccessible(page, bothSchemes);
	await page.getByRole('link', { name: /The 1950s/ }).click();
	await expect(page.getByRole('group', { name: 'Core' })).toBeVisible();
	await expectAccessible(page, bothSchemes);
	await page.getByRole('link', { name: 'Compare', exact: true }).click();
	await expect(page.getByRole('region', { name: 'The 1950s' })).toBeVisible();
	await expectAccessible(page, bothSchemes);

	await goTo(page, 'Fitting table');
	await expect(page.getByRole('button', { name: 'Begin an echo' })).toBeVisible();
	await expectAccessible(page, bothSchemes);
	await page.getByRole('link', { name: /Midnight Quay, for the Quay Stage/ }).click();
	await expect(
		page.getByRole('region', { name: 'Cheap substitutes' }).getByRole('button').first()
	).toBeVisible();
	await expectAccessible(page, bothSchemes);
	await page.getByRole('link', { name: 'Hand over' }).click();
	await expect(page.getByRole('heading', { name: 'Piece by piece' })).toBeVisible();
	await expectAccessible(page, bothSchemes);

	await goTo(page, 'Studio');
	await expect(page.getByRole('button', { name: 'Make a backup' })).toBeVisible();
	await expectAccessible(page, bothSchemes);
	await page.keyboard.press('?');
	await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
	await expectAccessible(page, bothSchemes);
});

test('a page that is not there says so and leads back', async ({ page }) => {
	await openDemo(page);
	await page.goto('/clients/00000000-0000-4000-8000-000000000000');
	await expect(page.getByText('This is not here any more')).toBeVisible();
	await page.getByRole('main').getByRole('link', { name: 'Clients' }).click();
	await expect(page.getByRole('link', { name: /Tamsin Orrowby/ })).toBeVisible();
});
