import type { BodyMeasure } from '../lexicon/measures';
import { garmentType } from '../lexicon/taxonomy';
import type { Client } from '../model/client';
import type { FitNote } from '../model/fit-note';
import type { Listing, Shop } from '../model/market';
import { sizedAs } from './fit-memory';
import { bestSize, type SizeAdvice } from './sizes';

type Advised = Extract<SizeAdvice, { label: string }>;

/** Which size of a listing a client can be sold. */
export type ListingSize =
	/** The label that suits is in stock; or the other one, between two. */
	| { state: 'suits'; label: string; advice: Advised }
	/** The label that suits, but it is sold out. */
	| { state: 'sold-out'; label: string; advice?: Advised }
	/** The measures lie outside the shop's chart, or the label is not made. */
	| { state: 'none' }
	/** Nothing to go by: the measure named here is missing. */
	| { state: 'unknown'; missing: BodyMeasure }
	/** The thing comes in one size. */
	| { state: 'one-size'; label: string };

/**
 * Which size of a listing suits a client, by the shop's own chart, what is in stock, and what they tried of this shop. Worked
 * out where the measures are kept: no shop is asked.
 */
export function sizeOfListing(
	client: Pick<Client, 'measurements'>,
	listing: Listing,
	shop: Shop,
	notes: readonly FitNote[] = []
): ListingSize {
	const [only] = listing.sizes;
	if (only && listing.sizes.length === 1 && only.label === 'one size')
		return only.inStock > 0
			? { state: 'one-size', label: only.label }
			: { state: 'sold-out', label: only.label };

	const { garment } = listing;
	const feet = garmentType(garment.type).slot === 'feet';
	const of = sizedAs(garment);
	const memory = notes.filter((note) => note.shop === shop.name && note.of === of);
	const advice = bestSize(client, feet ? shop.sizeChart.shoes : shop.sizeChart.clothes, garment, memory);
	if (advice.state === 'unknown') return advice;
	if (advice.state === 'none') return { state: 'none' };
	const stockOf = (label: string) => listing.sizes.find((size) => size.label === label)?.inStock;
	if ((stockOf(advice.label) ?? 0) > 0) return { state: 'suits', label: advice.label, advice };
	if (advice.other !== undefined && (stockOf(advice.other) ?? 0) > 0)
		return { state: 'suits', label: advice.other, advice };
	return stockOf(advice.label) === undefined
		? { state: 'none' }
		: { state: 'sold-out', label: advice.label, advice };
}
