import { methodVersion } from '../closeness/look';
import { defaultSchools } from '../lexicon/schools';
import type { Client } from '../model/client';
import type { Echo, Judgement, Verdict } from '../model/echo';
import type { Piece } from '../model/piece';
import type { Reference } from '../model/reference';
import { spendOf } from '../money/spend';
import { resolveItem } from './items';
import { scoreEcho } from './score-echo';

/**
 * Freezes an echo with the stylist's verdict: the reference, what was worn, prices, score and method as they are
 * now. Later edits do not change it.
 *
 * @param when the moment of judging and an id for the judgement
 */
export function judge(
	echo: Echo,
	reference: Reference,
	pieces: readonly Piece[],
	verdict: Verdict,
	when: { id: string; at: string; currency: string },
	client?: Pick<Client, 'figure'>
): Judgement {
	const { score, band, losses } = scoreEcho(echo, reference, pieces, client);
	return {
		id: when.id,
		verdict,
		judgedAt: when.at,
		methodVersion,
		schools: { ...defaultSchools, ...echo.schools },
		score,
		band,
		losses,
		total: spendOf(echo, when.currency).total,
		reference,
		worn: echo.matches.flatMap((match) => {
			const { elementIds } = match;
			if (match.state !== 'items')
				return [{ elementIds, title: match.state === 'done' ? 'done' : 'left out' }];
			return match.items.map((item) => ({
				elementIds,
				...(resolveItem(item, pieces) ?? { title: 'a piece that is gone' }),
				price: item.source === 'listing' ? item.listing.price : undefined
			}));
		})
	};
}
