/** Photographs: taken in, pointed at, measured, kept; by mouse, key and touch. */
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { strFromU8, unzipSync } from 'fflate';
import sharp from 'sharp';
import { deltaE00, labOfHex } from '../../src/lib/core/colour';
import { dialog, expect, expectAccessible, goTo, openDemo, restoreField, startEmpty, test } from './studio';

const folder = 'static/demo/photos';
const demoPhoto = () => readFileSync(`${folder}/${readdirSync(folder).sort()[0]}`);

async function openReference(page: Page, name: RegExp) {
	await openDemo(page);
	await goTo(page, 'References');
	await page.getByRole('link', { name }).click();
	await expect(page.getByRole('link', { name: 'Measure photograph 1' })).toBeVisible();
}
async function measure(page: Page, nth = 1) {
	await page.getByRole('link', { name: `Measure photograph ${nth}` }).click();
	await expect(page.getByRole('application')).toBeVisible();
	await expect(page.getByRole('application')).toHaveAttribute('aria-busy', 'false');
}
const stage = (page: Page) => page.getByRole('application');
const measured = (page: Page) => page.getByRole('region', { name: 'Measured' });
async function clickAt(page: Page, x: number, y: number, modifiers: ('Shift' | 'Alt')[] = []) {
	const box = (await stage(page).boundingBox())!;
	await stage(page).click({ position: { x: box.width * x, y: box.height * y }, modifiers });
}

test('a look is read from its photograph: the light put right, garments pointed at, said and chosen', async ({
	page
}) => {
	await openReference(page, /Keeper’s Watch/);
	await measure(page);
	await expect(page.getByText('The light seems cool')).toBeVisible();
	await clickAt(page, 0.44, 0.45);
	const swatch = () => measured(page).locator('i').first().getAttribute('style');
	await expect(measured(page)).toContainText('% sure');
	const before = await swatch();
	await page.getByRole('button', { name: 'White', exact: true }).click();
	await clickAt(page, 0.44, 0.46);
	await expect(page.getByText('Put right by something white.')).toBeVisible();
	await page.keyboard.press('Control+z');
	await expect(page.getByText('The light seems cool')).toBeVisible();
	await page.getByRole('button', { name: 'White', exact: true }).click();
	await clickAt(page, 0.095, 0.85);
	await expect(page.getByText('Put right by something white.')).toBeVisible();
	await expect.poll(swatch).not.toBe(before);
	// One colour, and nearly the navy that was drawn, whatever it is called.
	await expect(measured(page).getByRole('listitem').first()).toContainText('100 %');
	const shown = await measured(page)
		.locator('i')
		.first()
		.evaluate((i) => getComputedStyle(i).backgroundColor.match(/\d+/g)!.slice(0, 3).map(Number));
	const hex = `#${shown.map((byte) => byte.toString(16).padStart(2, '0')).join('')}`;
	expect(deltaE00(labOfHex(hex), labOfHex('#1c2745'))).toBeLessThan(5);
	await expectAccessible(page);

	await page.getByRole('button', { name: /^This is the .*navy wool pea coat/ }).click();
	await expect(measured(page)).toContainText('Nothing is marked');
	await expect(page.getByText('marked', { exact: true })).toBeVisible();
	await clickAt(page, 0.42, 0.75);
	await page.getByLabel('This is a…').fill('grey flannel trousers, high rise');
	await page.getByLabel('This is a…').press('Enter');
	await expect(page.getByText('marked', { exact: true })).toHaveCount(2);
	await expect(page.getByRole('img', { name: 'Palette of the look' })).toBeVisible();
	await page.getByRole('link', { name: 'Keeper’s Watch' }).click();
	await expect(page.getByRole('button', { name: /^Edit: .*flannel trousers/ })).toBeVisible();
	await page.keyboard.press('Control+z');
	await expect(page.getByRole('button', { name: /^Edit: .*flannel trousers/ })).toBeHidden();
});

