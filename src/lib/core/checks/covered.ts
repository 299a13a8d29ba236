/** What of the body the things of a look cover, taken together. */
import type { PieceFacts } from './facts';

export interface Covered {
	torso: boolean;
	hips: boolean;
	feet: boolean;
}

/** Slots of what is put on a body at all: a hat alone is no look yet. */
const dresses = new Set(['top', 'legs', 'whole', 'suit', 'layer', 'outer', 'drape']);
const onTorso = new Set(['top', 'whole', 'suit', 'drape', 'layer', 'outer']);
const onHips = new Set(['legs', 'whole', 'suit', 'drape']);

/** Does it reach over the hips though it is no bottom: a long tunic, a kurta, a shirt worn as a dress? */
const reachesHips = (piece: PieceFacts) =>
	piece.moves.some((move) => move === 'as-dress' || move === 'as-skirt') ||
	piece.type.id === 'abaya' ||
	(piece.slot === 'top' &&
		(piece.value('topLength') === 'thigh' ||
			!['hip', undefined].includes(
				piece.type.facets.includes('hemLength') ? piece.value('hemLength') : undefined
			)));

/** What is covered with everything on; undefined where nothing is worn that dresses a body. A coat alone does not dress the hips. */
export function coveredBy(pieces: readonly PieceFacts[]): Covered | undefined {
	if (!pieces.some(({ slot }) => dresses.has(slot))) return undefined;
	return {
		torso: pieces.some(
			({ slot, moves }) => onTorso.has(slot) || moves.includes('as-top') || moves.includes('as-dress')
		),
		hips: pieces.some((piece) => onHips.has(piece.slot) || reachesHips(piece)),
		feet: pieces.some(({ slot }) => slot === 'feet')
	};
}
