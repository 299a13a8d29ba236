import type { LayerState, PlateSide } from '$lib/core';

/** How the two plates are looked at: with hems marked, laid over each other, with layers off, from behind. */
export function plateView() {
	let hems = $state(false);
	let overlay = $state(false);
	let layers = $state<LayerState>('everything on');
	let from = $state<PlateSide>('front');
	return {
		get hems() {
			return hems;
		},
		get overlay() {
			return overlay;
		},
		get layers() {
			return layers;
		},
		get from() {
			return from;
		},
		set from(side) {
			from = side;
		},
		/** Turns both plates round. */
		turn: () => (from = from === 'front' ? 'behind' : 'front'),
		toggleHems: () => (hems = !hems),
		toggleOverlay: () => (overlay = !overlay),
		/** Takes off the next layer that there is, and puts everything on again after the last. */
		nextLayers(states: readonly LayerState[]) {
			layers = states[(states.indexOf(layers) + 1) % states.length] ?? 'everything on';
		}
	};
}
export type PlateView = ReturnType<typeof plateView>;
