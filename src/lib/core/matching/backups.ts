import type { Client } from '../model/client';
import type { Item } from '../model/worn';
import type { Element } from '../model/reference';
import { addDays, type Day } from '../time';
import { isWearable, type Candidates } from './candidates';
import { sameThing } from './items';

/** As many are kept beside what is chosen: who looks for more looks in the shops again. */
export const mostBackups = 3;

/**
 * What could be bought for an element should what is chosen sell out, best first: of what the client may wear, in their size, there in time.
 * Nothing for what is owned.
 *
 * @param latest the last day on which it may arrive
 */
export function backupsFor(
	element: Element,
	chosen: Item,
	candidates: Pick<Candidates, 'for'>,
	{ client, today, latest }: { client: Client; today: Day; latest?: Day }
): Item[] {
	if (chosen.source !== 'listing') return [];
	return candidates
		.for(element)
		.listed.filter(
			(candidate) =>
				candidate.item.source === 'listing' &&
				!sameThing(candidate.item, chosen) &&
				isWearable(candidate, client) &&
				(latest === undefined || addDays(today, candidate.item.listing.arrivesInDays) <= latest)
		)
		.slice(0, mostBackups)
		.map(({ item }) => item);
}
