/** Parts a reading into clauses: at most one garment each, with the words that surround it. */
import { glue, longestPhrase } from './phrasebook';
import { spansOf } from './spans';
import type { Link } from '../lexicon/reading-words';
import { canAnswer, garmentType, slotsMeetOf } from '../lexicon/taxonomy';
import type { Sense, Span } from './model';

type SenseOf<K extends Sense['kind']> = Extract<Sense, { kind: K }>;
export const sensesOf = <K extends Sense['kind']>(span: Span, kind: K): SenseOf<K>[] =>
	span.senses.filter((sense): sense is SenseOf<K> => sense.kind === kind);
export const senseOf = <K extends Sense['kind']>(span: Span, kind: K): SenseOf<K> | undefined =>
	span.senses.find((sense): sense is SenseOf<K> => sense.kind === kind);

/**
 * What a phrase does in its clause. `kind` is a garment's name before another's, as in "sweatshirt dress"; `again`
 * a general name that adds nothing to a particular one, as in "beret hat".
 */
export type PartRole = 'head' | 'said' | 'detail' | 'move' | 'matching' | 'kind' | 'again';
export interface Part {
	span: Span;
	/** Index of the span in the reading. */
	at: number;
	role: PartRole;
	denied: boolean;
}

export interface Clause {
	/** What joins it to what went before. `adjacent`: nothing. */
	before: Link | 'start' | 'stop' | 'comma' | 'adjacent';
	parts: Part[];
	head?: Part;
	/** No word stands between the joining word and the garment's name, not even "a". */
	bare: boolean;
	denied: boolean;
	hedged: boolean;
	/** Said of the two garments before: "both in olive". */
	both: boolean;
	/** Holds words that are not known, though no part. */
	unread: boolean;
}

const slotOfHead = (part: Part) => {
	const type = senseOf(part.span, 'type');
	return type && garmentType(type.type).slot;
};

/** Can the span be said of a garment, besides naming one? */
const alsoSaid = (span: Span) =>
	span.senses.some(
		({ kind }) => kind === 'facet' || kind === 'print' || kind === 'colour' || kind === 'metal'
	);

function roleOf(span: Span): PartRole | 'link' | 'hedge' | 'idle' | 'unknown' {
	const has = (kind: Sense['kind']) => span.senses.some((sense) => sense.kind === kind);
	if (span.senses.length === 0) return 'unknown';
	if (has('type')) return 'head';
	if (has('link')) return senseOf(span, 'link')?.link === 'matching' ? 'matching' : 'link';
	if (has('detail')) return 'detail';
	if (alsoSaid(span) || has('tone') || has('length')) return 'said';
	if (has('move')) return 'move';
	return has('hedge') ? 'hedge' : 'idle';
}

/** Of a name of several words, its last as a part's name: the "skirt" of "tulle skirt". */
function partSpan(span: Span): Span {
	if (span.words.length < 2 || senseOf(span, 'detail')) return span;
	const last = span.words.at(-1) ?? '';
	return { ...span, words: [last], senses: longestPhrase([last], 0, 1)?.senses ?? [] };
}

/** Names that are a cloth first: "a cream knit", but "a dress in cream knit". */
const isCloth = (span: Span) => sensesOf(span, 'facet').some(({ facet }) => facet === 'material');

/** Is a word that names a garment or a part of one ("heels", "skirt") a part of the garment named before it? */
function isPartOf(
	span: Span,
	owner: Part | undefined,
	clause: Clause,
	previous: Clause | undefined
): boolean {
	const detail = senseOf(partSpan(span), 'detail')?.detail;
	const type = owner && senseOf(owner.span, 'type');
	if (!detail || !owner || !type) return false;
	const fits =
		detail.facets.length === 0
			? clause.before === 'with'
			: garmentType(type.type).facets.some((facet) => detail.facets.includes(facet));
	if (!fits) return false;
	const own = senseOf(span, 'type');
	const goesOn = clause.before === 'and' && previous?.before === 'with' && !previous.head;
	// "with a pencil skirt" is a part of a dress, and a piece of its own beside a jacket.
	if (span.words.length > 1 && own && !slotsMeetOf(own.type, type.type)) return false;
	if (['with', 'in', 'on', 'adjacent'].includes(clause.before) || goesOn || clause.head === owner)
		return true;
	return (
		own !== undefined &&
		['comma', 'stop'].includes(clause.before) &&
		slotsMeetOf(own.type, type.type) &&
		own.type !== type.type
	);
}

class ClauseBuilder {
	clauses: Clause[] = [];
	clause: Clause = this.fresh('start');
	lastHead: Part | undefined;
	/** A denial is open: of the next word; or, that word being past, of the part that it belongs to. */
	denyNext: false | 'word' | 'part' = false;

	fresh(before: Clause['before'], denied = false): Clause {
		return { before, parts: [], bare: true, denied, hedged: false, both: false, unread: false };
	}

	/** Ends the present clause and begins another; an empty one only takes the new joining word. */
	begin(before: Clause['before'], denied = false): void {
		if (this.clause.parts.length > 0) this.clauses.push(this.clause);
		else {
			denied ||= this.clause.denied && !this.clause.unread && before !== 'but' && before !== 'stop';
			if (before === 'and' && !['start', 'comma'].includes(this.clause.before)) before = this.clause.before;
		}
		const both = this.clause.parts.length === 0 && this.clause.both;
		this.clause = { ...this.fresh(before, denied), both };
	}

	/** A second garment in one clause: what stands between goes to it, up to the last part or move of the first. */
	splitAtHead(): void {
		const { parts, head } = this.clause;
		const from = head ? parts.indexOf(head) : -1;
		let cut = from + 1;
		for (let i = cut; i < parts.length; i++)
			if (parts[i]?.role === 'detail' || parts[i]?.role === 'move') cut = i + 1;
		const moved = parts.splice(cut);
		this.begin('adjacent');
		this.clause.parts = moved;
	}

