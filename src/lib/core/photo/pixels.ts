/** A picture as it comes from a canvas: sRGB, four bytes a pixel (red, green, blue, alpha), row by row from the top. */
export interface Pixels {
	width: number;
	height: number;
	data: Uint8ClampedArray | Uint8Array;
}

/** A place on a picture, in pixels from its left upper corner. */
export interface Spot {
	x: number;
	y: number;
}

/** sRGB bytes in linear light, 0..1 (IEC 61966-2-1). */
export const linearOfByte: Readonly<Float64Array> = Float64Array.from({ length: 256 }, (_, byte) => {
	const share = byte / 255;
	return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
});

/** Linear light as an sRGB share, 0..1; what is beyond the gamut is cut (IEC 61966-2-1). */
export function encodedLight(linear: number): number {
	const light = Math.min(1, Math.max(0, linear));
	return light <= 0.0031308 ? light * 12.92 : 1.055 * light ** (1 / 2.4) - 0.055;
}

/** Linear red, green and blue. */
export type Light = readonly [red: number, green: number, blue: number];

/** The light of a pixel by its place in the picture, row by row; none outside of it. */
export const lightAt = ({ data }: Pixels, at: number): Light => [
	linearOfByte[data[at * 4] ?? 0] ?? 0,
	linearOfByte[data[at * 4 + 1] ?? 0] ?? 0,
	linearOfByte[data[at * 4 + 2] ?? 0] ?? 0
];

/** Relative luminance of linear light, 0..1 (IEC 61966-2-1). */
export const luminance = ([red, green, blue]: Light) => 0.2126 * red + 0.7152 * green + 0.0722 * blue;
