/** What is one from shoulder to hem: dresses, jumpsuits, sarees. */
import { clothShape, drawn, seam, type Drawing } from './drawing';
import { foldShapes, legsShapes, skirtEdge, skirtPath, skirtShapes, trousersShapes } from './lower';
import type { PlateShape } from './model';
import { between, type Point } from './path';
import { bodiceEdge, bodyPath, collarShapes, fitOf, sleeveShapes, topShapes, withArmhole } from './upper';

/** Where the seam of a one-piece sits. */
function waistSeamY(drawing: Drawing): number {
	const { bust, waist, hip } = drawing.figure.landmarks;
	const waistline = drawn(drawing, 'waistline', 'natural');
	return waistline === 'empire' ? bust + 34 : waistline === 'dropped' ? hip - 8 : waist;
}

export function dressShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth } = drawing;
	const fit = fitOf(drawing);
	const seamY = waistSeamY(drawing);
	const upper = withArmhole(drawing, bodiceEdge(figure, fit, seamY));
	const waistX = upper.at(-1)?.[0] ?? 80;
	const skirt = skirtEdge(drawing, seamY, waistX);
	const edge = [...upper, ...skirt.slice(1)];
	const marked = drawn(drawing, 'waistline', 'natural') !== 'unmarked';
	return [
		...sleeveShapes(drawing, fit.ease),
		clothShape(bodyPath(drawing, edge, 12), cloth),
		...foldShapes(drawing, skirt),
		...(marked
			? [
					seam(
						[
							[-waistX, seamY],
							[waistX, seamY]
						],
						cloth,
						1.2
					)
				]
			: []),
		...collarShapes(drawing)
	];
}

export function jumpsuitShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth } = drawing;
	const fit = fitOf(drawing);
	const { waist } = figure.landmarks;
	const upper = withArmhole(
		drawing,
		bodiceEdge(figure, { ...fit, follows: Math.max(0.7, fit.follows) }, waist + 6)
	);
	const x = upper.at(-1)?.[0] ?? 80;
	return [
		...legsShapes(drawing, waist),
		...sleeveShapes(drawing, fit.ease),
		clothShape(bodyPath(drawing, upper, 2), cloth),
		...collarShapes(drawing),
		seam(
			[
				[-x, waist + 4],
				[x, waist + 4]
			],
			cloth,
			1.6
		)
	];
}

/** A skirt of cloth to the floor, pleats at the front, and the pallu over the left shoulder. */
export function sareeShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth } = drawing;
	const { waist, shoulder, bust, floor, hip } = figure.landmarks;
	const waistX = figure.halfAt(waist) + 5;
	const hipX = figure.halfAt(hip) + 10;
	const edge: Point[] = [
		[waistX, waist + 14],
		[hipX, hip],
		[hipX + 26, floor - 6]
	];
	const pallu: Point[] = [
		[-waistX, waist + 50],
		[-figure.halfAt(bust) - 2, bust + 28],
		[18, shoulder - 18]
	];
	const shoulderX = figure.trunk[3]?.[0] ?? 100;
	const over = between(
		[
			[26, shoulder - 24],
			[-waistX * 0.3, bust + 6],
			[-waistX - 2, waist + 30]
		],
		[
			[shoulderX - 8, shoulder - 2],
			[figure.halfAt(bust) + 4, bust + 10],
			[waistX + 4, waist + 64]
		]
	);
	const fall = between(
		[
			[shoulderX - 34, shoulder - 6],
			[shoulderX - 10, bust + 20],
			[shoulderX - 2, hip + 70]
		],
		[
			[shoulderX + 2, shoulder + 4],
			[shoulderX + 30, bust + 20],
			[shoulderX + 44, hip + 60]
		]
	);
	return [
		clothShape(fall, cloth),
		clothShape(skirtPath(edge), cloth),
		clothShape(over, cloth),
		seam(pallu.slice(0, 2), cloth),
		...[-16, -6, 4, 14].map((x) =>
			seam(
				[
					[x * 0.7, waist + 22],
					[x * 1.6, floor - 6]
				],
				cloth,
				1.1
			)
		)
	];
}

/** A top over the trousers made to match. */
export const twoPieceShapes = (drawing: Drawing): PlateShape[] => [
	...trousersShapes(drawing),
	...topShapes(drawing)
];

/** A top over the skirt made to match. */
export const skirtSetShapes = (drawing: Drawing): PlateShape[] => [
	...skirtShapes(drawing),
	...topShapes(drawing)
];
