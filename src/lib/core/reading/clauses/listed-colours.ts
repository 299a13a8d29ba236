/** Colours of one thing in a list: "a white, navy and red belt", "with a navy and red trim". */
import { senseOf, sensesOf } from '../spans/senses';
import { garmentType, slotsMeetOf } from '../../lexicon/taxonomy';
import { dresses } from '../meaning/beside';
import { isColour } from '../meaning/forward';
import type { Span } from '../model';
import { sayingEnding } from '../words/forms';
import type { Reached } from './names';
import { roleOf } from '../meaning/parts';

/** Is the last name a first one for such a thing? "The shoes are … brogues". */
function isCalledByLast({ lastHead }: Reached, thing: Span): boolean {
	const first = lastHead && senseOf(lastHead.span, 'type');
	return (
		first !== undefined &&
		garmentType(first.type).general &&
		sensesOf(thing, 'type').some(({ type }) => slotsMeetOf(first.type, type))
	);
}

/** Does what is said here stand before a name yet to come? "In black and white and red shoes" only the last colour does. */
function beginsThing(reached: Reached, colourAlone: boolean, thing: Span): boolean {
	const { before, bare, paused, labelled } = reached.clause;
	// "Shoes: navy and cream brogues", "the shoes are navy and cream brogues".
	if (['with', 'start', 'stop'].includes(before) || labelled) return true;
	if (before === 'is') return colourAlone && isCalledByLast(reached, thing);
	return before === 'and'
		? !(bare && colourAlone && !paused)
		: !bare && ['comma', 'list', 'on'].includes(before);
}

/** "With a navy and red trim", "a loose red and white shirt": nothing but the first of its colours, and how it is, has been said of what is to come. */
export function isOfNext(reached: Reached, next: Span | undefined): boolean {
	const { before, parts } = reached.clause;
	const last = parts.at(-1);
	if (!next || !last || parts.some(({ role }) => role !== 'said')) return false;
	const role = roleOf(next);
	return role === 'head'
		? isColour(last) && beginsThing(reached, parts.every(isColour), next)
		: role === 'detail' && before === 'with' && parts.every(({ span }) => dresses(span));
}

/** Does a name speak of several: "boots", "jeans"? */
export const isOfSeveral = ({ words }: Span): boolean => /[^s]s$/.test(words.at(-1) ?? '');

/** "A red frobbin, black bag": a word that nobody knows stands where a name does. */
const endsInStrange = ({ strange, clause }: Reached): boolean =>
	strange?.after === clause.parts.length && !sayingEnding.test(strange.part.span.words.at(-1) ?? '');

/** "With a white, navy and red belt": does the comma before a span part two colours of one thing? */
export const isListOfColours = (reached: Reached, span: Span, next: Span | undefined): boolean =>
	span.breakBefore === 'comma' &&
	!reached.clause.bare &&
	!endsInStrange(reached) &&
	// "An oversized chambray, brown boots".
	!(reached.clause.single && next && isOfSeveral(next)) &&
	(senseOf(span, 'colour') ?? senseOf(span, 'metal')) !== undefined &&
	isOfNext(reached, next);
