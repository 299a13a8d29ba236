/** Shoes, bags, belts, jewellery, headwear and the rest: small things in their places. */
import { placeOf } from '../lexicon/facets';
import { metalColours } from '../lexicon/metals';
import { bothSides, footOutline } from './body';
import { clothShape, cutAt, cutFrom, drawn, flat, seam, type Drawing } from './drawing';
import type { PlateShape } from './model';
import { shaded } from './paint';
import { between, curve, ellipse, mirrored, polygon, xAt, type Point } from './path';

const both = (right: Point[]): Point[][] => [right, mirrored(right)];

/** The sole lengthened to a point, squared or left round. */
function toed(drawing: Drawing, foot: { outer: Point[]; inner: Point[] }) {
	const toe = drawn(drawing, 'toe', 'round');
	const { floor } = drawing.figure.landmarks;
	const outerEnd = foot.outer.at(-1) ?? [0, floor];
	const innerEnd = foot.inner.at(-1) ?? [0, floor];
	if (toe === 'pointed' || toe === 'almond') {
		const tip: Point = [(outerEnd[0] + innerEnd[0]) / 2 + 3, floor + (toe === 'pointed' ? 13 : 7)];
		return { outer: [...foot.outer, tip], inner: [...foot.inner, tip] };
	}
	if (toe === 'square')
		return {
			outer: [...foot.outer.slice(0, -1), [outerEnd[0] + 8, floor + 3] as Point],
			inner: [...foot.inner.slice(0, -1), [innerEnd[0] - 6, floor + 3] as Point]
		};
	return foot;
}

const heelWidths: Record<string, number> = {
	stiletto: 4,
	kitten: 5,
	spool: 7,
	block: 15,
	cuban: 13,
	stacked: 14,
	cone: 9,
	wedge: 24,
	platform: 20,
	flat: 0
};

function heelShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth } = drawing;
	if (figure.heel < 8) return [];
	const { ankle, floor } = figure.landmarks;
	const width = heelWidths[drawn(drawing, 'heelShape', 'block')] ?? 12;
	const x = xAt(figure.leg.outer, ankle) + 7;
	return both([
		[x - width, ankle + 20],
		[x, ankle + 18],
		[x - width * 0.15, floor],
		[x - width * 0.85, floor]
	]).map((points) =>
		clothShape(polygon(points), { ...cloth, paint: { kind: 'colour', hex: shaded(cloth.hex, -0.06) } })
	);
}

const grown = (foot: { outer: Point[]; inner: Point[] }, by: number) => ({
	outer: foot.outer.map(([x, y]): Point => [x + by, y]),
	inner: foot.inner.map(([x, y]): Point => [x - by, y])
});

export function shoeShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth } = drawing;
	const { ankle, floor } = figure.landmarks;
	const foot = toed(drawing, grown(footOutline(figure), 1.5));
	const strap = drawn(drawing, 'strap', '');
	const high = ['trainers', 'brogues', 'loafers'].includes(drawing.garment.type) ? 0.28 : 0.5;
	const topY = ankle + (floor - ankle) * high;
	const upper = { outer: cutFrom(foot.outer, topY), inner: cutFrom(foot.inner, topY) };
	const shapes = [...heelShapes(drawing), ...bothSides(upper).map((d) => clothShape(d, cloth))];
	const bar = (y: number) =>
		both([
			[xAt(foot.inner, y), y],
			[xAt(foot.outer, y), y - 2]
		]).map((points) => seam(points, { ...cloth, line: cloth.hex }, 4));
	if (strap === 'ankle-strap' || strap === 'slingback') shapes.push(...bar(ankle + 8));
	if (strap === 'mary-jane' || strap === 't-bar') shapes.push(...bar(ankle + (floor - ankle) * 0.34));
	if (strap === 't-bar') {
		const x = (xAt(foot.inner, topY) + xAt(foot.outer, topY)) / 2;
		shapes.push(
			...both([
				[x, ankle + (floor - ankle) * 0.32],
				[x, topY + 6]
			]).map((points) => seam(points, { ...cloth, line: cloth.hex }, 4))
		);
	}
	if (drawing.garment.type === 'trainers')
		shapes.push(
			...bothSides({ outer: cutFrom(foot.outer, floor - 9), inner: cutFrom(foot.inner, floor - 9) }).map(
				(d) => flat(d, '#f1efe9')
			)
		);
	return shapes;
}

export function sandalShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth } = drawing;
	const { ankle, floor } = figure.landmarks;
	const foot = grown(footOutline(figure), 1);
	const bars = [ankle + 6, ankle + (floor - ankle) * 0.5, ankle + (floor - ankle) * 0.72];
	return [
		...heelShapes(drawing),
		...bothSides({ outer: cutFrom(foot.outer, floor - 7), inner: cutFrom(foot.inner, floor - 7) }).map((d) =>
			clothShape(d, cloth)
		),
		...bars.flatMap((y) =>
			both([
				[xAt(foot.inner, y), y],
				[xAt(foot.outer, y), y]
			]).map((points) => seam(points, { ...cloth, line: cloth.hex }, 5))
		)
	];
}

export function bootShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth } = drawing;
	const topY = figure.heightOf(placeOf('shaft', drawn(drawing, 'shaft', 'ankle')));
	const foot = toed(drawing, grown(footOutline(figure), 2));
	const shaft = grown({ outer: cutFrom(figure.leg.outer, topY), inner: cutFrom(figure.leg.inner, topY) }, 4);
	const boot = {
		outer: [...shaft.outer.slice(0, -1), ...foot.outer.slice(1)],
		inner: [...shaft.inner.slice(0, -1), ...foot.inner.slice(1)]
	};
	return [...heelShapes(drawing), ...bothSides(boot).map((d) => clothShape(d, cloth))];
}

