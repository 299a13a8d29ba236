import { describe, expect, it, vi } from 'vitest';
import type { Measuring, Mode, Tool } from './measuring.svelte';
import { boxBetween, photoStage } from './stage.svelte';

/** A stage with a photo of 100 × 80 on it, and what was asked of it. */
function staged(tool: Tool, mode: Mode = 'new') {
	const state = {
		opened: { width: 100, height: 80 },
		click: vi.fn(),
		box: vi.fn(),
		brush: vi.fn(),
		takeLess: vi.fn(),
		takeMore: vi.fn(),
		back: vi.fn(),
		again: vi.fn(),
		mark: vi.fn()
	};
	const onknown = vi.fn();
	const stage = photoStage({
		state: state as unknown as Measuring,
		tool: () => tool,
		mode: () => mode,
		onknown
	});
	const key = (name: string, held: Partial<KeyboardEvent> = {}) =>
		stage.key({
			key: name,
			shiftKey: false,
			altKey: false,
			ctrlKey: false,
			metaKey: false,
			...held
		} as KeyboardEvent);
	const pointer = (held: Partial<PointerEvent> = {}) =>
		({ shiftKey: false, altKey: false, ...held }) as PointerEvent;
	return { state, stage, key, pointer, onknown };
}

describe('pointing at a photograph', () => {
	it('is the same by key as by mouse', () => {
		const { state, stage, key, pointer } = staged('point');
		key('ArrowRight');
		key('Enter');
		stage.down({ x: 62, y: 40 });
		stage.up({ x: 62, y: 40 }, pointer());
		expect(state.click.mock.calls).toEqual([
			[{ x: 62, y: 40 }, 'new'],
			[{ x: 62, y: 40 }, 'new']
		]);
	});
	it('adds with Shift, takes away with Alt, and does as chosen with neither', () => {
		const { state, stage, pointer } = staged('point', 'trim');
		for (const held of [{ shiftKey: true }, { altKey: true }, {}]) stage.up({ x: 1, y: 2 }, pointer(held));
		expect(state.click.mock.calls.map(([, mode]) => mode)).toEqual(['add', 'trim', 'trim']);
	});
	it('stays on the picture, by large steps and small', () => {
		const { stage, key } = staged('point');
		for (let i = 0; i < 30; i++) key('ArrowLeft');
		key('ArrowRight', { shiftKey: true });
		for (let i = 0; i < 30; i++) key('ArrowDown');
		expect(stage.cursor).toEqual({ x: 1, y: 79 });
	});
	it('draws a box from Enter to Enter, and from press to release; a click is no box', () => {
		const { state, stage, key, pointer } = staged('box');
		key('Enter');
		key('ArrowRight');
		key('ArrowDown');
		expect(stage.path).toHaveLength(2);
		key('Enter');
		stage.down({ x: 90, y: 70 });
		stage.move({ x: 60, y: 20 });
		stage.up({ x: 60, y: 20 }, pointer());
		stage.down({ x: 5, y: 5 });
		stage.up({ x: 5, y: 5 }, pointer());
		expect(state.box.mock.calls).toEqual([
			[{ x: 50, y: 40, width: 12, height: 12 }, 'new'],
			[{ x: 60, y: 20, width: 30, height: 50 }, 'new']
		]);
		expect(boxBetween({ x: 9, y: 1 }, { x: 3, y: 5 })).toEqual({ x: 3, y: 1, width: 6, height: 4 });
	});
	it('brushes along its whole course, and lets go when the pointer is lost', () => {
		const { state, stage, pointer } = staged('brush');
		const course = [1, 2, 3].map((x) => ({ x, y: x }));
		stage.down(course[0]!);
		stage.move(course[1]!);
		stage.move(course[2]!);
		stage.up(course[2]!, pointer());
		expect(state.brush).toHaveBeenCalledWith(course, expect.any(Number), 'new');
		stage.down(course[0]!);
		stage.leave();
		expect(stage.path).toEqual([]);
	});
	it('tells what is white or grey, and marks nothing then', () => {
		for (const tone of ['white', 'grey'] as const) {
			const { state, stage, onknown, pointer } = staged(tone);
			stage.up({ x: 3, y: 4 }, pointer());
			expect(onknown).toHaveBeenCalledWith({ x: 3, y: 4 }, tone);
			expect(state.click).not.toHaveBeenCalled();
		}
	});
	it('leaves the studio’s own keys alone', () => {
		const { state, key } = staged('point');
		expect(key('z', { ctrlKey: true })).toBe(false);
		expect(key('Tab')).toBe(false);
		expect(key('Escape')).toBe(false);
		expect([key('z'), key('y'), key('['), key(']'), key('Backspace')]).toEqual([
			true,
			true,
			true,
			true,
			true
		]);
		expect(state.back).toHaveBeenCalledTimes(1);
		expect(state.mark).toHaveBeenCalledWith(undefined);
	});
});
