/** What a limit of a whole look means, once it is known which words are its parts. */
import { facetOf } from '../../lexicon/facets';
import type { SlotId } from '../../lexicon/slots';
import { garmentType } from '../../lexicon/taxonomy';
import { readLook } from '../../reading';
import { spansOf } from '../../reading/spans/spans';
import type { PieceFacts } from '../facts';
import { allOf, anyOf, saidOnly } from '../property';
import { thresholds } from '../thresholds';
import { endsOnBody, figureOf } from './clauses';
import { isTold } from './described';
import { namesThing } from './descriptions';
import {
	anyPart,
	heldOf,
	isItsPart,
	isKnownPart,
	isSaidOf,
	metalIs,
	naturesOf,
	partIs,
	type Nature
} from './parts-of-looks';
import { denied } from './rewordings';
import {
	beside,
	coloursOver,
	matching,
	missing,
	missingWith,
	mixed,
	moreThan,
	oneColour,
	sets,
	strongest,
	throughout,
	type Is,
	type OfLook
} from './together';

/** Two things, or two ways of being, that are worn together. */
export function togetherOf(a: string, b: string): OfLook | undefined {
	const [ofA, ofB] = [naturesOf(a), naturesOf(b)];
	const both = (nature: Nature) => ofA.includes(nature) && ofB.includes(nature);
	// "Skirts over the knee", "bags over the shoulder" say where, "heels over a kitten" how high.
	if (endsOnBody(b) || (/\bheels?$/i.test(a) && /^(?:kitten|low|mid|block)$/i.test(b))) return undefined;
	if (both('metal')) return beside(metalIs(a), metalIs(b));
	if (both('colour') || both('print')) return beside(partIs(a), partIs(b));
	if (isSaid(a) && isSaid(b)) return bothWays(a, b);
	if (ofA.includes('thing') && ofB.includes('cloth') && !isSaidOf(a, b))
		return beside(anyPart(a), anyPart(b));
	// "Brown shoes with navy".
	if (ofA.includes('thing') && ofB.includes('colour')) return beside(anyPart(a), anyPart(b));
	const isThing = ofB.includes('thing') && (ofA.includes('thing') || ofA.includes('colour'));
	if (!isThing || !isKnownPart(a)) return undefined;
	if (isItsPart(a, b.split(/\s+or\s+/i)[0] ?? b)) return undefined;
	// "No jackets with belts" means one that is belted as well.
	const [isA, isB] = [anyPart(a), anyPart(b)];
	return orAlone(beside(isA, isB), (piece) => (isTold(piece, b) ? isA(piece) : 'no'));
}

/** Several things together, or else one that has it all by itself. */
const orAlone =
	(several: OfLook, alone: Is): OfLook =>
	(worn) => {
		const outcome = several(worn);
		if (saidOnly(outcome.answer) !== 'no') return outcome;
		const pieces = worn.filter((piece) => saidOnly(alone(piece)) !== 'no');
		return pieces.length > 0 ? { answer: anyOf(...pieces.map(alone)), pieces } : outcome;
	};

/** Says how a thing is, and names neither a thing nor a colour: "tweed", "low-cut". */
function isSaid(words: string): boolean {
	const natures = naturesOf(words);
	return natures.includes('cloth') || (natures.length === 0 && heldOf(words).known);
}
/** Is it a cloth or a surface, which a shoe or a bag may have as well? */
const isStuff = (words: string): boolean =>
	spansOf(words).some(({ senses }) =>
		senses.some((sense) => sense.kind === 'facet' && facetOf(sense.facet).group === 'cloth')
	);

/** "Never short and tight at once": on one thing, or on two. */
const bothWays = (a: string, b: string): OfLook => {
	const [isA, isB] = [partIs(a), partIs(b)];
	const [onTwo, isOfStuff] = [beside(isA, isB), isStuff(a) && isStuff(b)];
	return (worn) => {
		const both = worn.map((piece) => ({ piece, answers: [isA(piece), isB(piece)] }));
		// Of what is one of them it is asked whether it is the other.
		const pieces = both.filter(
			({ answers }) => allOf(...answers) !== 'no' && answers.some((one) => saidOnly(one) !== 'no')
		);
		const answer = anyOf(...pieces.map(({ answers }) => allOf(...answers)));
		// A small bag beside trousers is nothing short; suede shoes are suede.
		const apart = onTwo(isOfStuff ? worn : worn.filter(({ area }) => area >= thresholds.largeArea));
		return strongest([{ answer, pieces: pieces.map(({ piece }) => piece) }, apart]);
	};
};

/** "No black and brown": on two things, or on one. */
export function joinedColours(a: string, b: string): OfLook | undefined {
	const [ofA, ofB] = [naturesOf(a), naturesOf(b)];
	const isBoth = (['colour', 'metal'] as const).some((one) => ofA.includes(one) && ofB.includes(one));
	const apart = isBoth ? togetherOf(a, b) : undefined;
	return apart && orAlone(apart, heldOf(`${a} and ${b}`).breaks);
}

/** What is needed with a thing, unless it is a part of it: "only shirts with collars". */
export const neededUnlessPart = (a: string, b: string, what: string, where: string): OfLook | undefined =>
	namesThing(a) && isItsPart(a, b) ? undefined : neededOf(what, where);

