/** Jackets and coats: fronts that part, lapels, fastenings, and how they are worn over the rest. */
import { placeOf } from '../../lexicon/facets';
import type { MoveId } from '../../lexicon/moves';
import { bodiceEdge, fitOf, withArmhole } from './bodice';
import { closureShapes } from './closures';
import { collarOf, collarShapes, lapelShapes } from './collars';
import { clothShape, drawn, flat, stitch, type Drawing } from '../drawing';
import { hemShapes } from './hems';
import { markShapes } from './marks';
import type { PlateShape } from '../model';
import { shaded } from '../cloth/paint';
import { between, ellipse, flow, mirrored, polygon, type Point } from '../path';
import { skirtShapes } from './skirts';
import { hangingSleeves, sleeveShapes, tiedSleeves } from './sleeves';
import { sashAt, topHemY } from './tops';
import { trousersShapes } from './trousers';

/** Collars that close round the neck rather than turn back as lapels. */
const closed = ['mandarin', 'band', 'stand', 'funnel', 'hood', 'shirt', 'spread', 'peter-pan'];
/** Types whose front is cut away from the button down. */
const cutAway: Record<string, number> = {
	'morning-coat': 70,
	'morning-suit': 70,
	tailcoat: 60,
	bolero: 46,
	shrug: 40,
	'spencer-jacket': 6,
	waistcoat: 8,
	'three-piece-suit': 10
};

/** Moves that leave a front open. */
const layered: readonly MoveId[] = ['worn-open', 'as-jacket', 'draped-on-shoulders'];

interface Fronts {
	edge: Point[];
	hemY: number;
	/** Where the fronts meet. */
	buttonY: number;
}

/** The back of a jacket or coat: one panel to the neck, with the seam down its middle. */
function backShapes({ figure, cloth }: Drawing, edge: readonly Point[], hemY: number): PlateShape[] {
	const { shoulder } = figure.landmarks;
	const right: Point[] = [
		[2, shoulder - 26],
		[24.5, shoulder - 30],
		[46, figure.shoulderAt(46) - 3],
		...edge
	];
	return [
		clothShape(panel([...mirrored(right)], right), cloth),
		stitch(
			[
				[0, shoulder - 10],
				[0, hemY - 2]
			],
			cloth.line,
			1.2
		)
	];
}

/** Front panels that part along an inner edge, with lapels or a plain edge; shared by jackets and coats. */
function frontShapes(drawing: Drawing, { edge, hemY, buttonY }: Fronts): PlateShape[] {
	const { figure, cloth, moves, garment } = drawing;
	const { shoulder } = figure.landmarks;
	if (drawing.behind) return backShapes(drawing, edge, hemY);
	const closure = drawn(drawing, 'closure', 'single-breasted');
	const doubled = closure.startsWith('double-breasted');
	const open =
		!moves.includes('worn-closed') &&
		!moves.includes('belted') &&
		(closure === 'open' || layered.some((move) => moves.includes(move)));
	const collar = collarOf(drawing) ?? '';
	const lapel = garment.facets.lapel?.value ?? drawn(drawing, 'lapel', '');
	const toNeck =
		!open &&
		(drawn(drawing, 'neckline', 'v') === 'crew' ||
			closed.includes(collar) ||
			moves.includes('buttoned-to-neck'));
	const away = cutAway[garment.type] ?? 0;
	const top: Point = [24, shoulder - 30];
	const low = moves.includes('unbuttoned') ? Math.min(hemY - 24, buttonY + 46) : buttonY;
	const meets: Point = toNeck ? [1, shoulder - 8] : open ? [34, low] : [1, low];
	const inner: Point[] = [top, meets, [open ? 40 + away : Math.max(0, away), hemY]];
	const outer: Point[] = [[24.5, shoulder - 30], [46, figure.shoulderAt(46) - 3], ...edge];
	const right = panel(inner, outer);
	const left = panel(mirrored(inner), mirrored(outer));
	const shapes = [...[left, right].map((d) => clothShape(d, cloth))];
	if (lapel && lapel !== 'collarless' && !toNeck) shapes.push(...lapelShapes(drawing, lapel, meets));
	if (!open) {
		const from = toNeck ? shoulder + 6 : low;
		shapes.push(
			...closureShapes(drawing, closure, { from, to: hemY - (away > 40 ? hemY - buttonY - 20 : 4) })
		);
		if (doubled)
			shapes.push(
				stitch(
					[
						[24, buttonY],
						[24, hemY - 2]
					],
					cloth.line,
					1.2
				)
			);
	}
	return shapes;
}

