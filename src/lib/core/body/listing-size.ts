import type { BodyMeasure } from '../lexicon/measures';
import { garmentType } from '../lexicon/taxonomy';
import type { Client } from '../model/client';
import type { FitNote } from '../model/fit-note';
import type { Garment } from '../model/garment';
import { sizesForAll, type Listing, type Shop, type SizeRow } from '../model/market';
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
	/** In stock, in sizes of which the shop gives no chart. */
	| { state: 'no-chart'; labels: string[] }
	/** The thing comes in one size, or is made to measure. */
	| { state: 'one-size'; label: string };

/** Families that some shops sell by waist and length. */
const byLength = ['trousers', 'jeans'];

/** The chart of a shop that garments of a type are sold by. */
export function chartFor({ sizeChart }: Pick<Shop, 'sizeChart'>, type: string): readonly SizeRow[] {
	const { slot, family } = garmentType(type);
	if (slot === 'feet') return sizeChart.shoes;
	return (byLength.includes(family) ? sizeChart.trousers : undefined) ?? sizeChart.clothes;
}

/** What is advised of a shop's sizes of a garment, by its chart and by what was tried of it. */
function adviceFor(
	client: Pick<Client, 'measurements'>,
	garment: Garment,
	shop: Shop,
	notes: readonly FitNote[]
): SizeAdvice {
	const of = sizedAs(garment);
	const memory = notes.filter((note) => note.shop === shop.name && note.of === of);
	return bestSize(client, chartFor(shop, garment.type), garment, memory);
}

/**
 * The labels of a shop in which a garment suits a client: the best, and the other one between two; none where the shop makes no
 * such size; undefined where a measure or the chart is missing.
 */
export function labelsFor(
	client: Pick<Client, 'measurements'>,
	garment: Garment,
	shop: Shop,
	notes: readonly FitNote[] = []
): string[] | undefined {
	if (chartFor(shop, garment.type).length === 0) return undefined;
	const advice = adviceFor(client, garment, shop, notes);
	if (advice.state === 'unknown') return undefined;
	return advice.state === 'none' ? [] : [advice.label, ...(advice.other === undefined ? [] : [advice.other])];
}

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
	if (only && listing.sizes.length === 1 && sizesForAll.includes(only.label))
		return only.inStock > 0
			? { state: 'one-size', label: only.label }
			: { state: 'sold-out', label: only.label };

	if (chartFor(shop, listing.garment.type).length === 0) {
		const labels = listing.sizes.filter(({ inStock }) => inStock > 0).map(({ label }) => label);
		return labels.length > 0
			? { state: 'no-chart', labels }
			: { state: 'sold-out', label: listing.sizes.map(({ label }) => label).join(', ') };
	}
	const advice = adviceFor(client, listing.garment, shop, notes);
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
