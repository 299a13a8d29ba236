/** Bags by their shape, their size and how they are carried. */
import { metalColours } from '../../lexicon/metals';
import { clothShape, drawn, facing, flat, sizeOf, stitch, type Drawing } from '../drawing';
import { handOf } from '../figure/figure';
import type { PlateShape } from '../model';
import { shaded } from '../cloth/paint';
import { ellipse, flow, polygon, type Point } from '../path';

/** A bag's outline about the middle of its upper edge, in units of its half width, and its height in the same. */
interface BagForm {
	half: number;
	high: number;
	outline: (w: number, h: number) => string;
	/** Where it is usually carried. */
	carried?: string;
	details?: ('flap' | 'saddle' | 'clasp' | 'drawstring' | 'buckles' | 'weave' | 'frame' | 'zip' | 'pocket')[];
}

const boxed = (w: number, h: number) => `M${-w * 0.94},0L${w * 0.94},0L${w},${h}L${-w},${h}Z`;
const soft = (w: number, h: number) =>
	`M${-w * 0.84},0L${w * 0.84},0C${w * 1.02},${h * 0.3} ${w * 1.08},${h * 0.9} ${w * 0.86},${h}L${-w * 0.86},${h}C${-w * 1.08},${h * 0.9} ${-w * 1.02},${h * 0.3} ${-w * 0.84},0Z`;
const slouched = (w: number, h: number) =>
	`M${-w},0C${-w * 0.6},${h * 0.34} ${w * 0.6},${h * 0.34} ${w},0C${w * 1.12},${h * 0.7} ${w * 0.7},${h} 0,${h}C${-w * 0.7},${h} ${-w * 1.12},${h * 0.7} ${-w},0Z`;
const bucketed = (w: number, h: number) => `M${-w * 0.8},0L${w * 0.8},0L${w},${h}Q0,${h + 8} ${-w},${h}Z`;
const saddled = (w: number, h: number) =>
	`M${-w},0L${w},0C${w * 1.06},${h * 0.8} ${w * 0.6},${h} 0,${h}C${-w * 0.6},${h} ${-w * 1.06},${h * 0.8} ${-w},0Z`;
const domed = (w: number, h: number) =>
	`M${-w},${h}L${-w},${h * 0.4}C${-w * 0.9},${-h * 0.08} ${w * 0.9},${-h * 0.08} ${w},${h * 0.4}L${w},${h}Z`;
const pouch = (w: number, h: number) =>
	`M${-w * 0.5},0L${w * 0.5},0C${w * 0.3},${h * 0.2} ${w},${h * 0.4} ${w * 0.9},${h * 0.8}Q0,${h * 1.2} ${-w * 0.9},${h * 0.8}C${-w},${h * 0.4} ${-w * 0.3},${h * 0.2} ${-w * 0.5},0Z`;

const form = (
	half: number,
	high: number,
	outline: BagForm['outline'],
	carried?: string,
	details?: BagForm['details']
): BagForm => ({ half, high, outline, carried, details });

const forms: Record<string, BagForm> = {
	handbag: form(40, 58, soft, 'top-handle', ['clasp']),
	'top-handle-bag': form(38, 54, boxed, 'top-handle', ['flap', 'clasp']),
	'box-bag': form(34, 46, boxed, 'top-handle', ['flap', 'clasp']),
	'baguette-bag': form(44, 34, boxed, 'shoulder', ['flap', 'clasp']),
	clutch: form(44, 34, boxed, 'clutch', ['flap', 'clasp']),
	minaudiere: form(32, 32, boxed, 'clutch', ['frame', 'clasp']),
	wristlet: form(36, 30, boxed, 'wrist', ['zip']),
	'crossbody-bag': form(36, 42, boxed, 'crossbody', ['flap', 'clasp']),
	'saddle-bag': form(36, 44, saddled, 'crossbody', ['saddle']),
	'shoulder-bag': form(42, 46, soft, 'shoulder', ['flap']),
	'chain-bag': form(36, 40, boxed, 'chain', ['flap', 'clasp']),
	'hobo-bag': form(48, 60, slouched, 'shoulder'),
	tote: form(48, 78, boxed, 'top-handle'),
	'bucket-bag': form(36, 62, bucketed, 'shoulder', ['drawstring']),
	satchel: form(42, 54, boxed, 'crossbody', ['flap', 'buckles']),
	briefcase: form(54, 56, boxed, 'top-handle', ['flap', 'buckles']),
	'doctor-s-bag': form(46, 58, domed, 'top-handle', ['frame', 'clasp']),
	holdall: form(66, 56, domed, 'top-handle', ['zip']),
	'basket-bag': form(44, 56, bucketed, 'top-handle', ['weave']),
	potli: form(24, 46, pouch, 'wrist', ['drawstring']),
	'belt-bag': form(32, 28, soft, 'belt', ['zip']),
	backpack: form(44, 84, domed, 'back', ['pocket']),
	wallet: form(24, 26, boxed, 'clutch', ['zip']),
	suitcase: form(48, 110, boxed, 'ground', ['buckles'])
};

