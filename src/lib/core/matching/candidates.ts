/** Everything that could answer the elements of a look: owned, turned into something else, or for sale. Built once, for tray, offers and matching. */
import { sizeOfListing, type ListingSize } from '../body/listing-size';
import { faceInWords } from '../body/face';
import { servedInWords } from '../body/wishes';
import { likeness } from '../lexicon/likeness';
import { barsFor, mayWear, toldOf } from '../checks/bars';
import { earningBound, elementScorer, type ScoreOptions } from '../closeness/look';
import type { PieceCloseness } from '../closeness/piece';
import type { MarketAnswer } from '../exchange/market';
import type { Client } from '../model/client';
import type { Item } from '../model/worn';
import type { FitNote } from '../model/fit-note';
import type { Garment } from '../model/garment';
import type { Listing, Shop } from '../model/market';
import type { Piece } from '../model/piece';
import type { Element, Reference } from '../model/reference';
import { becomingsOf, type Becoming } from './becomes';
import { keyOfItem, optionsOfPiece, wearable, type OwnedOption } from './items';
import { alteringCost } from '../money/spend';
import { rankCandidates } from './rank';
import { soldWays } from './sets';
import type { WorthyOffer } from './win-back';

/** One thing that could answer an element. */
export interface Candidate {
	/** The same for the same thing worn in the same way. */
	key: string;
	from: 'owned' | 'becoming' | 'listed';
	title: string;
	item: Item;
	garment: Garment;
	closeness: PieceCloseness;
	/** What it is turned into, with what that needs. */
	becoming?: Becoming;
	listing?: Listing;
	shop?: Shop;
	/** What is noted of an owned piece. */
	note?: string;
	/** Owned, and never worn as far as is noted. */
	unworn?: boolean;
	/** Of what is for sale: which size suits this client. */
	size?: ListingSize;
}

/** As many of a kind as points to win back and mends ever look at. */
const mostOffers = 24;

/** Is there a size of it that this client can be sold, as far as the measures tell? */
const fits = ({ size }: Pick<Candidate, 'size'>): 'yes' | 'unknown' | 'no' => {
	switch (size?.state) {
		case 'none':
		case 'sold-out':
			return 'no';
		case 'unknown':
		case 'no-chart':
			return 'unknown';
		default:
			return 'yes';
	}
};
const standingOfFit = { yes: 0, unknown: 1, no: 2 };

/** What speaks against a candidate for this client, in words. */
export const cautionsOf = (candidate: Candidate, client: Client): string[] =>
	barsFor(client, candidate.garment, toldOf(candidate)).map(({ words }) => words);

/** What a candidate does for the client's wishes, in words. */
export const servesOf = ({ garment }: Candidate, client: Client): string[] => [
	...servedInWords(client.wishedEffects, garment),
	...faceInWords(client, garment)
];

/** The size in which a listing is taken: the one that suits, unless it is sold out. */
const sizeToTake = ({ size }: Pick<Candidate, 'size'>): string | undefined =>
	size && 'label' in size && size.state !== 'sold-out' ? size.label : undefined;

/** A shop as it is kept with what is taken from it: the size is worked out by then. */
const withoutCharts = (shop: Shop): Shop => ({ ...shop, sizeChart: { clothes: [], shoes: [] } });

/** May it be recommended: allowed by the client's limits, and to be had in their size as far as is known? */
export const isWearable = (candidate: Candidate, client: Client): boolean =>
	fits(candidate) !== 'no' && mayWear(client, candidate);

export interface CandidateSource {
	reference: Pick<Reference, 'elements'>;
	client: Client;
	pieces: readonly Piece[];
	/** What the shops answered; without it nothing is for sale. */
	market?: MarketAnswer;
	/** What the client tried of the shops. */
	fitNotes?: readonly FitNote[];
	scoring: ScoreOptions;
	/** Ids of the pieces that were worn; without it nobody noted any. */
	worn?: ReadonlySet<string>;
	/** The day on which listings are seen, kept with those that are chosen. */
	seenOn: string;
}

export interface Candidates {
	/** Every way in which the client's pieces can be worn now. */
	wardrobe: readonly OwnedOption[];
	/** What could answer an element, best first within owned, turned and listed. */
	for: (element: Element) => Record<Candidate['from'], readonly Candidate[]>;
	/** What could answer an element best and may be worn by this client, with what it earns; the most first of each kind. */
	offers: (elementId: string) => readonly WorthyOffer[];
}

/**
 * The candidates of a look, worked out an element at a time and kept. Hangs on the reference, the pieces, the shops, the
 * client and the schools, not on what is chosen.
 */
