declare module 'munkres-js' {
	/** Pairs of row and column of the cheapest assignment; each row and column is used at most once. */
	export default function munkres(costs: number[][]): [row: number, column: number][];
}
