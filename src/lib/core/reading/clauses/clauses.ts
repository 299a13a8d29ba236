/** Parts a reading into clauses: at most one garment each, with the words that surround it. */
import { isCloth, alsoSaid, partSpan, senseOf, sensesOf } from '../spans/senses';
import { patternPart } from '../../lexicon/details';
import { onBothSides } from '../../lexicon/reading-words';
import { garmentType } from '../../lexicon/taxonomy';
import type { TypeId } from '../../lexicon/types';
import type { Span } from '../model';
import {
	freshClause,
	isPartOf,
	roleOf,
	saysOfPart,
	withItsPart,
	type Clause,
	type Part,
	type PartRole
} from '../meaning/parts';
import { articles, definites, indefinites } from '../words/glue';
import { followsPart, isToldAfter, saysHowPartIs, saysWithPart, type SpanAfter } from './after-part';
import {
	type Ahead,
	aheadOf,
	hasOwnColour,
	isColoured,
	isMadeApart,
	mayColour,
	namedByCloth,
	namesByCut
} from '../meaning/by-cloth';
import { notWorn } from './bare';
import { decorationAfter, isDecoration } from './decoration';
import { denyLists, isAway } from './denial';
import { sayingEnding } from '../words/forms';
import { dressedNext, roleBeforeName } from '../meaning/beside';
import { isCalled } from '../meaning/owners';
import {
	isNoneOfIts,
	isPlaceOrVerb,
	namesPart,
	repeatsHead,
	sitsOn,
	speaksOfLast,
	tellsCutOfLast,
	type Reached
} from './names';
import { anotherOf } from './one-more';
import { jewelAt } from './jewels';
import {
	asBeads,
	asInside,
	asSpot,
	isSewnOn,
	leadsOver,
	goesToPlace,
	namesPlace,
	saidOfPlace,
	trimOfPlace,
	workedThere
} from './placed';
import { asEdge, standsAs } from './stands-as';
import { isListOfColours, isOfNext } from './listed-colours';
import { howMany } from '../words/numbers';
import { saysAfterAKind } from '../spans/parted';
import { spansOf } from '../spans/spans';

const pronouns = new Set(['she', 'he', 'they', 'it', 'i', 'we', 'you', 'who']);
/** "She’s thrown …", as words are looked up; "she’ll" would be a shell. */
const withVerb = new Set(['shes', 'hes', 'theyre', 'theyve', 'im', 'ive', 'youre']);
const isPronoun = (word: string) => pronouns.has(word) || withVerb.has(word);
/** "All black but for a red beret", and no "while", no "though". */
const exceptions = new Set(['but', 'except', 'exception', 'save', 'bar', 'apart']);
const unders = new Set(['under', 'underneath', 'beneath', 'below']);
const overs = new Set([...unders, 'over', 'atop', 'top']);
/** "Worn like a belt" is a way of wearing. */
const wearing = new Set([
	'worn',
	'wears',
	'wearing',
	'tied',
	'knotted',
	'wrapped',
	'draped',
	'slung',
	'used'
]);
const twice = new Set(onBothSides);
/** Does a span say, and only say, that something is worn beneath: "under", "underneath it"? */
const saysUnder = (span: Span | undefined) =>
	span !== undefined && !span.breakBefore && span.words.length === 1 && unders.has(span.words[0] ?? '');

