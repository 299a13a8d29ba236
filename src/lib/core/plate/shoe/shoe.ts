/** A shoe by itself, from its side: heel, toe, sole and fastening can be read, which they cannot from the front. */
import { metalColours } from '../../lexicon/metals';
import { placeOf } from '../../lexicon/facets';
import { garmentType } from '../../lexicon/taxonomy';
import { clothOf } from '../cloth/paint';
import { clothShape, cutFrom, drawn, flat, surfaced, type Drawing } from '../drawing';
import { extentOf } from '../extent';
import { figureOf, plateSize } from '../figure/figure';
import type { Plate, PlateLook, PlateShape } from '../model';
import { ellipse, flow, polygon, xAt, type Point } from '../path';
import { fastenings } from './fastenings';
import { floor, lastOf, type Last } from './last';
import { heelShapes, soleShapes, standing } from './sole';

/** How far the toe of a shoe reaches beyond the foot, and how high its end is. */
const toes: Record<string, readonly Point[]> = {
	pointed: [
		[72, -8],
		[84, -6]
	],
	almond: [
		[69, -10],
		[75, -6]
	],
	square: [
		[67, -15],
		[71, -12],
		[72, -6]
	],
	round: [
		[67, -11],
		[69, -6]
	]
};

/** The tip of the shoe's toe. */
const tipOf = (drawing: Drawing, { sole }: Last): Point[] =>
	(toes[drawn(drawing, 'toe', 'round')] ?? toes.round ?? []).map(([x, y]) => [x, floor - sole + y]);

/** How far behind the tip of the toes a shoe opens, from the side: where its vamp begins. */
const vamps: Record<string, number> = {
	'ballet-flats': 42,
	mules: 22,
	clogs: 4,
	slippers: 12,
	espadrilles: 14,
	jutti: 38,
	loafers: 6,
	'tassel-loafers': 8,
	'chunky-loafers': 4,
	'boat-shoes': 0,
	'dance-shoes': 32
};
/** Shoes that come up to the ankle over the instep. */
const high = new Set([
	...['trainers', 'chunky-trainers', 'canvas-plimsolls', 'high-tops', 'football-boots'],
	...['brogues', 'oxford-shoes', 'derby-shoes', 'monk-strap-shoes', 'saddle-shoes']
]);

/** Where a shoe's upper begins behind and in front, downwards, and how deep it dips between. */
function topline(
	drawing: Drawing,
	{ heelX, seatAt, front, instepAt, lift }: Last
): { back: number; front: Point; dip: number } {
	const { type } = drawing.garment;
	const heelY = floor - lift;
	if (garmentType(type).draws === 'boot') {
		const shaft = placeOf('shaft', drawn(drawing, 'shaft', 'ankle'));
		const y = Math.min(heelY - 50, floor - lift - shaft * plateSize.stature * 0.92);
		return { back: y, front: [xAt(front, y), y], dip: 0 };
	}
	if (type === 'high-tops') return { back: heelY - 74, front: [xAt(front, heelY - 80), heelY - 80], dip: 2 };
	const x = high.has(type) ? heelX + 58 : Math.max(heelX + 60, vamps[type] ?? 30);
	const y = instepAt(x);
	const middle = (heelX + x) / 2;
	return {
		back: heelY - (high.has(type) ? 40 : 30),
		front: [x, y],
		dip: high.has(type) ? 7 : Math.max(5, seatAt(middle) - 17 - (heelY - 30 + y) / 2)
	};
}

/** Boots with room in the shaft, in plate units to each side. */
const roomy: Record<string, number> = {
	wellingtons: 9,
	'sheepskin-boots': 10,
	'snow-boots': 9,
	'cowboy-boots': 8,
	'biker-boots': 7
};

