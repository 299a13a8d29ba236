/** Pictures whose every pixel is said. */
import type { Pixels } from '../src/lib/core';

export const bytesOf = (hex: string): number[] => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));

export function picture(width: number, height: number, hexAt: (x: number, y: number) => string): Pixels {
	const data = new Uint8Array(width * height * 4);
	for (let at = 0; at < width * height; at++)
		data.set([...bytesOf(hexAt(at % width, Math.floor(at / width))), 255], at * 4);
	return { width, height, data };
}
