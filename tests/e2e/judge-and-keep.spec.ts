/** The second half of the job: tried on, judged, calibrated, drilled, worn, handed over, shared. */
import { readdirSync, readFileSync, statSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { dialog, expect, expectAccessible, goTo, openDemo, startEmpty, test } from './studio';

const folder = 'static/demo/photos';
/** The largest of the demo's pictures is of a whole figure. */
const figurePhoto = () =>
	readdirSync(folder)
		.map((name) => `${folder}/${name}`)
		.sort((a, b) => statSync(b).size - statSync(a).size)[0]!;
async function openTable(page: Page, name: RegExp) {
	await openDemo(page);
	await goTo(page, 'Fitting table');
	await page.getByRole('link', { name }).first().click();
	await expect(page.locator('[data-rung]').first()).toBeVisible();
}

test('a look is tried on: photographed, set beside the reference, measured and rated, and judged with its picture', async ({
	page
}) => {
	await openTable(page, /Midnight Quay, for the Quay Stage/);
	await page.getByRole('link', { name: 'Try it on' }).click();
	await expect(page.getByText('Photograph it full length')).toBeVisible();
	await page.locator('input[type=file]').first().setInputFiles(figurePhoto());
	await expect(page.getByRole('button', { name: 'Show picture 1' })).toBeVisible();
	await expect(page.getByRole('heading', { name: 'For the next picture' })).toBeVisible();
	await expect(page.getByText('Looking for the body…')).toBeHidden({ timeout: 30_000 });
	await expectAccessible(page);

	for (const way of ['Divider', 'Overlay', 'Blink']) {
		await page.getByRole('button', { name: way, exact: true }).click();
		await expect(page.getByRole('button', { name: way, exact: true })).toHaveAttribute(
			'aria-pressed',
			'true'
		);
	}
	await page.getByRole('button', { name: 'Divider', exact: true }).click();
	await page.getByRole('slider', { name: 'How far the divider is moved' }).focus();
	await page.keyboard.press('Home');
	await page.getByRole('button', { name: 'Side by side', exact: true }).click();

	// By key: looked for where such a thing is worn.
	const trousers = page.getByRole('listitem').filter({ hasText: 'Wine cigarette trousers' });
	await trousers.getByRole('button', { name: /^Measure on the picture/ }).press('Enter');
	await expect(trousers).toContainText(/as planned|than planned|near what/, { timeout: 20_000 });
	await page.keyboard.press('Escape');
	await trousers.getByLabel('Likeness, 0 to 100').fill('120');
	await expect(trousers).toContainText('A whole number from 0 to 100');
	await trousers.getByLabel('Likeness, 0 to 100').fill('72');
	await trousers.getByLabel('Likeness, 0 to 100').press('Tab');
	await trousers.getByLabel('Does its job').selectOption('partly');
	await trousers.getByLabel('What would change').fill('a longer hem');
	await trousers.getByLabel('What would change').press('Tab');

	await page.getByRole('button', { name: 'Judge it' }).click();
	const form = dialog(page, 'Judge');
	await expect(form).toContainText('1 picture, 1 piece rated');
	await form.getByLabel('Your rating, 0 to 100').fill('74');
	await form.getByLabel('Would the client wear it').selectOption('with-changes');
	await form.getByLabel('What the client says').fill('If the hem comes down');
	await form.getByRole('button', { name: 'Save the verdict' }).click();
	await expect(form).toBeHidden();

	// What was judged keeps its picture, though the try-on goes.
	await page.getByRole('button', { name: 'Delete this try-on' }).click();
	await expect(page.getByText('Photograph it full length')).toBeVisible();
	await page.getByRole('button', { name: 'Judge it' }).click();
	await expect(form.getByRole('img', { name: /^As it was on/ })).toBeVisible();
	await expect(form).toContainText('If the hem comes down');
});

test('a second picture is a detail: beside the same thing of the reference, and at its piece', async ({
	page
}) => {
	await openTable(page, /Midnight Quay, for the Quay Stage/);
	await page.getByRole('link', { name: 'Try it on' }).click();
	await page.locator('input[type=file]').first().setInputFiles(figurePhoto());
	await expect(page.getByText('Looking for the body…')).toBeHidden({ timeout: 30_000 });
	const shows = page.getByLabel('This picture shows');
	await shows.selectOption({ label: 'a detail: Wine cigarette trousers' });
	await expect(page.getByText('Detail: Wine cigarette trousers', { exact: true })).toBeVisible();
	// What is near by needs no advice on the pose, and stands at its piece.
	await expect(page.getByRole('heading', { name: 'For the next picture' })).toBeHidden();
	const trousers = page.getByRole('listitem').filter({ hasText: 'Wine cigarette trousers' });
	await expect(
		trousers.getByRole('button', { name: 'Show the detail: Wine cigarette trousers' })
	).toBeVisible();
	await page.reload();
	await expect(
		page.getByRole('button', { name: 'Show picture 1, a detail: Wine cigarette trousers' })
	).toBeVisible();
	await page.keyboard.press('Control+z');
	await expect(page.getByRole('button', { name: 'Show picture 1', exact: true })).toBeVisible();
	await expect(shows).toHaveValue('');
});

test('the ledger tells what was done, by kind and by client, and saves it', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'Ledger');
	const done = page.getByRole('region', { name: 'What was done' });
	await expect(done.getByText(/^Judged, \d+ of 100/).first()).toBeVisible();
	await done.getByLabel('Show').selectOption('orders');
	await expect(done.getByText(/^Ordered \d+ thing/).first()).toBeVisible();
	await expect(done.getByText(/^Judged/)).toHaveCount(0);
	const saving = page.waitForEvent('download');
	await done.getByRole('button', { name: 'CSV' }).press('Enter');
	expect(readFileSync(await (await saving).path(), 'utf8')).toMatch(/^on,what,of,client\r?\n\d{4}-/);
	await done.getByLabel('Show').selectOption('verdicts');
	await page.getByLabel('Client').selectOption('Anvita Renwalkar');
	await done.getByRole('link', { name: 'Lamp-evening, for the mehndi' }).first().click();
	await expect(page.locator('[data-rung]').first()).toBeVisible();
});

