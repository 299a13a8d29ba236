// Takes the pictures of docs/screenshots from the demo studio, afresh: `npm run screenshots`.
import { chromium } from '@playwright/test';
import { join } from 'node:path';
import { build } from './build.mjs';
import { chromiumFlags, chromiumPath } from './chromium.mjs';
import { serve } from './serve.mjs';
import { root } from './setup.mjs';

build();
const { origin, close } = await serve({ port: 4591, quiet: true });
const browser = await chromium.launch({
	executablePath: chromiumPath(),
	args: chromiumFlags
});

async function inDemo(colorScheme, work) {
	const context = await browser.newContext({
		viewport: { width: 1280, height: 800 },
		locale: 'en-GB',
		timezoneId: 'Europe/London',
		colorScheme,
		reducedMotion: 'reduce'
	});
	const page = await context.newPage();
	await page.goto(`${origin}/demo`);
	await page.getByRole('heading', { name: 'Desk' }).waitFor();
	const shoot = async (name) => {
		await page.mouse.move(1000, 2);
		await page.waitForTimeout(400);
		await page.screenshot({ path: join(root, 'docs/screenshots', `${name}.png`) });
	};
	await work(page, shoot);
	await context.close();
}
const place = (page, name) =>
	page.getByRole('navigation', { name: 'Prime Echo' }).getByRole('link', { name, exact: true }).click();
async function openTable(page) {
	await place(page, 'Fitting table');
	await page.getByRole('link', { name: /Midnight Quay, for the Quay Stage/ }).click();
	await page.getByRole('region', { name: 'Cheap substitutes' }).getByRole('button').first().waitFor();
}

await inDemo('light', async (page, shoot) => {
	await place(page, 'References');
	await page.getByRole('link', { name: /Glasshouse/ }).click();
	await page.getByRole('link', { name: 'Measure photograph 1' }).click();
	await page.locator('[role="application"][aria-busy="false"]').waitFor();
	await page.getByRole('button', { name: /kimono jacket/ }).click();
	await page.getByText('% sure').first().waitFor();
	await page.waitForTimeout(800);
	await shoot('photograph');
});
await inDemo('light', async (page, shoot) => {
	await shoot('desk');
	await place(page, 'Clients');
	await page.getByRole('heading', { name: 'Tamsin Orrowby' }).click();
	await page.getByRole('heading', { name: /^Wardrobe/ }).scrollIntoViewIfNeeded();
	await page.getByRole('heading', { name: /^Wardrobe/ }).evaluate((heading) => heading.scrollIntoView());
	await shoot('wardrobe');
	await page.evaluate(() => scrollTo(0, 0));
	await shoot('client');
	await page.getByRole('link', { name: 'All about it: Champagne slip skirt' }).click();
	await page.getByRole('button', { name: 'Build outfits' }).click();
	await page.getByRole('button', { name: 'Keep as a look' }).first().waitFor();
	await page
		.getByRole('heading', { name: 'Outfits from it' })
		.evaluate((heading) => heading.scrollIntoView());
	await shoot('outfits');
	await page.goBack();
	await page.getByRole('heading', { name: /^Wardrobe/ }).waitFor();
	await place(page, 'References');
	await page.getByRole('heading', { name: 'The Midnight Quay suit' }).waitFor();
	await shoot('references');
	await page.getByRole('heading', { name: 'The Midnight Quay suit' }).click();
	await page.getByRole('heading', { name: 'Elements, most important first' }).waitFor();
	await page.getByLabel('Say it as you see it').fill('wine velvet bow tie, long black gloves, no hat');
	await shoot('reading');
	await place(page, 'Recipes');
	await page.getByRole('link', { name: /The 1950s/ }).waitFor();
	await shoot('recipes');
	await openTable(page);
	await shoot('fitting-table');
	await page.getByRole('link', { name: 'Hand over' }).click();
	await page.getByRole('heading', { name: 'Piece by piece' }).waitFor();
	await shoot('lookbook');
	await place(page, 'Studio');
	await shoot('studio');
});
await inDemo('light', async (page, shoot) => {
	await place(page, 'Fitting table');
	await page.getByRole('link', { name: /Rehearsal room, boat-deck interview/ }).click();
	await page.getByRole('button', { name: /^Check/ }).click();
	await page.locator('[data-finding]', { hasText: 'in the rain' }).click();
	await page.waitForTimeout(400);
	await shoot('check');
	await page.getByRole('button', { name: /^Wear/ }).click();
	await page.getByRole('button', { name: 'In which months?' }).click();
	await page.waitForTimeout(800);
	await shoot('wear');
});
await inDemo('light', async (page, shoot) => {
	await place(page, 'Plan');
	for (const name of [/Rehearsal room/, /Keeper’s Watch/, /Midnight Quay/])
		await page.getByText(name).first().click();
	await page.getByLabel('Budget, postage with it').fill('120');
	await page.getByRole('button', { name: 'Plan', exact: true }).click();
	await page.getByRole('slider').waitFor();
	await page.getByRole('button', { name: 'Plan', exact: true }).waitFor();
	await shoot('plan');
	await place(page, 'Orders');
	await page
		.getByText(/expected on/)
		.first()
		.waitFor();
	await shoot('orders');
});
await inDemo('light', async (page, shoot) => {
	await place(page, 'Fitting table');
	await page.getByRole('link', { name: /1930s evening/ }).click();
	await page.getByRole('link', { name: 'Try it on' }).click();
	await page
		.getByText(/It stands as the reference does|Turn |Bend |Let the arm/)
		.first()
		.waitFor();
	await page.waitForTimeout(1500);
	await page
		.getByRole('button', { name: /^Measure on the picture/ })
		.first()
		.click();
	await page
		.getByText(/than planned|as planned|where planned/)
		.first()
		.waitFor();
	await page.keyboard.press('Escape');
	await page.evaluate(() => scrollTo(0, 0));
	await shoot('try-on');
	await place(page, 'Eye');
	await page.getByRole('button', { name: 'Take these weights' }).waitFor();
	await shoot('eye');
	await place(page, 'Ledger');
	await page.getByRole('heading', { name: 'Shops by fit and returns' }).waitFor();
	await shoot('ledger');
});
await inDemo('dark', async (page, shoot) => {
	await openTable(page);
	await shoot('fitting-table-dark');
});
await browser.close();
await close();
process.exit(0);
