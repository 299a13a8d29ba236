/** Where a garment begins: necklines over the shoulders, across the chest, round the neck. */
import { isBare } from './bodice';
import { clothShape, drawn, facing, stitch, type Drawing } from '../drawing';
import type { PlateShape } from '../model';
import { shaded } from '../cloth/paint';
import { between, both, ellipse, flow, polygon, type Point } from '../path';

type Run = 'round' | 'v' | 'straight' | 'sweetheart' | 'cowl';

/** How a neckline runs: how far from the middle it leaves the shoulder, how deep it is below the shoulder's height. */
interface OverShoulders {
	kind: 'over';
	x: number;
	deep: number;
	run: Run;
}
/** A neckline that leaves the shoulders free; `top` is its height at the side, below the shoulder's height. */
interface AcrossChest {
	kind: 'across';
	top: number;
	run: Run;
}
type Neckline = OverShoulders | AcrossChest | { kind: 'off' | 'halter' | 'one' };

const over = (x: number, deep: number, run: Run = 'round'): OverShoulders => ({ kind: 'over', x, deep, run });

const necklines: Record<string, Neckline> = {
	crew: over(28, -4),
	round: over(34, 10),
	jewel: over(27, -8),
	scoop: over(47, 62),
	boat: over(74, 2),
	square: over(52, 50, 'straight'),
	v: over(33, 86, 'v'),
	wrap: over(36, 92, 'v'),
	'deep-v': over(36, 136, 'v'),
	plunge: over(40, 170, 'v'),
	sweetheart: { kind: 'across', top: 62, run: 'sweetheart' },
	cowl: over(50, 66, 'cowl'),
	roll: over(25, -28, 'straight'),
	funnel: over(28, -26, 'straight'),
	mock: over(26, -24, 'straight'),
	'high-neck': over(26, -26, 'straight'),
	keyhole: over(29, 2),
	henley: over(29, 0),
	halter: { kind: 'halter' },
	'one-shoulder': { kind: 'one' },
	asymmetric: { kind: 'one' },
	strapless: { kind: 'across', top: 66, run: 'straight' },
	'off-shoulder': { kind: 'off' }
};

/** Types held by thin straps over bare shoulders, with the run of their upper edge. */
const strapped: Record<string, Run> = {
	camisole: 'v',
	'slip-dress': 'v',
	nightdress: 'v',
	sundress: 'straight',
	'babydoll-dress': 'sweetheart',
	bikini: 'sweetheart',
	swimsuit: 'round',
	dungarees: 'straight'
};

export function necklineOf(drawing: Drawing): Neckline {
	const stated = drawing.garment.facets.neckline?.value;
	const { moves, garment } = drawing;
	if (moves.includes('off-the-shoulder') || (stated && necklines[stated]?.kind === 'off'))
		return { kind: 'off' };
	const run = strapped[garment.type];
	if (run && (stated === undefined || stated === 'v' || stated === 'sweetheart'))
		return { kind: 'across', top: 58, run: stated === 'sweetheart' ? 'sweetheart' : run };
	if (drawn(drawing, 'sleeveLength', 'long') === 'strapless') {
		const asked = necklines[drawn(drawing, 'neckline', 'strapless')];
		return asked?.kind === 'across' ? asked : { kind: 'across', top: 66, run: 'straight' };
	}
	const shirt = ['shirt', 'button-down', 'spread', 'cutaway', 'pointed', 'wing', 'revere', 'camp'].includes(
		drawn(drawing, 'collar', '')
	);
	if (shirt && stated === undefined && drawn(drawing, 'neckline', 'v') === 'v') {
		const deep = moves.includes('unbuttoned') ? 108 : moves.includes('buttoned-to-neck') ? -14 : 34;
		return over(30, drawing.garment.type === 'camp-collar-shirt' ? 70 : deep, 'v');
	}
	if (stated === 'sweetheart' && !isBare(drawing)) return over(62, 78, 'sweetheart');
	const named = necklines[drawn(drawing, 'neckline', 'crew')] ?? over(28, -4);
	return moves.includes('unbuttoned') && named.kind === 'over'
		? { ...named, deep: named.deep + 60, run: 'v' }
		: named;
}

