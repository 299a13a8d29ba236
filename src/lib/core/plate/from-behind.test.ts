import { describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import { garmentTypes } from '../lexicon/taxonomy';
import { garmentSchema } from '../model';
import { drawPlate, plateSvg } from '.';
import { fromBehind, fastensBehind } from './from-behind';

const worn = (type: string, facets: Record<string, string> = {}) => ({
	worn: [{ id: 'one', garment: garment(type, ['navy'], facets), moves: [] }]
});
const shapesOf = (look: ReturnType<typeof worn>, from: 'front' | 'behind') =>
	drawPlate(look, {}, from)
		.layers.filter(({ id }) => id === 'one')
		.flatMap(({ shapes }) => shapes);
const drawingOf = (look: ReturnType<typeof worn>) => JSON.stringify(shapesOf(look, 'behind'));

describe('a look from behind', () => {
	it('draws every type that is seen there, as a garment that a record could hold', () => {
		for (const { id, draws } of garmentTypes) {
			const seen = fromBehind(garment(id, ['navy']), []);
			if (seen) expect(garmentSchema.safeParse(seen.garment).error, id).toBeUndefined();
			const front = shapesOf(worn(id), 'front').length > 0;
			const behind = shapesOf(worn(id), 'behind').length > 0;
			if (!seen) expect(behind, id).toBe(false);
			else if (draws !== 'hair') expect(behind, id).toBe(front);
		}
	});
	it('shows neither what hangs in front nor how the front is closed', () => {
		for (const id of ['tie', 'pendant', 'sunglasses', 'lipstick', 'brooch'])
			expect(fromBehind(garment(id, ['navy']), []), id).toBeUndefined();
		expect(drawingOf(worn('blazer', { lapel: 'peak', closure: 'double-breasted' }))).toBe(
			drawingOf(worn('blazer', { lapel: 'shawl', closure: 'single-breasted' }))
		);
		expect(drawingOf(worn('shirt', { neckline: 'v' }))).toBe(drawingOf(worn('shirt', { neckline: 'crew' })));
	});
	it('tells one cut of the back from another, and lengths as in front', () => {
		const backs = ['covered', 'low', 'open', 'keyhole'].map((back) =>
			drawingOf(worn('evening-gown', { back }))
		);
		expect(new Set(backs).size).toBe(backs.length);
		const hems = ['mini', 'knee', 'midi', 'floor'].map((hemLength) =>
			drawingOf(worn('dress', { hemLength }))
		);
		expect(new Set(hems).size).toBe(hems.length);
	});
	it('has a face in front, and hair over the head and what is worn behind', () => {
		const look = worn('shirt');
		const ids = (from: 'front' | 'behind') => drawPlate(look, {}, from).layers.map(({ id }) => id);
		expect(ids('front').indexOf('hair')).toBe(0);
		expect(ids('behind').indexOf('hair')).toBeGreaterThan(ids('behind').indexOf('one'));
	});
	it('draws a hood where it hangs, and no points, knots or buckles of the front', () => {
		const collar = (type: string, facets: Record<string, string>, from: 'front' | 'behind') =>
			JSON.stringify(shapesOf(worn(type, facets), from));
		for (const value of ['hood', 'sailor', 'fur'])
			expect(collar('blouse', { collar: value }, 'behind')).not.toBe(
				collar('blouse', { collar: 'band' }, 'behind')
			);
		expect(drawingOf(worn('shirt', { collar: 'spread' }))).toBe(
			drawingOf(worn('shirt', { collar: 'cutaway' }))
		);
		expect(shapesOf(worn('neckerchief'), 'behind').length).toBeLessThan(
			shapesOf(worn('neckerchief'), 'front').length
		);
		expect(shapesOf(worn('belt'), 'behind').length).toBeLessThan(shapesOf(worn('belt'), 'front').length);
		expect(drawingOf(worn('skirt', { skirtShape: 'wrap' }))).toBe(
			drawingOf(worn('skirt', { skirtShape: 'a-line' }))
		);
		expect(shapesOf(worn('trench-coat'), 'behind').length).toBeLessThan(
			shapesOf(worn('trench-coat'), 'front').length
		);
	});
	it('is shown with left and right changed over', () => {
		expect(drawPlate(worn('tote'), {}, 'behind').mirrored).toBe(true);
		expect(plateSvg(drawPlate(worn('tote'), {}, 'behind'))).toContain('scale(-1 1)');
		expect(plateSvg(drawPlate(worn('tote')))).not.toContain('scale(-1 1)');
	});
	it('has the seam of its fastening where it fastens there', () => {
		expect(fastensBehind(garment('sheath-dress', ['navy']))).toBe(true);
		expect(fastensBehind(garment('sheath-dress', ['navy'], { closure: 'buttoned' }))).toBe(false);
		expect(fastensBehind(garment('blazer', ['navy'], { closure: 'zip' }))).toBe(false);
		expect(shapesOf(worn('sheath-dress'), 'behind').length).toBe(
			shapesOf(worn('sheath-dress', { closure: 'buttoned' }), 'behind').length + 1
		);
	});
});
