/** "One" after a thing of which "a" was said: "a gold earring and a silver one" are two. */
import { sensesOf } from '../spans/senses';
import { garmentType } from '../../lexicon/taxonomy';
import type { Sense, Span } from '../model';
import type { Reached } from './names';
import { type Clause } from '../meaning/parts';
import { spansOf } from '../spans/spans';

const isSingle = ({ single, ofOne }: Clause) => single || ofOne;

/** What "one" is after a name: that kind, and of a name that says a cloth, "a leather jacket", what it is without. */
function kindOfOne(name: Span): readonly Sense[] {
	const types = sensesOf(name, 'type');
	const isOfCloth = types.some(({ type }) => garmentType(type).own.material !== undefined);
	const [plain] = isOfCloth ? spansOf(name.words.at(-1) ?? '') : [];
	const ofPlain = plain ? sensesOf(plain, 'type') : [];
	return ofPlain.length > 0 ? ofPlain : types;
}

/** What "one" names, after "and", "over" or "under" and with "a", as the thing before it; undefined where it goes back to a thing. */
export function anotherOf({ clause, clauses, lastHead }: Reached): readonly Sense[] | undefined {
	const last = clauses.at(-1);
	if (!last || !lastHead || last.head !== lastHead || !isSingle(last) || !isSingle(clause)) return undefined;
	const isAnother =
		['and', 'list'].includes(clause.before) && clause.parts.every(({ role }) => role === 'said');
	return isAnother ? kindOfOne(lastHead.span) : undefined;
}
