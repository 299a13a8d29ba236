import { SvelteSet } from 'svelte/reactivity';
import type { Piece } from '$lib/core';

/** Pieces that are chosen to be changed together. What is gone is no longer chosen. */
export function selection(pieces: () => readonly Piece[], shown: () => readonly Piece[]) {
	const ids = new SvelteSet<string>();
	/** Where a range begins: what was chosen last. */
	let anchor: string | undefined;
	const chosen = $derived(pieces().filter(({ id }) => ids.has(id)));
	const hidden = $derived(chosen.length - shown().filter(({ id }) => ids.has(id)).length);
	return {
		get chosen() {
			return chosen;
		},
		/** Chosen, and not shown now. */
		get hidden() {
			return hidden;
		},
		has: (id: string) => ids.has(id),
		/** Chooses a piece or no longer; with a range, all from the one chosen last to this one as well. */
		toggle(id: string, range = false) {
			const order = shown().map((piece) => piece.id);
			const [from, to] = [order.indexOf(anchor ?? ''), order.indexOf(id)];
			if (range && from >= 0 && to >= 0)
				for (const one of order.slice(Math.min(from, to), Math.max(from, to) + 1)) ids.add(one);
			else if (!ids.delete(id)) ids.add(id);
			anchor = id;
		},
		all() {
			for (const { id } of shown()) ids.add(id);
		},
		none() {
			ids.clear();
			anchor = undefined;
		}
	};
}
export type Selection = ReturnType<typeof selection>;