	/** Two names of garments side by side: the first may only say what kind the second is. */
	demoteHead(next: Span): boolean {
		const { head, parts } = this.clause;
		const [own] = sensesOf(next, 'type');
		if (!head || !own || next.breakBefore) return false;
		const slot = slotOfHead(head);
		const type = senseOf(head.span, 'type');
		// "chunky-knit cream jumper": the cloth is said first, and more of the same garment after it.
		const clothFirst =
			sensesOf(head.span, 'facet').some(({ facet }) => facet === 'material' || facet === 'texture') &&
			type !== undefined &&
			canAnswer(type.type, own.type) &&
			parts.slice(parts.indexOf(head) + 1).every(({ role }) => role === 'said');
		if (parts.at(-1) !== head && !clothFirst) return false;
		if (alsoSaid(head.span)) head.role = 'said';
		else if (type && garmentType(type.type).family === garmentType(own.type).family) head.role = 'again';
		else if (slot && type && slotsMeetOf(type.type, own.type)) head.role = 'kind';
		else return false;
		this.clause.head = undefined;
		this.lastHead = this.clauses.findLast((clause) => clause.head)?.head;
		return true;
	}

	add(span: Span, at: number, role: PartRole): void {
		if (role === 'head' && isPartOf(span, this.lastHead, this.clause, this.clauses.at(-1))) {
			// "with a full tulle skirt", "with kitten heels": what its name says is said of the part.
			if (span.words.length > 1)
				for (const inner of spansOf(span.words.slice(0, -1).join(' ')))
					if (alsoSaid(inner)) this.clause.parts.push({ span: inner, at, role: 'said', denied: false });
			role = 'detail';
			span = partSpan(span);
		} else if (role === 'head' && this.speaksOfLast(span)) role = 'said';
		else if (role === 'head' && this.repeatsHead(span)) role = 'again';
		const { clause } = this;
		if (role === 'head' && clause.head && !this.demoteHead(span)) this.splitAtHead();
		if (role === 'detail' && clause.head && clause.parts.at(-1) === clause.head) {
			const detail = senseOf(span, 'detail')?.detail;
			const speaks = sensesOf(clause.head.span, 'facet').some(({ facet }) => detail?.facets.includes(facet));
			// "kimono sleeves": the garment's name says how the part is made.
			if (speaks) {
				clause.head.role = 'said';
				clause.head = undefined;
				this.lastHead = this.clauses.findLast((other) => other.head)?.head;
			}
		}
		const denied = this.denyNext === 'word' || (this.denyNext === 'part' && role === 'detail');
		const part: Part = { span, at, role, denied };
		this.clause.parts.push(part);
		if (role === 'head') {
			this.clause.head = part;
			this.lastHead = part;
			if (denied) this.clause.denied = true;
		}
		// "not a high heel": the denial reaches as far as the part that the word is about.
		this.denyNext = denied && role === 'said' ? 'part' : false;
	}

	/** Names that say something of the garment before: "a dress in cream knit", "a jumpsuit, halterneck". */
	speaksOfLast(span: Span): boolean {
		const { lastHead, clause } = this;
		const last = lastHead && senseOf(lastHead.span, 'type');
		const own = senseOf(span, 'type');
		const first = clause.parts.length === 0 || (clause.head === lastHead && clause.parts.at(-1) === lastHead);
		if (!last || !own || (clause.head && !first)) return false;
		const { facets, division } = garmentType(last.type);
		// "earrings with pearls" are set with them; "a dress with pearls" has a necklace beside it.
		if (isCloth(span) && (clause.before === 'in' || (clause.before === 'with' && division === 'jewellery')))
			return true;
		return (
			first &&
			(clause.head === lastHead || ['comma', 'with', 'in'].includes(clause.before)) &&
			sensesOf(span, 'facet').some(
				({ facet, free }) =>
					free &&
					facets.includes(facet) &&
					(slotsMeetOf(own.type, last.type) || facet === 'size' || facet === 'hemLength')
			)
		);
	}

	/** A general name straight after a particular one of its family adds nothing: "beret hat". */
	repeatsHead(span: Span): boolean {
		const { head, parts } = this.clause;
		const [own, named] = [senseOf(span, 'type'), head && senseOf(head.span, 'type')];
		if (!own || !named || parts.at(-1) !== head) return false;
		const [type, before] = [garmentType(own.type), garmentType(named.type)];
		return type.general && !before.general && type.family === before.family;
	}

	join(span: Span): void {
		const link = senseOf(span, 'link')?.link ?? 'and';
		if (link === 'not') this.denyNext = 'word';
		else if (link === 'no') this.begin('comma', true);
		else if (link === 'or') this.begin('or', this.clause.denied);
		else if (link === 'but') {
			this.denyNext = false;
			this.begin('comma');
		} else this.begin(link);
	}
}

/** Clauses of a list of spans, with the garment of each where it names one. */
export function clausesOf(spans: readonly Span[]): Clause[] {
	const builder = new ClauseBuilder();
	spans.forEach((span, at) => {
		if (span.breakBefore) {
			builder.denyNext = false;
			builder.begin(span.breakBefore);
		}
		const role = roleOf(span);
		if (role === 'link') builder.join(span);
		else if (role === 'hedge') builder.clause.hedged = true;
		else if (role === 'idle') {
			if (span.words.some((word) => glue.has(word))) builder.clause.bare = false;
			if (span.words.includes('both')) builder.clause.both = true;
		} else if (role === 'unknown') builder.clause.unread = true;
		else builder.add(span, at, role);
	});
	builder.begin('stop');
	return builder.clauses;
}
