/** What a recipe does to a base of pieces: what it keeps, adds and takes away. */
import { closenessOf } from '../closeness/piece';
import { likeness } from '../lexicon/likeness';
import { slotsMeetOf } from '../lexicon/taxonomy';
import type { Garment } from '../model/garment';
import type { DegreeId, Recipe, RecipeItem } from '../model/recipe';
import { itemsAtDegree } from './degrees';

export interface Kept {
	item: RecipeItem;
	/** Index of the base's garment that answers it. */
	base: number;
	/** 0..1 */
	closeness: number;
}
export interface TakenAway {
	base: number;
	/** The recipe never has it, or what it adds is worn in its place. */
	why: 'never' | 'in-the-way';
	item: RecipeItem;
}
export interface OnBase {
	keeps: Kept[];
	adds: RecipeItem[];
	takesAway: TakenAway[];
	/** Indexes of the base's garments that the recipe neither needs nor minds. */
	leaves: number[];
}

const asked = (item: RecipeItem) => ({ garment: item.garment, signature: [], open: [] });
const closeness = (item: RecipeItem, garment: Garment) => closenessOf(asked(item), garment).closeness;

/** A base that comes this near to what a recipe never has, breaks it. */
const breaksFrom = 0.7;

/**
 * A recipe at a degree on a base: each of its items is kept where a garment of the base answers it (each garment
 * once, the nearest first), and added where none does. A garment of the base that comes near to what the recipe
 * never has, or that is worn where an added item must go, is taken away.
 */
export function onBase(recipe: Recipe, degree: DegreeId, base: readonly Garment[]): OnBase {
	const items = itemsAtDegree(recipe, degree);
	const pairs = items
		.flatMap((item) => base.map((garment, i) => ({ item, base: i, closeness: closeness(item, garment) })))
		.filter((pair) => pair.closeness >= likeness.matchFloor)
		.sort((a, b) => b.closeness - a.closeness);
	const keeps: Kept[] = [];
	for (const pair of pairs)
		if (!keeps.some((kept) => kept.item === pair.item || kept.base === pair.base)) keeps.push(pair);
	const adds = items.filter((item) => !keeps.some((kept) => kept.item === item));
	const never = recipe.items.filter(({ part }) => part === 'never');
	const takesAway: TakenAway[] = [];
	const leaves: number[] = [];
	base.forEach((garment, i) => {
		const broken = never.find((item) => closeness(item, garment) >= breaksFrom);
		const replaced = adds.find((item) => slotsMeetOf(item.garment.type, garment.type));
		const kept = keeps.some((one) => one.base === i);
		if (broken && !kept) takesAway.push({ base: i, why: 'never', item: broken });
		else if (replaced && !kept) takesAway.push({ base: i, why: 'in-the-way', item: replaced });
		else if (!kept) leaves.push(i);
	});
	return { keeps, adds, takesAway, leaves };
}

/** From this closeness on, two recipes ask for the same thing. */
const sameFrom = 0.6;

/** What two recipes both add: pairs of items that answer each other. */
export function sharedAdds(a: OnBase, b: OnBase): [RecipeItem, RecipeItem][] {
	const taken = new Set<RecipeItem>();
	return a.adds.flatMap((item): [RecipeItem, RecipeItem][] => {
		const partner = b.adds.find((other) => !taken.has(other) && closeness(item, other.garment) >= sameFrom);
		if (!partner) return [];
		taken.add(partner);
		return [[item, partner]];
	});
}
