// Builds the demo and the app, unless the last build was of this very state.
import { readdirSync, writeFileSync } from 'node:fs';
import { pathToFileURL } from 'node:url';
import { fingerprint, run, setUp, unlessDone } from './setup.mjs';

const sources = [
	'src',
	'static/favicon.svg',
	'demo',
	'package-lock.json',
	'scripts/build.mjs',
	'scripts/policy.mjs',
	'svelte.config.js',
	'vite.config.ts',
	'vite.thread.config.ts',
	'tsconfig.json'
];

/**
 * Lists what the service worker keeps: everything that was built for the browser. Kit's own list leaves out what workers are
 * made of.
 */
function listKept() {
	const parts = readdirSync('build/client/_app/immutable', { recursive: true, withFileTypes: true })
		.filter((entry) => entry.isFile() && !/\.(br|gz)$/.test(entry.name))
		.map((entry) => `/${entry.parentPath.replace('build/client/', '')}/${entry.name}`);
	writeFileSync('build/client/kept.json', JSON.stringify(parts.sort()));
}

export function build() {
	setUp();
	unlessDone('build/.prime-echo-state', fingerprint(sources), () => {
		console.log('Building Prime Echo (about a minute, only when something changed)…');
		run('npx', ['--no-install', 'tsx', 'demo/build.ts']);
		run('npx', ['--no-install', 'vite', 'build', '--logLevel', 'warn']);
		run('npx', ['--no-install', 'vite', 'build', '--config', 'vite.thread.config.ts', '--logLevel', 'warn']);
		listKept();
	});
}

if (import.meta.url === pathToFileURL(process.argv[1]).href) build();
