// usage: npx tsx tests/shot.mts script.mjs
import { chromium } from '@playwright/test';
import { chromiumFlags, chromiumPath } from '../scripts/chromium.mjs';
import { serve } from '../scripts/serve.mjs';
const { origin, close } = await serve({ port: 4593, quiet: true });
const browser = await chromium.launch({ executablePath: chromiumPath(), args: chromiumFlags });
const [, , script, scheme = 'light', w = '1280', h = '800'] = process.argv;
const context = await browser.newContext({
	viewport: { width: +w, height: +h },
	locale: 'en-GB',
	timezoneId: 'Europe/London',
	colorScheme: scheme as 'light',
	reducedMotion: 'reduce'
});
const page = await context.newPage();
page.on('console', (m) => ['error', 'warning'].includes(m.type()) && console.log('CONSOLE', m.text()));
page.on('pageerror', (e) => console.log('PAGEERROR', e.message));
await page.goto(`${origin}/demo`);
await page.getByRole('heading', { name: 'Desk' }).waitFor();
const place = (name: string) =>
	page.getByRole('navigation', { name: 'Prime Echo' }).getByRole('link', { name, exact: true }).click();
const shoot = async (name: string) => {
	await page.mouse.move(640, 2);
	await page.waitForTimeout(500);
	await page.screenshot({ path: `/tmp/s/${name}.png` });
};
try {
	await (await import(script)).default({ page, place, shoot, origin });
} catch (e) {
	console.log('FAILED', (e as Error).message.slice(0, 600));
	await shoot('failed');
}
await context.close();
await browser.close();
await close();
process.exit(0);
