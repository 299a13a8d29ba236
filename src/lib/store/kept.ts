/** Records that did not change stay the very same objects from one answer of a live query to the next. */

/** Other studios may hold other records under the same ids and revs: after a restore nothing is kept. */
let epoch = 0;
const channel =
	typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel('prime-echo-replaced');
channel?.addEventListener('message', () => epoch++);
// A test's process ends though the channel is open.
(channel as unknown as { unref?: () => void } | undefined)?.unref?.();

/** A whole studio was put in place of another: told to every tab. */
export function studioWasReplaced(): void {
	epoch++;
	channel?.postMessage('replaced');
}
export const keptEpoch = (): number => epoch;

export interface Versioned {
	id: string;
	rev: number;
}
const isVersioned = (value: unknown): value is Versioned =>
	typeof value === 'object' && value !== null && 'id' in value && 'rev' in value;

const sameVersion = (a: unknown, b: unknown) =>
	isVersioned(a) && isVersioned(b) && a.id === b.id && a.rev === b.rev;

function listKept(before: readonly unknown[], now: readonly unknown[]): readonly unknown[] {
	const known = new Map(before.filter(isVersioned).map((record) => [record.id, record]));
	let same = before.length === now.length;
	const kept = now.map((record, i) => {
		const old = isVersioned(record) ? known.get(record.id) : undefined;
		const one = old && sameVersion(old, record) ? old : record;
		if (one !== before[i]) same = false;
		return one;
	});
	return same ? before : kept;
}

/**
 * An answer in which every record, list of records and field of them that did not change is the one of the answer before; that answer
 * itself, where nothing did.
 * A record's `rev` tells: each write raises it.
 */
export function kept<T>(before: T | undefined, now: T): T {
	if (before === undefined) return now;
	if (sameVersion(before, now)) return before;
	if (Array.isArray(before) && Array.isArray(now)) return listKept(before, now) as T;
	if (
		typeof now !== 'object' ||
		now === null ||
		isVersioned(now) ||
		typeof before !== 'object' ||
		before === null
	)
		return now;
	const [old, fresh] = [before as Record<string, unknown>, now as Record<string, unknown>];
	const fields = Object.entries(fresh).map(([key, value]): [string, unknown] => [key, kept(old[key], value)]);
	const isSame =
		fields.length === Object.keys(old).length &&
		fields.every(([key, value]) => key in old && value === old[key]);
	return isSame ? before : (Object.fromEntries(fields) as T);
}
