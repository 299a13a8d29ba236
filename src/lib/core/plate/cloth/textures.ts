/** What the eye tells cloth by: a light tile laid over its colour or print, its sheen, and how far it shows the skin. */
import { garmentType } from '../../lexicon/taxonomy';
import type { Garment } from '../../model/garment';
import type { PlateShape } from '../model';
import { ellipse, flow, polygon, waves, type Point } from '../path';
import type { Tile } from './prints';

/** The two tones of a texture: darker and lighter than the cloth. */
interface Tones {
	dark: string;
	light: string;
}
type Design = (tones: Tones) => Tile;

const stroke = (points: readonly Point[], hex: string, strokeWidth = 1, opacity = 0.55): PlateShape => ({
	d: points.length > 2 ? flow(points) : polygon(points, false),
	stroke: hex,
	strokeWidth,
	opacity
});
const dot = (x: number, y: number, r: number, hex: string, opacity = 0.6): PlateShape => ({
	d: ellipse(x, y, r, r),
	fill: { kind: 'colour', hex },
	opacity
});
const ring = (x: number, y: number, r: number, hex: string, opacity = 0.6): PlateShape => ({
	d: ellipse(x, y, r, r),
	stroke: hex,
	strokeWidth: 1,
	opacity
});
const tile = (width: number, height: number, shapes: PlateShape[], rotation = 0): Tile => ({
	width,
	height,
	rotation,
	shapes
});
/** Even lines down the cloth. */
const wales =
	(step: number, strokeWidth: number, opacity: number, rotation = 0): Design =>
	({ dark, light }) =>
		tile(
			step,
			step,
			[
				stroke(
					[
						[step * 0.25, 0],
						[step * 0.25, step]
					],
					dark,
					strokeWidth,
					opacity
				),
				stroke(
					[
						[step * 0.75, 0],
						[step * 0.75, step]
					],
					light,
					strokeWidth * 0.7,
					opacity * 0.7
				)
			],
			rotation
		);
/** Stitches like small Vs. */
const stitches =
	(size: number, opacity: number): Design =>
	({ dark }) =>
		tile(size, size * 0.8, [
			stroke(
				[
					[size * 0.1, size * 0.15],
					[size * 0.5, size * 0.6]
				],
				dark,
				size * 0.13,
				opacity
			),
			stroke(
				[
					[size * 0.9, size * 0.15],
					[size * 0.5, size * 0.6]
				],
				dark,
				size * 0.13,
				opacity
			)
		]);
const flecks =
	(size: number, count: number, length: number, opacity: number): Design =>
	({ dark, light }) =>
		tile(
			size,
			size,
			Array.from({ length: count }, (_, i) => {
				// A fixed scatter: multiples of the golden ratio fill a square evenly without a visible order.
				const [x, y] = [((i * 0.618) % 1) * size, ((i * 0.755) % 1) * size];
				const turn = i * 2.4;
				return stroke(
					[
						[x, y],
						[x + Math.cos(turn) * length, y + Math.sin(turn) * length]
					],
					i % 2 ? dark : light,
					1.2,
					opacity
				);
			})
		);
const scattered =
	(size: number, count: number, radius: number, opacity: number): Design =>
	({ dark, light }) =>
		tile(
			size,
			size,
			Array.from({ length: count }, (_, i) =>
				dot(((i * 0.618) % 1) * size, ((i * 0.755) % 1) * size, radius, i % 3 ? light : dark, opacity)
			)
		);

