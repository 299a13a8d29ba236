/** What becomes of a thing that was ordered: it comes, is tried, and is kept or goes back. */
import type { Echo } from '../model/echo';
import type { Item } from '../model/worn';
import type { LineState, Order, OrderLine } from '../model/order';
import { freshPiece, type Piece } from '../model/piece';
import type { FitNote } from '../model/fit-note';
import { freshFitNote } from '../model/fit-note';
import { sizedAs } from '../body/fit-memory';
import { takenApart } from '../matching/sets';
import { withDuty } from '../money/landed-price';
import { sizesForAll } from '../model/market';
import { addDays, type Day } from '../time';

/** Where a line can go from a state. */
const following: Readonly<Record<LineState, readonly LineState[]>> = {
	ordered: ['here', 'cancelled'],
	here: ['kept', 'sent-back'],
	kept: ['sent-back'],
	'sent-back': ['refunded'],
	refunded: [],
	cancelled: []
};
export const nextStates = ({ state }: Pick<OrderLine, 'state'>): readonly LineState[] => following[state];

/** The last day on which things of an order can go back; undefined before they came, and where the shop takes nothing back. */
export const returnBy = ({ arrivedOn, shop }: Pick<Order, 'arrivedOn' | 'shop'>): Day | undefined =>
	arrivedOn !== undefined && shop.returns.days > 0 ? addDays(arrivedOn, shop.returns.days) : undefined;

/** Can a line go back on a day? */
export function canSendBack(order: Pick<Order, 'arrivedOn' | 'shop'>, line: OrderLine, on: Day): boolean {
	const latest = returnBy(order);
	return latest !== undefined && on <= latest && nextStates(line).includes('sent-back');
}

/** How the parcel of an order came: everything that was on its way is here. */
export function arrived(order: Order, on: Day): Order {
	return {
		...order,
		arrivedOn: on,
		lines: order.lines.map((line) =>
			line.state === 'ordered' ? { ...line, state: 'here', since: on } : line
		)
	};
}

/**
 * An order with one of its lines in another state since a day.
 *
 * @throws RangeError where the line cannot go there from where it is
 */
export function withLine(
	order: Order,
	lineId: string,
	to: LineState,
	on: Day,
	more: Partial<OrderLine> = {}
): Order {
	return {
		...order,
		lines: order.lines.map((line) => {
			if (line.id !== lineId) return line;
			if (!nextStates(line).includes(to)) throw new RangeError(`what is ${line.state} cannot be ${to}`);
			return { ...line, ...more, state: to, since: on, ...(to === 'sent-back' && { sentBackOn: on }) };
		})
	};
}

/** The piece that a line becomes when it is kept, a set with its parts, with what it cost, duty and no postage in it. */
export function pieceOf(
	{ shop, orderedOn }: Pick<Order, 'shop' | 'orderedOn'>,
	{ clientId, listing, sizeLabel }: OrderLine,
	newId: () => string
): Piece {
	const piece = freshPiece({
		id: newId(),
		clientId,
		name: listing.title,
		parts: [{ id: newId(), name: '', garment: listing.garment }],
		acquired: {
			how: listing.condition === 'new' ? 'new' : 'pre-owned',
			on: orderedOn,
			price: withDuty(listing.price, shop)
		},
		sizeLabel,
		note: shop.name
	});
	return takenApart(piece, newId);
}

/** What trying a line on tells of its shop's sizes; undefined where it has none. */
export function triedOn(
	{ shop }: Pick<Order, 'shop'>,
	{ clientId, listing, sizeLabel }: OrderLine,
	tried: { id: string; verdict: FitNote['verdict']; kept: boolean; on: Day }
): FitNote | undefined {
	const of = sizedAs(listing.garment);
	if (sizeLabel === '' || sizesForAll.includes(sizeLabel)) return undefined;
	return freshFitNote({ ...tried, clientId, shop: shop.name, of, label: sizeLabel });
}

const isListing = (item: Item, listingId: string) =>
	item.source === 'listing' && item.listing.id === listingId;

/** Looks that wore a listing wear the piece that it became: in what is worn now, in backups and in extras. */
export function wearsAsPiece(
	echo: Echo,
	listingId: string,
	{ id, parts }: Pick<Piece, 'id' | 'parts'>
): Echo {
	const now = (item: Item): Item => {
		if (item.source !== 'listing' || !isListing(item, listingId)) return item;
		const part = parts.find(({ garment }) => garment.type === item.part) ?? parts[0];
		return {
			source: 'piece',
			pieceId: id,
			partId: part?.id ?? '',
			...(part?.of && { takes: part.of }),
			...(item.side && { side: item.side })
		};
	};
	return {
		...echo,
		matches: echo.matches.map((match) => ({
			...match,
			items: match.items.map(now),
			backups: match.backups.filter((item) => !isListing(item, listingId))
		})),
		extras: echo.extras.map((extra) => ({ ...extra, item: now(extra.item) }))
	};
}

/** Looks that wore a listing wear it no more, for it went back; a match that is left with nothing goes. */
export function wearsNoMore(echo: Echo, listingId: string): Echo {
	const stays = (item: Item) => !isListing(item, listingId);
	return {
		...echo,
		matches: echo.matches
			.map((match) => ({ ...match, items: match.items.filter(stays), backups: match.backups.filter(stays) }))
			.filter(({ state, items }) => state !== 'items' || items.length > 0),
		extras: echo.extras.filter(({ item }) => stays(item))
	};
}
