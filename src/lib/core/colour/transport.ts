/**
 * The cheapest way to carry the weights of one set onto another: the earth mover's distance of two small
 * signatures (Rubner, Tomasi & Guibas 1998). Exact, by successive shortest augmenting paths; meant for
 * palettes, so at most a handful of entries a side.
 *
 * @param supply weights of the first set, all ≥ 0
 * @param demand weights of the second set, all ≥ 0, of the same total (within 1e-9)
 * @param cost `cost(i, j)` of carrying one unit from supply i to demand j, ≥ 0
 * @returns the total cost of the best transport
 */
export function transportCost(
	supply: readonly number[],
	demand: readonly number[],
	cost: (i: number, j: number) => number
): number {
	const rows = supply.length;
	const columns = demand.length;
	const sink = rows + columns + 1;
	const left = [...supply];
	const wanted = [...demand];
	const flow = supply.map(() => demand.map(() => 0));
	const costs = supply.map((_, i) => demand.map((_, j) => cost(i, j)));
	let total = 0;

	for (;;) {
		// Bellman–Ford over source (0), supplies (1…), demands and sink: residual arcs may have negative cost.
		const distance = new Array<number>(sink + 1).fill(Infinity);
		const before = new Array<number>(sink + 1).fill(-1);
		distance[0] = 0;
		const relax = (from: number, to: number, arc: number) => {
			const candidate = (distance[from] ?? Infinity) + arc;
			if (candidate < (distance[to] ?? Infinity) - 1e-12) {
				distance[to] = candidate;
				before[to] = from;
				return true;
			}
			return false;
		};
		for (let round = 0, changed = true; changed && round <= sink; round++) {
			changed = false;
			for (let i = 0; i < rows; i++) {
				if ((left[i] ?? 0) > 1e-12) changed = relax(0, 1 + i, 0) || changed;
				for (let j = 0; j < columns; j++) {
					changed = relax(1 + i, 1 + rows + j, costs[i]?.[j] ?? 0) || changed;
					if ((flow[i]?.[j] ?? 0) > 1e-12)
						changed = relax(1 + rows + j, 1 + i, -(costs[i]?.[j] ?? 0)) || changed;
				}
			}
			for (let j = 0; j < columns; j++)
				if ((wanted[j] ?? 0) > 1e-12) changed = relax(1 + rows + j, sink, 0) || changed;
		}
		if (!Number.isFinite(distance[sink] ?? Infinity)) return total;

		const path: number[] = [];
		for (let node = sink; node !== 0; node = before[node] ?? 0) path.unshift(node);
		const first = (path[0] ?? 1) - 1;
		const last = (path[path.length - 2] ?? 0) - 1 - rows;
		let amount = Math.min(left[first] ?? 0, wanted[last] ?? 0);
		for (let k = 0; k + 2 < path.length; k++) {
			const from = path[k] ?? 0;
			const to = path[k + 1] ?? 0;
			if (from > rows) amount = Math.min(amount, flow[to - 1]?.[from - 1 - rows] ?? 0);
		}
		for (let k = 0; k + 2 < path.length; k++) {
			const from = path[k] ?? 0;
			const to = path[k + 1] ?? 0;
			const row = flow[from > rows ? to - 1 : from - 1];
			const column = (from > rows ? from : to) - 1 - rows;
			if (row) row[column] = (row[column] ?? 0) + (from > rows ? -amount : amount);
		}
		left[first] = (left[first] ?? 0) - amount;
		wanted[last] = (wanted[last] ?? 0) - amount;
		total += amount * (distance[sink] ?? 0);
	}
}
