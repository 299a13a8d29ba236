import { describe, expect, it } from 'vitest';
import { readPhoto } from '../../src/lib/core';
import { clothOf, kept, looked, printsRead } from '../cloths';

/** What is seen of cloths that no plate drew, in uneven light, out of focus and with grain. */
describe('the print of a cloth', () => {
	it('is read from most that were looked at, and from most that were not', () => {
		const seen = printsRead(looked, 1, 2);
		const unseen = printsRead(kept, 1, 2);
		// Measured on twelve of each: .93 and .89.
		expect(seen.right / seen.all).toBeGreaterThan(0.88);
		expect(unseen.right / unseen.all).toBeGreaterThan(0.8);
	}, 180_000);
	it.each(['plain', 'halves'] as const)('is none where it is %s, however it is lit', (name) => {
		for (let seed = 100; seed < 112; seed++) {
			const { pixels, mask } = clothOf(looked[name]!, seed);
			expect(readPhoto(pixels, mask)?.print.hint, `seed ${seed}`).toBe('plain');
		}
	});
	it('is the same on a darker picture', () => {
		for (const [name, kind] of Object.entries(looked)) {
			const { pixels, mask } = clothOf(kind, 7);
			const dimmed = { ...pixels, data: pixels.data.map((byte, i) => (i % 4 === 3 ? byte : byte * 0.85)) };
			const [as, dim] = [readPhoto(pixels, mask), readPhoto(dimmed, mask)].map((read) => read?.print.hint);
			expect(dim, name).toBe(as);
		}
	});
});

describe('tones of one hue', () => {
	it('are colours of a check that is woven of them, and no shade of it', () => {
		const tones = (seed: number) => {
			const { pixels, mask } = clothOf(looked.gingham!, seed);
			return readPhoto(pixels, mask)!;
		};
		const found = Array.from({ length: 10 }, (_, i) => tones(300 + i)).filter(
			({ print }) => print.hint === 'check'
		);
		expect(found.length).toBeGreaterThanOrEqual(8);
		for (const { palette } of found) expect(palette.length).toBeGreaterThan(1);
	});
	it('are one colour where the light falls off from one edge of the picture to the other', () => {
		const [width, height] = [120, 90];
		for (const grey of [60, 130, 220]) {
			const data = Uint8Array.from({ length: width * height * 4 }, (_, i) =>
				i % 4 === 3 ? 255 : Math.round(grey * (0.6 + (0.4 * (Math.floor(i / 4) % width)) / width))
			);
			const read = readPhoto({ width, height, data }, { x: 0, y: 0, width, height });
			expect(read?.palette, `grey ${grey}`).toHaveLength(1);
			expect(read?.print.hint).toBe('plain');
		}
	});
	it('are one colour where light and folds make them', () => {
		for (let seed = 400; seed < 410; seed++) {
			const { pixels, mask } = clothOf(looked.plain!, seed);
			expect(readPhoto(pixels, mask)?.palette, `seed ${seed}`).toHaveLength(1);
		}
	});
});
