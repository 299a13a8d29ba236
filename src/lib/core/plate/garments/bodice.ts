/** Cloth over the trunk: how far it stands off, where its hem ends, its armholes. */
import { cutAt, drawn, type Drawing } from '../drawing';
import type { Figure } from '../figure/figure';
import type { Point } from '../path';

export interface Fit {
	/** Cloth off the body, in plate units a side. */
	ease: number;
	/** How far the waist is followed, 1 wholly. */
	follows: number;
}

/** Common practice. */
const fits: Record<string, Fit> = {
	'skin-tight': { ease: 1, follows: 1 },
	close: { ease: 3, follows: 0.95 },
	tailored: { ease: 7, follows: 0.8 },
	regular: { ease: 12, follows: 0.5 },
	relaxed: { ease: 21, follows: 0.15 },
	oversized: { ease: 34, follows: 0 }
};
export const fitOf = (drawing: Drawing): Fit => {
	const fit = fits[drawn(drawing, 'fit', 'regular')] ?? { ease: 12, follows: 0.5 };
	const marked = drawing.moves.includes('belted') || drawing.garment.facets.waistline?.value === 'marked';
	return marked ? { ...fit, follows: 1 } : fit;
};

/** The right edge of cloth over the trunk, from the shoulder's end down to a hem. */
export function bodiceEdge(figure: Figure, { ease, follows }: Fit, hemY: number): Point[] {
	const { shoulder, bust, waist, hip } = figure.landmarks;
	const bustX = figure.halfAt(bust) + ease;
	const hipX = figure.halfAt(hip) + ease;
	const straightWaist = bustX + (hipX - bustX) * 0.5;
	const waistX = straightWaist + (figure.halfAt(waist) + ease * 0.5 - straightWaist) * follows;
	const shoulderX = figure.shoulder - 13 + ease * 0.35;
	const edge: Point[] = [
		[shoulderX, shoulder + 2],
		[shoulderX - 5, shoulder + 30],
		[Math.max(bustX - 4, shoulderX - 12), shoulder + 66],
		[bustX, bust],
		[waistX, waist],
		[hipX, hip],
		[hipX + 2, hip + 90]
	];
	return cutAt(edge, hemY);
}

export const isBare = (drawing: Drawing) =>
	['sleeveless', 'strapless'].includes(drawn(drawing, 'sleeveLength', 'long'));

/** The edge with the armhole cut in where there is no sleeve. */
export function withArmhole(drawing: Drawing, edge: Point[]): Point[] {
	if (!isBare(drawing)) return edge;
	const [first, , second, ...rest] = edge;
	if (!first || !second) return edge;
	const { shoulder } = drawing.figure.landmarks;
	const racer = drawn(drawing, 'back', '') === 'racer' ? 16 : 0;
	return [
		[first[0] - 22 - racer, first[1] - 7],
		[first[0] - 26 - racer, shoulder + 36],
		[second[0] - 4, Math.max(second[1], shoulder + 76)],
		...rest
	];
}
