import type { Recipe } from '../model/recipe';
import { clothWord, isBeauty } from './read-recipe';
import { headKeys, partOfSection, sections, type HeadKey, type SectionKind } from './text-form';

/** On one line, and without the sign that parts a phrase from its reason. */
const inOneLine = (words: string) => words.replaceAll(/\s+/g, ' ').replaceAll('|', '/').trim();

const lineOf = (said: string, reason: string) =>
	[inOneLine(said), inOneLine(reason)].filter((words) => words !== '').join(' | ');

/** The lines under a heading. */
function linesUnder(recipe: Recipe, section: SectionKind): string[] {
	if (section === 'colours') return recipe.colours.map(({ word, reason }) => lineOf(word, reason));
	if (section === 'cloth')
		return recipe.cloth.map(({ material, reason }) => lineOf(clothWord(material), reason));
	const inPart = recipe.items.filter(({ part }) => part === partOfSection(section));
	// Hair and make-up have their heading where they end the optional; elsewhere their place is their rank.
	const beautyFrom = 1 + inPart.findLastIndex((item) => !isBeauty(item));
	const items =
		section === 'beauty'
			? inPart.slice(beautyFrom)
			: section === 'optional'
				? inPart.slice(0, beautyFrom)
				: inPart;
	return items.map(({ phrase, reason }) => lineOf(phrase, reason));
}

/**
 * A recipe as the text that `readRecipe` reads: what is read back of it, with the recipe itself as `was`, is the same
 * recipe. Line breaks within a note become spaces.
 */
export function recipeText(recipe: Recipe): string {
	const head: Record<HeadKey, string> = {
		title: recipe.title,
		kind: recipe.kind,
		silhouette: recipe.silhouette.volume,
		waist: recipe.silhouette.waist,
		hems: recipe.silhouette.hems,
		note: recipe.note
	};
	const said = headKeys.filter((key) => head[key] !== '').map((key) => `${key}: ${inOneLine(head[key])}`);
	const parts = Object.entries(sections).map(([heading, section]) => [
		heading,
		...linesUnder(recipe, section)
	]);
	return `${[said, ...parts].map((lines) => lines.join('\n')).join('\n\n')}\n`;
}
