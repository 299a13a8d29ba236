import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';
import { optimizeImports } from 'carbon-preprocess-svelte';
import { pageDirectives } from './scripts/policy.mjs';

/** @type {import('@sveltejs/kit').Config} */
export default {
	preprocess: [vitePreprocess(), optimizeImports()],
	kit: {
		adapter: adapter({ out: 'build', precompress: true }),
		// One shell for all pages, which the service worker keeps: it names its parts by their whole path.
		paths: { relative: false },
		// The frame registers it, once the first view has settled.
		serviceWorker: { register: false },
		// Pages carry a nonce; every other response gets its policy from scripts/serve.mjs.
		csp: {
			mode: 'auto',
			directives: pageDirectives
		}
	}
};
