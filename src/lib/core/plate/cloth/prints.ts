/** A repeating tile for every print family, as plain shapes over the cloth's ground. */
import type { PlatePattern, PlateShape } from '../model';
import { curve, ellipse, polygon, type Point } from '../path';

export type Tile = Omit<PlatePattern, 'id' | 'background'>;

/** What a design is given: the size of its repeat, and the colours over the ground, at least one. */
interface Inks {
	size: number;
	figure: string;
	/** A second colour; the figure's own where the garment has only one over its ground. */
	second: string;
	ground: string;
}
type Design = (inks: Inks) => Tile;

const filled = (d: string, hex: string, opacity?: number): PlateShape => ({
	d,
	fill: { kind: 'colour', hex },
	opacity
});
const drawnLine = (d: string, hex: string, strokeWidth: number, opacity?: number): PlateShape => ({
	d,
	stroke: hex,
	strokeWidth,
	opacity
});
const tile = (
	width: number,
	shapes: PlateShape[],
	more: { height?: number; rotation?: number } = {}
): Tile => ({
	width,
	height: more.height ?? width,
	rotation: more.rotation ?? 0,
	shapes
});

const box = (x: number, y: number, width: number, height: number) =>
	polygon([
		[x, y],
		[x + width, y],
		[x + width, y + height],
		[x, y + height]
	]);
/** Points in shares of the repeat. */
const scaled = (size: number, points: readonly Point[]): Point[] =>
	points.map(([x, y]) => [x * size, y * size]);
const shape = (size: number, points: readonly Point[]) => polygon(scaled(size, points));
const strokeOf = (size: number, points: readonly Point[]) => polygon(scaled(size, points), false);
const dot = (size: number, x: number, y: number, r: number) =>
	ellipse(x * size, y * size, r * size, r * size);
const around = (petals: number) => Array.from({ length: petals }, (_, i) => (i * 2 * Math.PI) / petals);

/** Upright stripes: each from and to in shares of the repeat. */
const upright =
	(share: number, bands: [from: number, to: number, second?: boolean][], rotation = 0): Design =>
	({ size, figure, second }) =>
		tile(
			size * share,
			bands.map(([from, to, other]) =>
				filled(box(size * share * from, 0, size * share * (to - from), size * share), other ? second : figure)
			),
			{ rotation }
		);

/** Bands that cross, half-tone where they do not. */
const crossing =
	(share: number, bands: [from: number, to: number, second?: boolean][], opacity: number): Design =>
	({ size, figure, second }) => {
		const repeat = size * share;
		return tile(
			repeat,
			bands.flatMap(([from, to, other]) => {
				const hex = other ? second : figure;
				const [at, width] = [repeat * from, repeat * (to - from)];
				return [
					filled(box(at, 0, width, repeat), hex, opacity),
					filled(box(0, at, repeat, width), hex, opacity)
				];
			})
		);
	};

const dots =
	(share: number, radius: number): Design =>
	({ size, figure }) => {
		const repeat = size * share;
		return tile(repeat, [
			filled(dot(repeat, 0.25, 0.25, radius), figure),
			filled(dot(repeat, 0.75, 0.75, radius), figure)
		]);
	};

const bloom = (size: number, x: number, y: number, r: number, hex: string, heart: string): PlateShape[] => [
	...around(5).map((angle) =>
		filled(dot(size, x + Math.cos(angle) * r, y + Math.sin(angle) * r, r * 0.78), hex)
	),
	filled(dot(size, x, y, r * 0.5), heart)
];
const leaf = (size: number, x: number, y: number, length: number, angle: number, hex: string): PlateShape => {
	const [dx, dy] = [Math.cos(angle) * length, Math.sin(angle) * length];
	const [nx, ny] = [-dy * 0.28, dx * 0.28];
	return filled(
		shape(size, [
			[x - dx, y - dy],
			[x + nx, y + ny],
			[x + dx, y + dy],
			[x - nx, y - ny]
		]),
		hex
	);
};

