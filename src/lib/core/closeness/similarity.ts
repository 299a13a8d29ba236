import { facetOf, placeOf, type FacetId } from '../lexicon/facets';
import { likeness } from '../lexicon/likeness';
import { feelOf, feelWeights, stuffsApart, feelWidth, type Stuff } from '../lexicon/material-feel';
import { metalGroups } from '../lexicon/metals';
import { printGroups, printScales } from '../lexicon/prints';
import type { Garment } from '../model/garment';

/** 1 for the same value, the tabled likeness within a group, the lower one across groups. */
function groupSimilarity(
	groups: readonly (readonly string[])[],
	asked: string,
	given: string,
	across: number
): number {
	if (asked === given) return 1;
	const together = groups.some((group) => group.includes(asked) && group.includes(given));
	return together ? likeness.sameGroup : across;
}

/** How far apart two kinds of stuff are, 0..1. */
function stuffDistance(a: Stuff, b: Stuff): number {
	if (a === b) return 0;
	return (
		stuffsApart.find(([one, other]) => (one === a && other === b) || (one === b && other === a))?.[2] ?? 1
	);
}

/**
 * Likeness of two materials by what they do, 0..1: a bell curve over their weighted distance in weight,
 * drape, sheen, depth, openness and stuff (this project's).
 */
export function materialSimilarity(asked: string, given: string): number {
	if (asked === given) return 1;
	const [a, b] = [feelOf.get(asked), feelOf.get(given)];
	if (!a || !b) throw new RangeError(`"${a ? given : asked}" is no material`);
	const { stuff, ...weights } = feelWeights;
	const properties = Object.entries(weights) as [keyof typeof weights, number][];
	const square = properties.reduce((sum, [id, weight]) => sum + weight * ((a[id] - b[id]) / 4) ** 2, 0);
	const apart = Math.sqrt(square + stuff * stuffDistance(a.stuff, b.stuff) ** 2);
	// Two that feel alike are still two.
	return Math.min(likeness.twinMaterial, Math.exp(-((apart / feelWidth) ** 2)));
}

/**
 * Likeness of two values of a facet, 0..1. Ordinal: 1 − distance / range (Gower 1971). Nominal: by the facet's
 * groups of values that look alike. Throws on a value that the facet does not have.
 */
export function facetSimilarity(id: FacetId, asked: string, given: string): number {
	if (id === 'material') return materialSimilarity(asked, given);
	const facet = facetOf(id);
	if (facet.kind === 'nominal') return groupSimilarity(facet.groups, asked, given, likeness.otherGroup);
	const places = facet.values.map((value, index) => value.at ?? index);
	const range = Math.max(...places) - Math.min(...places);
	return 1 - Math.abs(placeOf(id, asked) - placeOf(id, given)) / range;
}

export const metalSimilarity = (asked: string, given: string) =>
	groupSimilarity(metalGroups, asked, given, likeness.otherGroup);

type Print = NonNullable<Garment['print']>;

/** Likeness of two prints, 0..1: family, and scale where both state it. Plain against printed is 0. */
export function printSimilarity(asked: Print, given: Print): number {
	const [a, b] = [asked.family.value, given.family.value];
	if (a !== b && (a === 'plain' || b === 'plain')) return 0;
	const family = groupSimilarity(printGroups, a, b, likeness.otherPrint);
	if (!asked.scale || !given.scale) return family;
	const steps = Math.abs(printScales.indexOf(asked.scale.value) - printScales.indexOf(given.scale.value));
	const scale = 1 - steps / (printScales.length - 1);
	return family * (1 - likeness.printScaleShare + likeness.printScaleShare * scale);
}
