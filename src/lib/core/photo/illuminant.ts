import { encodedLight, lightAt, linearOfByte, luminance, type Light, type Pixels } from './pixels';

type Matrix = readonly [Light, Light, Light];

const times = (matrix: Matrix, [x, y, z]: Light): Light => {
	const row = ([a, b, c]: Light) => a * x + b * y + c * z;
	return [row(matrix[0]), row(matrix[1]), row(matrix[2])];
};
const product = (first: Matrix, second: Matrix): Matrix => {
	const column = (i: 0 | 1 | 2): Light => times(first, [second[0][i], second[1][i], second[2][i]]);
	const [x, y, z] = [column(0), column(1), column(2)];
	return [
		[x[0], y[0], z[0]],
		[x[1], y[1], z[1]],
		[x[2], y[2], z[2]]
	];
};

/** Linear sRGB to XYZ and back (IEC 61966-2-1). */
export const xyzOfLight: Matrix = [
	[0.4123908, 0.3575843, 0.1804808],
	[0.212639, 0.7151687, 0.0721923],
	[0.0193308, 0.1191948, 0.9505322]
];
export const lightOfXyz: Matrix = [
	[3.2409699, -1.5373832, -0.4986108],
	[-0.9692436, 1.8759675, 0.0415551],
	[0.0556301, -0.203977, 1.0569715]
];
/** Bradford: XYZ to the cone-like space in which white is adapted, and back (Lam 1985; ICC.1:2022, Annex E). */
const bradford: Matrix = [
	[0.8951, 0.2664, -0.1614],
	[-0.7502, 1.7135, 0.0367],
	[0.0389, -0.0685, 1.0296]
];
const fromBradford: Matrix = [
	[0.9869929, -0.1470543, 0.1599627],
	[0.4323053, 0.5183603, 0.0492912],
	[-0.0085287, 0.0400428, 0.9684867]
];

/** What a spot that is pointed at is known to be: its share of the light that it gives back (common practice). */
export const knownTones = { white: 0.87, grey: 0.184 } as const;
export type KnownTone = keyof typeof knownTones;

/** How the light of a picture is put right: a matrix for linear sRGB. */
export interface Correction {
	matrix: Matrix;
}
export const uncorrected: Correction = {
	matrix: [
		[1, 0, 0],
		[0, 1, 0],
		[0, 0, 1]
	]
};

/**
 * The correction under which a measured light becomes neutral, and of the lightness of the tone that it is known to be:
 * Bradford adaptation to D65 in linear light, and exposure. Undefined where the spot is black or burnt out, and says nothing
 * of the light.
 *
 * @param tone leave it out to keep the exposure
 */
export function correctionFor(measured: Light, tone?: KnownTone): Correction | undefined {
	const bright = luminance(measured);
	if (bright < 0.004 || Math.max(...measured) >= 0.999) return undefined;
	const white: Light = times(xyzOfLight, [1, 1, 1]);
	const from = times(bradford, times(xyzOfLight, measured));
	const to = times(bradford, white);
	const exposure = tone === undefined ? bright : knownTones[tone];
	const gain = (i: 0 | 1 | 2) => (to[i] / from[i]) * exposure;
	const scale: Matrix = [
		[gain(0), 0, 0],
		[0, gain(1), 0],
		[0, 0, gain(2)]
	];
	const inXyz = product(fromBradford, product(scale, bradford));
	return { matrix: product(lightOfXyz, product(inXyz, xyzOfLight)) };
}

/** A light as it is after the correction. */
export const corrected = ({ matrix }: Correction, light: Light): Light => times(matrix, light);

/** A picture as it is after the correction. */
export function correctedPixels({ width, height, data }: Pixels, { matrix }: Correction): Pixels {
	const out = new Uint8ClampedArray(data.length);
	const [[rr, rg, rb], [gr, gg, gb], [br, bg, bb]] = matrix;
	for (let i = 0; i < data.length; i += 4) {
		const r = linearOfByte[data[i] ?? 0] ?? 0;
		const g = linearOfByte[data[i + 1] ?? 0] ?? 0;
		const b = linearOfByte[data[i + 2] ?? 0] ?? 0;
		out[i] = encodedLight(rr * r + rg * g + rb * b) * 255;
		out[i + 1] = encodedLight(gr * r + gg * g + gb * b) * 255;
		out[i + 2] = encodedLight(br * r + bg * g + bb * b) * 255;
		out[i + 3] = data[i + 3] ?? 255;
	}
	return { width, height, data: out };
}

/** The light of a spot: the mean of the pixels around it that are not burnt out. */
export function lightAround(pixels: Pixels, { x, y }: { x: number; y: number }, radius = 4): Light {
	const sum = [0, 0, 0];
	let count = 0;
	for (let dy = -radius; dy <= radius; dy++)
		for (let dx = -radius; dx <= radius; dx++) {
			const atX = Math.round(x) + dx;
			const atY = Math.round(y) + dy;
			if (atX < 0 || atY < 0 || atX >= pixels.width || atY >= pixels.height) continue;
			lightAt(pixels, atY * pixels.width + atX).forEach((value, i) => (sum[i] = (sum[i] ?? 0) + value));
			count++;
		}
	const mean = (i: number) => (sum[i] ?? 0) / Math.max(1, count);
	return [mean(0), mean(1), mean(2)];
}

/** The Minkowski norm of shades of grey: 6, as found best by Finlayson & Trezzi. */
const norm = 6;
/** The light of a picture is thought neutral up to this angle to grey, in degrees. */
const neutralUpTo = 2;

/**
 * What light a picture was probably taken in, by shades of grey (Finlayson & Trezzi 2004, "Shades of Gray and Colour
 * Constancy"): a proposal, never more. `cast` says in what direction it is off, undefined where it is about neutral.
 */
export function probableLight(pixels: Pixels): {
	light: Light;
	cast?: 'warm' | 'cool' | 'green' | 'magenta';
} {
	const sum = [0, 0, 0];
	let count = 0;
	for (let i = 0; i < pixels.data.length; i += 4) {
		const light = lightAt(pixels, i / 4);
		// Burnt-out pixels have lost the colour of the light.
		if (Math.max(...light) >= 0.99) continue;
		light.forEach((value, channel) => (sum[channel] = (sum[channel] ?? 0) + value ** norm));
		count++;
	}
	const mean = (i: number) => ((sum[i] ?? 0) / Math.max(1, count)) ** (1 / norm);
	const light: Light = [mean(0), mean(1), mean(2)];
	const length = Math.hypot(...light);
	const angle =
		length === 0
			? 0
			: (Math.acos(Math.min(1, (light[0] + light[1] + light[2]) / (Math.sqrt(3) * length))) * 180) / Math.PI;
	if (angle <= neutralUpTo) return { light };
	const warm = light[0] - light[2];
	const green = light[1] - (light[0] + light[2]) / 2;
	const cast =
		Math.abs(warm) >= Math.abs(green) ? (warm > 0 ? 'warm' : 'cool') : green > 0 ? 'green' : 'magenta';
	return { light, cast };
}
