/** Points of a body on a picture, by a pose model (BlazePose, lite); see docs/decisions. */
import type { GraphModel } from '@tensorflow/tfjs-converter';
import {
	browser,
	cast,
	div,
	expandDims,
	image,
	tensor1d,
	tensor2d,
	tidy,
	type Tensor,
	type Tensor4D
} from '@tensorflow/tfjs-core';
import type { Pixels, PosePoint } from '../../core/photo';

/** The model looks at a square of so many pixels a side. */
const seenSide = 256;
/** It gives 39 points of five values; the first 33 are of the body. */
const pointCount = 33;
const valuesAPoint = 5;
/** Less sure than this that anybody is there, nobody is. */
const presentFrom = 0.5;
/** Around the points of a first look the body is looked at with so much room, and what most looks agree on is taken. */
const rooms = [1.3, 1.45, 1.6] as const;
/** Somebody who fills less of the picture's longer side than this is looked at more closely first. */
const smallFrom = 0.6;

/**
 * Where the picture cuts a body off, the model squeezes all of it into what is there, and is sure of it. The face is seen as large as it
 * is: the trunk, shoulder to hip, is so many times the height from mouth to eye (6.2 to 8.4 where marks were right, on cut pictures of
 * the stand-in camera and one photograph; mostly under 5.8 where they were not).
 */
const trunkOfFace = { least: 5.8, most: 9.5 };
/** A face less surely there than this tells no size. */
const faceFrom = 0.8;
/** Every picture is looked at with more room as well: squares so many times its longer side, until one sees somebody well sized. */
const cuts = [1.6, 2, 2.5] as const;
/**
 * A look that sees a body so many times as large, with more room around it, is the right one (this project's: of a whole body up to 1.63
 * was seen, of one that the picture cuts off 2 to 4.6).
 */
const squeezed = 1.8;
/**
 * So many looks have to agree, one fewer where a wider one sees the body as large: they agree where they see the trunk no farther off than
 * this, in shares of it.
 */
const fewest = 3;
const mostAstray = 0.3;

/** A square of a picture in its pixels; it may reach beyond the picture. */
interface Square {
	x: number;
	y: number;
	side: number;
}

/** What one look at a square found. */
interface Look {
	points: PosePoint[];
	/** How surely somebody is there, and their face, 0..1. */
	present: number;
	face: number;
}

const sigmoid = (value: number) => 1 / (1 + Math.exp(-value));

/** Places in the list of points (the order of the BlazePose topology: Bazarevsky and others 2020). */
const pairs = { eyes: [2, 5], mouth: [9, 10], shoulders: [11, 12], hips: [23, 24] } as const;
type Pair = (typeof pairs)[keyof typeof pairs];
const nose = 0;

/** One look at a square of the picture: the points in pixels of the picture; undefined where the model gives none. */
async function lookAt(
	model: GraphModel,
	picture: Tensor4D,
	{ width, height }: Pixels,
	square: Square
): Promise<Look | undefined> {
	const found = tidy(() => {
		const box: [number, number, number, number] = [
			square.y / (height - 1),
			square.x / (width - 1),
			(square.y + square.side - 1) / (height - 1),
			(square.x + square.side - 1) / (width - 1)
		];
		const seen = div(
			image.cropAndResize(picture, tensor2d([box]), tensor1d([0], 'int32'), [seenSide, seenSide]),
			255
		);
		const answers = model.execute(seen) as Tensor[];
		return {
			points: answers.find(({ size }) => size === (pointCount + 6) * valuesAPoint),
			presence: answers.find(({ size }) => size === 1)
		};
	});
	const [points, presence] = [await found.points?.data(), await found.presence?.data()];
	found.points?.dispose();
	found.presence?.dispose();
	if (!points || !presence) return undefined;
	return {
		points: Array.from({ length: pointCount }, (_, i) => ({
			x: square.x + ((points[i * valuesAPoint] ?? 0) / seenSide) * square.side,
			y: square.y + ((points[i * valuesAPoint + 1] ?? 0) / seenSide) * square.side,
			seen: sigmoid(points[i * valuesAPoint + 3] ?? 0)
		})),
		present: presence[0] ?? 0,
		face: sigmoid(points[nose * valuesAPoint + 4] ?? 0)
	};
}

const midst = (points: readonly PosePoint[], [left, right]: Pair) => ({
	x: ((points[left]?.x ?? 0) + (points[right]?.x ?? 0)) / 2,
	y: ((points[left]?.y ?? 0) + (points[right]?.y ?? 0)) / 2
});
function apart(points: readonly PosePoint[], first: Pair, second: Pair): number {
	const [from, to] = [midst(points, first), midst(points, second)];
	return Math.hypot(from.x - to.x, from.y - to.y);
}

