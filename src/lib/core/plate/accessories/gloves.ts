import { handsAt } from '../figure/body';
import { clothShape, cutAt, cutFrom, drawn, flat, stitch, type Drawing } from '../drawing';
import { bothSides, handOf } from '../figure/figure';
import type { PlateShape } from '../model';
import { blob, both, ellipse, grown, xAt, type Point } from '../path';

/** Gloves from the fingertips (or the knuckles) to the wrist or the elbow. */
export function gloveShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment } = drawing;
	const { wrist, elbow } = figure.landmarks;
	const long = garment.type === 'opera-gloves' || drawn(drawing, 'sleeveLength', 'short') === 'elbow';
	const topY = long ? elbow - 14 : wrist - 18;
	const arm = grown({ outer: cutFrom(figure.arm.outer, topY), inner: cutFrom(figure.arm.inner, topY) }, 2);
	const [x, y] = handOf(figure);
	const mitten: Point[] = [
		[x + 11, y - 6],
		[x + 17, y + 24],
		[x + 12, y + 60],
		[x, y + 70],
		[x - 10, y + 58],
		[x - 18, y + 40],
		[x - 12, y - 6]
	];
	const hands =
		garment.type === 'mittens'
			? both(mitten).map(blob)
			: garment.type === 'fingerless-gloves'
				? bothSides({
						outer: [
							[x + 11, y - 6],
							[x + 16, y + 20],
							[x + 14, y + 38]
						],
						inner: [
							[x - 11, y - 6],
							[x - 15, y + 18],
							[x - 12, y + 38]
						]
					})
				: handsAt(figure, 1.6);
	const cuff = { outer: cutAt(arm.outer, wrist + 10), inner: cutAt(arm.inner, wrist + 10) };
	return [
		...hands.map((d) => clothShape(d, cloth)),
		...bothSides(cuff).map((d) => clothShape(d, cloth)),
		...(garment.type === 'driving-gloves'
			? [1, -1].map((side) => flat(ellipse(side * x, y + 18, 5, 6), figure.skin))
			: []),
		...both([
			[xAt(arm.inner, topY + 8), topY + 8],
			[xAt(arm.outer, topY + 8), topY + 8]
		]).map((points) => stitch(points, cloth.line, 1.3))
	];
}
