/** Jewellery in its metal, at ears, neck, wrist, hand and lapel. */
import { clothShape, flat, sizeOf, stitch, type Drawing } from '../drawing';
import { handOf } from '../figure/figure';
import type { PlateShape } from '../model';
import { coloursOf, shaded } from '../cloth/paint';
import { both, blob, curve, ellipse, flow, polygon, xAt, type Point } from '../path';

/** The colour of stones and drops: what is noted beside the metal, else a lighter shade of it. */
const stoneOf = ({ garment, cloth }: Drawing) => {
	const [, second] = coloursOf(garment);
	if (second) return second;
	return garment.metal && garment.palette.length > 0 ? cloth.hex : shaded(cloth.hex, 0.14);
};
const bead = (x: number, y: number, r: number, { cloth }: Drawing, hex = cloth.hex): PlateShape => ({
	d: ellipse(x, y, r, r),
	fill: { kind: 'colour', hex },
	stroke: shaded(hex, -0.14),
	strokeWidth: 0.8
});

// Ears ———————————————————————————————————————————————————————————————————————

type Earring = (drawing: Drawing, at: { x: number; y: number; size: number; side: number }) => PlateShape[];

const bell = (drawing: Drawing, x: number, y: number, size: number): PlateShape[] => [
	clothShape(
		`M${x - 4 * size},${y}C${x - 12 * size},${y + 6 * size} ${x - 13 * size},${y + 14 * size} ${x - 13 * size},${y + 18 * size}L${x + 13 * size},${y + 18 * size}C${x + 13 * size},${y + 14 * size} ${x + 12 * size},${y + 6 * size} ${x + 4 * size},${y}Z`,
		drawing.cloth
	),
	...[-9, -3, 3, 9].map((dx) => bead(x + dx * size, y + 21 * size, 2, drawing, stoneOf(drawing)))
];

const earrings: Record<string, Earring> = {
	studs: (d, { x, y, size }) => [bead(x, y, 3 + 2.6 * size, d)],
	'clip-earrings': (d, { x, y, size }) => [bead(x, y + 2, 5 + 3 * size, d)],
	earrings: (d, { x, y, size }) => [bead(x, y, 3 + 2 * size, d), bead(x, y + 8 + 4 * size, 2 + 2 * size, d)],
	hoops: (d, { x, y, size }) => [
		{ d: ellipse(x, y + 15 * size, 10 * size, 15 * size), stroke: d.cloth.hex, strokeWidth: 3.2 }
	],
	'drop-earrings': (d, { x, y, size }) => [
		bead(x, y, 3, d),
		stitch(
			[
				[x, y + 2],
				[x, y + 12 * size]
			],
			d.cloth.hex,
			1.6,
			1
		),
		flat(
			blob([
				[x, y + 10 * size],
				[x + 5 * size, y + 22 * size],
				[x, y + 28 * size],
				[x - 5 * size, y + 22 * size]
			]),
			stoneOf(d)
		)
	],
	'chandelier-earrings': (d, { x, y, size }) => [
		bead(x, y, 3, d),
		clothShape(
			polygon([
				[x, y + 4],
				[x + 12 * size, y + 18 * size],
				[x - 12 * size, y + 18 * size]
			]),
			d.cloth
		),
		...[-9, -3, 3, 9].map((dx, i) =>
			flat(ellipse(x + dx * size, y + (i === 1 || i === 2 ? 27 : 23) * size, 2, 4 * size), stoneOf(d))
		)
	],
	'tassel-earrings': (d, { x, y, size }) => [
		bead(x, y, 3.4, d),
		clothShape(
			polygon([
				[x - 4, y + 4],
				[x + 4, y + 4],
				[x + 7, y + 34 * size],
				[x - 7, y + 34 * size]
			]),
			d.cloth
		)
	],
	jhumkas: (d, { x, y, size }) => [bead(x, y, 4, d), ...bell(d, x, y + 5, size)],
	chandbalis: (d, { x, y, size }) => [
		bead(x, y, 3.4, d),
		{
			d: `M${x - 13 * size},${y + 8 * size}C${x - 12 * size},${y + 28 * size} ${x + 12 * size},${y + 28 * size} ${x + 13 * size},${y + 8 * size}`,
			stroke: d.cloth.hex,
			strokeWidth: 6
		},
		bead(x, y + 14 * size, 3, d, stoneOf(d))
	],
	'ear-cuffs': (d, { x, y, side }) => [
		stitch(
			[
				[x - side * 2, y - 22],
				[x + side * 3, y - 12]
			],
			d.cloth.hex,
			4,
			1
		)
	]
};

