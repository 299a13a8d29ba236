import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { composeDemo } from '../../demo/compose';
import { photograph } from '../../demo/camera/photograph';
import { garment } from '../arbitraries';
import { cutsBelow, cutTo, drawnMarks, marksAstray } from '../photographs';
import { modelFiles, poseModel } from '../pose-model';
import { bodyMarkIds, inOrder, marksOfPose, readLook } from '../../src/lib/core';
import { findPose } from '../../src/lib/workers/pose/find-pose';

describe('the pose model', () => {
	it('is the one whose source and terms are told', () => {
		const told = readFileSync('docs/models.md', 'utf8');
		for (const file of modelFiles)
			expect(told).toContain(createHash('sha256').update(readFileSync(file)).digest('hex'));
	});

	it('finds the body of every look of the demo, brimmed hats and all', async () => {
		const model = await poseModel();
		for (const [i, { elements }] of composeDemo().references.entries()) {
			const size = { seed: i + 1, width: 480, height: 720 };
			const shot = await photograph({ worn: inOrder(elements) }, undefined, size);
			const marks = marksOfPose((await findPose(model, shot.pixels)) ?? [], shot.pixels);
			const astray = marksAstray(marks, drawnMarks(shot, 1, 0), 1);
			expect(astray.length, `look ${i}`).toBeGreaterThan(4);
			expect(Math.max(...astray), `look ${i}`).toBeLessThan(0.06);
		}
	}, 120_000);

	it('finds the places of a body, and nobody on an empty wall', async () => {
		const model = await poseModel();
		const look = {
			worn: [
				{ id: 'top', garment: garment('shirt', ['white']), moves: [] },
				{ id: 'legs', garment: garment('trousers', ['navy']), moves: [] }
			]
		};
		const shot = await photograph(look, undefined, { seed: 9, width: 480, height: 720 });
		const points = await findPose(model, shot.pixels);
		const found = marksOfPose(points ?? [], shot.pixels);
		const drawn = drawnMarks(shot, 1, 0);
		for (const id of bodyMarkIds) expect(Math.abs(found[id]!.y - drawn[id]!.y), id).toBeLessThan(0.04);

		// Of a body that the picture cuts off it finds what is there, as large as it is, and nothing beyond.
		for (const [below, endOf] of Object.entries(cutsBelow)) {
			const end = endOf(drawn);
			const cut = cutTo(shot, 0, end);
			const marks = marksOfPose((await findPose(model, cut)) ?? [], cut);
			const astray = marksAstray(marks, drawn, end);
			expect(astray.length, below).toBeGreaterThan(0);
			expect(Math.max(...astray), below).toBeLessThan(0.05);
		}
		// Legs alone are no body that could be measured.
		const legs = cutTo(shot, drawn.waist!.y, 1);
		expect(await findPose(model, legs)).toBeUndefined();

		// Closer looks at somebody cut off at the chest agree on a body squeezed into it; with more room nobody is seen.
		const { elements } = readLook('white shirt, navy trousers');
		const close = await photograph({ worn: elements }, undefined, { seed: 2012, width: 480, height: 720 });
		const chest = cutTo(close, 0, cutsBelow.chest(drawnMarks(close, 2012, 0)));
		expect(await findPose(model, chest)).toBeUndefined();

		const { width, height } = shot.pixels;
		const wall = { width, height, data: new Uint8Array(width * height * 4).fill(150) };
		expect(await findPose(model, wall)).toBeUndefined();
	}, 60_000);
});
