/** Trousers, jeans, shorts, and the draped and gathered legs of South Asian dress. */
import { placeOf } from '../../lexicon/facets';
import { fitOf } from './bodice';
import { clothShape, cutAt, cutFrom, drawn, facing, flat, seam, stitch, type Drawing } from '../drawing';
import type { Figure } from '../figure/figure';
import { hemShapes } from './hems';
import type { PlateShape } from '../model';
import { shaded } from '../cloth/paint';
import { between, both, ellipse, mirrored, polygon, waves, xAt, type Point } from '../path';

/** Cloth beyond the leg at thigh, knee and hem, in plate units a side (common practice). */
const legs: Record<string, [thigh: number, knee: number, hem: number]> = {
	skinny: [2, 2, 2],
	slim: [6, 6, 5],
	tapered: [16, 12, 5],
	straight: [10, 16, 19],
	relaxed: [16, 22, 22],
	baggy: [24, 34, 32],
	balloon: [28, 46, 6],
	wide: [18, 36, 52],
	bootcut: [6, 9, 23],
	flared: [5, 7, 46]
};

/** Where a waistband sits below the natural waist, as a share of stature. */
const riseDrops: Record<string, number> = { high: 0, mid: 0.028, low: 0.062 };

export const waistbandY = (drawing: Drawing) => {
	const hips = drawing.moves.includes('low-on-hips') ? 0.03 : 0;
	return drawing.figure.heightOf(0.615 - (riseDrops[drawn(drawing, 'rise', 'mid')] ?? 0.028) - hips);
};

/** A hem at a share of stature; the lowest ones meet the floor whatever the heel, as they were hemmed for it. */
export const hemYOf = (figure: Figure, share: number) =>
	share < 0.02 ? figure.landmarks.floor - 5 : figure.heightOf(share);

type Edges = { outer: Point[]; inner: Point[] };

/** Legs draped from the waist, whose crotch hangs low: how low, as a share of crotch to knee. */
const draped: Record<string, number> = {
	patiala: 0.6,
	'patiala-suit': 0.6,
	salwar: 0.3,
	'salwar-kameez': 0.3,
	'pathani-suit': 0.3,
	dhoti: 0.5,
	'dhoti-set': 0.5,
	'harem-trousers': 0.75
};
/** Legs with a seam at the knee from which a full skirt of cloth falls. */
const kneeFlared = ['sharara', 'gharara', 'sharara-set', 'gharara-set'];

/** Right trouser leg from a waistband to its hem. */
function legEdges(drawing: Drawing, waistY: number): Edges {
	const { figure, moves, garment } = drawing;
	const { hip, crotch, knee, ankle } = figure.landmarks;
	const [thigh, atKnee, atHem] = legs[drawn(drawing, 'leg', 'straight')] ?? [10, 15, 17];
	const { ease } = fitOf(drawing);
	const loose = (ease - 12) * (ease > 12 ? 0.6 : 0.4);
	const cuffed = moves.includes('hem-cuffed') ? 0.035 : moves.includes('tucked-into-boots') ? 0.05 : 0;
	const hemY = hemYOf(figure, placeOf('legLength', drawn(drawing, 'legLength', 'full')) + cuffed);
	const kneeSeam = kneeFlared.includes(garment.type);
	const roomAt = (y: number) => {
		if (kneeSeam) return y <= knee ? 8 : 8 + (62 * (y - knee)) / (hemY - knee);
		if (moves.includes('pegged') && y > knee) return Math.max(2, atKnee * (1 - (y - knee) / (ankle - knee)));
		return y < knee
			? thigh + ((atKnee - thigh) * Math.max(0, y - crotch)) / (knee - crotch)
			: atKnee + ((atHem - atKnee) * (y - knee)) / (ankle - knee);
	};
	const follows = thigh < 4 && atHem < 4;
	/** Where cloth falls that hangs straight from thigh to knee to hem, whatever the leg does under it. */
	const straight = (edge: readonly Point[], side: 1 | -1): Point[] =>
		[crotch + 24, knee, hemY]
			.filter((y, i) => i === 2 || y < hemY)
			.map((y) => [
				Math.max(1.5, xAt(edge, y) + side * (Math.min(62, roomAt(y)) + loose) * (side < 0 ? 0.55 : 1)),
				y
			]);
	const below = (edge: readonly Point[], side: 1 | -1): Point[] => {
		const fall = straight(edge, side);
		// Only a skinny leg follows the calf; a looser one falls straight, but never inside the leg.
		return cutAt(cutFrom(edge, crotch + 24), hemY).map(([x, y]): Point => {
			const cloth = follows ? x + side * Math.max(1, roomAt(y) + loose) : xAt(fall, y);
			const least = x + side * 1.5;
			return [Math.max(1.5, side > 0 ? Math.max(cloth, least) : Math.min(cloth, least)), y];
		});
	};
	const drop = draped[garment.type];
	const inner: Point[] =
		drop === undefined
			? [[0, waistY], [0, crotch + 2], ...below(figure.leg.inner, -1)]
			: [
					[0, waistY],
					[0, crotch + (knee - crotch) * drop],
					...below(figure.leg.inner, -1).filter(([, y]) => y > crotch + (knee - crotch) * drop + 30)
				];
	return {
		outer: [
			[figure.halfAt(waistY) + Math.max(1, 2 + loose * 0.3), waistY],
			[figure.halfAt(hip) + Math.max(1.5, Math.min(thigh, 14) * 0.6 + loose), hip],
			...below(figure.leg.outer, 1)
		],
		inner
	};
}