export function earringShapes(drawing: Drawing): PlateShape[] {
	const { crown, chin } = drawing.figure.landmarks;
	const y = crown + (chin - crown) * 0.65;
	const size = 0.55 + 0.5 * sizeOf(drawing, 'medium');
	const design = earrings[drawing.garment.type] ?? earrings.earrings;
	const sides = drawing.moves.includes('one-side') ? [1] : [-1, 1];
	return sides.flatMap((side) => [
		...(design?.(drawing, { x: side * 42, y, size, side }) ?? []),
		...(drawing.moves.includes('layered')
			? [bead(side * 43, y - 9, 2.4, drawing), bead(side * 42, y - 16, 2, drawing)]
			: [])
	]);
}

// Neck ———————————————————————————————————————————————————————————————————————

/** A string round the neck down to a depth, and where it is lowest. */
const string = (half: number, from: number, to: number) =>
	`M${-half},${from}C${-half * 0.9},${to} ${half * 0.9},${to} ${half},${from}`;
/** Points along that string. */
function along(half: number, from: number, to: number, count: number): Point[] {
	return Array.from({ length: count }, (_, i) => {
		const t = (i + 0.5) / count;
		const u = 1 - t;
		return [
			-half * u ** 3 + 3 * u * u * t * -half * 0.9 + 3 * u * t * t * half * 0.9 + half * t ** 3,
			from * (u ** 3 + t ** 3) + to * (3 * u * u * t + 3 * u * t * t)
		];
	});
}

/** By how much each of several chains hangs lower than the one before, and each bracelet sits higher, in plate units. */
const [hangsLower, sitsHigher] = [26, 13];