test('a region is mended by key: pointed at, taken larger and smaller, boxed, brushed, stepped back', async ({
	page
}) => {
	await openReference(page, /1930s evening/);
	await measure(page);
	await stage(page).focus();
	for (let i = 0; i < 8; i++) await page.keyboard.press('ArrowDown');
	await page.keyboard.press('Enter');
	await expect(measured(page)).toContainText('% sure');
	const share = async () => (await measured(page).locator('dd').last().textContent()) ?? '';
	const whole = await share();
	await page.keyboard.press('[');
	await expect.poll(share).not.toBe(whole);
	await page.keyboard.press(']');
	await expect.poll(share).toBe(whole);
	await page.getByRole('button', { name: 'Box', exact: true }).click();
	await page.getByRole('button', { name: 'Take away', exact: true }).click();
	await stage(page).focus();
	await page.keyboard.press('Enter');
	for (let i = 0; i < 5; i++) await page.keyboard.press('ArrowRight');
	for (let i = 0; i < 5; i++) await page.keyboard.press('ArrowDown');
	await page.keyboard.press('Enter');
	await expect.poll(share).not.toBe(whole);
	const cut = await share();
	await page.keyboard.press('z');
	await expect.poll(share).toBe(whole);
	await page.keyboard.press('y');
	await expect.poll(share).toBe(cut);
	await page.getByRole('button', { name: 'Brush', exact: true }).click();
	await page.getByRole('button', { name: 'Add', exact: true }).first().click();
	const box = (await stage(page).boundingBox())!;
	await page.mouse.move(box.x + box.width * 0.45, box.y + box.height * 0.3);
	await page.mouse.down();
	await page.mouse.move(box.x + box.width * 0.6, box.y + box.height * 0.3, { steps: 6 });
	await page.mouse.up();
	await expect.poll(share).not.toBe(cut);
	await page.getByRole('button', { name: 'Step back' }).click();
	await expect.poll(share).toBe(cut);
	await page.getByRole('button', { name: 'Nearer' }).click();
	await expect(stage(page)).toBeVisible();
});

test('what has run together is parted by a click beside it, by mouse and by key, and stepped back', async ({
	page
}) => {
	await openReference(page, /Midnight Quay/);
	await measure(page);
	const onBody = measured(page).locator('dt', { hasText: 'On the body' }).locator('+ dd');
	const share = () =>
		measured(page).locator('dt', { hasText: 'Share of the picture' }).locator('+ dd').innerText();
	// What is marked as trousers is none of what a click on the jacket means.
	await page.getByRole('button', { name: /burgundy satin tailored trousers/ }).click();
	await page.getByRole('button', { name: 'Take its mark away' }).click();
	await expect(measured(page)).toContainText('Nothing is marked');
	await clickAt(page, 0.43, 0.36);
	await expect(measured(page)).toContainText('% sure');
	const step = page.getByText(/step \d+ of/);
	const [taken = 0] = /\d+(?= of)/.exec(await step.innerText()) ?? [];
	const half = await share();
	// Pressed at once, each press counts.
	for (let i = 0; i < 2; i++) await page.keyboard.press(']');
	await expect(step).toContainText(`step ${Number(taken) + 2} of`);
	await expect.poll(share).not.toBe(half);
	let both = '';
	// What is read follows what is marked.
	await expect
		.poll(
			async () => {
				const before = both;
				both = await share();
				return both === before;
			},
			{ intervals: [500] }
		)
		.toBe(true);
	await clickAt(page, 0.44, 0.7, ['Alt']);
	await expect.poll(share).not.toBe(both);
	await expect(onBody).toContainText('shoulder');
	const jacket = await share();
	await page.keyboard.press('z');
	await expect.poll(share).toBe(both);
	// The keys' pointer begins in the middle of the picture, above the legs.
	for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowLeft');
	for (let i = 0; i < 15; i++) await page.keyboard.press('ArrowDown');
	await page.keyboard.press('Alt+Enter');
	await expect.poll(share).not.toBe(both);
	for (const one of [jacket, await share()]) expect(parseFloat(one)).toBeLessThan(parseFloat(both));
	// A colour that is said stays, and is shown beside what was measured.
	await page.getByLabel('This is a…').fill('green blazer');
	await page.getByLabel('This is a…').press('Enter');
	const said = page.getByRole('button', { name: /green blazer marked/ });
	await said.click();
	await expect(said).toContainText(/said green/);
});