/** Where the crease or the middle of the right leg runs. */
const middle = ({ outer, inner }: Edges, y: number) => (xAt(outer, y) + xAt(inner, y)) / 2;

/** Types by what their fronts are known by. */
const creased = new Set([
	'tailored-trousers',
	'dinner-trousers',
	'cigarette-trousers',
	'wide-leg-trousers',
	'plus-fours',
	'suit',
	'trouser-suit',
	'three-piece-suit',
	'dinner-suit',
	'morning-suit',
	'zoot-suit',
	'cigarette-salwar',
	'tailored-shorts',
	'culottes'
]);
const striped = new Set(['dinner-trousers', 'track-trousers', 'tracksuit', 'dinner-suit']);
const drawstring = new Set([
	'joggers',
	'track-trousers',
	'tracksuit',
	'pyjama-trousers',
	'pyjamas',
	'scrubs',
	'running-shorts',
	'swim-shorts',
	'kurta-pyjama-trousers',
	'salwar',
	'patiala',
	'palazzo',
	'churidar'
]);
const elastic = new Set([
	'leggings',
	'yoga-leggings',
	'cycling-shorts',
	'gym-set',
	'harem-trousers',
	'paperbag-shorts'
]);
const cargo = new Set(['cargo-trousers', 'carpenter-trousers']);
const ribbedEnds = new Set(['joggers', 'track-trousers', 'tracksuit', 'harem-trousers']);

const isDenim = ({ garment }: Drawing) =>
	garment.type.includes('jeans') ||
	garment.type.startsWith('denim') ||
	garment.facets.material?.value === 'denim';

/** The seat: waistband, the seam down its middle, and a pocket on either side. */
function seatShapes(drawing: Drawing, edges: Edges, waistY: number): PlateShape[] {
	const { cloth, figure } = drawing;
	const { crotch } = figure.landmarks;
	const x = xAt(edges.outer, waistY);
	const line = (points: Point[]) => stitch(points, cloth.line, 1.2);
	const top = waistY + 34;
	const pocket: Point[] = isDenim(drawing)
		? [
				[x * 0.22, top],
				[x * 0.22, top + 34],
				[x * 0.46, top + 42],
				[x * 0.7, top + 34],
				[x * 0.7, top],
				[x * 0.22, top]
			]
		: [
				[x * 0.24, top],
				[x * 0.68, top]
			];
	return [
		line([
			[-x - 1, waistY + 13],
			[0, waistY + 15],
			[x + 1, waistY + 13]
		]),
		line([
			[0, waistY + 15],
			[0, crotch]
		]),
		...(elastic.has(drawing.garment.type) ? [] : both(pocket).map(line))
	];
}

