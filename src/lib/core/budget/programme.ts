/** Yes-or-no programmes: what a solver of mixed-integer programmes is given, and what it answers. */

/** A linear condition on columns: lower ≤ the sum of values times columns ≤ upper. */
export interface Row {
	lower: number;
	upper: number;
	columns: number[];
	values: number[];
}

/** Every column is 0 or 1. */
export interface BinaryProgramme {
	sense: 'most' | 'least';
	/** What each column is worth, or costs. */
	worth: number[];
	/** Columns that are 1 in any case. */
	fixed: number[];
	rows: Row[];
}

export interface SolverOptions {
	/** A solution this near to the best, as a share of it, is good enough; 0 by default. */
	gap?: number;
	/** A solution to begin from. */
	start?: readonly number[];
	/** Hears of each better solution, and of how good any could be at most. */
	onBetter?: (found: { worth: number; bound: number }) => void;
}

export type SolverAnswer =
	| {
			state: 'solved';
			/** 0 or 1 a column. */ values: number[];
			/** No solution is better than this. */ bound: number;
	  }
	| { state: 'impossible' };

/** Solves a programme; throws where it ends without a solution for another reason than that there is none. */
export type Solver = (
	programme: BinaryProgramme,
	options: SolverOptions
) => SolverAnswer | Promise<SolverAnswer>;

/** A column with what it is multiplied by. */
export type Term = readonly [column: number, value: number];

/** A row of terms. */
export const rowOf = (terms: readonly Term[], lower: number, upper: number): Row => ({
	lower,
	upper,
	columns: terms.map(([column]) => column),
	values: terms.map(([, value]) => value)
});

/** Builds a programme a column and a row at a time. */
export function programmeBuilder() {
	const worth: number[] = [];
	const fixed: number[] = [];
	const rows: Row[] = [];
	const row = (terms: readonly Term[], lower: number, upper: number) => {
		if (terms.length > 0) rows.push(rowOf(terms, lower, upper));
	};
	return {
		/** Adds a column and gives its number. */
		column(value = 0, isFixed = false): number {
			worth.push(value);
			if (isFixed) fixed.push(worth.length - 1);
			return worth.length - 1;
		},
		row,
		/** At most so many of these columns are 1. */
		atMost: (most: number, columns: readonly number[]) =>
			row(
				columns.map((column): Term => [column, 1]),
				-Infinity,
				most
			),
		/** At most one of the first columns is 1, and only where the last one is. */
		onlyIf: (columns: readonly number[], condition: number) =>
			row([...columns.map((column): Term => [column, 1]), [condition, -1]], -Infinity, 0),
		built: (): BinaryProgramme => ({ sense: 'most', worth, fixed, rows })
	};
}
