/**
 * What a type is known by besides its facets: pockets, belts, quilting, lacing. One table says which types carry
 * which marks; each mark is drawn once.
 */
import type { Drawing } from '../drawing';
import { clothShape, facing, flat, stitch } from '../drawing';
import type { PlateShape } from '../model';
import { shaded } from '../cloth/paint';
import { both, ellipse, polygon, waves, xAt, type Point } from '../path';

/** Where a garment's marks may lie. */
export interface Ground {
	/** The right edge, from the top down. */
	edge: readonly Point[];
	hemY: number;
}
type Mark = (drawing: Drawing, ground: Ground) => PlateShape[];

const box = (x: number, y: number, width: number, height: number): Point[] => [
	[x, y],
	[x + width, y],
	[x + width, y + height],
	[x, y + height]
];
const pocket = ({ cloth }: Drawing, points: Point[], flap = false): PlateShape[] =>
	both(points).flatMap((corners) => {
		const [a, b] = corners;
		if (!a || !b) return [];
		return [
			{ d: polygon(corners), stroke: cloth.line, strokeWidth: 1.3 },
			...(flap
				? [
						clothShape(
							polygon([
								[a[0] - Math.sign(b[0] - a[0]) * 2, a[1] - 2],
								[b[0] + Math.sign(b[0] - a[0]) * 2, b[1] - 2],
								[b[0], b[1] + 9],
								[(a[0] + b[0]) / 2, a[1] + 14],
								[a[0], a[1] + 9]
							]),
							cloth
						)
					]
				: [])
		];
	});
const across = ({ cloth }: Drawing, { edge }: Ground, y: number, strokeWidth = 1.2): PlateShape =>
	stitch(
		[
			[-xAt(edge, y), y],
			[0, y + 3],
			[xAt(edge, y), y]
		],
		cloth.line,
		strokeWidth
	);