test('weights that fit the stylist are worked out, taken, shown beside the score, and undone', async ({
	page
}) => {
	await openDemo(page);
	await goTo(page, 'Eye');
	await expect(page.getByRole('img', { name: /^27 judgements/ })).toBeVisible();
	await expect(page.getByText('Judgements that were held back are missed by')).toBeVisible({
		timeout: 30_000
	});
	await expectAccessible(page);
	await page.getByRole('button', { name: 'Take these weights' }).press('Enter');
	await expect(page.getByText(/Your own weights are in use since/)).toBeVisible();
	await goTo(page, 'Fitting table');
	await page
		.getByRole('link', { name: /Rehearsal room/ })
		.first()
		.click();
	await expect(page.getByRole('link', { name: /^\d+ by your weights$/ })).toBeVisible();
	await page.keyboard.press('Control+z');
	await expect(page.getByRole('link', { name: /by your weights$/ })).toBeHidden();
	await goTo(page, 'Eye');
	await expect(page.getByText('The method’s weights are in use.')).toBeVisible();
});

test('a week of drills: asked, answered by key, asked again on their days', async ({ page }) => {
	await page.clock.install({ time: new Date('2026-03-02T09:00:00') });
	await startEmpty(page);
	let answers = 0;
	for (let day = 0; day < 7; day++) {
		await page.goto('/eye/drills');
		for (let i = 0; i < 7; i++) {
			const done = page.getByText('Done for today.');
			const ask = page.getByText('Keys 1 to 5 answer');
			await expect(done.or(ask)).toBeVisible();
			if (await done.isVisible()) break;
			await page.keyboard.press('1');
			await expect(page.getByText(/^Asked again/)).toBeVisible();
			answers++;
			// The hand is on Enter: it goes on.
			await page.keyboard.press('Enter');
			await expect(page.getByText(/^Asked again/)).toBeHidden();
		}
		await page.clock.fastForward('24:00:00');
	}
	expect(answers).toBeGreaterThan(30);
	await expect(page.getByRole('row', { name: /^Terms on the plate/ })).toBeVisible();
	await page.goto('/eye/drills');
	const begun = await page
		.getByRole('row', { name: /^Terms on the plate/ })
		.getByRole('cell')
		.first()
		.innerText();
	expect(Number(begun.split('/')[0])).toBeGreaterThan(2);
	await expectAccessible(page);
});

