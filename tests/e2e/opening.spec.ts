import { expect, goTo, openDemo, test } from './studio';

test('the demo opens with its dates ahead of today, and stays as it is when opened again', async ({
	page
}) => {
	await openDemo(page);
	await expect(page.getByText('Midnight Quay, for the Quay Stage')).toBeVisible();
	const events = page.getByRole('region', { name: 'Coming up' }).getByRole('listitem');
	await expect(events.filter({ hasText: 'Harbour Music Weekend: stage introduction' })).toBeVisible();
	await expect(events).toHaveCount(6);

	await goTo(page, 'References');
	await page.getByRole('link', { name: /Glasshouse/ }).click();
	await page.getByRole('button', { name: /^Delete: fern/ }).click();
	await expect(page.locator('[data-notice]', { hasText: /Deleted fern/ })).toBeVisible();
	await openDemo(page);
	await goTo(page, 'References');
	await expect(page.getByRole('link', { name: /Glasshouse.*5 elements/ })).toBeVisible();
});

test('a demo that cannot be loaded says so', async ({ page }) => {
	await page.route('**/demo/studio.json', (route) => route.fulfill({ status: 200, body: 'no json' }));
	await page.goto('/demo');
	await expect(page.getByText('The demo studio could not be loaded')).toBeVisible();
});
