import type { Lab } from '../colour/spaces';
import { clothColours, type Joined } from './cloth-colours';
import { apart, groupsOf, nearestOf } from './colour-groups';
import { colourOf, type MeasuredColour } from './colour-of';
import { corrected, uncorrected, type Correction } from './illuminant';
import { labOfLight } from './lab-pixels';
import { meetingsOf } from './meetings';
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

/** The palettes of a region: with light and shade as one colour, and with tones of one hue that meet sharply as two, where there are any. */
export interface MeasuredPalettes {
	shaded: MeasuredPalette;
	toned?: MeasuredPalette;
}

const mostSwatches = 5;
/** As many pixels as are grouped; more give the same groups. */
const mostSamples = 4000;
/** Where a group is that has lost all its samples: nearest to none. */
const nowhere = [Infinity, Infinity, Infinity] as const;
const nothing: MeasuredPalette = { swatches: [], of: new Int8Array(0) };

/**
 * Up to five colours of a region with their shares, and which pixel is of which. Light and shade of one cloth are one
 * colour; whether tones that meet sharply everywhere are two, as in a check of greys, what they form must tell.
 *
 * @param places the region's pixels, as places in the picture
 */
export function palettesOfPlaces(
	pixels: Pixels,
	places: Int32Array,
	correction: Correction = uncorrected
): MeasuredPalettes {
	const every = Math.max(1, Math.floor(places.length / mostSamples));
	const sampled = withoutBurntOut(
		pixels,
		places.filter((_, i) => i % every === 0)
	);
	const labs = Array.from(sampled, (at): Lab => {
		const [l, a, b] = labOfLight(corrected(correction, lightAt(pixels, at)));
		return { l, a, b };
	});
	if (labs.length === 0) return { shaded: nothing };
	const { count, of } = groupsOf(labs.map(apart));
	const spread = spreadOf(pixels, sampled, of, count);
	const found = Array.from({ length: count }, (_, k): Joined => {
		const own = labs.filter((__, i) => of[i] === k);
		const mean = (field: keyof Lab) =>
			own.reduce((sum, lab) => sum + lab[field], 0) / Math.max(1, own.length);
		const lab = { l: mean('l'), a: mean('a'), b: mean('b') };
		return { mean: lab, count: own.length, members: [k], spread: spread[k] ?? 0 };
	});
	const points = found.map(({ mean, count }) => (count > 0 ? apart(mean) : nowhere));
	const meets = meetingsOf(pixels, places, sampled, points, correction);
	const coloursOf = (tones: boolean) =>
		clothColours(
			found.filter((group) => group.count > 0),
			labs.length,
			meets,
			tones
		).slice(0, mostSwatches);
	const measured = (colours: readonly Joined[]): MeasuredPalette => {
		const ofEach = colours.map(({ members }) => {
			const own = sampled.filter((_, i) => members.includes(of[i] ?? -1));
			return { share: own.length, colour: colourOf(pixels, own, correction) };
		});
		const total = ofEach.reduce((sum, { share }) => sum + share, 0);
		const swatches = ofEach.flatMap(({ share, colour }) =>
			colour ? [{ ...colour, share: share / total }] : []
		);
		return { swatches, of: nearestSwatch(pixels, places, swatches, correction) };
	};
	const [shaded, toned] = [coloursOf(false), coloursOf(true)];
	return {
		shaded: measured(shaded),
		...(toned.length > shaded.length && { toned: measured(toned) })
	};
}

/** The colours of a region with light and shade as one; see {@link palettesOfPlaces}. */
export const paletteOfPlaces = (
	pixels: Pixels,
	places: Int32Array,
	correction?: Correction
): MeasuredPalette => palettesOfPlaces(pixels, places, correction).shaded;

/** Cells along the longer side of a region in which it is asked what is everywhere. */
const spreadCells = 5;

/** In what share of a region's cells each group is found. */
function spreadOf({ width }: Pixels, places: Int32Array, of: Int8Array, count: number): number[] {
	let [left, right, top, bottom] = [Infinity, 0, Infinity, 0];
	for (const at of places) {
		const [x, y] = [at % width, Math.floor(at / width)];
		[left, right, top, bottom] = [
			Math.min(left, x),
			Math.max(right, x),
			Math.min(top, y),
			Math.max(bottom, y)
		];
	}
	const cell = Math.max(1, Math.max(right - left, bottom - top) / spreadCells);
	const all = new Set<number>();
	const own = Array.from({ length: count }, () => new Set<number>());
	places.forEach((at, i) => {
		const where =
			Math.floor(((at % width) - left) / cell) * 100 + Math.floor((Math.floor(at / width) - top) / cell);
		all.add(where);
		own[of[i] ?? -1]?.add(where);
	});
	return own.map((cells) => cells.size / all.size);
}

/** Pixels that have lost their colour to too much light say nothing of it; where most have, all are kept. */
function withoutBurntOut({ data }: Pixels, places: Int32Array): Int32Array {
	const kept = places.filter(
		(at) => Math.max(data[at * 4] ?? 0, data[at * 4 + 1] ?? 0, data[at * 4 + 2] ?? 0) < 252
	);
	return kept.length >= places.length * 0.3 ? kept : places;
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
	const swatchAt = (at: number) => {
		const [l, a, b] = labOfLight(corrected(correction, lightAt(pixels, at)));
		return nearestOf(points, apart({ l, a, b }));
	};
	const of = new Int8Array(places.length);
	for (let i = 0; i < places.length; i++) {
		const at = places[i] ?? 0;
		const key =
			(((data[at * 4] ?? 0) >> stepsShift) << 10) |
			(((data[at * 4 + 1] ?? 0) >> stepsShift) << 5) |
			((data[at * 4 + 2] ?? 0) >> stepsShift);
		const before = known[key] ?? -2;
		of[i] = before === -2 ? (known[key] = swatchAt(at)) : before;
	}
	return of;
}
