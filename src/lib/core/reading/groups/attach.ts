/** Finds for each clause the garment that it speaks of: its own, the one before, or the one after. */
import { isCloth, senseOf, sensesOf } from '../spans/senses';
import { comesInPairs } from '../../lexicon/sides';
import { garmentType, slotsMeetOf, typeSimilarity } from '../../lexicon/taxonomy';
import { dresses } from '../meaning/beside';
import { isToldAnew } from '../meaning/by-cloth';
import {
	goesBack,
	goesForward,
	isColour,
	isInList,
	isThingApart,
	isTwice,
	leadsToName,
	nextHeaded,
	saysOnlyColour,
	saysTwice
} from '../meaning/forward';
import { isOfSeveral } from '../clauses/listed-colours';
import { goesOverList, leaveOwnColours, listedFrom } from './of-all';
import { besideCloth, hasPartOfCloth, isToldCloth, mayBeOf } from '../meaning/of-cloth';
import { type Clause, type Part, type PartRole } from '../meaning/parts';
import {
	fitsMoves,
	fitsWords,
	type Group,
	isPartOfSet,
	isPartOn,
	lastCalled,
	isUnderLayer,
	kindOfFirst,
	listsBoth,
	listsParts,
	namedAgain,
	saysNone,
	namesKindOf,
	onlySaid,
	ownerBefore,
	saysColour,
	saysNothing,
	typeOf
} from '../meaning/owners';
import { isOfTwo, namedTogether, wornTogether } from './named-together';
import { isParallel } from './parallel';
import { isWornAs } from './turned';

/** "A red button-through, sandals": what is one is none of the things after the comma. */
const isOneBeforeSeveral = (clause: Clause, { head, before, bare }: Clause): boolean =>
	clause.single && before === 'comma' && bare && head !== undefined && isOfSeveral(head.span);

/** "Navy pinstripe, white shirt": two descriptions with a comma between, each with a colour of its own, and the first no list of colours. */
function isOfOwnColour(clause: Clause, next: Clause): boolean {
	const says = ({ kind }: { kind: string }) => kind === 'colour' || kind === 'print';
	const isOfWhole = ({ span }: Part, i: number) =>
		// "Gold-buttoned" is no colour of the whole; "duck-egg" is.
		(span.text.includes('-') ? span.senses.length > 0 && span.senses.every(says) : span.senses.some(says)) &&
		next.parts[i + 1]?.span.hyphenated !== true;
	// "Blue denim" is a cloth, in one word for its colour.
	const endsInColour = clause.parts.slice(-1).some((part) => isColour(part) && !isCloth(part.span));
	return (
		clause.parts.some(isColour) && !endsInColour && next.before === 'comma' && next.parts.some(isOfWhole)
	);
}

/** A colour, a print, a cloth, a metal. */
const saysStuff = (span: Part['span']) => dresses(span) || senseOf(span, 'metal') !== undefined;

/** "Short-sleeved fair isle, grey trousers": a part is said of it that what comes after the comma cannot have. */
function isNoneOfNext(clause: Clause, next: Clause): boolean {
	const type = next.head && typeOf(next.head);
	const hasNot = (part: Part) =>
		sensesOf(part.span, 'facet').some(({ facet }) => facet === 'sleeveLength') &&
		type?.facets.includes('sleeveLength') === false;
	return next.before === 'comma' && saysColour(next) && clause.parts.length > 1 && clause.parts.some(hasNot);
}

/** "Silk worn open over a grey tee", "satin trousers, lace over a slip": the cloth that stands for what is worn over the next. */
function clothOver({ parts }: Clause, next: Clause): Part | undefined {
	const last = parts.findLast(({ span }) => !senseOf(span, 'move'));
	return next.before === 'list' && !next.bare && last?.role === 'said' && isCloth(last.span)
		? last
		: undefined;
}

/** "Everything else", "the rest", "otherwise": what was named is not meant. */
const leavesNamed = new Set(['else', 'rest', 'otherwise']);

