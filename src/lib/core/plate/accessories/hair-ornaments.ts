/** What is worn in the hair. */
import { clothShape, flat, sizeOf, stitch, type Drawing } from '../drawing';
import type { PlateShape } from '../model';
import { coloursOf, shaded } from '../cloth/paint';
import { blob, both, curve, ellipse, ribbon } from '../path';
import { headOf } from './head';

type HairPiece = (drawing: Drawing, y: number, crown: number) => PlateShape[];

const onSide = (x: number, y: number, shapes: (x: number, y: number) => PlateShape[]) => shapes(x, y);

const hairPieces: Record<string, HairPiece> = {
	'maang-tikka': ({ cloth, garment }, y, crown) => [
		stitch(
			[
				[0, crown - 6],
				[0, y + 6]
			],
			cloth.hex,
			2.4,
			1
		),
		flat(ellipse(0, y + 13, 8, 10), cloth.hex),
		flat(ellipse(0, y + 13, 3.4, 4), garment.palette[1]?.hex ?? shaded(cloth.hex, 0.16))
	],
	'matha-patti': (drawing, y, crown) => [
		...(hairPieces['maang-tikka']?.(drawing, y, crown) ?? []),
		...both([
			[0, y + 2],
			[24, y + 2],
			[40, y + 26]
		]).map((points) => stitch(points, drawing.cloth.hex, 3.4, 1))
	],
	tiara: ({ cloth }, y, crown) => [
		{
			d: `M-36,${y - 4}Q0,${y - 22} 36,${y - 4}L30,${crown - 10}L18,${crown - 2}L8,${crown - 24}L0,${crown - 8}L-8,${crown - 24}L-18,${crown - 2}L-30,${crown - 10}Z`,
			stroke: cloth.hex,
			strokeWidth: 3
		},
		flat(ellipse(0, crown - 2, 4, 4), cloth.hex)
	],
	'flower-crown': ({ cloth, garment }, y) => {
		const [first, ...others] = coloursOf(garment);
		const colours = [first ?? cloth.hex, ...others, '#5f7a4a'];
		return [-40, -30, -18, -6, 6, 18, 30, 40].map((x, i) =>
			flat(ellipse(x, y - 2 - (900 - x * x) / 60, 9, 8), colours[i % colours.length] ?? cloth.hex)
		);
	},
	'hair-bow': ({ cloth }, _, crown) => [
		...both([
			[1, crown + 2],
			[26, crown - 14],
			[30, crown + 12]
		]).map((points) => clothShape(blob([...points, points[0] ?? [0, 0]].slice(0, 3)), cloth)),
		clothShape(ellipse(0, crown + 1, 6, 6), cloth)
	],
	fascinator: ({ cloth }, y, crown) =>
		onSide(28, crown + 2, (x) => [
			clothShape(ellipse(x, y - 20, 26, 10), cloth),
			...[0, 1, 2].map((n) =>
				stitch(
					[
						[x, y - 24],
						[x + 8 + n * 12, y - 58 + n * 6],
						[x + 24 + n * 10, y - 66 + n * 16]
					],
					cloth.hex,
					3.4,
					0.9
				)
			)
		]),
	'hair-feather': ({ cloth }, y, crown) => [
		clothShape(
			blob([
				[34, y + 4],
				[46, y - 26],
				[62, crown - 34],
				[56, crown - 52],
				[42, crown - 30],
				[34, y - 20]
			]),
			cloth
		),
		stitch(
			[
				[34, y + 6],
				[44, y - 22],
				[56, crown - 44]
			],
			cloth.line,
			1.6
		)
	],
	'hair-comb': ({ cloth }, y) => [clothShape(ellipse(40, y + 2, 13, 8), cloth)],
	'hair-clip': ({ cloth }, y) => [
		clothShape(
			ribbon(
				[
					[26, y - 6],
					[42, y + 8]
				],
				9
			),
			cloth
		)
	],
	'hair-pins': ({ cloth }, y) =>
		[0, 1, 2].map((n) =>
			stitch(
				[
					[28 + n * 5, y - 8 + n * 8],
					[40 + n * 4, y - 2 + n * 8]
				],
				cloth.hex,
				3,
				1
			)
		),
	scrunchie: ({ cloth }, _, crown) => [clothShape(ellipse(0, crown - 6, 22, 9), cloth)]
};

export function headbandShapes(drawing: Drawing): PlateShape[] {
	const { cloth } = drawing;
	const { crown, at } = headOf(drawing);
	const y = at(0.2);
	const piece = hairPieces[drawing.garment.type];
	if (piece) return piece(drawing, y, crown);
	const broad = 5 + 5 * sizeOf(drawing, 'medium');
	return [
		{
			d:
				curve([
					[-46, y + 16],
					[-32, y - 14],
					[0, crown - 2]
				]) +
				curve([
					[0, crown - 2],
					[32, y - 14],
					[46, y + 16]
				]),
			stroke: cloth.hex,
			strokeWidth: broad
		}
	];
}
