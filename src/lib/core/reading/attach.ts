/** Finds for each clause the garment that it speaks of: its own, the one before, or the one after. */
import { moveOf } from '../lexicon/moves';
import { garmentType, slotsMeetOf } from '../lexicon/taxonomy';
import { senseOf, sensesOf, type Clause, type Part } from './clauses';

/** What is said of one garment, in clauses: `own` is the one that names it. */
export interface Group {
	head: Part;
	own: Clause;
	/** In the order of the text, the own clause among them. */
	clauses: Clause[];
	/** Named as a thing that is not worn. */
	denied: boolean;
}

const typeOf = (head: Part) => garmentType(senseOf(head.span, 'type')?.type ?? '');

/** Clauses that go on from one to the next without a full stop. */
const linked = (clause: Clause | undefined) => clause !== undefined && clause.before !== 'stop';

const onlySaid = (clause: Clause) => clause.parts.every(({ role }) => role === 'said');
const saysColour = (clause: Clause) =>
	clause.parts.some(({ span }) => senseOf(span, 'colour') ?? senseOf(span, 'print'));

function fitsMoves(clause: Clause, group: Group): boolean {
	const { slot } = typeOf(group.head);
	return clause.parts
		.filter(({ role }) => role === 'move')
		.every(({ span }) => sensesOf(span, 'move').some(({ move }) => moveOf(move).slots.includes(slot)));
}

function fitsDetails(clause: Clause, group: Group): boolean {
	const { facets } = typeOf(group.head);
	return clause.parts
		.filter(({ role }) => role === 'detail')
		.every(({ span }) => {
			const detail = senseOf(span, 'detail')?.detail;
			return (
				detail !== undefined &&
				(detail.facets.length === 0 || detail.facets.some((facet) => facets.includes(facet)))
			);
		});
}

/** Can every word of the clause be said of the garment? */
function fitsWords(clause: Clause, group: Group): boolean {
	const { facets } = typeOf(group.head);
	return clause.parts
		.filter(({ role }) => role === 'said')
		.every(({ span }) =>
			span.senses.some((sense) => sense.kind !== 'facet' || (sense.free && facets.includes(sense.facet)))
		);
}

/** Index of the clause with a garment that follows in the same sentence, if the clauses up to it only say things. */
function nextHeaded(clauses: readonly Clause[], from: number): number | undefined {
	for (let i = from + 1; i < clauses.length && linked(clauses[i]); i++) if (clauses[i]?.head) return i;
	return undefined;
}

/** Do the clauses from here up to the garment's read as one list of adjectives: "red, white and blue striped"? */
function listsUpTo(clauses: readonly Clause[], from: number, headed: number): boolean {
	const between = clauses.slice(from, headed);
	return (
		clauses[headed]?.before === 'and' &&
		between.every((clause) => onlySaid(clause) && saysColour(clause)) &&
		between.slice(1).every(({ before }) => before === 'comma' || before === 'and')
	);
}

/** Does what is said here go forward to the garment that follows? Otherwise it belongs to the one before. */
function goesForward(clauses: readonly Clause[], at: number, previous: Group | undefined): boolean {
	const clause = clauses[at];
	const headed = nextHeaded(clauses, at);
	if (!clause || headed === undefined) return false;
	if (!previous) return true;
	if (['in', 'with', 'on', 'adjacent', 'as'].includes(clause.before)) return false;
	if (clause.parts.some(({ role }) => role === 'detail' || role === 'move')) return false;
	if (listsUpTo(clauses, at, headed)) return true;
	if (clause.before === 'stop') return true;
	if (clause.before === 'list') return true;
	const startsWithAdjectives = !clauses[0]?.head && clauses[0]?.before !== 'in';
	if (startsWithAdjectives) return true;
	const previousHasColour = previous.clauses.some(saysColour);
	return saysColour(clause) && previousHasColour;
}

/** As many garments back as a clause may reach for the one that it fits: about as many as a look has. */
const reach = 16;

/** The latest garment that the clause can be said of; the latest of all where none fits better. */
function ownerBefore(named: readonly Group[], clause: Clause): Group | undefined {
	return (
		named
			.slice(-reach)
			.findLast(
				(group) => fitsMoves(clause, group) && fitsDetails(clause, group) && fitsWords(clause, group)
			) ?? named.at(-1)
	);
}

/** "hair in a low bun": the second name says which kind the first is. */
function namesKindOf(group: Group | undefined, clause: Clause): boolean {
	if (!group || !clause.head || !['in', 'as', 'comma', 'list'].includes(clause.before)) return false;
	const [general, own] = [typeOf(group.head), typeOf(clause.head)];
	if (!general.general || own.general || general.family !== own.family) return false;
	return (
		clause.before === 'in' || clause.before === 'as' || (own.family === 'hairstyles' && onlyNames(clause))
	);
}
const onlyNames = (clause: Clause) => clause.parts.every(({ role }) => role === 'head' || role === 'said');

export interface Attached {
	groups: Group[];
	/** Clauses that no garment was found for. */
	loose: Clause[];
	/** "worn as a belt": the name of what a garment is turned into, and the garment. */
	turned: { group: Group; target: Part }[];
}

/** Groups clauses by garment. */
export function attach(clauses: readonly Clause[]): Attached {
	const groups: Group[] = [];
	/** Those that are worn. */
	const named: Group[] = [];
	const loose: Clause[] = [];
	const turned: Attached['turned'] = [];
	let waiting: Clause[] = [];
	let wentBack = false;
	clauses.forEach((clause, at) => {
		const previous = named.at(-1);
		if (clause.head && clause.before === 'as' && previous) {
			turned.push({ group: previous, target: clause.head });
			return;
		}
		if (clause.head && namesKindOf(previous, clause) && previous) {
			previous.head = clause.head;
			previous.clauses.push(clause);
			return;
		}
		if (clause.head) {
			const group = { head: clause.head, own: clause, clauses: [...waiting, clause], denied: clause.denied };
			groups.push(group);
			if (!group.denied) named.push(group);
			waiting = [];
			return;
		}
		// "in red and gold, over a kurta": the second of two goes where the first went.
		const follows = wentBack && clause.before === 'and' && !clauses[at - 1]?.head;
		wentBack = follows || !goesForward(clauses, at, previous);
		if (!wentBack) {
			waiting.push(clause);
			return;
		}
		const owner = ownerBefore(named, clause);
		if (owner && clause.both) for (const group of named.slice(-2)) group.clauses.push(clause);
		else if (owner) owner.clauses.push(clause);
		else loose.push(clause);
	});
	return { groups, loose: [...waiting, ...loose], turned };
}

/** Things that are bought and worn to go together, so that one word before both speaks of both. */
const together = new Set(['footwear', 'bags', 'accessories', 'jewellery']);

/** Does what is said of the first garment speak of the second as well: "suede boots and bag"? */
export function shares(first: Group, second: Group): boolean {
	const { own } = second;
	if (own.before !== 'and' || !own.bare || second.clauses.length > 1 || own.parts[0] !== second.head)
		return false;
	const [a, b] = [typeOf(first.head), typeOf(second.head)];
	if (together.has(a.division) && together.has(b.division)) return true;
	const tailored = [a, b].every(({ slot }) => ['layer', 'legs', 'top'].includes(slot));
	return (
		tailored &&
		a.family !== 'jeans' &&
		b.family !== 'jeans' &&
		(a.division === 'layers' || a.division === 'south-asian' || b.family === 'tailored') &&
		!slotsMeetOf(a.id, b.id)
	);
}
