/** What stands before a colon or in brackets: a label, a reason, an exception, or more of the same. */
import { reasons } from '../../lexicon/limit-properties';
import { hasUnknown, namesThing } from './descriptions';
import { hidingMark } from './hidden';

/** "(Cashmere is fine)": what is worn all the same. */
const allowed = /^(?:but )?(.+?) (?:(?:is|are) )?(?:fine|ok(?:ay)?|allowed|all right)$/i;
/** "(Over 4 cm)", "(not even faux)", "(except pearls)" go on; "(vertigo)" is a sentence of its own. */
const goesOn =
	/^(?:over|above|under|below|up to|more|less|max|except|apart|other|unless|at|in|on|for|with|near|than|not even|even|\d)/i;
function aside(said: string): string {
	const [, worn] = allowed.exec(said) ?? [];
	if (worn) return ` except ${worn}`;
	return goesOn.test(said) ? ` ${said}` : `; ${said}`;
}

/** "Only: silver" is said without the colon, too. */
const leads = /^(?:only|just|always|never|no|no[- ]no|must)$/i;
/** "Ruffles: absolutely not". */
const refused = /^(?:absolutely |definitely |just )?(?:no|never|not|none)(?: way| thanks| thank you)?$/i;
/** "Sleeves: long only". */
const aloneSo = /^(?:only ([\w-]+)|([\w-]+) only)$/i;
/** Says by itself what is worn or is not. */
const isWhole = /\b(?:no|not|never|nothing|none|only|always|without)\b/i;
/** "On frobber days", "Saltmere evenings": perhaps when it holds. */
const maybeWhen =
	/^(?:in|on|at|for|during|when|while|if|after|before)\b|\b(?:days?|nights?|mornings?|evenings?|seasons?|weeks?|weekends?|months?|times?|occasions?|gigs?|shows?)$/i;
/** Several words of which nobody knows one, none of them a thing, a time, nor one that denies. */
const isReason = (label: string): boolean =>
	/\s/.test(label) && hasUnknown(label) && !namesThing(label) && !says.test(label) && !maybeWhen.test(label);
/** What a complaint asks for, where anything else that is named with it is what sets it off: "vertigo: flats", but "eczema: wool" (common practice). */
const eases =
	/\b(?:flats?|flat|low|soft|loose|wide|roomy|cushioned|comfortable|cotton|linen|bamboo|natural|breathable|opaque|long sleeves|layers)\b/i;
/** Says of itself that it is wanted, or how far. */
const wanting =
	/\b(?:cover\w*|hid\w*|keeps?|kept|must|needs?|has to|have to|should|max\w*|at (?:the )?(?:most|least)|or (?:longer|shorter|lower|more|less)|below|above|past|down to|over|under|avoids?|hates?|refuses?)\b/i;
const says =
	/\b(?:no|not|never|nothing|none|only|always|without|hates?|dislikes?|avoids?|refuses?|covers?|keeps?|hides?)\b/i;
function underLabel(label: string, said: string): string {
	// "Tattooed forearms: hide".
	const covered = hidingMark(`${label} ${said}`);
	if (covered) return covered;
	if (leads.test(label)) return `${label.replace(/^no[- ]no$/i, 'no')} ${said}`;
	if (refused.test(said)) return `no ${label}`;
	// "Bad bunions: nothing pointed": why it is so forbids nothing.
	const isPlain = !isWhole.test(said) && !wanting.test(said);
	if (reasons.test(label)) return isPlain && eases.test(said) ? `${said} only` : said;
	if (isReason(label) && !isPlain) return said;
	// "Frobbers: never red", "hates her calves: …": a sentence of its own.
	if (hasUnknown(label) || label.split(/\s+/).length > 2) return `${label}; ${said}`;
	const [, first, last] = aloneSo.exec(said) ?? [];
	const alone = first ?? last;
	if (alone) return `${alone} ${label} only`;
	if (isWhole.test(said)) return said;
	return /^[\w-]+$/.test(said) ? `${label} to be ${said}` : `${label} ${said}`;
}

/** A limit without brackets and colons, its sentences parted by semicolons. */
export function unfolded(limit: string): string {
	const flat = limit.replace(/\s*\(([^()]*)\)/g, (_, said: string) => aside(said.trim())).trim();
	// "Clogs, absolutely not".
	const [, unwanted] = /^([\w '’-]+), (?:absolutely|definitely|just) (?:no|not|never)$/i.exec(flat) ?? [];
	if (unwanted) return `no ${unwanted}`;
	const [, label, said] = /^([^:;]+):\s+(.+)$/.exec(flat) ?? [];
	return label && said ? underLabel(label.trim(), said) : flat;
}