function detailShapes(
	drawing: Drawing,
	[x, y]: Point,
	w: number,
	h: number,
	details: BagForm['details'] = []
): PlateShape[] {
	const { cloth, garment } = drawing;
	const metal = (garment.metal && metalColours[garment.metal.value]) ?? '#b9a46a';
	return details.flatMap((detail): PlateShape[] => {
		switch (detail) {
			case 'flap':
				return [
					clothShape(
						`M${x - w * 0.95},${y}L${x + w * 0.95},${y}L${x + w * 0.96},${y + h * 0.4}Q${x},${y + h * 0.62} ${x - w * 0.96},${y + h * 0.4}Z`,
						cloth
					)
				];
			case 'saddle':
				return [
					clothShape(
						`M${x - w},${y}L${x + w},${y}C${x + w},${y + h * 0.5} ${x + w * 0.4},${y + h * 0.76} ${x},${y + h * 0.76}C${x - w * 0.4},${y + h * 0.76} ${x - w},${y + h * 0.5} ${x - w},${y}Z`,
						cloth
					)
				];
			case 'clasp':
				return [flat(ellipse(x, y + h * 0.46, 4.5, 4), metal)];
			case 'frame':
				return [
					stitch(
						[
							[x - w * 0.9, y + 6],
							[x, y + 3],
							[x + w * 0.9, y + 6]
						],
						metal,
						4,
						1
					)
				];
			case 'drawstring':
				return [
					stitch(
						[
							[x - w * 0.7, y + h * 0.18],
							[x, y + h * 0.22],
							[x + w * 0.7, y + h * 0.18]
						],
						cloth.line,
						2
					),
					...[-1, 1].map((side) =>
						stitch(
							[
								[x, y + h * 0.2],
								[x + side * 6, y + h * 0.46]
							],
							cloth.line,
							2.2,
							1
						)
					)
				];
			case 'buckles':
				return [-0.5, 0.5].flatMap((share) => [
					facing(
						polygon([
							[x + w * share - 4, y],
							[x + w * share + 4, y],
							[x + w * share + 4, y + h * 0.6],
							[x + w * share - 4, y + h * 0.6]
						]),
						cloth,
						shaded(cloth.hex, -0.08)
					),
					flat(ellipse(x + w * share, y + h * 0.5, 4, 3), metal)
				]);
			case 'weave':
				return [0.25, 0.5, 0.75].map((share) =>
					stitch(
						[
							[x - w * 0.9, y + h * share],
							[x, y + h * share + 3],
							[x + w * 0.9, y + h * share]
						],
						cloth.line,
						1.6
					)
				);
			case 'zip':
				return [
					stitch(
						[
							[x - w * 0.8, y + h * 0.26],
							[x, y + h * 0.24],
							[x + w * 0.8, y + h * 0.26]
						],
						metal,
						2,
						1
					)
				];
			case 'pocket':
				return [
					{
						d: polygon([
							[x - w * 0.66, y + h * 0.5],
							[x + w * 0.66, y + h * 0.5],
							[x + w * 0.66, y + h * 0.92],
							[x - w * 0.66, y + h * 0.92]
						]),
						stroke: cloth.line,
						strokeWidth: 1.6
					}
				];
		}
	});
}

/** A closed umbrella, held by its crook. */
function umbrellaShapes({ figure, cloth }: Drawing): PlateShape[] {
	const [x, y] = handOf(figure);
	return [
		stitch(
			[
				[x + 4, y + 10],
				[x + 8, y + 30],
				[x + 8, y + 60]
			],
			'#6b4a2e',
			5,
			1
		),
		clothShape(
			polygon([
				[x + 2, y + 56],
				[x + 14, y + 56],
				[x + 19, y + 90],
				[x + 9, y + 236],
				[x + 6, y + 236],
				[x - 3, y + 90]
			]),
			cloth
		),
		stitch(
			[
				[x + 7, y + 236],
				[x + 7, y + 250]
			],
			cloth.line,
			3,
			1
		)
	];
}