export function necklaceShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment, moves } = drawing;
	const { shoulder, bust, waist } = figure.landmarks;
	const size = sizeOf(drawing);
	const from = shoulder - 24;
	const half = figure.neck + 7;
	const drop = hangsLower * (drawing.under ?? 0);
	const chain = (to: number, strokeWidth = 1.4 + 1.6 * size, wide = half): PlateShape => ({
		d: string(wide, from, to + drop),
		stroke: cloth.hex,
		strokeWidth
	});
	const beads = (to: number, r: number, count: number, hex?: string): PlateShape[] =>
		along(half, from, to + drop, count).map(([x, y]) => bead(x, y, r, drawing, hex));
	const lowest = (to: number) => from + (to + drop - from) * 0.75;
	const layered: PlateShape[] = moves.includes('layered') ? [chain(bust - 20), chain(bust + 40)] : [];
	const doubled: PlateShape[] = moves.includes('doubled') ? [chain(shoulder + 60)] : [];
	const own = ((): PlateShape[] => {
		switch (garment.type) {
			case 'choker':
				return [
					{
						d: `M${-figure.neck},${shoulder - 30}Q0,${shoulder - 18} ${figure.neck},${shoulder - 30}`,
						stroke: cloth.hex,
						strokeWidth: 4 + 5 * size
					}
				];
			case 'pearl-necklace':
				return beads(shoulder + 32, 2.6 + 1.8 * size, 19);
			case 'long-beads':
				return moves.includes('doubled')
					? [...beads(bust - 6, 3.4, 26), ...beads(shoulder + 40, 3.4, 20)]
					: beads(waist + 30, 2.4 + 1.6 * size, 46);
			case 'pendant':
				return [
					chain(bust - 10, 1.8),
					bead(0, lowest(bust - 10) + 8, 5 + 4 * size, drawing, stoneOf(drawing))
				];
			case 'lariat':
				return [
					chain(bust - 30, 2),
					stitch(
						[
							[0, lowest(bust - 30)],
							[0, bust + 46]
						],
						cloth.hex,
						2,
						1
					),
					bead(0, bust + 50, 4, drawing, stoneOf(drawing))
				];
			case 'layered-necklaces':
				return [
					chain(shoulder + 20, 1.8),
					chain(shoulder + 66, 2),
					chain(bust + 14, 2.2),
					bead(0, lowest(bust + 14) + 5, 4, drawing)
				];
			case 'collar-necklace':
			case 'kundan-set': {
				const stones = along(half, from + 4, shoulder + 44, 11);
				return [
					{ d: string(half, from, shoulder + 40), stroke: cloth.hex, strokeWidth: 10 + 6 * size },
					...stones.map(([x, y]) => bead(x, y, 3.6, drawing, stoneOf(drawing)))
				];
			}
			case 'rani-haar':
				return [
					chain(waist - 20, 3),
					...along(half, from, waist - 20, 30).map(([x, y]) => bead(x, y, 2.6, drawing, stoneOf(drawing))),
					bead(0, lowest(waist - 20) + 10, 11, drawing, stoneOf(drawing))
				];
			case 'mangalsutra':
				return [
					...beads(bust + 6, 2.2, 30, '#1c1a19'),
					bead(-5, lowest(bust + 6) + 6, 4, drawing),
					bead(5, lowest(bust + 6) + 6, 4, drawing)
				];
			case 'chain-necklace':
				return [
					chain(shoulder + 50, 2.4 + 3 * size),
					...along(half, from, shoulder + 50, 12).map(([x, y]): PlateShape => ({
						d: ellipse(x, y, 2.6 * size, 1.9 * size),
						stroke: shaded(cloth.hex, -0.16),
						strokeWidth: 1
					}))
				];
			default:
				return [chain(shoulder + 36)];
		}
	})();
	return [...own, ...layered, ...doubled];
}

// Wrist, hand, ankle ——————————————————————————————————————————————————————————

export function wristShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment, moves } = drawing;
	const { wrist, ankle } = figure.landmarks;
	const size = sizeOf(drawing);
	const onArm = (y: number, strokeWidth: number, hex = cloth.hex, side = -1): PlateShape => ({
		d: flow([
			[side * (xAt(figure.arm.outer, y) + 2), y],
			[(side * (xAt(figure.arm.outer, y) + xAt(figure.arm.inner, y))) / 2, y + 4],
			[side * (xAt(figure.arm.inner, y) - 2), y]
		]),
		stroke: hex,
		strokeWidth
	});
	const y = wrist - 4 - sitsHigher * (drawing.under ?? 0);
	const [handX, handY] = handOf(figure);
	switch (garment.type) {
		case 'watch':
		case 'sports-watch':
			return [
				onArm(y, 6),
				{
					d: ellipse(-handX, y + 3, 7 + 2 * size, 7 + 2 * size),
					fill: { kind: 'colour', hex: garment.type === 'watch' ? '#f3f1ec' : '#2b2b2d' },
					stroke: garment.metal ? cloth.line : cloth.hex,
					strokeWidth: 2
				}
			];
		case 'cuff':
			return [-6, -2, 2, 6].map((dy) =>
				onArm(y - 4 + dy * size, 5 * size, shaded(cloth.hex, dy < 0 ? 0.06 : 0))
			);
		case 'bangle': {
			const count = moves.includes('layered') || garment.facets.size?.value === 'oversized' ? 6 : 2;
			return Array.from({ length: count }, (_, i) => onArm(y - i * 7, 3.4));
		}
		case 'cufflinks':
			return [-1, 1].map((side) => bead(side * (xAt(figure.arm.outer, y) - 4), y, 3.4, drawing));
		case 'anklet': {
			const low = ankle - 12;
			return [
				{
					d: flow([
						[-xAt(figure.leg.outer, low), low],
						[-(xAt(figure.leg.outer, low) + xAt(figure.leg.inner, low)) / 2, low + 4],
						[-xAt(figure.leg.inner, low), low]
					]),
					stroke: cloth.hex,
					strokeWidth: 2 + size
				}
			];
		}
		case 'haath-phool':
			return [
				onArm(y, 4),
				...[-6, 2, 8].map((dx) =>
					stitch(
						[
							[-handX, y + 4],
							[-handX + dx, handY + 44]
						],
						cloth.hex,
						1.6,
						1
					)
				),
				bead(-handX, handY + 16, 5, drawing, stoneOf(drawing))
			];
		default:
			return [
				onArm(y, 2 + 3 * size),
				...(moves.includes('layered') || moves.includes('doubled') ? [onArm(y - 8, 2 + 2 * size)] : [])
			];
	}
}

