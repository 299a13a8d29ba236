import { tick } from 'svelte';

/** Is the focus on nothing, or on what can no longer have it? */
const isLost = () => document.activeElement === document.body || document.activeElement?.matches(':disabled');

/** The store's answer to what was done comes within this. */
const followMs = 1000;
/** Only the last that was given the focus is followed. */
let following: MutationObserver | undefined;

/** Gives the focus to the first thing of a selector whenever it is lost within the time in which the store answers. */
export function focusWhenLost(
	selector: string,
	{ within = document, ...options }: FocusOptions & { within?: ParentNode } = {}
): void {
	const give = () => {
		if (isLost()) within.querySelector<HTMLElement>(selector)?.focus(options);
	};
	following?.disconnect();
	const watch = (following = new MutationObserver(give));
	watch.observe(document.body, { childList: true, subtree: true });
	setTimeout(() => {
		if (watch === following) give();
		watch.disconnect();
	}, followMs);
}

/**
 * Gives the focus to the first thing of a selector, once what was changed is drawn: it never falls to the page. Where the answer
 * of the store draws that thing a moment later, or in another place, the focus follows it.
 */
export async function focusOn(selector: string, within: ParentNode = document): Promise<void> {
	await tick();
	within.querySelector<HTMLElement>(selector)?.focus();
	focusWhenLost(selector, { within });
}
