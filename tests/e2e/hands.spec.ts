/** Fast hands, slow hands, second thoughts: what is typed and pressed is never changed, doubled or lost. */
import { dialog, expect, goTo, openDemo, scoreOf, startEmpty, test } from './studio';

type Page = Parameters<typeof openDemo>[0];

/** Kinds whose first words are kinds of their own, with the kind that the whole means. */
const kinds: [said: string, kind: string][] = [
	['blue shirt dress', 'shirt dress'],
	['black slip dress', 'slip dress'],
	['grey top hat', 'top hat'],
	['red skirt suit', 'skirt suit'],
	['navy pea coat', 'pea coat'],
	['white polo shirt', 'polo shirt'],
	['black trouser suit', 'trouser suit'],
	['brown bucket bag', 'bucket bag'],
	['green bomber jacket', 'bomber jacket'],
	['tan bucket hat', 'bucket hat']
];

async function addPieceForm(page: Page) {
	await page.getByRole('button', { name: 'Add a piece' }).click();
	const form = dialog(page, 'Add a piece');
	await expect(form.getByLabel('Say it')).toBeFocused();
	return form;
}

for (const delay of [0, 15, 40, 90, 150])
	test(`the line of a form never changes what is being typed, at ${delay} ms a key`, async ({ page }) => {
		await openDemo(page);
		await goTo(page, 'Clients');
		await page.getByRole('link', { name: /Tamsin Orrowby/ }).click();
		const form = await addPieceForm(page);
		const line = form.getByLabel('Say it');
		for (const [said, kind] of delay > 40 ? kinds.slice(0, 4) : kinds) {
			// Typed over what was said before it.
			await line.selectText();
			await line.pressSequentially(said, { delay });
			await expect(line).toHaveValue(said);
			await expect(form.getByRole('combobox', { name: 'What it is' })).toHaveValue(new RegExp(`^${kind} ·`));
			await expect(line).toHaveValue(said);
		}
		await form.getByRole('button', { name: 'Cancel' }).click();
		await form.getByRole('button', { name: 'Discard' }).click();
		await expect(form).toBeHidden();
	});

test('a choice, the next rung and a choice without a pause all count', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'Fitting table');
	await page.getByRole('link', { name: /Midnight Quay, for the Quay Stage/ }).click();
	const rungs = page.locator('[data-rung]');
	await rungs.first().focus();
	for (const key of ['x', 'ArrowDown', 'x', 'ArrowDown', 'x']) await page.keyboard.press(key);
	for (const at of [0, 1, 2]) await expect(rungs.nth(at)).toContainText('left out');
	await expect(page.getByText('Not saved')).toBeHidden();
	// Each is a step of its own.
	await page.keyboard.press('Control+z');
	await expect(rungs.nth(2)).not.toContainText('left out');
	await expect(rungs.nth(1)).toContainText('left out');
});

test('single letters act on the table only, and can be turned off', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'Fitting table');
	await page.getByRole('link', { name: /Midnight Quay, for the Quay Stage/ }).click();
	const rung = page.locator('[data-rung]').first();
	await expect(rung).toBeVisible();
	const before = await scoreOf(page);
	await page.getByRole('button', { name: 'Edit', exact: true }).focus();
	await page.keyboard.press('x');
	await expect(rung).not.toContainText('left out');
	expect(await scoreOf(page)).toBe(before);
	await rung.focus();
	await page.keyboard.press('x');
	await expect(rung).toContainText('left out');
	const told = page.locator('[data-notice]', { hasText: /^Left out/ });
	await told.getByRole('button', { name: 'Undo' }).click();
	await expect(rung).not.toContainText('left out');

	await goTo(page, 'Studio');
	await page.getByText('Single letters act on the fitting table').click();
	await expect(page.getByRole('checkbox', { name: /Single letters/ })).not.toBeChecked();
	await goTo(page, 'Fitting table');
	await page.getByRole('link', { name: /Midnight Quay, for the Quay Stage/ }).click();
	await rung.focus();
	await page.keyboard.press('x');
	await page.keyboard.press('ArrowDown');
	await expect(page.locator('[data-rung]').nth(1)).toBeFocused();
	await expect(rung).not.toContainText('left out');
});

test('a draft outlives a reload and says so; afresh begins anew', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'References');
	await page.getByRole('button', { name: 'Add a reference' }).click();
	const form = dialog(page, 'Add a reference');
	await form.getByLabel('Title').fill('Half a thought');
	await page.reload();
	await page.getByRole('button', { name: 'Add a reference' }).click();
	await expect(form.getByText('did not save')).toBeVisible();
	await expect(form.getByLabel('Title')).toHaveValue('Half a thought');
	await form.getByRole('button', { name: 'Start afresh' }).click();
	await expect(form.getByLabel('Title')).toHaveValue('');
	await form.getByRole('button', { name: 'Cancel' }).click();
	await expect(form).toBeHidden();
});

