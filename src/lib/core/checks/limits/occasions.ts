/** When a limit holds, as it is said at its beginning or its end: "black at weddings", "no denim at the opera". */
import type { Sense, Span } from '../../reading/model';
import { spansOf } from '../../reading/spans/spans';

const occasion =
	/(?:in|during|for|at|to|on|after|before|when|if) (?:(?:the|an?|any|her|his|their|my|it is|it['’]?s) )?(?:(?:hot|warm|cold|wet|bad)(?: (?:weather|days?))?|heat|rain(?:y|ing)?|snow|summer(?:time)?|winter|spring|autumn|weddings?|funerals?|parties|interviews?|meetings|weekdays|weekends?|holidays?|day(?:time)?|evenings?|night(?:time)?|dinners?|dark|flights?|planes?|travel(?:ling)?|(?:work |business )?trips?|commut(?:e|es|ing)|school run|mehndi|sangeet|haldi|nikah|reception|ceremony|christenings?|graduations?|launch(?:es)?|openings?|premieres?|galas?|balls?|races|proms?|stage|camera|air|television|tv|photographs?|photos?|pictures)/
		.source;
/** Times and occasions at which alone a limit holds, as they are said: "black at weddings", "linen only in summer". */
const known = new RegExp(
	`(?:^|(?:,|\\s+only)?\\s+)(${occasion}|(?:when|while|if)(?! possible| at all possible| (?:i|she|he|they|we) can help) .+|under (?:the )?(?:\\w+ )?lights?)$|^(${occasion}),?\\s+`,
	'i'
);

/** "At the opera", "for the school run", "in the lab". */
const anywhere =
	/^(.+?),?\s+((?:in|at|for|during|before|after|near|inside|around|round|by) (?:(?:the|an?|any|her|his|their|my) )?([\w'’ -]+))$/i;
/** Where a thing is worn, whose it is, and where who is asked always is: no time and no occasion. */
const always =
	/\b(?:me|her|him|it|that|this|them|us|you|hers|his|mine|myself|face|head|hair|ears?|earlobes?|eyes?|lips?|neck|throat|collar|nape|shoulders?|arms?|elbows?|wrists?|hands?|fingers?|nails?|bust|chest|breasts?|back|front|sides?|waist|middle|tummy|stomach|belly|midriff|hips?|bottom|bum|seat|behind|thighs?|knees?|legs?|calf|calves|ankles?|feet|foot|toes?|body|skin|edges?|hems?|tops?|moment|time|once|go|outfits?|looks?|combinations?|combos?|all|general|particular|size|sizes|shape|colou?rs?|style|length|least|most|things?|clothes|clothing|rash|hives|bumps|church|chapel|temple|mosque|mass|prayers|public|work|school|office|museum|reasons?|grounds|comfort|safety)\b/i;
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
function namesNoPiece(words: string): boolean {
	const spans = spansOf(words);
	// "Evensong" is no mistyped evening.
	const says = (kinds: readonly Sense['kind'][]) => (span: Span) =>
		span.meant === undefined && span.senses.some(({ kind }) => kinds.includes(kind));
	return !always.test(words) && !spans.some(says(ofThings)) && !spans.slice(-1).some(says(['colour']));
}

const tells = /\b(?:is|are|was|means?|belongs?)\b/i;
/** Words without the time or occasion at which alone they hold, and that as it is said. */
export function timedIn(words: string): { words: string; when?: string } {
	const [, after, before] = known.exec(words) ?? [];
	const when = after ?? before;
	if (when) return { words: words.replace(known, ''), when };
	const [, said, place, named] = anywhere.exec(words) ?? [];
	// "White is mourning in her family" tells what white is.
	const isPlace = named !== undefined && !tells.test(said ?? '') && namesNoPiece(named);
	return said && place && isPlace ? { words: said, when: place } : { words };
}
