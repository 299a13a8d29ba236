/** Which way a clause without a garment goes: to the one before it, or to the one after. */
import { isCloth, senseOf } from '../spans/senses';
import { beginsAnew, type Clause, type Part } from './parts';
import { namesWork } from './work';
import { onlySaid, saysColour, type Group } from './owners';

export const isColour = ({ span }: Part) => senseOf(span, 'colour') !== undefined;

/** "Fern" is a colour first. */
const isPrint = ({ span }: Part) => senseOf(span, 'print') !== undefined && !senseOf(span, 'colour');

/** Clauses that go on from one to the next without a full stop. */
const linked = (clause: Clause | undefined) =>
	clause !== undefined && clause.before !== 'stop' && !clause.opens;

/** Index of the clause with a garment that follows in the same sentence, if the clauses up to it only say things. */
export function nextHeaded(clauses: readonly Clause[], from: number): number | undefined {
	for (let i = from + 1; i < clauses.length && linked(clauses[i]); i++)
		if (clauses[i]?.head ?? clauses[i]?.thing) return i;
	return undefined;
}

/** Do the clauses from here up to the garment's read as one list of adjectives: "red, white and blue striped"? */
function listsUpTo(clauses: readonly Clause[], from: number, headed: number): boolean {
	const between = clauses.slice(from, headed);
	return (
		clauses[headed]?.before === 'and' &&
		clauses[headed].bare &&
		between.every((clause) => onlySaid(clause) && saysColour(clause)) &&
		between.slice(1).every(({ before }) => before === 'comma' || before === 'and')
	);
}

/** "Over red and ivory boots": is what is said here the first of several adjectives of what follows? */
export function leadsToName(clauses: readonly Clause[], at: number): boolean {
	const headed = nextHeaded(clauses, at);
	return headed !== undefined && listsUpTo(clauses, at, headed);
}

/** Parts, ways of wearing and what is worked on the cloth are said of what was named. */
export const goesBack = ({ parts }: Clause) => {
	const last = parts.at(-1);
	return (
		parts.some(({ role }) => role === 'detail' || role === 'move') ||
		(last?.role === 'said' && namesWork(last.span))
	);
};

/** "Denim on denim": one word twice speaks of the look. */
const repeats = (first: Clause | undefined, second: Clause | undefined): boolean =>
	first !== undefined &&
	second?.before === 'on' &&
	first.parts.length === 1 &&
	second.parts.length === 1 &&
	first.parts[0]?.span.words.join(' ') === second.parts[0]?.span.words.join(' ');

/** "Double denim". */
export const saysTwice = (clause: Clause | undefined): boolean =>
	clause?.parts.some(({ span }) => isCloth(span) && span.words[0] === 'double') === true;

/** Is the clause here one of two that say the same on each other? */
export const isTwice = (clauses: readonly Clause[], at: number): boolean =>
	repeats(clauses[at], clauses[at + 1]) || repeats(clauses[at - 1], clauses[at]) || saysTwice(clauses[at]);

/** "Red, silk, a dress": before a name stands what is said of it; in "a red and white dress" it is a part of the name's own clause. */
function startsWithAdjectives(clauses: readonly Clause[]): boolean {
	const [first] = clauses;
	if (!first || first.head || first.thing || first.before === 'in') return false;
	const headed = nextHeaded(clauses, 0) ?? 0;
	const { before, bare = false } = clauses[headed] ?? {};
	return !(before === 'and' && bare && clauses.slice(0, headed).every(onlySaid));
}

