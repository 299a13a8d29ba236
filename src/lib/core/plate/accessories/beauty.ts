/** Make-up, nails, and what is painted on the skin. The face has no portrait; colour stands where it is worn. */
import { flat, stitch, type Drawing } from '../drawing';
import { handOf } from '../figure/figure';
import type { PlateShape } from '../model';
import { both, blob, ellipse, type Point } from '../path';

type Beauty = (drawing: Drawing, at: (share: number) => number) => PlateShape[];

/** How far nails reach beyond the finger. */
const nailLength: Record<string, number> = { oval: 4.2, almond: 5.2, square: 3, pointed: 6.4 };

const eyes = (at: (share: number) => number): Point[] => [
	[8, at(0.485)],
	[17, at(0.45)],
	[27, at(0.475)],
	[18, at(0.5)]
];

const faces: Record<string, Beauty> = {
	lipstick: ({ cloth }, at) => [
		flat(
			blob([
				[-12, at(0.795)],
				[-4, at(0.773)],
				[0, at(0.782)],
				[4, at(0.773)],
				[12, at(0.795)],
				[0, at(0.832)]
			]),
			cloth.hex
		)
	],
	'eye-make-up': ({ cloth }, at) => both(eyes(at)).map((points) => flat(blob(points), cloth.hex, 0.75)),
	eyeliner: ({ cloth }, at) =>
		both([
			[8, at(0.49)],
			[18, at(0.465)],
			[31, at(0.45)]
		]).map((points) => stitch(points, cloth.hex, 2.4, 1)),
	mascara: ({ cloth }, at) =>
		[10, 15, 20, 25].flatMap((x) =>
			both([
				[x, at(0.475)],
				[x + 1.6, at(0.44)]
			]).map((points) => stitch(points, cloth.hex, 1.4, 1))
		),
	brows: ({ cloth }, at) =>
		both([
			[7, at(0.4)],
			[18, at(0.365)],
			[29, at(0.395)]
		]).map((points) => stitch(points, cloth.hex, 3, 0.9)),
	blusher: ({ cloth }, at) => [-24, 24].map((x) => flat(ellipse(x, at(0.64), 9, 6), cloth.hex, 0.35)),
	foundation: ({ cloth }, at) => [flat(ellipse(0, at(0.58), 26, 30), cloth.hex, 0.18)],
	bindi: ({ cloth }, at) => [flat(ellipse(0, at(0.37), 3, 3), cloth.hex)],
	'beauty-spot': ({ cloth }, at) => [flat(ellipse(16, at(0.76), 1.8, 1.8), cloth.hex)]
};

export function faceShapes(drawing: Drawing): PlateShape[] {
	const { crown, chin } = drawing.figure.landmarks;
	return faces[drawing.garment.type]?.(drawing, (share) => crown + (chin - crown) * share) ?? [];
}

export function nailShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment } = drawing;
	const [x, y] = handOf(figure);
	if (garment.type === 'mehndi')
		return [1, -1].flatMap((side) => [
			...[16, 26, 36].map((down) => ({
				d: ellipse(side * x, y + down, 5, 3.6),
				stroke: cloth.hex,
				strokeWidth: 1.5
			})),
			stitch(
				[
					[side * x, y + 2],
					[side * x - 2, y + 24],
					[side * (x + 2), y + 50]
				],
				cloth.hex,
				1.6,
				1
			)
		]);
	const long = nailLength[garment.facets.nailShape?.value ?? 'round'] ?? 3.6;
	return [1, -1].flatMap((side) =>
		(
			[
				[8, 56],
				[2, 66],
				[-4, 64]
			] as Point[]
		).map(([dx, dy]) => flat(ellipse(side * (x + dx), y + dy, 2.3, long), cloth.hex))
	);
}
