/** Shoes, sandals, boots and hosiery. */
import { placeOf } from '../lexicon/facets';
import { bothSides, footOutline } from './body';
import { clothShape, cutFrom, drawn, flat, seam, type Drawing } from './drawing';
import type { PlateShape } from './model';
import { shaded } from './paint';
import { both, grown, polygon, xAt, type Point } from './path';

/** The sole lengthened to a point, squared or left round. */
function toed(drawing: Drawing, foot: { outer: Point[]; inner: Point[] }) {
	const toe = drawn(drawing, 'toe', 'round');
	const { floor } = drawing.figure.landmarks;
	const outerEnd = foot.outer.at(-1) ?? [0, floor];
	const innerEnd = foot.inner.at(-1) ?? [0, floor];
	if (toe === 'pointed' || toe === 'almond') {
		const tip: Point = [(outerEnd[0] + innerEnd[0]) / 2 + 3, floor + (toe === 'pointed' ? 13 : 7)];
		return { outer: [...foot.outer, tip], inner: [...foot.inner, tip] };
	}
	if (toe === 'square')
		return {
			outer: [...foot.outer.slice(0, -1), [outerEnd[0] + 8, floor + 3] as Point],
			inner: [...foot.inner.slice(0, -1), [innerEnd[0] - 6, floor + 3] as Point]
		};
	return foot;
}

const heelWidths: Record<string, number> = {
	stiletto: 4,
	kitten: 5,
	spool: 7,
	block: 15,
	cuban: 13,
	stacked: 14,
	cone: 9,
	wedge: 24,
	platform: 20,
	flat: 0
};

function heelShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth } = drawing;
	if (figure.heel < 8) return [];
	const { ankle, floor } = figure.landmarks;
	const width = heelWidths[drawn(drawing, 'heelShape', 'block')] ?? 12;
	const x = xAt(figure.leg.outer, ankle) + 7;
	return both([
		[x - width, ankle + 20],
		[x, ankle + 18],
		[x - width * 0.15, floor],
		[x - width * 0.85, floor]
	]).map((points) =>
		clothShape(polygon(points), { ...cloth, paint: { kind: 'colour', hex: shaded(cloth.hex, -0.06) } })
	);
}

export function shoeShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth } = drawing;
	const { ankle, floor } = figure.landmarks;
	const foot = toed(drawing, grown(footOutline(figure), 1.5));
	const strap = drawn(drawing, 'strap', '');
	const high = ['trainers', 'brogues', 'loafers'].includes(drawing.garment.type) ? 0.28 : 0.5;
	const topY = ankle + (floor - ankle) * high;
	const upper = { outer: cutFrom(foot.outer, topY), inner: cutFrom(foot.inner, topY) };
	const shapes = [...heelShapes(drawing), ...bothSides(upper).map((d) => clothShape(d, cloth))];
	const bar = (y: number) =>
		both([
			[xAt(foot.inner, y), y],
			[xAt(foot.outer, y), y - 2]
		]).map((points) => seam(points, { ...cloth, line: cloth.hex }, 4));
	if (strap === 'ankle-strap' || strap === 'slingback') shapes.push(...bar(ankle + 8));
	if (strap === 'mary-jane' || strap === 't-bar') shapes.push(...bar(ankle + (floor - ankle) * 0.34));
	if (strap === 't-bar') {
		const x = (xAt(foot.inner, topY) + xAt(foot.outer, topY)) / 2;
		shapes.push(
			...both([
				[x, ankle + (floor - ankle) * 0.32],
				[x, topY + 6]
			]).map((points) => seam(points, { ...cloth, line: cloth.hex }, 4))
		);
	}
	if (drawing.garment.type === 'trainers')
		shapes.push(
			...bothSides({ outer: cutFrom(foot.outer, floor - 9), inner: cutFrom(foot.inner, floor - 9) }).map(
				(d) => flat(d, '#f1efe9')
			)
		);
	return shapes;
}

export function sandalShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth } = drawing;
	const { ankle, floor } = figure.landmarks;
	const foot = grown(footOutline(figure), 1);
	const bars = [ankle + 6, ankle + (floor - ankle) * 0.5, ankle + (floor - ankle) * 0.72];
	return [
		...heelShapes(drawing),
		...bothSides({ outer: cutFrom(foot.outer, floor - 7), inner: cutFrom(foot.inner, floor - 7) }).map((d) =>
			clothShape(d, cloth)
		),
		...bars.flatMap((y) =>
			both([
				[xAt(foot.inner, y), y],
				[xAt(foot.outer, y), y]
			]).map((points) => seam(points, { ...cloth, line: cloth.hex }, 5))
		)
	];
}

export function bootShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth } = drawing;
	const topY = figure.heightOf(placeOf('shaft', drawn(drawing, 'shaft', 'ankle')));
	const foot = toed(drawing, grown(footOutline(figure), 2));
	const shaft = grown({ outer: cutFrom(figure.leg.outer, topY), inner: cutFrom(figure.leg.inner, topY) }, 4);
	const boot = {
		outer: [...shaft.outer.slice(0, -1), ...foot.outer.slice(1)],
		inner: [...shaft.inner.slice(0, -1), ...foot.inner.slice(1)]
	};
	return [...heelShapes(drawing), ...bothSides(boot).map((d) => clothShape(d, cloth))];
}

const sheerness: Record<string, number> = { sheer: 0.45, 'semi-sheer': 0.7, opaque: 1 };

export function tightsShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment } = drawing;
	const socks = garment.type.endsWith('socks');
	const topY = socks
		? figure.heightOf(placeOf('shaft', drawn(drawing, 'shaft', 'ankle')))
		: figure.landmarks.crotch - 10;
	const leg = grown(
		{ outer: cutFrom(figure.leg.outer, topY), inner: cutFrom(figure.leg.inner, topY) },
		socks ? 2 : 0.5
	);
	const opacity = sheerness[drawn(drawing, 'opacity', socks ? 'opaque' : 'semi-sheer')] ?? 0.7;
	return [leg, grown(footOutline(figure), 0.5)].flatMap((part) =>
		bothSides(part).map((d) => ({ d, fill: cloth.paint, opacity }))
	);
}
