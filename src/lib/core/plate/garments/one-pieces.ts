/** What is one from shoulder to hem, and what is sold together: dresses, jumpsuits, swimsuits, sets. */
import { bodiceEdge, fitOf, withArmhole } from './bodice';
import { closureShapes } from './closures';
import { collarOf, collarShapes } from './collars';
import { sareeShapes } from './drapes';
import { clothShape, cutAt, drawn, flat, stitch, type Drawing } from '../drawing';
import { hemRun } from './hems';
import { markShapes } from './marks';
import type { PlateShape } from '../model';
import { frontPath, neckDepth, neckTrim } from './necklines';
import { shaded } from '../cloth/paint';
import { blob, both, ellipse, polygon, xAt, type Point } from '../path';
import { foldShapes, skirtEdge, skirtFinish, skirtShapes } from './skirts';
import { sleeveShapes } from './sleeves';
import { sashAt, topShapes } from './tops';
import { legsShapes, trousersShapes } from './trousers';

/** Where the seam of a one-piece sits. */
function waistSeamY(drawing: Drawing): number {
	const { bust, waist, hip } = drawing.figure.landmarks;
	const waistline = drawn(drawing, 'waistline', 'natural');
	return waistline === 'empire' ? bust + 34 : waistline === 'dropped' ? hip - 8 : waist;
}

/** Loose one-pieces that fall from the shoulder, wide at the hem: how far they widen per unit of length. */
const falls: Record<string, number> = {
	kaftan: 0.2,
	boubou: 0.24,
	'kimono-robe': 0.08,
	'smock-dress': 0.16,
	'babydoll-dress': 0.2
};

export function dressShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment, moves } = drawing;
	if (garment.type === 'swimsuit') return swimsuitShapes(drawing);
	if (garment.type === 'pre-draped-saree') return sareeShapes(drawing);
	if (garment.type === 'sharara-set' || garment.type === 'gharara-set')
		return twoPieceShapes(kurtaSet(drawing));
	const { waist, bust } = figure.landmarks;
	const fit = fitOf(drawing);
	const unmarked = drawn(drawing, 'waistline', 'natural') === 'unmarked' && !moves.includes('belted');
	const seamY = waistSeamY(drawing);
	const upper = withArmhole(
		drawing,
		bodiceEdge(figure, unmarked ? { ...fit, follows: Math.min(fit.follows, 0.35) } : fit, seamY)
	);
	const waistX = upper.at(-1)?.[0] ?? 80;
	const skirt = skirtEdge(drawing, seamY, waistX);
	const widens = falls[garment.type];
	const hemPoint = skirt.at(-1) ?? [0, 0];
	const edge: Point[] =
		widens === undefined
			? [...upper, ...skirt.slice(1)]
			: [
					...cutAt(upper, bust + 4),
					[Math.min(244, xAt(upper, bust) + (hemPoint[1] - bust) * widens), hemPoint[1]]
				];
	const lower = widens === undefined ? skirt : edge.slice(-2);
	const hem = edge.at(-1) ?? [0, 0];
	const collar = collarOf(drawing) ?? '';
	const shirt = garment.type === 'shirt-dress' || garment.type === 'cheongsam';
	const closure = drawn(drawing, 'closure', shirt && collar !== 'mandarin' ? 'buttoned' : '');
	return [
		...sleeveShapes(drawing, fit.ease),
		clothShape(frontPath(drawing, edge, hemRun(drawn(drawing, 'hemDetail', 'plain'), hem, 9)), cloth),
		...foldShapes(drawing, lower),
		...(unmarked || widens !== undefined ? [] : [waistSeam(drawing, waistX, seamY)]),
		...(garment.facets.texture?.value === 'ruched' ? gathers(drawing) : []),
		...neckTrim(drawing, false),
		...closureShapes(drawing, closure, {
			from: neckDepth(drawing),
			to: closure === 'buttoned' ? hem[1] : waist + 20
		}),
		...typeShapes(drawing, edge),
		...markShapes(drawing, { edge, hemY: hem[1] }),
		...skirtFinish(drawing, lower, 9),
		...(moves.includes('belted') ? [sashAt(drawing, edge)] : []),
		...collarShapes(drawing)
	];
}

const waistSeam = ({ cloth }: Drawing, x: number, y: number) =>
	stitch(
		[
			[-x, y],
			[0, y + 4],
			[x, y]
		],
		cloth.line,
		1.2
	);

