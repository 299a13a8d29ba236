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

/** A square of a picture in its pixels; it may reach beyond the picture. */
interface Square {
	x: number;
	y: number;
	side: number;
}

const sigmoid = (value: number) => 1 / (1 + Math.exp(-value));

/** One look at a square of the picture: the points in pixels of the picture, undefined where nobody is there. */
async function lookAt(
	model: GraphModel,
	picture: Tensor4D,
	{ width, height }: Pixels,
	square: Square
): Promise<PosePoint[] | undefined> {
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
	if (!points || !presence || (presence[0] ?? 0) < presentFrom) return undefined;
	return Array.from({ length: pointCount }, (_, i) => ({
		x: square.x + ((points[i * valuesAPoint] ?? 0) / seenSide) * square.side,
		y: square.y + ((points[i * valuesAPoint + 1] ?? 0) / seenSide) * square.side,
		seen: sigmoid(points[i * valuesAPoint + 3] ?? 0)
	}));
}

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

/**
 * The 33 points of the body on a picture, in its pixels; undefined where nobody is there. It looks at the whole
 * picture first, then several times at the body alone.
 */
export async function findPose(model: GraphModel, pixels: Pixels): Promise<PosePoint[] | undefined> {
	const { width, height, data } = pixels;
	const picture = tidy(() => {
		const colours = browser.fromPixels({ width, height, data: new Uint8Array(data) }, 3);
		return expandDims<Tensor4D>(cast(colours, 'float32'), 0);
	});
	const side = Math.max(width, height);
	const square = { x: (width - side) / 2, y: (height - side) / 2, side };
	try {
		const whole = await lookAt(model, picture, pixels, square);
		if (!whole) return undefined;
		// Of somebody who is small in the picture the first look sees little.
		const isSmall = squareAround(whole, 1).side < smallFrom * square.side;
		const first = (isSmall && (await lookAt(model, picture, pixels, squareAround(whole, rooms[1])))) || whole;
		const looks = [first];
		for (const room of rooms) {
			const points = await lookAt(model, picture, pixels, squareAround(first, room));
			if (points) looks.push(points);
		}
		return agreed(looks);
	} finally {
		picture.dispose();
	}
}