test('a wear is noted from the calendar by key, changed, and the lists go out as files', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'Ledger');
	const calendar = page.getByRole('region', { name: 'Wears' });
	await expect(calendar.getByRole('listitem').first()).toBeVisible();
	await expectAccessible(page);
	await calendar.locator('[aria-current="date"]').focus();
	await page.keyboard.press('ArrowLeft');
	await page.keyboard.press('Enter');
	const form = dialog(page, 'Note a wear');
	await form.getByRole('combobox', { name: 'Client' }).selectOption({ label: 'Tamsin Orrowby' });
	await form.getByRole('button', { name: 'Save' }).click();
	await expect(form).toContainText('Choose a look or a piece');
	await form.getByLabel('The look that was worn').selectOption({ label: '1930s evening, station ball' });
	await expect(form.getByRole('checkbox', { name: 'Emerald bias gown' })).toBeChecked();
	await form.getByLabel('Find a piece').fill('jet');
	await form.getByText('Long jet beads').click();
	await form.getByRole('button', { name: 'Save' }).click();
	await expect(form).toBeHidden();
	await expect(calendar.getByRole('listitem').first()).toContainText('1930s evening, station ball');
	const file = page.waitForEvent('download');
	await calendar.getByRole('button', { name: 'CSV (wears)' }).click();
	const path = await (await file).path();
	expect(readFileSync(path, 'utf8')).toContain('1930s evening, station ball');
	await page.keyboard.press('Control+z');
	await expect(calendar.getByRole('listitem').first()).not.toContainText('1930s evening, station ball');
	await expect(page.getByRole('region', { name: 'Substitutions and how they were rated' })).toContainText(
		'rated'
	);
});

test('three looks are handed over in one file, the client answers in it, and the answer is read back', async ({
	page,
	browser
}) => {
	await openTable(page, /1930s evening, station ball/);
	await page.getByRole('link', { name: 'Hand over' }).click();
	await expect(page.getByRole('heading', { name: 'Piece by piece' })).toBeVisible();
	await page.getByText('1950s day, radio picnic', { exact: true }).click();
	await page.getByText('Midnight Quay, for the Quay Stage', { exact: true }).click();
	const book = page.getByRole('article');
	await expect(book.getByRole('heading', { name: 'To pack' })).toBeVisible();
	await expect(book.getByText('Gold drop earrings, nickel-free').first()).toBeVisible();
	await expectAccessible(page);
	await page.getByText('With a form for the client’s answers').click();
	const saving = page.waitForEvent('download');
	await page.getByRole('button', { name: 'Save as a file' }).click();
	const saved = await saving;
	expect(saved.suggestedFilename()).toBe('Looks-for-Tamsin-Orrowby.html');

	// On the client's phone, without a network.
	const phone = await browser.newContext({ viewport: { width: 390, height: 800 }, offline: true });
	const theirs = await phone.newPage();
	const faults: string[] = [];
	theirs.on('console', (message) => message.type() === 'error' && faults.push(message.text()));
	theirs.on('pageerror', (error) => faults.push(error.message));
	await theirs.setContent(readFileSync(await saved.path(), 'utf8'));
	const look = theirs.getByRole('region', { name: '1930s evening, station ball' });
	const shawl = look.getByRole('listitem').filter({ hasText: 'Midnight shawl' });
	await shawl.getByLabel('No', { exact: true }).check();
	await shawl.getByLabel(/^A word on it/).fill('too heavy for dancing');
	const answering = theirs.waitForEvent('download');
	await theirs.getByRole('button', { name: 'Save my answers' }).click();
	const answer = await (await answering).path();
	expect(await theirs.evaluate(() => document.documentElement.scrollWidth <= innerWidth)).toBe(true);
	expect(faults).toEqual([]);

	await page.locator('input[type=file]').setInputFiles({
		name: 'my-answer.json',
		mimeType: 'application/json',
		buffer: readFileSync(answer)
	});
	const said = dialog(page, 'What the client says');
	await expect(said).toContainText('Midnight shawl: no · “too heavy for dancing”');
	await said.getByText('Take off what they said no to').click();
	await said.getByRole('button', { name: 'Keep the answer' }).click();
	await expect(said).toBeHidden();
	await expect(book).not.toContainText('Midnight shawl');
	await page.keyboard.press('Control+z');
	await expect(book).toContainText('Midnight shawl');
	await phone.close();

	await page.locator('input[type=file]').setInputFiles({
		name: 'a.json',
		mimeType: 'application/json',
		buffer: Buffer.from('{"format":"other"}')
	});
	await expect(page.getByText('This is no answer of a client.')).toBeVisible();
});

