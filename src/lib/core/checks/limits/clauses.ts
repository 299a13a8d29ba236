/** A limit as a client says it, taken apart: what it is about, whether that alone is worn or never, and where. */
import { reasons } from '../../lexicon/limit-properties';
import { slotIds, type SlotId } from '../../lexicon/slots';
import { garmentType } from '../../lexicon/taxonomy';
import type { Sense, Span } from '../../reading/model';
import { spansOf } from '../../reading/spans/spans';
import { unfolded } from './asides';
import { hidingMark, hidingShape, placeOfMark } from './hidden';
import { timedIn } from './occasions';
import { hasUnknown } from './descriptions';
import { alone, denied, reworded } from './rewordings';

export interface LimitClause {
	/** As it was said. */
	said: string;
	/** What it speaks of, without the words that deny it. */
	words: string;
	/** Only this is worn: "silver only". Otherwise this never is. */
	only: boolean;
	/** The places that it is limited to: "no black near the face"; all where none is said. */
	slots?: readonly SlotId[];
	/** What it does not hold for: "no jewellery except pearls". */
	except?: string;
	/** When it holds, as it is said: "at weddings"; always where nothing is said. Whether it is that time is asked. */
	when?: string;
}

const beginnings = [
	/^(?:(?:is|am|are) )?(?:far |much )?too [\w-]+ (?:for|to wear)\s+/i,
	/^(?:please|strictly|absolutely|definitely|ever|wears?|wearing|will wear|any(?:thing)?|too|very obviously|that(?: is|['’]s)|in(?! (?:the|her|his|their|my) (?:hair|ears?)\b)|must|needs?|has|have|to|insists on|should|be|an?(?! line))\s+/i,
	/^(?:keeps?|stays?|steers?|steering|keeping) (?:away|clear|off|well away)(?: from| of)?\s+/i,
	/^keeps?\s+/i,
	/^(?:(?:is|am|are|was) )?(?:reacts?|reacting|allergic|sensitive|intolerant|averse) (?:to|of|with)\s+/i,
	/^(?:can['’]?t|cannot) (?:breathe|move|walk|sit|eat|sing|play|dance|cope|be seen)(?: down| up)? in\s+/i,
	/^(?:(?:is|am|are|feels?|looks?|gets?) )?(?:too |so |very |a bit )?(?:uncomfortable|unhappy|(?:self[- ])?conscious|shy|insecure|embarrassed|awkward|exposed|silly|ridiculous|frumpy|dowdy|swamped|lost|drowned|sweaty|hot|itchy|ill|pale|drawn|tired|sallow|drab|dead|terrible|awful|dreadful|big|fat|old|wide|short|washed[- ]out|drained) (?:in|with|by|about|of|wearing|showing)\s+/i,
	// "Can't knot a tie"; "can't bend her knees" speaks of no thing.
	/^(?:can['’]?t|cannot|unable to|not able to|struggles? to) (?!(?:wear|suit|like|want|show|bear|stand|have)\b)[a-z]+(?: up)? (?:an?|the|her own|his own) (?!(?:arms?|hands?|fingers?|shoulders?|neck|head|back|knees?|legs?|feet|toes?)\b)/i,
	/^(?:drowns?|swelters?|sweats?|itches|trips?|stumbles?|wobbles?) (?:in|over)\s+/i,
	/^(?:(?:is|am|are|gets?|got) )?(?:so |really |just )?(?:sick|tired|bored|weary|fed up|over|done)(?: (?:and tired|to death))? (?:of|with)\s+/i,
	/^(?:enough|no more(?! than)(?: of)?)\s+/i,
	// Only so denied: who is fond of pink wears it.
	/^(?:(?:is|am|are)(?:n['’]?t|\s+(?:not|never))|not|never)\s+(?:(?:(?:an? |much of a |the )?(?:big |biggest |great |huge |real )?|really )(?:fan|lover) of|(?:very |really |too )?(?:fond of|keen on|mad about|happy (?:in|with|showing)|comfortable (?:in|with|showing|wearing)|one for))\s+/i,
	/^(?:no|nothing|never|not|none of|neither|without|nor|avoids?|avoiding|hates?|dislikes?|refuses?|loathes?|detests?)\s+/i,
	/^(?:won['’]?t|doesn['’]?t|don['’]?t|will not|does not|do not|can['’]?t|cannot)\s+(?:wear|suit|like|want|show|bear|stand|do up|do|have|manage|cope with|walk in|get away with)?\s*/i
];
/** "Heels at all", "shoulders, please": what only adds weight. */
const endings =
	/[\s,]+(?:as (?:an? )?[\w -]+|at all|ever(?: again)?|again|any ?more|any longer|please|showing|on show|visible|clothes|clothing|things|garments|pieces|items|outfits|of any kind|whatsoever|(?:where|when|if)(?:ever| at all)? possible|if (?:i|she|he|they|we) can help it|on (?:me|her|him|them)|for (?:now|the (?:moment|time being)|a while)|at (?:the moment|present)|in (?:any form|sight|anything)|whatever|allerg(?:y|ies)|intolerance|sensitivity|(?:on|for) (?:religious|ethical|medical|health|moral) (?:grounds|reasons)|(?:in|at|for|to) (?:the |a )?(?:church|chapel|temple|mosque|mass|prayers|public|work|school|the office))$/i;
/** "Dry-clean only" is a label, not all that is worn. */
const onlyWords =
	/^(?:(?:only|just|always)(?: (?:happy|comfortable) (?:in|with))?|must|needs?|has to|have to|should|insists on)\s+|(?<!\bdry[ -]?clean)[\s,]+(?:only|always|every time|please)$/i;

/** What is worn over others, or carried. */
const overOthers: readonly SlotId[] = ['outer', 'layer', 'bag'];
/** Where a limit holds, as it is said, and the slots that lie there. */
const places: readonly [said: RegExp, slots: readonly SlotId[]][] = [
	[
		/\s*\b(?:away from|near|next to|close to|beside|around|by) (?:the|her|his|their|my) (?:face|skin tone|complexion)\b/i,
		['top', 'whole', 'suit', 'layer', 'outer', 'drape', 'scarf', 'neck', 'ears', 'head']
	],
	[
		/\s*\b(?:on|as) (?:(?:the|her|his|their|my) )?(?:top half|upper half|top)\b/i,
		['top', 'whole', 'suit', 'layer', 'outer']
	],
	[
		/\s*\bon (?:the|her|his|their|my) (?:bottom half|lower half|bottom|legs|hips)\b|\s*\bbelow the waist\b/i,
		['legs', 'whole', 'suit', 'hosiery']
	],
	[/\s*\bon (?:the|her|his|their|my) feet\b/i, ['feet', 'hosiery']],
	[
		/\s*\b(?:(?:right )?next to|against|(?:directly )?on|touching) (?:(?:the|her|his|their|my) )?(?:bare )?skin\b/i,
		slotIds.filter((slot) => !overOthers.includes(slot))
	]
];

/** A comma in a figure parts nothing: "4,5 cm". Why a thing is so is a sentence of its own. */
const parted =
	/;|[,.](?!\d)|\s+(?:and|so|hence)\s+(?=(?:no|never|nothing|not|always|only)\s)|\s+so\s+(?=.*\b(?:covered|hidden|only|must|has to|have to)\b)/i;

const has = ({ senses }: Span, ...kinds: Sense['kind'][]) => senses.some(({ kind }) => kinds.includes(kind));
const namesOnly = (span: Span) => has(span, 'type', 'filler');
/** "Frills and bows", "skirts and dresses": things on both sides, where "black and white stripes" are one. */
const ofTheBody =
	/\b(?:arms?|shoulders?|backs?|midriff|belly|stomach|tummy|cleavage|chest|hips?|waist|calf|calves|elbows?|knees?|thighs?|legs?|ankles?)\b/i;
/** Do words end at a place on the body: "over the knee", where knee boots are a thing? */
export const endsOnBody = (words: string): boolean => new RegExp(`${ofTheBody.source}$`, 'i').test(words);
const namesThing = (words: string) =>
	ofTheBody.test(words) || spansOf(words).some((span) => has(span, 'type', 'detail'));
function joinedBy(clause: string): string[] {
	const sides = clause.split(/\s+(?:and|&)\s+/i);
	return sides.length > 1 && sides.every(namesThing) ? sides : [clause];
}
/** "Short skirts or dresses": what is said of the first is said of the second, where that only names a kind. */
function choices(clause: string): string[] {
	// "Ankle-length or longer" is one length.
	const [first = '', ...others] = clause
		.split(/\s+(?:or|nor)\s+(?!(?:longer|shorter|below|above|more|less|lower|higher)\b)/i)
		.flatMap(joinedBy);
	const spans = spansOf(first);
	const name = spans.findIndex((span) => has(span, 'type'));
	const said = name > 0 ? first.slice(0, spans[name]?.start) : '';
	return [first, ...others.map((other) => (spansOf(other).every(namesOnly) ? said + other : other))];
}

/** What is said of several things at once holds against none of them by itself. */
export const ofTheLook =
	/\b(?:head.to.(?:toe|foot)|top.to.toe|double denim|more than (?:one|two|three)|at once|together|matching|same)\b/i;

/** Without the words that deny it or say that it is worn: "no", "never wears", "doesn't like". */
export function withoutDenial(words: string): string {
	let left = words;
	for (let before = ''; before !== left;) {
		before = left;
		for (const beginning of beginnings) left = left.replace(beginning, '');
	}
	return left.trim();
}

function clauseOf(said: string): LimitClause | undefined {
	const put = reworded(said);
	if (ofTheLook.test(said) || !put) return undefined;
	let { words } = put;
	let slots: readonly SlotId[] | undefined;
	for (const [place, there] of places)
		if (place.test(words)) {
			words = words.replace(place, '').trim();
			slots = there;
		}
	const timed = timedIn(words);
	words = timed.words;
	const only = onlyWords.test(words) && !denied.test(words);
	for (let before = ''; before !== words;) {
		before = words;
		for (const beginning of beginnings) words = words.replace(beginning, '');
		words = words.replace(endings, '').replace(onlyWords, '').trim();
	}
	return words ? { said, words, only, slots, when: timed.when, except: put.except } : undefined;
}

/** "Cotton, linen or silk only": what alone is worn is one list. */
const isOneList = (limit: string) =>
	onlyWords.test(limit.trim()) && !denied.test(limit) && !(/ please$/i.test(limit) && hasUnknown(limit));

/** "No fur, not even fake" forbids both; "no leather, not even shoes" has said the shoes. */
function withEven(limit: string): string {
	const [, said = '', even = ''] =
		/^(.+?),? (?:not )?even (?:in |on |for )?(?:the |her |his )?([\w -]+)$/i.exec(limit) ?? [];
	if (!said) return limit;
	return /^(?:faux|fake|imitation)\b/i.test(even) ? `${said}; faux ${withoutDenial(said)}` : said;
}

/** What a word names by which it can stand against another: a metal, a colour, or where a thing is worn. */
function sortOf(words: string): string | undefined {
	const [only, ...others] = spansOf(words);
	if (!only || others.length > 0) return undefined;
	const type = only.senses.find((sense) => sense.kind === 'type');
	if (type) return garmentType(type.type).slot;
	return (['metal', 'colour'] as const).find((kind) => has(only, kind));
}
/** "Silver, never gold" is one limit, of two things of which one is worn instead of the other; "wool, never tight" are two. */
function isOtherOf(limit: string, next: string): boolean {
	const [, other = ''] = /^(?:not|never) (?:in )?([\w -]+)$/i.exec(next) ?? [];
	const sort = sortOf(other);
	return sort !== undefined && sort === sortOf(limit);
}

/** Parts of a text between commas, without what is one with the part before it. */
function withOthers(parts: readonly string[]): string[] {
	const whole: string[] = [];
	for (const part of parts.map((one) => one.trim()).filter(Boolean)) {
		const last = whole.at(-1);
		if (last !== undefined && isOtherOf(last, part)) whole[whole.length - 1] = `${last}, ${part}`;
		else whole.push(part);
	}
	return whole;
}

/** "Keep it covered", "hide them"; "keep it below the knee" and "keep it black" say how whatever is worn is. */
const coverIt = `(?:${[
	'(?:hide|cover)s? (?:it|them)',
	'keeps?(?: (?:it|them))?(?: [a-z]+ly| always| well)? (?:covered|hidden|concealed|disguised|under wraps|out of (?:sight|view))',
	"(?:(?:is|are) )?(?:not|never|must(?: not|n['’]t)|should(?: not|n['’]t)) (?:to )?(?:be )?(?:seen|shown?|visible|on show)"
].join('|')})\\b`;

/** Limits as they are typed in one field, with commas between: not within a figure, nor before what is only added to the last. */
export const limitsIn = (text: string): string[] =>
	withOthers(text.split(new RegExp(`,(?!\\d|\\s*(?:(?:not )?even\\b|${coverIt}))`, 'i')));

/** "My back has a scar, keep it covered": what is to be covered was named just before. */
const covering = new RegExp(
	`^\\s*(?:(?:so|please) )*(?:${coverIt}|(?:hide|cover|conceal)(?: up)?$|(?:prefers?|wants?|likes?) (?:it|them) (?:covered|hidden|out of sight)\\b)`,
	'i'
);
const placeNamed = (sentence: string) => placeOfMark(sentence) ?? ofTheBody.exec(sentence)?.[0];
function withNamed(sentences: readonly string[]): string[] {
	return sentences.flatMap((sentence, i) => {
		const named = placeNamed(sentences[i - 1] ?? '');
		if (named && covering.test(sentence)) return [`keep ${named} covered`];
		const isNext = covering.test(sentences[i + 1] ?? '') && placeNamed(sentence) !== undefined;
		return isNext ? [] : [hidingMark(sentence) ?? sentence, ...hidingShape(sentence)];
	});
}

/** A limit's sentences, each of them a limit by itself. */
export const sentencesOf = (limit: string): string[] =>
	withNamed(
		unfolded(limit)
			.split(/;\s*/)
			.map(alone)
			.flatMap((said) => (isOneList(said) ? [said] : withOthers(withEven(said).split(parted)).map(alone)))
			.filter((one) => one.trim() && !reasons.test(one.trim()))
	);

/** The clauses of a sentence: what it says of single things. "No red or black for the wedding" is of one time. */
export function clausesIn(sentence: string): LimitClause[] {
	const clauses = (isOneList(sentence) ? [sentence] : choices(sentence)).flatMap(
		(said) => clauseOf(said) ?? []
	);
	const when = clauses.at(-1)?.when;
	return clauses.map((clause) =>
		when && !clause.when ? { ...clause, when, said: `${clause.said} ${when}` } : clause
	);
}

/** The clauses of a limit. */
export const clausesOf = (limit: string): LimitClause[] => sentencesOf(limit).flatMap(clausesIn);

/** Words with which a part of the body is shown or covered; what is left besides is the part. */
const showing =
	/\b(?:under wraps|with|prefers?|likes?|wants?|would|rather|not|stays?|remains?|bar(?:e|es|ed|ing)|uncovered|naked|show(?:s|ing|n)?|on show|visible|covers?|covered|covering|cover up|keeps?|kept|(?:must|may)(?: (?:not|never))?(?: be)?|hid(?:e|es|den)|expos(?:e|es|ed|ing)|flash(?:es|ing)?|skin|always|that|to|to be|be|bits of|the|her|his|their|my|off|up|out|and|of|flesh|(?:lower|left|right|inner|outer)(?= [a-z]))\b/gi;

/** Does a limit say what is to be covered, or up to where something may go, rather than what is never worn? */
export const saysCovered = (words: string): boolean =>
	/\b(?:cover|kept?\b|keeps|hid)|\bup to\b|\bmax|\bor (?:longer|shorter)\b|\bat (?:least|most)\b|\bhighest\b|\bno (?:higher|shorter|longer)\b|^(?:hems?|hemlines?)\b|\b(?:must|should|ha(?:s|ve) to|needs? to)\b/i.test(
		words
	);

/** The parts of the body that a clause speaks of showing or covering, and of nothing besides; none where it speaks of more. */
export function partsShown(words: string): string[] {
	return words
		.toLowerCase()
		.replace(showing, ' ')
		.split(/\s+/)
		.filter((word) => word.length > 0);
}

/** A height in cm that a clause names, of heels or anything else: "over 3 cm", "2 inches"; undefined where it names none. */
export function heightIn(words: string): number | undefined {
	const [, figure, unit = ''] =
		/(\d+(?:[.,]\d+)?|\b(?:one|two|three|four|five)\b)\s*-?(cm|centimet|inch|in\b|["”])/i.exec(words) ?? [];
	if (figure === undefined) return undefined;
	return (figureOf(figure) ?? Number(figure.replace(',', '.'))) * (/^c/i.test(unit) ? 1 : cmAnInch);
}
const figures: Readonly<Record<string, number>> = { one: 1, two: 2, three: 3, four: 4, five: 5 };
/** What a word for a number says. */
export const figureOf = (word: string): number | undefined => figures[word.toLowerCase()];
const cmAnInch = 2.54;
