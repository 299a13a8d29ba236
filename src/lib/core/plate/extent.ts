import type { PlateShape } from './model';

export interface Extent {
	left: number;
	top: number;
	right: number;
	bottom: number;
}

/**
 * The box round all that shapes draw, in plate units; undefined where nothing is drawn. Their paths use absolute
 * coordinates in pairs, and ellipses begin at their left end.
 */
export function extentOf(shapes: readonly PlateShape[]): Extent | undefined {
	let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
	const take = (x: number, y: number) => {
		left = Math.min(left, x);
		right = Math.max(right, x);
		top = Math.min(top, y);
		bottom = Math.max(bottom, y);
	};
	for (const { d } of shapes) {
		const numbers = (d.match(/-?\d+(?:\.\d+)?/g) ?? []).map(Number);
		if (d.includes('a')) {
			const [x = 0, y = 0, rx = 0, ry = 0] = numbers;
			take(x, y - ry);
			take(x + 2 * rx, y + ry);
		} else for (let i = 0; i + 1 < numbers.length; i += 2) take(numbers[i] ?? 0, numbers[i + 1] ?? 0);
	}
	return left <= right ? { left, top, right, bottom } : undefined;
}