test('what the client answered stands with the look, and beside what it was said of', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'Fitting table');
	await page
		.getByRole('link', { name: /Midnight Quay, for the Quay Stage/ })
		.first()
		.click();
	await page.locator('[data-rung]').filter({ hasText: 'clutch' }).click();
	const word = page.getByText('The client: no · “My notes do not fit in it. A bag with a strap, please.”');
	await expect(word).toBeVisible();
	await expectAccessible(page);
	// What is taken in its place was never asked about; undo brings both back.
	await page.locator('[data-card]').filter({ hasText: 'Black tote' }).click();
	await expect(word).toBeHidden();
	await page.keyboard.press('Control+z');
	await expect(word).toBeVisible();
	await page.getByRole('link', { name: 'Hand over' }).click();
	await expect(page.getByText(/answered on .*: 2 yes, 1 no · “Love it\./)).toBeVisible();
});

test('a backup is sealed with a passphrase, and opens on another profile with it and not without', async ({
	page,
	browser,
	baseURL
}) => {
	await openDemo(page);
	await goTo(page, 'Studio');
	await page.getByText('Seal it with a passphrase').click();
	await page.getByRole('button', { name: 'Make a backup' }).click();
	await expect(page.getByText('letters or more')).toBeVisible();
	await page.getByLabel('Passphrase', { exact: true }).fill('keepers watch at night');
	await page.getByLabel('The passphrase again').fill('keepers watch at night');
	const saving = page.waitForEvent('download');
	await page.getByRole('button', { name: 'Make a backup' }).click();
	const saved = await saving;
	expect(saved.suggestedFilename()).toMatch(/\.sealed$/);
	const file = { name: saved.suggestedFilename(), mimeType: '', buffer: readFileSync(await saved.path()) };
	expect(file.buffer.includes(Buffer.from('Tamsin'))).toBe(false);

	const profile = await browser.newContext({ baseURL: baseURL!, serviceWorkers: 'block' });
	const other = await profile.newPage();
	await startEmpty(other);
	await goTo(other, 'Studio');
	const restore = other.locator('section').filter({ has: other.getByRole('heading', { name: 'Restore' }) });
	const open = async (passphrase: string) => {
		await restore.locator('input[type=file]').setInputFiles(file);
		const asked = dialog(other, 'This backup is sealed');
		await asked.getByLabel('Passphrase').fill(passphrase);
		await asked.getByRole('button', { name: 'Open it' }).click();
	};
	await open('something else');
	await expect(other.getByText('The passphrase is not the one')).toBeVisible();
	await expect(other.getByText('0 clients, 0 pieces, 0 references, 0 echoes', { exact: true })).toBeVisible();
	await open('keepers watch at night');
	await dialog(other, 'Put this backup in place of the present studio?')
		.getByRole('button', { name: 'Restore' })
		.click();
	await expect(other.getByText(/^Restored: 3 clients/)).toBeVisible({ timeout: 30_000 });
	await profile.close();
});

