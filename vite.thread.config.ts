// Builds what the server runs in threads of its own, beside the app in build/.
import { defineConfig } from 'vite';

export default defineConfig({
	publicDir: false,
	build: {
		ssr: 'src/lib/server/market/thread.ts',
		outDir: 'build/threads',
		emptyOutDir: true,
		copyPublicDir: false
	},
	ssr: { noExternal: true }
});
