import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';
import { optimizeImports } from 'carbon-preprocess-svelte';
import { pageDirectives } from './scripts/policy.mjs';

/** @type {import('@sveltejs/kit').Config} */
export default {
	preprocess: [vitePreprocess(), optimizeImports()],
	kit: {
		adapter: adapter({ out: 'build', precompress: true }),
		// Pages carry a nonce; every other response gets its policy from scripts/serve.mjs.
		csp: {
			mode: 'auto',
			directives: pageDirectives
		}
	}
};
