import { garmentInWords } from '../closeness/words';
import type { Id } from '../model/basics';
import type { DegreeId, Recipe, RecipeItem } from '../model/recipe';
import type { Element, Reference } from '../model/reference';
import { ranked } from '../matching/order';
import { degrees, itemsAtDegree } from './degrees';

/** An item as an element of a look; `rank` is given by its place. */
export const elementOfItem = (item: RecipeItem, id: Id, rank = 1): Element => ({
	id,
	garment: item.garment,
	rank,
	role: item.role,
	weightFactor: 1,
	signature: [],
	open: [],
	moves: item.moves,
	note: item.reason
});

/**
 * A reference made of a recipe at a degree. It keeps the link to the recipe, and each element the recipe's reason
 * as its note; the weightiest item leads as the hero. `newId` gives ids.
 */
export function referenceOf(recipe: Recipe, degree: DegreeId, newId: () => Id): Reference {
	const elements = itemsAtDegree(recipe, degree).map((item, i) => ({
		...elementOfItem(item, newId()),
		role: i === 0 ? ('hero' as const) : item.role
	}));
	return {
		id: newId(),
		rev: 0,
		kind: recipe.kind,
		title: `${recipe.title}, ${degrees[degree].label}`.slice(0, 120),
		credit: { who: '', source: '' },
		boards: [],
		photos: [],
		recipe: { id: recipe.id, title: recipe.title, degree },
		elements: ranked(elements),
		note: recipe.note
	};
}

/** An item's phrase as the app would say it. */
export const phraseOf = ({ garment }: Pick<RecipeItem, 'garment'>): string =>
	garmentInWords(garment).slice(0, 200);