/** Slots of what lies over one another on the trunk. */
const layered: readonly SlotId[] = ['top', 'whole', 'layer', 'outer', 'suit'];
/** What is counted, as it is said. */
export function countOf(most: number, said: string): OfLook | undefined {
	if (/^(?:main |different )?(?:colou?rs?|shades?|hues?)$/i.test(said)) return coloursOver(most);
	if (/^layers?$/i.test(said)) return moreThan(most, ({ slot }) => (layered.includes(slot) ? 'yes' : 'no'));
	if (
		/^(?:statement|bold|standout|eye-?catching|loud) (?:pieces?|things?|items?|accessor(?:y|ies))$/i.test(
			said
		)
	)
		return moreThan(most, ({ statement, strong }) =>
			statement || (strong && /^bold|^loud/i.test(said)) ? 'yes' : 'no'
		);
	if (/^metals?$/i.test(said)) return most === 1 ? mixed(({ metal }) => metal) : undefined;
	const what = said
		.replace(/^(?:pieces?|items?|things?) (?:of|in) /i, '')
		.replace(/ (?:pieces?|items?|things?)$/i, '');
	return naturesOf(what).length > 0 ? moreThan(most, partIs(what)) : undefined;
}

/** What matches, as one thing or as two. */
export const setsOf: OfLook = orAlone(sets, ({ type }) =>
	['co-ords', 'skirt-sets', 'skirt-suits'].includes(type.family) ? 'by-kind' : 'no'
);

export const atMost = (figure: string, what: string) => countOf(figureOf(figure) ?? Number(figure), what);

/** Slots where something is worn in any look; elsewhere "always" asks for it. */
const filled: readonly SlotId[] = ['top', 'legs', 'whole', 'feet', 'under', 'hair', 'face', 'nails', 'scent'];
const slotsOf = (words: string): SlotId[] =>
	readLook(words).elements.map(({ garment }) => garmentType(garment.type).slot);
/** Is it carried, and nothing besides: one bag instead of another? */
export const isCarried = (words: string): boolean => {
	const slots = slotsOf(words);
	return slots.length > 0 && slots.every((slot) => slot === 'bag');
};
const isOptional = (words: string) => slotsOf(words).some((slot) => !filled.includes(slot));

export function neededOf(what: string, where?: string): OfLook | undefined {
	if (!isKnownPart(what) || (where !== undefined && !isKnownPart(where))) return undefined;
	const slots = slotsOf(what);
	// Nobody tells of a bra that is worn under a jumper.
	if (where === undefined && slots.includes('under')) return undefined;
	const wornIn = slots.length > 0 ? slots : undefined;
	return where === undefined
		? missing(anyPart(what), what, wornIn)
		: missingWith(anyPart(what), what, anyPart(where), wornIn);
}

/** "Something red", "a touch of colour" is in anything that is worn. */
const something = /^(?:something|(?:a )?(?:bit|touch|pop|hint|flash|splash) of|some)\s+/i;
export const needs = (what: string): OfLook | undefined => {
	if (denied.test(what)) return undefined;
	const bare = what.replace(something, '');
	// A lip is something red, too.
	if (bare !== what) return isKnownPart(bare) ? missing(heldOf(bare).breaks, what) : undefined;
	return naturesOf(bare).includes('thing') && isOptional(bare) ? neededOf(bare) : undefined;
};

/** "Hair covered": by whatever is worn over it, which hair clips and a visor are not. */
export const coveredHead = (): OfLook =>
	missing(
		({ type }) => (type.family === 'headwear' && type.id !== 'visor' ? 'yes' : 'no'),
		'a covered head',
		['head']
	);

/** "Wears a hijab": what faith asks for on the head is in every look; glasses are worn without being told. */
export const wornOnTheHead = (what: string): OfLook | undefined =>
	!denied.test(what) && !/\bonly\b/i.test(what) && slotsOf(what).every((slot) => slot === 'head')
		? needs(what)
		: undefined;

const onTheFeetToo: readonly SlotId[] = ['feet', 'hosiery'];
export function throughoutOf(what: string): OfLook | undefined {
	if (/^(?:(?:in )?(?:one|a single|the same) (?:colou?r|shade)|monochrome)$/i.test(what)) return oneColour;
	const natures = naturesOf(what);
	if (natures.length === 0 || natures.includes('thing')) return undefined;
	return throughout(partIs(what), natures.includes('colour') ? onTheFeetToo : []);
}

const printOf = ({ print, area }: PieceFacts) => (area >= 0.02 ? print : undefined);
export function mixedOf(what: string): OfLook | undefined {
	return /metal/i.test(what) ? mixed(({ metal }) => metal) : mixed(printOf);
}

/** Of two things that must match, or must not. */
export const matchingOf = (a: string, b: string, wanted: 'alike' | 'apart'): OfLook | undefined =>
	isKnownPart(a) && isKnownPart(b) ? matching(partIs(a), partIs(b), wanted) : undefined;

export const twice = (what: string, times = 1): OfLook | undefined =>
	naturesOf(what).length > 0 ? moreThan(times, partIs(what)) : undefined;
