import { sveltekit } from '@sveltejs/kit/vite';
import { optimizeCss } from 'carbon-preprocess-svelte';
import type { Plugin } from 'vite';
import { defineConfig } from 'vitest/config';

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
			const ownLook = code
				.replace(/@font-face\s*\{[^}]*\}/g, '')
				.replace(/:root\[theme=\w+\]\s*\{[^}]*\}/g, '')
				.replace(/(["']?)IBM Plex (Sans|Mono)\1/g, 'Schibsted Grotesk Variable')
				.replace(/(["']?)IBM Plex Serif\1/g, 'Newsreader Variable');
			return { code: ownLook, map: null };
		}
	};
}

export default defineConfig({
	plugins: [withOwnLook(), sveltekit(), optimizeCss()],
	server: { host: '127.0.0.1', port: 4573, strictPort: true },
	worker: { format: 'es' },
	// Tests of reactive code run Svelte's browser side, not the one that renders on a server.
	...(process.env.VITEST && { resolve: { conditions: ['browser'] } }),
	build: {
		chunkSizeWarningLimit: 900,
		rolldownOptions: {
			// The core is pure, so what a page does not use of it need not be loaded with it.
			treeshake: {
				moduleSideEffects: [
					{
						test: /\/src\/lib\/core\/(index|lexicon|reading|recipes|plate)/,
						sideEffects: false
					}
				]
			}
		}
	},
	test: {
		include: ['src/**/*.test.ts', 'demo/**/*.test.ts', 'tests/unit/**/*.test.ts'],
		environment: 'node',
		testTimeout: 20_000
	}
});
