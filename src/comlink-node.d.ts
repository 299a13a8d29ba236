/** Makes a thread of Node.js what Comlink speaks to; the package has no types for it under this name. */
declare module 'comlink/dist/esm/node-adapter.mjs' {
	export default function nodeEndpoint(
		thread: import('node:worker_threads').MessagePort | import('node:worker_threads').Worker
	): import('comlink').Endpoint;
}
