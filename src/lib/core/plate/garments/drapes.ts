/** Cloth that is wound, hung and pinned: sarees, dupattas, shawls. */
import { clothShape, stitch, type Drawing } from '../drawing';
import { hemShapes } from './hems';
import type { PlateShape } from '../model';
import { shaded } from '../cloth/paint';
import { between, flow, type Point } from '../path';
import { skirtPath } from './skirts';

/** The colour of a border: the second colour, or a darker shade. */
const borderOf = ({ garment, cloth }: Drawing) => garment.palette[1]?.hex ?? shaded(cloth.hex, -0.13);

/** A border along a line. */
const bordered = (drawing: Drawing, points: readonly Point[], strokeWidth = 8): PlateShape => ({
	d: flow(points),
	stroke: borderOf(drawing),
	strokeWidth
});

const sides = [1, -1] as const;

/** How the shoulder part is worn, from the moves. */
function side({ moves }: Drawing): 1 | -1 {
	return moves.includes('over-right-shoulder') ? -1 : 1;
}
const turned = (points: readonly Point[], to: 1 | -1): Point[] => points.map(([x, y]): Point => [x * to, y]);
const area = (left: readonly Point[], right: readonly Point[], to: 1 | -1) =>
	to === 1 ? between(left, right) : between(turned(right, -1), turned(left, -1));

/** Wound round the waist with pleats at the front, its pallu over a shoulder, pleated, open or over the head. */
export function sareeShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, moves } = drawing;
	const { waist, shoulder, bust, floor, hip, knee, chin, crown } = figure.landmarks;
	const waistX = figure.halfAt(waist) + 4;
	const hipX = figure.halfAt(hip) + 9;
	const edge: Point[] = [
		[waistX, waist + 16],
		[hipX, hip],
		[hipX + 6, knee],
		[hipX + 24, floor - 6]
	];
	const to = side(drawing);
	const shoulderX = figure.shoulder;
	const open = moves.includes('open-pallu');
	const head = moves.includes('over-head');
	// From the hip on one side across the bust to the other shoulder.
	const lower: Point[] = [
		[shoulderX - 8, shoulder + 2],
		[figure.halfAt(bust) - 2, bust + 18],
		[26, waist - 6],
		[-waistX - 2, waist + 62]
	];
	const upper: Point[] = [
		[34, figure.shoulderAt(34) - 6],
		[-6, bust - 28],
		[-figure.halfAt(bust) + 2, bust + 34],
		[-waistX - 3, waist + 22]
	];
	const across = `${flow(turned(upper, to))}L${flow(turned([...lower].reverse(), to)).slice(1)}Z`;
	const fallX = shoulderX + (open ? 40 : 22);
	const fallLeft: Point[] = [
		[34, figure.shoulderAt(34) - 6],
		[shoulderX - 40, bust],
		[shoulderX - (open ? 34 : 22), hip],
		[shoulderX - (open ? 30 : 14), knee - 30]
	];
	const fallRight: Point[] = [
		[shoulderX - 4, shoulder + 2],
		[shoulderX + 14, bust],
		[fallX, hip],
		[fallX + 4, knee - 40]
	];
	const pleats = [-18, -9, 0, 9, 18];
	const behindHead: PlateShape[] = head
		? [
				clothShape(
					`${flow([
						[-figure.shoulder * 0.8, shoulder + 30],
						[-56, chin],
						[-50, crown + 10],
						[0, crown - 16],
						[50, crown + 10],
						[56, chin],
						[figure.shoulder * 0.8, shoulder + 30]
					])}L44,${shoulder - 6}L38,${crown + 46}Q0,${crown + 2} -38,${crown + 46}L-44,${shoulder - 6}Z`,
					cloth
				)
			]
		: [];
	return [
		clothShape(area(fallLeft, fallRight, to), cloth),
		...(open ? [0.3, 0.6] : [0.2, 0.4, 0.6, 0.8]).map((share) =>
			stitch(
				turned(
					fallLeft.map(([x, y], i): Point => {
						const [x2, y2] = fallRight[i] ?? [x, y];
						return [x + (x2 - x) * share, y + (y2 - y) * share];
					}),
					to
				),
				cloth.line,
				1.2,
				0.7
			)
		),
		bordered(drawing, turned([fallLeft.at(-1) ?? [0, 0], fallRight.at(-1) ?? [0, 0]], to), 14),
		clothShape(skirtPath({ ...drawing, garment: { ...drawing.garment, facets: {} } }, edge), cloth),
		...pleats.map((x) =>
			stitch(
				[
					[x * 0.6, waist + 24],
					[x * 1.2, knee],
					[x * 2, floor - 4]
				],
				cloth.line,
				1.3,
				0.75
			)
		),
		bordered(
			drawing,
			[
				[-hipX - 23, floor - 14],
				[0, floor - 6],
				[hipX + 23, floor - 14]
			],
			9
		),
		clothShape(across, cloth),
		bordered(drawing, turned(upper, to), 6),
		...[0.35, 0.65].map((share) =>
			stitch(
				turned(
					upper.map(([x, y], i): Point => {
						const [x2, y2] = lower[i] ?? [x, y];
						return [x + (x2 - x) * share, y + (y2 - y) * share];
					}),
					to
				),
				cloth.line,
				1.2,
				0.7
			)
		),
		...behindHead
	];
}

