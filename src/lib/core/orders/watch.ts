/** What is chosen in the shops and not ordered yet: is it still there, and at which price? */
import type { Echo } from '../model/echo';
import type { Item, Match } from '../model/worn';
import type { Listing } from '../model/market';
import type { Order } from '../model/order';
import { isOrdered } from './placing';

type BoughtItem = Extract<Item, { source: 'listing' }>;
const isBought = (item: Item): item is BoughtItem => item.source === 'listing';

export interface Watched {
	echo: Pick<Echo, 'id' | 'title'>;
	matchId: string;
	item: BoughtItem;
	/** What is kept beside it, best first. */
	backups: readonly BoughtItem[];
	/** Is it one of those that are kept beside what is chosen? */
	isBackup: boolean;
}

/** What looks that were not judged yet would buy, and what is kept beside it; what is ordered is watched no more. */
export function watchedIn(echoes: readonly Echo[], orders: readonly Order[]): Watched[] {
	return echoes
		.filter(({ judgements }) => judgements.length === 0)
		.flatMap(({ id, title, matches }) =>
			matches.flatMap((match) => {
				const backups = match.backups.filter(isBought);
				const watched = (isBackup: boolean) => (item: BoughtItem) => ({
					echo: { id, title },
					matchId: match.id,
					item,
					backups,
					isBackup
				});
				return [...match.items.filter(isBought).map(watched(false)), ...backups.map(watched(true))];
			})
		)
		.filter(({ item }) => !isOrdered(orders, item.listing.id));
}

export type WatchNews = Watched & { now: Listing } & (
		| { kind: 'sold-out'; again?: string; backup?: BoughtItem & { listing: Listing } }
		/** It was sold out when it was last looked at. */
		| { kind: 'back' }
		| { kind: 'price'; beforeMinor: number }
	);

/** Is a listing there in the size that was chosen; in any, where none was? */
const isThere = ({ sizes }: Listing, label: string | undefined) =>
	sizes.some((size) => (label === undefined || size.label === label) && size.inStock > 0);

function newsOf(watched: Watched, listings: ReadonlyMap<string, Listing>): WatchNews[] {
	const { item, isBackup, backups } = watched;
	const now = listings.get(item.listing.id);
	if (!now) return [];
	const there = isThere(now, item.sizeLabel);
	const wasThere = isThere(item.listing, item.sizeLabel);
	if (!there) {
		if (isBackup) return [];
		const backup = backups.find((other) => {
			const listing = listings.get(other.listing.id);
			return listing !== undefined && isThere(listing, other.sizeLabel);
		});
		const listing = backup && listings.get(backup.listing.id);
		return [
			{
				...watched,
				now,
				kind: 'sold-out',
				again: now.sizes.find(({ label }) => label === item.sizeLabel)?.again,
				...(backup && listing && { backup: { ...backup, listing } })
			}
		];
	}
	if (!wasThere) return [{ ...watched, now, kind: 'back' }];
	const beforeMinor = item.listing.price.amountMinor;
	return !isBackup && now.price.amountMinor !== beforeMinor
		? [{ ...watched, now, kind: 'price', beforeMinor }]
		: [];
}

/** What is new of what is watched, given how it stands now; what the market does not know tells nothing. */
export function watchNews(watched: readonly Watched[], listings: readonly Listing[]): WatchNews[] {
	const byId = new Map(listings.map((listing) => [listing.id, listing]));
	return watched.flatMap((one) => newsOf(one, byId));
}

/** A match that wears a backup; what was worn is kept beside it as it stands now, to be told of when it is there again. */
export function withBackup(match: Match, backup: BoughtItem, soldOut: BoughtItem, now: Listing): Match {
	const isOther = (one: BoughtItem) => (item: Item) => !isBought(item) || item.listing.id !== one.listing.id;
	return {
		...match,
		items: [...match.items.filter(isOther(soldOut)), backup],
		backups: [...match.backups.filter(isOther(backup)), { ...soldOut, listing: now }],
		reason: 'sold-out'
	};
}

/** A match in which a listing is as it stands now. */
export const seenAnew = (match: Match, now: Listing, on: string): Match => {
	const anew = (item: Item): Item =>
		isBought(item) && item.listing.id === now.id ? { ...item, listing: now, seenOn: on } : item;
	return { ...match, items: match.items.map(anew), backups: match.backups.map(anew) };
};