const flowers =
	(share: number, radius: number): Design =>
	({ size, figure, second, ground }) => {
		const repeat = size * share;
		return tile(repeat, [
			leaf(repeat, 0.52, 0.44, 0.13, 0.6, second),
			leaf(repeat, 0.1, 0.78, 0.12, -0.8, second),
			...bloom(repeat, 0.28, 0.28, radius, figure, ground),
			...bloom(repeat, 0.75, 0.78, radius * 0.85, second === figure ? figure : second, figure)
		]);
	};

/** Irregular patches, as of hides; each is a blob around a centre. */
const patches =
	(
		share: number,
		blobs: readonly [x: number, y: number, rx: number, ry: number, second?: boolean][]
	): Design =>
	({ size, figure, second }) => {
		const repeat = size * share;
		return tile(
			repeat,
			blobs.map(([x, y, rx, ry, other]) =>
				filled(ellipse(x * repeat, y * repeat, rx * repeat, ry * repeat), other ? second : figure)
			),
			{ rotation: 18 }
		);
	};

/** Wavy bands across the cloth, as of zebra and tiger. */
const wavy =
	(share: number, thickness: number, gap: boolean): Design =>
	({ size, figure }) => {
		const repeat = size * share;
		const band = (y: number, to: number) =>
			shape(repeat, [
				[0, y],
				[0.3, y + 0.08],
				[0.6, y - 0.05],
				[to, y + 0.02],
				[to, y + 0.02 + thickness * 0.4],
				[0.6, y - 0.05 + thickness],
				[0.3, y + 0.08 + thickness],
				[0, y + thickness * (gap ? 0.3 : 1)]
			]);
		return tile(repeat, [
			filled(band(0.15, gap ? 0.8 : 1), figure),
			filled(band(0.62, gap ? 0.66 : 1), figure)
		]);
	};

const motif =
	(share: number, marks: (inks: Inks & { repeat: number }) => PlateShape[], rotation = 0): Design =>
	(inks) => {
		const repeat = inks.size * share;
		return tile(repeat, marks({ ...inks, repeat }), { rotation });
	};

/** The bent drop of a paisley. */
const drop = (size: number, x: number, y: number, r: number, hex: string): PlateShape =>
	filled(
		shape(size, [
			[x + r * 0.9, y - r * 1.5],
			[x + r * 0.35, y - r * 1.15],
			[x + r * 0.55, y - r * 0.5],
			[x + r * 0.95, y + r * 0.2],
			[x + r * 0.6, y + r * 0.9],
			[x, y + r * 1.1],
			[x - r * 0.7, y + r * 0.8],
			[x - r * 0.9, y],
			[x - r * 0.5, y - r * 0.8],
			[x + r * 0.1, y - r * 1.5]
		]),
		hex
	);

const diamond = (size: number, x: number, y: number, rx: number, ry: number, hex: string, opacity?: number) =>
	filled(
		shape(size, [
			[x, y - ry],
			[x + rx, y],
			[x, y + ry],
			[x - rx, y]
		]),
		hex,
		opacity
	);

const heart = (size: number, x: number, y: number, r: number, hex: string): PlateShape[] => [
	filled(dot(size, x - r * 0.45, y - r * 0.2, r * 0.55), hex),
	filled(dot(size, x + r * 0.45, y - r * 0.2, r * 0.55), hex),
	filled(
		shape(size, [
			[x - r * 0.95, y],
			[x + r * 0.95, y],
			[x, y + r * 1.1]
		]),
		hex
	)
];

