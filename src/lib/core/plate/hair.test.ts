import { describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import { garmentTypes } from '../lexicon/taxonomy';
import { drawPlate } from './draw';
import { extentOf } from './extent';

const styles = garmentTypes.filter(({ family }) => family === 'hairstyles').map(({ id }) => id);
const hats = garmentTypes.filter(({ draws }) => draws === 'hat').map(({ id }) => id);
const dress = { id: 'dress', garment: garment('dress', ['red']), moves: [] };
const drawn = (...types: string[]) =>
	drawPlate({ worn: [dress, ...types.map((type) => ({ id: type, garment: garment(type, []), moves: [] }))] });
const extentIn = (plate: ReturnType<typeof drawPlate>, id: string) =>
	extentOf(plate.layers.filter((layer) => layer.id === id).flatMap(({ shapes }) => shapes));

describe('hair', () => {
	it.each(styles)(
		'as %s covers the crown, and is as far to the left as to the right or falls to one side',
		(style) => {
			const plate = drawn(style);
			const hair = extentIn(plate, style);
			expect(hair, style).toBeDefined();
			expect(hair?.top).toBeLessThanOrEqual(plate.landmarks.crown);
			expect(hair?.left).toBeLessThan(-25);
			expect(hair?.right).toBeGreaterThan(25);
		}
	);
	it('is round on the head: halfway to the side it lies lower than at the crown', () => {
		for (const style of ['low-bun', 'bob', 'loose-hair', 'pixie-crop']) {
			const [behind] =
				drawn(style)
					.layers.find(({ id }) => id === style)
					?.shapes.slice(-1) ?? [];
			// The outline's points from the path, as they are written.
			const points = [...(behind?.d ?? '').matchAll(/(-?[\d.]+),(-?[\d.]+)/g)].map(
				([, x, y]) => [Number(x), Number(y)] as const
			);
			const top = Math.min(...points.map(([, y]) => y));
			const wide = Math.max(...points.map(([x]) => x));
			const shoulder = points.filter(([x]) => x > wide * 0.55 && x < wide * 0.8).map(([, y]) => y);
			expect(Math.min(...shoulder) - top, style).toBeGreaterThan(5);
		}
	});
	it('under a hat is never piled up above it', () => {
		for (const hat of hats)
			for (const style of styles) {
				const plate = drawn(style, hat);
				const [hair, above] = [extentIn(plate, style), extentIn(plate, hat)];
				if (!hair || !above) continue;
				expect(hair.top, `${style} under ${hat}`).toBeGreaterThanOrEqual(
					Math.min(above.top, plate.landmarks.crown - 8) - 1
				);
			}
	});
	it('without a hat stands as high as it is piled', () => {
		const tops = ['buzz-cut', 'side-parting', 'updo', 'beehive'].map(
			(style) => extentIn(drawn(style), style)?.top ?? 0
		);
		expect(tops).toEqual([...tops].sort((a, b) => b - a));
	});
	it('in curls keeps its curls inside', () => {
		const plain = extentIn(drawn('loose-hair'), 'loose-hair');
		const plate = drawPlate({
			worn: [dress, { id: 'curls', garment: garment('loose-hair', [], { hairTexture: 'curly' }), moves: [] }]
		});
		const curled = extentIn(plate, 'curls');
		expect(curled?.right).toBeGreaterThan(plain?.right ?? 0);
		const thread = plate.layers.flatMap(({ shapes }) => shapes).filter(({ fill, stroke }) => !fill && stroke);
		const curls = extentOf(thread.filter(({ d }) => d.split('M').length > 4));
		expect(curls?.right).toBeLessThanOrEqual(curled?.right ?? 0);
	});
});
