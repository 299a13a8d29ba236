import { deltaE00 } from '../colour/difference';
import { chromaOf, hueOf, type Lab } from '../colour/spaces';
import { colourOf, type MeasuredColour } from './colour-of';
import { corrected, uncorrected, type Correction } from './illuminant';
import { labOfLight } from './lab-pixels';
import { lightAt, type Pixels } from './pixels';

export interface MeasuredSwatch extends MeasuredColour {
	/** Share of the region, 0..1; the shares of a palette add up to 1. */
	share: number;
}
export interface MeasuredPalette {
	/** From the largest to the smallest; one for a plain cloth. */
	swatches: MeasuredSwatch[];
	/** The swatch of each place that was measured, by index; −1 for what belongs to none. */
	of: Int8Array;
}

const mostSwatches = 5;
/** A colour that covers less of a garment is a seam, a button, a shadow. */
const leastShare = 0.05;
/** Two groups of one hue are one cloth in light and shade up to this difference in lightness. */
const shadingL = 30;
/** Groups nearer than this are one colour (twice what is just noticeable as another). */
const sameUpTo = 9;
/** As many pixels as are grouped; more give the same groups. */
const mostSamples = 4000;
const rounds = 12;

/** Hue and chroma in proportion to the light, and lightness for less. */
const apart = ({ l, a, b }: Lab): Point => {
	const lit = 60 / Math.max(l, 25);
	return [0.7 * l, a * lit, b * lit];
};
type Point = readonly [number, number, number];
const squared = ([x, y, z]: Point, [u, v, w]: Point) => (x - u) ** 2 + (y - v) ** 2 + (z - w) ** 2;

/** Gives each point the nearest centre; `false` where none changed. */
function assign(points: Float64Array, centres: Float64Array, of: Int8Array): boolean {
	let changed = false;
	for (let i = 0; i < of.length; i++) {
		const [x, y, z] = [points[i * 3] ?? 0, points[i * 3 + 1] ?? 0, points[i * 3 + 2] ?? 0];
		let best = 0;
		let least = Infinity;
		for (let k = 0; k < centres.length; k += 3) {
			const [u, v, w] = [x - (centres[k] ?? 0), y - (centres[k + 1] ?? 0), z - (centres[k + 2] ?? 0)];
			const distance = u * u + v * v + w * w;
			if (distance < least) [best, least] = [k / 3, distance];
		}
		if (of[i] !== best) changed = true;
		of[i] = best;
	}
	return changed;
}

/** Moves each centre to the mean of its points; one without any stays. */
function moveCentres(points: Float64Array, centres: Float64Array, of: Int8Array): void {
	const sums = new Float64Array(centres.length);
	const counts = new Float64Array(centres.length / 3);
	for (let i = 0; i < of.length; i++) {
		const k = of[i] ?? 0;
		counts[k] = (counts[k] ?? 0) + 1;
		for (let field = 0; field < 3; field++)
			sums[k * 3 + field] = (sums[k * 3 + field] ?? 0) + (points[i * 3 + field] ?? 0);
	}
	for (let at = 0; at < sums.length; at++) {
		const count = counts[Math.floor(at / 3)] ?? 0;
		if (count > 0) centres[at] = (sums[at] ?? 0) / count;
	}
}

/**
 * Groups of alike colours: farthest points first, then means (Lloyd 1982). The same colours always give the same groups.
 *
 * @param colours at least one
 */
