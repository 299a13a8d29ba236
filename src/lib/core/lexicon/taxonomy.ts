/** The tree of garment types: division, family, type. Read once from `types/`; add types there. */
import type { FacetId } from './facets';
import { slotsMeet, type SlotId } from './slots';
import { standIns } from './stand-ins';
import { divisions, families } from './types';
import type { DrawKind, FamilySource } from './types/source';

export interface GarmentType {
	id: string;
	singular: string;
	plural: string;
	/** Other words for it, each with the locale that it belongs to, if it belongs to one. */
	words: { word: string; locale?: 'uk' | 'us' }[];
	/** Is its word the one for the whole family ("boots")? */
	general: boolean;
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

function readType(line: string, family: FamilySource): GarmentType {
	const [name = '', plural = name, words = '', usual = ''] = line.split('/').map((part) => part.trim());
	const general = name.startsWith('*');
	const singular = general ? name.slice(1) : name;
	return {
		id: idOf(singular),
		singular,
		plural,
		words: wordsIn(words),
		general,
		family: family.id,
		familyLabel: family.label,
		division: family.division,
		divisionLabel: divisions[family.division] ?? family.division,
		slot: family.slot,
		facets: [...new Set(family.facets)],
		draws: family.draws,
		usual: { ...family.usual, ...usualIn(usual) }
	};
}

export const garmentTypes: readonly GarmentType[] = families.flatMap((family) =>
	family.types
		.trim()
		.split('\n')
		.map((line) => readType(line, family))
);
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
/** Where one of two names the whole family ("boots") and the other a cut of it: one asks, the other answers. */
const generalSimilarity = 0.85;

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
	const general = commonDepth === 2 && (left.general || right.general) ? generalSimilarity : 0;
	return Math.max(inTree, general, declared.get(`${a} ${b}`) ?? 0);
}

/**
 * Can a thing of one type be worn in place of another? Where they cover a part of the body in common, or where a
 * stand-in is declared (a cardigan for a jumper).
 */
export const canAnswer = (asked: string, given: string): boolean =>
	slotsMeet(garmentType(asked).slot, garmentType(given).slot) || declared.has(`${asked} ${given}`);

/** Are two types worn on a part of the body in common? */
export const slotsMeetOf = (a: string, b: string): boolean =>
	slotsMeet(garmentType(a).slot, garmentType(b).slot);
