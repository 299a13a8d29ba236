/** What a thing really costs until it hangs on the rail, line by line. */
import { allocate, dinero, toSnapshot } from 'dinero.js';
import type { Money } from '../model/basics';
import type { Listing, Shop } from '../model/market';

export type LandedKind = 'price' | 'markdown' | 'code' | 'postage' | 'duty' | 'conversion' | 'sent-back';

export interface LandedLine {
	kind: LandedKind;
	/** Less than 0 where it makes it cheaper. In the smallest unit of the currency of the whole. */
	amountMinor: number;
}

export interface LandedPrice {
	total: Money;
	/** In the order in which they are reckoned; they add up to the total exactly. Lines of 0 are left out. */
	lines: LandedLine[];
}

export interface LandedOptions {
	/** Share by which it is marked down, 0..1. */
	markdown?: number;
	/** A code, taken off after the markdown: a share of the price, or an amount of its currency. */
	code?: { share: number } | { amountMinor: number };
	/** Its share of the shop's postage, in the price's currency; see `postageShares`. */
	postageMinor?: number;
	/** Duty as a share of price and postage, 0..1 and more; nothing up to and with `dutyFreeMinor`. */
	duty?: number;
	dutyFreeMinor?: number;
	/** The studio's currency, and what one unit of the price's is worth in it. */
	into?: { currency: string; rate: number };
	/** What was given back for what went back, in the studio's currency; what sending it back cost is taken off it before. */
	sentBackMinor?: number;
}

/** An exact share of an amount, to the nearest smallest unit, halves up. */
const shareOf = (amountMinor: number, share: number) => Math.floor(amountMinor * share + 0.5);

/** What a shop's amount comes to with the duty that is charged on what it sends from abroad. */
export const withDuty = (amount: Money, { duty = 0 }: Pick<Shop, 'duty'>): Money => ({
	...amount,
	amountMinor: amount.amountMinor + shareOf(amount.amountMinor, duty)
});

/**
 * The price that counts (common practice): after markdown and code, with its share of the postage, duty and the
 * studio's currency, less what was given back. Each line is rounded to the smallest unit, so that the lines add up.
 *
 * @throws RangeError for shares and rates that are no numbers from 0 up, or a markdown beyond the whole price
 * @example landedPrice({ amountMinor: 5000, currency: 'GBP' }, { markdown: 0.2, postageMinor: 300 }).total // £43.00
 */
export function landedPrice(price: Money, options: LandedOptions = {}): LandedPrice {
	const {
		markdown = 0,
		code,
		postageMinor = 0,
		duty = 0,
		dutyFreeMinor = 0,
		into,
		sentBackMinor = 0
	} = options;
	const rate = into?.rate ?? 1;
	const shares = { markdown, duty, rate, ...(code && 'share' in code && { code: code.share }) };
	for (const [name, share] of Object.entries(shares))
		if (!(share >= 0) || !Number.isFinite(share)) throw new RangeError(`${name} must be a number from 0 up`);
	if (markdown > 1 || (code && 'share' in code && code.share > 1))
		throw new RangeError('nothing is marked down by more than its price');

	const off = shareOf(price.amountMinor, markdown);
	const reduced = price.amountMinor - off;
	const codeOff = code
		? Math.min(reduced, 'share' in code ? shareOf(reduced, code.share) : code.amountMinor)
		: 0;
	const goods = reduced - codeOff;
	const dutiable = goods + postageMinor;
	const dutyMinor = dutiable > dutyFreeMinor ? shareOf(dutiable, duty) : 0;
	const abroad: LandedLine[] = [
		{ kind: 'price', amountMinor: price.amountMinor },
		{ kind: 'markdown', amountMinor: -off },
		{ kind: 'code', amountMinor: -codeOff },
		{ kind: 'postage', amountMinor: postageMinor },
		{ kind: 'duty', amountMinor: dutyMinor }
	];
	const before = dutiable + dutyMinor;
	const converted = shareOf(before, rate);
	const lines: LandedLine[] = [
		...abroad,
		{ kind: 'conversion', amountMinor: converted - before },
		{ kind: 'sent-back', amountMinor: -sentBackMinor }
	];
	return {
		total: { amountMinor: converted - sentBackMinor, currency: into?.currency ?? price.currency },
		lines: lines.filter(({ kind, amountMinor }) => kind === 'price' || amountMinor !== 0)
	};
}

/**
 * Postage divided over the things of a parcel by their prices; the parts add up to it exactly, and equal prices bear equal parts but
 * for single units. By largest remainders, as dinero.js allocates.
 *
 * @param pricesMinor of the things in one parcel; where all are 0, each bears the same
 */
export function postageShares(pricesMinor: readonly number[], postage: Money): number[] {
	if (pricesMinor.length === 0) return [];
	const isFree = pricesMinor.every((price) => price === 0);
	const amount = dinero({
		amount: postage.amountMinor,
		currency: { code: postage.currency, base: 10, exponent: 2 }
	});
	return allocate(amount, isFree ? pricesMinor.map(() => 1) : [...pricesMinor]).map(
		(part) => toSnapshot(part).amount
	);
}

/**
 * What a thing for sale really costs, line by line from its usual price: markdown and code of the day, its share of the postage, duty, and
 * the studio's currency where there is a rate for it; else the shop's own.
 *
 * @param postageMinor its share, in the shop's currency; see `postageShares`
 */
export function landedPriceOf(
	{ price, reduced }: Pick<Listing, 'price' | 'reduced'>,
	{ duty }: Pick<Shop, 'duty'>,
	postageMinor: number,
	into?: { currency: string; rates: Readonly<Record<string, number>> }
): LandedPrice {
	const rate = into && into.currency !== price.currency ? into.rates[price.currency] : undefined;
	return landedPrice(reduced?.usual ?? price, {
		...(reduced && { markdown: reduced.markdown, code: reduced.code }),
		postageMinor,
		duty,
		...(into && rate !== undefined && { into: { currency: into.currency, rate } })
	});
}