function groups(colours: readonly Point[]): { count: number; of: Int8Array } {
	const meanOf = (i: 0 | 1 | 2) => colours.reduce((sum, point) => sum + point[i], 0) / colours.length;
	const mean: Point = [meanOf(0), meanOf(1), meanOf(2)];
	const found: Point[] = [mean];
	const nearest = Float64Array.from(colours, (point) => squared(point, mean));
	while (found.length < mostSwatches + 3) {
		// The point that stands for a fiftieth of the rest at that distance: a single odd pixel begins no group.
		const far = nearest.slice().sort()[colours.length - 1 - Math.floor(colours.length * 0.02)];
		if (far === undefined || far < 60) break;
		const next = colours[nearest.indexOf(far)] ?? mean;
		found.push(next);
		colours.forEach((point, i) => (nearest[i] = Math.min(nearest[i] ?? 0, squared(point, next))));
	}
	const points = Float64Array.from(colours.flat());
	const centres = Float64Array.from(found.flat());
	const of = new Int8Array(colours.length).fill(-1);
	for (let round = 0; round < rounds && assign(points, centres, of); round++)
		moveCentres(points, centres, of);
	return { count: found.length, of };
}

/** Are two colours one cloth: nearly the same, or the same hue in light and in shade? */
function sameCloth(first: Lab, second: Lab): boolean {
	if (deltaE00(first, second) < sameUpTo) return true;
	const [light, dark] = first.l > second.l ? [first, second] : [second, first];
	if (light.l - dark.l > shadingL) return false;
	// In the shade the same cloth has less light in the same proportions.
	const shaded = dark.l / Math.max(1, light.l);
	return Math.hypot(light.a * shaded - dark.a, light.b * shaded - dark.b) < 7;
}

/** A little of the same hue, lighter or darker, is shine and fold: up to this share, and within so many degrees. */
const foldShare = 0.2;
const sameHueUpTo = 16;
/** Less chroma than this has no hue to speak of. */
const huedFrom = 7;

const isFoldOf = (small: Lab, large: Lab) =>
	Math.abs(small.l - large.l) < shadingL &&
	Math.min(chromaOf(small), chromaOf(large)) >= huedFrom &&
	Math.abs(((hueOf(small) - hueOf(large) + 540) % 360) - 180) < sameHueUpTo;

/**
 * Up to five colours of a region with their shares, and which pixel is of which. Light and shade of one cloth are one
 * colour.
 *
 * @param places the region's pixels, as places in the picture
 */
export function paletteOfPlaces(
	pixels: Pixels,
	places: Int32Array,
	correction: Correction = uncorrected
): MeasuredPalette {
	const every = Math.max(1, Math.floor(places.length / mostSamples));
	const some = places.filter((_, i) => i % every === 0);
	const sampled = withoutBurntOut(pixels, some);
	const labs = Array.from(sampled, (at): Lab => {
		const [l, a, b] = labOfLight(corrected(correction, lightAt(pixels, at)));
		return { l, a, b };
	});
	if (labs.length === 0) return { swatches: [], of: new Int8Array(0) };
	const { count, of } = groups(labs.map(apart));
	const found = Array.from({ length: count }, (_, k): Joined => {
		const own = labs.filter((__, i) => of[i] === k);
		const mean = (field: keyof Lab) =>
			own.reduce((sum, lab) => sum + lab[field], 0) / Math.max(1, own.length);
		return { mean: { l: mean('l'), a: mean('a'), b: mean('b') }, count: own.length, members: [k] };
	});
	const measured = clothColours(
		found.filter(({ count }) => count > 0),
		labs.length
	)
		.slice(0, mostSwatches)
		.map(({ members }) => {
			const own = sampled.filter((_, i) => members.includes(of[i] ?? -1));
			return { share: own.length, colour: colourOf(pixels, own, correction) };
		});
	const total = measured.reduce((sum, { share }) => sum + share, 0);
	const swatches = measured.flatMap(({ share, colour }) =>
		colour ? [{ ...colour, share: share / total }] : []
	);
	return { swatches, of: nearestSwatch(pixels, places, swatches, correction) };
}

/** A group between two larger ones in colour is where they meet, blurred by the lens, up to this share. */
const blendUpTo = 0.22;
const blendWithin = 10;

