import type { FacetId } from '../lexicon/facets';
import { moveNeeds } from '../lexicon/move-needs';
import type { MoveId } from '../lexicon/moves';
import { garmentType } from '../lexicon/taxonomy';
import type { Garment } from '../model/garment';

const hasOneOf = (garment: Garment, values: Partial<Record<FacetId, readonly string[]>> = {}) =>
	Object.entries(values).some(([facet, ruledOut]) =>
		ruledOut.includes(
			garment.facets[facet as FacetId]?.value ?? garmentType(garment.type).usual[facet as FacetId] ?? ''
		)
	);

/** Why a move cannot be done with a garment, over the bottom that it is worn with; undefined where nothing speaks against it. */
export const moveFails = (move: MoveId, garment: Garment, bottom?: Garment): string | undefined =>
	moveNeeds[move]?.find(
		({ not, bottomNot }) => hasOneOf(garment, not) || (bottom !== undefined && hasOneOf(bottom, bottomNot))
	)?.words;

/** The bottom among what is worn. */
export const bottomOf = (worn: readonly { garment: Garment }[]): Garment | undefined =>
	worn.find(({ garment }) => garmentType(garment.type).slot === 'legs')?.garment;
