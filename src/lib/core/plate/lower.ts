/** What hangs from the waist: trousers, shorts, skirts. */
import { placeOf } from '../lexicon/facets';
import type { Figure } from './body';
import { clothShape, cutAt, cutFrom, drawn, seam, type Drawing } from './drawing';
import type { PlateShape } from './model';
import { between, curve, mirrored, xAt, type Point } from './path';
import { fitOf } from './upper';

/** Cloth beyond the leg at thigh, knee and hem, in plate units a side (common practice). */
const legs: Record<string, [thigh: number, knee: number, hem: number]> = {
	skinny: [2, 2, 2],
	slim: [6, 6, 5],
	tapered: [16, 12, 4],
	straight: [10, 15, 17],
	relaxed: [16, 20, 20],
	baggy: [24, 32, 30],
	balloon: [28, 42, 6],
	wide: [18, 34, 50],
	bootcut: [6, 9, 22],
	flared: [5, 8, 46]
};

/** Where a waistband sits below the natural waist, as a share of stature. */
const riseDrops: Record<string, number> = { high: 0, mid: 0.028, low: 0.062 };

const waistbandY = (drawing: Drawing) =>
	drawing.figure.heightOf(0.615 - (riseDrops[drawn(drawing, 'rise', 'mid')] ?? 0.028));

/** A hem at a share of stature; the lowest ones meet the floor whatever the heel, as they were hemmed for it. */
const hemYOf = (figure: Figure, share: number) =>
	share < 0.02 ? figure.landmarks.floor - 5 : figure.heightOf(share);

/** Right trouser leg from a waistband to its hem. */
function legEdges(drawing: Drawing, waistY: number): { outer: Point[]; inner: Point[] } {
	const { figure, moves } = drawing;
	const { hip, crotch, knee } = figure.landmarks;
	const [thigh, atKnee, atHem] = legs[drawn(drawing, 'leg', 'straight')] ?? [10, 15, 17];
	const loose = Math.max(0, fitOf(drawing).ease - 12) * 0.6;
	const cuffed = moves.includes('hem-cuffed') ? 0.035 : 0;
	const hemY = hemYOf(figure, placeOf('legLength', drawn(drawing, 'legLength', 'full')) + cuffed);
	const roomAt = (y: number) =>
		y < knee
			? thigh + ((atKnee - thigh) * Math.max(0, y - crotch)) / (knee - crotch)
			: atKnee + ((atHem - atKnee) * (y - knee)) / (figure.landmarks.ankle - knee);
	// Only a close leg follows the calf; a looser one falls straight from thigh to knee to hem.
	const follows = thigh < 8 && atHem < 8;
	const below = (edge: readonly Point[], side: 1 | -1): Point[] =>
		cutAt(
			cutFrom(edge, crotch + 24).filter(
				([, y], i, all) => follows || y <= crotch + 24 || y === knee || i === all.length - 1
			),
			hemY
		).map(([x, y]) => [
			Math.max(1.5, x + side * (Math.min(60, roomAt(y)) + loose) * (side < 0 ? 0.55 : 1)),
			y
		]);
	return {
		outer: [
			[figure.halfAt(waistY) + 2 + loose * 0.3, waistY],
			[figure.halfAt(hip) + Math.min(thigh, 14) * 0.6 + loose, hip],
			...below(figure.leg.outer, 1)
		],
		inner: [[0, waistY], [0, crotch + 2], ...below(figure.leg.inner, -1)]
	};
}

export function legsShapes(drawing: Drawing, waistY: number): PlateShape[] {
	const { cloth, figure } = drawing;
	const { outer, inner } = legEdges(drawing, waistY);
	const shapes = [between(mirrored(outer), mirrored(inner)), between(inner, outer)].map((d) =>
		clothShape(d, cloth)
	);
	const { crotch } = figure.landmarks;
	shapes.push(
		seam(
			[
				[0, waistY],
				[0, crotch]
			],
			cloth,
			1
		)
	);
	const hem = outer.at(-1);
	const hemInner = inner.at(-1);
	if (drawing.moves.includes('hem-cuffed') && hem && hemInner)
		for (const side of [1, -1])
			shapes.push(
				seam(
					[
						[side * hemInner[0], hem[1] - 14],
						[side * hem[0], hem[1] - 14]
					],
					cloth,
					2
				)
			);
	const formal = ['tailored-trousers', 'wide-leg-trousers', 'cigarette-trousers'].includes(
		drawing.garment.type
	);
	if (formal && hem && hemInner)
		for (const side of [1, -1])
			shapes.push(
				seam(
					[
						[side * (figure.halfAt(crotch) * 0.52), crotch - 30],
						[side * (hem[0] + hemInner[0]) * 0.5, hem[1] - 4]
					],
					cloth,
					1
				)
			);
	return shapes;
}

