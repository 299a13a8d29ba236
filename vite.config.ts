import { sveltekit } from '@sveltejs/kit/vite';
import { optimizeCss } from 'carbon-preprocess-svelte';
import type { Plugin } from 'vite';
import { defineConfig } from 'vitest/config';

/**
 * Carbon's ready style sheet names over two hundred outside font files; the app ships its own two typefaces and
 * puts the text one in place of Carbon's.
 */
function withOwnFonts(): Plugin {
	return {
		name: 'with-own-fonts',
		enforce: 'pre',
		transform(code, id) {
			if (!/carbon-components-svelte\/css\/.*\.css/.test(id)) return;
			const ownFonts = code
				.replace(/@font-face\s*\{[^}]*\}/g, '')
				.replace(/(["']?)IBM Plex (Sans|Mono)\1/g, 'Schibsted Grotesk Variable')
				.replace(/(["']?)IBM Plex Serif\1/g, 'Newsreader Variable');
			return { code: ownFonts, map: null };
		}
	};
}

export default defineConfig({
	plugins: [withOwnFonts(), sveltekit(), optimizeCss()],
	server: { host: '127.0.0.1', port: 4573, strictPort: true },
	worker: { format: 'es' },
	build: { chunkSizeWarningLimit: 900 },
	test: {
		include: ['src/**/*.test.ts', 'demo/**/*.test.ts', 'tests/unit/**/*.test.ts'],
		environment: 'node',
		testTimeout: 20_000
	}
});
