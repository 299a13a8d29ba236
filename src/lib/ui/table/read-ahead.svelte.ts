/** For so long the page waits for a part; then it goes on with what else there is. */
const partMs = 12;

/**
 * Reads phrases part by part, so that the page goes on meanwhile; what was read before costs nothing. Call it while a component is being
 * set up.
 *
 * @param read remembers what it read
 */
export function readAhead(phrases: () => readonly string[], read: () => (phrase: string) => unknown) {
	let known = $state(0);
	$effect(() => {
		const [all, reader] = [phrases(), read()];
		let stopped = false;
		let at = 0;
		const part = () => {
			if (stopped) return;
			const until = performance.now() + partMs;
			while (at < all.length && performance.now() < until) reader(all[at++] ?? '');
			known = at;
			if (at < all.length) setTimeout(part);
		};
		part();
		return () => (stopped = true);
	});
	return {
		/** How many are read. */
		get known() {
			return known;
		},
		/** Are all of them? */
		get done() {
			return known >= phrases().length;
		}
	};
}