export const isStrapped = ({ garment }: Pick<Drawing, 'garment'>) => garment.type in strapped;

/** Lowest point of the neckline in the middle. */
export function neckDepth(drawing: Drawing): number {
	const neckline = necklineOf(drawing);
	const { shoulder } = drawing.figure.landmarks;
	if (neckline.kind === 'over') return shoulder + neckline.deep;
	if (neckline.kind === 'across') return shoulder + neckline.top + (neckline.run === 'sweetheart' ? 16 : 8);
	return shoulder + (neckline.kind === 'off' ? 56 : 40);
}

/** From the left end (−x, y) to the right end (x, y), as the continuation of a path. */
function runFrom(run: Run, x: number, y: number, depth: number): string {
	switch (run) {
		case 'v':
			return `L0,${depth}L${x},${y}`;
		case 'straight':
			return `L${-x + 3},${depth}L${x - 3},${depth}L${x},${y}`;
		case 'sweetheart':
			// With shoulders, the lobes begin below them.
			if (depth - y > 50)
				return `L${-x + 8},${depth - 30}C${-x * 0.8},${depth - 48} ${-x * 0.26},${depth - 44} 0,${depth}C${x * 0.26},${depth - 44} ${x * 0.8},${depth - 48} ${x - 8},${depth - 30}L${x},${y}`;
			return `C${-x * 0.86},${y - 22} ${-x * 0.28},${y - 22} 0,${depth}C${x * 0.28},${y - 22} ${x * 0.86},${y - 22} ${x},${y}`;
		case 'cowl':
			return `C${-x * 0.5},${depth} ${-x * 0.3},${depth} 0,${depth}C${x * 0.3},${depth} ${x * 0.5},${depth} ${x},${y}`;
		default:
			return `C${-x * 0.96},${y + (depth - y) * 0.7} ${-x * 0.56},${depth} 0,${depth}C${x * 0.56},${depth} ${x * 0.96},${y + (depth - y) * 0.7} ${x},${y}`;
	}
}

/**
 * A garment's front as one closed shape from its neckline to its hem.
 *
 * @param edge its right edge from the shoulder's end down
 * @param hem the continuation from the right end of the hem to its left end
 */
export function frontPath(drawing: Drawing, edge: readonly Point[], hem: string): string {
	const { figure } = drawing;
	const { shoulder, bust } = figure.landmarks;
	const neckline = necklineOf(drawing);
	const mirror = (points: readonly Point[]) => points.map(([x, y]): Point => [-x, y]).reverse();
	const closing = (right: readonly Point[], neck: string) =>
		`${flow(right)}${hem}L${flow(mirror(right)).slice(1)}${neck}Z`;
	if (neckline.kind === 'over') {
		const { x, deep, run } = neckline;
		const y = figure.shoulderAt(x) - 1;
		return closing([[x, y], ...edge], runFrom(run, x, y, shoulder + deep));
	}
	const under = (y: number): Point[] => {
		const below = edge.filter((point) => point[1] > y + 26);
		const side = below[0]?.[0] ?? figure.halfAt(bust);
		return [[Math.min(side, figure.halfAt(bust)) - 1, y], ...below];
	};
	if (neckline.kind === 'across') {
		const y = shoulder + neckline.top;
		const right = under(y);
		const x = right[0]?.[0] ?? 80;
		return closing(right, runFrom(neckline.run, x, y, neckDepth(drawing)));
	}
	if (neckline.kind === 'off') {
		const y = shoulder + 40;
		const right: Point[] = [[figure.shoulder - 4, y], ...edge.filter((point) => point[1] > y + 20)];
		return closing(right, runFrom('round', figure.shoulder - 4, y, shoulder + 56));
	}
	if (neckline.kind === 'halter') {
		const right: Point[] = [
			[24, figure.shoulderAt(24) - 4],
			[figure.shoulder * 0.56, shoulder + 40],
			...under(shoulder + 74)
		];
		return closing(right, runFrom('v', 24, figure.shoulderAt(24) - 4, shoulder + 30));
	}
	const right = under(shoulder + 70);
	const left = mirror(edge);
	const y = figure.shoulderAt(44);
	const armpit = right[0] ?? [80, shoulder + 70];
	return `${flow(right)}${hem}L${flow(left).slice(1)}L-44,${y}C-10,${shoulder + 46} ${armpit[0] * 0.6},${shoulder + 60} ${armpit[0]},${armpit[1]}Z`;
}

