import { garmentInWords } from '../closeness/words';
import { slots } from '../lexicon/slots';
import { garmentType } from '../lexicon/taxonomy';
import type { Id } from '../model/basics';
import type { Garment } from '../model/garment';
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

/** What takes no colour of a recipe's palette: its own is its metal, or nature's. */
const takesColour = ({ garment }: RecipeItem) =>
	!['jewellery', 'beauty', 'under'].includes(garmentType(garment.type).division) && !garment.metal;

/**
 * The colours of the elements: their own where the recipe says them, else the recipe's palette in its order, the largest
 * things first, so that its colours are in the look at about the shares in which it names them. They are inferred.
 */
function palettesFor(items: readonly RecipeItem[], colours: Recipe['colours']): Garment['palette'][] {
	const open = items
		.map((item, i) => ({ item, i, area: slots[garmentType(item.garment.type).slot].areaShare }))
		.filter(({ item }) => item.garment.palette.length === 0 && takesColour(item) && colours.length > 0)
		.sort((a, b) => b.area - a.area);
	const given = new Map(
		open.map(({ i }, n) => {
			const colour = colours[n % colours.length];
			return [i, colour ? [{ ...colour.swatch, share: 1, provenance: 'inferred' as const }] : []];
		})
	);
	return items.map((item, i) => given.get(i) ?? item.garment.palette);
}

/**
 * A reference made of a recipe at a degree. It keeps the link to the recipe, and each element the recipe's reason
 * as its note; the weightiest item leads as the hero. `newId` gives ids.
 */
export function referenceOf(recipe: Recipe, degree: DegreeId, newId: () => Id): Reference {
	const items = itemsAtDegree(recipe, degree);
	const palettes = palettesFor(items, recipe.colours);
	const elements = items.map((item, i) => ({
		...elementOfItem(item, newId()),
		garment: { ...item.garment, palette: palettes[i] ?? [] },
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