class ClauseBuilder implements Reached {
	clauses: Clause[] = [];
	clause: Clause = freshClause('start');
	lastHead: Part | undefined;
	/** A denial is open: of the next word; or, that word being past, of the part that it belongs to. */
	denyNext: false | 'word' | 'part' = false;
	/** The last word that is not known, and how many parts its clause had when it came. */
	strange: { part: Part; after: number } | undefined;
	/** "At the", "on the": what was said just before may be said of the part that follows; not what was "tied at the back". */
	placed = false;
	/** "With a cream roll neck under": what is named is worn beneath, and no part of what went before. */
	endsUnder = false;
	/** Where an article stood last. */
	articleAt = -1;
	/** What stands before what is met, with no comma between. */
	previous: Span | undefined;
	/** A comma, a stop, "and" or nothing follows what is met. */
	endsClause = false;
	/** "Bow at the back": a place on the garment follows. */
	goesAt = false;
	/** The present clause denies, and so far a word that names nothing: "no fingers". */
	deniedWeightless = false;
	/** "She", or "that" after a garment: a verb follows. */
	verbNext: false | 'of-person' | 'of-thing' = false;
	/** Where "style" or "-like" stood last: what was named before it is a kind of what follows. */
	afterKind: number | undefined;
	/** It was "-like": what follows is not that, but like it. */
	onlyLike = false;
	/** What comes after the span that is met; looked up where it is asked. */
	ahead: () => Ahead = () => aheadOf([], 0);
	/** What the colours and cloths that come after it are said of. */
	dressedNext: (ahead: number) => ReturnType<typeof dressedNext> = () => undefined;
	/** What comes after the span that is met. */
	after: SpanAfter = () => undefined;
	/** The text names nothing that covers both halves, and a skirt is still to come. */
	skirtToCome = false;
	/** "Jacket and skirt both in …": what follows the clause is said of two. */
	bothNext = false;

	/** @param isRail what is listed hangs on a rail: nobody wears all of it */
	constructor(readonly isRail: boolean) {}

	/** Ends the present clause and begins another; an empty one only takes the new joining word. */
	begin(before: Clause['before'], denied = false): void {
		// "Bridesmaid in sage chiffon": the word that is not known is what is of it, unless a name follows.
		const ofStrange = before === 'in' && this.clause.parts.length === 0 ? this.strange?.part : undefined;
		this.nameStrange();
		this.nameByCloth();
		const { clause } = this;
		const empty = clause.parts.length === 0;
		if (!empty) this.clauses.push(clause);
		else {
			const ended =
				clause.unread ||
				['but', 'stop', ...(this.deniedWeightless ? ['comma', 'and', 'with'] : [])].includes(before);
			denied ||= clause.denied && !ended;
			if (before === 'and' && !['start', 'comma'].includes(clause.before)) before = clause.before;
			// A sentence that begins with "otherwise" is still a new one.
			if (before === 'comma' && clause.before === 'stop') before = 'stop';
		}
		this.clause = freshClause(before, denied);
		this.deniedWeightless = false;
		if (ofStrange) this.clause.ofStrange = ofStrange;
		if (this.bothNext && ['in', 'with', 'is'].includes(before)) this.clause.both = true;
		this.bothNext = false;
		this.clause.opens = empty && (clause.opens || ['start', 'stop'].includes(clause.before));
		// "…, then a flash of red": two words may join it.
		const afterComma = ['comma', 'list'].includes(clause.before) || clause.paused;
		this.clause.paused = empty && afterComma && ['and', 'on', 'in'].includes(before);
		const last = empty ? clause.ofPart : clause.parts.at(-1);
		if (last?.role === 'detail' && (before === 'is' || (before === 'in' && isMadeApart(this.clauses, last))))
			this.clause.ofPart = last;
		if (empty)
			Object.assign(this.clause, {
				both: clause.both,
				all: clause.all,
				set: clause.set,
				labelled: clause.labelled,
				ofOne: clause.ofOne,
				unseen: clause.unseen && !['stop', 'comma'].includes(before),
				// "(Or is it silk?)".
				...(clause.hedged && clause.back && { hedged: true, back: true }),
				// "A stack of five bangles".
				...(before === 'in' && clause.count && { count: clause.count })
			});
	}

