import { isCloth, senseOf, sensesOf } from './spans/senses';
import { v5 } from 'uuid';
import { isDoneWith } from '../lexicon/moves';
import type { RoleId } from '../lexicon/roles';
import type { SkinId } from '../lexicon/skins';
import { severalSlots, slots } from '../lexicon/slots';
import { nudeOn, type SkinTone } from '../colour/nude';
import type { GarmentType } from '../lexicon/taxonomy';
import type { Provenance } from '../model/basics';
import { mostTogether, type Element } from '../model/reference';
import { attach, type Attached } from './groups/attach';
import { takeMatches, type Read } from './groups/matched';
import { nameByOthers } from './groups/named-by-look';
import type { Group } from './meaning/owners';
import { clausesOf } from './clauses/clauses';
import { describe, garmentOf } from './description/describe';
import { saysInWords } from './meaning/takings';
import type { Question, Reading, ReadPhrase, Span, StrangeThing } from './model';
import { suggestionsFor } from './words/near';
import { onSides, type SideSaid } from './description/on-sides';
import { normalised } from './words/tokens';
import { moveTo } from './groups/turned';
import { spansOf, type OwnWord } from './spans/spans';
import { nameSays, typeNamed, type Locale } from './meaning/types';
import { keptUnknown } from './words/unknown-words';

export interface ReadOptions {
	/** Whose words the studio uses where one word means two things; default "uk". */
	words?: 'uk' | 'us';
	/** How the stylist comes by what is said; default "seen". What is hedged ("probably") is inferred. */
	provenance?: Provenance;
	/** Words that the studio was taught. */
	taught?: readonly OwnWord[];
	/** The client whose things are said: "nude" is the tone of their skin. */
	skin?: SkinId | SkinTone;
	/** What is said lists pieces on a rail, no look: "black dress, pleated skirt" are two. */
	isRail?: boolean;
}

/** Namespace of the ids that a reading gives its elements: the same text always has the same ids. */
const namespace = '5a3d5c0e-8a53-4c50-9a26-0b8f0c8f1d2e';

/** What an element of a division usually is in a look; the stylist decides (common practice). */
function usualRole(type: GarmentType): RoleId {
	if (['beauty', 'jewellery', 'under'].includes(type.division)) return 'finish';
	if (['footwear', 'bags', 'accessories'].includes(type.division)) return 'support';
	return 'key';
}

/**
 * Whose words a text is in: those of one side of the Atlantic where its other words are all of that side, for certain;
 * else the studio's.
 */
function localeOf(text: string, spans: readonly Span[], studio: 'uk' | 'us'): Locale {
	const sides = new Set<'uk' | 'us'>();
	for (const span of spans) {
		const [sense, ...others] = sensesOf(span, 'type');
		if (sense?.locale && others.length === 0) sides.add(sense.locale);
	}
	if (/\b(?:gray|color(?:ed|s)?|jewelry|pajamas?)\b/i.test(text)) sides.add('us');
	if (/\b(?:colour(?:ed)?|jewellery|pyjamas?)\b/i.test(text)) sides.add('uk');
	const [only, ...more] = sides;
	return only && more.length === 0 ? { words: only, sure: true } : { words: studio, sure: false };
}

/** Everything that the text says of its garments, in their order; those that are not worn apart. */
function describeAll(
	{ groups, turned }: Attached,
	locale: Locale,
	provenance: Provenance
): { worn: Read[]; denied: Read[]; instead: Read[] } {
	const described = (group: Group, type: GarmentType) => describe(group, type, { provenance, nameSays });
	const read = groups
		.filter(({ strange }) => !strange)
		.map((group): Read => {
			const named = typeNamed(group, locale);
			return { group, named, description: described(group, named.type) };
		});
	nameByOthers(read, described);
	const worn = read.filter(({ group }) => !group.denied && !group.unseen && !group.insteadOf);
	takeMatches(worn, groups);
	for (const { group, target, isLikened } of turned) {
		// "Soft like jersey".
		const move = isLikened || isCloth(target.span) ? undefined : moveTo(target);
		const owner = worn.find((one) => one.group === group);
		if (!owner) continue;
		const { description } = owner;
		if (move && isDoneWith(move, description.type) && !description.moves.includes(move)) {
			description.moves.push(move);
			const says = { aspect: 'move', value: move } as const;
			description.outcomes.push({ at: target.at, status: 'understood', takenFor: saysInWords(says), says });
		} else {
			const note = `as ${target.span.text}`;
			description.notes.push(note);
			description.outcomes.push({
				at: target.at,
				status: 'doubted',
				takenFor: `no way of wearing is known for this; kept as a note: ${note}`
			});
		}
	}
	return {
		worn,
		denied: read.filter(({ group }) => group.denied || group.unseen),
		instead: read.filter(({ group }) => group.insteadOf && !group.denied)
	};
}

