import type { BodyMeasure } from '../lexicon/measures';
import type { SlotId } from '../lexicon/slots';
import { garmentType } from '../lexicon/taxonomy';
import type { Client } from '../model/client';
import type { Listing, Shop, SizeRow } from '../model/market';

export type SizeAdvice =
	/** The label that suits and is in stock. */
	| { state: 'suits'; label: string }
	/** The label that suits, but it is sold out. */
	| { state: 'sold-out'; label: string }
	/** The measures lie outside the shop's chart. */
	| { state: 'none' }
	/** Nothing to go by: the measure named here is missing. */
	| { state: 'unknown'; missing: BodyMeasure }
	/** The thing comes in one size. */
	| { state: 'one-size'; label: string };

/** The girth or length that decides the size of what is worn in a slot, with its column of a size chart. */
function governing(slot: SlotId) {
	if (slot === 'feet') return { measure: 'foot', column: 'footCm' } as const;
	if (slot === 'legs') return { measure: 'hip', column: 'hipCm' } as const;
	return { measure: 'bust', column: 'bustCm' } as const;
}

/**
 * Which size of a listing suits a client, by the shop's own chart: bust or chest for what hangs from the
 * shoulder, hip for bottoms, foot length for shoes (common practice). Worked out where the measures are kept.
 */
export function bestSize(client: Pick<Client, 'measurements'>, listing: Listing, shop: Shop): SizeAdvice {
	const [only] = listing.sizes;
	if (only && listing.sizes.length === 1 && only.label === 'one size')
		return only.inStock > 0
			? { state: 'one-size', label: only.label }
			: { state: 'sold-out', label: only.label };

	const { slot } = garmentType(listing.garment.type);
	const { measure, column } = governing(slot);
	const cm = client.measurements[measure];
	if (cm === undefined) return { state: 'unknown', missing: measure };
	const chart: SizeRow[] = slot === 'feet' ? shop.sizeChart.shoes : shop.sizeChart.clothes;
	const row = chart.find((entry) => {
		const range = entry[column];
		return range && cm >= range[0] && cm < range[1];
	});
	if (!row) return { state: 'none' };
	const size = listing.sizes.find(({ label }) => label === row.label);
	if (!size) return { state: 'none' };
	return size.inStock > 0 ? { state: 'suits', label: row.label } : { state: 'sold-out', label: row.label };
}
