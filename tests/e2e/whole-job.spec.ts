import { readFileSync } from 'node:fs';
import {
	dialog,
	expect,
	fillGarment,
	goTo,
	scoreOf,
	startEmpty,
	test,
	type Entered,
	restoreField
} from './studio';

test('the whole job, from an empty studio to a restored backup', async ({ page }) => {
	await startEmpty(page);

	await test.step('a client', async () => {
		await page.getByRole('button', { name: 'Add a client' }).click();
		const form = dialog(page, 'Add a client');
		await form.getByRole('button', { name: 'Save' }).click();
		await expect(form.getByText('A name is needed')).toBeVisible();
		await form.getByLabel('Name', { exact: true }).fill('Wren Halloway');
		await form.getByLabel('bust or chest, cm').fill('92');
		await form.getByLabel('hip, cm', { exact: true }).fill('100');
		await form.getByLabel('foot length, cm').fill('24');
		await form.getByRole('button', { name: 'Save' }).click();
		await expect(page.getByRole('heading', { name: 'Wren Halloway' })).toBeVisible();
		await expect(page.getByText('The rail is empty')).toBeVisible();
	});

	await test.step('four pieces', async () => {
		const pieces: Entered[] = [
			{ type: 'blazer', colour: 'navy', facets: { fit: 'tailored' } },
			{ type: 'trousers', colour: 'charcoal' },
			{ type: 'blouse', colour: 'ivory' },
			{ type: 'loafers', colour: 'black' }
		];
		for (const piece of pieces) {
			await page.getByRole('button', { name: 'Add a piece' }).click();
			const form = dialog(page, 'Add a piece');
			await fillGarment(form, piece);
			await form.getByRole('button', { name: 'Save' }).click();
			await expect(
				page.getByRole('button', { name: new RegExp(`^Edit: .*${piece.type}`, 'i') })
			).toBeVisible();
		}
	});

	await test.step('a reference of four elements', async () => {
		await goTo(page, 'References');
		await page.getByRole('button', { name: 'Add a reference' }).click();
		const form = dialog(page, 'Add a reference');
		await form.getByLabel('Title').fill('Pier reading');
		await form.getByRole('button', { name: 'Save' }).click();
		const elements: Entered[] = [
			{ type: 'blazer', colour: 'navy', facets: { fit: 'tailored' } },
			{ type: 'trousers', colour: 'charcoal' },
			{ type: 'blouse', colour: 'ivory' },
			{ type: 'clutch', colour: 'wine' }
		];
		for (const element of elements) {
			await page.getByRole('button', { name: 'Add an element' }).click();
			const elementForm = dialog(page, 'Add an element');
			await fillGarment(elementForm, element);
			await elementForm.getByRole('button', { name: 'Save' }).click();
			await expect(elementForm).toBeHidden();
		}
		await expect(page.getByRole('listitem').filter({ hasText: 'wine clutch' })).toBeVisible();
	});

	await test.step('matched on the fitting table; a gap costs points', async () => {
		await page.getByRole('link', { name: 'To the fitting table' }).click();
		await page.getByRole('button', { name: 'Begin an echo' }).click();
		await expect(page.getByRole('heading', { name: 'Pier reading' })).toBeVisible();
		expect(await scoreOf(page)).toBe(0);
		for (const [rung, card] of [
			['navy blazer', 'Navy blazer'],
			['charcoal trousers', 'Charcoal trousers'],
			['ivory blouse', 'Ivory blouse']
		] as const) {
			await page
				.getByRole('button', { name: new RegExp(`^${rung}`) })
				.first()
				.click();
			await page
				.getByRole('region', { name: 'From the wardrobe' })
				.locator('[data-card]', { hasText: new RegExp(card) })
				.click();
			await expect(page.locator('[data-card][aria-pressed="true"]')).toBeVisible();
		}
		const withGap = await scoreOf(page);
		expect(withGap).toBeGreaterThan(50);
		expect(withGap).toBeLessThan(100);
		await expect(page.getByRole('button', { name: /clutch nothing chosen yet/ })).toBeVisible();
	});

	await test.step('the gap filled with a substitute within a spend limit', async () => {
		await page.getByLabel('Spend limit').fill('200');
		await page.getByLabel('Spend limit').press('Enter');
		await expect(page.getByText('£200.00 left')).toBeVisible();
		const withGap = await scoreOf(page);
		await page
			.getByRole('button', { name: /^wine clutch/ })
			.first()
			.click();
		const shops = page.getByRole('region', { name: 'Cheap substitutes' });
		await shops.getByRole('button').first().click();
		await expect.poll(() => scoreOf(page)).toBeGreaterThan(withGap);
		await expect(page.getByText(/with £\d\.\d\d postage/)).toBeVisible();
		await expect(page.getByText(/£\d+\.\d\d left/)).toBeVisible();
	});

	await test.step('rated, and there after a reload', async () => {
		await page.getByRole('button', { name: 'Judge', exact: true }).click();
		const form = dialog(page, 'Judge');
		await form.getByLabel('Your rating, 0 to 100').fill('120');
		await form.getByRole('button', { name: 'Save the verdict' }).click();
		await expect(form.getByText('Write a whole number from 0 to 100')).toBeVisible();
		await form.getByLabel('Your rating, 0 to 100').fill('82');
		await form.locator('fieldset').getByText('with changes').click();
		await form.getByLabel(/What is right/).fill('The bag is a shade off.');
		await form.getByRole('button', { name: 'Save the verdict' }).click();
		await expect(form).toBeHidden();
		await page.reload();
		await page.getByRole('button', { name: 'Judge', exact: true }).click();
		await expect(dialog(page, 'Judge').getByRole('listitem')).toContainText(
			'82 by you; with changes. The bag is a shade off'
		);
		await page.keyboard.press('Escape');
	});

	await test.step('handed over', async () => {
		await page.getByRole('link', { name: 'Hand over' }).click();
		await expect(page.getByRole('heading', { name: 'Piece by piece' })).toBeVisible();
		await expect(page.getByText('from your wardrobe')).toHaveCount(3);
		await expect(page.getByRole('row', { name: /Together, postage included/ })).toContainText('£');
		await page.emulateMedia({ media: 'print' });
		await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
		await page.emulateMedia({ media: 'screen' });
	});

	await test.step('exported, cleared, restored with the same records', async () => {
		await goTo(page, 'Studio');
		await expect(page.getByText('1 client, 4 pieces, 1 reference, 1 echo', { exact: true })).toBeVisible();
		const downloading = page.waitForEvent('download');
		await page.getByRole('button', { name: 'Make a backup' }).click();
		const download = await downloading;
		const file = await download.path();
		expect(download.suggestedFilename()).toMatch(/^prime-echo-\d{4}-\d{2}-\d{2}\.zip$/);

		await page.getByRole('button', { name: 'Clear the studio' }).click();
		await dialog(page, 'Clear the whole studio?').getByRole('button', { name: 'Clear the studio' }).click();
		await expect(page.getByRole('heading', { name: 'A reference look, brought home' })).toBeVisible();

		await page.getByRole('link', { name: 'I have a backup' }).click();
		await expect(
			page.getByText('0 clients, 0 pieces, 0 references, 0 echoes', { exact: true })
		).toBeVisible();
		await restoreField(page).setInputFiles({
			name: 'mine.zip',
			mimeType: 'application/zip',
			buffer: readFileSync(file)
		});
		await dialog(page, 'Put this backup in place of the present studio?')
			.getByRole('button', { name: 'Restore' })
			.click();
		await expect(page.getByText('1 client, 4 pieces, 1 reference, 1 echo', { exact: true })).toBeVisible();

		const again = page.waitForEvent('download');
		await page.getByRole('button', { name: 'Make a backup' }).click();
		expect(readFileSync(await (await again).path())).toEqual(readFileSync(file));
	});
});