function frontShapes(drawing: Drawing, edges: Edges, waistY: number): PlateShape[] {
	if (drawing.behind) return seatShapes(drawing, edges, waistY);
	const { cloth, figure, garment } = drawing;
	const { crotch, hip } = figure.landmarks;
	const x = xAt(edges.outer, waistY);
	const hemY = edges.outer.at(-1)?.[1] ?? crotch;
	const type = garment.type;
	const denim = isDenim(drawing);
	const thread = denim ? '#b98a4e' : cloth.line;
	const shapes: PlateShape[] = [];
	if (elastic.has(type) || drawstring.has(type)) {
		shapes.push(
			stitch(waves([-x, waistY + 9], [x, waistY + 9], 10, 3), cloth.line, 1.1),
			...(drawstring.has(type)
				? both([
						[4, waistY + 8],
						[9, waistY + 34],
						[6, waistY + 46]
					]).map((points) => stitch(points, shaded(cloth.hex, 0.18), 2.2, 1))
				: [])
		);
	} else {
		shapes.push(
			stitch(
				[
					[-x - 1, waistY + 13],
					[0, waistY + 16],
					[x + 1, waistY + 13]
				],
				thread,
				1.2
			),
			stitch(
				[
					[0, waistY + 15],
					[0, crotch]
				],
				cloth.line,
				1.2
			),
			stitch(
				[
					[9, waistY + 16],
					[9, hip + 6],
					[1, hip + 24]
				],
				thread,
				1.1
			),
			flat(ellipse(0, waistY + 7, 3, 3), denim ? '#b7a27a' : cloth.line),
			...[-0.62, 0.62].map((share) =>
				stitch(
					[
						[x * share, waistY - 1],
						[x * share, waistY + 14]
					],
					cloth.line,
					3
				)
			)
		);
		const pocketX = xAt(edges.outer, waistY + 52);
		shapes.push(
			...both(
				denim
					? [
							[x * 0.5, waistY + 15],
							[x * 0.62, waistY + 34],
							[pocketX - 1, waistY + 40]
						]
					: [
							[x * 0.74, waistY + 14],
							[pocketX - 2, waistY + 58]
						]
			).map((points) => stitch(points, thread, 1.4))
		);
		const pleats = ['relaxed', 'oversized'].includes(drawn(drawing, 'fit', 'regular')) && creased.has(type);
		if (pleats)
			shapes.push(
				...both([
					[x * 0.42, waistY + 14],
					[x * 0.46, waistY + 58]
				]).map((points) => stitch(points, cloth.line, 1.6))
			);
	}
	if (creased.has(type))
		shapes.push(
			...both([
				[middle(edges, crotch + 10), hip + 6],
				[middle(edges, (crotch + hemY) / 2), (crotch + hemY) / 2],
				[middle(edges, hemY), hemY - 3]
			]).map((points) => stitch(points, cloth.line, 1.2, 0.65))
		);
	if (striped.has(type)) {
		const hex = garment.palette[1]?.hex ?? shaded(cloth.hex, type.includes('dinner') ? 0.14 : 0.35);
		const side = edges.outer.map(([px, y]): Point => [px - 4, y]);
		shapes.push({ d: between(mirrored(edges.outer), mirrored(side)), fill: { kind: 'colour', hex } });
		shapes.push({ d: between(side, edges.outer), fill: { kind: 'colour', hex } });
	}
	if (cargo.has(type))
		shapes.push(
			...both([
				[xAt(edges.outer, crotch + 80) - 30, crotch + 76],
				[xAt(edges.outer, crotch + 80) + 5, crotch + 76],
				[xAt(edges.outer, crotch + 130) + 4, crotch + 132],
				[xAt(edges.outer, crotch + 130) - 30, crotch + 132]
			]).flatMap((points) => [
				clothShape(polygon(points), cloth),
				seam(
					[points[0] ?? [0, 0], points[1] ?? [0, 0]].map(([px, y]): Point => [px, y + 14]),
					cloth
				)
			])
		);
	if (draped[type] !== undefined)
		shapes.push(
			...[0.25, 0.5, 0.75].flatMap((share) =>
				both([
					[x * share, waistY + 16],
					[middle(edges, crotch + 60) * (0.4 + share * 0.7), crotch + 80],
					[middle(edges, hemY) * (0.9 + share * 0.16), hemY - 16]
				]).map((points) => stitch(points, cloth.line, 1.3, 0.7))
			)
		);
	if (type === 'churidar')
		shapes.push(
			...[8, 18, 28, 38].flatMap((up) =>
				both([
					[xAt(edges.inner, hemY - up), hemY - up],
					[middle(edges, hemY - up), hemY - up + 4],
					[xAt(edges.outer, hemY - up), hemY - up - 1]
				]).map((points) => stitch(points, cloth.line, 1.2))
			)
		);
	if (drawn(drawing, 'legLength', 'full') === 'stacked')
		shapes.push(
			...[10, 22, 35].flatMap((up) =>
				both([
					[xAt(edges.inner, hemY - up), hemY - up],
					[middle(edges, hemY - up), hemY - up + 5],
					[xAt(edges.outer, hemY - up), hemY - up - 3]
				]).map((points) => stitch(points, cloth.line, 1.8))
			)
		);
	if (drawn(drawing, 'hemDetail', 'plain') === 'slit')
		shapes.push(
			...both([
				[xAt(edges.outer, hemY - 60) - 4, hemY - 56],
				[xAt(edges.outer, hemY) - 5, hemY]
			]).map((points) => stitch(points, cloth.line, 2.4))
		);
	if (kneeFlared.includes(type)) shapes.push(...flareFolds(drawing, edges, hemY));
	return shapes;
}

