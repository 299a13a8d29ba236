/** What is said of several things that are named together: "the hat, gloves and shoes are grey", "suede boots and bag". */
import { senseOf, sensesOf } from '../spans/senses';
import { slotsMeetOf, type GarmentType } from '../../lexicon/taxonomy';
import { isToldCloth } from '../meaning/of-cloth';
import { onlySaid, saysColour, typeOf, type Group } from '../meaning/owners';
import { type Clause } from '../meaning/parts';

/** Things that are bought and worn to go together, so that one word before both speaks of both. */
export const wornTogether: ReadonlySet<string> = new Set(['footwear', 'bags', 'accessories', 'jewellery']);

/** "Coral lips and nails" are painted alike. */
const isPainted = ({ id, slot }: GarmentType) => id === 'lipstick' || slot === 'nails';

/** Things that are made or chosen to go together, so that one word may speak of both. */
function goTogether(a: GarmentType, b: GarmentType): boolean {
	if (isPainted(a) && isPainted(b)) return true;
	// A chain is not of the colour of the shoes.
	if ((a.division === 'jewellery') !== (b.division === 'jewellery')) return false;
	// Nor are sunglasses of the straw of the bag.
	if ((a.slot === 'eyes') !== (b.slot === 'eyes')) return false;
	if (wornTogether.has(a.division) && wornTogether.has(b.division)) return true;
	const tailored = [a, b].every(({ slot }) => ['layer', 'legs', 'top'].includes(slot));
	return tailored && a.family !== 'jeans' && b.family !== 'jeans' && !slotsMeetOf(a.id, b.id);
}

/** Is a garment named by a bare "and", with nothing said of it? */
const namedBesides = ({ own, clauses, head }: Group) =>
	own.before === 'and' &&
	!own.paused &&
	own.bare &&
	own.parts[0] === head &&
	clauses.every((clause) => clause === own || clause.many);

export const asksToMatch = ({ clauses }: Group) =>
	clauses.some(({ parts }) => parts.some(({ role }) => role === 'matching'));

/** "Everything else - coat, jumper, boots - is black": what was listed after a word for the look, by its bare names. */
function listedAsLook(named: readonly Group[]): readonly Group[] {
	const isOnlyNamed = ({ own, clauses, strange }: Group) =>
		!strange && clauses.length === 1 && own.parts.length === 1;
	const from = named.findLastIndex((group) => !isOnlyNamed(group));
	const look = named[from];
	return look && senseOf(look.head.span, 'stands-for')?.what === 'look' ? named.slice(from + 1) : [];
}

/** "The hat, gloves and shoes are grey": those of which a clause speaks that were named side by side; else none. */
export function namedTogether(named: readonly Group[], clause: Clause): readonly Group[] {
	const last = named.at(-1);
	if (clause.before !== 'is') return [];
	const listed = onlySaid(clause) ? listedAsLook(named) : [];
	if (listed.length > 1) return listed;
	if (!clause.many || !last || !namedBesides(last)) return [];
	const coloured = saysColour(clause);
	const isBare = ({ clauses, strange }: Group) =>
		clauses.length === 1 && !strange && !(coloured && clauses.some(saysColour));
	let from = named.length - 2;
	if (from < 0 || !named.slice(from).every(isBare)) return [];
	while (
		from > 0 &&
		named[from]?.own.before === 'comma' &&
		named[from]?.own.bare &&
		isBare(named[from - 1] as Group)
	)
		from--;
	return named.slice(from);
}

/** Does what is said of the first garment speak of the second as well: "suede boots and bag", "matching hoodie and joggers"? */
export function shares(first: Group, second: Group): boolean {
	if (second.own.asSet && second.own.bare) return true;
	if (!namedBesides(second)) return false;
	// "Midnight blue like the bow tie and trousers".
	if (first.own.parts[0]?.role === 'matching' || first.own.likened) return true;
	const [a, b] = [typeOf(first.head), typeOf(second.head)];
	if (!a || !b) return false;
	// "A red skirt and denim jacket", "red boots and straw bag": what is named with its own cloth.
	if (!goTogether(a, b) || isToldCloth(second.own, b)) return false;
	return (
		wornTogether.has(a.division) ||
		isPainted(a) ||
		a.division === 'layers' ||
		a.division === 'south-asian' ||
		b.family === 'tailored' ||
		// "A red skirt and jacket".
		(a.slot === 'legs' && b.family === 'jackets')
	);
}

/**
 * "A shirt and trousers in burgundy satin": a cloth after two bare names of clothes, of which nothing else is said, is that of both. A
 * colour alone may be the last one's, and "hat and gloves in leather" may be leather gloves.
 */
export function isOfTwo(clause: Clause, [first, second]: readonly Group[]): boolean {
	const [a, b] = [first && typeOf(first.head), second && typeOf(second.head)];
	if (!first || !second || !a || !b || clause.before !== 'in' || !onlySaid(clause)) return false;
	const { own } = second;
	const bare = [first, second].every(
		({ clauses, head }) => clauses.length === 1 && clauses[0]?.parts.every((part) => part === head)
	);
	const goes = !wornTogether.has(a.division) && !a.usual.material && !b.usual.material && goTogether(a, b);
	if (!bare || !goes || own.before !== 'and' || own.paused || !own.bare) return false;
	// "A jacket and trousers in charcoal" are a suit.
	const isSuit = a.slot === 'layer' && b.slot === 'legs' && a.family !== 'cardigans';
	return (
		isSuit ||
		clause.parts.some(({ span }) => sensesOf(span, 'facet').some(({ facet }) => facet === 'material'))
	);
}
