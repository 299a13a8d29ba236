/** What single kinds of shoes and boots are known by, from the side. */
import { shaded } from '../cloth/paint';
import { facing, flat, stitch, type Drawing } from '../drawing';
import type { PlateShape } from '../model';
import { ellipse, polygon, xAt } from '../path';
import { floor, type Last } from './last';
import { over, round, seamAt, type Upper } from './strokes';

/** What is laid over the instep of a loafer, as a band. */
const saddle = (last: Last, hex: string, line: string): PlateShape[] => [
	over(last, 8, line, 13),
	over(last, 8, hex, 10.6)
];

/** What a kind is known by, besides its outline. */
export function kindShapes(drawing: Drawing, last: Last, { front, back, metal }: Upper): PlateShape[] {
	const { garment, cloth } = drawing;
	const { heelX, lift } = last;
	const light = shaded(cloth.hex, 0.26);
	const second = garment.palette[1]?.hex ?? light;
	const heelY = floor - lift;
	switch (garment.type) {
		case 'trainers':
		case 'canvas-plimsolls':
		case 'chunky-trainers':
		case 'high-tops':
		case 'football-boots':
			return [seamAt(last, 38, cloth.line), seamAt(last, heelX + 24, cloth.line, -3)];
		case 'brogues':
			return [
				seamAt(last, 42, cloth.line, 2),
				...[0.3, 0.55, 0.8].map((share) => {
					const y = last.instepAt(36) + (last.seatAt(36) - last.instepAt(36)) * share;
					return flat(ellipse(37, y, 1.3, 1.3), cloth.line);
				}),
				seamAt(last, heelX + 26, cloth.line, -3)
			];
		case 'oxford-shoes':
			return [seamAt(last, 42, cloth.line, 1)];
		case 'derby-shoes':
			return [seamAt(last, 18, cloth.line, -12)];
		case 'saddle-shoes':
			return [
				facing(
					polygon([
						[-16, last.instepAt(-10)],
						[14, last.instepAt(14)],
						[18, last.seatAt(18)],
						[-22, last.seatAt(-22)]
					]),
					cloth,
					garment.palette[1]?.hex ?? shaded(cloth.hex, -0.14)
				)
			];
		case 'loafers':
		case 'chunky-loafers':
			return [
				...saddle(last, shaded(cloth.hex, 0.05), cloth.line),
				...(metal ? [over(last, 10, metal, 3)] : []),
				seamAt(last, 30, cloth.line, 10)
			];
		case 'tassel-loafers':
			return [0, 6].map((by) =>
				flat(
					polygon([
						[12 + by, last.instepAt(12)],
						[17 + by, last.instepAt(12)],
						[18 + by, last.instepAt(12) + 16],
						[11 + by, last.instepAt(12) + 16]
					]),
					cloth.line
				)
			);
		case 'monk-strap-shoes': {
			const y = (last.instepAt(0) + last.seatAt(0)) / 2;
			return [
				over(last, -8, cloth.line, 11),
				over(last, -8, shaded(cloth.hex, 0.06), 9),
				flat(
					polygon([
						[-7, y - 6],
						[1, y - 6],
						[1, y + 3],
						[-7, y + 3]
					]),
					metal ?? '#b9a46a'
				)
			];
		}
		case 'ballet-flats':
			return [1, -1].map((by) =>
				flat(ellipse(front[0] + by * 4, front[1] - 2, 5, 3), shaded(cloth.hex, 0.12))
			);
		case 'jutti':
			return [
				stitch(
					[
						[front[0] + 4, front[1] + 4],
						[58, floor - 20],
						[80, floor - 10]
					],
					second,
					2.4,
					1
				),
				stitch(
					[
						[78, floor - 8],
						[88, floor - 14],
						[86, floor - 22]
					],
					cloth.hex,
					4,
					1
				)
			];
		case 'chelsea-boots': {
			const x = (xAt(last.back, heelY - 70) + xAt(last.front, heelY - 70)) / 2;
			return [
				facing(
					polygon([
						[x - 10, back + 1],
						[x + 12, back + 1],
						[x + 7, heelY - 30],
						[x - 3, heelY - 30]
					]),
					cloth,
					shaded(cloth.hex, -0.1)
				)
			];
		}
		case 'cowboy-boots': {
			const [from, to] = [xAt(last.back, back + 30), xAt(last.front, back + 30)];
			const middle = (from + to) / 2;
			return [0, 12].map((by) =>
				stitch(
					[
						[from + 4, back + 20 + by],
						[middle - 8, back + 52 + by],
						[middle, back + 40 + by],
						[middle + 8, back + 52 + by],
						[to - 2, back + 20 + by]
					],
					light,
					1.8,
					1
				)
			);
		}
		case 'sheepskin-boots':
		case 'snow-boots': {
			const [from, to] = [xAt(last.back, back) - 9, xAt(last.front, back) + 7];
			return [
				flat(
					polygon([
						[from, back - 5],
						[to, back - 5],
						[to + 1, back + 9],
						[from - 1, back + 9]
					]),
					'#e6dcc8'
				)
			];
		}
		case 'biker-boots':
		case 'riding-boots': {
			const strap = shaded(cloth.hex, 0.09);
			return [
				round(last, garment.type === 'biker-boots' ? 52 : 70, strap, 6),
				flat(
					ellipse(heelX + 40, heelY - (garment.type === 'biker-boots' ? 49 : 67), 4, 5),
					metal ?? '#b9b9b6'
				)
			];
		}
		case 'wellingtons':
			return [round(last, heelY - back - 8, shaded(cloth.hex, 0.1), 4)];
		default:
			return [];
	}
}
