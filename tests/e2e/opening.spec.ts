import { expect, openDemo, test } from './studio';

// Recording a trace would be measured with it.
test.use({ trace: 'off' });

test('the demo opens in under two seconds, with its dates ahead of today', async ({ page }) => {
	const started = Date.now();
	await openDemo(page);
	await expect(page.getByText('Midnight Quay, for the Quay Stage')).toBeVisible();
	expect(Date.now() - started).toBeLessThan(2000);
	await expect(page.getByText('Harbour Music Weekend: stage introduction')).toBeVisible();
});
