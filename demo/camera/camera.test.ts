import { describe, expect, it } from 'vitest';
import {
	drawnMarks,
	measuredPhotographs,
	measuredShapes,
	quantile,
	withinOne
} from '../../tests/photographs';
import { garment } from '../../tests/arbitraries';
import { photograph } from './photograph';

describe('the stand-in camera', () => {
	const look = { worn: [{ id: 'coat', garment: garment('pea-coat', ['navy']), moves: [] }] };
	const shot = { seed: 7, width: 160, height: 240 };

	it('takes the same picture of the same seed, and another of another', async () => {
		const [first, second, other] = await Promise.all([
			photograph(look, undefined, shot),
			photograph(look, undefined, shot),
			photograph(look, undefined, { ...shot, seed: 8 })
		]);
		expect(first.pixels.data).toEqual(second.pixels.data);
		expect(first.pixels.data).not.toEqual(other.pixels.data);
	});
	it('knows where everything is, and lights no white card so that it burns out', async () => {
		for (const seed of [1, 2, 3, 4, 5, 6]) {
			const { scene, card, light, pixels } = await photograph(look, undefined, { ...shot, seed });
			expect(scene.ids).toContain('coat');
			expect(scene.covers.some((cover) => scene.ids[cover] === 'coat')).toBe(true);
			expect(Math.max(...light) * 0.87).toBeLessThan(0.97);
			expect(card.x).toBeLessThan(pixels.width / 2);
		}
	});
});

describe('what is measured on photographs whose truth is known', () => {
	// Seeds that nothing was tuned on; the whole table is printed by the bench.
	it('is found and coloured as nearly as it is said to be', async () => {
		const measured = await measuredPhotographs([501, 502, 503, 504]);
		const median = (field: 'automatic' | 'best' | 'after' | 'hueAndChroma') =>
			quantile(
				measured.flatMap((one) => one[field] ?? []),
				0.5
			);
		expect(measured.length).toBeGreaterThan(10);
		expect(median('automatic')).toBeGreaterThanOrEqual(0.85);
		expect(median('after')).toBeLessThanOrEqual(3);
		expect(median('hueAndChroma')).toBeLessThanOrEqual(1.5);
	}, 120_000);
	it('ends where it was drawn to end, within one step, by marks that a hand sets', async () => {
		const { steps } = await measuredShapes([511, 512, 513, 514, 515, 516, 517], {
			steps: (shot, seed) => drawnMarks(shot, seed, 0.01)
		});
		expect(steps.length).toBeGreaterThan(15);
		expect(withinOne(steps).within).toBeGreaterThanOrEqual(0.9);
	}, 120_000);
});
