/**
 * The recipes that come with the app, read from their text files. For the interface: it is Vite that gathers the
 * files, so this is no part of the core's public face.
 */
import type { Recipe } from '../model/recipe';
import { readRecipe } from './read-recipe';

const texts = import.meta.glob<string>('./texts/*.txt', { query: '?raw', import: 'default', eager: true });

let read: Recipe[] | undefined;

/** All recipes, eras in their order, then aesthetics by title; read once. */
export function recipeLibrary(): readonly Recipe[] {
	read ??= Object.values(texts)
		.map((text) => readRecipe(text).recipe)
		.sort(
			(a, b) =>
				Number(a.kind === 'aesthetic') - Number(b.kind === 'aesthetic') || a.title.localeCompare(b.title)
		);
	return read;
}
