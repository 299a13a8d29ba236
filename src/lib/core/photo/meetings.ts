import { apart, nearestOf, squared, type Point } from './colour-groups';
import { corrected, type Correction } from './illuminant';
import { labOfLight } from './lab-pixels';
import { linearOfByte, type Pixels } from './pixels';

/** How the groups of colours in a region lie to one another; each by its place among them. */
export interface Meetings {
	/** Do two groups meet sharply? */
	sharply: (first: number, second: number) => boolean;
	/** Does the colour of these groups seldom go on a few pixels further: is it a rim of something else? */
	isRim: (groups: readonly number[]) => boolean;
}

/** So many pixels apart it is asked how two groups meet: beyond what a lens blurs, within what a fold shades. */
const acrossMeeting = 4;
/** A boundary that is crossed in one step, of so much of the whole difference, is printed, woven or sewn; light falls off more softly. */
const sharpFrom = 0.7;
/** As many samples on a boundary tell how it is crossed. */
const fewestMeetings = 12;

/** A colour that goes on less often than this is a rim. */
const rimUpTo = 0.5;
/** As many pixels as are looked at beside their neighbours. */
const mostLookedAt = 2000;

/** The mean colour of a pixel and its eight neighbours within a region. */
function smoothAt({ data, width }: Pixels, inside: Uint8Array, at: number, correction: Correction): Point {
	let [red, green, blue] = [0, 0, 0];
	for (const row of [at - width, at, at + width])
		for (const near of [row - 1, row, row + 1]) {
			const i = (inside[near] ? near : at) * 4;
			red += linearOfByte[data[i] ?? 0] ?? 0;
			green += linearOfByte[data[i + 1] ?? 0] ?? 0;
			blue += linearOfByte[data[i + 2] ?? 0] ?? 0;
		}
	const [l, a, b] = labOfLight(corrected(correction, [red / 9, green / 9, blue / 9]));
	return apart({ l, a, b });
}

/**
 * How groups of colours meet: pixels beside their neighbours a few pixels to the right and below. What is printed, woven or sewn
 * changes at once, light and shade change softly.
 *
 * @param places the region's pixels; `sampled` some of them
 * @param groups the colours of the groups
 */
export function meetingsOf(
	pixels: Pixels,
	places: Int32Array,
	sampled: Int32Array,
	groups: readonly Point[],
	correction: Correction
): Meetings {
	const inside = new Uint8Array(pixels.width * pixels.height);
	for (const at of places) inside[at] = 1;
	const size = groups.length;
	const met = { count: new Float64Array(size * size), step: new Float64Array(size * size) };
	const every = Math.max(1, Math.floor(sampled.length / mostLookedAt));
	for (let i = 0; i < sampled.length; i += every) {
		const at = sampled[i] ?? 0;
		const here = smoothAt(pixels, inside, at, correction);
		const own = nearestOf(groups, here);
		// The end of a row is no neighbour of the next row's beginning.
		const right = (at % pixels.width) + acrossMeeting < pixels.width ? [at + acrossMeeting] : [];
		for (const near of [...right, at + acrossMeeting * pixels.width]) {
			if (!inside[near]) continue;
			const there = smoothAt(pixels, inside, near, correction);
			const other = nearestOf(groups, there);
			const pair = own * size + other;
			met.count[pair] = (met.count[pair] ?? 0) + 1;
			const whole = squared(groups[own] ?? here, groups[other] ?? there);
			if (whole > 0) met.step[pair] = (met.step[pair] ?? 0) + Math.sqrt(squared(here, there) / whole);
		}
	}
	const both = (of: Float64Array, first: number, second: number) =>
		(of[first * size + second] ?? 0) + (of[second * size + first] ?? 0);
	return {
		sharply: (first, second) => {
			const count = both(met.count, first, second);
			return count >= fewestMeetings && both(met.step, first, second) / count >= sharpFrom;
		},
		isRim: (members) => {
			let [all, on] = [0, 0];
			for (const group of members)
				for (let other = 0; other < size; other++) {
					const count = met.count[group * size + other] ?? 0;
					all += count;
					if (members.includes(other)) on += count;
				}
			return on < rimUpTo * all;
		}
	};
}