export interface Attached {
	groups: Group[];
	/** "worn as a belt": the name of what a garment is turned into, and the garment. */
	turned: { group: Group; target: Part; isLikened?: boolean }[];
}

/** Two cloths, two colours. */
const speaksOfSame = ({ span }: Part, { span: other }: Part): boolean =>
	span.senses.some((sense) =>
		other.senses.some(
			(one) =>
				sense.kind === one.kind &&
				(sense.kind !== 'facet' || (one.kind === 'facet' && sense.facet === one.facet))
		)
	);

/** The words of what is offered as a choice in place of what was said just before: "navy or black". */
function markInstead(clause: Clause, before: Clause | undefined): void {
	const last = before?.parts.at(-1);
	const [first] = clause.parts;
	if (!last || !first || first.role !== 'said' || last.role !== 'said') return;
	if (speaksOfSame(first, last)) first.instead = true;
}

/** As like as this, one knit may be taken for another that is worn over it (similarity of kinds, 0..1; this project's). */
const mayBeTakenFor = 0.35;

/** "A black top, maybe a bodysuit", "an aran (cardigan?)": a name with nothing else said, of which it is not sure, for what has been named. */
function isGuess({ hedged, before, back, parts, head }: Clause, previous: Group | undefined): boolean {
	if (!hedged || !head || parts.length > 1 || before !== 'comma') return false;
	const [own, last] = [typeOf(head), previous && typeOf(previous.head)];
	if (!own || !last) return false;
	return slotsMeetOf(own.id, last.id) || (back && typeSimilarity(last.id, own.id) >= mayBeTakenFor);
}

/** "A satin dress (maybe silk?)": what is asked aside of what was said is offered in its place. */
function markGuess({ hedged, back, parts }: Clause, previous: Group | undefined): void {
	if (!hedged || !back || !previous) return;
	const told = previous.clauses.flatMap((clause) => clause.parts);
	for (const part of parts)
		if (part.role === 'said' && told.some((one) => one.role === 'said' && speaksOfSame(one, part)))
			part.instead = true;
}

