import { defineConfig } from '@playwright/test';
import { chromiumFlags } from './scripts/chromium.mjs';

const port = 4589;

/** Journeys through the built app in Debian's Chromium: two at a time, each in a browser of its own, no pixel comparison. */
export default defineConfig({
	testDir: 'tests/e2e',
	// Journeys of one file as well: by files, the last of them is waited for by one alone.
	fullyParallel: true,
	workers: 2,
	timeout: 120_000,
	// A bound on hanging, and no figure: a shared machine may stand still for a while.
	expect: { timeout: 30_000 },
	forbidOnly: Boolean(process.env.CI),
	reporter: [['list']],
	use: {
		baseURL: `http://127.0.0.1:${port}`,
		viewport: { width: 1280, height: 800 },
		locale: 'en-GB',
		timezoneId: 'Europe/London',
		// Journeys meet the server; those of what is kept without it say so.
		serviceWorkers: 'block',
		actionTimeout: 25_000,
		// What was done, step by step, and how it looked in the end; a copy of the page at every step costs a third of the time.
		trace: { mode: 'retain-on-failure', snapshots: false, screenshots: false },
		screenshot: 'only-on-failure',
		launchOptions: {
			executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
			args: chromiumFlags
		}
	},
	webServer: {
		command: 'node scripts/serve.mjs',
		env: { PORT: String(port) },
		url: `http://127.0.0.1:${port}`,
		reuseExistingServer: false
	}
});
