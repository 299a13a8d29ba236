/** What preparation asks of an echo: apart from its score, which a list of tasks has no need of. */
import type { Prepared } from '../day/preparation';
import { transformationOf } from '../lexicon/transformations';
import type { Echo } from '../model/echo';
import type { Piece } from '../model/piece';
import { keyOfItem, resolveItem } from './items';

/** What an echo wears, extras with it, as far as preparation asks; what is worn twice is prepared once. */
export function preparedIn(echo: Pick<Echo, 'matches' | 'extras'>, pieces: readonly Piece[]): Prepared[] {
	const items = [...echo.matches.flatMap((match) => match.items), ...echo.extras.map(({ item }) => item)];
	const things = items.flatMap((item): Prepared[] => {
		const resolved = resolveItem(item, pieces);
		if (!resolved) return [];
		const { title, garment, lengthCm } = resolved;
		const from =
			item.source === 'listing'
				? { listing: item.listing }
				: { piece: pieces.find(({ id }) => id === item.pieceId) };
		const way = item.source === 'piece' && item.becomes ? transformationOf(item.becomes) : undefined;
		const altered = way?.altering && { label: way.label, ...way.altering };
		return [{ key: keyOfItem(item), title, garment, lengthCm, ...from, ...(altered && { altered }) }];
	});
	return things.filter(({ key }, i) => things.findIndex((other) => other.key === key) === i);
}
