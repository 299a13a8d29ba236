/** Eras and aesthetics: their formulas, degrees, and references made of them. */
export { degrees, itemsAtDegree, weighed } from './degrees';
export { recipeFromReferences } from './from-references';
export { onBase, sharedAdds, type OnBase } from './on-a-base';
export {
	isBeauty,
	readRecipe,
	type ReadRecipe,
	type RecipeLine,
	type RecipeProblem,
	type RecipeReading
} from './read-recipe';
export { recipeText } from './recipe-text';
export { elementOfItem, referenceOf } from './to-reference';
