import { clampChroma, converter, formatHex, parseHex } from './culori';

/** A colour in CIELAB under D65 (IEC 61966-2-1 for sRGB): `l` 0..100, `a` and `b` about −128..127. */
export interface Lab {
	l: number;
	a: number;
	b: number;
}

const toLab65 = converter('lab65');

/** Lab of an sRGB hex colour ("#1c2745"); throws on text that is none. */
export function labOfHex(hex: string): Lab {
	const rgb = /^#[0-9a-f]{6}$/i.test(hex) ? parseHex(hex) : undefined;
	if (!rgb) throw new RangeError(`"${hex}" is no colour of the form #rrggbb`);
	const { l, a, b } = toLab65(rgb);
	return { l, a, b };
}

const toRgb = converter('rgb');
/** Half a step of a byte: nearer than this beyond its edge, a colour is in sRGB and only rounding put it out. */
const halfAByte = 0.5 / 255;

/** The nearest sRGB hex colour of a Lab colour; chroma is lowered until it fits. */
export function hexOfLab(lab: Lab): string {
	const colour = { mode: 'lab65', ...lab } as const;
	const { r, g, b } = toRgb(colour);
	const isInside = [r, g, b].every((share) => share >= -halfAByte && share <= 1 + halfAByte);
	return formatHex(isInside ? colour : clampChroma(colour, 'lch65'));
}

/** The colour that lies a share (0..1) of the way from one sRGB hex colour to another, straight through CIELAB. */
export function mixedInLab(from: string, to: string, share: number): string {
	const [a, b] = [labOfHex(from), labOfHex(to)];
	const at = (axis: keyof Lab) => a[axis] + (b[axis] - a[axis]) * share;
	return hexOfLab({ l: at('l'), a: at('a'), b: at('b') });
}

/** Chroma: distance from grey. */
export const chromaOf = ({ a, b }: Lab) => Math.hypot(a, b);

/** Hue angle in degrees, 0..360. */
export const hueOf = ({ a, b }: Lab) => ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360;

/** Degrees between two hues the shorter way round, 0..180. */
export const huesApart = (one: Lab, other: Lab): number =>
	Math.abs(((hueOf(one) - hueOf(other) + 540) % 360) - 180);
