/** Shoes, sandals and boots, seen from the front. */
import { placeOf } from '../../lexicon/facets';
import { metalColours } from '../../lexicon/metals';
import { clothShape, cutFrom, drawn, facing, flat, stitch, type Drawing } from '../drawing';
import { bothSides, footOutline, toeY } from '../figure/figure';
import type { PlateShape } from '../model';
import { shaded } from '../cloth/paint';
import { soleColours, whiteSoled } from '../shoe/stuff';
import { blob, both, ellipse, grown, polygon, waves, xAt, type Point } from '../path';

type Foot = { outer: Point[]; inner: Point[] };

/** The foot lengthened to a point, squared or left round. */
function toed(drawing: Drawing, foot: Foot): Foot {
	const end = toeY(drawing.figure);
	const outerEnd = foot.outer.at(-1) ?? [0, end];
	const innerEnd = foot.inner.at(-1) ?? [0, end];
	const middleX = (outerEnd[0] + innerEnd[0]) / 2;
	const tip = (down: number, half: number): Foot => ({
		outer: [...foot.outer.slice(0, -1), [middleX + half, end + down] as Point],
		inner: [...foot.inner.slice(0, -1), [middleX - half + 2, end + down] as Point]
	});
	switch (drawn(drawing, 'toe', 'round')) {
		case 'pointed':
			return tip(11, 3);
		case 'almond':
			return tip(6, 5);
		case 'square':
			return {
				outer: [...foot.outer.slice(0, -1), [outerEnd[0] + 6, end + 2] as Point],
				inner: [...foot.inner.slice(0, -1), [innerEnd[0] - 6, end + 2] as Point]
			};
		default:
			return tip(2, 7);
	}
}

const heelWidths: Record<string, number> = {
	stiletto: 4,
	kitten: 5,
	spool: 7,
	block: 15,
	cuban: 13,
	stacked: 14,
	cone: 9,
	wedge: 26,
	platform: 20,
	flat: 0
};

/** The heel, behind the foot and on its inner side. */
function heelShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth } = drawing;
	if (figure.heel < 8) return [];
	const { ankle, floor } = figure.landmarks;
	const shape = drawn(drawing, 'heelShape', 'block');
	const width = heelWidths[shape] ?? 12;
	const x = xAt(figure.leg.inner, ankle) - 2 - width * 0.5;
	const taper =
		shape === 'cone'
			? 0.3
			: shape === 'spool'
				? 0.24
				: shape === 'stiletto' || shape === 'kitten'
					? 0.3
					: 0.08;
	const wide = Math.max(width, 9);
	return both([
		[x, ankle + 14],
		[x + wide, ankle + 18],
		[x + wide * (1 - taper) - (wide - width) * 0.5, floor + 3],
		[x + wide * taper + (wide - width) * 0.5, floor + 3]
	]).map((points) => facing(polygon(points), cloth, shaded(cloth.hex, -0.07)));
}

/** The sole round the toe: thin, thick, lugged, of rope or cork. */
function soleShapes(drawing: Drawing, foot: Foot): PlateShape[] {
	const { figure, cloth, garment } = drawing;
	const sole = drawn(drawing, 'sole', '');
	const white = whiteSoled.has(garment.type);
	if (sole === '' && !white) return [];
	const end = toeY(figure);
	const thick =
		['platform', 'lug', 'chunky'].includes(sole) || garment.type === 'chunky-trainers'
			? 13
			: sole === 'thin'
				? 3
				: 7;
	const band = (edge: readonly Point[], by: number) =>
		cutFrom(edge, end - thick - 5).map(([x, y]): Point => [x + by, y + 2]);
	const hex = soleColours[sole] ?? (white ? '#f1efe9' : shaded(cloth.hex, -0.1));
	const outer = band(foot.outer, 2.5);
	const inner = band(foot.inner, -2.5);
	const [outerX] = outer[0] ?? [0];
	const [innerX] = inner[0] ?? [0];
	return [
		...bothSides({ outer, inner }).map((d) => facing(d, cloth, hex)),
		...(sole === 'lug' || sole === 'rope'
			? both(waves([innerX, end - 4], [outerX, end - 4], sole === 'rope' ? 6 : 4, 5)).map((points) =>
					stitch(points, shaded(hex, -0.14), 1.6)
				)
			: [])
	];
}