const panel = (inner: readonly Point[], outer: readonly Point[]) =>
	`${flow(outer)}L${polygon([...inner].reverse(), false).slice(1)}Z`;
/** Types whose shape has a detail of its own. */
function typeShapes(drawing: Drawing, { edge, hemY }: Fronts): PlateShape[] {
	const { cloth, garment, figure } = drawing;
	if (drawing.behind) return [];
	const hem = edge.at(-1) ?? [0, hemY];
	switch (garment.type) {
		case 'biker-jacket':
			return [
				{
					d: between(
						[
							[-hem[0], hemY - 16],
							[-hem[0], hemY + 1]
						],
						[
							[hem[0], hemY - 16],
							[hem[0], hemY + 1]
						]
					),
					stroke: cloth.line,
					strokeWidth: 1.4
				},
				flat(ellipse(0, hemY - 7, 6, 6), '#b9b9b6')
			];
		case 'embroidered-jacket':
			return [1, -1].flatMap((side) =>
				[0, 1, 2].map((n) =>
					flat(ellipse(side * 44, figure.landmarks.bust - 30 + n * 34, 9, 6), shaded(cloth.hex, 0.2), 0.8)
				)
			);
		case 'kimono-jacket':
		case 'abaya':
			return [1, -1].map((side) => ({
				d: flow([
					[side * 27, figure.landmarks.shoulder - 26],
					[side * 38, figure.landmarks.bust],
					[side * 42, hemY]
				]),
				stroke: garment.palette[1]?.hex ?? shaded(cloth.hex, -0.07),
				strokeWidth: 11
			}));
		case 'shearling-jacket':
		case 'shearling-coat':
			return [
				stitch(
					[
						[-hem[0], hemY - 4],
						[0, hemY],
						[hem[0], hemY - 4]
					],
					'#e6dcc8',
					9,
					1
				)
			];
		default:
			return [];
	}
}

/** A layer hung over the shoulders: no arms in its sleeves, its fronts apart. */
function drapedShapes(drawing: Drawing, fronts: Fronts): PlateShape[] {
	return [...frontShapes(drawing, fronts), ...hangingSleeves(drawing.figure, drawing)];
}

export function jacketShapes(drawing: Drawing): PlateShape[] {
	const { figure, moves } = drawing;
	const { bust, waist, hip } = figure.landmarks;
	if (moves.includes('tied-on-shoulders'))
		return tiedSleeves(drawing, { y: bust - 14, half: figure.shoulder - 4, rise: 84 });
	if (moves.includes('tied-round-waist'))
		return tiedSleeves(drawing, { y: waist + 16, half: figure.halfAt(hip) - 4, rise: 10 });
	const fit = fitOf(drawing);
	const hemY = topHemY(drawing);
	const edge = withArmhole(drawing, bodiceEdge(figure, { ...fit, ease: fit.ease + 5 }, hemY));
	const fronts = { edge, hemY, buttonY: Math.min(hemY - 20, (bust + waist) / 2 + 24) };
	if (moves.includes('draped-on-shoulders')) return drapedShapes(drawing, fronts);
	const hem = edge.at(-1) ?? [0, hemY];
	return [
		...sleeveShapes(drawing, fit.ease + 8),
		...frontShapes(drawing, fronts),
		...markShapes(drawing, fronts),
		...typeShapes(drawing, fronts),
		...hemShapes(drawing, { left: [-hem[0], hem[1]], right: hem, bow: 2 }),
		...(moves.includes('belted') ? [sashAt(drawing, edge)] : []),
		...collarShapes(drawing)
	];
}

