import { tick } from 'svelte';

/** Gives the focus to the first thing of a selector, once what was changed is drawn: it never falls to the page. */
export async function focusOn(selector: string, within: ParentNode = document): Promise<void> {
	await tick();
	within.querySelector<HTMLElement>(selector)?.focus();
}
