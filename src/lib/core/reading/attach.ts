/** Finds for each clause the garment that it speaks of: its own, the one before, or the one after. */
import { moveOf } from '../lexicon/moves';
import { printScaleWords } from '../lexicon/prints';
import { garmentType, slotsMeetOf, type GarmentType } from '../lexicon/taxonomy';
import { senseOf, sensesOf, type Clause, type Part } from './clauses';

/** What is said of one garment, in clauses: `own` is the one that names it. */
export interface Group {
	head: Part;
	own: Clause;
	/** In the order of the text, the own clause among them. */
	clauses: Clause[];
	/** Named as a thing that is not worn. */
	denied: boolean;
	/** Named as a thing that cannot be seen. */
	unseen: boolean;
	/** Its name is not known, or stands for the look as a whole. */
	strange: boolean;
	/** Offered in place of this one: "loafers or brogues". */
	insteadOf?: Group;
}

/** The type that a name means; undefined where the name is not known. */
function typeOf(head: Part): GarmentType | undefined {
	const type = senseOf(head.span, 'type')?.type;
	return type === undefined ? undefined : garmentType(type);
}

/** Clauses that go on from one to the next without a full stop. */
const linked = (clause: Clause | undefined) => clause !== undefined && clause.before !== 'stop';

const onlySaid = (clause: Clause) => clause.parts.every(({ role }) => role === 'said');
const saysColour = (clause: Clause) =>
	clause.parts.some(({ span }) => senseOf(span, 'colour') ?? senseOf(span, 'print'));

function fitsMoves(clause: Clause, group: Group): boolean {
	const type = typeOf(group.head);
	if (!type) return true;
	return clause.parts
		.filter(({ role }) => role === 'move')
		.every(({ span }) => sensesOf(span, 'move').some(({ move }) => moveOf(move).slots.includes(type.slot)));
}

function fitsDetails(clause: Clause, group: Group): boolean {
	const type = typeOf(group.head);
	if (!type) return true;
	return clause.parts
		.filter(({ role }) => role === 'detail')
		.every(({ span }) => {
			const detail = senseOf(span, 'detail')?.detail;
			return (
				detail !== undefined &&
				(detail.facets.length === 0 || detail.facets.some((facet) => type.facets.includes(facet)))
			);
		});
}

/** Can every word of the clause be said of the garment? */
function fitsWords(clause: Clause, group: Group): boolean {
	const type = typeOf(group.head);
	if (!type) return true;
	return clause.parts
		.filter(({ role }) => role === 'said')
		.every(
			({ span }) =>
				span.senses.some(
					(sense) => sense.kind !== 'facet' || (sense.free && type.facets.includes(sense.facet))
				) || printScaleWords[span.words.join(' ')] !== undefined
		);
}

/** Index of the clause with a garment that follows in the same sentence, if the clauses up to it only say things. */
function nextHeaded(clauses: readonly Clause[], from: number): number | undefined {
	for (let i = from + 1; i < clauses.length && linked(clauses[i]); i++)
		if (clauses[i]?.head ?? clauses[i]?.thing) return i;
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
	const next = clauses[at + 1];
	// "A silver buckle on the belt".
	if (next?.head && next.before === 'on' && clause?.parts.at(-1)?.role === 'detail') return true;
	const headed = nextHeaded(clauses, at);
	if (!clause || headed === undefined) return false;
	if (!previous) return true;
	if (clause.back || clause.all || ['in', 'with', 'on', 'adjacent', 'as', 'is'].includes(clause.before))
		return false;
	if (clause.parts.some(({ role }) => role === 'detail' || role === 'move')) return false;
	if (listsUpTo(clauses, at, headed)) return true;
	if (clause.before === 'stop') return true;
	if (clause.before === 'list') return true;
	const startsWithAdjectives = !clauses[0]?.head && !clauses[0]?.thing && clauses[0]?.before !== 'in';
	if (startsWithAdjectives) return true;
	const previousHasColour = previous.clauses.some(saysColour);
	return saysColour(clause) && previousHasColour;
}

/** As many garments back as a clause may reach for the one that it fits: about as many as a look has. */
const reach = 16;

