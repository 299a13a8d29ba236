/** The tree of garment types: division, family, kin, type. Read once from `types/`; add types there. */
import type { FacetId, FacetValues } from './facets';
import { slots, slotsMeet, type Place, type SlotId } from './slots';
import { answersAlone, familyStandIns, placedByKin, standIns, wornAlso } from './stand-ins';
import { divisions, families, type DivisionId, type FamilyId, type TypeId } from './types';
import type { DrawKind, FamilySource } from './types/source';

export interface GarmentType {
	id: TypeId;
	singular: string;
	plural: string;
	/** Other words for it, each with the locale that it belongs to, if it belongs to one. */
	words: { word: string; locale?: 'uk' | 'us' }[];
	/** Does its word stand for the whole family ("boots") or for its kin ("tights")? */
	general: boolean;
	family: FamilyId;
	familyLabel: string;
	/** Number of its kin within the family: types that are cut alike and worn alike. */
	kin: number;
	division: DivisionId;
	divisionLabel: string;
	slot: SlotId;
	/** The facets that a garment of this type can have. */
	facets: FacetId[];
	draws: DrawKind;
	/** Usual values: for drawing and first guesses, never for closeness. */
	usual: FacetValues;
	/** Those of them that set the type apart within its family. */
	own: FacetValues;
}

/** `id: singular / plural / …`; the id is what records keep, and stays when the words change. */
function idAndRest(line: string): [id: string, rest: string] {
	const at = line.indexOf(':');
	return [line.slice(0, at).trim(), line.slice(at + 1)];
}

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
	return Object.fromEntries(
		pairs.map((pair): [string, string] => {
			const [facet = '', value = ''] = pair.split('=');
			return [facet, value];
		})
	);
}

function readType(
	line: string,
	family: FamilySource & { id: FamilyId; division: DivisionId },
	kin: number
): GarmentType {
	const [id, said] = idAndRest(line);
	const [name = '', plural = name, words = '', usual = ''] = said.split('/').map((part) => part.trim());
	const general = name.startsWith('*');
	const singular = general ? name.slice(1) : name;
	return {
		id: id as TypeId,
		singular,
		plural,
		words: wordsIn(words),
		general,
		family: family.id,
		familyLabel: family.label,
		kin,
		division: family.division,
		divisionLabel: divisions[family.division],
		slot: family.slot,
		facets: [...new Set(family.facets)],
		draws: family.draws,
		usual: { ...family.usual, ...usualIn(usual) },
		own: general ? {} : usualIn(usual)
	};
}

export const garmentTypes: readonly GarmentType[] = families.flatMap((family) =>
	family.types
		.trim()
		.split(/\n\s*\n/)
		.flatMap((kin, i) => kin.split('\n').map((line) => readType(line, family, i)))
);
const byId: ReadonlyMap<string, GarmentType> = new Map(garmentTypes.map((type) => [type.id, type]));

/** Words that stand for a whole family are by themselves in the first kin. */
const standsForFamily = new Set(
	families.flatMap(({ types }) => {
		const first = types.trim().split(/\n\s*\n/)[0] ?? '';
		const [id, said] = idAndRest(first);
		return said.trim().startsWith('*') && !first.includes('\n') ? [id] : [];
	})
);

export const isGarmentType = (id: string): id is TypeId => byId.has(id);

/** The type under its id; throws on an id that the tree does not hold. */
export function garmentType(id: string): GarmentType {
	const type = byId.get(id);
	if (!type) throw new RangeError(`"${id}" is no garment type of this taxonomy`);
	return type;
}

/** Divisions of what is cut and sewn, and seen when it is worn: no underwear, nothing that is worn beside clothes. */
const clothes: ReadonlySet<string> = new Set(['tops', 'bottoms', 'one-pieces', 'layers', 'south-asian']);
export const isClothing = ({ division }: Pick<GarmentType, 'division'>): boolean => clothes.has(division);

const facetsOf: ReadonlyMap<string, ReadonlySet<FacetId>> = new Map(
	garmentTypes.map(({ id, facets }) => [id, new Set(facets)])
);