	/** An unknown word in the place of a noun is the name of a thing of its own: "lilac frobbers". */
	nameStrange(): void {
		const { strange, clause } = this;
		this.strange = undefined;
		if (!strange || clause.head || clause.thing || strange.after !== clause.parts.length) return;
		if (clause.decoration && clause.decoration !== 'made') return this.standFor(strange.part);
		if (['in', 'on', 'as', 'is', 'adjacent'].includes(clause.before)) return;
		const word = strange.part.span.words.at(-1) ?? '';
		// "A lilac skivvy, navy tights": what ends as words that say something do may be a name, where its colour is not what follows’.
		const isName =
			sayingEnding.test(word) &&
			isColoured(clause) &&
			!mayColour(clause, this.lastNamed()) &&
			hasOwnColour(this.ahead());
		// A number names nothing: "look 2".
		if ((sayingEnding.test(word) && !isName) || /^\d+$/.test(word)) return;
		const described = clause.parts.some(({ role }) => role === 'said' || role === 'matching');
		const listed = this.clauses.length > 0 && (!clause.bare || clause.before !== 'comma');
		if (!described && !(listed && this.lastHead)) return;
		this.standFor(strange.part);
	}

	/** The last clause that named a garment. */
	lastNamed = () => this.clauses.findLast(({ head }) => head);

	nameByCloth(): void {
		// "A draped jersey column in ecru": a cloth that is a garment's name as well, straight before what names one by its cut.
		const { head, parts } = this.clause;
		const next = head && isCloth(head.span) ? parts[parts.indexOf(head) + 1] : undefined;
		if (head && next?.at === head.at + 1 && namesByCut(next.span)) this.unname('said');
		const named = namedByCloth(this.clause, this.lastNamed(), this.ahead);
		if (!named) return;
		this.clause.parts = this.clause.parts.map((part) => (part.at === named.at ? named : part));
		this.clause.head = named;
		this.lastHead = named;
	}

	standFor(thing: Part): void {
		// "Embroidered with white cranes": what is shown is no thing of its own.
		const { decoration } = this.clause;
		if (decoration && decoration !== 'made' && senseOf(thing.span, 'stands-for') === undefined) {
			this.clause.parts.push({ ...thing, role: 'kept' });
			return;
		}
		this.clause.parts.push(thing);
		this.clause.thing = thing;
		this.lastHead = undefined;
	}

	/** "Cranes on the back", "dragons on the sleeves": what is not known and shows on a part is its pattern, kept as a note. */
	keepPlaced(): void {
		const before = this.clauses.at(-1);
		if (!this.placed || !before?.thing || before.before !== 'with' || this.clause.parts.length > 0) return;
		before.thing.role = 'kept';
		before.thing = undefined;
		this.lastHead = this.clauses.findLast((clause) => clause.head)?.head;
	}

	/**
	 * A second garment in one clause: what stands between goes to it, up to the last part or move of the first, or to its own
	 * article: "a blouse so sheer the black bra shows through".
	 */
	splitAtHead(): void {
		const { parts, head } = this.clause;
		const from = head ? parts.indexOf(head) : -1;
		let cut = from + 1;
		for (let i = cut; i < parts.length; i++)
			if (parts[i]?.role === 'detail' || parts[i]?.role === 'move' || (parts[i]?.at ?? 0) < this.articleAt)
				cut = i + 1;
		this.beginWith(parts.splice(cut));
	}

	/** Begins a thing straight after another, with what was said of it so far. */
	beginWith(said: Part[]): void {
		this.begin('adjacent');
		this.clause.parts = said;
	}

	/** "The scarf is the same green as the silk blouse": what it is like has a name of its own, and what stands before that from "as" on. */
	splitAtLikeness(): void {
		const { parts, head, before } = this.clause;
		const as = parts.findLastIndex(({ role, span }) => role === 'matching' && span.words.includes('as'));
		if (as >= 0 && !head && before === 'is') this.beginWith(parts.splice(as + 1));
	}

