/** Eras and aesthetics: their formulas, degrees, and references made of them. */
export { degrees, itemsAtDegree, weighed } from './degrees';
export { recipeFromReferences } from './from-references';
export { onBase, sharedAdds, type OnBase } from './on-a-base';
export { isBeauty, readRecipe, type ReadRecipe, type RecipeProblem } from './read-recipe';
export { elementOfItem, referenceOf } from './to-reference';
