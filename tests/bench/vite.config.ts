// Bundles the bench, so that it measures the core as it ships: what runs sources as they are gives every function its name at each call.
import { dirname, resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { defineConfig } from 'vite';

const urlOf = (file: string) => pathToFileURL(file).href;

export default defineConfig({
	publicDir: false,
	plugins: [
		{
			// Files are read from beside the source, wherever the bundle lies; the scripts serve the app as it was built.
			name: 'beside-the-source',
			enforce: 'pre',
			resolveId: (id, importer) =>
				importer && /\/scripts\/\w+\.mjs$/.test(id)
					? { id: urlOf(resolve(dirname(importer), id)), external: true }
					: undefined,
			transform: (code, id) =>
				id.includes('/node_modules/') || !/\bimport\.meta\.(?:dirname|url)\b/.test(code)
					? undefined
					: code
							.replaceAll(/\bimport\.meta\.dirname\b/g, JSON.stringify(dirname(id)))
							.replaceAll(/\bimport\.meta\.url\b/g, JSON.stringify(urlOf(id)))
		}
	],
	build: { ssr: 'tests/bench/run.ts', outDir: 'node_modules/.cache/bench' }
});
