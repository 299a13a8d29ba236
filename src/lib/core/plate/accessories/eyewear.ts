/** Glasses and masks. */
import type { ValueOf } from '../../lexicon/facets';
import { clothShape, drawn, sizeOf, stitch, type Drawing } from '../drawing';
import type { PlateShape } from '../model';
import { blob, both, ellipse, polygon } from '../path';
import { headOf } from './head';

/** Half heights and outlines of frames, about the middle of each lens. */
function lens(shape: string, x: number, y: number, r: number): string {
	const side = Math.sign(x);
	switch (shape) {
		case 'square':
		case 'rectangular': {
			const h = shape === 'square' ? r * 0.82 : r * 0.6;
			return polygon([
				[x - r, y - h],
				[x + r, y - h],
				[x + r * 0.92, y + h],
				[x - r * 0.92, y + h]
			]);
		}
		case 'cat-eye':
			return blob([
				[x - side * r, y - r * 0.3],
				[x + side * r * 1.2, y - r * 0.95],
				[x + side * r * 0.8, y + r * 0.5],
				[x, y + r * 0.72],
				[x - side * r * 0.8, y + r * 0.4]
			]);
		case 'aviator':
			return blob([
				[x - side * r, y - r * 0.66],
				[x + side * r, y - r * 0.7],
				[x + side * r * 0.9, y + r * 0.5],
				[x - side * r * 0.1, y + r],
				[x - side * r * 0.9, y + r * 0.2]
			]);
		case 'oval':
			return ellipse(x, y, r, r * 0.68);
		case 'shield':
			return polygon([
				[x - r * 1.2, y - r * 0.7],
				[x + r * 1.2, y - r * 0.7],
				[x + r, y + r * 0.7],
				[x - r, y + r * 0.6]
			]);
		default:
			return ellipse(x, y, r, r * 0.92);
	}
}

/** What a pair of eyeglasses is framed in where nothing is said; round else. */
const frameOf: Record<string, ValueOf<'frame'>> = { aviators: 'aviator', 'cat-eye-sunglasses': 'cat-eye' };

/** A half mask: over the brow and the cheekbones, with a hole for each eye. */
const maskShape = (y: number): string =>
	`M-43,${y - 2}C-41,${y - 20} -14,${y - 17} 0,${y - 12}C14,${y - 17} 41,${y - 20} 43,${y - 2}C41,${y + 15} 22,${y + 17} 12,${y + 9}C6,${y + 4} -6,${y + 4} -12,${y + 9}C-22,${y + 17} -41,${y + 15} -43,${y - 2}Z` +
	// Drawn the other way round, so that they are left out.
	[-18, 18].map((x) => `M${x - 9},${y}Q${x},${y + 8} ${x + 9},${y}Q${x},${y - 7} ${x - 9},${y}Z`).join('');

export function eyewearShapes(drawing: Drawing): PlateShape[] {
	const { cloth, garment } = drawing;
	const { at } = headOf(drawing);
	const y = at(0.48);
	if (garment.type === 'mask') return [clothShape(maskShape(y), cloth)];
	const dark = garment.type !== 'glasses';
	const r = 13.5 * Math.sqrt(sizeOf(drawing));
	const usual = frameOf[garment.type] ?? 'round';
	const frame = drawn(drawing, 'frame', usual);
	const thin = frame === 'rimless' || frame === 'aviator' ? 1.6 : 3.2;
	return [
		...[-17.5, 17.5].map((x): PlateShape => ({
			d: lens(frame, x, y, r),
			fill: { kind: 'colour', hex: dark ? '#2c2a2b' : '#ffffff' },
			opacity: dark ? 0.92 : 0.3
		})),
		...[-17.5, 17.5].map((x): PlateShape => ({
			d: lens(frame, x, y, r),
			stroke: cloth.hex,
			strokeWidth: thin
		})),
		stitch(
			[
				[-6, y - 3],
				[0, y - 6],
				[6, y - 3]
			],
			cloth.hex,
			thin,
			1
		),
		...both([
			[17.5 + r, y - 4],
			[40, y - 2]
		]).map((points) => stitch(points, cloth.hex, thin, 1))
	];
}
