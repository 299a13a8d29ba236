/** What things of a look take from each other: colour, cloth and print of what they match, share or are a set with. */
import { stateFacet } from '../../model/garment';
import { isClothing, type GarmentType } from '../../lexicon/taxonomy';
import { lastCalled, takesColourAlone, type Group } from '../meaning/owners';
import type { Description } from '../meaning/takings';
import type { NamedType } from '../meaning/types';
import { asksToMatch, shares } from './named-together';

/** A garment of the text: what it is called, what it is, and what is said of it. */
export interface Read {
	group: Group;
	named: NamedType;
	description: Description;
}

const matchesBy = ({ clauses }: Group, ...words: string[]) =>
	clauses
		.flatMap(({ parts }) => parts)
		.filter(({ role }) => role === 'matching')
		.every(({ span }) => span.words.some((word) => words.includes(word)));
/** "The boots are the same brown as the belt": is what it matches named next, and was not before? */
const isAsNext = (group: Group, next: Group): boolean =>
	asksToMatch(group) && matchesBy(group, 'as') && !group.own.matches && next.own.before === 'adjacent';
const onlyColour = ({ clauses }: Group) => clauses.every(takesColourAlone);
const isPrinted = ({ description: { print } }: Read) => print !== undefined && print.family.value !== 'plain';
const samePrint = (group: Group) => matchesBy(group, 'print', 'pattern');
const sameCloth = (group: Group) => matchesBy(group, 'cloth', 'fabric', 'material');
/** Is it cut from a cloth that was told? */
const isClothes = ({ named, description: { facets } }: Read): boolean =>
	isClothing(named.type) && (facets.material ?? facets.texture) !== undefined;

/** Textures that a garment is made with, and that matching it does not take over. */
const made: ReadonlySet<string> = new Set(['pleated', 'ruched', 'smocked', 'cut-out']);

/** Colour, cloth and print of another garment, or its colour alone, where the own description says none. */
function takeFrom(own: Description, other: Description, colourAlone: boolean): void {
	if (own.colours.length === 0) own.colours = [...other.colours];
	if (colourAlone && own.colours.length > 0) return;
	if (!own.print && other.print && own.type.division !== 'jewellery') own.print = other.print;
	for (const facet of ['material', 'texture'] as const) {
		const given = other.facets[facet];
		// Pleats are made into a garment, not woven into its cloth.
		if (given && made.has(given.value)) continue;
		if (own.facets[facet] === undefined && given && own.type.facets.includes(facet))
			stateFacet(own.facets, facet, given);
	}
	own.metal ??= other.metal && own.type.division === other.type.division ? other.metal : undefined;
}

/** What a thing is to match, where that is not what was named last. */
function matchedBy({ group, named }: Read, before: readonly Read[]): Read | undefined {
	const { matches } = group.clauses.find((clause) => clause.matches) ?? {};
	// "Tights to match the scarf", "a bag in green to match the coat".
	if (matches) return lastCalled(before, ({ group: { head } }) => head.span, matches.span);
	// "A head wrap in the same print", after shoes: of the last that has one.
	if (samePrint(group)) return before.findLast(isPrinted);
	const shown = before.filter(({ description }) => isShown(description));
	// "A tweed suit, a knitted tie, a cap in the same cloth".
	const ofCloth = sameCloth(group) ? before.findLast(isClothes) : undefined;
	if (ofCloth) return ofCloth;
	// "A navy blazer, white shirt, matching trousers" are a suit.
	const partner = suitedTo[named.type.slot];
	return before.findLast((one) => placeOf(one) === partner && isOfCloth(one)) ?? shown.at(-1);
}

/** A shirt that is worn open is a layer. */
const placeOf = ({ named, description }: Read): GarmentType['slot'] =>
	description.moves.includes('worn-open') && named.type.slot === 'top' ? 'layer' : named.type.slot;
const isOfCloth = ({ description }: Read) =>
	isShown(description) || description.facets.material !== undefined;

/** What makes a suit with what is worn there. */
const suitedTo: Partial<Record<GarmentType['slot'], GarmentType['slot']>> = { legs: 'layer', layer: 'legs' };
/** Has it a colour, print or metal that another can match? */
const isShown = ({ colours, print, metal }: Description) =>
	colours.length > 0 || print !== undefined || metal !== undefined;

/** Garments named straight after a thing that is not known: what they share with it is not known either. */
const afterStrange = (groups: readonly Group[]) => new Set(groups.filter((_, i) => groups[i - 1]?.strange));

/** "A gown in blue duchess satin, gloves in the same satin": what was named before of the cloth that is said to be the same. */
function ofSameCloth({ group, description }: Read, before: readonly Read[]): Read | undefined {
	const cloth = description.facets.material?.value;
	if (!cloth || isShown(description) || !group.clauses.some(({ same }) => same)) return undefined;
	return before.findLast((one) => one.description.facets.material?.value === cloth);
}

/** Gives each thing that is worn what it takes from another, in the order in which they are named. `groups`: all that is named, worn or not. */
export function takeMatches(worn: readonly Read[], groups: readonly Group[]): void {
	const orphans = afterStrange(groups);
	worn.forEach((own, i) => {
		const previous = orphans.has(own.group) ? undefined : worn[i - 1];
		const next = worn[i + 1];
		if (next && (i === 0 ? asksToMatch(own.group) : isAsNext(own.group, next.group))) {
			takeFrom(own.description, next.description, onlyColour(own.group));
			// "The scarf's the same green as the shoes".
			if (matchesBy(own.group, 'as')) takeFrom(next.description, own.description, onlyColour(own.group));
		} else if (previous && asksToMatch(own.group)) {
			const source = matchedBy(own, worn.slice(0, i)) ?? previous;
			takeFrom(own.description, source.description, onlyColour(own.group));
			// "A crop top and matching shorts in red" are both red.
			takeFrom(source.description, own.description, onlyColour(own.group));
			// "A navy coat, shoes and bag to match".
			if (own.group.own.before === 'and' && own.group.own.bare && matchesBy(own.group, 'match'))
				takeFrom(previous.description, source.description, onlyColour(own.group));
		} else if (previous && shares(previous.group, own.group)) {
			takeFrom(own.description, previous.description, false);
			// "Cashmere joggers and hoodie set, in grey".
			if (own.group.own.asSet) takeFrom(previous.description, own.description, false);
		}
		const source = ofSameCloth(own, worn.slice(0, i));
		if (source) takeFrom(own.description, source.description, false);
	});
}