	/** The name in the present clause names no garment: it says something of what follows. */
	unname(role: PartRole): void {
		const { head, parts } = this.clause;
		if (!head) return;
		head.role = role;
		// "Silk pyjama shirt": what the name says besides is said of the garment.
		if (role === 'kind' && head.span.words.length > 1)
			parts.push(
				...spansOf(head.span.words.slice(0, -1).join(' '))
					.filter(alsoSaid)
					.map((span): Part => ({ span, at: head.at, role: 'said', denied: false }))
			);
		this.clause.head = undefined;
		this.lastHead = this.clauses.findLast((clause) => clause.head)?.head;
	}

	/** Two names of garments side by side: the first may only say what kind the second is. */
	demoteHead(next: Span, at: number): boolean {
		const role = roleBeforeName(this.clause, next, at);
		if (role) this.unname(role);
		return role !== undefined;
	}

	isAfterKind(at: number): boolean {
		return this.clause.head?.at === at - 2 && this.afterKind === at - 1;
	}

	/** "A cheongsam style dress" is a cheongsam; of another family, and "a tiara-like headband", the first name only says what kind the second is. */
	ofKind(span: Span): PartRole {
		const { head } = this.clause;
		const [kind, own] = [head && senseOf(head.span, 'type'), senseOf(span, 'type')];
		if (!this.onlyLike && kind && own && garmentType(kind.type).family === garmentType(own.type).family)
			return 'again';
		this.unname('kind');
		return 'head';
	}

	add(span: Span, at: number, role: PartRole): void {
		const { clause: soFar } = this;
		const isOfPart = soFar.before === 'is' && soFar.ofPart !== undefined && soFar.parts.length === 0;
		const follows = followsPart(soFar, span, this.after);
		// "A wing collar shirt": a part that is told already leaves the name to the garment.
		const tellsPart = isOfPart || (follows && !soFar.parts.some((part) => alsoSaid(part.span)));
		if (role === 'head' && tellsPart && saysHowPartIs(soFar, span)) role = 'said';
		if (role === 'said' && follows) this.begin('is');
		const other = standsAs(this, span, role);
		if (other?.isPlaced) {
			this.begin('on');
			this.placed = true;
		}
		if (other) ({ span, role } = other);
		if (role === 'head' && isSewnOn(this, span)) [span, role] = [asBeads(span), 'said'];
		if (role === 'detail' && isNoneOfIts(this, span)) return;
		if (role === 'head' && isPlaceOrVerb(this, span)) return;
		const afterKind = role === 'head' && this.isAfterKind(at);
		if (afterKind) role = this.ofKind(span);
		// "Cape-like sleeves".
		else if (role === 'detail' && this.isAfterKind(at)) this.unname('said');
		if (
			role === 'head' &&
			!afterKind &&
			!this.endsUnder &&
			(isPartOf(span, this.lastHead, this.clause, this.clauses, isToldAfter(this.after(0))) ||
				(!this.isRail && tellsCutOfLast(this, span)) ||
				sitsOn(this, span))
		) {
			// "with a full tulle skirt", "with kitten heels": what its name says is said of the part.
			// "A tie belt" names a part as a whole.
			const before = senseOf(span, 'detail') ? [] : span.words.slice(0, -1);
			const inside = spansOf(before.join(' ')).filter(alsoSaid);
			for (const inner of inside) this.clause.parts.push({ span: inner, at, role: 'said', denied: false });
			role = 'detail';
			span = inside.length > 0 ? partSpan(span) : saysOfPart(span);
		} else if (role === 'head' && speaksOfLast(this, span)) role = 'said';
		else if (role === 'head' && repeatsHead(this, span, at)) role = 'again';
		const { clause } = this;
		if (role === 'head' && isDecoration(clause, span)) role = 'kept';
		if (role === 'head' && this.isMatched(span)) {
			role = 'again';
			clause.matches = { span, at, role, denied: false };
		}
		if (role === 'head') this.splitAtLikeness();
		if (role === 'head' && clause.head && !this.demoteHead(span, at)) this.splitAtHead();
		// "Pearls for buttons".
		const isFor = this.previous?.words.join(' ') === 'for' && clause.head?.at === at - 2;
		if (role === 'detail' && (isFor || namesPart(this, span, at))) this.unname('said');
		else if (span.hyphenated && role !== 'head' && clause.head?.at === at - 1) this.unname('said');
		const denied = this.denyNext === 'word' || (this.denyNext === 'part' && role === 'detail');
		const part: Part = { span, at, role, denied };
		if (role === 'thing') return this.standFor(part);
		// "Clips in her hair", "frobbers worn open": what is worn so is named.
		if (role === 'move') this.nameStrange();
		if (role === 'detail') {
			const worked = workedThere(this, span);
			if (this.joinPlaced(span)) part.placed = true;
			else if (worked !== undefined) part.worked = worked;
			this.keepPlaced();
		}
		this.placed = false;
		this.clause.parts.push(part);
		if (role === 'head') {
			this.clause.head = part;
			this.lastHead = part;
			if (denied) this.clause.denied = true;
		}
		// "not a high heel": the denial reaches as far as the part that the word is about.
		this.denyNext = denied && role === 'said' ? 'part' : false;
	}

