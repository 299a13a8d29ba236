/** The same look for less: what is nearer, cheaper or both beside a thing. */

/** How close a thing comes (0..1), and what it costs in the smallest unit of one currency. */
export interface Valued {
	closeness: number;
	minor: number;
}

/**
 * Of several things those that are nearer or cheaper than one, each the best of its kind: none of them is beaten by another in both
 * (the Pareto set). The cheapest first.
 */
export function nearerOrCheaper<T>(things: readonly T[], valued: (thing: T) => Valued, than: Valued): T[] {
	const all = things.map((thing) => ({ thing, ...valued(thing) }));
	const beats = (a: Valued, b: Valued) =>
		a.closeness >= b.closeness && a.minor <= b.minor && (a.closeness > b.closeness || a.minor < b.minor);
	return all
		.filter(
			(one) =>
				(one.closeness > than.closeness || one.minor < than.minor) &&
				!beats(than, one) &&
				!all.some((other) => beats(other, one))
		)
		.sort((a, b) => a.minor - b.minor || b.closeness - a.closeness)
		.map(({ thing }) => thing);
}
