/** Skirts, and the skirts of dresses and coats. */
import { placeOf } from '../../lexicon/facets';
import { clothShape, drawn, facing, flat, seam, stitch, type Drawing } from '../drawing';
import { hemRun, hemShapes, slitShapes } from './hems';
import type { PlateShape } from '../model';
import { shaded } from '../cloth/paint';
import { blob, curve, ellipse, flow, mirrored, polygon, xAt, type Point } from '../path';
import { hemYOf, waistbandY } from './trousers';

/** How far a skirt's hem stands out beyond the hip, as a share of its length below the hip. */
const flares: Record<string, number> = {
	pencil: -0.05,
	straight: 0.03,
	column: 0.02,
	bias: 0.1,
	mermaid: 0.16,
	'a-line': 0.22,
	wrap: 0.14,
	full: 0.42,
	circle: 0.5,
	tiered: 0.34,
	ruffled: 0.26,
	pleated: 0.26,
	tulip: -0.02,
	puff: 0.2,
	peplum: 0.02,
	asymmetric: 0.18
};

/** The right edge of a skirt from a waist to its hem. */
export function skirtEdge(drawing: Drawing, waistY: number, waistX: number): Point[] {
	const { figure, moves } = drawing;
	const { hip, knee } = figure.landmarks;
	const lifted = moves.includes('hem-lifted') ? 40 : 0;
	const hemY = hemYOf(figure, placeOf('hemLength', drawn(drawing, 'hemLength', 'knee'))) - lifted;
	const shape = drawn(drawing, 'skirtShape', 'a-line');
	const flare = flares[shape] ?? 0.2;
	const hipX = figure.halfAt(hip) + 5 + Math.max(0, flare) * 34;
	const length = Math.max(20, hemY - hip);
	const hemX = Math.min(246, hipX + length * flare);
	const edge: Point[] = [[waistX, waistY]];
	if (waistY < hip - 20)
		edge.push([waistX + (hipX - waistX) * 0.62, waistY + (hip - waistY) * 0.45], [hipX, hip]);
	if (shape === 'mermaid' && hemY > knee + 20) edge.push([hipX - 8, knee - 50], [hipX - 10, knee - 6]);
	if (shape === 'puff' || shape === 'tulip')
		edge.push([hipX + (shape === 'puff' ? 46 : 8), hip + length * 0.5]);
	if (shape === 'puff') edge.push([hipX + 34, hemY - 10], [hipX + 12, hemY]);
	else edge.push([hemX, hemY]);
	return edge;
}

/** The cloth's fall: folds, pleats, tiers, the edge of a wrap. */
export function foldShapes(drawing: Drawing, edge: readonly Point[]): PlateShape[] {
	const { cloth } = drawing;
	const shape = drawn(drawing, 'skirtShape', 'a-line');
	const top = edge[0] ?? [0, 0];
	const hem = edge.at(-1) ?? [0, 0];
	const y = (share: number) => top[1] + (hem[1] - top[1]) * share;
	const fan = (places: number[], from: number, strokeWidth = 1.1): PlateShape[] =>
		places.map((place) =>
			seam(
				[
					[xAt(edge, y(from)) * place * 0.92, y(from)],
					[hem[0] * place, hem[1] + 2]
				],
				cloth,
				strokeWidth
			)
		);
	/** Soft folds: a shadow that widens to the hem. */
	const soft = (places: number[], from: number): PlateShape[] =>
		places.map((place) =>
			flat(
				polygon([
					[xAt(edge, y(from)) * place, y(from)],
					[hem[0] * (place + 0.05), hem[1]],
					[hem[0] * (place - 0.05), hem[1] + 1]
				]),
				'#14100c',
				0.09
			)
		);
	switch (shape) {
		case 'pleated': {
			const places = [-0.86, -0.62, -0.38, -0.14, 0.1, 0.34, 0.58, 0.82];
			return [...soft(places, 0.03), ...fan(places, 0.02)];
		}
		case 'full':
		case 'circle':
			return [
				...soft([-0.7, -0.42, -0.1, 0.26, 0.58, 0.82], 0.06),
				...fan([-0.66, -0.38, -0.06, 0.3, 0.62], 0.3)
			];
		case 'bias':
		case 'mermaid':
			return [...soft([-0.42, 0.2, 0.62], 0.5), ...fan([-0.4, 0.24], 0.62)];
		case 'ruffled':
		case 'tiered':
			return [0.3, 0.62].flatMap((share) => {
				const x = xAt(edge, y(share));
				return [
					stitch(
						[
							[-x, y(share)],
							[0, y(share) + 8],
							[x, y(share)]
						],
						cloth.line,
						1.8
					),
					...[-0.7, -0.35, 0, 0.35, 0.7].map((place) =>
						stitch(
							[
								[x * place, y(share) + 6],
								[x * place * 1.04, y(share) + 26]
							],
							cloth.line,
							1.1,
							0.6
						)
					)
				];
			});
		case 'wrap':
			return [
				stitch(
					[
						[top[0] * 0.5, top[1]],
						[xAt(edge, y(0.5)) * 0.2, y(0.5)],
						[hem[0] * 0.42, hem[1] + 4]
					],
					cloth.line,
					1.8
				),
				...soft([-0.3], 0.4)
			];
		case 'puff':
			return fan([-0.6, -0.2, 0.25, 0.65], 0.04);
		case 'a-line':
		case 'asymmetric':
			return soft([-0.5, 0.1, 0.56], 0.42);
		case 'peplum': {
			const low = y(0.28);
			const x = xAt(edge, low) + 16;
			return [
				clothShape(`M${-top[0]},${top[1]}L${top[0]},${top[1]}L${x},${low}Q0,${low + 18} ${-x},${low}Z`, cloth)
			];
		}
		default:
			return [];
	}
}

