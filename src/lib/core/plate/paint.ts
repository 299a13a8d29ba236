import { converter, formatHex } from '../colour/culori';
import { mainSwatch } from '../colour/palette';
import { metalColours } from '../lexicon/metals';
import type { Garment } from '../model/garment';
import type { Paint, PlatePattern, PlateShape } from './model';
import { ellipse, polygon } from './path';

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

const rectangle = (x: number, y: number, width: number, height: number) =>
	polygon([
		[x, y],
		[x + width, y],
		[x + width, y + height],
		[x, y + height]
	]);

type Tile = Omit<PlatePattern, 'id' | 'background'>;
const fillOf = (hex: string): Paint => ({ kind: 'colour', hex });

const stripes = (size: number, width: number, hex: string, rotation = 0): Tile => ({
	width: size,
	height: size,
	rotation,
	shapes: [{ d: rectangle(0, 0, width, size), fill: fillOf(hex) }]
});

const crossed = (size: number, band: number, hex: string): Tile => ({
	width: size,
	height: size,
	rotation: 0,
	shapes: [
		{ d: rectangle(0, 0, band, size), fill: fillOf(hex), opacity: 0.55 },
		{ d: rectangle(0, 0, size, band), fill: fillOf(hex), opacity: 0.55 }
	]
});

const dots = (size: number, radius: number, hex: string): Tile => ({
	width: size,
	height: size,
	rotation: 0,
	shapes: [
		[0.25, 0.25],
		[0.75, 0.75]
	].map(([x = 0, y = 0]) => ({ d: ellipse(size * x, size * y, radius, radius), fill: fillOf(hex) }))
});

function flowers(size: number, petal: number, colours: string[]): Tile {
	const [flower = '#ffffff', leaf = flower] = colours;
	const bloom = (x: number, y: number, hex: string): PlateShape[] =>
		[0, 72, 144, 216, 288].map((angle) => ({
			d: ellipse(
				x + Math.cos((angle * Math.PI) / 180) * petal,
				y + Math.sin((angle * Math.PI) / 180) * petal,
				petal * 0.8,
				petal * 0.8
			),
			fill: fillOf(hex)
		}));
	return {
		width: size,
		height: size,
		rotation: 0,
		shapes: [
			...bloom(size * 0.3, size * 0.3, flower),
			{ d: ellipse(size * 0.55, size * 0.48, petal * 0.6, petal * 1.5), fill: fillOf(leaf) },
			...bloom(size * 0.75, size * 0.78, leaf),
			{ d: ellipse(size * 0.14, size * 0.8, petal * 1.3, petal * 0.55), fill: fillOf(flower) }
		]
	};
}

const patches = (size: number, hex: string): Tile => ({
	width: size,
	height: size,
	rotation: 20,
	shapes: [
		ellipse(size * 0.25, size * 0.3, size * 0.16, size * 0.11),
		ellipse(size * 0.7, size * 0.2, size * 0.11, size * 0.15),
		ellipse(size * 0.6, size * 0.72, size * 0.18, size * 0.1),
		ellipse(size * 0.1, size * 0.82, size * 0.08, size * 0.12)
	].map((d) => ({ d, fill: fillOf(hex) }))
});

const scaleFactor: Record<string, number> = { tiny: 0.6, small: 0.8, medium: 1.15, large: 1.9 };

/** The tile of a print family; undefined for plain cloth. */
function tileOf(family: string, factor: number, colours: string[]): Tile | undefined {
	const [figure = '#ffffff'] = colours;
	switch (family) {
		case 'plain':
			return undefined;
		case 'pinstripe':
			return stripes(14 * factor, 1.6, figure);
		case 'stripe':
		case 'candy-stripe':
			return stripes(20 * factor, 10 * factor, figure);
		case 'breton':
			return stripes(20 * factor, 7 * factor, figure, 90);
		case 'gingham':
		case 'buffalo':
		case 'check':
		case 'checkerboard':
			return crossed(18 * factor, 9 * factor, figure);
		case 'plaid':
			return {
				...crossed(40 * factor, 16 * factor, figure),
				shapes: [
					...crossed(40 * factor, 16 * factor, figure).shapes,
					{ d: rectangle(26 * factor, 0, 3 * factor, 40 * factor), fill: fillOf(colours[1] ?? figure) },
					{ d: rectangle(0, 26 * factor, 40 * factor, 3 * factor), fill: fillOf(colours[1] ?? figure) }
				]
			};
		case 'windowpane':
			return crossed(34 * factor, 1.8, figure);
		case 'glen-check':
		case 'houndstooth':
			return {
				...crossed(12 * factor, 5 * factor, figure),
				rotation: 45
			};
		case 'pin-dot':
			return dots(14 * factor, 1.8, figure);
		case 'polka-dot':
		case 'spot':
			return dots(26 * factor, 5.5 * factor, figure);
		case 'ditsy-floral':
			return flowers(24 * factor, 2.4 * factor, colours);
		case 'painterly-floral':
		case 'botanical':
		case 'block-print':
		case 'folk-embroidery':
		case 'paisley':
			return flowers(52 * factor, 5.4 * factor, colours);
		case 'leopard':
		case 'snake':
		case 'abstract':
		case 'tie-dye':
		case 'bandhani':
		case 'ombre':
			return patches(30 * factor, figure);
		case 'zebra':
			return stripes(18 * factor, 8 * factor, figure, 70);
		case 'ikat':
		case 'geometric':
			return { ...dots(26 * factor, 6 * factor, figure), rotation: 45 };
		default:
			return undefined;
	}
}

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
	const factor = scaleFactor[garment.print?.scale?.value ?? 'medium'] ?? 1;
	const tile = tileOf(family, factor, others.length > 0 ? others : [line]);
	if (!tile) return { paint: fillOf(hex), hex, line };
	const pattern = { ...tile, id: `print-${id}`, background: hex };
	return { paint: { kind: 'pattern', id: pattern.id }, hex, line, pattern };
}
