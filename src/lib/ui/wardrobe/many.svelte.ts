import { CancelledError } from '$lib/workers/session';
import type { Writer } from '$lib/store/writer';
import { performTold } from '../frame/perform';

/** Fewer than these are done before a bar could be read. */
const worthABar = 100;
/** The bar is drawn after as many: drawing it at each would take longer than the work. */
const atATime = 25;

/** One change of many records: how far it has come, and a way to stop it that leaves all of them as they were. */
export function manyAtOnce() {
	let done = $state(0);
	let all = $state(0);
	let stopped = false;
	return {
		/** Is such a change under way? Another one waits for its end. */
		get busy() {
			return all > 0;
		},
		/** How many of how many are done; undefined while there is nothing to wait for. */
		get progress() {
			return all >= worthABar ? { done, all } : undefined;
		},
		/** Does a deed to each record, as one change with one undo. Resolves to whether it was made. */
		async run(
			label: string,
			records: readonly { id: string }[],
			deed: (writer: Writer, id: string) => Promise<void>
		): Promise<boolean> {
			if (all > 0) return false;
			[done, all, stopped] = [0, records.length, false];
			const made = await performTold(label, async (writer) => {
				for (const [i, { id }] of records.entries()) {
					if (stopped) throw new CancelledError();
					if (i % atATime === 0) done = i;
					await deed(writer, id);
				}
			});
			all = 0;
			return made;
		},
		stop: () => (stopped = true)
	};
}
export type ManyAtOnce = ReturnType<typeof manyAtOnce>;
