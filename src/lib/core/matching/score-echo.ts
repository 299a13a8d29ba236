/** The score of an echo as it stands. */
import { forgivenIn } from '../checks/mistakes';
import type { CheckedPiece } from '../checks/model';
import type { LookCloseness, ScoreOptions } from '../closeness/look';
import type { Echo, Item, Match } from '../model/echo';
import type { Piece } from '../model/piece';
import type { Reference } from '../model/reference';
import { resolveItem } from './items';
import { scoreWorn } from './score-worn';

const boughtAs = (item: Item): Pick<CheckedPiece, 'bought'> =>
	item.source === 'listing' ? { bought: { tier: item.listing.tier, condition: item.listing.condition } } : {};

/** What an echo wears, each thing under the first element that it answers, extras under their own id. */
export function wornPieces(echo: Pick<Echo, 'matches' | 'extras'>, pieces: readonly Piece[]): CheckedPiece[] {
	const worn = (id: string | undefined, item: Item, moves: Match['movesDone']): CheckedPiece[] => {
		const resolved = resolveItem(item, pieces);
		return id && resolved ? [{ id, ...resolved, moves, ...boughtAs(item) }] : [];
	};
	return [
		...echo.matches.flatMap(({ elementIds: [id], items, movesDone }) =>
			items.flatMap((item) => worn(id, item, movesDone))
		),
		...echo.extras.flatMap(({ id, item }) => worn(id, item, []))
	];
}

/** By what an echo is scored: its schools, whom it is for, and what it mends of the reference under the school of spirit. */
export const scoringOf = (
	echo: Pick<Echo, 'matches' | 'extras' | 'schools'>,
	reference: Pick<Reference, 'elements'>,
	pieces: readonly Piece[],
	client?: ScoreOptions['client']
): ScoreOptions => {
	const { schools } = echo;
	return { schools, client, forgiven: forgivenIn(reference, wornPieces(echo, pieces), { schools }) };
};

/** How close an echo comes to its reference. */
export const scoreEcho = (
	...[echo, reference, pieces, client]: Parameters<typeof scoringOf>
): LookCloseness => scoreWorn(echo, reference, pieces, scoringOf(echo, reference, pieces, client));
