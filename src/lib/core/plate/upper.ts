/** What hangs from the shoulders: tops, jackets, coats, and the bodices of one-pieces. */
import { placeOf } from '../lexicon/facets';
import type { Figure } from './body';
import { clothShape, cutAt, drawn, seam, type Drawing } from './drawing';
import type { PlateShape } from './model';
import { shaded } from './paint';
import { between, curve, mirrored, polygon, type Point } from './path';

/** Cloth off the body, in plate units a side, and how far the waist is followed (1 wholly). Common practice. */
const fits: Record<string, { ease: number; follows: number }> = {
	'skin-tight': { ease: 1, follows: 1 },
	close: { ease: 3, follows: 0.95 },
	tailored: { ease: 7, follows: 0.8 },
	regular: { ease: 12, follows: 0.5 },
	relaxed: { ease: 21, follows: 0.15 },
	oversized: { ease: 34, follows: 0 }
};
export const fitOf = (drawing: Drawing) =>
	fits[drawn(drawing, 'fit', 'regular')] ?? { ease: 12, follows: 0.5 };

/** The right edge of cloth over the trunk, from the shoulder point down to a hem. */
export function bodiceEdge(figure: Figure, fit: { ease: number; follows: number }, hemY: number): Point[] {
	const { shoulder, bust, waist, hip } = figure.landmarks;
	const { ease, follows } = fit;
	const bustX = figure.halfAt(bust) + ease;
	const hipX = figure.halfAt(hip) + ease;
	const straightWaist = bustX + (hipX - bustX) * 0.5;
	const waistX = straightWaist + (figure.halfAt(waist) + ease * 0.7 - straightWaist) * follows;
	const shoulderX = (figure.trunk[3]?.[0] ?? 100) + ease * 0.45;
	const edge: Point[] = [
		[shoulderX, shoulder + 4],
		[Math.max(bustX - 4, shoulderX - 14), shoulder + 66],
		[bustX, bust],
		[waistX, waist],
		[hipX, hip],
		[hipX + 2, hip + 70]
	];
	return cutAt(edge, hemY);
}

/** The neckline: where it leaves the shoulder, how deep it is and how it runs. */
function necklineOf(drawing: Drawing): {
	x: number;
	y: number;
	depth: number;
	run: 'round' | 'v' | 'straight';
} {
	const { shoulder, bust } = drawing.figure.landmarks;
	const wide = drawing.figure.trunk[3]?.[0] ?? 100;
	switch (drawn(drawing, 'neckline', 'crew')) {
		case 'roll':
		case 'funnel':
		case 'mock':
			return { x: 27, y: shoulder - 38, depth: shoulder - 34, run: 'straight' };
		case 'v':
		case 'wrap':
			return { x: 32, y: shoulder - 22, depth: bust - 6, run: 'v' };
		case 'deep-v':
			return { x: 34, y: shoulder - 20, depth: bust + 44, run: 'v' };
		case 'keyhole':
			return { x: 30, y: shoulder - 24, depth: shoulder + 44, run: 'v' };
		case 'scoop':
		case 'cowl':
			return { x: 44, y: shoulder - 18, depth: shoulder + 58, run: 'round' };
		case 'square':
			return { x: 54, y: shoulder - 14, depth: shoulder + 44, run: 'straight' };
		case 'boat':
			return { x: 70, y: shoulder - 8, depth: shoulder + 4, run: 'round' };
		case 'halter':
			return { x: 26, y: shoulder - 30, depth: shoulder + 10, run: 'v' };
		case 'sweetheart':
			return { x: wide - 22, y: shoulder + 52, depth: bust - 2, run: 'round' };
		case 'off-shoulder':
		case 'bardot':
			return { x: wide + 4, y: shoulder + 34, depth: shoulder + 46, run: 'round' };
		case 'strapless':
			return { x: wide - 20, y: shoulder + 62, depth: shoulder + 62, run: 'straight' };
		default:
			return { x: 30, y: shoulder - 24, depth: shoulder + 8, run: 'round' };
	}
}

/** How far down the arm a sleeve of this length reaches, 0..1 of shoulder to wrist. */
const sleeveReach: Record<string, number> = {
	strapless: 0,
	sleeveless: 0,
	cap: 0.13,
	short: 0.3,
	elbow: 0.52,
	'three-quarter': 0.74,
	long: 1
};

