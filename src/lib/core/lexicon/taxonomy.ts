/** The tree of garment types: division, family, type. Read once from `taxonomy-data.ts`; add types there. */
import type { FacetId } from './facets';
import { slotsMeet, type SlotId } from './slots';
import { divisions, families, standIns, type DrawKind } from './taxonomy-data';

export interface GarmentType {
	id: string;
	singular: string;
	plural: string;
	/** Other words for it, each with the locale that it belongs to, if it belongs to one. */
	words: { word: string; locale?: 'uk' | 'us' }[];
	family: string;
	familyLabel: string;
	division: string;
	divisionLabel: string;
	slot: SlotId;
	/** The facets that a garment of this type can have. */
	facets: FacetId[];
	draws: DrawKind;
	/** Usual values: for drawing and first guesses, never for closeness. */
	usual: Partial<Record<FacetId, string>>;
}

/** "T-bar shoes" → "t-bar-shoes": the id of a type is its singular word. */
const idOf = (singular: string) => singular.toLowerCase().replace(/[^a-z0-9]+/g, '-');

function wordsIn(text: string): GarmentType['words'] {
	return text
		.split(',')
		.map((word) => word.trim())
		.filter(Boolean)
		.map((word) => {
			const marked = /^(uk|us):(.+)$/.exec(word);
			return marked ? { word: marked[2] ?? '', locale: marked[1] as 'uk' | 'us' } : { word };
		});
}

function usualIn(text: string): GarmentType['usual'] {
	const pairs = text.trim().split(/\s+/).filter(Boolean);
	return Object.fromEntries(pairs.map((pair) => pair.split('=')));
}

const readTypes = (): GarmentType[] =>
	families.flatMap((family) =>
		family.types
			.trim()
			.split('\n')
			.map((line) => {
				const [singular = '', plural = singular, words = '', usual = ''] = line
					.split('/')
					.map((part) => part.trim());
				return {
					id: idOf(singular),
					singular,
					plural,
					words: wordsIn(words),
					family: family.id,
					familyLabel: family.label,
					division: family.division,
					divisionLabel: divisions[family.division] ?? family.division,
					slot: family.slot,
					facets: family.facets,
					draws: family.draws,
					usual: { ...family.usual, ...usualIn(usual) }
				};
			})
	);

export const garmentTypes: readonly GarmentType[] = readTypes();
const byId = new Map(garmentTypes.map((type) => [type.id, type]));

export const isGarmentType = (id: string) => byId.has(id);

/** The type under its id; throws on an id that the tree does not hold. */
export function garmentType(id: string): GarmentType {
	const type = byId.get(id);
	if (!type) throw new RangeError(`"${id}" is no garment type of this taxonomy`);
	return type;
}

/** Can a garment of this type have this facet? */
export const typeHasFacet = (id: string, facet: FacetId) => garmentType(id).facets.includes(facet);

const declared = new Map<string, number>();
for (const [a, b, similarity] of standIns) {
	declared.set(`${a} ${b}`, similarity);
	declared.set(`${b} ${a}`, similarity);
}

/** Depth of a type below the root (root 0, division 1, family 2). */
const typeDepth = 3;

/**
 * Likeness of two types in the tree, 0..1: 2·depth(common)/(depth(a)+depth(b)) (Wu & Palmer 1994, root depth 0),
 * or the declared stand-in where that is higher.
 */
export function typeSimilarity(a: string, b: string): number {
	if (a === b) return 1;
	const left = garmentType(a);
	const right = garmentType(b);
	const commonDepth = left.family === right.family ? 2 : left.division === right.division ? 1 : 0;
	const inTree = (2 * commonDepth) / (typeDepth + typeDepth);
	return Math.max(inTree, declared.get(`${a} ${b}`) ?? 0);
}

/**
 * Can a thing of one type be worn in place of another? Where they cover a part of the body in common, or where a
 * stand-in is declared (a cardigan for a jumper).
 */
export const canAnswer = (asked: string, given: string): boolean =>
	slotsMeet(garmentType(asked).slot, garmentType(given).slot) || declared.has(`${asked} ${given}`);
