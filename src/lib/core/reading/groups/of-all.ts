/** What is said of all that is listed: "head to toe grey: a marl hoodie, joggers, white trainers". */
import { isCloth, senseOf } from '../spans/senses';
import { garmentType } from '../../lexicon/taxonomy';
import { isColour, saysOnlyColour } from '../meaning/forward';
import type { Group } from '../meaning/owners';
import { type Clause, type Part } from '../meaning/parts';

const isOfIt = ({ parts }: Clause) => !parts.some(({ role }) => role === 'detail');
const saysItself = (part: Part) => part.role === 'said' && isColour(part);

/** Has it a colour of its own besides what is said of all? A colour of a part of it is none. */
const hasItsOwn = ({ clauses }: Group, ofAll: ReadonlySet<Clause>) =>
	clauses.some((clause) => !ofAll.has(clause) && isOfIt(clause) && clause.parts.some(saysItself));

/** Where what an opening is said of begins to be listed: past what is excepted from it, "all black apart from a red beret: …". */
export function listedFrom(clauses: readonly Clause[], at: number): number {
	let next = at + 1;
	while (clauses[next]?.excepted) next++;
	return next;
}

/** "All in black, a roll neck, jeans", but "all silver, a cuff and studs" of jewels: does such a colour go over the list after the comma? */
export function goesOverList(said: Clause, next: Clause | undefined): boolean {
	const type = next?.head && senseOf(next.head.span, 'type');
	const saysCloth = said.parts.every(
		(part) => saysItself(part) || isCloth(part.span) || senseOf(part.span, 'tone') !== undefined
	);
	if (!next || !type || next.before !== 'comma' || next.excepted || !(saysOnlyColour(said) || saysCloth))
		return false;
	const isOfMetal = said.parts.some(({ span }) => senseOf(span, 'metal') !== undefined);
	return !isOfMetal || garmentType(type.type).division !== 'jewellery';
}

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
