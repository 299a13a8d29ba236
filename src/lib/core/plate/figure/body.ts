/** The figure itself: a calm pose from the front, a head without a portrait. */
import { bothSides, footOutline, handOf, type Figure } from './figure';
import type { PlateShape } from '../model';
import { shaded } from '../cloth/paint';
import { blob, both, curve, ellipse, flow, mirrored, symmetrical, type Point } from '../path';

/** The outline of the right hand about the middle of its wrist, at ease, thumb to the body. */
const hand: readonly Point[] = [
	[9, -6],
	[13, 14],
	[14, 34],
	[10, 54],
	[4, 66],
	[-3, 66],
	[-7, 54],
	[-8, 44],
	[-13, 46],
	[-16, 38],
	[-13, 20],
	[-8, -6]
];

/** The right hand in its place, and its mirror image. */
export const handsAt = (figure: Figure, by = 0): string[] => {
	const [x, y] = handOf(figure);
	const placed = hand.map(([dx, dy]): Point => [x + dx + Math.sign(dx) * by, y + dy + (dy > 60 ? by : 0)]);
	return both(placed).map(blob);
};

const limbs = (figure: Figure): PlateShape[] =>
	[
		...bothSides(figure.arm),
		...handsAt(figure),
		...bothSides(figure.leg),
		...bothSides(footOutline(figure)),
		symmetrical(figure.trunk)
	].map((d): PlateShape => ({ d, fill: { kind: 'colour', hex: figure.skin } }));

/** Trunk and limbs, behind all clothes. */
export function bodyShapes(figure: Figure): PlateShape[] {
	const { landmarks, skin, neck, shoulder } = figure;
	const shadow = shaded(skin, -0.08);
	const collarbone: Point[] = [
		[neck - 8, landmarks.shoulder - 12],
		[neck + 14, landmarks.shoulder - 2],
		[shoulder * 0.66, landmarks.shoulder - 3]
	];
	return [
		...limbs(figure),
		// The shadow under the chin, and the lines that tell collarbones and knees.
		{
			d: symmetrical([
				[neck - 1, landmarks.chin - 8],
				[neck - 1, landmarks.chin + 8],
				[neck * 0.45, landmarks.chin + 20],
				[1, landmarks.chin + 24]
			]),
			fill: { kind: 'colour', hex: shadow }
		},
		...both(collarbone).map((points): PlateShape => ({ d: flow(points), stroke: shadow, strokeWidth: 1.6 })),
		...both([
			[figure.halfAt(landmarks.hip) * 0.5 - 9, landmarks.knee + 4],
			[figure.halfAt(landmarks.hip) * 0.5 + 1, landmarks.knee + 9],
			[figure.halfAt(landmarks.hip) * 0.5 + 10, landmarks.knee + 3]
		]).map((points): PlateShape => ({ d: flow(points), stroke: shadow, strokeWidth: 1.4 }))
	];
}

/** Trunk and limbs from behind, with the lines of spine and shoulder blades. */
export function backShapesOf(figure: Figure): PlateShape[] {
	const { landmarks, skin, shoulder } = figure;
	const shadow = shaded(skin, -0.08);
	const line = (points: Point[]): PlateShape => ({ d: flow(points), stroke: shadow, strokeWidth: 1.6 });
	const blade: Point[] = [
		[shoulder * 0.3, landmarks.shoulder + 34],
		[shoulder * 0.42, landmarks.shoulder + 62],
		[shoulder * 0.36, landmarks.shoulder + 86]
	];
	return [
		...limbs(figure),
		line([
			[0, landmarks.shoulder + 24],
			[0, landmarks.waist + 12]
		]),
		...both(blade).map(line),
		line([
			[0, landmarks.hip - 16],
			[0, landmarks.crotch - 2]
		])
	];
}

/** Head and ears, over collars and under hats. */
export function headShapes({ landmarks, skin }: Figure): PlateShape[] {
	const { crown, chin } = landmarks;
	const height = chin - crown;
	const right: Point[] = [
		[2, crown + 2],
		[28, crown + height * 0.13],
		[40, crown + height * 0.38],
		[38, crown + height * 0.62],
		[30, crown + height * 0.83],
		[15, crown + height * 0.97],
		[2, chin + 1]
	];
	const fill = { kind: 'colour', hex: skin } as const;
	return [
		...[-40, 40].map((x): PlateShape => ({ d: ellipse(x, crown + height * 0.53, 5, 11), fill })),
		{ d: symmetrical(right), fill },
		{
			d: curve(right) + curve(mirrored(right)),
			stroke: shaded(skin, -0.07),
			strokeWidth: 1
		}
	];
}