	join(span: Span, at: number): void {
		const link = senseOf(span, 'link')?.link ?? 'and';
		// "A bomber-like jacket".
		if (link === 'as' && span.hyphenated) {
			this.afterKind = at;
			this.onlyLike = true;
		} else if (link === 'not') this.denyNext = 'word';
		// "The scarf is the same green as the shoes".
		else if (link === 'as' && !span.breakBefore && this.isLikened())
			this.clause.parts.push({ span, at, role: 'matching', denied: false });
		else {
			const isOfBelow = link === 'in' && span.words.join(' ') === 'of' && this.isOfWearer();
			// "Nothing under the jacket" denies no jacket.
			if (link !== 'and' && link !== 'or') this.denyNext = false;
			// "A riot of colour" names nothing; "…, a bouquet of white roses" names what the roses are of.
			const listed = this.clause.parts.length === 0 && ['comma', 'stop'].includes(this.clause.before);
			if (link === 'in' && span.words.includes('of') && !(listed && this.lastHead)) this.strange = undefined;
			if (link === 'unseen') {
				// "The shoes are out of frame" speaks of what was named.
				const isSaidOfLast = this.clause.before === 'is' && this.clause.parts.length === 0;
				const of = (isSaidOfLast && this.clauses.at(-1)) || this.clause;
				// "A coat whose buttons are hidden" is seen.
				of.unseen ||= of.parts.at(-1)?.role !== 'detail';
				return;
			}
			if (link === 'cannot-see') {
				this.begin('comma');
				this.clause.unseen = true;
			} else if (link === 'no') this.begin('comma', true);
			else if (link === 'or') {
				// "Can't see her shoes or bag".
				const { denied, unseen } = this.clause;
				this.begin('or', denied);
				this.clause.unseen = unseen;
			} else if (link === 'but') {
				// "The belt is just a scarf".
				if (this.clause.before === 'is' && this.clause.parts.length === 0) return;
				this.begin('comma');
				this.clause.excepted = span.words.some((word) => exceptions.has(word));
				// "Can't see her feet, but the skirt is long".
				this.clause.unseen = false;
			} else if (link === 'and' && isOfNext(this, this.dressedNext(1))) return;
			// "Draped over the shoulders of a shirt": what is below is a thing of its own.
			else if (isOfBelow) this.begin('list');
			else {
				const decoration = link === 'and' ? this.clause.decoration : decorationAfter(this.previous, span);
				const excepted = link === 'and' && this.clause.excepted;
				// "Tied like a top": how it is worn is what follows.
				const worn = this.clause.parts.at(-1);
				const isWay = ['like', 'as'].some((word) => span.words.includes(word));
				if (isWay && worn?.role === 'move' && wearing.has(worn.span.text.toLowerCase())) worn.role = 'again';
				this.begin(link);
				this.clause.excepted = excepted;
				this.clause.over = span.words.at(-1) === 'over';
				// "A bodice like a corset" is not worn as one.
				this.clause.likened = span.words.includes('like') && !wearing.has(this.previous?.words.at(-1) ?? '');
				// "Studded with pearls and bows".
				if (['with', 'in', 'and'].includes(link)) this.clause.decoration = decoration;
			}
			this.clause.many = link === 'is' && span.words.some((word) => ['are', 'were'].includes(word));
			const leadsToPlace = link === 'on' || span.words.includes('at') || leadsOver(this, span);
			this.placed = leadsToPlace && !this.isTiedThere(at);
			this.clause.ofWhole = link === 'in' && span.words.includes('of') && !isOfBelow;
		}
	}

