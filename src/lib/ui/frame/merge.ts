/** Two versions of a record that grew from one: what can be joined without asking, and what must be chosen. */

/** Fields that are no one's to choose: they say which record it is, and how often it was written. */
const own = ['id', 'rev'];

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

export interface Merged<T> {
	/** What was typed, with all that was changed elsewhere only. */
	merged: T;
	/** Fields that were changed in both. */
	disputed: (keyof T & string)[];
}

/**
 * Joins what was typed with what was stored meanwhile, field by field: a field that only one of them changed is taken from
 * that one. Disputed fields keep what was typed.
 *
 * @param base what both began with
 */
export function merge<T extends object>(base: T, mine: T, theirs: T): Merged<T> {
	const merged = { ...mine };
	const disputed: (keyof T & string)[] = [];
	for (const key of new Set([...Object.keys(mine), ...Object.keys(theirs)]) as Set<keyof T & string>) {
		if (own.includes(key)) {
			merged[key] = theirs[key];
			continue;
		}
		if (same(mine[key], theirs[key])) continue;
		if (same(mine[key], base[key])) merged[key] = theirs[key];
		else if (!same(theirs[key], base[key])) disputed.push(key);
	}
	return { merged, disputed };
}
