import type { PlateLook, Recipe, RecipeItem } from '$lib/core';
import { recipeLibrary } from '$lib/core/recipes/library';
import { database } from '$lib/store/database';

/** The recipes that come with the app and the stylist's own, these last. */
export async function allRecipes(): Promise<Recipe[]> {
	const own = await database.recipes.toArray();
	return [...recipeLibrary(), ...own.sort((a, b) => a.title.localeCompare(b.title))];
}

export const isOwn = ({ madeFrom }: Recipe) => madeFrom.length > 0;

/** Items of a recipe as a look to draw. */
export const recipeLook = (items: readonly RecipeItem[]): PlateLook => ({
	worn: items.map(({ id, garment, moves }) => ({ id, garment, moves }))
});