/** Over a shoulder, across both, crossed in front, or over the head, as its moves say. */
export function dupattaShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, moves } = drawing;
	const { shoulder, bust, hip, knee, crown, chin } = figure.landmarks;
	const x = figure.shoulder;
	const fallLeft: Point[] = [
		[x - 56, figure.shoulderAt(x - 56) - 6],
		[x - 44, bust],
		[x - 40, hip],
		[x - 38, knee - 60]
	];
	const fallRight: Point[] = [
		[x - 2, shoulder + 4],
		[x + 14, bust],
		[x + 20, hip],
		[x + 22, knee - 70]
	];
	const fall = (to: 1 | -1): PlateShape[] => [
		clothShape(area(fallLeft, fallRight, to), cloth),
		...[0.3, 0.6].map((share) =>
			stitch(
				turned(
					fallLeft.map(([px, y], i): Point => {
						const [x2, y2] = fallRight[i] ?? [px, y];
						return [px + (x2 - px) * share, y + (y2 - y) * share];
					}),
					to
				),
				cloth.line,
				1.2,
				0.7
			)
		),
		bordered(drawing, turned([fallLeft.at(-1) ?? [0, 0], fallRight.at(-1) ?? [0, 0]], to), 10)
	];
	const dip = (deep: number): PlateShape[] => {
		const top: Point[] = [
			[-x + 6, shoulder + 2],
			[-40, bust - 40 + deep],
			[0, bust - 26 + deep],
			[40, bust - 40 + deep],
			[x - 6, shoulder + 2]
		];
		const low: Point[] = [
			[-x + 2, shoulder + 34],
			[-42, bust - 4 + deep],
			[0, bust + 14 + deep],
			[42, bust - 4 + deep],
			[x - 2, shoulder + 34]
		];
		return [
			clothShape(`${flow(top)}L${flow([...low].reverse()).slice(1)}Z`, cloth),
			stitch(
				top.map(([px, y]): Point => [px, y + 18]),
				cloth.line,
				1.2,
				0.7
			),
			bordered(drawing, low, 6)
		];
	};
	if (moves.includes('over-left-shoulder')) return fall(1);
	if (moves.includes('over-right-shoulder')) return fall(-1);
	if (drawing.garment.type === 'pashmina-shawl') return shawlShapes(drawing);
	if (moves.includes('crossed-in-front'))
		return sides.flatMap((to): PlateShape[] => {
			const from = turned(
				[
					[x - 30, figure.shoulderAt(x - 30) - 4],
					[20, bust - 6],
					[-figure.halfAt(hip) - 4, hip - 30]
				],
				to
			);
			const until = turned(
				[
					[x - 2, shoulder + 6],
					[44, bust + 18],
					[-figure.halfAt(hip) - 2, hip + 10]
				],
				to
			);
			return [
				clothShape(`${flow(from)}L${flow([...until].reverse()).slice(1)}Z`, cloth),
				bordered(drawing, until, 4)
			];
		});
	if (moves.includes('over-head'))
		return [
			clothShape(
				`${flow([
					[-x - 8, hip],
					[-x + 4, shoulder + 24],
					[-54, chin],
					[-50, crown + 8],
					[0, crown - 16],
					[50, crown + 8],
					[54, chin],
					[x - 4, shoulder + 24],
					[x + 8, hip]
				])}L${x - 40},${hip}L46,${shoulder}L38,${crown + 44}Q0,${crown + 2} -38,${crown + 44}L-46,${shoulder}L${-x + 40},${hip}Z`,
				cloth
			)
		];
	return [...fall(1), ...fall(-1), ...dip(0)];
}

/** Round both shoulders, its ends apart in front. */
export function shawlShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth } = drawing;
	const { shoulder, bust, hip } = figure.landmarks;
	const outer: Point[] = [
		[30, shoulder - 26],
		[figure.shoulder * 0.8, shoulder - 4],
		[figure.shoulder + 14, shoulder + 26],
		[figure.shoulder + 24, bust + 36],
		[figure.shoulder + 4, hip]
	];
	const inner: Point[] = [
		[26, shoulder - 24],
		[24, shoulder + 20],
		[30, bust],
		[26, hip - 20],
		[figure.shoulder - 40, hip + 30]
	];
	return sides.flatMap((to) => [
		clothShape(`${flow(turned(outer, to))}L${flow(turned([...inner].reverse(), to)).slice(1)}Z`, cloth),
		...[0.4, 0.7].map((share) =>
			stitch(
				turned(
					outer.map(([x, y], i): Point => {
						const [x2, y2] = inner[i] ?? [x, y];
						return [x + (x2 - x) * share, y + (y2 - y) * share];
					}),
					to
				),
				cloth.line,
				1.2,
				0.6
			)
		),
		...hemShapes(drawing, {
			left: to === 1 ? [figure.shoulder - 40, hip + 30] : [-figure.shoulder - 4, hip],
			right: to === 1 ? [figure.shoulder + 4, hip] : [-figure.shoulder + 40, hip + 30],
			bow: 0
		})
	]);
}