const across = (foot: Foot, y: number, cloth: Drawing['cloth'], strokeWidth = 4, hex = cloth.hex) =>
	both([
		[xAt(foot.inner, y), y],
		[(xAt(foot.inner, y) + xAt(foot.outer, y)) / 2, y + 2],
		[xAt(foot.outer, y), y - 2]
	]).map((points) => stitch(points, hex, strokeWidth, 1));

const middle = (foot: Foot, y: number) => (xAt(foot.inner, y) + xAt(foot.outer, y)) / 2;

const laces = (foot: Foot, from: number, to: number, hex: string): PlateShape[] => {
	const count = Math.max(2, Math.round((to - from) / 7));
	return Array.from({ length: count }, (_, i) => from + ((to - from) * (i + 0.5)) / count).flatMap((y) =>
		both([
			[middle(foot, y) - 6, y - 2],
			[middle(foot, y) + 6, y + 2]
		]).map((points) => stitch(points, hex, 2, 1))
	);
};

/** What single types are known by, between the ankle and the toe. */
function vampShapes(drawing: Drawing, foot: Foot): PlateShape[] {
	const { figure, cloth, garment, moves } = drawing;
	const { ankle } = figure.landmarks;
	const at = (share: number) => ankle + (toeY(figure) - ankle) * share;
	const metal = garment.metal ? metalColours[garment.metal.value] : undefined;
	const light = shaded(cloth.hex, 0.3);
	const x = (share: number) => middle(foot, at(share));
	const pair = (d: (side: number) => string, hex: string) => [1, -1].map((side) => flat(d(side), hex));
	switch (garment.type) {
		case 'trainers':
		case 'canvas-plimsolls':
		case 'high-tops':
		case 'chunky-trainers':
		case 'football-boots':
			return laces(foot, at(0.36), at(moves.includes('unlaced') ? 0.5 : 0.68), light);
		case 'brogues':
		case 'oxford-shoes':
		case 'derby-shoes':
		case 'saddle-shoes':
		case 'boat-shoes':
			return [
				...laces(foot, at(0.38), at(0.6), shaded(cloth.hex, 0.1)),
				...across(foot, at(0.72), cloth, 1.4, cloth.line),
				...(garment.type === 'brogues'
					? pair((side) => ellipse(side * x(0.84), at(0.84), 3, 2), cloth.line)
					: [])
			];
		case 'loafers':
		case 'chunky-loafers':
			return [
				...across(foot, at(0.6), cloth, 5, shaded(cloth.hex, 0.06)),
				...across(foot, at(0.6), cloth, 1.2, metal ?? cloth.line)
			];
		case 'tassel-loafers':
			return pair(
				(side) =>
					polygon([
						[side * x(0.6) - 5, at(0.58)],
						[side * x(0.6) + 5, at(0.58)],
						[side * x(0.6) + 7, at(0.86)],
						[side * x(0.6) - 7, at(0.86)]
					]),
				cloth.line
			);
		case 'monk-strap-shoes':
			return [
				...across(foot, at(0.56), cloth, 6, shaded(cloth.hex, 0.06)),
				...pair((side) => ellipse(side * (x(0.56) + 7), at(0.56), 3, 3), metal ?? '#b9a46a')
			];
		case 'ballet-flats':
		case 'dance-shoes':
			return pair((side) => ellipse(side * x(0.74), at(0.72), 5, 2.6), shaded(cloth.hex, 0.12));
		case 'jutti':
			return pair((side) => ellipse(side * x(0.8), at(0.8), 4, 4), garment.palette[1]?.hex ?? light);
		default:
			return [];
	}
}

/** How deep a shoe opens over the instep, as a share of ankle to toe; below 0 it reaches above the ankle. */
const openings: Record<string, number> = {
	trainers: 0.16,
	'chunky-trainers': 0.12,
	'high-tops': -0.5,
	'canvas-plimsolls': 0.2,
	brogues: 0.24,
	'oxford-shoes': 0.2,
	'derby-shoes': 0.24,
	'monk-strap-shoes': 0.26,
	'saddle-shoes': 0.24,
	'boat-shoes': 0.34,
	loafers: 0.4,
	'tassel-loafers': 0.42,
	'chunky-loafers': 0.36,
	'football-boots': 0.18,
	clogs: 0.38,
	slippers: 0.44,
	espadrilles: 0.46,
	mules: 0.42,
	jutti: 0.62,
	'dance-shoes': 0.6
};

