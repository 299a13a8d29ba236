/** Limits of what is worn together, as clients say them: "no double denim", "never brown with black", "always earrings". */
import { sensesOfPhrase, spansOf } from '../../reading/spans/spans';
import { withoutDenial } from './clauses';
import { timedIn } from './occasions';
import { exception, inPlaceOf, outdone, somebody } from './rewordings';
import {
	atMost,
	countOf,
	coveredHead,
	joinedColours,
	matchingOf,
	mixedOf,
	needs,
	neededOf,
	neededUnlessPart,
	setsOf,
	throughoutOf,
	togetherOf,
	twice,
	wornOnTheHead
} from './meant-together';
import { naturesOf } from './parts-of-looks';
import type { OfLook, Outcome } from './together';

interface Form {
	said: RegExp;
	/** What it means, by what its groups hold; undefined where it is none after all. */
	means: (...groups: string[]) => OfLook | undefined;
}
const withoutArticle = (words: string) => words.replace(/^(?:an?|the|her|his|their|my|any) /i, '').trim();
const number = '(one|two|three|four|five|\\d+)(?! ?(?:cm|mm|in|inch(?:es)?|years?|hours?|%|["”])(?:\\s|$))';
const howWorn = '(?: ever)?(?: (?:worn|paired|teamed|put|goes|go|mixed|combined|wears?))?';

