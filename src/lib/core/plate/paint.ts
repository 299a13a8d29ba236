import { converter, formatHex } from '../colour/culori';
import { mainSwatch } from '../colour/palette';
import { metalColours } from '../lexicon/metals';
import type { Garment } from '../model/garment';
import type { Paint, PlatePattern } from './model';
import { tileOf } from './prints';

/** Cloth whose colour nobody noted: the calm grey of a toile. */
const unnoted = '#c9c6bf';

const toOklch = converter('oklch');

/** The same hue, lighter (positive) or darker (negative), by OKLCH lightness. */
export function shaded(hex: string, by: number): string {
	const colour = toOklch(hex);
	return colour ? formatHex({ ...colour, l: Math.min(0.99, Math.max(0.05, colour.l + by)) }) : hex;
}

/** A line that shows on the colour: darker on light cloth, lighter on dark. */
export function lineOn(hex: string): string {
	const lightness = toOklch(hex)?.l ?? 0.5;
	return shaded(hex, lightness > 0.32 ? -0.13 : 0.16);
}

/** The colours to draw a garment in, largest first; a metal stands in where no colour is noted. */
export function coloursOf(garment: Garment): string[] {
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
	pattern?: PlatePattern;
}

/** How a garment's cloth is painted: its print over its ground, or its main colour. */
export function clothOf(id: string, garment: Garment): Cloth {
	const [hex = unnoted, ...others] = coloursOf(garment);
	const line = lineOn(hex);
	const family = garment.print?.family.value ?? 'plain';
	const scale = garment.print?.scale?.value ?? 'medium';
	const tile = tileOf(family, scale, hex, others.length > 0 ? others : [line]);
	if (!tile) return { paint: fillOf(hex), hex, line };
	const pattern = { ...tile, id: `print-${id}`, background: hex };
	return { paint: { kind: 'pattern', id: pattern.id }, hex, line, pattern };
}
