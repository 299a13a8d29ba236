/** What a garment is worn as: "a scarf worn as a belt", "the belt is a scarf". */
import { senseOf } from '../spans/senses';
import { isDoneWith, movesByTarget, type MoveId } from '../../lexicon/moves';
import { garmentType } from '../../lexicon/taxonomy';
import { typeOf, type Group } from '../meaning/owners';
import { type Clause, type Part } from '../meaning/parts';

/** "Worn as a belt": the move that the named thing makes of a garment; undefined where no way of wearing is known for it. */
export function moveTo(target: Part): MoveId | undefined {
	const type = garmentType(senseOf(target.span, 'type')?.type ?? '');
	return movesByTarget.find(
		({ types, families, slots }) =>
			types?.includes(type.id) ?? families?.includes(type.family) ?? slots?.includes(type.slot)
	)?.move;
}

/** "The belt is really a scarf": is what was named by its place, and no more said of it, something else that can be worn there? */
export function isWornAs(group: Group, { before, bare, denied, head }: Clause): boolean {
	const [place, own] = [typeOf(group.head), head && typeOf(head)];
	if (!place?.general || !own || before !== 'is' || bare || denied) return false;
	const move = moveTo(group.head);
	const [only, ...others] = group.clauses;
	const isBareName = group.own.definite && others.length === 0 && only?.parts.length === 1;
	return isBareName && own.family !== place.family && move !== undefined && isDoneWith(move, own);
}
