/** The score of an echo as it stands. */
import { forgivenIn } from '../checks/mistakes';
import type { CheckedPiece } from '../checks/model';
import { scoreLook, type LookCloseness, type ScoreOptions } from '../closeness/look';
import type { Echo } from '../model/echo';
import type { Extra, Item, Match } from '../model/worn';
import type { Piece } from '../model/piece';
import type { Reference } from '../model/reference';
import { resolveItem, wornIn } from './items';

const boughtAs = (item: Item): Pick<CheckedPiece, 'bought'> =>
	item.source === 'listing' ? { bought: { tier: item.listing.tier, condition: item.listing.condition } } : {};

/** What an echo wears, each thing under the first element that it answers, extras under their own id. */
export function wornPieces(
	echo: { matches: readonly Match[]; extras: readonly Extra[] },
	pieces: readonly Piece[]
): CheckedPiece[] {
	const worn = (id: string | undefined, item: Item, moves: Match['movesDone']): CheckedPiece[] => {
		const resolved = resolveItem(item, pieces);
		return id && resolved ? [{ id, ...resolved, moves, side: item.side, ...boughtAs(item) }] : [];
	};
	return [
		...echo.matches.flatMap(({ elementIds: [id], items, movesDone }) =>
			items.flatMap((item) => worn(id, item, movesDone))
		),
		...echo.extras.flatMap(({ id, item, movesDone }) => worn(id, item, movesDone))
	];
}

/**
 * By what the looks of a reference are scored: the schools, whom it is for, and the mistakes of the reference that the
 * school of spirit forgives. Score, offers, points to win back and the matching of a whole wardrobe all take it.
 */
export const scoringOf = (
	reference: Pick<Reference, 'elements'>,
	schools: Echo['schools'],
	client?: ScoreOptions['client']
): ScoreOptions => ({ schools, client, forgiven: forgivenIn(reference, { schools }) });

/** How close an echo comes to its reference. */
export const scoreEcho = (
	echo: Pick<Echo, 'matches' | 'schools'>,
	reference: Pick<Reference, 'elements'>,
	pieces: readonly Piece[],
	client?: ScoreOptions['client']
): LookCloseness => scoreLook(reference, wornIn(echo, pieces), scoringOf(reference, echo.schools, client));
