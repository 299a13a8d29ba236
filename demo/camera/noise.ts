import { xorshift128plus } from 'pure-rand/generator/xorshift128plus';

/** Chance of one seed: 0..1, the same sequence each time. */
export function chance(seed: number): () => number {
	// Neighbouring seeds begin alike: they are spread first, and the beginning is left out.
	const generator = xorshift128plus(Math.imul(seed + 1, 0x9e3779b1));
	for (let i = 0; i < 16; i++) generator.next();
	return () => (generator.next() >>> 0) / 2 ** 32;
}

/** Smooth noise over a plane, about −1..1: random heights on a grid, eased between. */
export function smoothNoise(random: () => number, columns = 64, rows = 64): (x: number, y: number) => number {
	const heights = Float32Array.from({ length: columns * rows }, () => random() * 2 - 1);
	const at = (x: number, y: number) =>
		heights[(((y % rows) + rows) % rows) * columns + (((x % columns) + columns) % columns)] ?? 0;
	const ease = (t: number) => t * t * (3 - 2 * t);
	return (x, y) => {
		const [left, top] = [Math.floor(x), Math.floor(y)];
		const [across, down] = [ease(x - left), ease(y - top)];
		const upper = at(left, top) * (1 - across) + at(left + 1, top) * across;
		const lower = at(left, top + 1) * (1 - across) + at(left + 1, top + 1) * across;
		return upper * (1 - down) + lower * down;
	};
}
