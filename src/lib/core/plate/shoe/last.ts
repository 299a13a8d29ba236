/** A foot from its side, toes to the right, as it stands in a shoe: what a last is to a shoemaker. */
import { placeOf } from '../../lexicon/facets';
import { drawn, type Drawing } from '../drawing';
import { plateSize } from '../figure/figure';
import { xAt, type Point } from '../path';

/** Plate units a cm: a foot of 25 cm takes a quarter of the plate. */
export const unit = 5.4;
export const floor = plateSize.floorY;

/** What stands under the whole foot, in cm, by the facet "sole". */
const soleCm: Record<string, number> = {
	thin: 0.4,
	rope: 2,
	cork: 2.2,
	'crepe-sole': 1.6,
	lug: 2.4,
	chunky: 3.2,
	platform: 3.4
};
/** Soles of kinds whose usual one is no value of its own. */
const soleCmOf: Record<string, number> = {
	trainers: 2.2,
	'canvas-plimsolls': 1.8,
	'high-tops': 1.8,
	'chunky-trainers': 3.4,
	'boat-shoes': 1.2,
	'snow-boots': 2.4,
	'sheepskin-boots': 1.6,
	wellingtons: 1.8,
	'football-boots': 1.4,
	sliders: 1.8,
	'sports-sandals': 2.2
};

/** Where the ball of the foot and its toes are; the heel comes nearer to them as it is lifted. */
const ballX = 20;
const toeX = 64;
const heelToBall = 86;
/** How far the sole is lifted under the toes; no higher under what reaches beyond them. */
const toeSpring = 4;

export interface Last {
	/** Height of the heel's seat above the floor, and of the ball. */
	lift: number;
	sole: number;
	/** Where the heel ends behind. */
	heelX: number;
	/** The height on which the foot stands at a place, downwards. */
	seatAt: (x: number) => number;
	/** The back of heel and leg, and the front of leg and instep to the tip of the toes, both from the top down. */
	back: Point[];
	front: Point[];
	/** The height of the instep at a place between ankle and toes. */
	instepAt: (x: number) => number;
}

/** A heel whose shape is told and whose height is not is at least so high, in cm, that its shape is seen. */
const leastHeelCm = ({ garment: { facets } }: Drawing): number =>
	facets.heelShape && facets.heelShape.value !== 'flat' && !facets.heelHeight ? 5 : 0;

const eased = (share: number) => share * share * (3 - 2 * share);

/** The foot as a shoe holds it: how high its heel is, and how thick its sole. */
export function lastOf(drawing: Drawing): Last {
	const { type } = drawing.garment;
	const cm = soleCm[drawn(drawing, 'sole', '')] ?? soleCmOf[type] ?? 0.5;
	const sole = cm * unit;
	const height = placeOf('heelHeight', drawn(drawing, 'heelHeight', 'flat'));
	const lift = Math.max(Math.max(height, leastHeelCm(drawing)) * unit, sole + 3);
	const heelX = ballX - Math.sqrt(heelToBall ** 2 - (lift - sole) ** 2);
	const seatEnds = heelX + 24;
	const seatAt = (x: number) => {
		if (x <= seatEnds) return floor - lift;
		if (x >= ballX) return floor - sole - toeSpring * Math.min(1, (x - ballX) / (toeX - ballX)) ** 2;
		return floor - lift + (lift - sole) * eased((x - seatEnds) / (ballX - seatEnds));
	};
	const heelY = floor - lift;
	const ball: Point = [ballX + 4, floor - sole - 28];
	const ankle: Point = [heelX + 53, heelY - 60];
	const leg: Point[] = [
		[heelX + 72, heelY - 330],
		[heelX + 66, heelY - 260],
		[heelX + 60, heelY - 180],
		[heelX + 54, heelY - 110]
	];
	const instep: Point[] = [
		ankle,
		[(ankle[0] + ball[0]) / 2 + 3, (ankle[1] + ball[1]) / 2 - 3],
		ball,
		[48, floor - sole - 18],
		[toeX, floor - sole - 9]
	];
	return {
		lift,
		sole,
		heelX,
		seatAt,
		back: [
			[heelX - 22, heelY - 330],
			[heelX - 16, heelY - 260],
			[heelX - 6, heelY - 180],
			[heelX + 6, heelY - 110],
			[heelX + 9, heelY - 66],
			[heelX + 3, heelY - 40],
			[heelX - 2, heelY - 18],
			[heelX, heelY]
		],
		front: [...leg, ...instep],
		instepAt: (x) => yAt(instep, x)
	};
}

/** Height of a line, given from the top down and to the right, at a place. */
const yAt = (line: readonly Point[], x: number) =>
	xAt(
		line.map(([px, py]): Point => [py, px]),
		x
	);
