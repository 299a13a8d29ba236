/** Collars and lapels, as they lie on whatever carries them. */
import { clothShape, drawn, facing, flat, stitch, type Drawing } from '../drawing';
import type { PlateShape } from '../model';
import { neckDepth } from './necklines';
import { plainCloth, shaded } from '../cloth/paint';
import { between, blob, both, ellipse, flow, polygon, waves, type Point } from '../path';

/** How far the points of a turned-down collar stand from the middle, and how low they fall. */
const leaves: Record<string, { out: number; low: number }> = {
	shirt: { out: 25, low: 24 },
	'button-down': { out: 22, low: 28 },
	spread: { out: 36, low: 18 },
	cutaway: { out: 46, low: 10 },
	pointed: { out: 20, low: 44 },
	wing: { out: 16, low: 2 }
};

type Collar = (drawing: Drawing) => PlateShape[];

const leafCollar =
	(name: string): Collar =>
	({ figure, cloth, moves }) => {
		const { shoulder } = figure.landmarks;
		const { out, low } = leaves[name] ?? { out: 25, low: 24 };
		const closed = moves.includes('buttoned-to-neck');
		const up = moves.includes('collar-up');
		if (name === 'wing')
			return [
				...bandCollar(20)({ figure, cloth, moves } as Drawing),
				...both([
					[2, shoulder - 18],
					[18, shoulder - 8],
					[20, shoulder - 30]
				]).map((points) => clothShape(polygon(points), cloth))
			];
		const open = closed ? 1 : 8;
		return both(
			up
				? [
						[22, shoulder - 56],
						[40, shoulder - 16],
						[open + 14, shoulder + 8],
						[open, shoulder - 18]
					]
				: [
						[24, shoulder - 36],
						[43, shoulder - 14],
						[out + open, shoulder + low],
						[open, shoulder - (closed ? 12 : 4)],
						[16, shoulder - 24]
					]
		).map((points) => clothShape(polygon(points), cloth));
	};

const bandCollar =
	(high: number, gap = 3): Collar =>
	({ figure, cloth }) => {
		const { shoulder } = figure.landmarks;
		return both([
			[gap, shoulder - 16],
			[gap + 2, shoulder - 16 - high * 0.75],
			[24, shoulder - 22 - high],
			[31, shoulder - 20],
			[16, shoulder - 14]
		]).map((points) => clothShape(polygon(points), cloth));
	};

const openCollar: Collar = ({ figure, cloth }) => {
	const { shoulder, bust } = figure.landmarks;
	return both([
		[24, shoulder - 34],
		[42, shoulder - 12],
		[50, shoulder + 20],
		[38, shoulder + 30],
		[36, shoulder + 40],
		[2, bust - 22]
	]).map((points) => clothShape(polygon(points), cloth));
};

const bow: Collar = ({ figure, cloth }) => {
	const { shoulder, bust } = figure.landmarks;
	const y = shoulder - 8;
	const tail = (side: number, out: number, down: number) =>
		between(
			[
				[side * 2 - 6, y + 4],
				[side * out - 11, down]
			],
			[
				[side * 2 + 6, y + 4],
				[side * out + 9, down - 6]
			]
		);
	return [
		clothShape(
			between(
				[
					[-25, shoulder - 36],
					[-34, shoulder - 18],
					[-8, shoulder - 2]
				],
				[
					[25, shoulder - 36],
					[34, shoulder - 18],
					[8, shoulder - 2]
				]
			),
			cloth
		),
		clothShape(tail(-1, 12, bust + 44), cloth),
		clothShape(tail(1, 15, bust + 24), cloth),
		...both([
			[2, y],
			[30, y - 17],
			[44, y - 8],
			[41, y + 14],
			[26, y + 16]
		]).map((points) => clothShape(blob(points), cloth)),
		clothShape(ellipse(0, y + 2, 8, 9), cloth)
	];
};

const rounded: Collar = ({ figure, cloth }) => {
	const { shoulder } = figure.landmarks;
	return both([
		[2, shoulder + 2],
		[26, shoulder - 26],
		[48, shoulder - 8],
		[44, shoulder + 20],
		[20, shoulder + 26]
	]).map((points) => clothShape(blob(points), cloth));
};

const sailor: Collar = ({ figure, cloth }) => {
	const { shoulder, bust } = figure.landmarks;
	const flap: Point[] = [
		[24, shoulder - 32],
		[74, shoulder - 4],
		[62, shoulder + 44],
		[2, bust - 8]
	];
	const inside = flap.map(([x, y]): Point => [x * 0.86, y - 4 + (y > shoulder ? -5 : 2)]);
	return [
		...both(flap).map((points) => clothShape(polygon(points), cloth)),
		...both(inside.slice(1)).map((points) => stitch(points, cloth.line, 2))
	];
};

