import { methodVersion } from '../closeness/look';
import { defaultSchools } from '../lexicon/schools';
import type { Client } from '../model/client';
import type { Echo, Item, Judgement, Verdict } from '../model/echo';
import type { Piece } from '../model/piece';
import type { Reference } from '../model/reference';
import { frozenReference } from '../model/snapshot';
import { spendOf, type Rates } from '../money/spend';
import { resolveItem } from './items';
import { scoreEcho } from './score-echo';

/** What is kept of a thing that was worn. */
function frozenThing(
	item: Item,
	pieces: readonly Piece[]
): Pick<Judgement['worn'][number], 'title' | 'garment'> {
	const resolved = resolveItem(item, pieces);
	return resolved ? { title: resolved.title, garment: resolved.garment } : { title: 'a piece that is gone' };
}

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
	when: { id: string; at: string; currency: string; rates?: Rates },
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
		total: spendOf(echo, when.currency, when.rates).total,
		reference: frozenReference(reference),
		worn: echo.matches.flatMap((match) => {
			const { elementIds } = match;
			if (match.state !== 'items')
				return [{ elementIds, title: match.state === 'done' ? 'done' : 'left out' }];
			return match.items.map((item) => ({
				elementIds,
				...frozenThing(item, pieces),
				price: item.source === 'listing' ? item.listing.price : undefined
			}));
		})
	};
}