/** The latest garment that the clause can be said of; the latest of all where none fits better. */
function ownerBefore(named: readonly Group[], sentence: readonly Group[], clause: Clause): Group | undefined {
	const last = named.at(-1);
	// What is not known takes all that is said after it; "is" and "one" speak of what was named last.
	if (last?.strange || clause.back || clause.before === 'is') return last;
	// Words straight after a name speak of it; only a part or a move that it cannot have is looked for further back.
	const onlyWords = onlySaid(clause) && ['with', 'in', 'on', 'adjacent'].includes(clause.before);
	if (onlyWords) return last;
	return (
		(sentence.length > 0 ? sentence : named)
			.slice(-reach)
			.findLast(
				(group) =>
					!group.strange && fitsMoves(clause, group) && fitsDetails(clause, group) && fitsWords(clause, group)
			) ?? last
	);
}

const onlyNames = (clause: Clause) => clause.parts.every(({ role }) => role === 'head' || role === 'said');

/** "hair in a low bun", "her shoes are black loafers": the second name says which kind the first is. */
function namesKindOf(group: Group | undefined, clause: Clause): boolean {
	if (!group || !clause.head) return false;
	const [general, own] = [typeOf(group.head), typeOf(clause.head)];
	if (!general || !own) return false;
	// "The top is an ivory blouse": a general name takes any kind that is worn there.
	if (clause.before === 'is' && general.general && !own.general && slotsMeetOf(general.id, own.id))
		return true;
	if (general.family !== own.family) return false;
	if (own.family === 'hairstyles' && clause.before === 'in') return true;
	if (clause.before === 'is') return own.general ? general === own : true;
	if (!general.general || own.general) return false;
	if (clause.before === 'in' || clause.before === 'as') return true;
	if (!['comma', 'list'].includes(clause.before)) return false;
	if (own.family === 'hairstyles') return onlyNames(clause);
	// "Her hat: a green beret", "earrings, emerald drops".
	const bareName = group.clauses.every(({ parts }) => parts.length <= 1);
	return onlyNames(clause) && (group.own.definite || group.own.bare) && !clause.definite && bareName;
}
const saysNothing = ({ clauses }: Group) => !clauses.some(saysColour);

/** Families of things that are made of two parts, each with a name of its own. */
const sets = new Set(['suits', 'skirt-suits', 'co-ords', 'skirt-sets', 'kurta-sets', 'lehenga-sets']);

/** "The jacket has …", some sentences on: the garment that was named before, if it is the only one that can be meant. */
function namedAgain(named: readonly Group[], clause: Clause): Group | undefined {
	if (!clause.head || !clause.definite) return undefined;
	const own = typeOf(clause.head);
	const word = clause.head.span.words.at(-1);
	if (!own) return undefined;
	const meant = named.filter(({ head }) => {
		const type = typeOf(head);
		if (!type) return false;
		const calls = own.general && own.family === type.family;
		// "A pink suit: the jacket …, the trousers …" speak of its parts.
		if (sets.has(type.family)) return own.general && slotsMeetOf(type.id, own.id);
		const sameWord = head.span.words.at(-1) === word && slotsMeetOf(type.id, own.id);
		return type === own || calls || sameWord;
	});
	const [group] = meant;
	if (!group || meant.length > 1) return undefined;
	// "a red dress … the blue dress" are two.
	return clause.parts.some(({ span, role }) => role === 'said' && senseOf(span, 'colour')) &&
		group.clauses.some(saysColour)
		? undefined
		: group;
}

export interface Attached {
	groups: Group[];
	/** "worn as a belt": the name of what a garment is turned into, and the garment. */
	turned: { group: Group; target: Part }[];
}

/** The words of what is offered as a choice in place of what was said just before: "navy or black". */
function markInstead(clause: Clause, before: Clause | undefined): void {
	const last = before?.parts.at(-1);
	const [first] = clause.parts;
	if (!last || !first || first.role !== 'said' || last.role !== 'said') return;
	const speaksOfSame = first.span.senses.some((sense) =>
		last.span.senses.some(
			(other) =>
				sense.kind === other.kind &&
				(sense.kind !== 'facet' || (other.kind === 'facet' && sense.facet === other.facet))
		)
	);
	if (speaksOfSame) first.instead = true;
}

