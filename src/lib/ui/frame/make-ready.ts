/** What reads words, made ready step by step: what it looks them up in, then what reads a look and what reads a limit. */
import { isKnownLimit, prepareReading, readLook } from '$lib/core';

/** What is made at first use is made by using it, on words that stand for all others. */
const uses = [
	() => readLook('navy wool dress'),
	() => isKnownLimit('strapless'),
	() => isKnownLimit('no polka dots')
];
let used = 0;

/** Makes one step more, each within some 60 ms; says whether more is to be made. */
export function makeReady(): boolean {
	if (used === 0 && prepareReading()) return true;
	uses[used++]?.();
	return used < uses.length;
}