/** The group's name names nothing of its own after all. */
function unnamed({ head, own }: Group, role: PartRole): void {
	head.role = role;
	own.head = undefined;
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
	/** All that was said so in any sentence. */
	readonly ofAll = new Set<Clause>();
	/** Clauses of a heading that were taken with it. */
	readonly spent = new Set<Clause>();
	/** A set whose parts are listed after a colon, up to the end of the sentence. */
	listed: Group | undefined;
	/** They stand between brackets: what follows those is none of them. */
	listedAside = false;
	wentBack = false;
	/** "A set: ring, chain and studs in gold": what is said of the last is said of all. */
	inSet = false;
	/** The garment that was spoken of last without being named. */
	lastOwner: Group | undefined;
	/** Garments of this sentence. */
	sentence: Group[] = [];

	constructor(readonly clauses: readonly Clause[]) {}

	take(clause: Clause, at: number): void {
		if (this.spent.has(clause)) return;
		const previous = this.named.at(-1);
		// "The shoes are out of frame": what is said last is said of what was named.
		if (clause.unseen && !clause.head && !clause.thing && previous && clause.before !== 'stop')
			previous.unseen = true;
		if (clause.before === 'stop' || clause.opens) {
			this.sentence = [];
			this.set = [];
			this.listed = undefined;
			this.inSet = false;
		}
		// "Bag: none": what is asked after by its name is not there.
		if (previous && saysNone(clause)) {
			previous.denied = true;
			previous.clauses.push(clause);
			for (const list of [this.named, this.sentence]) list.splice(list.indexOf(previous), 1);
			return;
		}
		if (this.listedAside && clause.before === 'comma' && !clause.back) this.listed = undefined;
		this.inSet ||= clause.set;
		if (clause.before === 'or' && !clause.denied) markInstead(clause, this.clauses[at - 1]);
		if (!clause.head) markGuess(clause, previous);
		const named = clause.head ?? clause.thing;
		const kind = named && kindOfFirst(previous, clause, named);
		if (kind) {
			clause.parts = clause.parts.map((part) => (part === named ? kind : part));
			clause.head = kind;
			clause.thing = undefined;
		}
		if (clause.head) {
			if (clause.before === 'as' && previous && !this.isOfSameColour(clause, clause.head, previous))
				this.turned.push({ group: previous, target: clause.head, isLikened: clause.likened });
			else this.takeNamed(clause, at, clause.head, previous);
		} else if (clause.thing) this.takeStrange(clause, at, clause.thing);
		else this.takeSaid(clause, at, previous);
	}

	/** Does the clause after it say more of what a clause names? */
	goesOn(at: number): boolean {
		const next = this.clauses[at + 1];
		return next !== undefined && !next.head && !next.thing && ['with', 'is'].includes(next.before);
	}

	takeNamed(clause: Clause, at: number, head: Part, before: Group | undefined): void {
		if (!before) this.openUnnamed(head);
		const previous = this.resolve(before, clause, head, at);
		if (previous && namesKindOf(previous, clause)) {
			previous.head = head;
			previous.own = clause;
			previous.clauses.push(...this.waiting, clause);
			this.waiting = [];
			return;
		}
		if (previous && isWornAs(previous, clause)) {
			this.turned.push({ group: previous, target: previous.head });
			previous.head = head;
			previous.own = clause;
			previous.clauses.push(clause);
			return;
		}
		const again = clause.denied
			? undefined
			: namedAgain(this.named, clause, this.goesOn(at), this.clauses[at + 1]);
		if (again) {
			again.clauses.push(...this.waiting, clause);
			this.waiting = [];
			// What follows is said of it.
			for (const list of [this.named, this.sentence]) {
				const before = list.indexOf(again);
				if (before < 0) continue;
				list.splice(before, 1);
				list.push(again);
			}
			return;
		}
		const offered = (clause.before === 'or' || isGuess(clause, previous)) && !clause.denied;
		const chosen = offered && this.waiting.length === 0 ? previous : undefined;
		this.open(clause, head, chosen ? { insteadOf: chosen } : {});
	}

	/** "A column, straight neckline, and long gloves": what was described is no accessory, it has not been named. */
	openUnnamed(next: Part): void {
		const type = typeOf(next);
		const own = this.waiting.find(({ bare, parts }) => !bare && parts.length > 0) ?? this.waiting[0];
		const thing = own?.parts.at(-1);
		if (!type || !own || !thing || !besideCloth.has(type.division)) return;
		if (!this.waiting.some((clause) => hasPartOfCloth(clause, type))) return;
		const { waiting } = this;
		this.waiting = [];
		this.open(own, thing, { strange: true });
		this.groups.at(-1)?.clauses.splice(0, Infinity, ...waiting);
	}

	/**
	 * "The cummerbund is midnight blue like the bow tie": after a colour, what it is like is another thing that is worn, of that colour. Says
	 * whether it is.
	 */
	isOfSameColour(clause: Clause, head: Part, previous: Group): boolean {
		const told = previous.clauses.at(-1);
		const last = told?.parts.at(-1);
		if (!clause.likened || !clause.definite || !told || !last || !isColour(last)) return false;
		if (lastCalled(this.named, (one) => one.head.span, head.span)) return false;
		this.open(clause, head, {});
		this.groups.at(-1)?.clauses.unshift({ ...told, head: undefined, parts: told.parts.filter(isColour) });
		return true;
	}

	/** What was named last turns out to be a part of what is named now, or a set that is made up of it; else it stays. */
	resolve(last: Group | undefined, clause: Clause, head: Part, at: number): Group | undefined {
		if (!last) return undefined;
		const following = this.clauses.slice(at + 1);
		// "A two-piece: a cropped, boxy jacket".
		const labelled = clause.labelled || this.waiting.some((one) => one.labelled);
		if (isPartOn(last, clause, head)) {
			unnamed(last, 'detail');
			this.waiting = [...last.clauses, ...this.waiting];
		} else if (
			listsParts(last, { ...clause, labelled }, following) ||
			listsBoth(last, clause, following[0])
		) {
			unnamed(last, 'again');
			this.listed = last;
			this.listedAside = clause.back;
		} else return last;
		for (const list of [this.groups, this.named, this.sentence]) {
			const at = list.indexOf(last);
			if (at >= 0) list.splice(at, 1);
		}
		return this.named.at(-1);
	}

	sayOfAll(said: Clause): void {
		this.set.push(said);
		this.ofAll.add(said);
	}

	/**
	 * What is said of all that is listed; "denim on denim" is said of two clothes, not of the shirt that is worn under them, and of no belt
	 * or boot; nor is cloth of jewels, of what is clear or of what is told to be of another.
	 */
	ofSet(head: Part, own: Clause): Clause[] {
		const type = typeOf(head);
		if (!type) return this.set;
		if (own.excepted) return [];
		const isBeside = wornTogether.has(type.division);
		return this.set.flatMap((said) => {
			const isOfTwo = isTwice(this.clauses, this.clauses.indexOf(said));
			if (isBeside && isOfTwo) return [];
			const isUnder =
				type.slot === 'top' && this.named.filter(({ clauses }) => clauses.includes(said)).length > 1;
			if (mayBeOf(said, type, own) && !(isOfTwo && isUnder)) return [said];
			return isBeside && !isToldCloth(own, type) ? [] : this.withoutCloth(said);
		});
	}

	/** The rest of what is said of all, for what is of another cloth. */
	withoutCloth(said: Clause): Clause[] {
		// "Amber" is a colour as well.
		const parts = said.parts.filter((part) => isColour(part) || !isCloth(part.span));
		if (parts.length === 0) return [];
		const rest = { ...said, parts };
		this.ofAll.add(rest);
		return [rest];
	}

	/** What was said of the set whose part is named: "a navy suit: double-breasted jacket, wide trousers". */
	ofListed(clause: Clause, head: Part): Clause[] {
		const { listed } = this;
		const [set, own] = [listed && typeOf(listed.head), typeOf(head)];
		if (!listed || !isPartOfSet(set, own)) return [];
		return saysColour(clause) && listed.clauses.some(saysColour) ? [] : listed.clauses;
	}

	open(clause: Clause, head: Part, more: Partial<Group>): void {
		this.lastOwner = undefined;
		const ofListed = this.ofListed(clause, head);
		const group: Group = {
			head,
			own: clause,
			clauses: [...this.ofSet(head, clause), ...ofListed, ...this.waiting, clause],
			isPart: ofListed.length > 0,
			denied: clause.denied,
			unseen: clause.unseen,
			strange: false,
			...more
		};
		this.groups.push(group);
		// What is not there, or cannot be seen, has nothing said of it.
		if (!group.denied && !group.unseen) for (const list of [this.named, this.sentence]) list.push(group);
		this.waiting = [];
	}

	/**
	 * "Knitwear on knitwear: a cardigan, …", "gold jewellery: hoops, …", "knitwear, all in cream: …": a word for all of a kind, with what it is made
	 * of, stands over what is listed after the colon. Its clauses; none where no such list follows.
	 */
	headingFrom(at: number): readonly Clause[] {
		const isOfKind = ({ thing, head, parts }: Clause, i: number) =>
			!head &&
			(thing ? senseOf(thing.span, 'stands-for')?.what === 'things' : i > 0) &&
			parts.every((part) => part === thing || (part.role === 'said' && saysStuff(part.span)));
		const rest = this.clauses.slice(at);
		const next = rest.findIndex((clause, i) => clause.labelled || !isOfKind(clause, i));
		return next > 0 && rest[next]?.labelled === true ? rest.slice(0, next) : [];
	}

	/** "The whole thing is ivory: a waistcoat, trousers": what is said of the look before a colon is said of all that is listed. */
	takeStrange(clause: Clause, at: number, thing: Part): void {
		const heading = this.headingFrom(at);
		for (const one of heading) {
			const parts = one.parts.filter((part) => part !== one.thing);
			if (parts.length > 0) this.sayOfAll({ ...one, thing: undefined, parts });
			this.spent.add(one);
		}
		if (heading.length > 0) return;
		this.open(clause, thing, { strange: true });
		if (senseOf(thing.span, 'stands-for')?.what !== 'look') return;
		let end = at + 1;
		while (end < this.clauses.length && !this.clauses[listedFrom(this.clauses, end - 1)]?.labelled) end++;
		if (end === this.clauses.length) return void this.saysOfAll(clause, at, thing);
		const of = this.clauses.slice(at, end);
		if (of.slice(1).some(({ head, before }) => head ?? !['in', 'is'].includes(before))) return;
		// "The rest is easy: …" says nothing of how each of them is cut.
		if (!of.some(({ parts }) => parts.some(({ span }) => dresses(span)))) return;
		for (const one of of)
			this.sayOfAll({ ...one, thing: undefined, parts: one.parts.filter((part) => part !== thing) });
	}

	/**
	 * "Jeans, boots, a tee, everything black", "head to toe navy": a colour of the look is that of every garment that was named without one, or,
	 * where none was named yet, of those that follow in the sentence. Says whether there was such a colour.
	 */
	saysOfAll(clause: Clause, at: number, thing: Part): boolean {
		const said = { ...clause, thing: undefined, parts: clause.parts.filter((part) => part !== thing) };
		const next = this.clauses[at + 1];
		const goesOn = next && !next.head && !next.thing && ['in', 'is'].includes(next.before) ? next : undefined;
		const ofLook = [said, ...(goesOn ? [goesOn] : [])].find(
			(one) => saysColour(one) && one.parts.every(({ role }) => role === 'said')
		);
		// "Everything else", "the rest" leave what they do not mean open.
		if (!ofLook || thing.span.words.some((word) => leavesNamed.has(word))) return false;
		const ofCloth = this.named.filter(({ head }) => {
			const type = senseOf(head.span, 'type');
			return type && !['beauty', 'jewellery'].includes(garmentType(type.type).division);
		});
		// "Everything is black except the bag" says nothing of that.
		const isBelow = clause.before === 'list' && clause.opens;
		const lists =
			goesOverList(ofLook, this.clauses[at + (ofLook === said ? 1 : 2)]) &&
			(isBelow ? this.sentence : this.named).every(({ strange }) => strange);
		if (lists) this.sayOfAll(ofLook);
		if (lists && ofLook === goesOn) this.spent.add(goesOn);
		// "A coat. Under it everything is navy: …" says nothing of the coat.
		if (lists && isBelow) return true;
		for (const group of ofCloth) if (saysNothing(group)) group.clauses.push(ofLook);
		return true;
	}

	/**
	 * Words that describe something with a last word that could be its name, where what comes next is described for itself: "a black mesh
	 * long-sleeve under a band tee", "cream aran, brown cords".
	 */
	standsAlone(clause: Clause, at: number, previous: Group | undefined): boolean {
		const next = this.clauses[at + 1];
		// "A plaid flannel tied round her waist, grey crop top": what is worn so is a thing, and the next is described for itself.
		const wornSo = clause.parts.at(-1)?.role === 'move' && clause.parts.length > 2;
		if (
			!previous &&
			wornSo &&
			next?.head &&
			next.before === 'comma' &&
			!goesBack({ ...clause, parts: clause.parts.slice(0, -1) })
		)
			return next.parts[0] !== next.head && saysColour(next);
		const last = clause.parts.at(-1);
		const isOfCloth = last !== undefined && isColour(last) && isCloth(last.span);
		if (next?.head && !previous && this.waiting.length === 0 && clothOver(clause, next)) return true;
		if (!next?.head || (clause.parts.length < 2 && !isOfCloth)) return false;
		if (last?.role === 'said' && isOneBeforeSeveral(clause, next)) return true;
		// "Green sequins, black shoes", "navy pinstripe, a white shirt"; with a black lined frobber over a grey dress also where a part of it
		// was spoken of before its last word.
		if (!previous && last?.role === 'said')
			return (
				isOfOwnColour(clause, next) ||
				isNoneOfNext(clause, next) ||
				(next.before === 'list' && !next.bare && this.waiting.length === 0)
			);
		if (!previous || !onlySaid(clause)) return false;
		return (
			clause.before === 'comma' &&
			['comma', 'stop'].includes(next.before) &&
			saysColour(clause) &&
			!clause.parts.slice(-1).some(isColour) &&
			next.parts[0] !== next.head &&
			saysColour(next)
		);
	}

	/** Has nothing been named yet in its sentence? "A column of black: …", "the look is one colour, rust: …". */
	isOpening(at: number): boolean {
		for (let i = at; i >= 0; i--) {
			const one = this.clauses[i];
			if (!one || one.head || (one.thing && senseOf(one.thing.span, 'stands-for')?.what !== 'look'))
				return false;
			if (one.opens || ['start', 'stop'].includes(one.before)) return true;
		}
		return false;
	}

	/** "Belts: one black, one tan": the second of them is a thing of its own, with what was said of all. Says whether it is. */
	isAnotherOne(clause: Clause, at: number, owner: Group): boolean {
		const before = this.clauses[at - 1];
		const [word = '', type] = [owner.head.span.words.at(-1), typeOf(owner.head)];
		// Two socks are one pair, of two colours.
		const isPlural = word.endsWith('s') && !type?.singular.endsWith(word);
		const isSeveral = type !== undefined && !comesInPairs(type.id) && isPlural;
		const isOne = (one: Clause | undefined) =>
			one?.ofOne === true && !one.head && one.parts.length > 0 && onlySaid(one);
		if (!isSeveral || !isOne(clause) || !isOne(before) || !before) return false;
		const { count: _count, ...own } = owner.own;
		const shared = owner.clauses.filter((one) => one !== owner.own && !isOne(one));
		owner.clauses = owner.clauses.map((one) => (one === owner.own ? own : one));
		owner.own = own;
		const other: Group = { ...owner, own, clauses: [own, ...shared, clause] };
		for (const list of [this.groups, this.named, this.sentence]) list.push(other);
		return true;
	}

	/** "A gold and a silver bangle": what is told by its colour alone is the same as what comes after it, and another one. Says whether it is. */
	isOneOfTwo(clause: Clause, at: number): boolean {
		const next = this.clauses[at + 1];
		if (!next?.head || this.waiting.length > 0 || !isParallel(clause, next)) return false;
		this.open(clause, next.head, {});
		return true;
	}

	/**
	 * "A cami, a skirt in black tucked in": the words straight after a name are its own, a way of being worn that it cannot have is that
	 * of what was named before. The two are taken one after the other; undefined where there is nothing to part.
	 */
	partedAtMove(clause: Clause, previous: Group | undefined): [Clause, Clause] | undefined {
		const at = clause.parts.findIndex(({ role }) => role === 'move');
		const words = clause.parts.slice(0, at);
		if (at < 1 || !previous || previous.strange || !['in', 'with'].includes(clause.before)) return undefined;
		if (!words.every(({ role }) => role === 'said') || fitsMoves(clause, previous)) return undefined;
		return [
			{ ...clause, parts: words },
			{ ...clause, before: 'comma', parts: clause.parts.slice(at) }
		];
	}

	/** "A grey tee and an unbuttoned chambray", "a tee under a plaid": the cloth or print that stands for a thing with an article of its own. */
	clothApart({ parts, ...clause }: Clause, previous: Group | undefined, at: number): Part | undefined {
		const next = this.clauses[at + 1];
		const over =
			clause.before === 'comma' && next?.head && previous?.own.parts.some(({ span }) => isCloth(span))
				? clothOver({ parts, ...clause }, next)
				: undefined;
		if (over) return over;
		const last = parts.at(-1);
		if (!previous || last?.role !== 'said') return undefined;
		// "A silver ring with a pearl": a stone is set in it.
		if (clause.before === 'with' && typeOf(previous.head)?.division === 'jewellery') return undefined;
		const isUnder = clause.before === 'list' && clause.single;
		const isBeside =
			['comma', 'and', 'with'].includes(clause.before) && isToldAnew({ parts, ...clause }, previous.own);
		// "Over a white thermal, black boots": what says something that no field has stands for what is so.
		const isNoun = senseOf(last.span, 'note') !== undefined && isThingApart({ parts, ...clause }, next);
		const standsFor = isNoun || senseOf(last.span, 'print') !== undefined;
		const isThing = isCloth(last.span) || (isUnder && standsFor);
		return isThing && (isUnder || isBeside) ? last : undefined;
	}

	takeSaid(clause: Clause, at: number, previous: Group | undefined): void {
		const parted = this.partedAtMove(clause, previous);
		if (parted) {
			for (const one of parted) this.takeSaid(one, at, previous);
			return;
		}
		// "A set in gold: …", "lots of gold: hoops, bangles", "it’s all denim: jacket, shirt".
		// "A column of black: …".
		const ofOpening = this.isOpening(at);
		const lists =
			!clause.ofOne &&
			clause.parts.length > 0 &&
			clause.parts.every(({ role, span }) => role === 'said' && dresses(span)) &&
			(this.clauses[listedFrom(this.clauses, at)]?.labelled
				? clause.all || ofOpening
				: clause.all && ofOpening && goesOverList(clause, this.clauses[at + 1]));
		if ((clause.set || lists) && nextHeaded(this.clauses, at) !== undefined) {
			this.sayOfAll(clause);
			return;
		}
		// "In double denim and boots" names none of the two.
		if (saysTwice(clause)) return;
		if (this.isOneOfTwo(clause, at)) return;
		if (clause.ofStrange && this.waiting.length === 0)
			return this.open(clause, clause.ofStrange, { strange: true });
		if (!leadsToName(this.clauses, at)) {
			const under = clause.parts.at(-1);
			if (under && isUnderLayer(clause, this.named.at(-1)))
				return this.open(clause, under, { strange: true });
			// "A coat over black and white, loafers".
			if (previous?.own.over && previous.strange && clause.before === 'and' && saysOnlyColour(clause))
				return void previous.clauses.push(clause);
		}
		const cloth = this.clothApart(clause, previous, at);
		if (cloth) return this.open(clause, cloth, { strange: true });
		// "in red and gold, over a kurta": the second of two goes where the first went.
		const follows =
			this.wentBack && !this.clauses[at - 1]?.head && (clause.before === 'and' || isInList(this.clauses, at));
		this.wentBack = follows || !goesForward(this.clauses, at, previous);
		const last = clause.parts.at(-1);
		if (!this.wentBack) {
			const thing = clause.parts.findLast(({ role }) => role === 'said') ?? last;
			if (thing && this.standsAlone(clause, at, previous)) this.open(clause, thing, { strange: true });
			else this.waiting.push(clause);
			return;
		}
		const owner = (clause.ofPart && this.lastOwner) ?? ownerBefore(this.named, this.sentence, clause);
		// "Trousers over a chunky platform": what is worn over or under, and is none of it, is a thing of its own.
		if (owner && last && clause.before === 'list' && !clause.bare && !fitsWords(clause, owner))
			return this.open(clause, last, { strange: true });
		this.lastOwner = owner;
		if (owner && this.isAnotherOne(clause, at, owner)) return;
		const ofTwo = clause.both || isOfTwo(clause, this.named.slice(-2));
		const together = ofTwo ? this.named.slice(-2) : namedTogether(this.named, clause);
		if (owner && together.length > 1) for (const group of together) group.clauses.push(clause);
		else if (owner && (clause.all || (this.inSet && onlySaid(clause))))
			for (const group of this.sentence) {
				if (!saysNothing(group) || !fitsWords(clause, group)) continue;
				group.clauses.push(clause);
			}
		else if (owner?.insteadOf) owner.insteadOf.clauses.push(clause);
		else owner?.clauses.push(clause);
	}
}

/** Groups clauses by garment. */
export function attach(clauses: readonly Clause[]): Attached {
	const attacher = new Attacher(clauses);
	clauses.forEach((clause, at) => attacher.take(clause, at));
	const { groups, turned, ofAll } = attacher;
	leaveOwnColours(groups, ofAll);
	return { groups, turned };
}
