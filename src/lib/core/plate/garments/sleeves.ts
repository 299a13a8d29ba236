/** Sleeves by length, shape and how they are worn. */
import { bothSides, type Figure } from '../figure/figure';
import { clothShape, drawn, facing, flat, seam, stitch, type Drawing } from '../drawing';
import type { PlateShape } from '../model';
import { sleeveReaches } from '../../lexicon/sleeve-reaches';
import { necklineOf } from './necklines';
import { shaded } from '../cloth/paint';
import { between, both, mirrored, polygon, waves, xAt, type Point } from '../path';

/** How a shape stands off the arm along its way (0 the shoulder, 1 the end), in plate units outwards. */
const volumes: Record<string, (along: number) => number> = {
	puff: (along) => 26 * Math.max(0, 1 - Math.abs(along - 0.34) * 2.2),
	'leg-of-mutton': (along) => 32 * Math.max(0, 1 - Math.abs(along - 0.22) * 2.6),
	bishop: (along) => 26 * Math.max(0, 1 - Math.abs(along - 0.8) * 2.6),
	balloon: (along) => 30 * Math.max(0, 1 - Math.abs(along - 0.58) * 2),
	bell: (along) => 34 * Math.max(0, along - 0.45) * 1.6,
	flutter: (along) => 30 * along,
	ruffled: (along) => 22 * Math.max(0, along - 0.6) * 2,
	dolman: (along) => 18 * (1 - along * 0.7),
	kimono: () => 18,
	cape: (along) => 20 * along,
	slashed: () => 8
};
/** Shapes that are gathered into a band at the wrist. */
const banded = ['puff', 'bishop', 'balloon', 'leg-of-mutton'];

/** How much a move shortens a sleeve: its end as a share of the arm. */
function endOf({ moves }: Drawing, reach: number): number {
	if (moves.includes('sleeves-rolled') || moves.includes('sleeves-pushed-up')) return Math.min(reach, 0.6);
	return moves.includes('cuffs-turned-back') ? Math.min(reach, 0.86) : reach;
}

/** Both edges of the right sleeve. */
function sleeveEdges(drawing: Drawing, endY: number, room: number): { outer: Point[]; inner: Point[] } {
	const { figure } = drawing;
	const { shoulder: shoulderY } = figure.landmarks;
	const volume = volumes[drawn(drawing, 'sleeveShape', 'plain')] ?? (() => 0);
	const off = necklineOf(drawing).kind === 'off';
	const topY = off ? shoulderY + 34 : shoulderY - 2;
	const lifts: Record<string, number> = { padded: 5, structured: 8, soft: -3, dropped: -7 };
	const padded = lifts[drawn(drawing, 'shoulder', '')] ?? 0;
	const along = (y: number) => Math.max(0, (y - topY) / Math.max(1, endY - topY));
	const steps = [0.07, 0.14, 0.24, 0.36, 0.5, 0.64, 0.8, 0.92, 1].map(
		(share) => topY + (endY - topY) * share
	);
	// The room grows from the shoulder down, so that the sleeve's head lies where the arm begins.
	const roomAt = (y: number) => room * Math.min(1, 0.35 + along(y) * 1.6) + volume(along(y));
	const cap: Point[] = off
		? []
		: [
				[figure.shoulder - 26, topY - 2],
				[figure.shoulder - 6 + room * 0.3 + padded, shoulderY + 3 - padded]
			];
	return {
		outer: [...cap, ...steps.map((y): Point => [xAt(figure.arm.outer, y) + roomAt(y), y])],
		inner: [
			[figure.shoulder - 34, Math.max(topY, shoulderY + 40)],
			...steps
				.filter((y) => y > shoulderY + 66)
				.map((y): Point => [xAt(figure.arm.inner, y) - roomAt(y) * 0.75, y]),
			...(endY <= shoulderY + 66
				? [[Math.max(figure.halfAt(endY), xAt(figure.arm.inner, endY) - room), endY] as Point]
				: [])
		]
	};
}

/** A band across both sleeves between two heights. */
function bandShapes(
	edges: { outer: Point[]; inner: Point[] },
	fromY: number,
	toY: number,
	by: number
): string[] {
	const ends = (edge: Point[], out: number): Point[] => [
		[xAt(edge, fromY) + out, fromY],
		[xAt(edge, toY) + out, toY]
	];
	return bothSides({ outer: ends(edges.outer, by), inner: ends(edges.inner, -by) });
}

