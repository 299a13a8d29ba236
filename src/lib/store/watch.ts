/** Watches over the store of this tab: what other tabs do to it, and what is done once when the app starts. */
import { liveQuery } from 'dexie';
import { database, NewerStoreError, storeEvents, type MissingPhotos } from './database';
import { writeForeseen } from './foreseen';
import { fetchDemoPhotos, sweepPhotos } from './photos';
import { askToKeep } from './storage';
import { mendSettings } from './studio';

// Whatever asks the store first waits for it.
database.on('ready', (ready) => writeForeseen(ready as typeof database));

export type StoreTrouble =
	/** Another tab runs a newer Prime Echo, or cleared the browser: this one has let go for good. */
	| { kind: 'closed'; why: 'newer' | 'deleted' }
	/** The store was written by a newer Prime Echo than this one. */
	| { kind: 'newer' }
	/** Other tabs hold the store while it is to be brought up; named by their titles where they answer. */
	| { kind: 'blocked'; tabs: string[] };

const channelName = 'prime-echo';
/** As long as other tabs are given to say what they are called. */
const answerMs = 400;

/**
 * Tells of trouble as it comes, and `undefined` when it is over. Other tabs that ask who holds the store are answered with
 * this tab's title. Tells of photographs of the demo that did not come as well. Returns how to stop.
 */
export function watchStore(
	ontrouble: (trouble: StoreTrouble | undefined) => void,
	onphotosmissing: (missing: MissingPhotos) => void
): () => void {
	const channel = typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel(channelName);
	let waiting: string[] | undefined;
	channel?.addEventListener('message', ({ data }: MessageEvent<{ ask?: true; title?: string }>) => {
		if (data.ask) channel.postMessage({ title: document.title });
		else if (data.title !== undefined) waiting?.push(data.title);
	});
	storeEvents.onphotosmissing = onphotosmissing;
	storeEvents.onclosed = (why) => ontrouble({ kind: 'closed', why });
	storeEvents.onblocked = () => {
		waiting = [];
		ontrouble({ kind: 'blocked', tabs: [] });
		channel?.postMessage({ ask: true });
		setTimeout(() => {
			if (waiting && waiting.length > 0 && !database.isOpen()) ontrouble({ kind: 'blocked', tabs: waiting });
		}, answerMs);
	};

	void (async () => {
		try {
			await database.open();
			if (waiting) ontrouble(undefined);
			waiting = undefined;
			await mendSettings();
			await sweepPhotos();
			void fetchDemoPhotos();
			await askToKeep();
			// Asked once more when the first record of the stylist's own is there.
			const asked = liveQuery(() => database.clients.count()).subscribe((count) => {
				if (count === 0) return;
				void askToKeep();
				setTimeout(() => asked.unsubscribe());
			});
		} catch (error) {
			if (
				error instanceof Error &&
				(error instanceof NewerStoreError || error.message.includes('newer Prime Echo'))
			)
				ontrouble({ kind: 'newer' });
			// Anything else is told by the view that needs the store.
		}
	})();
	return () => channel?.close();
}