/** The design of each family but the plain; repeats in plate units at medium scale. */
const designs: Record<string, Design> = {
	pinstripe: upright(0.75, [[0, 0.09]]),
	'chalk-stripe': ({ size, figure }) =>
		tile(size * 1.3, [filled(box(0, 0, size * 0.1, size * 1.3), figure, 0.55)]),
	stripe: upright(1, [[0, 0.5]]),
	breton: upright(1, [[0, 0.32]], 90),
	'candy-stripe': upright(0.55, [[0, 0.5]]),
	chevron: motif(1.2, ({ repeat, figure }) => [
		drawnLine(
			strokeOf(repeat, [
				[-0.1, 0.6],
				[0.25, 0.2],
				[0.75, 0.8],
				[1.1, 0.4]
			]),
			figure,
			repeat * 0.2
		)
	]),
	gingham: crossing(0.8, [[0, 0.5]], 0.5),
	check: crossing(1.2, [[0.1, 0.3]], 0.7),
	buffalo: crossing(2.2, [[0, 0.5]], 0.55),
	checkerboard: motif(1.4, ({ repeat, figure }) => [
		filled(box(0, 0, repeat / 2, repeat / 2), figure),
		filled(box(repeat / 2, repeat / 2, repeat / 2, repeat / 2), figure)
	]),
	plaid: crossing(
		2.4,
		[
			[0, 0.36],
			[0.5, 0.56, true],
			[0.64, 0.7, true],
			[0.82, 0.86]
		],
		0.5
	),
	windowpane: crossing(2, [[0, 0.06]], 0.8),
	'glen-check': crossing(
		1.9,
		[
			[0, 0.05],
			[0.1, 0.15],
			[0.2, 0.25],
			[0.3, 0.35],
			[0.62, 0.66]
		],
		0.5
	),
	houndstooth: motif(0.95, ({ repeat, figure }) => [
		filled(
			shape(repeat, [
				[0, 0],
				[0.5, 0],
				[0.5, 0.25],
				[0.75, 0.5],
				[0.5, 0.5],
				[0.5, 0.75],
				[0.25, 0.5],
				[0, 0.5]
			]),
			figure
		),
		filled(
			shape(repeat, [
				[0.5, 0.75],
				[0.75, 1],
				[0.5, 1]
			]),
			figure
		),
		filled(
			shape(repeat, [
				[0.75, 0.5],
				[1, 0.75],
				[1, 0.5]
			]),
			figure
		)
	]),
	argyle: ({ size, figure, second }) =>
		tile(
			size * 1.6,
			[
				diamond(size * 1.6, 0.5, 0.75, 0.5, 0.75, figure),
				drawnLine(
					strokeOf(size * 1.6, [
						[0, 0],
						[1, 1.5]
					]),
					second,
					1.4
				),
				drawnLine(
					strokeOf(size * 1.6, [
						[1, 0],
						[0, 1.5]
					]),
					second,
					1.4
				)
			],
			{ height: size * 2.4 }
		),
	'fair-isle': motif(1.8, ({ repeat, figure, second }) => [
		...[0.17, 0.5, 0.83].map((x) => diamond(repeat, x, 0.22, 0.13, 0.16, figure)),
		filled(box(0, repeat * 0.48, repeat, repeat * 0.06), second),
		...[0.1, 0.3, 0.5, 0.7, 0.9].map((x) =>
			filled(box((x - 0.05) * repeat, repeat * 0.64, repeat * 0.1, repeat * 0.1), figure)
		),
		filled(box(0, repeat * 0.86, repeat, repeat * 0.05), second)
	]),
	'pin-dot': dots(0.75, 0.12),
	'polka-dot': dots(1.3, 0.2),
	spot: patches(1.5, [
		[0.22, 0.25, 0.15, 0.15],
		[0.7, 0.18, 0.1, 0.1],
		[0.55, 0.66, 0.19, 0.19],
		[0.1, 0.78, 0.09, 0.09]
	]),
	'ditsy-floral': flowers(1.2, 0.1),
	floral: flowers(2, 0.12),
	'painterly-floral': motif(4.2, ({ repeat, figure, second, ground }) => [
		...around(7).map((angle) =>
			leaf(repeat, 0.32 + Math.cos(angle) * 0.24, 0.34 + Math.sin(angle) * 0.24, 0.12, angle, second)
		),
		...bloom(repeat, 0.32, 0.34, 0.14, figure, ground),
		filled(dot(repeat, 0.3, 0.32, 0.09), second, 0.4),
		...bloom(repeat, 0.8, 0.82, 0.1, second, figure)
	]),
	botanical: motif(2.6, ({ repeat, figure, second }) => [
		drawnLine(
			curve(
				scaled(repeat, [
					[0.2, 0.05],
					[0.3, 0.35],
					[0.22, 0.62],
					[0.3, 0.95]
				])
			),
			second,
			1.6
		),
		...[0.15, 0.32, 0.5, 0.68, 0.85].flatMap((y, i) => [
			leaf(repeat, 0.38, y, 0.11, -0.6, i % 2 ? second : figure),
			leaf(repeat, 0.13, y + 0.06, 0.11, 0.6 + Math.PI, figure)
		]),
		...[0.1, 0.45, 0.8].map((y) => leaf(repeat, 0.76, y, 0.15, 1.2, figure))
	]),
	tropical: motif(3.6, ({ repeat, figure, second }) => [
		...[-0.9, -0.5, -0.1, 0.3, 0.7].map((bend) =>
			leaf(repeat, 0.34 + bend * 0.16, 0.4 - Math.abs(bend) * 0.1, 0.26, -1.57 + bend, figure)
		),
		...around(5).map((angle) =>
			leaf(repeat, 0.8 + Math.cos(angle) * 0.09, 0.8 + Math.sin(angle) * 0.09, 0.1, angle, second)
		)
	]),
	chintz: motif(3, ({ repeat, figure, second, ground }) => [
		drawnLine(
			curve(
				scaled(repeat, [
					[0.5, 0],
					[0.2, 0.3],
					[0.7, 0.65],
					[0.5, 1]
				])
			),
			second,
			1.8
		),
		...bloom(repeat, 0.28, 0.3, 0.09, figure, ground),
		...bloom(repeat, 0.66, 0.64, 0.07, figure, ground),
		leaf(repeat, 0.5, 0.14, 0.09, 0.4, second),
		leaf(repeat, 0.42, 0.5, 0.09, 2.4, second),
		leaf(repeat, 0.76, 0.88, 0.09, 1, second)
	]),
	leopard: motif(1.7, ({ repeat, figure, second }) =>
		(
			[
				[0.24, 0.26, 0.17],
				[0.72, 0.2, 0.13],
				[0.52, 0.68, 0.18],
				[0.06, 0.74, 0.1]
			] as const
		).flatMap(([x, y, r]) => [
			...[0.3, 1.7, 3.2, 4.6].map((angle) =>
				filled(
					ellipse(
						(x + Math.cos(angle) * r * 0.7) * repeat,
						(y + Math.sin(angle) * r * 0.6) * repeat,
						r * repeat * 0.46,
						r * repeat * 0.34
					),
					figure
				)
			),
			filled(dot(repeat, x, y, r * 0.32), second, second === figure ? 0.35 : 1)
		])
	),
	zebra: wavy(1.9, 0.2, false),
	tiger: wavy(2.2, 0.13, true),
	snake: motif(1, ({ repeat, figure, second }) => [
		diamond(repeat, 0.5, 0.5, 0.44, 0.44, figure, 0.85),
		diamond(repeat, 0.5, 0.5, 0.2, 0.2, second, 0.6)
	]),
	cow: patches(4, [
		[0.25, 0.3, 0.22, 0.14],
		[0.36, 0.22, 0.12, 0.13],
		[0.74, 0.68, 0.2, 0.16],
		[0.64, 0.8, 0.12, 0.09],
		[0.86, 0.14, 0.09, 0.06]
	]),
	camouflage: patches(3.2, [
		[0.25, 0.3, 0.24, 0.12],
		[0.36, 0.2, 0.12, 0.1],
		[0.75, 0.6, 0.22, 0.11, true],
		[0.65, 0.72, 0.14, 0.08, true],
		[0.15, 0.82, 0.16, 0.09],
		[0.82, 0.1, 0.14, 0.07, true]
	]),
	paisley: motif(2.4, ({ repeat, figure, second }) => [
		drop(repeat, 0.3, 0.36, 0.2, figure),
		drop(repeat, 0.3, 0.4, 0.09, second),
		drop(repeat, 0.76, 0.84, 0.14, second),
		filled(dot(repeat, 0.7, 0.2, 0.05), figure),
		filled(dot(repeat, 0.16, 0.82, 0.05), figure)
	]),
	'block-print': motif(2, ({ repeat, figure, second }) => [
		drop(repeat, 0.25, 0.28, 0.13, figure),
		drop(repeat, 0.75, 0.78, 0.13, figure),
		...[0.75, 0.25].map((x, i) => filled(dot(repeat, x, i ? 0.74 : 0.24, 0.05), second)),
		filled(box(0, repeat * 0.48, repeat, repeat * 0.035), second)
	]),
	bandhani: motif(1.7, ({ repeat, figure }) => [
		...around(8).map((angle) =>
			filled(dot(repeat, 0.5 + Math.cos(angle) * 0.32, 0.5 + Math.sin(angle) * 0.32, 0.045), figure)
		),
		filled(dot(repeat, 0.5, 0.5, 0.06), figure),
		filled(dot(repeat, 0, 0, 0.05), figure),
		filled(dot(repeat, 1, 1, 0.05), figure)
	]),
	ikat: motif(2, ({ repeat, figure, second }) => [
		diamond(repeat, 0.5, 0.5, 0.36, 0.46, figure),
		diamond(repeat, 0.5, 0.5, 0.2, 0.27, second),
		...[0.18, 0.82].flatMap((y) => [0.06, 0.94].map((x) => diamond(repeat, x, y, 0.1, 0.14, figure, 0.8)))
	]),
	batik: motif(2.2, ({ repeat, figure, second }) => [
		drawnLine(dot(repeat, 0.5, 0.5, 0.32), figure, repeat * 0.05),
		filled(dot(repeat, 0.5, 0.5, 0.15), second),
		...around(6).map((angle) =>
			leaf(repeat, 0.5 + Math.cos(angle) * 0.24, 0.5 + Math.sin(angle) * 0.24, 0.07, angle, figure)
		),
		drawnLine(
			strokeOf(repeat, [
				[0, 0.1],
				[0.2, 0.18],
				[0.16, 0.3]
			]),
			figure,
			1,
			0.6
		),
		drawnLine(
			strokeOf(repeat, [
				[1, 0.9],
				[0.82, 0.8],
				[0.86, 0.68]
			]),
			figure,
			1,
			0.6
		)
	]),
	'folk-embroidery': motif(2.4, ({ repeat, figure, second }) => [
		...bloom(repeat, 0.5, 0.36, 0.11, figure, second),
		drawnLine(
			strokeOf(repeat, [
				[0.5, 0.48],
				[0.5, 0.9]
			]),
			second,
			2
		),
		leaf(repeat, 0.34, 0.66, 0.13, 0.7, second),
		leaf(repeat, 0.66, 0.66, 0.13, 2.4, second),
		...[0.08, 0.92].map((x) => diamond(repeat, x, 0.14, 0.06, 0.08, figure))
	]),
	mosaic: motif(1.6, ({ repeat, figure, second }) => [
		...around(4).map((angle) =>
			leaf(
				repeat,
				0.5 + Math.cos(angle + 0.785) * 0.3,
				0.5 + Math.sin(angle + 0.785) * 0.3,
				0.2,
				angle + 0.785,
				figure
			)
		),
		diamond(repeat, 0.5, 0.5, 0.16, 0.16, second),
		filled(dot(repeat, 0, 0, 0.1), second)
	]),
	'tie-dye': motif(4.4, ({ repeat, figure, second }) =>
		[0.46, 0.36, 0.26, 0.16, 0.07].map((r, i) =>
			filled(dot(repeat, 0.5, 0.5, r), i % 2 ? second : figure, 0.34)
		)
	),
	ombre: ({ size, figure }) =>
		tile(
			size,
			Array.from({ length: 16 }, (_, i) => filled(box(0, i * 40, size, 40), figure, (i + 0.5) / 16)),
			{ height: 640 }
		),
	abstract: motif(3.4, ({ repeat, figure, second }) => [
		drawnLine(
			curve(
				scaled(repeat, [
					[0.1, 0.1],
					[0.5, 0.24],
					[0.2, 0.46]
				])
			),
			figure,
			repeat * 0.1
		),
		drawnLine(
			curve(
				scaled(repeat, [
					[0.6, 0.44],
					[0.94, 0.6],
					[0.56, 0.86]
				])
			),
			second,
			repeat * 0.08
		),
		filled(dot(repeat, 0.82, 0.2, 0.1), second),
		filled(dot(repeat, 0.26, 0.82, 0.07), figure)
	]),
	psychedelic: motif(3, ({ repeat, figure, second }) =>
		[0.44, 0.35, 0.26, 0.17, 0.08].map((r, i) =>
			filled(
				ellipse(repeat * (0.5 + (i % 2) * 0.03), repeat * 0.5, r * repeat, r * repeat * (i % 2 ? 1.1 : 0.8)),
				i % 2 ? second : figure
			)
		)
	),
	geometric: motif(1.8, ({ repeat, figure, second }) => [
		filled(
			shape(repeat, [
				[0, 0],
				[0.5, 0],
				[0, 0.5]
			]),
			figure
		),
		filled(
			shape(repeat, [
				[1, 0.5],
				[1, 1],
				[0.5, 1]
			]),
			second
		),
		diamond(repeat, 0.5, 0.5, 0.14, 0.14, figure)
	]),
	'colour-block': ({ size, figure, second }) =>
		tile(
			size * 24,
			[filled(box(0, 0, size * 12, 640), figure), filled(box(0, 330, size * 24, 120), second)],
			{ height: 640 }
		),
	conversational: motif(2, ({ repeat, figure, second }) => [
		...heart(repeat, 0.27, 0.28, 0.14, figure),
		...heart(repeat, 0.76, 0.76, 0.11, second)
	]),
	slogan: ({ size, figure }) =>
		tile(
			size * 12,
			[
				...[-2.2, -1.2, -0.2, 0.9, 1.7].map((x, i) =>
					filled(box(size * x * 0.8, 182, size * (i % 2 ? 0.62 : 0.5), size * 0.85), figure)
				),
				filled(box(size * -1.3, 182 + size * 1.2, size * 2.6, size * 0.24), figure)
			],
			{ height: 900 }
		)
};

/** Repeat of a medium print, in plate units. */
const mediumRepeat = 20;
const scaleFactor: Record<string, number> = { tiny: 0.5, small: 0.72, medium: 1.05, large: 1.8 };

/**
 * The tile of a print over its ground; undefined for plain cloth. `colours` are those over the ground, the most
 * visible first, at least one; a scale that is not known counts as medium.
 */
export function tileOf(
	family: string,
	scale: string,
	ground: string,
	colours: readonly string[]
): Tile | undefined {
	const design = designs[family];
	const [figure, second = figure] = colours;
	if (!design || figure === undefined || second === undefined) return undefined;
	return design({ size: mediumRepeat * (scaleFactor[scale] ?? 1), figure, second, ground });
}
