import { areaOf, eachPixel, regionOf, type Region } from './region';
import { colourOf, type MeasuredColour } from './colour-of';
import { uncorrected, type Correction } from './illuminant';
import { palettesOfPlaces, type MeasuredPalette, type MeasuredSwatch } from './palette-of';
import { lightAt, luminance, type Pixels } from './pixels';
import type { BodyScale } from './body-marks';
import { onBody, type OnBody } from './on-body';
import { printOf, type MeasuredPrint } from './print-of';

export interface PhotoReadingOptions {
	/** How the light is put right; as it is by default. */
	correction?: Correction;
	/** How many pixels the whole look covers, for the region's share of it; the whole picture by default. */
	lookArea?: number;
	/** The body that wears it: then it is read how far the region reaches on it. */
	body?: BodyScale;
}

export type SheenHint = 'matt' | 'some shine' | 'shiny';

/** What a region of a photograph shows. Nothing more is claimed. */
export interface PhotoReading {
	/** The colour of the region as a whole. */
	colour: MeasuredColour;
	/** Its colours with their shares, the largest first. */
	palette: MeasuredSwatch[];
	/** Share of the look that it covers, 0..1. */
	share: number;
	print: MeasuredPrint;
	sheen: { hint: SheenHint; sure: number };
	/** Where it begins and ends on the body; undefined without one, and for what does not lie about its middle. */
	onBody?: OnBody;
}

/** Tones that form what no light and no surface does are colours, where nothing else makes a print of the cloth or they make a check of it. */
const isSurely = (toned: MeasuredPrint, shaded: MeasuredPrint) =>
	toned.steady && (shaded.hint === 'plain' || toned.hint === 'check');

/** The brightest of a cloth against its middle: from here on it shines a little, and plainly (value of this project). */
const someShineFrom = 1.55;
const shinyFrom = 2.3;

function sheenOf(pixels: Pixels, places: Int32Array): PhotoReading['sheen'] {
	const bright = new Float64Array(every(places, 4000)).map((at) => luminance(lightAt(pixels, at))).sort();
	const at = (share: number) => bright[Math.floor(share * (bright.length - 1))] ?? 0;
	// In the dark a little noise is a large ratio.
	const ratio = (at(0.97) + 0.015) / (at(0.5) + 0.015);
	const hint = ratio >= shinyFrom ? 'shiny' : ratio >= someShineFrom ? 'some shine' : 'matt';
	return { hint, sure: 0.4 };
}

/**
 * Measures a region of a photograph: colour, palette, share of the look, print and sheen, each with how sure it is, and with a
 * body how far it reaches on it.
 * Undefined where the region has no pixels in the picture.
 *
 * @param part a region in pixels of the picture, or a mask of the whole of it: 0 outside, 1 inside
 */
export function readPhoto(
	pixels: Pixels,
	part: Region | Uint8Array,
	{ correction = uncorrected, lookArea, body }: PhotoReadingOptions = {}
): PhotoReading | undefined {
	const region = part instanceof Uint8Array ? regionOf(part, pixels) : wholeNumbers(part);
	if (!region) return undefined;
	const places = placesOf(region, pixels);
	const printed = (palette: MeasuredPalette) => {
		const map = new Int8Array(region.width * region.height).fill(-1);
		places.forEach((at, i) => {
			const x = (at % pixels.width) - region.x;
			const y = Math.floor(at / pixels.width) - region.y;
			map[y * region.width + x] = palette.of[i] ?? -1;
		});
		return { ...palette, print: printOf(map, region, palette) };
	};
	const { shaded, toned } = palettesOfPlaces(pixels, places, correction);
	const plainly = printed(shaded);
	const closely = toned && printed(toned);
	const { swatches, of, print } = closely && isSurely(closely.print, plainly.print) ? closely : plainly;
	const [main] = swatches;
	const colour = colourOf(pixels, every(places, 6000), correction);
	if (!main || !colour) return undefined;
	const reach = body && onBody(pixels, region, body, correction);
	return {
		...(reach && { onBody: reach }),
		colour: swatches.length === 1 ? main : colour,
		palette: swatches,
		share: Math.min(1, areaOf(region) / (lookArea ?? pixels.width * pixels.height)),
		print,
		sheen: sheenOf(
			pixels,
			places.filter((_, i) => of[i] === 0)
		)
	};
}

/** A box that was drawn has parts of pixels; with runs it is made of whole ones. */
const wholeNumbers = (region: Region): Region =>
	region.runs
		? region
		: {
				x: Math.round(region.x),
				y: Math.round(region.y),
				width: Math.max(1, Math.round(region.width)),
				height: Math.max(1, Math.round(region.height))
			};

/** Every so manieth of a list, so that at most so many are left. */
const every = (places: Int32Array, most: number) => {
	const step = Math.max(1, Math.floor(places.length / most));
	const kept = new Int32Array(Math.ceil(places.length / step));
	for (let i = 0; i < kept.length; i++) kept[i] = places[i * step] ?? 0;
	return kept;
};

/** The pixels of a region within its picture. */
function placesOf(region: Region, picture: Pixels): Int32Array {
	const places = new Int32Array(areaOf(region));
	let count = 0;
	eachPixel(region, picture, (at) => (places[count++] = at));
	return places.subarray(0, count);
}