	/** Does an article follow what is worn over a place: "over the shoulders of a shirt"? */
	isOfWearer = () => this.clause.parts.at(-1)?.role === 'move' && articles.has(this.after(0)?.words[0] ?? '');

	/** "In the same green", "the same colour". */
	isLikened = () => this.clause.same || this.clause.parts.at(-1)?.role === 'matching';

	/** "Tights to match the scarf", "a bag in green to match the coat": what was named before is what it matches, and no other thing. */
	isMatched(span: Span): boolean {
		const { parts, head, before } = this.clause;
		return (
			(head !== undefined || before === 'is' || this.previous?.words.at(-1) === 'the') &&
			parts.at(-1)?.role === 'matching' &&
			this.clauses.some((one) => one.head && isCalled(one.head.span, span))
		);
	}

	/** "In oatmeal, tied at the back": something between what was said last and the place is done there. */
	isTiedThere(at: number): boolean {
		const last = this.clauses.at(-1)?.parts.at(-1);
		return (
			last !== undefined &&
			last.at < at - 1 &&
			this.previous?.senses.some(({ kind }) => kind === 'filler') === true
		);
	}

	/** "Lace at the hem", "stripes on the cuffs": the cloth, colour or print said just before is the part's alone. */
	joinPlaced(place: Span): boolean {
		const before = this.clauses.at(-1);
		if (!this.placed || !before || before.thing || this.clause.parts.length > 0) return false;
		const trim = trimOfPlace(before, place);
		if (trim) {
			before.parts.pop();
			this.clause.before = 'with';
			this.clause.parts.push(trim);
			return true;
		}
		const parts = saidOfPlace(before, place, this.clause.paused);
		if (!parts) return false;
		this.clauses.pop();
		before.parts = parts;
		this.clause = before;
		return true;
	}

	/** "The jacket is gone", "hat off": what was named just before is not there. */
	denyLast(at: number): void {
		const { lastHead } = this;
		const named = [...this.clauses, this.clause].find(({ head }) => head && head === lastHead);
		const straight =
			lastHead && (lastHead.at === at - 1 || (lastHead.at === at - 2 && this.clause.before === 'is'));
		if (straight && named?.parts.at(-1) === lastHead) named.denied = true;
	}

	/** "A trench over everything", "over it all": what is below says nothing of all. */
	isBelow = () =>
		this.lastHead !== undefined &&
		this.previous !== undefined &&
		senseOf(this.previous, 'link') !== undefined &&
		this.previous.words.some((word) => overs.has(word));

	/** "Pale denim from top to toe: shirt, jeans": is it said of all that is listed? */
	isThroughout({ words }: Span): boolean {
		const { parts, head } = this.clause;
		const reaches = words.includes('to') && ['toe', 'foot', 'bottom'].includes(words.at(-1) ?? '');
		return reaches && !head && parts.length > 0 && parts.every(({ role: one }) => one === 'said');
	}