/** @param ease how far the body of the garment stands off, in plate units */
export function sleeveShapes(drawing: Drawing, ease: number): PlateShape[] {
	const { figure, cloth, moves } = drawing;
	const stated = sleeveReaches[drawn(drawing, 'sleeveLength', 'long')] ?? 1;
	const reach = endOf(drawing, stated);
	if (reach === 0) return [];
	const { shoulder, wrist } = figure.landmarks;
	const endY = shoulder + (wrist + 4 - shoulder) * reach;
	const edges = sleeveEdges(drawing, endY, 3 + ease * 0.55);
	const shape = drawn(drawing, 'sleeveShape', 'plain');
	const gathered = banded.includes(shape) && reach < 1.01;
	const shapes = bothSides(edges).map((d) => clothShape(d, cloth));
	shapes.push();
	const innerEnd = xAt(edges.inner, endY);
	const outerEnd = xAt(edges.outer, endY);
	if (gathered) {
		shapes.push(
			...bandShapes(edges, endY - 9, endY + 3, 0).map((d) => clothShape(d, cloth)),
			...[0.25, 0.5, 0.75].flatMap((share) =>
				both([
					[innerEnd + (outerEnd - innerEnd) * share, endY - 10],
					[xAt(edges.inner, endY - 40) * (1 - share) + xAt(edges.outer, endY - 40) * share, endY - 38]
				]).map((points) => seam(points, cloth, 1))
			)
		);
	} else if (moves.includes('sleeves-rolled') || moves.includes('cuffs-turned-back')) {
		const deep = moves.includes('sleeves-rolled') ? 17 : 24;
		shapes.push(
			...bandShapes(edges, endY - deep, endY + 2, 3).map((d) => facing(d, cloth, shaded(cloth.hex, 0.05)))
		);
	} else if (moves.includes('sleeves-pushed-up')) {
		shapes.push(
			...[6, 15, 24].flatMap((up) =>
				both([
					[xAt(edges.inner, endY - up), endY - up + 3],
					[(innerEnd + outerEnd) / 2, endY - up - 2],
					[xAt(edges.outer, endY - up), endY - up + 2]
				]).map((points) => stitch(points, cloth.line, 1.4))
			)
		);
	} else if (shape === 'slashed')
		shapes.push(
			...both([
				[(innerEnd + outerEnd) / 2 - 3, shoulder + 70],
				[(innerEnd + outerEnd) / 2 + 4, shoulder + 70],
				[(innerEnd + outerEnd) / 2 + 2, endY - 20],
				[(innerEnd + outerEnd) / 2 - 4, endY - 20]
			]).map((points) => flat(polygon(points), figure.skin))
		);
	else if (shape === 'ruffled' || shape === 'flutter')
		shapes.push(
			...both(waves([innerEnd, endY], [outerEnd, endY], 3, 6)).map((points) =>
				stitch(points, cloth.line, 1.6)
			)
		);
	else if (hasCuff(drawing, stated))
		shapes.push(
			...both([
				[innerEnd + 1, endY - 15],
				[outerEnd - 1, endY - 15]
			]).map((points) => seam(points, cloth))
		);
	if (shape === 'raglan')
		shapes.push(
			...both([
				[figure.neck + 10, figure.shoulderAt(figure.neck + 10)],
				[figure.shoulder * 0.6, shoulder + 30],
				[figure.halfAt(shoulder + 66), shoulder + 66]
			]).map((points) => stitch(points, cloth.line, 1.8))
		);
	if (drawn(drawing, 'shoulder', '') === 'cold-shoulder')
		shapes.push(
			...both([
				[figure.shoulder - 12, shoulder + 14],
				[figure.shoulder + 9, shoulder + 30],
				[figure.shoulder + 8, shoulder + 58],
				[figure.shoulder - 14, shoulder + 44]
			]).map((points) => flat(polygon(points), figure.skin))
		);
	return shapes;
}

/** Long sleeves of shirts end in a cuff that shows. */
const hasCuff = (drawing: Drawing, stated: number) =>
	stated === 1 && drawing.garment.facets.sleeveShape?.value === undefined;

/** An empty sleeve that hangs beside the body, for a layer worn over the shoulders. */
export function hangingSleeves(figure: Figure, drawing: Drawing): PlateShape[] {
	const { shoulder, wrist } = figure.landmarks;
	const x = figure.shoulder + 10;
	const outer: Point[] = [
		[x - 8, shoulder + 8],
		[x + 12, shoulder + 80],
		[x + 16, wrist - 40],
		[x + 12, wrist - 12]
	];
	const inner: Point[] = [
		[x - 40, shoulder + 30],
		[x - 24, shoulder + 90],
		[x - 22, wrist - 40],
		[x - 20, wrist - 12]
	];
	return [...bothSides({ outer, inner }).map((d) => clothShape(d, drawing.cloth))];
}

/** The sleeves of a layer tied by them, their knot in the middle and their ends hanging, from a height. */
export function tiedSleeves(drawing: Drawing, at: { y: number; half: number; rise: number }): PlateShape[] {
	const { cloth } = drawing;
	const { y, half, rise } = at;
	const upper: Point[] = [
		[half, y - rise - 8],
		[half * 0.5, y - rise * 0.4 - 9],
		[6, y - 8]
	];
	const lower: Point[] = [
		[half - 16, y - rise + 16],
		[half * 0.5 - 6, y - rise * 0.4 + 12],
		[-4, y + 8]
	];
	const bands = [between(mirrored(upper), mirrored(lower)), between(lower, upper)];
	const end = (side: number) =>
		between(
			[
				[side * 4 - 8, y + 2],
				[side * 22 - 12, y + 74]
			],
			[
				[side * 4 + 8, y + 2],
				[side * 22 + 12, y + 70]
			]
		);
	return [
		...[end(-1), end(1), ...bands].map((d) => clothShape(d, cloth)),
		clothShape(
			between(
				[
					[-11, y - 11],
					[-13, y],
					[-9, y + 13]
				],
				[
					[11, y - 11],
					[13, y],
					[9, y + 13]
				]
			),
			cloth
		)
	];
}
