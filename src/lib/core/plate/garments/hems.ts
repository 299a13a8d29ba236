/** How hems end: frayed, fringed, ruffled, scalloped, bordered, slit… */
import { clothShape, drawn, facing, flat, seam, stitch, type Drawing } from '../drawing';
import type { PlateShape } from '../model';
import { shaded } from '../cloth/paint';
import { flow, polygon, waves, xAt, type Point } from '../path';

/** A hem from its left to its right end; `bow` is how far its middle hangs below its ends. */
export interface Hem {
	left: Point;
	right: Point;
	bow: number;
}

/** Points along a hem, `count` + 1 of them. */
const along = ({ left, right, bow }: Hem, count: number, down = 0): Point[] =>
	Array.from({ length: count + 1 }, (_, i) => {
		const t = i / count;
		return [
			left[0] + (right[0] - left[0]) * t,
			left[1] + (right[1] - left[1]) * t + bow * 2 * t * (1 - t) + down
		];
	});

const strands = (
	drawing: Drawing,
	hem: Hem,
	step: number,
	length: number,
	strokeWidth: number
): PlateShape[] => {
	const count = Math.max(2, Math.round((hem.right[0] - hem.left[0]) / step));
	const points = along(hem, count);
	// One path for all strands: a fringe has many.
	return [
		{
			d: points
				.map(([x, y], i) =>
					polygon(
						[
							[x, y - 3],
							[x + (i % 2 ? 1.5 : -1), y + length - (i % 3)]
						],
						false
					)
				)
				.join(''),
			stroke: drawing.cloth.hex,
			strokeWidth
		}
	];
};

const band = (hem: Hem, deep: number): string => {
	const upper = along(hem, 6, -deep);
	const lower = along(hem, 6, 1).reverse();
	return `${flow(upper)}L${flow(lower).slice(1)}Z`;
};

type Finish = (drawing: Drawing, hem: Hem) => PlateShape[];
const line =
	(up: number, strokeWidth = 1.2): Finish =>
	({ cloth }, hem) => [stitch(along(hem, 6, -up), cloth.line, strokeWidth)];

const finishes: Record<string, Finish> = {
	raw: (drawing, hem) => strands(drawing, hem, 5, 4, 1),
	frayed: (drawing, hem) => strands(drawing, hem, 4, 8, 1.1),
	fringed: (drawing, hem) => strands(drawing, hem, 5, 26, 1.8),
	tasselled: (drawing, hem) => [
		...strands(drawing, hem, 18, 20, 4),
		...along(hem, Math.max(2, Math.round((hem.right[0] - hem.left[0]) / 18))).map(([x, y]) =>
			flat(`M${x - 3},${y - 2}L${x + 3},${y - 2}L${x + 3},${y + 5}L${x - 3},${y + 5}Z`, drawing.cloth.line)
		)
	],
	feathered: (drawing, hem) => [
		...strands(drawing, hem, 4, 26, 2.4),
		...strands(
			{ ...drawing, cloth: { ...drawing.cloth, hex: shaded(drawing.cloth.hex, 0.08) } },
			hem,
			7,
			20,
			2
		)
	],
	ruffled: ({ cloth }, hem) => {
		const count = Math.max(3, Math.round((hem.right[0] - hem.left[0]) / 26));
		const upper = along(hem, 6, -16);
		const lower = waves(
			[hem.left[0] - 6, hem.left[1] + 3],
			[hem.right[0] + 6, hem.right[1] + 3],
			count,
			6
		).map(([x, y], i, all): Point => {
			const t = i / (all.length - 1);
			return [x, y + hem.bow * 2 * t * (1 - t)];
		});
		return [
			clothShape(`${flow(upper)}L${flow([...lower].reverse()).slice(1)}Z`, cloth),
			...lower
				.filter((_, i) => i % 2 === 1)
				.map(([x, y]) =>
					seam(
						[
							[x * 0.98, y - 20],
							[x, y - 4]
						],
						cloth,
						1
					)
				)
		];
	},
	scalloped: (drawing, hem) => {
		const count = Math.max(3, Math.round((hem.right[0] - hem.left[0]) / 16));
		return along(hem, count)
			.slice(0, -1)
			.map(([x, y], i) => {
				const [x2 = x, y2 = y] = along(hem, count)[i + 1] ?? [];
				return clothShape(`M${x},${y - 2}C${x},${y + 10} ${x2},${y2 + 10} ${x2},${y2 - 2}Z`, drawing.cloth);
			});
	},
	'lace-trimmed': ({ cloth }, hem) => [
		facing(band(hem, 14), { ...cloth, opacity: 0.75 }, shaded(cloth.hex, 0.1)),
		stitch(waves(hem.left, hem.right, 12, 4), shaded(cloth.hex, -0.05), 1.4)
	],
	bordered: ({ cloth, garment }, hem) => {
		const second = garment.palette[1]?.hex ?? shaded(cloth.hex, -0.12);
		return [
			flat(band(hem, 17), second),
			flat(
				band({ ...hem, left: [hem.left[0], hem.left[1] - 22], right: [hem.right[0], hem.right[1] - 22] }, 3),
				second
			)
		];
	},
	'turned-up': line(18, 1.6),
	ribbed: ({ cloth }, hem) => [
		...line(13)({ cloth } as Drawing, hem),
		...along(hem, Math.max(4, Math.round((hem.right[0] - hem.left[0]) / 7))).map(([x, y]) =>
			seam(
				[
					[x, y - 12],
					[x, y - 1]
				],
				cloth,
				1
			)
		)
	],
	elasticated: ({ cloth }, hem) => [
		stitch(waves([hem.left[0], hem.left[1] - 9], [hem.right[0], hem.right[1] - 9], 9, 4), cloth.line, 1.2)
	],
	plain: () => []
};