const ruffle: Collar = ({ figure, cloth: own, garment }) => {
	const cloth = garment.facets.collar?.value === 'lace' ? plainCloth(own, shaded(own.hex, 0.12)) : own;
	const { shoulder } = figure.landmarks;
	const ring = (y: number, half: number) => waves([-half, y - half * 0.28], [0, y], 4, 7);
	return [0, 14]
		.flatMap((down) => {
			const half = 38 + down;
			const left = ring(shoulder + 6 + down, half);
			const right = left.map(([x, y]): Point => [-x, y]).reverse();
			return [
				clothShape(
					`${flow([...left, ...right.slice(1)])}L26,${shoulder - 30}L0,${shoulder - 6 + down}L-26,${shoulder - 30}Z`,
					cloth
				)
			];
		})
		.reverse();
};

const fur: Collar = ({ figure, cloth }) => {
	const { shoulder, bust } = figure.landmarks;
	return both([
		[14, shoulder - 44],
		[46, shoulder - 34],
		[62, shoulder],
		[46, shoulder + 50],
		[12, bust - 6],
		[3, shoulder + 44],
		[16, shoulder]
	]).map((points) =>
		facing(blob(points), { ...cloth, line: shaded(cloth.hex, -0.12) }, shaded(cloth.hex, 0.03))
	);
};

const hood: Collar = ({ figure, cloth }) => {
	const { shoulder } = figure.landmarks;
	const inner = shaded(cloth.hex, -0.09);
	return [
		...both([
			[6, shoulder + 8],
			[20, shoulder - 22],
			[28, shoulder - 42],
			[44, shoulder - 36],
			[66, shoulder - 8],
			[50, shoulder + 12],
			[26, shoulder + 22]
		]).map((points) => clothShape(blob(points), cloth)),
		...both([
			[16, shoulder - 4],
			[28, shoulder - 36],
			[38, shoulder - 22],
			[26, shoulder - 2]
		]).map((points) => flat(blob(points), inner, 0.6))
	];
};

/** A hood as it hangs between the shoulders, seen from behind. */
const hungHood: Collar = ({ figure, cloth }) => {
	const { shoulder, bust } = figure.landmarks;
	const low = shoulder + (bust - shoulder) * 0.62;
	const fold: Point[] = [
		[-40, shoulder - 14],
		[-18, shoulder + 18],
		[0, shoulder + 24],
		[18, shoulder + 18],
		[40, shoulder - 14]
	];
	return [
		clothShape(
			blob([
				[-30, shoulder - 36],
				[0, shoulder - 40],
				[30, shoulder - 36],
				[52, shoulder - 8],
				[38, low - 18],
				[0, low],
				[-38, low - 18],
				[-52, shoulder - 8]
			]),
			cloth
		),
		stitch(fold, cloth.line, 1.4)
	];
};

const collars: Record<string, Collar> = {
	...Object.fromEntries(Object.keys(leaves).map((name) => [name, leafCollar(name)])),
	revere: openCollar,
	camp: openCollar,
	band: bandCollar(7),
	mandarin: bandCollar(11),
	stand: bandCollar(14),
	funnel: bandCollar(24, 1),
	'pussy-bow': bow,
	'peter-pan': rounded,
	sailor,
	ruffled: ruffle,
	lace: ruffle,
	fur,
	hood,
	shawl: (drawing) => lapelShapes(drawing, 'shawl', [1, neckDepth(drawing)]),
	notched: (drawing) => lapelShapes(drawing, 'notch', [1, neckDepth(drawing)])
};

/** Types whose hood or bow is part of what they are. */
const ofType: Record<string, string> = {
	fleece: 'funnel',
	'track-jacket': 'stand',
	jacket: 'spread',
	'leather-jacket': 'stand',
	'suede-jacket': 'spread',
	'bomber-jacket': 'stand',
	'varsity-jacket': 'stand',
	'puffer-jacket': 'funnel',
	gilet: 'funnel',
	'puffer-coat': 'funnel',
	'quilted-jacket': 'stand',
	'shirt-dress': 'shirt',
	'boiler-suit': 'spread',
	hoodie: 'hood',
	'zip-up-hoodie': 'hood',
	parka: 'hood',
	'duffle-coat': 'hood',
	windbreaker: 'hood',
	raincoat: 'hood',
	'polo-shirt': 'shirt',
	'rugby-shirt': 'shirt',
	'knitted-polo': 'shirt',
	'shearling-jacket': 'fur',
	'shearling-coat': 'fur',
	'denim-jacket': 'spread',
	'chore-jacket': 'spread',
	'harrington-jacket': 'stand',
	'safari-jacket': 'spread',
	'waxed-jacket': 'spread',
	bandhgala: 'mandarin',
	sherwani: 'mandarin',
	bandi: 'mandarin'
};

