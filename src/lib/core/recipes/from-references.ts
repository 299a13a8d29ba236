import { colourName } from '../colour/words';
import { measureColour } from '../colour/similarity';
import { slots } from '../lexicon/slots';
import { facetIds } from '../lexicon/facets';
import { garmentType } from '../lexicon/taxonomy';
import type { Id } from '../model/basics';
import { stateFacet, type Garment, type Swatch } from '../model/garment';
import type { Recipe, RecipeItem } from '../model/recipe';
import type { Element, Reference } from '../model/reference';
import { paletteOf } from '../model/palette';
import { elementWeights } from '../closeness/weights';
import { phraseOf } from './to-reference';

/** From this share of the references on, an element is part of the recipe's core. */
const coreFrom = 0.6;
/** Of this many things of a kind, a feature is kept when this share has it. */
const sharedFrom = 0.5;
const mostColoursKept = 5;
const mostCloths = 4;

interface Member {
	element: Element;
	reference: number;
	weight: number;
}

/** The value that most of a list has, if that is enough of them; ties go to the first. */
function commonest<T>(values: readonly (T | undefined)[], keyOf: (value: T) => string): T | undefined {
	const counts = new Map<string, { value: T; count: number }>();
	for (const value of values) {
		if (value === undefined) continue;
		const key = keyOf(value);
		counts.set(key, { value, count: (counts.get(key)?.count ?? 0) + 1 });
	}
	const best = [...counts.values()].reduce<{ value: T; count: number } | undefined>(
		(most, next) => (most === undefined || next.count > most.count ? next : most),
		undefined
	);
	return best && best.count >= values.length * sharedFrom ? best.value : undefined;
}

/** What garments of one kind have in common. */
function sharedGarment(garments: readonly Garment[]): Garment {
	const [first] = garments;
	if (!first) throw new Error('no garments to share anything');
	const type = commonest(
		garments.map((garment) => garment.type),
		(value) => value
	);
	const facets: Garment['facets'] = {};
	const { facets: possible } = garmentType(type ?? first.type);
	for (const id of facetIds) {
		if (!possible.includes(id)) continue;
		const value = commonest(
			garments.map((garment) => garment.facets[id]?.value),
			(one) => one
		);
		if (value !== undefined) stateFacet(facets, id, { value, provenance: 'inferred' });
	}
	const swatch = commonest(
		garments.map((garment) => garment.palette[0]),
		({ hex }) => measureColour(hex).family
	);
	const print = commonest(
		garments.map((garment) => garment.print),
		({ family }) => family.value
	);
	const metal = commonest(
		garments.map((garment) => garment.metal),
		({ value }) => value
	);
	return {
		type: type ?? first.type,
		facets,
		palette: swatch ? paletteOf([{ ...swatch, provenance: 'inferred' }]) : [],
		...(print ? { print: { family: print.family } } : {}),
		...(metal ? { metal } : {})
	};
}

function itemOf(members: readonly Member[], references: number, newId: () => Id): RecipeItem {
	const garment = sharedGarment(members.map(({ element }) => element.garment));
	const found = new Set(members.map(({ reference }) => reference)).size / references;
	const moves = commonest(
		members.map(({ element }) => element.moves),
		(list) => [...list].sort().join()
	);
	const times = Math.round(found * references);
	return {
		id: newId(),
		part: found >= coreFrom ? 'core' : 'optional',
		phrase: phraseOf({ garment }),
		garment,
		moves: moves ?? [],
		role: members[0]?.element.role ?? 'key',
		reason: references > 1 ? `In ${times} of ${references} looks.` : '',
		found
	};
}

/** The colours that cover most of the looks, each family by its most frequent swatch. */
function coloursOf(members: readonly Member[], references: number): Recipe['colours'] {
	const families = new Map<string, { swatch: Swatch; area: number; looks: Set<number> }>();
	for (const { element, reference } of members) {
		const area = slots[garmentType(element.garment.type).slot].areaShare;
		for (const swatch of element.garment.palette) {
			const { family } = measureColour(swatch.hex);
			const known = families.get(family) ?? { swatch, area: 0, looks: new Set<number>() };
			known.area += area * swatch.share;
			known.looks.add(reference);
			families.set(family, known);
		}
	}
	return [...families.values()]
		.sort((a, b) => b.area - a.area)
		.slice(0, mostColoursKept)
		.map(({ swatch, looks }) => ({
			swatch: { ...swatch, share: 1 },
			word: colourName(swatch.hex),
			reason: references > 1 ? `In ${looks.size} of ${references} looks.` : ''
		}));
}

function clothOf(members: readonly Member[]): Recipe['cloth'] {
	const counts = new Map<string, number>();
	for (const { element } of members) {
		const material = element.garment.facets.material?.value;
		if (material !== undefined) counts.set(material, (counts.get(material) ?? 0) + 1);
	}
	return [...counts]
		.sort(([, a], [, b]) => b - a)
		.slice(0, mostCloths)
		.map(([material, count]) => ({ material, reason: count > 1 ? `${count} times.` : '' }));
}

/**
 * A recipe of what references have in common: their elements by kind (the family of the taxonomy), each with how
 * many of the references have it, and of each kind the features that at least half of them share. What at least
 * six in ten have is the core. Of a single reference, its hero and key elements are the core.
 *
 * Throws when no reference is given. `newId` gives ids.
 */
export function recipeFromReferences(
	references: readonly Reference[],
	title: string,
	newId: () => Id
): Recipe {
	const [first] = references;
	if (!first) throw new Error('a recipe needs at least one reference');
	const members = references.flatMap(({ elements }, reference) => {
		const weights = elementWeights(elements);
		return elements.map((element, i): Member => ({ element, reference, weight: weights[i] ?? 0 }));
	});
	const kinds = new Map<string, Member[]>();
	for (const member of members) {
		const { family } = garmentType(member.element.garment.type);
		kinds.set(family, [...(kinds.get(family) ?? []), member]);
	}
	const weightOf = (list: readonly Member[]) => list.reduce((sum, { weight }) => sum + weight, 0);
	const items = [...kinds.values()]
		.sort((a, b) => weightOf(b) - weightOf(a))
		.map((list) => itemOf(list, references.length, newId))
		.map((item): RecipeItem =>
			references.length > 1 || ['hero', 'key'].includes(item.role) ? item : { ...item, part: 'optional' }
		);
	return {
		id: newId(),
		rev: 0,
		kind: references.every(({ kind }) => kind === 'era') ? 'era' : 'aesthetic',
		title,
		silhouette: { volume: '', waist: '', hems: '' },
		items,
		colours: coloursOf(members, references.length),
		cloth: clothOf(members),
		note: '',
		madeFrom: references.map(({ id }) => id)
	};
}