test('files that are no photographs are refused by name, and those beside them are taken in', async ({
	page
}) => {
	await openReference(page, /Rehearsal room/);
	const jpeg = await sharp(demoPhoto())
		.withExif({ IFD0: { Make: 'A camera', Copyright: 'Somebody' }, IFD3: { GPSLatitude: '51/1 30/1 0/1' } })
		.jpeg()
		.toBuffer();
	const files = [
		['nothing.jpg', Buffer.alloc(0)],
		['list.jpg', Buffer.from('three coats, two hats')],
		['phone.heic', Buffer.from('\u0000\u0000\u0000\u0018ftypheic\u0000\u0000\u0000\u0000mif1heic', 'latin1')],
		['half.jpg', jpeg.subarray(0, jpeg.length / 2)],
		['torn.png', (await sharp(demoPhoto()).png().toBuffer()).subarray(0, 5000)],
		['good.jpg', jpeg]
	] as const;
	await page
		.locator('input[type="file"]')
		.first()
		.setInputFiles(files.map(([name, buffer]) => ({ name, mimeType: 'image/jpeg', buffer })));
	await expect(page.getByRole('link', { name: 'Measure photograph 2' })).toBeVisible();
	const told = page.getByRole('alert').filter({ hasText: 'was not taken' });
	for (const words of [
		'nothing.jpg was not taken: it is empty',
		'list.jpg was not taken: it is no picture',
		'phone.heic was not taken: it is a HEIC',
		'half.jpg was not taken: it ends in the middle',
		'torn.png was not taken: it ends in the middle'
	])
		await expect(told).toContainText(words);
	await expectAccessible(page);
	// Nothing but the picture is kept of the good one.
	const kept = await page.evaluate(async () => {
		const asked = <T>(request: IDBRequest<T>) =>
			new Promise<T>((resolve, reject) => {
				request.onsuccess = () => resolve(request.result);
				request.onerror = () => reject(new Error('not read'));
			});
		const database = await asked(indexedDB.open('prime-echo'));
		const stored = await asked<{ bytes: Blob; addedAt: string }[]>(
			database.transaction('photoBytes').objectStore('photoBytes').getAll()
		);
		const latest = stored.sort((a, b) => b.addedAt.localeCompare(a.addedAt))[0];
		return latest!.bytes.text();
	});
	expect(kept.length).toBeGreaterThan(2000);
	expect(kept).not.toContain('Exif');
	expect(kept).not.toContain('A camera');
	await page.getByRole('button', { name: 'Delete photograph 2' }).click();
	await expect(page.getByRole('link', { name: 'Measure photograph 2' })).toBeHidden();
	await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
	await measure(page, 2);
});

test('a photograph lies the right way up, and is measured by touch on a narrow screen', async ({
	browser
}) => {
	const context = await browser.newContext({
		viewport: { width: 390, height: 800 },
		hasTouch: true,
		locale: 'en-GB',
		timezoneId: 'Europe/London'
	});
	const page = await context.newPage();
	await openReference(page, /Rehearsal room/);
	const lying = await sharp(demoPhoto()).rotate(90).withMetadata({ orientation: 8 }).webp().toBuffer();
	await page
		.locator('input[type="file"]')
		.first()
		.setInputFiles({ name: 'lying.webp', mimeType: 'image/webp', buffer: lying });
	await expect(page.getByRole('link', { name: 'Measure photograph 2' })).toBeVisible();
	await measure(page, 2);
	const box = (await stage(page).boundingBox())!;
	expect(box.height).toBeGreaterThan(box.width);
	await page.touchscreen.tap(box.x + box.width / 2, box.y + box.height * 0.6);
	await expect(measured(page)).toContainText('% sure');
	expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
	await context.close();
});