export function bagShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment, moves } = drawing;
	const { hip, shoulder, bust, waist, floor } = figure.landmarks;
	if (garment.type === 'umbrella') return umbrellaShapes(drawing);
	const bag = forms[garment.type] ?? forms.handbag;
	if (!bag) return [];
	const size = sizeOf(drawing);
	const w = bag.half * size;
	const h = bag.high * size;
	const stated = garment.facets.strap?.value;
	const strap = moves.includes('strap-crossed')
		? 'crossbody'
		: moves.includes('in-hand')
			? 'clutch'
			: (stated ?? bag.carried ?? drawn(drawing, 'strap', 'top-handle'));
	const [handX, handY] = handOf(figure);
	const chain = strap === 'chain' || stated === 'chain';
	const strapHex = chain ? (garment.metal ? metalColours[garment.metal.value] : '#c8b06a') : cloth.hex;
	const cord = (points: Point[], strokeWidth: number): PlateShape => ({
		d: flow(points),
		stroke: strapHex,
		strokeWidth: chain ? 3 : strokeWidth
	});
	const placed = (x: number, y: number): PlateShape[] => [
		clothShape(shifted(bag.outline(w, h), x, y), cloth),
		flat(
			shifted(
				polygon([
					[w * 0.6, h * 0.06],
					[w * 0.9, h * 0.06],
					[w * 0.94, h * 0.97],
					[w * 0.62, h * 0.97]
				]),
				x,
				y
			),
			'#14100c',
			0.1
		),
		...detailShapes(drawing, [x, y], w, h, bag.details)
	];
	switch (strap) {
		case 'crossbody': {
			const x = figure.halfAt(hip) + 4;
			return [
				cord(
					[
						[-figure.shoulder * 0.55, figure.shoulderAt(figure.shoulder * 0.55) - 2],
						[0, bust + 10],
						[x - 10, hip - 20],
						[x, hip + 6]
					],
					5
				),
				...placed(x, hip)
			];
		}
		case 'chain':
		case 'shoulder': {
			const x = Math.min(figure.halfAt(waist) + 40, 250 - w);
			const y = waist + 6;
			return [
				cord(
					[
						[figure.shoulder * 0.8, figure.shoulderAt(figure.shoulder * 0.8) - 2],
						[figure.shoulder - 18, bust],
						[x - w * 0.7, y + 4]
					],
					5
				),
				cord(
					[
						[figure.shoulder * 0.86, shoulder],
						[figure.shoulder + 4, bust],
						[x + w * 0.7, y + 4]
					],
					5
				),
				...placed(x, y)
			];
		}
		case 'belt':
			return [
				stitch(
					[
						[-figure.halfAt(hip - 30) - 4, hip - 40],
						[0, hip - 34],
						[figure.halfAt(hip - 30) + 4, hip - 40]
					],
					cloth.hex,
					7,
					1
				),
				...placed(20, hip - 46)
			];
		case 'back':
			return [
				...[-1, 1].map((side) =>
					cord(
						[
							[side * figure.shoulder * 0.66, figure.shoulderAt(figure.shoulder * 0.66)],
							[side * figure.shoulder * 0.62, bust],
							[side * (figure.halfAt(waist) + 2), waist - 10]
						],
						9
					)
				),
				...placed(figure.shoulder + 34, bust - 30).slice(0, 2)
			];
		case 'ground': {
			const x = Math.min(handX + 20, 252 - w);
			const y = floor - h - 4;
			return [
				cord(
					[
						[x - 12, y],
						[x - 12, y - 40],
						[x + 12, y - 40],
						[x + 12, y]
					],
					4
				),
				...placed(x, y)
			];
		}
		case 'clutch':
			return placed(Math.min(handX + 12, 254 - w), handY + 30);
		default: {
			const x = Math.min(handX + 4, 254 - w);
			const wrist = strap === 'wrist';
			const y = handY + (wrist ? 76 : 92);
			const grip = handY + (wrist ? 6 : 46);
			return [
				cord(
					[
						[x - w * 0.5, y + 4],
						[x - w * 0.36, grip + 14],
						[Math.min(x, handX + 6), grip],
						[x + w * 0.36, grip + 14],
						[x + w * 0.5, y + 4]
					],
					wrist ? 3 : 4.5
				),
				...placed(x, y)
			];
		}
	}
}

/** A path of absolute coordinates, moved. */
const shifted = (d: string, dx: number, dy: number): string =>
	d.replace(
		/(-?\d+(?:\.\d+)?(?:e-?\d+)?),(-?\d+(?:\.\d+)?(?:e-?\d+)?)/g,
		(_, x: string, y: string) => `${(Number(x) + dx).toFixed(1)},${(Number(y) + dy).toFixed(1)}`
	);