test('a look goes to another studio as a file, and comes back changed by choice', async ({
	page,
	browser,
	baseURL
}) => {
	await openDemo(page);
	await goTo(page, 'Studio');
	const panel = page
		.locator('section')
		.filter({ has: page.getByRole('heading', { name: 'Share and merge' }) });
	await panel.getByLabel('Which one').selectOption({ label: 'Lamp-evening, for the mehndi' });
	const saving = page.waitForEvent('download');
	await panel.getByRole('button', { name: 'Save as a file' }).click();
	const saved = await saving;
	const file = { name: 'look.zip', mimeType: 'application/zip', buffer: readFileSync(await saved.path()) };

	const profile = await browser.newContext({ baseURL: baseURL!, serviceWorkers: 'block' });
	const other = await profile.newPage();
	await startEmpty(other);
	await goTo(other, 'Studio');
	await other
		.locator('section')
		.filter({ has: other.getByRole('heading', { name: 'Share and merge' }) })
		.locator('input[type=file]')
		.setInputFiles(file);
	const asked = dialog(other, 'What is read in');
	await expect(asked).toContainText('Lamp-evening, for the mehndi (echo)');
	await asked.getByRole('button', { name: 'Read it in' }).click();
	await expect(asked).toBeHidden();
	await goTo(other, 'Fitting table');
	await other
		.getByRole('link', { name: /Lamp-evening, for the mehndi/ })
		.first()
		.click();
	await expect(other.getByRole('region', { name: 'Closeness' })).toBeVisible();
	await profile.close();

	// Chosen as a backup it is no less a part: it stands beside what is here, and restores nothing.
	await page
		.locator('section')
		.filter({ has: page.getByRole('heading', { name: 'Restore', exact: true }) })
		.locator('input[type=file]')
		.setInputFiles(file);
	const part = dialog(page, 'What is read in');
	await expect(part).toContainText('This file holds a part of a studio.');
	await part.getByRole('button', { name: 'Cancel' }).click();

	// Here all of it is the same; a change of it is named, and nothing is replaced unasked.
	await panel.locator('input[type=file]').setInputFiles(file);
	const here = dialog(page, 'What is read in');
	await expect(here).toContainText('All of it is here already.');
	await here.getByRole('button', { name: 'Cancel' }).click();
});

test('a first look is led by three steps that can be left, and the guide is read in the app', async ({
	page
}) => {
	await startEmpty(page);
	await page.goto('/');
	const steps = page.getByRole('region', { name: 'Three steps to a first look' });
	await expect(steps.getByRole('listitem')).toHaveCount(3);
	await expectAccessible(page);
	await steps.getByRole('link', { name: 'Guide and method' }).click();
	await expect(page.getByRole('heading', { level: 1, name: 'A stylist’s first hour' })).toBeVisible();
	await page.getByRole('link', { name: 'How each figure comes about' }).click();
	await page
		.getByRole('navigation', { name: 'Help' })
		.getByRole('link', { name: 'Colour', exact: true })
		.click();
	await expect(page.getByRole('heading', { name: 'Colour', exact: true })).toBeInViewport();
	await expectAccessible(page);
	await page.goto('/');
	await steps.getByRole('button', { name: 'Leave the steps' }).press('Enter');
	await expect(steps).toBeHidden();
	await page.reload();
	await expect(page.getByRole('heading', { name: 'Desk' })).toBeVisible();
	await expect(steps).toBeHidden();
});

test('where a look can be worn is told by occasion, with the one change after which it suits', async ({
	page
}) => {
	await openTable(page, /Midnight Quay, for the Quay Stage/);
	await page.keyboard.press('g');
	await page.getByText('Where it can be worn').click();
	const list = page.getByRole('listitem');
	await expect(list.filter({ hasText: 'an opening, standing' })).toBeVisible();
	await expect(list.filter({ hasText: 'a long walk' })).toContainText(
		'After one change it suits: Black loafers'
	);
});

test('a look is found again by a piece, a client, an occasion and how close it came', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'Fitting table');
	const finder = page.getByRole('search', { name: 'Find a look' });
	const cards = page.locator('main li').getByRole('link');
	await expect(cards).toHaveCount(6);
	await finder.getByRole('searchbox').pressSequentially('emerald bias');
	await expect(cards).toHaveCount(1);
	await expect(page.getByText('1 look', { exact: true })).toBeVisible();
	await finder.getByRole('searchbox').fill('');
	await expect(cards).toHaveCount(6);
	await finder.getByLabel('Worn by').selectOption({ label: 'Tamsin Orrowby' });
	await expect(cards).toHaveCount(4);
	await finder.getByLabel('Came').selectOption({ label: 'a twin, from 92' });
	await expect(page.getByText('No look answers all of that.')).toBeVisible();
	await finder.getByLabel('Worn by').selectOption('');
	await expect(page.getByRole('link', { name: /Lamp-evening/ })).toBeVisible();
	await finder.getByLabel('Came').selectOption('');
	await finder.getByLabel('Suits').selectOption({ label: 'black tie' });
	await expect(page.getByRole('link', { name: /Rehearsal room/ })).toBeHidden();
	await expectAccessible(page);
});
