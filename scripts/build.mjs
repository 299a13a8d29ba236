// Builds the demo and the app, unless the last build was of this very state.
import { pathToFileURL } from 'node:url';
import { fingerprint, run, setUp, unlessDone } from './setup.mjs';

const sources = [
	'src',
	'static/favicon.svg',
	'demo',
	'package-lock.json',
	'svelte.config.js',
	'vite.config.ts',
	'vite.thread.config.ts',
	'tsconfig.json'
];

export function build() {
	setUp();
	unlessDone('build/.prime-echo-state', fingerprint(sources), () => {
		console.log('Building Prime Echo (about a minute, only when something changed)…');
		run('npx', ['--no-install', 'tsx', 'demo/build.ts']);
		run('npx', ['--no-install', 'vite', 'build', '--logLevel', 'warn']);
		run('npx', ['--no-install', 'vite', 'build', '--config', 'vite.thread.config.ts', '--logLevel', 'warn']);
	});
}

if (import.meta.url === pathToFileURL(process.argv[1]).href) build();
