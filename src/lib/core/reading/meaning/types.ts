/** Which garment a name means: by the studio's words, by what is said of it, by the words around it. */
import { senseOf, sensesOf } from '../spans/senses';
import { aspectWeightOf } from '../../lexicon/aspect-weights';
import type { FacetId } from '../../lexicon/facets';
import { feelOf } from '../../lexicon/material-feel';
import { materialFamilies } from '../../lexicon/materials';
import { isDoneWith } from '../../lexicon/moves';
import { garmentType, garmentTypes, isClothing, slotsMeetOf, type GarmentType } from '../../lexicon/taxonomy';
import { mayHave, type Group } from './owners';
import { type Clause, type Part } from './parts';
import { longestPhrase } from '../words/longest-phrase';
import { spansOf } from '../spans/spans';
import type { Sense, Span } from '../model';
import { wordsOf } from '../words/tokens';

/** Whose words a text is in, and whether its own words say so. */
export interface Locale {
	words: 'uk' | 'us';
	sure: boolean;
}

export interface NamedType {
	type: GarmentType;
	/** More than one where the name means two things and nothing said decides between them. */
	choices: string[];
}

/** How much of what is said of the garment a type can have. */
function fitOf(type: GarmentType, group: Group): number {
	return group.clauses
		.flatMap(({ parts }) => parts)
		.filter(({ role }) => role === 'said' || role === 'detail' || role === 'move')
		.filter(({ span }) =>
			span.senses.some(
				(sense) =>
					(sense.kind === 'move' && isDoneWith(sense.move, type)) ||
					(sense.kind === 'facet' && sense.free && mayHave(sense.facet, type, sense.value)) ||
					(sense.kind === 'detail' &&
						sense.detail.facets.some((facet) => mayHave(facet, type, sense.detail.alone?.[1])))
			)
		).length;
}

const raised = (heel: string | undefined) => heel !== undefined && heel !== 'flat' && heel !== 'low';

/** Is a heel said that such a shoe has not: a stiletto on what is flat, none on what has one? */
function deniesHeel({ usual, slot }: GarmentType, group: Group): boolean {
	if (slot !== 'feet' || usual.heelHeight === undefined) return false;
	const isFlat = !raised(usual.heelHeight);
	return group.clauses
		.flatMap(({ parts }) => parts.filter(({ denied, role }) => !denied && role !== 'head'))
		.flatMap(({ span }): { facet: string; value: string }[] => [
			...sensesOf(span, 'facet'),
			...sensesOf(span, 'type').flatMap((own) =>
				Object.entries(garmentType(own.type).own).map(([facet, value]) => ({ facet, value }))
			)
		])
		.some(({ facet, value }) =>
			facet === 'heelHeight'
				? isFlat
					? raised(value)
					: value === 'flat'
				: isFlat &&
					((facet === 'heelShape' && value !== 'flat') || (facet === 'sole' && value === 'platform'))
		);
}

/** Is the cloth or texture said that a type usually has, or one that is like it: "a cashmere jumper", "a cable jumper"? */
function saysItsCloth(type: GarmentType, { clauses }: Group): boolean {
	const usual = type.usual.material;
	if (usual === undefined) return false;
	const near = materialFamilies.find((family) => family.some(({ id }) => id === usual)) ?? [];
	return clauses
		.flatMap(({ parts }) => parts)
		.flatMap(({ span }) => sensesOf(span, 'facet'))
		.some(
			({ facet, value }) =>
				(facet === 'material' && near.some(({ id }) => id === value)) ||
				(facet === 'texture' && usual === 'knit' && knitted.has(value))
		);
}
const knitted = new Set(['cable', 'chunky-knit', 'fine-knit', 'ribbed']);

/** The types that a name can mean, the studio's own word first. */
function meantBy(group: Group, { words }: Locale): GarmentType[] {
	const senses = sensesOf(group.head.span, 'type');
	const order = (sense: { locale?: string }) =>
		sense.locale === words ? 0 : sense.locale === undefined ? 1 : 2;
	const said = group.head.span.words.join(' ');
	// Of two that share a word, the one whose own name it is.
	const isItsName = ({ singular }: GarmentType) => (singular.toLowerCase() === said ? 0 : 1);
	return [...senses]
		.sort((a, b) => order(a) - order(b))
		.map(({ type }) => garmentType(type))
		.sort((a, b) => isItsName(a) - isItsName(b))
		.filter((type, i, all) => all.indexOf(type) === i);
}

/** The words before the head of each specific type's names: "wide leg" of "wide-leg trousers". */
const specifics = new Map<string, { type: GarmentType; before: string[] }[]>();
for (const type of garmentTypes) {
	if (type.general) continue;
	for (const name of [type.singular, ...type.words.map(({ word }) => word)]) {
		const words = wordsOf(name);
		const head = words.at(-1) ?? '';
		if (words.length < 2) continue;
		specifics.set(head, [...(specifics.get(head) ?? []), { type, before: words.slice(0, -1) }]);
	}
}

