import { moneyInWords, type LandedPrice, type Listing } from '$lib/core';
import { m } from '../../messages';

/** What a thing costs, and what it comes to until it hangs on the rail where that is more or less: "£40.00 (£43.95 in all)". */
export function priceInWords({ price }: Pick<Listing, 'price'>, landed?: LandedPrice): string {
	const isPriceAlone =
		landed?.total.currency === price.currency && landed.total.amountMinor === price.amountMinor;
	return (
		moneyInWords(price) +
		(landed && !isPriceAlone ? m.fitting.listing.landed(moneyInWords(landed.total)) : '')
	);
}
