/** Made ready when nothing else is to be done. */
import { readLook } from '$lib/core';

/** What a page shows has come by then (ms). */
const settlingMs = 300;

/**
 * Makes the phrasebook of the reading, on a page that leads to what needs it: what is said or searched for and a client's limits are
 * read by it, and none of them should wait until it is made. For an effect: returns what calls it off.
 */
export function readyWhenIdle(): () => void {
	const make = () => void readLook('navy wool dress');
	let idle: number | undefined;
	const settled = setTimeout(() => {
		if ('requestIdleCallback' in globalThis) idle = requestIdleCallback(make);
		else make();
	}, settlingMs);
	return () => {
		clearTimeout(settled);
		if (idle !== undefined) cancelIdleCallback(idle);
	};
}