/** "A fur lined coat": what stands before it is the lining's. */
const isLining = (next: Part | undefined) =>
	next !== undefined && senseOf(next.span, 'detail')?.detail.leads === true;

/** A name with the words of a more particular one around it means that: "wide-leg wool trousers", "chunky white trainers". */
function refined(type: GarmentType, group: Group): GarmentType {
	const { words } = group.head.span;
	if (!type.general && words.length > 1) return type;
	const head = words.at(-1) ?? '';
	const named = [...(specifics.get(head) ?? []), ...(specifics.get(`${head}s`) ?? [])].filter(
		({ type: other }) => other.family === type.family && other !== type
	);
	if (named.length === 0) return type;
	const saidIn = (clause: Clause) =>
		clause.parts
			.filter(
				({ role, denied, instead }, i) =>
					(role === 'said' || role === 'detail') && !denied && !instead && !isLining(clause.parts[i + 1])
			)
			// "Mid denim" is a colour that names its cloth; "weak tea" is no tea dress.
			.flatMap(({ span }) => [
				span.words.join(' '),
				...(senseOf(span, 'colour') && senseOf(span, 'facet') ? span.words : [])
			]);
	const ownAt = group.clauses.indexOf(group.own);
	const said = new Set(
		group.clauses
			.filter((clause, at) => !clause.ofPart && (at <= ownAt || clause.before === 'is'))
			.flatMap(saidIn)
	);
	// "Earrings with pearl drops" are drop earrings.
	if (type.family === 'earrings')
		for (const { parts } of group.clauses.filter(({ before }) => before === 'with'))
			for (const { span } of parts) said.add((span.words.at(-1) ?? '').replace(/s$/, ''));
	const fitting = named.filter(
		({ before }) => said.has(before.join(' ')) || before.every((word) => said.has(word))
	);
	return (
		fitting.reduce<{ type: GarmentType; before: string[] } | undefined>(
			(best, next) => (best === undefined || next.before.length > best.before.length ? next : best),
			undefined
		)?.type ?? type
	);
}

/** "A pink suit, skirt above the knee": a suit of which a skirt is named is a skirt suit. */
function withItsSkirt(type: GarmentType, { clauses }: Group): GarmentType {
	const hasSkirt = clauses.some(
		({ head }) =>
			head && sensesOf(head.span, 'type').some((sense) => garmentType(sense.type).family === 'skirts')
	);
	return hasSkirt && type.id === 'suit' ? garmentType('skirt-suit') : type;
}

/** Of several types those that what is said of the garment fits best. */
function bestFitting(meant: readonly GarmentType[], group: Group): readonly GarmentType[] {
	const fits = meant.map(
		(type) => fitOf(type, group) + (saysItsCloth(type, group) ? 1 : 0) - (deniesHeel(type, group) ? 1 : 0)
	);
	const most = Math.max(...fits);
	return meant.filter((_, i) => fits[i] === most);
}

/** The type that a group's name means, with the choices where it means two things. */
export function typeNamed(group: Group, locale: Locale): NamedType {
	const meant = meantBy(group, locale);
	const fitting = meant.length > 1 ? bestFitting(meant, group) : meant;
	const [first] = fitting;
	if (!first) throw new Error(`"${group.head.span.text}" names no type`);
	const type = withItsSkirt(refined(first, group), group);
	// Only of a word that each side of the Atlantic uses for a thing of its own do the other words decide.
	const sided = sensesOf(group.head.span, 'type').some((sense) => sense.locale !== undefined);
	const open = fitting.length > 1 && type === first && !(locale.sure && sided && fitting.length < 3);
	return { type, choices: open ? fitting.map(({ id }) => id) : [] };
}

const said = new Map<string, Sense[]>();

/** A name's last word is what the thing is, those before say what kind; of "rope of pearls" it is the other way round. */
function partsOfName(words: readonly string[]): { before: string; head: string; isMadeOf: boolean } {
	const of = words.indexOf('of');
	if (of > 0)
		return { before: words.slice(of + 1).join(' '), head: words.slice(0, of).join(' '), isMadeOf: true };
	if (words.length < 2) return { before: '', head: '', isMadeOf: false };
	return { before: words.slice(0, -1).join(' '), head: words.at(-1) ?? '', isMadeOf: false };
}

/**
 * What the last word of a name means by itself: such a thing, something else that is worn there, or neither. "Lace-ups" are of no lace,
 * and "white tie" is no white suit; a "Fair Isle tank" is a knit with that pattern.
 */