export function collarOf(drawing: Drawing): string | undefined {
	const { garment } = drawing;
	const stated = garment.facets.collar?.value;
	if (stated) return stated;
	const usual = drawn(drawing, 'collar', '');
	return usual || ofType[garment.type];
}

/** The square of a sailor's collar between the shoulders, with its line. */
const sailorBack: Collar = ({ figure, cloth }) => {
	const { shoulder, bust } = figure.landmarks;
	const low = shoulder + (bust - shoulder) * 0.7;
	const square = (by: number): Point[] => [
		[-24, shoulder - 34 + by],
		[-60 + by, shoulder - 6],
		[-56 + by, low - by],
		[56 - by, low - by],
		[60 - by, shoulder - 6],
		[24, shoulder - 34 + by]
	];
	return [clothShape(polygon(square(0)), cloth), stitch(square(8).slice(1, 5), cloth.line, 1.6)];
};

/** A collar of fur as it lies round the neck. */
const furBack: Collar = ({ figure, cloth }) => {
	const { shoulder } = figure.landmarks;
	const round: Point[] = [
		[-26, shoulder - 40],
		[26, shoulder - 40],
		[58, shoulder - 4],
		[34, shoulder + 34],
		[0, shoulder + 42],
		[-34, shoulder + 34],
		[-58, shoulder - 4]
	];
	return [facing(blob(round), { ...cloth, line: shaded(cloth.hex, -0.12) }, shaded(cloth.hex, 0.03))];
};

const backs: Record<string, Collar> = { hood: hungHood, sailor: sailorBack, fur: furBack };

/** From behind, what a collar is seen as: what hangs or lies there, a stand, or the band of one that turns down in front. */
const seenBehind = (drawing: Drawing, collar: string) =>
	(backs[collar] ?? collars[turned.has(collar) ? 'band' : collar])?.(drawing) ?? [];
/** Collars that turn down in front. */
const turned: ReadonlySet<string> = new Set([
	...Object.keys(leaves),
	...['revere', 'camp', 'pussy-bow', 'peter-pan', 'ruffled', 'lace', 'shawl', 'notched']
]);

export function collarShapes(drawing: Drawing): PlateShape[] {
	const collar = collarOf(drawing);
	if (drawing.behind) return collar ? seenBehind(drawing, collar) : [];
	return (collar && collars[collar]?.(drawing)) || [];
}

/**
 * Lapels that turn back from a front's edge, with the collar above their notch.
 *
 * @param lowest where the two fronts meet
 */
export function lapelShapes(drawing: Drawing, lapel: string, lowest: Point): PlateShape[] {
	const { figure, cloth, moves } = drawing;
	const { shoulder } = figure.landmarks;
	const hex = shaded(cloth.hex, 0.035);
	const up = moves.includes('collar-up') ? 18 : 0;
	const top: Point = [23, shoulder - 34 - up];
	const along = (share: number) => shoulder - 30 + (lowest[1] - shoulder + 30) * share;
	const notchY = along(0.36);
	const wide = { notch: 58, peak: 68, shawl: 52 }[lapel] ?? 58;
	const roll: Point = [lowest[0] + 3, lowest[1]];
	if (lapel === 'shawl')
		return both([
			top,
			[44, shoulder - 14 - up * 0.5],
			[wide, along(0.3)],
			[wide - 8, along(0.62)],
			roll,
			[lowest[0] + 4, along(0.72)],
			[20, along(0.28)]
		]).map((points) => facing(`${flow(points.slice(0, 5))}L${flow(points.slice(4)).slice(1)}Z`, cloth, hex));
	const lapelPoints: Point[] =
		lapel === 'peak'
			? [[24, along(0.16)], [42, notchY - 6], [wide, notchY - 26], [wide - 10, notchY + 16], roll]
			: [[24, along(0.16)], [38, notchY - 12], [wide, notchY - 4], [wide - 6, notchY + 22], roll];
	const collar: Point[] = [
		top,
		[43 + up * 0.3, shoulder - 18 - up],
		[lapel === 'peak' ? 46 : 52, notchY - 22],
		[lapel === 'peak' ? 40 : 40, notchY - 8],
		[20, along(0.14)]
	];
	return [...both(collar), ...both(lapelPoints)].map((points) => facing(polygon(points), cloth, hex));
}
