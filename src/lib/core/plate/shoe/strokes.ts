/** Straps, laces and seams on a foot seen from its side. */
import { stitch } from '../drawing';
import type { PlateShape } from '../model';
import { xAt, type Point } from '../path';
import { floor, type Last } from './last';

/** Where the upper begins in front and behind, and the colour of its metal. */
export interface Upper {
	front: Point;
	back: number;
	metal: string | undefined;
}

/** A strap round the leg at a height above the seat of the heel. */
export function round({ back, front, lift }: Last, up: number, hex: string, breadth = 6): PlateShape {
	const y = floor - lift - up;
	const [from, to] = [xAt(back, y), xAt(front, y)];
	return stitch(
		[
			[from - 1, y],
			[(from + to) / 2, y + 4],
			[to + 1, y - 2]
		],
		hex,
		breadth,
		1
	);
}

/** A strap over the foot at a place: from the sole up its near side and over the instep. */
export function over({ instepAt, seatAt }: Last, x: number, hex: string, breadth = 6): PlateShape {
	const up = instepAt(x + 6);
	const down = seatAt(x);
	return stitch(
		[
			[x, down - 2],
			[x + 2, (up + down) / 2],
			[x + 6, up - 1]
		],
		hex,
		breadth,
		1
	);
}

/** Laces over the instep between two places. */
export function laces({ instepAt }: Last, from: number, to: number, hex: string): PlateShape[] {
	const count = Math.max(3, Math.round((to - from) / 8));
	return Array.from({ length: count }, (_, i) => from + ((to - from) * (i + 0.5)) / count).map((x) => {
		const y = instepAt(x);
		return stitch(
			[
				[x - 6, y + 9],
				[x + 1, y - 3]
			],
			hex,
			2.4,
			1
		);
	});
}

/** Laces up the front of a shaft. */
export const lacedUp = ({ front }: Last, from: number, to: number, hex: string): PlateShape[] => {
	const count = Math.max(2, Math.round((to - from) / 12));
	return Array.from({ length: count }, (_, i) => from + ((to - from) * (i + 0.5)) / count).map((y) => {
		const x = xAt(front, y);
		return stitch(
			[
				[x - 10, y + 5],
				[x + 3, y]
			],
			hex,
			2.4,
			1
		);
	});
};

/** A seam from the instep down to the sole. */
export const seamAt = ({ instepAt, seatAt }: Last, x: number, hex: string, lean = 4): PlateShape =>
	stitch(
		[
			[x, instepAt(x) - 2],
			[x + lean, (instepAt(x) + seatAt(x)) / 2],
			[x + lean, seatAt(x + lean)]
		],
		hex,
		1.3
	);
