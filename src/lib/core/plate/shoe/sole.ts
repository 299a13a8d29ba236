/** Heels and soles from the side, and what they are made of. */
import { shaded } from '../cloth/paint';
import { drawn, facing, stitch, type Drawing } from '../drawing';
import type { PlateShape } from '../model';
import { polygon, waves, type Point } from '../path';
import { floor, unit, type Last } from './last';
import { soleColours, whiteSoled } from './stuff';

/** Breadth of a heel under the foot and on the floor, and how far the floor's is set forward, in plate units. */
const heels: Record<string, readonly [top: number, bottom: number, forward: number]> = {
	stiletto: [24, 4, 7],
	kitten: [22, 5, 7],
	spool: [30, 17, 6],
	block: [36, 33, 0],
	cuban: [38, 27, 4],
	stacked: [36, 34, 0],
	cone: [34, 10, 10],
	platform: [37, 33, 0],
	flat: [36, 36, 0]
};

/** Points along the height on which the foot stands, from the heel to a place. */
export const standing = ({ heelX, seatAt }: Last, to: number, from = heelX - 3): Point[] =>
	Array.from({ length: 25 }, (_, i): Point => {
		const x = from + ((to - from) * i) / 24;
		return [x, seatAt(x)];
	});

export function heelShapes(drawing: Drawing, last: Last): PlateShape[] {
	const { cloth } = drawing;
	const { heelX, lift, sole, seatAt } = last;
	const kitten = drawn(drawing, 'heelHeight', 'flat') === 'kitten';
	const shape = drawn(drawing, 'heelShape', kitten ? 'kitten' : lift > 5 * unit ? 'block' : 'stacked');
	const hex = shaded(cloth.hex, -0.07);
	// A wedge is all sole; and a sole as high as the heel leaves no room for one.
	if (shape === 'wedge' || lift - sole < 4) return [];
	const [top, bottom, forward] = heels[shape] ?? [36, 33, 0];
	const back = heelX - 2;
	const under = (x: number): Point => [x, Math.min(floor, seatAt(x) + 2)];
	const waist: Point[] =
		shape === 'spool'
			? [
					[back + 3, floor - lift * 0.6],
					[back + forward + 1, floor - lift * 0.35]
				]
			: [];
	const slender = bottom < 8;
	const breast: Point[] =
		shape === 'spool' || slender
			? [[back + forward + (slender ? bottom + 2 : 15), floor - lift * (slender ? 0.55 : 0.42)]]
			: [];
	return [
		facing(
			polygon([
				under(back),
				...waist,
				[back + forward, floor],
				[back + forward + bottom, floor],
				...breast,
				under(back + top)
			]),
			cloth,
			hex
		),
		...(shape === 'stacked' && lift > 10
			? [0.33, 0.66].map((share) =>
					stitch(
						[
							[back + 1, floor - lift * share],
							[back + bottom, floor - lift * share]
						],
						shaded(hex, -0.1),
						1.1
					)
				)
			: [])
	];
}

const soleHex = (drawing: Drawing) =>
	soleColours[drawn(drawing, 'sole', '')] ??
	(whiteSoled.has(drawing.garment.type) ? '#f1efe9' : shaded(drawing.cloth.hex, -0.1));
/** The sole: a line under the foot, and a slab under ball and toes, or under all where the heel is not higher. */
export function soleShapes(drawing: Drawing, last: Last, tip: readonly Point[]): PlateShape[] {
	const { cloth } = drawing;
	const { sole, lift, heelX, seatAt } = last;
	const hex = soleHex(drawing);
	const [endX] = tip.at(-1) ?? [66];
	const top = standing(last, endX);
	const line = polygon([...top, ...[...top].reverse().map(([x, y]): Point => [x, Math.min(floor, y + 3.4)])]);
	const whole = lift - sole < 4 || drawn(drawing, 'heelShape', '') === 'wedge';
	const fromX = whole ? heelX - 2 : -8;
	const slab: Point[] = [
		...standing(last, endX, fromX),
		[endX - 3, floor - Math.min(sole, 5)],
		[endX - 12, floor],
		[fromX + 3, floor]
	];
	const kind = drawn(drawing, 'sole', '');
	return [
		facing(line, cloth, hex),
		...(sole > 4 || whole ? [facing(polygon(slab), cloth, hex)] : []),
		...(kind === 'lug'
			? [
					stitch(
						waves([fromX + 4, floor - 1], [endX - 12, floor - 1], whole ? 13 : 7, -5),
						shaded(hex, -0.16),
						2
					)
				]
			: []),
		...(kind === 'rope'
			? [0.35, 0.7].map((share) =>
					stitch(
						waves(
							[fromX + 3, floor - sole * share],
							[endX - 10, Math.min(floor - 3, seatAt(endX - 10) + sole * (1 - share))],
							16,
							3
						),
						shaded(hex, -0.14),
						1.4
					)
				)
			: [])
	];
}