function gathers({ figure, cloth }: Drawing): PlateShape[] {
	const { bust, waist, hip } = figure.landmarks;
	return [0, 1, 2, 3, 4, 5].map((n) => {
		const y = bust + 20 + ((hip - bust) / 6) * n;
		const x = figure.halfAt(y) * 0.86;
		return stitch(
			[
				[-x, y - 5],
				[0, y + 6],
				[x, y - 5]
			],
			cloth.line,
			1.2,
			y > waist ? 0.6 : 0.8
		);
	});
}

function typeShapes({ garment, cloth, figure }: Drawing, edge: readonly Point[]): PlateShape[] {
	const { shoulder, bust, waist, hip } = figure.landmarks;
	switch (garment.type) {
		case 'pinafore-dress':
			return both([
				[22, shoulder - 22],
				[40, shoulder - 18],
				[36, bust],
				[20, bust]
			]).map((points) => clothShape(polygon(points), cloth));
		case 'cheongsam':
			return [
				stitch(
					[
						[2, shoulder - 12],
						[18, shoulder + 26],
						[xAt(edge, bust) - 6, bust - 20]
					],
					cloth.line,
					2.4,
					1
				),
				...[0, 1, 2].map((n) =>
					flat(ellipse(10 + n * 24, shoulder + 14 + n * 22, 5, 3), shaded(cloth.hex, -0.1))
				)
			];
		case 'wedding-dress':
		case 'ball-gown':
			return [
				stitch(
					[
						[-xAt(edge, waist), waist],
						[0, waist + 18],
						[xAt(edge, waist), waist]
					],
					cloth.line,
					1.6
				)
			];
		case 'kimono-robe':
			return [
				stitch(
					[
						[28, shoulder - 20],
						[2, bust + 20],
						[-20, waist]
					],
					shaded(cloth.hex, -0.1),
					9,
					1
				),
				clothShape(
					polygon([
						[-xAt(edge, waist), waist - 14],
						[xAt(edge, waist), waist - 14],
						[xAt(edge, waist), waist + 16],
						[-xAt(edge, waist), waist + 16]
					]),
					cloth
				)
			];
		case 'anarkali':
		case 'indo-western-gown':
			return [-0.7, -0.35, 0, 0.35, 0.7].map((share) =>
				stitch(
					[
						[xAt(edge, bust + 40) * share, bust + 40],
						[xAt(edge, hip) * share, hip],
						[(edge.at(-1)?.[0] ?? 0) * share, (edge.at(-1)?.[1] ?? 0) - 2]
					],
					cloth.line,
					1.1,
					0.6
				)
			);
		default:
			return [];
	}
}

/** Cut high at the leg. */
function swimsuitShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth } = drawing;
	const { hip, crotch } = figure.landmarks;
	const fit = { ease: 1, follows: 1 };
	const edge = withArmhole(drawing, bodiceEdge(figure, fit, hip - 6));
	const [x, y] = edge.at(-1) ?? [90, hip];
	const hem = `Q${x * 0.4},${y + 20} 12,${crotch + 4}L-12,${crotch + 4}Q${-x * 0.4},${y + 20} ${-x},${y}`;
	return [clothShape(frontPath(drawing, edge, hem), cloth), ...neckTrim(drawing, false)];
}

/** The bib and straps of dungarees, over whatever top is worn. */
function bibShapes({ figure, cloth }: Drawing, waistY: number): PlateShape[] {
	const { bust } = figure.landmarks;
	const x = figure.halfAt(bust) * 0.6;
	return [
		...both([
			[x - 12, bust + 6],
			[x + 2, bust + 6],
			[figure.shoulder * 0.5 + 8, figure.shoulderAt(figure.shoulder * 0.5) - 2],
			[figure.shoulder * 0.5 - 8, figure.shoulderAt(figure.shoulder * 0.5) - 4]
		]).map((points) => clothShape(polygon(points), cloth)),
		clothShape(
			polygon([
				[-x, bust],
				[x, bust],
				[figure.halfAt(waistY) * 0.86, waistY + 12],
				[-figure.halfAt(waistY) * 0.86, waistY + 12]
			]),
			cloth
		),
		{
			d: polygon([
				[-22, bust + 18],
				[22, bust + 18],
				[22, bust + 52],
				[-22, bust + 52]
			]),
			stroke: cloth.line,
			strokeWidth: 1.4
		},
		...[-1, 1].map((side) => flat(ellipse(side * (x - 5), bust + 8, 5, 5), '#b7a27a'))
	];
}

