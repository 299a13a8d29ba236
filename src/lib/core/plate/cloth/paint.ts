import { converter, formatHex } from '../../colour/culori';
import { mainSwatch } from '../../colour/palette';
import { metalColours } from '../../lexicon/metals';
import type { Garment } from '../../model/garment';
import type { Paint, PlateLight, PlatePattern } from '../model';
import { tileOf } from './prints';
import { surfaceOf } from './textures';

/** Cloth whose colour nobody noted: the calm grey of a toile. */
const unnoted = '#c9c6bf';

const toOklch = converter('oklch');
const shades = new Map<string, string>();

/** The same hue, lighter (positive) or darker (negative), by OKLCH lightness. Remembered: a plate asks often for the same. */
export function shaded(hex: string, by: number): string {
	const key = `${hex} ${by}`;
	const known = shades.get(key);
	if (known !== undefined) return known;
	const colour = toOklch(hex);
	const shade = colour ? formatHex({ ...colour, l: Math.min(0.99, Math.max(0.05, colour.l + by)) }) : hex;
	if (shades.size > 5000) shades.clear();
	shades.set(key, shade);
	return shade;
}

/** A line that shows on the colour: darker on light cloth, lighter on dark. */
export function lineOn(hex: string): string {
	const { l: lightness = 0.5 } = toOklch(hex) ?? {};
	return shaded(hex, lightness > 0.32 ? -0.13 : 0.16);
}

/** What prints look like that have colours of their own, where none are noted. */
const ownColours: Record<string, string[]> = {
	leopard: ['#c9a26b', '#33261b'],
	zebra: ['#f1ede4', '#1d1b1a'],
	tiger: ['#c98a45', '#2a1d14'],
	snake: ['#bfb39a', '#4a4237'],
	cow: ['#f1ede4', '#3a2a20'],
	giraffe: ['#d9b57c', '#7a4f2b']
};

/** The colours to draw a garment in, largest first; print or metal stands in where no colour is noted. */
export function coloursOf(garment: Garment): string[] {
	const own = garment.print && ownColours[garment.print.family.value];
	if (garment.palette.length === 0 && own) return own;
	if (garment.palette.length === 0)
		return [garment.metal ? (metalColours[garment.metal.value] ?? unnoted) : unnoted];
	const main = mainSwatch(garment.palette);
	return [
		main?.hex ?? unnoted,
		...garment.palette.filter((swatch) => swatch !== main).map((swatch) => swatch.hex)
	];
}

const fillOf = (hex: string): Paint => ({ kind: 'colour', hex });

export interface Cloth {
	paint: Paint;
	/** The main colour, for details and lines. */
	hex: string;
	/** A line in the colour of its own shade. */
	line: string;
	/** 0 matte … 1 mirror-bright */
	shine: number;
	/** Laid over paint and texture: the roundness of what it covers. */
	light: PlateLight;
	/** 0..1; below 1 what is under it shows through. */
	opacity: number;
	pattern?: PlatePattern;
	/** Laid over the paint. */
	texture?: PlatePattern;
}

const dark = '#14100c';
const bright = '#ffffff';

/** Light from the left over something round; shining cloth has a streak of it, and a second from the other side. */
function lightOn(id: string, shine: number): PlateLight {
	const stop = (at: number, hex: string, opacity: number) => ({ at, hex, opacity });
	return {
		id: `light-${id}`,
		stops:
			shine < 0.25
				? [
						stop(0, dark, 0.07),
						stop(0.14, bright, 0.05),
						stop(0.34, bright, 0.06),
						stop(0.62, dark, 0),
						stop(1, dark, 0.2)
					]
				: [
						stop(0, dark, 0.1),
						stop(0.14, bright, 0.02),
						stop(0.26, bright, 0.08 + 0.3 * shine),
						stop(0.4, bright, 0),
						stop(0.6, dark, 0.06),
						stop(0.7, bright, 0.2 * shine),
						stop(0.8, dark, 0.06),
						stop(1, dark, 0.24)
					]
	};
}

/** How a garment's cloth is painted: its print over its ground, or its main colour, and its texture over that. */
export function clothOf(id: string, garment: Garment): Cloth {
	const [hex = unnoted, ...others] = coloursOf(garment);
	const line = lineOn(hex);
	const surface = surfaceOf(garment);
	const texture = surface.texture && {
		...surface.texture({ dark: line, light: shaded(hex, 0.14) }),
		id: `texture-${id}`
	};
	const plain: Cloth = {
		paint: fillOf(hex),
		hex,
		line,
		shine: surface.shine,
		light: lightOn(id, surface.shine),
		opacity: surface.opacity,
		texture
	};
	const family = garment.print?.family.value ?? 'plain';
	const scale = garment.print?.scale?.value ?? 'medium';
	const tile = tileOf(family, scale, hex, others.length > 0 ? others : [line]);
	if (!tile) return plain;
	const pattern = { ...tile, id: `print-${id}`, background: hex };
	return { ...plain, paint: { kind: 'pattern', id: pattern.id }, pattern };
}

/** The same cloth without print and texture, in a shade of its main colour: facings, linings, trims. */
export const plainCloth = (cloth: Cloth, hex = cloth.hex): Cloth => ({
	paint: fillOf(hex),
	hex,
	line: lineOn(hex),
	shine: cloth.shine,
	light: cloth.light,
	opacity: cloth.opacity
});
