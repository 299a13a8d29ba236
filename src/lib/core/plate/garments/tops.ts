/** Tops, shirts, knitwear and kurtas. */
import { garmentType } from '../../lexicon/taxonomy';
import { placeOf } from '../../lexicon/facets';
import { bodiceEdge, fitOf, withArmhole } from './bodice';
import { closureShapes } from './closures';
import { collarOf, collarShapes } from './collars';
import { clothShape, drawn, stitch, type Drawing } from '../drawing';
import { hemRun, hemShapes } from './hems';
import { hasRibs, markShapes } from './marks';
import type { PlateShape } from '../model';
import { frontPath, neckDepth, neckTrim } from './necklines';
import { between, ellipse, polygon, type Point } from '../path';
import { sleeveShapes, tiedSleeves } from './sleeves';

/** Where the hem of a top lies; kurtas and long tops that state a hem like a dress take it. */
export function topHemY(drawing: Drawing): number {
	const { figure, garment, moves } = drawing;
	if (moves.includes('knotted')) return figure.landmarks.waist + 2;
	const { draws, usual, family } = garmentType(garment.type);
	// In a set with a skirt the hem that is stated is the skirt's.
	if (draws === 'skirt-set')
		return figure.heightOf(placeOf('topLength', family === 'lehenga-sets' ? 'cropped' : 'waist'));
	const hem = garment.facets.hemLength?.value ?? usual.hemLength;
	return hem === undefined
		? figure.heightOf(placeOf('topLength', drawn(drawing, 'topLength', 'hip')))
		: figure.heightOf(placeOf('hemLength', hem));
}

/** The hem's run from right to left: half tucked, it goes in under the waistband in front. */
function topHem({ figure, moves, garment }: Drawing, right: Point): string {
	if (moves.includes('half-tucked')) {
		const waist = figure.heightOf(0.587) + 4;
		return `Q${right[0] * 0.6},${right[1] - 2} ${right[0] * 0.3},${waist}L${-right[0] * 0.55},${waist}Q${-right[0] * 0.8},${right[1] - 8} ${-right[0]},${right[1]}`;
	}
	const shirtTail = garmentType(garment.type).family === 'shirts' && garment.facets.hemDetail === undefined;
	if (shirtTail && !moves.includes('knotted'))
		return `C${right[0] * 0.8},${right[1] + 20} ${-right[0] * 0.8},${right[1] + 20} ${-right[0]},${right[1]}`;
	return hemRun(garment.facets.hemDetail?.value ?? 'plain', right, 5);
}

function knotShapes({ figure, cloth }: Drawing): PlateShape[] {
	const { waist } = figure.landmarks;
	return [
		...[-1, 1].map((side) =>
			clothShape(
				polygon([
					[side * 2, waist - 4],
					[side * 30, waist + 34],
					[side * 14, waist + 40]
				]),
				cloth
			)
		),
		clothShape(ellipse(0, waist - 2, 11, 9), cloth)
	];
}

const collarless = ['', 'collarless'];

export function topShapes(drawing: Drawing): PlateShape[] {
	const { figure, cloth, moves, garment } = drawing;
	const { bust, waist, hip } = figure.landmarks;
	if (moves.includes('tied-on-shoulders'))
		return tiedSleeves(drawing, { y: bust - 14, half: figure.shoulder - 4, rise: 84 });
	if (moves.includes('tied-round-waist'))
		return tiedSleeves(drawing, { y: waist + 16, half: figure.halfAt(hip) - 4, rise: 10 });
	const fit = fitOf(drawing);
	const hemY = topHemY(drawing);
	const full = bodiceEdge(figure, fit, hemY);
	const flared = drawn(drawing, 'skirtShape', '') === 'a-line' || garment.type === 'a-line-kurta';
	const edge = withArmhole(
		drawing,
		flared && hemY > hip ? full.map(([x, y]): Point => [y > waist ? x + (y - waist) * 0.16 : x, y]) : full
	);
	const hem: Point = edge.at(-1) ?? [0, hemY];
	const depth = neckDepth(drawing);
	const collar = collarOf(drawing) ?? '';
	const closure = drawn(drawing, 'closure', collarless.includes(collar) ? '' : 'buttoned');
	const buttoned = !['polo-shirt', 'rugby-shirt', 'knitted-polo', 'hoodie', 'pathani-kurta'].includes(
		garment.type
	);
	return [
		...sleeveShapes(drawing, fit.ease),
		clothShape(frontPath(drawing, edge, topHem(drawing, hem)), cloth),
		...foldsOf(drawing, edge),
		...neckTrim(drawing, hasRibs(garment.type)),
		...(buttoned ? closureShapes(drawing, closure, { from: depth, to: hemY }) : []),
		...markShapes(drawing, { edge, hemY }),
		...hemShapes(drawing, { left: [-hem[0], hem[1]], right: hem, bow: 5 }),
		...(moves.includes('knotted') ? knotShapes(drawing) : []),
		...(moves.includes('belted') ? [sashAt(drawing, edge)] : []),
		...collarShapes(drawing)
	];
}

/** Cloth that is drawn in falls in folds from where it is held. */
function foldsOf({ figure, cloth, garment }: Drawing, edge: readonly Point[]): PlateShape[] {
	const { bust, waist } = figure.landmarks;
	const texture = garment.facets.texture?.value;
	const hem = edge.at(-1)?.[1] ?? waist;
	if (texture === 'ruched')
		return [0, 1, 2, 3].map((n) =>
			stitch(
				[
					[-figure.halfAt(waist) * 0.8, bust + 24 + n * 24],
					[0, bust + 34 + n * 24],
					[figure.halfAt(waist) * 0.8, bust + 22 + n * 24]
				],
				cloth.line
			)
		);
	return hem > waist - 10
		? [-1, 1].map((side) =>
				stitch(
					[
						[side * figure.halfAt(bust) * 0.9, bust + 14],
						[side * figure.halfAt(bust) * 0.62, bust + 26]
					],
					cloth.line,
					1.1,
					0.5
				)
			)
		: [];
}

/** A belt of the garment's own cloth where it is worn belted. */
export function sashAt({ figure, cloth }: Drawing, edge: readonly Point[]): PlateShape {
	const { waist } = figure.landmarks;
	const x = (edge.find(([, y]) => y >= waist - 1)?.[0] ?? figure.halfAt(waist)) + 2;
	return clothShape(
		between(
			[
				[-x, waist - 7],
				[-x, waist + 8]
			],
			[
				[x, waist - 7],
				[x, waist + 8]
			]
		),
		cloth
	);
}