/** What a phrase was taken for that no garment claimed. */
function unclaimed(span: Span): Pick<ReadPhrase, 'status' | 'takenFor' | 'suggestions'> {
	if (span.senses.length === 0) {
		const suggestions = suggestionsFor(span.words[0] ?? '');
		return { status: 'unknown', takenFor: 'not known', ...(suggestions.length > 0 ? { suggestions } : {}) };
	}
	const link = senseOf(span, 'link')?.link;
	if (link) return { status: 'idle', takenFor: link === 'no' || link === 'not' ? 'denies' : 'joins' };
	if (senseOf(span, 'type')) return { status: 'idle', takenFor: 'names no garment here' };
	if (senseOf(span, 'stands-for')) return { status: 'idle', takenFor: 'stands over what is listed' };
	if (senseOf(span, 'hedge')) return { status: 'idle', takenFor: 'a guess: what follows is inferred' };
	if (senseOf(span, 'filler')?.ofName) return { status: 'idle', takenFor: 'part of a name' };
	if (senseOf(span, 'filler')?.ofColour)
		return { status: 'understood', takenFor: 'one colour with the words beside it' };
	if (senseOf(span, 'filler')?.heads)
		return { status: 'idle', takenFor: 'names the look; stands over what follows' };
	if (span.senses.every(({ kind }) => kind === 'filler'))
		return { status: 'idle', takenFor: 'carries nothing to compare' };
	return { status: 'doubted', takenFor: 'said of no garment' };
}

/** How far behind its place in the text a thing is ranked for being small: seen figure first (common practice). */
const behind = (type: GarmentType) => {
	const { areaShare } = slots[type.slot];
	if (areaShare >= 0.3) return 0;
	return areaShare >= 0.05 ? 0.35 : 0.6;
};
/** How far behind for what may be a mistake, until it is confirmed. */
const doubtedBehind = 0.5;

/**
 * Ranks of things in the order in which they are named, 1 the first. The order is a first guess at what carries the look: what is
 * large on the body comes before what is small, and what may have been taken wrongly comes behind.
 */
function ranksOf(read: readonly Read[], spans: readonly Span[]): number[] {
	const places = read.map(({ group, named }, i) => {
		const doubted = named.choices.length > 0 || spans[group.head.at]?.meant !== undefined;
		return i / Math.max(1, read.length - 1) + behind(named.type) + (doubted ? doubtedBehind : 0);
	});
	const order = places.map((_, i) => i).sort((a, b) => (places[a] ?? 0) - (places[b] ?? 0) || a - b);
	const ranks = new Array<number>(places.length);
	order.forEach((place, rank) => (ranks[place] = rank + 1));
	return ranks;
}

const whereNamed = ({ group, named, description }: Read) => ({
	at: group.head.at,
	type: named.type,
	isBare: description.colours.length === 0 && Object.keys(description.facets).length === 0
});

/** How many of it are worn, where the text says so. */
const countOf = ({ group, named }: Read): number | undefined =>
	severalSlots.has(named.type.slot) && group.own.count
		? Math.min(mostTogether, group.own.count.number)
		: undefined;

/** "Edged, fur edged": what a longer note ends in is said there. */
const saidOnce = (notes: readonly string[]): string[] =>
	notes.filter((note) => !notes.some((other) => other.endsWith(` ${note}`)));

/** The id of a thing of a text, counted from 1: the text's own with its last four digits counted on, and a UUID as that is. */
function idInText(textId: string, at: number): string {
	const last = (Number.parseInt(textId.slice(-4), 16) + at) & 0xffff;
	return textId.slice(0, -4) + last.toString(16).padStart(4, '0');
}

function elementOf(
	read: Read,
	at: number,
	rank: number,
	textId: string,
	{ skin, said }: { skin: ReadOptions['skin']; said: SideSaid | undefined }
): Element {
	const { named, description } = read;
	const count = countOf(read);
	return {
		id: idInText(textId, at),
		garment: nudeOn(skin, garmentOf(description)),
		rank,
		role: usualRole(named.type),
		weightFactor: 1,
		signature: [],
		open: [],
		moves: description.moves,
		...(count !== undefined && { count }),
		...(said && { side: said.side }),
		note: saidOnce(description.notes).join(', ')
	};
}

/**
 * Reads a look that is said in words, one line or a pasted paragraph, into elements.
 *
 * `elements` come in the order in which they are named, each with its rank; nothing is invented: what the words do not say is left
 * out of the garment, but for the colour of a material that is named after one ("camel hair", "denim"), which is
 * inferred. `phrases` cover every word of the text and say what each was taken for; `questions` are words that
 * mean two things and that nothing else in the text decides; `things` are named by words that are not known, and have to be
 * asked: what is said of them is said of nothing else; `absent` are the types that are said not to be worn.
 *
 * Pure: the same text gives the same reading, ids included. Any text can be read; none throws.
 */
