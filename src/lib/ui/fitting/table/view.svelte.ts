import { postures, type Finding, type LayerState, type PlateSide, type Posture } from '$lib/core';

/** The one after it, and the first after the last. */
const after = <T>(all: readonly T[], one: T, first: T): T =>
	all[(all.indexOf(one) + 1) % all.length] ?? first;

/** How the two plates are looked at: with hems marked, laid over each other, with layers off, from behind, sitting and walking. */
export function plateView() {
	let hems = $state(false);
	let overlay = $state(false);
	let layers = $state<LayerState>('everything on');
	let from = $state<PlateSide>('front');
	let posture = $state<Posture>('standing');
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
		get posture() {
			return posture;
		},
		set posture(to) {
			posture = to;
		},
		/** Turns both plates round. */
		turn: () => (from = from === 'front' ? 'behind' : 'front'),
		/** Standing, sitting, walking, and standing again. */
		nextPosture: () => (posture = after(postures, posture, 'standing')),
		toggleHems: () => (hems = !hems),
		toggleOverlay: () => (overlay = !overlay),
		/** Takes off the next layer that there is, and puts everything on again after the last. */
		nextLayers: (states: readonly LayerState[]) => (layers = after(states, layers, 'everything on')),
		/** Shows what the eye found as it is then: with a layer off, or sitting. */
		see(state: Finding['state']) {
			posture = state === 'sitting' ? 'sitting' : 'standing';
			layers = state === undefined || state === 'sitting' ? 'everything on' : state;
		}
	};
}
export type PlateView = ReturnType<typeof plateView>;
