import type { Spot } from '$lib/core';
import type { Measuring, Mode, Tool } from './measuring.svelte';

/** How far an arrow moves the pointer, in pixels of the picture; with Shift, one. */
const arrowStep = 12;
/** The brush, in pixels of the picture. */
export const brushRadius = 9;

interface StageSource {
	state: Measuring;
	tool: () => Tool;
	mode: () => Mode;
	/** A white or grey spot was pointed at. */
	onknown: (spot: Spot, tone: 'white' | 'grey') => void;
}

/** What pointer and keys do on the picture: the same by mouse, finger and key. */
export function photoStage({ state, tool, mode, onknown }: StageSource) {
	/** Where the keys point, in pixels of the picture. */
	let cursor = $state.raw<Spot | undefined>();
	/** Where a box or a stroke began, and its course since. */
	let path = $state.raw<Spot[]>([]);

	const modeOf = (event: { shiftKey: boolean; altKey: boolean }): Mode =>
		event.shiftKey ? 'add' : event.altKey ? 'trim' : mode();

	function pointAt(spot: Spot, how: Mode) {
		const what = tool();
		if (what === 'point') void state.click(spot, how);
		else if (what === 'white' || what === 'grey') onknown(spot, what);
	}
	function end(how: Mode) {
		const [from] = path;
		const to = path.at(-1);
		const course = path;
		path = [];
		if (!from || !to) return;
		if (tool() === 'brush') state.brush(course, brushRadius, how);
		else if (tool() === 'box' && Math.abs(to.x - from.x) > 4 && Math.abs(to.y - from.y) > 4)
			void state.box(boxBetween(from, to), how);
	}

	return {
		get cursor() {
			return cursor;
		},
		get path() {
			return path;
		},
		down(spot: Spot) {
			cursor = undefined;
			if (tool() === 'box' || tool() === 'brush') path = [spot];
		},
		move(spot: Spot) {
			if (path.length > 0) path = tool() === 'box' ? [path[0] ?? spot, spot] : [...path, spot];
		},
		up(spot: Spot, event: PointerEvent) {
			if (path.length > 0) end(modeOf(event));
			else pointAt(spot, modeOf(event));
		},
		leave: () => (path = []),
		/** Arrows move the pointer, Enter points; a box or a stroke takes Enter at its beginning and at its end. */
		key(event: KeyboardEvent): boolean {
			const { width, height } = state.opened ?? { width: 0, height: 0 };
			const at = cursor ?? { x: width / 2, y: height / 2 };
			const by = event.shiftKey ? 1 : arrowStep;
			const arrows: Record<string, Spot> = {
				ArrowLeft: { x: -by, y: 0 },
				ArrowRight: { x: by, y: 0 },
				ArrowUp: { x: 0, y: -by },
				ArrowDown: { x: 0, y: by }
			};
			const arrow = arrows[event.key];
			const deeds: Record<string, () => void> = {
				Enter() {
					cursor = at;
					if (tool() !== 'box' && tool() !== 'brush') pointAt(at, modeOf(event));
					else if (path.length === 0) path = [at];
					else end(modeOf(event));
				},
				'[': () => void state.takeLess(),
				']': () => void state.takeMore(),
				z: state.back,
				y: state.again,
				Escape: () => (path = []),
				Backspace: () => state.mark(undefined)
			};
			if (event.ctrlKey || event.metaKey) return false;
			if (arrow) {
				cursor = {
					x: Math.min(width - 1, Math.max(0, at.x + arrow.x)),
					y: Math.min(height - 1, Math.max(0, at.y + arrow.y))
				};
				if (path.length > 0) this.move(cursor);
				return true;
			}
			const deed = deeds[event.key];
			if (event.key === 'Escape' && path.length === 0) return false;
			deed?.();
			return deed !== undefined;
		}
	};
}

export const boxBetween = (from: Spot, to: Spot) => ({
	x: Math.min(from.x, to.x),
	y: Math.min(from.y, to.y),
	width: Math.abs(to.x - from.x),
	height: Math.abs(to.y - from.y)
});
