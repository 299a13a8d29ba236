/** When a limit holds, as it is said at its beginning or its end: "black at weddings", "no denim at the opera". */
import { reasons } from '../../lexicon/limit-properties';
import type { Sense, Span } from '../../reading/model';
import { spansOf } from '../../reading/spans/spans';

const occasion =
	/(?:in|during|for|at|to|on|after|before|when|if) (?:(?:the|an?|any|her|his|their|my|it is|it['’]?s) )?(?:(?:hot|warm|cold|wet|bad)(?: (?:weather|days?))?|heat|rain(?:y|ing)?|snow|summer(?:time)?|winter|spring|autumn|weddings?|funerals?|parties|interviews?|meetings|weekdays|weekends?|holidays?|day(?:time)?|evenings?|night(?:time)?|dinners?|dark|flights?|planes?|travel(?:ling)?|(?:work |business )?trips?|commut(?:e|es|ing)|school run|mehndi|sangeet|haldi|nikah|reception|ceremony|christenings?|graduations?|launch(?:es)?|openings?|premieres?|galas?|balls?|races|proms?|stage|camera|air|television|tv|photographs?|photos?|pictures)/
		.source;
/** Times and occasions at which alone a limit holds, as they are said: "black at weddings", "linen only in summer". */
const knownOccasions = new RegExp(
	`(?:^|(?:,|\\s+only)?\\s+)(${occasion}|(?:when|while|if)(?! possible| at all possible| (?:i|she|he|they|we) can help) .+|under (?:the )?(?:\\w+ )?lights?)$|^(${occasion}),?\\s+`,
	'i'
);

/** "At the opera", "in the lab", "for eczema", "by faith": where, when or why, at the end. */
const atTheEnd =
	/^(.+?),?\s+((?:in|at|for|during|before|after|near|inside|around|round|by) (?:(?:the|an?|any|her|his|their|my) )?([\w'’ -]+))$/i;
/** Where on the body something is, whose it is, and where who wears it always is: none of these is a time or a place of its own. */
const noOccasion =
	/\b(?:me|her|him|it|that|this|them|us|you|hers|his|mine|myself|face|head|hair|ears?|earlobes?|eyes?|lips?|neck|throat|collar|nape|shoulders?|arms?|elbows?|wrists?|hands?|fingers?|nails?|bust|chest|breasts?|back|front|sides?|waist|middle|tummy|stomach|belly|midriff|hips?|bottom|bum|seat|behind|thighs?|knees?|legs?|calf|calves|ankles?|feet|foot|toes?|body|skin|edges?|hems?|tops?|moment|time|once|go|outfits?|looks?|combinations?|combos?|all|general|particular|size|sizes|shape|colou?rs?|style|length|least|most|things?|clothes|clothing|rash|hives|bumps|church|chapel|temple|mosque|mass|prayers|public|work|school|office|museum)\b/i;
const ofThings: readonly Sense['kind'][] = [
	'type',
	'facet',
	'print',
	'metal',
	'detail',
	'move',
	'length',
	'link'
];
/** Do some words name nothing that is worn, nor how it is made? "The red carpet" is no colour. */
function namesNoPiece(words: string, kinds = ofThings): boolean {
	const spans = spansOf(words);
	// "Evensong" is no mistyped evening.
	const says = (kinds: readonly Sense['kind'][]) => (span: Span) =>
		span.meant === undefined && span.senses.some(({ kind }) => kinds.includes(kind));
	return !noOccasion.test(words) && !spans.some(says(kinds)) && !spans.slice(-1).some(says(['colour']));
}

const tells = /\b(?:is|are|was|means?|belongs?)\b/i;
/** Says where or when, rather than why or for whom: "at evensong", "in the lab", "after six", where "in her faith", "for a man", "after surgery" are reasons. */
const saysWhere =
	/^(?:at|near|inside|around|round)\b|^(?:in|for|during) the\b|^(?:after|before) (?:\d|(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|noon|midday|midnight|sunset|sundown|breakfast|lunch|tea)\b)/i;
/** What a body has or goes through is why something is not worn, and no time that may be another (common practice). */
const ofHealth =
	/\b(?:pregnan\w*|surgery|operations?|chemo\w*|radiotherapy|treatments?|therapy|recovery|allerg\w*|injur\w*|wounds?|pacemaker|pump|implants?)\b/i;

/**
 * Words without the time, place or reason that they end in, and that as it is said where the limit holds then alone. What may as well be a
 * reason, "for eczema", "in her faith", makes no condition: the limit holds always.
 */
export function timedIn(words: string): { words: string; when?: string } {
	const [, after, before] = knownOccasions.exec(words) ?? [];
	const when = after ?? before;
	if (when) return { words: words.replace(knownOccasions, ''), when };
	const [, said, place, named] = atTheEnd.exec(words) ?? [];
	// "White is mourning in her family" tells what white is.
	// "For the boat" is no neckline.
	const kinds = /^for the\b/i.test(place ?? '') ? ofThings.filter((kind) => kind !== 'facet') : ofThings;
	if (!said || !place || !named || tells.test(said) || !namesNoPiece(named, kinds)) return { words };
	const isCondition = saysWhere.test(place) && !ofHealth.test(named) && !reasons.test(named);
	return isCondition ? { words: said, when: place } : { words: said };
}
