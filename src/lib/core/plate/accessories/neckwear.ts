/** Scarves, ties, stoles and what is tied at the neck. */
import type { MoveId } from '../../lexicon/moves';
import { dupattaShapes, shawlShapes } from '../garments/drapes';
import { clothShape, sizeOf, stitch, type Drawing } from '../drawing';
import { hatShapes } from './headwear';
import { hemShapes } from '../garments/hems';
import type { PlateShape } from '../model';
import { shaded } from '../cloth/paint';
import { between, blob, both, ellipse, flow, polygon, ribbon, type Point } from '../path';

/** Moves that hang a scarf as a drape is hung. */
const overShoulder: readonly MoveId[] = [
	'over-left-shoulder',
	'over-right-shoulder',
	'crossed-in-front',
	'open-pallu',
	'pleated-pallu'
];

const knotted = (drawing: Drawing, y: number): PlateShape => clothShape(ellipse(0, y, 10, 9), drawing.cloth);

/** Wound once round the neck. */
function loop({ figure, cloth }: Drawing, full: number): PlateShape[] {
	const { shoulder } = figure.landmarks;
	return [
		clothShape(
			`${flow([
				[-30, shoulder - 46],
				[-42 - full, shoulder - 24],
				[-30, shoulder + 8 + full * 0.5],
				[0, shoulder + 20 + full],
				[30, shoulder + 8 + full * 0.5],
				[42 + full, shoulder - 24],
				[30, shoulder - 46]
			])}Q0,${shoulder - 14} -30,${shoulder - 46}Z`,
			cloth
		),
		...[0.35, 0.7].map((share) =>
			stitch(
				[
					[-34 - full * share, shoulder - 30 + 8 * share],
					[0, shoulder - 16 + (30 + full) * share],
					[34 + full * share, shoulder - 30 + 8 * share]
				],
				cloth.line,
				1.3,
				0.7
			)
		)
	];
}

function scarfEnds(drawing: Drawing, breadth: number, long: number): PlateShape[] {
	const { figure, cloth } = drawing;
	const { shoulder } = figure.landmarks;
	const end = (x: number, to: number, lean: number): PlateShape[] => {
		const line: Point[] = [
			[x * 0.6, shoulder],
			[x, (shoulder + to) / 2],
			[x + lean, to]
		];
		return [
			clothShape(ribbon(line, breadth * 0.8, breadth), cloth),
			...hemShapes(drawing, {
				left: [x + lean - breadth / 2, to],
				right: [x + lean + breadth / 2, to],
				bow: 0
			})
		];
	};
	return [...end(-14, shoulder + long, -4), ...end(18, shoulder + long * 0.82, 6)];
}

function tieShapes({ figure, cloth, moves }: Drawing): PlateShape[] {
	const { shoulder, waist } = figure.landmarks;
	const knotY = shoulder + (moves.includes('unbuttoned') ? 26 : 0);
	return [
		clothShape(
			polygon([
				[-5, knotY + 12],
				[5, knotY + 12],
				[14, waist - 12],
				[0, waist + 8],
				[-14, waist - 12]
			]),
			cloth
		),
		clothShape(
			polygon([
				[-9, knotY - 6],
				[9, knotY - 6],
				[5, knotY + 14],
				[-5, knotY + 14]
			]),
			cloth
		)
	];
}

const bowTie = ({ figure, cloth }: Drawing, size: number): PlateShape[] => {
	const y = figure.landmarks.shoulder - 6;
	return [
		...both([
			[1, y],
			[32 * size, y - 15 * size],
			[34 * size, y + 14 * size]
		]).map((points) => clothShape(polygon(points), cloth)),
		clothShape(ellipse(0, y, 6, 7), cloth)
	];
};

const cravat = ({ figure, cloth }: Drawing): PlateShape[] => {
	const { shoulder, bust } = figure.landmarks;
	return [
		clothShape(
			blob([
				[-24, shoulder - 34],
				[24, shoulder - 34],
				[32, shoulder],
				[18, bust - 20],
				[0, bust - 6],
				[-18, bust - 20],
				[-32, shoulder]
			]),
			cloth
		),
		stitch(
			[
				[-20, shoulder - 6],
				[2, shoulder + 14],
				[22, shoulder - 8]
			],
			cloth.line,
			1.6
		),
		stitch(
			[
				[0, shoulder + 12],
				[2, bust - 16]
			],
			cloth.line,
			1.3
		)
	];
};