/** Can a garment of this type have this facet? */
export const typeHasFacet = (id: string, facet: FacetId) => facetsOf.get(id)?.has(facet) ?? false;

const pairs = (list: readonly (readonly [string, string, number, string])[]) =>
	new Map(
		list.flatMap(([a, b, similarity]) => [
			[`${a} ${b}`, similarity],
			[`${b} ${a}`, similarity]
		])
	);
const declared = pairs(standIns);
const declaredFamilies = pairs(familyStandIns);

/** Depths below the root. */
const depth = { division: 1, family: 2, kin: 3, type: 4 } as const;
/** Where a word for a family or a kin is asked for, each cut of it answers. */
const generalSimilarity = 0.85;

function depthOf({ id, general }: GarmentType): number {
	if (!general) return depth.type;
	return standsForFamily.has(id) ? depth.family : depth.kin;
}

function commonDepth(a: GarmentType, b: GarmentType): number {
	if (a.division !== b.division) return 0;
	if (a.family !== b.family) return depth.division;
	const common = a.kin === b.kin ? depth.kin : depth.family;
	return Math.min(common, depthOf(a), depthOf(b));
}

/** Does a word stand for a kin or a family that the other is one of? A jumper is no cardigan, and socks are no tights. */
export const includes = (word: GarmentType, other: GarmentType) =>
	word.general && commonDepth(word, other) === depthOf(word);

/**
 * How well one type answers another, 0..1: what is declared of the two types; else 2·depth(common)/(depth(a)+depth(b)) (Wu & Palmer
 * 1994, root depth 0), or the declared stand-in of their families where that is higher. A word for a family or a kin lies at its depth:
 * any cut answers it, and it says less of a cut that is asked for.
 */
export function typeSimilarity(asked: string, given: string): number {
	if (asked === given) return 1;
	const [a, b] = [garmentType(asked), garmentType(given)];
	const said = declared.get(`${asked} ${given}`);
	if (said !== undefined) return said;
	return Math.max(
		(2 * commonDepth(a, b)) / (depthOf(a) + depthOf(b)),
		includes(a, b) ? generalSimilarity : 0,
		declaredFamilies.get(`${a.family} ${b.family}`) ?? 0
	);
}

/** Is a stand-in declared of the two types themselves? */
export const isDeclared = (asked: string, given: string): boolean => declared.has(`${asked} ${given}`);

/** What a thing covers where its slot has it, and where it is worn besides. */
const wornAt = ({ id, slot }: GarmentType): readonly Place[] => {
	const also = wornAlso[id];
	return also === undefined ? slots[slot].covers : [...slots[slot].covers, also];
};

const wornInPlaceOf = (asked: GarmentType, given: GarmentType): boolean => {
	if (asked === given) return true;
	if (answersAlone.has(asked.id) || answersAlone.has(given.id)) return false;
	if (asked.family === given.family && placedByKin.has(asked.family)) return asked.kin === given.kin;
	const places = wornAt(given);
	return wornAt(asked).some((place) => places.includes(place));
};

const isAnsweredBy = (asked: GarmentType, given: GarmentType): boolean =>
	wornInPlaceOf(asked, given) ||
	declared.has(`${asked.id} ${given.id}`) ||
	declaredFamilies.has(`${asked.family} ${given.family}`);

/** By what is asked for, all that answers it; worked out when it is first asked for. */
const answering = new Map<string, ReadonlySet<string>>();

/**
 * Can a thing of one type be worn in place of another? Where they cover a part of the body in common, the one or the other also
 * in a second place (an overshirt is a top or a layer), or where a stand-in is declared of them or their families (a cardigan for a
 * jumper); what has a use of its own is answered by itself alone, make-up only by what lies where it does.
 */
export function canAnswer(asked: string, given: string): boolean {
	let known = answering.get(asked);
	if (!known) {
		const type = garmentType(asked);
		known = new Set(garmentTypes.filter((other) => isAnsweredBy(type, other)).map(({ id }) => id));
		answering.set(asked, known);
	}
	return known.has(given);
}

/** Are two types worn on a part of the body in common? */
export const slotsMeetOf = (a: string, b: string): boolean =>
	slotsMeet(garmentType(a).slot, garmentType(b).slot);