/** The straps of dungarees as they cross between the shoulders and are held at the waist. */
function crossedStraps({ figure, cloth }: Drawing, waistY: number): PlateShape[] {
	const x = figure.shoulder * 0.5;
	const low = figure.halfAt(waistY) * 0.5;
	return both([
		[x - 8, figure.shoulderAt(x) - 4],
		[x + 8, figure.shoulderAt(x) - 2],
		[8 - low, waistY + 12],
		[-8 - low, waistY + 12]
	]).map((points) => clothShape(polygon(points), cloth));
}

export function jumpsuitShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment, moves } = drawing;
	const { waist } = figure.landmarks;
	if (garment.type === 'dungarees')
		return [
			...legsShapes(drawing, waist, false),
			...(drawing.behind ? crossedStraps : bibShapes)(drawing, waist)
		];
	const fit = fitOf(drawing);
	const upper = withArmhole(
		drawing,
		bodiceEdge(figure, { ...fit, follows: Math.max(0.7, fit.follows) }, waist + 6)
	);
	const x = upper.at(-1)?.[0] ?? 80;
	const closure = drawn(
		drawing,
		'closure',
		garment.type === 'boiler-suit' ? 'buttoned' : ['wetsuit', 'unitard'].includes(garment.type) ? 'zip' : ''
	);
	return [
		...legsShapes(drawing, waist, false),
		...sleeveShapes(drawing, fit.ease),
		clothShape(frontPath(drawing, upper, `Q0,${waist + 10} ${-x},${waist + 6}`), cloth),
		...neckTrim(drawing, false),
		...closureShapes(drawing, closure, { from: neckDepth(drawing), to: figure.landmarks.hip }),
		...markShapes(drawing, { edge: upper, hemY: waist }),
		...(moves.includes('belted') ? [sashAt(drawing, upper)] : [waistSeam(drawing, x, waist + 4)]),
		...collarShapes(drawing)
	];
}

/** Two pieces for the water. */
function bikiniShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth } = drawing;
	const { bust, hip, crotch } = figure.landmarks;
	const x = figure.halfAt(bust);
	const side = figure.halfAt(hip - 24);
	return [
		...both([
			[4, bust - 4],
			[26, bust - 30],
			[50, bust - 4],
			[34, bust + 16],
			[12, bust + 14]
		]).map((points) => clothShape(blob(points), cloth)),
		...both([
			[28, bust - 26],
			[figure.shoulder * 0.44, figure.shoulderAt(figure.shoulder * 0.44)]
		]).map((points) => stitch(points, cloth.hex, 4, 1)),
		stitch(
			[
				[-x, bust + 8],
				[0, bust + 10],
				[x, bust + 8]
			],
			cloth.hex,
			4,
			1
		),
		clothShape(
			`M${-side},${hip - 26}L${side},${hip - 26}Q${side * 0.4},${hip} 12,${crotch + 4}L-12,${crotch + 4}Q${-side * 0.4},${hip} ${-side},${hip - 26}Z`,
			cloth
		)
	];
}

/** A short kurta over flared legs. */
const kurtaSet = (drawing: Drawing): Drawing => ({
	...drawing,
	garment: {
		...drawing.garment,
		// The stated hem is that of the legs; the kurta over them ends above the knee.
		facets: { ...drawing.garment.facets, hemLength: { value: 'above-knee', provenance: 'assumed' } }
	}
});

/** A top over the trousers made to match. */
export const twoPieceShapes = (drawing: Drawing): PlateShape[] =>
	drawing.garment.type === 'bikini'
		? bikiniShapes(drawing)
		: [...trousersShapes(drawing), ...topShapes(drawing)];

/** A top over the skirt made to match. */
export function skirtSetShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment } = drawing;
	const shapes = [...skirtShapes(drawing), ...topShapes(drawing)];
	if (garment.type === 'hanbok') {
		const { bust } = figure.landmarks;
		return [
			...shapes,
			...[-1, 1].map((side) =>
				clothShape(
					polygon([
						[side * 2 - 4, bust],
						[side * 12 - 7, bust + 110],
						[side * 12 + 6, bust + 106],
						[side * 2 + 4, bust]
					]),
					{ ...cloth, ...secondOf(drawing) }
				)
			)
		];
	}
	return shapes;
}

const secondOf = ({ garment, cloth }: Drawing) => {
	const hex = garment.palette[1]?.hex ?? shaded(cloth.hex, -0.12);
	return { paint: { kind: 'colour', hex } as const, hex, texture: undefined };
};
