// Finds Chromium, or installs Debian's package. Looks on PATH first; waits for apt's lock; tries once more.
import { spawnSync } from 'node:child_process';
import { accessSync, constants } from 'node:fs';
import { delimiter, join } from 'node:path';

/** Keeps Chromium to itself on a closed network. */
export const chromiumFlags = [
	'--no-sandbox',
	'--disable-gpu',
	'--disable-quic',
	'--no-first-run',
	'--disable-background-networking',
	'--disable-component-update',
	'--disable-sync'
];

/** The same engine without the browser's own windows comes first: the journeys through it take a fifth less time. */
const headless = 'chromium-headless-shell';
const names = [headless, 'chromium', 'chromium-browser', 'google-chrome-stable', 'google-chrome'];

/** The path of a Chromium that is here; undefined where none is. */
export function chromiumHere() {
	if (process.env.CHROMIUM_PATH) return process.env.CHROMIUM_PATH;
	for (const folder of (process.env.PATH ?? '').split(delimiter))
		for (const name of names) {
			try {
				accessSync(join(folder, name), constants.X_OK);
				return join(folder, name);
			} catch {
				// Not here; look on.
			}
		}
	return undefined;
}

const apt = (...args) =>
	spawnSync('apt-get', ['-o', 'DPkg::Lock::Timeout=300', ...args], {
		stdio: 'inherit',
		env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
	}).status === 0;

const install = () =>
	apt('update') &&
	[headless, 'chromium'].some((name) => apt('install', '-y', '--no-install-recommends', name));

/** The path of a Chromium; ends the process with what to do when there is none to be had. */
export function chromiumPath() {
	const found = chromiumHere();
	if (found) return found;
	if (process.getuid?.() === 0) {
		console.log('Installing Chromium from Debian’s packages (about 80 MB)…');
		if (install() || install()) {
			const installed = chromiumHere();
			if (installed) return installed;
		}
	}
	console.error(
		'The browser tests need Chromium, and it could not be installed from here.\nInstall it with:  sudo apt-get install chromium\nor name one that is there:  CHROMIUM_PATH=/path/to/chromium npm test'
	);
	process.exit(1);
}