/** Does what is said here go forward to the garment that follows? Otherwise it belongs to the one before. */
export function goesForward(clauses: readonly Clause[], at: number, previous: Group | undefined): boolean {
	const clause = clauses[at];
	const next = clauses[at + 1];
	// "A silver buckle on the belt"; "silver boots, glitter on the eyes".
	const placed =
		clause !== undefined &&
		beginsAnew(clause) &&
		next?.definite === true &&
		clause.parts.length > 0 &&
		onlySaid(clause);
	if (next?.head && next.before === 'on' && (placed || clause?.parts.at(-1)?.role === 'detail')) return true;
	const headed = nextHeaded(clauses, at);
	if (!clause || headed === undefined) return false;
	if (headed === at + 1 && isOfNextName(clause, clauses[headed])) return true;
	// "Tucked into them is a silk blouse".
	const movesNext =
		headed === at + 1 &&
		next?.before === 'is' &&
		!next.definite &&
		clause.parts.every(({ role }) => role === 'move');
	if (movesNext && clause.parts.length > 0 && clause.before !== 'is') return true;
	// "In all black except for white socks", "sporty in navy, white trainers" speak of the look.
	const described = clauses[headed];
	// "Denim on denim, cowboy boots".
	if (!previous && isTwice(clauses, at) && described?.before === 'comma' && !described.labelled) return false;
	const ofLook = (clause.all || clause.before === 'in') && described?.before === 'comma';
	// "All in black but the socks are red".
	const told = clauses[headed + 1];
	const hasItsOwn = described?.parts.some(isColour) || (told?.before === 'is' && told.parts.some(isColour));
	if (!previous) return !(ofLook && clause.parts.some(isColour) && hasItsOwn);
	// "A grey suit, a flash of red at the foot, pointed flats": so much of a colour may be of what follows.
	const mayBeOfNext = beginsAnew(clause) && !clauses[headed]?.parts.some(isColour);
	const goesOn = ['in', 'with', 'on', 'adjacent', 'as', 'is'].includes(clause.before) && !mayBeOfNext;
	if (clause.back || clause.all || goesOn) return false;
	if (goesBack(clause)) return false;
	// "Two belts, one black, one tan, jeans", "one red glove and one black, a green cape".
	if (clause.ofOne && clauses[at - 1]?.ofOne) return false;
	// "Peacock blue with cranes", "open over a white tee": what is worn with it or under it is another thing.
	if (['with', 'list', 'as'].includes(clauses[headed]?.before ?? '')) return false;
	// "A dress, black, and white shoes": the comma before "and" ends what is said of the first, which has no colour yet.
	const endsHere = headed === at + 1 && described?.before === 'and' && described.paused;
	// "A bandana round her neck, red, and boots".
	const named = isPlaceAlone(clauses[at - 1]) ? clauses[at - 2] : clauses[at - 1];
	if (endsHere && named?.head && saysOnlyColour(clause) && !previous.clauses.some(saysColour)) return false;
	if (listsUpTo(clauses, at, headed)) return true;
	if (isListedAfterName(clauses, at, headed)) return false;
	// "The sari is tied high. White cotton with a red border, a red blouse": what has an article and a colour of its own takes none from before.
	const isOfLast = clause.parts.some(isColour) && !previous.clauses.some(saysColour);
	const hasOwnToo = described && !described.bare && !described.definite && described.parts.some(isColour);
	if (clause.before === 'stop') return !(isOfLast && hasOwnToo);
	// "Over a platform, and a mint blouse": what has an article of its own takes nothing that was said before it.
	if (clause.before === 'list') return !isThingApart(clause, described) && (described?.bare ?? true);
	if (startsWithAdjectives(clauses)) return true;
	// "…, blue and white, belted, canvas shoes": where more is said of the garment before, this was said of it too.
	if (clauses.slice(at + 1, headed).some(goesBack)) return false;
	// "A blue flash of eyeshadow", "a red pair of boots".
	const isMeasure = headed === at + 1 && described?.ofWhole === true && !clause.bare && onlySaid(clause);
	if (isMeasure && ['and', 'comma'].includes(clause.before)) return true;
	// "Jacket: navy, striped, boots: tan": what comes next begins its own entry.
	if (clauses[headed + 1]?.labelled) return false;
	// "A striped shirt, blue and white", "a blue shirt, striped": what is still wanting of the one before is said of that.
	return [isColour, isPrint].some(
		(says) => clause.parts.some(says) && previous.clauses.some(({ parts }) => parts.some(says))
	);
}

/** "Over a white thermal, black boots": with an article and a colour, before a name that has a colour of its own. */
export const isThingApart = (clause: Clause, next: Clause | undefined): boolean =>
	clause.single && clause.parts.some(isColour) && next?.before === 'comma' && next.parts.some(isColour);

/** "A shirt red and black, jeans", "red, white and blue, jeans": one of several colours that stand straight after a name, before a comma. */
function isListedAfterName(clauses: readonly Clause[], at: number, headed: number): boolean {
	const [clause, named] = [clauses[at], clauses[at - 1]];
	const first = named?.parts.at(-1);
	if (!clause || !named?.head || !first || first === named.head || !isColour(first)) return false;
	const listed = clauses.slice(at, headed);
	const isOne = ({ bare, paused }: Clause) => bare && !paused;
	return (
		clauses[headed]?.before === 'comma' &&
		listed.at(-1)?.before === 'and' &&
		listed.slice(0, -1).every(({ before }) => before === 'comma') &&
		listed.every((one) => saysOnlyColour(one) && isOne(one))
	);
}

/** "A cropped, boxy jacket": how one thing is, up to the comma, with its article and no name before the next. */
function isOfNextName(clause: Clause, next: Clause | undefined): boolean {
	const last = clause.parts.at(-1);
	return (
		clause.single &&
		!clause.back &&
		['comma', 'start', 'stop'].includes(clause.before) &&
		onlySaid(clause) &&
		last !== undefined &&
		!(isColour(last) || isPrint(last) || isCloth(last.span)) &&
		next?.head !== undefined &&
		next.before === 'comma' &&
		next.bare &&
		next.parts[0] !== next.head &&
		!next.head.span.text.endsWith('s')
	);
}

/** "Round her neck": a place and nothing else, of what was named before. */
const isPlaceAlone = (clause: Clause | undefined): boolean =>
	clause !== undefined &&
	!clause.head &&
	clause.parts.length > 0 &&
	clause.parts.every(({ role }) => role === 'detail' || role === 'move');

export const saysOnlyColour = (clause: Clause | undefined): boolean =>
	clause !== undefined && clause.parts.length > 0 && onlySaid(clause) && saysColour(clause);

/** "In red, white and navy, cream jeans": the middle of a list of colours that a last one ends. */
export function isInList(clauses: readonly Clause[], at: number): boolean {
	if (!saysOnlyColour(clauses[at - 1])) return false;
	let last = at;
	while (clauses[last + 1]?.before === 'comma' && saysOnlyColour(clauses[last + 1])) last++;
	return (
		clauses[at]?.before === 'comma' &&
		saysOnlyColour(clauses[at]) &&
		clauses[last + 1]?.before === 'and' &&
		saysOnlyColour(clauses[last + 1])
	);
}