/** Groups clauses by garment, going through them once in their order. */
class Attacher {
	readonly groups: Group[] = [];
	/** Those that are worn. */
	readonly named: Group[] = [];
	readonly turned: Attached['turned'] = [];
	waiting: Clause[] = [];
	/** Said of all that is listed up to the end of the sentence. */
	set: Clause[] = [];
	wentBack = false;
	/** The garment that was spoken of last without being named. */
	lastOwner: Group | undefined;
	/** Garments of this sentence. */
	sentence: Group[] = [];

	constructor(readonly clauses: readonly Clause[]) {}

	take(clause: Clause, at: number): void {
		const previous = this.named.at(-1);
		// "The shoes are out of frame": what is said last is said of what was named.
		if (clause.unseen && !clause.head && !clause.thing && previous && clause.before !== 'stop')
			previous.unseen = true;
		if (clause.before === 'stop') {
			this.sentence = [];
			this.set = [];
		}
		if (clause.before === 'or' && !clause.denied) markInstead(clause, this.clauses[at - 1]);
		if (clause.head) {
			if (clause.before === 'as' && previous) this.turned.push({ group: previous, target: clause.head });
			else this.takeNamed(clause, clause.head, previous);
		} else if (clause.thing) this.open(clause, clause.thing, { strange: true });
		else this.takeSaid(clause, at, previous);
	}

	takeNamed(clause: Clause, head: Part, previous: Group | undefined): void {
		if (previous && namesKindOf(previous, clause)) {
			previous.head = head;
			previous.clauses.push(...this.waiting, clause);
			this.waiting = [];
			return;
		}
		const again = clause.denied ? undefined : namedAgain(this.named, clause);
		if (again) {
			again.clauses.push(...this.waiting, clause);
			this.waiting = [];
			// What follows is said of it.
			this.named.splice(this.named.indexOf(again), 1);
			this.named.push(again);
			return;
		}
		const chosen =
			clause.before === 'or' && !clause.denied && this.waiting.length === 0 ? previous : undefined;
		this.open(clause, head, chosen ? { insteadOf: chosen } : {});
	}

	open(clause: Clause, head: Part, more: Partial<Group>): void {
		this.lastOwner = undefined;
		const group: Group = {
			head,
			own: clause,
			clauses: [...this.set, ...this.waiting, clause],
			denied: clause.denied,
			unseen: clause.unseen,
			strange: false,
			...more
		};
		this.groups.push(group);
		if (!group.denied) this.named.push(group);
		if (!group.denied) this.sentence.push(group);
		this.waiting = [];
	}

	takeSaid(clause: Clause, at: number, previous: Group | undefined): void {
		if (clause.set && nextHeaded(this.clauses, at) !== undefined) {
			this.set.push(clause);
			return;
		}
		// "in red and gold, over a kurta": the second of two goes where the first went.
		const follows = this.wentBack && clause.before === 'and' && !this.clauses[at - 1]?.head;
		this.wentBack = follows || !goesForward(this.clauses, at, previous);
		if (!this.wentBack) {
			this.waiting.push(clause);
			return;
		}
		const owner = (clause.ofPart && this.lastOwner) ?? ownerBefore(this.named, this.sentence, clause);
		this.lastOwner = owner;
		if (owner && clause.both) for (const group of this.named.slice(-2)) group.clauses.push(clause);
		else if (owner && clause.all)
			for (const group of this.sentence) {
				if (!saysNothing(group) || !fitsWords(clause, group)) continue;
				group.clauses.push(clause);
			}
		else owner?.clauses.push(clause);
	}
}

/** Groups clauses by garment. */
export function attach(clauses: readonly Clause[]): Attached {
	const attacher = new Attacher(clauses);
	clauses.forEach((clause, at) => attacher.take(clause, at));
	const { groups, turned } = attacher;
	return { groups, turned };
}

/** Things that are bought and worn to go together, so that one word before both speaks of both. */
const together = new Set(['footwear', 'bags', 'accessories', 'jewellery']);

/** Does what is said of the first garment speak of the second as well: "suede boots and bag"? */
export function shares(first: Group, second: Group): boolean {
	const { own } = second;
	if (
		own.before !== 'and' ||
		own.paused ||
		!own.bare ||
		second.clauses.length > 1 ||
		own.parts[0] !== second.head
	)
		return false;
	const [a, b] = [typeOf(first.head), typeOf(second.head)];
	if (!a || !b) return false;
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