test('a double press makes one record', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'References');
	const add = page.getByRole('button', { name: 'Add a reference' });
	await add.click();
	const form = dialog(page, 'Add a reference');
	await form.getByLabel('Title').fill('Pressed twice');
	await form.getByRole('button', { name: 'Save' }).dblclick();
	await expect(form).toBeHidden();
	await goTo(page, 'References');
	await expect(page.getByRole('link', { name: /Pressed twice/ })).toHaveCount(1);
});

test('two tabs edit one client: what does not touch is joined, the rest is asked field by field', async ({
	page,
	context
}) => {
	await openDemo(page);
	await goTo(page, 'Clients');
	await page.getByRole('link', { name: /Corwin Tyehurst/ }).click();
	await expect(page.getByRole('heading', { level: 1, name: 'Corwin Tyehurst' })).toBeVisible();
	const other = await context.newPage();
	await other.goto(page.url());
	for (const one of [page, other]) await one.getByRole('button', { name: 'Edit client' }).click();
	const [mine, theirs] = [dialog(page, 'Edit client'), dialog(other, 'Edit client')];
	await theirs.getByLabel('Brief').fill('Written elsewhere');
	await theirs.getByLabel('Name', { exact: true }).fill('Corwin of the other tab');
	await theirs.getByRole('button', { name: 'Save' }).click();
	await expect(theirs).toBeHidden();
	await mine.getByLabel('Name', { exact: true }).fill('Corwin of this tab');
	await mine.getByLabel('Materials to avoid').fill('mohair');
	await mine.getByRole('button', { name: 'Save' }).click();
	// However far down the form was: what is asked comes into view, and has the keys.
	const asked = mine.getByRole('alert').filter({ hasText: 'changed elsewhere while you were typing' });
	await expect(asked).toBeInViewport();
	await expect(asked.getByRole('radio', { name: /Corwin of this tab/ })).toBeFocused();
	await expect(mine.getByText('As saved elsewhere: Corwin of the other tab')).toBeVisible();
	await mine.getByRole('button', { name: 'Save' }).click();
	await expect(mine).toBeHidden();
	await expect(page.getByRole('heading', { level: 1, name: 'Corwin of this tab' })).toBeVisible();
	// Joined: the brief from there, the material from here.
	await expect(page.getByText('Written elsewhere')).toBeVisible();
	await expect(page.getByText('mohair')).toBeVisible();
});

test('a second tab’s undo takes back its own', async ({ page, context }) => {
	await openDemo(page);
	await goTo(page, 'Fitting table');
	await page.getByRole('link', { name: /Midnight Quay, for the Quay Stage/ }).click();
	const rungs = page.locator('[data-rung]');
	await rungs.first().focus();
	await page.keyboard.press('x');
	await expect(rungs.first()).toContainText('left out');
	const other = await context.newPage();
	await other.goto('/references');
	await other.getByRole('link', { name: /Glasshouse/ }).click();
	await other.getByRole('button', { name: 'Edit reference' }).click();
	await dialog(other, 'Edit reference').getByLabel('Title').fill('Glasshouse, renamed');
	await dialog(other, 'Edit reference').getByRole('button', { name: 'Save' }).click();
	await expect(other.getByRole('heading', { level: 1, name: 'Glasshouse, renamed' })).toBeVisible();
	await page.bringToFront();
	await page.keyboard.press('Control+z');
	await expect(rungs.first()).not.toContainText('left out');
	await expect(other.getByRole('heading', { level: 1, name: 'Glasshouse, renamed' })).toBeVisible();
	await other.keyboard.press('Control+z');
	await expect(other.getByRole('heading', { level: 1, name: 'Glasshouse', exact: true })).toBeVisible();
});

test('pieces said with size, price, year, how they came and how many hang with all of it', async ({
	page
}) => {
	await startEmpty(page);
	await page.getByRole('button', { name: 'Add a client' }).click();
	await dialog(page, 'Add a client').getByLabel('Name', { exact: true }).fill('Ottoline Merrow');
	await dialog(page, 'Add a client').getByRole('button', { name: 'Save' }).click();
	await page.getByRole('button', { name: 'Say pieces' }).click();
	const line = page.getByLabel('Say what hangs there');
	await expect(line).toBeFocused();
	await line.fill(
		'three white cotton tees, M, £12; lilac frobbers; camel wool coat, L, £140 in 2019, pre-owned, missing button'
	);
	await line.press('Enter');
	// What names no piece stays, to be put right.
	await expect(line).toHaveValue('lilac frobbers');
	await expect(page.getByRole('heading', { name: 'Wardrobe 4' })).toBeVisible();
	await expect(page.getByRole('button', { name: /Edit: White cotton T-shirt.* M · £12.00/ })).toHaveCount(3);
	await page.getByRole('button', { name: /Edit: Camel wool/ }).click();
	const form = dialog(page, 'Edit piece');
	await expect(form.getByLabel('Price paid')).toHaveValue('140.00');
	await expect(form.getByLabel('How it came')).toHaveValue('pre-owned');
	await expect(form.getByLabel('State')).toHaveValue('needs-care');
	await expect(form.getByLabel('Note')).toHaveValue('missing button');
	await form.getByRole('button', { name: 'Cancel' }).click();
	await page.keyboard.press('Control+z');
	await expect(page.getByRole('heading', { name: 'Wardrobe 0' })).toBeVisible();
});