/** What is cut away over the instep, from one side of the foot to the other. */
function openingShapes({ figure }: Drawing, foot: Foot, fromY: number, deepY: number): PlateShape[] {
	const at = (y: number, share: number) =>
		xAt(foot.inner, y) + (xAt(foot.outer, y) - xAt(foot.inner, y)) * share;
	return both([
		[at(fromY, 0.1), fromY - 3],
		[at(fromY, 0.9), fromY - 3],
		[at((fromY + deepY) / 2, 0.86), (fromY + deepY) / 2],
		[at(deepY, 0.66), deepY - 3],
		[at(deepY, 0.5), deepY],
		[at(deepY, 0.34), deepY - 3],
		[at((fromY + deepY) / 2, 0.14), (fromY + deepY) / 2]
	]).map((points) => flat(blob(points), figure.skin));
}

export function shoeShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment } = drawing;
	const { ankle } = figure.landmarks;
	const foot = toed(drawing, grown(footOutline(figure), 1.8));
	const strap = drawn(drawing, 'strap', '');
	const at = (share: number) => ankle + (toeY(figure) - ankle) * share;
	const opening = openings[garment.type] ?? 0.66;
	const topY = opening < 0 ? at(opening) : at(Math.min(0.26, opening * 0.6));
	const outline: Foot =
		opening < 0
			? {
					outer: [
						...cutFrom(grown(figure.leg, 3).outer, topY).filter(([, y]) => y < ankle - 4),
						...foot.outer.slice(1)
					],
					inner: [
						...cutFrom(grown(figure.leg, 3).inner, topY).filter(([, y]) => y < ankle - 4),
						...foot.inner.slice(1)
					]
				}
			: { outer: cutFrom(foot.outer, topY), inner: cutFrom(foot.inner, topY) };
	const slipped = strap === 'mule' || garment.type === 'mules' || garment.type === 'clogs';
	const shapes = [
		...(slipped && figure.heel < 8 ? [] : heelShapes(drawing)),
		...bothSides(outline).map((d) => clothShape(d, cloth)),
		...(opening > 0.1 ? openingShapes(drawing, foot, topY, at(opening)) : []),
		...shineOn(drawing, foot),
		...soleShapes(drawing, foot),
		...vampShapes(drawing, foot)
	];
	if (strap === 'ankle-strap' || strap === 'strappy') shapes.push(...across(foot, ankle + 4, cloth));
	if (strap === 'slingback') shapes.push(...across(foot, ankle + 12, cloth, 2.4));
	if (strap === 'mary-jane' || strap === 't-bar' || strap === 'strappy')
		shapes.push(...across(foot, at(0.4), cloth));
	if (strap === 't-bar')
		shapes.push(
			...both([
				[middle(foot, at(0.4)), at(0.38)],
				[middle(foot, at(opening)), at(opening) + 2]
			]).map((points) => stitch(points, cloth.hex, 4, 1))
		);
	const toe = drawn(drawing, 'toe', 'round');
	if (toe === 'peep' || toe === 'open')
		shapes.push(
			...[1, -1].map((side) => flat(ellipse(side * middle(foot, at(0.96)), at(0.97), 6, 4), figure.skin))
		);
	return shapes;
}

/** The light on polished toes. */
function shineOn({ cloth, figure }: Drawing, foot: Foot): PlateShape[] {
	if (cloth.shine < 0.3) return [];
	const y = toeY(figure) - 8;
	return [1, -1].map((side) =>
		flat(ellipse(side * middle(foot, y) - 5, y, 3, 4), '#ffffff', 0.1 + 0.4 * cloth.shine)
	);
}

/** Bars of a sandal, as shares of ankle to floor. */
const sandalBars: Record<string, number[]> = {
	sliders: [0.66],
	'flip-flops': [],
	'kolhapuri-sandals': [0.6],
	'gladiator-sandals': [-1.4, -0.8, -0.2, 0.3, 0.6, 0.8],
	'fisherman-sandals': [0.34, 0.5, 0.66, 0.82],
	'sports-sandals': [0.1, 0.45, 0.74]
};

