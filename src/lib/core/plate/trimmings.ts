/** Bags, belts, scarves, dupattas, gloves and jewellery: small things in their places. */
import { metalColours } from '../lexicon/metals';
import { bothSides } from './body';
import { clothShape, cutAt, cutFrom, drawn, flat, seam, sizeOf, type Drawing } from './drawing';
import type { PlateShape } from './model';
import { between, both, curve, ellipse, grown, polygon, xAt, type Point } from './path';

export function bagShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment } = drawing;
	const { wrist, hip, shoulder } = figure.landmarks;
	const size = sizeOf(drawing);
	const width = 40 * size;
	const height =
		(garment.type === 'clutch' ? 42 : garment.type === 'bucket-bag' || garment.type === 'tote' ? 88 : 66) *
		size;
	const strap = drawn(drawing, 'strap', 'top-handle');
	const metal = garment.metal && metalColours[garment.metal.value];
	const handX = (figure.arm.outer.at(-1)?.[0] ?? 140) - 8;
	const worn = strap === 'crossbody' || strap === 'shoulder';
	const x = worn ? figure.halfAt(hip) + 18 : Math.min(handX + 6, 255 - width);
	const top = worn ? hip - 6 : wrist + (strap === 'clutch' ? 22 : 66);
	const body = between(
		[
			[x - width * 0.86, top],
			[x - width, top + height * 0.8],
			[x - width * 0.86, top + height]
		],
		[
			[x + width * 0.86, top],
			[x + width, top + height * 0.8],
			[x + width * 0.86, top + height]
		]
	);
	const shapes: PlateShape[] = [];
	if (strap === 'crossbody')
		shapes.push({
			d: curve([
				[-70, shoulder - 6],
				[x - 20, hip - 40],
				[x, top + 2]
			]),
			stroke: cloth.hex,
			strokeWidth: 5
		});
	else if (strap === 'shoulder')
		shapes.push({
			d: curve([
				[86, shoulder - 4],
				[x - 6, hip - 60],
				[x, top + 2]
			]),
			stroke: cloth.hex,
			strokeWidth: 5
		});
	else if (strap !== 'clutch')
		shapes.push({
			d: `M${x - width * 0.5},${top + 2}C${x - width * 0.5},${top - 48} ${x + width * 0.5},${top - 48} ${x + width * 0.5},${top + 2}`,
			stroke: cloth.hex,
			strokeWidth: 4.5
		});
	shapes.push(
		clothShape(body, cloth),
		seam(
			[
				[x - width * 0.9, top + height * 0.3],
				[x + width * 0.9, top + height * 0.3]
			],
			cloth
		)
	);
	if (metal) shapes.push(flat(ellipse(x, top + height * 0.32, 5, 5), metal));
	return shapes;
}

export function beltShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment } = drawing;
	const { waist } = figure.landmarks;
	const half = 8 * sizeOf(drawing);
	const x = figure.halfAt(waist) + 9;
	const buckle = garment.metal && metalColours[garment.metal.value];
	const band = clothShape(
		polygon([
			[-x, waist - half],
			[x, waist - half],
			[x, waist + half],
			[-x, waist + half]
		]),
		cloth
	);
	return buckle
		? [
				band,
				{
					d: polygon([
						[-9, waist - half],
						[9, waist - half],
						[9, waist + half],
						[-9, waist + half]
					]),
					stroke: buckle,
					strokeWidth: 3.4
				}
			]
		: [band];
}

export function scarfShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment } = drawing;
	const { shoulder, bust, hip, waist } = figure.landmarks;
	if (garment.type === 'tie')
		return [
			clothShape(
				polygon([
					[-7, shoulder],
					[7, shoulder],
					[6, shoulder + 16],
					[13, waist - 10],
					[0, waist + 8],
					[-13, waist - 10],
					[-6, shoulder + 16]
				]),
				cloth
			)
		];
	if (garment.type === 'bow-tie')
		return [
			clothShape(
				polygon([
					[0, shoulder - 2],
					[28, shoulder - 14],
					[28, shoulder + 14],
					[0, shoulder + 2],
					[-28, shoulder + 14],
					[-28, shoulder - 14]
				]),
				cloth
			)
		];
	const wrap = clothShape(
		between(
			[
				[-34, shoulder - 36],
				[-44, shoulder - 12],
				[-20, shoulder + 10]
			],
			[
				[34, shoulder - 36],
				[44, shoulder - 12],
				[20, shoulder + 10]
			]
		),
		cloth
	);
	if (garment.type === 'neckerchief')
		return [
			wrap,
			clothShape(
				polygon([
					[-8, shoulder + 4],
					[10, shoulder + 4],
					[24, shoulder + 44],
					[4, shoulder + 36]
				]),
				cloth
			)
		];
	if (garment.type === 'shawl') {
		const shoulderX = (figure.trunk[3]?.[0] ?? 100) + 14;
		return both([
			[24, shoulder - 30],
			[shoulderX, shoulder + 4],
			[shoulderX + 16, bust + 30],
			[30, hip - 20],
			[18, bust]
		]).map((points) => clothShape(polygon(points), cloth));
	}
	return [
		clothShape(
			between(
				[
					[6, shoulder],
					[8, bust],
					[10, hip - 10]
				],
				[
					[30, shoulder],
					[36, bust],
					[38, hip - 10]
				]
			),
			cloth
		),
		wrap
	];
}

