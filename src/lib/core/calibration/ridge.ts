/**
 * Ridge regression towards given weights, none of them negative: the weights w ≥ 0 that make
 * Σ (y − X·w)² + penalty · Σ (w − prior)² least (Hoerl & Kennard 1970, Technometrics 12:55–67, with the shrinkage towards a
 * prior in place of 0). The sum is convex, so going over the weights one by one, each put where it is best while the
 * others stay, ends at its least value (Friedman, Hastie & Tibshirani 2010, J Stat Softw 33(1), § 2).
 *
 * @param rows one list of features for each value of y
 * @param penalty above 0: how much the prior counts
 */
export function ridgeTowards(
	rows: readonly (readonly number[])[],
	y: readonly number[],
	prior: readonly number[],
	penalty: number
): number[] {
	const size = prior.length;
	const gram = Array.from({ length: size }, (_, j) =>
		Array.from({ length: size }, (_, k) => rows.reduce((sum, row) => sum + (row[j] ?? 0) * (row[k] ?? 0), 0))
	);
	const target = Array.from({ length: size }, (_, j) =>
		rows.reduce((sum, row, i) => sum + (row[j] ?? 0) * (y[i] ?? 0), 0)
	);
	const weights = [...prior];
	for (let sweep = 0; sweep < mostSweeps; sweep++) {
		let moved = 0;
		for (let j = 0; j < size; j++) {
			const others = (gram[j] ?? []).reduce(
				(sum, value, k) => sum + (k === j ? 0 : value * (weights[k] ?? 0)),
				0
			);
			const best = ((target[j] ?? 0) - others + penalty * (prior[j] ?? 0)) / ((gram[j]?.[j] ?? 0) + penalty);
			const next = Math.max(0, best);
			moved = Math.max(moved, Math.abs(next - (weights[j] ?? 0)));
			weights[j] = next;
		}
		if (moved < settled) break;
	}
	return weights;
}

/** Weights that move by less than this have come to rest; they get there long before so many sweeps. */
const settled = 1e-10;
const mostSweeps = 200_000;
