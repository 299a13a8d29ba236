/** A part of the drawing, or the drawing itself, that is fetched when it is first asked for, and kept for all plates. */
function apart<T>(load: () => Promise<T>) {
	let loaded = $state.raw<T>();
	let asked = false;
	return {
		/** The part; undefined until it has come. */
		get now() {
			return loaded;
		},
		/** Asks for it; one that did not come is asked for again. */
		ask() {
			if (asked) return;
			asked = true;
			load().then(
				(part) => (loaded = part),
				() => (asked = false)
			);
		}
	};
}

/** The figure, for cards that can be read before they are drawn. */
export const figures = apart(() => import('./PlateFigure.svelte'));
/** How plates are carried into a posture. */
export const carrying = apart(() => import('$lib/core/plate/posture'));
/** How a shoe is drawn from its side. */
export const shoemaking = apart(() => import('$lib/core/plate/shoe'));
