import type { MeasuredPalette } from './palette-of';
import type { Box } from './region';

/** What kind of print a region seems to have. */
export const printHints = ['plain', 'stripe', 'check', 'spot', 'floral', 'busy'] as const;
export type PrintHint = (typeof printHints)[number];

export interface MeasuredPrint {
	hint: PrintHint;
	/** How sure it is, 0..1. */
	sure: number;
	/** From one motif to the next, in pixels of the picture; absent on what is plain. */
	repeat?: number;
}

/** From this on, edges run one way: stripes. 0 is every way alike, 1 all the same. */
const oneWay = 0.5;
/** From this on, they run two ways that cross squarely: a check. */
const twoWays = 0.42;
/** Fewer pieces than this of what is not the ground are panels and trims, no print. */
const fewestMotifs = 6;
/** How round a motif is at least that counts as a spot: 1 is a disc (isoperimetric quotient). */
const roundFrom = 0.55;
/** A motif smaller than this, in pixels, cannot be seen for what it is. */
const leastMotif = 10;

interface Motif {
	area: number;
	outline: number;
	longer: number;
	shorter: number;
}

/** The pieces of what is not the ground, or of one swatch of it. */
function motifsOf(map: Int8Array, width: number, isMotif: (swatch: number) => boolean): Motif[] {
	const seen = new Uint8Array(map.length);
	const motifs: Motif[] = [];
	const stack: number[] = [];
	let outline = 0;
	const visit = (near: number, there: number) => {
		if (!isMotif(there)) outline++;
		else if (!seen[near]) {
			seen[near] = 1;
			stack.push(near);
		}
	};
	for (let start = 0; start < map.length; start++) {
		if (seen[start] || !isMotif(map[start] ?? -1)) continue;
		seen[start] = 1;
		stack.push(start);
		let area = 0;
		outline = 0;
		let [left, right, top, bottom] = [width, -1, map.length, -1];
		for (let at = stack.pop(); at !== undefined; at = stack.pop()) {
			const x = at % width;
			const y = Math.floor(at / width);
			area++;
			left = Math.min(left, x);
			right = Math.max(right, x);
			top = Math.min(top, y);
			bottom = Math.max(bottom, y);
			visit(at - 1, x > 0 ? (map[at - 1] ?? -1) : -1);
			visit(at + 1, x < width - 1 ? (map[at + 1] ?? -1) : -1);
			visit(at - width, map[at - width] ?? -1);
			visit(at + width, map[at + width] ?? -1);
		}
		const [across, down] = [right - left + 1, bottom - top + 1];
		motifs.push({
			area,
			outline,
			longer: Math.max(across, down),
			shorter: Math.min(across, down)
		});
	}
	return motifs;
}

/**
 * How much the edges between ground and motif run one way, and two ways that cross squarely, each 0..1: the resultants of
 * their doubled and fourfold angles (Mardia & Jupp 2000, "Directional Statistics").
 */
function ways(map: Int8Array, width: number, ground: number): { one: number; two: number; edges: number } {
	const value = (swatch: number) => (swatch === ground ? 0 : 1);
	let [cos2, sin2, cos4, sin4, edges] = [0, 0, 0, 0, 0];
	for (let at = width + 1; at < map.length - width - 1; at++) {
		const [nw, n, ne] = [map[at - width - 1] ?? -1, map[at - width] ?? -1, map[at - width + 1] ?? -1];
		const [w, here, e] = [map[at - 1] ?? -1, map[at] ?? -1, map[at + 1] ?? -1];
		const [sw, s, se] = [map[at + width - 1] ?? -1, map[at + width] ?? -1, map[at + width + 1] ?? -1];
		if ((nw | n | ne | w | here | e | sw | s | se) < 0) continue;
		const across = value(ne) + 2 * value(e) + value(se) - value(nw) - 2 * value(w) - value(sw);
		const down = value(sw) + 2 * value(s) + value(se) - value(nw) - 2 * value(n) - value(ne);
		if (across === 0 && down === 0) continue;
		const strength = Math.sqrt(across * across + down * down);
		// The doubled angle of the edge, without asking for the angle; and that doubled once more.
		const cosine = (across * across - down * down) / (strength * strength);
		const sine = (2 * across * down) / (strength * strength);
		cos2 += strength * cosine;
		sin2 += strength * sine;
		cos4 += strength * (2 * cosine * cosine - 1);
		sin4 += strength * 2 * sine * cosine;
		edges += strength;
	}
	return edges === 0
		? { one: 0, two: 0, edges }
		: { one: Math.hypot(cos2, sin2) / edges, two: Math.hypot(cos4, sin4) / edges, edges };
}

const medianOf = (values: number[]) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

/**
 * What kind of print the colours of a region make, from how its motifs lie and how their edges run.
 *
 * @param map the swatch of each pixel of the region's box, −1 outside the region
 */
export function printOf(
	map: Int8Array,
	box: Box,
	{ swatches }: Pick<MeasuredPalette, 'swatches'>
): MeasuredPrint {
	if (swatches.length < 2) return { hint: 'plain', sure: 0.8 };
	const motifs = motifsOf(map, box.width, (swatch) => swatch > 0).filter(({ area }) => area >= leastMotif);
	let region = 0;
	for (const swatch of map) if (swatch >= 0) region++;
	const large = motifs.filter(({ area }) => area > region * 0.002 || area > 60);
	// The lines of a check are one piece: then it is the ground that is cut into many.
	const grounds = motifsOf(map, box.width, (swatch) => swatch === 0).filter(({ area }) => area >= leastMotif);
	const pieces = Math.max(motifs.length, grounds.length);
	if (pieces < fewestMotifs) return { hint: 'plain', sure: 0.6 };
	const { one, two } = ways(map, box.width, 0);
	const spacing = Math.sqrt(region / pieces);
	if (one > oneWay) {
		const along = motifs.reduce((sum, { longer }) => sum + longer, 0) / motifs.length;
		return { hint: 'stripe', sure: Math.min(0.9, one), repeat: region / Math.max(1, along * motifs.length) };
	}
	if (two > twoWays) return { hint: 'check', sure: Math.min(0.85, two + 0.2), repeat: spacing };
	const round = medianOf(
		motifs.map(({ area, outline }) => (4 * Math.PI * area) / Math.max(1, outline * 0.8) ** 2)
	);
	const even = medianOf(motifs.map(({ shorter, longer }) => shorter / longer));
	if (swatches.length === 2 && round > roundFrom && even > 0.6)
		return { hint: 'spot', sure: 0.7, repeat: spacing };
	if (large.length < motifs.length * 0.25) return { hint: 'busy', sure: 0.5, repeat: spacing };
	return { hint: swatches.length >= 3 || round < roundFrom ? 'floral' : 'spot', sure: 0.45, repeat: spacing };
}
