/** HiGHS (Huangfu & Hall 2018) as the solver of the budget's programmes. */
import type { Highs } from 'highs';
import type { BinaryProgramme, Solver } from '../../core/budget';

/** The rows of a programme one after another, as HiGHS reads sparse rows. */
function sparseRows({ rows, worth }: BinaryProgramme) {
	const starts = [0];
	const indices: number[] = [];
	const values: number[] = [];
	for (const row of rows) {
		indices.push(...row.columns);
		values.push(...row.values);
		starts.push(indices.length);
	}
	return { format: 'csr' as const, numRows: rows.length, numCols: worth.length, starts, indices, values };
}

/** Solves programmes with HiGHS; throws where it ends with neither a solution nor the proof that there is none. */
export const highsSolver =
	(highs: Highs): Solver =>
	(programme, { gap = 0, start, onBetter }) => {
		const { worth, rows, fixed, sense } = programme;
		if (worth.length === 0) return { state: 'solved', values: [], bound: 0 };
		const { objectiveSense, variableType, modelStatus, callbackType } = highs.constants;
		const bound = (value: number) => (Number.isFinite(value) ? value : Math.sign(value) * highs.infinity);
		const lower = worth.map(() => 0);
		for (const column of fixed) lower[column] = 1;
		const model = highs.createModel({
			numCols: worth.length,
			numRows: rows.length,
			sense: sense === 'most' ? objectiveSense.maximize : objectiveSense.minimize,
			colCost: worth,
			colLower: lower,
			colUpper: worth.map(() => 1),
			rowLower: rows.map((row) => bound(row.lower)),
			rowUpper: rows.map((row) => bound(row.upper)),
			matrix: sparseRows(programme),
			integrality: worth.map(() => variableType.integer)
		});
		try {
			model.options.set({
				output_flag: false,
				mip_rel_gap: gap,
				mip_abs_gap: gap === 0 ? 0 : 1e-6
			});
			if (start) model.setSolution({ colValue: start });
			model.run(
				onBetter && {
					[callbackType.mipImprovingSolution]({ data }) {
						onBetter({ worth: data.mip_primal_bound ?? 0, bound: data.mip_dual_bound ?? 0 });
						return undefined;
					}
				}
			);
			const status = model.getModelStatus();
			// Nothing here is unbounded: presolve that cannot tell has found it infeasible.
			if (status === modelStatus.infeasible || status === modelStatus.unboundedOrInfeasible)
				return { state: 'impossible' };
			const values = Array.from(model.getSolution().colValue, (value) => Math.round(value));
			if (values.length < worth.length) throw new Error(`The solver ended without a choice (${status}).`);
			return { state: 'solved', values, bound: Number(model.info.get('mip_dual_bound')) };
		} finally {
			model.dispose();
		}
	};
