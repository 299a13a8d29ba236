/** What is asked of a piece by limits and cautions, and how it is answered. */
import type { FacetId } from '../lexicon/facets';
import type { TypeId } from '../lexicon/types';
import type { PieceFacts } from './facts';

export type Answer =
	/** It is stated, or its name says so. */
	| 'yes'
	/** So it usually is with its kind. */
	| 'by-kind'
	| 'no'
	/** Nobody said, and its kind does not tell. */
	| 'unknown';

/** The strongest of several answers: any yes is one, and what is not known outweighs a no. */
export function anyOf(...answers: readonly Answer[]): Answer {
	return (['yes', 'by-kind', 'unknown'] as const).find((answer) => answers.includes(answer)) ?? 'no';
}

/** Whether a facet's value is one of those that count; a type that cannot have the facet does not have them. */
export function byFacet(piece: PieceFacts, facet: FacetId, counts: (value: string) => boolean): Answer {
	const stated = piece.stated(facet);
	if (stated !== undefined) return counts(stated) ? 'yes' : 'no';
	const usual = piece.type.usual[facet];
	if (usual !== undefined) return counts(usual) ? 'by-kind' : 'no';
	return piece.type.facets.includes(facet) ? 'unknown' : 'no';
}
/** Is it one of these kinds, and usually so? */
export const isOne =
	(...ids: readonly TypeId[]) =>
	({ type }: PieceFacts): Answer =>
		(ids as readonly string[]).includes(type.id) ? 'by-kind' : 'no';
export const among =
	(...values: readonly string[]) =>
	(value: string) =>
		values.includes(value);
/** Longer than a doubt: where nobody said, and few of its kind are so. */
export const saidOnly = (answer: Answer): Answer => (answer === 'unknown' ? 'no' : answer);

/** All of several: one no is a no, and what is not known outweighs what is only usual. */
export function allOf(...answers: readonly Answer[]): Answer {
	return (['no', 'unknown', 'by-kind'] as const).find((answer) => answers.includes(answer)) ?? 'yes';
}

/** Something that a piece can be or have, and that a client may not want worn or shown. */
export interface Property {
	/** Limits in a client's own words that speak of it. */
	said?: RegExp;
	/** The part of the body that is bare by it, as it is named: "covers her arms", "shoulders". */
	part?: RegExp;
	/** It says what alone is worn: "flats only". */
	positive?: true;
	/** It is said of colours as a whole: not where one of them is named besides, "dark red". */
	ofColour?: true;
	/** What is asked where it is not known. */
	asks: string;
	holds: (piece: PieceFacts) => Answer;
}
