/// <reference lib="webworker" />
/// <reference types="@sveltejs/kit" />
/**
 * Keeps the built app in the browser, so that it opens and works with the server stopped. A page goes on with the version that it began
 * with: a newer one waits until it is asked for.
 */
import { files, version } from '$service-worker';

const worker = globalThis as unknown as ServiceWorkerGlobalScope;

/** One store a version: a page never gets parts of two. */
const store = `prime-echo-${version}`;
/** All pages are rendered in the browser from one shell. */
const shell = '/';
/** What was built for the browser, the parts of workers with it; the build lists it. */
const partsList = '/kept.json';

worker.addEventListener('install', (event) => {
	const keep = async () => {
		const parts = (await (await fetch(partsList, { cache: 'no-store' })).json()) as string[];
		const cache = await caches.open(store);
		await cache.addAll([shell, ...parts, ...files].map((path) => new Request(path, { cache: 'no-cache' })));
	};
	event.waitUntil(keep());
});

worker.addEventListener('activate', (event) => {
	const dropOlder = async () => {
		const names = await caches.keys();
		await Promise.all(
			names
				.filter((name) => name.startsWith('prime-echo-') && name !== store)
				.map((name) => caches.delete(name))
		);
		await worker.clients.claim();
	};
	event.waitUntil(dropOlder());
});

worker.addEventListener('message', ({ data }) => {
	if (data === 'take-over') void worker.skipWaiting();
});

worker.addEventListener('fetch', (event) => {
	const { request } = event;
	const { origin, pathname } = new URL(request.url);
	if (request.method !== 'GET' || origin !== worker.location.origin || pathname.startsWith('/api/')) return;
	const key = request.mode === 'navigate' ? shell : pathname;
	const answer = async () => {
		const cache = await caches.open(store);
		return (await cache.match(key)) ?? fetch(request);
	};
	event.respondWith(answer());
});