const designs: Record<string, Design> = {
	ribbed: wales(6, 1.5, 0.5),
	waffle: ({ dark }) =>
		tile(9, 9, [
			stroke(
				[
					[0, 0],
					[9, 0]
				],
				dark,
				1.2
			),
			stroke(
				[
					[0, 0],
					[0, 9]
				],
				dark,
				1.2
			)
		]),
	'fine-knit': stitches(5, 0.4),
	knit: stitches(7.5, 0.5),
	'chunky-knit': stitches(13, 0.6),
	cable: ({ dark, light }) =>
		tile(34, 26, [
			...[10, 24].map((x) =>
				stroke(
					[
						[x - 5, 0],
						[x + 5, 13],
						[x - 5, 26]
					],
					dark,
					2,
					0.6
				)
			),
			...[10, 24].map((x) =>
				stroke(
					[
						[x + 5, 0],
						[x - 5, 13],
						[x + 5, 26]
					],
					light,
					2,
					0.7
				)
			),
			stroke(
				[
					[0, 0],
					[0, 26]
				],
				dark,
				1.6
			)
		]),
	quilted: ({ dark }) =>
		tile(26, 26, [
			stroke(
				[
					[0, 0],
					[26, 26]
				],
				dark,
				1.6,
				0.7
			),
			stroke(
				[
					[26, 0],
					[0, 26]
				],
				dark,
				1.6,
				0.7
			)
		]),
	padded: ({ dark, light }) =>
		tile(60, 36, [
			stroke(
				[
					[0, 35],
					[60, 35]
				],
				dark,
				2.6,
				0.8
			),
			stroke(
				[
					[0, 8],
					[60, 8]
				],
				light,
				7,
				0.22
			)
		]),
	boucle: ({ dark, light }) =>
		tile(
			22,
			22,
			Array.from({ length: 12 }, (_, i) =>
				ring(((i * 0.618) % 1) * 22, ((i * 0.755) % 1) * 22, 2.4, i % 2 ? dark : light, 0.5)
			)
		),
	tweed: flecks(24, 22, 3.4, 0.5),
	herringbone: ({ dark }) =>
		tile(12, 6, [
			stroke(
				[
					[0, 0],
					[6, 6]
				],
				dark,
				1.2
			),
			stroke(
				[
					[12, 0],
					[6, 6]
				],
				dark,
				1.2
			)
		]),
	brushed: flecks(30, 14, 5, 0.22),
	fluffy: flecks(26, 20, 7, 0.45),
	jacquard: ({ light }) =>
		tile(30, 40, [
			stroke(
				[
					[15, 4],
					[24, 14],
					[15, 24],
					[6, 14],
					[15, 4]
				],
				light,
				2,
				0.4
			),
			dot(15, 14, 3, light, 0.4),
			dot(0, 34, 3, light, 0.4),
			dot(30, 34, 3, light, 0.4)
		]),
	'self-stripe': wales(14, 4, 0.18),
	lace: ({ light, dark }) =>
		tile(18, 18, [
			...[0, 1, 2, 3, 4, 5].map((n) =>
				ring(9 + 4.4 * Math.cos((n * Math.PI) / 3), 9 + 4.4 * Math.sin((n * Math.PI) / 3), 2.4, light, 0.85)
			),
			dot(9, 9, 1.6, dark, 0.6),
			dot(0, 0, 1.6, dark, 0.5)
		]),
	crochet: ({ dark, light }) =>
		tile(14, 14, [ring(7, 7, 5, dark, 0.55), ring(7, 7, 2.4, light, 0.7), ring(0, 0, 3, dark, 0.4)]),
	broderie: ({ dark }) =>
		tile(22, 22, [
			...[0, 1, 2, 3].map((n) =>
				ring(8 + 4 * Math.cos((n * Math.PI) / 2), 8 + 4 * Math.sin((n * Math.PI) / 2), 1.8, dark, 0.75)
			),
			ring(19, 19, 1.8, dark, 0.75)
		]),
	'cut-out': ({ dark }) => tile(30, 30, [dot(9, 9, 4, dark, 0.7), dot(24, 24, 4, dark, 0.7)]),
	embroidered: ({ light }) =>
		tile(40, 48, [
			stroke(
				[
					[20, 44],
					[22, 26],
					[18, 8]
				],
				light,
				1.8,
				0.75
			),
			...[12, 22, 32].map((y, i) => ({
				d: ellipse(i % 2 ? 13 : 28, y, 5, 2.6),
				fill: { kind: 'colour', hex: light } as const,
				opacity: 0.75
			}))
		]),
	'mirror-work': ({ dark }) =>
		tile(24, 24, [
			dot(6, 6, 3.4, '#eef1f2', 0.95),
			ring(6, 6, 4.6, dark, 0.7),
			dot(18, 18, 2.4, '#eef1f2', 0.9)
		]),
	sequinned: ({ light, dark }) =>
		tile(9, 9, [
			ring(2.2, 2.2, 3.4, dark, 0.4),
			dot(2.2, 2.2, 1.5, light, 0.9),
			dot(6.7, 6.7, 1.2, light, 0.6)
		]),
	beaded: scattered(20, 14, 1.3, 0.85),
	metallic: flecks(14, 12, 2, 0.75),
	pile: flecks(20, 10, 2.4, 0.2),
	pleated: wales(13, 1.6, 0.5),
	ruched: ({ dark, light }) =>
		tile(40, 12, [
			stroke(
				[
					[0, 3],
					[14, 6],
					[26, 2],
					[40, 3]
				],
				dark,
				1.5,
				0.5
			),
			stroke(
				[
					[0, 9],
					[12, 7],
					[28, 10],
					[40, 9]
				],
				light,
				1.2,
				0.45
			)
		]),
	smocked: ({ dark }) =>
		tile(10, 8, [
			stroke(waves([0, 2], [10, 2], 1, 3), dark, 1.1, 0.5),
			stroke(
				[
					[5, 4],
					[5, 8]
				],
				dark,
				0.9,
				0.4
			)
		]),
	crinkled: flecks(40, 16, 14, 0.25),
	woven: ({ dark, light }) =>
		tile(10, 10, [
			stroke(
				[
					[0, 2.5],
					[5, 2.5]
				],
				dark,
				2.4,
				0.5
			),
			stroke(
				[
					[7.5, 5],
					[7.5, 10]
				],
				dark,
				2.4,
				0.5
			),
			stroke(
				[
					[2.5, 6],
					[2.5, 9]
				],
				light,
				2,
				0.5
			)
		]),
	perforated: ({ dark }) => tile(10, 10, [dot(5, 5, 1.2, dark, 0.7)]),
	grained: scattered(14, 12, 0.9, 0.3),
	croc: ({ dark }) =>
		tile(18, 14, [
			stroke(
				[
					[0, 0],
					[9, 2],
					[18, 0]
				],
				dark,
				1.6,
				0.65
			),
			stroke(
				[
					[0, 0],
					[0, 14]
				],
				dark,
				1.6,
				0.65
			)
		]),
	denim: wales(4, 0.9, 0.34, 32),
	twill: wales(5, 0.9, 0.24, 32),
	corduroy: wales(7, 2.2, 0.42),
	linen: ({ dark }) =>
		tile(16, 16, [
			stroke(
				[
					[0, 4],
					[16, 4]
				],
				dark,
				0.8,
				0.26
			),
			stroke(
				[
					[11, 0],
					[11, 16]
				],
				dark,
				0.8,
				0.26
			)
		]),
	net: ({ dark }) =>
		tile(7, 7, [
			stroke(
				[
					[0, 0],
					[7, 7]
				],
				dark,
				0.8,
				0.6
			),
			stroke(
				[
					[7, 0],
					[0, 7]
				],
				dark,
				0.8,
				0.6
			)
		]),
	feathered: ({ dark, light }) =>
		tile(24, 22, [
			stroke(
				[
					[4, 0],
					[8, 12],
					[3, 22]
				],
				dark,
				1.4,
				0.5
			),
			stroke(
				[
					[15, 2],
					[19, 12],
					[14, 22]
				],
				light,
				1.4,
				0.7
			)
		]),
	brocade: ({ light }) =>
		tile(28, 30, [
			...[0, 1, 2, 3, 4].map((n) => {
				const turn = (n * 2 * Math.PI) / 5;
				return dot(14 + 5.4 * Math.cos(turn), 12 + 5.4 * Math.sin(turn), 2.6, light, 0.6);
			}),
			dot(0, 27, 2, light, 0.6),
			dot(28, 27, 2, light, 0.6)
		])
};