	/** Words that carry nothing by themselves, but tell how what stands beside them is meant. */
	pass(span: Span, at: number): void {
		const { clause } = this;
		const has = (...words: string[]) => words.some((word) => span.words.includes(word));
		if (this.endsClause && isAway(span.words)) this.denyLast(at);
		// "She swaps the flats for black heels".
		if (clause.denied && clause.head && has('for')) return this.begin('comma');
		if (span.words.some((word) => articles.has(word))) {
			this.articleAt = at;
			clause.bare = false;
			clause.definite = span.words.some((word) => definites.has(word));
			clause.single = span.words.length === 1 && indefinites.has(span.words[0] ?? '');
		}
		// "No fingers, boots": what is denied is a word of no weight, and nothing after the comma.
		else if (clause.denied && clause.parts.length === 0) this.deniedWeightless = true;
		if (saysAfterAKind(span.words[0] ?? '')) {
			this.afterKind = at;
			this.onlyLike = false;
		}
		if (has('another', 'second', 'other')) clause.definite = false;
		// "Two frobbers" are named, known or not.
		if (has('two', 'three', 'four', 'five', 'six', 'several')) clause.bare = false;
		const number = howMany(span.words.at(-1));
		if (number !== undefined && !clause.head) clause.count = { number, at };
		// "A cuff on each wrist".
		const isOne = clause.head && !clause.head.span.text.endsWith('s');
		if (isOne && twice.has(span.words.join(' '))) clause.count ??= { number: 2, at };
		if (has('same')) clause.same = true;
		// "A skirt and top in the same teal satin".
		if (has('same') && clause.before === 'in' && clause.parts.length === 0)
			clause.both = this.clauses.findLast((one) => one.head)?.before === 'and';
		if (has('one', 'another', 'other') && !clause.head) clause.ofOne = true;
		// "Ripped at both knees" is said of no two garments.
		const saysBoth = has('both') && !namesPlace(this.after(0));
		if (saysBoth && clause.head) this.bothNext = true;
		else if (saysBoth) clause.both = true;
		// "Under it all black": all that is worn there.
		const isUnder = this.previous?.words.at(-1) === 'under';
		if (has('all', 'each') && clause.parts.length === 0 && (isUnder || !this.isBelow())) clause.all = true;
		if (has('set') && clause.parts.length === 0) clause.set = true;
		if (has('set') && clause.head?.at === at - 1 && clause.before === 'and') clause.asSet = true;
		if (has('one', 'ones') && clause.parts.at(-1)?.role === 'said' && !clause.head) {
			const another = has('one') ? anotherOf(this) : undefined;
			if (another) this.add({ ...span, senses: another }, at, 'head');
			else clause.back = true;
		}
		if (span.hyphenated && clause.head?.at === at - 1) this.unname('said');
		if (this.placed && this.endsClause && has('it', 'them')) this.keepPlaced();
		// "A crane motif": what the pattern shows is kept, known or not.
		if (has(...patternPart.words) && this.strange?.after === clause.parts.length) {
			clause.parts.push({ ...this.strange.part, role: 'kept' });
			this.strange = undefined;
		}
		// "A dress in blues and greens she’s thrown a cardigan over": who wears it begins anew.
		const goesOn = clause.parts.length > 0 && clause.parts.every(({ role }) => role === 'said');
		if (goesOn && this.lastHead && span.words.some(isPronoun)) this.begin('comma');
		const afterThing = has('that', 'which') && clause.head?.at === at - 1;
		const last = span.words.at(-1) ?? '';
		this.verbNext = afterThing ? 'of-thing' : (pronouns.has(last) || last === 'which') && 'of-person';
	}

	/** "Bare legs", "a red beltless trench": a thing of its own that is not worn; what is said around it is not of it. */
	denyBared(span: Span, bare: TypeId, at: number): void {
		const { lastHead, clause } = this;
		const type = notWorn(bare, this.after);
		const toCome = clause.parts.length > 0 && !clause.head ? clause : undefined;
		if (toCome) this.clause = freshClause('comma', true);
		else this.begin('comma', true);
		this.add({ ...span, senses: [{ kind: 'type', type }] }, at, 'head');
		this.begin('comma');
		if (toCome) this.clause = toCome;
		this.lastHead = lastHead;
	}

