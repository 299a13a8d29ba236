/** Work on a large rail is done an element at a time, so that the table is drawn and heard in between. */
import type { Candidates, Element } from '$lib/core';

/** Up to as many ways of wearing what is owned, all elements are worked out at once: no one waits for that. */
const atOnce = 300;

/**
 * Works out the offers of every element of a look and tells when all are there. Of a small rail they are there at once.
 * Call it while a component is being set up.
 */
export function offersInSteps(source: () => { candidates: Candidates; elements: readonly Element[] }) {
	let ready = $state.raw<Candidates | undefined>();
	$effect(() => {
		const { candidates, elements } = source();
		if (candidates.wardrobe.length <= atOnce) return;
		let at = 0;
		let timer: ReturnType<typeof setTimeout> | undefined;
		const step = () => {
			const element = elements[at++];
			if (!element) {
				ready = candidates;
				return;
			}
			candidates.offers(element.id);
			timer = setTimeout(step);
		};
		timer = setTimeout(step);
		return () => clearTimeout(timer);
	});
	return {
		get areThere() {
			const { candidates } = source();
			return candidates.wardrobe.length <= atOnce || ready === candidates;
		}
	};
}