/** Values of the facet "texture" that are drawn by another's tile, or not by a tile. */
const sameTexture: Record<string, string | undefined> = {
	applique: 'embroidered',
	velvet: 'pile',
	suede: 'pile',
	'fur-like': 'fluffy',
	smooth: undefined,
	patent: undefined
};
/** What a material looks like where no texture is said. */
const ofMaterial: Record<string, string> = {
	denim: 'denim',
	chambray: 'denim',
	canvas: 'linen',
	twill: 'twill',
	gabardine: 'twill',
	corduroy: 'corduroy',
	linen: 'linen',
	hemp: 'linen',
	khadi: 'linen',
	seersucker: 'ruched',
	muslin: 'crinkled',
	'broderie-anglaise': 'broderie',
	towelling: 'boucle',
	fleece: 'brushed',
	knit: 'knit',
	merino: 'fine-knit',
	lambswool: 'knit',
	cashmere: 'fine-knit',
	mohair: 'fluffy',
	alpaca: 'fluffy',
	tweed: 'tweed',
	flannel: 'brushed',
	felt: 'brushed',
	'boucle-wool': 'boucle',
	tulle: 'net',
	net: 'net',
	lace: 'lace',
	velvet: 'pile',
	velour: 'pile',
	suede: 'pile',
	'exotic-skin': 'croc',
	'faux-fur': 'fluffy',
	fur: 'fluffy',
	shearling: 'fluffy',
	feather: 'feathered',
	sequin: 'sequinned',
	lame: 'metallic',
	brocade: 'brocade',
	straw: 'woven',
	raffia: 'woven',
	cane: 'woven',
	rope: 'woven',
	bead: 'beaded',
	crystal: 'beaded'
};
/** Shine from 0 (matte) to 1 (a mirror), by material, where the sheen is not said (common practice). */
const shineOf: Record<string, number> = {
	silk: 0.45,
	satin: 0.8,
	taffeta: 0.6,
	organza: 0.4,
	velvet: 0.3,
	velour: 0.25,
	leather: 0.5,
	'imitation-leather': 0.7,
	'patent-leather': 1,
	'exotic-skin': 0.6,
	lame: 0.8,
	sequin: 0.6,
	brocade: 0.5,
	chanderi: 0.4,
	'waxed-cotton': 0.3,
	nylon: 0.4,
	rubber: 0.9,
	elastane: 0.3
};
const shineOfSheen: Record<string, number> = {
	matte: 0,
	'soft-sheen': 0.3,
	satin: 0.7,
	shiny: 0.9,
	glittering: 0.6
};
/** Cloth that shows what is under it where its opacity is not said. */
const thin: Record<string, number> = {
	chiffon: 0.72,
	organza: 0.7,
	tulle: 0.55,
	net: 0.5,
	lace: 0.82,
	voile: 0.86,
	georgette: 0.85
};
const opacities: Record<string, number> = { sheer: 0.5, 'semi-sheer': 0.74, opaque: 1 };

export interface Surface {
	/** 0..1 */
	shine: number;
	/** 0..1 */
	opacity: number;
	texture?: (tones: Tones) => Tile;
}

/** How a garment's cloth takes the light: by what is said of it, else by its material, else by what is usual. */
export function surfaceOf(garment: Garment): Surface {
	const { usual } = garmentType(garment.type);
	const value = (facet: 'texture' | 'material' | 'sheen' | 'opacity') => garment.facets[facet]?.value;
	const material = value('material') ?? usual.material ?? '';
	const texture = value('texture') ?? (value('material') ? undefined : usual.texture);
	const name =
		texture === undefined ? ofMaterial[material] : texture in sameTexture ? sameTexture[texture] : texture;
	const sheen = value('sheen');
	const opacity = value('opacity');
	return {
		shine: texture === 'patent' ? 1 : sheen ? (shineOfSheen[sheen] ?? 0) : (shineOf[material] ?? 0.08),
		opacity: opacity ? (opacities[opacity] ?? 1) : (thin[material] ?? 1),
		texture: name === undefined ? undefined : designs[name]
	};
}