export function trousersShapes(drawing: Drawing): PlateShape[] {
	const { cloth, figure } = drawing;
	const waistY = waistbandY(drawing);
	const x = figure.halfAt(waistY) + 2;
	return [
		...legsShapes(drawing, waistY),
		seam(
			[
				[-x, waistY + 13],
				[x, waistY + 13]
			],
			cloth,
			1
		)
	];
}

/** How far a skirt's hem stands out beyond the hip, as a share of its length below the hip. */
const flares: Record<string, number> = {
	pencil: -0.05,
	straight: 0.03,
	column: 0.02,
	bias: 0.1,
	mermaid: 0.14,
	'a-line': 0.22,
	wrap: 0.16,
	full: 0.42,
	circle: 0.5,
	tiered: 0.36,
	pleated: 0.26,
	tulip: -0.02,
	peplum: 0.02,
	asymmetric: 0.18
};

/** The right edge of a skirt from a waist to its hem. */
export function skirtEdge(drawing: Drawing, waistY: number, waistX: number): Point[] {
	const { figure } = drawing;
	const { hip, knee } = figure.landmarks;
	const hemY = hemYOf(figure, placeOf('hemLength', drawn(drawing, 'hemLength', 'knee')));
	const shape = drawn(drawing, 'skirtShape', 'a-line');
	const flare = flares[shape] ?? 0.2;
	const hipX = figure.halfAt(hip) + 6 + Math.max(0, flare) * 34;
	const length = Math.max(20, hemY - hip);
	const hemX = Math.min(244, hipX + length * flare);
	const edge: Point[] = [[waistX, waistY]];
	if (waistY < hip - 20) edge.push([hipX, hip]);
	if (shape === 'mermaid' && hemY > knee + 20) edge.push([hipX - 10, knee - 20]);
	edge.push([hemX, hemY]);
	return edge;
}

export function foldShapes(drawing: Drawing, edge: readonly Point[]): PlateShape[] {
	const shape = drawn(drawing, 'skirtShape', 'a-line');
	const top = edge[0] ?? [0, 0];
	const hem = edge.at(-1) ?? [0, 0];
	const fan = (places: number[], from = 0.18) =>
		places.map((place) =>
			seam(
				[
					[top[0] * place * 0.9, top[1] + (hem[1] - top[1]) * from],
					[hem[0] * place, hem[1] + 2]
				],
				drawing.cloth,
				1.1
			)
		);
	if (shape === 'pleated') return fan([-0.84, -0.6, -0.36, -0.12, 0.12, 0.36, 0.6, 0.84], 0.02);
	if (shape === 'full' || shape === 'circle') return fan([-0.7, -0.42, -0.1, 0.26, 0.58, 0.8], 0.22);
	if (shape === 'bias' || shape === 'mermaid') return fan([-0.4, 0.2], 0.55);
	if (shape === 'tiered')
		return [0.36, 0.68].map((share) => {
			const y = top[1] + (hem[1] - top[1]) * share;
			const x = xAt(edge, y);
			return seam(
				[
					[-x, y],
					[x, y]
				],
				drawing.cloth,
				1.6
			);
		});
	if (shape === 'wrap')
		return [
			seam(
				[
					[top[0] * 0.3, top[1]],
					[hem[0] * 0.34, hem[1]]
				],
				drawing.cloth,
				1.6
			)
		];
	if (shape === 'a-line') return fan([-0.34, 0.4], 0.5);
	return [];
}

/** A skirt from its right edge; the hem bows a little, as cloth on a round body does. */
export function skirtPath(edge: readonly Point[]): string {
	const hem = edge.at(-1) ?? [0, 0];
	const left = mirrored(edge).reverse();
	return `${curve(edge)}Q0,${hem[1] + 12} ${-hem[0]},${hem[1]}L${curve(left).slice(1)}Z`;
}

export function skirtShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth } = drawing;
	const waistY = waistbandY(drawing);
	const edge = skirtEdge(drawing, waistY, figure.halfAt(waistY) + 2);
	const x = figure.halfAt(waistY) + 3;
	return [
		clothShape(skirtPath(edge), cloth),
		...foldShapes(drawing, edge),
		seam(
			[
				[-x, waistY + 11],
				[x, waistY + 11]
			],
			cloth,
			1
		)
	];
}