const trunkOf = ({ points }: Look) => apart(points, pairs.shoulders, pairs.hips);

/** Has the trunk of a look the size of its face? */
function isWellSized(look: Look): boolean {
	const times = trunkOf(look) / apart(look.points, pairs.eyes, pairs.mouth);
	return look.present >= presentFrom && times >= trunkOfFace.least && times <= trunkOfFace.most;
}

/** A square that begins a little over the picture and reaches below it, as a body does that the picture cuts off. */
const squareOver = ({ width }: Pixels, side: number): Square => ({
	x: (width - side) / 2,
	y: -0.05 * side,
	side
});

/** The square around points, with room. */
function squareAround(points: readonly PosePoint[], room: number): Square {
	const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)];
	const [left, right, top, bottom] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
	const length = Math.max(right - left, bottom - top) * room;
	return { x: (left + right - length) / 2, y: (top + bottom - length) / 2, side: length };
}

/** The middle of several values; of an even number, halfway between the middle two. */
function median(values: number[]): number {
	const sorted = [...values].sort((a, b) => a - b);
	const at = (i: number) => sorted[Math.floor(i)] ?? 0;
	return (at((sorted.length - 1) / 2) + at(sorted.length / 2)) / 2;
}

/** Each point in the middle of where several looks see it. */
const agreed = (looks: readonly (readonly PosePoint[])[]): PosePoint[] =>
	Array.from({ length: pointCount }, (_, i) => {
		const of = (value: keyof PosePoint) => median(looks.flatMap((points) => points[i]?.[value] ?? []));
		return { x: of('x'), y: of('y'), seen: of('seen') };
	});

/** Does a look see these about where the first sees them? Of a body that is not there each look sees another. */
function agrees(
	points: readonly PosePoint[],
	first: readonly PosePoint[],
	at: readonly Pair[] = [pairs.shoulders, pairs.hips]
): boolean {
	const far = mostAstray * apart(first, pairs.shoulders, pairs.hips);
	return at.every((pair) => {
		const [own, other] = [midst(points, pair), midst(first, pair)];
		return Math.hypot(own.x - other.x, own.y - other.y) <= far;
	});
}

/**
 * The 33 points of the body on a picture, in its pixels, also those beyond its edges; undefined where nobody is there. It looks at the
 * whole picture first, then with more room: a body that the picture cuts off is seen as large as it is there, and one whose head a brim hides
 * is looked at once more around what both see. Then several times at the body alone.
 */
export async function findPose(model: GraphModel, pixels: Pixels): Promise<PosePoint[] | undefined> {
	const { width, height, data } = pixels;
	const picture = tidy(() => {
		const colours = browser.fromPixels({ width, height, data: new Uint8Array(data) }, 3);
		return expandDims<Tensor4D>(cast(colours, 'float32'), 0);
	});
	const side = Math.max(width, height);
	const square = { x: (width - side) / 2, y: (height - side) / 2, side };
	const look = (at: Square) => lookAt(model, picture, pixels, at);
	try {
		let first = await look(square);
		// Of somebody who is small in the picture the first look sees little.
		const isSmall = first && squareAround(first.points, 1).side < smallFrom * square.side;
		if (first && first.present >= presentFrom && isSmall)
			first = (await look(squareAround(first.points, rooms[1]))) ?? first;
		if (first && !isWellSized(first)) first = undefined;
		let wider: Look | undefined;
		for (const times of cuts) {
			wider = await look(squareOver(pixels, side * times));
			if (wider && isWellSized(wider) && wider.face >= faceFrom) break;
			wider = undefined;
		}
		if (!wider) return undefined;
		const isConfirmed = first !== undefined && trunkOf(wider) <= squeezed * trunkOf(first);
		if (!first || !isConfirmed) first = wider;
		else if (!agrees(wider.points, first.points, [pairs.shoulders])) {
			const both = await look(squareAround([...first.points, ...wider.points], rooms[0]));
			if (both && isWellSized(both)) first = both;
		}
		const looks = [first.points];
		for (const room of rooms) {
			const again = await look(squareAround(first.points, room));
			if (again && isWellSized(again)) looks.push(again.points);
		}
		const same = looks.filter((one) => agrees(one, looks[0] ?? one));
		return same.length >= fewest - (isConfirmed ? 1 : 0) ? agreed(same) : undefined;
	} finally {
		picture.dispose();
	}
}
