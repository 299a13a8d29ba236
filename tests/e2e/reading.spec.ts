import { dialog, expect, expectAccessible, goTo, openDemo, startEmpty, test } from './studio';

const rows = 'ol .what > span:first-child';

test('a look of eight elements is read by words with the keyboard alone', async ({ page }) => {
	await startEmpty(page);
	await goTo(page, 'References');
	await page.getByRole('button', { name: 'Add a reference' }).focus();
	await page.keyboard.press('Enter');
	await page.keyboard.type('Pier evening');
	await page.keyboard.press('Enter');
	await expect(page.getByRole('heading', { name: 'Pier evening' })).toBeVisible();

	const line = page.getByLabel('Say it as you see it');
	await expect(page.getByText('Colour, cloth, fit, length, detail')).toBeVisible();
	await line.focus();
	await page.keyboard.type('zorb');
	await page.keyboard.press('Enter');
	await expect(page.getByText('No garment is named yet')).toBeVisible();
	await line.fill('');

	for (const [said, read] of [
		['camel wool coat, thrown over the shoulders', 'camel wool overcoat'],
		['black roll neck', 'black roll-neck jumper'],
		['wide-leg ivory trousers, high rise', 'ivory wide-leg trousers, high rise'],
		['pointed black boots with a block heel', 'black boots'],
		['tiny red top-handle bag with gold hardware', 'micro red top-handle bag'],
		['gold hoops', 'gold hoops'],
		['low bun', 'low bun'],
		['red lips, matte', 'red lipstick']
	] as const) {
		await page.keyboard.type(said);
		await page.keyboard.press('Enter');
		await expect(line).toHaveValue('');
		await expect(page.locator(rows).last()).toContainText(read);
	}
	await expect(page.locator(rows)).toHaveCount(8);
	await expect(page.locator('.what').first()).toContainText('draped on the shoulders');

	// What matters most, one key each.
	await page.locator('.what').first().focus();
	await page.keyboard.press('r');
	await expect(page.locator('.what').first()).toContainText('support');
	await page.keyboard.press('Enter');
	await page.getByRole('list', { name: 'Features' }).getByRole('button').first().focus();
	await page.keyboard.press('ArrowRight');
	await page.keyboard.press('s');
	await expect(page.getByRole('button', { name: 'material wool, signature' })).toBeFocused();
	await page.keyboard.press('o');
	await expect(page.getByRole('button', { name: 'material wool, open' })).toBeFocused();

	// All of it can be undone, one step at a time, across a reload.
	await page.reload();
	await expect(page.locator(rows)).toHaveCount(8);
	await page.keyboard.press('Control+z');
	await page.keyboard.press('Control+z');
	await page.keyboard.press('Control+z');
	await expect(page.locator('.what').first()).toContainText('key');
	await page.keyboard.press('Control+z');
	await expect(page.locator(rows)).toHaveCount(7);
});

test('a pasted paragraph is read, and two slips are seen and put right', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'References');
	await page.getByRole('button', { name: 'Add a reference' }).click();
	await dialog(page, 'Add a reference').getByLabel('Title').fill('From a letter');
	await dialog(page, 'Add a reference').getByLabel('Boards').fill('letters, wedding');
	await dialog(page, 'Add a reference').getByRole('button', { name: 'Save' }).click();

	const line = page.getByLabel('Say it as you see it');
	await line.focus();
	await page.evaluate(() => {
		const data = new DataTransfer();
		data.setData(
			'text/plain',
			'She wears a navy velvet blzer over an ivory silk blouse, half tucked.\nBlack corduory trousers, ankle boots.\nNo belt.'
		);
		document.activeElement?.dispatchEvent(
			new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true })
		);
	});
	await expect(line).toHaveValue(/half tucked; Black corduory trousers, ankle boots; No belt\.$/);
	await expect(page.getByText('4 things, 2 words taken for others')).toBeVisible();

	await page.getByRole('button', { name: /^blzer: garment: blazer; taken for/ }).click();
	await page.getByRole('group', { name: 'Put right: blzer' }).getByRole('button', { name: 'blazer' }).click();
	await expect(page.getByText('4 things, 1 word taken for another')).toBeVisible();
	await page.getByRole('button', { name: /^corduory trousers: garment: cords; taken for/ }).focus();
	await page.keyboard.press('Enter');
	await page.getByRole('button', { name: 'corduroy trousers', exact: true }).focus();
	await page.keyboard.press('Enter');
	await expect(page.getByText('4 things', { exact: true })).toBeVisible();
	await expectAccessible(page);

	// A phrase that was understood can be changed as well.
	await page.getByRole('button', { name: /^ivory: colour/ }).click();
	const editor = page.getByRole('group', { name: 'Put right: ivory' });
	await editor.getByRole('combobox').click();
	await editor.getByRole('combobox').pressSequentially('blush');
	await page.locator('.bx--list-box__menu').getByRole('option', { name: 'blush', exact: true }).click();
	await expect(line).toHaveValue(/over an blush silk blouse/);

	await page.getByRole('button', { name: 'Add 4' }).click();
	await expect(page.locator(rows)).toHaveText([
		'navy velvet blazer',
		'blush silk blouse',
		'black cords',
		'ankle boots'
	]);
	await page.getByRole('button', { name: 'Undo: Added 4 elements' }).click();
	await expect(page.locator(rows)).toHaveCount(0);

	await goTo(page, 'References');
	await page
		.getByRole('group', { name: 'Boards' })
		.getByRole('button', { name: /^letters/ })
		.click();
	await expect(page.getByRole('link', { name: /From a letter/ })).toBeVisible();
	await expect(page.getByRole('link', { name: /Midnight Quay/ })).toBeHidden();
});