function meantByHead(type: GarmentType, head: string): 'itself' | 'worn-there' | 'other' {
	const own = [type.singular, type.plural].map((name) => name.split(' ').at(-1));
	const named = typesNamed(head);
	if (own.includes(head) || named.some(({ family }) => family === type.family)) return 'itself';
	return named.some(({ id }) => slotsMeetOf(id, type.id)) ? 'worn-there' : 'other';
}
/** A "sports jacket" is a blazer, and as dressy as one. */
const isDressiness = (sense: Sense) => sense.kind === 'facet' && sense.facet === 'formality';
const typesNamed = (word: string) =>
	(longestPhrase(wordsOf(word), 0, 1)?.senses ?? []).flatMap((sense) =>
		sense.kind === 'type' ? [garmentType(sense.type)] : []
	);

/** What the words inside a garment's name say of it, apart from the name as a whole; kept once found. */
export function nameSays(type: GarmentType, words: readonly string[]): Sense[] {
	const key = `${type.id} ${words.join(' ')}`;
	const known = said.get(key);
	if (known) return known;
	const whole = longestPhrase(words, 0, words.length)?.senses ?? [];
	const { before, head, isMadeOf } = partsOfName(words);
	const meant = isMadeOf ? 'itself' : meantByHead(type, head);
	const beforeHead = spansOf(before)
		.flatMap((span, i, all) => {
			// "Fair Isle tank" of a "Fair Isle tank top" is such a name by itself.
			const isName = span.words.length > 1 && sensesOf(span, 'type').some((sense) => sense.type === type.id);
			if (isName) return nameSays(type, span.words);
			const inside = insideName(type, span, meant === 'other');
			// Boots with a steel toe are not of that colour.
			const next = all[i + 1];
			return next && senseOf(next, 'detail') ? inside.filter(({ kind }) => kind !== 'colour') : inside;
		})
		.filter((sense) => meant === 'itself' || !isDressiness(sense));
	const ofWhole = whole.filter(
		(sense) =>
			sense.kind === 'print' ||
			(sense.kind === 'facet' && sense.free && canHave(type, sense.facet, sense.value))
	);
	// A "long sleeve" is long in the sleeve alone: what the whole name says, its words do not say otherwise.
	const senses = ofWhole.some(({ kind }) => kind === 'facet')
		? ofWhole
		: [
				...ofWhole,
				...beforeHead,
				...spansOf(head).flatMap((span) => insideName(type, span, true)),
				...(meant === 'itself' ? [] : madeOfJewels(type, head))
			];
	// "Saddle shoes", "snow boots": a name that is the kind's own says no colour.
	const isOwnName = [type.singular, type.plural].some((name) => wordsOf(name).join(' ') === words.join(' '));
	const told = isOwnName ? senses.filter(({ kind }) => kind !== 'colour') : senses;
	said.set(key, told);
	return told;
}

/** Stuffs that are strung or set, and never sewn. */
const strung = new Set(['bead', 'hard']);
/** "Drop pearls" are of pearls; a "hand harness" is of no leather. */
function madeOfJewels({ division }: GarmentType, head: string): Sense[] {
	const materials = typesNamed(head).flatMap(({ usual }) => usual.material ?? []);
	return division === 'jewellery'
		? materials
				.filter((value) => strung.has(feelOf.get(value)?.stuff ?? ''))
				.map((value) => ({ kind: 'facet', facet: 'material', value, free: true }))
		: [];
}

/** A shell top is made of no shells: what is cut and sewn is of cloth, leather or knit. */
const canHave = ({ division, facets }: GarmentType, facet: FacetId, value: string) =>
	facets.includes(facet) &&
	!(facet === 'material' && isClothing({ division }) && strung.has(feelOf.get(value)?.stuff ?? ''));

/**
 * One word of a name says one thing: the facet that weighs most, or else a colour or print. A word before the last says
 * what it says anywhere ("quilted gilet", "raffia bag"); the last one only what is usual of the type.
 */
function insideName(type: GarmentType, { senses, words }: Span, onlyUsual: boolean): Sense[] {
	// "High-tops" and "tall boots" are high in the shaft: a height is the heel's where the name speaks of a heel.
	const saysHeel = words.some((word) => word.startsWith('heel'));
	const [facet] = senses
		.filter((sense) => sense.kind === 'facet')
		.filter(({ facet: id, value, free }) => {
			if (!canHave(type, id, value)) return false;
			const usual = type.usual[id];
			if (onlyUsual) return free && usual === value;
			return usual === value || (free && !(id === 'heelHeight' && usual !== undefined && !saysHeel));
		})
		.sort((a, b) => aspectWeightOf(b.facet, type.division) - aspectWeightOf(a.facet, type.division));
	if (facet) return [facet];
	return onlyUsual ? [] : senses.filter(({ kind }) => kind === 'colour' || kind === 'print');
}