/** Capes and ponchos: one fall of cloth from the neck over the arms. */
function capeShapes(drawing: Drawing, hemY: number): PlateShape[] {
	const { figure, cloth, garment } = drawing;
	const { shoulder, bust } = figure.landmarks;
	const wide = figure.shoulder + 56;
	const low = Math.min(hemY, figure.landmarks.knee + 20);
	const right: Point[] = [
		[28, shoulder - 28],
		[figure.shoulder * 0.8, shoulder - 2],
		[figure.shoulder + 18, shoulder + 26],
		[wide - 16, bust + 20],
		[wide, low]
	];
	const left = mirrored(right).reverse();
	const poncho = garment.type === 'poncho';
	const hem = poncho ? `L0,${low + 70}L${-wide},${low}` : `Q0,${low + 16} ${-wide},${low}`;
	return [
		clothShape(`${flow(right)}${hem}L${flow(left).slice(1)}Q0,${shoulder - 6} 28,${shoulder - 28}Z`, cloth),
		...(poncho
			? []
			: [
					stitch(
						[
							[0, shoulder - 12],
							[0, low + 7]
						],
						cloth.line,
						1.6
					),
					...[-1, 1].map((side) =>
						stitch(
							[
								[side * figure.shoulder * 0.62, bust],
								[side * figure.shoulder * 0.7, bust + 84]
							],
							cloth.line,
							2.4
						)
					)
				]),
		...hemShapes(drawing, { left: [-wide, low], right: [wide, low], bow: 8 })
	];
}

/** How much wider than at the hip a coat hangs at its hem, by its kind: in shares of its length. */
const flares: Record<string, number> = {
	'swing-coat': 0.34,
	'princess-coat': 0.24,
	'cocoon-coat': 0,
	abaya: 0.14
};

export function coatShapes(drawing: Drawing): PlateShape[] {
	const { figure, garment, moves } = drawing;
	const { hip, waist, bust, knee } = figure.landmarks;
	const hemY = Math.min(
		figure.heightOf(placeOf('hemLength', drawn(drawing, 'hemLength', 'knee'))),
		figure.landmarks.floor - 4
	);
	if (garment.type === 'cape' || garment.type === 'poncho') return capeShapes(drawing, hemY);
	const fit = fitOf(drawing);
	const held = moves.includes('belted') || garment.type === 'trench-coat' || garment.type === 'wrap-coat';
	const shape = { follows: held || garment.type === 'princess-coat' ? 1 : fit.follows, ease: fit.ease + 9 };
	const upper = bodiceEdge(figure, shape, Math.min(hemY, hip));
	const hipX = upper.at(-1)?.[0] ?? 110;
	const flare = flares[garment.type] ?? (held ? 0.14 : 0.07);
	const edge: Point[] =
		hemY <= hip
			? upper
			: garment.type === 'cocoon-coat'
				? [...upper, [hipX + 26, (hip + hemY) / 2], [hipX + 2, hemY]]
				: [
						...upper,
						[hipX + (Math.min(hemY, knee) - hip) * flare * 0.9, Math.min(hemY, knee)],
						...(hemY > knee ? [[hipX + (hemY - hip) * flare, hemY] as Point] : [])
					];
	const fronts = { edge, hemY, buttonY: (bust + waist) / 2 };
	if (moves.includes('draped-on-shoulders')) return drapedShapes(drawing, fronts);
	const hem = edge.at(-1) ?? [0, hemY];
	return [
		...sleeveShapes(drawing, fit.ease + 12),
		...frontShapes(drawing, fronts),
		...markShapes(drawing, fronts),
		...typeShapes(drawing, fronts),
		...hemShapes(drawing, { left: [-hem[0], hem[1]], right: hem, bow: 2 }),
		...(held && garment.type !== 'trench-coat' ? [sashAt(drawing, edge)] : []),
		...collarShapes(drawing)
	];
}

/** A jacket over the trousers cut with it, and in a three-piece the waistcoat between. */
export function suitShapes(drawing: Drawing): PlateShape[] {
	const waistcoat: Drawing = {
		...drawing,
		garment: { ...drawing.garment, type: 'waistcoat', facets: {} },
		moves: []
	};
	return [
		...trousersShapes(drawing),
		...(drawing.garment.type === 'three-piece-suit' ? jacketShapes(waistcoat) : []),
		...jacketShapes(drawing)
	];
}

/** A jacket over the skirt cut with it. */
export const skirtSuitShapes = (drawing: Drawing): PlateShape[] => [
	...skirtShapes(drawing),
	...jacketShapes(drawing)
];
