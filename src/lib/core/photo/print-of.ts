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
/** The same of what is hatched, in cells of so many pixels. */
const twoWaysAfar = 0.25;
const hatchings = [3, 4];
/** Fewer pieces than this of what is not the ground are panels and trims, no print. */
const fewestMotifs = 6;
/**
 * How round the lower quarter of motifs is that are spots: 1 is a disc. This and the next were read off renderings of ditsy, drawn and
 * painted florals, dots, leopard, paisley and abstract prints.
 */
const allRound = 0.94;
/** What has petals, hearts and leaves has some of them round and some not: from the lower to the upper quarter it is this far at least. */
const mixedFrom = 0.26;
const someUnround = 0.73;
/** The tenth that is least round, where there are stalks and sprays; and the lower quarter of what is drawn in several colours. */
const stalks = 0.31;
const petals = 0.65;
/** What grows, grows every way: where edges run one way more than this, it is no flower. */
const growsEveryWay = 0.24;
/** A motif smaller than this, in pixels, cannot be seen for what it is. */
const leastMotif = 10;

interface Motif {
	area: number;
	outline: number;
	longer: number;
	shorter: number;
	/** Does it reach the edge of the region, so that only a part of it is seen? */
	cut: boolean;
}

/** The pieces of what is not the ground, or of one swatch of it. */
function motifsOf(map: Int8Array, width: number, isMotif: (swatch: number) => boolean): Motif[] {
	const seen = new Uint8Array(map.length);
	const motifs: Motif[] = [];
	const stack: number[] = [];
	let outline = 0;
	let cut = false;
	const visit = (near: number, there: number) => {
		cut ||= there < 0;
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
		cut = false;
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
			shorter: Math.min(across, down),
			cut
		});
	}
	return motifs;
}

/** How much of each cell of a map is not ground, 0..1; −1 where any of it lies outside the region. */
function inCells(map: Int8Array, width: number, size: number): { shares: Float32Array; width: number } {
	const across = Math.floor(width / size);
	const shares = new Float32Array(across * Math.floor(map.length / width / size));
	for (let cell = 0; cell < shares.length; cell++) {
		const start = Math.floor(cell / across) * size * width + (cell % across) * size;
		let motif = 0;
		for (let down = 0; down < size && motif >= 0; down++)
			for (let right = 0; right < size; right++) {
				const swatch = map[start + down * width + right] ?? -1;
				if (swatch < 0) motif = -Infinity;
				else if (swatch > 0) motif++;
			}
		shares[cell] = motif < 0 ? -1 : motif / size ** 2;
	}
	return { shares, width: across };
}

/**
 * How much the edges between ground and motif run one way, and two ways that cross squarely, each 0..1: the resultants of
 * their doubled and fourfold angles (Mardia & Jupp 2000, "Directional Statistics").
 */
function ways({ shares, width }: ReturnType<typeof inCells>): { one: number; two: number } {
	let [cos2, sin2, cos4, sin4, edges] = [0, 0, 0, 0, 0];
	const at = (cell: number) => shares[cell] ?? -1;
	for (let cell = width + 1; cell < shares.length - width - 1; cell++) {
		const [nw, n, ne] = [at(cell - width - 1), at(cell - width), at(cell - width + 1)];
		const [w, e] = [at(cell - 1), at(cell + 1)];
		const [sw, s, se] = [at(cell + width - 1), at(cell + width), at(cell + width + 1)];
		if (nw < 0 || n < 0 || ne < 0 || w < 0 || at(cell) < 0 || e < 0 || sw < 0 || s < 0 || se < 0) continue;
		const across = ne + 2 * e + se - nw - 2 * w - sw;
		const down = sw + 2 * s + se - nw - 2 * n - ne;
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
		? { one: 0, two: 0 }
		: { one: Math.hypot(cos2, sin2) / edges, two: Math.hypot(cos4, sin4) / edges };
}

/**
 * How round a motif is: 1 is a disc (isoperimetric quotient). The outline of a disc in pixels, counted in their sides, is 4/π of its
 * length and four sides; without these four (`steps`) small discs come to less, and what has petals to less still.
 */
const roundness = ({ area, outline }: Motif, steps: 0 | 4) =>
	(64 * area) / (Math.PI * Math.max(1, outline - steps) ** 2);

const quantile = (values: number[], at: number) =>
	[...values].sort((a, b) => a - b)[Math.floor(values.length * at)] ?? 0;

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
	// The lines of a check are one piece: then it is the ground that is cut into many.
	const grounds = motifsOf(map, box.width, (swatch) => swatch === 0).filter(({ area }) => area >= leastMotif);
	const pieces = Math.max(motifs.length, grounds.length);
	if (pieces < fewestMotifs) return { hint: 'plain', sure: 0.6 };
	const { one, two } = ways(inCells(map, box.width, 1));
	// The bands of a tartan are hatched: what crosses in them is seen from further off.
	const [afar] = hatchings
		.map((size) => ways(inCells(map, box.width, size)))
		.filter((seen) => seen.two > twoWaysAfar && seen.one < oneWay / 2);
	const spacing = Math.sqrt(region / pieces);
	if (one > oneWay && !afar) {
		const along = motifs.reduce((sum, { longer }) => sum + longer, 0) / motifs.length;
		return { hint: 'stripe', sure: Math.min(0.9, one), repeat: region / Math.max(1, along * motifs.length) };
	}
	if (two > twoWays) return { hint: 'check', sure: Math.min(0.85, two + 0.2), repeat: spacing };
	const whole = motifs.filter((motif) => !motif.cut);
	const seen = whole.length < fewestMotifs ? motifs : whole;
	const discs = seen.map((motif) => roundness(motif, 4));
	const even = quantile(
		seen.map(({ shorter, longer }) => shorter / longer),
		0.5
	);
	// Dots are round one and all; petals, leaves and stalks are some of each.
	if (quantile(discs, 0.25) > allRound && even > 0.6) return { hint: 'spot', sure: 0.7, repeat: spacing };
	if (afar) return { hint: 'check', sure: Math.min(0.7, afar.two + 0.1), repeat: spacing };
	const rounds = seen.map((motif) => roundness(motif, 0));
	const [least, lower, upper] = [quantile(rounds, 0.1), quantile(rounds, 0.25), quantile(rounds, 0.75)];
	const mixed = (upper - lower > mixedFrom && lower < someUnround) || least < stalks;
	const grown = one < growsEveryWay && (mixed || (swatches.length > 2 && lower < petals));
	return { hint: grown ? 'floral' : 'busy', sure: grown ? 0.55 : 0.5, repeat: spacing };
}