/** What finishes a neckline: bands, straps, plackets, drapes. */
export function neckTrim(drawing: Drawing, ribbed: boolean): PlateShape[] {
	const { figure, cloth } = drawing;
	const { shoulder, bust } = figure.landmarks;
	const neckline = necklineOf(drawing);
	const value = drawn(drawing, 'neckline', 'crew');
	const shapes: PlateShape[] = [];
	if (isStrapped(drawing) && neckline.kind === 'across') {
		const x = figure.shoulder * 0.52;
		shapes.push(
			...both([
				[x, figure.shoulderAt(x) - 4],
				[x + 6, shoulder + 30],
				[x + 2, shoulder + neckline.top - (neckline.run === 'sweetheart' ? 14 : -2)]
			]).map((points) => stitch(points, cloth.hex, drawing.garment.type === 'dungarees' ? 11 : 4, 1))
		);
	}
	if (['roll', 'funnel', 'mock', 'high-neck'].includes(value) && neckline.kind === 'over') {
		const top = shoulder - (value === 'roll' ? 48 : value === 'funnel' ? 46 : 36);
		const band = between(
			[
				[-25, top],
				[-27, shoulder - 26],
				[-36, shoulder - 14]
			],
			[
				[25, top],
				[27, shoulder - 26],
				[36, shoulder - 14]
			]
		);
		shapes.push(clothShape(band, cloth));
		if (value === 'roll')
			shapes.push(
				clothShape(
					between(
						[
							[-28, top + 2],
							[-32, shoulder - 20]
						],
						[
							[28, top + 2],
							[32, shoulder - 20]
						]
					),
					cloth
				)
			);
	}
	if (neckline.kind === 'over' && (ribbed || value === 'henley') && neckline.run !== 'straight') {
		const { x, deep, run } = neckline;
		const y = figure.shoulderAt(x) - 1;
		const depth = shoulder + deep;
		shapes.push({
			d: `M${-x - 6},${y + 2}${runFrom(run, x + 6, y + 2, depth + 9)}`,
			stroke: cloth.line,
			strokeWidth: 1.3
		});
	}
	if (neckline.kind === 'over' && neckline.run === 'cowl')
		shapes.push(
			...[18, 36].map((down) =>
				stitch(
					[
						[-52 + down * 0.2, shoulder + down * 0.3],
						[0, shoulder + 66 + down],
						[52 - down * 0.2, shoulder + down * 0.3]
					],
					cloth.line
				)
			)
		);
	if (value === 'keyhole' && neckline.kind === 'over')
		shapes.push({
			d: ellipse(0, shoulder + 34, 8, 22),
			fill: { kind: 'colour', hex: figure.skin },
			stroke: cloth.line,
			strokeWidth: 1.3
		});
	if (value === 'wrap' && neckline.kind === 'over')
		shapes.push(
			stitch(
				[
					[0, neckDepth(drawing)],
					[-30, bust + 40],
					[-figure.halfAt(figure.landmarks.waist) * 0.9, figure.landmarks.waist]
				],
				cloth.line,
				1.8
			)
		);
	if (neckline.kind === 'halter')
		shapes.push(
			clothShape(
				polygon([
					[-25, shoulder - 34],
					[25, shoulder - 34],
					[26, shoulder - 24],
					[-26, shoulder - 24]
				]),
				cloth
			)
		);
	if (neckline.kind === 'off') {
		const out = figure.shoulder + 8;
		shapes.push(
			facing(
				between(
					[
						[-out, shoulder + 30],
						[-out - 4, shoulder + 56]
					],
					[
						[out, shoulder + 30],
						[out + 4, shoulder + 56]
					]
				),
				cloth,
				shaded(cloth.hex, 0.02)
			)
		);
	}
	return shapes;
}
