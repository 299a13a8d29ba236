/** Entries as the trade writes them: the thing first, and after its comma or colon what kind it is: "Coat, wrap, shawl collar, camel". */
import { partSpan, senseOf, sensesOf } from './senses';
import { headings, shelves } from '../../lexicon/reading-words';
import { garmentType } from '../../lexicon/taxonomy';
import type { Sense, Span } from '../model';
import { partOfName, saysAfterAKind } from './parted';
import { longestPhrase } from '../words/longest-phrase';
import { isWornBesides } from './worn-besides';

type TypeSense = Extract<Sense, { kind: 'type' }>;
const typesOf = ({ senses }: Pick<Span, 'senses'>) =>
	senses.filter((sense): sense is TypeSense => sense.kind === 'type');

/** What a word says of a thing; a name says nothing. */
const describes = new Set<Sense['kind']>(['facet', 'colour', 'tone', 'print', 'metal', 'length', 'note']);
const isSaid = ({ senses }: Span) => senses.some(({ kind }) => describes.has(kind));
/** Names a garment, and can be neither a part of one nor said of one; a word that nobody knows may. */
const mayNameThing = (span: Span) =>
	span.senses.length === 0 ||
	(typesOf(span).length > 0 && !isSaid(span) && !span.senses.some(({ kind }) => kind === 'detail'));

/** "Lipstick to shoes: …", "from hat to boots: …": how far along the body something reaches stands over what is listed, and is no thing. */
function withoutReaches(spans: readonly Span[]): Span[] {
	const isTo = (span: Span | undefined) => span?.words.join(' ') === 'to' && !span.breakBefore;
	const isName = (span: Span | undefined) =>
		span !== undefined && (typesOf(span).length > 0 || senseOf(span, 'detail') !== undefined);
	const reaches = (from: number) =>
		isName(spans[from]) &&
		isTo(spans[from + 1]) &&
		isName(spans[from + 2]) &&
		!spans[from + 2]?.breakBefore &&
		spans[from + 3]?.labelled === true;
	return spans.map((span, at) =>
		reaches(at) || reaches(at - 2) ? { ...span, senses: [{ kind: 'filler' }] } : span
	);
}

/** The clauses of a text, from one break to the next, as they are punctuated. */
function punctuated(spans: readonly Span[]): Span[][] {
	const clauses: Span[][] = [];
	for (const span of spans) {
		if (span.breakBefore || clauses.length === 0) clauses.push([]);
		clauses.at(-1)?.push(span);
	}
	return clauses;
}

/** Says something of a thing and names none. */
const onlyDescribes = (span: Span) => isSaid(span) && typesOf(span).length === 0;
const namesAny = (clause: readonly Span[]) => clause.some((span) => typesOf(span).length > 0);

/** "At her waist: a gold belt", "on the collar: a brooch": where something is, and no thing. */
const leadsToPlace = (clause: readonly Span[]): boolean =>
	['at', 'on', 'round', 'around'].includes(clause[0]?.words[0] ?? '') &&
	clause.every(({ senses }) =>
		senses.every(
			(sense) => ['link', 'filler', 'detail'].includes(sense.kind) || (sense.kind === 'facet' && !sense.free)
		)
	);

/**
 * What stands over a description with a colon: a place on the body says nothing by itself; a word for all of a kind is the plainest of
 * them where nothing on its shelf is named, and so are legs of which it is said how sheer they are.
 *
 * @param under the clauses after it, as far as the next stop
 */
function asHeading(clause: readonly Span[], under: readonly (readonly Span[])[]): readonly Span[] {
	const [first] = clause;
	if (!first || under[0]?.[0]?.labelled !== true) return clause;
	const words = clause.flatMap((span) => span.words).join(' ');
	if ((headings.has(words) || leadsToPlace(clause)) && under[0].length > 0 && namesAny(under[0]))
		return clause.map((span) => ({ ...span, senses: [{ kind: 'filler' }] }));
	const saysSheer = under[0].some((span) => sensesOf(span, 'facet').some(({ facet }) => facet === 'opacity'));
	const name = words === 'legs' && saysSheer ? 'legwear' : words;
	const shelf = clause.length === 1 && Object.hasOwn(shelves, name) ? shelves[name] : undefined;
	return shelf && !under.some(namesAny) ? [{ ...first, senses: [{ kind: 'type', type: shelf }] }] : clause;
}

/** Worn one at a time: of two names for such a thing in one entry, the second says which it is. */
const oneAtATime = new Set(['feet', 'bag']);

/** A clause that only describes, but for one word: "two-tone spectator", "corset style". */
function kindIn(clause: readonly Span[]): Span | undefined {
	const others = clause.filter((span) => !onlyDescribes(span) && !saysAfterAKind(span.words[0] ?? ''));
	return others.length === 1 ? others[0] : undefined;
}

const without = (senses: readonly Sense[], dropped: Sense['kind']) =>
	senses.filter(({ kind }) => kind !== dropped);

/** What a clause of an entry says of its thing, and what the thing is called by it. */
interface Said {
	thing: Span;
	clause: Span[];
}

/** The thing under the name that it has with some spans of the clause, of which no garment is left. */
function renamed(
	thing: Span,
	types: readonly TypeSense[],
	clause: readonly Span[],
	by: readonly Span[]
): Said {
	const left = (span: Span): Span => {
		const senses = span.senses.filter(({ kind }) => describes.has(kind) && kind !== 'note');
		return { ...span, senses: senses.length > 0 ? senses : [partOfName] };
	};
	return {
		thing: { ...thing, senses: [...types, ...without(thing.senses, 'type')] },
		clause: clause.map((span) => (by.includes(span) ? left(span) : span))
	};
}

