/** Ways of putting a limit, turned into what it forbids: "gold rather than silver", "sleeves must be long", "no jewellery except pearls". */
import type { Sense, Span } from '../../reading/model';
import { spansOf } from '../../reading/spans';

/** Whose limit it is goes without saying. */
export const somebody = /^(?:i|she|he|they|we|the client)(?:['’](?:m|s|re))?\s+(?:really |also |just )?/i;
const lackingNothing = /^(?:never|not|nothing)(?: be)? without (?:an? |any )?/i;

/** "Wears a turban", "wears glasses" forbids neither. */
const wornAnyway = /^(?:also )?wears\b(?!.*\b(?:only|always|no|not|never|nothing)\b)/i;
/** "Red makes her happy" forbids no red. */
const pleases =
	/ (?:makes?|gives?|brings?) (?:me|her|him|them)\b.*\b(?:happy|happier|great|good|better|taller|slimmer|younger|alive|confident|confidence|joy|glow)\b/i;
/** "Yellow makes me look ill", "brown isn't her colour", "heels are a no": whatever is said of it, it is not worn. */
const whatItDoes =
	/ (?:(?:makes?|leaves?|washes|wash|drains?|ages?|swamps?|shortens?|widens?|dwarfs?|gives?|brings?) (?:me|her|him|them)\b.*|(?:does|do) nothing for .*|(?:is|are)(?:n['’]t| not) (?:me|her|his|my|their|for (?:me|her|him|them))\b.*|(?:is|are) (?:a |an )?(?:(?:absolute|definite|big|firm) )?(?:no|no[- ]no|no[- ]go|never|nightmare)(?: for .*)?)$/i;
/** "Gold rather than silver" is not silver, "happy in heels except stilettos" no stilettos. */
export const inPlaceOf =
	/^(?:(?:is |quite )?(?:happy|fine|ok(?:ay)?|good|comfortable) (?:in|with)|loves|likes|yes to) .+?,? (?:except(?: for)?|apart from|other than|but (?:not?|never|hates?|dislikes?)(?: to)?|just not?) |^.+?,? (?:rather than|instead of|in place of|sooner than) |^(?:any(?:thing)?|every(?:thing)?)(?: colou?rs?| metals?| shades?)?(?: goes| is fine)?,? (?:but|bar|except(?: for)?|apart from|other than|(?:as|so) long as it(?:['’]s| is) not|(?:as|so) long as it is ?n['’]t|(?:as|so) long as it isn['’]t)(?: in)? /i;
/** "Trousers, not skirts": of two things the second. */
const notBut =
	/^(?!(?:is|are|am|was|does|do|did|can|will|would|must|should|may|has|have|could)\b)[\w -]+?,? (?:and )?(?:not|never) (?=(?:in )?([\w -]+)$)/i;
/** "Hair never up", "her dress must not be tight". */
const deniedWithin =
	/^(?!(?:must|should|may|has|have|is|are|always)\b)([\w-]+(?: [\w-]+)?) (?:(?:is|are|must|should|may) )?(?:never|not) (?:(?:be|worn) )?(?=\w)/i;
/** "Sleeves must be long", "keep prints small": a part of what is worn, and how it is to be. */
const toBe =
	/^(?:(?:the|her|his|their|my|all) )?([\w-]{3,}) (?:(?:must|should|has to|have to|needs? to)(?: always)? be|to be) (?:an? )?([\w-]+)$|^keeps? (?:(?:the|her|his|their|my|all) )?([\w-]{3,}) ([\w-]+)$/i;
/** "No jewellery except pearls", "no trainers unless white". */
export const exception =
	/^(.+?),? (?:except(?:ing)?(?: for)?|apart from|other than|unless(?: (?:it is|it['’]s|they are|they['’]re))?|save for|but for) (?:(?:the|her|his|their|an?) )?((?!at\b|in\b|on\b|for\b).+)$/i;

const has = ({ senses }: Span, kind: Sense['kind']) => senses.some((sense) => sense.kind === kind);
const bodyParts =
	/^(?:arms?|shoulders?|backs?|midriff|belly|stomach|tummy|cleavage|chest|knees?|thighs?|legs?|ankles?|elbows?|hair|head)$/i;
/** Is a word the name of a part of what is worn, and of no thing? */
const namesPart = (word: string): boolean =>
	!bodyParts.test(word) && spansOf(word).every((span) => has(span, 'detail') || !has(span, 'type'));

/** A limit as what it forbids, and what it does not hold for; undefined where it tells what is worn anyway. */
export function reworded(said: string): { words: string; except?: string } | undefined {
	const bare = said.trim().replace(somebody, '');
	if (wornAnyway.test(bare) || pleases.test(bare)) return undefined;
	let words = bare.replace(lackingNothing, 'always ').replace(inPlaceOf, 'no ').replace(whatItDoes, '');
	const [, other = ''] = notBut.exec(words) ?? [];
	const isOther = other !== '' && spansOf(other).some((span) => has(span, 'type'));
	words = isOther ? words.replace(notBut, 'no ') : words.replace(deniedWithin, '$1 ');
	const [, one, isToBe, kept, asKept] = toBe.exec(words) ?? [];
	const part = one ?? kept;
	if (part && namesPart(part)) words = `${isToBe ?? asKept} ${part} only`;
	const [, base, except] = exception.exec(words) ?? [];
	return base && except ? { words: base, except } : { words };
}