test('pictures of pieces become pieces, one after another, with the keyboard alone', async ({ page }) => {
	await openDemo(page);
	await goTo(page, 'Clients');
	await page.getByRole('heading', { name: 'Tamsin Orrowby' }).click();
	const hung = page.getByRole('heading', { name: /^Wardrobe/ });
	await expect(hung).toContainText('70');
	await page.getByRole('link', { name: 'From pictures' }).click();
	await expect(page.getByText('3 pictures wait')).toBeVisible();
	await page
		.locator('input[type="file"]')
		.first()
		.setInputFiles(
			await Promise.all(
				[1, 2, 3].map(async (n) => ({
					name: `piece-${n}.jpg`,
					mimeType: 'image/jpeg',
					buffer: await sharp(demoPhoto())
						.resize(200 + 50 * n)
						.jpeg()
						.toBuffer()
				}))
			)
		);
	await expect(page.getByText('6 pictures wait')).toBeVisible();
	const line = page.getByLabel('What it is', { exact: true });
	for (const [i, said] of [
		'botanical cotton dress, M, £40',
		'crepe wrap dress',
		'black jumpsuit'
	].entries()) {
		await expect(line).toBeFocused();
		await expect(measured(page)).toContainText('% sure');
		await page.keyboard.type(said);
		await page.keyboard.press('Enter');
		await expect(page.getByText(new RegExp(`${5 - i} pictures? waits?`))).toBeVisible();
	}
	await expectAccessible(page);
	await page.getByRole('button', { name: 'Leave it for later' }).click();
	await expect(page.getByText('3 pictures wait')).toBeVisible();
	await page.getByRole('link', { name: 'Tamsin Orrowby' }).click();
	await expect(hung).toContainText('73');
	await page.getByRole('searchbox').first().fill('wrap dress');
	const card = page.getByRole('article').filter({ hasText: /(Navy|Ink) crepe wrap dress/ });
	await expect(card.first()).toBeVisible();
	await page.getByText('as photographed').click();
	await expect(card.first().locator('image')).toHaveCount(1);
});

test('hems and sleeves are measured by the marks of a body, which are found, moved, taken away and set', async ({
	page
}) => {
	await openReference(page, /The Midnight Quay suit/);
	await measure(page);
	const body = page.getByRole('region', { name: 'The body' });
	await expect(body).toContainText('Its places were found');
	await page.getByRole('button', { name: /burgundy satin tailored trousers/ }).click();
	await expect(measured(page)).toContainText(/On the body.*to the ankle/);

	await body.getByRole('button', { name: 'Show and move them' }).click();
	const knee = page.getByRole('button', { name: 'knee', exact: true });
	const before = (await knee.boundingBox())!;
	await knee.focus();
	for (let i = 0; i < 5; i++) await page.keyboard.press('ArrowUp');
	await expect(body).toContainText('as you set them');
	const after = (await knee.boundingBox())!;
	expect(after.y).toBeLessThan(before.y - 15);
	const ankle = (await page.getByRole('button', { name: 'ankle', exact: true }).boundingBox())!;
	await page.mouse.move(ankle.x + 12, ankle.y + 12);
	await page.mouse.down();
	await page.mouse.move(ankle.x + 12, ankle.y - 88, { steps: 6 });
	await page.mouse.up();
	await expect(measured(page)).toContainText(/On the body.*to .*the floor/);
	await expectAccessible(page);

	await page.getByRole('button', { name: 'wrist', exact: true }).focus();
	await page.keyboard.press('Delete');
	await expect(page.getByRole('button', { name: 'wrist', exact: true })).toBeHidden();
	await body.getByRole('button', { name: 'Set the wrist' }).click();
	await expect(page.getByRole('button', { name: 'wrist', exact: true })).toBeVisible();
	await page.reload();
	await expect(body).toContainText('as you set them');
	await body.getByRole('button', { name: 'Find them anew' }).click();
	await expect(body).toContainText('Its places were found');
});

