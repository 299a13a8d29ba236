/** Each test file is a browser of its own: what one tells its other tabs is not heard in a file that runs beside it in another thread. */
import { threadId } from 'node:worker_threads';

const Shared = globalThis.BroadcastChannel;
globalThis.BroadcastChannel = class extends Shared {
	constructor(name: string) {
		super(`${name} of thread ${threadId}`);
	}
};
