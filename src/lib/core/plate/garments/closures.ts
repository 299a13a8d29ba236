/** How fronts are done up. */
import { metalColours } from '../../lexicon/metals';
import { clothShape, flat, stitch, type Drawing } from '../drawing';
import type { PlateShape } from '../model';
import { ellipse, polygon, type Point } from '../path';

/** From where a front is done up to its hem, in plate units. */
interface Run {
	from: number;
	to: number;
}
type Closure = (drawing: Drawing, run: Run) => PlateShape[];

const buttonHex = ({ garment, cloth }: Drawing) =>
	garment.metal ? (metalColours[garment.metal.value] ?? cloth.line) : cloth.line;
const button = (x: number, y: number, hex: string, r = 3.2) => flat(ellipse(x, y, r, r), hex);
const down = ({ from, to }: Run, x = 0): Point[] => [
	[x, from],
	[x, to]
];

const buttons =
	(step: number, most: number): Closure =>
	(drawing, run) => {
		const hex = buttonHex(drawing);
		const count = Math.max(1, Math.min(most, Math.floor((run.to - run.from - 8) / step)));
		return [
			stitch(down(run), drawing.cloth.line, 1.1),
			...Array.from({ length: count }, (_, i) => button(0, run.from + 10 + i * step, hex))
		];
	};

const doubleBreasted =
	(rows: number): Closure =>
	(drawing, run) => {
		const hex = buttonHex(drawing);
		const step = Math.min(46, (run.to - run.from) / (rows + 0.6));
		return [
			stitch(down(run, 24), drawing.cloth.line, 1.1),
			...Array.from({ length: rows }, (_, i) =>
				[-24, 12].map((x) => button(x, run.from + 12 + i * step, hex, 4))
			).flat()
		];
	};

const zip =
	(slant: number): Closure =>
	(drawing, { from, to }) => {
		const line: Point[] = [
			[slant, from],
			[slant * 0.2, to]
		];
		return [
			stitch(line, drawing.cloth.line, 4, 0.9),
			stitch(line, drawing.garment.metal ? buttonHex(drawing) : '#b9b9b6', 1.6, 1),
			flat(
				polygon([
					[slant - 3, from],
					[slant + 3, from],
					[slant + 2, from + 12],
					[slant - 2, from + 12]
				]),
				drawing.garment.metal ? buttonHex(drawing) : '#b9b9b6'
			)
		];
	};

const tied: Closure = (drawing, { from, to }) => {
	const { waist } = drawing.figure.landmarks;
	const at = Math.min(Math.max(waist, from), to);
	const x = -drawing.figure.halfAt(waist) * 0.55;
	return [
		stitch(
			[
				[0, from],
				[x * 0.5, (from + at) / 2],
				[x, at]
			],
			drawing.cloth.line,
			1.8
		),
		...[-1, 1].map((side) =>
			clothShape(
				polygon([
					[x, at - 4],
					[x + side * 8 + 4, at + 40],
					[x + side * 8 - 6, at + 44]
				]),
				drawing.cloth
			)
		)
	];
};

const laced: Closure = (drawing, run) => {
	const count = Math.max(3, Math.floor((run.to - run.from) / 18));
	const step = (run.to - run.from) / (count + 1);
	return Array.from({ length: count }, (_, i) => run.from + step * (i + 0.5)).flatMap((y) =>
		[-1, 1].map((side) =>
			stitch(
				[
					[side * 8, y],
					[-side * 8, y + step * 0.8]
				],
				drawing.cloth.line,
				2
			)
		)
	);
};

const toggles: Closure = (drawing, run) => {
	const step = Math.min(52, (run.to - run.from) / 4.4);
	return [
		stitch(down(run), drawing.cloth.line, 1.2),
		...[0, 1, 2, 3].flatMap((n) => {
			const y = run.from + 14 + n * step;
			return [
				stitch(
					[
						[-22, y],
						[22, y]
					],
					'#6b4a2e',
					2.4,
					1
				),
				flat(ellipse(2, y, 4, 9), '#8a633d')
			];
		})
	];
};

const closures: Record<string, Closure> = {
	'single-breasted': buttons(44, 3),
	buttoned: buttons(30, 12),
	snap: (drawing, run) => buttons(30, 12)({ ...drawing, cloth: { ...drawing.cloth, line: '#b9b9b6' } }, run),
	covered: buttons(22, 14),
	toggle: toggles,
	'double-breasted': doubleBreasted(3),
	'double-breasted-4x2': doubleBreasted(2),
	'double-breasted-6x2': doubleBreasted(3),
	zip: zip(0),
	'asymmetric-zip': zip(36),
	wrap: tied,
	tie: tied,
	'lace-up': laced,
	hook: (drawing, run) => [stitch(down(run), drawing.cloth.line, 1.2)],
	buckle: (drawing, run) => buttons(60, 4)(drawing, run)
};

/** A front done up in a way; nothing for what is open or pulled on. */
export const closureShapes = (drawing: Drawing, closure: string, run: Run): PlateShape[] =>
	run.to - run.from > 12 ? (closures[closure]?.(drawing, run) ?? []) : [];