/** What must be there, or match; it is said without denying anything. */
const wanting: readonly Form[] = [
	{
		said: /^(?:never|not|nothing|no (?:outfit|look))(?: be| goes?(?: out)?| leaves?(?: the house)?| seen)? without (.+)$/i,
		means: (what) => neededOf(what)
	},
	{
		said: /^(?:no |never )?(.+?) without (.+)$/i,
		means: (where, what) => neededUnlessPart(where, what, what, where)
	},
	{
		said: new RegExp(`^(?:only${howWorn} (.+?)|(.+?) only${howWorn}) (?:with|under|over) (.+)$`, 'i'),
		means: (one, other, what) => neededUnlessPart(one || other, what, what, one || other)
	},
	{
		said: new RegExp(`^(?:always${howWorn} (.+?)|(.+?) always${howWorn}) (?:with|under|over) (.+)$`, 'i'),
		means: (one, other, where) => neededUnlessPart(one || other, where, one || other, where)
	},
	{
		said: /^(.+?) and (.+?) (?:must|should|always|have to|to) match$/i,
		means: (a, b) => matchingOf(a, b, 'apart')
	},
	{
		said: /^(.+?) (?:must|should|always|has to|have to) match(?:es)?(?: (?:with )?(.+))?$/i,
		means: (a, b) => (b ? matchingOf(a, b, 'apart') : mixedOf(a))
	},
	{
		said: /^(?!.*\b(?:no|not|never|nothing|without|only)\b)(?:always )?(?:an? |her |his )?(.+?) (?:over|under|with|beneath) (?:any(?:thing)?|all|every(?:thing)?|each)(?: that(?: is|['’]s))? (.+)$/i,
		means: (what, where) => neededUnlessPart(where, what, what, where)
	},
	{
		said: /^(?!.*\b(?:no|not|never|nothing|without|only)\b)(?:an? |always )?(.+?) with every(?:thing| outfit| look)?$/i,
		means: (what) => neededOf(what)
	},
	{
		said: /^(?!.*\b(?:no|not|never|nothing|without|only)\b)(?:an? )?(.+?) (?:over|under|with) (.+?),? always$/i,
		means: (what, where) => neededUnlessPart(where, what, what, where)
	},
	{
		said: /^(?=.*\bcover)(?:(?:always|must|should|has to|have to) )?(?:(?:keeps?|covers?|has) )?(?:(?:the|her|his|their|my) )?(?:hair|head)(?: (?:is|must be|should be|to be))?(?: always)?(?: covered(?: up)?)?(?: always)?$/i,
		means: coveredHead
	},
	{
		said: /^(?:always|must(?: always)? (?:have|wear)|has to (?:have|wear)|needs)(?: (?:wears?|has|have|with|in))? (.+)$/i,
		means: needs
	},
	{ said: /^(.+?),? (?:always|every time)$/i, means: needs },
	{ said: /^(?:also )?wears (.+)$/i, means: wornOnTheHead },
	{
		said: new RegExp(`^(?:only|just|at most|max(?:imum)?(?: of)?|no more than) ${number} (.+)$`, 'i'),
		means: atMost
	},
	{ said: new RegExp(`^${number} (.+?) (?:only|at most|max(?:imum)?)$`, 'i'), means: atMost }
];

/** What is never worn together; how it is denied, and that it is meant of one look, is taken off before. */
const denying: readonly Form[] = [
	{ said: new RegExp(`^(?:more than|over) ${number} (.+)$`, 'i'), means: atMost },
	{ said: /^two (.+)$/i, means: (what) => countOf(1, what) },
	{ said: /^three (.+)$/i, means: (what) => countOf(2, what) },
	{ said: /^double (.+)$/i, means: (what) => twice(what) },
	{ said: /^triple (.+)$/i, means: (what) => twice(what, 2) },
	{ said: /^(.+) (?:on|with|over|and|next to) \1$/i, means: (what) => twice(what) },
	{
		said: /^(?:mix(?:ed|es|ing)?|clashing|mismatched|combin(?:ed|es|ing)|different)(?: of)? ((?:[\w-]+ )?(?:prints?|patterns?|metals?))$/i,
		means: mixedOf
	},
	{ said: /^(print|pattern|metal)[ -](?:mix(?:ing|es)?|clash(?:ing|es)?)$/i, means: mixedOf },
	{ said: /^(?:matching (?:sets?|outfits?|separates)|matchy[ -]matchy)$/i, means: () => setsOf },
	{ said: /^matching (.+?) (?:and|with) (.+)$/i, means: (a, b) => matchingOf(a, b, 'alike') },
	{ said: /^(.+?) (?:and|with) (?:a )?matching (.+)$/i, means: (a, b) => matchingOf(a, b, 'alike') },
	{
		said: /^(.+?) and (.+?) (?:that match(?:es)?|to match|matching)$/i,
		means: (a, b) => matchingOf(a, b, 'alike')
	},
	{
		said: /^(?:all[ -](?:in )?|(?:completely|entirely|totally) (?:in )?|(?:dressed )?(?:head|top)[ -]to[ -](?:toe|foot|bottom) (?:in )?|everything (?:in )?)(.+)$/i,
		means: throughoutOf
	},
	{
		said: /^(?:all )?(?:in )?(.+?),? (?:from )?(?:head|top)[ -]to[ -](?:toe|foot|bottom)$/i,
		means: throughoutOf
	},
	{ said: /^(monochrome)$/i, means: throughoutOf },
	{
		said: /^(?:both |mix(?:es|ing)? |combin(?:es|ing) |pair(?:s|ing) |wear(?:s|ing)? )?(.+?) (?:together )?(?:worn |paired |teamed |mixed |combined |put )?(?:with|next to|against|over|under) (.+)$/i,
		means: togetherOf
	},
	{ said: /^(.+?) and (.+)$/i, means: joinedColours },
	{
		said: /^(.+?) on (.+)$/i,
		means: (a, b) => (naturesOf(a).includes('colour') ? togetherOf(a, b) : undefined)
	}
];
/** Only where it is said that both are meant: "black and navy together", "mixing gold and silver". */
const joined: Form = {
	said: /^(?:both |mix(?:es|ing)? |combin(?:es|ing) |pair(?:s|ing) |(?:a )?(?:mix|combination) of )?(.+?) and (.+)$/i,
	means: togetherOf
};
const saysJoined =
	/\b(?:together|in (?:one|the same|a single)|at once|at the same time|both|mix\w*|combin\w+|pair(?:s|ing))\b/i;

const ofOneLook =
	/\s+(?:together|at once|at (?:the same|a|one) time|in (?:one|the same|a single|an?) (?:go|outfit|look)|(?:per|an?|each) (?:outfit|look)|outfits?|looks?|combinations?|combos?|altogether|at all|please|ever)$/i;
const stripped = (words: string): string => {
	const left = words.replace(ofOneLook, '').trim();
	return left === words ? words : stripped(left);
};

function meant(forms: readonly Form[], words: string): OfLook | undefined {
	for (const { said, means } of forms) {
		const groups = said.exec(words)?.slice(1) as (string | undefined)[] | undefined;
		const found = groups && means(...groups.map((one) => withoutArticle(one ?? '')));
		if (found) return found;
	}
	return undefined;
}

/** "One colour at a time". */
const atATime = new RegExp(`^(?:only )?${number} (.+?) at (?:a time|once)$`, 'i');

const asked = (outcome: Outcome): Outcome =>
	outcome.answer === 'no' ? outcome : { ...outcome, answer: 'unknown' };

/** A limit of what is worn together; undefined where it is one of single things, or nobody knows what is meant. */
export function lookLimitIn(said: string): OfLook | undefined {
	const bare = said.trim().replace(somebody, '');
	// "Happy in heels but not stilettos" forbids the second, with whatever it is worn.
	if (inPlaceOf.test(bare) || outdone(bare)) return undefined;
	// Of "no socks with sandals except at home" it is asked.
	const [, base] = exception.exec(bare) ?? [];
	if (base) {
		const of = lookLimitIn(base);
		return of && ((worn) => asked(of(worn)));
	}
	// "No gold with silver at weddings": what is under the lights is worn over nothing.
	const { words: anyTime, when } = timedIn(bare);
	if (anyTime !== bare) {
		const of = lookLimitIn(anyTime);
		return when ? of && ((worn) => asked(of(worn))) : of;
	}
	const [, most, counted] = atATime.exec(bare) ?? [];
	if (most && counted) return atMost(most, counted);
	const words = stripped(bare);
	const wanted = meant(wanting, words);
	if (wanted) return wanted;
	const forbidden = withoutDenial(words);
	// "All-in-ones", "double pleats" are of one thing; a set that matches is one, and what looks like one; double denim are two.
	const ofOne = sensesOfPhrase(forbidden)?.some(({ kind }) => ['type', 'facet', 'detail'].includes(kind));
	const [first] = spansOf(forbidden);
	// "Double-breasted jackets" are counted by nothing.
	if (
		/^(?:double|triple|two|three)\b/i.test(forbidden) &&
		(first?.words.length ?? 0) > 1 &&
		!/^double denim$/i.test(forbidden)
	)
		return undefined;
	const saysAlone = /\b(?:only|always)\b/i.test(words);
	return saysAlone || (ofOne && !/^(?:match|double denim$)/i.test(forbidden))
		? undefined
		: meant(saysJoined.test(said) ? [...denying, joined] : denying, forbidden);
}