export function sleeveShapes(drawing: Drawing, ease: number): PlateShape[] {
	const { figure, cloth, moves } = drawing;
	const { shoulder, wrist } = figure.landmarks;
	const turnedBack = moves.includes('cuffs-turned-back') || moves.includes('sleeves-pushed-up');
	const stated = sleeveReach[drawn(drawing, 'sleeveLength', 'long')] ?? 1;
	const reach = turnedBack ? Math.min(stated, 0.74) : stated;
	if (reach === 0) return [];
	const endY = shoulder + (wrist + 6 - shoulder) * reach;
	const shape = drawn(drawing, 'sleeveShape', 'plain');
	const room = 3 + ease * 0.5;
	const bulge = (y: number): number => {
		const along = (y - shoulder) / (endY - shoulder);
		if (shape === 'puff') return 24 * Math.max(0, 1 - Math.abs(along - 0.35) * 2.4);
		if (shape === 'bishop' || shape === 'balloon') return 22 * Math.max(0, 1 - Math.abs(along - 0.78) * 3.2);
		if (shape === 'bell' || shape === 'flutter') return 30 * Math.max(0, along - 0.4);
		if (shape === 'dolman' || shape === 'kimono') return 16;
		return 0;
	};
	const outer = cutAt(figure.arm.outer, endY).map(([x, y]): Point => [x + room + bulge(y), y]);
	const inner = cutAt(figure.arm.inner, endY).map(([x, y]): Point => [x - room - bulge(y) * 0.6, y]);
	const cuff = outer.at(-1);
	const cuffInner = inner.at(-1);
	const shapes = [between(inner, outer), between(mirrored(outer), mirrored(inner))].map((d) =>
		clothShape(d, cloth)
	);
	if (turnedBack && cuff && cuffInner)
		for (const side of [1, -1])
			shapes.push({
				...clothShape(
					polygon([
						[side * (cuffInner[0] - 2), endY - 12],
						[side * (cuff[0] + 2), endY - 12],
						[side * (cuff[0] + 2), endY + 2],
						[side * (cuffInner[0] - 2), endY + 2]
					]),
					cloth
				),
				fill: { kind: 'colour', hex: shaded(cloth.hex, 0.05) }
			});
	return shapes;
}

/** One closed shape from neckline to hem, with its right edge given below the shoulder. */
export function bodyPath(drawing: Drawing, edge: readonly Point[], hemBow = 6): string {
	const { x, y, depth, run } = necklineOf(drawing);
	const right: Point[] = [[x, y], ...edge.filter((point) => point[1] > y + 1)];
	const left = mirrored(right).reverse();
	const hem = right.at(-1) ?? [0, 0];
	const neck =
		run === 'v'
			? `L0,${depth}L${x},${y}`
			: run === 'straight'
				? `L${-x + 4},${depth}L${x - 4},${depth}L${x},${y}`
				: `Q${-x * 0.75},${depth} 0,${depth}Q${x * 0.75},${depth} ${x},${y}`;
	return `${curve(right)}Q0,${hem[1] + hemBow} ${-hem[0]},${hem[1]}L${curve(left).slice(1)}${neck}Z`;
}

const bare = (drawing: Drawing) =>
	['sleeveless', 'strapless'].includes(drawn(drawing, 'sleeveLength', 'long'));

/** The edge with the armhole cut in where there is no sleeve. */
export function withArmhole(drawing: Drawing, edge: Point[]): Point[] {
	if (!bare(drawing)) return edge;
	const [shoulder, ...rest] = edge;
	return shoulder
		? [[shoulder[0] - 26, shoulder[1] - 6], ...rest.map(([x, y], i): Point => [i === 0 ? x - 12 : x, y])]
		: edge;
}

export function collarShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth } = drawing;
	const { shoulder, bust } = figure.landmarks;
	const collar = drawing.garment.facets.collar?.value;
	const neckline = drawn(drawing, 'neckline', 'crew');
	if (collar === 'pussy-bow')
		return [
			clothShape(
				between(
					[
						[-6, shoulder],
						[-34, shoulder + 22],
						[-10, shoulder + 40]
					],
					[
						[6, shoulder],
						[-2, shoulder + 22],
						[2, shoulder + 40]
					]
				),
				cloth
			),
			clothShape(
				between(
					[
						[-6, shoulder],
						[2, shoulder + 22],
						[-2, shoulder + 40]
					],
					[
						[6, shoulder],
						[34, shoulder + 22],
						[10, shoulder + 40]
					]
				),
				cloth
			),
			clothShape(
				polygon([
					[-5, shoulder + 14],
					[5, shoulder + 14],
					[16, bust + 6],
					[4, bust + 2]
				]),
				cloth
			)
		];
	if (collar && ['shirt', 'button-down', 'spread', 'revere', 'camp'].includes(collar))
		return [1, -1].map((side) =>
			clothShape(
				polygon([
					[side * 28, shoulder - 30],
					[side * 44, shoulder - 8],
					[side * 24, shoulder + 20],
					[0, shoulder + 2]
				]),
				cloth
			)
		);
	if (neckline === 'roll')
		return [
			clothShape(
				polygon([
					[-27, shoulder - 42],
					[27, shoulder - 42],
					[31, shoulder - 16],
					[-31, shoulder - 16]
				]),
				cloth
			)
		];
	return [];
}

export function topShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, moves } = drawing;
	const fit = fitOf(drawing);
	const length = moves.includes('knotted') ? 'waist' : drawn(drawing, 'topLength', 'hip');
	const hemY = figure.heightOf(placeOf('topLength', length));
	const edge = withArmhole(drawing, bodiceEdge(figure, fit, hemY));
	const shapes = [
		...sleeveShapes(drawing, fit.ease),
		clothShape(bodyPath(drawing, edge), cloth),
		...collarShapes(drawing)
	];
	const closure = drawn(drawing, 'closure', '');
	if (closure === 'buttoned' || drawing.garment.facets.collar)
		shapes.push(
			seam(
				[
					[0, necklineOf(drawing).depth],
					[0, hemY]
				],
				cloth,
				1
			)
		);
	return shapes;
}
