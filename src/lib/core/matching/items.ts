import type { Worn } from '../closeness/look';
import type { Echo } from '../model/echo';
import { comesInPairs, type Side } from '../lexicon/sides';
import { transformationOf } from '../lexicon/transformations';
import type { Garment } from '../model/garment';
import type { Item, Match } from '../model/worn';
import type { Piece } from '../model/piece';
import { soldWays } from './sets';
import { transformed } from './transformed';

/** A way in which an owned piece can be worn: one part in one configuration. */
export interface OwnedOption {
	piece: Piece;
	item: Extract<Item, { source: 'piece' }>;
	garment: Garment;
	/** "Harbour suit, jacket", "Reversible belt, tan side". */
	title: string;
}

/** Every part of a piece in every configuration that changes it. */
export function optionsOfPiece(piece: Piece): OwnedOption[] {
	return piece.parts.flatMap((part) => {
		const partName = piece.parts.length > 1 && part.name ? `, ${part.name}` : '';
		const base: OwnedOption = {
			piece,
			item: { source: 'piece', pieceId: piece.id, partId: part.id, ...(part.of && { takes: part.of }) },
			garment: part.garment,
			title: piece.name + partName
		};
		const configured = piece.configurations.flatMap((configuration) =>
			configuration.garments
				.filter(({ partId }) => partId === part.id)
				.map(({ garment }) => ({
					piece,
					item: { ...base.item, configurationId: configuration.id },
					garment,
					title: `${piece.name}${partName}, ${configuration.name}`
				}))
		);
		return [base, ...configured];
	});
}

/** What can be put on now: retired pieces and pieces that are away stay out. */
export const wearable = (piece: Piece) => piece.state === 'ready' || piece.state === 'needs-care';

export interface ResolvedItem {
	title: string;
	garment: Garment;
	/** Its own length where it was measured, and is worn as what it is. */
	lengthCm?: number;
	/** What is noted of an owned piece. */
	note?: string;
	/** Whether an owned piece is at hand and fit to be worn. */
	state?: Piece['state'];
}

/** What an item is, looked up among the client's pieces; undefined when its piece or part is gone. */
export function resolveItem(item: Item, pieces: readonly Piece[]): ResolvedItem | undefined {
	if (item.source === 'listing') {
		const { title, garment } = item.listing;
		const way = item.part && soldWays(garment).find(({ part }) => part === item.part);
		return way ? { title: `${title}, ${way.name}`, garment: way.garment } : { title, garment };
	}
	const piece = pieces.find(({ id }) => id === item.pieceId);
	const option =
		piece &&
		optionsOfPiece(piece).find(
			({ item: { partId, configurationId } }) =>
				partId === item.partId && configurationId === item.configurationId
		);
	if (!option) return undefined;
	if (!item.becomes)
		return {
			title: option.title,
			garment: option.garment,
			lengthCm: piece.measuresCm.length,
			note: piece.note,
			state: piece.state
		};
	return {
		title: `${option.title}, ${transformationOf(item.becomes).label}`,
		garment: transformed(option.garment, item.becomes),
		note: piece.note,
		state: piece.state
	};
}

/** A thing that is worn in one way, by its ids. */
export const keyOfItem = (item: Item): string =>
	item.source === 'listing'
		? [item.listing.id, ...(item.part ? [item.part] : [])].join(' ')
		: [item.pieceId, item.partId, item.configurationId ?? '', item.becomes ?? ''].join(' ');

/** Do two items name the same thing to wear? */
export function sameItem(a: Item, b: Item): boolean {
	if (a.source === 'listing' && b.source === 'listing')
		return a.listing.id === b.listing.id && a.part === b.part;
	return (
		a.source === 'piece' &&
		b.source === 'piece' &&
		a.pieceId === b.pieceId &&
		a.partId === b.partId &&
		a.configurationId === b.configurationId &&
		a.becomes === b.becomes
	);
}

type OwnedItem = OwnedOption['item'];
const partsOf = ({ partId, takes = [] }: OwnedItem): readonly string[] => [partId, ...takes];

/** Are two owned items the same thing on the rail, or the whole and a part of it? They are not worn at once. */
export const sameOwned = (a: OwnedItem, b: OwnedItem): boolean =>
	a.pieceId === b.pieceId && (a.partId === b.partId || partsOf(a).some((part) => partsOf(b).includes(part)));

type ListedItem = Extract<Item, { source: 'listing' }>;
/** Are two listed items the same thing for sale, or the whole of a set and a part of it? */
const sameListed = (a: ListedItem, b: ListedItem): boolean =>
	a.listing.id === b.listing.id && (!a.part || !b.part || a.part === b.part);

/** Is each worn on another side? Of a pair, one may be here and the other there. */
const onOtherSides = (a: Item, b: Item) => a.side !== undefined && b.side !== undefined && a.side !== b.side;

/** Are two items the same thing, however it is worn? A thing is worn once, and each half of a pair on its own side. */
export const sameThing = (a: Item, b: Item): boolean =>
	!onOtherSides(a, b) &&
	((a.source === 'piece' && b.source === 'piece' && sameOwned(a, b)) ||
		(a.source === 'listing' && b.source === 'listing' && sameListed(a, b)));

/** An item as it is worn for an element: where that is one of a pair, on its side. */
export const onItsSide = ({ side }: { side?: Side }, item: Item, { type }: Pick<Garment, 'type'>): Item => {
	const { side: _before, ...plain } = item;
	return side && comesInPairs(type) ? { ...plain, side } : plain;
};

export const matchOf = (echo: Pick<Echo, 'matches'>, elementId: string): Match | undefined =>
	echo.matches.find((match) => match.elementIds.includes(elementId));

/** What is worn for each element, with items looked up; items whose piece is gone drop out. */
export function wornIn(echo: Pick<Echo, 'matches'>, pieces: readonly Piece[]): Worn[] {
	return echo.matches.flatMap((match) => {
		const there = match.items.flatMap((item) => {
			const garment = resolveItem(item, pieces)?.garment;
			return garment ? [{ garment, side: item.side }] : [];
		});
		return match.elementIds.map((elementId) => ({
			elementId,
			state: match.state,
			garments: there.map(({ garment }) => garment),
			...(there.some(({ side }) => side) && { sides: there.map(({ side }) => side) }),
			movesDone: match.movesDone
		}));
	});
}
