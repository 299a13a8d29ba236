/** Made ready when nothing else is to be done. */
import { whenIdle } from './after-paint';

/** What a page shows has come by then (ms). */
const settlingMs = 300;

const settled = () => new Promise<void>((resolve) => setTimeout(resolve, settlingMs));

/**
 * Makes ready what reads words, on a page that leads to what needs it: what is said or searched for and a client's limits are read
 * by it, and none of them should wait until it is made. It is done step by step, so that a press meanwhile is answered. For an
 * effect: returns what calls it off.
 */
export function readyWhenIdle(): () => void {
	const off = new AbortController();
	const make = async () => {
		await settled();
		await whenIdle();
		const { makeReady } = await import('./make-ready');
		for (let more = true; more && !off.signal.aborted; more = makeReady()) await whenIdle();
	};
	// Whatever does not come now comes when it is asked for.
	make().catch(() => undefined);
	return () => off.abort();
}