const marks = {
	'chest-pockets': (drawing) => {
		const { shoulder } = drawing.figure.landmarks;
		return pocket(drawing, box(24, shoulder + 62, 36, 40), true);
	},
	'chest-pocket': ({ figure, cloth }) => {
		const { shoulder } = figure.landmarks;
		return [{ d: polygon(box(26, shoulder + 66, 30, 34)), stroke: cloth.line, strokeWidth: 1.2 }];
	},
	'breast-welt': ({ figure, cloth }) => {
		const { shoulder } = figure.landmarks;
		return [
			facing(
				polygon([
					[36, shoulder + 80],
					[64, shoulder + 75],
					[64, shoulder + 82],
					[36, shoulder + 87]
				]),
				cloth
			)
		];
	},
	'flap-pockets': ({ figure, cloth }, { edge, hemY }) => {
		const y = Math.min(figure.landmarks.hip - 44, hemY - 34);
		const x = xAt(edge, y);
		return both([
			[x * 0.42, y + 4],
			[x * 0.86, y],
			[x * 0.87, y + 15],
			[x * 0.43, y + 19]
		]).map((points) => clothShape(polygon(points), cloth));
	},
	'patch-pockets': (drawing, { edge, hemY }) => {
		const { figure } = drawing;
		const y = Math.min(figure.landmarks.hip - 50, hemY - 74);
		const x = xAt(edge, y);
		return pocket(drawing, box(x * 0.36, y, x * 0.48, 56));
	},
	'slant-pockets': ({ figure, cloth }, { edge, hemY }) => {
		const y = Math.min(figure.landmarks.waist + 40, hemY - 60);
		return both([
			[xAt(edge, y) * 0.58, y],
			[xAt(edge, y + 44) * 0.8, y + 44]
		]).map((points) => stitch(points, cloth.line, 2.6));
	},
	'kangaroo-pocket': ({ figure, cloth }, { hemY }) => {
		const y = Math.min(figure.landmarks.waist + 26, hemY - 66);
		return [
			{
				d: polygon([
					[-34, y],
					[34, y],
					[52, y + 30],
					[52, hemY - 16],
					[-52, hemY - 16],
					[-52, y + 30]
				]),
				stroke: cloth.line,
				strokeWidth: 1.3
			}
		];
	},
	drawstrings: ({ figure, cloth }) => {
		const { shoulder } = figure.landmarks;
		return both([
			[9, shoulder + 6],
			[11, shoulder + 40],
			[9, shoulder + 66]
		]).map((points) => stitch(points, shaded(cloth.hex, 0.2), 2.4, 1));
	},
	placket: ({ figure, cloth }) => {
		const { shoulder, bust } = figure.landmarks;
		return [
			{
				d: polygon([
					[-6, shoulder + 2],
					[6, shoulder + 2],
					[6, bust - 6],
					[-6, bust - 6]
				]),
				stroke: cloth.line,
				strokeWidth: 1.1
			},
			...[16, 38, 60].map((down) => flat(ellipse(0, shoulder + down, 2.4, 2.4), cloth.line))
		];
	},
	bib: ({ figure, cloth }) => {
		const { shoulder, waist } = figure.landmarks;
		return [-26, -18, -10, 10, 18, 26].map((x) =>
			stitch(
				[
					[x, shoulder + 26],
					[x, waist - 14]
				],
				cloth.line,
				1.2
			)
		);
	},
	boning: ({ figure, cloth }, { edge, hemY }) => {
		const top = figure.landmarks.shoulder + 72;
		return [-0.72, -0.36, 0, 0.36, 0.72].map((share) =>
			stitch(
				[
					[xAt(edge, top) * share, top + 6],
					[xAt(edge, figure.landmarks.waist - 10) * share, (top + hemY) / 2],
					[xAt(edge, hemY) * share, hemY - 2]
				],
				cloth.line,
				1.5
			)
		);
	},
	yoke: ({ figure, cloth }, { edge }) => {
		const y = figure.landmarks.shoulder + 44;
		return both([
			[xAt(edge, y) - 4, y - 4],
			[figure.shoulder * 0.5, y + 10],
			[12, y]
		]).map((points) => stitch(points, cloth.line, 1.4));
	},
	smocking: ({ figure, cloth }, { edge }) => {
		const { bust } = figure.landmarks;
		return [0, 9, 18, 27].map((down) =>
			stitch(
				waves([-xAt(edge, bust) + 4, bust + 8 + down], [xAt(edge, bust) - 4, bust + 8 + down], 12, 3),
				cloth.line,
				1.1
			)
		);
	},
	'ribbed-hem': ({ cloth }, { edge, hemY }) => {
		const x = xAt(edge, hemY);
		return [
			stitch(
				[
					[-x, hemY - 13],
					[0, hemY - 9],
					[x, hemY - 13]
				],
				cloth.line,
				1.3
			),
			{
				d: Array.from({ length: 15 }, (_, i) => {
					const at = x * (i / 7 - 1) * 0.96;
					return polygon(
						[
							[at, hemY - 11],
							[at, hemY + 1]
						],
						false
					);
				}).join(''),
				stroke: cloth.line,
				strokeWidth: 1,
				opacity: 0.6
			}
		];
	},
	'side-slits': ({ cloth }, { edge, hemY }) => {
		const x = xAt(edge, hemY);
		return both([
			[x * 0.93, hemY - 70],
			[x * 0.95, hemY + 2]
		]).map((points) => stitch(points, cloth.line, 2));
	},
	'angrakha-wrap': ({ figure, cloth }) => {
		const { shoulder, bust, waist } = figure.landmarks;
		return [
			stitch(
				[
					[24, shoulder - 20],
					[-20, bust],
					[-figure.halfAt(waist) * 0.7, waist - 20]
				],
				cloth.line,
				2
			),
			clothShape(
				polygon([
					[-figure.halfAt(waist) * 0.72, waist - 22],
					[-figure.halfAt(waist) * 0.6, waist + 34],
					[-figure.halfAt(waist) * 0.86, waist + 30]
				]),
				cloth
			)
		];
	},
	epaulettes: ({ figure, cloth }) =>
		both([
			[figure.shoulder * 0.55, figure.shoulderAt(figure.shoulder * 0.55) - 3],
			[figure.shoulder + 4, figure.landmarks.shoulder + 2],
			[figure.shoulder + 2, figure.landmarks.shoulder + 15],
			[figure.shoulder * 0.55, figure.shoulderAt(figure.shoulder * 0.55) + 10]
		]).map((points) => clothShape(polygon(points), cloth)),
	'storm-flap': ({ figure, cloth }) => {
		const { shoulder, bust } = figure.landmarks;
		return [
			clothShape(
				polygon([
					[figure.shoulder * 0.5, shoulder + 4],
					[figure.shoulder - 10, shoulder + 12],
					[figure.shoulder - 18, bust - 10],
					[figure.shoulder * 0.55, bust - 4]
				]),
				cloth
			)
		];
	},
	'waist-belt': ({ figure, cloth, behind }, { edge }) => {
		const { waist } = figure.landmarks;
		const x = xAt(edge, waist) + 2;
		const belt = clothShape(polygon(box(-x, waist - 9, 2 * x, 18)), cloth);
		if (behind) return [belt];
		return [belt, { d: polygon(box(-12, waist - 11, 24, 22)), stroke: cloth.line, strokeWidth: 3 }];
	},
	'quilt-lines': (drawing, { edge, hemY }) => {
		const from = drawing.figure.landmarks.shoulder + 44;
		const count = Math.max(2, Math.floor((hemY - from) / 38));
		return Array.from({ length: count }, (_, i) => across(drawing, { edge, hemY }, from + i * 38, 2));
	},
	'colour-bands': ({ figure, cloth, garment }, { edge }) => {
		const y = figure.landmarks.shoulder + 58;
		const hex = garment.palette[1]?.hex ?? shaded(cloth.hex, 0.22);
		return [0, 16].map((down) => ({
			d: polygon(
				[
					[-xAt(edge, y + down), y + down],
					[xAt(edge, y + down), y + down]
				],
				false
			),
			stroke: hex,
			strokeWidth: 6
		}));
	},
	'patterned-yoke': ({ figure, cloth, garment }, { edge }) => {
		const { shoulder } = figure.landmarks;
		const hex = garment.palette[1]?.hex ?? shaded(cloth.hex, 0.3);
		return [24, 40, 56].map((down, i) =>
			stitch(
				waves(
					[-xAt(edge, shoulder + down) + 2, shoulder + down - 6],
					[xAt(edge, shoulder + down) - 2, shoulder + down - 6],
					i === 1 ? 7 : 14,
					i === 1 ? 10 : 5
				),
				hex,
				2,
				1
			)
		);
	},
	tails: ({ figure, cloth }) => {
		const { waist, knee } = figure.landmarks;
		const x = figure.halfAt(waist) + 8;
		return both([
			[x * 0.62, waist + 8],
			[x, waist + 2],
			[x + 16, knee - 30],
			[x * 0.9, knee - 24]
		]).map((points) => clothShape(polygon(points), cloth));
	},
	peplum: ({ figure, cloth }, { edge }) => {
		const { waist, hip } = figure.landmarks;
		const x = xAt(edge, waist);
		const low = hip - 6;
		const out = figure.halfAt(hip) + 30;
		return [
			clothShape(
				`M${-x},${waist}L${x},${waist}C${x + 10},${waist + 26} ${out - 6},${low - 24} ${out},${low}Q0,${low + 22} ${-out},${low}C${-out + 6},${low - 24} ${-x - 10},${waist + 26} ${-x},${waist}Z`,
				cloth
			),
			...[-0.6, -0.25, 0.15, 0.5].map((share) =>
				stitch(
					[
						[x * share, waist + 6],
						[out * share, low + 8]
					],
					cloth.line,
					1.2
				)
			)
		];
	},
	mirrors: ({ figure }) => {
		const { shoulder } = figure.landmarks;
		return [-16, -8, 0, 8, 16].map((x) =>
			flat(ellipse(x, shoulder + 52 - Math.abs(x) * 0.8, 2.4, 2.4), '#eef1f2')
		);
	},
	'tunic-band': ({ figure, cloth }) => {
		const { shoulder, bust } = figure.landmarks;
		return [
			{
				d: polygon([
					[-7, shoulder],
					[7, shoulder],
					[7, bust + 30],
					[0, bust + 38],
					[-7, bust + 30]
				]),
				stroke: cloth.line,
				strokeWidth: 1.3
			}
		];
	}
} satisfies Record<string, Mark>;
type MarkId = keyof typeof marks;