test('a thing that is not known is asked, by itself, and taught', async ({ page }) => {
	await startEmpty(page);
	await goTo(page, 'References');
	await page.getByRole('button', { name: 'Add a reference' }).click();
	await dialog(page, 'Add a reference').getByLabel('Title').fill('Odd words');
	await dialog(page, 'Add a reference').getByRole('button', { name: 'Save' }).click();
	const line = page.getByLabel('Say it as you see it');
	await line.fill('white shirt, lilac frobbers');
	await expect(page.getByText('1 thing, 1 question')).toBeVisible();
	await page.getByRole('button', { name: /^frobbers: a thing of its own, not known/ }).click();
	const editor = page.getByRole('group', { name: 'Put right: frobbers' });
	await expect(editor.getByText('What is “frobbers”?')).toBeVisible();
	await editor.getByRole('textbox').fill('ankle socks');
	await editor.getByRole('textbox').press('Enter');
	await expect(page.getByText('2 things', { exact: true })).toBeVisible();
	await line.press('Enter');
	await expect(page.locator(rows)).toHaveText(['white shirt', 'lilac ankle socks']);
	// A choice is one thing, and asked.
	await line.fill('black loafers or brogues');
	await expect(page.getByText('1 thing, 1 question')).toBeVisible();
	await page.getByRole('button', { name: /^loafers: garment: loafers/ }).click();
	await page
		.getByRole('group', { name: 'Put right: loafers' })
		.getByRole('button', { name: 'brogues' })
		.click();
	await expect(page.getByText('1 thing', { exact: true })).toBeVisible();
	await expectAccessible(page);
	// What became nothing stays in the line, over a reload as well.
	await line.fill('navy coat, two lilac zorbs');
	await expect(page.getByText('1 thing, 1 question')).toBeVisible();
	await line.press('Enter');
	await expect(line).toHaveValue('two lilac zorbs');
	await page.reload();
	await expect(page.getByLabel('Say it as you see it')).toHaveValue('two lilac zorbs');
});

test('a word that means two things is asked, in the studio’s words', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'Clients');
	await page.getByRole('link', { name: /Corwin Tyehurst/ }).click();
	await page.getByRole('button', { name: 'Say pieces' }).click();
	const line = page.getByLabel('Say what hangs there');
	await line.fill('grey wool vest, navy knitted tie and green brogues');
	await page.getByRole('button', { name: /^vest: garment: vest top/ }).click();
	await page.getByRole('button', { name: 'waistcoat', exact: true }).click();
	await expect(line).toHaveValue(/grey wool waistcoat/);
	await line.press('Enter');
	await expect(page.getByRole('button', { name: 'Edit: Grey wool waistcoat' })).toBeVisible();
	await expect(page.getByRole('button', { name: 'Edit: Green brogues' })).toBeVisible();
});

test('a recipe becomes a reference at two degrees', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'Recipes');
	await page.getByRole('link', { name: /^The 1930s/ }).click();
	const taken = page.locator('li:not(.untaken)').filter({ hasText: '% of the recipe' });
	await page.getByText('a touch', { exact: true }).click();
	const few = await taken.count();
	await page.getByRole('button', { name: 'Make it a reference' }).click();
	await expect(page.getByRole('heading', { name: 'The 1930s, a touch' })).toBeVisible();
	await expect(page.locator(rows)).toHaveCount(few);
	await expect(page.locator(rows).first()).toContainText('evening gown');

	await page.getByRole('link', { name: 'From the recipe The 1930s' }).click();
	await page.getByText('all in', { exact: true }).click();
	const many = await taken.count();
	expect(many).toBeGreaterThan(few);
	await page.getByRole('button', { name: 'Make it a reference' }).click();
	await expect(page.getByRole('heading', { name: 'The 1930s, all in' })).toBeVisible();
	await expect(page.locator(rows)).toHaveCount(many);
});

