/** What holds a shoe to the foot: straps and bars, laces, zips; and what its kind is known by. */
import { garmentType } from '../../lexicon/taxonomy';
import { shaded } from '../cloth/paint';
import { clothShape, drawn, stitch, type Drawing } from '../drawing';
import type { PlateShape } from '../model';
import { flow, type Point } from '../path';
import { kindShapes } from './kinds';
import { floor, type Last } from './last';
import { laces, lacedUp, over, round, type Upper } from './strokes';

const lacedShoes = new Set([
	...['trainers', 'canvas-plimsolls', 'high-tops', 'chunky-trainers', 'football-boots'],
	...['brogues', 'oxford-shoes', 'derby-shoes', 'saddle-shoes', 'boat-shoes']
]);
const lacedBoots = new Set(['lace-up-boots', 'hiking-boots', 'desert-boots', 'snow-boots']);

/** Bars of a sandal: over the foot at places from the ankle (0) to the toes (1), round the leg below 0. */
const sandalBars: Record<string, readonly number[]> = {
	sliders: [0.62],
	'flip-flops': [],
	'kolhapuri-sandals': [0.56],
	'gladiator-sandals': [-1, -0.66, -0.33, 0, 0.34, 0.6, 0.82],
	'fisherman-sandals': [0, 0.3, 0.46, 0.62, 0.78],
	'sports-sandals': [0, 0.3, 0.74]
};

function sandalShapes(drawing: Drawing, last: Last): PlateShape[] {
	const { garment, cloth } = drawing;
	const { heelX } = last;
	const strap = drawn(drawing, 'strap', '');
	const thonged =
		garment.type === 'flip-flops' || garment.type === 'kolhapuri-sandals' || strap === 'toe-post';
	const bars = sandalBars[garment.type] ?? (strap === 'mule' ? [0.66, 0.78] : [0, 0.72, 0.84]);
	const broad = garment.type === 'sliders' ? 22 : garment.type === 'sports-sandals' ? 9 : 6;
	const toePost: Point[] = [
		[heelX + 62, last.seatAt(heelX + 62) - 3],
		[30, last.instepAt(30) + 3],
		[48, last.seatAt(48) - 8]
	];
	return [
		...bars.map((at) =>
			at <= 0
				? round(last, 56 - at * 90, cloth.hex, broad)
				: over(last, heelX + 54 + (50 - heelX - 54) * at, cloth.hex, broad)
		),
		...(bars.includes(0) && garment.type !== 'fisherman-sandals'
			? [
					stitch(
						[
							[heelX + 2, last.seatAt(heelX)],
							[heelX, floor - last.lift - 30],
							[heelX + 6, floor - last.lift - 56]
						],
						cloth.hex,
						5,
						1
					)
				]
			: []),
		...(garment.type === 'fisherman-sandals'
			? [
					clothShape(
						flow([
							[heelX - 3, last.seatAt(heelX)],
							[heelX - 3, floor - last.lift - 26],
							[heelX + 26, floor - last.lift - 22],
							[heelX + 40, last.seatAt(heelX + 40)]
						]),
						cloth
					)
				]
			: []),
		...(thonged ? [stitch(toePost, cloth.hex, 5, 1)] : [])
	];
}

/** Straps that a shoe has by what is said of it. */
function strapShapes(drawing: Drawing, last: Last, { front, back }: Upper): PlateShape[] {
	const { cloth } = drawing;
	const { heelX, lift } = last;
	const strap = drawn(drawing, 'strap', '');
	const shapes: PlateShape[] = [];
	const overAt = heelX + 46;
	if (strap === 'slingback')
		shapes.push(
			stitch(
				[
					[heelX + 50, last.seatAt(heelX + 50) - 10],
					[heelX + 22, floor - lift - 22],
					[heelX - 2, floor - lift - 27]
				],
				cloth.hex,
				4,
				1
			)
		);
	if (strap === 'ankle-strap' || strap === 'strappy')
		shapes.push(
			round(last, 54, cloth.hex, 5),
			stitch(
				[
					[heelX, back + 4],
					[heelX + 6, floor - lift - 54]
				],
				cloth.hex,
				6,
				1
			)
		);
	if (strap === 'mary-jane' || strap === 't-bar' || strap === 'strappy')
		shapes.push(over(last, overAt, cloth.hex));
	if (strap === 't-bar')
		shapes.push(
			stitch(
				[
					[overAt + 6, last.instepAt(overAt + 6)],
					[front[0] + 4, front[1] + 1]
				],
				cloth.hex,
				5,
				1
			)
		);
	return shapes;
}

/** All that is laid over an upper or holds a sole to the foot. */
export function fastenings(drawing: Drawing, last: Last, upper: Upper): PlateShape[] {
	const { garment, cloth, moves } = drawing;
	const { draws } = garmentType(garment.type);
	if (draws === 'sandal') return [...sandalShapes(drawing, last), ...strapShapes(drawing, last, upper)];
	const lace = shaded(cloth.hex, 0.28);
	const tied = drawn(drawing, 'closure', '') === 'lace-up';
	const loose = moves.includes('unlaced');
	return [
		...kindShapes(drawing, last, upper),
		...strapShapes(drawing, last, upper),
		...(draws === 'shoe' && (tied || lacedShoes.has(garment.type)) && !loose
			? laces(last, Math.max(upper.front[0], last.heelX + 54) + 4, 30, lace)
			: []),
		...(draws === 'boot' && (tied || lacedBoots.has(garment.type))
			? [
					...lacedUp(last, upper.back + 10, floor - last.lift - 58, lace),
					...laces(last, last.heelX + 58, 24, lace)
				]
			: []),
		...(drawn(drawing, 'closure', '') === 'zip' && draws === 'boot'
			? [
					stitch(
						[
							[last.heelX + 26, upper.back + 4],
							[last.heelX + 26, floor - last.lift - 12]
						],
						upper.metal ?? cloth.line,
						2,
						1
					)
				]
			: [])
	];
}