/** Which types carry which marks, in the order in which they are drawn. */
const marksOf: Record<string, MarkId[]> = {
	hoodie: ['kangaroo-pocket', 'drawstrings', 'ribbed-hem'],
	'zip-up-hoodie': ['drawstrings', 'ribbed-hem'],
	sweatshirt: ['ribbed-hem'],
	jumper: ['ribbed-hem'],
	'roll-neck-jumper': ['ribbed-hem'],
	'v-neck-jumper': ['ribbed-hem'],
	'fisherman-jumper': ['ribbed-hem'],
	'fair-isle-jumper': ['patterned-yoke', 'ribbed-hem'],
	'knitted-vest': ['ribbed-hem'],
	cardigan: ['ribbed-hem'],
	'polo-shirt': ['placket'],
	'rugby-shirt': ['placket', 'colour-bands'],
	'football-shirt': ['colour-bands'],
	'knitted-polo': ['placket', 'ribbed-hem'],
	henley: ['placket'],
	'evening-shirt': ['bib'],
	'oxford-shirt': ['chest-pocket'],
	'flannel-shirt': ['chest-pockets'],
	'denim-shirt': ['yoke', 'chest-pockets'],
	overshirt: ['chest-pockets'],
	'camp-collar-shirt': ['chest-pocket'],
	'corset-top': ['boning'],
	'peplum-top': ['peplum'],
	'peplum-jacket': ['peplum'],
	'peplum-kurta': ['peplum'],
	'smock-top': ['smocking'],
	'smock-dress': ['smocking'],
	'peasant-blouse': ['smocking'],
	tunic: ['tunic-band'],
	'kaftan-top': ['tunic-band'],
	kaftan: ['tunic-band', 'side-slits'],
	kurta: ['tunic-band', 'side-slits'],
	'short-kurta': ['tunic-band'],
	'straight-kurta': ['tunic-band', 'side-slits'],
	'a-line-kurta': ['tunic-band'],
	'pathani-kurta': ['placket', 'side-slits'],
	angrakha: ['angrakha-wrap'],
	blazer: ['breast-welt', 'flap-pockets'],
	'suit-jacket': ['breast-welt', 'flap-pockets'],
	suit: ['breast-welt', 'flap-pockets'],
	'trouser-suit': ['breast-welt', 'flap-pockets'],
	'three-piece-suit': ['breast-welt', 'flap-pockets'],
	'zoot-suit': ['breast-welt', 'flap-pockets'],
	'skirt-suit': ['flap-pockets'],
	'dinner-jacket': ['breast-welt'],
	'dinner-suit': ['breast-welt'],
	'smoking-jacket': ['patch-pockets'],
	'tweed-jacket': ['breast-welt', 'flap-pockets'],
	'boucle-jacket': ['patch-pockets'],
	tailcoat: ['tails'],
	'morning-coat': ['tails'],
	'morning-suit': ['tails'],
	'denim-jacket': ['yoke', 'chest-pockets'],
	'chore-jacket': ['patch-pockets', 'chest-pocket'],
	'safari-jacket': ['chest-pockets', 'patch-pockets', 'waist-belt'],
	'safari-suit': ['chest-pockets', 'patch-pockets'],
	'biker-jacket': ['slant-pockets'],
	'leather-jacket': ['slant-pockets'],
	'harrington-jacket': ['slant-pockets', 'ribbed-hem'],
	'bomber-jacket': ['slant-pockets', 'ribbed-hem'],
	'varsity-jacket': ['slant-pockets', 'ribbed-hem'],
	'track-jacket': ['ribbed-hem'],
	windbreaker: ['slant-pockets', 'drawstrings'],
	'waxed-jacket': ['patch-pockets', 'flap-pockets'],
	'quilted-jacket': ['patch-pockets'],
	'puffer-jacket': ['quilt-lines'],
	gilet: ['quilt-lines'],
	'puffer-coat': ['quilt-lines'],
	bandi: ['breast-welt'],
	'trench-coat': ['storm-flap', 'epaulettes', 'waist-belt'],
	greatcoat: ['epaulettes', 'flap-pockets'],
	'pea-coat': ['slant-pockets'],
	'duffle-coat': ['patch-pockets'],
	overcoat: ['breast-welt', 'flap-pockets'],
	'chesterfield-coat': ['breast-welt', 'flap-pockets'],
	'camel-hair-coat': ['patch-pockets'],
	'car-coat': ['slant-pockets'],
	parka: ['patch-pockets', 'drawstrings'],
	raincoat: ['slant-pockets'],
	'shop-coat': ['patch-pockets', 'chest-pocket'],
	'shirt-dress': ['chest-pockets'],
	'blazer-dress': ['flap-pockets'],
	'prairie-dress': ['yoke'],
	'boiler-suit': ['chest-pockets'],
	choli: ['mirrors']
};

/** Marks that go round a garment: they are seen from behind, too. */
const allRound: readonly string[] = [
	'ribbed-hem',
	'quilt-lines',
	'waist-belt',
	'yoke',
	'epaulettes',
	'mirrors'
];

/** All that a type is known by, drawn over its cloth. */
export const markShapes = (drawing: Drawing, ground: Ground): PlateShape[] =>
	(marksOf[drawing.garment.type] ?? []).flatMap((mark) =>
		drawing.behind && !allRound.includes(mark)
			? []
			: ((marks as Record<string, Mark>)[mark]?.(drawing, ground) ?? [])
	);

/** Is the garment finished with ribs (jumpers, sweatshirts, bombers)? */
export const hasRibs = (type: string) => marksOf[type]?.includes('ribbed-hem') ?? false;
