/** What may come a little after what was asked for: some of it after each frame, in the order in which it was asked for. */
import { flushSync } from 'svelte';
import { afterPaint } from './after-paint';

/** As long as it may hold up a frame, in ms: half of one at sixty a second, so that a key or a press meanwhile is answered in time (this project's). */
const aFrame = 8;
// A queue, and nothing that is shown.
// eslint-disable-next-line svelte/prefer-svelte-reactivity
const waiting = new Set<() => void>();
let isRunning = false;

async function run(): Promise<void> {
	isRunning = true;
	while (waiting.size > 0) {
		await afterPaint();
		const started = performance.now();
		for (const come of waiting) {
			waiting.delete(come);
			try {
				flushSync(come);
			} catch (error) {
				// One that cannot be drawn keeps the others waiting no longer.
				reportError(error);
			}
			if (performance.now() - started > aFrame) break;
		}
	}
	isRunning = false;
}

/** A component's turn: it has not come while the component is made, and comes some frames later. Call it while one is being set up. */
export function turn() {
	let come = $state(false);
	$effect(() => {
		const take = () => (come = true);
		waiting.add(take);
		if (!isRunning) void run();
		return () => void waiting.delete(take);
	});
	return {
		get come() {
			return come;
		}
	};
}