test('a picture without anybody has marks set by hand, and what is measured fills in what was not said', async ({
	page
}) => {
	await openReference(page, /Glasshouse/);
	const wall = await sharp({ create: { width: 400, height: 600, channels: 3, background: '#b8b4ac' } })
		.composite([
			{
				input: { create: { width: 110, height: 320, channels: 3, background: '#7c1f2f' } },
				left: 145,
				top: 150
			}
		])
		.png()
		.toBuffer();
	await page
		.locator('input[type=file]')
		.first()
		.setInputFiles({ name: 'dress.png', mimeType: 'image/png', buffer: wall });
	await expect(page.getByRole('link', { name: 'Measure photograph 2' })).toBeVisible();
	await measure(page, 2);
	const body = page.getByRole('region', { name: 'The body' });
	await expect(body).toContainText('Nobody was found');
	await body.getByRole('button', { name: 'Set them by hand' }).click();
	await expect(page.getByRole('button', { name: 'crown', exact: true })).toBeVisible();
	await page.getByRole('button', { name: 'Point', exact: true }).click();
	await clickAt(page, 0.5, 0.5);
	await expect(measured(page)).toContainText(/On the body.*mid-calf/);
	await page.getByLabel('This is a…').fill('shift dress');
	await page.getByLabel('This is a…').press('Enter');
	await expect(page.getByRole('button', { name: /midi shift dress/ })).toBeVisible();
});

test('a backup with a photograph of one’s own goes out and comes in byte for byte', async ({
	page,
	browser,
	baseURL
}) => {
	/** What a backup holds: its records but for the moment it was written, and each picture's bytes. */
	const backupOf = async (of: Page) => {
		await goTo(of, 'Studio');
		const saving = of.waitForEvent('download');
		await of.getByRole('button', { name: 'Make a backup' }).click();
		const path = await (await saving).path();
		const { 'studio.json': json, ...files } = unzipSync(readFileSync(path));
		const { writtenOn, ...records } = JSON.parse(strFromU8(json!)) as Record<string, unknown>;
		const hashes = Object.entries(files).map(
			([name, bytes]) => `${name} ${createHash('sha256').update(bytes).digest('hex')}`
		);
		return { path, writtenOn, records, photos: hashes.sort() };
	};
	await openDemo(page);
	await goTo(page, 'Clients');
	await page.getByRole('heading', { name: 'Tamsin Orrowby' }).click();
	await page.getByRole('link', { name: 'From pictures' }).click();
	await expect(page.getByText('3 pictures wait')).toBeVisible();
	await page
		.locator('input[type="file"]')
		.first()
		.setInputFiles({
			name: 'own.jpg',
			mimeType: 'image/jpeg',
			buffer: await sharp(demoPhoto()).resize(260).jpeg().toBuffer()
		});
	await expect(page.getByText('4 pictures wait')).toBeVisible();
	const first = await backupOf(page);
	expect(first.photos.length).toBeGreaterThan(10);

	// Into a browser that has nothing.
	const context = await browser.newContext({ baseURL: baseURL!, serviceWorkers: 'block' });
	const other = await context.newPage();
	await startEmpty(other);
	await goTo(other, 'Studio');
	await restoreField(other).setInputFiles(first.path);
	await dialog(other, 'Put this backup in place of the present studio?')
		.getByRole('button', { name: 'Restore' })
		.click();
	await expect(other.getByText(/^Restored: 3 clients/)).toBeVisible({ timeout: 30_000 });
	const second = await backupOf(other);
	expect(second.photos).toEqual(first.photos);
	expect(JSON.stringify(second.records).length).toBe(JSON.stringify(first.records).length);
	expect(second.records).toEqual(first.records);
	await context.close();
});
