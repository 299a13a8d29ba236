/** The journeys' test: a page that tolerates no foreign request, no console error, no exception, no policy violation. */
import { test as base, expect, type Locator, type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';

export { expect };

declare global {
	interface Window {
		policyViolations?: string[];
		axe?: { run: (options: unknown) => Promise<{ violations: { id: string; nodes: { html: string }[] }[] }> };
	}
}

export const test = base.extend<{ tolerated: RegExp[] }>({
	/** Console errors that a journey brings about on purpose, such as a server cut off. */
	tolerated: [[], { option: true }],
	page: async ({ page, baseURL, tolerated }, use) => {
		const faults: string[] = [];
		const note = (fault: string) => {
			if (!tolerated.some((pattern) => pattern.test(fault))) faults.push(fault);
		};
		page.on('request', (request) => {
			const url = request.url();
			if (!url.startsWith(`${baseURL}/`) && !/^(blob|data):/.test(url)) note(`foreign request: ${url}`);
		});
		page.on('console', (message) => {
			if (message.type() === 'error') note(`console: ${message.text()}`);
		});
		page.on('pageerror', (error) => note(`exception: ${error.message}`));
		await page.exposeFunction('notePolicyViolation', (violation: string) => note(`policy: ${violation}`));
		await page.addInitScript(() => {
			document.addEventListener('securitypolicyviolation', (event) => {
				const report = (window as unknown as { notePolicyViolation: (text: string) => void })
					.notePolicyViolation;
				report(`${event.violatedDirective} ${event.blockedURI}`);
			});
		});
		// THROTTLE=4 npx playwright test: the same journeys on a machine four times as slow.
		const throttle = Number(process.env.THROTTLE ?? 1);
		if (throttle > 1) {
			const session = await page.context().newCDPSession(page);
			await session.send('Emulation.setCPUThrottlingRate', { rate: throttle });
		}
		await use(page);
		expect(faults).toEqual([]);
	}
});

const axeSource = readFileSync('node_modules/axe-core/axe.min.js', 'utf8');

type ColorScheme = 'light' | 'dark';
export const bothSchemes: readonly ColorScheme[] = ['light', 'dark'];

/** Runs axe-core (WCAG 2.2 A and AA) over what is shown, in each of the colour schemes, and expects nothing. */
export async function expectAccessible(
	page: Page,
	schemes: readonly ColorScheme[] = ['light']
): Promise<void> {
	await page.evaluate(axeSource);
	for (const colorScheme of schemes) {
		await page.emulateMedia({ colorScheme });
		await expectNoViolations(page, colorScheme);
	}
}

async function expectNoViolations(page: Page, colorScheme: ColorScheme): Promise<void> {
	const violations = await page.evaluate(async () => {
		// Colours are measured at rest: a button that is on its way from one state to the next has neither's.
		const passing = document
			.getAnimations()
			.filter(
				({ playState, effect }) =>
					playState === 'running' && Number.isFinite(effect?.getComputedTiming().endTime)
			);
		await Promise.all(passing.map(({ finished }) => finished.catch(() => undefined)));
		const result = await window.axe?.run({
			runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']
		});
		return result?.violations.map(
			({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`
		);
	});
	expect(violations, colorScheme).toEqual([]);
}

export async function openDemo(page: Page): Promise<void> {
	await page.goto('/demo');
	// The demo is read, checked and written: on a busy machine that is what a journey waits longest for.
	await expect(page.getByRole('heading', { name: 'Desk' })).toBeVisible({ timeout: 45_000 });
}

export async function startEmpty(page: Page): Promise<void> {
	await page.goto('/');
	await page.getByRole('button', { name: 'Start my own studio' }).click();
	await expect(page.getByRole('heading', { name: 'Clients' })).toBeVisible();
}

export async function goTo(page: Page, place: string): Promise<void> {
	const link = page
		.getByRole('navigation', { name: 'Prime Echo' })
		.getByRole('link', { name: place, exact: true });
	await link.click();
	await expect(link).toHaveAttribute('aria-current', 'page');
	await expect(page.getByRole('heading', { level: 1, name: place })).toBeVisible();
}

/** Types a word into a combo box of a form and takes the entry that reads so; menus open outside their form. */
export async function pick(form: Locator, label: string, word: string, entry: RegExp): Promise<void> {
	const box = form.getByRole('combobox', { name: label });
	await box.click();
	await box.pressSequentially(word);
	await form.page().locator('.bx--list-box__menu').getByRole('option', { name: entry }).first().click();
}

/** What a piece or element is, as a stylist enters it. */
export interface Entered {
	type: string;
	colour?: string;
	facets?: Record<string, string>;
}

/** Fills in the garment part of an open form. */
export async function fillGarment(form: Locator, { type, colour, facets = {} }: Entered): Promise<void> {
	await pick(form, 'What it is', type, new RegExp(`^${type} ·`));
	if (colour) await pick(form, 'Add a colour', colour, new RegExp(`^${colour}$`));
	for (const [label, value] of Object.entries(facets))
		await form.getByLabel(label, { exact: true }).selectOption(value);
}

/** Where a backup is chosen to be restored. */
export const restoreField = (page: Page) =>
	page
		.locator('section')
		.filter({ has: page.getByRole('heading', { name: 'Restore' }) })
		.locator('input[type="file"]');

export const dialog = (page: Page, name: string) => page.getByRole('dialog', { name });

/** The score on the fitting table, as a number. */
export async function scoreOf(page: Page): Promise<number> {
	const text = await page.getByRole('region', { name: 'Closeness' }).locator('.number').innerText();
	return Number(/\d+/.exec(text)?.[0]);
}
