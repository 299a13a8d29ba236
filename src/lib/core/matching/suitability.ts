/** What keeps a client from a thing that is for sale: size, stock, limits, the day, the money. */
import { barsFor } from '../checks/bars';
import { marginDays } from '../lexicon/preparation';
import { boughtIn, converted, spendOf, withPostage, type Rates } from '../money/spend';
import type { Client } from '../model/client';
import type { Echo } from '../model/echo';
import type { Listing } from '../model/market';
import type { Item } from '../model/worn';
import { addDays, type Day } from '../time';
import type { Candidate } from './candidates';

/** The last day on which a thing may arrive to be worn on a day. */
export const latestArrival = (worn: Day): Day => addDays(worn, -marginDays);

export type Unsuitable =
	/** The shop makes no size for these measures. */
	| { kind: 'no-size' }
	/** The size is sold out; with the day on which it is expected again, where the shop tells. */
	| { kind: 'sold-out'; label: string; again?: Day }
	| { kind: 'limit'; words: string }
	| { kind: 'late'; arrives: Day }
	/** It costs more than is left, by so much. */
	| { kind: 'dear'; overMinor: number }
	/** Nobody knows what its price comes to in the studio's currency. */
	| { kind: 'no-rate'; currency: string };

export interface SuitabilityOptions {
	client: Client;
	today: Day;
	/** The day on which it is to be worn. */
	wornOn?: Day;
	/** What may still be spent, in the studio's currency. */
	leftMinor?: number;
	/** What is bought besides: whose postage is paid. */
	worn: readonly Item[];
	currency: string;
	rates: Rates;
}

/** An echo without what is chosen for an element. */
export const withoutElement = <E extends Pick<Echo, 'matches'>>(
	echo: E,
	elementId: string | undefined
): E => ({
	...echo,
	matches: echo.matches.filter(({ elementIds }) => elementId === undefined || !elementIds.includes(elementId))
});

/** By what a thing is bought for an echo: what is bought besides, and what is left to spend. Of an element, what is chosen for it is given back. */
export function buyingFor(
	echo: Pick<Echo, 'matches' | 'extras' | 'spendLimit'>,
	elementId: string | undefined,
	by: Omit<SuitabilityOptions, 'leftMinor' | 'worn'>
): SuitabilityOptions {
	const rest = withoutElement(echo, elementId);
	const { overLimitMinor } = spendOf(rest, by.currency, by.rates);
	return {
		...by,
		worn: boughtIn(rest),
		...(overLimitMinor !== undefined && { leftMinor: -overLimitMinor })
	};
}

const ofSize = ({ size, listing }: Candidate): Unsuitable[] => {
	if (size?.state === 'none') return [{ kind: 'no-size' }];
	if (size?.state !== 'sold-out') return [];
	const { label } = size;
	return [{ kind: 'sold-out', label, again: listing?.sizes.find((one) => one.label === label)?.again }];
};

function ofDay({ arrivesInDays }: Pick<Listing, 'arrivesInDays'>, options: SuitabilityOptions): Unsuitable[] {
	const arrives = addDays(options.today, arrivesInDays);
	const isLate = options.wornOn !== undefined && arrives > latestArrival(options.wornOn);
	return isLate ? [{ kind: 'late', arrives }] : [];
}

function ofMoney(item: Item, options: SuitabilityOptions): Unsuitable[] {
	const price = withPostage({ item }, options.worn);
	const own = price && converted(price, options.currency, options.rates);
	if (!price) return [];
	if (!own) return [{ kind: 'no-rate', currency: price.currency }];
	const over = options.leftMinor === undefined ? 0 : own.amountMinor - options.leftMinor;
	return over > 0 ? [{ kind: 'dear', overMinor: over }] : [];
}

/** Is a thing there in time, and for what is left? What is owned is. */
export const isInReach = (item: Item, options: SuitabilityOptions): boolean =>
	item.source !== 'listing' || [...ofDay(item.listing, options), ...ofMoney(item, options)].length === 0;

/** All that speaks against buying a candidate for a client; nothing where it suits. What is owned is never for sale. */
export function unsuitableFor(candidate: Candidate, options: SuitabilityOptions): Unsuitable[] {
	const { listing, garment } = candidate;
	if (!listing) return [];
	return [
		...ofSize(candidate),
		...barsFor(options.client, garment, { bought: listing })
			.filter(({ kind }) => kind !== 'look')
			.map(({ words }): Unsuitable => ({ kind: 'limit', words })),
		...ofDay(listing, options),
		...ofMoney(candidate.item, options)
	];
}