	meet(met: Span, at: number): void {
		const span = withItsPart(met);
		if (span.breakBefore && !isListOfColours(this, span, this.dressedNext(0))) {
			this.denyNext = false;
			// "Sleeves: long, neck: high".
			const [part, other] = this.clause.parts;
			const isOfPart =
				span.labelled === true && part?.role === 'detail' && !other && part.span.words.length === 1;
			this.begin(isOfPart ? 'is' : span.breakBefore);
			if (span.aside) this.clause.back = true;
			if (span.guessed) this.clause.hedged = true;
			if (span.labelled) this.clause.labelled = true;
		}
		const none = senseOf(span, 'none');
		if (none) return this.denyBared(span, none.type, at);
		const own = roleOf(span);
		// "A hoodie under it with hood out".
		if (span.words[0] === 'with' && senseOf(span, 'note') && this.clause.parts.length === 0)
			this.begin('with');
		const carriesNothing = own === 'unknown' || own === 'idle';
		const role = carriesNothing && saysWithPart(this.clause, span) ? 'said' : own;
		if (role === 'thing' && !span.breakBefore && this.isBelow()) return this.pass(span, at);
		if (role === 'thing' && !span.breakBefore && this.isThroughout(span)) {
			this.clause.all = true;
			return this.pass(span, at);
		}
		const jewel = jewelAt(this, span);
		if (jewel) {
			this.clauses.pop();
			this.clause = jewel.clause;
			return this.add(jewel.span, at, 'head');
		}
		if (role === 'idle') {
			const place = asEdge(this, span) ?? asSpot(this, span);
			return place ? this.add(place, at, 'detail') : this.pass(span, at);
		}
		if (role === 'link') {
			const inside = this.endsClause ? asInside(this, span) : undefined;
			if (inside) this.add(inside, at, 'detail');
			else this.join(span, at);
		} else if (role === 'hedge') this.clause.hedged = true;
		else if (role === 'unknown') {
			this.denyNext = false;
			// "Can't make out the fabric of the trousers": it is the fabric that is not seen.
			this.clause.unseen = false;
			this.clause.unread = true;
			if (span.hyphenated && this.clause.head?.at === at - 1) this.unname('said');
			const part: Part = { span, at, role: 'thing', denied: false };
			this.strange = this.verbNext ? undefined : { part, after: this.clause.parts.length };
		} else this.add(span, at, role);
		this.verbNext = false;
	}
}

/**
 * Clauses of a list of spans, with the garment of each where it names one.
 *
 * @param isRail they list pieces on a rail, of which two may be worn in one place
 */
export function clausesOf(spans: readonly Span[], isRail = false): Clause[] {
	const builder = new ClauseBuilder(isRail);
	const slotsOf = (span: Span) => sensesOf(span, 'type').map(({ type }) => garmentType(type).slot);
	const namesWhole = spans.some((span) => slotsOf(span).includes('whole'));
	const lastSkirt = namesWhole ? -1 : spans.findLastIndex(({ words }) => words.at(-1) === 'skirt');
	spans.forEach((span, at) => {
		const [next, then] = [spans[at + 1], spans[at + 2]];
		builder.previous = spans[at - 1];
		builder.endsUnder = saysUnder(next) && (then === undefined || then.breakBefore !== undefined);
		builder.endsClause =
			next === undefined || next.breakBefore !== undefined || senseOf(next, 'link')?.link === 'and';
		builder.goesAt = goesToPlace(spans, at + 1);
		builder.ahead = () => aheadOf(spans, span.breakBefore ? at : at + 1);
		builder.dressedNext = (ahead) => dressedNext(spans, at + ahead);
		builder.after = (ahead) => spans[at + 1 + ahead];
		builder.skirtToCome = at < lastSkirt;
		builder.meet(span, at);
	});
	builder.ahead = () => aheadOf(spans, spans.length);
	builder.begin('stop');
	denyLists(builder.clauses);
	return builder.clauses;
}