export function ringShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment, moves } = drawing;
	const [x, y] = handOf(figure);
	const band = (dx: number, dy: number) =>
		stitch(
			[
				[-x + dx - 3, y + dy],
				[-x + dx + 3, y + dy]
			],
			cloth.hex,
			3,
			1
		);
	switch (garment.type) {
		case 'stacking-rings':
			return [band(-8, 48), band(-8, 53), band(-2, 56), band(4, 54)];
		case 'cocktail-ring':
			return [band(-4, 50), bead(-x - 4, y + 47, 5 + sizeOf(drawing), drawing, stoneOf(drawing))];
		case 'signet-ring':
			return [band(4, 54), flat(ellipse(-x + 4, y + 53, 4, 3.4), cloth.hex)];
		default:
			return [
				band(-4, 50),
				bead(-x - 4, y + 48, 2.4, drawing, stoneOf(drawing)),
				...(moves.includes('layered') ? [band(-8, 44), band(4, 54)] : [])
			];
	}
}

// Lapel and elsewhere —————————————————————————————————————————————————————————

export function broochShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment } = drawing;
	const { shoulder, bust, waist, crown, chin } = figure.landmarks;
	const size = sizeOf(drawing);
	const [x, y]: Point = [54, shoulder + 56];
	switch (garment.type) {
		case 'pocket-square':
			return [
				clothShape(
					polygon([
						[40, bust - 20],
						[44, bust - 36],
						[50, bust - 28],
						[56, bust - 40],
						[61, bust - 24]
					]),
					cloth
				)
			];
		case 'corsage': {
			const [first, ...others] = coloursOf(garment);
			return [
				flat(ellipse(x + 8, y + 12, 12, 6), '#5f7a4a'),
				...[0, 1, 2, 3, 4].map((n) =>
					flat(
						ellipse(x + 10 * Math.cos(n * 1.257), y + 10 * Math.sin(n * 1.257), 8 * size, 8 * size),
						others[n % Math.max(1, others.length)] ?? first ?? cloth.hex
					)
				),
				flat(ellipse(x, y, 5, 5), shaded(cloth.hex, -0.1))
			];
		}
		case 'nose-ring':
			return [{ d: ellipse(9, crown + (chin - crown) * 0.66, 4.5, 5.5), stroke: cloth.hex, strokeWidth: 2 }];
		case 'body-chain':
			return [
				...both([
					[26, shoulder - 20],
					[16, bust],
					[2, bust + 30]
				]).map((points) => stitch(points, cloth.hex, 2, 1)),
				{
					d: curve([
						[0, bust + 30],
						[0.5, waist]
					]),
					stroke: cloth.hex,
					strokeWidth: 2
				},
				stitch(
					[
						[-figure.halfAt(waist), waist + 6],
						[0, waist + 16],
						[figure.halfAt(waist), waist + 6]
					],
					cloth.hex,
					2,
					1
				)
			];
		default:
			return [
				...[0, 1, 2, 3, 4, 5].map((n) =>
					flat(
						ellipse(
							x + 8 * size * Math.cos(n * 1.047),
							y + 8 * size * Math.sin(n * 1.047),
							4 * size,
							4 * size
						),
						cloth.hex
					)
				),
				bead(x, y, 5 * size, drawing, stoneOf(drawing))
			];
	}
}
