import { sveltekit } from '@sveltejs/kit/vite';
import { optimizeCss } from 'carbon-preprocess-svelte';
import postcss from 'postcss';
import type { Plugin } from 'vite';
import { defineConfig } from 'vitest/config';
import { isUnused } from './scripts/carbon.mjs';

/**
 * Carbon's ready style sheet names over two hundred outside font files and brings four more themes; the app ships
 * its own two typefaces, puts the text one in place of Carbon's, and has a theme of its own.
 */
function withOwnLook(): Plugin {
	return {
		name: 'with-own-look',
		enforce: 'pre',
		transform(code, id) {
			if (!/carbon-components-svelte\/css\/.*\.css/.test(id)) return;
			const sheet = postcss.parse(code);
			sheet.walkAtRules('font-face', (rule) => void rule.remove());
			sheet.walkRules((rule) => {
				const kept = rule.selectors.filter((one) => !isUnused(one));
				if (kept.length === 0) rule.remove();
				else rule.selectors = kept;
			});
			const ownLook = sheet
				.toString()
				.replace(/(["']?)IBM Plex (Sans|Mono)\1/g, 'Schibsted Grotesk Variable')
				.replace(/(["']?)IBM Plex Serif\1/g, 'Newsreader Variable');
			return { code: ownLook, map: null };
		}
	};
}

/** What pages stand in: the libraries of the interface and of the store, and the app's own parts around a view. */
const frame = /@sveltejs|\/svelte\/|carbon-|dexie|immer|zod|preload-helper|lib\/(?:ui|store)\//;

/** Texts: a page loads those of the views that it shows, and the ones that every view says. */
const said = /ui\/messages\/(?:frame|count)\.ts/;
const texts = /ui\/messages\/(?!index|views)([\w-]+)\.ts/;

/**
 * The first page that is opened comes in four files, not in ninety of which most hold less than asking for one costs: the desk, what its
 * cards say, how they are drawn, what scores them. Each brings along all that it uses and no earlier one has.
 */
const firstPage = [
	{ name: 'desk', test: /src\/routes\/\+(?:layout|page|error)\.|\/DeskView\.svelte$/ },
	{ name: 'cards', test: /\/(?:EchoCard|DueView|DeskOrders)\.svelte$/ },
	{ name: 'plates', test: /\/PlateFigure\.svelte$/ },
	{ name: 'scores', test: /\/(?:live-score\.ts|ShopNews\.svelte)$/ }
].map((group, i) => ({ ...group, priority: 9 - i }));

export default defineConfig({
	plugins: [withOwnLook(), sveltekit(), optimizeCss()],
	server: { host: '127.0.0.1', port: 4573, strictPort: true },
	worker: { format: 'es' },
	// Dexie's build for present browsers, a third smaller than the one that its package names first.
	resolve: { alias: { dexie: 'dexie/dist/modern/dexie.mjs' } },
	// Tests of reactive code run Svelte's browser side, not the one that renders on a server.
	...(process.env.VITEST && { resolve: { conditions: ['browser'] } }),
	build: {
		chunkSizeWarningLimit: 900,
		rolldownOptions: {
			// What most of the forty places that are loaded by themselves share comes in two files, not in forty of a kilobyte each.
			output: {
				codeSplitting: {
					groups: [
						...firstPage,
						{ name: 'said', test: said, priority: 2 },
						{ name: (id) => texts.exec(id)?.[1] ?? null, debugName: 'texts', test: texts, priority: 1 },
						{ name: 'frame', test: frame, minShareCount: 20 },
						{ name: 'records', minShareCount: 27 }
					]
				}
			},
			// The core and the texts are pure, so what a page does not use of them need not be loaded with it.
			treeshake: {
				moduleSideEffects: [
					{
						// What prepares a library when it is loaded must be.
						test: /\/src\/lib\/(?:ui\/messages|core\/(?!colour\/culori|model\/basics|exchange\/archive))/,
						sideEffects: false
					}
				]
			}
		}
	},
	test: {
		environment: 'node',
		// A bound on hanging, and no figure: a shared machine may be four times as slow for a while.
		testTimeout: 60_000,
		pool: 'threads',
		maxWorkers: '100%',
		projects: [
			{
				extends: true,
				// The core remembers nothing that a test could see: it is loaded once a thread and not once a file, a third of the time.
				test: {
					name: 'core',
					include: ['src/lib/core/**/*.test.ts', 'demo/**/*.test.ts', 'tests/unit/**/*.test.ts'],
					isolate: false,
					setupFiles: ['tests/laws.ts']
				}
			},
			{
				extends: true,
				test: {
					name: 'around',
					include: ['src/lib/!(core)/**/*.test.ts', 'src/routes/**/*.test.ts'],
					setupFiles: ['tests/laws.ts', 'tests/own-channels.ts']
				}
			}
		]
	}
});
