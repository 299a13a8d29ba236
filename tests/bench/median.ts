/** The middle one of several figures, the upper of two; NaN of none. */
export const median = (values: readonly number[]): number =>
	[...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? NaN;
