/** What the marks of a body say of any place on its picture: how high on the body, how far from its middle, where the arm is. */
import { heights } from '../body/heights';
import type { BodyMarkId, BodyMarks } from '../model/photo';
import type { Spot } from './pixels';

/** A body on a picture. Heights and distances are shares of stature, as hems are spaced; places are pixels of the picture. */
export interface BodyScale {
	/**
	 * Where a place lies: its height over the floor along the body, however it leans (1 the crown, below 0 under the floor),
	 * and how far it is from the middle.
	 */
	placeOf: (x: number, y: number) => { height: number; aside: number };
	/** The place on the middle of the body at a height. */
	middleAt: (height: number) => Spot;
	/** The place on the arm at a share of its length: 0 the shoulder, 1 the wrist; undefined where no arm is marked. */
	armAt?: (along: number) => Spot;
	/** Pixels of the whole stature. */
	stature: number;
	/** Heights that are marked, the highest first; between them it is reckoned. */
	marked: number[];
}

/** Marks along the middle of the body, from the top, with their heights (Drillis & Contini 1966; see `body/heights`). */
const middle: [BodyMarkId, number][] = [
	['crown', 1],
	['waist', heights.waist],
	['crotch', heights.crotch],
	['knee', heights.knee],
	['ankle', heights.ankle]
];
/** Marks nearer to each other than this, along the stature, are too near to measure a body by. */
const leastSpan = 0.2;
/** Where the elbow lies between shoulder and wrist, where it is not marked. */
const elbowAlong = (heights.shoulder - heights.elbow) / (heights.shoulder - heights.wrist);

interface Node {
	height: number;
	at: Spot;
}

const between = (from: Spot, to: Spot, share: number): Spot => ({
	x: from.x + (to.x - from.x) * share,
	y: from.y + (to.y - from.y) * share
});
const distance = (first: Spot, second: Spot) => Math.hypot(first.x - second.x, first.y - second.y);

/** How far along the line from one place to another a third lies: 0 at the first, 1 at the second. */
function alongLine(from: Spot, to: Spot, spot: Spot): number {
	const [dx, dy] = [to.x - from.x, to.y - from.y];
	return ((spot.x - from.x) * dx + (spot.y - from.y) * dy) / (dx * dx + dy * dy);
}

/**
 * The shoulder is marked beside the middle: its height goes to the middle's line between the marks above and below it,
 * and where one of them is missing the middle is taken to be level with the next one.
 */
function withShoulder(nodes: Node[], shoulder: Spot | undefined): Node[] {
	if (!shoulder) return nodes;
	const above = nodes.find(({ height }) => height > heights.shoulder);
	const below = nodes.find(({ height }) => height < heights.shoulder);
	if (!below) return nodes;
	const at = above
		? between(above.at, below.at, alongLine(above.at, below.at, shoulder))
		: { x: below.at.x, y: shoulder.y };
	return [...nodes, { height: heights.shoulder, at }].sort((a, b) => b.height - a.height);
}

/**
 * The body that marks stand for; undefined where they are too few or too near to each other, or do not follow one
 * another down the body.
 *
 * @param picture in whose pixels places are given; marks are in shares of it
 */
export function bodyScale(
	marks: BodyMarks,
	picture: { width: number; height: number }
): BodyScale | undefined {
	const placed = (id: BodyMarkId): Spot | undefined => {
		const mark = marks[id];
		return mark && { x: mark.x * picture.width, y: mark.y * picture.height };
	};
	const nodes = withShoulder(
		middle.flatMap(([id, height]) => {
			const at = placed(id);
			return at ? [{ height, at }] : [];
		}),
		placed('shoulder')
	);
	const [top, bottom] = [nodes[0], nodes.at(-1)];
	if (!top || !bottom || top.height - bottom.height < leastSpan) return undefined;
	const down = { x: bottom.at.x - top.at.x, y: bottom.at.y - top.at.y };
	const stretches = nodes.slice(1).flatMap((lower, i) => {
		const upper = nodes[i];
		return upper ? [{ upper, lower }] : [];
	});
	const follows = stretches.every(
		({ upper, lower }) => (lower.at.x - upper.at.x) * down.x + (lower.at.y - upper.at.y) * down.y > 0
	);
	if (!follows) return undefined;
	const stature =
		stretches.reduce((sum, { upper, lower }) => sum + distance(upper.at, lower.at), 0) /
		(top.height - bottom.height);

	const armAt = armOf(placed('shoulder'), placed('elbow'), placed('wrist'));
	return {
		placeOf: placeOn(stretches, stature),
		middleAt(height) {
			const { upper, lower } = stretches.find((one) => height >= one.lower.height) ??
				stretches.at(-1) ?? { upper: top, lower: bottom };
			return between(upper.at, lower.at, (upper.height - height) / (upper.height - lower.height));
		},
		...(armAt && { armAt }),
		stature,
		marked: nodes.map(({ height }) => height)
	};
}

/**
 * How places are found: on the stretch that a place is nearest to; the first and the last go on beyond their ends. It is
 * asked of every pixel, so what can be reckoned once is.
 */
function placeOn(stretches: readonly { upper: Node; lower: Node }[], stature: number): BodyScale['placeOf'] {
	const ready = stretches.map(({ upper, lower }) => {
		const [dx, dy] = [lower.at.x - upper.at.x, lower.at.y - upper.at.y];
		return { upper, dx, dy, length: Math.hypot(dx, dy), drop: lower.height - upper.height };
	});
	return (x, y) => {
		let best = Infinity;
		let found = { height: 0, aside: 0 };
		for (const { upper, dx, dy, length, drop } of ready) {
			const [fromX, fromY] = [x - upper.at.x, y - upper.at.y];
			const share = (fromX * dx + fromY * dy) / (length * length);
			const across = (fromX * dy - fromY * dx) / length;
			const beyond = share < 0 ? -share * length : share > 1 ? (share - 1) * length : 0;
			const apart = beyond * beyond + across * across;
			if (apart >= best) continue;
			best = apart;
			found = { height: upper.height + drop * share, aside: across / stature };
		}
		return found;
	};
}

function armOf(
	shoulder: Spot | undefined,
	elbow: Spot | undefined,
	wrist: Spot | undefined
): BodyScale['armAt'] {
	if (!shoulder || !wrist) return undefined;
	const bend = elbow ?? between(shoulder, wrist, elbowAlong);
	return (along) =>
		along < elbowAlong
			? between(shoulder, bend, along / elbowAlong)
			: between(bend, wrist, (along - elbowAlong) / (1 - elbowAlong));
}
