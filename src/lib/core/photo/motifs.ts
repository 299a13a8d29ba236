import type { MeasuredSwatch } from './palette-of';
import { isBlend } from './cloth-colours';

/** One piece of what is not the ground of a print, or of one swatch of it. */
export interface Motif {
	area: number;
	outline: number;
	longer: number;
	shorter: number;
	/** Does it reach the edge of the region, so that only a part of it is seen? */
	cut: boolean;
	/** Pixels of each swatch in it. */
	colours: number[];
}

/** A motif smaller than this, in pixels, cannot be seen for what it is. */
const leastMotif = 10;

/**
 * The pieces of what is of one of some swatches, those that touch as one.
 *
 * @param map the swatch of each pixel of a box, −1 outside the region
 * @param least the first of the swatches
 * @param most and the last of them
 */
export function motifsOf(map: Int8Array, width: number, least: number, most: number): Motif[] {
	const seen = new Uint8Array(map.length);
	const stack = new Int32Array(map.length);
	const motifs: Motif[] = [];
	for (let start = 0; start < map.length; start++) {
		const first = map[start] ?? -1;
		if (seen[start] === 1 || first < least || first > most) continue;
		seen[start] = 1;
		stack[0] = start;
		let depth = 1;
		const colours: number[] = [];
		let [area, outline, cut] = [0, 0, false];
		let [left, right, top, bottom] = [width, -1, map.length, -1];
		while (depth > 0) {
			const at = stack[--depth] ?? 0;
			const x = at % width;
			const y = (at - x) / width;
			const own = map[at] ?? 0;
			area++;
			colours[own] = (colours[own] ?? 0) + 1;
			if (x < left) left = x;
			if (x > right) right = x;
			if (y < top) top = y;
			if (y > bottom) bottom = y;
			for (let side = 0; side < 4; side++) {
				const near = side === 0 ? at - 1 : side === 1 ? at + 1 : side === 2 ? at - width : at + width;
				const isBeside = side > 1 || (side === 0 ? x > 0 : x < width - 1);
				const there = isBeside ? (map[near] ?? -1) : -1;
				if (there < 0) cut = true;
				if (there < least || there > most) outline++;
				else if (seen[near] === 0) {
					seen[near] = 1;
					stack[depth++] = near;
				}
			}
		}
		if (area < leastMotif) continue;
		const [across, down] = [right - left + 1, bottom - top + 1];
		const [longer, shorter] = [Math.max(across, down), Math.min(across, down)];
		motifs.push({ area, outline, longer, shorter, cut, colours });
	}
	return motifs;
}

/**
 * How round a motif is: 1 is a disc (isoperimetric quotient). The outline of a disc in pixels, counted in their sides, is 4/π of its
 * length and four sides; without these four (`steps`) small discs come to less, and what has petals to less still.
 */
export const roundness = ({ area, outline }: Motif, steps: 0 | 4) =>
	(64 * area) / (Math.PI * Math.max(1, outline - steps) ** 2);

/** How far the sizes of motifs spread about their mean, as a share of it (coefficient of variation of their widths). */
export function spreadOfSizes(motifs: readonly Motif[]): number {
	const widths = motifs.map(({ area }) => Math.sqrt(area));
	const mean = widths.reduce((sum, width) => sum + width, 0) / Math.max(1, widths.length);
	const squares = widths.reduce((sum, width) => sum + (width - mean) ** 2, 0);
	return Math.sqrt(squares / Math.max(1, widths.length)) / Math.max(1, mean);
}

/** A colour is part of a motif from this share of it. */
const partOfMotif = 0.05;

/** The share of motifs that have several colours; one that lies only where another meets the ground is none. */
export function severalColoured(motifs: readonly Motif[], swatches: readonly MeasuredSwatch[]): number {
	const [ground] = swatches;
	const isRim = ({ lab }: MeasuredSwatch) =>
		swatches.some(
			(other) =>
				ground !== undefined && other !== ground && other.lab !== lab && isBlend(lab, ground.lab, other.lab)
		);
	const own = swatches.flatMap((swatch, k) => (k > 0 && !isRim(swatch) ? [k] : []));
	const several = motifs.filter(
		({ area, colours }) => own.filter((k) => (colours[k] ?? 0) >= area * partOfMotif).length > 1
	);
	return several.length / Math.max(1, motifs.length);
}
