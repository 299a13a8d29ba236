import type { Money } from '../model/basics';

/**
 * What each wear has cost, or will: the price over the wears, to the nearest smallest unit (common practice). Undefined before it
 * was worn once.
 *
 * @param wears how often it was worn, or is expected to be
 * @example costPerWear({ amountMinor: 6000, currency: 'GBP' }, 8) // { amountMinor: 750, currency: 'GBP' }
 */
export const costPerWear = ({ amountMinor, currency }: Money, wears: number): Money | undefined =>
	wears >= 1 ? { amountMinor: Math.round(amountMinor / wears), currency } : undefined;
