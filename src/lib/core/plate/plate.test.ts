import { describe, expect, it } from 'vitest';
import { garment } from '../../../../tests/arbitraries';
import type { FacetId } from '../lexicon/facets';
import { garmentTypes } from '../lexicon/taxonomy';
import { slotIds } from '../lexicon/slots';
import type { Garment } from '../model/garment';
import { heightShares, plateSize } from './figure/figure';
import { drawPlate } from './draw';
import { framingOf } from './framing';
import type { PlateShape } from './model';

const wear = (...garments: Garment[]) => ({
	worn: garments.map((one, i) => ({ id: `w${i}`, garment: one, moves: [] }))
});
const layer = (plate: ReturnType<typeof drawPlate>, id: string) => plate.layers.find((one) => one.id === id);
const numbers = (shape: PlateShape) => (shape.d.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);
/** Lowest point of a layer; paths use absolute coordinates in pairs, except for ellipses. */
const lowest = (shapes: PlateShape[]) =>
	Math.max(
		...shapes
			.filter(({ d }) => !d.includes('a'))
			.flatMap((shape) => numbers(shape).filter((_, i) => i % 2 === 1))
	);

describe('the figure', () => {
	it('has its landmarks at shares of stature (Drillis & Contini 1966, in Winter; values from memory)', () => {
		const { landmarks } = drawPlate(wear());
		const share = (y: number) => (landmarks.sole - y) / plateSize.stature;
		expect(share(landmarks.knee)).toBeCloseTo(0.285, 9);
		expect(share(landmarks.shoulder)).toBeCloseTo(0.818, 9);
		expect(share(landmarks.chin)).toBeCloseTo(0.87, 9);
		expect(share(landmarks.ankle)).toBeCloseTo(heightShares.ankle, 9);
	});

	it('is raised by a heel, more by a higher one', () => {
		const flat = drawPlate(wear(garment('loafers', ['black'], { heelHeight: 'flat' }))).landmarks.knee;
		const mid = drawPlate(wear(garment('court-shoes', ['black'], { heelHeight: 'mid' }))).landmarks.knee;
		const high = drawPlate(wear(garment('stilettos', ['black'], { heelHeight: 'high' }))).landmarks.knee;
		expect(mid).toBeLessThan(flat);
		expect(high).toBeLessThan(mid);
	});

	it('is a dress form without hair when a single piece is shown', () => {
		const form = drawPlate(wear(), { figure: 'form' });
		expect(layer(form, 'hair')?.shapes).toEqual([]);
		expect(layer(form, 'figure')).not.toEqual(layer(drawPlate(wear()), 'figure'));
	});

	it('takes the client’s measures', () => {
		const slim = drawPlate(wear(), { measurements: { hip: 86 } });
		const broad = drawPlate(wear(), { measurements: { hip: 120 } });
		expect(layer(slim, 'figure')).not.toEqual(layer(broad, 'figure'));
	});
});