/** Is a colour about a mixture of two others? */
function isBlend(colour: Lab, first: Lab, second: Lab): boolean {
	const [x, y, z] = [second.l - first.l, second.a - first.a, second.b - first.b];
	const length = x * x + y * y + z * z;
	if (length < 400) return false;
	const along = ((colour.l - first.l) * x + (colour.a - first.a) * y + (colour.b - first.b) * z) / length;
	if (along < 0.15 || along > 0.85) return false;
	return (
		Math.hypot(
			first.l + along * x - colour.l,
			first.a + along * y - colour.a,
			first.b + along * z - colour.b
		) < blendWithin
	);
}

/** Pixels that have lost their colour to too much light say nothing of it; where most have, all are kept. */
function withoutBurntOut({ data }: Pixels, places: Int32Array): Int32Array {
	const kept = places.filter(
		(at) => Math.max(data[at * 4] ?? 0, data[at * 4 + 1] ?? 0, data[at * 4 + 2] ?? 0) < 252
	);
	return kept.length >= places.length * 0.3 ? kept : places;
}

/** Groups that are one colour: how many samples, and which groups. */
interface Joined {
	/** Of the largest group in it: a chain of small steps does not carry it away. */
	mean: Lab;
	count: number;
	members: number[];
}

/** Joins each group to the largest of which it is a part by itself: no chain of small steps carries one to another. */
function joinedBy(groups: readonly Joined[], belongs: (small: Joined, large: Joined) => boolean): Joined[] {
	const leaders: Joined[] = [];
	for (const { mean, count, members } of [...groups].sort((first, second) => second.count - first.count)) {
		const group = { mean, count, members: [...members] };
		const leader = leaders.find((large) => belongs(group, large));
		if (!leader) leaders.push(group);
		else {
			leader.count += count;
			leader.members.push(...members);
		}
	}
	return leaders;
}

/**
 * The colours of a cloth out of groups of samples: light and shade are joined, then shine and folds; what is too small to
 * be a colour of it, or only where two of them meet, is given up. The largest first.
 */
function clothColours(groups: Joined[], total: number): Joined[] {
	const apart = joinedBy(groups, (small, large) => sameCloth(small.mean, large.mean));
	const whole = joinedBy(
		apart,
		(small, large) => small.count < total * foldShare && isFoldOf(small.mean, large.mean)
	);
	const larger = ({ count }: Joined) => whole.filter((other) => other.count > count);
	const isMeeting = (group: Joined) =>
		group.count < total * blendUpTo &&
		larger(group).some((first) =>
			larger(group).some((second) => isBlend(group.mean, first.mean, second.mean))
		);
	return whole
		.filter((group) => group.count >= total * leastShare && !isMeeting(group))
		.sort((first, second) => second.count - first.count);
}

/** As many steps a channel are told apart when pixels are given to swatches: 32, so that each colour is asked about once. */
const stepsShift = 3;

/** The nearest swatch of each place. */
function nearestSwatch(
	pixels: Pixels,
	places: Int32Array,
	swatches: readonly MeasuredSwatch[],
	correction: Correction
): Int8Array {
	const points = swatches.map(({ lab }) => apart(lab));
	const known = new Int8Array(1 << 15).fill(-2);
	const { data } = pixels;
	const nearestOf = (at: number) => {
		const [l, a, b] = labOfLight(corrected(correction, lightAt(pixels, at)));
		const point = apart({ l, a, b });
		let best = -1;
		let least = Infinity;
		points.forEach((other, k) => {
			const distance = squared(point, other);
			if (distance < least) [best, least] = [k, distance];
		});
		return best;
	};
	const of = new Int8Array(places.length);
	for (let i = 0; i < places.length; i++) {
		const at = places[i] ?? 0;
		const key =
			(((data[at * 4] ?? 0) >> stepsShift) << 10) |
			(((data[at * 4 + 1] ?? 0) >> stepsShift) << 5) |
			((data[at * 4 + 2] ?? 0) >> stepsShift);
		const before = known[key] ?? -2;
		of[i] = before === -2 ? (known[key] = nearestOf(at)) : before;
	}
	return of;
}
