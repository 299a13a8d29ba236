/** Jackets and coats: fronts that part, lapels, fastenings. */
import { placeOf } from '../lexicon/facets';
import { clothShape, drawn, flat, seam, type Drawing } from './drawing';
import type { PlateShape } from './model';
import { shaded } from './paint';
import { between, ellipse, mirrored, polygon, type Point } from './path';
import { skirtShapes, trousersShapes } from './lower';
import { bodiceEdge, fitOf, sleeveShapes, withArmhole } from './upper';

/** Front panels that part along an inner edge, with lapels or a plain edge; shared by jackets and coats. */
function frontShapes(drawing: Drawing, edge: Point[], hemY: number, buttonY: number): PlateShape[] {
	const { figure, cloth, moves } = drawing;
	const { shoulder } = figure.landmarks;
	const closure = drawn(drawing, 'closure', 'single-breasted');
	const open = closure === 'open' || moves.includes('worn-open');
	const crew =
		drawn(drawing, 'neckline', 'v') === 'crew' || ['mandarin', 'band'].includes(drawn(drawing, 'collar', ''));
	const top: Point = [30, shoulder - 24];
	const v: Point = crew && !open ? [1, shoulder + 4] : open ? [24, buttonY] : [1, buttonY];
	const inner: Point[] = [top, v, [open ? 34 : 0, hemY]];
	const outer: Point[] = [[30.5, shoulder - 24], ...edge];
	const shapes = [between(inner, outer), between(mirrored(outer), mirrored(inner))].map((d) =>
		clothShape(d, cloth)
	);

	const lapel = drawing.garment.facets.lapel?.value ?? drawn(drawing, 'lapel', 'collarless');
	if (lapel !== 'collarless' && !crew) {
		const width = lapel === 'peak' ? 62 : lapel === 'shawl' ? 46 : 52;
		const notchY = shoulder + (buttonY - shoulder) * 0.34;
		for (const side of [1, -1]) {
			const points: Point[] =
				lapel === 'shawl'
					? [top, [52, shoulder + 24], [width, notchY], [v[0] + 3, v[1]]]
					: [
							top,
							[46, shoulder - 4],
							[width - 14, notchY - (lapel === 'peak' ? 2 : 12)],
							[width, notchY - (lapel === 'peak' ? 16 : 2)],
							[v[0] + 4, v[1]]
						];
			shapes.push({
				...clothShape(polygon(points.map(([x, y]): Point => [side * x, y])), cloth),
				fill: { kind: 'colour', hex: shaded(cloth.hex, 0.04) }
			});
		}
	}
	if (!open) shapes.push(...fasteningShapes(drawing, closure, v[1], hemY));
	return shapes;
}

function fasteningShapes({ cloth }: Drawing, closure: string, fromY: number, hemY: number): PlateShape[] {
	const button = (x: number, y: number) => flat(ellipse(x, y, 3.4, 3.4), cloth.line);
	if (closure.startsWith('double-breasted'))
		return [10, 56].flatMap((down) => [button(-22, fromY + down), button(22, fromY + down)]);
	if (closure === 'zip')
		return [
			seam(
				[
					[0, fromY],
					[0, hemY]
				],
				cloth,
				2.4
			)
		];
	if (closure === 'tie' || closure === 'wrap')
		return [
			seam(
				[
					[0, fromY],
					[-26, hemY]
				],
				cloth
			)
		];
	const step = Math.max(34, (hemY - fromY) / 4);
	return [0.2, 1.2, 2.2]
		.map((n) => fromY + n * step)
		.filter((y) => y < hemY - 14)
		.map((y) => button(0, y));
}

export function jacketShapes(drawing: Drawing): PlateShape[] {
	const { figure } = drawing;
	const { bust, waist } = figure.landmarks;
	const fit = fitOf(drawing);
	const hemY = figure.heightOf(placeOf('topLength', drawn(drawing, 'topLength', 'hip')));
	const edge = withArmhole(drawing, bodiceEdge(figure, { ...fit, ease: fit.ease + 5 }, hemY));
	const buttonY = Math.min(hemY - 20, (bust + waist) / 2 + 24);
	return [...sleeveShapes(drawing, fit.ease + 8), ...frontShapes(drawing, edge, hemY, buttonY)];
}

export function coatShapes(drawing: Drawing): PlateShape[] {
	const { figure, garment } = drawing;
	const { hip, waist, bust, shoulder } = figure.landmarks;
	const hemY = Math.min(
		figure.heightOf(placeOf('hemLength', drawn(drawing, 'hemLength', 'knee'))),
		figure.landmarks.floor - 4
	);
	const fit = fitOf(drawing);
	if (garment.type === 'cape' || garment.type === 'poncho') {
		const wide = (figure.arm.outer[4]?.[0] ?? 140) + 26;
		const edge: Point[] = [
			[(figure.trunk[3]?.[0] ?? 100) + 8, shoulder + 6],
			[wide - 18, bust],
			[wide, hemY]
		];
		return frontShapes(drawing, edge, hemY, shoulder + 20);
	}
	const upper = bodiceEdge(figure, { ...fit, ease: fit.ease + 9 }, hip);
	const hipX = upper.at(-1)?.[0] ?? 110;
	const edge: Point[] =
		hemY > hip
			? [...upper, [hipX + (hemY - hip) * 0.09, hemY]]
			: bodiceEdge(figure, { ...fit, ease: fit.ease + 9 }, hemY);
	const shapes = [
		...sleeveShapes(drawing, fit.ease + 12),
		...frontShapes(drawing, edge, hemY, (bust + waist) / 2)
	];
	if (drawn(drawing, 'closure', '') === 'wrap' || garment.type === 'trench-coat') {
		const x = (upper.find((point) => point[1] >= waist - 2)?.[0] ?? 90) + 2;
		shapes.push(
			clothShape(
				polygon([
					[-x, waist - 8],
					[x, waist - 8],
					[x, waist + 8],
					[-x, waist + 8]
				]),
				drawing.cloth
			)
		);
	}
	return shapes;
}

/** A jacket over the trousers cut with it. */
export const suitShapes = (drawing: Drawing): PlateShape[] => [
	...trousersShapes(drawing),
	...jacketShapes(drawing)
];

/** A jacket over the skirt cut with it. */
export const skirtSuitShapes = (drawing: Drawing): PlateShape[] => [
	...skirtShapes(drawing),
	...jacketShapes(drawing)
];
