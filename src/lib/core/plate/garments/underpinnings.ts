/** What is worn unseen. It is drawn by itself alone: under a look nothing of it should show. */
import { clothShape, stitch, type Drawing } from '../drawing';
import type { PlateShape } from '../model';
import { blob, both, curve, mirrored, polygon, type Point } from '../path';
import { skirtPath } from './skirts';

type Design = (drawing: Drawing) => PlateShape[];

const bra =
	(straps: boolean, full = 0): Design =>
	({ figure, cloth }) => {
		const { bust } = figure.landmarks;
		const x = figure.halfAt(bust);
		const strapX = figure.shoulder * 0.46;
		return [
			...(straps
				? both([
						[strapX, figure.shoulderAt(strapX) - 2],
						[strapX - 6, bust - 24]
					]).map((points) => stitch(points, cloth.hex, full > 0 ? 10 : 4, 1))
				: []),
			clothShape(
				polygon([
					[-x, bust - 2],
					[x, bust - 2],
					[x, bust + 14 + full],
					[-x, bust + 14 + full]
				]),
				cloth
			),
			...both([
				[3, bust + 4],
				[22, bust - 28],
				[56, bust - 22],
				[x - 4, bust + 4],
				[48, bust + 22],
				[14, bust + 20]
			]).map((points) => clothShape(blob(points), cloth))
		];
	};

const briefs =
	(upTo: 'hip' | 'waist', legs = 0): Design =>
	({ figure, cloth }) => {
		const { hip, waist, crotch } = figure.landmarks;
		const top = upTo === 'waist' ? waist : hip - 34;
		const side = legs > 0 ? crotch + legs : hip + 4;
		const right: Point[] = [
			[figure.halfAt(top), top],
			[figure.halfAt(hip), hip],
			[figure.halfAt(Math.min(side, crotch)), side]
		];
		const leg =
			legs > 0
				? `L10,${side}L0,${crotch + 6}L-10,${side}`
				: `Q50,${hip + 26} 12,${crotch + 5}L-12,${crotch + 5}Q-50,${hip + 26} `;
		const [endX = 0, endY = 0] = right.at(-1) ?? [];
		return [
			clothShape(
				`${curve(right)}${leg}${legs > 0 ? 'L' : ''}${-endX},${endY}L${curve(mirrored(right).reverse()).slice(1)}Z`,
				cloth
			),
			stitch(
				[
					[-figure.halfAt(top), top + 8],
					[0, top + 11],
					[figure.halfAt(top), top + 8]
				],
				cloth.line
			)
		];
	};

const underSkirt =
	(from: 'bust' | 'waist', share: number, flare: number): Design =>
	(drawing) => {
		const { figure, cloth } = drawing;
		const { bust, waist, hip } = figure.landmarks;
		const hemY = figure.heightOf(share);
		const hipX = figure.halfAt(hip) + 4 + flare * 60;
		const edge: Point[] = [
			...(from === 'bust' ? [[figure.halfAt(bust) + 1, bust - 14] as Point] : []),
			[figure.halfAt(waist) + 2, waist],
			[hipX, hip],
			[hipX + (hemY - hip) * flare, hemY]
		];
		const strapX = figure.shoulder * 0.5;
		return [
			...(from === 'bust'
				? both([
						[strapX, figure.shoulderAt(strapX) - 2],
						[strapX - 4, bust - 12]
					]).map((points) => stitch(points, cloth.hex, 3.4, 1))
				: []),
			clothShape(skirtPath(drawing, edge), cloth)
		];
	};

const designs: Record<string, Design> = {
	bra: bra(true),
	'strapless-bra': bra(false),
	'sports-bra': bra(true, 16),
	bralette: bra(true),
	briefs: briefs('hip'),
	'boxer-shorts': briefs('hip', 70),
	'slip-shorts': briefs('waist', 90),
	shapewear: briefs('waist', 40),
	undervest: ({ figure, cloth }) => {
		const { bust, hip, shoulder } = figure.landmarks;
		const x = figure.shoulder * 0.52;
		const right: Point[] = [
			[x + 8, figure.shoulderAt(x) - 2],
			[x + 14, shoulder + 40],
			[figure.halfAt(bust) + 1, bust - 16],
			[figure.halfAt(figure.landmarks.waist) + 3, figure.landmarks.waist],
			[figure.halfAt(hip) + 3, hip]
		];
		const y = figure.shoulderAt(x) - 2;
		return [
			clothShape(
				`${curve(right)}L${curve(mirrored(right).reverse()).slice(1)}L${-x + 10},${y}Q0,${bust} ${x - 10},${y}Z`,
				cloth
			)
		];
	},
	slip: underSkirt('bust', 0.32, 0.04),
	'half-slip': underSkirt('waist', 0.32, 0.05),
	petticoat: underSkirt('waist', 0.3, 0.42),
	'saree-petticoat': underSkirt('waist', 0.04, 0.05),
	'suspender-belt': (drawing) => {
		const { figure, cloth } = drawing;
		const { hip, crotch } = figure.landmarks;
		return [
			clothShape(
				polygon([
					[-figure.halfAt(hip - 60), hip - 60],
					[figure.halfAt(hip - 60), hip - 60],
					[figure.halfAt(hip - 26), hip - 26],
					[-figure.halfAt(hip - 26), hip - 26]
				]),
				cloth
			),
			...[0.4, 0.85].flatMap((share) =>
				both([
					[figure.halfAt(hip) * share, hip - 28],
					[figure.halfAt(hip) * share, crotch + 66]
				]).map((points) => stitch(points, cloth.hex, 4, 1))
			)
		];
	},
	'detachable-collar': ({ figure, cloth }) => {
		const { shoulder } = figure.landmarks;
		return both([
			[22, shoulder - 38],
			[44, shoulder - 14],
			[40, shoulder + 26],
			[4, shoulder - 4]
		]).map((points) => clothShape(polygon(points), cloth));
	}
};

export const underpinningShapes = (drawing: Drawing): PlateShape[] =>
	designs[drawing.garment.type]?.(drawing) ?? [];