export function readLook(text: string, options: ReadOptions = {}): Reading {
	const { words = 'uk', provenance = 'seen' } = options;
	const spans = spansOf(text, options.taught);
	const attached = attach(clausesOf(spans, options.isRail));
	const { worn: named, denied, instead } = describeAll(attached, localeOf(text, spans, words), provenance);
	const halves = onSides(spans, named.map(whereNamed));
	const worn = named.filter((_, i) => !halves.listed.has(i));
	const sideOf = (read: Read) => halves.sides.get(named.indexOf(read));

	const ranks = ranksOf(worn, spans);
	// The text is hashed once, not once an element.
	const textId = v5(text, namespace);
	const phrases = spans.map((span): ReadPhrase => ({
		text: span.text,
		start: span.start,
		end: span.end,
		...unclaimed(span)
	}));
	const questions: Question[] = [];
	const claim = (at: number, claimed: Partial<ReadPhrase>) => {
		const phrase = phrases[at];
		if (phrase) Object.assign(phrase, claimed);
	};
	const things: StrangeThing[] = [];
	for (const { head, clauses, strange, denied: notWorn } of attached.groups) {
		if (!strange) continue;
		const said = clauses.flatMap(({ parts }) => parts).filter((part) => part !== head);
		const known = senseOf(head.span, 'stands-for')?.what;
		if (notWorn && known === 'things') {
			claim(head.at, { status: 'denied', takenFor: `no ${head.span.text}` });
			for (const { at } of said) claim(at, { status: 'denied', takenFor: 'not so' });
			continue;
		}
		const of = known === 'look' ? 'the look as a whole' : `“${head.span.text}”`;
		for (const { at } of said)
			claim(at, { status: 'doubted', takenFor: `said of ${of}; say it of one thing` });
		if (known === 'look') claim(head.at, { status: 'idle', takenFor: of });
		else {
			things.push({ phrase: head.at, word: head.span.text, said: said.map(({ span }) => span.text) });
			const suggestions = suggestionsFor(head.span.words[0] ?? '');
			claim(head.at, {
				status: 'unknown',
				takenFor: known ? 'a thing of its own; say which' : 'a thing of its own, not known',
				...(suggestions.length > 0 && !known ? { suggestions } : {})
			});
		}
	}
	for (const { group, named } of instead) {
		claim(group.head.at, { status: 'doubted', takenFor: `offered as a choice: ${named.type.singular}` });
		for (const part of group.clauses.flatMap(({ parts }) => parts))
			if (part !== group.head)
				claim(part.at, { status: 'doubted', takenFor: 'said of what is offered as a choice' });
	}
	for (const { group, named } of denied) {
		claim(group.head.at, {
			status: 'denied',
			takenFor: group.unseen ? `${named.type.singular}: not seen` : `no ${named.type.singular}`
		});
		for (const part of group.clauses.flatMap(({ parts }) => parts))
			if (part !== group.head) claim(part.at, { status: 'denied', takenFor: 'not so' });
	}
	for (const i of halves.listed)
		for (const { at } of named[i]?.group.clauses.flatMap(({ parts }) => parts) ?? [])
			claim(at, { status: 'idle', takenFor: 'stands over what is listed' });
	worn.forEach((read, element) => {
		const { group, named, description } = read;
		const count = countOf(read);
		const said = sideOf(read);
		if (said && phrases[said.at]?.status === 'idle')
			claim(said.at, { status: 'understood', takenFor: `worn on the ${said.side}`, element });
		if (count !== undefined && group.own.count)
			claim(group.own.count.at, { status: 'understood', takenFor: `${count} are worn`, element });
		const says = { aspect: 'type', value: named.type.id } as const;
		const offered = instead
			.filter((other) => other.group.insteadOf === group && other.named.type !== named.type)
			.map((other) => other.named.type.id);
		const choices = offered.length > 0 ? [named.type.id, ...offered] : named.choices;
		const asked = choices.length > 0;
		for (const clause of group.clauses)
			if (clause.head)
				claim(clause.head.at, {
					status: asked ? 'doubted' : 'understood',
					takenFor: saysInWords(says),
					element,
					says
				});
		if (asked)
			questions.push({
				phrase: group.head.at,
				word: group.head.span.text,
				taken: named.type.id,
				choices
			});
		for (const { at, ...outcome } of description.outcomes) claim(at, { ...outcome, element });
	});
	spans.forEach(({ meant }, at) => {
		const phrase = phrases[at];
		if (meant === undefined || phrase?.status !== 'understood') return;
		const suggestions = [meant, ...suggestionsFor(normalised(phrase.text))];
		claim(at, {
			status: 'doubted',
			takenFor: `${phrase.takenFor}; taken for “${meant}”`,
			suggestions: [...new Set(suggestions)].slice(0, 3)
		});
	});
	for (const { at, element, words } of keptUnknown({ phrases, text })) {
		worn[element]?.description.notes.push(words);
		claim(at, { takenFor: 'not known; kept as a note', element, says: { aspect: 'note', value: words } });
	}
	return {
		text,
		elements: worn.map((read, i) =>
			elementOf(read, i + 1, ranks[i] ?? i + 1, textId, { skin: options.skin, said: sideOf(read) })
		),
		things,
		absent: [...new Set(denied.filter(({ group }) => !group.unseen).map(({ named }) => named.type.id))],
		phrases,
		questions
	};
}