/** What the garment's hem is finished with. */
export function hemShapes(drawing: Drawing, hem: Hem): PlateShape[] {
	return finishes[drawn(drawing, 'hemDetail', 'plain')]?.(drawing, hem) ?? [];
}

/** Between which shares of half a hem a slit is open: a step or a seat parts it further. */
const slitHung = [0.34, 0.64] as const;
const slitParted = [0.2, 0.8] as const;

/** A slit that shows what is under the skirt, on the figure's left, from a height to the hem. */
export function slitShapes(drawing: Drawing, edge: readonly Point[], fromY: number): PlateShape[] {
	const hem = edge.at(-1) ?? [0, 0];
	const x = xAt(edge, fromY) * 0.46;
	const parted = drawing.posture !== undefined && drawing.posture !== 'standing';
	const [inner, outer] = parted ? slitParted : slitHung;
	return [
		flat(
			polygon([
				[x, fromY],
				[hem[0] * outer, hem[1] + 8],
				[hem[0] * inner, hem[1] + 11]
			]),
			drawing.figure.skin
		),
		stitch(
			[
				[x, fromY],
				[hem[0] * inner, hem[1] + 10]
			],
			drawing.cloth.line,
			1.4
		)
	];
}

/** How the hem of a skirt runs from its right end to its left end, as the continuation of a path. */
export function hemRun(detail: string, right: Point, bow: number): string {
	const [x, y] = right;
	const left: Point = [-x, y];
	switch (detail) {
		case 'asymmetric':
			return `L${-x},${y - Math.max(40, x * 0.55)}`;
		case 'curved':
			return `C${x * 0.8},${y + 26} ${-x * 0.8},${y + 26} ${left[0]},${left[1]}`;
		case 'trained':
			return `L${Math.min(252, x + 30)},${y + 4}Q0,${y + bow * 2 + 10} ${Math.max(-252, -x - 44)},${y + 6}L${left[0]},${left[1]}`;
		case 'high-low':
			return `Q${x * 0.5},${y - 4} 0,${y - 46}Q${-x * 0.5},${y - 4} ${left[0]},${left[1]}`;
		case 'handkerchief':
			return [0.66, 0.33, 0, -0.33, -0.66, -1]
				.map((share, i) => `L${(x * share).toFixed(1)},${(y + (i % 2 === 0 ? -34 : 6)).toFixed(1)}`)
				.join('');
		default:
			return `Q0,${y + bow * 2} ${left[0]},${left[1]}`;
	}
}
