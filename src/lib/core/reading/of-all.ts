/** What is said of all that is listed: "head to toe grey: a marl hoodie, joggers, white trainers". */
import { isColour } from './forward';
import type { Group } from './owners';
import type { Clause, Part } from './parts';

const isOfIt = ({ parts }: Clause) => !parts.some(({ role }) => role === 'detail');
const saysItself = (part: Part) => part.role === 'said' && isColour(part);

/** Has it a colour of its own besides what is said of all? A colour of a part of it is none. */
const hasItsOwn = ({ clauses }: Group, ofAll: ReadonlySet<Clause>) =>
	clauses.some((clause) => !ofAll.has(clause) && isOfIt(clause) && clause.parts.some(saysItself));

/**
 * Where a colour is said of all that is listed and one of them has its own, that one has its own alone: it keeps what else is said of
 * all. A colour that each has its own instead of is said of no garment, and marked so.
 */
export function leaveOwnColours(groups: readonly Group[], ofAll: ReadonlySet<Clause>): void {
	for (const said of ofAll) {
		const rest = { ...said, parts: said.parts.filter((part) => !saysItself(part)) };
		for (const group of groups.filter((one) => hasItsOwn(one, ofAll)))
			group.clauses = group.clauses.map((clause) => (clause === said ? rest : clause));
	}
}