/** What covers the foot: from the topline over the toes, and back along the sole. Without a counter it begins under the instep. */
function upperShape(drawing: Drawing, last: Last, tip: readonly Point[]): string {
	const { heelX, front, back } = last;
	const top = topline(drawing, last);
	const strap = drawn(drawing, 'strap', '');
	const open = strap === 'slingback' || strap === 'mule' || ['mules', 'clogs'].includes(drawing.garment.type);
	const room = roomy[drawing.garment.type] ?? 3;
	const roomAt = (y: number) =>
		2.5 + (room - 2.5) * Math.min(1, Math.max(0, (floor - last.lift - 40 - y) / 60));
	const instep = cutFrom(front, top.front[1])
		.slice(0, -1)
		.map(([x, y]): Point => [x + roomAt(y) * 0.7, y - 2]);
	const [endX] = tip.at(-1) ?? [66];
	const over = flow([...instep, ...tip]);
	if (open) {
		const from = heelX + 46;
		const begin: Point = [from, last.seatAt(from)];
		const [x, y] = instep[0] ?? top.front;
		const rise: Point[] = [
			begin,
			[from + 5, begin[1] - 12],
			[(from + x) / 2 + 4, (begin[1] - 12 + y) / 2 + 3],
			[x, y]
		];
		return `${flow(rise)}L${over.slice(1)}L${polygon(standing(last, endX, from).reverse(), false).slice(1)}Z`;
	}
	const heel = cutFrom(back, top.back).map(([x, y]): Point => [x - roomAt(y), y]);
	const from: Point = heel[0] ?? [heelX, top.back];
	const to: Point = instep[0] ?? top.front;
	const dips: Point[] = [
		[from[0] + (to[0] - from[0]) * 0.22, from[1] + top.dip * 0.5 + (to[1] - from[1]) * 0.2],
		[from[0] + (to[0] - from[0]) * 0.55, (from[1] + to[1]) / 2 + top.dip]
	];
	const line: Point[] = top.dip === 0 ? [from, to] : [from, ...dips, to];
	return `${top.dip === 0 ? polygon(line, false) : flow(line)}L${over.slice(1)}L${polygon(standing(last, endX).reverse(), false).slice(1)}L${flow([...heel].reverse()).slice(1)}Z`;
}

/** The foot that the shoe is shown on, cut off above it. */
function footShape({ front, back, seatAt, heelX }: Last, topY: number, hex: string): PlateShape {
	const foot = cutFrom(front, topY);
	return flat(
		`${flow(foot)}L64,${seatAt(64)}L${polygon(
			Array.from({ length: 12 }, (_, i): Point => {
				const x = 60 - ((60 - heelX) * i) / 11;
				return [x, seatAt(x)];
			}),
			false
		).slice(1)}L${flow([...cutFrom(back, topY)].reverse()).slice(1)}Z`,
		hex
	);
}

/** The light on a polished toe. */
const shineOn = ({ cloth }: Drawing, { sole }: Last): PlateShape[] =>
	cloth.shine < 0.3
		? []
		: [flat(ellipse(44, floor - sole - 14, 10, 2.6), '#ffffff', 0.1 + 0.4 * cloth.shine)];

/** An opening over the toes. */
const toeShown = (drawing: Drawing, { sole }: Last): PlateShape[] =>
	['peep', 'open'].includes(drawn(drawing, 'toe', 'round'))
		? [flat(ellipse(66, floor - sole - 6, 7, 5), drawing.figure.skin)]
		: [];

/**
 * A shoe, sandal or boot by itself on a plate, from its side, on the foot of a form.
 *
 * @param worn a thing of the slot "feet", with the moves that are made with it
 */
export function drawShoe({ id, garment, moves }: PlateLook['worn'][number]): Plate {
	const figure = figureOf({ figure: 'form' });
	const cloth = clothOf(id, garment);
	const drawing: Drawing = { garment, moves, figure, cloth };
	const last = lastOf(drawing);
	const tip = tipOf(drawing, last);
	const { draws } = garmentType(garment.type);
	const top = topline(drawing, last);
	const metal = garment.metal ? metalColours[garment.metal.value] : undefined;
	const upper = draws === 'sandal' ? [] : [clothShape(upperShape(drawing, last, tip), cloth)];
	const shapes = [
		...heelShapes(drawing, last),
		...soleShapes(drawing, last, tip),
		...upper,
		...(draws === 'sandal' ? [] : [...toeShown(drawing, last), ...shineOn(drawing, last)]),
		...fastenings(drawing, last, { front: top.front, back: top.back, metal })
	];
	// The leg is shown a little further than whatever is worn on it.
	const above = Math.min(floor - last.lift - 96, (extentOf(shapes)?.top ?? floor) - 18);
	return {
		width: plateSize.width,
		height: plateSize.height,
		landmarks: figure.landmarks,
		trunk: figure.trunk,
		patterns: [cloth.pattern, cloth.texture].filter((tile) => tile !== undefined),
		lights: [cloth.light],
		layers: [
			{ id: 'figure', shapes: [footShape(last, above, figure.skin)] },
			{ id, shapes: surfaced(shapes, drawing) }
		]
	};
}
