/** The built app, kept in the browser by its service worker: started, and replaced by a newer version when that is asked for. */
import { dev } from '$app/environment';

/** How often it is looked for a newer version while a page stays open. */
const lookEveryMs = 60 * 60 * 1000;

/** Keeps the app in this browser. `onnewer` is told of a newer version, with what puts it in place of this one. */
export async function keepApp(onnewer: (takeOver: () => void) => void): Promise<void> {
	if (dev || !('serviceWorker' in navigator)) return;
	const { serviceWorker } = navigator;
	let isAsked = false;
	serviceWorker.addEventListener('controllerchange', () => {
		if (isAsked) location.reload();
	});
	const registration = await serviceWorker.register('/service-worker.js');
	const tell = () => {
		const { waiting } = registration;
		// Without a version in charge there is nothing that the new one would replace.
		if (!waiting || !serviceWorker.controller) return;
		onnewer(() => {
			isAsked = true;
			waiting.postMessage('take-over');
		});
	};
	const follow = () => registration.installing?.addEventListener('statechange', tell);
	tell();
	// One that began to come before this page looked for it is told of as well.
	follow();
	registration.addEventListener('updatefound', follow);
	setInterval(() => void registration.update().catch(() => undefined), lookEveryMs);
}
