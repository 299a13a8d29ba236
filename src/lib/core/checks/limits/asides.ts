/** What stands before a colon or in brackets: a label, a reason, an exception, or more of the same. */
import { hasUnknown } from './descriptions';

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
function underLabel(label: string, said: string): string {
	if (leads.test(label)) return `${label.replace(/^no[- ]no$/i, 'no')} ${said}`;
	if (refused.test(said)) return `no ${label}`;
	// "Wheelchair user: no long coats", "hates her calves: …": a reason is a sentence of its own.
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
	const [, label, said] = /^([^:;]+):\s+(.+)$/.exec(flat) ?? [];
	return label && said ? underLabel(label.trim(), said) : flat;
}
