/** The score of an echo as it stands. */
import { forgivenIn } from '../checks/mistakes';
import type { CheckedPiece } from '../checks/model';
import { scoreLook, type LookCloseness, type ScoreOptions } from '../closeness/look';
import type { Echo, Item } from '../model/echo';
import type { Piece } from '../model/piece';
import type { Reference } from '../model/reference';
import { resolveItem, wornIn } from './items';

const boughtAs = (item: Item): Pick<CheckedPiece, 'bought'> =>
	item.source === 'listing' ? { bought: { tier: item.listing.tier, condition: item.listing.condition } } : {};

/** What an echo wears, each thing under the first element that it answers, extras under their own id. */
export function wornPieces(echo: Pick<Echo, 'matches' | 'extras'>, pieces: readonly Piece[]): CheckedPiece[] {
	const matched = echo.matches.flatMap((match) =>
		match.items.flatMap((item): CheckedPiece[] => {
			const resolved = resolveItem(item, pieces);
			const [id] = match.elementIds;
			return resolved && id
				? [
						{
							id,
							title: resolved.title,
							garment: resolved.garment,
							moves: match.movesDone,
							...boughtAs(item)
						}
					]
				: [];
		})
	);
	const extras = echo.extras.flatMap(({ id, item }): CheckedPiece[] => {
		const resolved = resolveItem(item, pieces);
		return resolved
			? [{ id, title: resolved.title, garment: resolved.garment, moves: [], ...boughtAs(item) }]
			: [];
	});
	return [...matched, ...extras];
}

/** How close an echo comes to its reference under its schools; a mended mistake of the reference is no loss under spirit. */
export const scoreEcho = (
	echo: Pick<Echo, 'matches' | 'extras' | 'schools'>,
	reference: Pick<Reference, 'elements'>,
	pieces: readonly Piece[],
	client?: ScoreOptions['client']
): LookCloseness => {
	const { schools } = echo;
	return scoreLook(reference, wornIn(echo, pieces), {
		schools,
		client,
		forgiven: forgivenIn(reference, wornPieces(echo, pieces), { schools })
	});
};