test('a recipe of one’s own is made from references, compared and deleted', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'Recipes');
	await page.getByRole('button', { name: 'Make a recipe from references' }).click();
	const form = dialog(page, 'Make a recipe from references');
	await form.getByRole('button', { name: 'Make the recipe' }).click();
	await expect(form.getByText('A title is needed')).toBeVisible();
	await form.getByLabel('Title').fill('Saltmere evenings');
	await form.getByText(/^1930s evening/).click();
	await form.getByText(/^The Midnight Quay suit/).click();
	await form.getByRole('button', { name: 'Make the recipe' }).click();
	await expect(page.getByRole('heading', { name: 'Saltmere evenings' })).toBeVisible();
	await expect(page.getByText('In 2 of 2 looks.').first()).toBeVisible();

	await page.getByRole('link', { name: 'Compare', exact: true }).click();
	await expect(page.getByLabel('First recipe')).toHaveValue(/.+/);
	await page.getByLabel('Second recipe').selectOption('The 1990s');
	await page.getByLabel('Put on').selectOption('A reference: 1930s evening');
	await page.getByText('most of it', { exact: true }).click();
	const mine = page.getByRole('region', { name: 'Saltmere evenings' });
	const nineties = page.getByRole('region', { name: 'The 1990s' });
	await expect(mine.getByRole('heading', { name: 'Keeps' })).toBeVisible();
	await expect(nineties.getByRole('heading', { name: 'Takes away' })).toBeVisible();
	await expect(nineties.getByRole('group', { name: 'Adds' })).toBeVisible();
	await expect(page.getByRole('region', { name: 'Both' })).toBeVisible();
	await page.getByLabel('Put on').selectOption('Pieces of a client: Tamsin Orrowby');
	await page.getByRole('combobox', { name: 'Pieces on the base' }).click();
	await page.locator('.bx--list-box__menu').getByText('Black silk shirt').click();
	await page.keyboard.press('Escape');
	await expect(mine.getByText(/black silk shirt/i).first()).toBeVisible();

	await goTo(page, 'Recipes');
	await page.getByRole('link', { name: /^Saltmere evenings/ }).click();
	await page.getByRole('button', { name: 'Delete', exact: true }).click();
	await dialog(page, 'Delete the recipe Saltmere evenings?').getByRole('button', { name: 'Delete' }).click();
	await expect(page.getByRole('link', { name: /^Saltmere evenings/ })).toBeHidden();
	await page.getByRole('button', { name: 'Undo', exact: true }).click();
	await expect(page.getByRole('link', { name: /^Saltmere evenings/ })).toBeVisible();
});

test('a recipe is copied and written as text, saved as a file, and read again from it', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'Recipes');
	await page.getByRole('link', { name: /^The 1930s/ }).click();
	await page.getByRole('button', { name: 'Copy and change' }).click();
	const form = dialog(page, 'Write a recipe');
	const paper = form.getByRole('textbox', { name: 'The recipe, a line a thing' });
	await expect(paper).toHaveValue(/^title: The 1930s, my own/);
	await paper.fill((await paper.inputValue()).replace('\ncore\n', '\ncore\nhat and gloves | Both.\n'));
	await expect(form.getByText('names more than one thing').first()).toBeVisible();
	// A line that cannot be taken holds the recipe back, and is gone to.
	await form.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(paper).toBeFocused();
	await page.keyboard.press('Shift+Home');
	await page.keyboard.type('tilted green beret | Green for the quay.');
	await expect(form.getByText('Every line was understood.')).toBeVisible();
	await expectAccessible(page);
	await form.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByRole('heading', { name: 'The 1930s, my own' })).toBeVisible();
	await expect(page.getByText('Green for the quay.')).toBeVisible();

	await page.getByRole('button', { name: 'Edit the recipe' }).click();
	const edit = dialog(page, 'Edit the recipe').getByRole('textbox');
	await edit.fill((await edit.inputValue()).replace('my own', 'at the quay'));
	await page.keyboard.press('Escape');
	await page.getByRole('button', { name: 'Keep typing' }).click();
	await dialog(page, 'Edit the recipe').getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByRole('heading', { name: 'The 1930s, at the quay' })).toBeVisible();
	const saving = page.waitForEvent('download');
	await page.getByRole('button', { name: 'Save as a file' }).click();
	const file = await (await saving).path();

	await goTo(page, 'Recipes');
	const chooser = page.locator('input[type="file"]');
	await chooser.setInputFiles({
		name: 'soup.txt',
		mimeType: 'text/plain',
		buffer: Buffer.from([0, 1, 2, 3])
	});
	await expect(page.getByRole('alert')).toContainText('soup.txt: The file is no text');
	await chooser.setInputFiles(file);
	await expect(dialog(page, 'Write a recipe').getByText('Every line was understood.')).toBeVisible();
	await dialog(page, 'Write a recipe').getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByRole('heading', { level: 1, name: 'The 1930s, at the quay' })).toBeVisible();
	await goTo(page, 'Recipes');
	await expect(page.getByRole('link', { name: /^The 1930s, at the quay/ })).toHaveCount(2);
});
