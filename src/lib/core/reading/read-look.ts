import { v5 } from 'uuid';
import { movesByTarget, moveOf, type MoveId } from '../lexicon/moves';
import type { RoleId } from '../lexicon/roles';
import type { SkinId } from '../lexicon/skins';
import { nudeOn } from '../colour/nude';
import { garmentType, type GarmentType } from '../lexicon/taxonomy';
import type { Provenance } from '../model/basics';
import type { Element } from '../model/reference';
import { attach, shares, type Attached, type Group } from './attach';
import { clausesOf, senseOf, type Part } from './clauses';
import { describe, garmentOf, saysInWords, type Description } from './describe';
import type { Question, Reading, ReadPhrase, Span } from './model';
import { suggestionsFor } from './near';
import { spansOf, type OwnWord } from './spans';
import { nameSays, typeNamed, type NamedType } from './types';

export interface ReadOptions {
	/** Whose words the studio uses where one word means two things; default "uk". */
	words?: 'uk' | 'us';
	/** How the stylist comes by what is said; default "seen". What is hedged ("probably") is inferred. */
	provenance?: Provenance;
	/** Words that the studio was taught. */
	taught?: readonly OwnWord[];
	/** The client whose things are said: "nude" is the tone of their skin. */
	skin?: SkinId;
}

/** Namespace of the ids that a reading gives its elements: the same text always has the same ids. */
const namespace = '5a3d5c0e-8a53-4c50-9a26-0b8f0c8f1d2e';

/** What an element of a division usually is in a look; the stylist decides (common practice). */
function usualRole(type: GarmentType): RoleId {
	if (['beauty', 'jewellery', 'under'].includes(type.division)) return 'finish';
	if (['footwear', 'bags', 'accessories'].includes(type.division)) return 'support';
	return 'key';
}

interface Read {
	group: Group;
	named: NamedType;
	description: Description;
}

/** Colour, cloth and print of another garment, where the own description says none. */
function takeFrom(own: Description, other: Description): void {
	if (own.colours.length === 0) own.colours = [...other.colours];
	if (!own.print && other.print && own.type.division !== 'jewellery') own.print = other.print;
	for (const facet of ['material', 'texture'] as const) {
		const given = other.facets[facet];
		if (own.facets[facet] === undefined && given && own.type.facets.includes(facet))
			own.facets[facet] = given;
	}
	own.metal ??= other.metal && own.type.division === other.type.division ? other.metal : undefined;
}

const asksToMatch = ({ clauses }: Group) =>
	clauses.some(({ parts }) => parts.some(({ role }) => role === 'matching'));

/** "worn as a belt": the move that the named thing makes of a garment. */
function moveTo(target: Part): MoveId | undefined {
	const type = garmentType(senseOf(target.span, 'type')?.type ?? '');
	return movesByTarget.find(
		({ types, families, slots }) =>
			types?.includes(type.id) ?? families?.includes(type.family) ?? slots?.includes(type.slot)
	)?.move;
}

/** Everything that the text says of its garments, in their order; those that are not worn apart. */
function describeAll(
	{ groups, turned }: Attached,
	locale: 'uk' | 'us',
	provenance: Provenance
): { worn: Read[]; denied: Read[] } {
	const read = groups.map((group): Read => {
		const named = typeNamed(group, locale);
		return { group, named, description: describe(group, named.type, { provenance, nameSays }) };
	});
	const worn = read.filter(({ group }) => !group.denied);
	worn.forEach((own, i) => {
		const previous = worn[i - 1];
		if (!previous) {
			const [, next] = worn;
			if (asksToMatch(own.group) && next) takeFrom(own.description, next.description);
		} else if (asksToMatch(own.group) || shares(previous.group, own.group))
			takeFrom(own.description, previous.description);
	});
	for (const { group, target } of turned) {
		const move = moveTo(target);
		const owner = worn.find((one) => one.group === group);
		if (!owner) continue;
		const { description } = owner;
		if (move && moveOf(move).slots.includes(description.type.slot) && !description.moves.includes(move)) {
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
	return { worn, denied: read.filter(({ group }) => group.denied) };
}

/** What a phrase was taken for that no garment claimed. */
function unclaimed(span: Span): Pick<ReadPhrase, 'status' | 'takenFor' | 'suggestions'> {
	if (span.senses.length === 0) {
		const suggestions = suggestionsFor(span.words[0] ?? '');
		return { status: 'unknown', takenFor: 'not known', ...(suggestions.length > 0 ? { suggestions } : {}) };
	}
	const link = senseOf(span, 'link')?.link;
	if (link) return { status: 'idle', takenFor: link === 'no' || link === 'not' ? 'denies' : 'joins' };
	if (senseOf(span, 'hedge')) return { status: 'idle', takenFor: 'a guess: what follows is inferred' };
	if (span.senses.every(({ kind }) => kind === 'filler'))
		return { status: 'idle', takenFor: 'carries nothing to compare' };
	return { status: 'doubted', takenFor: 'said of no garment' };
}

function elementOf(
	{ named, description }: Read,
	rank: number,
	textId: string,
	skin: SkinId | undefined
): Element {
	return {
		id: v5(String(rank), textId),
		garment: nudeOn(skin, garmentOf(description)),
		rank,
		role: usualRole(named.type),
		weightFactor: 1,
		signature: [],
		open: [],
		moves: description.moves,
		note: description.notes.join(', ')
	};
}

/**
 * Reads a look that is said in words, one line or a pasted paragraph, into elements.
 *
 * `elements` come in the order in which they are named; nothing is invented: what the words do not say is left
 * out of the garment, but for the colour of a material that is named after one ("camel hair", "denim"), which is
 * inferred. `phrases` cover every word of the text and say what each was taken for; `questions` are words that
 * mean two things and that nothing else in the text decides; `absent` are the types that are said not to be worn.
 *
 * Pure: the same text gives the same reading, ids included. Any text can be read; none throws.
 */
export function readLook(text: string, options: ReadOptions = {}): Reading {
	const { words = 'uk', provenance = 'seen' } = options;
	const spans = spansOf(text, options.taught);
	const attached = attach(clausesOf(spans));
	const { worn, denied } = describeAll(attached, words, provenance);

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
		if (phrase) phrases[at] = { ...phrase, ...claimed };
	};
	for (const { group, named } of denied) {
		claim(group.head.at, { status: 'denied', takenFor: `no ${named.type.singular}` });
		for (const part of group.clauses.flatMap(({ parts }) => parts))
			if (part !== group.head) claim(part.at, { status: 'denied', takenFor: 'not so' });
	}
	worn.forEach(({ group, named, description }, element) => {
		const says = { aspect: 'type', value: named.type.id } as const;
		const asked = named.choices.length > 0;
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
				choices: named.choices
			});
		for (const { at, ...outcome } of description.outcomes) claim(at, { ...outcome, element });
	});
	return {
		text,
		elements: worn.map((read, i) => elementOf(read, i + 1, textId, options.skin)),
		absent: [...new Set(denied.map(({ named }) => named.type.id))],
		phrases,
		questions
	};
}