/** The names that words of a clause make with the thing's own, longest first: "wrap" and "coat", "go-go" and "boots". */
function* namesWith(thing: Span, clause: readonly Span[]): Generator<{ by: Span[]; types: TypeSense[] }> {
	const last = thing.words.at(-1) ?? '';
	for (let length = clause.length; length > 0; length--)
		for (let from = 0; from + length <= clause.length; from++) {
			const by = clause.slice(from, from + length);
			const said = [...by.flatMap(({ words }) => words), last];
			const whole = longestPhrase(said, 0, said.length);
			const types = whole?.length === said.length ? typesOf(whole) : [];
			if (types.length > 0) yield { by, types };
		}
}

/** "Collar: grandad": what stands under the label of a part is how that is. */
const isOfPart = (label: readonly Span[] | undefined, [first]: readonly Span[]): boolean =>
	first?.labelled === true &&
	label?.length === 1 &&
	label.every((span) => senseOf(span, 'detail') !== undefined);

/** Is what the words say of the thing said without a name? "A jacket, embroidered". */
function saysItself(by: readonly Span[], type: string): boolean {
	return by.some(({ senses }) =>
		senses.some(
			(sense) =>
				['colour', 'print', 'metal', 'move'].includes(sense.kind) ||
				(sense.kind === 'facet' && sense.free && garmentType(type).facets.includes(sense.facet))
		)
	);
}

function saidOf(thing: Span, clause: readonly Span[], isEntry: boolean): Said | undefined {
	const own = typesOf(thing)[0]?.type ?? '';
	for (const { by, types } of namesWith(thing, clause)) {
		// What is a thing by itself is one, unless all that follows speaks of the first.
		if (namesAny(by) ? !isEntry : saysItself(by, own)) continue;
		const rest = clause.filter((span) => !by.includes(span) && !saysAfterAKind(span.words[0] ?? ''));
		if (types[0]?.type === own || !rest.every(onlyDescribes)) continue;
		return renamed(thing, types, clause, by);
	}
	const kind = kindIn(clause);
	const other = kind && typesOf(kind)[0]?.type;
	// "Boots, kitten heel": a part says of itself what it says.
	if (!isEntry || !kind || !other || senseOf(partSpan(kind), 'detail')) return undefined;
	const [type, second] = [garmentType(own), garmentType(other)];
	const replaced = (senses: readonly Sense[]) =>
		clause.map((span) => (span === kind ? { ...kind, senses } : span));
	// "Loafers, flat, tan": what has a kind already is said to be flat, and no other shoe.
	const saysHow = sensesOf(kind, 'facet').some(({ facet, free }) => free && type.facets.includes(facet));
	if (!type.general && saysHow) return { thing, clause: replaced(without(kind.senses, 'type')) };
	const saysWhich =
		!second.general &&
		second.slot === type.slot &&
		!isWornBesides(type, second) &&
		(oneAtATime.has(type.slot) || second.family === type.family);
	if (saysWhich && other !== own) return renamed(thing, typesOf(kind), clause, [kind]);
	// "Dress, V neck, jersey": a cloth that is also a garment's name.
	if (sensesOf(kind, 'facet').some(({ facet }) => facet === 'material'))
		return { thing, clause: replaced(without(kind.senses, 'type')) };
	// "Belt: wide, cummerbund style".
	if (saysAfterAKind(clause.at(-1)?.words[0] ?? '')) return { thing, clause: replaced([{ kind: 'note' }]) };
	return undefined;
}

/**
 * Puts names together whose kind stands after their thing. What could be a thing by itself ("dress, shirt, blue stripe") is taken for a
 * kind only in an entry: the thing stands bare at the start of its sentence, more follows, and none of it names another garment; else
 * it is a list ("dress, shirt, shoes").
 */
export function withInvertedNames(spans: readonly Span[]): Span[] {
	const clauses = punctuated(withoutReaches(spans));
	const isStop = (clause: readonly Span[] | undefined) => clause?.[0]?.breakBefore === 'stop';
	for (let from = 0; from < clauses.length;) {
		let end = from + 1;
		while (end < clauses.length && !isStop(clauses[end])) end++;
		for (let at = from; at < end; at++)
			clauses[at] = [...asHeading(clauses[at] ?? [], clauses.slice(at + 1, end))];
		const first = clauses[from] ?? [];
		const thing = first.at(-1);
		const describesOne = first.slice(0, -1).every(onlyDescribes);
		if (thing && typesOf(thing).length > 0 && describesOne) {
			let called = thing;
			for (let at = from + 1; at < end; at++) {
				const others = clauses.slice(from + 1, end).filter((_, i) => from + 1 + i !== at);
				const isEntry = first.length === 1 && others.length > 0 && !others.flat().some(mayNameThing);
				const clause = clauses[at] ?? [];
				const said = isOfPart(clauses[at - 1], clause) ? undefined : saidOf(called, clause, isEntry);
				if (!said) continue;
				called = said.thing;
				clauses[at] = said.clause;
			}
			clauses[from] = [...first.slice(0, -1), called];
		}
		from = end;
	}
	return clauses.flat();
}