test('what is said of a piece in figures and of where it is goes to its fields, by keyboard alone', async ({
	page
}) => {
	await openDemo(page);
	await goTo(page, 'Clients');
	await page.getByRole('link', { name: /Tamsin Orrowby/ }).click();
	const add = page.getByRole('button', { name: 'Add a piece' });
	await add.focus();
	await page.keyboard.press('Enter');
	const form = dialog(page, 'Add a piece');
	// The line has the focus, and nothing that is typed is lost or changed.
	await expect(form.getByRole('textbox', { name: 'Say it' })).toBeFocused();
	const said = 'scarlet court shoes, 7.5cm heel, EU 39, £1,120, was £1,300, re-heeled in may, lent to Petra';
	await page.keyboard.type(said);
	await expect(form.getByRole('textbox', { name: 'Say it' })).toHaveValue(said);
	await expect(form.getByLabel('Heel height, 7.5 cm')).toHaveValue('mid');
	await expect(form.getByRole('textbox', { name: 'Price paid' })).toHaveValue('1120.00');
	await expect(form.getByLabel('Size label')).toHaveValue('EU 39');
	await expect(form.getByLabel('State')).toHaveValue('away');
	await expect(form.getByRole('textbox', { name: 'Note' })).toHaveValue('re-heeled in may, lent to Petra');
	// What is cut off the line again is let go of; what is then chosen by hand keeps the rest, and the line begins anew.
	await form.getByRole('textbox', { name: 'Say it' }).focus();
	for (let i = 0; i < ', lent to Petra'.length; i++) await page.keyboard.press('Backspace');
	await expect(form.getByLabel('State')).toHaveValue('ready');
	await form.getByLabel('toe', { exact: true }).selectOption('almond');
	await expect(form.getByRole('textbox', { name: 'Say it' })).toHaveValue('');
	await expect(form.getByRole('textbox', { name: 'Price paid' })).toHaveValue('1120.00');
	await expect(form.getByRole('textbox', { name: 'Note' })).toHaveValue('re-heeled in may');
	await form.getByRole('button', { name: 'Save' }).focus();
	await page.keyboard.press('Enter');
	await expect(form).toBeHidden();
	await page.getByRole('button', { name: /Edit: Scarlet.*court shoes/ }).click();
	const kept = dialog(page, 'Edit piece');
	await expect(kept.getByLabel('Heel height, 7.5 cm')).toHaveValue('mid');
	// A word that is chosen by hand takes the place of the figure.
	await kept.getByLabel('Heel height, 7.5 cm').selectOption('kitten');
	await expect(kept.getByLabel('heel height', { exact: true })).toHaveValue('kitten');
	await kept.getByRole('button', { name: 'Cancel' }).click();
});

test('a word is taught, read from then on, listed under Studio and forgotten', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'Clients');
	await page.getByRole('link', { name: /Tamsin Orrowby/ }).click();
	await page.getByRole('button', { name: 'Say pieces' }).click();
	const line = page.getByLabel('Say what hangs there');
	await line.fill('navy gansyweave');
	await page.getByRole('button', { name: /^gansyweave: a thing of its own/ }).click();
	const means = page.getByLabel('“gansyweave” means…');
	await means.fill('nonsense words');
	await expect(page.getByText('One word or phrase that reading knows')).toBeVisible();
	await means.fill('jumper');
	await means.press('Enter');
	await expect(page.getByRole('button', { name: /^gansyweave: .*jumper/ })).toBeVisible();
	await goTo(page, 'Studio');
	await expect(page.getByText('“gansyweave” means jumper')).toBeVisible();
	await page.getByRole('button', { name: 'Forget gansyweave' }).click();
	await expect(page.getByText('“gansyweave” means jumper')).toBeHidden();
});

test.describe('by touch', () => {
	test.use({ hasTouch: true, isMobile: true, viewport: { width: 820, height: 1180 } });
	test('what deletes a piece is seen before it can be touched', async ({ page }) => {
		await openDemo(page);
		await goTo(page, 'Clients');
		await page.getByRole('link', { name: /Tamsin Orrowby/ }).click();
		const remove = page.getByRole('button', { name: /^Delete: / }).first();
		await expect(remove).toBeVisible();
		expect(await remove.evaluate((button) => getComputedStyle(button.parentElement!).opacity)).toBe('1');
		await remove.tap();
		await expect(page.locator('[data-notice]', { hasText: /^Deleted/ })).toBeVisible();
	});
});

test('what was done is told beside the work, never over it', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'Fitting table');
	await page.getByRole('link', { name: /Midnight Quay, for the Quay Stage/ }).click();
	await page.locator('[data-rung]').first().focus();
	await page.keyboard.press('x');
	const notice = await page.locator('[data-notice]').boundingBox();
	for (const name of ['Judge', 'Hand over', 'Match what I have', 'Delete']) {
		const control = page.locator('main').getByText(name, { exact: true }).first();
		const box = await control.boundingBox();
		expect(box!.y >= notice!.y + notice!.height || box!.y + box!.height <= notice!.y, name).toBe(true);
	}
});