export function sandalShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment } = drawing;
	const { ankle } = figure.landmarks;
	const foot = grown(footOutline(figure), 1.5);
	const sole = toed(drawing, grown(footOutline(figure), 3));
	const at = (share: number) => ankle + (toeY(figure) - ankle) * share;
	const strap = drawn(drawing, 'strap', '');
	const thonged =
		garment.type === 'flip-flops' || garment.type === 'kolhapuri-sandals' || strap === 'toe-post';
	const bars = sandalBars[garment.type] ?? (strap === 'mule' ? [0.66, 0.76] : [0.06, 0.7, 0.82]);
	const legFoot = {
		outer: [...figure.leg.outer.filter(([, y]) => y < ankle - 4), ...foot.outer],
		inner: [...figure.leg.inner.filter(([, y]) => y < ankle - 4), ...foot.inner]
	};
	const broad = garment.type === 'sliders' ? 14 : garment.type === 'sports-sandals' ? 8 : 5;
	return [
		...heelShapes(drawing),
		...bothSides({ outer: cutFrom(sole.outer, at(0.3)), inner: cutFrom(sole.inner, at(0.3)) }).map((d) =>
			clothShape(d, cloth)
		),
		...soleShapes(drawing, foot),
		...bothSides(footOutline(figure)).map((d) => flat(d, figure.skin)),
		...bars.flatMap((share) => across(legFoot, at(share), cloth, broad)),
		...(thonged
			? [1, -1].flatMap((side) => [
					stitch(
						[
							[side * xAt(foot.inner, at(0.5)), at(0.5)],
							[side * middle(foot, at(0.86)), at(0.86)],
							[side * xAt(foot.outer, at(0.5)), at(0.5)]
						],
						cloth.hex,
						4,
						1
					)
				])
			: [])
	];
}

/** Types of boots by what their shafts are known by. */
const laced = new Set(['lace-up-boots', 'biker-boots', 'hiking-boots', 'desert-boots', 'snow-boots']);

export function bootShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment } = drawing;
	const { ankle } = figure.landmarks;
	const topY = figure.heightOf(placeOf('shaft', drawn(drawing, 'shaft', 'ankle')));
	const foot = toed(drawing, grown(footOutline(figure), 2.5));
	const wide = ['wellingtons', 'sheepskin-boots', 'snow-boots', 'cowboy-boots', 'biker-boots'].includes(
		garment.type
	)
		? 9
		: 4;
	const shaft = grown(
		{ outer: cutFrom(figure.leg.outer, topY), inner: cutFrom(figure.leg.inner, topY) },
		wide
	);
	const boot = {
		outer: [...shaft.outer.filter(([, y]) => y < ankle - 4), ...foot.outer.slice(1)],
		inner: [...shaft.inner.filter(([, y]) => y < ankle - 4), ...foot.inner.slice(1)]
	};
	const right = (y: number): [number, number] => [xAt(boot.inner, y), xAt(boot.outer, y)];
	const shapes: PlateShape[] = [
		...heelShapes(drawing),
		...bothSides(boot).map((d) => clothShape(d, cloth)),
		...bothSides({ outer: boot.outer, inner: boot.outer.map(([x, y]): Point => [x - 6, y]) }).map((d) =>
			flat(d, '#14100c', 0.1)
		),
		...shineOn(drawing, foot),
		...soleShapes(drawing, foot)
	];
	if (laced.has(garment.type))
		shapes.push(...laces(boot, topY + 6, ankle + (toeY(figure) - ankle) * 0.5, shaded(cloth.hex, 0.22)));
	if (garment.type === 'chelsea-boots')
		shapes.push(
			...both([
				[right(topY + 8)[1] - 8, topY + 2],
				[right(topY + 8)[1] + 1, topY + 2],
				[right(ankle)[1], ankle + 2],
				[right(ankle)[1] - 6, ankle + 2]
			]).map((points) => facing(polygon(points), cloth, shaded(cloth.hex, -0.08)))
		);
	if (garment.type === 'cowboy-boots')
		shapes.push(
			...both([
				[right(topY)[0] + 2, topY + 16],
				[(right(topY)[0] + right(topY)[1]) / 2, topY + 40],
				[right(topY)[1] - 2, topY + 16]
			]).map((points) => stitch(points, shaded(cloth.hex, 0.2), 2, 1))
		);
	if (garment.type === 'sheepskin-boots' || garment.type === 'snow-boots')
		shapes.push(...across(boot, topY + 4, cloth, 10, '#e6dcc8'));
	if (garment.type === 'biker-boots' || garment.type === 'riding-boots')
		shapes.push(...across(boot, ankle - 8, cloth, 4, shaded(cloth.hex, 0.08)));
	return shapes;
}
