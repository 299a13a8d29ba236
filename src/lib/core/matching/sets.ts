import { setParts, upperFacets } from '../lexicon/set-parts';
import type { FacetId } from '../lexicon/facets';
import { garmentType, typeHasFacet } from '../lexicon/taxonomy';
import type { Garment } from '../model/garment';
import type { Part, Piece } from '../model/piece';

/** Does a garment come apart into things that are worn by themselves? */
export const isSet = ({ type }: Garment): boolean => Object.hasOwn(setParts, type);

/**
 * A set as the parts that it comes apart into: each of its colours, print and cloth, with those of its features that the part can
 * have; what is said of the upper part is not handed to the lower. None for what is no set.
 *
 * @example partsOfSet(greyFlannelSuit) // [{ name: 'jacket', garment: … }, { name: 'trousers', garment: … }]
 */
export function partsOfSet(set: Garment): { name: string; garment: Garment }[] {
	return (setParts[set.type] ?? []).map(({ name, type }) => {
		const { slot, usual } = garmentType(type);
		const lower = slot === 'legs';
		// The waistcoat of a suit has no sleeves, whatever is said of the jacket's.
		const bare = usual.sleeveLength === 'sleeveless';
		const facets = Object.fromEntries(
			Object.entries(set.facets).filter(
				([id]) =>
					typeHasFacet(type, id as FacetId) &&
					!(lower && upperFacets.includes(id as FacetId)) &&
					!(bare && (id === 'sleeveLength' || id === 'sleeveShape'))
			)
		);
		return { name, garment: { ...set, type, facets } };
	});
}

/** A way in which something that is sold can be worn: whole, or a part of it by itself. */
export interface SoldWay {
	garment: Garment;
	/** Type of the part; nothing for the whole. */
	part?: Garment['type'];
	/** How the part is called. */
	name?: string;
}

/** What is sold, as it can be worn: a set whole and each of its parts by itself, anything else as it is. */
export const soldWays = (garment: Garment): SoldWay[] => [
	{ garment },
	...partsOfSet(garment).map((part) => ({ garment: part.garment, part: part.garment.type, name: part.name }))
];

/** A piece that was entered as a set, with the parts that it comes apart into. The set keeps its id, as the whole of them. */
export function takenApart<P extends Pick<Piece, 'parts'>>(piece: P, newId: () => string): P {
	const [set, ...others] = piece.parts;
	if (!set || others.length > 0 || !isSet(set.garment)) return piece;
	const parts = partsOfSet(set.garment).map((part): Part => ({ id: newId(), ...part }));
	return { ...piece, parts: [{ ...set, of: parts.map(({ id }) => id) }, ...parts] };
}