/** A skirt from its right edge, with the hem that its detail gives it; it bows a little, as on a round body. */
export function skirtPath(drawing: Drawing, edge: readonly Point[], bow = 6): string {
	const hem = edge.at(-1) ?? [0, 0];
	const left = mirrored(edge).reverse();
	return `${curve(edge)}${hemRun(drawn(drawing, 'hemDetail', 'plain'), hem, bow)}L${curve(left).slice(1)}Z`;
}

/** Hem finish and slit of a skirt. */
export function skirtFinish(drawing: Drawing, edge: readonly Point[], bow = 6): PlateShape[] {
	const hem = edge.at(-1) ?? [0, 0];
	const from = edge[0]?.[1] ?? 0;
	return drawn(drawing, 'hemDetail', 'plain') === 'slit'
		? slitShapes(drawing, edge, from + (hem[1] - from) * 0.5)
		: hemShapes(drawing, { left: [-hem[0], hem[1]], right: hem, bow });
}

/** What single types are known by. */
function typeShapes({ garment, cloth, figure }: Drawing, edge: readonly Point[]): PlateShape[] {
	const top = edge[0] ?? [0, 0];
	const hem = edge.at(-1) ?? [0, 0];
	const second = garment.palette[1]?.hex ?? shaded(cloth.hex, 0.12);
	switch (garment.type) {
		case 'kilt': {
			const x = hem[0] * 0.42;
			return [
				facing(
					polygon([
						[top[0] * 0.1, top[1] + 4],
						[top[0] * 0.86, top[1] + 4],
						[x + 26, hem[1] + 4],
						[x - 46, hem[1] + 6]
					]),
					{ ...cloth, opacity: 0 }
				),
				stitch(
					[
						[x + 6, hem[1] - 44],
						[x + 8, hem[1] - 16]
					],
					'#b9b9b6',
					3,
					1
				)
			];
		}
		case 'denim-skirt':
			return [
				stitch(
					[
						[0, top[1] + 13],
						[0, hem[1]]
					],
					'#b98a4e',
					1.3
				),
				...[0.22, 0.42, 0.62, 0.82].map((share) =>
					flat(ellipse(0, top[1] + (hem[1] - top[1]) * share, 3, 3), '#b7a27a')
				)
			];
		case 'tulle-skirt':
			return [0.55, 0.8].map((share) => {
				const y = top[1] + (hem[1] - top[1]) * share;
				return stitch(
					[
						[-xAt(edge, y), y],
						[0, y + 12],
						[xAt(edge, y), y]
					],
					shaded(cloth.hex, 0.1),
					2
				);
			});
		case 'lehenga':
		case 'ghagra':
		case 'fishtail-lehenga':
		case 'pavadai':
		case 'lehenga-choli':
		case 'half-saree':
			return [
				...[-0.75, -0.45, -0.15, 0.15, 0.45, 0.75].map((place) =>
					seam(
						[
							[top[0] * place, top[1] + 10],
							[hem[0] * place, hem[1] + 4]
						],
						cloth,
						1.2
					)
				),
				...[20, 8].map((up, i) => ({
					d: flow([
						[-xAt(edge, hem[1] - up), hem[1] - up],
						[0, hem[1] - up + 11],
						[xAt(edge, hem[1] - up), hem[1] - up]
					]),
					stroke: second,
					strokeWidth: i === 0 ? 3 : 9
				}))
			];
		case 'sarong':
			return [
				clothShape(
					blob([
						[-figure.halfAt(top[1]) * 0.4, top[1]],
						[-figure.halfAt(top[1]) * 0.2, top[1] + 40],
						[-figure.halfAt(top[1]) * 0.7, top[1] + 36]
					]),
					cloth
				)
			];
		case 'skort':
			return [
				stitch(
					[
						[top[0] * 0.5, top[1]],
						[hem[0] * 0.3, hem[1] + 4]
					],
					cloth.line,
					1.6
				)
			];
		default:
			return [];
	}
}

export function skirtShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth } = drawing;
	const waistY = waistbandY(drawing);
	const edge = skirtEdge(drawing, waistY, figure.halfAt(waistY) + 2);
	const x = figure.halfAt(waistY) + 3;
	return [
		clothShape(skirtPath(drawing, edge), cloth),
		...foldShapes(drawing, edge),
		stitch(
			[
				[-x, waistY + 11],
				[0, waistY + 14],
				[x, waistY + 11]
			],
			cloth.line,
			1.1
		),
		...typeShapes(drawing, edge),
		...skirtFinish(drawing, edge)
	];
}
