import { hexOfLab, type Lab } from '../colour/spaces';
import { corrected, uncorrected, type Correction } from './illuminant';
import { labOfLight } from './lab-pixels';
import { lightAt, luminance, type Light, type Pixels } from './pixels';

/** A colour that was measured. */
export interface MeasuredColour {
	hex: string;
	lab: Lab;
	/** How sure its hue and chroma are, 0..1. */
	sure: number;
	/** How sure its lightness is, 0..1: never as sure, for how strongly a cloth was lit is not known. */
	lightnessSure: number;
}

const quantile = (sorted: Float64Array, share: number) =>
	sorted[Math.min(sorted.length - 1, Math.max(0, Math.round(share * (sorted.length - 1))))] ?? 0;

/** Folds and shadow: the darkest share is left out for hue and chroma. Shine: so is the brightest. */
const shadowShare = 0.25;
const shineShare = 0.08;
/** Where along its own lightnesses a cloth shows its lightness: above the middle, for shadow takes more than shine adds. */
const lightnessAt = 0.65;

/**
 * The colour of a cloth from its pixels, in spite of folds and shine: hue and chroma by the medians of its chromaticity
 * without the darkest quarter and the brightest part, lightness at its 65th percentile. Undefined without pixels.
 */
export function colourOf(
	pixels: Pixels,
	places: readonly number[] | Int32Array,
	correction: Correction = uncorrected
): MeasuredColour | undefined {
	const count = places.length;
	if (count === 0) return undefined;
	const lights: Light[] = Array.from(places, (at) => corrected(correction, lightAt(pixels, at)));
	const bright = Float64Array.from(lights, luminance).sort();
	const from = quantile(bright, shadowShare);
	const to = quantile(bright, 1 - shineShare);
	const kept = lights.filter((light) => luminance(light) >= from && luminance(light) <= to);
	const used = kept.length > 0 ? kept : lights;
	const shares = used.map(([r, g, b]): Light => {
		const sum = Math.max(1e-6, r + g + b);
		return [r / sum, g / sum, b / sum];
	});
	const medianOf = (i: 0 | 1 | 2) => quantile(Float64Array.from(shares, (share) => share[i]).sort(), 0.5);
	const chromaticity: Light = [medianOf(0), medianOf(1), medianOf(2)];
	const level = quantile(bright, lightnessAt) / Math.max(1e-6, luminance(chromaticity));
	const [l, a, b] = labOfLight([chromaticity[0] * level, chromaticity[1] * level, chromaticity[2] * level]);
	const lab = { l, a, b };
	const [lowL] = labOfLight([from, from, from]);
	const [highL] = labOfLight([to, to, to]);
	// What spreads widely in lightness, or is too dark to have a hue, is less sure; so is what has few pixels.
	const enough = Math.min(1, Math.sqrt(count / 400));
	const spread = Math.max(0, 1 - (highL - lowL) / 60);
	const lit = Math.min(1, l / 25);
	return {
		hex: hexOfLab(lab),
		lab,
		sure: enough * (0.5 + 0.25 * spread + 0.25 * lit),
		lightnessSure: enough * (0.25 + 0.4 * spread)
	};
}
