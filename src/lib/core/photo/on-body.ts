/** How far a region reaches on a body: where it begins and ends, and how far down the arm. */
import { deltaE00 } from '../colour/difference';
import type { BodyScale } from './body-marks';
import { colourOf } from './colour-of';
import type { Correction } from './illuminant';
import type { Pixels, Spot } from './pixels';
import { eachPixel, maskOf, type Region } from './region';

/** Heights are shares of stature, as hems are spaced. */
export interface OnBody {
	/** Where its upper and its lower edge lie about the middle of the body. */
	from: number;
	to: number;
	/** Which of these edges are where the picture ends, so that it may go on beyond: nothing is known of them. */
	cut?: { above: boolean; below: boolean };
	/** How far it reaches down the marked arm, 0 the shoulder, 1 the wrist; and whether skin is seen where it ends. */
	sleeve?: { to: number; bare: boolean };
	/** Heights of the marks that it was reckoned from. */
	marked: number[];
}

/** Arms hang farther out than this from the middle, in shares of stature; legs stand within it. */
const middleHalf = 0.09;
const stripes = 18;
/** On fewer stripes than this it is not about the middle of the body: a bag, a glove. */
const leastStripes = 4;
/** Of the lowest places of all stripes the one that counts: between the legs there are none. */
const edgeQuartile = 0.25;

const sorted = (values: number[]) => [...values].sort((a, b) => a - b);
const at = (values: number[], share: number) => values[Math.floor(share * (values.length - 1))];

/** Pixels from the picture's edge that still count as lying at it: a border of the region is a pixel or two within. */
const atEdge = 3;
/** The share of stripes that has to end at the picture's edge for the region to be cut off there. */
const cutFrom = edgeQuartile;

/** The upper and lower edge of a region about the middle of a body; undefined where it is not there. */
function edgesOf(
	region: Region,
	picture: Pixels,
	body: BodyScale
): Pick<OnBody, 'from' | 'to' | 'cut'> | undefined {
	const highest = new Float64Array(stripes).fill(-Infinity);
	const lowest = new Float64Array(stripes).fill(Infinity);
	const [top, bottom] = [new Int32Array(stripes).fill(-1), new Int32Array(stripes).fill(-1)];
	eachPixel(region, picture, (place) => {
		const { height, aside } = body.placeOf(
			(place % picture.width) + 0.5,
			Math.floor(place / picture.width) + 0.5
		);
		const stripe = Math.floor(((aside + middleHalf) / (2 * middleHalf)) * stripes);
		if (stripe < 0 || stripe >= stripes) return;
		if (height > (highest[stripe] ?? 0)) {
			highest[stripe] = height;
			top[stripe] = place;
		}
		if (height < (lowest[stripe] ?? 0)) {
			lowest[stripe] = height;
			bottom[stripe] = place;
		}
	});
	const ends = sorted([...lowest].filter(Number.isFinite));
	const begins = sorted([...highest].filter(Number.isFinite));
	const [to, from] = [at(ends, edgeQuartile), at(begins, 1 - edgeQuartile)];
	if (ends.length < leastStripes || to === undefined || from === undefined) return undefined;
	const isAtEdge = (place: number) => {
		const [x, y] = [place % picture.width, Math.floor(place / picture.width)];
		return Math.min(x, y, picture.width - 1 - x, picture.height - 1 - y) < atEdge;
	};
	const isCut = (places: Int32Array) =>
		places.filter((place) => place >= 0 && isAtEdge(place)).length >= cutFrom * ends.length;
	const cut = { above: isCut(top), below: isCut(bottom) };
	return { from, to, ...((cut.above || cut.below) && { cut }) };
}

/** Steps along an arm, and the radius of what is looked at on each, in shares of stature. */
const armStep = 0.02;
const armRadius = 0.012;
/** In pixels: on a small picture never less than what surrounds one. */
const radiusOn = ({ stature }: BodyScale) => Math.max(1.5, armRadius * stature);
/** A sleeve begins no farther down than this, and a fold or a bracelet parts it for no longer. */
const sleeveBegins = 0.2;
const sleeveGap = 0.08;

/** The pixels of a disc. */
function discOf({ x, y }: Spot, radius: number, { width, height }: Pixels): number[] {
	const places: number[] = [];
	for (let row = Math.max(0, Math.ceil(y - radius)); row <= Math.min(height - 1, y + radius); row++)
		for (let column = Math.max(0, Math.ceil(x - radius)); column <= Math.min(width - 1, x + radius); column++)
			if ((column - x) ** 2 + (row - y) ** 2 <= radius * radius) places.push(row * width + column);
	return places;
}

/** The middle of the face, as a height; between chin and eye (Drillis & Contini 1966). */
const faceHeight = 0.9;
/** A face is looked at more broadly than an arm is wide, so that an eye or a lip is not taken for all of it. */
const faceTimes = 1.6;
/** Skin differs from skin by light and shadow: hue and chroma within this much are the same (CIEDE2000). */
const sameSkin = 11;
/** How far beyond the end of a sleeve skin is looked for, along the arm. */
const beyond = [0.06, 0.1, 0.14, 0.18] as const;

/** Is skin seen where a sleeve ends? The face says what skin looks like in this light. */
function isBareAfter(end: number, pixels: Pixels, body: BodyScale, correction?: Correction): boolean {
	const { armAt } = body;
	if (!armAt) return false;
	const radius = radiusOn(body);
	const colourAround = (spot: Spot, times = 1) =>
		colourOf(pixels, discOf(spot, radius * times, pixels), correction)?.lab;
	const face = colourAround(body.middleAt(faceHeight), faceTimes);
	const alike = beyond.filter((step) => {
		const arm = colourAround(armAt(end + step));
		return face && arm && deltaE00({ ...arm, l: face.l }, face) <= sameSkin;
	});
	return alike.length * 2 >= beyond.length;
}

function sleeveOf(
	region: Region,
	pixels: Pixels,
	body: BodyScale,
	correction?: Correction
): OnBody['sleeve'] {
	const { armAt } = body;
	if (!armAt) return undefined;
	const mask = maskOf(region, pixels);
	const radius = radiusOn(body);
	let end = 0;
	for (let along = 0; along <= 1.001; along += armStep) {
		if (along - end > (end === 0 ? sleeveBegins : sleeveGap)) break;
		const disc = discOf(armAt(along), radius, pixels);
		const covered = disc.filter((place) => mask[place]).length;
		if (disc.length > 0 && covered * 2 >= disc.length) end = along;
	}
	return { to: end, bare: isBareAfter(end, pixels, body, correction) };
}

/** How far a region reaches on a body; undefined where it does not lie about the middle of it. */
export function onBody(
	pixels: Pixels,
	region: Region,
	body: BodyScale,
	correction?: Correction
): OnBody | undefined {
	const edges = edgesOf(region, pixels, body);
	if (!edges) return undefined;
	const sleeve = sleeveOf(region, pixels, body, correction);
	return { ...edges, ...(sleeve && { sleeve }), marked: body.marked };
}
