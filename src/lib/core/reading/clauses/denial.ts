/** What is said not to be there: "the hat is off", "no belt, bag or hat". */
import type { Clause } from '../meaning/parts';

const away = new Set(['gone', 'off', 'missing', 'nowhere', 'absent']);
/** Do words say that something is not there, or taken off? */
export const isAway = (words: readonly string[]): boolean => words.length === 1 && away.has(words[0] ?? '');

const onlyNames = ({ parts, head, bare }: Clause) => head !== undefined && bare && parts.length === 1;

/** "No belt, bag or hat": a list of bare names that an "or" ends is denied as a whole. */
export function denyLists(clauses: readonly Clause[]): void {
	clauses.forEach((clause, at) => {
		if (!clause.denied || !clause.head) return;
		let last = at + 1;
		while (clauses[last]?.before === 'comma' && onlyNames(clauses[last] as Clause)) last++;
		const end = clauses[last];
		if (end?.before === 'or' && onlyNames(end))
			for (const listed of clauses.slice(at + 1, last + 1)) listed.denied = true;
	});
}