function flareFolds({ figure, cloth }: Drawing, edges: Edges, hemY: number): PlateShape[] {
	const { knee } = figure.landmarks;
	const fan = [0.2, 0.45, 0.7].flatMap((share) =>
		both([
			[xAt(edges.inner, knee) + (xAt(edges.outer, knee) - xAt(edges.inner, knee)) * share, knee + 4],
			[xAt(edges.inner, hemY) + (xAt(edges.outer, hemY) - xAt(edges.inner, hemY)) * share, hemY - 2]
		]).map((points) => stitch(points, cloth.line, 1.2, 0.7))
	);
	return [
		...both([
			[xAt(edges.inner, knee), knee],
			[xAt(edges.outer, knee), knee - 1]
		]).map((points) => stitch(points, cloth.line, 2)),
		...fan
	];
}

/** What wear has done: paler thighs, frays, holes at the knees. */
function distressShapes(drawing: Drawing, edges: Edges): PlateShape[] {
	const { cloth, figure } = drawing;
	const { crotch, knee } = figure.landmarks;
	const distress = drawn(drawing, 'distress', 'clean');
	const pale = (y: number, rx: number, ry: number) =>
		[-1, 1].map((side) => flat(ellipse(side * middle(edges, y), y, rx, ry), shaded(cloth.hex, 0.14), 0.35));
	switch (distress) {
		case 'faded':
			return pale(crotch + 70, 16, 62);
		case 'worn':
			return [...pale(crotch + 70, 16, 62), ...pale(knee, 13, 22)];
		case 'ripped':
			return [
				...pale(crotch + 70, 15, 56),
				...[1, -1].flatMap((side) => {
					const x = side * middle(edges, knee);
					return [
						flat(ellipse(x, knee + 2, 15, 7), figure.skin),
						...[-2, 3, 7].map((down) =>
							stitch(
								[
									[x - 14, knee + down],
									[x, knee + down + 1],
									[x + 14, knee + down]
								],
								shaded(cloth.hex, 0.28),
								1.2,
								1
							)
						)
					];
				})
			];
		default:
			return [];
	}
}

function endShapes(drawing: Drawing, edges: Edges): PlateShape[] {
	const { cloth, moves, garment } = drawing;
	const hem = edges.outer.at(-1);
	const inner = edges.inner.at(-1);
	if (!hem || !inner) return [];
	const right = { left: inner, right: hem, bow: 2 };
	const left = { left: [-hem[0], hem[1]] as Point, right: [-inner[0], inner[1]] as Point, bow: 2 };
	const bands = (deep: number, by: number) =>
		both([
			[inner[0] - by, hem[1] - deep],
			[hem[0] + by, hem[1] - deep],
			[hem[0] + by, hem[1] + 1],
			[inner[0] - by, hem[1] + 1]
		]).map((points) => facing(polygon(points), cloth, shaded(cloth.hex, 0.06)));
	return [
		...(moves.includes('hem-cuffed') || drawn(drawing, 'hemDetail', 'plain') === 'turned-up'
			? bands(16, 2)
			: []),
		...(ribbedEnds.has(garment.type) ? bands(13, -2) : []),
		...hemShapes(drawing, left),
		...hemShapes(drawing, right)
	];
}

export function legsShapes(drawing: Drawing, waistY: number, fronts = true): PlateShape[] {
	const { cloth } = drawing;
	const edges = legEdges(drawing, waistY);
	const { outer, inner } = edges;
	return [
		...[between(mirrored(outer), mirrored(inner)), between(inner, outer)].map((d) => clothShape(d, cloth)),
		...distressShapes(drawing, edges),
		...(fronts ? frontShapes(drawing, edges, waistY) : []),
		...endShapes(drawing, edges)
	];
}

export const trousersShapes = (drawing: Drawing): PlateShape[] => legsShapes(drawing, waistbandY(drawing));