export function candidatesFor(source: CandidateSource): Candidates {
	const { reference, client, market, scoring, seenOn } = source;
	const pieces = source.pieces.filter(wearable);
	const wardrobe = pieces.flatMap(optionsOfPiece);
	const options = { ...scoring, forgiven: undefined, wished: client.wishedEffects, face: client };
	const shops = new Map(market?.shops.map((shop) => [shop.id, shop]));
	const scorer = elementScorer(reference, scoring);
	const boundOf = earningBound(reference, scoring);
	const known = new Map<string, ReturnType<Candidates['for']>>();
	const worths = new Map<string, readonly WorthyOffer[]>();

	const { worn } = source;
	const notes = new Map(pieces.map(({ id, note }) => [id, note]));
	const isUnworn = ({ piece }: OwnedOption) => worn !== undefined && worn.size > 0 && !worn.has(piece.id);
	const ownedFor = (element: Element) =>
		rankCandidates(element, wardrobe, ({ garment }) => garment, { ...options, atLast: isUnworn }).map(
			({ candidate, closeness }): Candidate => ({
				key: keyOfItem(candidate.item),
				from: 'owned',
				title: candidate.title,
				item: candidate.item,
				garment: candidate.garment,
				closeness,
				note: candidate.piece.note,
				...(isUnworn(candidate) && { unworn: true })
			})
		);
	const turnedFor = (element: Element) =>
		becomingsOf(pieces, element, options).map((becoming): Candidate => {
			const { item, title, garment, closeness } = becoming;
			const note = notes.get(item.pieceId);
			return { key: keyOfItem(item), from: 'becoming', title, item, garment, closeness, note, becoming };
		});
	function listedFor(element: Element): Candidate[] {
		const matched = market?.matches.find(({ elementId }) => elementId === element.id)?.listings ?? [];
		const seen = new Set<string>();
		const listings = matched
			.filter(({ listing: { id } }) => !seen.has(id) && seen.add(id))
			.flatMap(({ listing }) => soldWays(listing.garment).map((way) => ({ listing, way })));
		return rankCandidates(element, listings, ({ way }) => way.garment, options)
			.flatMap(({ candidate: { listing, way }, closeness }): Candidate[] => {
				const shop = shops.get(listing.shopId);
				if (!shop) return [];
				const size = sizeOfListing(client, listing, shop, source.fitNotes);
				const item: Item = {
					source: 'listing',
					listing,
					...(way.part !== undefined && { part: way.part }),
					shop: withoutCharts(shop),
					sizeLabel: sizeToTake({ size }),
					seenOn
				};
				return [
					{
						key: keyOfItem(item),
						from: 'listed',
						title: way.name === undefined ? listing.title : `${listing.title}, ${way.name}`,
						item,
						garment: way.garment,
						closeness,
						listing,
						shop,
						size
					}
				];
			})
			.sort((a, b) => standingOfFit[fits(a)] - standingOfFit[fits(b)]);
	}

	/** Of a list in its order, those that earn most: as many as are ever offered. What cannot earn as much is not scored. */
	function bestEarning(element: Element, list: readonly Candidate[]): WorthyOffer[] {
		const best: WorthyOffer[] = [];
		for (const candidate of list) {
			const least = best[mostOffers - 1]?.earned ?? 0;
			// A wish may have put something before what is closer, by no more than its share.
			const atMost = boundOf(element.id, candidate.closeness.closeness + likeness.wishShare);
			if (candidate.from === 'owned' && atMost < least) break;
			if (!isWearable(candidate, client)) continue;
			const { key, item, title, garment, listing } = candidate;
			const { earned } = scorer(element.id, {
				elementId: element.id,
				state: 'items',
				garments: [garment],
				movesDone: element.moves
			}).score;
			if (best.length >= mostOffers && earned <= least) continue;
			const place = best.findIndex((other) => other.earned < earned);
			best.splice(place < 0 ? best.length : place, 0, {
				key,
				item,
				title,
				garment,
				cost: listing?.price ?? alteringCost(item),
				earned
			});
			if (best.length > mostOffers) best.pop();
		}
		return best;
	}

	function all(element: Element) {
		let found = known.get(element.id);
		if (!found) {
			found = { owned: ownedFor(element), becoming: turnedFor(element), listed: listedFor(element) };
			known.set(element.id, found);
		}
		return found;
	}
	return {
		wardrobe,
		for: all,
		offers(elementId) {
			const before = worths.get(elementId);
			if (before) return before;
			const element = reference.elements.find(({ id }) => id === elementId);
			const { owned = [], becoming = [], listed = [] } = element ? all(element) : {};
			const offers = [owned, becoming, listed].flatMap((list) => (element ? bestEarning(element, list) : []));
			worths.set(elementId, offers);
			return offers;
		}
	};
}
