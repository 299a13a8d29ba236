/** Belts, sashes, chains round the waist, braces. */
import { metalColours } from '../../lexicon/metals';
import { clothShape, flat, sizeOf, stitch, type Drawing } from '../drawing';
import type { PlateShape } from '../model';
import { shaded } from '../cloth/paint';
import { between, both, ellipse, polygon } from '../path';

/** Half breadths in plate units, before the stated size. */
const breadths: Record<string, number> = {
	belt: 8,
	'skinny-belt': 4,
	'wide-belt': 17,
	'corset-belt': 30,
	'western-belt': 10,
	sash: 14,
	cummerbund: 22,
	'chain-belt': 4,
	kamarbandh: 8
};

/** Belts that are the same all round, or laced at the back. */
const goesRound = new Set(['cummerbund', 'corset-belt', 'chain-belt', 'kamarbandh']);

export function beltShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment, moves } = drawing;
	const { waist, shoulder, hip } = figure.landmarks;
	if (garment.type === 'braces')
		return both([
			[figure.shoulder * 0.52, figure.shoulderAt(figure.shoulder * 0.52) - 2],
			[figure.shoulder * 0.46, shoulder + 90],
			[figure.halfAt(waist) * 0.56, waist + 6]
		]).map((points) => stitch(points, cloth.hex, 8, 1));
	const y = moves.includes('low-on-hips') ? hip - 34 : waist;
	const half = (breadths[garment.type] ?? 8) * sizeOf(drawing);
	const x = figure.halfAt(y) + 10;
	const metal = garment.metal ? metalColours[garment.metal.value] : undefined;
	const band = clothShape(
		between(
			[
				[-x, y - half],
				[-x, y + half]
			],
			[
				[x, y - half],
				[x, y + half]
			]
		),
		cloth
	);
	// Knots and buckles are in front.
	if (drawing.behind && !goesRound.has(garment.type)) return [band];
	switch (garment.type) {
		case 'sash':
			return [
				band,
				...[-1, 1].map((side) =>
					clothShape(
						polygon([
							[-x * 0.5, y],
							[-x * 0.5 + side * 14 + 10, y + 110],
							[-x * 0.5 + side * 14 - 10, y + 114]
						]),
						cloth
					)
				),
				clothShape(ellipse(-x * 0.5, y, 11, 12), cloth)
			];
		case 'cummerbund':
			return [
				band,
				...[-0.4, 0, 0.4].map((share) =>
					stitch(
						[
							[-x, y + half * share],
							[x, y + half * share]
						],
						cloth.line
					)
				)
			];
		case 'corset-belt':
			return [
				band,
				...[-2, -1, 0, 1, 2].flatMap((n) => [
					stitch(
						[
							[-9, y + n * 11 - 4],
							[9, y + n * 11 + 4]
						],
						shaded(cloth.hex, 0.2),
						2,
						1
					),
					stitch(
						[
							[9, y + n * 11 - 4],
							[-9, y + n * 11 + 4]
						],
						shaded(cloth.hex, 0.2),
						2,
						1
					)
				])
			];
		case 'chain-belt':
			return Array.from({ length: 15 }, (_, i) => {
				const at = (i / 7 - 1) * x;
				return { d: ellipse(at, y + 8 - (at / x) ** 2 * 8, 6, 4), stroke: cloth.hex, strokeWidth: 2.4 };
			});
		case 'kamarbandh':
			return [
				band,
				...Array.from({ length: 9 }, (_, i) =>
					flat(ellipse((i / 4 - 1) * x * 0.94, y + half + 4, 3, 4), cloth.hex)
				),
				flat(ellipse(0, y, 9, 9), shaded(cloth.hex, 0.14))
			];
		default: {
			const buckle = metal ?? '#b9a46a';
			const wide = garment.type === 'western-belt' ? 16 : 10;
			return [
				band,
				{
					d: polygon([
						[-wide, y - half - 1],
						[wide, y - half - 1],
						[wide, y + half + 1],
						[-wide, y + half + 1]
					]),
					stroke: buckle,
					strokeWidth: garment.type === 'western-belt' ? 5 : 3
				},
				stitch(
					[
						[wide, y],
						[-wide + 4, y]
					],
					buckle,
					2,
					1
				)
			];
		}
	}
}