/** Over the left shoulder, across both, or in front, as its moves say. */
export function dupattaShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, moves } = drawing;
	const { shoulder, bust, hip, knee } = figure.landmarks;
	const shoulderX = figure.trunk[3]?.[0] ?? 100;
	const fall = between(
		[
			[shoulderX - 46, shoulder - 10],
			[shoulderX - 34, bust],
			[shoulderX - 30, knee - 60]
		],
		[
			[shoulderX - 2, shoulder + 2],
			[shoulderX + 20, bust],
			[shoulderX + 26, knee - 70]
		]
	);
	if (moves.includes('over-left-shoulder')) return [clothShape(fall, cloth)];
	const left = between(
		[
			[-shoulderX - 20, bust],
			[-shoulderX - 24, hip + 90]
		],
		[
			[-shoulderX + 32, bust - 20],
			[-shoulderX + 24, hip + 96]
		]
	);
	const front = between(
		[
			[-shoulderX + 2, shoulder],
			[-40, bust - 18],
			[-6, bust + 14]
		],
		[
			[shoulderX - 2, shoulder],
			[40, bust - 18],
			[6, bust + 14]
		]
	);
	return moves.includes('crossed-in-front')
		? [clothShape(front, cloth)]
		: [clothShape(fall, cloth), clothShape(left, cloth)];
}

export function necklaceShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment } = drawing;
	const { shoulder, bust } = figure.landmarks;
	const drop =
		garment.type === 'choker'
			? shoulder - 20
			: garment.type === 'long-beads'
				? bust + 70
				: garment.type === 'pendant'
					? bust - 14
					: shoulder + 30;
	const half = garment.type === 'choker' ? 24 : 32;
	const string: PlateShape = {
		d: `M${-half},${shoulder - 28}C${-half},${drop} ${half},${drop} ${half},${shoulder - 28}`,
		stroke: cloth.hex,
		strokeWidth: 2.5 + 2 * sizeOf(drawing)
	};
	const lowest = shoulder - 28 + (drop - shoulder + 28) * 0.75;
	return garment.type === 'pendant'
		? [{ ...string, strokeWidth: 2 }, flat(ellipse(0, lowest + 6, 8, 10), cloth.hex)]
		: [string];
}

export function wristShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth } = drawing;
	const y = figure.landmarks.wrist - 6;
	return [
		{
			d: polygon(
				[
					[-xAt(figure.arm.outer, y) - 2, y],
					[-xAt(figure.arm.inner, y) + 2, y]
				],
				false
			),
			stroke: cloth.hex,
			strokeWidth: 5 * sizeOf(drawing) + 2
		}
	];
}

export function ringShapes({ figure, cloth }: Drawing): PlateShape[] {
	const x = -(figure.arm.outer.at(-1)?.[0] ?? 140) + 8;
	return [flat(ellipse(x, figure.landmarks.wrist + 46, 4, 3), cloth.hex)];
}

export function broochShapes(drawing: Drawing): PlateShape[] {
	const { shoulder } = drawing.figure.landmarks;
	const size = 9 * sizeOf(drawing);
	return [clothShape(ellipse(58, shoulder + 54, size, size), drawing.cloth)];
}

export function gloveShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth } = drawing;
	const { wrist, elbow } = figure.landmarks;
	const topY = drawn(drawing, 'sleeveLength', 'short') === 'elbow' ? elbow - 10 : wrist - 16;
	const handX = ((figure.arm.outer.at(-1)?.[0] ?? 0) + (figure.arm.inner.at(-1)?.[0] ?? 0)) / 2;
	const arm = grown({ outer: cutFrom(figure.arm.outer, topY), inner: cutFrom(figure.arm.inner, topY) }, 2);
	const hand = {
		outer: [
			[handX + 15, wrist + 20],
			[handX + 10, wrist + 62],
			[handX + 2, wrist + 72]
		] as Point[],
		inner: [
			[handX - 15, wrist + 20],
			[handX - 9, wrist + 60],
			[handX, wrist + 72]
		] as Point[]
	};
	return [
		...bothSides(arm),
		...bothSides({
			outer: [...cutAt(arm.outer, wrist + 10), ...hand.outer],
			inner: [...cutAt(arm.inner, wrist + 10), ...hand.inner]
		})
	].map((d) => clothShape(d, cloth));
}
