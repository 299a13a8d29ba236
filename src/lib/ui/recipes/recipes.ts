import {
	degreeIds,
	degrees,
	garmentType,
	referenceOf,
	type Garment,
	type PlateLook,
	type Recipe,
	type RecipeItem,
	type Reference
} from '$lib/core';
import { recipeLibrary } from '$lib/core/recipes/library';
import { newId } from '$lib/store/clock';
import { database } from '$lib/store/database';
import { m } from '../messages';

/** The recipes that come with the app and the stylist's own, these last. */
export async function allRecipes(): Promise<Recipe[]> {
	const own = await database.recipes.toArray();
	return [...recipeLibrary(), ...own.sort((a, b) => a.title.localeCompare(b.title))];
}

/** Is it the stylist's own, and none of those that come with the app? */
export const isOwn = ({ id }: Recipe) => recipeLibrary().every((known) => known.id !== id);

/** Where a recipe of one's own comes from, in words. */
export const origin = ({ madeFrom }: Recipe) =>
	madeFrom.length > 0 ? m.recipes.madeFrom(madeFrom.length) : m.recipes.written;

const undyed = new Set(['jewellery', 'beauty', 'under']);

/** A garment that no colour is said of, in one of the recipe's own, for the picture only. */
function dyed(garment: Garment, { colours }: Recipe, at: number): Garment {
	const swatch = colours[at % Math.max(1, colours.length)]?.swatch;
	if (!swatch || garment.palette.length > 0 || undyed.has(garmentType(garment.type).division)) return garment;
	return { ...garment, palette: [swatch] };
}

/** Items of a recipe as a look to draw, in the recipe's colours where they say none. */
export const recipeLook = (recipe: Recipe, items: readonly RecipeItem[]): PlateLook => ({
	worn: items.map(({ id, garment, moves }, at) => ({ id, garment: dyed(garment, recipe, at), moves }))
});

/** A recipe as a look at one degree, under an id that is the same each time. */
export type AtDegree = Reference & { degree: string };
const madeOf = new WeakMap<Recipe, AtDegree[]>();

/** A recipe as the looks that it makes at each degree; made once for a recipe. */
export function atDegrees(recipe: Recipe): AtDegree[] {
	let looks = madeOf.get(recipe);
	if (!looks) {
		looks = degreeIds.map((id) => ({
			...referenceOf(recipe, id, newId),
			id: `${recipe.id} ${id}`,
			rev: recipe.rev,
			degree: degrees[id].label
		}));
		madeOf.set(recipe, looks);
	}
	return looks;
}
