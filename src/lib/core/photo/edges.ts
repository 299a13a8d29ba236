/** The cells of a map of swatches, each by how much of it is not ground, 0..1; −1 where any of it lies outside the region. */
interface Cells {
	shares: Float32Array;
	width: number;
}

/** How much of each cell of a map is not ground, 0..1; −1 where any of it lies outside the region. */
function inCells(map: Int8Array, width: number, size: number): Cells {
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

/** How much edges run one way, and two ways that cross squarely, each 0..1. */
export interface Ways {
	one: number;
	two: number;
}

/**
 * How much the edges between ground and motif run one way, and two ways that cross squarely, each 0..1: the resultants of
 * their doubled and fourfold angles (Mardia & Jupp 2000, "Directional Statistics").
 */
function waysIn({ shares, width }: Cells): Ways {
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
 * How the edges of a print run, pixel by pixel or seen from further off.
 *
 * @param map the swatch of each pixel of a box, −1 outside the region; 0 is the ground
 * @param size of the cells in which it is seen, in pixels
 */
export const edgeWays = (map: Int8Array, width: number, size = 1): Ways => waysIn(inCells(map, width, size));

/** How far it is from one edge between two swatches to the next, in pixels, were they all parallel. */
export function edgeSpacing(map: Int8Array, width: number, region: number): number {
	let edges = 0;
	for (let at = 0; at < map.length; at++) {
		const own = map[at] ?? -1;
		if (own < 0) continue;
		const right = (at + 1) % width === 0 ? -1 : (map[at + 1] ?? -1);
		const below = map[at + width] ?? -1;
		if (right >= 0 && right !== own) edges++;
		if (below >= 0 && below !== own) edges++;
	}
	// An edge that turns every way is counted in steps, 4/π of its length.
	return (2 * region) / Math.max(1, edges * (Math.PI / 4));
}
