/** Tights, stockings and socks. */
import { placeOf } from '../../lexicon/facets';
import { cutAt, cutFrom, drawn, stitch, type Drawing } from '../drawing';
import { bothSides, footOutline } from '../figure/figure';
import type { PlateShape } from '../model';
import { shaded } from '../cloth/paint';
import { both, grown, xAt, type Point } from '../path';

const sheerness: Record<string, number> = { sheer: 0.45, 'semi-sheer': 0.7, opaque: 1 };

export function hosieryShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment, moves } = drawing;
	const { ankle, crotch } = figure.landmarks;
	const warmers = garment.type === 'leg-warmers';
	const socks = garment.type.endsWith('socks') || warmers;
	const shaft = drawn(drawing, 'shaft', warmers ? 'knee' : 'ankle');
	const scrunched = moves.includes('socks-scrunched');
	const statedY = figure.heightOf(placeOf('shaft', shaft));
	const topY = socks ? (scrunched ? statedY + (ankle - statedY) * 0.5 : statedY) : crotch - 10;
	const stockings = garment.type === 'stockings';
	const from = stockings ? crotch + 70 : topY;
	const leg = grown(
		{ outer: cutFrom(figure.leg.outer, from), inner: cutFrom(figure.leg.inner, from) },
		warmers ? 6 : socks ? 2 : 0.5
	);
	const footless = garment.type === 'footless-tights' || warmers;
	const opacity = sheerness[drawn(drawing, 'opacity', socks ? 'opaque' : 'semi-sheer')] ?? 0.7;
	const fill = cloth.paint;
	const shapes: PlateShape[] = (
		footless
			? [{ outer: cutAt(leg.outer, ankle - 8), inner: cutAt(leg.inner, ankle - 8) }]
			: [leg, grown(footOutline(figure), 0.5)]
	).flatMap((part) => bothSides(part).map((d) => ({ d, fill, opacity })));
	const bar = (y: number, strokeWidth: number) =>
		both([
			[xAt(leg.inner, y), y],
			[xAt(leg.outer, y), y]
		] as Point[]).map((points) => stitch(points, shaded(cloth.hex, -0.08), strokeWidth, 0.9));
	if (socks) shapes.push(...bar(topY + 3, 2), ...bar(topY + 9, 1.2));
	if (scrunched || warmers) shapes.push(...[16, 26, 36].flatMap((down) => bar(topY + down, 1.6)));
	if (stockings) shapes.push(...bar(from + 5, 10));
	if (garment.type === 'fishnet-tights')
		shapes.push(
			...Array.from({ length: 14 }, (_, i) => crotch + 10 + i * ((ankle - crotch) / 14)).flatMap((y) =>
				[14, -14].flatMap((lean) =>
					both([
						[xAt(leg.inner, y), y],
						[xAt(leg.outer, y + lean), y + lean]
					] as Point[]).map((points) => stitch(points, cloth.hex, 1, 0.9))
				)
			)
		);
	return shapes;
}
