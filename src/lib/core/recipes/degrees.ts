import { rankOrderCentroid } from '../closeness/weights';
import { slots } from '../lexicon/slots';
import { garmentType } from '../lexicon/taxonomy';
import type { DegreeId, Recipe, RecipeItem } from '../model/recipe';

/** What each degree takes of a recipe's weight, and how it is called (this project's; may be argued with). */
export const degrees: Record<DegreeId, { label: string; takes: number; reason: string }> = {
	touch: { label: 'a touch', takes: 0.45, reason: 'What makes it recognisable, and no more.' },
	half: { label: 'half way', takes: 0.65, reason: 'The core, with the wearer’s own clothes.' },
	most: { label: 'most of it', takes: 0.85, reason: 'Core and company.' },
	'all-in': { label: 'all in', takes: 1, reason: 'Everything that can be worn at once.' }
};

/** An optional item counts this much of a core item at its rank. */
const optionalWeight = 0.6;

/** Parts of the body that take one thing at a time. */
const takesOne = new Set([
	'base',
	'legs',
	'feet',
	'bag',
	'head',
	'eyes',
	'hosiery',
	'hair',
	'ears',
	'neck',
	'nails',
	'waist',
	'hands'
]);

function takenBy({ garment }: RecipeItem): string[] {
	const { slot, division } = garmentType(garment.type);
	// A drape goes over the blouse that is worn with it.
	if (slot === 'drape') return ['legs'];
	if (division === 'beauty') return slot === 'face' ? [garment.type] : [slot];
	return slots[slot].covers.filter((part) => takesOne.has(part));
}

export interface Weighed {
	item: RecipeItem;
	/** Share of the recipe, 0..1; all wearable items together make 1. */
	weight: number;
}

/**
 * The items of a recipe by weight, largest first, adding up to 1: rank-order centroid along core, then optional,
 * an optional item counting less, times how often it was found. Of things that cannot be worn at once the weightier
 * stays; the others come back as `instead`. What breaks the recipe is left out.
 */
export function weighed(recipe: Pick<Recipe, 'items'>): { worn: Weighed[]; instead: Weighed[] } {
	const items = (['core', 'optional'] as const).flatMap((part) =>
		recipe.items.filter((item) => item.part === part)
	);
	const centroid = rankOrderCentroid(items.length);
	const all = items
		.map((item, i) => ({
			item,
			weight: (centroid[i] ?? 0) * (item.part === 'core' ? 1 : optionalWeight) * item.found
		}))
		.sort((a, b) => b.weight - a.weight);
	const taken = new Set<string>();
	const worn: Weighed[] = [];
	const instead: Weighed[] = [];
	for (const one of all) {
		const parts = takenBy(one.item);
		if (parts.some((part) => taken.has(part))) instead.push(one);
		else {
			worn.push(one);
			for (const part of parts) taken.add(part);
		}
	}
	const total = worn.reduce((sum, { weight }) => sum + weight, 0);
	const shared = (list: Weighed[]) => list.map(({ item, weight }) => ({ item, weight: weight / total }));
	return { worn: shared(worn), instead: shared(instead) };
}

/**
 * The items that a degree takes: the weightiest, until they make up the degree's share. The smallest degree so
 * begins with what makes the recipe recognisable; a higher one takes all that a lower one does.
 */
export function itemsAtDegree(recipe: Pick<Recipe, 'items'>, degree: DegreeId): RecipeItem[] {
	const { worn } = weighed(recipe);
	const chosen: RecipeItem[] = [];
	let sum = 0;
	for (const { item, weight } of worn) {
		if (sum >= degrees[degree].takes - 1e-9) break;
		chosen.push(item);
		sum += weight;
	}
	return chosen;
}
