// Finds Chromium, or installs Debian's package. Looks on PATH first; waits for apt's lock; tries once more.
import { spawnSync } from 'node:child_process';
import { accessSync, constants } from 'node:fs';
import { delimiter, join } from 'node:path';
import { pathToFileURL } from 'node:url';

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

/** The same engine without the browser's own windows: the journeys take a fifth less time in it. It sets letters on whole pixels. */
const headless = 'chromium-headless-shell';
const browsers = ['chromium', 'chromium-browser', 'google-chrome-stable', 'google-chrome'];

/** The path of a Chromium that is here, of the whole browser before the engine alone where `whole`; undefined where none is. */
export function chromiumHere({ whole = true } = {}) {
	if (process.env.CHROMIUM_PATH) return process.env.CHROMIUM_PATH;
	for (const name of whole ? [...browsers, headless] : [headless, ...browsers])
		for (const folder of (process.env.PATH ?? '').split(delimiter)) {
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

const install = (whole) =>
	apt('update') &&
	(whole ? ['chromium'] : [headless, 'chromium']).some((name) =>
		apt('install', '-y', '--no-install-recommends', name)
	);

/** The path of a Chromium, as `chromiumHere` takes it; ends the process with what to do when there is none to be had. */
export function chromiumPath({ whole = true } = {}) {
	const found = chromiumHere({ whole });
	if (found) return found;
	if (process.getuid?.() === 0) {
		console.log('Installing Chromium from Debian’s packages (about 80 MB)…');
		if (install(whole) || install(whole)) {
			const installed = chromiumHere({ whole });
			if (installed) return installed;
		}
	}
	console.error(
		'The browser tests need Chromium, and it could not be installed from here.\nInstall it with:  sudo apt-get install chromium\nor name one that is there:  CHROMIUM_PATH=/path/to/chromium npm test'
	);
	process.exit(1);
}

// Fetched beside other work; what fails here is told by whoever asks for the path.
if (
	import.meta.url === pathToFileURL(process.argv[1]).href &&
	!chromiumHere({ whole: false }) &&
	process.getuid?.() === 0
)
	install(false);
