/**
 * Ids of the lexicon that records of an older version may hold, and what they are called since. An id never hangs on a
 * shown word; where one is renamed or dropped all the same, its old name stays here for good.
 */
export interface Retired {
	/** A type that was another one of a certain cut gives its cut to the facet that now says it. */
	types?: Readonly<Record<string, string | { type: string; facets: Readonly<Record<string, string>> }>>;
	/** By facet. */
	values?: Readonly<Record<string, Readonly<Record<string, string>>>>;
	prints?: Readonly<Record<string, string>>;
	metals?: Readonly<Record<string, string>>;
	moves?: Readonly<Record<string, string>>;
}

/** By the version of the records in which the new names are used. */
export const retired: Readonly<Record<number, Retired>> = {
	4: {
		types: { 'bardot-top': 'off-shoulder-top' },
		values: { neckline: { bardot: 'off-shoulder' } }
	},
	// Length is a facet of whatever has a hem, and no type.
	5: {
		types: Object.fromEntries(
			['mini', 'midi', 'maxi'].flatMap((hemLength) =>
				['dress', 'skirt'].map((type) => [`${hemLength}-${type}`, { type, facets: { hemLength } }] as const)
			)
		)
	}
};

const renamed = (value: unknown, names: Readonly<Record<string, string>> = {}): unknown =>
	typeof value === 'string' ? (names[value] ?? value) : value;

const isObject = (value: unknown): value is Record<string, unknown> =>
	typeof value === 'object' && value !== null && !Array.isArray(value);

const statedAs = (stated: unknown, names: Readonly<Record<string, string>> = {}): unknown =>
	isObject(stated) ? { ...stated, value: renamed(stated.value, names) } : stated;

function garmentAs(garment: Record<string, unknown>, { types, values, prints, metals }: Retired) {
	const { facets, print, metal } = garment;
	const now = typeof garment.type === 'string' ? types?.[garment.type] : undefined;
	const implied = typeof now === 'object' ? now.facets : {};
	return {
		...garment,
		type: typeof now === 'object' ? now.type : (now ?? garment.type),
		...(isObject(facets) && {
			facets: {
				...Object.fromEntries(
					Object.entries(implied).map(([facet, value]) => [facet, { value, provenance: 'inferred' }])
				),
				...Object.fromEntries(
					Object.entries(facets).map(([facet, stated]) => [facet, statedAs(stated, values?.[facet])])
				)
			}
		}),
		...(isObject(print) && { print: { ...print, family: statedAs(print.family, prints) } }),
		...(metal !== undefined && { metal: statedAs(metal, metals) })
	};
}

/** Lists of moves, by the name of their field. */
const moveFields = ['moves', 'movesDone'];
/** What was judged stays under the names of its day. */
const frozen = 'judgements';

/** The same value with every retired id in it under its new name; judgements are left as they were. */
export function withNewNames(value: unknown, names: Retired): unknown {
	if (Array.isArray(value)) return value.map((one) => withNewNames(one, names));
	if (!isObject(value)) return value;
	const inside = Object.fromEntries(
		Object.entries(value).map(([key, inner]) => {
			if (key === frozen) return [key, inner];
			if (moveFields.includes(key) && Array.isArray(inner))
				return [key, inner.map((move) => renamed(move, names.moves))];
			return [key, withNewNames(inner, names)];
		})
	);
	return 'palette' in inside && 'facets' in inside ? garmentAs(inside, names) : inside;
}