describe('garments', () => {
	it.each([
		['knee', 'knee'],
		['ankle', 'ankle']
	] as const)('hem a %s skirt at the %s', (hemLength, landmark) => {
		const plate = drawPlate(wear(garment('pencil-skirt', ['navy'], { hemLength })));
		const hem = lowest(layer(plate, 'w0')?.shapes ?? []);
		// The hem bows by up to 12 units; ankle skirts end a share of stature above the joint's own height.
		expect(Math.abs(hem - plate.landmarks[landmark])).toBeLessThan(24);
	});

	it('bring floor-length hems to the floor whatever the heel', () => {
		for (const heelHeight of ['flat', 'high']) {
			const plate = drawPlate(
				wear(
					garment('wide-leg-trousers', ['black'], { legLength: 'floor' }),
					garment('court-shoes', ['black'], { heelHeight })
				)
			);
			expect(plate.landmarks.floor - lowest(layer(plate, 'w0')?.shapes ?? [])).toBeLessThan(8);
		}
	});

	it('all draw, inside the plate, without broken numbers', () => {
		const invisible = ['none'];
		for (const type of garmentTypes) {
			const plate = drawPlate(wear(garment(type.id, ['navy'])));
			const shapes = layer(plate, 'w0')?.shapes ?? [];
			expect(shapes.length > 0, type.id).toBe(!invisible.includes(type.draws));
			for (const shape of shapes) {
				expect(shape.d, type.id).not.toMatch(/NaN|undefined|Infinity/);
				if (shape.d.includes('a')) continue;
				const outside = numbers(shape).filter((value, i) =>
					i % 2 === 0 ? Math.abs(value) > plateSize.width / 2 : value < 0 || value > plateSize.height
				);
				expect(outside, type.id).toEqual([]);
			}
		}
	});

	it.each<[string, FacetId, string, string]>([
		['trousers', 'leg', 'skinny', 'wide'],
		['skirt', 'skirtShape', 'pencil', 'circle'],
		['blouse', 'sleeveLength', 'short', 'long'],
		['blouse', 'neckline', 'v', 'boat'],
		['blazer', 'lapel', 'peak', 'shawl'],
		['court-shoes', 'toe', 'pointed', 'round'],
		['handbag', 'size', 'micro', 'large'],
		['dress', 'hemLength', 'mini', 'midi'],
		['jumper', 'fit', 'close', 'oversized']
	])('%s: %s shows (%s, %s)', (type, facet, one, two) => {
		const shapes = [one, two].map((value) =>
			layer(drawPlate(wear(garment(type, ['navy'], { [facet]: value }))), 'w0')
		);
		expect(shapes[0]).not.toEqual(shapes[1]);
	});

	it('show their true colour and their print', () => {
		const plain = drawPlate(wear(garment('blouse', ['#6a1a2c'])));
		expect(
			layer(plain, 'w0')?.shapes.some(({ fill }) => fill?.kind === 'colour' && fill.hex === '#6a1a2c')
		).toBe(true);
		const spotted = drawPlate(wear(garment('blouse', ['#6a1a2c', '#ffffff'], {}, { print: 'polka-dot' })));
		expect(spotted.patterns).toHaveLength(1);
		expect(spotted.patterns[0]?.background).toBe('#6a1a2c');
	});

	it('lie over each other as they are worn', () => {
		const plate = drawPlate(
			wear(
				garment('overcoat', ['camel']),
				garment('blouse', ['ivory']),
				garment('blazer', ['navy']),
				garment('trousers', ['black'])
			)
		);
		const order = plate.layers.map(({ id }) => id).filter((id) => id.startsWith('w'));
		expect(order).toEqual(['w3', 'w1', 'w2', 'w0']);
	});

	it('tuck in when told to', () => {
		const worn = [
			{ id: 'shirt', garment: garment('shirt', ['white']), moves: ['tucked' as const] },
			{ id: 'skirt', garment: garment('skirt', ['black']), moves: [] }
		];
		const ids = drawPlate({ worn }).layers.map(({ id }) => id);
		expect(ids.indexOf('shirt')).toBeLessThan(ids.indexOf('skirt'));
	});
});

it('frames every slot inside or around the figure', () => {
	const plate = drawPlate(wear());
	for (const slot of slotIds) {
		const [, , width, height] = framingOf(slot, plate);
		expect(width, slot).toBeGreaterThan(60);
		expect(height, slot).toBeGreaterThan(60);
	}
});

describe('several things that answer one element', () => {
	const chain = garment('chain-necklace', [], {}, { metal: 'gold' });
	const stacked = (...types: string[]) =>
		drawPlate({
			worn: types.map((type) => ({
				id: 'one',
				garment: garment(type, ['wine', 'ivory'], {}, { print: 'polka-dot', metal: 'gold' }),
				moves: []
			}))
		});
	it('are all drawn, each in a cloth of its own', () => {
		const { layers, patterns, lights } = stacked('shirt', 'waistcoat');
		expect(layers.filter(({ id }) => id === 'one')).toHaveLength(2);
		for (const all of [patterns, lights]) expect(new Set(all.map(({ id }) => id)).size).toBe(all.length);
	});
	it('hang one below the other, and sit one above the other on the arm', () => {
		for (const type of ['chain-necklace', 'bangle']) {
			const drawings = stacked(type, type, type).layers.filter(({ id }) => id === 'one');
			expect(new Set(drawings.map(({ shapes }) => JSON.stringify(shapes))).size, type).toBe(3);
		}
		expect(drawPlate({ worn: [{ id: 'one', garment: chain, moves: [] }] }).layers).toEqual(
			drawPlate({ worn: [{ id: 'one', garment: chain, moves: [] }] }).layers
		);
	});
});