const jabot = ({ figure, cloth }: Drawing): PlateShape[] => {
	const { shoulder, bust } = figure.landmarks;
	return [bust + 30, bust - 4, shoulder + 46, shoulder + 16].map((y, i) =>
		clothShape(
			blob([
				[-6, y - 26],
				[6, y - 26],
				[24 - i * 3, y],
				[8, y - 4],
				[0, y + 8],
				[-10, y - 3],
				[-24 + i * 3, y + 2]
			]),
			cloth
		)
	);
};

function fullStole(drawing: Drawing): PlateShape[] {
	const { figure, cloth, garment } = drawing;
	const { shoulder, bust, hip } = figure.landmarks;
	const thick = garment.type === 'feather-boa' ? 34 : 46;
	const soft = { ...cloth, line: shaded(cloth.hex, -0.1) };
	return both([
		[20, shoulder - 30],
		[figure.shoulder * 0.8, shoulder + 4],
		[figure.shoulder * 0.86, bust + 10],
		[figure.shoulder * 0.7, garment.type === 'feather-boa' ? hip + 40 : hip - 30]
	]).map((points) => clothShape(ribbon(points, thick * 0.7, thick), soft));
}

/** A square at the neck, its knot in front or at the side. */
function kerchief(drawing: Drawing): PlateShape[] {
	const { figure, cloth, behind } = drawing;
	const { shoulder } = figure.landmarks;
	const round = clothShape(
		between(
			[
				[-27, shoulder - 42],
				[-36, shoulder - 22],
				[-10, shoulder + 4]
			],
			[
				[27, shoulder - 42],
				[36, shoulder - 22],
				[10, shoulder + 4]
			]
		),
		cloth
	);
	// The knot and its ends are in front.
	if (behind) return [round];
	return [
		round,
		...[-1, 1].map((side) =>
			clothShape(
				polygon([
					[side * 2, shoulder],
					[side * 26, shoulder + 26],
					[side * 8, shoulder + 36]
				]),
				cloth
			)
		),
		knotted(drawing, shoulder)
	];
}

export function scarfShapes(drawing: Drawing): PlateShape[] {
	const { garment, moves, figure, cloth } = drawing;
	const { shoulder, waist, hip } = figure.landmarks;
	const size = sizeOf(drawing);
	if (moves.includes('over-head'))
		return hatShapes({ ...drawing, garment: { ...garment, type: 'headscarf' } });
	if (moves.includes('tied-round-waist'))
		return [
			clothShape(
				between(
					[
						[-figure.halfAt(waist) - 6, waist - 9],
						[-figure.halfAt(waist) - 6, waist + 9]
					],
					[
						[figure.halfAt(waist) + 6, waist - 9],
						[figure.halfAt(waist) + 6, waist + 9]
					]
				),
				cloth
			),
			...[-1, 1].map((side) =>
				clothShape(
					polygon([
						[46, waist],
						[46 + side * 12 + 8, hip + 10],
						[46 + side * 12 - 10, hip + 14]
					]),
					cloth
				)
			)
		];
	if (moves.includes('draped-on-shoulders')) return shawlShapes(drawing);
	if (overShoulder.some((move) => moves.includes(move))) return dupattaShapes(drawing);
	switch (garment.type) {
		case 'tie':
			return tieShapes(drawing);
		case 'bow-tie':
			return bowTie(drawing, Math.min(1.5, size));
		case 'cravat':
			return cravat(drawing);
		case 'jabot':
			return jabot(drawing);
		case 'neckerchief':
			return kerchief(drawing);
		case 'snood':
			return loop(drawing, 16);
		case 'shawl':
			return shawlShapes(drawing);
		case 'fur-stole':
		case 'feather-boa':
			return fullStole(drawing);
		case 'skinny-scarf':
			return [...scarfEnds(drawing, 15, hip - shoulder), ...loop(drawing, -6)];
		case 'blanket-scarf':
			return [...scarfEnds(drawing, 62, hip - shoulder - 20), ...loop(drawing, 16)];
		default:
			return moves.includes('tied-at-neck')
				? kerchief(drawing)
				: [
						...scarfEnds(drawing, 32 * Math.sqrt(size), hip - shoulder - 30),
						...(moves.includes('doubled') ? loop(drawing, 14) : []),
						...loop(drawing, 4)
					];
	}
}