const sheerness: Record<string, number> = { sheer: 0.45, 'semi-sheer': 0.7, opaque: 1 };

export function tightsShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment } = drawing;
	const socks = garment.type.endsWith('socks');
	const topY = socks
		? figure.heightOf(placeOf('shaft', drawn(drawing, 'shaft', 'ankle')))
		: figure.landmarks.crotch - 10;
	const leg = grown(
		{ outer: cutFrom(figure.leg.outer, topY), inner: cutFrom(figure.leg.inner, topY) },
		socks ? 2 : 0.5
	);
	const opacity = sheerness[drawn(drawing, 'opacity', socks ? 'opaque' : 'semi-sheer')] ?? 0.7;
	return [leg, grown(footOutline(figure), 0.5)].flatMap((part) =>
		bothSides(part).map((d) => ({ d, fill: cloth.paint, opacity }))
	);
}

const sizes: Record<string, number> = { micro: 0.45, small: 0.7, medium: 1, large: 1.35, oversized: 1.7 };
const sizeOf = (drawing: Drawing, fallback = 'medium') => sizes[drawn(drawing, 'size', fallback)] ?? 1;

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

export function hatShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment } = drawing;
	const { crown, chin } = figure.landmarks;
	const size = sizeOf(drawing);
	const browY = crown + (chin - crown) * 0.3;
	const dome = (top: number, half: number) =>
		between(
			[
				[-8, top],
				[-half * 0.8, top + 10],
				[-half, browY]
			],
			[
				[8, top],
				[half * 0.8, top + 10],
				[half, browY]
			]
		);
	if (garment.type === 'beret') return [clothShape(ellipse(12, browY - 26, 60, 22), cloth)];
	if (['beanie', 'turban', 'cloche'].includes(garment.type))
		return [
			clothShape(dome(crown - 22, 50), cloth),
			seam(
				[
					[-50, browY - 4],
					[50, browY - 4]
				],
				cloth,
				3
			)
		];
	if (garment.type === 'baseball-cap')
		return [clothShape(dome(crown - 12, 46), cloth), clothShape(ellipse(0, browY + 2, 40, 9), cloth)];
	const brim = 78 * Math.sqrt(size);
	return [
		clothShape(ellipse(0, browY, brim, 13), cloth),
		clothShape(dome(crown - 28, 44), cloth),
		seam(
			[
				[-44, browY - 6],
				[44, browY - 6]
			],
			cloth,
			7
		)
	];
}

export function headbandShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment } = drawing;
	const { crown, chin } = figure.landmarks;
	const y = crown + (chin - crown) * 0.2;
	if (garment.type === 'maang-tikka')
		return [
			seam(
				[
					[0, crown - 6],
					[0, y + 6]
				],
				{ ...cloth, line: cloth.hex },
				2
			),
			flat(ellipse(0, y + 12, 7, 9), cloth.hex)
		];
	if (garment.type !== 'headband')
		return [clothShape(ellipse(40, y, 12 * sizeOf(drawing, 'small') + 4, 10), cloth)];
	return [
		{
			d:
				curve([
					[-46, y + 16],
					[-30, y - 14],
					[0, crown - 4]
				]) +
				curve([
					[0, crown - 4],
					[30, y - 14],
					[46, y + 16]
				]),
			stroke: cloth.hex,
			strokeWidth: 8
		}
	];
}

export function eyewearShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment } = drawing;
	const { crown, chin } = figure.landmarks;
	const y = crown + (chin - crown) * 0.47;
	const dark = garment.type === 'sunglasses';
	const r = 13 * Math.sqrt(sizeOf(drawing));
	return [
		...[-17, 17].map((x) => ({
			d: ellipse(x, y, r, r * 0.8),
			fill: dark ? ({ kind: 'colour', hex: '#2a2723' } as const) : undefined,
			stroke: cloth.hex,
			strokeWidth: 3
		})),
		{
			d: polygon(
				[
					[-6, y - 2],
					[6, y - 2]
				],
				false
			),
			stroke: cloth.hex,
			strokeWidth: 3
		}
	];
}

export function earringShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment } = drawing;
	const { crown, chin } = figure.landmarks;
	const y = crown + (chin - crown) * 0.62;
	const size = sizeOf(drawing, 'small');
	return [-43, 43].flatMap((x) => {
		if (garment.type === 'hoops')
			return [{ d: ellipse(x, y + 14 * size, 9 * size, 13 * size), stroke: cloth.hex, strokeWidth: 3 }];
		if (garment.type === 'jhumkas')
			return [
				flat(ellipse(x, y, 4, 4), cloth.hex),
				clothShape(
					between(
						[
							[x - 3, y + 4],
							[x - 11, y + 22]
						],
						[
							[x + 3, y + 4],
							[x + 11, y + 22]
						]
					),
					cloth
				)
			];
		if (garment.type === 'drop-earrings') return [flat(ellipse(x, y + 12 * size, 4.5, 13 * size), cloth.hex)];
		return [flat(ellipse(x, y, 4 + 3 * size, 4 + 3 * size), cloth.hex)];
	});
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

export function lipShapes({ figure, cloth }: Drawing): PlateShape[] {
	const { crown, chin } = figure.landmarks;
	return [flat(ellipse(0, crown + (chin - crown) * 0.8, 11, 4), cloth.hex)];
}
